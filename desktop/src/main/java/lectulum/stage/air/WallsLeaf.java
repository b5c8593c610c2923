package lectulum.stage.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.air.EnvelopeStudies;
import lectulum.design.Design;
import lectulum.design.envelope.Envelope;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StudyLeaf;
import lectulum.stage.StudyPane;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The build-up of each side, and what heat it passes.
final class WallsLeaf implements Leaf.Page {
    private final StudyLeaf studies;
    private final List<Form> forms = new ArrayList<>();
    private final AssumedEntry assumed;

    private WallsLeaf(Bench bench) {
        Workbench work = bench.work();
        studies = new StudyLeaf(bench.theme(), EnvelopeStudies.DISCIPLINE, "");
        assumed = new AssumedEntry(work, "air-walls");
        Button usual = new Button("The usual walls");
        usual.setId("walls-usual");
        usual.setOnAction(e -> work.edit("Usual walls", d -> d.with(Envelope.usual(d.brief().type()))));
        VBox one = new VBox();
        FlowPane sides = new FlowPane(4, 4);
        ToggleGroup group = new ToggleGroup();
        for (Wall.Side side : Wall.Side.values()) {
            Form f = form(work, side);
            forms.add(f);
            ToggleButton b = new ToggleButton(
                    Character.toUpperCase(side.label().charAt(0)) + side.label().substring(1));
            b.setId("wall-" + side.name().toLowerCase(java.util.Locale.ROOT));
            b.setToggleGroup(group);
            b.setOnAction(e -> {
                b.setSelected(true);
                one.getChildren().setAll(f);
            });
            sides.getChildren().add(b);
            if (side == Wall.Side.SIDES) {
                b.setSelected(true);
                one.getChildren().setAll(f);
            }
        }
        VBox beside = new VBox(8,
                StudyPane.words("From inside: lining, insulation between its studs, skin.", "faint"), new HBox(usual),
                sides, one, assumed);
        beside.setPadding(new javafx.geometry.Insets(10, 4, 10, 4));
        studies.beside(beside, true);
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("air-walls", "Walls", "What each side is built of and what heat it passes",
                () -> new WallsLeaf(bench));
    }

    private static Wall wall(Design d, Wall.Side side) {
        return d.envelope().wall(side).orElseGet(() -> new Wall(side, Substance.NONE, 0, Substance.NONE, 0,
                Substance.NONE, 0, Wall.Studs.NONE, null, Wall.Finish.MID));
    }

    private static Form form(Workbench bench, Wall.Side side) {
        Form f = new Form(bench, "-" + side.name().toLowerCase(java.util.Locale.ROOT));
        List<Substance> all = List.of(Substance.values());
        PartRows<Wall> rows = new PartRows<>(f, Wall.class, d -> Optional.of(wall(d, side)),
                (d, w) -> d.with(d.envelope().with(w)));
        f.choice("Lining", all, Substance::label, d -> wall(d, side).lining(),
                (d, v) -> d.with(d.envelope().with(wall(d, side).withLining(v))));
        rows.row("liningThick");
        f.choice("Insulation", all, Substance::label, d -> wall(d, side).insulation(),
                (d, v) -> d.with(d.envelope().with(wall(d, side).withInsulation(v))));
        rows.row("insulationThick");
        f.choice("Studs", List.of(Wall.Studs.values()), Wall.Studs::label, d -> wall(d, side).studs(),
                (d, v) -> d.with(d.envelope().with(wall(d, side).withStuds(v))));
        rows.unknownRow("share", "Studs take", "by framing");
        f.choice("Skin", all, Substance::label, d -> wall(d, side).skin(),
                (d, v) -> d.with(d.envelope().with(wall(d, side).withSkin(v))));
        rows.row("skinThick");
        if (side != Wall.Side.FLOOR) {
            f.choice("Outside it is", List.of(Wall.Finish.values()), Wall.Finish::label, d -> wall(d, side).finish(),
                    (d, v) -> d.with(d.envelope().with(wall(d, side).withFinish(v))));
        }
        return f;
    }

    @Override
    public Node node() {
        return studies.page();
    }

    @Override
    public void show(State s) {
        forms.forEach(f -> f.show(s));
        assumed.show(s);
        studies.show(s);
    }
}
