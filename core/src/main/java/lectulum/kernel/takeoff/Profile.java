package lectulum.kernel.takeoff;

/// Cross-sections of bars by their area.
public final class Profile {
    public static final double STEEL = 7850;
    public static final double ALUMINIUM = 2700;
    private static final double THICK = 0.006;

    private Profile() {
    }

    /// A cold-formed rectangular tube with its usual round corners (EN 10219-2): outside 2 t, from 6 mm on 2.5 t \[m²\].
    ///
    /// @param wall \[m\], less than half of either side
    public static double tube(double width, double height, double wall) {
        double outer = (wall <= THICK ? 2 : 2.5) * wall;
        double inner = outer - wall;
        return drawnTube(width, height, wall) - (4 - Math.PI) * (outer * outer - inner * inner);
    }

    /// A tube with sharp corners, as extruded \[m²\].
    public static double drawnTube(double width, double height, double wall) {
        return 2 * wall * (width + height - 2 * wall);
    }

    /// \[m²\]
    public static double round(double diameter, double wall) {
        return Math.PI * (diameter - wall) * wall;
    }

    /// Root radius left out, which is one or two parts in a hundred \[m²\].
    public static double angle(double a, double b, double wall) {
        return wall * (a + b - wall);
    }

    /// \[m²\]
    public static double channel(double flange, double height, double wall) {
        return wall * (2 * flange + height - 2 * wall);
    }

    /// Length of a member with mitred ends from point to point \[m\].
    ///
    /// @param centre along its middle \[m\]
    /// @param depth  in the plane of the mitres \[m\]
    /// @param first  from square \[rad\]
    /// @param second from square \[rad\]
    public static double longPoint(double centre, double depth, double first, double second) {
        return centre + depth / 2 * (Math.abs(Math.tan(first)) + Math.abs(Math.tan(second)));
    }

    /// What a piece with equal mitres takes from a stick when each is turned over after the last \[m\].
    public static double nested(double centre, double kerf, double mitre) {
        return centre + kerf / Math.cos(mitre);
    }
}
