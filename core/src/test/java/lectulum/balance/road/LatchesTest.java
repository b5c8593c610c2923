package lectulum.balance.road;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Feature.Face;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Figure;
import lectulum.units.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Latches hold what is behind them: 0.8 g forwards, 0.5 g back and sideways, 0.2 g up.
class LatchesTest {
    private static Thing cupboard(Face face, double degrees) {
        return thing("cupboard", 20, 1, 0).with(new Size(0.6, 0.6, 0.5))
                .with(new Placement(1, 0, 0, Math.toRadians(degrees))).with(new Feature.Drawer(face, 0.4));
    }

    private static Thing pots(double mass) {
        return thing("pots", mass, 1, 0).with(new Size(0.2, 0.2, 0.2)).with(new Placement(1, 0, 0.1, 0))
                .with(Role.GEAR).with(Mount.STOWED);
    }

    private static Optional<Figure> latch(Design d) {
        return Analysis.of(d).figures().find("latch.cupboard");
    }

    @ParameterizedTest
    @CsvSource({"FRONT, 0, 0.8", "REAR, 0, 0.5", "LEFT, 0, 0.5", "RIGHT, 0, 0.5", "TOP, 0, 0.2", "REAR, 180, 0.8",
            "LEFT, 180, 0.5", "RIGHT, 90, 0.8", "LEFT, 90, 0.5", "LEFT, -90, 0.8", "FRONT, 30, 0.69282",
            "FRONT, 60, 0.43301"})
    void asHardAsTheSideThatItOpensTo(Face face, double degrees, double g) {
        Figure f = latch(box(cupboard(face, degrees), pots(8))).orElseThrow();

        assertThat(f.value().getAsDouble()).isCloseTo(8 * g * Units.GRAVITY, within(0.01));
    }

    @Test
    void ofTwoSidesTheHarderOneIsSaid() {
        Thing both = cupboard(Face.REAR, 0).with(new Feature.Door(Face.FRONT, true, 1.6, 1));

        assertThat(latch(box(both, pots(8))).orElseThrow().value().getAsDouble())
                .isCloseTo(8 * 0.8 * Units.GRAVITY, within(1e-6));
    }

    @Test
    void offTheRoadItHoldsMore() {
        Design d = box(cupboard(Face.FRONT, 0), pots(8));

        assertThat(latch(d.with(d.settings().with("tie.rough", 1.5))).orElseThrow().value().getAsDouble())
                .isCloseTo(1.5 * latch(d).orElseThrow().value().getAsDouble(), within(1e-9));
        assertThat(latch(d.with(d.settings().with("tie.forward", 1))).orElseThrow().value().getAsDouble())
                .isCloseTo(8 * Units.GRAVITY, within(1e-6));
    }

    @Test
    void nothingPressesOnAnEmptyOneOrOnWhatIsBuiltIn() {
        assertThat(latch(box(cupboard(Face.FRONT, 0)))).isEmpty();
        assertThat(latch(box(cupboard(Face.FRONT, 0), pots(8).with(Role.BUILT_IN)))).isEmpty();
        assertThat(latch(box(thing("cupboard", 20, 1, 0).with(new Size(0.6, 0.6, 0.5)), pots(8)))).isEmpty();
    }
}
