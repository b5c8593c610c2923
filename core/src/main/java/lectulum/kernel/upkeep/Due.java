package lectulum.kernel.upkeep;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/// When something is due: by whichever of its limits comes first.
///
/// @param day  on which it is due; today where it is overdue by use
/// @param by   the limit that comes first
/// @param over whether it is overdue
public record Due(LocalDate day, Limit by, boolean over) {
    /// What makes it due.
    public enum Limit {
        TIME("time"), DISTANCE("distance"), RUNNING("hours of running");

        private final String label;

        Limit(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// A limit by use.
    ///
    /// @param left  of it until it is due; 0 or less is overdue
    /// @param daily mean use of a day; without any this limit is left out unless it is over already
    public record Use(Limit by, double left, double daily) {
    }

    /// Longest that is looked ahead \[days\].
    private static final double AHEAD = 36_500;

    /// @param months after the last time; whole ones clip to the end of the month, parts of them count as thirtieths
    /// @return empty where nothing makes it due
    public static Optional<Due> of(LocalDate last, OptionalDouble months, LocalDate today, Use... uses) {
        Stream<Due> byUse = Stream.of(uses).flatMap(u -> byUse(today, u).stream());
        Stream<Due> byTime = months.isPresent()
                ? Stream.of(byTime(after(last, months.getAsDouble()), today))
                : Stream.empty();
        return Stream.concat(byTime, byUse).min((a, b) -> a.day.compareTo(b.day));
    }

    private static LocalDate after(LocalDate last, double months) {
        long whole = (long) Math.floor(months);
        return last.plusMonths(whole).plusDays(Math.round((months - whole) * 30));
    }

    private static Due byTime(LocalDate day, LocalDate today) {
        return new Due(day, Limit.TIME, day.isBefore(today));
    }

    private static Optional<Due> byUse(LocalDate today, Use u) {
        if (u.left <= 0) {
            return Optional.of(new Due(today, u.by, true));
        }
        double days = Math.ceil(u.left / u.daily);
        return u.daily > 0 && days <= AHEAD
                ? Optional.of(new Due(today.plusDays((long) days), u.by, false))
                : Optional.empty();
    }
}
