package lectulum.kernel.flow;

/// Water at a temperature (density after Kell's short form, viscosity after Vogel; 0 to 90 °C).
public final class WaterAt {
    /// Heat that warms a kilogram by a kelvin \[J/(kg K)\].
    public static final double HEAT = 4186;
    /// Heat that melts a kilogram of ice \[J/kg\].
    public static final double MELTING = 334_000;
    /// Acceleration of gravity \[m/s²\].
    public static final double G = 9.80665;
    /// Static heads are taken at this temperature \[°C\].
    public static final double COOL = 15;

    private WaterAt() {
    }

    /// Density \[kg/m³\].
    ///
    /// @param t \[°C\], 0 to 90
    public static double density(double t) {
        return 1000 * (1 - (t + 288.9414) * (t - 3.9863) * (t - 3.9863) / (508_929.2 * (t + 68.12963)));
    }

    /// Dynamic viscosity \[Pa s\].
    ///
    /// @param t \[°C\], 0 to 90
    public static double viscosity(double t) {
        return 2.414e-5 * Math.pow(10, 247.8 / (t + 133.15));
    }
}
