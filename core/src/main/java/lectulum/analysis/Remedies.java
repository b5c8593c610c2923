package lectulum.analysis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;

/// Computes what would mend a finding. Every remedy is applied to a copy and all checks are run again: it is offered
/// only if it clears or softens the finding and raises no other.
///
/// Takes up to some hundreds of analyses, several at once, so it is asked for one finding at a time and off the interface
/// thread; it ends early where that is interrupted.
public final class Remedies {
    private static final int MOST = 5;
    /// Judged side by side before the next are looked at: enough to keep a few cores busy, not so many that the fifth good
    /// one waits for a dozen.
    private static final int AT_ONCE = 4;

    private Remedies() {
    }

    /// At most five remedies, best first; none where nothing computed helps.
    public static List<Remedy> of(Analysis analysis, Finding finding) {
        List<Remedy> good = new ArrayList<>();
        Iterator<Remedy> all = candidates(analysis, finding).iterator();
        while (all.hasNext() && good.size() < MOST && !Thread.currentThread().isInterrupted()) {
            List<Remedy> some = new ArrayList<>(AT_ONCE);
            while (all.hasNext() && some.size() < AT_ONCE) {
                some.add(all.next());
            }
            good.addAll(some.parallelStream().filter(r -> helps(analysis, finding, r)).toList());
        }
        return List.copyOf(good.subList(0, Math.min(MOST, good.size())));
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

    /// First by a look at the one thing the finding hangs on, at last by everything.
    static boolean helps(Analysis before, Finding finding, Remedy remedy) {
        Design edited = remedy.edit().apply(before.given());
        Analysis quick = before.alone(edited, true);
        if (raisesAny(before, quick) || !Peek.softens(before, finding, quick)) {
            return false;
        }
        Analysis whole = before.alone(edited, false);
        return !raisesAny(before, whole) && (Peek.softer(whole.findings(), finding)
                || Peek.cutsFewer(before, finding, whole.figures().all().stream()));
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
}
