package lectulum.kernel.weather;

/// A climate in few numbers.
///
/// @param clearness   of the mean day of each month, twelve from January, in the north
/// @param cloud       standard deviation of the clearness of a day
/// @param mean        temperature of the year \[°C\]
/// @param yearSwing   from the mean to the warmest and coldest time of the year \[K\]
/// @param daySwing    from the mean of a day to its warmest and coldest hour \[K\]
/// @param temperature standard deviation of the mean of a day \[K\]
public record Band(double[] clearness, double cloud, double mean, double yearSwing, double daySwing,
        double temperature) {
    private static final int MONTHS = 12;
    private static final int[] ENDS = {31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334, 365};
    /// The coldest day of the year in the north and in the south.
    private static final int COLDEST_NORTH = 20;
    private static final int COLDEST_SOUTH = 202;
    /// The warmest hour of the day.
    private static final int WARMEST = 15;

    /// Month of a day, 0 to 11.
    ///
    /// @param day 1 to 365
    public static int month(int day) {
        int month = 0;
        while (day > ENDS[month]) {
            month++;
        }
        return month;
    }

    /// Clearness of the mean day of a month, by the hemisphere.
    ///
    /// @param month 0 to 11
    public double clearness(int month, boolean south) {
        return clearness[(month + (south ? MONTHS / 2 : 0)) % MONTHS];
    }

    /// Mean temperature of a day of the year \[°C\].
    ///
    /// @param climb height above the reference of the climate \[m\]
    public double temperature(int day, boolean south, double climb) {
        return mean - yearSwing * StrictMath.cos(2 * Math.PI * (day - (south ? COLDEST_SOUTH : COLDEST_NORTH)) / 365)
                - 0.0065 * climb;
    }

    /// By how much an hour is warmer than the mean of its day \[K\], on a day of usual clearness.
    ///
    /// @param hour of the clock, 0 to 23
    public double swing(int hour) {
        return daySwing * swingOf(hour);
    }

    /// The course of a day from −1 to 1, warmest in the middle of the fifteenth hour.
    public static double swingOf(int hour) {
        return StrictMath.cos(2 * Math.PI * (hour + 0.5 - WARMEST) / 24);
    }
}
