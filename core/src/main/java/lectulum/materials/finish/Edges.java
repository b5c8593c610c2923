package lectulum.materials.finish;

import java.util.ArrayList;
import java.util.List;
import lectulum.design.Design;
import lectulum.design.base.Shell;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.materials.skins.ShellSheets;
import lectulum.space.Body;
import lectulum.space.Solid;

/// Edges of the shell that are sealed and covered, each end to end \[m\].
///
/// @param roof  seams along and across the roof
/// @param trim  outer edges that a trim covers: both side walls round their top, and across front and rear of a body that has corners
///              there
/// @param frames of openings
record Edges(List<Double> roof, List<Double> trim, List<Double> frames) {

    Edges {
        roof = List.copyOf(roof);
        trim = List.copyOf(trim);
        frames = List.copyOf(frames);
    }

    static Edges of(Design d) {
        Body body = Body.of(d.base());
        double line = ShellSheets.roofLine(body);
        double width = 2 * body.halfWidth();
        double ends = body.roofOutside().at(0) + body.roofOutside().at(body.length());
        List<Double> trim = new ArrayList<>(List.of(line + ends, line + ends));
        if (!(d.base().shell() instanceof Shell.Profile)) {
            trim.addAll(List.of(width, width));
        }
        List<Double> frames = openings(d).stream().map(t -> {
            Solid s = Solid.of(t.size(), t.place());
            return 2 * (2 * Math.max(s.reachX(), s.reachY()) + t.size().height());
        }).toList();
        return new Edges(List.of(line, line, width, width), trim, frames);
    }

    static List<Thing> openings(Design d) {
        return d.things().stream().filter(t -> t.mount() == Mount.SET_IN && t.has(Feature.Opening.class)
                && !t.place().away()).toList();
    }

    static double sum(List<Double> lengths) {
        return lengths.stream().mapToDouble(x -> x).sum();
    }
}
