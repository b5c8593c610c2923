package lectulum.kernel.standing;

/// An uncoupled trailer on its wheels: who lifts its tongue by stepping on its tail (moment about the wheels' contact).
public final class TipUp {
    /// Height of a standing person's centre above the floor \[m\] (assumed).
    public static final double STANDING = 0.95;

    private TipUp() {
    }

    /// Mass at a station behind the axle that just lifts the tongue \[kg\], divided by a reserve against stepping and
    /// bouncing; infinite where standing there cannot lift it.
    ///
    /// @param mass    of the trailer \[kg\]
    /// @param centre  of it behind the ball \[m\]
    /// @param z       centre above the ground \[m\]
    /// @param axle    ball to axle \[m\]
    /// @param radius  of the loaded tyre \[m\]
    /// @param station of the person behind the ball \[m\]
    /// @param height  of the person's centre above the ground \[m\]
    /// @param nose    angle of the trailer, nose up positive \[rad\]
    /// @param reserve ≥ 1
    public static double mass(double mass, double centre, double z, double axle, double radius, double station,
            double height, double nose, double reserve) {
        double tan = Math.tan(nose);
        double holds = mass * ((axle - centre) - (z - radius) * tan);
        double lifts = (station - axle) + (height - radius) * tan;
        return lifts > 0 ? holds / lifts / reserve : Double.POSITIVE_INFINITY;
    }

    /// Slope that a wheel climbs over a chock that cannot slide \[rad\].
    ///
    /// @param axle   load on the wheels \[kg\]
    /// @param mass   of the trailer \[kg\]
    /// @param chock  height of the chock \[m\], below the radius
    public static double chockHolds(double axle, double mass, double radius, double chock) {
        return Math.atan(axle / mass * Math.sqrt(2 * radius * chock - chock * chock) / (radius - chock));
    }
}
