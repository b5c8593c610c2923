package lectulum.kernel.flow;

/// Hot water from a heater: how warm, how much, how long.
///
/// @param power      burnt or taken \[W\]
/// @param efficiency 0 to 1
public record HotWater(double power, double efficiency) {
    private static final double DENSITY = 1000;
    private static final double HIGH = 600;
    private static final double STEP = 300;
    private static final double LESS = 0.04;
    /// How far water in a tank stays layered, 0 stirred to 1 (assumed).
    private static final double LAYERED = 0.6;
    private static final double LITRE = 1e-3;

    private static double perVolume() {
        return DENSITY * WaterAt.HEAT;
    }

    /// Of a burner at a height above the sea: 4 % less for each 300 m over 600 m (usual fuel-gas practice).
    public static double derated(double altitude) {
        return Math.max(0, 1 - LESS * Math.max(0, (altitude - HIGH) / STEP));
    }

    /// Into the water at that height \[W\].
    public double gives(double altitude) {
        return power * efficiency * derated(altitude);
    }

    /// Rise of water that runs through \[K\].
    ///
    /// @param flow \[m³/s\], > 0
    public double rise(double flow, double altitude) {
        return gives(altitude) / (perVolume() * flow);
    }

    /// What leaves it \[°C\]: no more than it is set to.
    public double leaves(double cold, double flow, double set, double altitude) {
        return Math.min(set, cold + rise(flow, altitude));
    }

    /// Flow at which a temperature is reached \[m³/s\]; infinite for one that the cold water has.
    public double flowFor(double cold, double target, double altitude) {
        return target > cold ? gives(altitude) / (perVolume() * (target - cold)) : Double.POSITIVE_INFINITY;
    }

    /// Power that a heater of its efficiency needs for a flow at a temperature \[W\].
    public double powerFor(double cold, double target, double flow, double altitude) {
        return perVolume() * flow * (target - cold) / (efficiency * derated(altitude));
    }

    /// Part of a mix that is hot, 0 to 1; NaN where hot water is no warmer than cold.
    public static double hotPart(double mixed, double cold, double hot) {
        return hot > cold ? (mixed - cold) / (hot - cold) : Double.NaN;
    }

    /// A tank that is heated.
    ///
    /// @param volume \[m³\]
    /// @param hot    \[°C\]
    /// @param loses  \[W/K\]
    public record Storage(double volume, double hot, double loses) {
    }

    /// Minutes of a shower from a tank: stirred, layered, and as it is between them \[s\].
    public record Shower(double stirred, double layered, double usual) {
    }

    /// @param cold   \[°C\]
    /// @param shower \[°C\]
    /// @param flow   \[m³/s\]
    public Shower shower(Storage tank, double cold, double shower, double flow) {
        double use = perVolume() * flow * (shower - cold) - power * efficiency;
        if (tank.hot <= shower) {
            return new Shower(0, 0, 0);
        }
        if (use <= 0) {
            return new Shower(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
        }
        double heat = tank.volume / LITRE * WaterAt.HEAT;
        double stirred = heat * (tank.hot - shower) / use;
        double layered = heat * (tank.hot - cold) / use;
        return new Shower(stirred, layered, (1 - LAYERED) * stirred + LAYERED * layered);
    }

    /// Until a cold tank is hot \[s\].
    public double reheats(Storage tank, double cold) {
        return tank.volume / LITRE * WaterAt.HEAT * (tank.hot - cold) / (power * efficiency);
    }

    /// Energy that a volume takes up \[J\], a litre weighing a kilogram.
    public static double energy(double volume, double cold, double warm) {
        return volume / LITRE * WaterAt.HEAT * (warm - cold);
    }
}
