package lectulum.structure;

import java.util.List;

/// A simply supported beam with an even load and point loads: slats, shelves, rack bars, headers (Euler–Bernoulli).
///
/// @param span   \[m\], > 0
/// @param even   load per length \[N/m\]
/// @param points loads with their distance from the left support
public record Beam(double span, double even, List<Point> points) {
    private static final int STEPS = 2000;

    public Beam {
        points = List.copyOf(points);
    }

    /// @param load \[N\]
    /// @param at   from the left support \[m\]
    public record Point(double load, double at) {
    }

    /// Bending moment at x \[Nm\].
    public double moment(double x) {
        double m = even * x * (span - x) / 2;
        for (Point p : points) {
            double b = span - p.at;
            m += x <= p.at ? p.load * b * x / span : p.load * p.at * (span - x) / span;
        }
        return m;
    }

    /// Sag at x \[m\].
    ///
    /// @param stiffness E·I \[N m²\], > 0
    public double sag(double x, double stiffness) {
        double y = even * x * (span * span * span - 2 * span * x * x + x * x * x) / (24 * stiffness);
        for (Point p : points) {
            double near = x <= p.at ? x : span - x;
            double b = x <= p.at ? span - p.at : p.at;
            y += p.load * b * near * (span * span - b * b - near * near) / (6 * stiffness * span);
        }
        return y;
    }

    /// Largest bending moment \[Nm\].
    public double peakMoment() {
        double peak = 0;
        for (int i = 0; i <= STEPS; i++) {
            peak = Math.max(peak, moment(span * i / STEPS));
        }
        for (Point p : points) {
            peak = Math.max(peak, moment(p.at));
        }
        return peak;
    }

    /// Largest sag \[m\].
    public double peakSag(double stiffness) {
        double peak = 0;
        for (int i = 0; i <= STEPS; i++) {
            peak = Math.max(peak, sag(span * i / STEPS, stiffness));
        }
        return peak;
    }
}
