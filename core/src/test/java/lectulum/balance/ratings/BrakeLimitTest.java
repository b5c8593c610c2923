package lectulum.balance.ratings;

import static lectulum.Samples.box;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.vehicle.Rating;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BrakeLimitTest {
    /// The least of law, share of the kerb mass of 1400 kg, and the rating of the vehicle; a share of 0 and a rating that is
    /// not known limit nothing.
    @ParameterizedTest
    @CsvSource({"750, 0, -1, 750, the law you set", "750, 0.5, -1, 700, a part of the vehicle's mass",
            "750, 0.6, -1, 750, the law you set", "750, 0, 600, 600, the vehicle's own limit without brakes",
            "450, 0.5, 600, 450, the law you set", "2000, 0.5, 650, 650, the vehicle's own limit without brakes"})
    void isTheLeastOfThree(double law, double share, double rated, double limit, String by) {
        Design d = box();
        Design asked = d
                .with(d.settings().with(Assumption.BRAKE_LAW.id(), law).with(Assumption.BRAKE_SHARE.id(), share))
                .withVehicle(d.vehicle().withKerbMass(1400).with(Rating.TOW_UNBRAKED,
                        rated < 0 ? OptionalDouble.empty() : OptionalDouble.of(rated)));

        BrakeLimit of = BrakeLimit.of(asked);

        assertThat(of.mass()).isCloseTo(limit, within(1e-9));
        assertThat(of.by()).isEqualTo(by);
    }
}
