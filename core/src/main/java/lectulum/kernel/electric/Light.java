package lectulum.kernel.electric;

/// Light of flat lamps that shine downwards as Lambert has it.
public final class Light {
    private static final double NEAR = 0.1;

    private Light() {
    }

    /// On a level surface under a lamp \[lx\]: Φ/π · cos⁴ / h². Nothing above the lamp; no nearer than 10 cm.
    ///
    /// @param lumens of the lamp
    /// @param down   from the lamp to the surface \[m\]
    /// @param aside  \[m\]
    public static double level(double lumens, double down, double aside) {
        if (down <= 0) {
            return 0;
        }
        double h = Math.max(NEAR, down);
        double square = h * h + aside * aside;
        return lumens / Math.PI * h * h / (square * square);
    }

    /// What walls throw back, evenly \[lx\].
    ///
    /// @param lumens    of all lamps
    /// @param surface   of the room \[m²\], > 0
    /// @param reflected part of it that walls give back, below 1
    public static double thrown(double lumens, double surface, double reflected) {
        return lumens / surface * reflected / (1 - reflected);
    }
}
