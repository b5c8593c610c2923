package lectulum.base.walls;

import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.kernel.beams.WallCut;
import lectulum.space.Bodies;
import lectulum.space.Contents;
import lectulum.space.Faces;
import lectulum.space.Solid;

/// A hole or a hung thing moved along its wall, onto members or between them.
final class WallRemedies {
    private WallRemedies() {
    }

    static Stream<Remedy> of(Known known, WallRules rule, Finding finding) {
        return finding.things().stream().limit(1).flatMap(t -> known.design().thing(t).stream())
                .flatMap(t -> alongTheWall(known, t));
    }

    private static Stream<Remedy> alongTheWall(Known known, Thing t) {
        Design d = known.design();
        Carcass.Face face = Faces.of(known.of(Bodies.DISCIPLINE).road(), t, Mode.ROAD);
        Carcass.Framing f = d.base().carcass().framing().get(face);
        Solid s = Solid.of(t.size(), t.place());
        if (t.has(Feature.Screwed.class)) {
            face = t.feature(Feature.Screwed.class).orElseThrow().to();
            f = d.base().carcass().framing().get(face);
        }
        boolean across = face == Carcass.Face.FRONT || face == Carcass.Face.REAR;
        Stream<Double> shifts = Stream.of(0.05, -0.05, 0.1, -0.1, 0.15, -0.15, 0.2, -0.2, 0.3, -0.3, 0.4, -0.4);
        if (f != null && !f.studs().isEmpty()) {
            double from = across ? s.minY() : s.minX();
            double to = across ? s.maxY() : s.maxX();
            WallCut cut = new WallCut(f.studs().stream().mapToDouble(x -> x).toArray(), f.width(), WallCut.GAP);
            double best = cut.best(from, to, -20, 20).by();
            double onto = Mounts.shift(f, s, Assumed.value(d, Assumption.STUD_EDGE)).orElse(0.0);
            double row = Mounts.ontoMembers(d, t).orElse(0.0);
            shifts = Stream.concat(Stream.of(row, best, onto).filter(x -> Math.abs(x) > 1e-4), shifts);
        }
        return shifts.map(by -> across
                ? Contents.shift(t, Mode.ROAD, Math.abs(by), 0, Math.signum(by), 0)
                : Contents.shift(t, Mode.ROAD, Math.abs(by), Math.signum(by), 0, 0));
    }
}
