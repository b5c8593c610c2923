package lectulum.stage.brief;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lectulum.stage.StageView;
import lectulum.workbench.State;

/// Brief: all of it stands on its pages.
final class BriefStage implements StageView {
    private final VBox card = new VBox(4);

    BriefStage() {
        Label title = new Label("Brief");
        title.getStyleClass().add("title");
        card.getChildren().add(title);
    }

    @Override
    public Node card() {
        return card;
    }

    @Override
    public void show(State state) {
        // The pages show themselves.
    }
}
