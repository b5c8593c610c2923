package lectulum.kernel.schedule;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lectulum.kernel.takeoff.Cure;

/// One builder's tasks laid into the sessions of a calendar, the one that must be done first first (serial scheduling by latest
/// finish).
public final class Schedule {
    private static final int MOST_DAYS = 3660;
    private final Sessions own;
    private final Sessions helper;
    private final Function<LocalDate, double[]> warmth;
    /// By day, as no session passes midnight.
    private final Map<LocalDate, List<Sessions.Span>> taken = new HashMap<>();
    private final Map<String, Laid> laid = new LinkedHashMap<>();

    private Schedule(Sessions own, Sessions helper, Function<LocalDate, double[]> warmth) {
        this.own = own;
        this.helper = helper;
        this.warmth = warmth;
    }

    /// What is to be done.
    ///
    /// @param hours   of work
    /// @param after   ids of what must be done before
    /// @param cure    what must cure after it before others go on
    /// @param two     whether it takes a helper
    /// @param session whether it is done in one session
    /// @param parts   when its material is there
    public record Job(String id, double hours, List<String> after, Optional<Cure> cure, boolean two, boolean session,
            Optional<LocalDateTime> parts) {
        public Job {
            after = List.copyOf(after);
        }
    }

    /// Why something could not be laid.
    public enum Trouble {
        NONE, NO_SESSION, NO_HELPER, NEVER_CURES, BEFORE_IT, NO_HOURS
    }

    /// When it is done.
    ///
    /// @param spans    in which it is worked at; none where it takes no time or could not be laid
    /// @param released when what follows may begin; empty where that never is
    public record Laid(Job job, List<Sessions.Span> spans, Optional<LocalDateTime> start, Optional<LocalDateTime> end,
            Optional<LocalDateTime> released, Trouble trouble) {
    }

    /// All jobs in the order in which they were laid; what is in a loop, or behind one, is left out.
    ///
    /// @param warmth temperatures of the 24 hours of a day \[°C\]
    public static List<Laid> of(List<Job> jobs, LocalDateTime today, Sessions own, Sessions helper,
            Function<LocalDate, double[]> warmth) {
        Schedule s = new Schedule(own, helper, warmth);
        Network net = new Network(jobs.stream().map(j -> new Network.Task(j.id, j.hours,
                j.cure.map(Cure::hours).orElse(0.0), j.after)).toList());
        Map<String, Network.Times> times = net.times();
        List<Job> left = new ArrayList<>(jobs.stream().filter(j -> times.containsKey(j.id)).toList());
        Set<String> open = left.stream().map(Job::id).collect(Collectors.toCollection(HashSet::new));
        Comparator<Job> first = Comparator.comparingDouble((Job j) -> times.get(j.id).latest()).thenComparing(Job::id);
        while (!left.isEmpty()) {
            Job next = left.stream().filter(j -> j.after.stream().noneMatch(open::contains)).min(first).orElseThrow();
            left.remove(next);
            open.remove(next.id);
            s.laid.put(next.id, s.lay(next, today));
        }
        return List.copyOf(s.laid.values());
    }

    private Laid lay(Job j, LocalDateTime today) {
        LocalDateTime from = today;
        for (String a : j.after) {
            Laid before = laid.get(a);
            if (before == null) {
                continue;
            }
            if (before.released.isEmpty()) {
                return new Laid(j, List.of(), Optional.empty(), Optional.empty(), Optional.empty(), Trouble.BEFORE_IT);
            }
            from = later(from, before.released.get());
        }
        from = j.parts.isPresent() ? later(from, j.parts.get()) : from;
        if (j.hours <= 0) {
            return released(j, List.of(), from, from);
        }
        List<Sessions.Span> spans = spans(j, from);
        if (spans.isEmpty()) {
            Trouble why = own.none()
                    ? Trouble.NO_HOURS
                    : j.two && helper.none() ? Trouble.NO_HELPER : Trouble.NO_SESSION;
            return new Laid(j, List.of(), Optional.empty(), Optional.empty(), Optional.empty(), why);
        }
        spans.forEach(x -> taken.computeIfAbsent(x.from().toLocalDate(), k -> new ArrayList<>()).add(x));
        return released(j, spans, spans.getFirst().from(), spans.getLast().to());
    }

    private Laid released(Job j, List<Sessions.Span> spans, LocalDateTime start, LocalDateTime end) {
        if (j.cure.isEmpty()) {
            return new Laid(j, spans, Optional.of(start), Optional.of(end), Optional.of(end), Trouble.NONE);
        }
        double clock = end.toLocalTime().toNanoOfDay() / 3.6e12;
        OptionalDouble hours = j.cure.get().daily(clock, warmth.apply(end.toLocalDate()));
        return hours.isEmpty()
                ? new Laid(j, spans, Optional.of(start), Optional.of(end), Optional.empty(), Trouble.NEVER_CURES)
                : new Laid(j, spans, Optional.of(start), Optional.of(end),
                        Optional.of(end.plus(Duration.ofMillis(Math.round(hours.getAsDouble() * 3_600_000)))),
                        Trouble.NONE);
    }

    private static LocalDateTime later(LocalDateTime a, LocalDateTime b) {
        return a.isAfter(b) ? a : b;
    }

    /// The earliest free time, in pieces unless it must be one; none within ten years.
    private List<Sessions.Span> spans(Job j, LocalDateTime from) {
        List<Sessions.Span> all = new ArrayList<>();
        double left = j.hours;
        LocalDate day = from.toLocalDate();
        for (int i = 0; i < MOST_DAYS; i++, day = day.plusDays(1)) {
            List<Sessions.Span> open = own.on(day);
            open = j.two ? Sessions.both(open, helper.on(day)) : open;
            for (Sessions.Span s : Sessions.without(open, taken.getOrDefault(day, List.of()))) {
                LocalDateTime begin = later(s.from(), from);
                if (!begin.isBefore(s.to())) {
                    continue;
                }
                Sessions.Span free = new Sessions.Span(begin, s.to());
                if (j.session && free.hours() < j.hours - 1e-9) {
                    continue;
                }
                double used = Math.min(left, free.hours());
                all.add(new Sessions.Span(begin, begin.plus(Duration.ofMillis(Math.round(used * 3_600_000)))));
                left -= used;
                if (left <= 1e-9) {
                    return all;
                }
            }
        }
        return List.of();
    }
}
