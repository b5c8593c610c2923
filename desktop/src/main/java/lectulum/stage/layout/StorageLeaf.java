package lectulum.stage.layout;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Cursor;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import javafx.scene.Node;
import lectulum.layout.storage.Keeping;
import lectulum.layout.storage.Storage;
import lectulum.layout.storage.Whereabouts;
import lectulum.parts.Bar;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StudyPane;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Storage: every place with what is in it, what has no home, and where each thing is.
public final class StorageLeaf implements Leaf.Page {
    private static final PseudoClass TAKES = PseudoClass.getPseudoClass("takes");

    private final Workbench bench;
    private final TextField search = new TextField();
    private final VBox answers = new VBox(4);
    private final VBox homeless = new VBox(4);
    private final FlowPane places = new FlowPane(10, 10);
    private final VBox page = new VBox();
    private State state;
    private Shown shown;
    private Optional<String> held = Optional.empty();

    /// What the places are drawn from: while it is the same they stay, so that a thing can be dragged.
    private record Shown(Keeping keeping, List<Thing> things, Style style) {
    }

    private StorageLeaf(Workbench bench) {
        this.bench = bench;
        search.setId("storage-search");
        search.setPromptText("Where is the hose?");
        search.setAccessibleText("Where is…");
        search.getStyleClass().add("boxed");
        search.setPrefColumnCount(26);
        search.textProperty().addListener((o, was, now) -> answer());
        FlowPane tools = new FlowPane(8, 4, new Label("Where is"), search);
        tools.getStyleClass().add("leaf-tools");
        answers.setId("storage-answers");
        homeless.setId("storage-homeless");
        VBox list = new VBox(12, answers, homeless, places);
        list.getStyleClass().add("page");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        page.getChildren().addAll(tools, scroll);
        page.getStyleClass().add("leaf");
        page.addEventFilter(MouseEvent.MOUSE_DRAGGED,
                e -> held.ifPresent(id -> over(e.getSceneX(), e.getSceneY(), id)));
        page.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            Optional<String> thing = held;
            held = Optional.empty();
            thing.ifPresent(id -> over(e.getSceneX(), e.getSceneY(), id).ifPresent(shelf -> keep(id, shelf)));
            mark(Optional.empty());
        });
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("storage", "Storage", "What is kept where, and what has no home",
                () -> new StorageLeaf(bench.work()));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void focus() {
        search.requestFocus();
        search.selectAll();
    }

    @Override
    public void show(State next) {
        state = next;
        Keeping keeping = next.analysis().of(Storage.DISCIPLINE).keeping();
        answer();
        Shown now = new Shown(keeping, next.design().things(), next.style());
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        homeless.getChildren().clear();
        if (!keeping.homeless().isEmpty()) {
            homeless.getStyleClass().setAll("panel");
            Label head = new Label(keeping.homeless().size() + " things have no place of their own");
            head.getStyleClass().add("heading");
            Button pack = new Button("Pack them where there is room");
            pack.setId("pack-homeless");
            pack.setOnAction(e -> bench.edit(Keeping.packHomeless(bench.state().project().design())));
            homeless.getChildren().addAll(head, words(keeping.homeless()), pack);
        } else {
            homeless.getStyleClass().clear();
        }
        places.getChildren().clear();
        if (keeping.shelves().isEmpty()) {
            places.getChildren()
                    .add(StudyPane.words("There is no storage place yet. Add a cupboard, a bench or a box, or"
                            + " give a thing room for gear on its card.", "faint"));
        }
        keeping.shelves().forEach(s -> places.getChildren().add(shelf(s)));
    }

    private Label words(List<String> ids) {
        return StudyPane.words(String.join(", ", ids.stream().map(this::name).toList()), "plain");
    }

    private String name(String id) {
        return state.design().thing(id).map(Thing::name).orElse(id);
    }

    private VBox shelf(Keeping.Shelf s) {
        VBox box = new VBox(3);
        box.getStyleClass().add("panel");
        box.setId("shelf-" + s.thing());
        box.setPrefWidth(258);
        box.setMinWidth(258);
        Label head = new Label(s.name());
        head.getStyleClass().add("strong");
        String inner = Units.text(s.store().length(), Quantity.LENGTH, state.style()) + " × "
                + Units.text(s.store().width(), Quantity.LENGTH, state.style()) + " × "
                + Units.text(s.store().height(), Quantity.LENGTH, state.style());
        Label size = new Label(inner + " inside");
        size.getStyleClass().addAll("faint", "small");
        Label load = new Label(Units.text(s.used(), Quantity.STOWAGE, state.style()) + " of "
                + Units.text(s.room(), Quantity.STOWAGE, state.style()) + ", "
                + Units.text(s.mass(), Quantity.MASS, state.style()) + " of "
                + Units.text(s.store().carries(), Quantity.MASS, state.style()));
        box.getChildren().addAll(head, size, new Bar(Math.min(1, s.share()), s.share() > 1 || !s.out().isEmpty(), 7),
                load);
        for (String id : s.contents()) {
            boolean out = s.out().contains(id);
            Button thing = new Button(name(id) + (out ? ": does not fit in" : builtIn(id) ? ", built in" : ""));
            thing.getStyleClass().addAll("link", out ? "remedy" : "quiet");
            thing.setId("kept-" + id);
            thing.setOnAction(e -> bench.select(List.of(id)));
            carried(thing, id);
            box.getChildren().add(thing);
        }
        if (s.contents().isEmpty()) {
            Label empty = new Label("empty");
            empty.getStyleClass().addAll("faint", "small");
            box.getChildren().add(empty);
        }
        return box;
    }

    /// Dragged onto another place it is kept there; the keyboard finds the same in its menu.
    private void carried(Button thing, String id) {
        thing.setTooltip(new Tooltip("Drag it to another place, or press the menu key"));
        thing.setCursor(Cursor.OPEN_HAND);
        thing.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> held = Optional.of(id));
        ContextMenu menu = new ContextMenu();
        state.analysis().of(Storage.DISCIPLINE).keeping().shelves().stream()
                .filter(s -> !s.contents().contains(id) && !s.thing().equals(id)).forEach(s -> {
                    MenuItem item = new MenuItem("Into " + s.name());
                    item.setOnAction(e -> keep(id, s.thing()));
                    menu.getItems().add(item);
                });
        thing.setContextMenu(menu);
    }

    private void keep(String thing, String shelf) {
        Keeping.move(bench.state().project().design(), thing, shelf).ifPresent(bench::edit);
    }

    /// The place under a point of the scene that a thing could go to; it is marked.
    private Optional<String> over(double x, double y, String id) {
        Optional<Node> under = places.getChildren().stream()
                .filter(n -> n.getId() != null && n.localToScene(n.getBoundsInLocal()).contains(x, y)).findFirst();
        mark(under);
        return under.map(n -> n.getId().substring("shelf-".length())).filter(shelf -> !shelf.equals(id));
    }

    private void mark(Optional<Node> shelf) {
        places.getChildren()
                .forEach(n -> n.pseudoClassStateChanged(TAKES, shelf.isPresent() && shelf.get() == n));
    }

    private boolean builtIn(String id) {
        return state.design().thing(id).filter(t -> t.role() == Role.BUILT_IN).isPresent();
    }

    private void answer() {
        answers.getChildren().clear();
        String typed = search.getText().strip().toLowerCase(Locale.ROOT);
        if (typed.isEmpty() || state == null) {
            return;
        }
        List<Whereabouts> found = Whereabouts.search(state.design(), state.analysis().of(Storage.DISCIPLINE), typed);
        if (found.isEmpty()) {
            answers.getChildren().add(StudyPane.words("Nothing of that name is aboard.", "faint"));
        }
        for (Whereabouts w : found) {
            Button line = new Button(w.says().text(state.style()));
            line.getStyleClass().addAll("link", "answer");
            line.setWrapText(true);
            line.setOnAction(e -> bench.select(List.of(w.thing())));
            answers.getChildren().add(line);
        }
    }
}
