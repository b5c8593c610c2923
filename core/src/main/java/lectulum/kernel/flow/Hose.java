package lectulum.kernel.flow;

import java.util.Optional;

/// A hose that is laid out at a site and stowed on the road: the room it takes, and how far it leads water down a fall.
///
/// @param length \[m\], > 0
/// @param bore   inside \[m\], > 0
public record Hose(double length, double bore) {
    /// Its wall on each side, of its bore, and at least \[m\] (assumed, garden and drain hoses).
    private static final double WALL = 0.12;
    private static final double THIN = 0.002;
    /// Tightest bend of its middle, of its outside: below, it kinks (assumed).
    private static final double BEND = 6;
    /// What its end pieces stand out beyond it on each side, and their length together \[m\] (assumed).
    private static final double LIP = 0.015;
    private static final double ENDS = 0.15;

    /// Room for a stowed hose.
    ///
    /// @param length longest side \[m\]
    /// @param across shortest side but one \[m\]
    /// @param high   shortest side \[m\]
    public record Bay(double length, double across, double high) {
    }

    /// Outside \[m\].
    public double outside() {
        return bore + 2 * Math.max(THIN, WALL * bore);
    }

    /// The tube that takes one which is pushed together.
    ///
    /// @param part of its length that is left, 0 to 1
    public Bay pushed(double part) {
        double across = outside() + 2 * LIP;
        return new Bay(part * length + ENDS, across, across);
    }

    /// Across the smallest coil that does not kink \[m\].
    public double least() {
        return (2 * BEND + 1) * outside();
    }

    /// Coiled flat: rings about one another, and such layers on top of one another.
    ///
    /// @param across outside of the coil \[m\]
    /// @return empty where it would kink
    public Optional<Bay> coiled(double across) {
        double d = outside();
        int rings = (int) Math.floor((across / 2 - (BEND - 0.5) * d) / d + 1e-9);
        if (rings < 1) {
            return Optional.empty();
        }
        // Middles of the rings from the outermost inwards, one hose apart.
        double layer = 2 * Math.PI * rings * (across / 2 - d / 2 - (rings - 1) * d / 2);
        return Optional.of(new Bay(across, across, Math.ceil(length / layer - 1e-9) * d));
    }

    /// How far from the outlet it ends on the ground, straight, running downhill all the way \[m\]; 0 where the outlet is not
    /// above the ground.
    ///
    /// @param height of the outlet above the ground \[m\]
    /// @param fall   it must have, of its level length
    public double reach(double height, double fall) {
        if (height <= 0 || height >= length) {
            return 0;
        }
        double straight = Math.sqrt(length * length - height * height);
        return fall > 0 ? Math.min(straight, height / fall) : straight;
    }
}
