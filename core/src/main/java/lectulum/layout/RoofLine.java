package lectulum.layout;

import java.util.ArrayList;
import java.util.List;
import lectulum.design.Shell;

/// A line over x in the side view, as a polyline with ascending x: the outside or the inside of a roof.
///
/// A smooth profile is the monotone cubic of Fritsch and Carlson through its control points (SIAM J. Numer. Anal. 17,
/// 1980): it never swings above or below its points. Points out of order or fewer than two give a flat line at zero.
public final class RoofLine {
    private static final int STEPS_PER_SPAN = 24;

    private final double[] x;
    private final double[] z;

    private RoofLine(double[] x, double[] z) {
        this.x = x;
        this.z = z;
    }

    static RoofLine flat(double from, double to, double height) {
        return new RoofLine(new double[]{from, to}, new double[]{height, height});
    }

    static RoofLine smooth(List<Shell.Profile.Point> controls) {
        List<Shell.Profile.Point> points = ascending(controls);
        int n = points.size();
        if (n < 2) {
            return flat(0, 0, 0);
        }
        double[] slope = slopes(points);
        double[] xs = new double[(n - 1) * STEPS_PER_SPAN + 1];
        double[] zs = new double[xs.length];
        for (int span = 0; span < n - 1; span++) {
            Shell.Profile.Point a = points.get(span);
            Shell.Profile.Point b = points.get(span + 1);
            double h = b.x() - a.x();
            for (int k = 0; k <= STEPS_PER_SPAN; k++) {
                double t = (double) k / STEPS_PER_SPAN;
                int at = span * STEPS_PER_SPAN + k;
                xs[at] = a.x() + t * h;
                zs[at] = hermite(t, a.z(), b.z(), slope[span] * h, slope[span + 1] * h);
            }
        }
        return new RoofLine(xs, zs);
    }

    /// The line moved inwards, at right angles to itself, by a thickness \[m\].
    RoofLine inwards(double thickness) {
        List<double[]> moved = new ArrayList<>();
        for (int i = 0; i < x.length; i++) {
            int before = Math.max(0, i - 1);
            int after = Math.min(x.length - 1, i + 1);
            double dx = x[after] - x[before];
            double dz = z[after] - z[before];
            double length = Math.hypot(dx, dz);
            double nx = length > 0 ? dz / length : 0;
            double nz = length > 0 ? -dx / length : -1;
            double px = x[i] + nx * thickness;
            if (moved.isEmpty() || px > moved.getLast()[0]) {
                moved.add(new double[]{px, z[i] + nz * thickness});
            }
        }
        return new RoofLine(moved.stream().mapToDouble(p -> p[0]).toArray(),
                moved.stream().mapToDouble(p -> p[1]).toArray());
    }

    /// Height at x; beyond its ends the height of the end.
    public double at(double position) {
        int i = spanOf(position);
        if (position <= x[0] || x.length == 1) {
            return z[0];
        }
        if (position >= x[x.length - 1]) {
            return z[z.length - 1];
        }
        double t = (position - x[i]) / (x[i + 1] - x[i]);
        return z[i] + t * (z[i + 1] - z[i]);
    }

    /// Lowest height between two places: at an end or at a vertex between them.
    public double lowest(double from, double to) {
        double low = Math.min(at(from), at(to));
        for (int i = spanOf(from); i < x.length && x[i] < to; i++) {
            if (x[i] > from) {
                low = Math.min(low, z[i]);
            }
        }
        return low;
    }

    public double highest() {
        double high = z[0];
        for (double height : z) {
            high = Math.max(high, height);
        }
        return high;
    }

    /// Area between the line and z = 0 \[m²\].
    public double area() {
        double area = 0;
        for (int i = 1; i < x.length; i++) {
            area += (x[i] - x[i - 1]) * (z[i] + z[i - 1]) / 2;
        }
        return area;
    }

    public double[] xs() {
        return x.clone();
    }

    public double[] zs() {
        return z.clone();
    }

    private int spanOf(double position) {
        int i = java.util.Arrays.binarySearch(x, position);
        int span = i >= 0 ? i : -i - 2;
        return Math.clamp(span, 0, Math.max(0, x.length - 2));
    }

    private static List<Shell.Profile.Point> ascending(List<Shell.Profile.Point> controls) {
        List<Shell.Profile.Point> points = new ArrayList<>();
        for (Shell.Profile.Point p : controls) {
            if (points.isEmpty() || p.x() > points.getLast().x() + 1e-6) {
                points.add(p);
            }
        }
        return points;
    }

    private static double[] slopes(List<Shell.Profile.Point> p) {
        int n = p.size();
        double[] secant = new double[n - 1];
        for (int i = 0; i < n - 1; i++) {
            secant[i] = (p.get(i + 1).z() - p.get(i).z()) / (p.get(i + 1).x() - p.get(i).x());
        }
        double[] m = new double[n];
        m[0] = secant[0];
        m[n - 1] = secant[n - 2];
        for (int i = 1; i < n - 1; i++) {
            m[i] = secant[i - 1] * secant[i] <= 0 ? 0 : (secant[i - 1] + secant[i]) / 2;
        }
        for (int i = 0; i < n - 1; i++) {
            if (secant[i] == 0) {
                m[i] = 0;
                m[i + 1] = 0;
                continue;
            }
            double size = Math.hypot(m[i] / secant[i], m[i + 1] / secant[i]);
            if (size > 3) {
                m[i] *= 3 / size;
                m[i + 1] *= 3 / size;
            }
        }
        return m;
    }

    private static double hermite(double t, double z0, double z1, double m0, double m1) {
        double t2 = t * t;
        double t3 = t2 * t;
        return (2 * t3 - 3 * t2 + 1) * z0 + (t3 - 2 * t2 + t) * m0 + (3 * t2 - 2 * t3) * z1 + (t3 - t2) * m1;
    }
}
