package lectulum.kernel.bodies;

/// What a body needs, from its stature: body-segment ratios after Drillis and Contini (1966), rounded; measure the real
/// people where it matters. All in metres.
///
/// @param stature \[m\], > 0
public record Needs(double stature) {
    /// Below this stature a child's bed width does \[m\] (assumed).
    public static final double CHILD = 1.40;
    /// How far a mattress gives under somebody who sits \[m\] (assumed).
    public static final double SINK = 0.03;
    /// A table above a seat \[m\].
    public static final double TABLE = 0.29;
    private static final double SITTING = 0.525;

    public double lyingLeast() {
        return stature + 0.08;
    }

    public double lyingGood() {
        return stature + 0.15;
    }

    public double shoulders() {
        return 0.28 * stature;
    }

    public double bedWidthLeast() {
        return stature < CHILD ? 0.50 : 0.60;
    }

    public double bedWidthComfort() {
        return stature < CHILD ? 0.55 : 0.70;
    }

    /// Clear height above the uncompressed mattress to sit up in bed.
    public double sitUp() {
        return sitUp(stature, SINK);
    }

    static double sitUp(double stature, double sink) {
        return SITTING * stature + 0.05 - sink;
    }

    /// Clear height above a seat or a toilet.
    public double headAboveSeat() {
        return SITTING * stature + 0.05;
    }

    public double seatTop() {
        return 0.245 * stature + 0.02;
    }

    public double worktop() {
        return 0.53 * stature;
    }

    public double standing() {
        return stature + 0.05;
    }
}
