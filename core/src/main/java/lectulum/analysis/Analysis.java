package lectulum.analysis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import lectulum.balance.Balance;
import lectulum.design.Acceptance;
import lectulum.design.Design;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.journey.Journey;
import lectulum.layout.Layout;
import lectulum.living.Living;
import lectulum.materials.Materials;
import lectulum.money.Money;
import lectulum.power.Power;
import lectulum.water.Water;
import lectulum.workshop.Workshop;

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

    /// What reads neither layout nor living: computed beside them on another core.
    private record Loads(Balance balance, Power power, Water water, Materials materials, Money money) {
        static Loads of(Design d, Optional<Analysis> sameThings, Optional<Analysis> sameBrief) {
            return new Loads(Balance.of(d), sameBrief.map(Analysis::power).orElseGet(() -> Power.of(d)),
                    sameBrief.map(Analysis::water).orElseGet(() -> Water.of(d)),
                    sameThings.map(Analysis::materials).orElseGet(() -> Materials.of(d)), Money.of(d));
        }
    }

    private static Analysis of(Design given, Optional<Analysis> before) {
        return of(given, before, false);
    }

    private static Analysis of(Design given, Optional<Analysis> before, boolean sketched) {
        Soundness.Checked checked = Soundness.of(given, before.filter(b -> b.design == b.given).map(Analysis::given));
        Design d = checked.design();
        Optional<Analysis> sameThings = before.filter(b -> b.design.things() == d.things());
        Optional<Analysis> sameBrief = sameThings.filter(b -> b.design.brief() == d.brief());
        CompletableFuture<Loads> beside = CompletableFuture.supplyAsync(() -> Loads.of(d, sameThings, sameBrief));
        Layout layout = sameThings.filter(b -> b.design.base() == d.base()).map(Analysis::layout)
                .orElseGet(() -> before.filter(b -> b.design.base() == d.base())
                        .map(b -> Layout.of(d, b.layout.bodies())).orElseGet(() -> Layout.of(d)));
        boolean lived = sketched && before.isPresent()
                || sameBrief.filter(b -> b.layout == layout && !b.sketched && b.design.settings() == d.settings())
                        .isPresent();
        CompletableFuture<Living> life = lived
                ? CompletableFuture.completedFuture(before.orElseThrow().living)
                : CompletableFuture.supplyAsync(() -> Living.of(d, layout.bodies()));
        Loads loads = beside.join();
        Balance balance = loads.balance;
        Workshop workshop = sketched && before.isPresent()
                ? before.orElseThrow().workshop
                : Workshop.of(d, layout, balance);
        Journey journey = sketched && before.isPresent()
                ? before.orElseThrow().journey
                : Journey.of(d, layout, balance, loads.water);
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
        boolean stop = findings.stream().anyMatch(
                f -> f.severity() == Severity.STOP
                        && given.accepted().stream().noneMatch(a -> a.finding().equals(f.id())));
        figures = Figures.join(List.of(figures, LayoutScore.of(d, layout, living, balance, stop)));
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
