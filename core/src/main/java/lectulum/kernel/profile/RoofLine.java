package lectulum.kernel.profile;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/// A line over x in the side view, as a polyline with ascending x: the outside or the inside of a roof.
public final class RoofLine {
    private static final double NEAR = 5e-5;
    private static final int DEEPEST = 12;

    private final double[] x;
    private final double[] z;

    private RoofLine(double[] x, double[] z) {
        this.x = x;
        this.z = z;
    }

    public static RoofLine flat(double from, double to, double height) {
        return new RoofLine(new double[]{from, to}, new double[]{height, height});
    }

    /// The highest places of a line that runs from front to rear, over x; parts that lean over lie below it.
    public static RoofLine over(List<double[]> line) {
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
    public RoofLine raised(double by) {
        double[] higher = z.clone();
        for (int i = 0; i < higher.length; i++) {
            higher[i] += by;
        }
        return new RoofLine(x, higher);
    }

    /// The boundary of what is left under the line when everything nearer to it than a thickness is taken away: edges move
    /// in at right angles, ridges keep a sharp mitre, hollows are rounded with the thickness. To within 0.1 mm.
    ///
    /// @param thickness \[m\], ≥ 0
    public RoofLine inwards(double thickness) {
        if (!(thickness > 0) || x.length < 2) {
            return this;
        }
        TreeSet<Double> places = new TreeSet<>();
        for (int i = 0; i < x.length; i++) {
            places.add(x[i]);
            for (int k = Math.max(0, i - 1); k <= Math.min(i, x.length - 2); k++) {
                double place = x[i] + thickness * (z[k + 1] - z[k]) / Math.hypot(x[k + 1] - x[k], z[k + 1] - z[k]);
                if (place > x[0] && place < x[x.length - 1]) {
                    places.add(place);
                }
            }
        }
        List<double[]> moved = new ArrayList<>();
        double[] before = null;
        for (double place : places) {
            double[] now = {place, under(place, thickness)};
            if (before != null) {
                refine(before, now, thickness, moved, 0);
            }
            moved.add(now);
            before = now;
        }
        return new RoofLine(moved.stream().mapToDouble(p -> p[0]).toArray(),
                moved.stream().mapToDouble(p -> p[1]).toArray());
    }

    /// Adds places between two until straight lines between them are near enough.
    private void refine(double[] a, double[] b, double thickness, List<double[]> moved, int depth) {
        double middle = (a[0] + b[0]) / 2;
        double[] now = {middle, under(middle, thickness)};
        boolean straight = Math.abs(now[1] - (a[1] + b[1]) / 2) < NEAR && depth > 0;
        if (straight || depth >= DEEPEST || b[0] - a[0] < 1e-6) {
            return;
        }
        refine(a, now, thickness, moved, depth + 1);
        moved.add(now);
        refine(now, b, thickness, moved, depth + 1);
    }

    /// The greatest height at a place that is everywhere as far from the line as the thickness. What is further aside than
    /// the thickness cannot be nearer than that.
    private double under(double place, double thickness) {
        double low = Double.POSITIVE_INFINITY;
        int last = Math.min(x.length - 1, spanOf(place + thickness) + 1);
        for (int i = spanOf(place - thickness); i <= last; i++) {
            double off = place - x[i];
            if (Math.abs(off) < thickness) {
                low = Math.min(low, z[i] - Math.sqrt(thickness * thickness - off * off));
            }
            if (i < x.length - 1) {
                double dx = x[i + 1] - x[i];
                double dz = z[i + 1] - z[i];
                double length = Math.sqrt(dx * dx + dz * dz);
                double along = (place - x[i] - thickness * dz / length) / dx;
                if (along >= 0 && along <= 1) {
                    low = Math.min(low, z[i] - thickness * dx / length + along * dz);
                }
            }
        }
        return low;
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
