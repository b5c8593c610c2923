package lectulum.kernel.mechanisms;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.kernel.plane.Stretch;

/// The swing of a rigid hatch about its hinge: where it sweeps, what stops it, and the headroom under it when open.
///
/// @param hinge   \[x, z\] \[m\]
/// @param outline from the hinge down to the lip \[x, z\] \[m\]
/// @param open    opening angle \[rad\], > 0
public record HatchSwing(double[] hinge, List<double[]> outline, double open) {

    /// Farthest rear place it reaches on its way \[m\].
    public double farthestRear() {
        return hinge[0] + outline.stream().mapToDouble(p -> reach(p, 0)).max().orElse(0);
    }

    /// Highest place it reaches on its way \[m\].
    public double highest() {
        return hinge[1] + outline.stream().mapToDouble(p -> reach(p, Math.PI / 2)).max().orElse(0);
    }

    /// The outline at an angle.
    public List<double[]> at(double angle) {
        return outline.stream().map(p -> turned(p, angle)).toList();
    }

    /// The lip when open.
    public double[] lip() {
        return turned(outline.getLast(), open);
    }

    /// Lowest height of the open hatch above a standing place.
    public OptionalDouble headroom(double x) {
        OptionalDouble lowest = OptionalDouble.empty();
        List<double[]> opened = at(open);
        double[] before = hinge;
        for (double[] p : opened) {
            double low = Math.min(before[0], p[0]);
            double high = Math.max(before[0], p[0]);
            if (x >= low && x <= high && high > low) {
                double z = before[1] + (p[1] - before[1]) * (x - before[0]) / (p[0] - before[0]);
                lowest = OptionalDouble.of(Math.min(z, lowest.orElse(z)));
            }
            before = p;
        }
        return lowest;
    }

    /// The angle at which a thing at a point stops it; empty where it never meets it on the way.
    public Optional<Double> blockedAt(double x, double z) {
        double rho = Math.hypot(x - hinge[0], z - hinge[1]);
        double bearing = Math.atan2(z - hinge[1], x - hinge[0]);
        double least = Double.POSITIVE_INFINITY;
        double[] before = hinge;
        for (double[] p : outline) {
            for (double[] at : atRadius(before, p, rho)) {
                double turn = bearing - Math.atan2(at[1] - hinge[1], at[0] - hinge[0]);
                double angle = turn - Math.floor(turn / (2 * Math.PI)) * 2 * Math.PI;
                least = Math.min(least, angle);
            }
            before = p;
        }
        return least <= open ? Optional.of(least) : Optional.empty();
    }

    /// The angle at which an upright box seen from the side stops it, by its corners or by the flat of its faces; empty where
    /// it never meets it on the way. A box that the shut hatch already reaches into stops it at once.
    public Optional<Double> blockedBy(double x1, double z1, double x2, double z2) {
        double[][] box = {{x1, z1}, {x2, z1}, {x2, z2}, {x1, z2}};
        double least = Double.POSITIVE_INFINITY;
        for (double[] corner : box) {
            least = Math.min(least, blockedAt(corner[0], corner[1]).orElse(Double.POSITIVE_INFINITY));
        }
        for (double[] p : outline) {
            if (p[0] > x1 && p[0] < x2 && p[1] > z1 && p[1] < z2) {
                return Optional.of(0.0);
            }
            double rho = Math.hypot(p[0] - hinge[0], p[1] - hinge[1]);
            double bearing = Math.atan2(p[1] - hinge[1], p[0] - hinge[0]);
            for (int i = 0; i < 4; i++) {
                for (double[] at : atRadius(box[i], box[(i + 1) % 4], rho)) {
                    double turn = Math.atan2(at[1] - hinge[1], at[0] - hinge[0]) - bearing;
                    least = Math.min(least, turn - Math.floor(turn / (2 * Math.PI)) * 2 * Math.PI);
                }
            }
        }
        return least <= open ? Optional.of(least) : Optional.empty();
    }

    /// Whether a place on the shut hatch, seen from the side, belongs to it.
    ///
    /// @param within of its outline \[m\]
    public boolean carries(double x, double z, double within) {
        double[] before = hinge;
        for (double[] p : outline) {
            if (x > hinge[0] && Stretch.distance(before, p, x, z) <= within) {
                return true;
            }
            before = p;
        }
        return false;
    }

    private List<double[]> atRadius(double[] a, double[] b, double rho) {
        double ax = a[0] - hinge[0];
        double az = a[1] - hinge[1];
        double dx = b[0] - a[0];
        double dz = b[1] - a[1];
        double qa = dx * dx + dz * dz;
        double qb = 2 * (ax * dx + az * dz);
        double qc = ax * ax + az * az - rho * rho;
        double root = qb * qb - 4 * qa * qc;
        if (qa == 0 || root < 0) {
            return List.of();
        }
        double s = Math.sqrt(root);
        return java.util.stream.DoubleStream.of((-qb - s) / (2 * qa), (-qb + s) / (2 * qa))
                .filter(t -> t >= 0 && t <= 1)
                .mapToObj(t -> new double[]{a[0] + t * dx, a[1] + t * dz}).toList();
    }

    /// Greatest extent of a point in a direction while it turns from shut to open.
    private double reach(double[] p, double direction) {
        double r = Math.hypot(p[0] - hinge[0], p[1] - hinge[1]);
        double from = Math.atan2(p[1] - hinge[1], p[0] - hinge[0]);
        double past = direction - from - Math.floor((direction - from) / (2 * Math.PI)) * 2 * Math.PI;
        return past <= open
                ? r
                : r * Math.max(Math.cos(from - direction), Math.cos(from + open - direction));
    }

    private double[] turned(double[] p, double angle) {
        double dx = p[0] - hinge[0];
        double dz = p[1] - hinge[1];
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        return new double[]{hinge[0] + c * dx - s * dz, hinge[1] + s * dx + c * dz};
    }
}
