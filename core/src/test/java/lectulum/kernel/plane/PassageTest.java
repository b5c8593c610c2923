package lectulum.kernel.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The width of a way is exact, wherever the grid happens to lie.
class PassageTest {
    private static final double CELL = 0.025;

    private static double[][] rectangle(double x1, double y1, double x2, double y2) {
        return new double[][]{{x1, y1}, {x2, y1}, {x2, y2}, {x1, y2}};
    }

    private static double[][] turned(double x, double y, double l, double w, double angle) {
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        double[][] p = new double[4][];
        int[][] signs = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};
        for (int i = 0; i < 4; i++) {
            double a = signs[i][0] * l / 2;
            double b = signs[i][1] * w / 2;
            p[i] = new double[]{x + c * a - s * b, y + s * a + c * b};
        }
        return p;
    }

    /// An aisle between two cupboards, moved over the grid by a millimetre at a time.
    @ParameterizedTest
    @CsvSource({"0.500, 0", "0.500, 0.001", "0.500, 0.007", "0.500, 0.013", "0.4567, 0.003", "0.40, 0.019",
            "0.12, 0.002",
            "0.061, 0"})
    void anAisleIsAsWideAsItIs(double aisle, double shift) {
        double y = 0.7 + shift;
        Passage floor = Passage.of(rectangle(0, 0, 4, 2), List.of(),
                List.of(rectangle(1, 0, 2, y), rectangle(1, y + aisle, 2, 2)), CELL);

        assertThat(floor.between(new double[]{0.5, 1}, new double[]{3, 1})).isCloseTo(aisle, within(1e-9));
    }

    @Test
    void theWiderOfTwoWaysCountsAndTheNarrowestPlaceOnIt() {
        List<double[][]> things = List.of(rectangle(1, 0, 1.4, 0.503), rectangle(1, 1.0, 1.4, 1.4),
                rectangle(2, 0.611, 2.4, 2));
        Passage floor = Passage.of(rectangle(0, 0, 4, 2), List.of(), things, CELL);

        // Between the first two: 0.497; over the second to the wall: 0.6; then under the third: 0.611.
        assertThat(floor.between(new double[]{0.4, 1}, new double[]{3.2, 1})).isCloseTo(0.6, within(1e-9));
    }

    /// The corner of a cupboard turned by 45° comes to 0.9 − 0.5·√2/2 = 0.5464 of the wall.
    @Test
    void acornerNarrowsAWayByItsPoint() {
        Passage floor = Passage.of(rectangle(0, 0, 4, 0.9), List.of(), List.<double[][]>of(turned(2, 0, 0.5, 0.5,
                Math.PI / 4)), CELL);

        assertThat(floor.between(new double[]{0.5, 0.5}, new double[]{3.5, 0.5}))
                .isCloseTo(0.9 - 0.25 * Math.sqrt(2), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.003, 0.012, 0.02})
    void aThinPartitionIsNotWalkedThrough(double thick) {
        Passage floor = Passage.of(rectangle(0, 0, 4, 2), List.of(),
                List.<double[][]>of(rectangle(1.5, 0, 1.5 + thick, 1.45)), CELL);

        assertThat(floor.between(new double[]{0.5, 1}, new double[]{3, 1})).isCloseTo(0.55, within(1e-9));
        Passage shut = Passage.of(rectangle(0, 0, 4, 2), List.of(),
                List.<double[][]>of(rectangle(1.5, 0, 1.5 + thick, 2)), CELL);
        assertThat(shut.between(new double[]{0.5, 1}, new double[]{3, 1})).isZero();
    }

    /// A bench 0.46 m before a bed: whoever comes up to the bed's side is at most that wide, wherever he looks from.
    @Test
    void upToAFaceItIsAsWideAsWhatStandsBeforeIt() {
        Passage floor = Passage.of(rectangle(0, 0, 4, 2), List.of(),
                List.of(rectangle(2, 0, 4, 0.8), rectangle(2, 1.26, 4, 2)), CELL);

        double[] widths = floor.upTo(new double[]{0.5, 1}, List.of(
                new Passage.Face(new double[]{2, 0.8}, new double[]{4, 0.8}, new double[]{0, 1}),
                new Passage.Face(new double[]{2, 0}, new double[]{2, 0.8}, new double[]{-1, 0}),
                new Passage.Face(new double[]{4, 0}, new double[]{4, 0.8}, new double[]{1, 0})));

        assertThat(widths[0]).isCloseTo(0.46, within(1e-6));
        assertThat(widths[1]).as("its free end").isCloseTo(0.8, within(1e-6));
        assertThat(widths[2]).as("its end at the wall").isZero();
    }

    /// Random floors against a fine grid of distances: never more than a few of its cells apart.
    @Test
    void aFineGridFindsTheSame() {
        SplittableRandom random = new SplittableRandom(11);
        int open = 0;
        int compared = 0;
        for (int trial = 0; trial < 120; trial++) {
            List<double[][]> things = new ArrayList<>();
            int n = 2 + random.nextInt(6);
            for (int i = 0; i < n; i++) {
                things.add(turned(0.7 + 2.2 * random.nextDouble(), 1.8 * random.nextDouble(),
                        0.2 + 0.8 * random.nextDouble(), 0.2 + 0.5 * random.nextDouble(),
                        random.nextInt(3) == 0 ? random.nextDouble() * 3 : 0));
            }
            Passage floor = Passage.of(rectangle(0, 0, 3.6, 1.8), List.of(), things, CELL);
            double exact = floor.between(new double[]{0.2, 0.9}, new double[]{3.4, 0.9});
            double[] room = new double[1];
            double grid = byGrid(things, 3.6, 1.8, 0.02, room);
            open += exact > 0.1 ? 1 : 0;
            if (exact > 0.1 || grid > 0.1) {
                compared++;
                assertThat(Math.min(exact, Math.min(1.2, room[0]))).as("trial " + trial).isCloseTo(Math.min(grid, 1.2),
                        within(0.05));
            }
        }
        assertThat(open).isGreaterThan(20);
        assertThat(compared).isGreaterThanOrEqualTo(open);
    }

    /// Widest way by joining cells of a distance field in falling order.
    ///
    /// @param room is given the width of what fits at the narrower end
    private static double byGrid(List<double[][]> things, double l, double w, double cell, double[] room) {
        int columns = (int) (l / cell);
        int rows = (int) (w / cell);
        double[] d = new double[columns * rows];
        Integer[] order = new Integer[d.length];
        for (int at = 0; at < d.length; at++) {
            double x = (at / rows + 0.5) * cell;
            double y = (at % rows + 0.5) * cell;
            d[at] = Math.min(Math.min(x, l - x), Math.min(y, w - y));
            for (double[][] t : things) {
                d[at] = Math.min(d[at], Gaps.distance(t, x, y));
            }
            order[at] = at;
        }
        java.util.Arrays.sort(order, java.util.Comparator.comparingDouble(at -> -d[at]));
        int left = climbed(d, rows, (int) (0.2 / cell) * rows + (int) (0.9 / cell));
        int right = climbed(d, rows, (int) (3.4 / cell) * rows + (int) (0.9 / cell));
        room[0] = 2 * Math.min(d[left], d[right]);
        int[] parent = new int[d.length];
        java.util.Arrays.fill(parent, -1);
        for (int at : order) {
            if (d[at] <= 0) {
                return 0;
            }
            parent[at] = at;
            int[] next = {at - rows, at + rows, at % rows > 0 ? at - 1 : -1, at % rows < rows - 1 ? at + 1 : -1};
            for (int to : next) {
                if (to >= 0 && to < parent.length && parent[to] >= 0) {
                    parent[root(parent, at)] = root(parent, to);
                }
            }
            if (parent[left] >= 0 && parent[right] >= 0 && root(parent, left) == root(parent, right)) {
                return 2 * d[at];
            }
        }
        return 0;
    }

    /// The place of most room uphill from a cell: an end counts from there, however near to a wall it lies.
    private static int climbed(double[] d, int rows, int from) {
        int at = from;
        for (boolean up = true; up;) {
            up = false;
            for (int step : new int[]{-rows - 1, -rows, -rows + 1, -1, 1, rows - 1, rows, rows + 1}) {
                int to = at + step;
                if (to >= 0 && to < d.length && Math.abs(to % rows - at % rows) <= 1 && d[to] > d[at] + 1e-12) {
                    at = to;
                    up = true;
                }
            }
        }
        return at;
    }

    private static int root(int[] parent, int i) {
        int at = i;
        while (parent[at] != at) {
            at = parent[at];
        }
        return at;
    }
}
