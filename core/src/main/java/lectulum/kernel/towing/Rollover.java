package lectulum.kernel.towing;

import lectulum.units.Units;

/// When the trailer tips over sideways: rigid, and with what its springs give way (quasi-static roll model of
/// vehicle-dynamics textbooks). A trend, no certificate.
///
/// @param rigid    sideways acceleration at which the inner wheel lifts, rigid \[g\]
/// @param slope    cross-slope at which it lifts standing still, rigid \[rad\]
/// @param lean     of the body on its springs \[rad/g\]
/// @param sprung   sideways acceleration at which the inner wheel lifts, on springs \[g\]; 0 where it leans over by itself
public record Rollover(double rigid, double slope, double lean, double sprung) {

    /// The trailer's mass and where it is.
    ///
    /// @param mass   \[kg\]
    /// @param x      centre behind the ball \[m\]
    /// @param y      centre right of the middle \[m\]
    /// @param z      centre above the ground \[m\]
    /// @param axle   ball to axle \[m\]
    /// @param ball   height of the ball \[m\]
    /// @param track  \[m\]
    public record Body(double mass, double x, double y, double z, double axle, double ball, double track) {
    }

    /// Its springs.
    ///
    /// @param mass       sprung \[kg\]
    /// @param z          centre of the sprung mass above the ground \[m\]
    /// @param rollCentre above the ground \[m\]
    /// @param side       spring rate of one side \[N/m\]
    /// @param base       distance of the springs \[m\]
    /// @param tyre       rate of the tyres of one side \[N/m\]
    public record Springs(double mass, double z, double rollCentre, double side, double base, double tyre) {
    }

    public static Rollover of(Body b, Springs s) {
        double p = (b.axle - b.x) / b.axle;
        double stand = (1 - p) * b.track / 2 - Math.abs(b.y);
        double rigid = stand / (b.z - p * b.ball);
        double arm = s.z - s.rollCentre;
        double stiffness = 1 / (1 / (s.side * s.base * s.base / 2) + 1 / (s.tyre * b.track * b.track / 2));
        double overturning = s.mass * Units.GRAVITY * arm;
        if (stiffness <= overturning) {
            return new Rollover(rigid, Math.atan(rigid), Double.POSITIVE_INFINITY, 0);
        }
        double lean = overturning / (stiffness - overturning);
        return new Rollover(rigid, Math.atan(rigid), lean,
                stand / (b.z - p * b.ball + s.mass / b.mass * arm * lean));
    }

    /// Speed through a curve that uses a part of the sprung threshold \[m/s\].
    ///
    /// @param radius of the curve \[m\]
    /// @param part   of the threshold, 0 to 1
    public double curveSpeed(double radius, double part) {
        return Math.sqrt(part * sprung * Units.GRAVITY * radius);
    }
}
