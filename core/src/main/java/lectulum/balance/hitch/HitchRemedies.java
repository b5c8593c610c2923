package lectulum.balance.hitch;

import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// A ball mount that levels it, spring bars that give back the half.
final class HitchRemedies {
    private HitchRemedies() {
    }

    static Stream<Remedy> of(Known known, HitchRules rule, Finding finding) {
        return switch (rule) {
            case HITCH_LEVEL -> Stream.of(level(known.design()));
            case BARS_REAR -> Stream.of(Mend.assumed(Assumption.BARS_RESTORED, 0.5,
                    Sentence.of("Bring back half of what the front axle lost")));
            case TORSION_HANGS, TORSION_OVER, RIDE_BOUNCE, BARS_AXLE, BARS_RATED -> Stream.empty();
        };
    }

    private static Remedy level(Design d) {
        double coupler = Assumed.value(d, Assumption.HITCH_COUPLER);
        return new Remedy(Sentence.of("A ball mount that brings the ball to {0}", Amount.m(coupler)),
                new Edit("Ball mount", x -> x.with(x.vehicle().withGeometry(x.vehicle().wheelbase(),
                        x.vehicle().overhang(), coupler))));
    }
}
