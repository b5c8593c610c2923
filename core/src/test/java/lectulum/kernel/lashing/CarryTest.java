package lectulum.kernel.lashing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import org.junit.jupiter.api.Test;

/// Worked by hand and with an independent program.
class CarryTest {
    private static final RampLoading LOADING = new RampLoading(1.90, 0.56, 1.24, 0.17, 1.18, 0.35, 1.50);

    @Test
    void aVehicleOnTheRampIsHigherThanItself() {
        assertThat(Math.toDegrees(LOADING.angle())).isCloseTo(17.142, withinPercentage(0.01));
        assertThat(Math.toDegrees(LOADING.breakover())).isCloseTo(30.667, withinPercentage(0.01));
        assertThat(LOADING.bellyGap()).isCloseTo(0.076556, within(1e-5));
        assertThat(LOADING.headerNeeded()).isCloseTo(1.2308, within(5e-4));
        assertThat(RampLoading.sideGap(1.70, 1.16)).isCloseTo(0.27, within(1e-9));
        assertThat(RampLoading.sideGap(1.52, 1.16)).isCloseTo(0.18, within(1e-9));
        assertThat(Math.toDegrees(RampLoading.touchingTurn(1.95, 1.16, 1.70))).isCloseTo(17.778,
                withinPercentage(0.01));
    }

    @Test
    void aFlatRampNeedsNoMoreThanTheRoof() {
        assertThat(new RampLoading(1000, 0.56, 1.24, 0.17, 1.18, 0.35, 1.50).headerNeeded()).isCloseTo(1.18,
                within(0.002));
    }

    @Test
    void twoStrapsHoldARollingLoad() {
        assertThat(Lashing.force(290, Lashing.FORWARDS, 0, 2, Math.toRadians(40), Math.toRadians(25)))
                .isCloseTo(1638.5, withinPercentage(0.01));
        assertThat(Lashing.force(290, Lashing.BACK_AND_SIDE, 0.8, 2, 0.5, 0)).isZero();
    }
}
