package lectulum.figures.drawing;

/// A colour to draw with.
///
/// @param red   0 to 1, as green and blue (sRGB)
/// @param alpha 0 clear to 1 solid
public record Ink(double red, double green, double blue, double alpha) {

    /// The same, letting more shine through.
    ///
    /// @param share of what it covers now
    public Ink faded(double share) {
        return new Ink(red, green, blue, alpha * share);
    }

    /// Part of the way to another.
    ///
    /// @param t 0 this to 1 the other
    public Ink toward(Ink other, double t) {
        return new Ink(red + (other.red - red) * t, green + (other.green - green) * t, blue + (other.blue - blue) * t,
                alpha + (other.alpha - alpha) * t);
    }

    /// As `#rrggbb`.
    public String web() {
        return String.format("#%02x%02x%02x", byteOf(red), byteOf(green), byteOf(blue));
    }

    private static int byteOf(double share) {
        return (int) Math.round(255 * Math.clamp(share, 0, 1));
    }
}
