package lectulum.kernel.maths;

import org.hipparchus.special.Erf;
import org.hipparchus.special.Gamma;

/// Chances of normal errors.
public final class Normal {
    /// Of a two-sided interval of 95 %.
    public static final double HALF_95 = 1.96;

    private Normal() {
    }

    /// Φ: chance of a standard normal value below z.
    public static double below(double z) {
        return 0.5 * (1 + Erf.erf(z / Math.sqrt(2)));
    }

    /// Chance that a sum of squared errors is this large although nothing is wrong.
    ///
    /// @param freedom degrees of freedom, ≥ 1
    public static double byChance(double chiSquare, int freedom) {
        return chiSquare <= 0 ? 1 : Gamma.regularizedGammaQ(freedom / 2.0, chiSquare / 2);
    }
}
