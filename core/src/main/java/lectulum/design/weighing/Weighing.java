package lectulum.design.weighing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.design.LoadCase;
import lectulum.design.Means;
import lectulum.design.Whole;
import lectulum.design.thing.Mass;
import lectulum.units.Quantity;

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
/// @param frozen   what the plan held at that time; empty for days kept before that was remembered
@RecordBuilder
public record Weighing(String id, @Means("ISO date") String date, String state, LoadCase aboard,
        @Means(value = "Planned mass", of = Quantity.MASS, high = 100_000, says = "that the plan had then") double planned,
        @Means(value = "Planned tongue load", of = Quantity.MASS, low = -10000, high = 10_000, says = "that the plan had then") double tongue,
        List<Entry> entries, List<Accepted> accepted, @Means("File beside the project") String photo,
        Optional<Frozen> frozen) implements WeighingBuilder.With {

    public Weighing {
        date = date == null ? "" : date;
        state = state == null ? "" : state;
        aboard = aboard == null ? LoadCase.DEPARTURE : aboard;
        entries = entries == null ? List.of() : List.copyOf(entries);
        accepted = accepted == null ? List.of() : List.copyOf(accepted);
        photo = photo == null ? "" : photo;
        frozen = frozen == null ? Optional.empty() : frozen;
    }

    /// A weigh day of which only the totals of the plan are remembered.
    public Weighing(String id, String date, String state, LoadCase aboard, double planned, double tongue,
            List<Entry> entries, List<Accepted> accepted, String photo) {
        this(id, date, state, aboard, planned, tongue, entries, accepted, photo, Optional.empty());
    }

    /// The plan as it was when something was weighed, in the load case that stood on the scale.
    ///
    /// @param ballToAxle \[m\]
    /// @param track      \[m\]
    @Whole("Plan on the scale")
    public record Frozen(@Means(value = "Ball to axle", low = -20, high = 30) double ballToAxle,
            @Means("Track") double track, List<Aboard> parts) {
        public Frozen {
            parts = parts == null ? List.of() : List.copyOf(parts);
        }
    }

    /// One mass that was aboard.
    ///
    /// @param thing id; empty for the base
    /// @param own   how much of the thing's own mass it was; 0 for what its tank held
    /// @param mass  \[kg\]
    /// @param x     behind the ball \[m\]
    /// @param y     right of the middle \[m\]
    /// @param z     above the ground \[m\]
    /// @param u     standard uncertainty of the mass \[kg\]
    /// @param guess whether it shared the error of all guesses
    public record Aboard(@Means("Id; empty for the base") String thing,
            @Means(value = "Times its own mass", of = Quantity.COUNT, high = 10, says = "0 for what its tank held") double own,
            @Means(value = "Mass", of = Quantity.MASS, high = 20_000) double mass,
            @Means(value = "Place behind the ball", low = -30, high = 30) double x,
            @Means(value = "Place right of the middle", low = -30, high = 30) double y,
            @Means(value = "Place above the ground", low = -30, high = 30) double z,
            @Means(value = "Uncertainty", of = Quantity.MASS, high = 20_000, says = "standard uncertainty") double u,
            @Means("Whether it shared the error of all guesses") boolean guess) {
        public Aboard {
            thing = thing == null ? "" : thing;
        }
    }

    /// With the plan as it is now kept as what stood on the scale.
    public Weighing freezing(double mass, double onBall, Frozen now) {
        return withPlanned(mass).withTongue(onBall).withFrozen(Optional.of(now));
    }

    /// Whether anything was read.
    public boolean read() {
        return entries.stream().anyMatch(e -> e.value().isPresent());
    }

    /// With further readings under the others.
    public Weighing plus(List<Entry> more) {
        return with(Stream.concat(entries.stream(), more.stream()).toList());
    }

    /// Without one reading.
    public Weighing without(int index) {
        return with(IntStream.range(0, entries.size()).filter(i -> i != index).mapToObj(entries::get).toList());
    }

    /// With another load case aboard.
    public Weighing carrying(LoadCase what) {
        return withAboard(what);
    }

    /// One reading.
    ///
    /// @param value      \[kg\]; empty while it is not read yet
    /// @param correction known, taken off the reading: fuel burned, somebody who got out \[kg\]
    /// @param step       of the scale \[kg\]
    /// @param used       whether it counts
    /// @param accuracy   of the scale, part of the reading; empty for the usual one
    /// @param correctionU standard uncertainty of the correction \[kg\]; empty for the usual part of it
    @Whole("Reading")
    public record Entry(WeighPoint point,
            @Means(value = "Reading", of = Quantity.MASS, low = -1000, high = 60_000) OptionalDouble value,
            @Means(value = "Take off", of = Quantity.MASS, low = -500, high = 500, says = "known, taken off the reading") double correction,
            @Means(value = "Step of the scale", of = Quantity.MASS, high = 1000) double step, boolean used,
            @Means(value = "Accurate to", of = Quantity.SHARE, high = 0.2, says = "part of the reading") OptionalDouble accuracy,
            @Means(value = "Take-off within", of = Quantity.MASS, high = 500, says = "standard uncertainty") OptionalDouble correctionU) {
        public Entry {
            point = point == null ? WeighPoint.RIG : point;
            value = value == null ? OptionalDouble.empty() : value;
            accuracy = accuracy == null ? OptionalDouble.empty() : accuracy;
            correctionU = correctionU == null ? OptionalDouble.empty() : correctionU;
        }

        /// A reading of a scale that is as accurate as such scales usually are.
        public Entry(WeighPoint point, OptionalDouble value, double correction, double step, boolean used) {
            this(point, value, correction, step, used, OptionalDouble.empty(), OptionalDouble.empty());
        }

        public boolean counts() {
            return used && value.isPresent();
        }

        /// @param kg NaN for not read
        public Entry reading(double kg) {
            return new Entry(point, known(kg), correction, step, used, accuracy, correctionU);
        }

        public Entry corrected(double kg) {
            return new Entry(point, value, kg, step, used, accuracy, correctionU);
        }

        /// @param part of the reading; NaN for the usual accuracy
        public Entry accurateTo(double part) {
            return new Entry(point, value, correction, step, used, known(part), correctionU);
        }

        /// @param kg standard uncertainty; NaN for the usual one
        public Entry correctedWithin(double kg) {
            return new Entry(point, value, correction, step, used, accuracy, known(kg));
        }

        private static OptionalDouble known(double number) {
            return Double.isNaN(number) ? OptionalDouble.empty() : OptionalDouble.of(number);
        }

        public Entry stepped(double kg) {
            return new Entry(point, value, correction, kg, used, accuracy, correctionU);
        }

        public Entry used(boolean counts) {
            return new Entry(point, value, correction, step, counts, accuracy, correctionU);
        }
    }

    /// A mass that was overwritten by this weigh day.
    ///
    /// @param thing  id; empty for the base
    /// @param before as it was
    /// @param after  as it is now
    public record Accepted(@Means("Id; empty for the base") String thing, Mass before, Mass after) {
    }

    public Weighing with(List<Entry> readings) {
        return withEntries(readings);
    }

    /// With one entry changed.
    public Weighing with(int index, Entry entry) {
        List<Entry> next = new ArrayList<>(entries);
        next.set(index, entry);
        return with(next);
    }

    public Weighing named(String newDate, String newState) {
        return withDate(newDate).withState(newState);
    }

    public Weighing accepting(Accepted taken) {
        List<Accepted> next = new ArrayList<>(accepted);
        next.removeIf(a -> a.thing().equals(taken.thing()));
        next.add(taken);
        return withAccepted(next);
    }

    public Optional<Accepted> accepted(String thing) {
        return accepted.stream().filter(a -> a.thing().equals(thing)).findFirst();
    }
}
