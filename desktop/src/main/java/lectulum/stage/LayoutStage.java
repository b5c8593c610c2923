package lectulum.stage;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lectulum.design.Mount;
import lectulum.figures.Figure;
import lectulum.parts.Form;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Layout: the sheet, and on the card the selected thing or the camper's room.
public final class LayoutStage implements StageView {
    private final VBox card = new VBox();
    private final ThingCard thing;
    private final VBox nothing = new VBox(4);
    private final Form room;
    private final Label spread = new Label();

    public LayoutStage(Workbench bench, ThingCard thing) {
        this.thing = thing;
        Label title = new Label("Layout");
        title.getStyleClass().add("title");
        Label hint = new Label("Click a thing to change it, drag it to move it. Press A to add things.");
        hint.getStyleClass().addAll("faint", "wrap");
        hint.setWrapText(true);
        room = new Form(bench);
        room.shown("Clear floor", s -> figure(s, "shell.floorArea"));
        room.shown("Clear volume", s -> figure(s, "shell.volume"));
        room.shown("Height over all", s -> figure(s, "shell.maxHeight"));
        room.shown("Things", s -> String.valueOf(s.design().things().size()));
        room.shown("Overlaps", s -> figure(s, "layout." + mode(s) + ".collisions"));
        room.shown("Through the shell", s -> figure(s, "layout." + mode(s) + ".outside"));
        spread.getStyleClass().addAll("faint", "wrap", "small");
        spread.setWrapText(true);
        nothing.getChildren().addAll(title, hint, room, spread);
        card.getChildren().addAll(nothing);
    }

    static String figure(State s, String id) {
        return s.analysis().figures().find(id).map((Figure f) -> f.text(s.style())).orElse("–");
    }

    private static String mode(State s) {
        return s.mode().name().toLowerCase(java.util.Locale.ROOT);
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
        boolean empty = state.selected().isEmpty();
        nothing.setVisible(empty);
        nothing.setManaged(empty);
        room.show(state);
        long count = state.design().things().stream().filter(t -> t.mount() == Mount.SPREAD).count();
        spread.setText(count == 0 ? "" : count + " things are spread over the body and have no box: see Materials.");
        thing.show(state);
    }
}
