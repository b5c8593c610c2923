package lectulum.design.wiring;

import lectulum.design.Means;

/// A place in a camper, measured as things are.
///
/// @param x behind the foremost point of the body \[m\]
/// @param y right of the middle \[m\]
/// @param z above the floor \[m\]
public record Spot(@Means(value = "Along", low = -20, high = 20) double x,
        @Means(value = "Across", low = -20, high = 20) double y,
        @Means(value = "Up", low = -20, high = 20) double z) {
    /// As the crow flies \[m\].
    public double to(Spot other) {
        return Math.sqrt(sq(x - other.x) + sq(y - other.y) + sq(z - other.z));
    }

    /// Along walls, which stand square \[m\].
    public double alongWalls(Spot other) {
        return Math.abs(x - other.x) + Math.abs(y - other.y) + Math.abs(z - other.z);
    }

    private static double sq(double a) {
        return a * a;
    }
}
