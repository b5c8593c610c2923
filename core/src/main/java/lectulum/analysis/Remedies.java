package lectulum.analysis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lectulum.balance.BalanceRules;
import lectulum.base.walls.WallRules;
import lectulum.discipline.Discipline;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.money.MoneyRules;
import lectulum.money.RangeRules;

/// Computes what would mend a finding. Every remedy is applied to a copy and all checks are run again: it is offered
/// only if it clears or softens the finding and raises no other, unless it takes over what was measured.
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
        return of(analysis, finding, () -> false);
    }

    /// @param stop ends the search early, with what was found till then
    public static List<Remedy> of(Analysis analysis, Finding finding, BooleanSupplier stop) {
        return of(analysis, finding, stop, some -> {
        });
    }

    /// @param stop  ends the search early, with what was found till then
    /// @param soFar is told what is found while the search goes on; those that come later stand behind it
    public static List<Remedy> of(Analysis analysis, Finding finding, BooleanSupplier stop,
            Consumer<List<Remedy>> soFar) {
        Map<String, Severity> known = known(analysis);
        List<Remedy> good = new ArrayList<>();
        Iterator<Remedy> all = candidates(analysis, finding).iterator();
        while (all.hasNext() && good.size() < MOST && !Thread.currentThread().isInterrupted() && !stop.getAsBoolean()) {
            List<Remedy> some = new ArrayList<>(AT_ONCE);
            while (all.hasNext() && some.size() < AT_ONCE) {
                some.add(all.next());
            }
            if (good.addAll(some.parallelStream().filter(r -> helps(analysis, known, finding, r)).toList())
                    && good.size() < MOST) {
                soFar.accept(List.copyOf(good));
            }
        }
        return List.copyOf(good.subList(0, Math.min(MOST, good.size())));
    }

    private static Stream<Remedy> candidates(Analysis analysis, Finding finding) {
        return Disciplines.ALL.stream().flatMap(d -> d.remedies(analysis, finding));
    }

    /// First by what follows at once on the stage of the finding and by the one discipline the finding is of, then by all
    /// others one by one: most candidates are dropped long before everything is worked out.
    private static boolean helps(Analysis before, Map<String, Severity> known, Finding finding, Remedy remedy) {
        Analysis after = before.peek(remedy.edit().apply(before.given()));
        if (remedy.measured()) {
            return !raises(after.unsound(), known) && softens(before, after, finding);
        }
        Predicate<Discipline<?>> near = d -> d.pace() == Discipline.Pace.HAND && d.stage() == finding.stage();
        return !raises(after.unsound(), known) && raisesNone(before, after, known, near)
                && softens(before, after, finding)
                && raisesNone(before, after, known, d -> d.pace() == Discipline.Pace.HAND)
                && raisesNone(before, after, known, d -> d.pace() == Discipline.Pace.REST);
    }

    private static boolean softens(Analysis before, Analysis after, Finding finding) {
        Optional<Discipline<?>> saying = before.saying(finding);
        List<Finding> findings = saying.<List<Finding>>map(d -> after.of(d).findings()).orElseGet(after::unsound);
        return softer(findings, finding)
                || saying.isPresent() && cutsFewer(before, finding, after.of(saying.get()).figures());
    }

    private static boolean raisesNone(Analysis before, Analysis after, Map<String, Severity> known,
            Predicate<Discipline<?>> asked) {
        for (Discipline<?> d : Disciplines.ALL) {
            if (asked.test(d) && after.of(d) != before.of(d) && (raises(after.of(d).findings(), known)
                    || after.kept(d).fault().isPresent())) {
                return false;
            }
        }
        return true;
    }

    /// What is said already, and how badly; doubt about a tongue that was surely wrong may come, and about a budget that surely was broken.
    private static Map<String, Severity> known(Analysis before) {
        Map<String, Severity> known = new HashMap<>();
        before.findings().forEach(f -> known.put(f.id(), f.severity()));
        if (known.containsKey(BalanceRules.BALANCE_TONGUE_SHARE.id())
                || known.containsKey(BalanceRules.BALANCE_TONGUE_LIFT.id())) {
            known.putIfAbsent(BalanceRules.BALANCE_TONGUE_DOUBT.id(), Severity.WARN);
        }
        if (known.containsKey(MoneyRules.MONEY_BUDGET.id())) {
            known.putIfAbsent(RangeRules.RANGE.id(), Severity.WARN);
        }
        return known;
    }

    /// Whether a finding is new or worse; notes may come.
    private static boolean raises(List<Finding> after, Map<String, Severity> known) {
        return after.stream().anyMatch(f -> {
            Severity was = known.get(f.id());
            return was == null ? f.severity() != Severity.NOTE : f.severity().compareTo(was) > 0;
        });
    }

    /// Whether an edit makes nothing worse of what the hand waits for.
    static boolean worsensNothing(Analysis before, Analysis after) {
        Map<String, Severity> known = known(before);
        return !raises(after.unsound(), known)
                && raisesNone(before, after, known, d -> d.pace() == Discipline.Pace.HAND);
    }

    /// Whether an edited design has a finding that is new or worse; the first one that is found ends the search.
    ///
    /// @param after of which nothing need be worked out yet
    static boolean raisesAny(Analysis before, Analysis after) {
        Map<String, Severity> known = known(before);
        return !worsensNothing(before, after)
                || !raisesNone(before, after, known, d -> d.pace() == Discipline.Pace.REST);
    }

    /// Whether a finding is gone, or milder.
    private static boolean softer(List<Finding> after, Finding finding) {
        return after.stream().filter(f -> f.says(finding.rule(), finding.about()))
                .allMatch(f -> f.severity().compareTo(finding.severity()) < 0);
    }

    /// A hole that cuts fewer members is better, though the finding stays.
    private static boolean cutsFewer(Analysis before, Finding finding, Figures after) {
        if (finding.rule() != WallRules.CUT_STUD) {
            return false;
        }
        String figure = "cut." + finding.about().key() + ".studs";
        return after.value(figure) < before.figures().value(figure);
    }
}
