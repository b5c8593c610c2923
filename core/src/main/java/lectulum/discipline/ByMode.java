package lectulum.discipline;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import lectulum.design.Mode;

/// A discipline for each mode, so that a question about one mode works out that one only.
///
/// @param <R> what each finds out
public final class ByMode<R extends Result> {
    private final Map<Mode, Discipline<R>> disciplines = new EnumMap<>(Mode.class);

    private ByMode(Function<Mode, Discipline<R>> discipline) {
        for (Mode mode : Mode.values()) {
            disciplines.put(mode, discipline.apply(mode));
        }
    }

    public static <R extends Result> ByMode<R> of(Function<Mode, Discipline<R>> discipline) {
        return new ByMode<>(discipline);
    }

    public Discipline<R> in(Mode mode) {
        return disciplines.get(mode);
    }

    /// The end of the id of what belongs to a mode.
    public static String key(Mode mode) {
        return mode.name().toLowerCase(Locale.ROOT);
    }
}
