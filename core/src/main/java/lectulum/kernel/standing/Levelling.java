package lectulum.kernel.standing;

import java.util.ArrayList;
import java.util.List;

/// What goes under which wheel, and how far the jack is wound, to stand level (plane geometry).
///
/// @param rightLow whether the right side is low
/// @param wanted   height under the low wheels \[m\]
/// @param stack    of the blocks that come nearest \[m\]
/// @param blocks   which of the owned ones, by their place in the list
/// @param left     roll that is left, negative where it now leans the other way \[rad\]
/// @param jack     how far the jack at the tongue is wound out \[m\], negative in
public record Levelling(boolean rightLow, double wanted, double stack, List<Integer> blocks, double left,
        double jack) {
    private static final int MOST = 12;

    /// @param track   \[m\], > 0
    /// @param axle    ball to axle \[m\]
    /// @param jackAt  behind the ball \[m\]
    /// @param pitch   nose up positive \[rad\]
    /// @param roll    right side down positive \[rad\]
    /// @param owned   heights of the blocks at hand \[m\], at most twelve are used
    public static Levelling of(double track, double axle, double jackAt, double pitch, double roll,
            List<Double> owned) {
        double wanted = track * Math.sin(Math.abs(roll));
        int count = Math.min(MOST, owned.size());
        int best = 0;
        double bestStack = 0;
        for (int set = 1; set < 1 << count; set++) {
            double stack = 0;
            for (int i = 0; i < count; i++) {
                stack += (set >> i & 1) == 1 ? owned.get(i) : 0;
            }
            boolean nearer = Math.abs(stack - wanted) < Math.abs(bestStack - wanted) - 1e-9;
            boolean fewer = Math.abs(Math.abs(stack - wanted) - Math.abs(bestStack - wanted)) <= 1e-9
                    && Integer.bitCount(set) < Integer.bitCount(best);
            if (nearer || fewer) {
                best = set;
                bestStack = stack;
            }
        }
        List<Integer> blocks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            if ((best >> i & 1) == 1) {
                blocks.add(i);
            }
        }
        double left = Math.asin(Math.clamp((wanted - bestStack) / track, -1, 1));
        return new Levelling(roll > 0, wanted, bestStack, List.copyOf(blocks), left,
                bestStack / 2 - (axle - jackAt) * Math.sin(pitch));
    }

    /// Pitch and roll on a plane site.
    ///
    /// @param slope of the ground \[rad\]
    /// @param falls azimuth into which it falls \[rad\]
    /// @param nose  azimuth of the nose \[rad\]
    /// @return pitch, nose up positive, and roll, right side down positive \[rad\]
    public static double[] onSite(double slope, double falls, double nose) {
        double tan = Math.tan(slope);
        return new double[]{-Math.atan(tan * Math.cos(falls - nose)), Math.atan(tan * Math.sin(falls - nose))};
    }

    /// How a plane site falls, and the smallest turn after which no wheel wants a block: straight down the slope or up it.
    ///
    /// @param slope of the ground \[rad\], ≥ 0
    /// @param turn  of the nose, to the right positive \[rad\], −π/2 to π/2
    /// @param pitch then, nose up positive \[rad\]
    public record Turned(double slope, double turn, double pitch) {
        /// @param pitch nose up positive \[rad\]
        /// @param roll  right side down positive \[rad\]
        public static Turned of(double pitch, double roll) {
            double slope = Math.atan(Math.hypot(Math.tan(pitch), Math.tan(roll)));
            boolean down = pitch <= 0;
            double falls = Math.atan2(Math.tan(roll), Math.abs(Math.tan(pitch)));
            return new Turned(slope, down ? falls : -falls, down ? -slope : slope);
        }
    }
}
