package lectulum.kernel.air;

/// Water vapour in air (ISO 13788).
public final class Vapour {
    private static final double R = 461.5;
    private static final double KELVIN = 273.15;
    private static final double TRIPLE = 610.5;

    private Vapour() {
    }

    /// Pressure at which air of a temperature is saturated \[Pa\]; over ice below freezing.
    public static double saturated(double t) {
        return t >= 0
                ? TRIPLE * Math.exp(17.269 * t / (237.3 + t))
                : TRIPLE * Math.exp(21.875 * t / (265.5 + t));
    }

    /// Temperature at which it would be \[°C\].
    public static double dewPoint(double pressure) {
        double log = Math.log(pressure / TRIPLE);
        return pressure >= TRIPLE ? 237.3 * log / (17.269 - log) : 265.5 * log / (21.875 - log);
    }

    /// Vapour in a cubic metre \[kg/m³\].
    ///
    /// @param at temperature of the air \[°C\]
    public static double density(double pressure, double at) {
        return pressure / (R * (at + KELVIN));
    }

    /// Pressure of it \[Pa\].
    public static double pressure(double density, double at) {
        return density * R * (at + KELVIN);
    }

    /// Vapour in a kilogram of dry air \[kg/kg\].
    ///
    /// @param air pressure of all \[Pa\]
    public static double ratio(double pressure, double air) {
        return 0.622 * pressure / (air - pressure);
    }
}
