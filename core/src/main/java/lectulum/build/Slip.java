package lectulum.build;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import lectulum.design.Design;
import lectulum.design.works.Baseline;
import lectulum.kernel.schedule.Schedule;
import lectulum.units.Day;

/// How far the build has moved against the plan that was kept; what cannot be laid, or whose day cannot be read, has no slip.
///
/// @param when   the day on which the plan was kept, in words
/// @param kept   the last day of that plan
/// @param finish the last day at the pace of the log
/// @param tasks  of the kept plan that are still in the build, in its order
record Slip(String when, LocalDate kept, Optional<LocalDate> finish, List<Of> tasks) {
    Slip {
        tasks = List.copyOf(tasks);
    }

    /// Of a task.
    ///
    /// @param ends at the pace of the log; empty for one that is done, or cannot be laid
    record Of(String name, LocalDate was, Optional<LocalDate> ends, boolean done) {
        /// Days, negative for earlier.
        OptionalLong slip() {
            return ends.isPresent() ? OptionalLong.of(ChronoUnit.DAYS.between(was, ends.get())) : OptionalLong.empty();
        }
    }

    /// Days by which the end is later, negative for earlier; empty where something cannot be laid.
    OptionalLong end() {
        return finish.isPresent() ? OptionalLong.of(ChronoUnit.DAYS.between(kept, finish.get())) : OptionalLong.empty();
    }

    /// Empty where no plan was kept, or nothing of it is known.
    ///
    /// @param plan at the pace of the log
    static Optional<Slip> of(Baseline baseline, Plan plan) {
        Optional<LocalDate> last = baseline.tasks().stream().flatMap(t -> Day.iso(t.end()).stream())
                .max(LocalDate::compareTo);
        if (last.isEmpty()) {
            return Optional.empty();
        }
        List<Of> all = new ArrayList<>();
        for (Baseline.Target target : baseline.tasks()) {
            Optional<LocalDate> was = Day.iso(target.end());
            Optional<Task> task = plan.task(target.task());
            if (was.isPresent() && task.isPresent()) {
                all.add(new Of(task.get().name(), was.get(), end(plan, target.task()), task.get().finished()));
            }
        }
        return Optional.of(new Slip(baseline.kept().isBlank() ? "on a day not said" : "on " + baseline.kept(),
                last.get(), plan.laid().isEmpty() ? Optional.empty() : plan.finish().map(f -> f.toLocalDate()), all));
    }

    private static Optional<LocalDate> end(Plan plan, String task) {
        return plan.laid().stream().filter(l -> l.job().id().equals(task)).flatMap(l -> l.end().stream())
                .map(e -> e.toLocalDate()).findFirst();
    }

    /// The plan as it is now.
    static Baseline baseline(Design d) {
        List<Baseline.Target> all = Plan.paced(d).laid().stream().filter(l -> l.end().isPresent())
                .map(Slip::target).toList();
        return new Baseline(d.purse().today(), all);
    }

    private static Baseline.Target target(Schedule.Laid l) {
        return new Baseline.Target(l.job().id(), l.end().orElseThrow().toLocalDate().toString());
    }
}
