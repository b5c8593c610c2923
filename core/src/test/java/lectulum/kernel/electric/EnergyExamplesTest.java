package lectulum.kernel.electric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import lectulum.assumed.Chemistries;
import lectulum.assumed.Climates;
import lectulum.design.brief.Climate;
import lectulum.design.thing.Battery;
import lectulum.kernel.electric.Appliance.When;
import lectulum.kernel.weather.Band;
import lectulum.kernel.weather.SolarDay;
import lectulum.kernel.weather.WeatherYear;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/// Worked examples of bank, sun and simulation, to five digits.
class EnergyExamplesTest {
    private static final Percentage FIVE_DIGITS = withinPercentage(0.01);

    private static double air(double mean, double swing, int hour) {
        return mean + swing * Band.swingOf(hour);
    }

    @Nested
    class Day {
        private double of(int j) {
            Appliance a = LoadSet.all(When.ALWAYS).get(j);
            double sum = 0;
            for (int h = 0; h < 24; h++) {
                sum += a.mean(h, air(24, 7, h), true, 0);
            }
            return sum;
        }

        @Test
        void everyLoadTakesItsShare() {
            double[] expected = {356.40, 63.000, 144.00, 21.000, 60.300, 28.800, 130.43 * 0.92};
            for (int j = 0; j < expected.length; j++) {
                assertThat(of(j)).as("load " + j).isCloseTo(expected[j], FIVE_DIGITS);
            }
        }

        @Test
        void theInverterAddsItsLossAndItsIdling() {
            Hours day = hours(24, 0, new double[24]);
            Simulation.Outcome o = new Simulation(LoadSet.lithium(150), LoadSet.all(When.ALWAYS), LoadSet.SUPPLY)
                    .run(day, 1);

            assertThat(o.load()).isCloseTo(821.93, FIVE_DIGITS);
        }
    }

    private static Hours hours(int count, double mean, double[] sun) {
        double[] air = new double[count];
        boolean[] here = new boolean[count];
        Arrays.fill(here, true);
        for (int h = 0; h < count; h++) {
            air[h] = air(24, 7, h % 24);
        }
        return new Hours(air, sun, here, new double[count], new boolean[count]);
    }

    @Nested
    class Banks {
        @Test
        void ofLead() {
            Bank two = LoadSet.agm(105, 2);

            assertThat(two.usable()).isCloseTo(1260.0, FIVE_DIGITS);
            assertThat(two.usable() / 821.93).isCloseTo(1.5330, FIVE_DIGITS);
            assertThat(two.mass()).isCloseTo(63.000, FIVE_DIGITS);
            assertThat(two.resistance() * 1000).isCloseTo(1.9048, FIVE_DIGITS);
            assertThat(two.factor(30)).isCloseTo(1.1343, FIVE_DIGITS);
            assertThat(two.hours(30, 25)).isCloseTo(3.0857, FIVE_DIGITS);
            assertThat(two.hours(30, -5)).isCloseTo(2.3451, FIVE_DIGITS);
            assertThat(two.cycles(0.5)).isCloseTo(700.00, FIVE_DIGITS);
            assertThat(two.cycles(0.25)).isCloseTo(1608.2, FIVE_DIGITS);
        }

        @Test
        void ofLithium() {
            Bank one = LoadSet.lithium(150);

            assertThat(one.usable()).isCloseTo(1536.0, FIVE_DIGITS);
            assertThat(one.usable() / 821.93).isCloseTo(1.8688, FIVE_DIGITS);
            assertThat(one.mass()).isCloseTo(18.240, FIVE_DIGITS);
            assertThat(one.hours(30, 25)).isCloseTo(4.0000, FIVE_DIGITS);
        }

        @Test
        void seriesAddsVoltsAndNeverAmpereHours() {
            Bank series = new Bank(Chemistries.of(Battery.Chemistry.AGM), 100, 6, 2, 1);
            Bank more = new Bank(Chemistries.of(Battery.Chemistry.AGM), 100, 12, 2, 3);

            assertThat(series.voltage()).isEqualTo(12);
            assertThat(series.charge()).isEqualTo(100);
            assertThat(more.voltage()).isEqualTo(24);
            assertThat(more.charge()).isEqualTo(300);
        }

        @Test
        void gasAndStorage() {
            Bank flooded = new Bank(Chemistries.of(Battery.Chemistry.FLOODED), 225, 12, 1, 1);
            Bank gel = new Bank(Chemistries.of(Battery.Chemistry.GEL), 200, 12, 1, 1);

            assertThat(flooded.ventilation(6, true)).isCloseTo(1.3500, FIVE_DIGITS);
            assertThat(Bank.opening(flooded.ventilation(6, true))).isCloseTo(37.800, FIVE_DIGITS);
            assertThat(gel.ventilation(6, true)).isCloseTo(0.48000, FIVE_DIGITS);
            assertThat(Bank.opening(gel.ventilation(6, true))).isCloseTo(13.440, FIVE_DIGITS);
            Bank agm = LoadSet.agm(105, 1);
            double floor = agm.floor(10);
            assertThat(agm.storage(1, floor, 2.7)).isCloseTo(8.8300, FIVE_DIGITS);
            assertThat(agm.storage(1, floor, 0)).isCloseTo(690.00, FIVE_DIGITS);
        }

        /// There and back along the table.
        @Test
        void restVoltsTellTheCharge() {
            for (Battery.Chemistry kind : Battery.Chemistry.values()) {
                Chemistry c = Chemistries.of(kind);
                for (double s = 0; s <= 1; s += 0.05) {
                    assertThat(c.stateAt(c.atRest(s))).as(kind + " at " + s).isCloseTo(s, withinPercentage(1e-6));
                }
                assertThat(c.stateAt(20)).isEqualTo(1);
                assertThat(c.stateAt(0)).isZero();
                assertThat(c.capacity(-80)).isEqualTo(c.capacity(-30));
            }
        }
    }

    @Nested
    class Sun {
        private double harvest(SolarDay day, double clearness, double mean, SolarArray array, double volts) {
            SolarDay.Irradiance i = day.hours(clearness, 0);
            double sum = 0;
            for (int h = 0; h < 24; h++) {
                sum += array.power(i.global()[h], air(mean, 6, h), volts);
            }
            return sum;
        }

        private double tilted(SolarDay day, double clearness) {
            SolarDay.Irradiance i = day.hours(clearness, 0);
            double sum = 0;
            for (int h = 0; h < 24; h++) {
                sum += day.tilted(i, h, 0, Math.toRadians(35), Math.PI);
            }
            return sum;
        }

        @Test
        void ofALongDay() {
            SolarDay day = new SolarDay(172, 44);

            assertThat(Math.toDegrees(day.declination())).isCloseTo(23.452, FIVE_DIGITS);
            assertThat(day.length()).isCloseTo(15.302, FIVE_DIGITS);
            assertThat(day.outside()).isCloseTo(11650, FIVE_DIGITS);
            assertThat(day.hours(.60, 0).global()[11]).isCloseTo(800.83, FIVE_DIGITS);
            assertThat(Arrays.stream(day.hours(.60, 0).global()).sum()).isCloseTo(6989.9, FIVE_DIGITS);
            assertThat(tilted(day, .60)).isCloseTo(6484.0, FIVE_DIGITS);
            assertThat(harvest(day, .60, 24, LoadSet.ARRAY, 13.5)).isCloseTo(1224.9, FIVE_DIGITS);
            assertThat(harvest(day, .60, 24, switched(0), 13.6)).isCloseTo(1013.0, FIVE_DIGITS);
            assertThat(harvest(day, .60, 24, shaded(), 13.5)).isCloseTo(979.89, FIVE_DIGITS);
        }

        @Test
        void ofAShortDay() {
            SolarDay day = new SolarDay(355, 44);

            assertThat(Math.toDegrees(day.declination())).isCloseTo(-23.420, FIVE_DIGITS);
            assertThat(day.length()).isCloseTo(8.7031, FIVE_DIGITS);
            assertThat(day.outside()).isCloseTo(3073.2, FIVE_DIGITS);
            assertThat(day.hours(.45, 0).global()[11]).isCloseTo(257.45, FIVE_DIGITS);
            assertThat(Arrays.stream(day.hours(.45, 0).global()).sum()).isCloseTo(1382.9, FIVE_DIGITS);
            assertThat(tilted(day, .45)).isCloseTo(1977.6, FIVE_DIGITS);
            assertThat(harvest(day, .45, 2, LoadSet.ARRAY, 13.5)).isCloseTo(281.63, FIVE_DIGITS);
            assertThat(harvest(day, .45, 2, switched(0), 13.6)).isCloseTo(200.42, FIVE_DIGITS);
            assertThat(harvest(day, .45, 2, shaded(), 13.5)).isCloseTo(225.31, FIVE_DIGITS);
        }

        private SolarArray switched(double shade) {
            return new SolarArray(220, 2 * 5.9, 50, shade, 2, false, 20);
        }

        private SolarArray shaded() {
            return new SolarArray(220, 0, 50, 0.10, 2, true, 20);
        }
    }

    @Nested
    class Trip {
        private Hours hours() {
            double[] clear = {.55, .55, .20};
            double[] sun = new double[72];
            SolarArray array = new SolarArray(110, 0, 50, 0, 2, true, 10);
            for (int d = 0; d < 3; d++) {
                SolarDay.Irradiance i = new SolarDay(198, 44).hours(clear[d], 0);
                for (int h = 0; h < 24; h++) {
                    sun[24 * d + h] = array.power(i.global()[h], air(24, 7, h), 13.5);
                }
            }
            Hours all = EnergyExamplesTest.hours(72, 24, sun);
            Arrays.fill(all.driving(), 8, 11, 1);
            return all;
        }

        private Simulation.Outcome run(Bank bank) {
            return new Simulation(bank, LoadSet.all(When.ALWAYS), LoadSet.SUPPLY.withDriving(250)).run(hours(), 0.9);
        }

        @Test
        void onLead() {
            Simulation.Outcome o = run(LoadSet.agm(105, 1));

            assertThat(o.load()).isCloseTo(2461.6, FIVE_DIGITS);
            assertThat(o.sunAvailable()).isCloseTo(1305.0, FIVE_DIGITS);
            assertThat(o.sunUsed()).isCloseTo(1137.8, FIVE_DIGITS);
            assertThat(o.driving()).isCloseTo(161.74, FIVE_DIGITS);
            assertThat(o.unmet()).isCloseTo(732.39, FIVE_DIGITS);
            assertThat(o.emptyHours()).isEqualTo(23);
            assertThat(o.firstEmpty()).isEqualTo(45);
            assertThat(o.end()).isCloseTo(0.49522, FIVE_DIGITS);
        }

        @Test
        void onLithium() {
            Simulation.Outcome o = run(LoadSet.lithium(100));

            assertThat(o.driving()).isCloseTo(141.42, FIVE_DIGITS);
            assertThat(o.unmet()).isCloseTo(309.54, FIVE_DIGITS);
            assertThat(o.emptyHours()).isEqualTo(7);
            assertThat(o.firstEmpty()).isEqualTo(65);
            assertThat(o.end()).isCloseTo(0.19981, FIVE_DIGITS);
        }
    }

    @Nested
    class Year {
        private static final int HOURS = 8760;
        private final WeatherYear year = WeatherYear.of(Climates.of(Climate.DRY_HIGHLAND), 40, 0, 2031);

        private Hours hours(double watts) {
            SolarArray array = new SolarArray(watts, 0, 50, 0, 2, true, 10);
            double[] air = new double[HOURS];
            double[] sun = new double[HOURS];
            boolean[] here = new boolean[HOURS];
            for (int d = 1; d <= 365; d++) {
                SolarDay.Irradiance i = new SolarDay(d, 40).hours(year.clearness()[d - 1], 0);
                for (int h = 0; h < 24; h++) {
                    int at = 24 * (d - 1) + h;
                    air[at] = year.air(d, h);
                    sun[at] = array.power(i.global()[h], air[at], 13.5);
                    here[at] = weekend(d, h);
                }
            }
            return new Hours(air, sun, here, new double[HOURS], new boolean[HOURS]);
        }

        /// From Friday 17 to Sunday 17 o'clock of the days 60 to 334; the first day is a Monday.
        private static boolean weekend(int day, int hour) {
            int week = (day - 1) % 7;
            return day >= 60 && day <= 334 && (week == 4 && hour >= 17 || week == 5 || week == 6 && hour < 17);
        }

        private List<Appliance> loads() {
            List<Appliance> all = new ArrayList<>(LoadSet.all(When.OCCUPIED));
            all.add(new Appliance(1.5, 1, Appliance.Feed.BATTERY, LoadSet.always(), When.ALWAYS, Appliance.ALL, 0,
                    false));
            return all;
        }

        private Simulation.Outcome run(List<Appliance> loads, double watts) {
            return new Simulation(LoadSet.lithium(100), loads, LoadSet.SUPPLY).run(hours(watts), 1);
        }

        @Test
        void isMadeFromItsSeed() {
            double[] expected = {.31857, .49842, .71973, .68709};
            for (int i = 0; i < expected.length; i++) {
                assertThat(year.clearness()[i]).isCloseTo(expected[i], FIVE_DIGITS);
            }
            assertThat(year.clearness()[364]).isCloseTo(.59549, FIVE_DIGITS);
            assertThat(year.temperature()[0]).isCloseTo(-2.0590, FIVE_DIGITS);
            assertThat(year.temperature()[364]).isCloseTo(2.1294, FIVE_DIGITS);
            assertThat(year.air(1, 0)).isCloseTo(-5.5450, FIVE_DIGITS);
            double flat = 0;
            for (int d = 1; d <= 365; d++) {
                flat += Arrays.stream(new SolarDay(d, 40).hours(year.clearness()[d - 1], 0).global()).sum();
            }
            assertThat(flat / 1000).isCloseTo(1793.8, FIVE_DIGITS);
            double[] air = hours(60).air();
            assertThat(Arrays.stream(air).min().orElseThrow()).isCloseTo(-19.524, FIVE_DIGITS);
            assertThat(Arrays.stream(air).max().orElseThrow()).isCloseTo(33.753, FIVE_DIGITS);
        }

        @Test
        void isLivedThrough() {
            Simulation.Outcome o = run(loads(), 60);

            int occupied = 0;
            for (boolean b : hours(60).occupied()) {
                occupied += b ? 1 : 0;
            }
            assertThat(occupied).isEqualTo(1879);
            assertThat(o.load()).isCloseTo(73863, FIVE_DIGITS);
            assertThat(o.sunAvailable()).isCloseTo(91143, FIVE_DIGITS);
            assertThat(o.sunUsed()).isCloseTo(68604, FIVE_DIGITS);
            assertThat(o.curtailed()).isCloseTo(22539, FIVE_DIGITS);
            assertThat(o.unmet()).isCloseTo(6981.1, FIVE_DIGITS);
            assertThat(o.emptyHours()).isEqualTo(884);
            assertThat(o.emptyOccupied()).isEqualTo(221);
            assertThat(o.firstEmpty()).isEqualTo(821);
            assertThat(o.least()).isCloseTo(.20608, FIVE_DIGITS);
            assertThat(o.frozen()).isEqualTo(721);
        }
    }

    @Nested
    class WhatRuns {
        private final Running.Inverter inverter = new Running.Inverter(2000, 4000, 12, .90);

        private double harvest(double watts, double limit, double volts) {
            SolarArray array = new SolarArray(watts, 0, 50, 0, 2, true, limit);
            SolarDay.Irradiance i = new SolarDay(198, 40).hours(.65, 0);
            double sum = 0;
            for (int h = 0; h < 24; h++) {
                sum += array.power(i.global()[h], air(21.5, 8, h), volts);
            }
            return sum;
        }

        @Test
        void onASmallBankOfGel() {
            Bank gel = new Bank(Chemistries.of(Battery.Chemistry.GEL), 170, 12, 1, 1);
            double sun = harvest(160, 15, 13.6);
            Running hob = Running.of(gel, inverter, new Running.Wish(1800, 1, 0.5, true), 620, sun, 160, 25);
            Running cooler = Running.of(gel, inverter, new Running.Wish(480, 4, 8, true), 620, sun, 160, 25);

            assertThat(sun).isCloseTo(933.97, FIVE_DIGITS);
            assertThat(hob.dc()).isCloseTo(2012.0, FIVE_DIGITS);
            assertThat(hob.amps()).isCloseTo(167.67, FIVE_DIGITS);
            assertThat(hob.rate()).isCloseTo(0.98627, FIVE_DIGITS);
            assertThat(hob.factor()).isCloseTo(1.5641, FIVE_DIGITS);
            assertThat(hob.need()).isCloseTo(1573.4, FIVE_DIGITS);
            assertThat(hob.verdict()).isEqualTo(Running.Verdict.NO_POWER);
            assertThat(hob.forAmps()).isCloseTo(558.89, FIVE_DIGITS);
            assertThat(hob.forDay()).isCloseTo(365.57, FIVE_DIGITS);
            assertThat(hob.panels()).isCloseTo(442.07, FIVE_DIGITS);
            assertThat(cooler.amps()).isCloseTo(45.444, FIVE_DIGITS);
            assertThat(cooler.need()).isCloseTo(5610.0, FIVE_DIGITS);
            assertThat(cooler.sunHours()).isCloseTo(0.24795, FIVE_DIGITS);
            assertThat(cooler.bankHours()).isCloseTo(1.4546, FIVE_DIGITS);
            assertThat(cooler.verdict()).isEqualTo(Running.Verdict.NO_ENERGY);
            assertThat(cooler.panels()).isCloseTo(1255.6, FIVE_DIGITS);
            assertThat(cooler.forDay()).isCloseTo(1038.3, FIVE_DIGITS);
        }

        @Test
        void onALargeBankOfLithium() {
            Bank large = LoadSet.lithium(280);
            double sun = harvest(540, 50, 13.5);
            Running hob = Running.of(large, inverter, new Running.Wish(1800, 1, 0.5, true), 620, sun, 540, 25);
            Running cooler = Running.of(large, inverter, new Running.Wish(480, 4, 8, true), 620, sun, 540, 25);

            assertThat(sun).isCloseTo(3152.2, FIVE_DIGITS);
            assertThat(hob.rate()).isCloseTo(0.56138, FIVE_DIGITS);
            assertThat(hob.factor()).isCloseTo(1.0209, FIVE_DIGITS);
            assertThat(hob.sunHours()).isCloseTo(1.1561, FIVE_DIGITS);
            assertThat(hob.bankHours()).isCloseTo(1.3959, FIVE_DIGITS);
            assertThat(hob.verdict()).isEqualTo(Running.Verdict.YES);
            assertThat(cooler.factor()).isEqualTo(1);
            assertThat(cooler.sunHours()).isCloseTo(4.3543, FIVE_DIGITS);
            assertThat(cooler.bankHours()).isCloseTo(5.2577, FIVE_DIGITS);
            assertThat(cooler.verdict()).isEqualTo(Running.Verdict.NO_ENERGY);
            assertThat(cooler.panels()).isCloseTo(898.51, FIVE_DIGITS);
            assertThat(cooler.forDay()).isCloseTo(486.59, FIVE_DIGITS);
        }
    }

    @Nested
    class Lines {
        private static double loop(double area, double metres, double contacts) {
            return 2 * metres * 1.7241e-8 * 1.02 * (1 + 0.00393 * 30) / (area * 1e-6) + contacts;
        }

        @Test
        void aThickLineFeedsTheConverter() {
            ChargeLine line = new ChargeLine(loop(16, 8.5, 0.006));

            ChargeLine.Flow fixed = line.converted(14.0, 30, 14.4, .88, 11);
            ChargeLine.Flow smart = line.converted(12.6, 30, 14.4, .88, 11);
            assertThat(fixed.in()).isCloseTo(12.983, FIVE_DIGITS);
            assertThat(fixed.amps()).isCloseTo(37.811, FIVE_DIGITS);
            assertThat(fixed.loss(line.resistance())).isCloseTo(38.440, FIVE_DIGITS);
            assertThat(smart.in()).isCloseTo(11.447, FIVE_DIGITS);
            assertThat(smart.amps()).isCloseTo(42.886, FIVE_DIGITS);
            assertThat(smart.loss(line.resistance())).isCloseTo(49.452, FIVE_DIGITS);
        }

        @Test
        void aThinLineIsHeldAtTheVoltsAtWhichTheConverterStops() {
            double twelve = Math.PI / 4 * Math.pow(0.127 * Math.pow(92, 24 / 39.0), 2);
            ChargeLine line = new ChargeLine(loop(twelve, 8.5, 0.012));

            ChargeLine.Flow fixed = line.converted(14.0, 30, 14.4, .88, 11);
            ChargeLine.Flow cool = line.converted(13.2, 30, 14.4, .88, 11);
            assertThat(fixed.in()).isEqualTo(11.0);
            assertThat(fixed.amps()).isCloseTo(26.547, FIVE_DIGITS);
            assertThat(fixed.out() / 14.4).isCloseTo(17.846, FIVE_DIGITS);
            assertThat(cool.amps()).isCloseTo(19.468, FIVE_DIGITS);
            assertThat(cool.out() / 14.4).isCloseTo(13.087, FIVE_DIGITS);
            assertThat(line.straight(14.0, 12.3, LoadSet.agm(100, 1).resistance())).isCloseTo(14.529, FIVE_DIGITS);
        }

        @Test
        void stringsAreHeldAgainstTheColdestMorning() {
            ModuleStrings four = new ModuleStrings(22.4, 18.6, 6.25, 4, 1);
            ModuleStrings square = new ModuleStrings(22.4, 18.6, 6.25, 2, 2);

            assertThat(four.coldest(-25)).isCloseTo(103.04, FIVE_DIGITS);
            assertThat(four.hottest()).isCloseTo(61.008, FIVE_DIGITS);
            assertThat(four.design()).isCloseTo(7.8125, FIVE_DIGITS);
            assertThat(four.wire()).isCloseTo(9.7656, FIVE_DIGITS);
            assertThat(four.switchingWaste()).isCloseTo(.81720, FIVE_DIGITS);
            assertThat(square.coldest(-25)).isCloseTo(51.520, FIVE_DIGITS);
            assertThat(square.hottest()).isCloseTo(30.504, FIVE_DIGITS);
            assertThat(square.current()).isCloseTo(12.500, FIVE_DIGITS);
            assertThat(square.wire()).isCloseTo(19.531, FIVE_DIGITS);
            assertThat(square.switchingWaste()).isCloseTo(.63441, FIVE_DIGITS);
            assertThat(square.fused()).isFalse();
            assertThat(square.starts(14.6)).isTrue();
        }
    }
}
