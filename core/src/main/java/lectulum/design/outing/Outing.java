package lectulum.design.outing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/// A trip that is planned.
///
/// @param days of it, the first with the way out, at most 400
@RecordBuilder
public record Outing(String id, String name, List<OutingDay> days) implements OutingBuilder.With {
    public static final int LONGEST = 400;

    public Outing {
        id = id == null ? "" : id;
        name = name == null ? "" : name;
        days = days == null ? List.of() : List.copyOf(days.size() > LONGEST ? days.subList(0, LONGEST) : days);
    }

    /// With one day changed; the same where there is no such day.
    ///
    /// @param at from 0
    public Outing mapping(int at, UnaryOperator<OutingDay> change) {
        if (at < 0 || at >= days.size()) {
            return this;
        }
        List<OutingDay> next = new ArrayList<>(days);
        next.set(at, change.apply(next.get(at)));
        return withDays(next);
    }
}
