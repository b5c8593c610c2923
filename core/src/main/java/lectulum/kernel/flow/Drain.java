package lectulum.kernel.flow;

/// A waste pipe, half full, by Manning's formula.
///
/// @param x        from the fixture to the tank, rearward \[m\]
/// @param y        to the right \[m\]
/// @param z        rise \[m\]: negative where it falls
/// @param diameter inside \[m\]
public record Drain(double x, double y, double z, double diameter) {
    private static final double ROUGHNESS = 0.009;
    private static final double WIDE = 0.075;

    /// Along the ground \[m\].
    public double level() {
        return Math.hypot(x, y);
    }

    /// Fall over length when it stands level.
    public double slope() {
        return level() > 0 ? -z / level() : Double.POSITIVE_INFINITY;
    }

    /// The same on a slope.
    ///
    /// @param pitch nose up \[rad\]
    /// @param roll  right side down \[rad\]
    public double slope(double pitch, double roll) {
        return level() > 0
                ? slope() + x / level() * Math.tan(pitch) + y / level() * Math.tan(roll)
                : Double.POSITIVE_INFINITY;
    }

    /// Flow that it carries half full at a fall \[m³/s\].
    public double carries(double slope) {
        if (slope <= 0) {
            return 0;
        }
        double area = Math.PI * diameter * diameter / 8;
        return area * Math.pow(diameter / 4, 2.0 / 3) * Math.sqrt(Math.min(slope, 1)) / ROUGHNESS;
    }

    /// Fall that it needs, 2 %, or 1 % of 75 mm and more (usual plumbing practice) \[m\].
    public double needed() {
        return (diameter >= WIDE ? 0.01 : 0.02) * level();
    }

    /// Pitch at which it stops \[rad\]; infinite for a pipe that runs across.
    public double limit() {
        return Math.abs(x) > 0 ? Math.atan(slope() * level() / Math.abs(x)) : Double.POSITIVE_INFINITY;
    }
}
