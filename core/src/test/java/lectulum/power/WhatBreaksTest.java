package lectulum.power;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import lectulum.assumed.Assumption;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.wiring.Circuit;
import lectulum.design.wiring.Measured;
import lectulum.discipline.Study;
import lectulum.figures.Figure;
import lectulum.kernel.electric.Bank;
import lectulum.power.wiring.TestStudies;
import lectulum.power.wiring.Wired;
import lectulum.units.Style;
import lectulum.weather.Weather;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What breaks a year, and what a test of the wiring finds.
class WhatBreaksTest {
    private static Design demo(String key) {
        return Campers.demo(key).orElseThrow().design();
    }

    private static double value(Study s, String id) {
        return s.figures().stream().filter(f -> f.id().equals(id)).findFirst().map(Figure::value).orElseThrow()
                .orElse(Double.NaN);
    }

    private static RoadCharge road(Design d) {
        return RoadCharge.of(d, Wired.of(d));
    }

    private static int empty(Design d, double watts, Bank bank) {
        Rehearsal r = Rehearsal.of(d, road(d));
        Weather weather = Weather.of(new Weather.Place(d.brief().climate(), d.brief().latitude(), 1));
        return r.simulation(bank).run(r.year(weather, watts), 1).emptyOccupied();
    }

    /// Ten watts less, or an ampere-hour less, and there is an empty hour.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin"})
    void theLeastIsTheLeast(String key) {
        Design d = demo(key);
        Study s = WhatBreaks.of(d, road(d), () -> false, p -> {
        }).orElseThrow();
        Bank bank = Plant.of(d).bank().orElseThrow();
        double panels = value(s, "power.least.panels");
        double charge = value(s, "power.least.charge") / 3600;

        assertThat(empty(d, panels, bank)).isZero();
        assertThat(empty(d, panels - 10, bank)).isPositive();
        double peak = Plant.of(d).peak();
        assertThat(empty(d, peak, new Bank(bank.chemistry(), charge, 12, 1, 1))).isZero();
        assertThat(empty(d, peak, new Bank(bank.chemistry(), charge - 2, 12, 1, 1))).isPositive();
        assertThat(value(s, "power.spread.good")).isLessThanOrEqualTo(value(s, "power.spread.middle"));
        assertThat(value(s, "power.spread.middle")).isLessThanOrEqualTo(value(s, "power.spread.bad"));
        assertThat(value(s, "power.spread.trips")).isBetween(0.3, 1.0);
    }

    @Test
    void leavingALoadAtHomeNeverMakesItEmptier() {
        Design d = demo("dunlin");
        Study s = WhatBreaks.of(d, road(d), () -> false, p -> {
        }).orElseThrow();
        List<List<String>> rows = s.listings().getFirst().text(Style.PLAIN);

        assertThat(rows).hasSizeGreaterThan(5);
        double all = hours(rows.get(1).get(2));
        rows.subList(2, rows.size()).forEach(r -> assertThat(hours(r.get(2))).as(r.getFirst())
                .isLessThanOrEqualTo(all));
    }

    private static double hours(String text) {
        String number = text.replace('\u00a0', ' ').replaceAll("[^0-9.]", "");
        return Double.parseDouble(number) / (text.endsWith("min") ? 60 : 1);
    }

    @Test
    void itStopsWhenItIsTold() {
        List<Double> steps = new ArrayList<>();
        assertThat(WhatBreaks.of(demo("dunlin"), RoadCharge.NONE, () -> steps.size() > 5, steps::add)).isEmpty();
        assertThat(steps).hasSizeLessThan(10);
        Design none = demo("dunlin").without(List.of("cells"));
        assertThat(WhatBreaks.of(none, RoadCharge.NONE, () -> false, p -> {
        })).isEmpty();
    }

    @Test
    void nightsOnASiteWithASocketSpareTheBattery() {
        Design d = demo("chamois");
        Design plugged = d.with(d.settings().with(Assumption.YEAR_SHORE.id(), 1));
        YearPlan plan = YearPlan.of(plugged.brief(), plugged);
        int shore = 0;
        int here = 0;
        double road = 0;
        for (int h = 0; h < plan.shore().length; h++) {
            shore += plan.shore()[h] ? 1 : 0;
            here += plan.occupied()[h] ? 1 : 0;
            road += plan.driving()[h];
        }
        assertThat(shore).isEqualTo(here);
        assertThat(road).as("three hours out and back, some of them shared").isBetween(30.0, 2 * 3.0 * 10 + 1);
    }

    /// A joint of 60 mΩ that nobody knows of: what the meter shows is told apart from what the wires lose.
    @Test
    void aBadJointIsFoundByTheMeter() {
        Design d = demo("nightjar");
        TestStudies.Line pump = TestStudies.lines(d, Wired.of(d)).stream()
                .filter(l -> l.thing().id().equals("pump")).findFirst().orElseThrow();
        double amps = 5.8;
        double at = 13.1 - amps * (pump.path() + 0.060);
        Design measured = d.with(d.wiring().with(Measured.of("pump").atBattery(13.1).drew(amps).atDevice(at)));
        TestStudies.Line found = TestStudies.lines(measured, Wired.of(measured)).stream()
                .filter(l -> l.thing().id().equals("pump")).findFirst().orElseThrow();

        assertThat(found.extra().orElseThrow()).isCloseTo(0.060, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(found.bad()).isTrue();
        Design good = d.with(d.wiring().with(
                Measured.of("pump").atBattery(13.1).drew(amps).atDevice(13.1 - amps * pump.path() - 0.04)));
        assertThat(TestStudies.lines(good, Wired.of(good))).noneMatch(TestStudies.Line::bad);
        assertThat(d.with(d.wiring().with(Measured.of("pump"))).wiring()).isEqualTo(d.wiring());
        assertThat(d.wiring().with(new Circuit("x", "X", List.of("pump"))).circuit("x")).isPresent();
    }
}
