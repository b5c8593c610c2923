package lectulum.space;

import lectulum.design.feature.Feature;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.kernel.plane.Stretch;

/// A box standing upright, turned in plan: the volume a thing takes.
///
/// Overlap is found by separating axes (the edge normals of both plans, and the vertical): the least shift that parts
/// the two is the penetration, and its direction is the remedy.
///
/// @param x  centre in plan \[m\]
/// @param y  centre in plan \[m\]
/// @param z1 underside \[m\]
/// @param z2 top \[m\]
/// @param hl half length \[m\]
/// @param hw half width \[m\]
/// @param c  cosine of the turn
/// @param s  sine of the turn
public record Solid(double x, double y, double z1, double z2, double hl, double hw, double c, double s) {

    /// The volume of a thing of that size in a place; a place with a shape of its own gives that.
    public static Solid of(Size usual, Placement at) {
        Size size = at.shape().orElse(usual);
        boolean straight = at.yaw() == 0;
        return new Solid(at.x(), at.y(), at.z(), at.z() + size.height(), size.length() / 2, size.width() / 2,
                straight ? 1 : clean(Math.cos(at.yaw())), straight ? 0 : clean(Math.sin(at.yaw())));
    }

    /// A quarter turn gives exactly 0 and 1, so that a turned box is as wide as it was long.
    private static double clean(double value) {
        return Math.abs(value) < 1e-12 ? 0 : Math.abs(Math.abs(value) - 1) < 1e-12 ? Math.signum(value) : value;
    }

    /// Half of its reach along x \[m\].
    public double reachX() {
        return Math.abs(c) * hl + Math.abs(s) * hw;
    }

    /// Half of its reach along y \[m\].
    public double reachY() {
        return Math.abs(s) * hl + Math.abs(c) * hw;
    }

    public double minX() {
        return x - reachX();
    }

    public double maxX() {
        return x + reachX();
    }

    public double minY() {
        return y - reachY();
    }

    public double maxY() {
        return y + reachY();
    }

    /// The four corners in plan, in order.
    public double[][] corners() {
        double[][] corners = new double[4][];
        for (int i = 0; i < 4; i++) {
            double l = i == 0 || i == 3 ? -hl : hl;
            double w = i < 2 ? -hw : hw;
            corners[i] = new double[]{x + c * l - s * w, y + s * l + c * w};
        }
        return corners;
    }

    /// The unit direction in plan out of one of its faces; out of the top none, and the right one is given.
    public double[] outward(Feature.Face face) {
        return switch (face) {
            case LEFT -> new double[]{s, -c};
            case RIGHT, TOP -> new double[]{-s, c};
            case FRONT -> new double[]{-c, -s};
            case REAR -> new double[]{c, s};
        };
    }

    /// Whether the point lies in its plan.
    public boolean covers(double px, double py) {
        double u = (px - x) * c + (py - y) * s;
        double v = (py - y) * c - (px - x) * s;
        return Math.abs(u) <= hl && Math.abs(v) <= hw;
    }

    /// The least shift of this solid that parts it from the other; its `depth` is not positive where they are apart,
    /// and then the least gap between them is at least −depth.
    public Shift apartFrom(Solid other) {
        Shift least = vertical(other);
        Shift level = levelApartFrom(other);
        return level.depth < least.depth ? level : least;
    }

    /// The least distance between the two \[m\]; 0 where they meet.
    public double distanceTo(Solid other) {
        double level = levelApartFrom(other).depth >= 0 ? 0 : Math.min(cornersTo(other), other.cornersTo(this));
        return Math.hypot(level, Math.max(0, Math.max(z1 - other.z2, other.z1 - z2)));
    }

    /// The least distance of a corner of this plan from an edge of the other.
    private double cornersTo(Solid other) {
        double least = Double.POSITIVE_INFINITY;
        double[][] edges = other.corners();
        for (double[] p : corners()) {
            for (int i = 0; i < 4; i++) {
                least = Math.min(least, Stretch.distance(edges[i], edges[(i + 1) % 4], p[0], p[1]));
            }
        }
        return least;
    }

    /// Whether the rectangles about both plans, straight along the camper, come within a distance of each other: whoever is
    /// further away need not be looked at closely.
    public boolean near(Solid other, double within) {
        return Math.abs(x - other.x) <= reachX() + other.reachX() + within
                && Math.abs(y - other.y) <= reachY() + other.reachY() + within;
    }

    /// The least level shift that parts the two plans.
    public Shift levelApartFrom(Solid other) {
        Shift best = along(other, c, s, null);
        best = along(other, -s, c, best);
        if (other.c != c || other.s != s) {
            best = along(other, other.c, other.s, best);
            best = along(other, -other.s, other.c, best);
        }
        return best;
    }

    /// A shift along a unit direction.
    ///
    /// @param depth how far \[m\]
    public record Shift(double depth, double dx, double dy, double dz) {
    }

    private Shift along(Solid other, double nx, double ny, Shift best) {
        double mine = spread(nx, ny);
        double theirs = other.spread(nx, ny);
        double between = (x - other.x) * nx + (y - other.y) * ny;
        double depth = mine + theirs - Math.abs(between);
        if (best != null && best.depth <= depth) {
            return best;
        }
        double sign = between < 0 ? -1 : 1;
        return new Shift(depth, sign * nx, sign * ny, 0);
    }

    private double spread(double nx, double ny) {
        return hl * Math.abs(c * nx + s * ny) + hw * Math.abs(c * ny - s * nx);
    }

    private Shift vertical(Solid other) {
        double up = other.z2 - z1;
        double down = z2 - other.z1;
        return up < down ? new Shift(up, 0, 0, 1) : new Shift(down, 0, 0, -1);
    }
}
