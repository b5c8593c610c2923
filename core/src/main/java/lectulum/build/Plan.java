package lectulum.build;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.purse.Receipt;
import lectulum.design.works.OtherDay;
import lectulum.design.works.Slot;
import lectulum.design.works.Works;
import lectulum.kernel.finance.Bill;
import lectulum.kernel.finance.PayAsYouGo;
import lectulum.kernel.schedule.Network;
import lectulum.kernel.schedule.Schedule;
import lectulum.kernel.schedule.Sessions;
import lectulum.kernel.takeoff.Cure;
import lectulum.units.Day;
import lectulum.weather.MeanDay;

/// The tasks that are left, laid into the hours of one builder.
///
/// @param tasks   all of them, finished ones too
/// @param network of what is left
/// @param start   of what is left: when it begins or goes on, not before today; empty where nobody said: there are no dates then
/// @param laid    in the order in which they are done
/// @param ordered what tasks wait for that is bought
public record Plan(List<Task> tasks, Network network, Optional<LocalDate> start, Sessions own,
        List<Schedule.Laid> laid, List<Delivery> ordered) {
    private static final double WARM = 20;
    private static final double LEAST_WARM = 5;
    private static final double INDOORS = -40;
    private static final double HOUR = 3600;
    private static final int LAST_SECOND = 86_399;
    private static final int MOST_DAYS = 7300;
    private static final int MONTH = 31;

    public Plan {
        tasks = List.copyOf(tasks);
        laid = List.copyOf(laid);
        ordered = List.copyOf(ordered);
    }

    /// Something bought that a task waits for.
    ///
    /// @param arrives with its days to arrive, from the day it was ordered; where it was not, from today, or, where what is put
    ///                aside pays it too late, from that day
    /// @param wanted  when the task would begin if all it waits for were there; empty where it cannot be laid
    public record Delivery(Receipt receipt, String task, LocalDate arrives, Optional<LocalDate> wanted) {
        /// Whether it is ordered or paid.
        public boolean ordered() {
            return receipt.state() == Receipt.State.ORDERED || receipt.state() == Receipt.State.PAID;
        }

        /// The last day on which it can be ordered without the task waiting for it.
        public Optional<LocalDate> orderBy() {
            return wanted.map(w -> w.minusDays((long) Math.ceil(receipt.lead())));
        }

        /// Days by which it comes too late; 0 for in time.
        public long late() {
            return wanted.map(w -> Math.max(0, ChronoUnit.DAYS.between(w, arrives))).orElse(0L);
        }
    }

    /// With the hours that are planned.
    public static Plan of(Design d) {
        return of(d, Map.of());
    }

    /// With what is left at the pace of the log, family by family; as planned where nothing is logged.
    public static Plan paced(Design d) {
        return of(d, Pace.of(d, Tasks.of(d)).factors());
    }

    private static Plan of(Design d, Map<String, Double> pace) {
        List<Task> tasks = Tasks.of(d);
        List<Task> left = tasks.stream().filter(t -> !t.finished()).toList();
        Set<String> open = left.stream().map(Task::id).collect(Collectors.toSet());
        Network network = new Network(left.stream().map(t -> new Network.Task(t.id(), hours(t, pace), t.drying(),
                t.after().stream().filter(open::contains).toList())).toList());
        Sessions own = sessions(d.works(), s -> true, s -> true);
        Optional<LocalDate> start = Stream.of(d.works().start(), d.purse().today()).flatMap(x -> Day.iso(x).stream())
                .max(LocalDate::compareTo);
        List<Schedule.Laid> free = start.map(day -> laid(d, left, pace, day, own, Map.of())).orElse(List.of());
        List<Delivery> ordered = start.map(day -> ordered(d, open, free)).orElse(List.of());
        if (ordered.stream().noneMatch(x -> x.late() > 0)) {
            return new Plan(tasks, network, start, own, free, ordered);
        }
        Map<String, LocalDateTime> parts = new HashMap<>();
        ordered.forEach(x -> parts.merge(x.task(), x.arrives().atStartOfDay(), (m, n) -> m.isAfter(n) ? m : n));
        return new Plan(tasks, network, start, own, laid(d, left, pace, start.get(), own, parts), ordered);
    }

    private static double hours(Task t, Map<String, Double> pace) {
        return t.left() * pace.getOrDefault(t.family(), 1.0);
    }

    private static List<Schedule.Laid> laid(Design d, List<Task> left, Map<String, Double> pace, LocalDate day,
            Sessions own, Map<String, LocalDateTime> parts) {
        Set<String> open = left.stream().map(Task::id).collect(Collectors.toSet());
        return Schedule.of(left.stream()
                .map(t -> new Schedule.Job(t.id(), hours(t, pace), t.after().stream().filter(open::contains).toList(),
                        t.drying() > 0 ? Optional.of(new Cure(t.drying(), WARM, LEAST_WARM)) : Optional.empty(),
                        t.two(), t.session(), waits(d, t, parts)))
                .toList(), day.atStartOfDay(), own, helpers(d.works()), x -> warmth(d, x));
    }

    /// When a second person is there.
    static Sessions helpers(Works works) {
        return sessions(works, Slot::helper, OtherDay::helper);
    }

    /// Until what it waits for is there, and until the day before which it is not begun.
    private static Optional<LocalDateTime> waits(Design d, Task t, Map<String, LocalDateTime> parts) {
        return Stream.concat(Optional.ofNullable(parts.get(t.id())).stream(),
                Day.iso(d.works().job(t.id()).notBefore()).map(LocalDate::atStartOfDay).stream())
                .max(LocalDateTime::compareTo);
    }

    /// Of tasks that are not done yet.
    private static List<Delivery> ordered(Design d, Set<String> open, List<Schedule.Laid> free) {
        Map<String, LocalDate> begins = new HashMap<>();
        free.forEach(l -> l.start().ifPresent(s -> begins.put(l.job().id(), s.toLocalDate())));
        Optional<LocalDate> today = Day.iso(d.purse().today());
        Map<String, LocalDate> payable = Payments.of(d).map(p -> p.plan(Payments.buys(d))).orElse(List.of()).stream()
                .filter(o -> o.late() > 0)
                .collect(Collectors.toMap(o -> o.buy().name(), PayAsYouGo.Ordered::arrival, (a, b) -> a));
        List<Delivery> all = new ArrayList<>();
        for (Receipt r : d.purse().receipts()) {
            if (open.contains(r.task()) && r.cover() == Bill.Cover.BUY) {
                arrives(r, today, payable).ifPresent(day -> all.add(new Delivery(r, r.task(), day,
                        Optional.ofNullable(begins.get(r.task())))));
            }
        }
        return all;
    }

    private static Optional<LocalDate> arrives(Receipt r, Optional<LocalDate> today, Map<String, LocalDate> payable) {
        Optional<LocalDate> day = Day.iso(r.date()).or(() -> today);
        return switch (r.state()) {
            case PAID -> day;
            case ORDERED -> day.map(x -> x.plusDays((long) Math.ceil(r.lead())));
            case GUESS, CATALOGUE, QUOTE -> today.map(x -> x.plusDays((long) Math.ceil(r.lead())))
                    .map(x -> payable.containsKey(r.id()) && payable.get(r.id()).isAfter(x) ? payable.get(r.id()) : x);
        };
    }

    private static double[] warmth(Design d, LocalDate day) {
        double shop = Assumed.value(d, Assumption.PAINT_SHOP);
        if (shop > INDOORS) {
            double[] all = new double[24];
            Arrays.fill(all, shop);
            return all;
        }
        return MeanDay.air(d.brief().latitude(), day.getMonthValue(), d.brief().climate());
    }

    private static Sessions sessions(Works works, Predicate<Slot> which, Predicate<OtherDay> on) {
        Map<DayOfWeek, List<Sessions.Window>> week = new EnumMap<>(DayOfWeek.class);
        works.week().stream().filter(which).filter(s -> s.to() > s.from())
                .forEach(s -> week.computeIfAbsent(s.day(), k -> new ArrayList<>())
                        .add(new Sessions.Window(clock(s.from()), clock(s.to()))));
        Map<LocalDate, List<Sessions.Window>> special = new HashMap<>();
        works.off().forEach(text -> Day.iso(text).ifPresent(day -> special.put(day, new ArrayList<>())));
        for (OtherDay o : works.other()) {
            Day.iso(o.day()).ifPresent(day -> {
                List<Sessions.Window> windows = special.computeIfAbsent(day, k -> new ArrayList<>());
                if (on.test(o) && o.to() > o.from()) {
                    windows.add(new Sessions.Window(clock(o.from()), clock(o.to())));
                }
            });
        }
        return new Sessions(week, special);
    }

    private static LocalTime clock(double hours) {
        return LocalTime.ofSecondOfDay(Math.clamp(Math.round(hours * HOUR), 0, LAST_SECOND));
    }

    public Optional<Task> task(String id) {
        return tasks.stream().filter(t -> t.id().equals(id)).findFirst();
    }

    /// Hours of all that is left.
    public double left() {
        return tasks.stream().mapToDouble(Task::left).sum();
    }

    /// When the last task ends; empty without dates, or where one of them cannot be laid.
    public Optional<LocalDateTime> finish() {
        return laid.isEmpty() || laid.stream().anyMatch(l -> l.end().isEmpty())
                ? Optional.empty()
                : laid.stream().map(l -> l.end().orElseThrow()).max(LocalDateTime::compareTo);
    }

    /// Hours of sessions until the last task ends in which nothing can be done: it dries, a helper or a part is awaited. Empty without an
    /// end.
    public OptionalDouble idle() {
        Optional<LocalDateTime> end = finish();
        if (start.isEmpty() || end.isEmpty()) {
            return OptionalDouble.empty();
        }
        double open = 0;
        for (LocalDate day = start.get(); !day.isAfter(end.get().toLocalDate()); day = day.plusDays(1)) {
            for (Sessions.Span s : own.on(day)) {
                LocalDateTime to = s.to().isBefore(end.get()) ? s.to() : end.get();
                open += Math.max(0, Duration.between(s.from(), to).toMillis() / 3.6e6);
            }
        }
        double worked = laid.stream().flatMap(l -> l.spans().stream()).mapToDouble(Sessions.Span::hours).sum();
        return OptionalDouble.of(Math.max(0, open - worked));
    }

    /// The day on which so many hours of sessions are over; empty without dates, or where that takes twenty years.
    public Optional<LocalDate> dayAfter(double hours) {
        return start.flatMap(first -> {
            double left = hours;
            LocalDate day = first;
            for (int i = 0; i < MOST_DAYS; i++, day = day.plusDays(1)) {
                left -= own.on(day).stream().mapToDouble(Sessions.Span::hours).sum();
                if (left <= 1e-9) {
                    return Optional.of(day);
                }
            }
            return Optional.empty();
        });
    }

    /// What can be begun: nothing that must be done before is open.
    public List<Task> ready() {
        Set<String> open = tasks.stream().filter(t -> !t.finished()).map(Task::id).collect(Collectors.toSet());
        return tasks.stream().filter(t -> !t.finished() && t.after().stream().noneMatch(open::contains)).toList();
    }

    /// The first two days from the start on that have sessions and follow one another: the next weekend; where no two do, the first one.
    /// Empty without a start, or without sessions in a month.
    public List<LocalDate> next() {
        return start.map(first -> {
            List<LocalDate> days = first.datesUntil(first.plusDays(MONTH)).filter(x -> hours(x) > 0).toList();
            return days.stream().filter(x -> days.contains(x.plusDays(1))).findFirst()
                    .map(x -> List.of(x, x.plusDays(1))).orElseGet(() -> days.stream().limit(1).toList());
        }).orElse(List.of());
    }

    /// Hours of sessions of some days.
    public double hours(List<LocalDate> days) {
        return days.stream().mapToDouble(this::hours).sum();
    }

    /// Of the longest session of these days.
    public double longest(List<LocalDate> days) {
        return days.stream().flatMap(x -> own.on(x).stream()).mapToDouble(Sessions.Span::hours).max().orElse(0);
    }

    private double hours(LocalDate day) {
        return own.on(day).stream().mapToDouble(Sessions.Span::hours).sum();
    }
}
