package lectulum.balance.hitch;

import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.Rig;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.units.Quantity;

/// Springs that suit the load, a ball mount that levels it, spring bars that give back the half.
final class HitchRemedies {
    private static final double STEP = 500;
    private static final double RATE_STEP = 500;

    private HitchRemedies() {
    }

    static Stream<Remedy> of(Known known, HitchRules rule, Finding finding) {
        return switch (rule) {
            case HITCH_LEVEL, TORSION_HANGS, TORSION_OVER -> Stream.of(level(known.design()));
            case BARS_REAR -> Stream.of(Mend.assumed(Assumption.BARS_RESTORED, 0.5,
                    Sentence.of("Bring back half of what the front axle lost")));
            case BARS_RATED, BARS_AXLE -> Stream.concat(stronger(known, rule), looser(known.design()));
            case RIDE_BOUNCE -> sprung(known);
        };
    }

    /// Springs that rock in the middle of the good band, to half a newton a millimetre: their rate goes with the square
    /// of the frequency, nearly, for the tyres give way too.
    private static Stream<Remedy> sprung(Known known) {
        Design d = known.design();
        double middle = (Assumed.value(d, Assumption.BOUNCE_LOW) + Assumed.value(d, Assumption.BOUNCE_HIGH)) / 2;
        double now = known.of(HitchStudies.DISCIPLINE).figures().find("ride.frequency").map(f -> f.value().orElse(0))
                .orElse(0.0);
        Optional<Rig> rig = known.of(Rig.DISCIPLINE).rig();
        Assumed.Entry entry = Assumed.entry(Assumption.SPRING_SIDE);
        return rig.filter(r -> now > 0).stream().flatMap(r -> {
            double aim = r.wheelRate() * Math.pow(middle / now, 2);
            double rate = aim < r.tyreRate() ? aim * r.tyreRate() / (r.tyreRate() - aim) : entry.high();
            double round = Math.round(rate / RATE_STEP) * RATE_STEP;
            return round > 0 && round <= entry.high()
                    ? Stream.of(Mend.assumed(Assumption.SPRING_SIDE, round, Sentence.of("Springs of {0} on each side",
                            new Amount(round, Quantity.STIFFNESS))))
                    : Stream.<Remedy>empty();
        });
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
