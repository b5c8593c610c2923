package lectulum.layout;

import java.util.ArrayList;
import java.util.List;

/// A line over x in the side view, as a polyline with ascending x: the outside or the inside of a roof.
public final class RoofLine {
    private final double[] x;
    private final double[] z;

    private RoofLine(double[] x, double[] z) {
        this.x = x;
        this.z = z;
    }

    static RoofLine flat(double from, double to, double height) {
        return new RoofLine(new double[]{from, to}, new double[]{height, height});
    }

    /// The highest places of a line that runs from front to rear, over x; parts that lean over lie below it.
    static RoofLine over(List<double[]> line) {
        List<double[]> upper = new ArrayList<>();
        for (double[] p : line) {
            while (upper.size() > 1 && p[0] <= upper.getLast()[0] && p[1] >= upper.getLast()[1]) {
                upper.removeLast();
            }
            if (upper.isEmpty() || p[0] > upper.getLast()[0]) {
                upper.add(p);
            } else if (p[1] > upper.getLast()[1]) {
                upper.set(upper.size() - 1, new double[]{upper.getLast()[0], p[1]});
            }
        }
        return upper.size() < 2
                ? flat(0, 0, 0)
                : new RoofLine(upper.stream().mapToDouble(p -> p[0]).toArray(),
                        upper.stream().mapToDouble(p -> p[1]).toArray());
    }

    /// The same line higher or lower \[m\].
    RoofLine raised(double by) {
        double[] higher = z.clone();
        for (int i = 0; i < higher.length; i++) {
            higher[i] += by;
        }
        return new RoofLine(x, higher);
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
}
