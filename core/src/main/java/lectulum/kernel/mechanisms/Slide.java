package lectulum.kernel.mechanisms;

import lectulum.units.Units;

/// A loaded slide pulled out: rail moment, roller loads and sag, and what it does to a trailer parked on its jack.
///
/// @param load    weight on it \[N\]
/// @param reach   of that load beyond the last support \[m\]
/// @param overlap of the rails that stays inside \[m\], > 0
public record Slide(double load, double reach, double overlap) {

    /// Moment at the root \[Nm\].
    public double moment() {
        return load * reach;
    }

    /// Upward load of the front roller \[N\].
    public double frontRoller() {
        return load * (reach + overlap) / overlap;
    }

    /// Downward load of the rear roller \[N\].
    public double rearRoller() {
        return load * reach / overlap;
    }

    /// Sag at the load \[m\].
    ///
    /// @param stiffness E·I of both rails \[N m²\]
    public double sag(double stiffness) {
        return load * reach * reach * (reach + overlap) / (3 * stiffness);
    }

    /// Load on the jack of a parked trailer \[N\]; negative where it tips.
    ///
    /// @param moment Σ m (axle − x) of everything about the axle, forward positive \[kg m\]
    /// @param arm    axle less jack \[m\], not 0
    public static double jack(double moment, double arm) {
        return moment * Units.GRAVITY / arm;
    }

    /// Mass behind the axle that lifts the jack \[kg\].
    ///
    /// @param behind its distance behind the axle \[m\], > 0
    public static double tips(double moment, double behind) {
        return moment / behind;
    }
}
