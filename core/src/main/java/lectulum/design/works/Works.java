package lectulum.design.works;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import lectulum.design.Means;

/// When it is built, and how far it is.
///
/// @param start when building begins, or goes on, as ISO; empty for not said
/// @param slots of a week; empty for the usual ones
/// @param off   days on which nobody builds, as ISO
/// @param jobs  what is known of tasks
/// @param other days that are otherwise than their day of the week
/// @param baseline the plan that was kept to compare with
@RecordBuilder
public record Works(@Means("ISO date") String start, List<Slot> slots, List<String> off,
        List<Job> jobs, List<OtherDay> other, Baseline baseline) implements WorksBuilder.With {
    /// Nothing known.
    public static final Works NONE = new Works("", List.of(), List.of(), List.of(), List.of(),
            Baseline.NONE);
    /// Two evenings and the weekend, a helper on Saturdays.
    public static final List<Slot> USUAL = List.of(new Slot(DayOfWeek.TUESDAY, 19, 21.5, false),
            new Slot(DayOfWeek.THURSDAY, 19, 21.5, false), new Slot(DayOfWeek.SATURDAY, 9, 17, true),
            new Slot(DayOfWeek.SUNDAY, 10, 14, false));

    public Works {
        start = start == null ? "" : start;
        slots = slots == null ? List.of() : List.copyOf(slots);
        off = off == null ? List.of() : List.copyOf(off);
        jobs = jobs == null ? List.of() : List.copyOf(jobs);
        other = other == null ? List.of() : List.copyOf(other);
        baseline = baseline == null ? Baseline.NONE : baseline;
    }

    /// Those of a week that count.
    public List<Slot> week() {
        return slots.isEmpty() ? USUAL : slots;
    }

    /// What is known of a task; nothing otherwise than usual where that was not said.
    public Job job(String id) {
        return jobs.stream().filter(j -> j.id().equals(id)).findFirst().orElseGet(() -> Job.usual(id));
    }

    /// With one task otherwise.
    public Works mapping(String id, UnaryOperator<Job> change) {
        List<Job> next = new ArrayList<>(jobs);
        for (int i = 0; i < next.size(); i++) {
            if (next.get(i).id().equals(id)) {
                next.set(i, change.apply(next.get(i)));
                return withJobs(next);
            }
        }
        next.add(change.apply(Job.usual(id)));
        return withJobs(next);
    }

    public Works without(String id) {
        return withJobs(jobs.stream().filter(j -> !j.id().equals(id)).toList());
    }

    /// An id that no task has yet.
    public String freeId() {
        int n = 1;
        while (has("own-" + n)) {
            n++;
        }
        return "own-" + n;
    }

    private boolean has(String id) {
        return jobs.stream().anyMatch(j -> j.id().equals(id));
    }
}
