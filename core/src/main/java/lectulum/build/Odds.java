package lectulum.build;

import java.util.List;
import java.util.Map;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Stage;
import lectulum.kernel.schedule.Earned;
import lectulum.kernel.schedule.Trials;

/// What ten thousand trials say of all tasks that are left, at the pace of the log. It asks for their durations and order alone, so that
/// the trials are made again only when one of these changes.
///
/// @param half      hours that all stay under in half of the trials
/// @param eight     in eight of ten
/// @param halfPath  hours that the longest chain of them stays under in half of the trials, waits not counted
/// @param eightPath in eight of ten
/// @param critical  part of the trials in which a task delays the end when it slips; by id
public record Odds(double half, double eight, double halfPath, double eightPath,
        Map<String, Double> critical) implements Result {
    public static final Discipline<Odds> DISCIPLINE = new Discipline<>("build-odds", "How sure the end is", Stage.BUILD,
            Discipline.Pace.REST, in -> of(in.part(Odds::asked)), () -> new Odds(0, 0, 0, 0, Map.of()));
    private static final int TRIALS = 10_000;
    private static final long SEED = 20_260_301L;

    public Odds {
        critical = Map.copyOf(critical);
    }

    /// What is left, and how far all tasks are longer or shorter together.
    private record Asked(List<Trials.Job> left, double together) {
    }

    private static Asked asked(Design d) {
        List<Task> tasks = Tasks.of(d);
        Earned.State pace = Pace.of(d, tasks);
        return new Asked(tasks.stream().filter(t -> !t.finished()).map(t -> new Trials.Job(t.id(),
                t.chance(pace.factors().getOrDefault(t.family(), 1.0)), t.drying(), t.after())).toList(),
                Assumed.value(d, Assumption.BUILD_TOGETHER));
    }

    private static Odds of(Asked asked) {
        Trials t = Trials.of(asked.left, asked.together, TRIALS, SEED);
        return new Odds(t.sum().under(0.5), t.sum().under(0.8), t.path().under(0.5), t.path().under(0.8), t.critical());
    }
}
