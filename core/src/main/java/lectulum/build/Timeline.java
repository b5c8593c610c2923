package lectulum.build;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Stage;
import lectulum.kernel.schedule.Network;
import lectulum.kernel.schedule.Schedule;

/// The plan as a drawing asks for it: parts of the whole time, 0 at the beginning and 1 at the end. Nothing without a beginning.
///
/// @param bars   in the order in which tasks are done
/// @param months that begin on the way
/// @param start  first day; empty for none
/// @param days   of the whole time
public record Timeline(List<Bar> bars, List<Tick> months, Optional<LocalDate> start, double days) implements Result {
    public static final Discipline<Timeline> DISCIPLINE = new Discipline<>("build-timeline", "Timeline", Stage.BUILD,
            Discipline.Pace.REST,
            in -> of(Plan.of(in.unplaced(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.PURSE,
                    Design.Part.WORKS, Design.Part.SETTINGS))),
            () -> new Timeline(List.of(), List.of(), Optional.empty(), 0));
    private static final double DAY = 1440;
    private static final int LONG = 500;

    public Timeline {
        bars = List.copyOf(bars);
        months = List.copyOf(months);
    }

    /// The day at a part of the whole time; empty without a beginning.
    public Optional<LocalDate> day(double at) {
        return start.map(day -> day.plusDays((long) Math.floor(Math.clamp(at, 0, 4) * days + 1e-9)));
    }

    /// The edit that lets a task begin no earlier than a day; one at or before the day on which it could begin anyway lets it begin as
    /// soon as it can.
    public static Edit notBefore(Bar bar, LocalDate day) {
        return new Edit(bar.name() + " not before " + day, d -> {
            Design free = d.with(d.works().mapping(bar.task(), j -> j.withNotBefore("")));
            boolean later = Plan.of(free).laid().stream().filter(l -> l.job().id().equals(bar.task()))
                    .flatMap(l -> l.start().stream()).anyMatch(start -> day.isAfter(start.toLocalDate()));
            return later ? d.with(d.works().mapping(bar.task(), j -> j.withNotBefore(day.toString()))) : free;
        });
    }

    /// A task.
    ///
    /// @param task     id
    /// @param begins   its first day
    /// @param days     from its first to its last session, as `2027-03-02 – 2027-03-20`
    /// @param dry      until when it dries
    /// @param critical whether the end is later when it slips
    public record Bar(String task, LocalDate begins, String name, String days, double from, double to, double dry,
            boolean critical) {
    }

    /// The first day of a month.
    public record Tick(String name, double at) {
    }

    static Timeline of(Plan plan) {
        List<Schedule.Laid> laid = plan.laid().stream().filter(l -> l.end().isPresent()).toList();
        if (laid.isEmpty() || plan.start().isEmpty()) {
            return new Timeline(List.of(), List.of(), Optional.empty(), 0);
        }
        LocalDate start = plan.start().get();
        LocalDate end = laid.stream().map(l -> l.released().orElse(l.end().orElseThrow())).max(LocalDateTime::compareTo)
                .orElseThrow().toLocalDate().plusDays(1);
        double whole = Math.max(1, ChronoUnit.DAYS.between(start, end));
        Map<String, Network.Times> times = plan.network().times();
        List<Bar> bars = new ArrayList<>();
        for (Schedule.Laid l : laid) {
            LocalDateTime from = l.start().orElseThrow();
            LocalDateTime to = l.end().orElseThrow();
            bars.add(new Bar(l.job().id(), from.toLocalDate(),
                    plan.task(l.job().id()).map(Task::name).orElse(l.job().id()),
                    from.toLocalDate() + " – " + to.toLocalDate(), at(start, from) / whole, at(start, to) / whole,
                    at(start, l.released().orElse(to)) / whole, times.get(l.job().id()).room() < 1));
        }
        List<Tick> months = new ArrayList<>();
        for (LocalDate m = start.withDayOfMonth(1).plusMonths(1); m
                .isBefore(end); m = m.plusMonths(whole > LONG ? 3 : 1)) {
            months.add(new Tick(m.toString().substring(0, 7), ChronoUnit.DAYS.between(start, m) / whole));
        }
        return new Timeline(bars, months, Optional.of(start), whole);
    }

    private static double at(LocalDate start, LocalDateTime when) {
        return ChronoUnit.MINUTES.between(start.atStartOfDay(), when) / DAY;
    }
}
