package lectulum.units;

/// A number as people read it: digits and unit apart, so that a view can set the unit smaller.
///
/// @param number digits, with a space that does not break between thousands
/// @param unit   unit or empty; feet and inches carry their marks in the number
public record Shown(String number, String unit) {

    /// Digits and unit in one line, joined by a space that does not break.
    public String text() {
        return unit.isEmpty() ? number : number + "\u00a0" + unit;
    }
}
