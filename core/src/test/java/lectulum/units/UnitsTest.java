package lectulum.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class UnitsTest {
    private static final Style METRIC = new Style(UnitSystem.METRIC, "€");
    private static final Style US = new Style(UnitSystem.US, "$");

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"MASS | 909.4 | 909 kg | 2 005 lb",
            "MASS | 9.44 | 9.4 kg | 21 lb", "MASS | 0 | 0 kg | 0 lb", "LENGTH | 0.52 | 520 mm | 1' 8 1/2\"",
            "LENGTH | 3.72 | 3.720 m | 12' 2 7/16\"", "VOLUME | 0.06 | 60 L | 16 gal", "SHARE | 0.0784 | 7.8 % | 7.8 %",
            "ENERGY | 3600000 | 1 000 Wh | 1 000 Wh", "ENERGY | 43200000 | 12.0 kWh | 12.0 kWh",
            "MONEY | 6840 | 6 840 € | 6 840 $", "MONEY | 9.9 | 9.90 € | 9.90 $", "NIGHTS | 1 | 1 night | 1 night",
            "MOMENT | 117.67 | 118 N·m | 87 lbf·ft", "STRESS | 235000000 | 235 MPa | 34 084 psi",
            "DEFLECTION | 0.0025 | 2.5 mm | 0.098 in", "STOWAGE | 0.1 | 100 L | 3.5 ft³",
            "SPACE | 12.9 | 12.9 m³ | 456 ft³",
            "FORCE | 150 | 150 N | 34 lbf", "TEMPERATURE | -5 | −5 °C | 23 °F", "ANGLE | 1.5 | 85.9 ° | 85.9 °",
            "DURATION | 90 | 1.5 min | 1.5 min", "DURATION | 5400 | 1.5 h | 1.5 h",
            "DURATION | 4200 | 70 min | 70 min", "DURATION | 8700 | 145 min | 145 min",
            "DURATION | 30000 | 8.33 h | 8.33 h", "DAYS | 2.5 | 2.5 days | 2.5 days",
            "AREA | 6.7 | 6.70 m² | 72.1 ft²", "POWER | 45 | 45 W | 45 W",
            "MASS | -12 | −12 kg | −26 lb", "MASS | NaN | – | –", "PRESSURE | 280000 | 280 kPa | 40.6 psi",
            "PRESSURE | 250 | 250 Pa | 1 in WC", "WATER_FLOW | 1e-4 | 6 L/min | 1.59 gal/min",
            "AIR_FLOW | 0.25 | 900 m³/h | 530 cfm", "FREE_AREA | 0.01 | 100 cm² | 16 in²",
            "U_VALUE | 1.037 | 1.04 W/m²K | 0.183 BTU/h·ft²·°F", "HEAT_LOSS | 45.355 | 45 W/K | 86 BTU/h·°F",
            "SMALL_MASS | 0.284 | 284 g | 10 oz"})
    void showsBothSystems(Quantity quantity, double si, String metric, String us) {
        assertThat(Units.text(si, quantity, METRIC).replace('\u00a0', ' ')).isEqualTo(metric);
        assertThat(Units.text(si, quantity, US).replace('\u00a0', ' ')).isEqualTo(us);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"LENGTH | 2.5 | 2.5 m | 8' 2 7/16\"",
            "LENGTH | 0 | 0 | 0", "LENGTH | 0.02 | 20 mm | 13/16\"", "ANGLE | 0.523598775598 | 30° | 30°",
            "SPEED | 25 | 90 | 56", "SHARE | 0.1 | 10 | 10"})
    void ticksSayNoMoreThanTheyMust(Quantity quantity, double si, String metric, String us) {
        assertThat(Units.tick(si, quantity, METRIC).replace('\u00a0', ' ')).isEqualTo(metric);
        assertThat(Units.tick(si, quantity, US).replace('\u00a0', ' ')).isEqualTo(us);
    }

    /// A tick a whole number of shown units away from 0 is shown as that number.
    @ParameterizedTest
    @EnumSource(value = Quantity.class, names = {"MASS", "SPEED", "DEFLECTION", "FORCE", "MOMENT", "STRESS",
            "WATER_FLOW", "AIR_FLOW", "FREE_AREA", "HEAT_LOSS", "SMALL_MASS"})
    void axesAreDividedInWhatIsShown(Quantity quantity) {
        for (Style style : List.of(METRIC, US)) {
            double twenty = 20 / Units.shownPerSi(quantity, 1, style);
            assertThat(Double.parseDouble(Units.tick(twenty, quantity, style))).isEqualTo(20);
        }
        assertThat(Units.tick(3 / Units.shownPerSi(Quantity.LENGTH, 5, US), Quantity.LENGTH, US))
                .isEqualTo("3'\u00a00\"");
    }

    @Test
    void aChangeCarriesItsSignAndNoChangeIsZero() {
        assertThat(Units.change(12, Quantity.MASS, METRIC)).isEqualTo("+12");
        assertThat(Units.change(-0.3, Quantity.NIGHTS, METRIC)).isEqualTo("−0.3");
        assertThat(Units.change(0.0001, Quantity.MASS, METRIC)).isEqualTo("0");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"0 | 0\"", "0.0254 | 1\"", "0.3048 | 1' 0\"",
            "0.017859375 | 11/16\"", "1.23825 | 4' 0 3/4\"", "0.30479 | 1' 0\"", "-0.0127 | −1/2\""})
    void feetAndInchesRoundToSixteenths(double metres, String tape) {
        assertThat(Units.feetAndInches(metres)).isEqualTo(tape);
    }
}
