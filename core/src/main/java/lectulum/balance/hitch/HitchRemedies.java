package lectulum.balance.hitch;

import java.util.stream.DoubleStream;
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
import lectulum.units.Quantity;

/// A ball mount that levels it, spring bars that give back the half.
final class HitchRemedies {
    private static final double STEP = 500;

    private HitchRemedies() {
    }

    static Stream<Remedy> of(Known known, HitchRules rule, Finding finding) {
        return switch (rule) {
            case HITCH_LEVEL, TORSION_HANGS, TORSION_OVER -> Stream.of(level(known.design()));
            case BARS_REAR -> Stream.of(Mend.assumed(Assumption.BARS_RESTORED, 0.5,
                    Sentence.of("Bring back half of what the front axle lost")));
            case BARS_RATED, BARS_AXLE -> Stream.concat(stronger(known, rule), looser(known.design()));
            case RIDE_BOUNCE -> Stream.empty();
        };
    }

    /// Bars that may press as they have to, to the next half kilonewton.
    private static Stream<Remedy> stronger(Known known, HitchRules rule) {
        double force = known.of(HitchStudies.DISCIPLINE).figures().find("bars.force")
                .map(f -> f.value().orElse(0)).orElse(0.0);
        double rated = Math.ceil(force / STEP) * STEP;
        return rule == HitchRules.BARS_RATED
                ? Stream.of(Mend.assumed(Assumption.BARS_RATED, rated, Sentence.of("Bars for {0}",
                        new Amount(rated, Quantity.FORCE))))
                : Stream.empty();
    }

    private static Stream<Remedy> looser(Design d) {
        return DoubleStream.of(0.4, 0.3, 0.2, 0.1).filter(k -> k < Assumed.value(d, Assumption.BARS_RESTORED))
                .mapToObj(k -> Mend.assumed(Assumption.BARS_RESTORED, k,
                        Sentence.of("Bring back {0} of what the front axle lost", Amount.share(k))));
    }

    private static Remedy level(Design d) {
        double coupler = Assumed.value(d, Assumption.HITCH_COUPLER);
        return new Remedy(Sentence.of("A ball mount that brings the ball to {0}", Amount.m(coupler)),
                new Edit("Ball mount", x -> x.with(x.vehicle().withGeometry(x.vehicle().wheelbase(),
                        x.vehicle().overhang(), coupler))));
    }
}
