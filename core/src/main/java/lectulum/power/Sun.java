package lectulum.power;

import lectulum.assumed.Climates;
import lectulum.design.brief.Climate;
import lectulum.kernel.electric.SolarArray;
import lectulum.kernel.weather.SolarDay;
import lectulum.weather.MeanDay;

/// What flat panels give on the mean day of a month. Polar night gives zero.
public final class Sun {
    private static final double WATT_HOUR = 3600;

    private Sun() {
    }

    /// The mean day of a month.
    ///
    /// @param month 1 to 12
    static SolarDay day(double latitude, int month) {
        return new SolarDay(MeanDay.of(month), latitude);
    }

    /// Clearness of a month at a place.
    static double clearness(double latitude, int month, Climate climate) {
        return Climates.of(climate).clearness(month - 1, latitude < 0);
    }

    /// Air of the hours of the mean day of a month \[°C\].
    static double[] air(double latitude, int month, Climate climate) {
        return MeanDay.air(latitude, month, climate);
    }

    /// What an array puts into a battery in each hour of the mean day of a month \[W\].
    ///
    /// @param volts of the battery while it is charged \[V\]
    static double[] hours(SolarArray array, double volts, double latitude, int month, Climate climate) {
        SolarDay.Irradiance sun = day(latitude, month).hours(clearness(latitude, month, climate), 0);
        double[] air = air(latitude, month, climate);
        double[] watts = new double[24];
        for (int h = 0; h < watts.length; h++) {
            watts[h] = array.power(sun.global()[h], air[h], volts);
        }
        return watts;
    }

    /// Energy a flat panel puts into the battery on the month's mean day \[J\].
    ///
    /// @param peak nominal power of the panel \[W\]
    public static double harvest(double peak, double latitude, int month, Climate climate) {
        double sum = 0;
        for (double watts : hours(Panels.of(peak), Panels.CHARGING, latitude, month, climate)) {
            sum += watts;
        }
        return sum * WATT_HOUR;
    }
}
