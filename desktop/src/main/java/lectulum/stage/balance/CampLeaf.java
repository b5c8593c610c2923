package lectulum.stage.balance;

import javafx.scene.Node;
import javafx.scene.layout.VBox;
import lectulum.balance.camp.CampStudies;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StudyLeaf;
import lectulum.workbench.State;

/// Uncoupled in camp, with the level beside it.
public final class CampLeaf implements Leaf.Page {
    private final AssumedEntry entry;
    private final StudyLeaf studies;

    private CampLeaf(Bench bench, String empty) {
        entry = new AssumedEntry(bench.work(), "camp");
        studies = new StudyLeaf(bench.theme(), CampStudies.DISCIPLINE, empty)
                .beside(new VBox(new LevelFeed(bench.work()), entry), true);
    }

    static Leaf leaf(Bench bench, String empty) {
        return new Leaf("camp", "Camp", "Uncoupled: who tips it, what the jacks carry, how it is levelled",
                () -> new CampLeaf(bench, empty));
    }

    @Override
    public boolean stays() {
        return true;
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
