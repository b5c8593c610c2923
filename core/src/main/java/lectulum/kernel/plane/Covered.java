package lectulum.kernel.plane;

import java.util.List;
import java.util.stream.DoubleStream;

/// Area that rectangles cover together, each place counted once: the plane is cut at every edge, and the cells that lie in
/// any of them are added. Exact, in time of the cube of their number: for some dozens.
public final class Covered {
    private Covered() {
    }

    /// @param rectangles x1, y1, x2, y2 with x1 ≤ x2 and y1 ≤ y2; none covers nothing
    public static double area(List<double[]> rectangles) {
        double[] x = edges(rectangles, 0);
        double[] y = edges(rectangles, 1);
        double sum = 0;
        for (int i = 0; i + 1 < x.length; i++) {
            for (int j = 0; j + 1 < y.length; j++) {
                double mx = (x[i] + x[i + 1]) / 2;
                double my = (y[j] + y[j + 1]) / 2;
                if (rectangles.stream().anyMatch(r -> mx > r[0] && mx < r[2] && my > r[1] && my < r[3])) {
                    sum += (x[i + 1] - x[i]) * (y[j + 1] - y[j]);
                }
            }
        }
        return sum;
    }

    private static double[] edges(List<double[]> rectangles, int of) {
        return rectangles.stream().flatMapToDouble(r -> DoubleStream.of(r[of], r[of + 2])).sorted().distinct()
                .toArray();
    }

    /// The part of a rectangle that lies in another; empty sized where they do not meet.
    public static double[] within(double[] r, double[] frame) {
        double x1 = Math.max(r[0], frame[0]);
        double y1 = Math.max(r[1], frame[1]);
        return new double[]{x1, y1, Math.max(x1, Math.min(r[2], frame[2])), Math.max(y1, Math.min(r[3], frame[3]))};
    }
}
