package lectulum.kernel.fuel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import org.junit.jupiter.api.Test;

/// Gas and liquid fuel: worked examples to five digits.
class FuelKernelTest {
    private static final double FIVE = 5e-3;
    private static final double HOUR = 3600;
    private static final double LITRE = 1e-3;

    private static void is(double actual, double expected) {
        assertThat(actual).isCloseTo(expected, withinPercentage(FIVE));
    }

    /// Two bottles of 9 kg, 0.9 and 0.4 full, a hob, a water heater and a furnace.
    @Test
    void gasOfADay() {
        double joules = (2000 * 1 + 10_500 * 0.3 + 3500 * 10 * 0.35) * HOUR;
        double daily = joules / Fuel.PROPANE.higher();

        is(daily, 1.2441);
        is(11.7 / daily, 9.4045);
        is(11.7 * Fuel.PROPANE.higher() / 3.6e6, 163.64);
    }

    @Test
    void aSmallBottleInFrost() {
        Bottle b = new Bottle(2.5, 0.305, 0.95, 70_000);

        is(b.coldest(), -29.119);
        is(b.wetted(-8), 0.13379);
        is(b.sustains(-8), 3471.5);
        is(b.starves(9000, -8) / 60, 37.941);
        assertThat(b.starves(3000, -8)).isInfinite();
        assertThat(b.sustains(-40)).isZero();
        assertThat(b.starves(1000, -40)).isZero();
    }

    @Test
    void butaneDoesNotStartInFrost() {
        assertThat(new Bottle(2.5, 0.3, 0, 70_000).coldest()).isGreaterThan(0);
        assertThat(new Bottle(5, 0.3, 0.95, 70_000).sustains(0))
                .isGreaterThan(new Bottle(1, 0.3, 0.95, 70_000).sustains(0));
    }

    @Test
    void aGasPipe() {
        GasPipe p = GasPipe.of(14_000, 0.0079, 3.2, 90);

        is(p.speed(), 3.0174);
        is(p.reynolds(), 5601.7);
        is(p.loss(), 156.03);
        assertThat(p.loss()).isGreaterThan(GasPipe.MOST);
    }

    @Test
    void heaterLockerAndTheBoxOfAGenerator() {
        Flames.Burnt b = Flames.heater(600, 900, 2000, 0.80, Fuel.DIESEL, 10 * HOUR);
        double rate = 0.497 * LITRE / HOUR;

        is(b.fuel() / LITRE, 0.75104);
        assertThat(b.cycles()).isTrue();
        is(b.share(), 0.66667);
        assertThat(Flames.lockerVent(0.22, 18)).isEqualTo(100e-4);
        is(Flames.lockerVent(0.22, 180) * 1e4, 365.74);
        is(Flames.box(rate, 15).heat(), 1562.2);
        is(Flames.box(rate, 15).flow() * HOUR, 309.54);
        assertThat(Flames.heater(5000, 900, 2000, 0.8, Fuel.DIESEL, HOUR).fuel() / LITRE)
                .isCloseTo(2000 * HOUR / (0.8 * 35.95e9) / LITRE, withinPercentage(1e-6));
    }

    @Test
    void aLeakAndAFlameWithoutFlue() {
        is(GasPipe.volume(2000) * HOUR / LITRE, 76.063);
        assertThat(Flames.untilExplosive(2000, 13, 0.5 * 13 / HOUR)).isInfinite();
        is(Flames.untilExplosive(2000, 0.2 * 13, 0) / 60, 43.528);
        Flames.Flueless f = Flames.flueless(2000 * HOUR);
        is(f.gas() * 1000, 155.34);
        is(f.dioxide() / LITRE, 254.15);
        is(f.water() * 1000, 253.83);
        is(f.oxygen() * 1000, 563.57);
    }
}
