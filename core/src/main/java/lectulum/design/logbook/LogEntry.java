package lectulum.design.logbook;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// An entry of the log.
///
/// @param date   as ISO; empty for not said
/// @param text   what was done, decided, found or learnt
/// @param why    reasons
/// @param task   id of the task that it belongs to; empty for none
/// @param thing  id of the thing that it is about; empty for none
/// @param stage  name of the stage at which a lesson is shown again; empty for none
/// @param hours  worked, or lost by a mistake \[s\]
/// @param cost   of a mistake
/// @param mass   that it added \[kg\]
/// @param photo  file among the attachments; empty for none
/// @param due    until when it is to be mended, as ISO; empty for no day
/// @param done   whether it is mended
/// @param unsafe whether nobody should travel before it is mended
/// @param length of the thing as it was built \[m\]; empty for as planned or not measured
/// @param width  likewise
/// @param height likewise
@RecordBuilder
public record LogEntry(String id, @Means("ISO date") String date, Kind kind, String text, String why, String task,
        String thing, @Means("Name of the stage it is shown at") String stage,
        @Means(value = "Hours", of = Quantity.DURATION, high = 3.6e6) OptionalDouble hours,
        @Means(value = "Money lost", of = Quantity.MONEY, high = 1e7) OptionalDouble cost,
        @Means(value = "Mass added", of = Quantity.MASS, low = -5000, high = 5000) OptionalDouble mass,
        @Means("File beside the project") String photo, @Means("ISO date") String due,
        @Means("Whether it is mended") boolean done,
        @Means("Whether nobody should travel before it is mended") boolean unsafe,
        @Means(value = "Length as built", high = 20) OptionalDouble length,
        @Means(value = "Width as built", high = 20) OptionalDouble width,
        @Means(value = "Height as built", high = 20) OptionalDouble height) implements LogEntryBuilder.With {

    public LogEntry {
        id = id == null ? "" : id;
        date = date == null ? "" : date;
        kind = kind == null ? Kind.WORK : kind;
        text = text == null ? "" : text;
        why = why == null ? "" : why;
        task = task == null ? "" : task;
        thing = thing == null ? "" : thing;
        stage = stage == null ? "" : stage;
        hours = hours == null ? OptionalDouble.empty() : hours;
        cost = cost == null ? OptionalDouble.empty() : cost;
        mass = mass == null ? OptionalDouble.empty() : mass;
        photo = photo == null ? "" : photo;
        due = due == null ? "" : due;
        length = length == null ? OptionalDouble.empty() : length;
        width = width == null ? OptionalDouble.empty() : width;
        height = height == null ? OptionalDouble.empty() : height;
    }

    /// Of which only the text is known.
    public static LogEntry of(String id, String date, Kind kind, String text) {
        return new LogEntry(id, date, kind, text, "", "", "", "", OptionalDouble.empty(), OptionalDouble.empty(),
                OptionalDouble.empty(), "", "", false, false, OptionalDouble.empty(), OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    /// What an entry is.
    public enum Kind {
        WORK("work"), DECISION("decision"), SNAG("snag"), MAKESHIFT("temporary fix"), MISTAKE("mistake"), NEXT_TIME(
                "next time"),
        AS_BUILT("as built");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /// Whether it stays open until it is mended.
        public boolean open() {
            return this == SNAG || this == MAKESHIFT;
        }

        /// Whether it teaches something for another time.
        public boolean lesson() {
            return this == NEXT_TIME || this == MISTAKE;
        }
    }
}
