package lectulum.layout.cutaway;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import lectulum.figures.drawing.Paint;
import lectulum.symbols.Piece;
import lectulum.symbols.Posed;

/// A flat face in space, or a line drawn on one.
///
/// @param points \[x, y, z\] \[m\], in order
/// @param normal unit, out of the solid
/// @param filled whether it is an area
/// @param smooth whether it stands for a part of a round surface, so that its edges are not drawn
record Face(double[][] points, double[] normal, Paint paint, boolean filled, boolean smooth) {
    private static final int ROUND = 20;
    private static final double EPS = 1e-9;

    /// Something solid of a symbol where it stands.
    ///
    /// @param faces  of a convex solid, or the one drawn on a face
    /// @param block  a box about it, upright
    /// @param balls  x, y, z, radius of what is round all over; else empty
    ///
    /// @param decal  whether it is only drawn on a face
    record Solid(List<Face> faces, Block block, double[][] balls, Paint paint, boolean decal) {
    }

    /// All pieces of a form at its place, in the order of the form.
    static List<Solid> of(Posed posed, String id) {
        return of(posed, id, n -> true);
    }

    /// @param seen which faces are wanted, by their direction
    static List<Solid> of(Posed posed, String id, Predicate<double[]> seen) {
        double c = Math.cos(posed.angle());
        double s = Math.sin(posed.angle());
        List<Solid> solids = new ArrayList<>();
        for (Piece piece : posed.form().pieces()) {
            List<Face> faces = new ArrayList<>();
            double[][] balls = new double[0][];
            switch (piece) {
                case Piece.Prism p -> prism(p, faces);
                case Piece.Cone k -> cone(k, faces);
                case Piece.Decal d -> faces.add(new Face(d.points(), unit(d.normal(), d.outward()), d.paint(),
                        d.filled(), d.points().length > 12));
                case Piece.Blob b -> balls = Arrays.stream(b.balls()).map(q -> {
                    double[] at = place(q, posed, c, s);
                    return new double[]{at[0], at[1], at[2], q[3]};
                }).toArray(double[][]::new);
            }
            List<Face> placed = new ArrayList<>();
            for (Face f : faces) {
                double[] normal = turned(f.normal, c, s);
                if (seen.test(normal)) {
                    double[][] points = new double[f.points.length][];
                    for (int i = 0; i < points.length; i++) {
                        points[i] = place(f.points[i], posed, c, s);
                    }
                    placed.add(new Face(points, normal, f.paint, f.filled, f.smooth));
                }
            }
            double[] b = piece.bounds();
            double[][] plan = {place(new double[]{b[0], b[2], 0}, posed, c, s),
                    place(new double[]{b[1], b[2], 0}, posed, c, s), place(new double[]{b[1], b[3], 0}, posed, c, s),
                    place(new double[]{b[0], b[3], 0}, posed, c, s)};
            solids.add(new Solid(placed,
                    new Block(id, Arrays.stream(plan).map(p -> new double[]{p[0], p[1]}).toArray(double[][]::new),
                            posed.z() + b[4], posed.z() + b[5]),
                    balls, piece.paint(), piece instanceof Piece.Decal));
        }
        return solids;
    }

    private static double[] turned(double[] p, double c, double s) {
        return new double[]{c * p[0] - s * p[1], s * p[0] + c * p[1], p[2]};
    }

    private static double[] place(double[] p, Posed at, double c, double s) {
        double[] t = turned(p, c, s);
        return new double[]{t[0] + at.x(), t[1] + at.y(), t[2] + at.z()};
    }

    private static double[] unit(int axis, int way) {
        double[] n = new double[3];
        n[axis] = way;
        return n;
    }

    private static void prism(Piece.Prism p, List<Face> faces) {
        int n = p.outline().length;
        double[] middle = new double[2];
        for (double[] q : p.outline()) {
            middle[0] += q[0] / n;
            middle[1] += q[1] / n;
        }
        for (int i = 0; i < n; i++) {
            double[] a = p.outline()[i];
            double[] b = p.outline()[(i + 1) % n];
            double length = Math.hypot(b[0] - a[0], b[1] - a[1]);
            if (length < EPS) {
                continue;
            }
            double nx = (b[1] - a[1]) / length;
            double ny = -(b[0] - a[0]) / length;
            double out = nx * ((a[0] + b[0]) / 2 - middle[0]) + ny * ((a[1] + b[1]) / 2 - middle[1]) < 0 ? -1 : 1;
            faces.add(new Face(new double[][]{p.at(a, p.from()), p.at(b, p.from()), p.at(b, p.to()), p.at(a, p.to())},
                    p.across(out * nx, out * ny), p.paint(), true, p.smooth()));
        }
        for (int end = 0; end < 2; end++) {
            double at = end == 0 ? p.from() : p.to();
            faces.add(new Face(Arrays.stream(p.outline()).map(q -> p.at(q, at)).toArray(double[][]::new),
                    unit(p.axis(), end == 0 ? -1 : 1), p.paint(), true, false));
        }
    }

    private static void cone(Piece.Cone k, List<Face> faces) {
        double[][] low = ring(k, k.r1(), k.z1());
        double[][] high = ring(k, k.r2(), k.z2());
        double lean = (k.r1() - k.r2()) / Math.max(EPS, k.z2() - k.z1());
        double length = Math.sqrt(1 + lean * lean);
        for (int i = 0; i < ROUND; i++) {
            double a = 2 * Math.PI * (i + 0.5) / ROUND;
            int j = (i + 1) % ROUND;
            faces.add(new Face(new double[][]{low[i], low[j], high[j], high[i]},
                    new double[]{Math.cos(a) / length, Math.sin(a) / length, lean / length}, k.paint(), true, true));
        }
        if (k.r1() > EPS) {
            faces.add(new Face(low, unit(2, -1), k.paint(), true, false));
        }
        if (k.r2() > EPS) {
            faces.add(new Face(high, unit(2, 1), k.paint(), true, false));
        }
    }

    private static double[][] ring(Piece.Cone k, double r, double z) {
        double[][] ring = new double[ROUND][];
        for (int i = 0; i < ROUND; i++) {
            double a = 2 * Math.PI * i / ROUND;
            ring[i] = new double[]{k.x() + r * Math.cos(a), k.y() + r * Math.sin(a), z};
        }
        return ring;
    }

    /// The part on the lower side of a plane n·p = d; without points where nothing is there.
    Face within(double[] n, double d) {
        List<double[]> kept = new ArrayList<>();
        int edges = filled ? points.length : points.length - 1;
        for (int i = 0; i < points.length; i++) {
            double[] p = points[i];
            double a = dot(n, p) - d;
            if (a <= EPS) {
                kept.add(p);
            }
            if (i < edges) {
                double[] q = points[(i + 1) % points.length];
                double b = dot(n, q) - d;
                if (a < -EPS && b > EPS || a > EPS && b < -EPS) {
                    double t = a / (a - b);
                    kept.add(new double[]{p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1]),
                            p[2] + t * (q[2] - p[2])});
                }
            }
        }
        return kept.size() == points.length && kept.stream().allMatch(k -> Arrays.stream(points).anyMatch(p -> p == k))
                ? this
                : new Face(kept.toArray(double[][]::new), normal, paint, filled, smooth);
    }

    static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
