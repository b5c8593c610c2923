package lectulum.kernel.standing;

import lectulum.units.Units;

/// How large a pad under a jack must be for the ground (bearing pressure; values assumed).
public enum GroundPad {
    MUD("mud", 50e3), SAND("loose sand", 75e3), SOIL("firm soil", 150e3), GRAVEL("gravel", 250e3);

    private static final double RESERVE = 1.5;
    private final String label;
    private final double bears;

    GroundPad(String label, double bears) {
        this.label = label;
        this.bears = bears;
    }

    public String label() {
        return label;
    }

    /// Side of a square pad \[m\].
    ///
    /// @param load on the jack \[kg\], ≥ 0
    public double side(double load) {
        return Math.sqrt(load * Units.GRAVITY * RESERVE / bears);
    }
}
