package lectulum.stage.log;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.design.logbook.CheckItem;
import lectulum.design.logbook.CheckItem.Occasion;
import lectulum.design.logbook.Tick;
import lectulum.log.Checklists;
import lectulum.parts.Buttons;
import lectulum.parts.Words;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Checklists from what the camper has, ticked on the screen.
final class ListsLeaf implements Leaf.Page {
    private final Workbench work;
    private final ComboBox<Occasion> occasion = new ComboBox<>();
    private final TextField text = new TextField();
    private final Label left = new Label();
    private final VBox first = new VBox(12);
    private final VBox right = new VBox(12);
    private final HBox groups = new HBox(12, first, right);
    private final Node page;
    private State state;
    private Object shown;

    private ListsLeaf(Bench bench) {
        this.work = bench.work();
        this.state = work.state();
        occasion.setId("list-occasion");
        occasion.getItems().setAll(Occasion.values());
        occasion.setConverter(Words.by(Occasion::label));
        occasion.setAccessibleText("Which list");
        occasion.setValue(Occasion.LEAVING);
        occasion.setOnAction(e -> show(state));
        text.setId("list-text");
        text.setPromptText("an item of your own");
        text.setAccessibleText("An item of your own");
        text.getStyleClass().add("boxed");
        text.setPrefColumnCount(22);
        text.setOnAction(e -> add());
        left.setId("list-left");
        left.getStyleClass().add("strong");
        groups.setId("list-groups");
        for (VBox column : List.of(first, right)) {
            HBox.setHgrow(column, Priority.ALWAYS);
            column.setPrefWidth(300);
        }
        FlowPane tools = new FlowPane(8, 4, occasion, left,
                Buttons.of("Begin anew", "list-anew", () -> work.edit(Checklists.anew(occasion.getValue()))), text,
                Buttons.of("Add", "list-add", this::add));
        this.page = Pages.content(new VBox(12, tools, groups));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("log-lists", "Checklists", "First tow, leaving, arriving, storing, first of the season",
                () -> new ListsLeaf(bench));
    }

    private void add() {
        String typed = text.getText().strip();
        if (!typed.isEmpty()) {
            text.clear();
            work.edit("An item of one's own", d -> d.withLogbook(d.logbook()
                    .plus(new CheckItem(d.logbook().freeId("item"), occasion.getValue(), typed, false))));
        }
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State next) {
        state = next;
        List<Checklists.Item> items = Checklists.items(next.design(), occasion.getValue());
        long open = items.size() - Checklists.ticked(next.design(), items);
        left.setText(open == 0 ? "all done" : open + " of " + items.size() + " open");
        Object now = List.of(items, next.design().logbook().ticks());
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        first.getChildren().clear();
        right.getChildren().clear();
        int[] lines = new int[2];
        Checklists.grouped(items).forEach((group, list) -> {
            Label head = new Label(group);
            head.getStyleClass().addAll("heading", "section");
            VBox box = new VBox(4, head);
            list.forEach(i -> box.getChildren().add(line(i)));
            box.getStyleClass().add("panel");
            int column = lines[0] <= lines[1] ? 0 : 1;
            lines[column] += list.size() + 2;
            (column == 0 ? first : right).getChildren().add(box);
        });
    }

    private Node line(Checklists.Item item) {
        boolean done = state.design().logbook().tick(item.id()).isPresent();
        boolean second = state.design().logbook().tick(item.id()).filter(Tick::second).isPresent();
        CheckBox tick = box(item.text(), "tick-" + item.id(), done);
        tick.setOnAction(e -> work.edit(Checklists.tick(item, tick.isSelected(), false)));
        HBox line = new HBox(14, tick);
        if (item.second()) {
            CheckBox looked = box("second look", "second-" + item.id(), second);
            looked.setMinWidth(Region.USE_PREF_SIZE);
            looked.setDisable(!done);
            looked.setOnAction(e -> work.edit(Checklists.tick(item, true, looked.isSelected())));
            line.getChildren().add(looked);
        }
        if (item.id().startsWith("item-")) {
            line.getChildren().add(Buttons.quiet("Without it", "remove-" + item.id(), () -> work.edit(
                    "Without an item", d -> d.withLogbook(d.logbook().without(item.id())))));
        }
        return line;
    }

    private static CheckBox box(String says, String id, boolean on) {
        CheckBox box = new CheckBox(says);
        box.setId(id.toLowerCase(Locale.ROOT).replace('.', '-').replace('_', '-'));
        box.setSelected(on);
        box.setWrapText(true);
        return box;
    }
}
