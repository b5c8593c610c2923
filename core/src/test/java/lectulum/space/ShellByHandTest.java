package lectulum.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.kernel.profile.Nose;
import lectulum.design.base.Shell;
import lectulum.design.base.Survey;
import lectulum.design.brief.CamperType;
import org.assertj.core.data.Offset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Floor, room and skin of random bodies, worked out a second way: by products for boxes, by counting the points of a fine grid that are
/// far enough from every wall for bodies with a nose.
class ShellByHandTest {
    private static final double GRID = 0.004;

    private static Design with(Shell shell, double wall, double roof) {
        Design d = Campers.start(CamperType.CARGO, "by hand").design();
        Base b = d.base();
        return d.withThings(java.util.List.of()).with(new Base(shell, wall, 0.03, roof, b.floorHeight(),
                lectulum.design.base.WheelArches.NONE, b.tongueLength(), b.axle(), b.empty(), b.ratings(), b.cost())
                .with(Survey.NONE));
    }

    private static double value(Design d, String id) {
        return Analysis.of(d).figures().find(id).orElseThrow().value().orElseThrow();
    }

    static Stream<Arguments> boxes() {
        Random random = new Random(12);
        return IntStream.range(0, 8).mapToObj(i -> Arguments.of(2 + 3 * random.nextDouble(), 1.4 + random.nextDouble(),
                1 + 1.2 * random.nextDouble(), 0.01 + 0.05 * random.nextDouble(), 0.01 + 0.05 * random.nextDouble()));
    }

    /// Inside it is shorter and narrower by two walls and lower by the roof; the skin goes up, over and down.
    @ParameterizedTest
    @MethodSource("boxes")
    void aBoxIsAProductOfItsSides(double length, double width, double height, double wall, double roof) {
        Design d = with(new Shell.Box(length, width, height), wall, roof);

        double floor = (length - 2 * wall) * (width - 2 * wall);
        assertThat(value(d, "shell.floorArea")).isCloseTo(floor, within(1e-9));
        assertThat(value(d, "shell.volume")).isCloseTo(floor * (height - roof), within(1e-9));
        assertThat(value(d, "shell.sideArea")).isCloseTo(length * height, within(1e-9));
        assertThat(value(d, "shell.roofLength")).isCloseTo(length + 2 * height, within(1e-9));
        assertThat(value(d, "shell.wallNet")).isCloseTo(2 * length * height + (length + 2 * height) * width,
                within(1e-9));
        assertThat(value(d, "shell.maxHeight"))
                .isCloseTo(Math.max(d.base().floorHeight() + height, d.base().axle().wheelDiameter()), within(1e-9));
    }

    static Stream<Arguments> noses() {
        Random random = new Random(5);
        return IntStream.range(0, 6)
                .mapToObj(i -> Arguments.of(3 + 2 * random.nextDouble(), 1.5 + 0.8 * random.nextDouble(),
                        0.3 + 0.6 * random.nextDouble(), i % 2 == 0 ? 0 : 0.3 * random.nextDouble(),
                        0.02 + 0.03 * random.nextDouble()));
    }

    /// Points of the floor from which every wall is at least as far as it is thick.
    @ParameterizedTest
    @MethodSource("noses")
    void theFloorBehindAVeeIsWhatLiesAWallFromEverySide(double length, double width, double depth, double flat,
            double wall) {
        Design d = with(new Shell.Nosed(length, width, 1.9, depth, flat, Nose.Form.VEE), wall, 0.04);
        double[][] corners = {{0, -flat / 2}, {depth, -width / 2}, {length, -width / 2}, {length, width / 2},
                {depth, width / 2}, {0, flat / 2}};

        long inside = 0;
        for (double x = GRID / 2; x < length; x += GRID) {
            for (double y = -width / 2 + GRID / 2; y < width / 2; y += GRID) {
                inside += least(corners, x, y) >= wall ? 1 : 0;
            }
        }
        double floor = inside * GRID * GRID;

        Offset<Double> close = within(0.004 * floor);
        assertThat(value(d, "shell.floorArea")).isCloseTo(floor, close);
        assertThat(value(d, "shell.volume")).isCloseTo(floor * (1.9 - 0.04), within(0.008 * floor));
    }

    /// Of a point to the lines through the sides of a convex outline that runs counter-clockwise seen with y down \[m\]; below zero
    /// outside.
    private static double least(double[][] corners, double x, double y) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < corners.length; i++) {
            double[] a = corners[i];
            double[] b = corners[(i + 1) % corners.length];
            double run = Math.hypot(b[0] - a[0], b[1] - a[1]);
            if (run > 1e-9) {
                least = Math.min(least, ((b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0])) / run);
            }
        }
        return least;
    }

    /// A larger body has more of everything, thicker walls leave less of what is inside and nothing of what is outside.
    @ParameterizedTest
    @MethodSource("noses")
    void thickerWallsTakeFromTheInside(double length, double width, double depth, double flat, double wall) {
        Design thin = with(new Shell.Nosed(length, width, 1.9, depth, flat, Nose.Form.ELLIPSE), wall, 0.03);
        Design thick = with(new Shell.Nosed(length, width, 1.9, depth, flat, Nose.Form.ELLIPSE), 2 * wall, 0.03);
        Design longer = with(new Shell.Nosed(length + 0.5, width, 1.9, depth, flat, Nose.Form.ELLIPSE), wall, 0.03);

        assertThat(value(thick, "shell.floorArea")).isLessThan(value(thin, "shell.floorArea"));
        assertThat(value(thick, "shell.sideArea")).isEqualTo(value(thin, "shell.sideArea"));
        assertThat(value(longer, "shell.floorArea") - value(thin, "shell.floorArea"))
                .as("half a metre of the full width").isCloseTo(0.5 * (width - 2 * wall), within(1e-6));
        assertThat(value(longer, "shell.volume") - value(thin, "shell.volume"))
                .as("added up in 200 strips").isCloseTo(0.5 * (width - 2 * wall) * 1.87, within(1e-3));
    }
}
