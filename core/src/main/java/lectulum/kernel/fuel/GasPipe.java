package lectulum.kernel.fuel;

import lectulum.kernel.flow.Friction;

/// A pipe of propane gas.
///
/// @param speed \[m/s\]
/// @param reynolds number
/// @param loss  \[Pa\]
public record GasPipe(double speed, double reynolds, double loss) {
    /// What may be lost with everything burning \[Pa\] (half an inch of water).
    public static final double MOST = 125;
    /// Of the gas \[kg/m³\].
    public static final double DENSITY = 1.88;
    private static final double VISCOSITY = 8e-6;

    /// @param power    of all that burns behind it \[W, higher heating value\]
    /// @param diameter inside \[m\]
    /// @param length   \[m\]
    /// @param fittings in diameters
    public static GasPipe of(double power, double diameter, double length, double fittings) {
        double flow = volume(power);
        double v = flow / (Math.PI * diameter * diameter / 4);
        return new GasPipe(v, DENSITY * v * diameter / VISCOSITY,
                Friction.loss(flow, diameter, length / diameter + fittings, DENSITY, VISCOSITY));
    }

    /// Gas that a fire takes \[m³/s\].
    public static double volume(double power) {
        return power / (Fuel.PROPANE.higher() * DENSITY);
    }
}
