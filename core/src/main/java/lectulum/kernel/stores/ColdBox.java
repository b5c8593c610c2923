package lectulum.kernel.stores;

/// A box that is kept cold by ice or by a compressor.
///
/// @param loss   \[W/K\]
/// @param inside \[°C\]
/// @param volume \[m³\]
/// @param food   warm that is put in in a day \[kg\]
/// @param warm   temperature of it \[°C\]
/// @param opens  in a day
public record ColdBox(double loss, double inside, double volume, double food, double warm, double opens) {
    private static final double DAY = 86_400;
    private static final double FOOD = 3600;
    private static final double WATER = 4186;
    private static final double MELTING = 334_000;
    private static final double KELVIN = 273.15;
    private static final double AIR = 1.204 * 1006;
    /// Part of the ideal that a small compressor reaches, and its coils' distance from box and air \[K\] (assumed).
    private static final double OF_IDEAL = 0.30;
    private static final double COLDER = 10;
    private static final double HOTTER = 15;

    /// Heat that comes in, mean of a day \[W\].
    public double heat(double air) {
        return (loss * (air - inside) * DAY + food * FOOD * (warm - inside)
                + opens * 0.5 * volume * AIR * 2 * (air - inside)) / DAY;
    }

    /// Ice that melts in a day \[kg\]; none where it is cold outside.
    public double ice(double air) {
        return Math.max(0, heat(air)) * DAY / (MELTING + WATER * inside);
    }

    /// Days that ice lasts; infinite where none melts.
    public double days(double ice, double air) {
        return ice(air) > 0 ? ice / ice(air) : Double.POSITIVE_INFINITY;
    }

    /// Heat moved for a joule of current.
    public double performance(double air) {
        double cold = inside - COLDER + KELVIN;
        double hot = air + HOTTER + KELVIN;
        return OF_IDEAL * cold / Math.max(1, hot - cold);
    }

    /// Current that a compressor takes, mean of a day \[W\].
    public double power(double air) {
        return Math.max(0, heat(air)) / performance(air);
    }
}
