package lectulum.kernel.mechanisms;

/// A gas strut: what it pushes with at each length and temperature.
///
/// Gas law for a closed cylinder of nitrogen whose volume shrinks as the rod goes in. About a third of a percent is lost
/// for each kelvin; oil also thickens, so a cold strut is slow as well as weak. Gas struts are pressure vessels: do not
/// open, heat or remove them under load (docs/method/mechanisms.md).
///
/// @param force    push when extended at 20 °C \[N\], 50 to 2500
/// @param ratio    pushed-in over extended force, 1.1 to 1.8
/// @param stroke   \[m\], > 0
/// @param extended from eye to eye \[m\]
public record GasStrut(double force, double ratio, double stroke, double extended) {
    /// What must be left of the travel at each end \[m\].
    public static final double RESERVE = 0.005;
    private static final double WARM = 293.15;

    /// Push at a length between the eyes \[N\].
    ///
    /// @param length  \[m\]
    /// @param celsius temperature of the gas \[°C\]
    public double push(double length, double celsius) {
        double compressed = extended - length;
        return force * (celsius + 273.15) / WARM / (1 - (1 - 1 / ratio) * compressed / stroke);
    }

    /// By how much a length is outside the travel \[m\]; not positive where it is inside with its reserve.
    public double beyond(double length) {
        return Math.max(length - (extended - RESERVE), extended - stroke + RESERVE - length);
    }

    public GasStrut with(double newForce) {
        return new GasStrut(newForce, ratio, stroke, extended);
    }
}
