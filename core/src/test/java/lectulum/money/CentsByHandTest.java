package lectulum.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.purse.ExchangeRate;
import lectulum.design.purse.Purse;
import lectulum.design.purse.Receipt;
import lectulum.discipline.Study;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.finance.Bill;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;

/// Bills that are made up, added by other arithmetic: whole cents and whole packs in a loop, nothing of the program's own.
class CentsByHandTest {
    private static final List<String> CURRENCIES = List.of("", "EUR", "CHF", "XYZ");
    private static final BigDecimal FRANC = new BigDecimal("1.07");

    private static Design with(List<Receipt> receipts) {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        return d.with(new Purse(receipts, List.of(new ExchangeRate("CHF", 1.07, "2026-05-01")), List.of(), "2026-11-28",
                List.of()));
    }

    private static double cents(SplittableRandom random, int most) {
        return random.nextInt(1, most) / 100.0;
    }

    /// Products of a few names, so that packs are shared; no small parts, whose allowances have a test of their own.
    private static List<Receipt> random(SplittableRandom random) {
        List<Receipt> all = new ArrayList<>();
        for (int i = random.nextInt(1, 14); i > 0; i--) {
            Receipt.State state = Receipt.State.values()[random.nextInt(5)];
            Receipt r = Receipt.of("line-" + i, "product " + random.nextInt(5), state, cents(random, 20_000))
                    .withAmount(random.nextInt(0, 400) / 10.0).withPack(random.nextInt(1, 60) / 10.0)
                    .withWaste(random.nextInt(0, 3) / 20.0).withTax(random.nextInt(0, 3) / 12.5)
                    .withFreight(cents(random, 900)).withShop("shop " + random.nextInt(2)).withDate("2026-0" + (1
                            + random.nextInt(9)) + "-05")
                    .withTier(Bill.Tier.values()[random.nextInt(3)])
                    .withCover(Bill.Cover.values()[random.nextInt(3)])
                    .withCurrency(CURRENCIES.get(random.nextInt(4)));
            all.add(random.nextInt(4) == 0 ? r.withBought(OptionalDouble.of(random.nextInt(0, 9))) : r);
        }
        return all;
    }

    private static BigDecimal of(double value) {
        return new BigDecimal(Double.toString(value));
    }

    /// What a currency is worth; null where nobody said.
    private static BigDecimal rate(Receipt r) {
        return switch (r.currency()) {
            case "", "EUR" -> BigDecimal.ONE;
            case "CHF" -> FRANC;
            default -> null;
        };
    }

    /// Packs of a product, one by one until they hold what is wanted.
    private static BigDecimal packs(List<Receipt> product) {
        Receipt first = product.getFirst();
        if (first.bought().isPresent()) {
            return product.stream().map(r -> of(r.bought().orElseThrow())).reduce(BigDecimal.ZERO, BigDecimal::add);
        }
        BigDecimal wanted = product.stream().map(r -> of(r.amount()).multiply(BigDecimal.ONE.add(of(r.waste()))))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        int packs = 0;
        while (of(first.pack()).multiply(BigDecimal.valueOf(packs)).compareTo(wanted) < 0) {
            packs++;
        }
        return BigDecimal.valueOf(packs);
    }

    private static BigDecimal total(List<Receipt> product) {
        Receipt first = product.getFirst();
        return packs(product).multiply(of(first.price())).multiply(BigDecimal.ONE.add(of(first.tax())))
                .multiply(rate(first)).setScale(2, RoundingMode.HALF_UP);
    }

    /// Receipts of one product in one state share their packs.
    private static List<List<Receipt>> products(List<Receipt> all) {
        Map<List<Object>, List<Receipt>> by = new LinkedHashMap<>();
        all.stream().filter(r -> rate(r) != null).forEach(r -> by.computeIfAbsent(List.of(r.what(), r.shop(),
                r.currency(), r.state(), r.cover(), r.pack(), r.price(), r.tax(), r.bought().isPresent()),
                k -> new ArrayList<>()).add(r));
        return new ArrayList<>(by.values());
    }

    private static BigDecimal sum(List<Receipt> all, Bill.Cover cover, List<Receipt.State> states) {
        return products(all).stream().filter(p -> states.contains(p.getFirst().state())
                && (cover == Bill.Cover.BUY) == (p.getFirst().cover() == Bill.Cover.BUY)).map(CentsByHandTest::total)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private static BigDecimal freight(List<Receipt> all, List<Receipt.State> states) {
        return all.stream().filter(r -> rate(r) != null && states.contains(r.state()))
                .map(r -> of(r.freight()).multiply(rate(r)).setScale(2, RoundingMode.HALF_UP))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private static double value(Analysis a, String figure) {
        return a.figures().value(figure);
    }

    @Test
    void sumsAreThoseOfPencilAndPaper() {
        SplittableRandom random = new SplittableRandom(41);
        Analysis none = Analysis.of(with(List.of()));
        BigDecimal bare = of(value(none, "money.forecast"));
        List<Receipt.State> any = List.of(Receipt.State.values());
        for (int n = 0; n < 120; n++) {
            List<Receipt> all = random(random);
            Analysis a = none.peek(with(all));

            BigDecimal cash = sum(all, Bill.Cover.BUY, any).add(freight(all, any));
            BigDecimal fair = sum(all, Bill.Cover.GIFT, any);
            assertThat(of(value(a, "money.forecast"))).as("%s", all).isEqualByComparingTo(bare.add(cash));
            assertThat(of(value(a, "money.gifts"))).isEqualByComparingTo(fair);
            assertThat(of(value(a, "money.replacement"))).isEqualByComparingTo(bare.add(cash).add(fair));
            assertThat(of(value(a, "money.freight"))).isEqualByComparingTo(freight(all, any));
            List<Receipt.State> ordered = List.of(Receipt.State.ORDERED);
            assertThat(of(value(a, "money.ordered"))).isEqualByComparingTo(
                    sum(all, Bill.Cover.BUY, ordered).add(freight(all, ordered)));
            List<Receipt.State> paid = List.of(Receipt.State.PAID);
            assertThat(of(value(a, "money.paid")).subtract(of(value(none, "money.paid")))).isEqualByComparingTo(
                    sum(all, Bill.Cover.BUY, paid).add(freight(all, paid)));
        }
    }

    /// What is built in and what is left over are the whole; the tiers add up to it, each counting packs anew.
    @Test
    void usedAndLeftOverAndTiersAreTheWhole() {
        SplittableRandom random = new SplittableRandom(43);
        for (int n = 0; n < 80; n++) {
            List<Receipt> all = random(random);
            Design d = with(all);
            List<Line> lines = Lines.of(d).stream().filter(l -> !l.receipts().isEmpty()).toList();

            lines.forEach(l -> assertThat(of(l.used()).add(of(l.over()))).isEqualByComparingTo(of(l.forecast())));
            double before = 0;
            for (Bill.Tier tier : Bill.Tier.values()) {
                BigDecimal free = sum(all.stream().filter(r -> r.tier().compareTo(tier) <= 0).toList(), Bill.Cover.BUY,
                        List.of(Receipt.State.values()));
                assertThat(of(Lines.free(d, tier))).isEqualByComparingTo(free);
                assertThat(Lines.free(d, tier)).isGreaterThanOrEqualTo(before);
                before = Lines.free(d, tier);
            }
            assertThat(of(before)).isEqualByComparingTo(of(Money.sum(lines, Line::forecast)));
        }
    }

    /// Whatever the order in which lines were entered, and whoever looks at them: by kind, by shop, by month.
    @Test
    void everyTableIsOfTheSameMoney() {
        SplittableRandom random = new SplittableRandom(47);
        for (int n = 0; n < 25; n++) {
            List<Receipt> all = random(random).stream().filter(r -> rate(r) != null).toList();
            Analysis a = Analysis.of(Campers.demo("dunlin").orElseThrow().design()).peek(with(all));
            double each = Lines.each(with(all)).values().stream().mapToDouble(x -> x).sum();

            assertThat(Lines.forecast(with(all.reversed()))).isEqualTo(Lines.forecast(with(all)));
            for (String id : List.of("money-shops", "money-months")) {
                a.of(OutlookStudies.TOTALS).all().stream().filter(s -> s.id().equals(id)).findFirst()
                        .ifPresent(s -> assertThat(last(s)).as(id).isCloseTo(each,
                                org.assertj.core.api.Assertions.within(0.5 * all.size() + 1)));
            }
        }
    }

    /// Sum of the last column, as it is shown.
    private static double last(Study s) {
        Listing table = s.listings().getFirst();
        return table.text(Style.PLAIN).stream().skip(1)
                .mapToDouble(r -> Double.parseDouble(r.getLast().replaceAll("[^0-9.−-]", "").replace('−', '-'))).sum();
    }
}
