package lectulum.kernel.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// Curing by temperature and the order of welds.
class CureTest {
    private static double[] dayAndNight(double day, double night) {
        double[] hours = new double[24];
        for (int h = 0; h < 24; h++) {
            hours[h] = h >= 8 && h < 20 ? day : night;
        }
        return hours;
    }

    /// From 18:00, 16 h at 20 °C: two hours at 17, twelve at 11, and what is left at 17: until 17:46:52 of the next day.
    @Test
    void aNightOfElevenDegrees() {
        double hours = new Cure(16, 20, 10).daily(18, dayAndNight(17, 11)).orElseThrow();

        assertThat(hours).isCloseTo(23 + 46 / 60.0 + 52 / 3600.0, within(1 / 3600.0));
    }

    @Test
    void twiceAsFastForTenMore() {
        assertThat(new Cure(16, 20, 5).steady(20).orElseThrow()).isCloseTo(16, within(1e-12));
        assertThat(new Cure(16, 20, 5).steady(30).orElseThrow()).isCloseTo(8, within(1e-12));
        assertThat(new Cure(16, 20, 5).steady(10).orElseThrow()).isCloseTo(32, within(1e-12));
        assertThat(new Cure(16, 20, 5).steady(4.9)).isEmpty();
        assertThat(new Cure(16, 20, 12).daily(9, dayAndNight(11, 3))).isEmpty();
    }

    /// Nights too cold stand still: twelve hours of each day count.
    @Test
    void coldNightsDoNotCount() {
        double hours = new Cure(30, 20, 10).daily(8, dayAndNight(20, 2)).orElseThrow();

        assertThat(hours).isCloseTo(24 + 24 + 6, within(1e-9));
    }

    /// Against the sum over minutes.
    @Test
    void againstMinutes() {
        SplittableRandom random = new SplittableRandom(77);
        for (int n = 0; n < 200; n++) {
            double[] day = random.doubles(24, 2, 28).toArray();
            Cure cure = new Cure(random.nextDouble(2, 60), 20, 8);
            int start = random.nextInt(24);
            double done = 0;
            int minute = 0;
            while (done < 1) {
                done += cure.rate(day[(start + minute / 60) % 24]) / 60;
                minute++;
            }

            assertThat(cure.daily(start, day).orElseThrow()).isCloseTo(minute / 60.0, within(1 / 59.0));
        }
    }

    /// Six joints of a ladder: the first in the middle, the next ones always far away, every joint once.
    @Test
    void weldsAreSpread() {
        List<double[]> joints = List.of(new double[]{0, -1}, new double[]{0, 1}, new double[]{1, -1},
                new double[]{1, 1}, new double[]{2, -1}, new double[]{2, 1});

        List<Integer> order = WeldOrder.of(joints);

        assertThat(order).containsExactlyInAnyOrder(0, 1, 2, 3, 4, 5);
        assertThat(order.getFirst()).isIn(2, 3);
        double[] first = joints.get(order.get(0));
        double[] second = joints.get(order.get(1));
        assertThat(Math.hypot(first[0] - second[0], first[1] - second[1])).isCloseTo(Math.sqrt(5), within(1e-12));
    }

    /// On a long frame no joint is welded right after one beside it.
    @Test
    void noNeighbourIsWeldedNext() {
        double[][] all = new double[24][];
        for (int i = 0; i < 12; i++) {
            all[2 * i] = new double[]{0.5 * i, -0.8};
            all[2 * i + 1] = new double[]{0.5 * i, 0.8};
        }
        List<Integer> order = WeldOrder.of(Arrays.asList(all));

        assertThat(order).hasSize(24).doesNotHaveDuplicates();
        for (int i = 1; i < 18; i++) {
            double[] a = all[order.get(i - 1)];
            double[] b = all[order.get(i)];
            assertThat(Math.hypot(a[0] - b[0], a[1] - b[1])).as("after %s", i).isGreaterThan(0.9);
        }
    }
}
