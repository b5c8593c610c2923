package lectulum.base.profile;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.design.base.Shell;
import lectulum.design.base.Shell.Profile.Point;
import lectulum.kernel.plane.Stretch;
import lectulum.space.ProfileLine;

/// Changes of a profile as the hand makes them. Each gives the changed profile, or nothing where that would be no body:
/// then the old one stays.
public final class ProfileEdit {
    private ProfileEdit() {
    }

    /// A point moved; the front foot stays at the front, no point goes below the floor.
    public static Optional<Shell.Profile> moved(Shell.Profile p, int i, double x, double z) {
        Point q = p.points().get(i);
        return with(p, i, new Point(i == 0 ? Math.max(0, x) : x, Math.max(0, z), q.corner(), q.radius()));
    }

    /// A corner rounded by another radius; a smooth point made a corner.
    public static Optional<Shell.Profile> rounded(Shell.Profile p, int i, double radius) {
        Point q = p.points().get(i);
        return with(p, i, new Point(q.x(), q.z(), true, Math.max(0, radius)));
    }

    /// A corner made smooth, a smooth point made a corner.
    public static Optional<Shell.Profile> turned(Shell.Profile p, int i) {
        Point q = p.points().get(i);
        return with(p, i, new Point(q.x(), q.z(), !q.corner(), q.corner() ? 0 : q.radius()));
    }

    /// A point taken out; at least two stay.
    public static Optional<Shell.Profile> without(Shell.Profile p, int i) {
        List<Point> points = new ArrayList<>(p.points());
        points.remove(i);
        return sound(p, points);
    }

    /// A point put in where the line passes nearest.
    ///
    /// @param corner whether straight edges shall meet there
    public static Optional<Inserted> inserted(Shell.Profile p, double x, double z, boolean corner) {
        int at = after(p, x, z);
        List<Point> points = new ArrayList<>(p.points());
        points.add(at + 1, new Point(x, Math.max(0, z), corner, 0));
        return sound(p, points).map(s -> new Inserted(s, at + 1));
    }

    /// A profile with a new point and its index.
    public record Inserted(Shell.Profile profile, int at) {
    }

    /// The point behind which the straight line to the next one passes nearest to a place.
    private static int after(Shell.Profile p, double x, double z) {
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < p.points().size(); i++) {
            double d = toSegment(p.points().get(i), p.points().get(i + 1), x, z);
            if (d < least) {
                least = d;
                best = i;
            }
        }
        return best;
    }

    private static double toSegment(Point a, Point b, double x, double z) {
        return Stretch.distance(a.x(), a.z(), b.x(), b.z(), x, z);
    }

    /// Where the arc of a corner is nearest to it: the place of its radius handle. Empty for smooth points and feet.
    public static Optional<double[]> handle(Shell.Profile p, int i) {
        return bisector(p, i).map(b -> {
            Point c = p.points().get(i);
            double off = c.radius() * (1 / b[2] - 1);
            return new double[]{c.x() + b[0] * off, c.z() + b[1] * off};
        });
    }

    /// The radius that brings the arc of a corner to a place \[m\].
    public static double radius(Shell.Profile p, int i, double x, double z) {
        return bisector(p, i).map(b -> {
            Point c = p.points().get(i);
            double off = Math.max(0, (x - c.x()) * b[0] + (z - c.z()) * b[1]);
            return off / Math.max(1e-3, 1 / b[2] - 1);
        }).orElse(0.0);
    }

    /// Unit direction into the corner, and the sine of half its angle.
    private static Optional<double[]> bisector(Shell.Profile p, int i) {
        List<Point> q = p.points();
        Point c = q.get(i);
        if (!c.corner()) {
            return Optional.empty();
        }
        double[] before = i > 0 ? unit(c, q.get(i - 1).x(), q.get(i - 1).z()) : unit(c, c.x(), 0);
        double[] after = i + 1 < q.size() ? unit(c, q.get(i + 1).x(), q.get(i + 1).z()) : unit(c, c.x(), 0);
        double bx = before[0] + after[0];
        double bz = before[1] + after[1];
        double length = Math.hypot(bx, bz);
        if (length < 1e-6 || Double.isNaN(length)) {
            return Optional.empty();
        }
        double cos = before[0] * after[0] + before[1] * after[1];
        double half = Math.sqrt(Math.max(0, (1 - cos) / 2));
        return half < 1e-3 || half > 0.9999
                ? Optional.empty()
                : Optional.of(new double[]{bx / length, bz / length, half});
    }

    private static double[] unit(Point from, double x, double z) {
        double l = Math.hypot(x - from.x(), z - from.z());
        return new double[]{(x - from.x()) / l, (z - from.z()) / l};
    }

    private static Optional<Shell.Profile> with(Shell.Profile p, int i, Point to) {
        List<Point> points = new ArrayList<>(p.points());
        points.set(i, to);
        return sound(p, points);
    }

    private static Optional<Shell.Profile> sound(Shell.Profile p, List<Point> points) {
        double length = points.stream().mapToDouble(Point::x).max().orElse(0);
        return length >= 0.5 && ProfileLine.of(points).isPresent()
                ? Optional.of(new Shell.Profile(p.width(), points))
                : Optional.empty();
    }
}
