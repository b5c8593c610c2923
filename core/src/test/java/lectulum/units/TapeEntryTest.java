package lectulum.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class TapeEntryTest {
    private static final Style METRIC = new Style(UnitSystem.METRIC, "€");
    private static final Style US = new Style(UnitSystem.US, "$");

    /// Metres worked by hand: 1 in = 25.4 mm, 1 ft = 304.8 mm; a dressed 2x4 is 38 by 89 mm.
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"1220 | 1.220", "1.22 m | 1.220", "1,22 m | 1.220", "122 cm | 1.220",
            "48\" | 1.2192", "4' | 1.2192", "4' 0 1/2\" | 1.2319", "48 3/4\" | 1.23825", "48-3/4\" | 1.23825",
            "48+3/4 | 1.23825", "48+3/4\" | 1.23825", "4ft 6in | 1.3716", "1.2 m + 30 | 1.230", "1220 - 38 | 1.182",
            "2x4 | 0.038", "4x2 | 0.089", "1220 + 2x4 | 1.258", "-3\" | -0.0762", "3/4\" | 0.01905", "1 220 | 1.220",
            "48 ″ | 1.2192", "4’ 6” | 1.3716"})
    void readsLengthsAsATapeIsRead(String typed, double metres) {
        assertThat(TapeEntry.read(typed, Quantity.LENGTH, METRIC)).isInstanceOfSatisfying(Entry.Read.class,
                read -> assertThat(read.value()).isCloseTo(metres, within(1e-9)));
    }

    @Test
    void aBareNumberIsInTheSmallUnitOfTheChosenSystem() {
        assertThat(TapeEntry.read("48", Quantity.LENGTH, METRIC)).isEqualTo(new Entry.Read(0.048));
        assertThat(TapeEntry.read("48", Quantity.LENGTH, US)).isEqualTo(new Entry.Read(48 * 0.0254));
        assertThat(TapeEntry.read("10", Quantity.MASS, US)).isEqualTo(new Entry.Read(10 * 0.45359237));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"MASS | 128 lb 4 oz | 58.173", "MASS | 12,5 | 12.5", "MASS | 0.5 t | 500",
            "VOLUME | 60 | 0.060", "VOLUME | 16 gal | 0.0605666", "ENERGY | 1.2 kWh | 4320000",
            "ENERGY | 1200 | 4320000", "DURATION | 1:30 | 5400", "DURATION | 90 min | 5400",
            "DURATION | 1 h 20 min | 4800",
            "SHARE | 12.5 | 0.125", "SHARE | 12.5 % | 0.125", "MONEY | 249,90 € | 249.90", "MONEY | 12+7.5 | 19.5",
            "ANGLE | 90 | 1.5707963", "NIGHTS | 4 nights | 4", "POWER | 1.8 kW | 1800", "SPACE | 100 ft³ | 2.831685",
            "PRESSURE | 280 | 280000", "PRESSURE | 2.8 bar | 280000", "PRESSURE | 40 psi | 275790.3",
            "PRESSURE | 11 in w.c. | 2739.978", "PRESSURE | 11 inwc | 2739.978", "PRESSURE | 11 in WC | 2739.978",
            "WATER_FLOW | 6 L/min | 1e-4", "WATER_FLOW | 1.5 gal/min | 9.46353e-5", "AIR_FLOW | 900 m³/h | 0.25",
            "AIR_FLOW | 500 cfm | 0.2359737", "FREE_AREA | 100 | 0.01", "FREE_AREA | 16 in² | 0.01032256",
            "U_VALUE | 1.1 W/m²K | 1.1", "U_VALUE | 0.2 BTU/h·ft²·°F | 1.135653", "HEAT_LOSS | 0.75 W/K | 0.75",
            "HEAT_LOSS | 2 BTU/h·°F | 1.055056", "SMALL_MASS | 250 | 0.25", "SMALL_MASS | 8 oz | 0.226796"})
    void readsOtherQuantitiesWithTheirUnits(Quantity quantity, String typed, double si) {
        assertThat(TapeEntry.read(typed, quantity, METRIC)).isInstanceOfSatisfying(Entry.Read.class,
                read -> assertThat(read.value()).isCloseTo(si, within(Math.abs(si) * 1e-5)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "abc", "12 kg", "1,220", "1/0", "4' 6' x", "++", "12..5", "NaN", "1e5",
            "48 3/4/2",
            "5 5 5 5", "--3 \"\"", "999999999999999999999999999999999999999999999999999999999999999999999999999999999"})
    void refusesWhatItCannotReadWithAHint(String typed) {
        assertThat(TapeEntry.read(typed, Quantity.LENGTH, METRIC)).isInstanceOfSatisfying(Entry.Refused.class,
                refused -> assertThat(refused.hint()).startsWith("Not understood. Try"));
    }

    @Test
    void refusesWhatCannotBeMeantAndSaysWhatItRead() {
        Entry tooLong = TapeEntry.read("1220", Quantity.LENGTH, US, 0, 15);

        assertThat(tooLong).isInstanceOfSatisfying(Entry.Refused.class, refused -> assertThat(refused.hint())
                .contains("101'\u00a08\"").contains("For millimetres add mm."));
        assertThat(TapeEntry.read("-5", Quantity.MASS, METRIC, 0, 100)).isInstanceOf(Entry.Refused.class);
    }

    /// What a field shows in any quantity can be typed back as it stands, to the digits shown.
    @ParameterizedTest
    @EnumSource(Quantity.class)
    void everyQuantityIsReadBackAsItsFieldShowsIt(Quantity quantity) {
        for (Style style : new Style[]{METRIC, US}) {
            for (double si : new double[]{0, 3.25, 17, 240, 5400}) {
                String shown = Units.entry(si, quantity, style);

                assertThat(TapeEntry.read(shown, quantity, style)).as(shown).isInstanceOfSatisfying(Entry.Read.class,
                        read -> assertThat(Units.entry(read.value(), quantity, style)).isEqualTo(shown));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Quantity.class)
    void everyQuantityRefusesWordsWithAnExampleThatItReads(Quantity quantity) {
        for (Style style : new Style[]{METRIC, US}) {
            assertThat(TapeEntry.read("a few", quantity, style)).isInstanceOfSatisfying(Entry.Refused.class,
                    refused -> {
                        String example = refused.hint().replaceAll(".*Try (a number such as )?(.*?)( or .*|, .*)?\\.$",
                                "$2");
                        assertThat(TapeEntry.read(example, quantity, style)).as(refused.hint())
                                .isInstanceOf(Entry.Read.class);
                    });
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.0381, 1.22, 2.43, -0.35, 12.3456})
    void whatAFieldShowsIsReadBackInBothSystems(double metres) {
        for (Style style : new Style[]{METRIC, US}) {
            Entry back = TapeEntry.read(Units.entry(metres, Quantity.LENGTH, style), Quantity.LENGTH, style);

            assertThat(back).isInstanceOfSatisfying(Entry.Read.class,
                    read -> assertThat(read.value()).isCloseTo(metres, within(0.0254 / 32 + 1e-9)));
        }
    }

    /// A least that reads as nothing is said as more than nothing.
    @Test
    void theLeastIsNeverSaidAsZero() {
        assertThat(TapeEntry.read("0", Quantity.COUNT, Style.PLAIN, 1e-6, 1e6))
                .isEqualTo(new Entry.Refused("It must be more than 0."));
        assertThat(TapeEntry.read("1", Quantity.COUNT, Style.PLAIN, 2, 10)).isInstanceOfSatisfying(Entry.Refused.class,
                r -> assertThat(r.hint()).contains("less than 2"));
    }

    /// Dressed timber by the size it is called, other sizes as they are.
    @Test
    void nominalSizes() {
        assertThat(TapeEntry.nominal(0.038)).isEqualTo(0.0508);
        assertThat(TapeEntry.nominal(0.0889)).isEqualTo(0.1016);
        assertThat(TapeEntry.nominal(0.019)).isEqualTo(0.0254);
        assertThat(TapeEntry.nominal(0.05)).isEqualTo(0.05);
    }
}
