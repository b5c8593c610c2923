package lectulum.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lectulum.design.Design;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.units.Style;

/// That a check is silent before the change that it is for, and says something that can be read after it.
final class Provoked {
    private Provoked() {
    }

    static void byWhatItIsFor(String rule, Design before, Design after) {
        assertThat(said(before, rule)).as("before").isEmpty();
        assertThat(said(after, rule)).isNotEmpty().allSatisfy(f -> {
            assertThat(f.title().text(Style.PLAIN)).isNotBlank().doesNotContain("{", "NaN", "null");
            assertThat(f.detail().text(Style.PLAIN)).isNotBlank().doesNotContain("{", "NaN", "null");
            assertThat(f.severity()).isIn((Object[]) Severity.values());
        });
        Analysis analysis = Analysis.of(after);
        proposed(analysis, said(after, rule).getFirst());
    }

    /// What is proposed can be read and changes something, whether it helps here or not.
    private static void proposed(Analysis analysis, Finding f) {
        List<Remedy> tried = Disciplines.ALL.stream().flatMap(d -> d.remedies(analysis, f)).limit(12).toList();
        assertThat(f.rule().byHand().isPresent() && !tried.isEmpty()).as("what is done by hand is not offered")
                .isFalse();
        tried.forEach(r -> {
            assertThat(r.says().text(Style.PLAIN)).isNotBlank().doesNotContain("{", "NaN", "null", " 1 days", "  ");
            assertThat(r.edit().apply(analysis.given())).as(r.says().text(Style.PLAIN)).isNotNull()
                    .isNotEqualTo(analysis.given());
        });
    }

    private static List<Finding> said(Design d, String rule) {
        return Analysis.of(d).findings().stream().filter(f -> f.rule().id().equals(rule)).toList();
    }
}
