package lectulum.kernel.beams;

import java.util.List;

/// A beam with an even load and point loads: slats, shelves, rack bars and arms, headers (Euler–Bernoulli).
///
/// @param span   \[m\], > 0
/// @param even   load per length \[N/m\]
/// @param points loads with their distance from the left support
/// @param held   how its ends are held; an arm is held at its left end
public record Beam(double span, double even, List<Point> points, Held held) {
    private static final int STEPS = 2000;

    public Beam {
        points = List.copyOf(points);
    }

    /// A beam that rests on both ends.
    public Beam(double span, double even, List<Point> points) {
        this(span, even, points, Held.RESTS);
    }

    /// @param load \[N\]
    /// @param at   from the left support \[m\]
    public record Point(double load, double at) {
    }

    /// Bending moment at x \[Nm\]; positive where the beam sags.
    public double moment(double x) {
        double m = switch (held) {
            case RESTS -> even * x * (span - x) / 2;
            case CLAMPED -> even * (6 * span * x - 6 * x * x - span * span) / 12;
            case ARM -> -even * (span - x) * (span - x) / 2;
        };
        for (Point p : points) {
            double a = p.at;
            double b = span - a;
            m += switch (held) {
                case RESTS -> x <= a ? p.load * b * x / span : p.load * a * (span - x) / span;
                case CLAMPED -> p.load * (b * b * ((3 * a + b) * x - a * span) / (span * span * span)
                        - Math.max(0, x - a));
                case ARM -> -p.load * Math.max(0, a - x);
            };
        }
        return m;
    }

    /// Sag at x \[m\].
    ///
    /// @param stiffness E·I \[N m²\], > 0
    public double sag(double x, double stiffness) {
        double y = switch (held) {
            case RESTS -> even * x * (span * span * span - 2 * span * x * x + x * x * x) / (24 * stiffness);
            case CLAMPED -> even * x * x * (span - x) * (span - x) / (24 * stiffness);
            case ARM -> even * x * x * (6 * span * span - 4 * span * x + x * x) / (24 * stiffness);
        };
        for (Point p : points) {
            y += sag(p, x) / (6 * stiffness);
        }
        return y;
    }

    /// Six times E·I times the sag under one load.
    private double sag(Point p, double x) {
        double near = x <= p.at ? x : span - x;
        double a = x <= p.at ? p.at : span - p.at;
        double b = span - a;
        return p.load * switch (held) {
            case RESTS -> b * near * (span * span - b * b - near * near) / span;
            case CLAMPED -> b * b * near * near * (3 * a * span - (3 * a + b) * near) / (span * span * span);
            case ARM -> x <= p.at ? x * x * (3 * p.at - x) : p.at * p.at * (3 * x - p.at);
        };
    }

    /// Largest bending moment, whichever way it bends \[Nm\].
    public double peakMoment() {
        double peak = 0;
        for (int i = 0; i <= STEPS; i++) {
            peak = Math.max(peak, Math.abs(moment(span * i / STEPS)));
        }
        for (Point p : points) {
            peak = Math.max(peak, Math.abs(moment(p.at)));
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
