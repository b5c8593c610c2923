package lectulum.kernel.plane;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/// The narrow places between things on a floor: the shortest way from one thing, or wall, to another, where a disk on its
/// middle meets nothing else.
///
/// A disk that walks on the floor can only be held up at such a place (they are the saddles of the distance to the nearest
/// thing), so what it can pass is told by their widths exactly. Where two edges are parallel there are many shortest ways:
/// both ends of the stretch and its middle stand for all.
final class Gaps {
    private static final double TOUCH = 1e-9;
    private static final double PARALLEL = 1e-9;
    private static final double SAME = 1e-9;

    private Gaps() {
    }

    /// One narrow place, from a point on one thing to a point on another.
    record Gap(double x1, double y1, double x2, double y2, double width) {
        double x() {
            return (x1 + x2) / 2;
        }

        double y() {
            return (y1 + y2) / 2;
        }
    }

    /// @param features convex polygons and stretches of wall, each two or more points \[x, y\]
    /// @param most     wider places are no narrow ones \[m\]
    static List<Gap> of(List<double[][]> features, double most) {
        int n = features.size();
        double[][] bounds = features.stream().map(Gaps::bounds).toArray(double[][]::new);
        List<Gap> gaps = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            for (int k = i + 1; k < n; k++) {
                if (apart(bounds[i], bounds[k]) <= most) {
                    for (Gap g : between(features.get(i), features.get(k), most)) {
                        if (alone(g, features, bounds)) {
                            gaps.add(g);
                        }
                    }
                }
            }
        }
        return gaps;
    }

    /// Convex polygons without those that lie in another one: nobody ever meets them.
    static List<double[][]> outermost(List<double[][]> polygons) {
        List<double[][]> largest = new ArrayList<>(polygons);
        largest.sort(Comparator.comparingDouble((double[][] p) -> area(bounds(p))).reversed());
        List<double[][]> kept = new ArrayList<>();
        List<double[]> boxes = new ArrayList<>();
        for (double[][] p : largest) {
            double[] b = bounds(p);
            boolean hidden = false;
            for (int i = 0; i < kept.size() && !hidden; i++) {
                hidden = within(b, boxes.get(i)) && within(p, kept.get(i));
            }
            if (!hidden) {
                kept.add(p);
                boxes.add(b);
            }
        }
        return kept;
    }

    private static double area(double[] box) {
        return (box[2] - box[0]) * (box[3] - box[1]);
    }

    private static boolean within(double[] box, double[] other) {
        return box[0] >= other[0] && box[1] >= other[1] && box[2] <= other[2] && box[3] <= other[3];
    }

    private static boolean within(double[][] p, double[][] other) {
        for (double[] corner : p) {
            if (other.length < 3 || !Passage.inside(other, corner[0], corner[1])) {
                return false;
            }
        }
        return true;
    }

    private static boolean alone(Gap g, List<double[][]> features, double[][] bounds) {
        double half = g.width / 2;
        for (int i = 0; i < bounds.length; i++) {
            double[] b = bounds[i];
            double dx = Math.max(0, Math.max(b[0] - g.x(), g.x() - b[2]));
            double dy = Math.max(0, Math.max(b[1] - g.y(), g.y() - b[3]));
            if (dx * dx + dy * dy < (half - TOUCH) * (half - TOUCH)
                    && distance(features.get(i), g.x(), g.y()) < half - TOUCH) {
                return false;
            }
        }
        return true;
    }

    /// The shortest ways between two convex features; none where they touch or overlap.
    private static List<Gap> between(double[][] p, double[][] q, double most) {
        if (p.length > 2 && Passage.inside(p, q[0][0], q[0][1])
                || q.length > 2 && Passage.inside(q, p[0][0], p[0][1])) {
            return List.of();
        }
        double least = most;
        for (int i = 0; i < edges(p); i++) {
            double[] a = p[i];
            double[] b = p[(i + 1) % p.length];
            for (int k = 0; k < edges(q); k++) {
                double[] c = q[k];
                double[] d = q[(k + 1) % q.length];
                if (crosses(a, b, c, d)) {
                    return List.of();
                }
                least = Math.min(least, apart(a, b, c, d));
            }
        }
        return least < TOUCH || least >= most ? List.of() : nearest(p, q, least + SAME);
    }

    /// The shortest ways between two convex features that are no longer than `most`.
    private static List<Gap> nearest(double[][] p, double[][] q, double most) {
        List<Gap> best = new ArrayList<>();
        for (int i = 0; i < edges(p); i++) {
            double[] a = p[i];
            double[] b = p[(i + 1) % p.length];
            for (int k = 0; k < edges(q); k++) {
                double[] c = q[k];
                double[] d = q[(k + 1) % q.length];
                if (apart(a, b, c, d) <= most) {
                    shortest(a, b, c, d).stream().filter(g -> g.width <= most).forEach(best::add);
                }
            }
        }
        return best;
    }

    /// Distance of two stretches that do not cross \[m\].
    private static double apart(double[] a, double[] b, double[] c, double[] d) {
        return Math.min(Math.min(Stretch.distance(c, d, a[0], a[1]), Stretch.distance(c, d, b[0], b[1])),
                Math.min(Stretch.distance(a, b, c[0], c[1]), Stretch.distance(a, b, d[0], d[1])));
    }

    private static int edges(double[][] p) {
        return p.length == 2 ? 1 : p.length;
    }

    private static List<Gap> shortest(double[] a, double[] b, double[] c, double[] d) {
        Gap[] ends = {to(a, c, d, false), to(b, c, d, false), to(c, a, b, true), to(d, a, b, true)};
        Gap least = Arrays.stream(ends).min(java.util.Comparator.comparingDouble(Gap::width)).orElseThrow();
        double ux = b[0] - a[0];
        double uy = b[1] - a[1];
        double vx = d[0] - c[0];
        double vy = d[1] - c[1];
        double lu = Math.hypot(ux, uy);
        double lv = Math.hypot(vx, vy);
        if (lu < TOUCH || lv < TOUCH || Math.abs(ux * vy - uy * vx) > PARALLEL * lu * lv) {
            return List.of(least);
        }
        double from = Math.max(0, Math.min(along(a, ux, uy, lu, c), along(a, ux, uy, lu, d)));
        double to = Math.min(lu, Math.max(along(a, ux, uy, lu, c), along(a, ux, uy, lu, d)));
        if (to - from < TOUCH) {
            return List.of(least);
        }
        List<Gap> stretch = new ArrayList<>();
        for (double t : new double[]{from, (from + to) / 2, to}) {
            stretch.add(to(new double[]{a[0] + ux / lu * t, a[1] + uy / lu * t}, c, d, false));
        }
        return stretch;
    }

    private static double along(double[] a, double ux, double uy, double length, double[] p) {
        return ((p[0] - a[0]) * ux + (p[1] - a[1]) * uy) / length;
    }

    private static Gap to(double[] p, double[] a, double[] b, boolean turned) {
        double t = Stretch.part(a[0], a[1], b[0], b[1], p[0], p[1]);
        double x = a[0] + t * (b[0] - a[0]);
        double y = a[1] + t * (b[1] - a[1]);
        double width = Math.sqrt((x - p[0]) * (x - p[0]) + (y - p[1]) * (y - p[1]));
        return turned ? new Gap(x, y, p[0], p[1], width) : new Gap(p[0], p[1], x, y, width);
    }

    /// Whether two stretches cross, ends included.
    static boolean crosses(double[] a, double[] b, double[] c, double[] d) {
        double d1 = side(c, d, a);
        double d2 = side(c, d, b);
        double d3 = side(a, b, c);
        double d4 = side(a, b, d);
        return (d1 > 0) != (d2 > 0) && (d3 > 0) != (d4 > 0);
    }

    private static double side(double[] a, double[] b, double[] p) {
        return (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]);
    }

    /// Smallest x and y, greatest x and y.
    static double[] bounds(double[][] polygon) {
        double[] b = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY,
                Double.NEGATIVE_INFINITY};
        for (double[] p : polygon) {
            b[0] = Math.min(b[0], p[0]);
            b[1] = Math.min(b[1], p[1]);
            b[2] = Math.max(b[2], p[0]);
            b[3] = Math.max(b[3], p[1]);
        }
        return b;
    }

    private static double apart(double[] a, double[] b) {
        double dx = Math.max(0, Math.max(a[0] - b[2], b[0] - a[2]));
        double dy = Math.max(0, Math.max(a[1] - b[3], b[1] - a[3]));
        return Math.sqrt(dx * dx + dy * dy);
    }

    /// Distance of a place to a convex feature \[m\]; 0 inside it.
    static double distance(double[][] feature, double x, double y) {
        if (feature.length > 2 && Passage.inside(feature, x, y)) {
            return 0;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < edges(feature); i++) {
            least = Math.min(least, Stretch.distance(feature[i], feature[(i + 1) % feature.length], x, y));
        }
        return least;
    }
}
