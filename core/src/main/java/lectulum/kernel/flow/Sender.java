package lectulum.kernel.flow;

import java.util.Optional;

/// What a level sender says of a tank, and when it cannot be believed.
public final class Sender {

    private Sender() {
    }

    /// Height by a resistance, straight between empty and full.
    ///
    /// @param ohms  read
    /// @param empty resistance at the low height \[Ω\]
    /// @param full  at the high one
    /// @param low   \[m\]
    /// @param high  \[m\]
    public static double height(double ohms, double empty, double full, double low, double high) {
        return low + (ohms - empty) / (full - empty) * (high - low);
    }

    /// Resistance by the volts across it in a divider \[Ω\].
    ///
    /// @param pullUp in line with it \[Ω\]
    /// @param volts  across the sender
    /// @param supply \[V\], more than the volts
    public static double divided(double pullUp, double volts, double supply) {
        return pullUp * volts / (supply - volts);
    }

    /// Mean height of the water in a box that stands on a slope \[m\]; empty where floor or lid is reached, so that one height
    /// tells no volume.
    ///
    /// @param read  at the sender \[m\]
    /// @param x     of the sender behind the tank's middle \[m\]
    /// @param y     of it to the right \[m\]
    /// @param pitch nose up \[rad\]
    /// @param roll  right side down \[rad\]
    public static Optional<Double> mean(double read, double x, double y, double length, double width, double height,
            double pitch, double roll) {
        double mean = read - x * Math.tan(pitch) - y * Math.tan(roll);
        double swing = length / 2 * Math.abs(Math.tan(pitch)) + width / 2 * Math.abs(Math.tan(roll));
        return mean - swing >= 0 && mean + swing <= height ? Optional.of(mean) : Optional.empty();
    }
}
