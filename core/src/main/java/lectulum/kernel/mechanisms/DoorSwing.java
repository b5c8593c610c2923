package lectulum.kernel.mechanisms;

import java.util.List;

/// How far a hinged leaf opens before it meets something, in plan.
///
/// The leaf is a rectangle from the hinge, as long as its radius and as thick as the leaf, with its thickness on the
/// leading side (docs/method/fit.md).
///
/// @param x      hinge \[m\]
/// @param y      hinge \[m\]
/// @param closed direction of the closed leaf from the hinge \[rad\]
/// @param sense  +1 where it opens towards greater angles (x towards y), −1 where towards smaller
/// @param radius \[m\], > 0
/// @param thick  \[m\], ≥ 0
public record DoorSwing(double x, double y, double closed, int sense, double radius, double thick) {

    /// The largest angle it opens to \[rad\], at most `most`.
    ///
    /// @param obstacles convex plan polygons
    public double freeAngle(List<double[][]> obstacles, double most) {
        double free = most;
        for (double[][] polygon : obstacles) {
            for (int i = 0; i < polygon.length; i++) {
                double[] a = polygon[i];
                double[] b = polygon[(i + 1) % polygon.length];
                free = Math.min(free, corner(a, most));
                free = Math.min(free, edge(a, b, most));
            }
        }
        return Math.max(0, free);
    }

    /// Clear way past the leaf at an angle \[m\]: radius × (1 − cos) up to a right angle, then the whole radius.
    public double passage(double angle) {
        return angle >= Math.PI / 2 ? radius : radius * (1 - Math.cos(angle));
    }

    /// The leaf as a sector, for drawing and for motions that meet: points from the hinge round the arc.
    public double[][] sector(double angle) {
        int steps = Math.max(2, (int) Math.ceil(angle / Math.toRadians(5)));
        double[][] points = new double[steps + 2][];
        points[0] = new double[]{x, y};
        for (int i = 0; i <= steps; i++) {
            double a = closed + sense * angle * i / steps;
            points[i + 1] = new double[]{x + radius * Math.cos(a), y + radius * Math.sin(a)};
        }
        return points;
    }

    private double corner(double[] p, double most) {
        double d = Math.hypot(p[0] - x, p[1] - y);
        if (d * d - thick * thick > radius * radius || d < 1e-9) {
            return most;
        }
        double before = d <= thick ? Double.POSITIVE_INFINITY : Math.asin(thick / d);
        return met(opening(p) - before, opening(p), most);
    }

    private double edge(double[] a, double[] b, double most) {
        double tip = Math.hypot(radius, thick);
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double qa = dx * dx + dy * dy;
        double qb = 2 * ((a[0] - x) * dx + (a[1] - y) * dy);
        double qc = (a[0] - x) * (a[0] - x) + (a[1] - y) * (a[1] - y) - tip * tip;
        double root = qb * qb - 4 * qa * qc;
        if (qa == 0 || root < 0) {
            return most;
        }
        double free = most;
        for (int sign = -1; sign <= 1; sign += 2) {
            double t = (-qb + sign * Math.sqrt(root)) / (2 * qa);
            if (t >= 0 && t <= 1) {
                double at = opening(new double[]{a[0] + t * dx, a[1] + t * dy});
                free = Math.min(free, met(at - Math.atan(thick / radius), at, most));
            }
        }
        return free;
    }

    /// The angle of a point measured from closed in the opening sense, 0 to 2π.
    private double opening(double[] p) {
        double angle = sense * (Math.atan2(p[1] - y, p[0] - x) - closed);
        return angle - Math.floor(angle / (2 * Math.PI)) * 2 * Math.PI;
    }

    /// A point that is never reached does not stop the leaf; one that the shut leaf already touches stops it at once.
    private static double met(double angle, double point, double most) {
        return point > most + Math.PI / 2 ? most : Math.clamp(angle, 0, most);
    }
}
