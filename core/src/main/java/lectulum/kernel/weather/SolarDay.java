package lectulum.kernel.weather;

/// The sun over one place on one day, in solar time.
///
/// Declination by Spencer (1971), diffuse part by Erbs, Klein and Duffie (1982), hourly split by Collares-Pereira and Rabl
/// (1979) and Liu and Jordan (1960). In the polar night all is zero; under the midnight sun it goes round.
///
/// @param day      of the year, 1 to 365
/// @param latitude \[°\], north positive, −90 to 90
public record SolarDay(int day, double latitude) {
    private static final double SOLAR_CONSTANT = 1367;
    private static final int HOURS = 24;
    /// Under this rise of the sun the beam on a tilted panel is not let grow without bound: the sine of 5°.
    private static final double LOWEST = 0.0872;
    private static final double GROUND = 0.2;
    private static final double SHORT_DAY = Math.toRadians(81.4);

    /// Declination of the sun \[rad\].
    public double declination() {
        double g = 2 * Math.PI * (day - 1) / 365;
        return 0.006918 - 0.399912 * StrictMath.cos(g) + 0.070257 * StrictMath.sin(g)
                - 0.006758 * StrictMath.cos(2 * g) + 0.000907 * StrictMath.sin(2 * g) - 0.002697 * StrictMath.cos(3 * g)
                + 0.00148 * StrictMath.sin(3 * g);
    }

    /// Hour angle of sunset \[rad\], 0 in the polar night, π under the midnight sun.
    public double sunset() {
        double phi = Math.toRadians(latitude);
        return StrictMath.acos(Math.clamp(-StrictMath.tan(phi) * StrictMath.tan(declination()), -1, 1));
    }

    /// From sunrise to sunset \[h\].
    public double length() {
        return HOURS / Math.PI * sunset();
    }

    /// Energy on level ground outside the air \[Wh/m²\].
    public double outside() {
        double phi = Math.toRadians(latitude);
        double delta = declination();
        double set = sunset();
        double near = 1 + 0.033 * StrictMath.cos(2 * Math.PI * day / 365);
        return Math.max(0, HOURS / Math.PI * SOLAR_CONSTANT * near * (StrictMath.cos(phi) * StrictMath.cos(delta)
                * StrictMath.sin(set) + set * StrictMath.sin(phi) * StrictMath.sin(delta)));
    }

    /// Part of a day's radiation that comes from the sky and not straight from the sun.
    ///
    /// @param clearness radiation on level ground as a part of that outside the air, 0 to 1
    public double diffusePart(double clearness) {
        double k = clearness;
        if (sunset() <= SHORT_DAY) {
            return k < 0.715
                    ? 1 - 0.2727 * k + 2.4495 * k * k - 11.9514 * k * k * k + 9.3879 * k * k * k * k
                    : 0.143;
        }
        return k < 0.722 ? 1 + 0.2832 * k - 2.5557 * k * k + 0.8448 * k * k * k : 0.175;
    }

    /// Irradiance on level ground by the hour, and the diffuse part of it \[W/m²\].
    ///
    /// @param global  24 values, of the hours from midnight
    /// @param diffuse of them
    public record Irradiance(double[] global, double[] diffuse) {
    }

    /// The day of a clearness by the hour. The sum over the day is clearness × [#outside()] to rounding; a
    /// sun that is up for less than an hour is in the middle of none and gives nothing.
    ///
    /// @param offset solar time less clock time \[h\]
    public Irradiance hours(double clearness, double offset) {
        double set = sunset();
        double a = 0.409 + 0.5016 * StrictMath.sin(set - Math.PI / 3);
        double b = 0.6609 - 0.4767 * StrictMath.sin(set - Math.PI / 3);
        double[] direct = new double[HOURS];
        double[] sky = new double[HOURS];
        double all = 0;
        double allSky = 0;
        for (int i = 0; i < HOURS; i++) {
            double cos = StrictMath.cos(angle(i, offset));
            sky[i] = Math.max(0, cos - StrictMath.cos(set));
            direct[i] = sky[i] * Math.max(0, a + b * cos);
            all += direct[i];
            allSky += sky[i];
        }
        double total = clearness * outside();
        double diffuse = total * diffusePart(clearness);
        for (int i = 0; i < HOURS; i++) {
            direct[i] = all > 0 ? total * direct[i] / all : 0;
            sky[i] = allSky > 0 ? Math.min(diffuse * sky[i] / allSky, direct[i]) : 0;
        }
        return new Irradiance(direct, sky);
    }

    /// Hour angle in the middle of an hour of the clock \[rad\].
    private static double angle(int hour, double offset) {
        double solar = (hour + 0.5 + offset) % HOURS;
        return Math.toRadians(15 * ((solar < 0 ? solar + HOURS : solar) - 12));
    }

    /// Sine of how high it stands.
    private double up(double w) {
        double phi = Math.toRadians(latitude);
        double delta = declination();
        return StrictMath.sin(phi) * StrictMath.sin(delta)
                + StrictMath.cos(phi) * StrictMath.cos(delta) * StrictMath.cos(w);
    }

    /// How high it stands in the middle of an hour \[rad\], negative under the horizon.
    ///
    /// @param hour of the clock, 0 to 23
    public double height(int hour, double offset) {
        return StrictMath.asin(Math.clamp(up(angle(hour, offset)), -1, 1));
    }

    /// Irradiance on a tilted panel in one hour \[W/m²\]: beam, sky and ground (isotropic sky, ground of 0.2).
    ///
    /// @param hour    of the clock, 0 to 23
    /// @param tilt    from level \[rad\]
    /// @param azimuth towards which it is tilted, clockwise from north \[rad\]
    public double tilted(Irradiance level, int hour, double offset, double tilt, double azimuth) {
        double g = level.global[hour];
        if (tilt == 0 || g <= 0) {
            return g;
        }
        double phi = Math.toRadians(latitude);
        double delta = declination();
        double w = angle(hour, offset);
        double east = -StrictMath.cos(delta) * StrictMath.sin(w);
        double north = StrictMath.cos(phi) * StrictMath.sin(delta)
                - StrictMath.sin(phi) * StrictMath.cos(delta) * StrictMath.cos(w);
        double up = up(w);
        double facing = east * StrictMath.sin(tilt) * StrictMath.sin(azimuth)
                + north * StrictMath.sin(tilt) * StrictMath.cos(azimuth) + up * StrictMath.cos(tilt);
        double beam = Math.max(0, facing) / Math.max(up, LOWEST);
        double cos = StrictMath.cos(tilt);
        return (g - level.diffuse[hour]) * beam + level.diffuse[hour] * (1 + cos) / 2 + GROUND * g * (1 - cos) / 2;
    }
}
