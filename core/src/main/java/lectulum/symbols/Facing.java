package lectulum.symbols;

/// From where a flat drawing is looked at.
public enum Facing {
    /// From above: x to the right, y to the right of the camper downwards on paper.
    PLAN,
    /// From its left, the front at the left: x to the right, z up.
    SIDE,
    /// From behind: y to the right, z up.
    BEHIND,
    /// From ahead: y to the left, z up.
    AHEAD;

    /// Across the paper.
    double across(double[] p) {
        return switch (this) {
            case PLAN, SIDE -> p[0];
            case BEHIND -> p[1];
            case AHEAD -> -p[1];
        };
    }

    /// Up the paper; in plan to the right of the camper.
    double up(double[] p) {
        return this == PLAN ? p[1] : p[2];
    }

    /// How near to the reader.
    double near(double[] p) {
        return switch (this) {
            case PLAN -> p[2];
            case SIDE -> -p[1];
            case BEHIND -> p[0];
            case AHEAD -> -p[0];
        };
    }
}
