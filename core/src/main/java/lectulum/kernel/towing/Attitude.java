package lectulum.kernel.towing;

import lectulum.units.Units;

/// How the coupled trailer stands: the vehicle's rear sinks under the tongue, and what is left of the height of the ball
/// against the level coupler tips the trailer (statics on linear springs).
///
/// @param squat  of the ball under the tongue load \[m\]
/// @param ball   height of the ball with the trailer on \[m\]
/// @param nose   angle of the trailer, nose up positive \[rad\]
/// @param mount  how much higher the ball mount would have to be for a level trailer \[m\]
public record Attitude(double squat, double ball, double nose, double mount) {

    /// Height of the ball before the trailer is on \[m\].
    public double unladen() {
        return ball + squat;
    }

    /// The tow vehicle's springs and where they are.
    ///
    /// @param wheelbase \[m\], > 0
    /// @param overhang  ball behind the rear axle \[m\]
    /// @param rear      rate of the rear axle's springs \[N/m\], > 0
    /// @param front     rate of the front axle's springs \[N/m\], > 0
    public record Springs(double wheelbase, double overhang, double rear, double front) {
        /// Height that the ball loses under a tongue load \[m\].
        public double squat(double tongue) {
            double lever = overhang / wheelbase;
            return tongue * Units.GRAVITY * ((1 + lever) * (1 + lever) / rear + lever * lever / front);
        }
    }

    /// @param tongue  load on the ball \[kg\]
    /// @param ball    height of the ball with people aboard and no trailer \[m\]
    /// @param coupler height of the coupler when the trailer is level \[m\]
    /// @param axle    ball to axle \[m\], > 0
    public static Attitude of(double tongue, Springs springs, double ball, double coupler, double axle) {
        double squat = springs.squat(tongue);
        return laden(squat, ball - squat, coupler, axle);
    }

    /// With the ball measured under the trailer.
    ///
    /// @param squat that is in it \[m\]
    /// @param laden height of the ball with the trailer on \[m\]
    public static Attitude laden(double squat, double laden, double coupler, double axle) {
        return new Attitude(squat, laden, Math.atan((laden - coupler) / axle), coupler - laden);
    }

    /// Slope of ground that the tail just clears, driving down onto it \[rad\].
    ///
    /// @param axle   ball to axle \[m\]
    /// @param radius of the loaded tyre \[m\]
    /// @param tailX  lowest rear point behind the ball \[m\], behind the axle
    /// @param tailZ  its height \[m\]
    public static double departure(double axle, double radius, double tailX, double tailZ) {
        double dx = tailX - axle;
        double dz = radius - tailZ;
        return Math.asin(Math.min(1, radius / Math.hypot(dx, dz))) - Math.atan(dz / dx);
    }
}
