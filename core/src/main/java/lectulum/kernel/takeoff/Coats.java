package lectulum.kernel.takeoff;

/// Paint and other coats that dry.
///
/// @param area  \[m²\]
/// @param coats how many
/// @param dry   thickness of one when it is dry \[m\]
/// @param solids part of the volume that stays
/// @param loss  part that does not stay on the surface
public record Coats(double area, int coats, double dry, double solids, double loss) {

    /// Of one coat \[m³\].
    public double each() {
        return area * dry / (solids * (1 - loss));
    }

    /// \[m³\]
    public double all() {
        return coats * each();
    }

    /// Mass that stays \[kg\].
    ///
    /// @param density of it, dry \[kg/m³\]
    public double mass(double density) {
        return area * coats * dry * density;
    }

    /// Kits that are bought.
    ///
    /// @param kit \[m³\]
    public int kits(double kit) {
        return (int) Math.ceil(all() / kit - 1e-9);
    }

    /// Batches of a coat that are used up before they set.
    ///
    /// @param rate \[m²/s\]
    /// @param pot  \[s\]
    public int batches(double rate, double pot) {
        return (int) Math.ceil(area / (rate * pot) - 1e-9);
    }

    /// Part of a mix that is the first component, by volume.
    public static double first(double a, double b) {
        return a / (a + b);
    }

    /// The mix by weight of one by volume.
    public static double byWeight(double a, double densityA, double b, double densityB) {
        return a * densityA / (b * densityB);
    }

    /// Pot life at another temperature: half for each 10 K more.
    public static double pot(double seconds, double at, double celsius) {
        return seconds * Math.pow(2, (at - celsius) / 10);
    }
}
