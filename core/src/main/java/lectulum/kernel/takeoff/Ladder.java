package lectulum.kernel.takeoff;

/// A ladder frame with an A-shaped tongue.
///
/// @param inner cross-members between the ends
/// @param pitch of the cross-members \[m\]
/// @param cross length of one, the ends too \[m\]
/// @param rail  length of one \[m\]
/// @param leg   length of one leg of the tongue \[m\]
/// @param angle of a leg from straight ahead \[rad\]
public record Ladder(int inner, double pitch, double cross, double rail, double leg, double angle) {

    /// @param length of the frame \[m\]
    /// @param width  over the rails \[m\]
    /// @param member width of a member from above \[m\]
    /// @param gap    between cross-members at most \[m\]
    /// @param ahead  from the coupler to the front of the frame \[m\]
    /// @param under  that the legs run under the frame \[m\]
    /// @param apex   half of the width at the coupler \[m\]
    public static Ladder of(double length, double width, double member, double gap, double ahead, double under,
            double apex) {
        int inner = Math.max(0, (int) Math.ceil((length - member) / gap - 1e-9) - 1);
        double spread = (width - member) / 2 - apex;
        return new Ladder(inner, (length - member) / (inner + 1), width - 2 * member, length,
                Math.hypot(ahead + under, spread), Math.atan2(spread, ahead + under));
    }

    /// All members end to end \[m\].
    public double total() {
        return 2 * rail + (inner + 2) * cross + 2 * leg;
    }
}
