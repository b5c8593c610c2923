package lectulum.design.works;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import lectulum.design.Means;

/// The plan as it was on a day, kept to tell how far the build has slipped.
///
/// @param kept  on which day, as ISO; empty for not said
/// @param tasks when each was to end
@RecordBuilder
public record Baseline(@Means("ISO date") String kept, List<Target> tasks) implements BaselineBuilder.With {
    /// No plan was kept.
    public static final Baseline NONE = new Baseline("", List.of());

    public Baseline {
        kept = kept == null ? "" : kept;
        tasks = tasks == null ? List.of() : List.copyOf(tasks);
    }

    /// A task as it was planned.
    ///
    /// @param task id
    /// @param end  its last day, as ISO
    public record Target(String task, @Means("ISO date") String end) {
        public Target {
            task = task == null ? "" : task;
            end = end == null ? "" : end;
        }
    }

    public Optional<Target> target(String task) {
        return tasks.stream().filter(t -> t.task.equals(task)).findFirst();
    }
}
