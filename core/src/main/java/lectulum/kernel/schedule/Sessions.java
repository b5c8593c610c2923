package lectulum.kernel.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/// When somebody works: windows of a week, and days on which it is otherwise. Windows are half open; the clock does not jump.
///
/// @param weekly  windows of each day of the week
/// @param special days that are otherwise, with their windows, none for a day off
public record Sessions(Map<DayOfWeek, List<Window>> weekly, Map<LocalDate, List<Window>> special) {
    public Sessions {
        weekly = Map.copyOf(weekly);
        special = Map.copyOf(special);
    }

    /// Of one day.
    public record Window(LocalTime from, LocalTime to) {
    }

    /// From one moment to another.
    public record Span(LocalDateTime from, LocalDateTime to) {
        public double hours() {
            return java.time.Duration.between(from, to).toMillis() / 3_600_000.0;
        }
    }

    /// Those of a day, ascending; windows that end before they begin are left out.
    public List<Span> on(LocalDate day) {
        return special.getOrDefault(day, weekly.getOrDefault(day.getDayOfWeek(), List.of())).stream()
                .filter(w -> w.to.isAfter(w.from)).map(w -> new Span(day.atTime(w.from), day.atTime(w.to)))
                .sorted(Comparator.comparing(Span::from)).toList();
    }

    /// Whether nobody ever works.
    public boolean none() {
        return weekly.values().stream().allMatch(List::isEmpty) && special.values().stream().allMatch(List::isEmpty);
    }

    /// When both work.
    static List<Span> both(List<Span> a, List<Span> b) {
        List<Span> all = new ArrayList<>();
        for (Span x : a) {
            for (Span y : b) {
                LocalDateTime from = x.from.isAfter(y.from) ? x.from : y.from;
                LocalDateTime to = x.to.isBefore(y.to) ? x.to : y.to;
                if (to.isAfter(from)) {
                    all.add(new Span(from, to));
                }
            }
        }
        return all;
    }

    /// What is left of windows without what is taken.
    static List<Span> without(List<Span> windows, List<Span> taken) {
        List<Span> left = new ArrayList<>(windows);
        for (Span t : taken) {
            List<Span> next = new ArrayList<>();
            for (Span w : left) {
                if (!t.to.isAfter(w.from) || !t.from.isBefore(w.to)) {
                    next.add(w);
                    continue;
                }
                if (t.from.isAfter(w.from)) {
                    next.add(new Span(w.from, t.from));
                }
                if (t.to.isBefore(w.to)) {
                    next.add(new Span(t.to, w.to));
                }
            }
            left = next;
        }
        return left;
    }
}
