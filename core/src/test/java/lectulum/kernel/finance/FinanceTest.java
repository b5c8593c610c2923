package lectulum.kernel.finance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/// Cents, spreads, loans, owning and savings: worked examples, and each formula a second way.
class FinanceTest {
    private static BigDecimal money(String s) {
        return new BigDecimal(s);
    }

    @Nested
    class ToTheCent {
        /// 64.50 over 233.40, 86, 518 and 0: 17.98, 6.62, 39.90, 0.00.
        @Test
        void freightIsSplitByValue() {
            assertThat(Cents.split(money("64.50"), List.of(money("233.40"), money("86"), money("518"), money("0"))))
                    .containsExactly(money("17.98"), money("6.62"), money("39.90"), money("0.00"));
        }

        @Test
        void partsAlwaysAddUp() {
            SplittableRandom random = new SplittableRandom(4);
            for (int n = 0; n < 500; n++) {
                List<BigDecimal> weights = new ArrayList<>();
                for (int i = 0; i < 1 + random.nextInt(9); i++) {
                    weights.add(BigDecimal.valueOf(random.nextInt(3) == 0 ? 0 : random.nextInt(100_000), 2));
                }
                BigDecimal sum = BigDecimal.valueOf(random.nextInt(1_000_000), 2);

                assertThat(Cents.split(sum, weights).stream().reduce(BigDecimal.ZERO, BigDecimal::add))
                        .isEqualByComparingTo(sum);
            }
        }

        @Test
        void halfACentGoesUp() {
            assertThat(Cents.of(2.675)).isEqualByComparingTo("2.68");
            assertThat(Cents.of(2.674999)).isEqualByComparingTo("2.67");
        }
    }

    /// 1800 and 950 guessed, 2100 of a catalogue, 1240 quoted, 3310 paid.
    @Test
    void pricesThatAreNotSure() {
        Spread s = Spread.of(List.of(new Spread.Price(1800, 0.2, 0.4), new Spread.Price(950, 0.2, 0.4),
                new Spread.Price(2100, 0.05, 0.1), new Spread.Price(1240, 0, 0.03), new Spread.Price(3310, 0, 0)), 0.3);

        assertThat(s.likely()).isEqualTo(9400);
        assertThat(s.mean()).isCloseTo(9515.4, within(0.05));
        assertThat(s.deviation()).isCloseTo(253.69, within(0.005));
        assertThat(s.under(0.1)).isCloseTo(9190.2, within(0.1));
        assertThat(s.under(0.8)).isCloseTo(9728.9, within(0.1));
        assertThat(s.under(0.9)).isCloseTo(9840.5, within(0.1));
        assertThat(s.contingency()).isCloseTo(328.88, within(0.05));
    }

    @Nested
    class Loans {
        private final Loan loan = new Loan(16_350, 0.079, 96);

        @Test
        void aBoughtCamperOnCredit() {
            assertThat(loan.payment()).isCloseTo(230.30, within(0.005));
            assertThat(loan.interest()).isCloseTo(5759.2, within(0.1));
            assertThat(loan.balance(36)).isCloseTo(11_385.0, within(1.0));
            assertThat(new Resale(18_500, 0.2, 0.08).underWater(loan)).hasValue(12);
            assertThat(Loan.rate(15_000, 210, 84).orElseThrow()).isCloseTo(0.047142, within(1e-6));
        }

        /// Month by month: interest on what is owed, then the payment.
        @Test
        void theBalanceMonthByMonth() {
            double owed = loan.principal();
            for (int m = 1; m <= 96; m++) {
                owed = owed * (1 + loan.rate() / 12) - loan.payment();
                assertThat(loan.balance(m)).isCloseTo(Math.max(0, owed), within(1e-6));
            }
        }

        @Test
        void aRateGivesItsPaymentAndBack() {
            SplittableRandom random = new SplittableRandom(9);
            for (int n = 0; n < 200; n++) {
                Loan l = new Loan(random.nextDouble(500, 60_000), random.nextDouble(0, 0.5), 1 + random.nextInt(180));

                assertThat(Loan.rate(l.principal(), l.payment(), l.months()).orElseThrow()).isCloseTo(l.rate(),
                        within(1e-7));
            }
            assertThat(Loan.rate(10_000, 100, 90)).isEmpty();
            assertThat(new Loan(1200, 0, 12).payment()).isEqualTo(100);
        }
    }

    @Nested
    class Own {
        @Test
        void buyingBuildingRenting() {
            double buy = Owning.yearly(18_500, 7400, 0.03, 8, 520);
            double build = Owning.yearly(7900, 4200, 0.03, 8, 410);

            assertThat(buy).isCloseTo(2323.3, within(0.1));
            assertThat(build).isCloseTo(1063.1, within(0.1));
            assertThat(Owning.nights(buy, 95, 12)).isCloseTo(27.991, within(0.001));
            assertThat(Owning.nights(build, 95, 12)).isCloseTo(12.808, within(0.001));
            assertThat((18_500.0 - 7900) / 420).isCloseTo(25.238, within(0.001));
            assertThat((buy - build) / (1 / Owning.annuity(0.03, 8)) / 420).isCloseTo(21.062, within(0.001));
            assertThat(Owning.months(7900, 330, 0.025)).hasValue(24);
            assertThat(Owning.months(7900, 0, 0.025)).isEmpty();
            assertThat(Owning.months(1000, 100, 0)).hasValue(10);
        }

        /// Saved month by month, the last payment earning nothing.
        @Test
        void savingMonthByMonth() {
            double have = 0;
            int months = 0;
            while (have < 7900) {
                have = have * (1 + 0.025 / 12) + 330;
                months++;
            }
            assertThat(Owning.months(7900, 330, 0.025)).hasValue(months);
        }
    }

    @Nested
    class Saving {
        private final List<List<Savings.Way>> groups = List.of(
                List.of(new Savings.Way("skin-1", 520, 14, 2), new Savings.Way("skin-2", 690, 30, 4)),
                List.of(new Savings.Way("chassis", 480, 26, 1)),
                List.of(new Savings.Way("cushions-1", 310, 16, 1), new Savings.Way("cushions-2", 430, 6, 3)),
                List.of(new Savings.Way("solar", 610, -9, 5)), List.of(new Savings.Way("water", 280, -7, 3)));

        @Test
        void theLeastLossThatReachesTheTarget() {
            Savings.Chosen c = Savings.best(groups, 1200, 6).orElseThrow();

            assertThat(c.chosen()).containsExactly(1, 1, 1, 0, 1);
            assertThat(c.net()).isEqualTo(1296);
            assertThat(c.loss()).isEqualTo(7);
            assertThat(c.changes()).isEqualTo(4);
            assertThat(groups.get(1).getFirst().rank(6)).isEqualTo(324);
            assertThat(groups.get(0).getFirst().rank(6)).isEqualTo(218);
            assertThat(groups.get(3).getFirst().rank(6)).isCloseTo(132.8, within(1e-9));
            assertThat(Savings.best(groups, 5000, 6)).isEmpty();
        }

        /// Against every set there is.
        @Test
        void noOtherSetIsBetter() {
            SplittableRandom random = new SplittableRandom(33);
            for (int n = 0; n < 200; n++) {
                List<List<Savings.Way>> all = new ArrayList<>();
                for (int g = 0; g < 6; g++) {
                    List<Savings.Way> ways = new ArrayList<>();
                    for (int i = 0; i < 1 + random.nextInt(3); i++) {
                        ways.add(new Savings.Way("w", random.nextInt(20) * 50, random.nextInt(20), random.nextInt(8)));
                    }
                    all.add(ways);
                }
                double target = random.nextInt(40) * 50;
                Optional<Savings.Chosen> best = Savings.best(all, target, 5);
                double[] every = every(all, 0, 0, 0, target);

                assertThat(best.isPresent()).isEqualTo(every[0] < Double.POSITIVE_INFINITY);
                best.ifPresent(b -> {
                    assertThat(b.loss()).isCloseTo(every[0], within(1e-9));
                    assertThat(b.net()).isCloseTo(every[1], within(1e-9));
                });
            }
        }

        private static double[] every(List<List<Savings.Way>> all, int at, double net, double loss, double target) {
            if (at == all.size()) {
                return net >= target - 1e-9 ? new double[]{loss, net} : new double[]{Double.POSITIVE_INFINITY, 0};
            }
            double[] best = every(all, at + 1, net, loss, target);
            for (Savings.Way w : all.get(at)) {
                double[] with = every(all, at + 1, net + w.net(5), loss + w.loss(), target);
                if (with[0] < best[0] - 1e-9 || with[0] < best[0] + 1e-9 && with[1] > best[1]) {
                    best = with;
                }
            }
            return best;
        }
    }

    private static Bill bill(String wanted, String pack, String price) {
        return new Bill(money(wanted), money(pack), money(price), money("0.08"), Optional.empty());
    }

    /// 22.47 in sixes are four packs at 38.90 with 8 % tax: 168.05, of which 22.47/24 is built in.
    @Test
    void wholePacksAreBoughtAndTheirShareIsUsed() {
        Bill tube = bill("22.47", "6", "38.90");

        assertThat(tube.packs()).isEqualByComparingTo("4");
        assertThat(tube.total(BigDecimal.ONE)).isEqualByComparingTo("168.05");
        assertThat(tube.used(BigDecimal.ONE)).isEqualByComparingTo("157.34");
        assertThat(tube.total(money("1.05"))).as("in another currency").isEqualByComparingTo("176.45");
    }

    @Test
    void whatWasReallyBoughtCountsAndNothingWantedIsNothingBought() {
        Bill more = new Bill(money("3"), money("1"), money("10"), money("0"), Optional.of(money("5")));
        Bill fewer = new Bill(money("3"), money("1"), money("10"), money("0"), Optional.of(money("2")));

        assertThat(more.total(BigDecimal.ONE)).isEqualByComparingTo("50");
        assertThat(more.used(BigDecimal.ONE)).isEqualByComparingTo("30");
        assertThat(fewer.used(BigDecimal.ONE)).as("no more than was bought").isEqualByComparingTo("20");
        assertThat(bill("0", "6", "38.90").total(BigDecimal.ONE)).isEqualByComparingTo("0");
        assertThat(bill("0", "6", "38.90").used(BigDecimal.ONE)).isEqualByComparingTo("0");
    }

    /// 900 of cash and 350 on each 25th.
    @Test
    void orderedWhenThereIsMoney() {
        LocalDate today = LocalDate.parse("2027-01-10");
        List<PayAsYouGo.Buy> buys = List.of(
                new PayAsYouGo.Buy("axle", 640, LocalDate.parse("2027-02-20"), 14),
                new PayAsYouGo.Buy("tube", 415, LocalDate.parse("2027-02-06"), 3),
                new PayAsYouGo.Buy("sheets", 520, LocalDate.parse("2027-03-13"), 5),
                new PayAsYouGo.Buy("windows", 610, LocalDate.parse("2027-03-20"), 21));

        List<PayAsYouGo.Ordered> plan = PayAsYouGo.plan(buys, today, 900, 350, 25);

        assertThat(plan).extracting(o -> o.buy().name() + " " + o.order() + " " + o.arrival() + " " + o.late())
                .containsExactly("tube 2027-02-03 2027-02-06 0", "axle 2027-02-06 2027-02-20 0",
                        "windows 2027-03-25 2027-04-15 26", "sheets 2027-04-25 2027-04-30 48");
        double least = PayAsYouGo.least(buys, today, 900, 25);
        assertThat(PayAsYouGo.plan(buys, today, 900, least + 0.01, 25)).allMatch(o -> o.late() <= 0);
        assertThat(PayAsYouGo.plan(buys, today, 900, least - 0.01, 25)).anyMatch(o -> o.late() > 0);
    }
}
