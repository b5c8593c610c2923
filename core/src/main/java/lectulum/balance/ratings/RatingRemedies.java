package lectulum.balance.ratings;

import java.util.stream.Stream;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// A braked axle.
final class RatingRemedies {
    private RatingRemedies() {
    }

    static Stream<Remedy> of(Known known, RatingRules rule, Finding finding) {
        return rule == RatingRules.BRAKES_NEEDED
                ? Stream.of(Mend.base(Sentence.of("Take a braked axle"), "Braked axle",
                        b -> b.with(b.axle().withBrakes(true))))
                : Stream.empty();
    }
}
