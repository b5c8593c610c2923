package lectulum.sheet;

import java.util.EnumMap;
import java.util.Map;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.drawing.Hatch;
import lectulum.theme.Theme;

/// A hatch for each system, so that nothing is told by colour alone.
public final class Hatches {
    private static final int TILE = Hatch.SIDE;
    private static final double STRENGTH = 0.42;

    private final Map<SystemGroup, Hatch> bySystem = new EnumMap<>(SystemGroup.class);
    private final Hatch fault;

    Hatches(Theme theme) {
        for (SystemGroup system : SystemGroup.values()) {
            bySystem.put(system,
                    Hatch.of(theme.ink("inside").toward(theme.ink(system), STRENGTH), pattern(system)));
        }
        fault = Hatch.of(theme.ink("accent"), (x, y) -> (x + y) % 4 == 0);
    }

    public Hatch of(SystemGroup system) {
        return bySystem.get(system);
    }

    public Hatch fault() {
        return fault;
    }

    private static Hatch.Where pattern(SystemGroup system) {
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
}
