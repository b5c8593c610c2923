package lectulum.kernel.heat;

/// A room and what is in it at one temperature.
///
/// @param capacity \[J/K\]
/// @param loss     \[W/K\]
public record OneNode(double capacity, double loss) {
    /// Time constant \[s\].
    public double constant() {
        return capacity / loss;
    }

    /// Where it ends \[°C\].
    public double ends(double outside, double power) {
        return outside + power / loss;
    }

    /// After a while \[°C\].
    public double after(double start, double outside, double power, double seconds) {
        double end = ends(outside, power);
        return end + (start - end) * Math.exp(-seconds * loss / capacity);
    }
}
