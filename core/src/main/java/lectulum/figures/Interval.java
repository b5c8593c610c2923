package lectulum.figures;

/// Where the true value lies with 95 % confidence, SI.
public record Interval(double low, double high) {

    /// value ± 1.96 standard uncertainties.
    public static Interval around(double value, double standardUncertainty) {
        return new Interval(value - 1.96 * standardUncertainty, value + 1.96 * standardUncertainty);
    }

    public double halfWidth() {
        return (high - low) / 2;
    }
}
