package lectulum.kernel.statics;

/// Where the liquid of a part-full box lies when its surface is tilted: slowly climbed, braked or leant (hydrostatics; a real
/// surge overshoots this).
///
/// A full and an empty tank have no free surface and give 0.
public final class FreeSurface {
    private FreeSurface() {
    }

    /// How far the centre of the liquid lies from the middle of the tank, towards the low end \[m\].
    ///
    /// While the surface meets both ends it is l² s/(12 f h); beyond that the liquid is a triangle in the low corner, or the air
    /// is one in the high corner, or the surface runs from floor to lid.
    ///
    /// @param length along the tilt \[m\], > 0
    /// @param height \[m\], > 0
    /// @param fill   part of the volume, 0 to 1
    /// @param slope  of the surface: tangent of the tilt, or acceleration in g, ≥ 0
    public static double shift(double length, double height, double fill, double slope) {
        if (!(fill > 0) || !(fill < 1) || !(slope > 0)) {
            return 0;
        }
        double across = length * slope;
        if (across <= 2 * height * Math.min(fill, 1 - fill)) {
            return length * across / (12 * fill * height);
        }
        double wedge = Math.sqrt(2 * fill * length * height / slope);
        if (wedge <= length && wedge * slope <= height) {
            return length / 2 - wedge / 3;
        }
        double air = Math.sqrt(2 * (1 - fill) * length * height / slope);
        if (air <= length && air * slope <= height) {
            return (1 - fill) / fill * (length / 2 - air / 3);
        }
        // From floor to lid: p along the floor, q along the lid.
        double p = fill * length + height / slope / 2;
        double q = fill * length - height / slope / 2;
        return length / 2 - (p * p + p * q + q * q) / (3 * (p + q));
    }

    /// The most that moving contents change a moment about the middle of the tank, over all fills: contents times shift
    /// \[kg·m\].
    ///
    /// @param full contents when full \[kg\]
    public static double most(double length, double height, double full, double slope) {
        double most = 0;
        for (int i = 1; i < 100; i++) {
            double fill = i / 100.0;
            most = Math.max(most, full * fill * shift(length, height, fill, slope));
        }
        return most;
    }
}
