package lectulum.layout.cutaway;

import java.util.ArrayList;
import java.util.List;

/// A convex upright prism to be drawn: a plan polygon between two heights.
///
/// @param id   of what it stands for
/// @param plan corners against the clock seen from above with y to the right being taken as up \[x, y\] \[m\]
/// @param z1   underside \[m\]
/// @param z2   top \[m\]
public record Block(String id, double[][] plan, double z1, double z2) {

    public static Block box(String id, double x1, double y1, double z1, double x2, double y2, double z2) {
        return new Block(id, new double[][]{{x1, y1}, {x2, y1}, {x2, y2}, {x1, y2}}, z1, z2);
    }

    /// +1 where the corners run so that the outside lies to the right of each edge.
    static double turn(double[][] plan) {
        double twice = 0;
        for (int i = 0; i < plan.length; i++) {
            double[] p = plan[i];
            double[] q = plan[(i + 1) % plan.length];
            twice += p[0] * q[1] - q[0] * p[1];
        }
        return twice > 0 ? 1 : -1;
    }

    double[] centre() {
        double x = 0;
        double y = 0;
        for (double[] p : plan) {
            x += p[0];
            y += p[1];
        }
        return new double[]{x / plan.length, y / plan.length, (z1 + z2) / 2};
    }

    /// The part below a height; the same block where all of it is.
    Block below(double z) {
        return new Block(id, plan, z1, Math.min(z2, z));
    }

    /// The part above a height.
    Block above(double z) {
        return new Block(id, plan, Math.max(z1, z), z2);
    }

    /// The part on the lower side of an upright plane n·p = d; with fewer than three corners where nothing is there.
    Block within(double nx, double ny, double d) {
        List<double[]> kept = new ArrayList<>();
        for (int i = 0; i < plan.length; i++) {
            double[] p = plan[i];
            double[] q = plan[(i + 1) % plan.length];
            double a = nx * p[0] + ny * p[1] - d;
            double b = nx * q[0] + ny * q[1] - d;
            if (a <= 0) {
                kept.add(p);
            }
            if (a < 0 && b > 0 || a > 0 && b < 0) {
                double t = a / (a - b);
                kept.add(new double[]{p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1])});
            }
        }
        return new Block(id, kept.toArray(double[][]::new), z1, z2);
    }

    /// Range on a level direction.
    double[] range(double nx, double ny) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double[] p : plan) {
            double v = p[0] * nx + p[1] * ny;
            low = Math.min(low, v);
            high = Math.max(high, v);
        }
        return new double[]{low, high};
    }
}
