package lectulum.units;

/// The system in which a person reads and types; it never changes what is stored.
public enum UnitSystem {
    /// Millimetres, kilograms, litres.
    METRIC,
    /// Feet and inches, pounds, US gallons.
    US
}
