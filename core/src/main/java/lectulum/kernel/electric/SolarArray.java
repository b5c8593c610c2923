package lectulum.kernel.electric;

/// Panels and their controller.
///
/// @param peak       nominal power \[W\], ≥ 0
/// @param current    at full power, of all strings together \[A\]; asked only by a switching controller without tracking
/// @param mounted    cell temperature at 800 W/m² and 20 °C by how it is mounted \[°C\]: 45 raised, 50 framed, 57 glued
/// @param shade      part of the sky or of the day that is shaded, 0 to 1
/// @param shadeGain  how much of the power a shade takes, of its part: 2 in series strings, 1 in parallel
/// @param tracking   whether the controller keeps the panels at their best point
/// @param limit      most current into the battery \[A\]
public record SolarArray(double peak, double current, double mounted, double shade, double shadeGain, boolean tracking,
        double limit) {
    private static final double PER_KELVIN = -0.004;
    private static final double SOIL = 0.95;
    private static final double WIRE = 0.97;
    private static final double TRACKED = 0.96;
    private static final double SWITCHED = 0.98;

    /// Into the battery \[W\].
    ///
    /// @param irradiance on the panels \[W/m²\]
    /// @param air        \[°C\]
    /// @param battery    volts while it is charged \[V\]
    public double power(double irradiance, double air, double battery) {
        double cell = air + (mounted - 20) / 800 * irradiance;
        double made = peak * irradiance / 1000 * Math.max(0, 1 + PER_KELVIN * (cell - 25));
        double left = SOIL * WIRE * (1 - Math.min(1, shadeGain * shade));
        double into = tracking
                ? made * left * TRACKED
                : Math.min(battery * current * irradiance / 1000, made) * left * SWITCHED;
        return Math.min(into, limit * battery);
    }
}
