package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.sheet.Pen;
import lectulum.sheet.Portrait;
import lectulum.theme.Theme;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// The small pictures of the start page: whole, true to scale, and as large as their frame allows.
class PortraitTest {
    private static final double WIDE = 260;
    private static final double HIGH = 170;

    static Stream<Design> campers() {
        return Stream.concat(Campers.demos().stream().map(d -> Campers.demo(d.key()).orElseThrow().design()),
                Stream.of(CamperType.values()).map(t -> Campers.start(t, "New").design()));
    }

    private static List<double[]> drawn(Design design, double width, double height) {
        return shapes(design, width, height).stream().flatMap(Arrays::stream).toList();
    }

    /// Without the paper, which is filled first.
    private static List<double[][]> shapes(Design design, double width, double height) {
        Recorder recorder = new Recorder();
        Portrait.paint(new Pen(recorder, Theme.PAPER, width, height), design, width, height);
        return recorder.outlines.subList(1, recorder.outlines.size());
    }

    private static double span(List<double[]> points, int axis) {
        ToDoubleFunction<double[]> at = p -> p[axis];
        return points.stream().mapToDouble(at).max().orElseThrow()
                - points.stream().mapToDouble(at).min().orElseThrow();
    }

    private static void whole(List<double[]> points, double width, double height) {
        assertThat(points).isNotEmpty().allSatisfy(p -> {
            assertThat(p[0]).isBetween(0.0, width);
            assertThat(p[1]).isBetween(0.0, height);
        });
    }

    @ParameterizedTest
    @MethodSource("campers")
    void itIsWholeAndFillsItsFrame(Design design) {
        for (double[] frame : new double[][]{{WIDE, HIGH}, {400, 120}, {120, 300}}) {
            List<double[]> points = drawn(design, frame[0], frame[1]);

            whole(points, frame[0], frame[1]);
            assertThat(Math.max(span(points, 0) / frame[0], span(points, 1) / frame[1])).isGreaterThan(0.85);
        }
    }

    /// The walls seen from above have the proportion of the body.
    @ParameterizedTest
    @MethodSource("campers")
    void itIsTrueToScale(Design design) {
        double ratio = design.base().shell().length() / design.base().shell().width();

        assertThat(shapes(design, WIDE, HIGH)).anySatisfy(outline -> {
            List<double[]> points = List.of(outline);
            assertThat(span(points, 0) / span(points, 1)).isCloseTo(ratio, within(1e-6));
        });
    }

    /// Whatever stands outside, high up or far behind, is in the picture.
    @Test
    void whatStandsOutsideIsInThePicture() {
        SplittableRandom random = new SplittableRandom(8);
        Design nightjar = Campers.demo("nightjar").orElseThrow().design();
        Thing any = nightjar.things().getFirst();
        for (int i = 0; i < 60; i++) {
            List<Thing> things = new ArrayList<>(nightjar.things());
            things.add(any.withId("outside").with(Mount.OUTSIDE)
                    .with(new Size(random.nextDouble(0.05, 2), random.nextDouble(0.05, 1.2),
                            random.nextDouble(0.05, 1)))
                    .with(new Placement(random.nextDouble(1, 4.5), random.nextDouble(-0.4, 0.4),
                            random.nextDouble(0, 2.4), 0)));

            whole(drawn(nightjar.withThings(things), WIDE, HIGH), WIDE, HIGH);
        }
    }

    @Test
    void anEmptyBodyHasAPictureToo() {
        whole(drawn(Campers.start(CamperType.CARGO, "New").design().withThings(List.of()), WIDE, HIGH), WIDE, HIGH);
    }
}
