package lectulum.sheet;

import java.util.EnumMap;
import java.util.Map;
import javafx.scene.image.PixelWriter;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.paint.Paint;
import lectulum.design.SystemGroup;
import lectulum.theme.Theme;

/// A hatch for each system, so that nothing is told by colour alone.
final class Hatches {
    private static final int TILE = 8;
    private static final double STRENGTH = 0.42;

    private final Map<SystemGroup, Paint> bySystem = new EnumMap<>(SystemGroup.class);
    private final Paint fault;

    Hatches(Theme theme) {
        for (SystemGroup system : SystemGroup.values()) {
            bySystem.put(system, tile(theme.colour(system), STRENGTH, pattern(system)));
        }
        fault = tile(theme.colour("accent"), 0.85, (x, y) -> (x + y) % 4 == 0);
    }

    Paint of(SystemGroup system) {
        return bySystem.get(system);
    }

    Paint fault() {
        return fault;
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

    private static Paint tile(Color colour, double strength, Ink ink) {
        WritableImage image = new WritableImage(TILE, TILE);
        PixelWriter pixels = image.getPixelWriter();
        Color inked = colour.deriveColor(0, 1, 1, strength);
        for (int x = 0; x < TILE; x++) {
            for (int y = 0; y < TILE; y++) {
                if (ink.at(x, y)) {
                    pixels.setColor(x, y, inked);
                }
            }
        }
        return new ImagePattern(image, 0, 0, TILE, TILE, false);
    }
}
