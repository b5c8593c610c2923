package lectulum.units;

/// How figures are shown to this person: the unit system and the sign of the project's currency.
///
/// @param system   metric or US
/// @param currency sign or code put beside amounts of money, such as `€`
public record Style(UnitSystem system, String currency) {
    /// Metric units and no currency sign: for logs, tests and files.
    public static final Style PLAIN = new Style(UnitSystem.METRIC, "");
}
