package lectulum.kernel.electric;

import java.util.List;

/// Wires side by side in a tube.
///
/// @param count    of wires
/// @param diameter of all together, laid as they fall \[mm\]
/// @param fill     of the tube's section that they take
/// @param limit    that may be taken, so that they can be pulled (NEC chapter 9)
public record Bundle(int count, double diameter, double fill, double limit) {
    private static final double LOOSE = 1.2;
    private static final double GROMMET = 1.25;

    /// @param wires with their insulation
    /// @param area  of the tube inside \[mm²\], > 0
    public static Bundle of(List<Wire> wires, double area) {
        double squares = wires.stream().mapToDouble(w -> w.diameter() * w.diameter()).sum();
        int n = wires.size();
        return new Bundle(n, LOOSE * Math.sqrt(squares), Math.PI / 4 * squares / area,
                n <= 1 ? 0.53 : n == 2 ? 0.31 : 0.40);
    }

    public boolean fits() {
        return fill <= limit;
    }

    /// Bore of a hole with its grommet \[mm\].
    public double bore() {
        return GROMMET * diameter;
    }
}
