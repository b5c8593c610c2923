package lectulum.analysis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.ForkJoinPool;
import lectulum.analysis.soundness.Soundness;
import lectulum.balance.Balance;
import lectulum.balance.Journey;
import lectulum.design.Acceptance;
import lectulum.design.Design;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.layout.Layout;
import lectulum.layout.Living;
import lectulum.layout.score.LayoutScore;
import lectulum.layout.score.Score;
import lectulum.materials.Materials;
import lectulum.money.Money;
import lectulum.power.Power;
import lectulum.water.Water;

/// Everything that follows from a design: the results of all disciplines, their figures and findings.
///
/// @param given    the design as the user has it
/// @param design   the same with impossible numbers replaced, fit to be drawn
/// @param findings worst first, accepted ones marked
/// @param sketched whether `living`, `workshop` and `journey` are those of an earlier design
public record Analysis(Design given, Design design, Layout layout, Living living, Workshop workshop, Journey journey,
        Balance balance,
        Power power, Water water,
        Materials materials, Money money, Figures figures, List<Finding> findings, boolean sketched) {

    public static Analysis of(Design given) {
        return of(given, Optional.empty());
    }

    /// The analysis of a design that came from this one's by an edit: what reads only unchanged parts is kept.
    public Analysis next(Design edited) {
        return edited == given && !sketched ? this : of(edited, Optional.of(this));
    }

    /// Findings of one stage.
    public List<Finding> findings(Stage stage) {
        return findings.stream().filter(f -> f.stage() == stage).toList();
    }

    /// The worst that is open in a stage.
    public Optional<Severity> worst(Stage stage) {
        return findings.stream().filter(f -> f.stage() == stage && f.open()).map(Finding::severity)
                .max(java.util.Comparator.naturalOrder());
    }

    /// The same while something is being dragged: how people live in it is looked at again when the hand lets go.
    public Analysis sketch(Design edited) {
        return edited == given ? this : of(edited, Optional.of(this), true);
    }

    /// The score of the layout with all its parts.
    public Score score() {
        boolean stop = findings.stream().anyMatch(f -> f.open() && f.severity() == Severity.STOP);
        return LayoutScore.score(design, layout, living, balance, stop);
    }

    private static final Figures NONE = Figures.of(List.of());

    /// The same as [#next] and as [#sketch], on this thread alone: for whoever keeps all cores busy with many designs.
    ///
    /// @param quick living, workshop and journey are those of before
    Analysis alone(Design edited, boolean quick) {
        return of(edited, Optional.of(this), quick, Runnable::run);
    }

    /// What reads neither layout nor living: computed beside them on another core.
    private record Loads(Balance balance, Power power, Water water, Materials materials, Money money) {
        static Loads of(Design d, Optional<Analysis> sameThings, Optional<Analysis> sameBrief, Guarded guarded) {
            return new Loads(
                    guarded.run("balance", "Balance", Stage.BALANCE, () -> Balance.of(d),
                            () -> new Balance(List.of(), NONE, List.of())),
                    sameBrief.map(Analysis::power).orElseGet(() -> guarded.run("power", "Power", Stage.POWER,
                            () -> Power.of(d), () -> new Power(List.of(), NONE, List.of()))),
                    sameBrief.map(Analysis::water).orElseGet(() -> guarded.run("water", "Water", Stage.WATER,
                            () -> Water.of(d), () -> new Water(NONE, List.of()))),
                    sameThings.map(Analysis::materials).orElseGet(() -> guarded.run("materials", "The take-off",
                            Stage.MATERIALS, () -> Materials.of(d), () -> new Materials(List.of(), NONE))),
                    guarded.run("money", "Money", Stage.MONEY, () -> Money.of(d),
                            () -> new Money(List.of(), NONE, List.of())));
        }
    }

    /// The bare body, of which nothing is judged.
    private static Layout bare(Design d) {
        Layout empty = Layout.of(d.withThings(List.of()));
        return new Layout(empty.bodies(), empty.faults(), NONE, List.of());
    }

    private static Living empty(Design d, Layout layout) {
        Living l = Living.of(d.withThings(List.of()), layout.bodies());
        return new Living(l.sleeping(), l.exits(), l.openings(), l.motions(), l.passages(), l.standing(), l.keeping(),
                l.access(), l.setups(), l.poses(), l.comfort(), NONE, List.of());
    }

    private static Analysis of(Design given, Optional<Analysis> before) {
        return of(given, before, false);
    }

    /// Whether a discipline failed, so that nothing of this is to be used again.
    private boolean failed() {
        return findings.stream().anyMatch(f -> f.id().startsWith("analysis."));
    }

    private static Analysis of(Design given, Optional<Analysis> before, boolean sketched) {
        return of(given, before, sketched, ForkJoinPool.commonPool());
    }

    /// @param cores where what does not wait for each other is computed
    private static Analysis of(Design given, Optional<Analysis> earlier, boolean sketched, Executor cores) {
        Optional<Analysis> before = earlier.filter(b -> !b.failed());
        Soundness.Checked checked = Soundness.of(given, before.filter(b -> b.design == b.given).map(Analysis::given));
        Design d = checked.design();
        Optional<Analysis> sameThings = before.filter(b -> b.design.things() == d.things());
        Optional<Analysis> sameBrief = sameThings.filter(b -> b.design.brief() == d.brief());
        Guarded guarded = new Guarded();
        CompletableFuture<Loads> beside = CompletableFuture
                .supplyAsync(() -> Loads.of(d, sameThings, sameBrief, guarded), cores);
        Layout layout = sameThings.filter(b -> b.design.base() == d.base()).map(Analysis::layout)
                .orElseGet(() -> guarded.run("layout", "Layout", Stage.LAYOUT,
                        () -> before.filter(b -> b.design.base() == d.base())
                                .map(b -> Layout.of(d, b.layout.bodies())).orElseGet(() -> Layout.of(d)),
                        () -> bare(d)));
        boolean lived = sketched && before.isPresent()
                || sameBrief.filter(b -> b.layout == layout && !b.sketched && b.design.settings() == d.settings())
                        .isPresent();
        CompletableFuture<Living> life = lived
                ? CompletableFuture.completedFuture(before.orElseThrow().living)
                : CompletableFuture.supplyAsync(() -> guarded.run("living", "How people live in it", Stage.LAYOUT,
                        () -> Living.of(d, layout.bodies()), () -> empty(d, layout)), cores);
        Loads loads = beside.join();
        Balance balance = loads.balance;
        Workshop workshop = sketched && before.isPresent()
                ? before.orElseThrow().workshop
                : guarded.run("workshop", "What is measured, cut and hung", Stage.BASE,
                        () -> Workshop.of(d, layout, balance), () -> new Workshop(List.of(), NONE, List.of()));
        Journey journey = sketched && before.isPresent()
                ? before.orElseThrow().journey
                : guarded.run("journey", "Trip, camp and road", Stage.BALANCE,
                        () -> Journey.of(d, layout, balance, loads.water),
                        () -> new Journey(List.of(), NONE, List.of()));
        Living living = life.join();
        Figures figures = Figures
                .join(List.of(layout.figures(), living.figures(), workshop.figures(), balance.figures(),
                        journey.figures(),
                        loads.power.figures(), loads.water.figures(),
                        loads.materials.figures(), loads.money.figures()));
        List<Finding> findings = new ArrayList<>(checked.findings());
        findings.addAll(layout.findings());
        findings.addAll(living.findings());
        findings.addAll(workshop.findings());
        findings.addAll(balance.findings());
        findings.addAll(journey.findings());
        findings.addAll(loads.power.findings());
        findings.addAll(loads.water.findings());
        findings.addAll(loads.money.findings());
        findings.addAll(guarded.findings());
        boolean stop = findings.stream().anyMatch(
                f -> f.severity() == Severity.STOP
                        && given.accepted().stream().noneMatch(a -> a.finding().equals(f.id())));
        Figures score = guarded.run("score", "The score", Stage.LAYOUT,
                () -> LayoutScore.of(d, layout, living, balance, stop), () -> NONE);
        findings.addAll(guarded.findings().stream().filter(f -> !findings.contains(f)).toList());
        figures = Figures.join(List.of(figures, score));
        return new Analysis(given, d, layout, living, workshop, journey, balance, loads.power, loads.water,
                loads.materials, loads.money,
                figures,
                marked(findings, given.accepted()), sketched);
    }

    private static List<Finding> marked(List<Finding> findings, List<Acceptance> accepted) {
        Map<String, Acceptance> byFinding = new HashMap<>();
        accepted.forEach(a -> byFinding.put(a.finding(), a));
        return findings.stream().map(f -> byFinding.containsKey(f.id()) ? f.accepted(byFinding.get(f.id())) : f)
                .sorted(java.util.Comparator.comparing(Finding::open).reversed()
                        .thenComparing(Finding::severity, java.util.Comparator.reverseOrder()))
                .toList();
    }
}
