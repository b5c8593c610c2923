package lectulum.kernel.profile;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/// A parametric cubic spline through points, in x and in z, over the length of the chords (de Boor, A Practical Guide to
/// Splines, ch. IV). It is as smooth as a bent batten.
///
/// A natural end is free of bending and so flattens the curve there; where it meets a straight wall give the end a
/// direction.
public final class Spline {
    private Spline() {
    }

    /// The spans from point to point.
    ///
    /// @param points at least two, no two neighbours in one place
    /// @param start  direction at the first point \[rad\], empty for a natural end
    /// @param end    direction at the last point \[rad\]
    public static List<Piece> through(List<double[]> points, OptionalDouble start, OptionalDouble end) {
        int n = points.size();
        double[] h = new double[n - 1];
        for (int i = 0; i < n - 1; i++) {
            h[i] = Math.hypot(points.get(i + 1)[0] - points.get(i)[0], points.get(i + 1)[1] - points.get(i)[1]);
        }
        double[] x = coordinates(points, 0);
        double[] z = coordinates(points, 1);
        double[] bendX = bends(x, h, cos(start), cos(end));
        double[] bendZ = bends(z, h, sin(start), sin(end));
        List<Piece> spans = new ArrayList<>();
        for (int i = 0; i < n - 1; i++) {
            spans.add(new Piece.Cubic(bezier(x, bendX, h[i], i), bezier(z, bendZ, h[i], i)));
        }
        return spans;
    }

    private static OptionalDouble cos(OptionalDouble direction) {
        return direction.isPresent() ? OptionalDouble.of(Math.cos(direction.getAsDouble())) : direction;
    }

    private static OptionalDouble sin(OptionalDouble direction) {
        return direction.isPresent() ? OptionalDouble.of(Math.sin(direction.getAsDouble())) : direction;
    }

    private static double[] coordinates(List<double[]> points, int axis) {
        return points.stream().mapToDouble(p -> p[axis]).toArray();
    }

    /// Second derivatives at the points: a tridiagonal system, solved forwards and back.
    private static double[] bends(double[] v, double[] h, OptionalDouble startSlope, OptionalDouble endSlope) {
        int n = v.length;
        double[] below = new double[n];
        double[] middle = new double[n];
        double[] above = new double[n];
        double[] right = new double[n];
        middle[0] = 1;
        middle[n - 1] = 1;
        if (startSlope.isPresent()) {
            middle[0] = 2 * h[0];
            above[0] = h[0];
            right[0] = 6 * ((v[1] - v[0]) / h[0] - startSlope.getAsDouble());
        }
        if (endSlope.isPresent()) {
            middle[n - 1] = 2 * h[n - 2];
            below[n - 1] = h[n - 2];
            right[n - 1] = 6 * (endSlope.getAsDouble() - (v[n - 1] - v[n - 2]) / h[n - 2]);
        }
        for (int i = 1; i < n - 1; i++) {
            below[i] = h[i - 1];
            middle[i] = 2 * (h[i - 1] + h[i]);
            above[i] = h[i];
            right[i] = 6 * ((v[i + 1] - v[i]) / h[i] - (v[i] - v[i - 1]) / h[i - 1]);
        }
        for (int i = 1; i < n; i++) {
            double factor = below[i] / middle[i - 1];
            middle[i] -= factor * above[i - 1];
            right[i] -= factor * right[i - 1];
        }
        double[] bend = new double[n];
        bend[n - 1] = right[n - 1] / middle[n - 1];
        for (int i = n - 2; i >= 0; i--) {
            bend[i] = (right[i] - above[i] * bend[i + 1]) / middle[i];
        }
        return bend;
    }

    /// Control values of one span: its ends and its slopes at them, a third of the way out.
    private static double[] bezier(double[] v, double[] bend, double h, int i) {
        double chord = (v[i + 1] - v[i]) / h;
        double slopeStart = chord - h * (2 * bend[i] + bend[i + 1]) / 6;
        double slopeEnd = chord + h * (bend[i] + 2 * bend[i + 1]) / 6;
        return new double[]{v[i], v[i] + slopeStart * h / 3, v[i + 1] - slopeEnd * h / 3, v[i + 1]};
    }
}
