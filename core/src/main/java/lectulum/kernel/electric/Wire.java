package lectulum.kernel.electric;

/// A stranded copper conductor of a size.
///
/// Ampacities are those of one conductor in free air at 30 °C (ABYC E-11, ISO 10133); they are data and to be checked
/// against the edition in force.
///
/// @param name      as it is bought: "12 AWG", "2.5 mm²"
/// @param area      of the copper \[mm²\], > 0
/// @param ampacity  by the temperature that the insulation stands: pairs of °C and A
public record Wire(String name, double area, double[][] ampacity) {
    /// Of copper at 20 °C \[Ω·m\], and two hundredths more for the lay of the strands.
    private static final double LAY = 1.02;
    private static final double RESISTIVITY = 1.7241e-8 * LAY;
    private static final double PER_KELVIN = 0.00393;
    private static final double COPPER = 8960;
    private static final double INSULATION = 1400;
    private static final double FREE_AIR = 30;

    /// Area of an American gauge \[mm²\].
    ///
    /// @param gauge 36 to 0, and −1, −2, −3 for 2/0, 3/0, 4/0
    public static double gauge(int gauge) {
        return Math.PI / 4 * Math.pow(0.127 * Math.pow(92, (36 - gauge) / 39.0), 2);
    }

    /// One way \[Ω/m\].
    public static double resistance(double area, double celsius) {
        return RESISTIVITY * (1 + PER_KELVIN * (celsius - 20)) / (area * 1e-6);
    }

    public double resistance(double celsius) {
        return resistance(area, celsius);
    }

    /// In free air at 30 °C \[A\]; 0 for an insulation that is not in the table.
    public double rated(double insulation) {
        for (double[] pair : ampacity) {
            if (pair[0] == insulation) {
                return pair[1];
            }
        }
        return 0;
    }

    /// What is left of it in a warmer place; nothing where the place is as hot as the insulation stands.
    public static double ambient(double insulation, double celsius) {
        return celsius >= insulation ? 0 : Math.sqrt((insulation - celsius) / (insulation - FREE_AIR));
    }

    /// What is left of it among others that carry current at the same time (NEC 310).
    ///
    /// @param loaded conductors that do, itself counted
    public static double bundle(int loaded) {
        return loaded <= 3
                ? 1
                : loaded <= 6
                        ? 0.8
                        : loaded <= 9 ? 0.7 : loaded <= 20 ? 0.5 : loaded <= 30 ? 0.45 : loaded <= 40 ? 0.4 : 0.35;
    }

    /// What it may carry in its place \[A\].
    public double allowed(double insulation, double celsius, int loaded) {
        return rated(insulation) * ambient(insulation, celsius) * bundle(loaded);
    }

    /// How warm it gets \[°C\].
    public double warmth(double insulation, double celsius, int loaded, double amps) {
        return celsius + (insulation - FREE_AIR) * Math.pow(amps / (rated(insulation) * bundle(loaded)), 2);
    }

    /// How long it stands a short before its insulation is spoilt (IEC 60364-4-43) \[s\].
    public static double withstands(double area, double amps) {
        return Math.pow(115 * area / amps, 2);
    }

    /// Over its insulation \[mm\].
    public double diameter() {
        return core() + 2 * wall();
    }

    private double core() {
        return 1.13 * Math.sqrt(4 * area / Math.PI);
    }

    private double wall() {
        return area <= 6 ? 0.8 : area <= 16 ? 1.0 : area <= 35 ? 1.4 : area <= 70 ? 1.6 : 2.0;
    }

    /// \[kg/m\].
    public double mass() {
        double outer = diameter();
        return LAY * copper() + INSULATION * Math.PI / 4 * (outer * outer - core() * core()) * 1e-6;
    }

    /// Of the copper alone, its strands laid straight \[kg/m\].
    public double copper() {
        return COPPER * area * 1e-6;
    }
}
