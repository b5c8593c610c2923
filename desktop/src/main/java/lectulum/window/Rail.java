package lectulum.window;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.stage.StageUnit;
import lectulum.stage.Stages;
import lectulum.theme.Theme;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The stages in the order of work, each with a mark for the worst that is open in it.
final class Rail extends VBox {
    private final Map<Stage, ToggleButton> buttons = new EnumMap<>(Stage.class);
    private final Map<Stage, Region> marks = new EnumMap<>(Stage.class);

    Rail(Workbench bench) {
        getStyleClass().add("rail");
        ToggleGroup group = new ToggleGroup();
        for (Stage stage : Stages.ALL.stream().map(StageUnit::stage).toList()) {
            ToggleButton button = new ToggleButton();
            button.setId("stage-" + stage.name().toLowerCase(java.util.Locale.ROOT));
            button.setToggleGroup(group);
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            Region mark = new Region();
            HBox face = new HBox(new Label(stage.label()), gap, mark);
            face.setAlignment(Pos.CENTER_LEFT);
            button.setGraphic(face);
            marks.put(stage, mark);
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(e -> {
                button.setSelected(true);
                bench.setStage(stage);
            });
            buttons.put(stage, button);
            getChildren().add(button);
        }
    }

    void show(State state) {
        buttons.forEach((stage, button) -> {
            button.setSelected(stage == state.stage());
            Optional<Severity> worst = state.analysis().worst(stage);
            marks.get(stage).getStyleClass().setAll(worst.map(w -> List.of("mark", Theme.mark(w))).orElse(List.of()));
            button.setAccessibleText(stage.label() + worst.map(w -> ", has findings: " + w.name()).orElse(""));
        });
    }
}
