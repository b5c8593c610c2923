package lectulum.symbols;

import lectulum.figures.drawing.Paint;
import java.util.Arrays;

/// One convex solid, or something drawn on a face, of a symbol: in metres, the origin in the middle of the underside of the
/// thing, x along its length, y along its width, z up.
public sealed interface Piece {

    Paint paint();

    /// Least and greatest along x, y, z: six numbers \[m\].
    double[] bounds();

    /// A convex outline drawn out along an axis.
    ///
    /// @param axis    0 along x, 1 along y, 2 upright
    /// @param outline in the plane across the axis: \[y, z\], \[x, z\] or \[x, y\], convex, in order
    /// @param from    where it begins along the axis
    /// @param to      and ends, ≥ from
    /// @param smooth  whether the outline stands for a curve, so that its edges are not drawn
    record Prism(int axis, double[][] outline, double from, double to, boolean smooth,
            Paint paint) implements Piece {
        @Override
        public double[] bounds() {
            double[] low = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
            double[] high = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
            for (double[] p : outline) {
                for (int i = 0; i < 2; i++) {
                    low[i] = Math.min(low[i], p[i]);
                    high[i] = Math.max(high[i], p[i]);
                }
            }
            return switch (axis) {
                case 0 -> new double[]{from, to, low[0], high[0], low[1], high[1]};
                case 1 -> new double[]{low[0], high[0], from, to, low[1], high[1]};
                default -> new double[]{low[0], high[0], low[1], high[1], from, to};
            };
        }

        /// A direction in the plane across the axis, as x, y, z.
        public double[] across(double a, double b) {
            return switch (axis) {
                case 0 -> new double[]{0, a, b};
                case 1 -> new double[]{a, 0, b};
                default -> new double[]{a, b, 0};
            };
        }

        /// A point of the outline at a place along the axis, as x, y, z.
        public double[] at(double[] point, double along) {
            return switch (axis) {
                case 0 -> new double[]{along, point[0], point[1]};
                case 1 -> new double[]{point[0], along, point[1]};
                default -> new double[]{point[0], point[1], along};
            };
        }
    }

    /// An upright round body, wider or narrower at its top.
    ///
    /// @param r1 radius at z1, > 0 or r2 > 0
    /// @param r2 radius at z2
    record Cone(double x, double y, double z1, double z2, double r1, double r2, Paint paint) implements Piece {
        @Override
        public double[] bounds() {
            double r = Math.max(r1, r2);
            return new double[]{x - r, x + r, y - r, y + r, z1, z2};
        }
    }

    /// The convex hull of balls: a limb, a tube, a rounded body.
    ///
    /// @param balls \[x, y, z, radius\], at least one
    record Blob(double[][] balls, Paint paint) implements Piece {
        @Override
        public double[] bounds() {
            double[] b = {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY,
                    Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
            for (double[] ball : balls) {
                for (int i = 0; i < 3; i++) {
                    b[2 * i] = Math.min(b[2 * i], ball[i] - ball[3]);
                    b[2 * i + 1] = Math.max(b[2 * i + 1], ball[i] + ball[3]);
                }
            }
            return b;
        }
    }

    /// Something drawn on a face: filled where it is closed, a line where it is not.
    ///
    /// @param normal  axis across the face: 0, 1 or 2
    /// @param outward +1 or −1 along it; only the face that looks at the reader shows it
    /// @param points  \[x, y, z\]
    /// @param through whether it is also shown from behind in flat views, as the fronts of furniture are
    record Decal(int normal, int outward, double[][] points, boolean filled, boolean through,
            Paint paint) implements Piece {
        @Override
        public double[] bounds() {
            double[] b = new double[6];
            for (int i = 0; i < 3; i++) {
                int k = i;
                b[2 * i] = Arrays.stream(points).mapToDouble(p -> p[k]).min().orElse(0);
                b[2 * i + 1] = Arrays.stream(points).mapToDouble(p -> p[k]).max().orElse(0);
            }
            return b;
        }
    }
}
