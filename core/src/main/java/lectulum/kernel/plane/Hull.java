package lectulum.kernel.plane;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// The smallest convex polygon about points (Andrew's monotone chain).
///
/// Three or more points that are not in one line: their hull, counter-clockwise, without points in the middle of edges.
/// Points in one line: the two ends. One place: that point, or nothing for several equal ones. None: nothing.
public final class Hull {
    private Hull() {
    }

    /// @param points \[x, y\]
    public static List<double[]> of(List<double[]> points) {
        List<double[]> sorted = new ArrayList<>(points);
        sorted.sort(Comparator.<double[]>comparingDouble(p -> p[0]).thenComparingDouble(p -> p[1]));
        if (sorted.size() == 1) {
            return sorted;
        }
        List<double[]> hull = new ArrayList<>(half(sorted));
        hull.addAll(half(sorted.reversed()));
        return hull;
    }

    private static List<double[]> half(List<double[]> points) {
        List<double[]> chain = new ArrayList<>();
        for (double[] p : points) {
            while (chain.size() > 1 && turn(chain.get(chain.size() - 2), chain.getLast(), p) <= 0) {
                chain.removeLast();
            }
            chain.add(p);
        }
        if (!chain.isEmpty()) {
            chain.removeLast();
        }
        return chain;
    }

    private static double turn(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    }
}
