package lectulum.kernel.towing;

import java.util.List;
import java.util.Optional;

/// The angle between vehicle and trailer at which they first touch, seen from above: exact, from the circles that the
/// corners draw about the ball through the edges of the other.
///
/// @param angle   at contact \[rad\]; π where they never touch
/// @param trailer what of the trailer touches; empty where nothing does
/// @param vehicle what of the vehicle touches
public record ContactAngle(double angle, String trailer, String vehicle) {

    /// A part seen from above, and between which heights it stands: only parts that share a height can touch.
    ///
    /// @param outline corners \[x behind the ball, y right of it\] \[m\]
    /// @param low     above the ground \[m\]
    /// @param high    above the ground \[m\]
    public record Solid(String name, double[][] outline, double low, double high) {
        public static Solid box(String name, double x1, double x2, double half, double low, double high) {
            return new Solid(name, new double[][]{{x1, -half}, {x2, -half}, {x2, half}, {x1, half}}, low, high);
        }

        /// The same part further behind the ball.
        public Solid back(double by) {
            double[][] moved = new double[outline.length][];
            for (int i = 0; i < moved.length; i++) {
                moved[i] = new double[]{outline[i][0] + by, outline[i][1]};
            }
            return new Solid(name, moved, low, high);
        }

        Solid mirrored() {
            double[][] other = new double[outline.length][];
            for (int i = 0; i < other.length; i++) {
                other[i] = new double[]{outline[i][0], -outline[i][1]};
            }
            return new Solid(name, other, low, high);
        }
    }

    /// The smaller of both ways to turn.
    public static ContactAngle of(List<Solid> trailer, List<Solid> vehicle) {
        ContactAngle one = oneWay(trailer, vehicle);
        ContactAngle other = oneWay(trailer.stream().map(Solid::mirrored).toList(),
                vehicle.stream().map(Solid::mirrored).toList());
        return one.angle <= other.angle ? one : other;
    }

    /// The shortest longer tongue with which it turns as far as is wanted \[m\]; empty up to 3 m.
    public static Optional<Double> longerTongue(List<Solid> trailer, List<Solid> vehicle, double wanted) {
        double low = 0;
        double high = 3;
        if (moved(trailer, vehicle, high) < wanted) {
            return Optional.empty();
        }
        if (moved(trailer, vehicle, 0) >= wanted) {
            return Optional.of(0.0);
        }
        for (int i = 0; i < 50; i++) {
            double m = (low + high) / 2;
            if (moved(trailer, vehicle, m) >= wanted) {
                high = m;
            } else {
                low = m;
            }
        }
        return Optional.of(high);
    }

    private static double moved(List<Solid> trailer, List<Solid> vehicle, double by) {
        return of(trailer.stream().map(s -> s.back(by)).toList(), vehicle).angle;
    }

    private static ContactAngle oneWay(List<Solid> trailer, List<Solid> vehicle) {
        ContactAngle first = new ContactAngle(Math.PI, "", "");
        for (Solid t : trailer) {
            for (Solid v : vehicle) {
                if (t.low < v.high && v.low < t.high) {
                    double angle = Math.min(sweep(t.outline, v.outline, 1), sweep(v.outline, t.outline, -1));
                    if (overlap(t.outline, v.outline)) {
                        angle = 0;
                    }
                    if (angle < first.angle) {
                        first = new ContactAngle(angle, t.name, v.name);
                    }
                }
            }
        }
        return first;
    }

    /// Smallest turn of the corners of one outline onto the edges of another.
    private static double sweep(double[][] corners, double[][] edges, int way) {
        double least = Math.PI;
        for (double[] p : corners) {
            double radius = Math.hypot(p[0], p[1]);
            double from = Math.atan2(p[1], p[0]);
            for (int i = 0; i < edges.length; i++) {
                double[] a = edges[i];
                double[] b = edges[(i + 1) % edges.length];
                least = Math.min(least, onEdge(a, b, radius, from, way));
            }
        }
        return least;
    }

    private static double onEdge(double[] a, double[] b, double radius, double from, int way) {
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double square = dx * dx + dy * dy;
        double half = a[0] * dx + a[1] * dy;
        double root = half * half - square * (a[0] * a[0] + a[1] * a[1] - radius * radius);
        double least = Math.PI;
        if (square == 0 || root < 0) {
            return least;
        }
        for (int sign = -1; sign <= 1; sign += 2) {
            double t = (-half + sign * Math.sqrt(root)) / square;
            if (t >= 0 && t <= 1) {
                double turn = way * (Math.atan2(a[1] + t * dy, a[0] + t * dx) - from);
                turn = turn < -1e-12 ? turn + 2 * Math.PI : turn;
                least = Math.min(least, turn);
            }
        }
        return least;
    }

    private static boolean overlap(double[][] a, double[][] b) {
        return !apart(a, b) && !apart(b, a);
    }

    private static boolean apart(double[][] a, double[][] b) {
        for (int i = 0; i < a.length; i++) {
            double[] p = a[i];
            double[] q = a[(i + 1) % a.length];
            double nx = q[1] - p[1];
            double ny = p[0] - q[0];
            double[] mine = range(a, nx, ny);
            double[] theirs = range(b, nx, ny);
            if (mine[1] <= theirs[0] || theirs[1] <= mine[0]) {
                return true;
            }
        }
        return false;
    }

    private static double[] range(double[][] points, double nx, double ny) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double[] p : points) {
            low = Math.min(low, nx * p[0] + ny * p[1]);
            high = Math.max(high, nx * p[0] + ny * p[1]);
        }
        return new double[]{low, high};
    }
}
