package lectulum.units;

/// What became of something typed: a number, or a hint at what would have been understood.
public sealed interface Entry {

    /// The text was understood.
    ///
    /// @param value SI value, always finite
    record Read(double value) implements Entry {
    }

    /// The text was not understood, or the number cannot be meant.
    ///
    /// @param hint one sentence that says what to type instead
    record Refused(String hint) implements Entry {
    }
}
