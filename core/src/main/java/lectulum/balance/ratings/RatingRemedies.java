package lectulum.balance.ratings;

import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.assumed.Assumption;
import lectulum.design.vehicle.Rating;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// A braked axle or a stronger one, tyres of a higher load index, a stronger coupling.
final class RatingRemedies {
    /// Axles are ordered in steps of that \[kg\].
    private static final double AXLE_STEP = 50;

    private RatingRemedies() {
    }

    static Stream<Remedy> of(Known known, RatingRules rule, Finding finding) {
        return switch (rule) {
            case BRAKES_NEEDED -> Stream.of(Mend.base(Sentence.of("Take a braked axle"), "Braked axle",
                    b -> b.with(b.axle().withBrakes(true))));
            case CHAIN_D -> known.of(RatingStudies.DISCIPLINE).figures().find("chain.d").map(f -> f.value().orElse(0))
                    .map(Math::ceil).map(d -> Mend.assumed(Assumption.COUPLER_D, d,
                            Sentence.of("A coupling with a D-value of {0} kN", Amount.count(d))))
                    .stream();
            case TYRES_RESERVE -> known.of(RatingStudies.DISCIPLINE).figures().find("tyres.index")
                    .map(f -> f.value().orElse(0)).filter(index -> index > 0)
                    .map(index -> Mend.assumed(Assumption.TYRE_INDEX, index,
                            Sentence.of("Tyres of load index {0}", Amount.count(index))))
                    .stream();
            case DRY_AXLE -> known.of(RatingStudies.DISCIPLINE).figures().find("dry.order")
                    .map(f -> Math.ceil(f.value().orElse(0) / AXLE_STEP) * AXLE_STEP).stream()
                    .map(mass -> Mend.base(Sentence.of("Order an axle for {0}", Amount.kg(mass)), "Stronger axle",
                            b -> b.with(Rating.AXLE, OptionalDouble.of(mass))));
            default -> Stream.empty();
        };
    }
}
