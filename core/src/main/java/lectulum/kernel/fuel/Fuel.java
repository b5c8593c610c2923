package lectulum.kernel.fuel;

/// What is burnt (heating values and densities as usually tabulated).
public enum Fuel {
    PROPANE("propane", 50.35e6, 46.35e6, 510), BUTANE("butane", 49.50e6, 45.75e6, 580), DIESEL("diesel", Double.NaN,
            42.8e6, 840),
    PETROL("petrol", Double.NaN, 43.4e6, 745), KEROSENE("kerosene", Double.NaN, 43.1e6,
            800),
    SPIRIT("spirit", Double.NaN, 25.0e6, 800), WOOD("wood", Double.NaN, 14.5e6, Double.NaN);

    private final String label;
    private final double higher;
    private final double lower;
    private final double density;

    Fuel(String label, double higher, double lower, double density) {
        this.label = label;
        this.higher = higher;
        this.lower = lower;
        this.density = density;
    }

    public String label() {
        return label;
    }

    /// With the water of the smoke condensed \[J/kg\]; NaN where nobody counts so.
    public double higher() {
        return higher;
    }

    /// With the water of the smoke as vapour \[J/kg\].
    public double lower() {
        return lower;
    }

    /// Of the liquid \[kg/m³\]; NaN for wood.
    public double density() {
        return density;
    }

    /// By the lower value \[J/m³\]: as it is tabulated, a litre of diesel 35.95 MJ and one of petrol 32.33 MJ.
    public double byVolume() {
        return switch (this) {
            case DIESEL -> 35.95e9;
            case PETROL -> 32.33e9;
            case KEROSENE -> 34.5e9;
            case SPIRIT -> 20e9;
            case PROPANE -> 23.6e9;
            case BUTANE -> 26.5e9;
            case WOOD -> Double.NaN;
        };
    }
}
