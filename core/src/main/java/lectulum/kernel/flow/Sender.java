package lectulum.kernel.flow;

import java.util.Optional;

/// A float whose resistance goes straight from empty to full, and when it cannot be believed.
///
/// @param empty \[Ω\]
/// @param full  \[Ω\]
public record Sender(double empty, double full) {
    /// The two that are usual.
    public static final Sender US = new Sender(240, 33);
    public static final Sender EU = new Sender(10, 180);

    /// @param part of its height, 0 to 1
    public double ohms(double part) {
        return empty + part * (full - empty);
    }

    /// Part of its height, below 0 or over 1 where nothing can read so.
    public double part(double ohms) {
        return (ohms - empty) / (full - empty);
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
