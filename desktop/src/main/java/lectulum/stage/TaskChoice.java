package lectulum.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import lectulum.build.Task;
import lectulum.build.Tasks;
import lectulum.design.Design;
import lectulum.parts.Form;
import lectulum.parts.Words;

/// A row of a form that names a task of the build, or none.
public final class TaskChoice {
    /// Letters of the name of a task.
    private static final int LONG = 24;

    private TaskChoice() {
    }

    /// @param d    whose tasks there are
    /// @param read id of the task; empty for none
    public static void add(Form f, String label, Design d, Function<Design, String> read,
            BiFunction<Design, String, Design> write) {
        List<Task> tasks = Tasks.of(d);
        List<String> ids = new ArrayList<>(List.of(""));
        tasks.forEach(t -> ids.add(t.id()));
        f.choice(label, ids, id -> tasks.stream().filter(t -> t.id().equals(id))
                .map(t -> Words.shortened(id + " " + t.name(), LONG)).findFirst().orElse("none"),
                x -> ids.contains(read.apply(x)) ? read.apply(x) : "", write);
    }
}
