package lectulum.design;

import lectulum.units.Quantity;

/// What may be typed for a number, SI.
public record Range(Quantity quantity, double low, double high) {

    /// That of a component that says what it [Means].
    ///
    /// @throws IllegalArgumentException where the record has none of that name
    public static Range of(Class<? extends Record> type, String name) {
        Meaning m = Meaning.of(type, name);
        return new Range(m.quantity(), m.low(), m.high());
    }

    /// The same measured from another point, which lies before this one's by a number of that range.
    public Range after(Range before) {
        return new Range(quantity, low + before.low, high + before.high);
    }
}
