package lectulum.symbols;

import lectulum.figures.drawing.Paint;
import java.util.ArrayList;
import java.util.List;

/// Collects the pieces of what is not laid into a box: running gear, vehicles, people.
final class Solids {
    private static final int ROUND = 28;
    private final List<Piece> pieces = new ArrayList<>();

    Solids box(Paint paint, double x1, double x2, double y1, double y2, double z1, double z2) {
        if (x2 > x1 && y2 > y1 && z2 > z1) {
            pieces.add(new Piece.Prism(2, new double[][]{{x1, y1}, {x2, y1}, {x2, y2}, {x1, y2}}, z1, z2, false,
                    paint));
        }
        return this;
    }

    /// The same on the left and on the right, between two distances from the middle.
    Solids pair(Paint paint, double x1, double x2, double inner, double outer, double z1, double z2) {
        return box(paint, x1, x2, -outer, -inner, z1, z2).box(paint, x1, x2, inner, outer, z1, z2);
    }

    /// A disc that stands upright across.
    Solids wheel(Paint paint, double x, double z, double r, double y1, double y2) {
        double[][] ring = new double[ROUND][];
        for (int i = 0; i < ROUND; i++) {
            double a = 2 * Math.PI * i / ROUND;
            ring[i] = new double[]{x + r * Math.cos(a), z + r * Math.sin(a)};
        }
        pieces.add(new Piece.Prism(1, ring, y1, y2, true, paint));
        return this;
    }

    /// A convex side view drawn out across.
    ///
    /// @param xz pairs of x and z in order
    Solids side(Paint paint, double y1, double y2, double... xz) {
        pieces.add(new Piece.Prism(1, pairs(xz), y1, y2, false, paint));
        return this;
    }

    /// A convex view from behind drawn out along.
    ///
    /// @param yz pairs of y and z in order
    Solids across(Paint paint, double x1, double x2, double... yz) {
        pieces.add(new Piece.Prism(0, pairs(yz), x1, x2, false, paint));
        return this;
    }

    /// A convex plan drawn up.
    ///
    /// @param xy pairs of x and y in order
    Solids plan(Paint paint, double z1, double z2, double... xy) {
        pieces.add(new Piece.Prism(2, pairs(xy), z1, z2, false, paint));
        return this;
    }

    Solids tube(Paint paint, double r, double x1, double y1, double z1, double x2, double y2, double z2) {
        pieces.add(new Piece.Blob(new double[][]{{x1, y1, z1, r}, {x2, y2, z2, r}}, paint));
        return this;
    }

    /// @param balls x, y, z, radius of each
    Solids blob(Paint paint, double[]... balls) {
        pieces.add(new Piece.Blob(balls, paint));
        return this;
    }

    Solids post(Paint paint, double x, double y, double z1, double z2, double r) {
        pieces.add(new Piece.Cone(x, y, z1, z2, r, r, paint));
        return this;
    }

    /// Drawn on both sides at a distance from the middle.
    ///
    /// @param xz pairs of x and z in order
    Solids onSides(Paint paint, double y, boolean filled, double... xz) {
        return upright(paint, -y, -1, filled, xz).upright(paint, y, 1, filled, xz);
    }

    /// An area drawn on an upright face along.
    ///
    /// @param outward −1 where the face looks to the left
    /// @param xz      pairs of x and z in order
    Solids onSide(Paint paint, double y, int outward, double... xz) {
        return upright(paint, y, outward, true, xz);
    }

    private Solids upright(Paint paint, double y, int outward, boolean filled, double[] xz) {
        double[][] flat = pairs(xz);
        double[][] points = new double[flat.length][];
        for (int i = 0; i < flat.length; i++) {
            points[i] = new double[]{flat[i][0], y, flat[i][1]};
        }
        pieces.add(new Piece.Decal(1, outward, points, filled, false, paint));
        return this;
    }

    /// Drawn on a level face.
    ///
    /// @param xy pairs of x and y in order
    Solids onTop(Paint paint, double z, boolean filled, double... xy) {
        double[][] flat = pairs(xy);
        double[][] points = new double[flat.length][];
        for (int i = 0; i < flat.length; i++) {
            points[i] = new double[]{flat[i][0], flat[i][1], z};
        }
        pieces.add(new Piece.Decal(2, 1, points, filled, false, paint));
        return this;
    }

    Form form() {
        return new Form(pieces);
    }

    private static double[][] pairs(double[] v) {
        double[][] points = new double[v.length / 2][];
        for (int i = 0; i < points.length; i++) {
            points[i] = new double[]{v[2 * i], v[2 * i + 1]};
        }
        return points;
    }
}
