package lectulum.kernel.towing;

import java.util.List;

/// The sweep of a tow vehicle's tailgate over the tongue, seen from the side.
///
/// @param x      hinge behind the ball, negative ahead of it \[m\]
/// @param z      hinge above the ground \[m\]
/// @param radius of the gate \[m\]
/// @param open   angle from upright, swinging rearwards and down \[rad\]
public record TailgateSweep(double x, double z, double radius, double open) {

    /// What is nearest to the sweep.
    ///
    /// @param point index of the point
    /// @param gap   \[m\], negative where the gate hits it
    public record Nearest(int point, double gap) {
    }

    /// @param points \[x, z\] of jack, boxes and whatever stands on the tongue; at least one
    public Nearest nearest(List<double[]> points) {
        Nearest nearest = new Nearest(-1, Double.POSITIVE_INFINITY);
        for (int i = 0; i < points.size(); i++) {
            double gap = gap(points.get(i));
            nearest = gap < nearest.gap ? new Nearest(i, gap) : nearest;
        }
        return nearest;
    }

    private double gap(double[] p) {
        double dx = p[0] - x;
        double dz = p[1] - z;
        double angle = Math.atan2(dx, dz);
        return angle >= 0 && angle <= open
                ? Math.hypot(dx, dz) - radius
                : Math.min(toLeaf(dx, dz, 0), toLeaf(dx, dz, open));
    }

    private double toLeaf(double dx, double dz, double angle) {
        double ux = Math.sin(angle);
        double uz = Math.cos(angle);
        double along = Math.clamp(dx * ux + dz * uz, 0, radius);
        return Math.hypot(dx - along * ux, dz - along * uz);
    }
}
