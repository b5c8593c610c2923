package lectulum.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/// One weigh day, kept as it was: when, in which state, what stood on which scale and what it read.
///
/// @param id       stable
/// @param date     as ISO, `2026-05-01`
/// @param state    in words, such as "shell only"
/// @param aboard   frozen copy of the load case it is compared with
/// @param planned  mass that the plan had then \[kg\]
/// @param tongue   tongue load that the plan had then \[kg\]
/// @param entries  what was read
/// @param accepted masses that were taken over from it
/// @param photo    file beside the project; empty for none
public record Weighing(String id, String date, String state, LoadCase aboard, double planned, double tongue,
        List<Entry> entries, List<Accepted> accepted, String photo) {

    public Weighing {
        date = date == null ? "" : date;
        state = state == null ? "" : state;
        aboard = aboard == null ? LoadCase.DEPARTURE : aboard;
        entries = entries == null ? List.of() : List.copyOf(entries);
        accepted = accepted == null ? List.of() : List.copyOf(accepted);
        photo = photo == null ? "" : photo;
    }

    /// One reading.
    ///
    /// @param value      \[kg\]; empty while it is not read yet
    /// @param correction known, taken off the reading: fuel burned, somebody who got out \[kg\]
    /// @param step       of the scale \[kg\]
    /// @param used       whether it counts
    public record Entry(WeighPoint point, OptionalDouble value, double correction, double step, boolean used) {
        public Entry {
            value = value == null ? OptionalDouble.empty() : value;
        }

        public boolean counts() {
            return used && value.isPresent();
        }

        /// @param kg NaN for not read
        public Entry reading(double kg) {
            return new Entry(point, Double.isNaN(kg) ? OptionalDouble.empty() : OptionalDouble.of(kg), correction, step,
                    used);
        }

        public Entry corrected(double kg) {
            return new Entry(point, value, kg, step, used);
        }

        public Entry stepped(double kg) {
            return new Entry(point, value, correction, kg, used);
        }

        public Entry used(boolean counts) {
            return new Entry(point, value, correction, step, counts);
        }
    }

    /// A mass that was overwritten by this weigh day.
    ///
    /// @param thing  id; empty for the base
    /// @param before as it was
    /// @param after  as it is now
    public record Accepted(String thing, Mass before, Mass after) {
    }

    public Weighing with(List<Entry> readings) {
        return new Weighing(id, date, state, aboard, planned, tongue, readings, accepted, photo);
    }

    /// With one entry changed.
    public Weighing with(int index, Entry entry) {
        List<Entry> next = new ArrayList<>(entries);
        next.set(index, entry);
        return with(next);
    }

    public Weighing named(String newDate, String newState) {
        return new Weighing(id, newDate, newState, aboard, planned, tongue, entries, accepted, photo);
    }

    public Weighing withPhoto(String file) {
        return new Weighing(id, date, state, aboard, planned, tongue, entries, accepted, file);
    }

    public Weighing accepting(Accepted taken) {
        List<Accepted> next = new ArrayList<>(accepted);
        next.removeIf(a -> a.thing().equals(taken.thing()));
        next.add(taken);
        return new Weighing(id, date, state, aboard, planned, tongue, entries, next, photo);
    }

    public Optional<Accepted> accepted(String thing) {
        return accepted.stream().filter(a -> a.thing().equals(thing)).findFirst();
    }
}
