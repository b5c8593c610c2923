package lectulum.stage.materials;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import lectulum.design.base.Carcass;
import lectulum.discipline.Study;
import lectulum.materials.framing.StickStudies;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.workbench.State;

/// Every stick of the frame; studs are moved, added and taken away on the drawings of their walls.
final class FrameLeaf implements Leaf.Page {
    private static final String ID = "mat-frame";
    private final Bench bench;
    private final VBox list = new VBox(10);
    private final AssumedEntry assumed;
    private final Node page;
    private final Map<Carcass.Face, WallView> walls = new EnumMap<>(Carcass.Face.class);

    private FrameLeaf(Bench bench) {
        this.bench = bench;
        this.assumed = new AssumedEntry(bench.work(), ID);
        this.page = Pages.content(new VBox(10, list, assumed));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf(ID, "Frame", "Studs, plates, bows: drag a stud, read what follows", () -> new FrameLeaf(bench));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State s) {
        assumed.show(s);
        List<Node> nodes = new ArrayList<>();
        for (Study study : s.analysis().of(StickStudies.DISCIPLINE).all()) {
            StickStudies.wall(study).ifPresentOrElse(face -> nodes.add(wall(s, study, face)),
                    () -> nodes.add(new StudyPane(bench.theme(), study, s.style())));
        }
        list.getChildren().setAll(nodes);
    }

    private Node wall(State s, Study study, Carcass.Face face) {
        StudyPane pane = new StudyPane(bench.theme(), study.withoutSketches(), s.style());
        WallView view = walls.computeIfAbsent(face, f -> new WallView(bench.theme(), f, bench.work()::edit));
        view.show(study.sketches().getFirst(), s, StickStudies.origin(s.design(), face));
        pane.getChildren().addAll(1, List.of(view, StudyPane.words(
                "Drag a stud; double click for one more, Delete takes it away.", "faint")));
        return pane;
    }
}
