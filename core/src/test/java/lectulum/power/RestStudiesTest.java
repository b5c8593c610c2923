package lectulum.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import lectulum.Samples;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Thing;
import lectulum.figures.Figure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// How full a battery is by its volts, and when they do not say it.
class RestStudiesTest {
    private static final double WATT_HOUR = 3600;

    private static Design bank(Battery.Chemistry kind, int series) {
        Thing battery = Samples.thing("bank", 20, 1, 0).with(new Battery(1200 * WATT_HOUR, kind))
                .with(new Electric.Blocks(12, series, 1, 0, 0, false));
        return Samples.box(battery);
    }

    private static Design read(Design d, double volts) {
        return set(d, "rest.volts", volts);
    }

    private static Design set(Design d, String what, double value) {
        return d.with(d.settings().with(what, value));
    }

    private static Optional<Figure> rest(Design d) {
        return Analysis.of(d).figures().find("test.rest");
    }

    /// Points of the tables, and one between two of them: 12.25 V of a wet battery lie a quarter of the way from 50 to 75 %.
    @ParameterizedTest
    @CsvSource({"FLOODED, 1, 12.20, 0.5", "FLOODED, 1, 12.25, 0.5625", "FLOODED, 2, 24.40, 0.5", "AGM, 1, 12.55, 0.75",
            "LITHIUM_IRON, 1, 13.10, 0.4", "LITHIUM_IRON, 1, 14.4, 1", "FLOODED, 1, 9, 0"})
    void theTableIsReadBackwards(Battery.Chemistry kind, int series, double volts, double state) {
        assertThat(rest(read(bank(kind, series), volts)).orElseThrow().value().getAsDouble()).isCloseTo(state,
                within(1e-9));
    }

    /// 1 200 Wh of 12 V are 100 Ah: a fiftieth is 2 A.
    @ParameterizedTest
    @CsvSource({"rest.source, 1, a source is on", "rest.amps, 2.1, a current runs", "rest.time, 3600, two hours"})
    void aReadingAtTheWrongTimeSaysNothing(String what, double value, String why) {
        Figure f = rest(set(read(bank(Battery.Chemistry.FLOODED, 1), 12.6), what, value)).orElseThrow();

        assertThat(f.value()).isEmpty();
        assertThat(f.reason()).contains(why);
    }

    @Test
    void aLittleCurrentDoesNotMatter() {
        assertThat(rest(set(read(bank(Battery.Chemistry.FLOODED, 1), 12.4), "rest.amps", 1.9)).orElseThrow().value())
                .hasValue(0.75);
    }

    @Test
    void withoutAReadingOrABatteryThereIsNoFigure() {
        assertThat(rest(bank(Battery.Chemistry.AGM, 1))).isEmpty();
        assertThat(rest(read(Samples.box(), 12.6))).isEmpty();
    }
}
