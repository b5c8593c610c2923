package lectulum.kernel.electric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import lectulum.assumed.Chemistries;
import lectulum.assumed.Climates;
import lectulum.design.brief.Climate;
import lectulum.design.thing.Battery;
import lectulum.kernel.electric.Appliance.When;
import lectulum.kernel.weather.SolarDay;
import lectulum.kernel.weather.SplitMix;
import lectulum.kernel.weather.WeatherYear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What holds for every run of the hourly simulation and every year of weather.
class SimulationTest {
    private static Hours any(int days, double watts, long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        int n = 24 * days;
        Hours h = new Hours(new double[n], new double[n], new boolean[n], new double[n], new boolean[n]);
        for (int i = 0; i < n; i++) {
            h.air()[i] = -15 + 40 * chance.nextDouble();
            h.sun()[i] = i % 24 > 6 && i % 24 < 18 ? watts * chance.nextDouble() : 0;
            h.occupied()[i] = i / 24 % 7 > 3;
            h.driving()[i] = i % 24 == 9 && h.occupied()[i] ? chance.nextDouble() : 0;
            h.shore()[i] = i / 24 % 9 == 5;
        }
        return h;
    }

    private static final Supply ALL = LoadSet.SUPPLY.withDriving(200).withShore(250).withGenerator(400)
            .withPlace(true, 10, 30);

    private static Bank bank(Battery.Chemistry kind) {
        return new Bank(Chemistries.of(kind), 90, 12, 1, 1);
    }

    /// A bank that loses nothing: what sources give is what loads get and the bank keeps, in every hour.
    @Test
    void energyInIsEnergyOutAndStored() {
        Chemistry c = Chemistries.of(Battery.Chemistry.AGM);
        Chemistry ideal = new Chemistry("ideal", c.nominal(), c.charging(), c.resting(), c.depth(), 1, c.rate(), 1,
                c.charge(), c.discharge(), c.resistance(), 0, c.taper(), c.cycles(), c.cyclesDepth(), c.wear(),
                c.years(), c.weight(), c.absorption(), c.floatVoltage(), c.boost(), c.floating(), false, c.cold(),
                c.rest());
        Bank bank = new Bank(ideal, 90, 12, 1, 1);
        Hours hours = any(60, 160, 3);

        Simulation.Trace t = new Simulation(bank, LoadSet.all(When.ALWAYS), ALL).trace(hours, 0.8);

        double before = 0.8;
        for (int h = 0; h < hours.count(); h++) {
            double in = t.sun()[h] + t.driving()[h] + t.shore()[h] + t.fuel()[h];
            double out = t.load()[h] - t.unmet()[h];
            assertThat(in).as("hour " + h).isCloseTo(out + (t.state()[h] - before) * bank.energy(), within(1e-9));
            before = t.state()[h];
        }
    }

    /// What a real bank loses is never a gain.
    @ParameterizedTest
    @EnumSource(Battery.Chemistry.class)
    void nothingIsGained(Battery.Chemistry kind) {
        Hours hours = any(60, 160, 5);

        Simulation.Trace t = new Simulation(bank(kind), LoadSet.all(When.ALWAYS), ALL).trace(hours, 0.8);

        for (int h = 0; h < hours.count(); h++) {
            assertThat(t.lost()[h]).as("hour " + h).isGreaterThanOrEqualTo(-1e-9);
            assertThat(t.state()[h]).isBetween(0.0, 1.0 + 1e-12);
            assertThat(t.unmet()[h]).isBetween(0.0, t.load()[h] + 1e-9);
        }
    }

    @ParameterizedTest
    @EnumSource(Battery.Chemistry.class)
    void moreSunNeverGivesMoreEmptyHours(Battery.Chemistry kind) {
        int before = Integer.MAX_VALUE;
        for (double watts = 0; watts <= 600; watts += 50) {
            int empty = new Simulation(bank(kind), LoadSet.all(When.ALWAYS), LoadSet.SUPPLY).run(any(90, watts, 8), 1)
                    .emptyHours();
            assertThat(empty).as(watts + " W").isLessThanOrEqualTo(before);
            before = empty;
        }
    }

    @Test
    void frostKeepsLithiumFromChargingAndAHeaterLetsIt() {
        int n = 48;
        Hours cold = new Hours(new double[n], new double[n], new boolean[n], new double[n], new boolean[n]);
        java.util.Arrays.fill(cold.air(), -8);
        java.util.Arrays.fill(cold.sun(), 120);
        Bank lithium = bank(Battery.Chemistry.LITHIUM_IRON);

        Simulation.Outcome bare = new Simulation(lithium, List.of(), LoadSet.SUPPLY).run(cold, 0.5);
        Simulation.Outcome heated = new Simulation(lithium, List.of(), LoadSet.SUPPLY.withPlace(false, 0, 40))
                .run(cold, 0.5);
        Simulation.Outcome lead = new Simulation(bank(Battery.Chemistry.AGM), List.of(), LoadSet.SUPPLY)
                .run(cold, 0.5);

        assertThat(bare.frozen()).isEqualTo(n);
        assertThat(bare.end()).isLessThanOrEqualTo(0.5);
        assertThat(heated.frozen()).isZero();
        assertThat(heated.end()).isGreaterThan(0.9);
        assertThat(lead.end()).isGreaterThan(0.6);
    }

    @Test
    void theGeneratorRunsInItsHoursUntilItIsFullEnough() {
        int n = 72;
        Hours dark = new Hours(new double[n], new double[n], new boolean[n], new double[n], new boolean[n]);
        java.util.Arrays.fill(dark.occupied(), true);
        java.util.Arrays.fill(dark.air(), 20);

        Simulation.Trace t = new Simulation(bank(Battery.Chemistry.LITHIUM_IRON), LoadSet.all(When.ALWAYS),
                LoadSet.SUPPLY.withGenerator(300)).trace(dark, 0.6);

        for (int h = 0; h < n; h++) {
            if (h % 24 < 9 || h % 24 >= 20) {
                assertThat(t.fuel()[h]).as("at night, hour " + h).isZero();
            }
        }
        assertThat(java.util.Arrays.stream(t.fuel()).sum()).isGreaterThan(500);
    }

    @Test
    void aBankOfNothingServesNothingAndABankWithoutLoadsStandsStill() {
        Bank none = new Bank(Chemistries.of(Battery.Chemistry.AGM), 0, 12, 1, 1);
        Hours hours = any(10, 0, 1);

        Simulation.Outcome o = new Simulation(none, LoadSet.all(When.ALWAYS), LoadSet.SUPPLY).run(hours, 1);
        Simulation.Outcome still = new Simulation(bank(Battery.Chemistry.AGM), List.of(), LoadSet.SUPPLY).run(hours, 1);

        assertThat(o.unmet()).isCloseTo(o.load(), within(1e-9));
        assertThat(still.unmet()).isZero();
        assertThat(still.end()).isCloseTo(1 - 0.02 / 720 * 240, within(1e-12));
    }

    /// The first values of the generator for the seed 1, from the definition by hand arithmetic on 64 bits.
    @Test
    void chanceIsTheSameEverywhere() {
        SplitMix one = new SplitMix(1);
        java.math.BigInteger mask = java.math.BigInteger.ONE.shiftLeft(64).subtract(java.math.BigInteger.ONE);
        java.math.BigInteger s = new java.math.BigInteger("9E3779B97F4A7C15", 16).add(java.math.BigInteger.ONE)
                .and(mask);
        java.math.BigInteger z = s;
        z = z.xor(z.shiftRight(30)).multiply(new java.math.BigInteger("BF58476D1CE4E5B9", 16)).and(mask);
        z = z.xor(z.shiftRight(27)).multiply(new java.math.BigInteger("94D049BB133111EB", 16)).and(mask);
        z = z.xor(z.shiftRight(31));

        assertThat(one.uniform()).isEqualTo(z.shiftRight(11).doubleValue() / (1L << 53));
    }

    @ParameterizedTest
    @ValueSource(longs = {0, 1, 2031, -7})
    void aYearKeepsItsMonthsAndIsTheSameForTheSameSeed(long seed) {
        for (Climate climate : Climate.values()) {
            WeatherYear year = WeatherYear.of(Climates.of(climate), 52, 0, seed);
            WeatherYear again = WeatherYear.of(Climates.of(climate), 52, 0, seed);

            assertThat(year.clearness()).isEqualTo(again.clearness());
            for (double k : year.clearness()) {
                assertThat(k).isBetween(0.05, 0.80);
            }
            assertThat(year.temperature()).isEqualTo(again.temperature());
            double june = java.util.Arrays.stream(year.clearness(), 151, 181).average().orElseThrow();
            assertThat(june).as(climate.label()).isCloseTo(Climates.of(climate).clearness(5, false), within(0.01));
        }
    }

    /// The tilted sun of a level panel is the level sun; what falls on all of the sky's sides is no more than twice that.
    @ParameterizedTest
    @ValueSource(doubles = {-78, -35, 0, 23.4, 52, 66.6, 80})
    void aTiltedPanelSeesTheSameSun(double latitude) {
        for (int day = 1; day <= 365; day += 13) {
            SolarDay d = new SolarDay(day, latitude);
            SolarDay.Irradiance i = d.hours(0.5, 0);
            double sum = 0;
            for (int h = 0; h < 24; h++) {
                assertThat(d.tilted(i, h, 0, 0, 1)).isEqualTo(i.global()[h]);
                assertThat(d.tilted(i, h, 0, 0.6, Math.PI)).isGreaterThanOrEqualTo(0).isFinite();
                assertThat(i.diffuse()[h]).isLessThanOrEqualTo(i.global()[h] + 1e-12);
                sum += i.global()[h];
            }
            // A sun that is up for less than an hour is in the middle of none.
            assertThat(sum).isCloseTo(0.5 * d.outside(), within(d.length() < 1 ? d.outside() : 1e-6));
        }
    }
}
