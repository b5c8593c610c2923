package lectulum.stage.power;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lectulum.discipline.Study;
import lectulum.power.wiring.DiagramSheets;
import lectulum.power.wiring.Wired;
import lectulum.power.wiring.WiringStudies;
import lectulum.sheet.DiagramView;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.theme.Theme;
import lectulum.units.Style;
import lectulum.workbench.State;

/// The one-line diagram, the panel schedule and the switch panel to saw.
final class DrawingsLeaf implements Leaf.Page {
    private final Bench bench;
    private final DiagramView diagram;
    private final VBox studies = new VBox(10);
    private final AssumedEntry assumed;
    private final Node page;
    private DiagramSheets.Level level = DiagramSheets.Level.WHOLE;
    private List<Study> shown = List.of();
    private Style style;
    private Theme look;

    private DrawingsLeaf(Bench bench) {
        this.bench = bench;
        this.diagram = new DiagramView(bench.theme());
        this.assumed = new AssumedEntry(bench.work(), "power-draw");
        diagram.setId("one-line");
        Label title = new Label("One-line diagram");
        title.getStyleClass().add("heading");
        FlowPane levels = new FlowPane(4, 4);
        ToggleGroup one = new ToggleGroup();
        for (DiagramSheets.Level l : DiagramSheets.Level.values()) {
            ToggleButton b = new ToggleButton(l.label());
            b.setId("sheet-" + l.id());
            b.setToggleGroup(one);
            b.setSelected(l == level);
            b.setOnAction(e -> {
                b.setSelected(true);
                level = l;
                draw(bench.work().state());
            });
            levels.getChildren().add(b);
        }
        levels.getStyleClass().add("row");
        VBox panel = new VBox(6, title, levels, diagram,
                StudyPane.words(
                        "Solid lines are positive, dashed ones negative, chain-dotted ones mains. The Papers stage"
                                + " writes it as PDF, SVG and DXF.",
                        "faint"));
        panel.getStyleClass().add("panel");
        this.page = Pages.content(new VBox(10, panel, studies, assumed));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("power-draw", "Drawings", "One-line diagram, panel schedule, switch panel",
                () -> new DrawingsLeaf(bench));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State s) {
        assumed.show(s);
        draw(s);
        List<Study> next = new ArrayList<>(s.analysis().of(WiringStudies.DRAWINGS).all());
        if (next.equals(shown) && s.style().equals(style) && look == bench.theme().get()) {
            return;
        }
        shown = next;
        style = s.style();
        look = bench.theme().get();
        studies.getChildren().setAll(next.stream().map(x -> new StudyPane(bench.theme(), x, s.style())).toList());
    }

    private void draw(State s) {
        diagram.show(s.analysis().of(Wired.DISCIPLINE).sheets().at(level), s.style());
    }
}
