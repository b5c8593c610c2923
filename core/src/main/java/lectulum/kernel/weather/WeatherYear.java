package lectulum.kernel.weather;

/// A year of days that a climate could bring: clearness and temperature of each, with a memory of the day before, from a
/// seed. The months keep the mean clearness of the climate. The same seed gives the same year to the last bit.
///
/// @param clearness   of each of 365 days, 0.05 to 0.80
/// @param temperature mean of each day \[°C\]
public record WeatherYear(Band band, double latitude, double[] clearness, double[] temperature) {
    public static final int DAYS = 365;
    private static final double CLOUD_MEMORY = 0.3;
    private static final double WARMTH_MEMORY = 0.7;
    private static final double DARKEST = 0.05;
    private static final double CLEAREST = 0.80;
    private static final int PASSES = 3;

    /// @param climb height above the reference of the climate \[m\]
    public static WeatherYear of(Band band, double latitude, double climb, long seed) {
        boolean south = latitude < 0;
        SplitMix chance = new SplitMix(seed);
        double[] k = new double[DAYS];
        double[] t = new double[DAYS];
        double cloud = 0;
        double warmth = 0;
        for (int d = 1; d <= DAYS; d++) {
            double forCloud = chance.normal();
            double forWarmth = chance.normal();
            cloud = CLOUD_MEMORY * cloud + StrictMath.sqrt(1 - CLOUD_MEMORY * CLOUD_MEMORY) * forCloud;
            warmth = WARMTH_MEMORY * warmth + StrictMath.sqrt(1 - WARMTH_MEMORY * WARMTH_MEMORY) * forWarmth;
            k[d - 1] = clamped(band.clearness(Band.month(d), south) + band.cloud() * cloud);
            t[d - 1] = band.temperature(d, south, climb) + band.temperature() * warmth;
        }
        for (int month = 0; month < 12; month++) {
            settle(k, month, band.clearness(month, south));
        }
        return new WeatherYear(band, latitude, k, t);
    }

    private static double clamped(double clearness) {
        return Math.clamp(clearness, DARKEST, CLEAREST);
    }

    /// Moves the days of a month until their mean is that of the climate, as far as the clearest and darkest allow.
    private static void settle(double[] k, int month, double wanted) {
        int from = 0;
        while (Band.month(from + 1) != month) {
            from++;
        }
        int to = from;
        while (to < DAYS && Band.month(to + 1) == month) {
            to++;
        }
        for (int pass = 0; pass < PASSES; pass++) {
            double sum = 0;
            for (int i = from; i < to; i++) {
                sum += k[i];
            }
            double by = wanted - sum / (to - from);
            for (int i = from; i < to; i++) {
                k[i] = clamped(k[i] + by);
            }
        }
    }

    /// Temperature of an hour \[°C\]: a clear day swings more than a dull one.
    ///
    /// @param day  1 to 365
    /// @param hour 0 to 23
    public double air(int day, int hour) {
        double k = clearness[day - 1] / band.clearness(Band.month(day), latitude < 0);
        return temperature[day - 1] + band.daySwing() * Math.clamp(k, 0.4, 1.4) * Band.swingOf(hour);
    }
}
