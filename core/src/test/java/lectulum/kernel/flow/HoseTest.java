package lectulum.kernel.flow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HoseTest {
    private static final Hose GARDEN = new Hose(15, 0.0125);
    private static final Hose DRAIN = new Hose(3, 0.038);

    /// Inside 12.5 mm, wall 2 mm: 16.5 mm outside. In 320 mm lie four rings about the kink-free middle, 3.19 m in a layer.
    @Test
    void aGardenHoseLiesInFiveLayers() {
        Hose.Bay bay = GARDEN.coiled(0.32).orElseThrow();

        assertThat(GARDEN.outside()).isCloseTo(0.0165, within(1e-12));
        assertThat(bay.length()).isEqualTo(0.32);
        assertThat(bay.high()).isCloseTo(5 * 0.0165, within(1e-12));
    }

    /// Ring by ring from the outside, as long as its middle is six outsides from the axis.
    @ParameterizedTest
    @CsvSource({"0.22", "0.25", "0.32", "0.4", "0.6", "1.1"})
    void itIsLaidRingByRing(double across) {
        double d = GARDEN.outside();
        double left = GARDEN.length();
        int layers = 0;
        while (left > 1e-9) {
            layers++;
            for (double r = across / 2 - d / 2; r >= 6 * d - 1e-9; r -= d) {
                left -= 2 * Math.PI * r;
            }
        }

        assertThat(GARDEN.coiled(across).orElseThrow().high()).isCloseTo(layers * d, within(1e-9));
    }

    @Test
    void aWiderCoilIsNeverHigherAndHoldsMoreThanTheHose() {
        double[] high = IntStream.rangeClosed(22, 120).mapToDouble(cm -> GARDEN.coiled(cm / 100.0).orElseThrow().high())
                .toArray();

        for (int i = 1; i < high.length; i++) {
            assertThat(high[i]).isLessThanOrEqualTo(high[i - 1] + 1e-12);
            double across = (22 + i) / 100.0;
            assertThat(Math.PI / 4 * across * across * high[i])
                    .isGreaterThan(Math.PI / 4 * Math.pow(GARDEN.outside(), 2) * GARDEN.length());
        }
    }

    @Test
    void tighterThanItsBendItKinks() {
        assertThat(GARDEN.coiled(GARDEN.least())).isPresent();
        assertThat(GARDEN.coiled(GARDEN.least() - 1e-4)).isEmpty();
        assertThat(GARDEN.coiled(0)).isEmpty();
    }

    /// 38 mm inside has walls of 4.56 mm and ends that stand out by 15: 77.1 mm across; of 3 m two fifths and the ends are left.
    @Test
    void aDrainHoseIsPushedTogether() {
        Hose.Bay bay = DRAIN.pushed(0.4);

        assertThat(bay.length()).isCloseTo(1.35, within(1e-12));
        assertThat(bay.across()).isCloseTo(0.07712, within(1e-12)).isEqualTo(bay.high());
    }

    @ParameterizedTest
    @CsvSource({"0.3, 0.02, 2.985", "0.03, 0.02, 1.5", "0.3, 0, 2.985", "0, 0.02, 0", "-0.1, 0.02, 0", "3, 0.02, 0",
            "5, 0.02, 0"})
    void itReachesAsFarAsItIsLongAndFalls(double height, double fall, double reach) {
        assertThat(DRAIN.reach(height, fall)).isCloseTo(reach, within(5e-4));
    }

    /// The farthest of many points on the ground that are near enough along the hose and low enough for the fall.
    @ParameterizedTest
    @CsvSource({"0.05, 0.02", "0.2, 0.02", "0.5, 0.2", "1.2, 0.05"})
    void noFartherPointWouldDo(double height, double fall) {
        double farthest = IntStream.rangeClosed(0, 40_000).mapToDouble(i -> i * 1e-4)
                .filter(x -> Math.hypot(x, height) <= DRAIN.length() && height >= fall * x).max().orElse(0);

        assertThat(DRAIN.reach(height, fall)).isCloseTo(farthest, within(1.1e-4));
    }
}
