package lectulum.discipline;

import java.util.List;
import java.util.function.Function;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Stage;

/// Everything worked out for one page.
public record Studies(List<Study> all, Figures figures, List<Finding> findings) implements Result {
    /// Nothing worked out.
    public static final Studies NONE = of(List.of());

    public static Studies of(List<Study> all) {
        return new Studies(List.copyOf(all), Figures.of(all.stream().flatMap(s -> s.figures().stream()).toList()),
                all.stream().flatMap(s -> s.findings().stream()).toList());
    }

    /// A discipline that gives studies, looked at again when the hand lets go.
    public static Discipline<Studies> discipline(String id, String name, Stage stage,
            Function<Reads, List<Study>> compute) {
        return new Discipline<>(id, name, stage, Discipline.Pace.REST, in -> of(compute.apply(in)), () -> NONE);
    }
}
