package lectulum.kernel.statics;

import java.util.OptionalDouble;

/// A rigid, level trailer on one ball and one axle line (statics; see docs/method/balance.md).
///
/// Loads are given in kilograms: what a scale under that point would read.
public final class Statics {
    private Statics() {
    }

    /// Tongue load T = M·(a − c)/a \[kg\].
    ///
    /// @param mass loaded mass M \[kg\], ≥ 0
    /// @param cg   centre of gravity behind the ball c \[m\]
    /// @param axle axle line behind the ball a \[m\], > 0; where it is not, there is no answer
    public static OptionalDouble tongueLoad(double mass, double cg, double axle) {
        return axle > 0 ? OptionalDouble.of(mass * (axle - cg) / axle) : OptionalDouble.empty();
    }

    /// What one kilogram at x adds to the tongue load: λ = 1 − x/a.
    public static double lever(double x, double axle) {
        return 1 - x / axle;
    }

    /// Load of the wheels on the right side \[kg\]: half the axle load and all of the side moment, since a ball gives no
    /// support against rolling.
    ///
    /// @param axleLoad \[kg\]
    /// @param mass     loaded mass \[kg\]
    /// @param side     centre of gravity right of the middle \[m\]
    /// @param track    between the middles of the tyres \[m\], > 0
    public static double rightLoad(double axleLoad, double mass, double side, double track) {
        return axleLoad / 2 + mass * side / track;
    }

    /// Station at which added mass leaves the tongue share alone: a·(1 − p), behind the ball \[m\].
    public static double neutralStation(double axle, double share) {
        return axle * (1 - share);
    }

    /// Mass that must be put at a station to bring the tongue share to a target \[kg\]: (p·M − T)/(λ − p). Empty where
    /// nothing put there can help.
    public static OptionalDouble ballast(double mass, double tongue, double axle, double station, double share) {
        double slope = lever(station, axle) - share;
        double ballast = (share * mass - tongue) / slope;
        return slope != 0 && ballast >= 0 ? OptionalDouble.of(ballast) : OptionalDouble.empty();
    }

    /// What braking adds to the tongue load \[kg\]; negative for pulling away and climbing.
    ///
    /// @param slowing deceleration \[g\]
    /// @param own     part of the trailer's inertia force that its own brakes hold, 0 to 1
    public static double braking(double mass, double axle, double z, double ball, double slowing, double own) {
        return mass * slowing * (z - (1 - own) * ball) / axle;
    }

    /// Where grey water must go so that using fresh water leaves the tongue load alone \[m\].
    ///
    /// @param fresh    station of the fresh tank behind the ball \[m\]
    /// @param returned part of the fresh water that comes back as grey, above 0
    public static double greyForLoad(double axle, double fresh, double returned) {
        return axle - (axle - fresh) / returned;
    }

    /// Where grey water must go so that using fresh water leaves the tongue share alone \[m\].
    public static double greyForShare(double axle, double share, double fresh, double returned) {
        double neutral = neutralStation(axle, share);
        return neutral - (neutral - fresh) / returned;
    }
}
