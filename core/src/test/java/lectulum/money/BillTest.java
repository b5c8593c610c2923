package lectulum.money;

import static lectulum.Told.everyRemedyMends;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.brief.SavingStudies;
import lectulum.brief.Tiers;
import lectulum.build.BuildStudies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.purse.Economy;
import lectulum.design.purse.ExchangeRate;
import lectulum.design.purse.Purse;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Cost;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Finding;
import lectulum.kernel.finance.Bill;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/// What people type as receipts, through the analysis.
class BillTest {
    private static final Design DUNLIN = Campers.demo("dunlin").orElseThrow().design().withPurse(Purse.NONE);

    private static Design with(Receipt... receipts) {
        return DUNLIN.withPurse(Purse.NONE.withReceipts(List.of(receipts)));
    }

    private static Design set(Design d, String assumption, double value) {
        return d.with(d.settings().with(assumption, value));
    }

    private static double value(Design d, Discipline<? extends Result> of, String figure) {
        return Analysis.of(d).of(of).figures().find(figure).orElseThrow().value().orElseThrow();
    }

    private static double forecast(Design d) {
        return value(d, Money.DISCIPLINE, "money.forecast");
    }

    private static Receipt line(String id, String what, Bill.Tier tier, double amount, double waste, double pack,
            double price) {
        return Receipt.of(id, what, Receipt.State.QUOTE, price).withTier(tier).withAmount(amount).withWaste(waste)
                .withPack(pack).withTax(0.08);
    }

    /// Tube 21.4 with 5 % waste in packs of 6 at 38.90, adhesive 2.4 and 1.6 L with 10 % in packs of 2.5 at 21.50, sheets 6 and 2 at
    /// 46.75, a fan at 129, a cool box given, wheels that were there, a panel at 389; 8 % tax, freight 64.50: cash 1242.35, anew 1760.75,
    /// used 1161.57, left over 16.28, tiers 517.43, 757.73, 1177.85.
    @Test
    void aBillOfThreeTiersToTheCent() {
        Design d = with(line("a", "tube", Bill.Tier.ESSENTIAL, 21.4, 0.05, 6, 38.90),
                line("b", "adhesive", Bill.Tier.ESSENTIAL, 2.4, 0.10, 2.5, 21.50),
                line("c", "adhesive", Bill.Tier.LUXURY, 1.6, 0.10, 2.5, 21.50),
                line("d", "sheets", Bill.Tier.ESSENTIAL, 6, 0, 1, 46.75),
                line("e", "sheets", Bill.Tier.COMFORT, 2, 0, 1, 46.75),
                line("f", "fan", Bill.Tier.COMFORT, 1, 0, 1, 129),
                line("g", "cool box", Bill.Tier.COMFORT, 1, 0, 1, 310).withCover(Bill.Cover.GIFT),
                line("w", "wheels", Bill.Tier.ESSENTIAL, 2, 0, 1, 85).withCover(Bill.Cover.OWN),
                line("h", "solar", Bill.Tier.LUXURY, 1, 0, 1, 389).withFreight(64.50));
        double bare = forecast(DUNLIN);

        assertThat(forecast(d) - bare).isCloseTo(1242.35, within(1e-9));
        assertThat(value(d, Money.DISCIPLINE, "money.replacement") - bare).isCloseTo(1760.75, within(1e-9));
        assertThat(value(d, OutlookStudies.TOTALS, "money.over")).isCloseTo(16.28, within(1e-9));
        assertThat(Money.sum(Analysis.of(d).of(Money.DISCIPLINE).lines(), Line::used)).isCloseTo(1161.57, within(1e-9));
        assertThat(Lines.free(d, Bill.Tier.ESSENTIAL)).isEqualTo(517.43);
        assertThat(Lines.free(d, Bill.Tier.COMFORT)).isEqualTo(757.73);
        assertThat(Lines.free(d, Bill.Tier.LUXURY)).isEqualTo(1177.85);
    }

    /// Freight of 64.50 on 233.40, 86, 518 and nothing of one order: 17.98, 6.62, 39.90, 0.00; of another day none.
    @Test
    void freightOfAnOrderGoesOntoItsLines() {
        Receipt[] lines = {order("a", 233.40).withFreight(64.50), order("b", 86), order("c", 518), order("d", 0),
                order("e", 100).withDate("2027-02-02")};

        assertThat(Lines.freighted(with(lines))).extracting(Lines.Freighted::freight).containsExactly(17.98, 6.62,
                39.90, 0.0);
        assertThat(Analysis.of(with(lines)).of(OutlookStudies.TOTALS).all()).extracting(s -> s.id())
                .contains("money-freighted");
        assertThat(Lines.freighted(with(order("a", 12).withFreight(5)))).as("one line alone").isEmpty();
    }

    private static Receipt order(String id, double price) {
        return Receipt.of(id, id, Receipt.State.PAID, price).withShop("steel yard").withDate("2027-02-01");
    }

    @Test
    void aDayThatIsNoneIsSaid() {
        Design d = with(order("a", 12).withDate("31/02/2027"), order("b", 5).withNeed("soon"));

        assertThat(Analysis.of(d).of(OutlookStudies.TOTALS).findings()).extracting(Finding::id)
                .contains("money.day.a.date", "money.day.b.need");
        Design built = d.with(d.works().withStart("spring").withOff(List.of("2027-12-25", "Easter")));
        assertThat(Analysis.of(built).of(BuildStudies.DISCIPLINE).findings()).extracting(Finding::id)
                .contains("build.day.spring", "build.day.Easter");
    }

    /// By decimal arithmetic, line by line, in another order.
    @Test
    void totalsAreTheSumOfTheLinesToTheCent() {
        SplittableRandom chance = new SplittableRandom(8);
        for (int n = 0; n < 40; n++) {
            Receipt[] lines = new Receipt[1 + chance.nextInt(20)];
            BigDecimal sum = BigDecimal.ZERO;
            for (int i = 0; i < lines.length; i++) {
                BigDecimal price = BigDecimal.valueOf(chance.nextInt(100_000), 2);
                int count = 1 + chance.nextInt(9);
                BigDecimal tax = BigDecimal.valueOf(chance.nextInt(25), 2);
                lines[i] = Receipt.of("l" + i, "what " + i, Receipt.State.PAID, price.doubleValue()).withAmount(count)
                        .withTax(tax.doubleValue());
                sum = sum.add(price.multiply(BigDecimal.valueOf(count)).multiply(BigDecimal.ONE.add(tax)).setScale(2,
                        java.math.RoundingMode.HALF_UP));
            }
            Money m = Analysis.of(with(lines)).of(Money.DISCIPLINE);
            double before = value(DUNLIN, Money.DISCIPLINE, "money.paid");

            assertThat(BigDecimal.valueOf(m.figures().find("money.paid").orElseThrow().value().orElseThrow())
                    .subtract(BigDecimal.valueOf(before))).isEqualByComparingTo(sum);
            assertThat(m.groups().stream().map(g -> BigDecimal.valueOf(g.forecast())).reduce(BigDecimal.ZERO,
                    BigDecimal::add)).as("groups").isEqualByComparingTo(BigDecimal.valueOf(
                            m.figures().find("money.forecast").orElseThrow().value().orElseThrow()));
        }
    }

    @Test
    void receiptsOfAThingTakeThePlaceOfItsPrice() {
        String id = DUNLIN.things().stream().filter(t -> t.cost().paid().isEmpty() && t.cost().planned() > 50)
                .findFirst().orElseThrow().id();
        double planned = DUNLIN.thing(id).orElseThrow().cost().planned();
        Design d = with(Receipt.of("r", "it", Receipt.State.PAID, 33.33).withThing(id));

        assertThat(forecast(d)).isCloseTo(forecast(DUNLIN) - planned + 33.33, within(1e-6));
        assertThat(value(d, Tiers.DISCIPLINE, "brief.now.money")).as("the same on Brief").isCloseTo(forecast(d),
                within(1e-6));
    }

    @Test
    void aTypedPriceThatItsReceiptsContradictIsSaidAndMended() {
        String id = DUNLIN.things().getFirst().id();
        Design d = with(Receipt.of("r", "it", Receipt.State.PAID, 40).withThing(id)).mapping(id,
                t -> t.with(new Cost(t.cost().planned(), OptionalDouble.of(99))));
        Analysis a = Analysis.of(d);
        Finding f = a.of(Money.DISCIPLINE).findings().stream().filter(x -> x.id().startsWith("money.typed"))
                .findFirst().orElseThrow();

        Design mended = Remedies.of(a, f).getFirst().edit().change().apply(d);

        assertThat(mended.thing(id).orElseThrow().cost().paid()).hasValue(40);
        assertThat(Analysis.of(mended).of(Money.DISCIPLINE).findings()).noneMatch(
                x -> x.id().startsWith("money.typed"));
    }

    @Test
    void anotherCurrencyCountsOnlyWithARate() {
        Design d = with(Receipt.of("r", "abroad", Receipt.State.PAID, 100).withCurrency("CHF"));

        assertThat(forecast(d)).isEqualTo(forecast(DUNLIN));
        assertThat(Analysis.of(d).of(Money.DISCIPLINE).findings()).extracting(Finding::id)
                .contains("money.rate.r");
        assertThat(forecast(d.withPurse(d.purse().withRates(List.of(new ExchangeRate("chf", 1.05, "2026-10-01"))))))
                .isCloseTo(forecast(DUNLIN) + 105, within(1e-6));
    }

    /// Who keeps a bill without a line for the office is told; nobody is without a bill.
    @Test
    void registrationStandsInTheBill() {
        Design none = Campers.demo("dunlin").orElseThrow().design().withPurse(Purse.NONE);
        Design bill = none.withPurse(Purse.NONE.plus(Receipt.of("line-1", "Tube", Receipt.State.PAID, 40)));
        Analysis a = Analysis.of(bill);
        Finding said = a.findings().stream().filter(f -> f.id().equals("money.papers")).findFirst().orElseThrow();
        Design mended = Remedies.of(a, said).getFirst().edit().apply(bill);

        assertThat(Analysis.of(none).findings()).extracting(Finding::id).doesNotContain("money.papers");
        assertThat(Analysis.of(mended).findings()).extracting(Finding::id).doesNotContain("money.papers");
        assertThat(mended.purse().receipts()).hasSize(2);
    }

    /// 500 were set aside for small parts; 120 paid and 60 ordered leave 320 of them expected, 600 leave nothing; packs and tax count, gifts
    /// and other kinds do not.
    @Test
    void receiptsOfSmallPartsReplaceTheirAllowance() {
        Design d = Campers.demo("dunlin").orElseThrow().design().withPurse(Purse.NONE);
        double bare = Lines.forecast(d);
        Receipt allowance = Receipt.of("line-1", "Small parts", Receipt.State.GUESS, 500)
                .withKind(Receipt.Kind.SMALL);
        Receipt paid = Receipt.of("line-2", "Screws", Receipt.State.PAID, 100).withTax(0.2)
                .withKind(Receipt.Kind.SMALL);
        Receipt ordered = Receipt.of("line-3", "Terminals", Receipt.State.ORDERED, 60).withKind(Receipt.Kind.SMALL);
        Receipt gift = Receipt.of("line-4", "Tape", Receipt.State.PAID, 40).withKind(Receipt.Kind.SMALL)
                .withCover(Bill.Cover.GIFT);
        Receipt tube = Receipt.of("line-5", "Tube", Receipt.State.PAID, 30);

        Design some = d.withPurse(Purse.NONE.withReceipts(List.of(allowance, paid, ordered, gift, tube)));
        Design all = d.withPurse(Purse.NONE.withReceipts(List.of(allowance, paid.withPrice(600))));

        assertThat(Lines.forecast(d.withPurse(Purse.NONE.plus(allowance)))).isEqualTo(bare + 500);
        assertThat(Lines.forecast(some)).isEqualTo(bare + 500 + 30);
        assertThat(Lines.of(some)).filteredOn(l -> l.id().equals("line-1")).singleElement()
                .satisfies(l -> assertThat(l.forecast()).isEqualTo(320));
        assertThat(Lines.forecast(all)).isEqualTo(bare + 720);
        assertThat(Lines.free(some, Bill.Tier.ESSENTIAL)).isEqualTo(530);
        assertThat(Lines.each(some).values().stream().mapToDouble(x -> x).sum()).as("by shop and month too")
                .isEqualTo(530);
        assertThat(Analysis.of(some).figures().value("money.forecast")).isEqualTo(bare + 530);
    }

    /// A receipt in EUR is in the currency of a project that counts in €; one in francs is not, and needs its rate.
    @Test
    void aCurrencyIsItsSignOrItsCode() {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        Receipt tube = Receipt.of("line-1", "Tube", Receipt.State.PAID, 40);
        double bare = Lines.forecast(d.withPurse(Purse.NONE));

        assertThat(Lines.forecast(d.withPurse(Purse.NONE.plus(tube.withCurrency("eur"))))).isEqualTo(bare + 40);
        assertThat(Lines.forecast(d.withPurse(Purse.NONE.plus(tube.withCurrency("CHF"))))).isEqualTo(bare);
        assertThat(Lines.forecast(d.withPurse(Purse.NONE.plus(tube.withCurrency("$"))
                .withRates(List.of(new ExchangeRate("USD", 0.9, "2026-05-01")))))).isEqualTo(bare + 36);
    }

    /// 96 months are 8 years, 16 350 is lent, 24 609 paid in all: what is said otherwise is found, what is said right is not; each can be
    /// mended but a saying.
    @Test
    void whatIsSaidOfAnOfferIsCompared() {
        Design d = DUNLIN;
        for (String[] set : new String[][]{{"deal.price", "18500"}, {"deal.down", "2500"}, {"deal.rate", "0.079"},
                {"deal.months", "96"}, {"deal.fees", "350"}}) {
            d = d.with(d.settings().with(set[0], Double.parseDouble(set[1])));
        }
        double cash = Analysis.of(d).figures().value("money.forecast");
        double total = Analysis.of(d).figures().value("deal.total");
        Design right = said(d, 8, 16_350, total, cash / 18_500);
        Design wrong = said(d, 9, 13_850, 18_500, 0.7);

        assertThat(offers(d)).isEmpty();
        assertThat(offers(right)).isEmpty();
        assertThat(offers(wrong)).containsExactlyInAnyOrder("deal.saidYears", "deal.saidLent", "deal.saidTotal",
                "deal.saidShare");
        for (String id : List.of("deal.saidYears", "deal.saidLent", "deal.saidTotal")) {
            Analysis a = Analysis.of(wrong);
            Finding said = a.findings().stream().filter(f -> f.id().equals(id)).findFirst().orElseThrow();
            Design mended = Remedies.of(a, said).getFirst().edit().apply(wrong);
            assertThat(offers(mended)).as(id).doesNotContain(id);
        }
    }

    private static Design said(Design d, double years, double lent, double total, double share) {
        return d.with(d.settings().with("deal.saidYears", years).with("deal.saidLent", lent)
                .with("deal.saidTotal", total).with("deal.saidShare", share));
    }

    private static List<String> offers(Design d) {
        return Analysis.of(d).of(DealStudies.DISCIPLINE).findings().stream().map(Finding::id).toList();
    }

    @Nested
    class Ahead {
        /// Everything of the camper but one line is paid, so that only it is open: 1000 of a guess, −20 % +40 %: mean 1000 (1 + 0.2/6),
        /// σ = 1000 · 0.6/6 = 100, P80 = mean + 84.16.
        @Test
        void aGuessIsARange() {
            Design paid = DUNLIN.withThings(DUNLIN.things().stream()
                    .map(t -> t.with(new Cost(t.cost().planned(), OptionalDouble.of(t.cost().forecast())))).toList());
            Design d = paid.with(paid.base().with(new Cost(980, OptionalDouble.of(960)))).withPurse(Purse.NONE.plus(
                    Receipt.of("r", "skin", Receipt.State.GUESS, 1000)));
            double settled = forecast(d) - 1000;

            assertThat(value(d, OutlookStudies.RANGE, "money.mean")).isCloseTo(settled + 1033.33, within(0.01));
            assertThat(value(d, OutlookStudies.RANGE, "money.p80")).isCloseTo(settled + 1033.33 + 84.16, within(0.01));
            assertThat(value(d, OutlookStudies.RANGE, "money.contingency")).isCloseTo(117.50, within(0.01));
        }

        /// From 10 January with 900 there and 350 on the 25th: a tube of 415 wanted on 6 February (3 days to come), an axle of
        /// 640 on 20 February (14 days): ordered on the 3rd and the 6th; sheets of 520 on 13 March (5 days) and windows of 610 on
        /// 20 March (21 days) come 48 and 26 days late.
        @Test
        void whatCannotBePaidInTimeComesLate() {
            Design d = with(buy("axle", 640, "2027-02-20", 14), buy("tube", 415, "2027-02-06", 3),
                    buy("sheets", 520, "2027-03-13", 5), buy("windows", 610, "2027-03-20", 21));
            d = set(set(set(d, "cash.start", 900), "cash.monthly", 350), "cash.payday", 25);
            d = d.withPurse(d.purse().withToday("2027-01-10"));

            List<Finding> late = Analysis.of(d).of(OutlookStudies.CASH).findings();

            everyRemedyMends(Analysis.of(d), CashRules.LATE);
            assertThat(late).extracting(Finding::id).containsExactlyInAnyOrder("money.late.sheets",
                    "money.late.windows");
            double least = value(d, OutlookStudies.CASH, "cash.least");
            assertThat(Analysis.of(set(d, "cash.monthly", least + 0.01)).of(OutlookStudies.CASH).findings()).isEmpty();
            assertThat(Analysis.of(set(d, "cash.monthly", least - 1)).of(OutlookStudies.CASH).findings()).isNotEmpty();
        }

        private Receipt buy(String id, double price, String need, double lead) {
            return Receipt.of(id, id, Receipt.State.QUOTE, price).withNeed(need).withLead(lead);
        }

        @Test
        void daysThatAreNoneAreLeftOut() {
            Design d = with(buy("odd", 10, "2027-02-31", 3)).withPurse(with(buy("odd", 10, "soon", 3)).purse()
                    .withToday("yesterday"));

            assertThat(Analysis.of(d).of(OutlookStudies.CASH).all()).isNotEmpty();
        }
    }

    @Nested
    class Deals {
        private Design offer() {
            Design d = set(set(set(DUNLIN, "deal.price", 18500), "deal.down", 2500), "deal.rate", 0.079);
            return set(set(set(d, "deal.months", 96), "deal.fees", 350), "deal.interest", 0.03);
        }

        /// 16 350 at 7.9 % over 96 months: 230.30 a month, 5759.20 of interest, under water until month 12 (worked example).
        @Test
        void aLoanIsWorkedOut() {
            assertThat(value(offer(), DealStudies.DISCIPLINE, "deal.lent")).isEqualTo(16350);
            assertThat(value(offer(), DealStudies.DISCIPLINE, "deal.payment")).isCloseTo(230.30, within(0.005));
            assertThat(value(offer(), DealStudies.DISCIPLINE, "deal.interest")).isCloseTo(5759.2, within(0.05));
            assertThat(value(offer(), DealStudies.DISCIPLINE, "deal.under")).isEqualTo(12);
        }

        @Test
        void aPaymentThatDoesNotPayTheLoanBackIsSaid() {
            Design d = set(offer(), "deal.quoted", 120);

            assertThat(Analysis.of(d).of(DealStudies.DISCIPLINE).findings()).extracting(Finding::id)
                    .containsExactly("deal.loan");
            assertThat(Analysis.of(set(offer(), "deal.quoted", 230.30)).of(DealStudies.DISCIPLINE).findings())
                    .isEmpty();
            everyRemedyMends(Analysis.of(set(offer(), "deal.quoted", 260)), DealRules.LOAN);
            assertThat(value(set(offer(), "deal.quoted", 260), DealStudies.DISCIPLINE, "deal.apr"))
                    .isGreaterThan(0.079);
        }

        /// The hour that makes both sides equal: with it, cash and hours of the build are the price.
        @Test
        void anHourEarnsWhatMakesBothSidesEqual() {
            double hours = value(offer(), BuildStudies.DISCIPLINE, "build.hours") / 3600;

            assertThat(forecast(offer()) + hours * value(offer(), DealStudies.DISCIPLINE, "deal.hour")).isCloseTo(18500,
                    within(1e-6));
        }

        /// Sold for what pays cash and hours, each hour brings its worth; sold for the cash, nothing.
        @Test
        void whatIsAskedPaysTheHoursAtTheirWorth() {
            Design d = set(offer(), "hour.worth", 14);
            double even = value(d, DealStudies.DISCIPLINE, "deal.sold.even");

            assertThat(value(set(d, "deal.asked", even), DealStudies.DISCIPLINE, "deal.sold.hour")).isCloseTo(14,
                    within(1e-9));
            assertThat(value(set(d, "deal.asked", forecast(d)), DealStudies.DISCIPLINE, "deal.sold.over")).isZero();
            assertThat(value(d, DealStudies.DISCIPLINE, "deal.sold"))
                    .as("asked for nothing, it brings what such a one does")
                    .isCloseTo(0.45 * forecast(d), within(1e-9));
        }
    }

    @Nested
    class Saving {
        /// The worked example: the least loss that saves 1200 with hours at 6 is skin 1, chassis, cushions 1, water: 1296 and 7
        /// points.
        @Test
        void theSetWithTheLeastLossIsFound() {
            Design d = set(set(DUNLIN.withPurse(Purse.NONE.withWays(List.of(way("skin", "a", 520, 14, 2),
                    way("skin", "b", 690, 30, 4), way("chassis", "c", 480, 26, 1), way("cushions", "d", 310, 16, 1),
                    way("cushions", "e", 430, 6, 3), way("solar", "f", 610, -9, 5), way("water", "g", 280, -7, 3)))),
                    "save.target", 1200), "hour.worth", 6);
            d = set(set(d, "save.want", 100), "save.other", 100);

            assertThat(value(d, SavingStudies.DISCIPLINE, "save.net")).isCloseTo(1296, within(1e-6));
            assertThat(value(d, SavingStudies.DISCIPLINE, "save.loss")).isEqualTo(7);
        }

        private Economy way(String group, String name, double saving, double hours, double loss) {
            return new Economy(group, name, saving, hours * 3600, loss);
        }

        @Test
        void moreThanAllCannotBeSaved() {
            assertThat(Analysis.of(set(DUNLIN, "save.target", 1e6)).of(SavingStudies.DISCIPLINE).findings())
                    .extracting(Finding::id).containsExactly("save.target");
        }
    }

    /// 100 asked two years ago at 4 % a year: 108.16 today; what is ordered or younger stays.
    @Test
    void oldPricesAreBroughtToToday() {
        Design d = with(Receipt.of("a", "hatch struts", Receipt.State.QUOTE, 100).withAmount(3).withDate("2025-03-01"),
                Receipt.of("b", "lamp", Receipt.State.QUOTE, 50).withDate("2026-12-01"),
                Receipt.of("c", "axle", Receipt.State.ORDERED, 400).withDate("2024-01-01"));
        Design now = d.with(d.purse().withToday("2027-03-01"));

        double years = 730 / 365.25;
        assertThat(value(now, OutlookStudies.RANGE, "money.older")).isCloseTo(3 * (Math.round(10_000 * Math.pow(1.04,
                years)) / 100.0 - 100), within(1e-9));
        Finding old = Analysis.of(now).of(OutlookStudies.RANGE).findings().stream()
                .filter(f -> f.id().equals("money.old.a")).findFirst().orElseThrow();
        Design dearer = Remedies.of(Analysis.of(now), old).getFirst().edit().apply(now);
        assertThat(dearer.purse().receipt("a").orElseThrow().price()).isCloseTo(108.15, within(0.011));
        assertThat(Analysis.of(dearer).of(OutlookStudies.RANGE).findings()).extracting(Finding::id)
                .doesNotContain("money.old.a");
    }
}
