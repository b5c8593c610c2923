package lectulum.analysis;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.journey.Journey;
import lectulum.living.Living;

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

    /// First by a quick look, then by the one discipline that found it, at last by everything.
    static boolean helps(Analysis before, Finding finding, Remedy remedy) {
        Design edited = remedy.edit().apply(before.given());
        Analysis quick = before.sketch(edited);
        if (raisesAny(before, quick) || !softensThere(before, finding, quick)) {
            return false;
        }
        Analysis whole = before.next(edited);
        return !raisesAny(before, whole) && softens(before, finding, whole);
    }

    /// Whether the finding softens where it was found; a quick analysis has living, workshop and journey from before.
    private static boolean softensThere(Analysis before, Finding finding, Analysis quick) {
        if (has(before.living().findings(), finding)) {
            return softer(Living.of(quick.design(), quick.layout().bodies()).findings(), finding);
        }
        if (has(before.journey().findings(), finding)) {
            return softer(Journey.of(quick.design(), quick.layout(), quick.balance(), quick.water()).findings(),
                    finding);
        }
        return has(before.workshop().findings(), finding) || softens(before, finding, quick);
    }

    private static boolean has(List<Finding> findings, Finding finding) {
        return findings.stream().anyMatch(f -> f.id().equals(finding.id()));
    }

    private static boolean softer(List<Finding> after, Finding finding) {
        return after.stream().filter(f -> f.id().equals(finding.id()))
                .allMatch(f -> f.severity().compareTo(finding.severity()) < 0);
    }

    /// Whether a finding is new or worse; notes may come, and so may doubt about a tongue that was surely wrong before.
    static boolean raisesAny(Analysis before, Analysis after) {
        Map<String, Severity> known = new HashMap<>();
        before.findings().forEach(f -> known.put(f.id(), f.severity()));
        if (known.containsKey("balance.tongue-share") || known.containsKey("balance.tongue-lift")) {
            known.putIfAbsent("balance.tongue-doubt", Severity.WARN);
        }
        return after.findings().stream().anyMatch(f -> {
            Severity was = known.get(f.id());
            return was == null ? f.severity() != Severity.NOTE : f.severity().compareTo(was) > 0;
        });
    }

    private static boolean softens(Analysis before, Finding finding, Analysis after) {
        return softer(after.findings(), finding) || cutsFewer(before, finding, after);
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
