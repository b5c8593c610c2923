package lectulum.kernel.cutting;

import java.util.ArrayList;
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

    /// Pieces between two lines that are remembered: 8 spares a third of the laying, fewer cost as much in copying.
    private static final int APART = 8;

    private final List<double[]> pieces;
    private final double width;
    /// Of all pieces \[m²\].
    private final double area;
    /// What the pieces before every so many of the best order leave.
    private final Line[] kept;
    /// The same of the order that was laid last, from where it differs.
    private final Line[] tried;

    /// How far pieces reach along the strip, by segments from one edge of it to the other.
    private static final class Line {
        private final double[] from;
        private final double[] reach;
        private int segments = 1;
        private double length;
        /// Area between the beginning of the strip and the line in which nothing lies.
        private double gaps;

        /// @param most pieces that are laid
        private Line(int most) {
            this.from = new double[most + 2];
            this.reach = new double[most + 2];
        }

        private void become(Line other) {
            segments = other.segments;
            length = other.length;
            gaps = other.gaps;
            System.arraycopy(other.from, 0, from, 0, segments);
            System.arraycopy(other.reach, 0, reach, 0, segments);
        }

        /// Lays a piece at the edge of a segment, from `along` on; what it covers reaches as far as it does.
        private void raise(int at, double high, double along, double to, double width) {
            double low = from[at];
            int after = at;
            while (after < segments && (after + 1 < segments ? from[after + 1] : width) <= high + SMALL) {
                gaps -= reach[after] * ((after + 1 < segments ? from[after + 1] : width) - from[after]);
                after++;
            }
            if (after < segments) {
                gaps -= reach[after] * Math.max(0, high - from[after]);
            }
            gaps += along * (high - low);
            System.arraycopy(from, after, from, at + 1, segments - after);
            System.arraycopy(reach, after, reach, at + 1, segments - after);
            segments += at + 1 - after;
            from[at] = low;
            reach[at] = to;
            if (at + 1 < segments) {
                from[at + 1] = Math.max(high, from[at + 1]);
            }
            length = Math.max(length, to);
        }
    }

    private Skyline(List<double[]> pieces, double width) {
        this.pieces = pieces;
        this.width = width;
        this.area = pieces.stream().mapToDouble(p -> p[0] * p[1]).sum();
        int lines = (pieces.size() - 1) / APART + 1;
        this.kept = new Line[lines];
        this.tried = new Line[lines];
        for (int i = 0; i < lines; i++) {
            kept[i] = new Line(pieces.size());
            tried[i] = new Line(pieces.size());
        }
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
        s.lay(best, 0, Double.POSITIVE_INFINITY, laid);
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
            double now = lay(order, 0, length, null);
            if (now < length - SMALL) {
                length = now;
                best = order;
                keep(0);
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
            int first = Math.min(a, b);
            double now = lay(order, first, length, null);
            if (now <= length) {
                length = now;
                best = order;
                keep(first);
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

    /// The order that was laid last is the best now.
    ///
    /// @param first piece in which it differs from the best before
    private void keep(int first) {
        for (int i = first / APART + 1; i < kept.length; i++) {
            Line better = tried[i];
            tried[i] = kept[i];
            kept[i] = better;
        }
    }

    /// The length that an order takes; of one that is longer than what is looked for, as much as was found out. An order that leaves
    /// gaps so large that the pieces to come do not find room before that is longer.
    ///
    /// @param first piece in which it differs from the best so far, 0 where there is none
    /// @param most  what is longer is of no use \[m\]
    /// @param into  takes where pieces come to lie, from the first on; null for nobody
    private double lay(int[] order, int first, double most, List<Sheets.Placed> into) {
        int begin = first / APART;
        Line line = new Line(order.length);
        line.become(kept[begin]);
        double room = most * width * (1 + SMALL) - area;
        for (int i = begin * APART; i < order.length; i++) {
            if (i % APART == 0) {
                tried[i / APART].become(line);
            }
            double[] p = pieces.get(order[i]);
            int at = lowest(line, p[1]);
            double across = line.from[at];
            double along = before(line, at, p[1], Double.POSITIVE_INFINITY);
            line.raise(at, across + p[1], along, along + p[0], width);
            if (line.length > most || line.gaps > room) {
                return Double.POSITIVE_INFINITY;
            }
            if (into != null) {
                into.add(new Sheets.Placed(order[i], along, across, p[0], p[1]));
            }
        }
        return line.length;
    }

    /// The segment at whose edge a piece lies nearest to the beginning, the first of several.
    private int lowest(Line line, double wide) {
        double along = Double.POSITIVE_INFINITY;
        int at = 0;
        for (int s = 0; s < line.segments && line.from[s] + wide <= width + SMALL; s++) {
            double x = before(line, s, wide, along);
            if (x < along - SMALL) {
                along = x;
                at = s;
            }
        }
        return at;
    }

    /// How far what lies before a piece reaches, or as much of it as is too far.
    private static double before(Line line, int at, double wide, double tooFar) {
        double x = 0;
        double end = line.from[at] + wide - SMALL;
        for (int k = at; k < line.segments && line.from[k] < end && x < tooFar - SMALL; k++) {
            x = Math.max(x, line.reach[k]);
        }
        return x;
    }
}
