package lectulum.build;

import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Stage;
import lectulum.kernel.schedule.Chance;
import lectulum.kernel.schedule.Pert;

/// Hours that all tasks that are left stay under with a chance. It asks for their durations alone, so that ten thousand trials are made
/// again only when one of these changes.
///
/// @param half  in half of all trials \[h\]
/// @param eight in eight of ten \[h\]
public record Odds(double half, double eight) implements Result {
    public static final Discipline<Odds> DISCIPLINE = new Discipline<>("build-odds", "How sure the end is", Stage.BUILD,
            Discipline.Pace.REST, in -> of(in.part(Odds::asked)), () -> new Odds(0, 0));
    private static final int TRIALS = 10_000;
    private static final long SEED = 20_260_301L;

    /// What is left, and how far all tasks are longer or shorter together.
    private record Asked(List<Pert> left, double together) {
    }

    private static Asked asked(Design d) {
        return new Asked(Tasks.of(d).stream().filter(t -> !t.finished()).map(Task::chance).toList(),
                Assumed.value(d, Assumption.BUILD_TOGETHER));
    }

    private static Odds of(Asked asked) {
        Chance c = Chance.of(asked.left, asked.together, TRIALS, SEED);
        return new Odds(c.under(0.5), c.under(0.8));
    }

    @Override
    public Figures figures() {
        return Figures.NONE;
    }

    @Override
    public List<Finding> findings() {
        return List.of();
    }
}
