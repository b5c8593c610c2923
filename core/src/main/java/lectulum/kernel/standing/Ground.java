package lectulum.kernel.standing;

/// Plane ground under a trailer that has been levelled on it: the high wheels stay on the ground, the low ones stand on
/// blocks, and the tongue is wound up or down.
///
/// @param pitch of the ground, higher towards the nose positive \[rad\]
/// @param roll  of the ground, lower to the right positive \[rad\]
/// @param axle  place of the axle line \[m\]
/// @param track \[m\]
public record Ground(double pitch, double roll, double axle, double track) {

    /// Height of the ground over the level on which the high wheels stand \[m\].
    ///
    /// @param x rearwards, as `axle` is measured \[m\]
    /// @param y to the right of the middle \[m\]
    public double height(double x, double y) {
        double highWheel = roll > 0 ? -track / 2 : track / 2;
        return Math.tan(pitch) * (axle - x) - Math.tan(roll) * (y - highWheel);
    }
}
