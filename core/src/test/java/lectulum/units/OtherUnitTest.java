package lectulum.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OtherUnitTest {
    /// A battery of 27 kg is read as 60 from an American label: 60 lb are 27.2 kg.
    @Test
    void poundsTypedForKilogramsAreAskedAbout() {
        assertThat(OtherUnit.meant("60", 27, 60, UnitSystem.METRIC).orElseThrow()).isCloseTo(27.2155422, within(1e-9));
    }

    /// 27 typed where pounds are expected are 12.2 kg, and 27 kg stood there.
    @Test
    void kilogramsTypedForPoundsAreAskedAbout() {
        assertThat(OtherUnit.meant("27", 27, 27 * Units.POUND, UnitSystem.US).orElseThrow()).isCloseTo(27,
                within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"60 kg, 27, 60, METRIC", "35, 27, 35, METRIC", "90, 27, 90, METRIC", "2.2, 1, 2.2, METRIC",
            "60, 27, 27.2, US", "60, NaN, 60, METRIC", "0, 27, 0, US"})
    void nothingElseIs(String typed, double before, double read, UnitSystem system) {
        assertThat(OtherUnit.meant(typed, before, read, system)).isEmpty();
    }
}
