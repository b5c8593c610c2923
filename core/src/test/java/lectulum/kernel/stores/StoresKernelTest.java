package lectulum.kernel.stores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.SplittableRandom;
import lectulum.kernel.maths.Belief;
import org.junit.jupiter.api.Test;

/// Cold boxes, reserves and stores day by day: worked examples to five digits.
class StoresKernelTest {
    private static final double FIVE = 5e-3;

    private static void is(double actual, double expected) {
        assertThat(actual).isCloseTo(expected, withinPercentage(FIVE));
    }

    @Test
    void iceAndCompressor() {
        ColdBox ice = new ColdBox(0.45, 3, 0.045, 1.2, 20, 8);
        ColdBox pump = new ColdBox(0.75, 4, 0.045, 1.2, 20, 10);

        is(ice.heat(30), 13.136);
        is(ice.ice(30), 3.275);
        is(ice.days(10, 30), 3.0534);
        is(pump.heat(30), 20.464);
        is(pump.performance(30), 1.5715);
        is(24 * pump.power(30), 312.53);
        is(pump.power(30) / 50, 0.26044);
        assertThat(ice.days(10, -20)).isInfinite();
    }

    @Test
    void ninetyInAHundred() {
        Reserve r = new Reserve(15, Reserve.PERSON, Reserve.DAY);

        is(r.needed(5), 92.982);
        is(r.needed(5) / 75, 1.2398);
        is(r.chance(95, 5), 0.92298);
        assertThat(r.chance(r.needed(5), 5)).isCloseTo(0.9, within(1e-4));
        assertThat(new Reserve(0, 0.1, 0.1).chance(1, 5)).isEqualTo(1);
    }

    @Test
    void tripsTeach() {
        Belief b = Reserve.learnt(new Belief(1, 0.15), List.of(new Reserve.Trip(1.30, 5), new Reserve.Trip(1.10, 2)),
                Reserve.DAY);

        is(b.value(), 1.1739);
        is(b.sigma(), 0.07995);
    }

    /// Seven days; events at the start of a day, the first being day 0.
    @Test
    void aWeekOfStores() {
        List<Double> once = List.of(1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0);
        List<Double> half = List.of(1.0, 1.0, 0.5, 1.0, 1.0, 1.0, 1.0);
        double[] breach = {
                new Stores(95, 95, -30).over(half, List.of(new Stores.Event(3, 95))).breach().orElseThrow(),
                new Stores(0, 50, 16).over(half, List.of(new Stores.Event(3, 0))).breach().orElseThrow(),
                new Stores(3.6, 9, -0.45).over(List.of(1.5, 1.0, 1.0, 1.0, 1.0, 2.0, 1.0), List.of()).breach()
                        .orElseThrow(),
                new Stores(10, 12, -3.3).over(List.of(1.0, 1.0, 1.0, 1.0, 1.2, 1.0, 1.0),
                        List.of(new Stores.Event(3, 12))).breach().orElseThrow(),
                new Stores(30, 60, -4.7).over(once, List.of()).breach().orElseThrow()};

        assertThat(breach).containsExactly(new double[]{6.1667, 6.125, 6.5, 6.4364, 6.383}, within(5e-5));
        assertThat(new Stores(95, 95, -30).over(half, List.of(new Stores.Event(3, 95))).ends()).isZero();
        assertThat(new Stores(0, 50, 16).over(half, List.of(new Stores.Event(3, 0))).ends()).isEqualTo(50);
    }

    @Test
    void exactlyEmptyIsNoBreachAndALevelStaysInItsStore() {
        assertThat(new Stores(30, 30, -10).over(List.of(1.0, 1.0, 1.0), List.of()).breach()).isEmpty();
        SplittableRandom chance = new SplittableRandom(2);
        for (int i = 0; i < 200; i++) {
            double cap = 50 * chance.nextDouble();
            Stores.Course c = new Stores(80 * chance.nextDouble(), cap, 40 * (chance.nextDouble() - 0.5))
                    .over(List.of(1.0, 2 * chance.nextDouble(), 1.0), List.of(new Stores.Event(1, 60)));
            assertThat(c.ends()).isBetween(0.0, cap);
            c.breach().ifPresent(b -> assertThat(b).isBetween(0.0, 3.0));
        }
    }
}
