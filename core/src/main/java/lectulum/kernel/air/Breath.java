package lectulum.kernel.air;

/// Carbon dioxide of people in a room.
///
/// @param volume    of the air \[m³\], > 0
/// @param breathed  carbon dioxide given off \[m³/s\]
public record Breath(double volume, double breathed) {
    /// Outside, and what is aimed at, allowed at work for eight hours, and dangerous at once \[ppm\].
    public static final double OUTSIDE = 420;
    public static final double GOOD = 1500;
    public static final double WORKPLACE = 5000;
    public static final double DANGER = 40_000;
    private static final double MILLION = 1e6;
    private static final double OXYGEN = 20.9;
    private static final double QUOTIENT = 0.83;

    /// Fresh air that holds a limit \[m³/s\].
    public double needs(double limit) {
        return breathed * MILLION / (limit - OUTSIDE);
    }

    /// Where it settles with an air flow \[ppm\]; infinite with none.
    public double settles(double flow) {
        return flow > 0 ? OUTSIDE + breathed * MILLION / flow : breathed > 0 ? Double.POSITIVE_INFINITY : OUTSIDE;
    }

    /// After a while \[ppm\].
    public double after(double start, double flow, double seconds) {
        if (flow <= 0) {
            return start + breathed * MILLION * seconds / volume;
        }
        double end = settles(flow);
        return end + (start - end) * Math.exp(-flow * seconds / volume);
    }

    /// Until a limit where nothing is let in \[s\]; infinite without people.
    public double sealed(double start, double limit) {
        return breathed > 0 ? Math.max(0, volume * (limit - start) / MILLION / breathed) : Double.POSITIVE_INFINITY;
    }

    /// Until a limit with an air flow \[s\]; infinite where it settles below.
    public double until(double start, double flow, double limit) {
        if (flow <= 0) {
            return sealed(start, limit);
        }
        double end = settles(flow);
        return start >= limit
                ? 0
                : end <= limit ? Double.POSITIVE_INFINITY : volume / flow * Math.log((end - start) / (end - limit));
    }

    /// Oxygen left at a concentration, of what people used \[%\].
    public static double oxygen(double ppm, double start) {
        return OXYGEN - (ppm - start) * 1e-4 / QUOTIENT;
    }
}
