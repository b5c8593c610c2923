package lectulum.kernel.towing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The least damped swing of a vehicle of 1520 kg with a trailer of 740 kg, by its eigenvalues.
class SwayTest {
    private static final Percentage CLOSE = withinPercentage(0.01);

    private static Sway sway(double centre, double inertia, Sway.Tyres tyres) {
        return new Sway(new Sway.Rig(830, 690, 2.67, 1.02, 740, centre, 2.87, inertia), tyres, 0);
    }

    @ParameterizedTest
    @CsvSource({"2.5678, 838, 0.18512, 0.76472, 0.68524, 0.28380, 52.612",
            "2.5678, 940.4, 0.16480, 0.74550, 0.61063, 0.28129, 43.516",
            "2.80, 838, 0.091906, 0.69462, 0.17308, 0.27500, 29.010"})
    void swingsAsWorkedByHand(double centre, double inertia, double damping, double frequency, double percussion,
            double held, double reference) {
        Sway s = sway(centre, inertia, Sway.Tyres.USUAL);

        assertThat(s.at(25).damping()).isCloseTo(damping, CLOSE);
        assertThat(s.at(25).frequency()).isCloseTo(frequency, CLOSE);
        assertThat(s.percussion()).isCloseTo(percussion, CLOSE);
        assertThat(s.heldStraight(25)).isCloseTo(held, CLOSE);
        assertThat(s.reference().orElseThrow()).isCloseTo(reference, CLOSE);
    }

    @Test
    void aRearHeavyTrailerHasACriticalSpeedAndAForwardOneNone() {
        assertThat(sway(2.80, 838, Sway.Tyres.USUAL).critical().orElseThrow()).isCloseTo(35.549, CLOSE);
        assertThat(sway(2.5678, 838, Sway.Tyres.USUAL).critical()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.75, 0.14417", "1, 0.18512", "1.25, 0.22555"})
    void stifferTyresDampMore(double times, double damping) {
        Sway s = sway(2.5678, 838, Sway.Tyres.USUAL.withTrailer(7.5 * times));

        assertThat(s.at(25).damping()).isCloseTo(damping, CLOSE);
    }

    @Test
    void fasterSwingsLongerAndADamperAtTheHitchHelps() {
        Sway s = sway(2.7, 900, Sway.Tyres.USUAL);
        Sway damped = new Sway(s.rig(), s.tyres(), 1500);
        double before = Double.POSITIVE_INFINITY;
        for (double v = 15; v <= 40; v += 5) {
            assertThat(s.at(v).damping()).isLessThan(before);
            assertThat(damped.at(v).damping()).isGreaterThan(s.at(v).damping());
            before = s.at(v).damping();
        }
    }

    /// At a percussion ratio of 1 the vehicle is not steered, so the damping is that of a hitch held straight, but for the
    /// lag of the tyre.
    @Test
    void atThePercussionPointTheVehicleIsNotSteered() {
        double inertia = 2.4 * (2.87 - 2.4) * 740;
        Sway s = new Sway(new Sway.Rig(830, 690, 2.67, 1.02, 740, 2.4, 2.87, inertia),
                new Sway.Tyres(8, 11, 7.5, 0.01), 0);

        assertThat(s.percussion()).isCloseTo(1, within(1e-12));
        assertThat(s.at(25).damping()).isCloseTo(s.heldStraight(25), withinPercentage(0.5));
    }

    @Test
    void aRigWithoutNumbersIsNotSound() {
        assertThat(new Sway.Rig(0, 0, 2.67, 1, 740, 2.5, 2.87, 838).sound()).isFalse();
        assertThat(new Sway.Rig(830, 690, 2.67, 1, 740, 2.5, 0, 838).sound()).isFalse();
        assertThat(sway(2.5678, 838, Sway.Tyres.USUAL).rig().sound()).isTrue();
    }
}
