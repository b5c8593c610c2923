package lectulum.money;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Cost;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Band;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Verdict;
import lectulum.figures.Working;
import lectulum.units.Quantity;

/// What the build costs: planned, paid, ordered, and the forecast, which takes receipts where there are any, else the price paid
/// where something is bought and the planned price where it is not.
///
/// @param lines  of the bill
/// @param groups sums by system or by kind, the base first
public record Money(List<Line> lines, List<Group> groups, Figures figures, List<Finding> findings) implements Result {

    public static final Discipline<Money> DISCIPLINE = new Discipline<>("money", "Money", Stage.MONEY,
            Discipline.Pace.HAND,
            in -> of(in.unplaced(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.PURSE)),
            () -> new Money(List.of(), List.of(), Figures.NONE, List.of()))
            .checking(MoneyRules.class, Money::remedies);
    private static final String FREIGHT = "Freight and fees";
    private static final double CENT = 0.005;

    /// Sums of one system.
    ///
    /// @param label    name of the system, or the base
    /// @param planned  expected before anything was bought
    /// @param paid     paid so far
    /// @param forecast expected now
    public record Group(String label, double planned, double paid, double forecast) {
    }

    public static Money of(Design design) {
        List<Line> lines = Lines.of(design);
        double freight = Lines.freight(design);
        double carried = Lines.freight(design, s -> s == Receipt.State.PAID).doubleValue();
        Map<String, List<Line>> by = new LinkedHashMap<>();
        by.put(Lines.BASE, new ArrayList<>());
        for (SystemGroup system : SystemGroup.values()) {
            by.put(system.label(), new ArrayList<>());
        }
        lines.forEach(l -> by.computeIfAbsent(l.group(), k -> new ArrayList<>()).add(l));
        by.values().removeIf(of -> of.stream().allMatch(l -> l.planned() == 0 && l.forecast() == 0));
        List<Group> groups = new ArrayList<>();
        by.forEach((label, of) -> groups.add(new Group(label, sum(of, Line::planned), sum(of, Line::paid),
                sum(of, Line::forecast))));
        if (freight > 0) {
            groups.add(new Group(FREIGHT, freight, carried, freight));
        }
        Sums s = new Sums(plus(sum(lines, Line::planned), freight), plus(sum(lines, Line::paid), carried),
                plus(sum(lines, Line::ordered),
                        Lines.freight(design, x -> x == Receipt.State.ORDERED).doubleValue()),
                plus(sum(lines, Line::forecast), freight), sum(lines, Line::fair));
        OptionalDouble budget = design.brief().budget();
        List<Figure> figures = new ArrayList<>();
        figures.add(sum("money.planned", "Planned", s.planned, groups.size()));
        figures.add(sum("money.paid", "Paid", s.paid, groups.size()));
        figures.add(sum("money.ordered", "Ordered, not paid", s.ordered, groups.size()));
        figures.add(forecast(s, budget));
        figures.add(left(budget, s.forecast));
        figures.add(Figure.of("money.replacement", "What it would cost anew", plus(s.forecast, s.fair), Quantity.MONEY,
                new Working("cost + fair value of gifts and own parts", Sentence.of("{0} + {1}",
                        Amount.money(s.forecast), Amount.money(s.fair)), List.of(), "sum")));
        for (SystemGroup system : SystemGroup.values()) {
            groups.stream().filter(g -> g.label.equals(system.label())).findFirst()
                    .ifPresent(g -> figures.add(sum("money." + system.name().toLowerCase(Locale.ROOT) + ".forecast",
                            g.label() + ", forecast", g.forecast(), 1)));
        }
        return new Money(List.copyOf(lines), List.copyOf(groups), Figures.of(figures),
                findings(design, lines, groups, budget, s.forecast));
    }

    private record Sums(double planned, double paid, double ordered, double forecast, double fair) {
    }

    /// To the cent, whatever the order of the lines.
    static double sum(List<Line> lines, ToDoubleFunction<Line> of) {
        return lines.stream().map(l -> BigDecimal.valueOf(of.applyAsDouble(l))).reduce(BigDecimal.ZERO, BigDecimal::add)
                .doubleValue();
    }

    /// Two sums of cents, which are one.
    private static double plus(double a, double b) {
        return BigDecimal.valueOf(a).add(BigDecimal.valueOf(b)).doubleValue();
    }

    private static Figure sum(String id, String label, double value, int groups) {
        return Figure.of(id, label, value, Quantity.MONEY, new Working("Σ lines, each in one group",
                Sentence.counted(groups, "One group: {1}", "{0} groups: {1}", Amount.money(value)), List.of(), "sum"));
    }

    private static Figure forecast(Sums s, OptionalDouble budget) {
        Band band = budget.isPresent()
                ? Band.atMost(s.forecast, budget.getAsDouble(),
                        Sentence.of("paid {0} of {1}", Amount.money(s.paid), Amount.money(budget.getAsDouble())))
                : new Band(Double.NaN, Double.NaN, Verdict.NONE, Sentence.of("paid {0}", Amount.money(s.paid)));
        return Figure.of("money.forecast", "Cost", s.forecast, Quantity.MONEY, new Working(
                "Σ (receipts where there are any, else paid where bought, planned where not)",
                Sentence.of("{0} paid + {1} still to pay = {2}", Amount.money(s.paid),
                        Amount.money(s.forecast - s.paid), Amount.money(s.forecast)),
                List.of(Sentence.of("Planned before the first purchase: {0}", Amount.money(s.planned))), "sum"))
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

    private static List<Finding> findings(Design d, List<Line> lines, List<Group> groups, OptionalDouble set,
            double forecast) {
        List<Finding> all = new ArrayList<>();
        if (set.isPresent() && forecast > set.getAsDouble()) {
            double budget = set.getAsDouble();
            Group largest = groups.stream().max(Comparator.comparingDouble(Group::forecast)).orElseThrow();
            all.add(Finding.of(MoneyRules.MONEY_BUDGET, Subject.WHOLE, Severity.WARN,
                    Sentence.of("The build costs {0} more than the budget", Amount.money(forecast - budget)),
                    Sentence.of("Forecast {0}, budget {1}. The largest part is {2} with {3}.", Amount.money(forecast),
                            Amount.money(budget), largest.label(), Amount.money(largest.forecast())),
                    List.of()));
        }
        for (Line l : lines) {
            Cost typed = l.receipts().isEmpty() ? Cost.NONE : typed(d, l);
            if (typed.paid().isPresent() && Math.abs(typed.paid().getAsDouble() - l.paid()) > CENT) {
                all.add(Finding.of(MoneyRules.MONEY_TYPED, Subject.part(l.id()), Severity.WARN,
                        Sentence.of("{0}: {1} is typed as paid, its receipts say {2}", l.name(),
                                Amount.money(typed.paid().getAsDouble()), Amount.money(l.paid())),
                        Sentence.of("The receipts count."), l.things()));
            }
            if (!l.rated()) {
                all.add(Finding.of(MoneyRules.MONEY_RATE, Subject.part(l.id()), Severity.WARN,
                        Sentence.of("{0} is priced in a currency without a rate", l.name()),
                        Sentence.of(
                                "It is in no sum: say below the lines what the currency is worth, and on which day."),
                        l.things()));
            }
        }
        return List.copyOf(all);
    }

    private static Cost typed(Design d, Line l) {
        return l.id().equals(Receipt.BASE) ? d.base().cost() : d.thing(l.id()).map(Thing::cost).orElse(Cost.NONE);
    }

    private static Stream<Remedy> remedies(Known known, MoneyRules rule, Finding finding) {
        return switch (rule) {
            case MONEY_BUDGET, MONEY_RATE -> Stream.empty();
            case MONEY_TYPED -> Lines.of(known.design()).stream()
                    .filter(l -> finding.about().equals(Subject.part(l.id()))).map(l -> new Remedy(
                            Sentence.of("Take what the receipts say, {0}", Amount.money(l.paid())),
                            new Edit("Paid by the receipts", d -> paid(d, l.id(), l.paid()))));
        };
    }

    /// A design in which a thing, or the base, was paid so much.
    static Design paid(Design d, String id, double money) {
        return id.equals(Receipt.BASE)
                ? d.with(d.base().with(new Cost(d.base().cost().planned(), OptionalDouble.of(money))))
                : d.mapping(id, t -> t.with(new Cost(t.cost().planned(), OptionalDouble.of(money))));
    }
}
