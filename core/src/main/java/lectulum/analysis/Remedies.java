package lectulum.analysis;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;

/// Computes what would mend a finding. Every remedy is applied to a copy and all checks are run again: it is offered
/// only if it clears or softens the finding and raises no other.
///
/// Takes up to some hundreds of analyses, so it is asked for one finding at a time and off the interface thread.
public final class Remedies {
    private static final int MOST = 5;

    private Remedies() {
    }

    /// At most five remedies, best first; none where nothing computed helps.
    public static List<Remedy> of(Analysis analysis, Finding finding) {
        return candidates(analysis, finding).filter(r -> helps(analysis, finding, r)).limit(MOST).toList();
    }

    private static Stream<Remedy> candidates(Analysis analysis, Finding finding) {
        String id = finding.id();
        if (id.startsWith("layout.")) {
            return LayoutRemedies.of(analysis, id);
        }
        if (JourneyRemedies.knows(id)) {
            return JourneyRemedies.of(analysis, finding);
        }
        if (id.startsWith("balance.")) {
            return BalanceRemedies.of(analysis, id);
        }
        if (WorkshopRemedies.knows(id)) {
            return WorkshopRemedies.of(analysis, finding);
        }
        if (LivingRemedies.knows(id)) {
            return LivingRemedies.of(analysis, finding);
        }
        if (id.startsWith("power.") || id.startsWith("water.")) {
            return SupplyRemedies.of(analysis, id);
        }
        return Stream.empty();
    }

    /// First by a quick look that leaves out living, workshop and journey, then by a whole one.
    static boolean helps(Analysis before, Finding finding, Remedy remedy) {
        Design edited = remedy.edit().apply(before.given());
        boolean slow = Stream.of(before.living().findings(), before.workshop().findings(), before.journey().findings())
                .flatMap(List::stream)
                .anyMatch(f -> f.id().equals(finding.id()));
        return (slow || helps(before, finding, before.sketch(edited)))
                && helps(before, finding, before.next(edited));
    }

    private static boolean helps(Analysis before, Finding finding, Analysis after) {
        Map<String, Severity> known = new HashMap<>();
        before.findings().forEach(f -> known.put(f.id(), f.severity()));
        for (Finding f : after.findings()) {
            Severity was = known.get(f.id());
            boolean worse = was == null ? f.severity() != Severity.NOTE : f.severity().compareTo(was) > 0;
            if (worse) {
                return false;
            }
        }
        Optional<Finding> same = after.findings().stream().filter(f -> f.id().equals(finding.id())).findFirst();
        return same.isEmpty() || same.get().severity().compareTo(finding.severity()) < 0
                || cutsFewer(before, finding, after);
    }

    /// A hole that cuts fewer members is better, though the finding stays.
    private static boolean cutsFewer(Analysis before, Finding finding, Analysis after) {
        if (!finding.id().startsWith("cut.stud.")) {
            return false;
        }
        String figure = "cut." + finding.id().substring("cut.stud.".length()) + ".studs";
        return after.figures().value(figure) < before.figures().value(figure);
    }
}
