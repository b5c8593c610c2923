package lectulum.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.OptionalDouble;
import lectulum.Samples;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Shell;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.kernel.profile.Nose;
import lectulum.layout.Layout;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/// What goes into a nose, and how far.
class NoseRoomTest {
    private static Design nosed(Nose.Form form, double width, double depth, double flat, double wall, Thing... things) {
        Design d = Samples.box(things);
        return d.with(d.base().with(new Shell.Nosed(4, width, 1.9, depth, flat, form)).withWall(wall));
    }

    private static Body body(Nose.Form form, double width, double depth, double flat, double wall) {
        return Body.of(nosed(form, width, depth, flat, wall).base());
    }

    /// n (W − b)/(W − f) of a vee, √(R² − b²/4) − (R − n) of an arc, n √(1 − b²/W²) of an ellipse.
    @Test
    void withoutWallsItIsPlaneGeometry() {
        assertThat(body(Nose.Form.VEE, 1.78, 0.62, 0.30, 0).intoNose(0.45)).isCloseTo(0.36865, withinPercentage(0.01));
        assertThat(body(Nose.Form.ELLIPSE, 2, 0.7, 0, 0).intoNose(0.6)).isCloseTo(0.7 * 0.8, within(1e-3));
        double r = (1 + 0.49) / 1.4;
        assertThat(body(Nose.Form.ARC, 2, 0.7, 0, 0).intoNose(0.6)).isCloseTo(Math.sqrt(r * r - 0.36) - (r - 0.7),
                within(1e-6));
    }

    /// Its front corners touch the walls: a little wider or further on they would be through.
    @ParameterizedTest
    @CsvSource({"VEE, 0.3", "VEE, 0.6", "ARC, 0.3", "ARC, 0.6", "ELLIPSE, 0.3", "ELLIPSE, 0.6"})
    void itsCornersTouchTheWalls(Nose.Form form, double half) {
        Body b = body(form, 1.9, 0.6, 0.2, 0.04);
        double front = b.shoulder() - b.intoNose(half);

        assertThat(b.halfWidthInside(front)).isGreaterThanOrEqualTo(half - 1e-9);
        assertThat(b.halfWidthInside(front - 0.002)).isLessThan(half);
    }

    @ParameterizedTest
    @EnumSource(Nose.Form.class)
    void theNarrowerTheFurtherAndNothingTooWide(Nose.Form form) {
        Body b = body(form, 1.9, 0.6, 0.2, 0.04);
        double before = Double.POSITIVE_INFINITY;
        for (double half = 0.05; half < 0.91; half += 0.05) {
            assertThat(b.intoNose(half)).isLessThanOrEqualTo(before).isBetween(0.0, b.shoulder());
            before = b.intoNose(half);
        }
        assertThat(b.intoNose(0.92)).isZero();
        assertThat(Body.of(Samples.box().base()).intoNose(0.2)).as("no nose").isZero();
    }

    /// Beside the middle the outer side counts; turned, the other side of it.
    @Test
    void aThingGoesInAsItStands() {
        Thing chest = Samples.thing("chest", 10, 2, 0).with(new Size(0.8, 0.4, 0.4));
        Layout middle = Analysis.of(nosed(Nose.Form.VEE, 1.8, 0.6, 0.2, 0.03, chest)).of(Layout.DISCIPLINE);
        Body b = middle.body();

        assertThat(middle.intoNose(chest, Mode.ROAD)).hasValue(b.intoNose(0.2));
        assertThat(middle.intoNose(chest.with(new Placement(2, 0.3, 0, 0)), Mode.ROAD).getAsDouble())
                .isCloseTo(b.intoNose(0.5), within(1e-9));
        assertThat(middle.intoNose(chest.with(new Placement(2, 0, 0, Math.PI / 2)), Mode.ROAD).getAsDouble())
                .isCloseTo(b.intoNose(0.4), within(1e-9));
        assertThat(Analysis.of(Samples.box(chest)).of(Layout.DISCIPLINE).intoNose(chest, Mode.ROAD))
                .isEqualTo(OptionalDouble.empty());
    }

    /// A nose that was entered without depth is a flat front.
    @ParameterizedTest
    @EnumSource(Nose.Form.class)
    void aNoseWithoutDepthIsNone(Nose.Form form) {
        Thing chest = Samples.thing("chest", 10, 2, 0);
        Analysis a = Analysis.of(nosed(form, 1.8, 0, 0.2, 0.03, chest));

        assertThat(a.figures().find("shell.nose.area")).isEmpty();
        assertThat(a.of(Layout.DISCIPLINE).intoNose(chest, Mode.ROAD)).isEmpty();
        assertThat(Layout.DISCIPLINE.nothing().intoNose(chest, Mode.ROAD)).as("where nothing could be worked out")
                .isEmpty();
    }

    @Test
    void planAndWallOfANoseAreFigures() {
        var figures = Analysis.of(nosed(Nose.Form.VEE, 1.78, 0.62, 0.30, 0.03)).figures();

        assertThat(figures.value("shell.nose.area")).isCloseTo(0.6448, withinPercentage(0.01));
        assertThat(figures.value("shell.nose.wall")).isCloseTo(2.2308, withinPercentage(0.01));
        assertThat(Analysis.of(Samples.box()).figures().find("shell.nose.area")).isEmpty();
    }
}
