package lectulum.kernel.plane;

/// Getting a thing in: through an opening, and round the corner behind it.
public final class Doorway {
    private Doorway() {
    }

    /// Whether a box goes straight through an opening, its shortest sides first.
    ///
    /// @param box     three sides \[m\]
    /// @param opening two clear sides \[m\]
    public static boolean passes(double[] box, double[] opening) {
        double[] sides = box.clone();
        double[] clear = opening.clone();
        java.util.Arrays.sort(sides);
        java.util.Arrays.sort(clear);
        return sides[0] <= clear[0] && sides[1] <= clear[1];
    }

    /// The longest thin thing that turns level from a door into an aisle across it \[m\]: the ladder in the passage.
    public static double longest(double door, double aisle) {
        return Math.pow(Math.cbrt(aisle * aisle) + Math.cbrt(door * door), 1.5);
    }
}
