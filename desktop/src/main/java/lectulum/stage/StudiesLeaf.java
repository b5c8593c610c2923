package lectulum.stage;

import java.util.stream.StreamSupport;
import javafx.scene.Node;
import lectulum.assumed.Assumed;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.workbench.State;

/// A page of studies with what is assumed for them beside it; what they are about is entered on the card of the thing.
public final class StudiesLeaf implements Leaf.Page {
    /// So few values stand under the studies.
    private static final int FEW = 2;

    private final AssumedEntry entry;
    private final StudyLeaf studies;

    private StudiesLeaf(Bench bench, Discipline<Studies> discipline, String empty, String page, int few) {
        entry = new AssumedEntry(bench.work(), page);
        studies = new StudyLeaf(bench.theme(), discipline, empty);
        long assumes = StreamSupport.stream(Assumed.entries().spliterator(), false)
                .filter(e -> e.pages().contains(page)).count();
        if (assumes > few) {
            studies.beside(entry, false);
        } else if (assumes > 0) {
            studies.over(entry);
        }
    }

    /// @param empty   what to do where there is nothing yet
    public static Leaf leaf(Bench bench, String id, String name, String tip, String empty,
            Discipline<Studies> discipline) {
        return new Leaf(id, name, tip, () -> new StudiesLeaf(bench, discipline, empty, id, FEW));
    }

    /// One whose tables take all the width, with what is assumed under them.
    public static Leaf wide(Bench bench, String id, String name, String tip, String empty,
            Discipline<Studies> discipline) {
        return new Leaf(id, name, tip, () -> new StudiesLeaf(bench, discipline, empty, id, Integer.MAX_VALUE));
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
