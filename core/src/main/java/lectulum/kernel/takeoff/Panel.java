package lectulum.kernel.takeoff;

import java.util.List;

/// A flat panel with holes.
///
/// @param outline corners in order, [x, y] \[m\]
/// @param holes   likewise
public record Panel(List<double[]> outline, List<List<double[]>> holes) {
    public Panel {
        outline = List.copyOf(outline);
        holes = List.copyOf(holes);
    }

    /// \[m²\]
    public double area() {
        return Math.abs(signed(outline)) - holes.stream().mapToDouble(h -> Math.abs(signed(h))).sum();
    }

    /// Middle of its area [x, y] \[m\].
    public double[] centre() {
        double[] c = moment(outline);
        for (List<double[]> h : holes) {
            double[] m = moment(h);
            c[0] -= m[0];
            c[1] -= m[1];
        }
        return new double[]{c[0] / area(), c[1] / area()};
    }

    /// Edges of outline and holes \[m\].
    public double edge() {
        return around(outline) + holes.stream().mapToDouble(Panel::around).sum();
    }

    private static double signed(List<double[]> p) {
        double sum = 0;
        for (int i = 0; i < p.size(); i++) {
            double[] a = p.get(i);
            double[] b = p.get((i + 1) % p.size());
            sum += a[0] * b[1] - b[0] * a[1];
        }
        return sum / 2;
    }

    private static double[] moment(List<double[]> p) {
        double x = 0;
        double y = 0;
        for (int i = 0; i < p.size(); i++) {
            double[] a = p.get(i);
            double[] b = p.get((i + 1) % p.size());
            double cross = a[0] * b[1] - b[0] * a[1];
            x += (a[0] + b[0]) * cross / 6;
            y += (a[1] + b[1]) * cross / 6;
        }
        double sign = Math.signum(signed(p));
        return new double[]{sign * x, sign * y};
    }

    private static double around(List<double[]> p) {
        double sum = 0;
        for (int i = 0; i < p.size(); i++) {
            double[] a = p.get(i);
            double[] b = p.get((i + 1) % p.size());
            sum += Math.hypot(b[0] - a[0], b[1] - a[1]);
        }
        return sum;
    }

    /// The largest rectangle in the upper left corner of the box about a panel, beside its edge \[m\]: width, height.
    ///
    /// @param chain from the left side of the box to its top, ascending
    public static double[] cornerDrop(List<double[]> chain, double kerf) {
        double x0 = chain.stream().mapToDouble(p -> p[0]).min().orElse(0);
        double top = chain.stream().mapToDouble(p -> p[1]).max().orElse(0);
        double[] best = {0, 0};
        for (int i = 0; i + 1 < chain.size(); i++) {
            double[] a = chain.get(i);
            double[] b = chain.get(i + 1);
            drop(best, a[0] - x0 - kerf, top - a[1] - kerf);
            drop(best, b[0] - x0 - kerf, top - b[1] - kerf);
            if (b[0] > a[0] && b[1] > a[1]) {
                double m = (b[1] - a[1]) / (b[0] - a[0]);
                double x = (top - kerf - a[1] + m * a[0] + m * (x0 + kerf)) / (2 * m);
                if (x > a[0] && x < b[0]) {
                    drop(best, x - x0 - kerf, top - (a[1] + m * (x - a[0])) - kerf);
                }
            }
        }
        return best;
    }

    private static void drop(double[] best, double width, double height) {
        if (width > 0 && height > 0 && width * height > best[0] * best[1]) {
            best[0] = width;
            best[1] = height;
        }
    }

    /// What falls out of an opening as a rectangle \[m\]: width, height.
    ///
    /// @param radius of its corners
    public static double[] openingDrop(double width, double height, double kerf, double radius) {
        double off = 2 * kerf + 2 * radius * (1 - 1 / Math.sqrt(2));
        return new double[]{Math.max(0, width - off), Math.max(0, height - off)};
    }
}
