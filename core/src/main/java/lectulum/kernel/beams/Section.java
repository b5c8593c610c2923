package lectulum.kernel.beams;

/// A cross-section about its level axis.
///
/// Sections of plates meeting at right angles, the radii of their bends left out: about 2 % above rolled or bent ones.
///
/// @param inertia second moment of area \[m⁴\]
/// @param modulus section modulus of the farther fibre \[m³\]
/// @param area    \[m²\]
public record Section(double inertia, double modulus, double area) {
    /// Width of the flange turned inwards at each edge of a strut channel, its side wall included, and how far that is
    /// turned down again \[m\]; the usual ones of 41 mm channel.
    private static final double LIP = 0.0095;
    private static final double TURN = 0.007;
    /// What slots in the web leave of strength and stiffness (assumed).
    private static final double SLOTS = 0.85;

    /// A bar by its form. Of a strut channel the open side is up, of an angle the level leg.
    ///
    /// @param b width \[m\], > 0
    /// @param h height \[m\], > 0
    /// @param t wall \[m\], > 0 and less than half of the smaller side; no meaning for what is solid
    public static Section of(Bar form, double b, double h, double t) {
        return switch (form) {
            case SOLID -> rectangle(b, h);
            case TUBE -> tube(b, h, t);
            case CHANNEL -> channel(b, h, t, t);
            case ANGLE -> angle(b, h, t);
            case STRUT -> strut(b, h, t);
            case SLOTTED -> {
                Section whole = strut(b, h, t);
                yield new Section(SLOTS * whole.inertia, SLOTS * whole.modulus, whole.area);
            }
        };
    }

    /// Whether a form can have these sides and this wall.
    public static boolean possible(Bar form, double b, double h, double t) {
        boolean lips = form == Bar.STRUT || form == Bar.SLOTTED;
        return b > 0 && h > 0 && (!form.hollow() || t > 0 && 2 * t < Math.min(b, h))
                && (!lips || b >= 2 * LIP && h >= 2 * t + TURN && t < LIP);
    }

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

    /// An angle with one leg level, of width b, and one upright, of height h.
    public static Section angle(double b, double h, double t) {
        return plates(new double[]{b, t, t / 2}, new double[]{t, h - t, (h + t) / 2});
    }

    /// A channel with lips turned in at its open side and down again.
    public static Section strut(double b, double h, double t) {
        return plates(new double[]{b - 2 * t, t, t / 2}, new double[]{2 * t, h, h / 2},
                new double[]{2 * (LIP - t), t, h - t / 2}, new double[]{2 * t, TURN, h - t - TURN / 2});
    }

    /// Rectangles together, about their common centroid.
    ///
    /// @param plates each: width, height, height of its middle \[m\]
    private static Section plates(double[]... plates) {
        double area = 0;
        double first = 0;
        for (double[] p : plates) {
            area += p[0] * p[1];
            first += p[0] * p[1] * p[2];
        }
        double middle = first / area;
        double inertia = 0;
        double far = 0;
        for (double[] p : plates) {
            double off = p[2] - middle;
            inertia += p[0] * p[1] * p[1] * p[1] / 12 + p[0] * p[1] * off * off;
            far = Math.max(far, Math.abs(off) + p[1] / 2);
        }
        return new Section(inertia, inertia / far, area);
    }
}
