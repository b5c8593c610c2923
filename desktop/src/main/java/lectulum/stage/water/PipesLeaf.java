package lectulum.stage.water;

import java.util.function.Function;
import javafx.scene.Node;
import lectulum.discipline.Studies;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StudyLeaf;
import lectulum.water.PipeStudies;
import lectulum.workbench.State;

/// One side of the plumbing, with what is assumed for it beside.
final class PipesLeaf implements Leaf.Page {
    private final AssumedEntry entry;
    private final StudyLeaf studies;

    private PipesLeaf(Bench bench, String page, boolean wide, Function<PipeStudies, Studies> part) {
        entry = new AssumedEntry(bench.work(), page);
        studies = new StudyLeaf(bench.theme(), s -> part.apply(s.analysis().of(PipeStudies.DISCIPLINE)).all(),
                "No pipe is aboard: cans need none. Give a sink a water tap on its card.");
        if (wide) {
            studies.over(entry);
        } else {
            studies.beside(entry, false);
        }
    }

    /// @param wide whether its tables take all the width, with what is assumed under them
    static Leaf leaf(Bench bench, String id, String name, String tip, boolean wide,
            Function<PipeStudies, Studies> part) {
        return new Leaf(id, name, tip, () -> new PipesLeaf(bench, id, wide, part));
    }

    @Override
    public Node node() {
        return studies.page();
    }

    @Override
    public void show(State s) {
        entry.show(s);
        studies.show(s);
    }
}
