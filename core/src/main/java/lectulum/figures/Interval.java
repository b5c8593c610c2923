package lectulum.figures;

import lectulum.kernel.maths.Normal;

/// Where the true value lies with 95 % confidence, SI.
public record Interval(double low, double high) {

    /// value ± 1.96 standard uncertainties.
    public static Interval around(double value, double standardUncertainty) {
        return new Interval(value - Normal.HALF_95 * standardUncertainty, value + Normal.HALF_95 * standardUncertainty);
    }

    public double halfWidth() {
        return (high - low) / 2;
    }
}
