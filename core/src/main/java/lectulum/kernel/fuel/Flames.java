package lectulum.kernel.fuel;

/// Lockers, leaks, flames without a flue, heaters and generators.
public final class Flames {
    private static final double EXPLODES = 0.021;
    private static final double LEAST_VENT = 100e-4;
    private static final double SQUARE_INCH = 6.4516e-4;
    private static final double SEVEN_POUNDS = 7 * 0.45359237;

    private Flames() {
    }

    /// Opening at the floor of a bottle locker \[m²\] (as commonly quoted: 2 % of its floor, no less than 100 cm², a square
    /// inch for 7 lb; the code in force rules).
    ///
    /// @param floor \[m²\]
    /// @param gas   it may hold \[kg\]
    public static double lockerVent(double floor, double gas) {
        return Math.max(Math.max(0.02 * floor, LEAST_VENT), gas / SEVEN_POUNDS * SQUARE_INCH);
    }

    /// Until a burner that is open and not lit makes air explosive \[s\]; infinite where it never does.
    ///
    /// @param power  of the burner \[W\]
    /// @param volume of the air \[m³\]
    /// @param flow   of fresh air \[m³/s\]
    public static double untilExplosive(double power, double volume, double flow) {
        double q = GasPipe.volume(power);
        double c = q / (q + flow);
        return c <= EXPLODES ? Double.POSITIVE_INFINITY : -volume / (q + flow) * Math.log(1 - EXPLODES / c);
    }

    /// What a flame without a flue puts into the room.
    ///
    /// @param gas     burnt \[kg\]
    /// @param dioxide \[m³\]
    /// @param water   \[kg\]
    /// @param oxygen  taken \[kg\]
    public record Flueless(double gas, double dioxide, double water, double oxygen) {
    }

    /// @param energy by the lower heating value of propane \[J\]
    public static Flueless flueless(double energy) {
        double gas = energy / Fuel.PROPANE.lower();
        return new Flueless(gas, gas * 2.994 / 1.83, gas * 1.634, gas * 3.628);
    }

    /// A liquid-fuel heater over a while.
    ///
    /// @param fuel   \[m³\]
    /// @param cycles whether its least power is more than the need
    /// @param share  of the time that it burns
    public record Burnt(double fuel, boolean cycles, double share) {
    }

    /// @param need       \[W\]
    /// @param least      power of it \[W\]
    /// @param most       power of it \[W\]
    /// @param efficiency 0 to 1
    /// @param seconds    \[s\]
    public static Burnt heater(double need, double least, double most, double efficiency, Fuel fuel, double seconds) {
        double gives = Math.min(need, most);
        boolean cycles = need < least;
        return new Burnt(gives * seconds / (efficiency * fuel.byVolume()), cycles,
                cycles && least > 0 ? need / least : Math.min(1, need > 0 ? 1 : 0));
    }

    /// Air that cools a generator in a box.
    ///
    /// @param heat \[W\]
    /// @param flow \[m³/s\]
    public record Box(double heat, double flow) {
    }

    /// @param fuel  \[m³/s\]
    /// @param warms air by \[K\]
    public static Box box(double fuel, double warms) {
        double heat = 0.35 * fuel * Fuel.PETROL.byVolume();
        return new Box(heat, heat / (1.204 * 1006 * warms));
    }
}
