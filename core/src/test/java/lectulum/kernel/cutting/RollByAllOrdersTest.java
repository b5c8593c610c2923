package lectulum.kernel.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The search for a short roll against all orders of a few pieces, each laid as low as it goes by another way: places are tried at
/// every edge of what lies, and two pieces must not overlap.
class RollByAllOrdersTest {
    private static final double WIDTH = 1.40;
    private static final double SMALL = 1e-9;

    private record Laid(double x, double y, double[] piece) {
        boolean overlaps(double ox, double oy, double[] other) {
            return x < ox + other[0] - SMALL && ox < x + piece[0] - SMALL
                    && y < oy + other[1] - SMALL && oy < y + piece[1] - SMALL;
        }
    }

    private static List<double[]> pieces(int count, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<double[]> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(new double[]{0.2 + random.nextInt(150) / 100.0, 0.1 + random.nextInt(125) / 100.0});
        }
        return all;
    }

    /// The shortest roll of all orders.
    private static double shortest(List<double[]> left, List<Laid> laid) {
        if (left.isEmpty()) {
            return laid.stream().mapToDouble(l -> l.x + l.piece[0]).max().orElse(0);
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < left.size(); i++) {
            List<double[]> rest = new ArrayList<>(left);
            double[] piece = rest.remove(i);
            List<Laid> more = new ArrayList<>(laid);
            more.add(lowest(piece, laid));
            least = Math.min(least, shortest(rest, more));
        }
        return least;
    }

    /// As near to the beginning as nothing lies before it, then as near to the edge.
    private static Laid lowest(double[] piece, List<Laid> laid) {
        List<Double> across = new ArrayList<>(List.of(0.0));
        laid.forEach(l -> across.add(l.y + l.piece[1]));
        return across.stream().filter(y -> y + piece[1] <= WIDTH + SMALL)
                .map(y -> new Laid(laid.stream()
                        .filter(l -> l.y < y + piece[1] - SMALL && y < l.y + l.piece[1] - SMALL)
                        .mapToDouble(l -> l.x + l.piece[0]).max().orElse(0), y, piece))
                .min(Comparator.comparingDouble(Laid::x).thenComparingDouble(Laid::y)).orElseThrow();
    }

    private static void assertWhole(Roll roll, List<double[]> pieces) {
        assertThat(roll.left()).isEmpty();
        assertThat(roll.pieces()).hasSameSizeAs(pieces);
        for (Sheets.Placed a : roll.pieces()) {
            assertThat(a.y() + a.height()).isLessThanOrEqualTo(WIDTH + 1e-6);
            assertThat(a.x() + a.width()).isLessThanOrEqualTo(roll.length() + 1e-6);
            assertThat(
                    roll.pieces().stream().filter(b -> b != a).map(b -> new Laid(b.x(), b.y(), pieces.get(b.piece()))))
                    .noneMatch(b -> b.overlaps(a.x(), a.y(), pieces.get(a.piece())));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void noOrderOfAFewPiecesIsShorter(int count) {
        for (long seed = 1; seed <= 12; seed++) {
            List<double[]> pieces = pieces(count, 100 * count + seed);
            Roll roll = Roll.of(pieces, WIDTH, () -> false);

            assertWhole(roll, pieces);
            assertThat(roll.length()).isLessThanOrEqualTo(shortest(pieces, List.of()) + 1e-6);
            assertThat(roll.length()).isGreaterThanOrEqualTo(roll.bound() - 1e-6);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {12, 25, 60})
    void manyPiecesAreWholeToo(int count) {
        List<double[]> pieces = pieces(count, count);
        Roll roll = Roll.of(pieces, WIDTH, () -> false);

        assertWhole(roll, pieces);
        assertThat(roll.length()).isBetween(roll.bound() - 1e-6, roll.rows() + 1e-6);
    }

    @Test
    void twiceThePiecesTakeNoMoreThanTwiceTheRoll() {
        List<double[]> once = pieces(5, 9);
        List<double[]> twice = new ArrayList<>(once);
        twice.addAll(once);

        assertThat(Roll.of(twice, WIDTH, () -> false).length())
                .isLessThanOrEqualTo(2 * Roll.of(once, WIDTH, () -> false).length() + 1e-6);
    }

    /// Four of 0.70 × 0.70 m lie two and two: 1.40 m, which is their area over the width.
    @Test
    void whatFitsExactlyIsProven() {
        List<double[]> squares = List.of(new double[]{0.7, 0.7}, new double[]{0.7, 0.7}, new double[]{0.7, 0.7},
                new double[]{0.7, 0.7});
        Roll roll = Roll.of(squares, WIDTH, () -> false);

        assertThat(roll.length()).isCloseTo(1.40, within(1e-6));
        assertThat(roll.proven()).isTrue();
    }

    /// What is laid without the search is whole, and the search makes it no longer.
    @Test
    void aSearchThatIsStoppedLeavesAWholePlan() {
        List<double[]> pieces = pieces(40, 3);
        Roll stopped = Roll.of(pieces, WIDTH, () -> true);

        assertWhole(stopped, pieces);
        assertThat(stopped.length()).isGreaterThanOrEqualTo(Roll.of(pieces, WIDTH, () -> false).length() - 1e-9);
    }

    @Test
    void theSearchIsAskedAllTheWayWhetherAnybodyWaits() {
        int[] asked = new int[1];
        IllegalStateException nobody = new IllegalStateException("nobody waits");

        assertThatThrownBy(() -> Roll.of(pieces(120, 4), WIDTH, () -> {
            if (++asked[0] == 500) {
                throw nobody;
            }
            return false;
        })).isSameAs(nobody);
    }
}
