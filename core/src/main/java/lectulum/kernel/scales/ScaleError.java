package lectulum.kernel.scales;

/// How far a scale may be off (rectangular rounding and a share of the reading; GUM).
///
/// @param step     of its display \[kg\], > 0
/// @param accuracy share of the reading
public record ScaleError(double step, double accuracy) {
    /// A public deck scale (assumed; the ticket or the scale's label wins).
    public static final ScaleError PUBLIC = new ScaleError(10, 0.001);
    /// A bathroom or luggage scale (assumed).
    public static final ScaleError SMALL = new ScaleError(0.1, 0.005);
    /// A reading of fewer steps says too little.
    private static final int FEWEST = 20;

    /// Steps up to this are those of small scales \[kg\].
    private static final double SMALL_STEP = 1;

    /// How accurate a scale with such steps usually is, part of the reading.
    public static double usualAccuracy(double step) {
        return step <= SMALL_STEP ? SMALL.accuracy : PUBLIC.accuracy;
    }

    /// Standard uncertainty \[kg\].
    ///
    /// @param correction standard uncertainty of what was added or taken off \[kg\]
    public double of(double reading, double correction) {
        double rounding = step / Math.sqrt(12);
        return Math.sqrt(rounding * rounding + accuracy * reading * accuracy * reading + correction * correction);
    }

    /// Whether the steps are too coarse for such a reading.
    public boolean tooCoarse(double reading) {
        return reading < FEWEST * step;
    }
}
