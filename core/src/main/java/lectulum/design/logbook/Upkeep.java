package lectulum.design.logbook;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// What is known of something that is looked after again and again: of one of the usual ones what is otherwise, or one of one's own.
///
/// @param id       of the usual one, or of its own
/// @param own      whether it is one's own
/// @param name     of one's own
/// @param dropped  whether it is not done at all
/// @param months   after which it is due; empty for the usual ones
/// @param distance after which it is due \[m\]; empty for the usual one
/// @param running  hours of running after which it is due \[s\]; empty for the usual ones
/// @param last     when it was done last, as ISO; empty for never
/// @param at       what was towed by then \[m\]
/// @param ran      run since then \[s\]
/// @param note     what was used, by whom
@RecordBuilder
public record Upkeep(String id, boolean own, String name, boolean dropped,
        @Means(value = "Every so many months", of = Quantity.COUNT, low = 0.25, high = 600) OptionalDouble months,
        @Means(value = "Every", of = Quantity.DISTANCE, low = 1000, high = 1e9) OptionalDouble distance,
        @Means(value = "Every so many hours of running", of = Quantity.DURATION, low = 3600, high = 3.6e8) OptionalDouble running,
        @Means("ISO date") String last,
        @Means(value = "Towed by then", of = Quantity.DISTANCE, high = 1e10) OptionalDouble at,
        @Means(value = "Ran since", of = Quantity.DURATION, high = 3.6e8) OptionalDouble ran,
        String note) implements UpkeepBuilder.With {

    public Upkeep {
        id = id == null ? "" : id;
        name = name == null ? "" : name;
        months = months == null ? OptionalDouble.empty() : months;
        distance = distance == null ? OptionalDouble.empty() : distance;
        running = running == null ? OptionalDouble.empty() : running;
        last = last == null ? "" : last;
        at = at == null ? OptionalDouble.empty() : at;
        ran = ran == null ? OptionalDouble.empty() : ran;
        note = note == null ? "" : note;
    }

    /// A usual one that was never done and is done as usual.
    public static Upkeep usual(String id) {
        return new Upkeep(id, false, "", false, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(),
                "", OptionalDouble.empty(), OptionalDouble.empty(), "");
    }
}
