package lectulum.figures;

/// What is wanted of a figure.
///
/// @param low  lower edge, SI; NaN for none
/// @param high upper edge, SI; NaN for none
/// @param says the band in words, short enough for the tally: "want 10 % to 15 %", "of 1 000 kg"
public record Band(double low, double high, Verdict verdict, Sentence says) {
    /// Nothing is asked.
    public static final Band NONE = new Band(Double.NaN, Double.NaN, Verdict.NONE, Sentence.of(""));

    /// A limit that must not be passed; within the last tenth of it the verdict is WARN.
    public static Band atMost(double value, double high, Sentence says) {
        Verdict verdict = value > high ? Verdict.STOP : value > 0.9 * high ? Verdict.WARN : Verdict.GOOD;
        return new Band(Double.NaN, high, verdict, says);
    }

    /// A need that should be met.
    public static Band atLeast(double value, double low, Sentence says) {
        return new Band(low, Double.NaN, value < low ? Verdict.WARN : Verdict.GOOD, says);
    }
}
