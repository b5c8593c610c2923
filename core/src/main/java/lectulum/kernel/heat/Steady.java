package lectulum.kernel.heat;

/// A cabin in steady cold: what it loses, what a heater holds.
///
/// @param walls  Σ area × U \[W/K\]
/// @param air    lost with air that changes \[W/K\]
public record Steady(double walls, double air) {
    /// Heat in a kilogram of air \[J/(kg K)\].
    public static final double AIR_HEAT = 1006;
    private static final double SEA_LEVEL = 1.204;
    private static final double RESERVE = 1.25;

    /// Of air at a height above the sea (standard atmosphere) \[kg/m³\].
    public static double airDensity(double altitude) {
        return SEA_LEVEL * Math.pow(1 - 2.25577e-5 * altitude, 5.25588);
    }

    /// Pressure of air at a height above the sea \[Pa\].
    public static double pressure(double altitude) {
        return 101_325 * Math.pow(1 - 2.25577e-5 * altitude, 5.25588);
    }

    /// @param changes of air in an hour \[1/h\]
    /// @param volume  \[m³\]
    public static Steady of(double walls, double changes, double volume, double altitude) {
        return new Steady(walls, airDensity(altitude) * AIR_HEAT * changes * volume / 3600);
    }

    public double all() {
        return walls + air;
    }

    /// Lost at these temperatures \[W\]; none where it is no colder outside.
    public double load(double inside, double outside) {
        return Math.max(0, all() * (inside - outside));
    }

    /// Heater to buy, with a quarter to warm up \[W\].
    public double size(double inside, double outside) {
        return RESERVE * load(inside, outside);
    }

    /// What a heater has to give while people and devices help \[W\].
    public double running(double inside, double outside, double gains) {
        return Math.max(0, load(inside, outside) - gains);
    }

    /// Coldest outside in which a heater holds the room \[°C\].
    public double holdsDownTo(double inside, double power, double gains) {
        return inside - (power + gains) / all();
    }

    /// What the room reaches \[°C\].
    public double reaches(double outside, double power, double gains) {
        return outside + (power + gains) / all();
    }
}
