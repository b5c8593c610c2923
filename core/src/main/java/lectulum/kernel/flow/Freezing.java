package lectulum.kernel.flow;

/// How long water takes to freeze, and the power that keeps it from it.
///
/// @param heat  stored by a kelvin \[J/K\], of a metre of pipe or of a tank
/// @param water in it \[kg\]
/// @param loss  \[W/K\]
public record Freezing(double heat, double water, double loss) {
    private static final double PLASTIC = 940 * 2000.0;
    /// Heat passing to still air and to wind \[W/(m² K)\] (assumed).
    public static final double STILL = 8;
    public static final double WINDY = 25;
    private static final double HELD = 2;
    private static final double BLOCKS_PIPE = 0.2;
    private static final double BLOCKS_TANK = 0.05;

    /// A metre of pipe, full.
    ///
    /// @param inside  diameter \[m\]
    /// @param outside \[m\]
    /// @param foam    thickness round it \[m\]
    /// @param k       of the foam \[W/(m K)\]
    /// @param h       to the air \[W/(m² K)\]
    /// @param celsius at the start
    public static Freezing pipe(double inside, double outside, double foam, double k, double h, double celsius) {
        double area = Math.PI * inside * inside / 4;
        double outer = outside / 2 + foam;
        double resists = (foam > 0 ? Math.log(outer / (outside / 2)) / (2 * Math.PI * k) : 0)
                + 1 / (2 * Math.PI * outer * h);
        double water = WaterAt.density(celsius) * area;
        return new Freezing(water * WaterAt.HEAT + PLASTIC * Math.PI * (outside * outside - inside * inside) / 4, water,
                1 / resists);
    }

    /// A tank, its water alone.
    ///
    /// @param mass \[kg\]
    /// @param area \[m²\]
    /// @param u    \[W/(m² K)\]
    public static Freezing tank(double mass, double area, double u) {
        return new Freezing(mass * WaterAt.HEAT, mass, u * area);
    }

    /// Until the first ice can form \[s\]; infinite in air that is not below freezing.
    ///
    /// @param start of the water \[°C\], ≥ 0
    /// @param air   \[°C\]
    public double untilIce(double start, double air) {
        return air >= 0 ? Double.POSITIVE_INFINITY : heat / loss * Math.log((start - air) / -air);
    }

    /// Until a pipe is blocked, a fifth of its water ice \[s\].
    public double untilBlocked(double start, double air) {
        return untilIce(start, air) + part(BLOCKS_PIPE, air);
    }

    /// Until a twentieth of a tank is ice \[s\].
    public double untilSlush(double start, double air) {
        return untilIce(start, air) + part(BLOCKS_TANK, air);
    }

    private double part(double of, double air) {
        return air >= 0 ? Double.POSITIVE_INFINITY : of * water * WaterAt.MELTING / (loss * -air);
    }

    /// Power that holds it at 2 °C \[W\].
    public double holding(double air) {
        return air >= 0 ? 0 : loss * (HELD - air);
    }

    /// Temperature of a box between a warm room and outside \[°C\].
    ///
    /// @param toRoom    \[W/K\]
    /// @param toOutside \[W/K\]
    /// @param power     of what warms it \[W\]
    public static double between(double room, double outside, double toRoom, double toOutside, double power) {
        return (toRoom * room + toOutside * outside + power) / (toRoom + toOutside);
    }
}
