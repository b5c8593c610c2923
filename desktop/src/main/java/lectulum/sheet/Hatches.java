package lectulum.sheet;

import java.util.EnumMap;
import java.util.Map;
import javafx.scene.image.Image;
import javafx.scene.image.PixelWriter;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.paint.Paint;
import lectulum.design.thing.SystemGroup;
import lectulum.theme.Theme;

/// A hatch for each system, so that nothing is told by colour alone.
public final class Hatches {
    private static final int TILE = 8;
    /// A picture this large is copied from in pieces: far quicker than filling with a pattern.
    private static final int SIZE = 256;
    private static final double STRENGTH = 0.42;

    private final Map<SystemGroup, Image> bySystem = new EnumMap<>(SystemGroup.class);
    private final Image fault;

    Hatches(Theme theme) {
        for (SystemGroup system : SystemGroup.values()) {
            bySystem.put(system,
                    tile(theme.colour("inside").interpolate(theme.colour(system), STRENGTH), pattern(system)));
        }
        fault = tile(theme.colour("accent"), (x, y) -> (x + y) % 4 == 0);
    }

    public Image of(SystemGroup system) {
        return bySystem.get(system);
    }

    public Image fault() {
        return fault;
    }

    /// The hatch as a paint, for outlines that are not upright rectangles.
    public static Paint paint(Image hatch) {
        return new ImagePattern(hatch, 0, 0, SIZE, SIZE, false);
    }

    private interface Ink {
        boolean at(int x, int y);
    }

    private static Ink pattern(SystemGroup system) {
        return switch (system) {
            case SLEEPING -> (x, y) -> x % 4 == 0 && y % 4 == 0;
            case SEATING -> (x, y) -> (x + y) % 4 == 0 && x % 2 == 0;
            case GALLEY -> (x, y) -> (x + y) % TILE == 0;
            case COLD -> (x, y) -> (x + y) % TILE == 0 || (x - y + TILE) % TILE == 0;
            case WATER -> (x, y) -> y % 4 == 0;
            case HEAT -> (x, y) -> (x - y + TILE) % TILE == 0 && x % 4 < 3;
            case ELECTRICAL -> (x, y) -> (x - y + TILE) % 4 == 0;
            case OPENINGS -> (x, y) -> x % 4 == 0;
            case CARGO -> (x, y) -> x % TILE == 0 || y % TILE == 0;
            case OUTSIDE -> (x, y) -> y % TILE == 0 && x % TILE < 5;
            case STRUCTURE -> (x, y) -> x % TILE == 3 && y % TILE == 3;
        };
    }

    private static Image tile(Color colour, Ink ink) {
        WritableImage image = new WritableImage(SIZE, SIZE);
        PixelWriter pixels = image.getPixelWriter();
        for (int x = 0; x < SIZE; x++) {
            for (int y = 0; y < SIZE; y++) {
                if (ink.at(x % TILE, y % TILE)) {
                    pixels.setColor(x, y, colour);
                }
            }
        }
        return image;
    }
}
