package lectulum.power;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.Arrays;
import lectulum.design.Design;
import lectulum.design.brief.Climate;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Load;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.kernel.weather.SolarDay;
import org.junit.jupiter.api.Test;

class PowerTest {
    private static final double WH = 3600;

    private static Thing lamp(double watts, double hours, Load.Feed feed) {
        return thing("lamp", 1, 1, 0).with(new Load(watts, hours * 3600, feed));
    }

    private static Thing cells(double wattHours, Battery.Chemistry chemistry) {
        return thing("cells", 12, 0.5, 0).with(new Battery(wattHours * WH, chemistry));
    }

    private static double figure(Design d, String id) {
        return Power.of(d).figures().value(id);
    }

    /// 20 W for 5 h is 100 Wh; 1280 Wh of lithium gives 1024 usable: 10.24 nights.
    @Test
    void nightsAreUsableEnergyOverDailyUse() {
        Design d = box(lamp(20, 5, Load.Feed.BATTERY), cells(1280, Battery.Chemistry.LITHIUM_IRON));

        assertThat(figure(d, "power.day.use")).isCloseTo(100 * WH, within(1e-6));
        assertThat(figure(d, "power.battery.usable")).isCloseTo(1024 * WH, within(1e-6));
        assertThat(figure(d, "power.nights")).isCloseTo(10.24, within(1e-9));
        assertThat(Power.of(d).findings()).isEmpty();
    }

    /// Through the inverter: 92 W for 1 h takes 100 Wh and the idle 10 W.
    @Test
    void theInverterCostsItsLossesAndItsIdle() {
        Design d = box(lamp(92, 1, Load.Feed.INVERTER));

        assertThat(figure(d, "power.day.use")).isCloseTo(110 * WH, within(1e-6));
    }

    @Test
    void loadsOnShorePowerDoNotDrainTheBattery() {
        Design d = box(lamp(1500, 5, Load.Feed.SHORE), cells(1280, Battery.Chemistry.AGM));

        assertThat(figure(d, "power.day.use")).isZero();
        assertThat(figure(d, "power.nights")).isEqualTo(Power.MOST_NIGHTS);
    }

    @Test
    void aBatteryThatDoesNotLastTheNightIsTold() {
        Design d = box(lamp(100, 20, Load.Feed.BATTERY), cells(640, Battery.Chemistry.LITHIUM_IRON));

        assertThat(Power.of(d).findings()).extracting(Finding::id).containsExactly("power.nights");
        assertThat(Power.of(box(lamp(100, 1, Load.Feed.BATTERY))).findings()).singleElement()
                .satisfies(f -> assertThat(f.title().template()).contains("no battery"));
    }

    /// Duffie and Beckman, example 1.10.1: at 43° north on 15 April (day 105) the day's radiation outside the air is
    /// 33.8 MJ/m².
    @Test
    void radiationOutsideTheAirMatchesTheTextbook() {
        assertThat(new SolarDay(105, 43).outside() * 3600 / 1e6).isCloseTo(33.8, withinPercentage(1));
    }

    @Test
    void theHoursOfADayAddUpToItsRadiationAndMirrorAtNoon() {
        double[] hours = Sun.day(50, 6).hours(Sun.clearness(50, 6, Climate.MARITIME), 0).global();
        double total = 0.46 * new SolarDay(162, 50).outside();

        assertThat(Arrays.stream(hours).sum()).isCloseTo(total, within(1e-6));
        assertThat(hours[9]).isCloseTo(hours[14], within(1e-9));
        assertThat(hours[0]).isZero();
    }

    @Test
    void polarNightGivesNothingAndTheSeasonsTurnInTheSouth() {
        assertThat(Sun.harvest(100, 75, 12, Climate.BOREAL)).isZero();
        assertThat(Sun.harvest(100, -40, 12, Climate.MARITIME))
                .isGreaterThan(Sun.harvest(100, -40, 6, Climate.MARITIME));
        assertThat(Sun.harvest(200, 45, 6, Climate.DESERT))
                .isCloseTo(2 * Sun.harvest(100, 45, 6, Climate.DESERT), within(1e-3));
    }

    @Test
    void sunMakesTheNightsLonger() {
        Design dark = box(lamp(20, 24, Load.Feed.BATTERY), cells(1280, Battery.Chemistry.LITHIUM_IRON));
        Design sunny = dark.plus(thing("panel", 7, 1, 0.6).withSolar(50));

        assertThat(figure(sunny, "power.nights")).isGreaterThan(figure(dark, "power.nights"));
        assertThat(figure(sunny, "power.nightsDark")).isEqualTo(figure(dark, "power.nightsDark"));
    }
}
