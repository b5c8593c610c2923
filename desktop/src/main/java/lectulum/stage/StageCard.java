package lectulum.stage;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lectulum.parts.Form;
import lectulum.workbench.State;

/// The card of a stage: its sums, a caution where one is due, and under them the thing that is selected.
public final class StageCard implements StageView {
    private final VBox card = new VBox(4);
    private final Form sums;
    private final ThingCard thing;

    /// @param caution empty for none
    /// @param thing   shared by the stages; it stands on the card that was shown last
    public StageCard(String title, Form sums, String caution, ThingCard thing) {
        this.sums = sums;
        this.thing = thing;
        Label head = new Label(title);
        head.getStyleClass().add("title");
        card.getChildren().addAll(head, sums);
        if (!caution.isEmpty()) {
            Label label = new Label(caution);
            label.getStyleClass().add("caution");
            label.setWrapText(true);
            card.getChildren().add(label);
        }
    }

    @Override
    public Node card() {
        return card;
    }

    @Override
    public void show(State state) {
        if (!card.getChildren().contains(thing)) {
            card.getChildren().add(thing);
        }
        thing.show(state);
        sums.show(state);
    }
}
