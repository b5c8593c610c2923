package lectulum.kernel.towing;

import java.util.OptionalDouble;
import lectulum.units.Units;

/// A trailer on its springs rocks about the ball (single degree of freedom; vibration textbooks).
///
/// @param frequency \[Hz\]
/// @param sag       how far the springs are pressed under the load \[m\]
public record Bounce(double frequency, double sag) {

    /// @param springs rate of both springs of all axles \[N/m\], > 0
    /// @param tyres   rate of all tyres \[N/m\], > 0
    /// @param axle    ball to axle \[m\]
    /// @param inertia of the sprung mass about the ball, in pitch \[kg·m²\], > 0
    /// @param load    on the springs \[kg\]
    public static Bounce of(double springs, double tyres, double axle, double inertia, double load) {
        double rate = springs * tyres / (springs + tyres);
        return new Bounce(Math.sqrt(rate * axle * axle / inertia) / (2 * Math.PI), load * Units.GRAVITY / springs);
    }

    /// Damping ratio by counting: pushed and let go it swings so often until a part of the first swing is left (logarithmic decrement).
    ///
    /// @param cycles > 0
    /// @param left   part of the first swing that is left, above 0 and below 1
    /// @return empty outside of these
    public static OptionalDouble damping(double cycles, double left) {
        if (!(cycles > 0) || !(left > 0) || left >= 1) {
            return OptionalDouble.empty();
        }
        double decrement = Math.log(1 / left) / cycles;
        return OptionalDouble.of(decrement / Math.hypot(2 * Math.PI, decrement));
    }
}
