package lectulum.figures.drawing;

import java.util.Locale;

/// What a surface is made of, for the eye; the colours belong to the views.
public enum Paint {
    /// The light colour of the system that the thing belongs to.
    BODY,
    /// A front or lid of it, a little lighter.
    FRONT,
    /// A worktop.
    TOP, WOOD, CLOTH, PILLOW, STEEL, DARK, RUBBER, GLASS, WHITE, WATER, CELL, FLAME, LAMP, RED, SKIN, HAIR,
    /// The sheet metal of the tow vehicle.
    CAR,
    /// A drawn line.
    INK,
    /// A thin drawn line.
    FAINT;

    /// @throws IllegalArgumentException where there is none of that name
    public static Paint named(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT));
    }
}
