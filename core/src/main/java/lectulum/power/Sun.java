package lectulum.power;

import java.util.Arrays;
import lectulum.design.brief.Climate;

/// What the sun gives on level ground and from a flat panel on the mean day of a month.
///
/// Declination by Spencer (1971); radiation outside the air and the hourly split by Collares-Pereira and Rabl (1979),
/// as in Duffie and Beckman, Solar Engineering of Thermal Processes. Polar night gives zero.
public final class Sun {
    private static final double SOLAR_CONSTANT = 1367;
    /// Mean day of each month (Klein, in Duffie and Beckman).
    private static final int[] MEAN_DAY = {17, 47, 75, 105, 135, 162, 198, 228, 258, 288, 318, 344};
    /// Nominal operating cell temperature of a framed panel on a roof \[°C\] (assumed).
    private static final double CELL_TEMPERATURE = 50;
    private static final double POWER_PER_KELVIN = -0.004;
    /// Soiling, wiring, shade of vents and trees on a series string, charge controller (assumed).
    static final double SOILING = 0.95;
    static final double WIRING = 0.97;
    static final double SHADE = 1 - 2 * 0.05;
    static final double CONTROLLER = 0.96;

    private Sun() {
    }

    /// Declination of the sun \[rad\].
    ///
    /// @param day day of the year, 1 to 365
    static double declination(int day) {
        double g = 2 * Math.PI * (day - 1) / 365;
        return 0.006918 - 0.399912 * Math.cos(g) + 0.070257 * Math.sin(g) - 0.006758 * Math.cos(2 * g)
                + 0.000907 * Math.sin(2 * g) - 0.002697 * Math.cos(3 * g) + 0.00148 * Math.sin(3 * g);
    }

    /// Energy on level ground outside the air in a day \[Wh/m²\].
    ///
    /// @param latitude \[°\], north positive
    static double outsideTheAir(double latitude, int day) {
        double phi = Math.toRadians(latitude);
        double delta = declination(day);
        double sunset = sunset(phi, delta);
        double distance = 1 + 0.033 * Math.cos(2 * Math.PI * day / 365);
        double energy = 24 / Math.PI * SOLAR_CONSTANT * distance
                * (Math.cos(phi) * Math.cos(delta) * Math.sin(sunset) + sunset * Math.sin(phi) * Math.sin(delta));
        return Math.max(0, energy);
    }

    /// Irradiance on level ground in each hour of the month's mean day \[W/m²\].
    static double[] hourly(double latitude, int month, Climate climate) {
        int day = MEAN_DAY[month - 1];
        double total = climate.clearness(month, latitude < 0) * outsideTheAir(latitude, day);
        double phi = Math.toRadians(latitude);
        double delta = declination(day);
        double sunset = sunset(phi, delta);
        double a = 0.409 + 0.5016 * Math.sin(sunset - Math.PI / 3);
        double b = 0.6609 - 0.4767 * Math.sin(sunset - Math.PI / 3);
        double[] weight = new double[24];
        for (int hour = 0; hour < 24; hour++) {
            double angle = Math.toRadians(15 * (hour + 0.5 - 12));
            double diffuse = Math.max(0, Math.cos(angle) - Math.cos(sunset));
            weight[hour] = diffuse * Math.max(0, a + b * Math.cos(angle));
        }
        double sum = Arrays.stream(weight).sum();
        return sum > 0 ? Arrays.stream(weight).map(w -> total * w / sum).toArray() : weight;
    }

    /// Energy a flat panel puts into the battery on the month's mean day \[J\].
    ///
    /// @param peak nominal power of the panel \[W\]
    public static double harvest(double peak, double latitude, int month, Climate climate) {
        double air = climate.temperature(MEAN_DAY[month - 1], latitude < 0);
        double losses = SOILING * WIRING * SHADE * CONTROLLER;
        double wattHours = 0;
        for (double irradiance : hourly(latitude, month, climate)) {
            double cell = air + (CELL_TEMPERATURE - 20) / 800 * irradiance;
            wattHours += peak * irradiance / 1000 * Math.max(0, 1 + POWER_PER_KELVIN * (cell - 25)) * losses;
        }
        return wattHours * 3600;
    }

    private static double sunset(double phi, double delta) {
        return Math.acos(Math.clamp(-Math.tan(phi) * Math.tan(delta), -1, 1));
    }
}
