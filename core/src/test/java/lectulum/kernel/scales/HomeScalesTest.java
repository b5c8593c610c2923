package lectulum.kernel.scales;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/// Weighing at home: a lever and a raised nose.
class HomeScalesTest {

    /// Level and raised by statics of a body that turns about its wheel: 742 kg with its centre 2.40 m behind the ball and
    /// 0.74 m high, axle 2.60 m behind the ball. Moments about the wheel, gravity turned by 10°:
    /// T = 742 · ((2.60 − 2.40) − (0.74 − 0.31) tan 10°) / (2.60 − (0.45 − 0.31) tan 10°)
    ///   = 742 · (0.2 − 0.075821) / (2.6 − 0.024686) = 742 · 0.124179 / 2.575314 = 35.779 kg.
    @Test
    void aRaisedNoseWeighsLess() {
        double nose = Math.toRadians(10);
        double level = HomeScales.raised(742, 742 * 0.2 / 2.6, 0.31, nose, 2.6, 0.31, 0.31);
        assertThat(level).as("with the centre at the height of the wheel nothing changes").isCloseTo(57.077,
                within(1e-3));

        assertThat(HomeScales.raised(742, 742 * 0.2 / 2.6, 0.74, nose, 2.6, 0.45, 0.31)).isCloseTo(35.779,
                within(1e-3));
    }

    @Test
    void theHeightFoundIsTheHeightThatWasWeighed() {
        Random random = new Random(4);
        for (int i = 0; i < 500; i++) {
            double mass = 300 + 2000 * random.nextDouble();
            double axle = 2 + 3 * random.nextDouble();
            double tongue = mass * 0.2 * random.nextDouble();
            double height = 0.5 + 1.2 * random.nextDouble();
            double nose = Math.toRadians(6 + 10 * random.nextDouble());
            double ball = 0.35 + 0.3 * random.nextDouble();
            double radius = 0.25 + 0.15 * random.nextDouble();

            double raised = HomeScales.raised(mass, tongue, height, nose, axle, ball, radius);

            assertThat(HomeScales.centreHeight(mass, tongue, raised, nose, axle, ball, radius, 0.5).value())
                    .isCloseTo(height, within(1e-9));
        }
    }

    /// A scale at twice the distance reads half, and half of what it is wrong by doubles.
    @Test
    void aLeverHalvesTheReadingAndDoublesItsError() {
        HomeScales.Found found = HomeScales.lever(35, 5, 1.2, 0.6, 0.5, 0);

        assertThat(found.value()).isCloseTo(60, within(1e-12));
        assertThat(found.u()).isCloseTo(1, within(1e-12));
    }

    @Test
    void theCentreIsOverTheAxleWithoutATongueLoad() {
        assertThat(HomeScales.centre(800, 0, 3.1)).isEqualTo(3.1);
        assertThat(HomeScales.centre(800, 800, 3.1)).isZero();
    }
}
