package lectulum.kernel.electric;

/// Modules in series and parallel before a controller: the limits of the coldest and the hottest day.
///
/// Practice after NEC 690.7 and 690.8.
///
/// @param open     volts of a module without load at 25 °C \[V\]
/// @param best     volts at full power \[V\]
/// @param shorted  amps shorted \[A\]
/// @param series   modules in a string
/// @param parallel strings
public record ModuleStrings(double open, double best, double shorted, int series, int parallel) {
    private static final double OPEN_PER_KELVIN = -0.003;
    private static final double BEST_PER_KELVIN = -0.004;
    private static final double HOT_CELL = 70;
    private static final double CONTINUOUS = 1.25;
    private static final double START = 5;
    private static final double SWITCHED_AT = 13.6;

    /// Without load on the coldest morning \[V\].
    public double coldest(double celsius) {
        return series * open * (1 + OPEN_PER_KELVIN * (celsius - 25));
    }

    /// At full power with hot cells \[V\].
    public double hottest() {
        return series * best * (1 + BEST_PER_KELVIN * (HOT_CELL - 25));
    }

    /// Whether a tracking controller still starts when cells are hot.
    ///
    /// @param battery its highest volts \[V\]
    public boolean starts(double battery) {
        return hottest() >= battery + START;
    }

    /// Shorted, all strings \[A\].
    public double current() {
        return parallel * shorted;
    }

    /// What controller and switches are chosen for \[A\].
    public double design() {
        return CONTINUOUS * current();
    }

    /// What the wire has to carry \[A\].
    public double wire() {
        return CONTINUOUS * design();
    }

    /// Whether each string wants a fuse of its own: from three on two could feed a fault in the third.
    public boolean fused() {
        return parallel >= 3;
    }

    /// Part of the power that a controller without tracking throws away at full sun on a battery of 12 V.
    public double switchingWaste() {
        return 1 - SWITCHED_AT / (series * best);
    }
}
