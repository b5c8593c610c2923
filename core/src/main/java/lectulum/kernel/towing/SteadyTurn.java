package lectulum.kernel.towing;

import java.util.Optional;

/// A steady circle without slip (kinematics of a vehicle with one trailer).
///
/// @param hitch    angle between vehicle and trailer \[rad\]
/// @param trailer  radius of the trailer's axle \[m\]
/// @param cutsIn   how much nearer to the middle the trailer runs than the vehicle's rear axle \[m\]
public record SteadyTurn(double hitch, double trailer, double cutsIn) {

    /// @param radius   of the vehicle's rear axle \[m\], > 0
    /// @param overhang ball behind it \[m\]
    /// @param axle     ball to trailer axle \[m\]
    /// @return empty where the circle is too tight to be held
    public static Optional<SteadyTurn> of(double radius, double overhang, double axle) {
        double ball = Math.hypot(radius, overhang);
        if (ball <= axle) {
            return Optional.empty();
        }
        double trailer = Math.sqrt(ball * ball - axle * axle);
        return Optional.of(new SteadyTurn(Math.atan(overhang / radius) + Math.atan(axle / trailer), trailer,
                radius - trailer));
    }
}
