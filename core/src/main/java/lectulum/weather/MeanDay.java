package lectulum.weather;

import lectulum.assumed.Climates;
import lectulum.design.brief.Climate;
import lectulum.kernel.weather.Band;
import lectulum.kernel.weather.SolarDay;

/// The mean day of a month (days of Klein, in Duffie and Beckman).
public final class MeanDay {
    private static final int[] DAYS = {17, 47, 75, 105, 135, 162, 198, 228, 258, 288, 318, 344};

    private MeanDay() {
    }

    /// Its day of the year.
    ///
    /// @param month 1 to 12
    public static int of(int month) {
        return DAYS[month - 1];
    }

    /// Air of its hours \[°C\].
    public static double[] air(double latitude, int month, Climate climate) {
        Band band = Climates.of(climate);
        double mean = band.temperature(of(month), latitude < 0, 0);
        double[] air = new double[24];
        for (int h = 0; h < air.length; h++) {
            air[h] = mean + band.swing(h);
        }
        return air;
    }

    /// Mean of it \[°C\]: what water in tanks and pipes of a site has, never below 1 °C.
    public static double water(double latitude, int month, Climate climate) {
        return Math.max(1, Climates.of(climate).temperature(of(month), latitude < 0, 0));
    }

    /// How high the sun stands in an hour of it \[rad\], negative at night.
    public static double sun(double latitude, int month, int hour) {
        return new SolarDay(of(month), latitude).height(hour, 0);
    }

    /// From sunset to sunrise of it \[h\].
    public static double dark(double latitude, int month) {
        return 24 - new SolarDay(of(month), latitude).length();
    }

    /// Warmest hour of it \[°C\].
    public static double high(double latitude, int month, Climate climate) {
        double high = Double.NEGATIVE_INFINITY;
        for (double t : air(latitude, month, climate)) {
            high = Math.max(high, t);
        }
        return high;
    }
}
