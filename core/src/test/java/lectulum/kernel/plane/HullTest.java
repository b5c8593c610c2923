package lectulum.kernel.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Hulls, and what is left inside a margin.
class HullTest {
    private static final double FAR = 100;

    private static List<double[]> square(double side) {
        return List.of(new double[]{0, 0}, new double[]{side, 0}, new double[]{side, side}, new double[]{0, side});
    }

    private static double area(List<double[]> ring) {
        double twice = 0;
        for (int i = 0; i < ring.size(); i++) {
            double[] a = ring.get(i);
            double[] b = ring.get((i + 1) % ring.size());
            twice += a[0] * b[1] - b[0] * a[1];
        }
        return twice / 2;
    }

    @Test
    void pointsInsideAndOnEdgesAreLeftOut() {
        List<double[]> points = new ArrayList<>(square(2));
        points.add(new double[]{1, 1});
        points.add(new double[]{1, 0});

        assertThat(Hull.of(points)).hasSize(4);
        assertThat(area(Hull.of(points))).isCloseTo(4, within(1e-12));
        assertThat(Hull.of(List.of())).isEmpty();
        assertThat(Hull.of(List.of(new double[]{3, 4}))).hasSize(1);
        assertThat(Hull.of(List.of(new double[]{0, 0}, new double[]{1, 1}, new double[]{2, 2}))).hasSize(2);
    }

    /// Brute force: an edge of the hull has every point on its left.
    @ParameterizedTest
    @ValueSource(longs = {3, 5, 8})
    void everyPointLiesLeftOfEveryEdge(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            points.add(new double[]{random.nextDouble(), random.nextDouble()});
        }

        List<double[]> hull = Hull.of(points);

        for (int i = 0; i < hull.size(); i++) {
            double[] a = hull.get(i);
            double[] b = hull.get((i + 1) % hull.size());
            assertThat(points).allMatch(
                    p -> (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]) > -1e-12);
        }
    }

    @Test
    void aSquareLosesItsMarginAllRound() {
        List<double[]> left = Inset.of(square(2), 0.25, -FAR, -FAR, FAR, FAR);

        assertThat(left).hasSize(4);
        assertThat(Math.abs(area(left))).isCloseTo(1.5 * 1.5, within(1e-9));
        assertThat(Inset.of(square(2), 1.01, -FAR, -FAR, FAR, FAR)).isEmpty();
        assertThat(Inset.of(square(2), 0.25, 0.5, 0, 1, 2).stream().mapToDouble(p -> p[0]).max().orElseThrow())
                .isCloseTo(1, within(1e-12));
        assertThat(Inset.of(List.of(), 0.1, 0, 0, 1, 1)).isEmpty();
        assertThat(Inset.of(square(2), 0.1, 1, 0, 1, 1)).isEmpty();
    }

    /// A circle of radius 1 in 720 edges less 0.1 is one of radius 0.9 to within a thousandth.
    @Test
    void aCircleStaysACircle() {
        List<double[]> circle = new ArrayList<>();
        for (int i = 0; i < 720; i++) {
            circle.add(new double[]{Math.cos(Math.PI * i / 360), Math.sin(Math.PI * i / 360)});
        }

        assertThat(Inset.of(circle, 0.1, -FAR, -FAR, FAR, FAR))
                .allSatisfy(p -> assertThat(Math.hypot(p[0], p[1])).isCloseTo(0.9, within(1e-3)));
    }

    @Test
    void ofAnOutlineThatCrossesItselfTheLargestPartIsLeft() {
        List<double[]> bow = List.of(new double[]{0, 0}, new double[]{4, 3}, new double[]{4, 0}, new double[]{0, 1});

        assertThat(Inset.of(bow, 0.05, -FAR, -FAR, FAR, FAR)).isNotEmpty()
                .allMatch(p -> p[0] > 0.9);
    }
}
