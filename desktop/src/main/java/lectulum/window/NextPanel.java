package lectulum.window;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lectulum.analysis.NextSteps;
import lectulum.window.guide.TickRow;
import lectulum.workbench.State;

/// The next two or three things to do on a stage; each ticks itself off, and the panel goes when all are done.
final class NextPanel extends VBox {
    private final Runnable hide;
    private List<NextSteps.Step> shown = List.of();

    /// @param hide is run when somebody wants no more of it
    NextPanel(Runnable hide) {
        this.hide = hide;
        setId("guide");
        setSpacing(4);
        getStyleClass().add("guide");
    }

    /// @param wanted whether steps are shown at all
    void show(State state, boolean wanted) {
        List<NextSteps.Step> steps = wanted ? NextSteps.of(state.analysis(), state.stage()) : List.of();
        boolean something = steps.stream().anyMatch(s -> !s.done());
        setVisible(something);
        setManaged(something);
        if (!something || steps.equals(shown)) {
            return;
        }
        shown = steps;
        Label head = new Label("Next");
        head.getStyleClass().add("heading");
        getChildren().setAll(head);
        for (NextSteps.Step step : steps) {
            TickRow row = new TickRow(step.done(), step.says());
            row.setId("guide-" + step.id());
            getChildren().add(row);
        }
        Button away = new Button("Hide these");
        away.setId("guide-hide");
        away.getStyleClass().addAll("link", "quiet");
        away.setOnAction(e -> hide.run());
        getChildren().add(away);
    }
}
