package lectulum.stage.layout;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import lectulum.design.brief.Person;
import lectulum.design.thing.Mount;
import lectulum.figures.Figure;
import lectulum.layout.people.People;
import lectulum.layout.people.Sleeping;
import lectulum.parts.Form;
import lectulum.stage.StageView;
import lectulum.stage.ThingCard;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Layout: the sheet and its other pictures; on the card the selected thing, or the room and who sleeps where.
public final class LayoutStage implements StageView {
    private final VBox card = new VBox();
    private final ThingCard thing;
    private final VBox nothing = new VBox(4);
    private final Form room;
    private final GridPane sleepers = new GridPane();
    private final Label spread = new Label();

    public LayoutStage(Workbench bench, ThingCard thing) {
        this.thing = thing;
        Label title = new Label("Layout");
        title.getStyleClass().add("title");
        Label hint = new Label("Click a thing to change it, drag it to move it. Press A to add things.");
        hint.getStyleClass().addAll("faint", "wrap");
        hint.setWrapText(true);
        room = new Form(bench);
        room.shown("Clear floor", "shell.floorArea");
        room.shown("Clear volume", "shell.volume");
        room.shown("Height over all", "shell.maxHeight");
        room.shown("Overlaps", s -> s.shown("layout." + mode(s) + ".collisions"));
        room.shown("Through the shell", s -> s.shown("layout." + mode(s) + ".outside"));
        room.shown("Way through", s -> s.shown("layout.passage." + mode(s)));
        room.shown("Floor to stand on", s -> s.shown("layout." + mode(s) + ".floorFree"));
        room.shown("Ways out at night", "layout.exits");
        room.shown("Beds for adults", s -> s.shown("layout.sleep.honest") + ", in comfort "
                + s.shown("layout.sleep.comfort"));
        room.shown("Road to camp", "layout.change.road-camp.minutes");
        room.shown("Camp to night", "layout.change.camp-night.minutes");
        room.shown("Layout score", "layout.score");
        Label head = new Label("Who sleeps where");
        head.getStyleClass().addAll("heading", "section");
        sleepers.setHgap(8);
        sleepers.setVgap(2);
        sleepers.setId("sleepers");
        spread.getStyleClass().addAll("faint", "wrap", "small");
        spread.setWrapText(true);
        nothing.getChildren().addAll(title, hint, room, head, sleepers, spread);
        card.getChildren().addAll(nothing);
    }

    public static String figure(State s, String id) {
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
        if (empty) {
            room.show(state);
            sleepers(state);
        }
        long count = state.design().things().stream().filter(t -> t.mount() == Mount.SPREAD).count();
        spread.setText(count == 0 ? "" : count + " things are spread over the body and have no box: see Materials.");
        thing.show(state);
    }

    private void sleepers(State state) {
        sleepers.getChildren().clear();
        List<Person> people = state.design().brief().people();
        Sleeping sleeping = state.analysis().of(People.DISCIPLINE).sleeping();
        for (int i = 0; i < people.size() && i < sleeping.where().size(); i++) {
            Optional<Sleeping.Nest> nest = sleeping.of(i);
            Label who = new Label(people.get(i).name());
            who.getStyleClass().add("faint");
            Label where = new Label(nest.map(n -> n.name() + ", "
                    + Units.text(n.bed().length(), Quantity.LENGTH, state.style()) + " long").orElse("no bed"));
            where.getStyleClass().add(nest.isPresent() ? "strong" : "hint");
            where.setWrapText(true);
            sleepers.addRow(i, who, where);
        }
    }
}
