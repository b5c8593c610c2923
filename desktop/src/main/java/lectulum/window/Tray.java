package lectulum.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.event.EventHandler;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.catalogue.Catalogue;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.layout.FreePlace;
import lectulum.sheet.SheetView;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The tray of catalogue things: search, then drag one onto the sheet or press Enter to put it where it is free.
final class Tray extends VBox {
    private static final String HINT = "Drag onto the sheet, or Enter puts it where it is free. Esc goes back to the sheet.";

    private final Workbench bench;
    private final TextField search = new TextField();
    private final ListView<Object> list = new ListView<>();
    private final SheetView sheet;
    private Catalogue catalogue;
    private State state;
    private final EventHandler<MouseEvent> letGo = this::letGo;
    private final Label hint = new Label(HINT);
    private Optional<Thing> held = Optional.empty();

    /// @param sheet where a thing can be dropped
    /// @param leave puts the tray away
    Tray(Workbench bench, Catalogue catalogue, SheetView sheet, Runnable leave) {
        this.bench = bench;
        this.sheet = sheet;
        this.catalogue = catalogue;
        this.state = bench.state();
        getStyleClass().add("tray");
        Label title = new Label("Add things");
        title.getStyleClass().add("heading");
        search.setId("tray-search");
        search.setPromptText("Search, e.g. tank 60");
        search.setAccessibleText("Search the catalogue");
        search.getStyleClass().add("boxed");
        search.textProperty().addListener((o, was, now) -> fill());
        search.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.DOWN) {
                list.requestFocus();
                list.getSelectionModel().select(firstThing());
            }
        });
        search.setOnAction(e -> place(list.getItems().get(Math.max(0, firstThing()))));
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                leave.run();
                e.consume();
            }
        });
        list.setId("tray-list");
        list.setAccessibleText("Catalogue");
        list.setCellFactory(view -> new Row());
        list.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                place(list.getSelectionModel().getSelectedItem());
                e.consume();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        hint.setId("tray-hint");
        hint.getStyleClass().addAll("faint", "small");
        hint.setWrapText(true);
        hint.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(title, search, list, hint);
        fill();
    }

    void setCatalogue(Catalogue next) {
        catalogue = next;
        fill();
    }

    void show(State next) {
        boolean units = next.units() != state.units();
        state = next;
        if (units) {
            list.refresh();
        }
    }

    void focusSearch() {
        search.requestFocus();
        search.selectAll();
    }

    private int firstThing() {
        for (int i = 0; i < list.getItems().size(); i++) {
            if (list.getItems().get(i) instanceof Thing) {
                return i;
            }
        }
        return 0;
    }

    private void fill() {
        List<Object> rows = new ArrayList<>();
        List<Thing> found = catalogue.search(search.getText());
        List<Thing> own = found.stream().filter(t -> t.id().startsWith("own-")).toList();
        if (!own.isEmpty()) {
            rows.add("Own things");
            rows.addAll(own);
        }
        for (SystemGroup system : SystemGroup.values()) {
            List<Thing> things = found.stream().filter(t -> t.system() == system && !own.contains(t)).toList();
            if (!things.isEmpty()) {
                rows.add(system.label());
                rows.addAll(things);
            }
        }
        if (rows.isEmpty()) {
            rows.add("Nothing found. Try one word, or place something near and change it.");
        }
        list.getItems().setAll(rows);
    }

    private void place(Object row) {
        if (row instanceof Thing thing) {
            Optional<String> trouble = FreePlace.trouble(bench.state().design(), thing)
                    .map(t -> t.text(state.style())
                            + " It is put in all the same; its findings offer what can be done.");
            bench.add(thing, FreePlace.of(bench.state().design(), thing));
            hint.setText(trouble.orElse(HINT));
            hint.getStyleClass().setAll("label", "small", trouble.isPresent() ? "hint" : "faint");
        }
    }

    /// Carries a thing until the button is let go, wherever that is.
    private void hold(Thing thing) {
        held = Optional.of(thing);
        Scene scene = getScene();
        scene.setCursor(Cursor.CLOSED_HAND);
        scene.addEventFilter(MouseEvent.MOUSE_RELEASED, letGo);
    }

    private void letGo(MouseEvent e) {
        getScene().setCursor(Cursor.DEFAULT);
        getScene().removeEventFilter(MouseEvent.MOUSE_RELEASED, letGo);
        held.ifPresent(thing -> sheet.drop(thing, e.getSceneX(), e.getSceneY()));
        held = Optional.empty();
    }

    private final class Row extends ListCell<Object> {
        Row() {
            setOnMouseClicked(e -> {
                if (e.getClickCount() == 2) {
                    place(getItem());
                }
            });
            setOnMouseDragged(e -> {
                if (held.isEmpty() && getItem() instanceof Thing thing) {
                    hold(thing);
                }
            });
        }

        @Override
        protected void updateItem(Object item, boolean empty) {
            super.updateItem(item, empty);
            setText(null);
            if (empty || item == null) {
                setGraphic(null);
            } else if (item instanceof Thing thing) {
                Label name = new Label(thing.name());
                name.setMinWidth(40);
                Region gap = new Region();
                HBox.setHgrow(gap, Priority.ALWAYS);
                Label mass = new Label(Units.text(thing.mass().value(), Quantity.MASS, state.style()));
                mass.getStyleClass().addAll("faint", "small");
                mass.setMinWidth(Region.USE_PREF_SIZE);
                HBox row = new HBox(6, name, gap, mass);
                row.setAlignment(Pos.CENTER_LEFT);
                row.setMaxWidth(190);
                row.setMouseTransparent(true);
                row.setPrefWidth(190);
                setGraphic(row);
            } else {
                Label group = new Label(item.toString());
                group.getStyleClass().add("tray-group");
                group.setWrapText(true);
                group.setMaxWidth(190);
                setGraphic(group);
            }
        }
    }
}
