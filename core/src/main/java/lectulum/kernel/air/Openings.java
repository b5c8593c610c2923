package lectulum.kernel.air;

import lectulum.kernel.heat.Steady;

/// Openings that let air through by warmth and wind, and a fan behind an inlet.
public final class Openings {
    private static final double G = 9.80665;
    private static final double DISCHARGE = 0.6;
    private static final double WIND = 0.4;
    private static final double KELVIN = 273.15;
    private static final double AIR = 1.204;
    /// Part of an opening that is left by a screen or louvre, and by both (assumed).
    public static final double SCREEN = 0.5;
    public static final double SCREEN_AND_LOUVRE = 0.35;
    /// Pressure below outside at which flue gas may spill \[Pa\].
    public static final double SPILLS = 5;

    private Openings() {
    }

    /// Two openings one behind the other, as one \[m²\].
    public static double inSeries(double low, double high) {
        return low <= 0 || high <= 0 ? 0 : low * high / Math.hypot(low, high);
    }

    /// Air that goes through a low and a high opening \[m³/s\].
    ///
    /// @param low    free area \[m²\]
    /// @param high   free area
    /// @param apart  in height \[m\]
    /// @param wind   \[m/s\]
    public static double flow(double low, double high, double apart, double inside, double outside, double wind) {
        double area = inSeries(low, high);
        double stack = DISCHARGE * area
                * Math.sqrt(2 * G * Math.max(0, apart) * Math.max(0, inside - outside) / (inside + KELVIN));
        double blown = DISCHARGE * area * wind * Math.sqrt(WIND);
        return Math.hypot(stack, blown);
    }

    /// Free area of each of two alike openings for a flow \[m²\]; infinite where neither warmth nor wind moves air.
    public static double pairFor(double flow, double apart, double inside, double outside, double wind) {
        double drive = 2 * G * Math.max(0, apart) * Math.max(0, inside - outside) / (inside + KELVIN)
                + wind * wind * WIND;
        return drive > 0 ? Math.sqrt(2) * flow / (DISCHARGE * Math.sqrt(drive)) : Double.POSITIVE_INFINITY;
    }

    /// A fan that draws through an inlet.
    ///
    /// @param flow  \[m³/s\]
    /// @param share of what it moves freely
    /// @param under pressure of the room below outside \[Pa\]
    public record Drawn(double flow, double share, double under) {
    }

    /// @param free    flow of the fan without resistance \[m³/s\]
    /// @param shutOff pressure of it without flow \[Pa\]
    /// @param inlet   free area \[m²\]
    public static Drawn fan(double free, double shutOff, double inlet) {
        if (inlet <= 0 || free <= 0 || shutOff <= 0) {
            return new Drawn(0, 0, free > 0 ? Math.max(0, shutOff) : 0);
        }
        double a = AIR / 2 / Math.pow(DISCHARGE * inlet, 2);
        double b = shutOff / free;
        double q = (-b + Math.sqrt(b * b + 4 * a * shutOff)) / (2 * a);
        return new Drawn(q, q / free, a * q * q);
    }

    /// Inlet at which a fan moves nine tenths of what it moves freely \[m²\].
    public static double inletFor(double free, double shutOff) {
        return 0.9 * free / (DISCHARGE * Math.sqrt(0.2 * shutOff / AIR));
    }

    /// Openings that can never be shut, high and low \[m²\] (as commonly quoted from EN 721).
    ///
    /// @param floor of the room \[m²\]
    public static double[] fixed(double floor) {
        double[] from = {5, 10, 15, 20};
        double[] high = {75, 100, 125, 150, 200};
        double[] low = {10, 15, 20, 30, 50};
        int i = 0;
        while (i < from.length && floor > from[i]) {
            i++;
        }
        return new double[]{high[i] * 1e-4, low[i] * 1e-4};
    }

    /// Heat that an air flow carries off \[W/K\].
    public static double carries(double flow, double altitude) {
        return Steady.airDensity(altitude) * Steady.AIR_HEAT * flow;
    }
}
