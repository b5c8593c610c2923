package lectulum.kernel.heat;

/// What keeps a cabin cool.
///
/// @param sensible \[W\]
/// @param latent   of vapour that has to be condensed \[W\]
public record Cooling(double sensible, double latent) {
    private static final double EVAPORATION = 2.5e6;
    private static final double SPARE = 1.10;
    private static final double WEAKER = 0.015;
    private static final double WARM = 35;
    /// British thermal units an hour \[W\].
    public static final double BTU_HOUR = 0.29307107;

    /// Latent heat of air that changes \[W\].
    ///
    /// @param inside  kg of vapour in a kg of dry air
    public static double latent(double changes, double volume, double altitude, double outside, double inside) {
        return Steady.airDensity(altitude) * changes * volume / 3600 * EVAPORATION * Math.max(0, outside - inside);
    }

    public double total() {
        return sensible + latent;
    }

    /// Cooler to buy by its plate \[W\]: a tenth more, and more above 35 °C, where coolers grow weak (assumed).
    public double size(double outside) {
        return total() * SPARE / (1 - WEAKER * Math.max(0, outside - WARM));
    }

    /// What a fan makes of it: never below outside \[°C\].
    ///
    /// @param walls Σ area × U \[W/K\]
    /// @param flow  \[m³/s\]
    public static double withFan(double outside, double gains, double walls, double flow, double altitude) {
        return outside + Math.max(0, gains)
                / (walls + Steady.airDensity(altitude) * Steady.AIR_HEAT * flow);
    }
}
