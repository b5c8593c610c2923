package lectulum.kernel.scales;

/// Weighing with what is at home.
public final class HomeScales {
    private HomeScales() {
    }

    /// A value with its standard uncertainty.
    public record Found(double value, double u) {
    }

    /// Tongue on a beam over two pipes with a bathroom scale at its free end.
    ///
    /// @param reading of the scale \[kg\]
    /// @param tare    reading with the bare beam \[kg\]
    /// @param span    fixed pipe to scale \[m\], > 0
    /// @param arm     fixed pipe to coupler \[m\], > 0
    /// @param uScale  standard uncertainty of a reading \[kg\]
    /// @param uLength of a length \[m\]
    public static Found lever(double reading, double tare, double span, double arm, double uScale, double uLength) {
        double tongue = (reading - tare) * span / arm;
        double byScale = span * uScale / arm;
        double bySpan = tongue * uLength / span;
        double byArm = tongue * uLength / arm;
        return new Found(tongue, Math.sqrt(byScale * byScale + bySpan * bySpan + byArm * byArm));
    }

    /// Height of the centre of gravity above the ground from two weighings of the tongue \[m\].
    ///
    /// @param mass   \[kg\]
    /// @param level  tongue load when level \[kg\]
    /// @param raised tongue load with the nose up, wheels free to roll \[kg\]
    /// @param nose   angle then \[rad\], 6° or more
    /// @param axle   ball to axle \[m\]
    /// @param ball   height of the coupler when level \[m\]
    /// @param radius of the loaded tyre \[m\]
    /// @param uTongue standard uncertainty of each tongue reading \[kg\]
    public static Found centreHeight(double mass, double level, double raised, double nose, double axle, double ball,
            double radius, double uTongue) {
        double tan = Math.tan(nose);
        double arm = axle - (ball - radius) * tan;
        double z = radius + (level * axle / mass - raised / mass * arm) / tan;
        return new Found(z, uTongue / (mass * tan) * Math.hypot(axle, arm));
    }

    /// Tongue load with the nose raised that a height of the centre of gravity would give \[kg\]: [#centreHeight] turned round.
    ///
    /// @param z    height of the centre of gravity above the ground \[m\]
    /// @param nose angle then \[rad\]
    public static double raised(double mass, double level, double z, double nose, double axle, double ball,
            double radius) {
        double tan = Math.tan(nose);
        return (level * axle - mass * (z - radius) * tan) / (axle - (ball - radius) * tan);
    }

    /// Centre of gravity behind the ball from a level weighing \[m\].
    public static double centre(double mass, double tongue, double axle) {
        return axle * (1 - tongue / mass);
    }
}
