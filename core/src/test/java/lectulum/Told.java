package lectulum;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import lectulum.analysis.Analysis;
import lectulum.analysis.Disciplines;
import lectulum.analysis.Remedies;
import lectulum.design.Design;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Rule;
import lectulum.figures.Stage;
import lectulum.units.Style;

/// What the whole analysis tells about a design, as tests ask for it.
public final class Told {
    private Told() {
    }

    public static Optional<Finding> finding(Design d, String id) {
        return Analysis.of(d).findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    /// Title and detail of a finding, in metric units and with plain spaces; a failure that lists all findings where it is
    /// not among them.
    public static String says(Design d, String id) {
        Finding f = finding(d, id).orElseThrow(() -> new AssertionError("no " + id + " among "
                + Analysis.of(d).findings().stream().map(Finding::id).toList()));
        return (f.title().text(Style.PLAIN) + ". " + f.detail().text(Style.PLAIN)).replace('\u00a0', ' ');
    }

    /// SI value of a figure, NaN where it is absent.
    public static double value(Design d, String figure) {
        return Analysis.of(d).figures().value(figure);
    }

    /// Everything worked out for the pages of a stage.
    public static List<Study> studies(Analysis a, Stage stage) {
        return Disciplines.ALL.stream().map(d -> a.of(d)).filter(Studies.class::isInstance).map(Studies.class::cast)
                .flatMap(s -> s.all().stream()).filter(s -> s.stage() == stage).toList();
    }

    /// After the best remedy of a finding.
    public static Design mended(Design d, String id) {
        return Remedies.of(Analysis.of(d), finding(d, id).orElseThrow()).getFirst().edit().apply(d);
    }

    public static boolean raises(Analysis a, Rule rule) {
        return a.findings().stream().anyMatch(f -> f.rule() == rule);
    }

    public static boolean raises(Design d, Rule rule) {
        return raises(Analysis.of(d), rule);
    }

    /// Every remedy that is offered takes away what it is for, and there is one.
    public static void everyRemedyMends(Analysis a, Rule rule) {
        everyRemedy(a, rule, (f, left) -> true);
    }

    /// Every remedy that is offered takes away what it is for or makes it milder, and there is one.
    public static void everyRemedySoftens(Analysis a, Rule rule) {
        everyRemedy(a, rule, (f, left) -> left.severity().compareTo(f.severity()) >= 0);
    }

    private static void everyRemedy(Analysis a, Rule rule, BiPredicate<Finding, Finding> stands) {
        Finding f = a.findings().stream().filter(x -> x.rule() == rule).findFirst().orElseThrow();
        List<Remedy> remedies = Remedies.of(a, f);
        assertThat(remedies).as(f.title().text(Style.PLAIN)).isNotEmpty();
        for (Remedy r : remedies) {
            assertThat(Analysis.of(r.edit().apply(a.given())).findings()).as(r.says().text(Style.PLAIN))
                    .noneMatch(x -> x.id().equals(f.id()) && stands.test(f, x));
        }
    }
}
