package lectulum.kernel.heat;

import lectulum.kernel.weather.SolarDay;

/// Sun on a surface under a clear sky, by the hour (ASHRAE's monthly constants), and what it makes of a skin.
///
/// The declination is that of [SolarDay] on the 21st of the month, so that there is one sun for panels and for walls.
public final class ClearSky {
    private static final double[] A = {1230, 1215, 1186, 1136, 1104, 1088, 1085, 1107, 1151, 1192, 1221, 1233};
    private static final double[] B = {.142, .144, .156, .180, .196, .205, .207, .201, .177, .160, .149, .142};
    private static final double[] C = {.058, .060, .071, .097, .121, .134, .136, .122, .092, .073, .063, .057};
    private static final double LOW = 0.01;
    private static final double GROUND = 0.2;
    /// Passed from a skin to the air outside \[W/(m² K)\] (ASHRAE), and of bare aluminium that gives off little.
    public static final double SKIN = 17;
    public static final double BARE = 13;
    private static final double SKY = 63;

    private ClearSky() {
    }

    /// Which way a surface faces.
    ///
    /// @param east  of its outward normal, as north and up
    public record Facing(double east, double north, double up) {
        public static final Facing UP = new Facing(0, 0, 1);

        /// @param azimuth clockwise from north \[rad\]
        /// @param tilt    from level \[rad\]
        public static Facing of(double azimuth, double tilt) {
            return new Facing(Math.sin(azimuth) * Math.sin(tilt), Math.cos(azimuth) * Math.sin(tilt), Math.cos(tilt));
        }

        /// Of a side of a trailer that stands with its nose towards a bearing.
        ///
        /// @param nx normal rearward
        /// @param ny to the right
        /// @param nz up
        /// @param bearing of the nose, clockwise from north \[rad\]
        public static Facing ofBody(double nx, double ny, double nz, double bearing) {
            double flat = Math.hypot(nx, ny);
            double azimuth = flat > 0 ? bearing + Math.atan2(ny, -nx) : bearing;
            return new Facing(Math.sin(azimuth) * flat, Math.cos(azimuth) * flat, nz);
        }
    }

    /// Irradiance \[W/m²\].
    ///
    /// @param latitude north positive \[°\]
    /// @param day      of the year, for the declination
    /// @param month    1 to 12
    /// @param hour     solar time
    /// @param shade    part of the beam that trees keep off, 0 to 1
    public static double on(Facing f, double latitude, int day, int month, double hour, double shade) {
        double phi = Math.toRadians(latitude);
        double delta = new SolarDay(day, latitude).declination();
        double h = Math.toRadians(15 * (hour - 12));
        double east = -Math.cos(delta) * Math.sin(h);
        double north = Math.sin(delta) * Math.cos(phi) - Math.cos(delta) * Math.cos(h) * Math.sin(phi);
        double up = Math.cos(phi) * Math.cos(delta) * Math.cos(h) + Math.sin(phi) * Math.sin(delta);
        if (up <= LOW) {
            return 0;
        }
        double direct = A[month - 1] * Math.exp(-B[month - 1] / up);
        double c = C[month - 1];
        double cos = f.east * east + f.north * north + f.up * up;
        return direct * Math.max(0, cos) * (1 - shade) + c * direct * (1 + f.up) / 2
                + direct * (c + up) * GROUND * (1 - f.up) / 2;
    }

    /// Temperature of outside air that would pass as much heat into a wall as sun and sky do \[°C\].
    ///
    /// @param absorbs part of the sun, 0 to 1
    /// @param skin    heat passed to the air \[W/(m² K)\]
    public static double solAir(double air, double absorbs, double irradiance, double up, double skin) {
        return air + absorbs * irradiance / skin - SKY * Math.max(0, up) / skin;
    }
}
