package lectulum.symbols;

import lectulum.figures.drawing.Paint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import lectulum.kernel.plane.Hull;

/// A symbol made for a thing of one size, and its flat drawings.
///
/// Its origin is the middle of the underside. It remembers what was drawn at quarter turns.
public final class Form {
    private static final double LOOKS_AT = 0.5;
    private static final double ORDER = 1e-7;

    private final List<Piece> pieces;
    private final Map<Turned, List<Shape>> drawn = new ConcurrentHashMap<>();

    public Form(List<Piece> pieces) {
        this.pieces = List.copyOf(pieces);
    }

    private record Turned(Facing facing, int quarter) {
    }

    /// In the order of the resource.
    public List<Piece> pieces() {
        return pieces;
    }

    /// The highest point \[m\].
    public double top() {
        return pieces.stream().mapToDouble(p -> p.bounds()[5]).max().orElse(0);
    }

    /// What is seen from a side, far to near. Each solid is its outline: nothing of what it hides of itself is drawn.
    ///
    /// @param angle it is turned by about the upright, from x toward y \[rad\]
    public List<Shape> seen(Facing facing, double angle) {
        double quarters = angle / (Math.PI / 2);
        if (Math.abs(quarters - Math.rint(quarters)) < 1e-9) {
            int q = Math.floorMod((int) Math.rint(quarters), 4);
            return drawn.computeIfAbsent(new Turned(facing, q),
                    t -> draw(facing, q == 0 || q == 2 ? 1 - q : 0, q % 2 == 0 ? 0 : 2 - q));
        }
        return draw(facing, Math.cos(angle), Math.sin(angle));
    }

    private List<Shape> draw(Facing facing, double c, double s) {
        List<Shape> shapes = new ArrayList<>();
        double front = pieces.stream().filter(p -> !(p instanceof Piece.Blob))
                .flatMap(p -> corners(p, c, s).stream()).mapToDouble(facing::near).max().orElse(0);
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            List<double[]> corners = corners(piece, c, s);
            double near = corners.stream().mapToDouble(facing::near).max().orElse(0) + i * ORDER;
            List<double[]> flat = corners.stream().map(p -> new double[]{facing.across(p), facing.up(p)}).toList();
            switch (piece) {
                case Piece.Decal d -> {
                    double looks = facing.near(turned(normal(d), c, s));
                    if (looks > LOOKS_AT || d.through() && Math.abs(looks) > LOOKS_AT) {
                        shapes.add(new Shape(flat.toArray(double[][]::new), d.filled(), d.points().length > 12,
                                d.paint(), looks > LOOKS_AT ? near : front + i * ORDER));
                    }
                }
                case Piece.Prism p -> solid(shapes, flat, p.smooth() && along(p.axis(), facing, c), p.paint(), near);
                case Piece.Cone k -> solid(shapes, flat, facing == Facing.PLAN, k.paint(), near);
                case Piece.Blob b -> shapes.add(blob(b, facing, c, s, i * ORDER));
            }
        }
        shapes.sort(Comparator.comparingDouble(Shape::near));
        return List.copyOf(shapes);
    }

    private static Shape blob(Piece.Blob blob, Facing facing, double c, double s, double order) {
        List<double[]> around = new ArrayList<>();
        double near = Double.NEGATIVE_INFINITY;
        for (double[] ball : blob.balls()) {
            double[] at = turned(ball, c, s);
            near = Math.max(near, facing.near(at) + ball[3]);
            for (int i = 0; i < Part.ROUND; i++) {
                double a = 2 * Math.PI * i / Part.ROUND;
                around.add(new double[]{facing.across(at) + ball[3] * Math.cos(a),
                        facing.up(at) + ball[3] * Math.sin(a)});
            }
        }
        return new Shape(Hull.of(around).toArray(double[][]::new), true, true, blob.paint(), near + order);
    }

    private static void solid(List<Shape> shapes, List<double[]> flat, boolean smooth, Paint paint, double near) {
        List<double[]> outline = Hull.of(flat);
        if (outline.size() > 2) {
            shapes.add(new Shape(outline.toArray(double[][]::new), true, smooth, paint, near));
        }
    }

    /// Whether an axis points at the reader.
    private static boolean along(int axis, Facing facing, double c) {
        double[] unit = new double[3];
        unit[axis] = 1;
        return Math.abs(facing.near(turned(unit, c, Math.sqrt(Math.max(0, 1 - c * c))))) > 1 - 1e-9;
    }

    private static double[] normal(Piece.Decal d) {
        double[] unit = new double[3];
        unit[d.normal()] = d.outward();
        return unit;
    }

    static double[] turned(double[] p, double c, double s) {
        return new double[]{c * p[0] - s * p[1], s * p[0] + c * p[1], p[2]};
    }

    private static List<double[]> corners(Piece piece, double c, double s) {
        List<double[]> corners = new ArrayList<>();
        switch (piece) {
            case Piece.Blob b -> {
                for (double[] ball : b.balls()) {
                    corners.add(turned(ball, c, s));
                }
            }
            case Piece.Decal d -> {
                for (double[] p : d.points()) {
                    corners.add(turned(p, c, s));
                }
            }
            case Piece.Prism p -> {
                for (double[] q : p.outline()) {
                    corners.add(turned(p.at(q, p.from()), c, s));
                    corners.add(turned(p.at(q, p.to()), c, s));
                }
            }
            case Piece.Cone k -> {
                double[] middle = turned(new double[]{k.x(), k.y(), 0}, c, s);
                for (int i = 0; i < Part.ROUND; i++) {
                    double a = 2 * Math.PI * i / Part.ROUND;
                    for (int end = 0; end < 2; end++) {
                        double r = end == 0 ? k.r1() : k.r2();
                        corners.add(new double[]{middle[0] + r * Math.cos(a), middle[1] + r * Math.sin(a),
                                end == 0 ? k.z1() : k.z2()});
                    }
                }
            }
        }
        return corners;
    }
}
