package lectulum.outside;

import java.util.List;

/// The angle at which the rear of the tow vehicle meets the trailer, seen from above.
///
/// @param halfWidth of the vehicle's rear \[m\]
/// @param ahead     of the ball, where its rear face is \[m\]
/// @param length    of the vehicle that matters \[m\]
public record TurningRoom(double halfWidth, double ahead, double length) {
    private static final double STEP = Math.toRadians(0.25);

    /// Angle at contact \[rad\]; π where they never meet.
    ///
    /// @param trailer convex outlines behind the ball at heights that the vehicle shares \[x, y\]
    public double contact(List<double[][]> trailer) {
        double before = 0;
        for (double a = 0; a <= Math.PI; a += STEP) {
            if (meets(trailer, a)) {
                double low = before;
                double high = a;
                for (int i = 0; i < 40 && a > 0; i++) {
                    double m = (low + high) / 2;
                    if (meets(trailer, m)) {
                        high = m;
                    } else {
                        low = m;
                    }
                }
                return high;
            }
            before = a;
        }
        return Math.PI;
    }

    /// The rear of the vehicle turned about the ball.
    public double[][] vehicle(double angle) {
        double[][] corners = {{-ahead, -halfWidth}, {-ahead, halfWidth}, {-ahead - length, halfWidth},
                {-ahead - length, -halfWidth}};
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        for (double[] p : corners) {
            double x = p[0];
            p[0] = c * x - s * p[1];
            p[1] = s * x + c * p[1];
        }
        return corners;
    }

    private boolean meets(List<double[][]> trailer, double angle) {
        double[][] v = vehicle(angle);
        return trailer.stream().anyMatch(t -> !apart(v, t) && !apart(t, v));
    }

    private static boolean apart(double[][] a, double[][] b) {
        for (int i = 0; i < a.length; i++) {
            double[] p = a[i];
            double[] q = a[(i + 1) % a.length];
            double nx = q[1] - p[1];
            double ny = p[0] - q[0];
            double low = Double.POSITIVE_INFINITY;
            double high = Double.NEGATIVE_INFINITY;
            double lowB = Double.POSITIVE_INFINITY;
            double highB = Double.NEGATIVE_INFINITY;
            for (double[] r : a) {
                low = Math.min(low, nx * r[0] + ny * r[1]);
                high = Math.max(high, nx * r[0] + ny * r[1]);
            }
            for (double[] r : b) {
                lowB = Math.min(lowB, nx * r[0] + ny * r[1]);
                highB = Math.max(highB, nx * r[0] + ny * r[1]);
            }
            if (high <= lowB || highB <= low) {
                return true;
            }
        }
        return false;
    }
}
