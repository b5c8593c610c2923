package lectulum.kernel.stores;

import java.util.List;
import java.util.OptionalDouble;

/// A store that is drawn from or filled day by day: what the rehearsal, which goes by the hour, is held against.
///
/// @param level    at the start
/// @param capacity ≥ 0
/// @param daily    change in a day, negative where it is drawn from
public record Stores(double level, double capacity, double daily) {
    private static final double EXACT = 1e-9;

    /// At the start of a day.
    ///
    /// @param day   from 0
    /// @param level that it is set to, clipped to what it holds
    public record Event(int day, double level) {
    }

    /// @param breach day, with its part, at which it first goes below nothing or over what it holds; empty for never
    /// @param ends   level at the end
    public record Course(OptionalDouble breach, double ends) {
    }

    /// @param times by day, how many times the usual change; as many days as there are
    public Course over(List<Double> times, List<Event> events) {
        double at = Math.clamp(level, 0, capacity);
        OptionalDouble breach = OptionalDouble.empty();
        for (int d = 0; d < times.size(); d++) {
            for (Event e : events) {
                if (e.day == d) {
                    at = Math.clamp(e.level, 0, capacity);
                }
            }
            double change = daily * times.get(d);
            double next = at + change;
            if (breach.isEmpty() && next < -EXACT) {
                breach = OptionalDouble.of(d + at / -change);
            } else if (breach.isEmpty() && next > capacity + EXACT) {
                breach = OptionalDouble.of(d + (capacity - at) / change);
            }
            at = Math.clamp(next, 0, capacity);
        }
        return new Course(breach, at);
    }
}
