package lectulum.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/// What holds of every number that is shown or typed, in both unit systems: random sizes over seven decades.
class NumbersLawsTest {
    private static final Style METRIC = new Style(UnitSystem.METRIC, "€");
    private static final Style US = new Style(UnitSystem.US, "$");
    /// Sizes that occur, in SI, where a random one of seven decades would be no size of it.
    private static final Set<Quantity> SMALL = EnumSet.of(Quantity.WATER_FLOW, Quantity.AIR_FLOW, Quantity.VOLUME,
            Quantity.FREE_AREA, Quantity.DEFLECTION, Quantity.RESISTANCE, Quantity.SKEW);

    static Stream<Arguments> all() {
        return Stream.of(Quantity.values()).flatMap(q -> Stream.of(Arguments.of(q, METRIC), Arguments.of(q, US)));
    }

    private static double size(Quantity q, Random random) {
        double decade = Math.pow(10, -2 + 5 * random.nextDouble());
        return switch (q) {
            case TEMPERATURE -> -30 + 80 * random.nextDouble();
            case ANGLE, SKEW -> 3 * random.nextDouble();
            case SHARE -> random.nextDouble();
            case DURATION -> 60 + 1e4 * decade;
            case STIFFNESS, PRESSURE -> 1e4 * decade;
            default -> SMALL.contains(q) ? decade * 1e-3 : decade;
        };
    }

    /// The field that shows a value is read back as that value, but for the digits that a builder does not write.
    @ParameterizedTest
    @MethodSource("all")
    void aFieldIsReadBackAsWhatItShows(Quantity q, Style style) {
        Random random = new Random(q.ordinal());
        for (int i = 0; i < 300; i++) {
            double value = size(q, random);
            String shown = Units.entry(value, q, style);
            Entry read = TapeEntry.read(shown, q, style);

            assertThat(read).as("%s %s", value, shown).isInstanceOf(Entry.Read.class);
            double back = ((Entry.Read) read).value();
            String again = Units.entry(back, q, style);
            assertThat(again).as("%s shown as %s", value, shown).isEqualTo(shown);
        }
    }

    /// A text never shows a larger number for less.
    @ParameterizedTest
    @MethodSource("all")
    void moreIsNeverShownAsLess(Quantity q, Style style) {
        Random random = new Random(100 + q.ordinal());
        for (int i = 0; i < 300; i++) {
            double less = size(q, random);
            double more = less * (1 + 0.3 * random.nextDouble()) + (less < 0 ? 0.4 * Math.abs(less) : 0);
            String a = Units.text(less, q, style);
            String b = Units.text(more, q, style);
            double x = value(a, q, style);
            double y = value(b, q, style);

            assertThat(y).as("%s as %s, %s as %s", less, a, more, b).isGreaterThanOrEqualTo(x - 1e-9 * Math.abs(x));
        }
    }

    /// What is shown is within a twentieth of what is meant, whatever the size, unless it is shown as nothing or a whole small
    /// number; and a sign is never lost.
    @ParameterizedTest
    @MethodSource("all")
    void whatIsShownIsCloseToWhatIsMeant(Quantity q, Style style) {
        Random random = new Random(200 + q.ordinal());
        for (int i = 0; i < 300; i++) {
            double value = size(q, random);
            String shown = Units.text(value, q, style);
            double read = value(shown, q, style);
            double one = 0.51 / Units.shownPerSi(q, Math.abs(value), style);

            assertThat(read).as("%s as %s", value, shown)
                    .isCloseTo(value, within(Math.max(0.05 * Math.abs(value), Math.abs(one))));
            if (read != 0 && q != Quantity.TEMPERATURE) {
                assertThat(Units.text(-value, q, style)).as("less than nothing").startsWith("−");
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Quantity.class)
    void nothingIsShownWithoutASign(Quantity q) {
        assertThat(Units.text(0, q, METRIC)).doesNotContain("−", "-");
        assertThat(Units.text(-0.0, q, METRIC)).doesNotContain("−", "-");
        assertThat(Units.change(0, q, US)).isEqualTo("0");
    }

    /// A difference of ten kelvins is one of ten or eighteen degrees, wherever it starts.
    @Test
    void degreesOfDifferenceHaveNoZero() {
        assertThat(Units.change(10, Quantity.TEMPERATURE, METRIC)).isEqualTo("+10");
        assertThat(Units.change(10, Quantity.TEMPERATURE, US)).isEqualTo("+18");
        assertThat(Units.change(-5, Quantity.TEMPERATURE, US)).isEqualTo("−9");
    }

    /// Of stays that take weeks nobody knows the tenth of a day.
    @ParameterizedTest
    @EnumSource(value = Quantity.class, names = {"DAYS", "NIGHTS"})
    void longStaysAreWholeDays(Quantity q) {
        assertThat(Units.show(3.46, q, METRIC).number()).isEqualTo("3.5");
        assertThat(Units.show(19.96, q, METRIC).number()).isEqualTo("20");
        assertThat(Units.show(109.7, q, METRIC).number()).isEqualTo("110");
    }

    private static double value(String text, Quantity q, Style style) {
        String plain = text.replace('\u00a0', ' ').replace('−', '-').strip();
        Entry read = TapeEntry.read(plain, q, style);
        assertThat(read).as(plain).isInstanceOf(Entry.Read.class);
        return ((Entry.Read) read).value();
    }
}
