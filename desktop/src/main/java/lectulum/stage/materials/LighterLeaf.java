package lectulum.stage.materials;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.discipline.Study;
import lectulum.materials.framing.LighterStudies;
import lectulum.parts.Background;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.workbench.State;

/// The frame with its members farther apart or nearer, worked out beside the interface thread when it is looked at.
final class LighterLeaf implements Leaf.Page {
    private static final String ID = "mat-lighter";
    private final Bench bench;
    private final Background worker = new Background("lighter frames");
    private final VBox found = new VBox(10);
    private final AssumedEntry assumed;
    private final Node page;
    private Design asked;
    private List<Study> studies = List.of();
    private State state;

    private LighterLeaf(Bench bench) {
        this.bench = bench;
        this.assumed = new AssumedEntry(bench.work(), ID);
        this.page = Pages.content(new VBox(10, found, assumed));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf(ID, "Lighter", "Members farther apart: mass, ball, money", () -> new LighterLeaf(bench));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public boolean settled() {
        return worker.settled();
    }

    @Override
    public void show(State next) {
        state = next;
        assumed.show(next);
        Design d = next.design();
        if (d.equals(asked)) {
            fill();
            return;
        }
        asked = d;
        if (studies.isEmpty()) {
            found.getChildren().setAll(StudyPane.words("Planning a cutting of each…", "faint"));
        }
        worker.run(() -> LighterStudies.of(d), done -> {
            if (d == asked) {
                studies = done;
                fill();
            }
        }, sentence -> found.getChildren().setAll(StudyPane.words(sentence, "hint")));
    }

    private void fill() {
        found.getChildren().setAll(studies.stream().map(s -> (Node) new StudyPane(bench.theme(), s, state.style()))
                .toList());
    }
}
