package lectulum.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.space.Body;
import lectulum.space.Solid;

/// The camper cut across at one place, seen from behind: walls, floor, roof, and what the cut meets.
///
/// @param x      of the cut behind the foremost point of the body \[m\]
/// @param clear  clear outline \[y, z\], from the left foot over the roof to the right foot \[m\]
/// @param inside ids of things the cut goes through, far ones first
public record CrossSection(double x, List<double[]> clear, List<Cut> inside) {

    /// A thing where it is cut.
    public record Cut(String thing, double y1, double y2, double z1, double z2) {
    }

    public static CrossSection at(Design design, Body body, Mode mode, double x) {
        Base base = design.base();
        double top = body.open() ? base.shell().height() : body.clearHeight(x, x);
        List<double[]> clear = new ArrayList<>();
        for (double z : new double[]{0, top / 2, top}) {
            clear.add(new double[]{-Math.max(0, body.clearLeft(x, z)), z});
        }
        for (double z : new double[]{top, top / 2, 0}) {
            clear.add(new double[]{Math.max(0, body.clearRight(x, z)), z});
        }
        List<Cut> cuts = new ArrayList<>();
        for (Thing t : design.things()) {
            Solid s = Solid.of(t.size(), t.at(mode));
            if (t.mount() != Mount.SPREAD && !t.at(mode).away() && s.minX() < x && s.maxX() > x) {
                cuts.add(new Cut(t.id(), s.minY(), s.maxY(), s.z1(), s.z2()));
            }
        }
        cuts.sort(Comparator.comparingDouble(c -> -(c.y2 - c.y1) * (c.z2 - c.z1)));
        return new CrossSection(x, clear, cuts);
    }

    /// The smallest thing at a place of the cut.
    public Optional<String> pick(double y, double z) {
        return inside.reversed().stream().filter(c -> y >= c.y1 && y <= c.y2 && z >= c.z1 && z <= c.z2).map(Cut::thing)
                .findFirst();
    }
}
