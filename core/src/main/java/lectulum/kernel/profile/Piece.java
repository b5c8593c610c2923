package lectulum.kernel.profile;

import java.util.ArrayList;
import java.util.List;

/// One smooth piece of an outline in the x–z plane.
public sealed interface Piece {
    /// The chord error with which pieces are turned into polylines \[m\].
    double CHORD = 0.0002;

    /// Place at t from 0 (start) to 1 (end) \[m\].
    double[] at(double t);

    /// \[m\]
    double length();

    /// Its part of the area integral ½∮(x dz − z dx) \[m²\].
    double green();

    /// Radius of curvature at t \[m\]; infinite where straight.
    double radius(double t);

    /// Values of t strictly between 0 and 1 where the piece runs level.
    List<Double> levels();

    /// t of every crossing of the upright line at x.
    List<Double> crossings(double x);

    default double[] start() {
        return at(0);
    }

    default double[] end() {
        return at(1);
    }

    /// Points from start to end, both included, no further than [#CHORD] off the piece.
    List<double[]> samples();

    /// A straight piece.
    record Line(double x1, double z1, double x2, double z2) implements Piece {
        @Override
        public double[] at(double t) {
            return new double[]{x1 + t * (x2 - x1), z1 + t * (z2 - z1)};
        }

        @Override
        public double length() {
            return Math.hypot(x2 - x1, z2 - z1);
        }

        @Override
        public double green() {
            return (x1 * z2 - x2 * z1) / 2;
        }

        @Override
        public double radius(double t) {
            return Double.POSITIVE_INFINITY;
        }

        @Override
        public List<Double> levels() {
            return List.of();
        }

        @Override
        public List<Double> crossings(double x) {
            if (x < Math.min(x1, x2) || x > Math.max(x1, x2)) {
                return List.of();
            }
            return x1 == x2 ? List.of(0.0, 1.0) : List.of((x - x1) / (x2 - x1));
        }

        @Override
        public List<double[]> samples() {
            return List.of(at(0), at(1));
        }
    }

    /// A piece of a circle.
    ///
    /// @param from  angle of its start \[rad\]
    /// @param sweep signed angle from start to end, positive against the clock \[rad\]
    record Arc(double cx, double cz, double r, double from, double sweep) implements Piece {
        @Override
        public double[] at(double t) {
            double a = from + t * sweep;
            return new double[]{cx + r * Math.cos(a), cz + r * Math.sin(a)};
        }

        @Override
        public double length() {
            return r * Math.abs(sweep);
        }

        @Override
        public double green() {
            double to = from + sweep;
            return (r * r * sweep + cx * r * (Math.sin(to) - Math.sin(from))
                    - cz * r * (Math.cos(to) - Math.cos(from))) / 2;
        }

        @Override
        public double radius(double t) {
            return r;
        }

        @Override
        public List<Double> levels() {
            List<Double> found = new ArrayList<>();
            angle(found, Math.PI / 2);
            angle(found, -Math.PI / 2);
            return found;
        }

        @Override
        public List<Double> crossings(double x) {
            double c = (x - cx) / r;
            if (Math.abs(c) > 1) {
                return List.of();
            }
            List<Double> found = new ArrayList<>();
            angle(found, Math.acos(c));
            angle(found, -Math.acos(c));
            return found;
        }

        private void angle(List<Double> found, double angle) {
            double turn = Math.signum(sweep) * (angle - from);
            double past = turn - Math.floor(turn / (2 * Math.PI)) * 2 * Math.PI;
            if (past <= Math.abs(sweep) + 1e-12) {
                found.add(Math.min(1, past / Math.abs(sweep)));
            }
        }

        @Override
        public List<double[]> samples() {
            double step = r > CHORD ? 2 * Math.acos(1 - CHORD / r) : 1;
            return evenly(this, Math.max(1, (int) Math.ceil(Math.abs(sweep) / step)));
        }
    }

    /// A cubic span, as a Bézier curve.
    ///
    /// @param x four control values
    /// @param z four control values
    record Cubic(double[] x, double[] z) implements Piece {
        private static final double[] NODES = {-0.9061798459386640, -0.5384693101056831, 0, 0.5384693101056831,
                0.9061798459386640};
        private static final double[] WEIGHTS = {0.2369268850561891, 0.4786286704993665, 0.5688888888888889,
                0.4786286704993665, 0.2369268850561891};
        private static final int PARTS = 20;

        @Override
        public double[] at(double t) {
            return new double[]{value(x, t), value(z, t)};
        }

        @Override
        public double length() {
            return integral(t -> Math.hypot(slope(x, t), slope(z, t)));
        }

        @Override
        public double green() {
            return integral(t -> (value(x, t) * slope(z, t) - value(z, t) * slope(x, t)) / 2);
        }

        @Override
        public double radius(double t) {
            double dx = slope(x, t);
            double dz = slope(z, t);
            double turn = dx * bend(z, t) - dz * bend(x, t);
            return turn == 0 ? Double.POSITIVE_INFINITY : Math.pow(dx * dx + dz * dz, 1.5) / Math.abs(turn);
        }

        @Override
        public List<Double> levels() {
            return roots(t -> slope(z, t));
        }

        @Override
        public List<Double> crossings(double at) {
            return roots(t -> value(x, t) - at);
        }

        @Override
        public List<double[]> samples() {
            return evenly(this, Math.clamp((long) Math.ceil(length() / 0.01), 4, 400));
        }

        private interface Function {
            double at(double t);
        }

        /// Five-point Gauss rule in twenty parts.
        private static double integral(Function f) {
            double sum = 0;
            for (int part = 0; part < PARTS; part++) {
                for (int i = 0; i < NODES.length; i++) {
                    sum += WEIGHTS[i] / 2 / PARTS * f.at((part + (NODES[i] + 1) / 2) / PARTS);
                }
            }
            return sum;
        }

        /// Sign changes on a fine grid, closed in by halving; both ends count where the function vanishes there.
        private static List<Double> roots(Function f) {
            List<Double> found = new ArrayList<>();
            int steps = 200;
            double before = f.at(0);
            if (Math.abs(before) < 1e-12) {
                found.add(0.0);
            }
            for (int i = 1; i <= steps; i++) {
                double t = (double) i / steps;
                double now = f.at(t);
                if (before * now < 0) {
                    found.add(halved(f, t - 1.0 / steps, t));
                } else if (Math.abs(now) < 1e-12) {
                    found.add(t);
                }
                before = now;
            }
            return found;
        }

        private static double halved(Function f, double from, double to) {
            double a = from;
            double b = to;
            boolean up = f.at(a) < 0;
            for (int i = 0; i < 50; i++) {
                double m = (a + b) / 2;
                if (f.at(m) < 0 == up) {
                    a = m;
                } else {
                    b = m;
                }
            }
            return (a + b) / 2;
        }

        private static double value(double[] p, double t) {
            double s = 1 - t;
            return s * s * s * p[0] + 3 * s * s * t * p[1] + 3 * s * t * t * p[2] + t * t * t * p[3];
        }

        private static double slope(double[] p, double t) {
            double s = 1 - t;
            return 3 * (s * s * (p[1] - p[0]) + 2 * s * t * (p[2] - p[1]) + t * t * (p[3] - p[2]));
        }

        private static double bend(double[] p, double t) {
            return 6 * ((1 - t) * (p[2] - 2 * p[1] + p[0]) + t * (p[3] - 2 * p[2] + p[1]));
        }
    }

    private static List<double[]> evenly(Piece piece, int steps) {
        List<double[]> points = new ArrayList<>(steps + 1);
        for (int i = 0; i <= steps; i++) {
            points.add(piece.at((double) i / steps));
        }
        return points;
    }
}
