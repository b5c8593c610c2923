package lectulum.kernel.flow;

/// Water that swings in a tank, runs out of it, stays behind in it, and the air that leaves it.
public final class TankFlow {
    /// Below this a half-full tank swings with the trailer \[Hz\] (assumed).
    public static final double CALM = 1.2;
    private static final double AIR = 1.204;
    private static final double AIR_VISCOSITY = 1.5e-5;
    private static final int MOST_ROOMS = 20;

    private TankFlow() {
    }

    /// Lowest frequency of free water (linear waves) \[Hz\]; infinite for none.
    ///
    /// @param length free, between walls or baffles \[m\]
    /// @param depth  \[m\]
    public static double slosh(double length, double depth) {
        return length <= 0 || depth <= 0
                ? Double.POSITIVE_INFINITY
                : Math.sqrt(Math.PI * WaterAt.G / length * Math.tanh(Math.PI * depth / length)) / (2 * Math.PI);
    }

    /// Rooms into which baffles must part it to be calm; 20 where even so many do not do.
    public static int rooms(double length, double depth) {
        for (int n = 1; n < MOST_ROOMS; n++) {
            if (slosh(length / n, depth) >= CALM) {
                return n;
            }
        }
        return MOST_ROOMS;
    }

    /// Slope of the surface while it is pushed sideways \[rad\].
    public static double tilt(double acceleration) {
        return Math.atan(acceleration / WaterAt.G);
    }

    /// How far the centre moves then \[m\], as long as floor and lid stay wet and dry.
    public static double shift(double width, double depth, double tilt) {
        return width * width * Math.tan(tilt) / (12 * depth);
    }

    /// A drain: how fast at first \[m³/s\] and how long \[s\].
    public record Emptying(double flow, double seconds) {
    }

    /// @param area     of the tank \[m²\]
    /// @param from     height at the start over its floor \[m\]
    /// @param to       at the end \[m\]
    /// @param below    fall of the pipe below the floor \[m\]
    /// @param diameter of the pipe \[m\]
    /// @param length   of it \[m\]
    /// @param losses   Σ of its fittings \[1\]
    public static Emptying drain(double area, double from, double to, double below, double diameter, double length,
            double losses) {
        double c = 1 / Math.sqrt(1 + losses + 0.03 * length / diameter);
        double bore = c * Math.PI * diameter * diameter / 4;
        return new Emptying(bore * Math.sqrt(2 * WaterAt.G * (from + below)),
                area / bore * Math.sqrt(2 / WaterAt.G) * (Math.sqrt(from + below) - Math.sqrt(to + below)));
    }

    /// Air pressed out of a vent while water comes in.
    ///
    /// @param speed \[m/s\]
    /// @param over  pressure in the tank \[Pa\]
    /// @param lid   force on its top \[N\]
    public record Venting(double speed, double over, double lid) {
    }

    /// @param fill     \[m³/s\]
    /// @param diameter of the vent \[m\]
    /// @param length   \[m\]
    /// @param losses   Σ of its fittings \[1\]
    /// @param top      area of the tank's top \[m²\]
    public static Venting vent(double fill, double diameter, double length, double losses, double top) {
        double v = fill / (Math.PI * diameter * diameter / 4);
        double f = Friction.factor(Math.max(1, v * diameter / AIR_VISCOSITY), Friction.SMOOTH / diameter);
        double over = (f * length / diameter + 1.5 + losses) * AIR * v * v / 2;
        return new Venting(v, over, over * top);
    }

    /// What stays on a flat floor on a slope \[m³\].
    ///
    /// @param width of the tank across the slope \[m\]
    /// @param up    of its outlet from the low end \[m\]
    /// @param height inside \[m\]
    /// @param slope \[rad\]
    public static double residue(double width, double up, double height, double slope) {
        double t = Math.tan(Math.abs(slope));
        if (t <= 0 || up <= 0) {
            return 0;
        }
        return up * t <= height ? width * up * up * t / 2 : width * (up * height - height * height / (2 * t));
    }

    /// Water that runs out of a hole under its own height \[m³/s\].
    public static double tap(double diameter, double head) {
        return 0.62 * Math.PI * diameter * diameter / 4 * Math.sqrt(2 * WaterAt.G * Math.max(0, head));
    }
}
