package lectulum.units;

import java.util.OptionalDouble;

/// Whether a mass was read in the other system's unit: pounds typed as kilograms, or kilograms as pounds.
///
/// Suspected where a bare number is about 2.2 times what stood there before, or about as much less. It is asked, never
/// changed: a mass may well have doubled.
public final class OtherUnit {
    /// Around one kilogram in pounds, 2.2 (assumed).
    private static final double LEAST = 1.8;
    private static final double MOST = 2.6;
    /// Below this a doubling is nothing to ask about \[kg\] (assumed).
    private static final double SMALL = 2;

    private OtherUnit() {
    }

    /// What was meant if the other unit was \[kg\]; empty where there is nothing to ask.
    ///
    /// @param typed  as it was typed; one with a unit is not doubted
    /// @param before the mass that stood there \[kg\]
    /// @param read   as which it was read \[kg\]
    public static OptionalDouble meant(String typed, double before, double read, UnitSystem system) {
        boolean bare = typed.chars().noneMatch(Character::isLetter);
        if (!bare || !(before >= SMALL) || !(read > 0)) {
            return OptionalDouble.empty();
        }
        double times = read / before;
        if (system == UnitSystem.METRIC && times >= LEAST && times <= MOST) {
            return OptionalDouble.of(read * Units.POUND);
        }
        if (system == UnitSystem.US && 1 / times >= LEAST && 1 / times <= MOST) {
            return OptionalDouble.of(read / Units.POUND);
        }
        return OptionalDouble.empty();
    }
}
