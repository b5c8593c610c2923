package lectulum.kernel.standing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// The ground on which wheels and jacks stand: while the plumb line of all masses falls into it, nothing tips
/// (statics; convex hull by the monotone chain).
///
/// @param hull corners counter-clockwise \[x behind the ball, y right\] \[m\]
public record SupportPolygon(List<double[]> hull) {

    public static SupportPolygon of(List<double[]> feet) {
        List<double[]> sorted = new ArrayList<>(feet);
        sorted.sort(Comparator.<double[]>comparingDouble(p -> p[0]).thenComparingDouble(p -> p[1]));
        List<double[]> hull = new ArrayList<>(half(sorted));
        hull.addAll(half(sorted.reversed()));
        return new SupportPolygon(List.copyOf(hull));
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

    /// How far inside the edge the plumb line falls \[m\]; negative outside, where it tips; minus infinity for fewer
    /// than three feet.
    public double margin(double x, double y) {
        if (hull.size() < 3) {
            return Double.NEGATIVE_INFINITY;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < hull.size(); i++) {
            double[] a = hull.get(i);
            double[] b = hull.get((i + 1) % hull.size());
            least = Math.min(least, turn(a, b, new double[]{x, y}) / Math.hypot(b[0] - a[0], b[1] - a[1]));
        }
        return least;
    }

    /// Slope on which it tips \[rad\].
    ///
    /// @param z of the centre above the ground \[m\]
    public double tips(double x, double y, double z) {
        return Math.atan(margin(x, y) / z);
    }
}
