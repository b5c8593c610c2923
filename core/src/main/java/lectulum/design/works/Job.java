package lectulum.design.works;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// What is known of a task: of one of the usual ones what is otherwise, or a task of one's own.
///
/// @param id      of the usual task, or of its own
/// @param own     whether it is one's own
/// @param name    of one's own
/// @param dropped whether it is not done at all
/// @param hours   of work \[s\]; empty for the usual ones
/// @param after   ids of what must be done before; of a usual task those that are added to the usual ones
/// @param two     of one's own: whether it takes two people
/// @param drying  of one's own: what must dry or cure after it \[s\]
/// @param done    part of it
/// @param logged  worked on it so far \[s\]
/// @param by      who did what takes a licence or experience
/// @param checked by whom
/// @param notBefore day before which it is not begun, as ISO; empty for as soon as it can be
/// @param least   hours if all goes well \[s\]; empty for the usual share of the likely ones
/// @param most    hours if much goes wrong \[s\]; empty for the usual share of the likely ones
/// @param session of one's own: whether it is done in one session
@RecordBuilder
public record Job(String id, boolean own, String name, boolean dropped,
        @Means(value = "Hours", of = Quantity.DURATION, high = 3.6e7) OptionalDouble hours, List<String> after,
        boolean two, @Means(value = "Dries or cures", of = Quantity.DURATION, high = 3.6e6) double drying,
        @Means(value = "Done", of = Quantity.SHARE, high = 1) double done,
        @Means(value = "Worked so far", of = Quantity.DURATION, high = 3.6e7) OptionalDouble logged, String by,
        String checked, @Means("ISO date") String notBefore,
        @Means(value = "Hours at least", of = Quantity.DURATION, high = 3.6e7) OptionalDouble least,
        @Means(value = "Hours at most", of = Quantity.DURATION, high = 3.6e7) OptionalDouble most,
        boolean session) implements JobBuilder.With {
    public Job {
        id = id == null ? "" : id;
        name = name == null ? "" : name;
        hours = hours == null ? OptionalDouble.empty() : hours;
        after = after == null ? List.of() : List.copyOf(after);
        logged = logged == null ? OptionalDouble.empty() : logged;
        by = by == null ? "" : by;
        checked = checked == null ? "" : checked;
        notBefore = notBefore == null ? "" : notBefore;
        least = least == null ? OptionalDouble.empty() : least;
        most = most == null ? OptionalDouble.empty() : most;
    }

    /// A usual task of which nothing is otherwise yet.
    public static Job usual(String id) {
        return new Job(id, false, "", false, OptionalDouble.empty(), List.of(), false, 0, 0, OptionalDouble.empty(), "",
                "", "", OptionalDouble.empty(), OptionalDouble.empty(), false);
    }

    /// A task of one's own.
    ///
    /// @param hours likely \[s\]
    public static Job own(String id, String name, double hours) {
        return usual(id).withOwn(true).withName(name).withHours(OptionalDouble.of(hours));
    }
}
