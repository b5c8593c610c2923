package lectulum.kernel.schedule;

/// A duration of which the least, the likely and the most are known, as a beta distribution (PERT).
///
/// @param least  ≥ 0
/// @param likely between least and most
/// @param most   ≥ likely
public record Pert(double least, double likely, double most) {
    private static final double SIX = 6;
    private static final double SEVEN = 7;

    /// A task of which only the likely duration is known: 0.7 to 1.8 of it.
    public static Pert usual(double likely) {
        return new Pert(0.7 * likely, likely, 1.8 * likely);
    }

    public double mean() {
        return (least + 4 * likely + most) / SIX;
    }

    /// Exact for this family: √((μ − a)(b − μ)/7).
    public double deviation() {
        return Math.sqrt((mean() - least) * (most - mean()) / SEVEN);
    }

    /// Where the likely lies between the least and the most, 0 to 1; it alone gives the shape. 0 where there is nothing between.
    double leaning() {
        return most > least ? (likely - least) / (most - least) : 0;
    }

    /// @param shape of the leaning of this one
    /// @param part  by chance, 0 to 1
    double at(Shape shape, double part) {
        return most > least ? least + (most - least) * shape.at(part) : likely;
    }

    /// What stays below a part of the chances, for the beta distribution of one leaning between 0 and 1: its distribution function is
    /// summed up and turned about once, so that a draw is one look (inverse transform sampling).
    ///
    /// Between its 1 024 steps straight lines are taken, in the first and the last the powers that the density has there: mean and
    /// deviation are right to 5e-5 of the span.
    ///
    /// @param low   power of the density at the least, 0 to 4
    /// @param below where 0, 1/1024, 2/1024 … of the chances end
    record Shape(double low, double[] below) {
        private static final int STEPS = 1024;
        private static final int SUMMED = 2048;

        static Shape of(double leaning) {
            double a = 4 * leaning;
            double b = 4 - a;
            double[] sum = new double[SUMMED + 1];
            double before = density(0, a, b);
            for (int i = 1; i <= SUMMED; i++) {
                double to = density(i / (double) SUMMED, a, b);
                double middle = density((i - 0.5) / SUMMED, a, b);
                sum[i] = sum[i - 1] + (before + 4 * middle + to) / SIX;
                before = to;
            }
            double[] below = new double[STEPS + 1];
            int i = 0;
            for (int k = 1; k < STEPS; k++) {
                double wanted = sum[SUMMED] * k / STEPS;
                while (sum[i + 1] < wanted) {
                    i++;
                }
                below[k] = (i + (wanted - sum[i]) / (sum[i + 1] - sum[i])) / SUMMED;
            }
            below[STEPS] = 1;
            return new Shape(a, below);
        }

        private static double density(double x, double a, double b) {
            return Math.pow(x, a) * Math.pow(1 - x, b);
        }

        double at(double part) {
            int k = Math.min((int) (part * STEPS), STEPS - 1);
            double on = part * STEPS - k;
            if (k == 0) {
                return below[1] * Math.pow(on, 1 / (low + 1));
            }
            if (k == STEPS - 1) {
                return 1 - (1 - below[k]) * Math.pow(1 - on, 1 / (5 - low));
            }
            return below[k] + (below[k + 1] - below[k]) * on;
        }
    }
}
