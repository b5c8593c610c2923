package lectulum.brief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Wish;
import lectulum.design.purse.Economy;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.finance.Savings;
import lectulum.money.Money;
import lectulum.units.Quantity;

/// Where to save with the least loss: ways of one's own, and abilities that need not be. It stands here and not under Money because
/// it asks what each ability costs.
public final class SavingStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("money-save", "Where to save", Stage.MONEY,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.VEHICLE, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.CASES, Design.Part.SETTINGS, Design.Part.PURSE), in.of(Tiers.DISCIPLINE),
                    in.of(Money.DISCIPLINE)))
            .checking(SavingRules.class, SavingStudies::remedies);
    private static final String SOURCE = "all sets; see docs/method/money.md";
    private static final double HOUR = 3600;
    private static final double LITTLE = 1;

    private SavingStudies() {
    }

    /// A way with what it is.
    private record Offer(String group, Savings.Way way, Optional<Ability> ability) {
    }

    private static List<List<Offer>> groups(Design d, Tiers tiers) {
        Map<String, List<Offer>> by = new LinkedHashMap<>();
        for (Economy e : d.purse().ways()) {
            by.computeIfAbsent(e.group(), k -> new ArrayList<>()).add(new Offer(e.group(),
                    new Savings.Way(e.name(), e.saving(), e.hours() / HOUR, e.loss()), Optional.empty()));
        }
        tiers.costs().forEach((ability, c) -> {
            if (c.given() && c.more().money() > LITTLE && !c.things().isEmpty()
                    && d.brief().wish(ability) != Wish.MUST) {
                double loss = Assumed.value(d, d.brief().wish(ability) == Wish.WANT
                        ? Assumption.SAVE_WANT
                        : Assumption.SAVE_OTHER);
                String name = "do without: " + ability.label();
                by.computeIfAbsent(name, k -> new ArrayList<>()).add(new Offer(name, new Savings.Way(name,
                        c.more().money(), -c.more().hours() / HOUR, loss), Optional.of(ability)));
            }
        });
        return List.copyOf(by.values());
    }

    private static Optional<Savings.Chosen> best(Design d, List<List<Offer>> groups) {
        return Savings.best(groups.stream().map(g -> g.stream().map(Offer::way).toList()).toList(),
                Assumed.value(d, Assumption.SAVE_TARGET), Assumed.value(d, Assumption.HOUR_WORTH));
    }

    private static List<Offer> chosen(List<List<Offer>> groups, Savings.Chosen c) {
        List<Offer> all = new ArrayList<>();
        for (int i = 0; i < groups.size(); i++) {
            if (c.chosen().get(i) > 0) {
                all.add(groups.get(i).get(c.chosen().get(i) - 1));
            }
        }
        return all;
    }

    static List<Study> of(Design d, Tiers tiers, Money money) {
        Study.Notebook book = new Study.Notebook("money-save", Stage.MONEY, "Where to save", "");
        List<List<Offer>> groups = groups(d, tiers);
        double hour = Assumed.value(d, Assumption.HOUR_WORTH);
        double target = Assumed.value(d, Assumption.SAVE_TARGET);
        if (groups.isEmpty()) {
            return List
                    .of(book.note("Nothing that could go: enter ways to save below, or say on Brief what need not be.")
                            .done());
        }
        Listing.Maker rank = new Listing.Maker("Saved for a point of loss").words("Way", "Of").numbers("saves",
                "own hours more", "loss", "for a point");
        groups.stream().flatMap(List::stream)
                .sorted(Comparator.comparingDouble((Offer o) -> o.way.rank(hour)).reversed())
                .forEach(o -> rank.row(o.way.name(), o.group.equals(o.way.name()) ? "–" : o.group,
                        Amount.money(o.way.saving()), Amount.count(Math.rint(10 * o.way.hours()) / 10),
                        Amount.count(o.way.loss()), Amount.money(o.way.rank(hour))));
        Sentence numbers = Sentence.counted(groups.size(), "One group of ways, an hour is worth {1}",
                "{0} groups of ways, an hour is worth {1}", Amount.money(hour));
        Optional<Savings.Chosen> best = best(d, groups);
        if (best.isEmpty()) {
            double most = groups.stream().mapToDouble(g -> g.stream().mapToDouble(o -> o.way.net(hour)).max().orElse(0))
                    .filter(x -> x > 0).sum();
            book.figure("save.most", "At most can be saved", most, Quantity.MONEY, "best of each group", numbers,
                    SOURCE);
            book.say(SavingRules.TARGET, Severity.NOTE, Sentence.of("{0} cannot be saved", Amount.money(target)),
                    Sentence.of("All ways together save {0}.", Amount.money(most)));
            return List.of(book.listing(rank.done()).done());
        }
        Listing.Maker set = new Listing.Maker("The set with the least loss").words("Way").numbers("saves", "loss");
        List<Offer> chosen = chosen(groups, best.get());
        chosen.forEach(o -> set.row(o.way.name(), Amount.money(o.way.saving()), Amount.count(o.way.loss())));
        book.figure("save.net", "It saves, hours taken off", best.get().net(), Quantity.MONEY,
                "Σ saving − hours × their worth", numbers, SOURCE);
        book.figure("save.loss", "Loss", best.get().loss(), Quantity.COUNT, "Σ points, least of all sets that reach it",
                numbers, SOURCE);
        together(d, chosen, money, book, numbers);
        return List.of(book.listing(set.done()).listing(rank.done())
                .note("Ways of a group exclude one another. What abilities cost is worked out together again: things that serve two of"
                        + " them go only with both.")
                .done());
    }

    /// What goes with abilities is worked out together, not added.
    private static void together(Design d, List<Offer> chosen, Money money, Study.Notebook book, Sentence numbers) {
        Set<Ability> gone = EnumSet.noneOf(Ability.class);
        chosen.forEach(o -> o.ability.ifPresent(gone::add));
        if (gone.isEmpty()) {
            return;
        }
        double simple = chosen.stream().filter(o -> o.ability.isPresent()).mapToDouble(o -> o.way.saving()).sum();
        double real = forecast(money) - forecast(Money.of(Tiers.without(d, gone)));
        book.figure("save.together", "What goes is really worth", real, Quantity.MONEY,
                "forecast − forecast without it", numbers, SOURCE);
        if (Math.abs(real - simple) > LITTLE) {
            book.say(SavingRules.SUM, Severity.NOTE,
                    Sentence.of("One by one {0} are saved, together {1}", Amount.money(simple), Amount.money(real)),
                    Sentence.of("Things serve more than one ability: the second sum counts."));
        }
    }

    private static double forecast(Money m) {
        return m.figures().find("money.forecast").map(f -> f.value()).filter(OptionalDouble::isPresent)
                .map(OptionalDouble::getAsDouble).orElse(0.0);
    }

    private static Stream<Remedy> remedies(Known known, SavingRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case TARGET -> Stream.empty();
            case SUM -> {
                List<List<Offer>> groups = groups(d, known.of(Tiers.DISCIPLINE));
                Set<Ability> gone = EnumSet.noneOf(Ability.class);
                best(d, groups).ifPresent(b -> chosen(groups, b).forEach(o -> o.ability().ifPresent(gone::add)));
                yield gone.isEmpty()
                        ? Stream.empty()
                        : Stream.of(new Remedy(Sentence.of("Do without {0}",
                                Sentence.joined(gone.stream().map(a -> Sentence.of("{0}", a.label())).toList())),
                                new Edit("Saved", x -> x.withThings(Tiers.without(x, gone).things()))));
            }
        };
    }
}
