package lectulum.layout.outside;

import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

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
            case OUT_LIMIT_WIDTH, OUT_LIMIT_HEIGHT, OUT_LIMIT_GARAGE, OUT_LIMIT_DEEP, OUT_LIMIT_DOOR,
                    OUT_LIMIT_BRANCH ->
                Stream.empty();
        };
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
