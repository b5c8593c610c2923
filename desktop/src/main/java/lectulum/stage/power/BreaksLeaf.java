package lectulum.stage.power;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.discipline.Study;
import lectulum.parts.Background;
import lectulum.power.RoadCharge;
import lectulum.power.WhatBreaks;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.workbench.State;

/// What breaks a year, worked out beside the interface thread.
final class BreaksLeaf implements Leaf.Page {
    private final Bench bench;
    private final Background worker = new Background("power breaks");
    private final VBox result = new VBox();
    private final ProgressBar bar = new ProgressBar(0);
    private final HBox busy;
    private final Node page;
    private volatile Design asked;
    private Optional<Study> study = Optional.empty();
    private State state;

    private BreaksLeaf(Bench bench) {
        this.bench = bench;
        this.state = bench.work().state();
        Button stop = new Button("Stop");
        stop.setId("breaks-stop");
        stop.setOnAction(e -> {
            asked = null;
            busy(false);
        });
        busy = new HBox(8, new Label("Some hundred years by the hour…"), bar, stop);
        busy.getStyleClass().add("row");
        busy(false);
        page = Pages.content(new VBox(10,
                StudyPane.words("Each load left at home in turn; twenty years that the climate could bring; two hundred"
                        + " draws of loads that are not quite what they are taken for.", "faint"),
                busy, result));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("power-breaks", "What breaks it", "Which load empties it, and how sure all this is",
                () -> new BreaksLeaf(bench));
    }

    @Override
    public boolean stays() {
        return true;
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public boolean settled() {
        return worker.settled();
    }

    private void busy(boolean is) {
        busy.setVisible(is);
        busy.setManaged(is);
    }

    @Override
    public void show(State next) {
        state = next;
        if (next.analysis().sketched()) {
            return;
        }
        if (!next.analysis().given().equals(asked)) {
            asked = next.analysis().given();
            work(asked, next.analysis().design(), next.analysis().of(RoadCharge.DISCIPLINE));
        } else {
            fill();
        }
    }

    private void work(Design mine, Design sound, RoadCharge road) {
        busy(true);
        bar.setProgress(0);
        worker.run(() -> WhatBreaks.of(sound, road, () -> asked != mine,
                part -> Platform.runLater(() -> bar.setProgress(part))), done -> {
                    if (asked == mine) {
                        study = done;
                        busy(false);
                        fill();
                    }
                }, sentence -> {
                    busy(false);
                    result.getChildren().setAll(StudyPane.words(sentence, "faint"));
                });
    }

    private void fill() {
        result.getChildren().setAll(study.<Node>map(s -> new StudyPane(bench.theme(), s, state.style()))
                .orElseGet(() -> StudyPane.words("There is no battery to take through a year.", "faint")));
    }
}
