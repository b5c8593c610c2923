package lectulum.kernel.plane;

/// The straight stretch between two points of a plane.
///
/// Exact to rounding for lengths of a camper; a stretch without length is its point. Squares are taken plainly, not by
/// `hypot`, which is several times slower and asked for here hundreds of thousands of times an analysis.
public final class Stretch {
    private Stretch() {
    }

    /// Where on the stretch from a to b a point is nearest: 0 at a, 1 at b.
    public static double part(double ax, double ay, double bx, double by, double x, double y) {
        double dx = bx - ax;
        double dy = by - ay;
        double l2 = dx * dx + dy * dy;
        return l2 == 0 ? 0 : Math.clamp(((x - ax) * dx + (y - ay) * dy) / l2, 0, 1);
    }

    /// Distance of a point from the stretch between a and b.
    public static double distance(double ax, double ay, double bx, double by, double x, double y) {
        double t = part(ax, ay, bx, by, x, y);
        double dx = ax + t * (bx - ax) - x;
        double dy = ay + t * (by - ay) - y;
        return Math.sqrt(dx * dx + dy * dy);
    }

    /// The same with points as \[x, y\].
    public static double distance(double[] a, double[] b, double x, double y) {
        return distance(a[0], a[1], b[0], b[1], x, y);
    }
}
