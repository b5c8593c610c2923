package lectulum.kernel.finance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// Saving, loans and resale lived through day by day and month by month, without the formulas.
class DayByDayTest {
    private static final LocalDate TODAY = LocalDate.parse("2027-01-10");

    /// A money box: filled on paydays, opened when the next order is due and it holds enough.
    @Test
    void ordersComeWhenTheMoneyBoxHoldsThem() {
        SplittableRandom random = new SplittableRandom(83);
        for (int n = 0; n < 150; n++) {
            List<PayAsYouGo.Buy> buys = new ArrayList<>();
            for (int i = random.nextInt(1, 7); i > 0; i--) {
                buys.add(new PayAsYouGo.Buy("b" + i, 10 * random.nextInt(1, 90), TODAY.plusDays(random.nextInt(-20, 200)
                        + i), random.nextInt(0, 40)));
            }
            double cash = 10 * random.nextInt(0, 120);
            double monthly = 50 * random.nextInt(1, 10);
            int payday = random.nextInt(1, 32);
            List<PayAsYouGo.Buy> order = buys.stream().sorted(Comparator.comparing(PayAsYouGo.Buy::orderBy)).toList();

            List<PayAsYouGo.Ordered> plan = PayAsYouGo.plan(buys, TODAY, cash, monthly, payday);

            assertThat(plan).hasSize(buys.size());
            double box = cash;
            LocalDate day = TODAY;
            List<LocalDate> hand = new ArrayList<>();
            double reserved = 0;
            for (PayAsYouGo.Buy b : order) {
                reserved += b.price();
                LocalDate paid = day;
                double have = box;
                while (have < reserved - 1e-9) {
                    paid = paid.plusDays(1);
                    have += paid.getDayOfMonth() == Math.min(payday, paid.lengthOfMonth()) ? monthly : 0;
                }
                hand.add(paid.isAfter(b.orderBy()) ? paid : b.orderBy());
            }
            for (int i = 0; i < plan.size(); i++) {
                assertThat(plan.get(i).order()).as("%s", buys).isEqualTo(hand.get(i));
                assertThat(plan.get(i).arrival()).isEqualTo(hand.get(i).plusDays(order.get(i).lead()));
                assertThat(plan.get(i).late()).isEqualTo(plan.get(i).arrival().toEpochDay()
                        - order.get(i).need().toEpochDay());
            }
        }
    }

    /// The least saving is in time, a little less is not.
    @Test
    void theLeastSavingIsTheLeast() {
        SplittableRandom random = new SplittableRandom(89);
        int looked = 0;
        for (int n = 0; n < 120; n++) {
            List<PayAsYouGo.Buy> buys = new ArrayList<>();
            for (int i = random.nextInt(1, 6); i > 0; i--) {
                buys.add(
                        new PayAsYouGo.Buy("b" + i, 10 * random.nextInt(1, 90), TODAY.plusDays(random.nextInt(30, 300)),
                                random.nextInt(0, 30)));
            }
            double least = PayAsYouGo.least(buys, TODAY, 100, 25);
            if (Double.isInfinite(least)) {
                continue;
            }
            looked++;
            assertThat(PayAsYouGo.plan(buys, TODAY, 100, least + 0.01, 25)).hasSize(buys.size())
                    .allMatch(o -> o.late() <= 0 || o.buy().orderBy().isBefore(TODAY));
            if (least > 1) {
                List<PayAsYouGo.Ordered> less = PayAsYouGo.plan(buys, TODAY, 100, least - 0.1, 25);
                assertThat(less.size() < buys.size() || less.stream().anyMatch(o -> o.late() > 0)).isTrue();
            }
        }
        assertThat(looked).isGreaterThan(40);
    }

    /// A loan paid off month by month leaves nothing, and what was paid above it is its interest.
    @Test
    void aLoanIsPaidOffMonthByMonth() {
        SplittableRandom random = new SplittableRandom(97);
        for (int n = 0; n < 200; n++) {
            double principal = 100 * random.nextInt(1, 400);
            double rate = random.nextInt(0, 30) / 100.0;
            int months = random.nextInt(1, 121);
            Loan loan = new Loan(principal, rate, months);
            double owed = principal;
            double paid = 0;
            for (int m = 1; m <= months; m++) {
                owed += owed * rate / 12 - loan.payment();
                paid += loan.payment();
                assertThat(loan.balance(m)).isCloseTo(Math.max(0, owed), within(1e-6 * principal));
            }
            assertThat(owed).isCloseTo(0, within(1e-6 * principal));
            assertThat(loan.interest()).isCloseTo(paid - principal, within(1e-6 * principal));
            OptionalDouble back = Loan.rate(principal, loan.payment(), months);
            assertThat(back.orElseThrow()).isCloseTo(rate, within(1e-6));
        }
        assertThat(Loan.rate(15000, 100, 84)).as("payments do not add up to the loan").isEmpty();
    }

    /// Cents of a sum on lines: they add up, none gets more than a cent away from its share, and the order does not matter but for ties.
    @Test
    void splitCentsAddUp() {
        SplittableRandom random = new SplittableRandom(101);
        for (int n = 0; n < 300; n++) {
            List<java.math.BigDecimal> weights = new ArrayList<>();
            for (int i = random.nextInt(1, 9); i > 0; i--) {
                weights.add(java.math.BigDecimal.valueOf(random.nextInt(0, 50_000), 2));
            }
            java.math.BigDecimal sum = java.math.BigDecimal.valueOf(random.nextInt(0, 20_000), 2);
            List<java.math.BigDecimal> parts = Cents.split(sum, weights);
            double all = weights.stream().mapToDouble(java.math.BigDecimal::doubleValue).sum();

            assertThat(parts.stream().reduce(java.math.BigDecimal.ZERO, java.math.BigDecimal::add))
                    .isEqualByComparingTo(sum);
            for (int i = 0; i < parts.size(); i++) {
                double share = all > 0
                        ? sum.doubleValue() * weights.get(i).doubleValue() / all
                        : sum.doubleValue() / weights.size();
                assertThat(parts.get(i).doubleValue()).isCloseTo(share, within(0.01 + 1e-9));
            }
        }
    }

    /// A tool owned against hired: at the even day both cost the same.
    @Test
    void atTheEvenDayOwningAndHiringAreAlike() {
        SplittableRandom random = new SplittableRandom(103);
        for (int n = 0; n < 100; n++) {
            Hire h = new Hire(random.nextInt(1, 2000), random.nextDouble(), random.nextInt(1, 90),
                    random.nextInt(0, 40));
            double even = h.even().orElseThrow();

            assertThat(new Hire(h.price(), h.resale(), h.day(), even).hiring()).isCloseTo(h.owning(), within(1e-9));
            assertThat(h.cheaperHired()).isEqualTo(h.days() < even - 1e-12);
        }
    }
}
