package lectulum.kernel.lashing;

import lectulum.units.Units;

/// Direct lashing of a load (EN 12195-1): the force each strap that works in a direction must take.
public final class Lashing {
    /// Accelerations to be held, as parts of the weight: forwards, and rearwards or sideways (EN 12195-1).
    public static final double FORWARDS = 0.8;
    public static final double BACK_AND_SIDE = 0.5;
    private static final double FRICTION_PART = 0.75;

    private Lashing() {
    }

    /// Force in each strap \[N\]; 0 where friction alone holds.
    ///
    /// @param mass     \[kg\]
    /// @param part     acceleration as a part of the weight
    /// @param friction between load and floor; 0 for what rolls
    /// @param straps   that pull against this direction, ≥ 1
    /// @param steep    angle above the floor \[rad\]
    /// @param aside    angle in plan from the direction \[rad\]
    public static double force(double mass, double part, double friction, int straps, double steep, double aside) {
        double f = friction * FRICTION_PART;
        return mass * Units.GRAVITY * Math.max(0, part - f)
                / (straps * (Math.cos(steep) * Math.cos(aside) + f * Math.sin(steep)));
    }

    /// Tension of each strap that passes over the load and holds it down by friction \[N\]; 0 where friction alone holds.
    ///
    /// @param friction above 0
    /// @param straps   ≥ 1
    /// @param steep    angle above the floor \[rad\]
    /// @param reserve  1.25 forwards, 1.1 else (EN 12195-1)
    public static double topOver(double mass, double part, double friction, int straps, double steep, double reserve) {
        return friction > 0
                ? reserve * Math.max(0, part - friction) * mass * Units.GRAVITY
                        / (2 * straps * friction * Math.sin(steep))
                : Double.POSITIVE_INFINITY;
    }
}
