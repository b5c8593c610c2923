package lectulum.money;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.build.Task;
import lectulum.build.Tasks;
import lectulum.design.Design;
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
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.finance.Loan;
import lectulum.kernel.finance.Owning;
import lectulum.kernel.finance.Resale;
import lectulum.units.Quantity;

/// Build, buy, rent or wait: both sides on one basis, a year of owning over the years it is kept.
public final class DealStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("money-deal", "Build or buy", Stage.MONEY,
            in -> of(in.unplaced(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.PURSE,
                    Design.Part.WORKS, Design.Part.SETTINGS), in.of(Money.DISCIPLINE)))
            .checking(DealRules.class, DealStudies::remedies);
    private static final String SOURCE = "annuity, nominal monthly; see docs/method/money.md";
    private static final double MONTHS = 12;
    private static final double HALF = 0.5;
    private static final double LITTLE = 0.5;
    /// Two parts of a hundred are as near as one says such things.
    private static final double NEARLY = 0.02;
    private static final double NEAR = 0.005;

    private DealStudies() {
    }

    /// What is compared.
    ///
    /// @param cash of the build
    private record Deal(double price, Loan loan, Resale resale, double years, double interest, double cash,
            double hours, double self, double fixedBuy, double fixedBuild) {

        double yearlyBuy() {
            return Owning.yearly(price, resale.at(years), interest, years, fixedBuy);
        }

        double yearlyBuild() {
            return Owning.yearly(cash, self * cash, interest, years, fixedBuild);
        }

        /// What an hour earns; empty where there are none.
        OptionalDouble simple() {
            return hours > 0 ? OptionalDouble.of((price - cash) / hours) : OptionalDouble.empty();
        }

        /// With what either brings in the end and costs each year.
        OptionalDouble net() {
            return hours > 0
                    ? OptionalDouble.of((yearlyBuy() - yearlyBuild()) * Owning.annuity(interest, years) / hours)
                    : OptionalDouble.empty();
        }
    }

    static List<Study> of(Design d, Money money) {
        double price = Assumed.value(d, Assumption.DEAL_PRICE);
        double lent = Math.max(0,
                price - Assumed.value(d, Assumption.DEAL_DOWN) + Assumed.value(d, Assumption.DEAL_FEES));
        Loan loan = new Loan(lent, Assumed.value(d, Assumption.DEAL_RATE),
                (int) Math.max(1, Math.round(Assumed.value(d, Assumption.DEAL_MONTHS))));
        Deal deal = new Deal(price, loan,
                new Resale(price, Assumed.value(d, Assumption.DEAL_FIRST), Assumed.value(d, Assumption.DEAL_LATER)),
                Assumed.value(d, Assumption.DEAL_YEARS), Assumed.value(d, Assumption.DEAL_INTEREST),
                money.figures().find("money.forecast").map(f -> f.value().orElse(0)).orElse(0.0),
                Tasks.of(d).stream().mapToDouble(Task::hours).sum(), Assumed.value(d, Assumption.DEAL_SELF),
                Assumed.value(d, Assumption.DEAL_FIXED_BUY), Assumed.value(d, Assumption.DEAL_FIXED_BUILD));
        return List.of(loan(d, deal), owning(d, deal), worth(d, deal), sold(d, deal));
    }

    private static Study loan(Design d, Deal deal) {
        Study.Notebook book = new Study.Notebook("money-loan", Stage.MONEY, "The loan for a ready-made one", "");
        Loan loan = deal.loan;
        Sentence numbers = Sentence.of("{0} lent, {1} a year, {2} months, {3} years", Amount.money(loan.principal()),
                Amount.share(loan.rate()), loan.months(), Amount.count(loan.months() / MONTHS));
        book.figure("deal.lent", "Lent", loan.principal(), Quantity.MONEY, "price − down + fees", numbers, SOURCE);
        book.figure("deal.payment", "Paid each month", loan.payment(), Quantity.MONEY, "P r / (1 − (1 + r)⁻ⁿ)", numbers,
                SOURCE);
        book.figure("deal.interest", "Interest in all", loan.interest(), Quantity.MONEY, "M n − P", numbers, SOURCE);
        book.figure("deal.total", "It really costs",
                total(d, loan), Quantity.MONEY, "down + M n", numbers, SOURCE);
        OptionalInt under = deal.resale.underWater(loan);
        under.ifPresent(m -> book.figure("deal.under", "More is owed than it would bring until month", m,
                Quantity.COUNT, "balance after m > resale at m/12", numbers, SOURCE));
        quoted(d, loan, book);
        said(d, deal, book);
        book.chart(balance(deal));
        return book.note(under.isPresent()
                ? "Until that month selling it does not pay the loan back."
                : "It would always bring more than is owed.").done();
    }

    /// A payment that was quoted against the rate that was quoted with it.
    private static void quoted(Design d, Loan loan, Study.Notebook book) {
        double quoted = Assumed.value(d, Assumption.DEAL_QUOTED);
        if (quoted <= 0 || loan.principal() <= 0) {
            return;
        }
        OptionalDouble rate = Loan.rate(loan.principal(), quoted, loan.months());
        if (rate.isEmpty()) {
            book.say(DealRules.LOAN, Severity.WARN,
                    Sentence.of("{0} payments of {1} do not pay {2} back", loan.months(),
                            Amount.money(quoted), Amount.money(loan.principal())),
                    Sentence.of(
                            "Months, payment or what is lent is wrong: years taken for months, or a price taken for the loan."));
            return;
        }
        book.figure("deal.apr", "That payment is a rate of", rate.getAsDouble(), Quantity.SHARE,
                "the rate at which n payments are worth what is lent", Sentence.of("{0} a month", Amount.money(quoted)),
                SOURCE);
        if (Math.abs(rate.getAsDouble() - loan.rate()) > NEAR) {
            book.say(DealRules.LOAN, Severity.WARN, Sentence.of("{0} a month is a rate of {1}, not {2}",
                    Amount.money(quoted), Amount.share(rate.getAsDouble()), Amount.share(loan.rate())),
                    Sentence.of("At {0} it would be {1} a month.", Amount.share(loan.rate()),
                            Amount.money(loan.payment())));
        }
    }

    /// What down payment and loan come to in the end.
    private static double total(Design d, Loan loan) {
        return Assumed.value(d, Assumption.DEAL_DOWN) + loan.payment() * loan.months();
    }

    /// What is said of an offer against what follows from it.
    private static void said(Design d, Deal deal, Study.Notebook book) {
        Loan loan = deal.loan;
        double years = Assumed.value(d, Assumption.DEAL_SAID_YEARS);
        if (years > 0 && Math.abs(years * MONTHS - loan.months()) > HALF) {
            book.say(DealRules.YEARS, Severity.WARN,
                    Sentence.of("{0} months are {1} years, not {2}", loan.months(),
                            Amount.count(loan.months() / MONTHS), Amount.count(years)),
                    Sentence.of("{0} payments of {1} are {2}.", Math.round(years * MONTHS),
                            Amount.money(loan.payment()), Amount.money(years * MONTHS * loan.payment())));
        }
        double lent = Assumed.value(d, Assumption.DEAL_SAID_LENT);
        if (lent > 0 && Math.abs(lent - loan.principal()) > LITTLE) {
            book.say(DealRules.LENT, Severity.WARN,
                    Sentence.of(lent < loan.principal()
                            ? "A loan of {0} leaves {1} of the price unpaid"
                            : "A loan of {0} is {1} more than is wanted", Amount.money(lent),
                            Amount.money(Math.abs(loan.principal() - lent))),
                    Sentence.of("Price − down + fees is {0}.", Amount.money(loan.principal())));
        }
        double total = Assumed.value(d, Assumption.DEAL_SAID_TOTAL);
        double really = total(d, loan);
        if (total > 0 && Math.abs(total - really) > LITTLE) {
            book.say(DealRules.TOTAL, Severity.WARN,
                    Sentence.of("In all it costs {0}, not {1}", Amount.money(really), Amount.money(total)),
                    Sentence.of("{0} of that is interest.", Amount.money(loan.interest())));
        }
        double share = Assumed.value(d, Assumption.DEAL_SAID_SHARE);
        double is = deal.price > 0 ? deal.cash / deal.price : 0;
        if (share > 0 && deal.price > 0 && Math.abs(share - is) > NEARLY) {
            book.say(DealRules.SHARE, Severity.WARN,
                    Sentence.of("The build costs {0} of the price, not {1}", percent(is), percent(share)),
                    Sentence.of(
                            "Without interest on either side and without own hours. Of {0} with interest it is {1}.",
                            Amount.money(really), percent(really > 0 ? deal.cash / really : 0)));
        }
    }

    private static Amount percent(double share) {
        return Amount.share(Math.round(100 * share) / 100.0);
    }

    private static Chart balance(Deal deal) {
        List<double[]> owed = new ArrayList<>();
        List<double[]> brings = new ArrayList<>();
        for (int m = 0; m <= deal.loan.months(); m++) {
            owed.add(new double[]{m, deal.loan.balance(m)});
            brings.add(new double[]{m, deal.resale.at(m / MONTHS)});
        }
        return new Chart("Owed, and what it would bring", "months", Quantity.COUNT, "money", Quantity.MONEY,
                List.of(curve("owed", owed), curve("would bring", brings)), List.of());
    }

    private static Chart.Curve curve(String name, List<double[]> points) {
        return new Chart.Curve(name, points.stream().mapToDouble(p -> p[0]).toArray(),
                points.stream().mapToDouble(p -> p[1]).toArray());
    }

    private static Study owning(Design d, Deal deal) {
        Study.Notebook book = new Study.Notebook("money-owning", Stage.MONEY, "A year of owning", "");
        double rent = Assumed.value(d, Assumption.DEAL_RENT);
        double night = Assumed.value(d, Assumption.DEAL_NIGHT);
        Sentence numbers = Sentence.of("over {0} years at {1}", Amount.count(deal.years), Amount.share(deal.interest));
        String formula = "(price − resale (1 + i)⁻ᴴ) i / (1 − (1 + i)⁻ᴴ) + fixed";
        book.figure("deal.yearly.buy", "A bought one costs a year", deal.yearlyBuy(), Quantity.MONEY, formula, numbers,
                SOURCE);
        book.figure("deal.yearly.build", "A self-built one costs a year", deal.yearlyBuild(), Quantity.MONEY, formula,
                numbers,
                SOURCE);
        Listing.Maker table = new Listing.Maker("").words("").numbers("today", "brings at the end", "a year",
                "cheaper than rent from");
        row(table, "bought", deal.price, deal.resale.at(deal.years), deal.yearlyBuy(), rent, night);
        row(table, "self-built", deal.cash, deal.self * deal.cash, deal.yearlyBuild(), rent, night);
        nights(book, "deal.nights.buy", "Bought, cheaper than rent from", deal.yearlyBuy(), rent,
                night, numbers);
        nights(book, "deal.nights.build", "Self-built, cheaper from", deal.yearlyBuild(), rent, night, numbers);
        OptionalInt months = Owning.months(deal.cash, Assumed.value(d, Assumption.CASH_MONTHLY), deal.interest);
        if (months.isPresent()) {
            book.figure("deal.months", "Months of saving for the build", months.getAsInt(), Quantity.COUNT,
                    "⌈ln(1 + C (q − 1)/s)/ln q⌉", Sentence.of("{0} a month",
                            Amount.money(Assumed.value(d, Assumption.CASH_MONTHLY))),
                    SOURCE);
        }
        return book.listing(table.done()).done();
    }

    private static void nights(Study.Notebook book, String id, String label, double yearly, double rent, double night,
            Sentence numbers) {
        double n = Owning.nights(yearly, rent, night);
        if (Double.isFinite(n)) {
            book.figure(id, label, n, Quantity.NIGHTS, "a year / (rent − own night)", numbers, SOURCE);
        } else {
            book.absent(id, label, Quantity.NIGHTS, "a year / (rent − own night)",
                    "a rented night costs no more than one of one's own");
        }
    }

    private static void row(Listing.Maker table, String what, double today, double end, double yearly, double rent,
            double night) {
        double n = Owning.nights(yearly, rent, night);
        table.row(what, Amount.money(today), Amount.money(end), Amount.money(yearly),
                Double.isFinite(n) ? Sentence.of("{0} nights", Math.round(Math.ceil(n))) : "never");
    }

    private static Study worth(Design d, Deal deal) {
        Study.Notebook book = new Study.Notebook("money-worth", Stage.MONEY, "What an hour of building earns", "");
        Sentence numbers = Sentence.of("{0} h of one's own, {1} of cash", Amount.count(Math.rint(deal.hours)),
                Amount.money(deal.cash));
        if (deal.simple().isEmpty()) {
            return book.note("No hours are known: things without labour.").done();
        }
        book.figure("deal.hour", "An hour earns", deal.simple().getAsDouble(), Quantity.MONEY,
                "(price − cash of the build)/hours", numbers, SOURCE);
        book.figure("deal.hour.net", "with resale and yearly cost", deal.net().orElse(0), Quantity.MONEY,
                "(a year bought − a year built) × annuity/hours", numbers, SOURCE);
        return book.note("That is the rate at which both cost the same. If you enjoy building, ignore it.")
                .note("Both sides with tax; neither with the worth of tools that are kept.").done();
    }

    /// What is left over cash and hours where it is sold: for what is asked, otherwise for what such a one usually brings.
    private static Study sold(Design d, Deal deal) {
        Study.Notebook book = new Study.Notebook("money-sold", Stage.MONEY, "If you sell it", "");
        double asked = Assumed.value(d, Assumption.DEAL_ASKED);
        double brings = asked > 0 ? asked : deal.self * deal.cash;
        double worth = Assumed.value(d, Assumption.HOUR_WORTH);
        Sentence price = asked > 0
                ? Sentence.of("{0} asked", Amount.money(asked))
                : Sentence.of("{0} of {1} of cash", Amount.share(deal.self), Amount.money(deal.cash));
        Sentence numbers = Sentence.of("{0}, {1} h of one's own", price, Amount.count(Math.rint(deal.hours)));
        book.figure("deal.sold", "It brings", brings, Quantity.MONEY, "asked, or share × cash of the build", price,
                SOURCE);
        book.figure("deal.sold.over", "over what it cost", brings - deal.cash, Quantity.MONEY,
                "price − cash of the build",
                price, SOURCE);
        if (deal.hours > 0) {
            book.figure("deal.sold.hour", "for each hour of yours", (brings - deal.cash) / deal.hours, Quantity.MONEY,
                    "(price − cash of the build)/hours", numbers, SOURCE);
        } else {
            book.absent("deal.sold.hour", "for each hour of yours", Quantity.MONEY, "(price − cash of the build)/hours",
                    "no hours are known");
        }
        book.figure("deal.sold.even", "Cash and hours are paid at", deal.cash + deal.hours * worth, Quantity.MONEY,
                "cash of the build + hours × worth of an hour", Sentence.of("{0} h at {1}",
                        Amount.count(Math.rint(deal.hours)), Amount.money(worth)),
                SOURCE);
        return book.note(
                "What it weighs, what is in it, its wiring, what was looked after and the receipts are the buyer's"
                        + " edition of the book: Papers.")
                .done();
    }

    private static Stream<Remedy> remedies(Known known, DealRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case LOAN -> known.of(DISCIPLINE).figures().find("deal.apr").map(f -> f.value())
                    .filter(OptionalDouble::isPresent).map(v -> Stream.of(Mend.assumed(Assumption.DEAL_RATE,
                            v.getAsDouble(), Sentence.of("Reckon with {0}", Amount.share(v.getAsDouble())))))
                    .orElse(Stream.empty());
            case YEARS -> Stream.of(
                    Mend.assumed(Assumption.DEAL_MONTHS, Math.max(1, Math.round(MONTHS
                            * Assumed.value(d, Assumption.DEAL_SAID_YEARS))), Sentence.of("Reckon with those years")),
                    Mend.assumed(Assumption.DEAL_SAID_YEARS, Assumed.value(d, Assumption.DEAL_MONTHS) / MONTHS,
                            Sentence.of("The months are right")));
            case LENT -> Stream.of(Assumed.value(d, Assumption.DEAL_PRICE) + Assumed.value(d, Assumption.DEAL_FEES)
                    - Assumed.value(d, Assumption.DEAL_SAID_LENT)).filter(down -> down >= 0)
                    .map(down -> Mend.assumed(Assumption.DEAL_DOWN, down, Sentence.of("Pay {0} at once",
                            Amount.money(down))));
            case TOTAL -> known.of(DISCIPLINE).figures().find("deal.total").map(f -> f.value())
                    .filter(OptionalDouble::isPresent).map(v -> Mend.assumed(Assumption.DEAL_SAID_TOTAL,
                            v.getAsDouble(), Sentence.of("Reckon with {0}", Amount.money(v.getAsDouble()))))
                    .stream();
            case SHARE -> Stream.empty();
        };
    }
}
