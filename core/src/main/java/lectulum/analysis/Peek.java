package lectulum.analysis;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.balance.Journey;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.figures.drawing.Study;
import lectulum.layout.Living;

/// Whether a finding softens in an edited design, by the least that has to be worked out to tell: one passage, the doors of
/// one thing, the studies of one topic. What passes here is then judged by everything.
final class Peek {
    private static final String PASSAGE = "passage.narrow.";
    private static final String MOTION = "motion.blocked.";

    private Peek() {
    }

    /// @param quick of the edited design, with living, workshop and journey from before
    static boolean softens(Analysis before, Finding finding, Analysis quick) {
        if (finding.id().startsWith(PASSAGE)) {
            return passage(finding, quick);
        }
        if (finding.id().startsWith(MOTION) && finding.severity() == Severity.WARN) {
            return moves(finding.id().substring(MOTION.length()), quick);
        }
        if (has(before.living().findings(), finding)) {
            return softer(Living.of(quick.design(), quick.layout().bodies()).findings(), finding);
        }
        Design d = quick.design();
        Optional<Study.Topic> travelled = topic(before.journey().studies(), finding);
        if (travelled.isPresent()) {
            return softens(before, finding,
                    Journey.about(travelled.get(), d, quick.layout(), quick.balance(), quick.water()));
        }
        Optional<Study.Topic> built = topic(before.workshop().studies(), finding);
        if (built.isPresent()) {
            return softens(before, finding, Workshop.about(built.get(), d, quick.layout(), quick.balance()));
        }
        return softer(quick.findings(), finding) || cutsFewer(before, finding, quick.figures().all().stream());
    }

    private static boolean softens(Analysis before, Finding finding, List<Study> after) {
        return softer(after.stream().flatMap(s -> s.findings().stream()).toList(), finding)
                || cutsFewer(before, finding, after.stream().flatMap(s -> s.figures().stream()));
    }

    private static Optional<Study.Topic> topic(List<Study> studies, Finding finding) {
        return studies.stream().filter(s -> has(s.findings(), finding)).map(Study::topic).findFirst();
    }

    private static boolean passage(Finding finding, Analysis quick) {
        Mode mode = Mode.valueOf(finding.id().substring(PASSAGE.length()).toUpperCase(Locale.ROOT));
        Optional<Living.Way> way = Living.passage(quick.design(), quick.layout().bodies().get(mode), mode);
        double wanted = Assumed.value(quick.design(),
                finding.severity() == Severity.STOP ? "passage.stop" : "passage.warn");
        return way.isEmpty() || way.get().width() >= wanted;
    }

    private static boolean moves(String thing, Analysis quick) {
        return Arrays.stream(Mode.values())
                .flatMap(m -> Living.motions(quick.design(), quick.layout().bodies().get(m), m).stream())
                .noneMatch(m -> m.thing().equals(thing) && m.hinders());
    }

    private static boolean has(List<Finding> findings, Finding finding) {
        return findings.stream().anyMatch(f -> f.id().equals(finding.id()));
    }

    /// Whether a finding is gone, or milder.
    static boolean softer(List<Finding> after, Finding finding) {
        return after.stream().filter(f -> f.id().equals(finding.id()))
                .allMatch(f -> f.severity().compareTo(finding.severity()) < 0);
    }

    /// A hole that cuts fewer members is better, though the finding stays.
    static boolean cutsFewer(Analysis before, Finding finding, Stream<Figure> after) {
        if (!finding.id().startsWith("cut.stud.")) {
            return false;
        }
        String figure = "cut." + finding.id().substring("cut.stud.".length()) + ".studs";
        return after.filter(f -> f.id().equals(figure))
                .anyMatch(f -> f.value().orElse(Double.NaN) < before.figures().value(figure));
    }
}
