package lectulum.stage;

import java.util.stream.StreamSupport;
import javafx.scene.Node;
import lectulum.assumed.Assumed;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.workbench.State;

/// A page of studies with what is assumed for them beside it; what they are about is entered on the card of the thing.
public final class StudiesLeaf implements Leaf.Page {
    private final AssumedEntry entry;
    private final StudyLeaf studies;

    private StudiesLeaf(Bench bench, Discipline<Studies> discipline, String empty, String page) {
        entry = new AssumedEntry(bench.work(), page);
        studies = new StudyLeaf(bench.theme(), discipline, empty);
        boolean assumes = StreamSupport.stream(Assumed.entries().spliterator(), false)
                .anyMatch(e -> e.pages().contains(page));
        if (assumes) {
            studies.beside(entry);
        }
    }

    /// @param empty   what to do where there is nothing yet
    public static Leaf leaf(Bench bench, String id, String name, String tip, String empty,
            Discipline<Studies> discipline) {
        return new Leaf(id, name, tip, () -> new StudiesLeaf(bench, discipline, empty, id));
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
