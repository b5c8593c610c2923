package lectulum.picture;

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

    double[] centre() {
        double x = 0;
        double y = 0;
        for (double[] p : plan) {
            x += p[0];
            y += p[1];
        }
        return new double[]{x / plan.length, y / plan.length, (z1 + z2) / 2};
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
