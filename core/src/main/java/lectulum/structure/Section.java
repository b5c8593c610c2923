package lectulum.structure;

/// A cross-section about its level axis.
///
/// @param inertia second moment of area \[m⁴\]
/// @param modulus section modulus of the farther fibre \[m³\]
/// @param area    \[m²\]
public record Section(double inertia, double modulus, double area) {

    /// @param b width \[m\]
    /// @param h height \[m\]
    public static Section rectangle(double b, double h) {
        return new Section(b * h * h * h / 12, b * h * h / 6, b * h);
    }

    /// A rectangular tube, its corner radii left out.
    public static Section tube(double b, double h, double t) {
        double ib = b - 2 * t;
        double ih = h - 2 * t;
        double inertia = (b * h * h * h - ib * ih * ih * ih) / 12;
        return new Section(inertia, inertia / (h / 2), b * h - ib * ih);
    }

    /// A channel with level flanges.
    public static Section channel(double b, double h, double t, double web) {
        double ih = h - 2 * t;
        double inertia = (b * h * h * h - (b - web) * ih * ih * ih) / 12;
        return new Section(inertia, inertia / (h / 2), b * h - (b - web) * ih);
    }
}
