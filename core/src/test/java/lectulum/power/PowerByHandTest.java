package lectulum.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Load;
import lectulum.design.thing.Thing;
import lectulum.figures.Figures;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Power worked out again with pencil and paper: sums of random devices, what a battery carries, and what twice as much of anything does.
class PowerByHandTest {
    private static final double HOUR = 3600;
    private static final double DAY = 24 * HOUR;

    private static double value(Design d, String figure) {
        return Analysis.of(d).figures().value(figure);
    }

    private static Design demo(String key) {
        return Campers.demo(key).orElseThrow().design();
    }

    static Stream<Arguments> devices() {
        return Stream.of("nightjar", "dunlin", "chamois").flatMap(
                k -> IntStream.range(0, 8).mapToObj(seed -> Arguments.of(k, seed)));
    }

    /// Each device that is plugged into the battery adds its watts times its seconds to the use of a day, and nothing else.
    @ParameterizedTest
    @MethodSource("devices")
    void aDayIsTheSumOfWattsTimesHours(String key, int seed) {
        SplittableRandom dice = new SplittableRandom(seed);
        Design before = demo(key);
        Thing radio = Catalogue.shipped().find("radio").orElseThrow();
        Design after = before;
        double sum = 0;
        for (int i = 0; i < 1 + dice.nextInt(6); i++) {
            double watts = 1 + dice.nextInt(60);
            double seconds = 600 * dice.nextInt(1, 60);
            after = after.plus(radio.withId("own-" + i).with(new Load(watts, seconds, Load.Feed.BATTERY)));
            sum += watts * seconds;
        }

        assertThat(value(after, "power.day.use") - value(before, "power.day.use")).isCloseTo(sum, within(1e-6 * sum));
    }

    /// Without sun the bank carries usable over use; the sun can only lengthen that.
    @ParameterizedTest
    @MethodSource("devices")
    void nightsAreWhatIsUsableOverWhatIsUsed(String key, int seed) {
        SplittableRandom dice = new SplittableRandom(100 + seed);
        Thing radio = Catalogue.shipped().find("radio").orElseThrow();
        Design d = demo(key).plus(radio.withId("own").with(
                new Load(5 + dice.nextInt(40), HOUR * (1 + dice.nextInt(12)), Load.Feed.BATTERY)));
        double dark = value(d, "power.battery.usable") / value(d, "power.day.use");

        assertThat(value(d, "power.nightsDark")).isCloseTo(dark, within(1e-9 * dark));
        assertThat(value(d, "power.nights")).isGreaterThanOrEqualTo(dark - 1e-9);
        assertThat(value(d, "power.trip.dark")).as("by the hour, heavy currents counted").isLessThanOrEqualTo(
                Math.max(dark + 1, 0.5 + dark * 1.25));
    }

    /// Charge times volts is the energy of the bank; what is usable is a part of it.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void theBankIsItsBlocks(String key) {
        Design d = demo(key);
        double energy = d.things().stream().flatMap(t -> t.battery().stream()).mapToDouble(Battery::energy).sum();
        double byBlocks = value(d, "power.bank.charge") * value(d, "power.bank.volts");

        assertThat(byBlocks).isCloseTo(energy, within(0.1 * energy));
        assertThat(value(d, "power.battery.usable")).isBetween(0.3 * energy, energy);
    }

    /// Twice the battery, twice the dark nights; half the hours of everything, twice the dark nights.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void darkNightsGoWithTheBatteryAndAgainstTheUse(String key) {
        Design d = demo(key);
        Design twice = d.withThings(d.things().stream().map(t -> t.battery()
                .map(b -> t.with(new Battery(2 * b.energy(), b.chemistry()))).orElse(t)).toList());

        assertThat(value(twice, "power.nightsDark")).isCloseTo(2 * value(d, "power.nightsDark"),
                within(1e-6 * value(d, "power.nightsDark")));
        assertThat(value(twice, "power.day.use")).isCloseTo(value(d, "power.day.use"), within(1e-6));
    }

    /// 125 % for the sun and 125 % for the hours: the wire of a string carries 1.25 times what it is made for.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "chamois"})
    void theWireOfAStringCarriesAQuarterMore(String key) {
        Design d = demo(key);

        assertThat(value(d, "power.string.wire")).isCloseTo(1.25 * value(d, "power.string.design"), within(1e-9));
        assertThat(value(d, "power.string.cold")).isGreaterThan(value(d, "power.string.hot"));
    }

    /// What was wanted and not had, and what the sun gave and nothing took, are never both more than there was.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void aTripNeverGivesMoreThanItHad(String key) {
        Design d = demo(key);
        double wanted = value(d, "power.day.use") * (d.brief().nights() + 1);

        assertThat(value(d, "power.trip.unmet")).isBetween(0.0, wanted);
        assertThat(value(d, "power.trip.least")).isBetween(0.0, 1.0);
        assertThat(value(d, "power.year.least")).isBetween(0.0, 1.0);
        assertThat(value(d, "power.year.unmet")).isBetween(0.0, value(d, "power.year.use"));
        assertThat(value(d, "power.year.use")).as("a year of days at most").isLessThanOrEqualTo(
                366 * Math.max(value(d, "power.day.use"), 1) * 1.6);
        assertThat(value(d, "power.year.empty")).isBetween(0.0, 366 * DAY);
    }

    /// Every panel and every block more is never worse in the year, with everything else as it was.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin"})
    void moreSunAndMoreBatteryNeverLeaveMoreUnmet(String key) {
        Design d = demo(key);
        Design larger = d.withThings(d.things().stream().map(t -> t.battery()
                .map(b -> t.with(new Battery(1.5 * b.energy(), b.chemistry()))).orElse(t)).toList());

        assertThat(value(larger, "power.year.unmet")).isLessThanOrEqualTo(value(d, "power.year.unmet") + 1);
        assertThat(List.of(value(larger, "power.year.least"), value(d, "power.year.least")))
                .allMatch(x -> x >= 0 && x <= 1);
    }

    /// A bank that is asked for a share of the current it may give would be that share as large to give just that.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void theBankForACurrentIsThatShareOfTheBank(String key) {
        Figures f = Analysis.of(Campers.demo(key).orElseThrow().design()).figures();

        assertThat(f.value("power.run.amps")).isCloseTo(
                f.value("power.run.share") * f.value("power.bank.charge") * f.value("power.bank.volts"),
                withinPercentage(1e-6));
    }
}
