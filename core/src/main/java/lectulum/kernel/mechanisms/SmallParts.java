package lectulum.kernel.mechanisms;

import lectulum.units.Units;

/// Small mechanisms of a camper: roll-fronts, folding legs, hung bunks, wall cabinets, hoists.
public final class SmallParts {

    private SmallParts() {
    }

    /// Least radius of the groove of a roll-front, middle of the groove \[m\].
    ///
    /// @param width  of a slat along the track \[m\]
    /// @param thick  of a slat \[m\]
    /// @param groove its width \[m\], > thick
    public static double rollFrontRadius(double width, double thick, double groove) {
        return width * width / (8 * (groove - thick)) - thick / 2;
    }

    /// Load at which a slim leg buckles \[N\] (Euler).
    ///
    /// @param stiffness E·I \[N m²\]
    /// @param length    \[m\], > 0
    /// @param ends      1 for both ends pinned
    public static double buckling(double stiffness, double length, double ends) {
        return Math.PI * Math.PI * stiffness / (ends * length * ends * length);
    }

    /// Pull in a cable that carries a share of a hung bunk \[N\].
    ///
    /// @param share load on this cable \[N\]
    /// @param angle above the level \[rad\], > 0
    public static double cable(double share, double angle) {
        return share / Math.sin(angle);
    }

    /// Pull of that cable out of the wall \[N\].
    public static double wallPull(double share, double angle) {
        return share / Math.tan(angle);
    }

    /// Pull on each top fixing of a thing hung on a wall \[N\].
    ///
    /// @param shock  dynamic factor
    /// @param off    centre of mass off the wall \[m\]
    /// @param rows   between top and bottom row \[m\], > 0
    /// @param top    fixings in the top row
    public static double fixingPull(double mass, double shock, double off, double rows, int top) {
        return shock * mass * Units.GRAVITY * off / (rows * top);
    }

    /// Shear on each fixing \[N\].
    public static double fixingShear(double mass, double shock, int all) {
        return shock * mass * Units.GRAVITY / all;
    }

    /// Pull on each line of a hoist \[N\].
    ///
    /// @param sheaves each line runs over
    public static double hoistLine(double mass, int lines, int sheaves) {
        return mass * Units.GRAVITY / (lines * Math.pow(SHEAVE, sheaves));
    }

    /// What a plain sheave leaves of the pull (assumed).
    private static final double SHEAVE = 0.92;
}
