package lectulum.kernel.takeoff;

import java.util.List;

/// A box cushion with a zip along one long side.
///
/// @param length  finished \[m\]
/// @param width   finished \[m\]
/// @param thick   finished \[m\]
/// @param radius  of its corners from above \[m\]
public record Cushion(double length, double width, double thick, double radius) {
    /// Seams, the seams at a zip, foam that fills its cover, and what a zip stays short of the corners \[m\] (usual).
    private static final double SEAM = 0.012;
    private static final double ZIP_SEAM = 0.015;
    private static final double FULL = 0.010;
    private static final double SHORT = 0.10;

    /// Pieces of a cover.
    ///
    /// @param length along the roll \[m\]
    /// @param width  across it \[m\]
    public record Cloth(String name, double length, double width, int count) {
    }

    /// Round it, from above \[m\].
    public double perimeter() {
        return 2 * (length + width) - (8 - 2 * Math.PI) * radius;
    }

    /// \[m\]; 0 where there is no room for one.
    public double zip() {
        return Math.max(0, length - 2 * radius - SHORT);
    }

    /// What its cover is sewn from, seams counted.
    public List<Cloth> cover() {
        return List.of(new Cloth("top and bottom", length + 2 * SEAM, width + 2 * SEAM, 2),
                new Cloth("boxing", perimeter() - zip() + 2 * SEAM, thick + 2 * SEAM, 1),
                new Cloth("zip strip", zip() + 2 * SEAM, thick / 2 + SEAM + ZIP_SEAM, 2));
    }

    /// \[m²\]
    public double cloth() {
        return cover().stream().mapToDouble(c -> c.count * c.length * c.width).sum();
    }

    /// \[kg\]
    ///
    /// @param density of the foam \[kg/m³\]
    public double foam(double density) {
        return ((length + FULL) * (width + FULL) - (4 - Math.PI) * radius * radius) * thick * density;
    }

    /// Foam as it is cut \[m\]: length, width.
    public double[] cut() {
        return new double[]{length + FULL, width + FULL};
    }
}
