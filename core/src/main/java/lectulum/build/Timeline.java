package lectulum.build;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lectulum.design.Design;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Stage;
import lectulum.kernel.schedule.Network;
import lectulum.kernel.schedule.Schedule;

/// The plan as a drawing asks for it: parts of the whole time, 0 at the beginning and 1 at the end. Nothing without a beginning.
///
/// @param bars   in the order in which tasks are done
/// @param months that begin on the way
public record Timeline(List<Bar> bars, List<Tick> months) implements Result {
    public static final Discipline<Timeline> DISCIPLINE = new Discipline<>("build-timeline", "Timeline", Stage.BUILD,
            Discipline.Pace.REST,
            in -> of(Plan.of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.PURSE,
                    Design.Part.WORKS, Design.Part.SETTINGS))),
            () -> new Timeline(List.of(), List.of()));
    private static final double DAY = 1440;
    private static final int LONG = 500;

    public Timeline {
        bars = List.copyOf(bars);
        months = List.copyOf(months);
    }

    /// A task.
    ///
    /// @param days     from its first to its last session, as `2027-03-02 – 2027-03-20`
    /// @param dry      until when it dries
    /// @param critical whether the end is later when it slips
    public record Bar(String name, String days, double from, double to, double dry, boolean critical) {
    }

    /// The first day of a month.
    public record Tick(String name, double at) {
    }

    @Override
    public Figures figures() {
        return Figures.NONE;
    }

    @Override
    public List<Finding> findings() {
        return List.of();
    }

    static Timeline of(Plan plan) {
        List<Schedule.Laid> laid = plan.laid().stream().filter(l -> l.end().isPresent()).toList();
        if (laid.isEmpty() || plan.start().isEmpty()) {
            return new Timeline(List.of(), List.of());
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
            bars.add(new Bar(plan.task(l.job().id()).map(Task::name).orElse(l.job().id()),
                    from.toLocalDate() + " – " + to.toLocalDate(), at(start, from) / whole, at(start, to) / whole,
                    at(start, l.released().orElse(to)) / whole, times.get(l.job().id()).room() < 1));
        }
        List<Tick> months = new ArrayList<>();
        for (LocalDate m = start.withDayOfMonth(1).plusMonths(1); m
                .isBefore(end); m = m.plusMonths(whole > LONG ? 3 : 1)) {
            months.add(new Tick(m.toString().substring(0, 7), ChronoUnit.DAYS.between(start, m) / whole));
        }
        return new Timeline(bars, months);
    }

    private static double at(LocalDate start, LocalDateTime when) {
        return ChronoUnit.MINUTES.between(start.atStartOfDay(), when) / DAY;
    }
}
