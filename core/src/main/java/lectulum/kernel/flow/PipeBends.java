package lectulum.kernel.flow;

import java.util.ArrayList;
import java.util.List;

/// A run of pipe along corners: which corners are bent, which need a fitting, what is cut, held and ordered.
///
/// A pipe bends round a radius of eight times its outer diameter. While a leg is shorter than the tangents of its ends, the
/// sharper of its bends becomes a fitting.
///
/// @param legs      \[m\]
/// @param developed length of pipe \[m\]
/// @param bends     corners that are bent
/// @param elbows45  fittings
/// @param elbows90  fittings
/// @param rings     clamps or rings of them
/// @param supports  \[1\]
/// @param order     length to buy \[m\]
public record PipeBends(double legs, double developed, int bends, int elbows45, int elbows90, int rings, int supports,
        double order) {
    private static final double RADIUS = 8;
    private static final double STRAIGHT = Math.toRadians(5);
    private static final double SPARE = 1.10;
    private static final double SAME = 1e-6;
    /// Between supports of pipe and of hose \[m\] (assumed).
    public static final double PIPE = 0.80;
    public static final double HOSE = 0.50;

    /// @param points  \[x, y, z\] of the corners \[m\], two or more
    /// @param outside diameter \[m\]
    /// @param bendable whether it is bent at all: a rigid one has a fitting at every corner
    /// @param holds   between supports \[m\]
    public static PipeBends of(List<double[]> points, double outside, boolean bendable, double holds) {
        List<double[]> p = new ArrayList<>();
        for (double[] q : points) {
            if (p.isEmpty() || distance(p.getLast(), q) > 0) {
                p.add(q);
            }
        }
        int n = p.size();
        double[] leg = new double[Math.max(0, n - 1)];
        double sum = 0;
        for (int i = 0; i < leg.length; i++) {
            leg[i] = distance(p.get(i), p.get(i + 1));
            sum += leg[i];
        }
        double[] turn = new double[n];
        boolean[] bent = new boolean[n];
        double radius = RADIUS * outside;
        for (int i = 1; i + 1 < n; i++) {
            turn[i] = angle(p.get(i - 1), p.get(i), p.get(i + 1));
            bent[i] = bendable && turn[i] > STRAIGHT;
        }
        while (release(leg, turn, bent, radius)) {
            // One bend after another becomes a fitting.
        }
        double developed = sum;
        int bends = 0;
        int small = 0;
        int right = 0;
        for (int i = 1; i + 1 < n; i++) {
            if (bent[i]) {
                developed -= (2 * Math.tan(turn[i] / 2) - turn[i]) * radius;
                bends++;
            } else if (turn[i] >= Math.toRadians(22.5)) {
                double degrees = Math.toDegrees(turn[i]);
                small += degrees <= 67.5 ? 1 : 0;
                right += degrees <= 67.5 ? 0 : degrees <= 112.5 ? 1 : 2;
            }
        }
        return new PipeBends(sum, developed, bends, small, right, 2 * (small + right),
                (int) Math.floor(developed / holds) + 1, SPARE * developed);
    }

    /// Turns one bend into a fitting where the first leg that is too short asks for it.
    private static boolean release(double[] leg, double[] turn, boolean[] bent, double radius) {
        for (int i = 0; i < leg.length; i++) {
            double before = bent[i] ? radius * Math.tan(turn[i] / 2) : 0;
            double after = bent[i + 1] ? radius * Math.tan(turn[i + 1] / 2) : 0;
            if (leg[i] < before + after) {
                boolean second = !bent[i] || bent[i + 1] && turn[i + 1] >= turn[i] - SAME;
                bent[second ? i + 1 : i] = false;
                return true;
            }
        }
        return false;
    }

    private static double distance(double[] a, double[] b) {
        return Math.sqrt((a[0] - b[0]) * (a[0] - b[0]) + (a[1] - b[1]) * (a[1] - b[1])
                + (a[2] - b[2]) * (a[2] - b[2]));
    }

    private static double angle(double[] a, double[] b, double[] c) {
        double dot = 0;
        for (int i = 0; i < 3; i++) {
            dot += (b[i] - a[i]) * (c[i] - b[i]);
        }
        return Math.acos(Math.clamp(dot / (distance(a, b) * distance(b, c)), -1, 1));
    }
}
