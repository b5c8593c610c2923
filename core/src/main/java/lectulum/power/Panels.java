package lectulum.power;

import lectulum.kernel.electric.SolarArray;

/// The panels of a camper as they are taken where nothing else is said.
final class Panels {
    /// Cells of a framed panel on a roof at 800 W/m² \[°C\]; a twentieth of shade by vents and trees, in series; a tracking
    /// controller large enough (assumed).
    private static final double MOUNTED = 50;
    private static final double SHADE = 0.05;
    static final double IN_SERIES = 2;
    private static final double LARGE = 1e9;
    /// Volts of a bank of 12 V while it is charged \[V\].
    static final double CHARGING = 13.5;

    private Panels() {
    }

    /// @param peak nominal power of all \[W\]
    static SolarArray of(double peak) {
        return new SolarArray(peak, 0, MOUNTED, SHADE, IN_SERIES, true, LARGE);
    }
}
