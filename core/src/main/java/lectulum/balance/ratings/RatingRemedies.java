package lectulum.balance.ratings;

import java.util.stream.Stream;
import lectulum.assumed.Assumption;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// A braked axle, a stronger coupling.
final class RatingRemedies {
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
            default -> Stream.empty();
        };
    }
}
