package lectulum.layout.outside;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.space.Contents;
import lectulum.space.Solid;

/// An awning whose edge hangs lower, a ladder set where it is safe.
final class OutsideRemedies {
    private OutsideRemedies() {
    }

    static Stream<Remedy> of(Known known, OutsideRules rule, Finding finding) {
        Design d = known.design();
        Optional<Thing> thing = finding.things().stream().flatMap(t -> d.thing(t).stream()).findFirst();
        return switch (rule) {
            case OUT_LADDER -> thing.stream().flatMap(t -> t.feature(Feature.FoldOut.class).stream()
                    .map(f -> Mend.feature(t, f.set(f.drop(), ladder(d, t)),
                            Sentence.of("Set the ladder's foot {0} out", Amount.m(ladder(d, t))))));
            case OUT_PITCH, OUT_POLE, OUT_DOOR -> lower(thing);
            case OUT_FIRE -> finding.things().stream().skip(1).flatMap(t -> d.thing(t).stream())
                    .flatMap(cloth -> thing.stream().flatMap(fire -> clear(d, fire, cloth)));
            case OUT_LIMIT_WIDTH, OUT_LIMIT_HEIGHT, OUT_LIMIT_GARAGE, OUT_LIMIT_DEEP, OUT_LIMIT_DOOR,
                    OUT_LIMIT_BRANCH ->
                Stream.empty();
        };
    }

    /// The fire moved straight away from the cloth, the shortest way first.
    private static Stream<Remedy> clear(Design d, Thing fire, Thing cloth) {
        return cloth.feature(Feature.FoldOut.class).stream().flatMap(f -> {
            double least = Assumed.value(d, Assumption.AWNING_STOVE);
            Solid s = Solid.of(fire.sizeIn(Mode.CAMP), fire.at(Mode.CAMP));
            double[] place = OutsideStudies.footprint(Solid.of(cloth.size(), cloth.at(Mode.CAMP)), f);
            return Stream.of(new double[]{s.maxX() - (place[0] - least), -1, 0},
                    new double[]{place[2] + least - s.minX(), 1, 0}, new double[]{s.maxY() - (place[1] - least), 0, -1},
                    new double[]{place[3] + least - s.minY(), 0, 1}).filter(way -> way[0] > 0)
                    .sorted(Comparator.comparingDouble(way -> way[0]))
                    .map(way -> Contents.shift(fire, Mode.CAMP, Math.ceil(100 * way[0] - 1e-6) / 100, way[1], way[2],
                            0));
        });
    }

    private static Stream<Remedy> lower(Optional<Thing> thing) {
        return thing.stream().flatMap(t -> t.feature(Feature.FoldOut.class).stream()
                .flatMap(f -> DoubleStream.of(0.1, 0.2, 0.3, 0.4, 0.5, 0.6).mapToObj(more -> Mend.feature(t,
                        f.set(f.drop() + more, f.ladder()),
                        Sentence.of("Drop its edge by {0}", Amount.m(f.drop() + more))))));
    }

    private static double ladder(Design d, Thing t) {
        double rail = OutsideStudies.ladderTop(d, t);
        double slope = (Assumed.value(d, Assumption.LADDER_LOW) + Assumed.value(d, Assumption.LADDER_HIGH)) / 2;
        return Math.round(rail / Math.tan(slope) * 100) / 100.0;
    }
}
