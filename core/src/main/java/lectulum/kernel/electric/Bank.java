package lectulum.kernel.electric;

/// Blocks of one battery in series and parallel. Series adds volts, never ampere hours.
///
/// @param block    charge of one block \[Ah\], ≥ 0
/// @param volts    class of one block \[V\]: 6, 12 or 24
/// @param series   blocks one after another, ≥ 1
/// @param parallel strings side by side, ≥ 1
public record Bank(Chemistry chemistry, double block, double volts, int series, int parallel) {
    private static final double CLASS = 12;
    private static final double HUNDRED = 100;

    /// How many classes of 12 V it is: 1 for 12 V, 2 for 24 V.
    public double classes() {
        return volts * series / CLASS;
    }

    /// Nominal \[V\].
    public double voltage() {
        return chemistry.nominal() * classes();
    }

    /// While it is charged \[V\].
    public double charging() {
        return chemistry.charging() * classes();
    }

    /// \[Ah\].
    public double charge() {
        return block * parallel;
    }

    /// Nominal \[Wh\].
    public double energy() {
        return charge() * voltage();
    }

    /// That may be used at 25 °C \[Wh\].
    public double usable() {
        return energy() * chemistry.depth();
    }

    /// Inside it \[Ω\]; infinite for a bank of no charge.
    public double resistance() {
        return chemistry.resistance() * classes() * HUNDRED / charge();
    }

    /// By the energy, where it was not weighed \[kg\].
    public double mass() {
        return chemistry.mass(energy());
    }

    /// How much more charge a current takes than it carries (Peukert, on the hours of the rating); 1 up to the rated
    /// current. It overstates the loss of short loads, which is the safe side.
    ///
    /// @param amps ≥ 0
    public double factor(double amps) {
        double rated = charge() / chemistry.rate();
        return rated > 0 && amps > rated ? Math.pow(amps / rated, chemistry.peukert() - 1) : 1;
    }

    /// How long it carries a steady current \[h\].
    public double hours(double amps, double celsius) {
        return charge() * chemistry.capacity(celsius) * chemistry.depth() / (amps * factor(amps));
    }

    /// State of charge below which it is not used, at a temperature.
    public double floor(double celsius) {
        return 1 - chemistry.depth() * chemistry.capacity(celsius);
    }

    /// The highest of these at any temperature: above it there is no need to ask how warm it is.
    public double highestFloor() {
        return 1 - chemistry.depth() * chemistry.leastCapacity();
    }

    /// Cycles it lives through.
    ///
    /// @param depth of each, above 0
    public double cycles(double depth) {
        return chemistry.cycles() * Math.pow(chemistry.cyclesDepth() / depth, chemistry.wear());
    }

    /// Days until what runs all the time has emptied it.
    ///
    /// @param state    it starts at
    /// @param to       state that is empty
    /// @param parasite what runs all the time \[W\], ≥ 0
    public double storage(double state, double to, double parasite) {
        return (state - to) * energy() / (24 * parasite + chemistry.loss() / 30 * energy());
    }

    /// Air that carries its gas away (IEC 62485-2) \[m³/h\]; none where it does not gas.
    ///
    /// @param cells in series
    /// @param boost whether it may be charged at the full voltage
    public double ventilation(int cells, boolean boost) {
        return 0.05 * cells * (boost ? chemistry.boost() : chemistry.floating()) * charge() / 1000;
    }

    /// Opening for air in, and as much for air out, by that \[cm²\].
    public static double opening(double ventilation) {
        return 28 * ventilation;
    }
}
