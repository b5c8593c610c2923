package lectulum.kernel.flow;

import java.util.OptionalDouble;

/// A small pressure vessel that lets the pump rest. Isothermal air.
///
/// @param volume    \[m³\], ≥ 0
/// @param precharge \[Pa\], no more than the switch's lower pressure is useful
/// @param on        pressure at which the pump starts \[Pa\]
/// @param off       at which it stops
public record Accumulator(double volume, double precharge, double on, double off) {
    private static final double AIR = 101_325;
    private static final double HOUR = 3600;
    /// Starts an hour that nobody minds (assumed).
    public static final double FEW = 120;

    /// What it gives between two starts \[m³\].
    public double drawdown() {
        double low = Math.max(on, precharge);
        return low >= off ? 0 : volume * (precharge + AIR) * (1 / (low + AIR) - 1 / (off + AIR));
    }

    /// Rests and runs.
    ///
    /// @param rests   \[s\]
    /// @param runs    \[s\]
    /// @param perHour starts
    public record Cycle(double rests, double runs, double perHour) {
    }

    /// How it cycles while a flow is drawn.
    ///
    /// @param draw \[m³/s\], > 0
    /// @param pump what the pump gives at the middle of the band \[m³/s\], more than the draw
    public Cycle cycle(double draw, double pump) {
        double v = drawdown();
        double rests = v / draw;
        double runs = v / (pump - draw);
        return new Cycle(rests, runs, v > 0 ? HOUR / (rests + runs) : Double.POSITIVE_INFINITY);
    }

    /// How large it has to be for few enough starts \[m³\]; empty for one of no volume.
    public OptionalDouble enough(double perHour) {
        return volume > 0 && Double.isFinite(perHour)
                ? OptionalDouble.of(volume * perHour / FEW)
                : OptionalDouble.empty();
    }
}
