package lectulum.design.brief;

import lectulum.design.Means;
import lectulum.units.Quantity;

/// A dog that travels along. It sleeps on the floor and rides in the vehicle.
///
/// @param length nose to root of the tail \[m\]
/// @param height at the shoulder \[m\]
/// @param mass   \[kg\]
public record Dog(String id, String name,
        @Means(value = "Nose to tail root", low = 0.2, high = 1.5) double length,
        @Means(value = "Height at the shoulder", low = 0.1, high = 1.1) double height,
        @Means(value = "Weight", of = Quantity.MASS, low = 1, high = 120) double mass) {
    /// Things higher than this are above a dog that lies \[m\] (assumed).
    public static final double OVER = 0.70;
    /// What it needs to lie beyond its own length, on each side together \[m\] (assumed).
    private static final double STRETCH = 0.10;
    /// Width over height of one that lies on its side (assumed).
    private static final double CURLED = 0.85;

    public Dog {
        name = name == null ? "" : name;
    }

    /// Length of floor it lies on \[m\].
    public double lies() {
        return length + STRETCH;
    }

    /// Width of floor it lies on \[m\].
    public double lair() {
        return CURLED * height + STRETCH;
    }
}
