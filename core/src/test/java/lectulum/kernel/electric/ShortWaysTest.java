package lectulum.kernel.electric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.assumed.Chemistries;
import lectulum.design.thing.Battery;
import lectulum.kernel.electric.Appliance.Duty;
import lectulum.kernel.electric.Appliance.Feed;
import lectulum.kernel.electric.Appliance.When;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What the hourly simulation looks up instead of working it out is what it would have worked out.
class ShortWaysTest {
    private static final int DAYS = 40;

    /// Frost and heat, people that come and go, a drive now and then, all three seasons.
    private static Hours year(long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        int n = 24 * DAYS;
        Hours h = new Hours(new double[n], new double[n], new boolean[n], new double[n], new boolean[n], new byte[n]);
        for (int i = 0; i < n; i++) {
            h.air()[i] = -25 + 65 * chance.nextDouble();
            h.sun()[i] = i % 24 > 7 && i % 24 < 17 ? 120 * chance.nextDouble() : 0;
            h.occupied()[i] = i / 24 % 5 > 1;
            h.driving()[i] = i % 24 == 10 && h.occupied()[i] ? chance.nextDouble() : 0;
            h.shore()[i] = i / 24 % 11 == 6;
            h.season()[i] = (byte) (i / 24 % 3);
        }
        return h;
    }

    private static List<Appliance> loads(long seed, boolean asking) {
        SplittableRandom chance = new SplittableRandom(seed);
        List<Appliance> all = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            double part = chance.nextDouble();
            double[] day = new double[24];
            for (int h = 0; h < 24; h++) {
                day[h] = chance.nextInt(3) == 0 ? chance.nextDouble() : 0;
            }
            // One that cools, by nothing more for each kelvin, draws the same part and has to be asked each hour.
            Duty duty = asking ? new Duty.Cooling(part, 0, part) : new Duty.Steady(part);
            all.add(new Appliance(5 + 60 * chance.nextDouble(), 1 + chance.nextInt(3),
                    Feed.values()[chance.nextInt(Feed.values().length)], day,
                    When.values()[chance.nextInt(When.values().length)], duty, chance.nextInt(2) * 0.5,
                    chance.nextBoolean(), new double[]{1, 0.4 + chance.nextDouble(), 1.7}));
        }
        return all;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void loadsOfWhichTheHoursAreKnownDrawAsThoseThatAreAsked(long seed) {
        Bank bank = new Bank(Chemistries.of(Battery.Chemistry.LITHIUM_IRON), 60, 12, 1, 1);
        Supply supply = Supply.SUN.withDriving(150).withShore(200).withInverter(8, 0.9, false);
        Hours hours = year(seed);

        Simulation.Outcome known = new Simulation(bank, loads(seed, false), supply).run(hours, 0.9);
        Simulation.Outcome asked = new Simulation(bank, loads(seed, true), supply).run(hours, 0.9);

        assertThat(known).usingRecursiveComparison().withEqualsForType(ShortWaysTest::same, Double.class)
                .isEqualTo(asked);
        assertThat(known.load()).isPositive();
    }

    /// But for the order in which numbers were added.
    private static boolean same(double a, double b) {
        return Math.abs(a - b) <= 1e-12 * Math.max(1, Math.abs(a));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void whatIsWantedInAnHourIsWhatEachLoadDrawsInIt(long seed) {
        Bank bank = new Bank(Chemistries.of(Battery.Chemistry.LITHIUM_IRON), 60, 12, 1, 1);
        Supply supply = Supply.SUN.withShore(200).withInverter(8, 0.9, false);
        Hours hours = year(seed);
        List<Appliance> all = new ArrayList<>(loads(seed, false));
        all.addAll(cooledAndHeated(all));

        double[] load = new Simulation(bank, all, supply).trace(hours, 0.9).load();

        for (int h = 0; h < hours.count(); h++) {
            double battery = drawn(all, Feed.BATTERY, hours, h);
            double inverter = hours.shore()[h] ? 0 : drawn(all, Feed.INVERTER, hours, h);
            double idle = inverter > 0 ? 8 : 0;
            assertThat(load[h]).as("hour " + h).isCloseTo(battery + idle + inverter / 0.9, within(1e-9));
        }
    }

    /// The same again, drawing more the warmer or the colder it is.
    private static List<Appliance> cooledAndHeated(List<Appliance> all) {
        List<Appliance> more = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Appliance a = all.get(i);
            Duty duty = i % 2 == 0 ? new Duty.Cooling(0.4, 0.02, 0.1) : new Duty.Heating(18, -10);
            more.add(new Appliance(a.watts(), a.count(), a.feed(), a.day(), a.when(), duty, a.standby(), a.isolated(),
                    a.seasons()));
        }
        return more;
    }

    private static double drawn(List<Appliance> all, Feed feed, Hours hours, int h) {
        return all.stream().filter(a -> a.feed() == feed).mapToDouble(a -> a.mean(h % 24, hours.air()[h],
                hours.occupied()[h], hours.driving()[h], hours.season()[h])).sum();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void theFirstEmptyHourIsThatOfTheWholeRun(long seed) {
        Bank bank = new Bank(Chemistries.of(Battery.Chemistry.LITHIUM_IRON), seed % 2 == 0 ? 20 : 2000, 12, 1, 1);
        Simulation simulation = new Simulation(bank, loads(seed, false), Supply.SUN);

        assertThat(simulation.firstEmpty(year(seed), 0.9)).isEqualTo(simulation.run(year(seed), 0.9).firstEmpty());
    }

    @Test
    void everyHourHasAPlaceOfItsOwn() {
        List<Integer> places = new ArrayList<>();
        for (int season = 0; season < 3; season++) {
            for (int hour = 0; hour < 24; hour++) {
                places.add(Appliance.place(hour, false, season));
                places.add(Appliance.place(hour, true, season));
            }
        }

        assertThat(places).doesNotHaveDuplicates().allMatch(p -> p >= 0 && p < 144);
    }

    @ParameterizedTest
    @EnumSource(Battery.Chemistry.class)
    void noTemperatureHasAHigherFloorThanTheHighest(Battery.Chemistry kind) {
        Bank bank = new Bank(Chemistries.of(kind), 90, 12, 1, 1);
        double highest = 0;
        for (double t = -60; t <= 60; t += 0.25) {
            highest = Math.max(highest, bank.floor(t));
            assertThat(bank.floor(t)).isLessThanOrEqualTo(bank.highestFloor());
        }

        assertThat(highest).as("it is reached").isEqualTo(bank.highestFloor());
    }
}
