package lectulum.kernel.air;

import java.util.ArrayList;
import java.util.List;

/// Vapour that condenses within a wall (ISO 13788, Glaser's method): the real pressure is the lower hull of the saturated ones.
///
/// Steady, one-dimensional, nothing stored: a guide to which build-up is wetter, not to how wet it is.
///
/// @param rate  condensed in each plane \[kg/(m² s)\], after each layer from inside
/// @param plane number of the first that is wet, 1 behind the first layer; −1 where none is
/// @param celsius of it
public record Glaser(List<Double> rate, int plane, double celsius) {
    private static final double PERMEANCE = 2e-10;

    public Glaser {
        rate = List.copyOf(rate);
    }

    /// @param celsius of the inner surface, each interface and the outer surface
    /// @param thick   times μ of each layer \[m\]: one fewer than temperatures
    /// @param inside  pressure of vapour \[Pa\]
    /// @param outside \[Pa\]
    public static Glaser of(List<Double> celsius, List<Double> thick, double inside, double outside) {
        int n = thick.size();
        double[] x = new double[n + 1];
        double[] p = new double[n + 1];
        p[0] = Math.min(inside, Vapour.saturated(celsius.getFirst()));
        for (int i = 1; i <= n; i++) {
            x[i] = x[i - 1] + thick.get(i - 1);
            p[i] = i < n ? Vapour.saturated(celsius.get(i)) : outside;
        }
        List<Integer> hull = new ArrayList<>();
        for (int i = 0; i <= n; i++) {
            while (hull.size() > 1 && above(x, p, hull.get(hull.size() - 2), hull.getLast(), i)) {
                hull.removeLast();
            }
            hull.add(i);
        }
        Double[] rate = new Double[n];
        java.util.Arrays.fill(rate, 0.0);
        int first = -1;
        for (int k = 1; k + 1 < hull.size(); k++) {
            int a = hull.get(k - 1);
            int b = hull.get(k);
            int c = hull.get(k + 1);
            double in = (p[a] - p[b]) / (x[b] - x[a]);
            double out = (p[b] - p[c]) / (x[c] - x[b]);
            rate[b - 1] = Math.max(0, PERMEANCE * (in - out));
            if (first < 0 && rate[b - 1] > 0) {
                first = b;
            }
        }
        return new Glaser(List.of(rate), first, first < 0 ? Double.NaN : celsius.get(first));
    }

    /// Whether the middle of three points lies on or above the line between the others.
    private static boolean above(double[] x, double[] p, int a, int b, int c) {
        return (p[b] - p[a]) * (x[c] - x[a]) >= (p[c] - p[a]) * (x[b] - x[a]);
    }

    /// In all planes \[kg/(m² s)\].
    public double all() {
        return rate.stream().mapToDouble(r -> r).sum();
    }
}
