package lectulum.money;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.build.Payments;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.purse.Receipt;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.finance.Bill;
import lectulum.kernel.finance.PayAsYouGo;
import lectulum.kernel.finance.Spread;
import lectulum.units.Day;
import lectulum.units.Quantity;

/// Where the money went, how far the sum may be off, and when what is open can be paid.
public final class OutlookStudies {
    private static final Design.Part[] PARTS = {Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS,
            Design.Part.PURSE, Design.Part.SETTINGS};
    /// What was spent on what.
    public static final Discipline<Studies> TOTALS = Studies.discipline("money-totals", "Where it goes", Stage.MONEY,
            in -> totals(in.unplaced(PARTS), in.of(Money.DISCIPLINE)))
            .checking(TotalsRules.class, OutlookStudies::remedies);
    /// How sure the sum is.
    public static final Discipline<Studies> RANGE = Studies.discipline("money-range", "How sure it is", Stage.MONEY,
            in -> range(in.unplaced(PARTS), in.of(Money.DISCIPLINE)))
            .checking(RangeRules.class, OutlookStudies::dearer);
    /// When it can be paid.
    public static final Discipline<Studies> CASH = Studies.discipline("money-cash", "Month by month", Stage.MONEY,
            in -> cash(in.unplaced(PARTS), in.of(Money.DISCIPLINE)))
            .checking(CashRules.class, OutlookStudies::later);
    private static final String SOURCE = "see docs/method/money.md";
    private static final double GUESSED = 0.20;
    private static final double OVER = 0.15;
    private static final double LITTLE = 1;
    private static final int YEAR = 365;
    private static final double SMALL_PART = 0.02;
    private static final int NAMED = 12;
    private static final double YEAR_OF_DAYS = 365.25;

    private OutlookStudies() {
    }

    static List<Study> totals(Design d, Money money) {
        Study.Notebook book = new Study.Notebook("money-totals", Stage.MONEY, "Where it goes", "");
        double forecast = value(money, "money.forecast");
        double over = Money.sum(money.lines(), Line::over);
        book.figure("money.gifts", "Gifts and own parts are worth", Money.sum(money.lines(), Line::fair),
                Quantity.MONEY,
                "Σ fair value", Sentence.counted(money.lines().size(), "One line", "{0} lines"), SOURCE);
        book.figure("money.over", "Bought and not built in", over, Quantity.MONEY, "Σ line × (packs − used)/packs",
                Sentence.of("of receipts; {0} is built in", Amount.money(Money.sum(money.lines(), Line::used))),
                SOURCE);
        book.figure("money.freight", "Freight and fees", Lines.freight(d), Quantity.MONEY, "Σ", Sentence.of(
                "{0} receipts", d.purse().receipts().size()), SOURCE);
        long unvalued = d.purse().receipts().stream().filter(r -> r.cover() != Bill.Cover.BUY && r.price() <= 0)
                .count();
        if (unvalued > 0) {
            book.say(TotalsRules.FAIR, Severity.NOTE,
                    Sentence.counted(unvalued, "A gift or part of your own has no value",
                            "{0} gifts or own parts have no value"),
                    Sentence.of("What it would cost anew is too low by them; fair value is never cash."));
        }
        for (Line l : money.lines()) {
            if (l.over() > OVER * (l.used() + l.over()) && l.over() > LITTLE) {
                book.say(TotalsRules.OVER, Subject.part(l.id()), Severity.NOTE,
                        Sentence.of("Of {0} {1} is left over", l.name(), Amount.money(l.over())),
                        Sentence.of("A smaller pack, use elsewhere, or back to the shop; {0} of it is built in.",
                                Amount.money(l.used())),
                        l.things());
            }
        }
        small(d, money, forecast, book);
        papers(d, book);
        days(d, book);
        book.listing(kinds(money, forecast));
        List<Study> all = new ArrayList<>(List.of(book
                .note("The cost is cash: what is given or was there stands apart. Own hours are in none of these.")
                .done()));
        if (!d.purse().receipts().isEmpty()) {
            all.add(table("money-shops", "By shop", d, r -> r.shop().isBlank() ? "not said" : r.shop()));
            all.add(table("money-months", "By month", d,
                    r -> Day.iso(r.date()).map(x -> x.toString().substring(0, 7)).orElse("not said")));
            all.add(tiers(d));
            freight(d).ifPresent(all::add);
        }
        return all;
    }

    /// What things of one order really cost, with their part of its freight.
    private static Optional<Study> freight(Design d) {
        List<Lines.Freighted> lines = Lines.freighted(d);
        if (lines.isEmpty()) {
            return Optional.empty();
        }
        Listing.Maker table = new Listing.Maker("").words("What", "from").numbers("price", "freight", "together");
        lines.forEach(l -> table.row(l.receipt().what(), l.receipt().shop(), Amount.money(l.price()),
                Amount.money(l.freight()), Amount.money(l.price() + l.freight())));
        return Optional.of(new Study.Notebook("money-freighted", Stage.MONEY, "Freight of orders on their lines", "")
                .listing(table.done())
                .note("What one shop sold on one day is an order; its freight goes onto lines by what they come to, to the"
                        + " cent, in their own currency.")
                .done());
    }

    /// What was written as a day and is none.
    private static void days(Design d, Study.Notebook book) {
        Map<String, String> all = new TreeMap<>();
        all.put("today", d.purse().today());
        d.purse().receipts().forEach(r -> {
            all.put(r.id() + ".date", r.date());
            all.put(r.id() + ".need", r.need());
        });
        d.purse().rates().forEach(r -> all.put("rate." + r.currency(), r.date()));
        all.forEach((id, text) -> {
            if (Day.unreadable(text)) {
                book.say(TotalsRules.DAY, Subject.part(id), Severity.WARN, Sentence.of("“{0}” is no day", text),
                        Sentence.of("Days are written as 2026-05-31. Until it is mended it counts in no month."));
            }
        });
    }

    private static Listing kinds(Money money, double forecast) {
        Listing.Maker table = new Listing.Maker("").words("For").numbers("planned", "paid", "cost", "share");
        money.groups().stream().sorted(Comparator.comparingDouble(Money.Group::forecast).reversed())
                .forEach(g -> table.row(g.label(), Amount.money(g.planned()), Amount.money(g.paid()),
                        Amount.money(g.forecast()), forecast > 0 ? Amount.share(g.forecast() / forecast) : "–"));
        return table.done();
    }

    /// Screws, terminals, sealant, sandpaper, masking: usually 8 to 15 % of the cash.
    private static void small(Design d, Money money, double forecast, Study.Notebook book) {
        double small = Outlooks.small(d, money.lines());
        if (forecast > 0 && small < SMALL_PART * forecast) {
            book.say(TotalsRules.SMALL, Severity.NOTE,
                    Sentence.of("Small parts are {0} of {1}", Amount.money(small), Amount.money(forecast)),
                    Sentence.of("Screws, terminals, sealant, tape, sandpaper and shipping usually come to 8 to 15 %."
                            + " A line of its own for them, which receipts replace."));
        }
    }

    /// Where somebody keeps a bill, and registration, plate and inspection stand in no line of it.
    private static void papers(Design d, Study.Notebook book) {
        List<Receipt> all = d.purse().receipts();
        if (!all.isEmpty() && all.stream().noneMatch(r -> r.kind() == Receipt.Kind.FEES)) {
            book.say(TotalsRules.PAPERS, Severity.NOTE, Sentence.of("No line for registration and inspection"),
                    Sentence.of(
                            "Plate, inspection, insurance of the first drive: asked at the end, they are paid all the"
                                    + " same."));
        }
    }

    private static Study table(String id, String title, Design d, java.util.function.Function<Receipt, String> by) {
        Map<String, double[]> sums = new TreeMap<>();
        Map<String, Double> each = Lines.each(d);
        for (Receipt r : d.purse().receipts()) {
            double all = each.getOrDefault(r.id(), 0.0);
            double[] sum = sums.computeIfAbsent(by.apply(r), k -> new double[2]);
            sum[0] += r.state() == Receipt.State.PAID ? all : 0;
            sum[1] += all;
        }
        Listing.Maker table = new Listing.Maker("").words("").numbers("paid", "in all");
        sums.forEach((k, s) -> table.row(k, Amount.money(s[0]), Amount.money(s[1])));
        return new Study.Notebook(id, Stage.MONEY, title, "").listing(table.done())
                .note("Of receipts, freight apart; each receipt in packs of its own.").done();
    }

    /// What each tier of the free lines adds; packs are counted anew for each.
    private static Study tiers(Design d) {
        Study.Notebook book = new Study.Notebook("money-tiers", Stage.MONEY, "What stands on no sheet, by need", "");
        Listing.Maker table = new Listing.Maker("").words("Up to").numbers("comes to", "adds");
        double before = 0;
        for (Bill.Tier t : Bill.Tier.values()) {
            double now = Lines.free(d, t);
            table.row(t.label(), Amount.money(now), Amount.money(now - before));
            before = now;
        }
        book.figure("money.free.essential", "Essential lines", Lines.free(d, Bill.Tier.ESSENTIAL), Quantity.MONEY,
                "whole packs × price × (1 + tax)", Sentence.of("freight apart"), SOURCE);
        return book.listing(table.done())
                .note("With the things of each tier this is the cheapest usable camper: see Brief, Wishes.").done();
    }

    static List<Study> range(Design d, Money money) {
        Study.Notebook book = new Study.Notebook("money-range", Stage.MONEY, "How sure the sum is", "");
        double freight = Lines.freight(d);
        List<Spread.Price> prices = new ArrayList<>();
        Map<Receipt.State, Double> by = new LinkedHashMap<>();
        for (Receipt.State s : Receipt.State.values()) {
            by.put(s, 0.0);
        }
        for (Line l : money.lines()) {
            prices.add(new Spread.Price(l.open(), l.state().lower(), l.state().higher()));
            by.merge(l.state(), l.open(), Double::sum);
        }
        double settled = Money.sum(money.lines(), Line::paid) + freight;
        Spread s = Spread.of(prices, Assumed.value(d, Assumption.COST_TOGETHER));
        Sentence numbers = Sentence.of("{0} settled, {1} open", Amount.money(settled), Amount.money(s.likely()));
        String formula = "Σ p (1 + (b − a)/6) ± √((1 − ρ) Σσ² + ρ (Σσ)²), σ = p (a + b)/6";
        book.figure("money.mean", "On average it comes to", settled + s.mean(), Quantity.MONEY, formula, numbers,
                SOURCE);
        for (int p : new int[]{10, 50, 80, 90}) {
            book.figure("money.p" + p, p + " in a hundred stay under", settled + s.under(p / 100.0), Quantity.MONEY,
                    formula, numbers, SOURCE);
        }
        book.figure("money.contingency", "Lay aside", Math.max(0, s.contingency()), Quantity.MONEY, "P80 − likely sum",
                numbers, SOURCE);
        Listing.Maker table = new Listing.Maker("").words("Known by").numbers("open", "may be lower", "higher");
        by.forEach((state, open) -> {
            if (open > 0) {
                table.row(state.label(), Amount.money(open), Amount.share(state.lower()), Amount.share(state.higher()));
            }
        });
        double forecast = value(money, "money.forecast");
        d.brief().budget().ifPresent(budget -> {
            double p80 = settled + s.under(0.8);
            if (p80 > budget && forecast <= budget) {
                book.say(RangeRules.RANGE, Severity.WARN,
                        Sentence.of("In two cases of ten it costs more than {0}", Amount.money(budget)),
                        Sentence.of("{0} stay under {1}; offers instead of list prices narrow that.", "80 of 100",
                                Amount.money(p80)));
            }
        });
        double guessed = by.get(Receipt.State.GUESS);
        if (guessed > GUESSED * forecast) {
            book.say(RangeRules.GUESSED, Severity.NOTE,
                    Sentence.of("{0} of the cost is guessed", Amount.share(guessed / forecast)),
                    Sentence.of("Ask for offers, the largest first."));
        }
        old(d, book);
        return List.of(book.listing(table.done())
                .note("Prices of things that are not paid count as list prices. Prices rise together, which makes the range wider than"
                        + " chance alone.")
                .done());
    }

    /// Not ordered yet, at a price of more than a year ago, which has gone up since as prices do.
    private record Old(Receipt receipt, double today) {
        double more() {
            return today - receipt.price();
        }
    }

    private static List<Old> old(Design d) {
        Optional<LocalDate> today = Day.iso(d.purse().today());
        double rise = Assumed.value(d, Assumption.PRICE_RISE);
        return d.purse().receipts().stream()
                .filter(r -> r.state() != Receipt.State.PAID && r.state() != Receipt.State.ORDERED && today.isPresent())
                .flatMap(r -> Day.iso(r.date()).map(x -> ChronoUnit.DAYS.between(x, today.get()))
                        .filter(days -> days > YEAR)
                        .map(days -> new Old(r, Math.round(100 * r.price() * Math.pow(1 + rise, days / YEAR_OF_DAYS))
                                / 100.0))
                        .stream())
                .toList();
    }

    private static void old(Design d, Study.Notebook book) {
        List<Old> all = old(d);
        if (!all.isEmpty()) {
            book.figure("money.older", "Old prices, brought to today, are more by",
                    all.stream().mapToDouble(o -> o.more() * Lines.packs(o.receipt())).sum(), Quantity.MONEY,
                    "Σ packs × price ((1 + rise)^years − 1)",
                    Sentence.of("{0} prices, {1} a year", all.size(),
                            Amount.share(Assumed.value(d, Assumption.PRICE_RISE))),
                    SOURCE);
        }
        all.forEach(o -> book.say(RangeRules.OLD, Subject.part(o.receipt().id()), Severity.NOTE,
                Sentence.of("The price of {0} is from {1}", o.receipt().what(), o.receipt().date()),
                Sentence.of("Older than a year; as prices rise it would be {0} today. Ask again.",
                        Amount.money(o.today()))));
    }

    private static Stream<Remedy> dearer(Known known, RangeRules rule, Finding finding) {
        return switch (rule) {
            case OLD -> old(known.design()).stream()
                    .filter(o -> finding.about().equals(Subject.part(o.receipt().id())))
                    .map(o -> new Remedy(Sentence.of("Reckon with {0} a pack", Amount.money(o.today())),
                            new Edit("An old price brought to today", d -> d.with(d.purse().mapping(o.receipt().id(),
                                    r -> r.withPrice(o.today()).withDate(d.purse().today()))))));
            case RANGE, GUESSED -> Stream.empty();
        };
    }

    static List<Study> cash(Design d, Money money) {
        Study.Notebook book = new Study.Notebook("money-cash", Stage.MONEY, "What is open, month by month", "");
        Optional<Payments> pays = Payments.of(d);
        double open = Money.sum(money.lines(), Line::open);
        book.figure("cash.open", "Still to be paid", open, Quantity.MONEY, "cost − paid",
                Sentence.counted(money.lines().stream().filter(l -> l.open() > 0).count(), "One line", "{0} lines"),
                SOURCE);
        if (pays.isEmpty()) {
            return List
                    .of(book.note("Say under Lines which day is today, and when each line is wanted: orders, arrivals"
                            + " and the months follow.").done());
        }
        Payments p = pays.get();
        List<PayAsYouGo.Buy> buys = Payments.buys(d);
        List<PayAsYouGo.Ordered> plan = p.plan(buys);
        Listing.Maker table = new Listing.Maker("Orders").words("What", "order", "comes", "wanted").numbers("price",
                "late");
        double spent = 0;
        List<double[]> curve = new ArrayList<>(List.of(new double[]{0, 0}));
        for (PayAsYouGo.Ordered o : plan) {
            Receipt r = d.purse().receipt(o.buy().name()).orElseThrow();
            table.row(r.what(), o.order().toString(), o.arrival().toString(), o.buy().need().toString(),
                    Amount.money(o.buy().price()), o.late() > 0 ? Amount.days(o.late()) : "–");
            double day = ChronoUnit.DAYS.between(p.today(), o.order());
            curve.add(new double[]{day, spent});
            spent += o.buy().price();
            curve.add(new double[]{day, spent});
            if (o.late() > 0) {
                book.say(CashRules.LATE, Subject.part(r.id()), Severity.WARN,
                        Sentence.of("{0} comes {1} late", r.what(), Amount.days(o.late())),
                        Sentence.of("It can be paid on {0} and takes {1} to come; it is wanted on {2}.",
                                o.order().toString(), Amount.days(r.lead()), o.buy().need().toString()));
            }
        }
        if (plan.size() < buys.size()) {
            book.note(Sentence.counted(buys.size() - plan.size(), "One line can never be paid from what is put aside.",
                    "{0} lines can never be paid from what is put aside."));
        }
        double least = p.least(buys);
        if (Double.isFinite(least) && !buys.isEmpty()) {
            book.figure("cash.least", "Enough each month so that nothing is late", least, Quantity.MONEY,
                    "least that covers every order on its day",
                    Sentence.counted(buys.size(), "one order", "{0} orders"), SOURCE);
        }
        if (curve.size() > 1) {
            book.chart(chart(p, curve));
        }
        long undated = money.lines().stream().filter(l -> l.open() > 0 && l.receipts().isEmpty()).count();
        book.listing(table.done());
        if (undated > 0) {
            book.note(Sentence.counted(undated,
                    "One line has no day on which it is wanted and is not in this; a line of its own gives it one.",
                    "{0} lines have no day on which they are wanted and are not in this; lines of their own give them one."));
        }
        return List.of(book.done());
    }

    private static Chart chart(Payments p, List<double[]> spent) {
        double last = spent.getLast()[0];
        List<double[]> have = new ArrayList<>(List.of(new double[]{0, p.start()}));
        double sum = p.start();
        for (LocalDate day = p.today().plusDays(1); ChronoUnit.DAYS.between(p.today(), day) <= last; day = day
                .plusDays(1)) {
            if (day.getDayOfMonth() == Math.min(p.payday(), day.lengthOfMonth())) {
                double x = ChronoUnit.DAYS.between(p.today(), day);
                have.add(new double[]{x, sum});
                sum += p.monthly();
                have.add(new double[]{x, sum});
            }
        }
        have.add(new double[]{last, sum});
        return new Chart("Put aside and ordered", "days from today", Quantity.DAYS, "money", Quantity.MONEY,
                List.of(curve("put aside", have), curve("ordered", spent)), List.of());
    }

    private static Chart.Curve curve(String name, List<double[]> points) {
        return new Chart.Curve(name, points.stream().mapToDouble(p -> p[0]).toArray(),
                points.stream().mapToDouble(p -> p[1]).toArray());
    }

    private static double value(Money money, String figure) {
        return money.figures().find(figure).map(f -> f.value()).filter(OptionalDouble::isPresent)
                .map(OptionalDouble::getAsDouble).orElse(0.0);
    }

    private static Stream<Remedy> remedies(Known known, TotalsRules rule, Finding finding) {
        return switch (rule) {
            case FAIR, OVER, DAY -> Stream.empty();
            case SMALL -> Stream.of(Outlooks.smallParts(known.design()));
            case PAPERS -> Stream.of(Outlooks.papers());
        };
    }

    private static Stream<Remedy> later(Known known, CashRules rule, Finding finding) {
        return switch (rule) {
            case LATE -> known.of(CASH).figures().find("cash.least").map(f -> f.value())
                    .filter(OptionalDouble::isPresent)
                    .map(v -> Stream.of(Mend.assumed(Assumption.CASH_MONTHLY, Math.ceil(v.getAsDouble()),
                            Sentence.of("Put {0} aside each month", Amount.money(Math.ceil(v.getAsDouble()))))))
                    .orElse(Stream.empty());
        };
    }
}
