package lectulum.kernel.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/// Pieces laid on a strip one after another, each as near to its beginning as the ones before let it (bottom-left on a skyline), in the best
/// order that a seeded search by exchanges finds. What is cut by scissors need not be cut edge to edge.
///
/// The same pieces give the same plan. It proves nothing: a bound does.
final class Skyline {
    private static final long SEED = 1;
    /// Orders that are tried, fewer of many pieces.
    private static final int LOOKS = 1_000_000;
    private static final int LEAST = 60;
    /// Orders that are tried of few pieces, of which there are not so many, for each pair of them.
    private static final long PAIR = 200;
    private static final double SMALL = 1e-9;

    private final List<double[]> pieces;
    private final double width;
    /// Skyline: where segments begin across the strip, and how far along it they reach.
    private final double[] from;
    private final double[] reach;
    private int segments;

    private Skyline(List<double[]> pieces, double width) {
        this.pieces = pieces;
        this.width = width;
        this.from = new double[2 * pieces.size() + 3];
        this.reach = new double[2 * pieces.size() + 3];
    }

    /// @param pieces along the strip and across it \[m\], none wider than it; none is turned
    /// @param bound  no plan is shorter: one as short ends the search \[m\]
    static List<Sheets.Placed> of(List<double[]> pieces, double width, double bound, BooleanSupplier stop) {
        if (pieces.isEmpty()) {
            return List.of();
        }
        Skyline s = new Skyline(pieces, width);
        int[] best = s.search(bound, stop);
        List<Sheets.Placed> laid = new ArrayList<>();
        s.lay(best, Double.POSITIVE_INFINITY, laid);
        return laid;
    }

    private int[] search(double bound, BooleanSupplier stop) {
        List<Comparator<Integer>> by = List.of(Comparator.comparingDouble(i -> -pieces.get(i)[0]),
                Comparator.comparingDouble(i -> -pieces.get(i)[1]),
                Comparator.comparingDouble(i -> -pieces.get(i)[0] * pieces.get(i)[1]),
                Comparator.comparingDouble(i -> -pieces.get(i)[0] - pieces.get(i)[1]));
        int[] best = null;
        double length = Double.POSITIVE_INFINITY;
        for (Comparator<Integer> c : by) {
            int[] order = IntStream.range(0, pieces.size()).boxed().sorted(c).mapToInt(i -> i).toArray();
            double now = lay(order, length, null);
            if (now < length - SMALL) {
                length = now;
                best = order;
            }
        }
        SplittableRandom random = new SplittableRandom(SEED);
        int n = pieces.size();
        long tries = Math.max(LEAST, Math.min(LOOKS / n, PAIR * n * n));
        for (int t = 0; t < tries && length > bound + SMALL && n > 1 && !stop.getAsBoolean(); t++) {
            int[] order = best.clone();
            int a = random.nextInt(order.length);
            int b = random.nextInt(order.length);
            if (random.nextBoolean()) {
                int piece = order[a];
                order[a] = order[b];
                order[b] = piece;
            } else {
                moved(order, a, b);
            }
            double now = lay(order, length, null);
            if (now <= length) {
                length = now;
                best = order;
            }
        }
        return best;
    }

    /// The piece at one place of the order, put at another.
    private static void moved(int[] order, int a, int b) {
        int piece = order[a];
        if (a < b) {
            System.arraycopy(order, a + 1, order, a, b - a);
        } else {
            System.arraycopy(order, b, order, b + 1, a - b);
        }
        order[b] = piece;
    }

    /// The length that an order takes; of one that is longer than what is looked for, as much as was found out.
    ///
    /// @param most what is longer is of no use \[m\]
    /// @param into takes where pieces come to lie; null for nobody
    private double lay(int[] order, double most, List<Sheets.Placed> into) {
        segments = 1;
        Arrays.fill(from, 0);
        reach[0] = 0;
        double length = 0;
        for (int i : order) {
            double[] p = pieces.get(i);
            double at = Double.POSITIVE_INFINITY;
            double across = 0;
            for (int s = 0; s < segments && from[s] + p[1] <= width + SMALL; s++) {
                double x = 0;
                for (int k = s; k < segments && from[k] < from[s] + p[1] - SMALL && x < at - SMALL; k++) {
                    x = Math.max(x, reach[k]);
                }
                if (x < at - SMALL) {
                    at = x;
                    across = from[s];
                }
            }
            raise(across, across + p[1], at + p[0]);
            length = Math.max(length, at + p[0]);
            if (length > most) {
                return length;
            }
            if (into != null) {
                into.add(new Sheets.Placed(i, at, across, p[0], p[1]));
            }
        }
        return length;
    }

    /// The skyline with a piece from one place across the strip to another.
    private void raise(double low, double high, double to) {
        double[] starts = new double[segments + 2];
        double[] reaches = new double[segments + 2];
        int n = 0;
        double tail = 0;
        boolean put = false;
        for (int s = 0; s < segments; s++) {
            double end = s + 1 < segments ? from[s + 1] : width;
            if (from[s] < low - SMALL) {
                starts[n] = from[s];
                reaches[n++] = reach[s];
            }
            if (!put && end > low + SMALL) {
                starts[n] = low;
                reaches[n++] = to;
                put = true;
            }
            if (end > high + SMALL) {
                starts[n] = Math.max(high, from[s]);
                reaches[n++] = reach[s];
            }
            tail = end;
        }
        if (!put && tail > 0) {
            starts[n] = low;
            reaches[n++] = to;
        }
        segments = n;
        System.arraycopy(starts, 0, from, 0, n);
        System.arraycopy(reaches, 0, reach, 0, n);
    }
}
