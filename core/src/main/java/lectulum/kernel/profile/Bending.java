package lectulum.kernel.profile;

import java.util.Optional;

/// Bending a sheet round a curve: strain, least radius, springing back, kerfs.
///
/// Least dry cold radii of structural softwood panels are those commonly tabulated by the plywood trade; the others are
/// assumed. Always try an offcut first (docs/method/shell.md).
public final class Bending {
    private static final double STRAIN_ACROSS = 0.0035;
    private static final double STRAIN_ALONG = 0.0020;

    private Bending() {
    }

    /// Strain of the outer fibre of a sheet \[1\].
    ///
    /// @param thickness \[m\]
    /// @param radius    of its middle \[m\], > 0
    public static double strain(double thickness, double radius) {
        return thickness / (2 * radius);
    }

    /// Least radius of a sheet that is in no table \[m\].
    ///
    /// @param across whether it is bent across its face grain
    public static double leastRadius(double thickness, boolean across) {
        return thickness / (2 * (across ? STRAIN_ACROSS : STRAIN_ALONG));
    }

    /// Radius after n layers, glued over a form of radius r, have sprung back \[m\].
    ///
    /// @param layers at least 2
    public static double sprungBack(double radius, int layers) {
        double n2 = (double) layers * layers;
        return radius * n2 / (n2 - 1);
    }

    /// Saw cuts on the inside of a bend.
    ///
    /// @param spacing between them along the bend \[m\]
    public record Kerfs(int count, double spacing) {
    }

    /// The kerfs that let a sheet close round an angle; empty where the skin left is not less than the sheet.
    ///
    /// @param angle of the bend \[rad\]
    /// @param kerf  width of the saw cut \[m\], > 0
    /// @param skin  thickness left uncut \[m\]
    public static Optional<Kerfs> kerfs(double angle, double thickness, double skin, double kerf, double radius) {
        if (skin >= thickness || kerf <= 0) {
            return Optional.empty();
        }
        int count = (int) Math.ceil(angle * (thickness - skin) / kerf);
        return Optional.of(new Kerfs(count, radius * angle / count));
    }
}
