package lectulum.kernel.schedule;

import java.util.SplittableRandom;

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

    /// One by chance.
    public double draw(SplittableRandom random) {
        if (!(most > least)) {
            return likely;
        }
        double a = 1 + 4 * (likely - least) / (most - least);
        double b = 1 + 4 * (most - likely) / (most - least);
        double x = gamma(a, random);
        double y = gamma(b, random);
        return least + (most - least) * x / (x + y);
    }

    /// Marsaglia and Tsang 2000, for shapes of at least one.
    private static double gamma(double shape, SplittableRandom random) {
        double d = shape - 1.0 / 3;
        double c = 1 / Math.sqrt(9 * d);
        while (true) {
            double z = random.nextGaussian();
            double v = Math.pow(1 + c * z, 3);
            if (v > 0 && Math.log(1 - random.nextDouble()) < z * z / 2 + d - d * v + d * Math.log(v)) {
                return d * v;
            }
        }
    }
}
