package lectulum.kernel.takeoff;

import java.util.OptionalDouble;

/// How long coats and glue take where it is not 20 °C: twice as fast for each 10 K more, not at all below the least that their sheet
/// names (a rule of thumb after Arrhenius; the product's sheet wins).
///
/// @param hours they take at the reference \[h\], > 0
/// @param at    the reference \[°C\]
/// @param least below which nothing cures \[°C\]
public record Cure(double hours, double at, double least) {
    private static final double TEN = 10;
    private static final double DAY = 24;
    private static final int MOST_DAYS = 120;

    /// Part that cures in an hour.
    public double rate(double celsius) {
        return celsius < least ? 0 : Math.pow(2, (celsius - at) / TEN) / hours;
    }

    /// Hours at a steady temperature; empty where it never cures.
    public OptionalDouble steady(double celsius) {
        return rate(celsius) > 0 ? OptionalDouble.of(1 / rate(celsius)) : OptionalDouble.empty();
    }

    /// Hours in days that are alike; empty where it is not done within 120 of them.
    ///
    /// @param start hour of the day at which it begins, 0 to 24
    /// @param day   temperatures of its 24 hours \[°C\]
    public OptionalDouble daily(double start, double[] day) {
        double done = 0;
        double t = 0;
        while (t < MOST_DAYS * DAY) {
            double clock = (start + t) % DAY;
            int hour = (int) Math.min(DAY - 1, Math.floor(clock));
            double step = Math.max(1e-9, hour + 1 - clock);
            double rate = rate(day[hour]);
            if (rate > 0 && done + rate * step >= 1) {
                return OptionalDouble.of(t + (1 - done) / rate);
            }
            done += rate * step;
            t += step;
        }
        return OptionalDouble.empty();
    }
}
