package lectulum.kernel.standing;

import java.util.List;
import lectulum.kernel.plane.Hull;

/// The ground on which wheels and jacks stand: while the plumb line of all masses falls into it, nothing tips
/// (statics).
///
/// @param hull corners counter-clockwise \[x behind the ball, y right\] \[m\]
public record SupportPolygon(List<double[]> hull) {

    public static SupportPolygon of(List<double[]> feet) {
        return new SupportPolygon(List.copyOf(Hull.of(feet)));
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

    /// Twice the area of a triangle; positive where it runs against the clock.
    private static double turn(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    }
}
