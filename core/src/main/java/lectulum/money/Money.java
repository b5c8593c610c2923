package lectulum.money;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import lectulum.design.Design;
import lectulum.design.thing.Cost;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Band;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Verdict;
import lectulum.figures.Working;
import lectulum.units.Quantity;

/// What the build costs: planned, paid, and the forecast, which takes the price paid where something is bought and the
/// planned price where it is not.
///
/// @param groups sums by system, the base first under null
public record Money(List<Group> groups, Figures figures, List<Finding> findings) implements Result {

    public static final Discipline<Money> DISCIPLINE = new Discipline<>("money", "Money", Stage.MONEY,
            Discipline.Pace.HAND, in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS)),
            () -> new Money(List.of(), Figures.NONE, List.of())).checking(MoneyRules.class);

    /// Sums of one system.
    ///
    /// @param label    name of the system, or the base
    /// @param planned  expected before anything was bought
    /// @param paid     paid so far
    /// @param forecast expected now
    public record Group(String label, double planned, double paid, double forecast) {
        private Group plus(Cost cost) {
            return new Group(label, planned + cost.planned(), paid + cost.paid().orElse(0),
                    forecast + cost.forecast());
        }
    }

    public static Money of(Design design) {
        Map<SystemGroup, Group> bySystem = new EnumMap<>(SystemGroup.class);
        for (Thing thing : design.things()) {
            bySystem.merge(thing.system(), new Group(thing.system().label(), 0, 0, 0).plus(thing.cost()),
                    (a, b) -> a.plus(thing.cost()));
        }
        List<Group> groups = new ArrayList<>();
        groups.add(new Group("Base", 0, 0, 0).plus(design.base().cost()));
        groups.addAll(bySystem.values());
        double planned = groups.stream().mapToDouble(Group::planned).sum();
        double paid = groups.stream().mapToDouble(Group::paid).sum();
        double forecast = groups.stream().mapToDouble(Group::forecast).sum();
        OptionalDouble budget = design.brief().budget();
        List<Figure> figures = new ArrayList<>();
        figures.add(sum("money.planned", "Planned", planned, groups.size()));
        figures.add(sum("money.paid", "Paid", paid, groups.size()));
        figures.add(forecast(forecast, planned, paid, budget));
        figures.add(left(budget, forecast));
        bySystem.forEach((system, group) -> figures
                .add(sum("money." + system.name().toLowerCase(Locale.ROOT) + ".forecast", group.label() + ", forecast",
                        group.forecast(), 1)));
        return new Money(List.copyOf(groups), Figures.of(figures), findings(groups, budget, forecast));
    }

    private static Figure sum(String id, String label, double value, int groups) {
        return Figure.of(id, label, value, Quantity.MONEY, new Working("Σ lines, each in one group",
                Sentence.of("{0} groups: {1}", groups, Amount.money(value)), List.of(), "sum"));
    }

    private static Figure forecast(double forecast, double planned, double paid, OptionalDouble budget) {
        Band band = budget.isPresent()
                ? Band.atMost(forecast, budget.getAsDouble(),
                        Sentence.of("paid {0} of {1}", Amount.money(paid), Amount.money(budget.getAsDouble())))
                : new Band(Double.NaN, Double.NaN, Verdict.NONE, Sentence.of("paid {0}", Amount.money(paid)));
        return Figure.of("money.forecast", "Cost", forecast, Quantity.MONEY, new Working(
                "Σ (paid where bought, planned where not)",
                Sentence.of("{0} paid + {1} still to pay = {2}", Amount.money(paid), Amount.money(forecast - paid),
                        Amount.money(forecast)),
                List.of(Sentence.of("Planned before the first purchase: {0}", Amount.money(planned))), "sum"))
                .with(band);
    }

    private static Figure left(OptionalDouble set, double forecast) {
        double budget = set.orElse(0);
        var working = new Working("budget − forecast", Sentence.of("{0} − {1} = {2}", Amount.money(budget),
                Amount.money(forecast), Amount.money(budget - forecast)), List.of(), "sum");
        return set.isPresent()
                ? Figure.of("money.left", "Budget left", budget - forecast, Quantity.MONEY, working)
                : Figure.absent("money.left", "Budget left", Quantity.MONEY, "no budget is set", working);
    }

    private static List<Finding> findings(List<Group> groups, OptionalDouble set, double forecast) {
        if (set.isEmpty() || forecast <= set.getAsDouble()) {
            return List.of();
        }
        double budget = set.getAsDouble();
        Group largest = groups.stream().max(java.util.Comparator.comparingDouble(Group::forecast)).orElseThrow();
        return List.of(Finding.of(MoneyRules.MONEY_BUDGET, Subject.WHOLE, Severity.WARN,
                Sentence.of("The build costs {0} more than the budget", Amount.money(forecast - budget)),
                Sentence.of("Forecast {0}, budget {1}. The largest part is {2} with {3}.", Amount.money(forecast),
                        Amount.money(budget), largest.label(), Amount.money(largest.forecast())),
                List.of()));
    }
}
