package lectulum.build;

import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.kernel.schedule.Earned;

/// How fast it goes, by what is logged.
final class Pace {
    private static final double HOUR = 3600;

    private Pace() {
    }

    static Earned.State of(Design d, List<Task> tasks) {
        return Earned.of(tasks.stream().map(t -> new Earned.Part(t.family(), t.hours(), t.done(),
                t.logged().orElse(0))).toList(), Assumed.value(d, Assumption.BUILD_CALM) / HOUR);
    }
}
