package lectulum.kernel.gear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import lectulum.kernel.gear.RunningGear.LeafSpring;
import lectulum.kernel.towing.ContactAngle;
import lectulum.kernel.towing.TailgateSweep;
import org.junit.jupiter.api.Test;

/// Worked by hand and with an independent program; lengths in metres, five significant digits.
class OutsideTest {
    private static final double DIGITS = 0.01;

    @Test
    void theVehicleMeetsTheNoseAtAnAngle() {
        double[][] nose = {{0.72, -0.15}, {1.15, -0.91}, {4.60, -0.91}, {4.60, 0.91}, {1.15, 0.91}, {0.72, 0.15}};

        ContactAngle contact = ContactAngle.of(List.of(new ContactAngle.Solid("nose", nose, 0.5, 1.9)),
                List.of(ContactAngle.Solid.box("vehicle", -3.22, -0.22, 0.92, 0.3, 1.6)));

        assertThat(Math.toDegrees(contact.angle())).isCloseTo(78.708, withinPercentage(DIGITS));
    }

    @Test
    void theTailgateHitsTheJack() {
        TailgateSweep.Nearest nearest = new TailgateSweep(-0.30, 0.86, 0.62, Math.toRadians(92))
                .nearest(List.of(new double[]{0.16, 0.78}, new double[]{0.30, 0.95}));

        assertThat(nearest.point()).isOne();
        assertThat(nearest.gap()).isCloseTo(-0.013288, withinPercentage(DIGITS));
    }

    @Test
    void aLeafSpringSwingsItsShackle() {
        LeafSpring spring = new LeafSpring(0.66, 0.070, 0);
        double hangers = spring.hangers(0.045, Math.toRadians(15));

        assertThat(hangers).isCloseTo(0.63011, withinPercentage(DIGITS));
        assertThat(Math.toDegrees(spring.angle(0.075, hangers).orElseThrow())).isCloseTo(2.2358,
                withinPercentage(0.05));
        assertThat(Math.toDegrees(spring.angle(0.045, hangers).orElseThrow())).isCloseTo(15, withinPercentage(DIGITS));
        assertThat(Math.toDegrees(spring.angle(0, hangers).orElseThrow())).isCloseTo(22.43, withinPercentage(DIGITS));
        assertThat(spring.creep(0.075, 0)).isCloseTo(0.011652, withinPercentage(DIGITS));
    }

    @Test
    void anAxleIsSquaredFromTheBall() {
        RunningGear.Square square = RunningGear.square(3.7150, 3.7230, 1.60, 3.62, 0.004).orElseThrow();

        assertThat(Math.toDegrees(square.turn())).isCloseTo(0.231, withinPercentage(0.03));
        assertThat(square.move()).isCloseTo(-0.0064508, withinPercentage(DIGITS));
        assertThat(square.aside()).isCloseTo(0.018595, withinPercentage(DIGITS));
    }

    @Test
    void aGuideBarShiftsTheAxle() {
        assertThat(RunningGear.barShift(0.82, 0.03, -0.09)).isCloseTo(-0.008279, withinPercentage(DIGITS));
        assertThat(RunningGear.barShift(0.82, 0.03, 0.10)).isCloseTo(-0.0024443, withinPercentage(DIGITS));
    }

    /// Hand sums: 0.46 − 0.08 − 0.32 = 0.06; 0.40 − 0.32 − 0.01 = 0.07; 0.86 − 0.1 − 0.70 − 0.01 = 0.05.
    @Test
    void aTyreHasRoomInItsGuard() {
        RunningGear.GuardGaps gaps = RunningGear.guard(0.46, 0.40, 0.08, 0.32, 0.01, 1.72, 0.2, 0.70, 0.01);

        assertThat(gaps.above()).isCloseTo(0.06, within(1e-9));
        assertThat(gaps.ends()).isCloseTo(0.07, within(1e-9));
        assertThat(gaps.inner()).isCloseTo(0.05, within(1e-9));
    }
}
