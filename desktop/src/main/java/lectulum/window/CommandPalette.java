package lectulum.window;

import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// Everything that can be done, found by typing; the one place where all shortcuts are listed.
final class CommandPalette extends VBox {
    private final List<Command> commands;
    private final Runnable close;
    private final ListView<Command> list = new ListView<>();

    CommandPalette(List<Command> commands, Runnable close) {
        this.commands = commands;
        this.close = close;
        getStyleClass().add("palette");
        setId("palette");
        TextField search = new TextField();
        search.setId("palette-search");
        search.getStyleClass().add("boxed");
        search.setPromptText("What do you want to do?");
        search.textProperty().addListener((o, was, now) -> fill(now));
        search.setOnAction(e -> run(list.getSelectionModel().getSelectedItem()));
        search.setOnKeyPressed(e -> {
            switch (e.getCode()) {
                case DOWN -> list.getSelectionModel().selectNext();
                case UP -> list.getSelectionModel().selectPrevious();
                case ESCAPE -> close.run();
                default -> {
                }
            }
        });
        list.setCellFactory(view -> new Row());
        Label nothing = new Label(
                "Nothing that can be done is called that. What goes on the sheet stands under Add things.");
        nothing.setId("palette-nothing");
        nothing.setWrapText(true);
        list.setPlaceholder(nothing);
        list.setOnMouseClicked(e -> run(list.getSelectionModel().getSelectedItem()));
        list.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                run(list.getSelectionModel().getSelectedItem());
            } else if (e.getCode() == KeyCode.ESCAPE) {
                close.run();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        Label sheetKeys = new Label(
                "On the sheet: arrows move (Shift coarse, Alt fine, Ctrl+up/down lift and lower), R turns,"
                        + " Tab goes on, E edits, on Balance arrows move the axle where nothing is selected, Esc goes back, Shift+click adds, Alt while dragging stops snapping.");
        sheetKeys.getStyleClass().addAll("faint", "small");
        sheetKeys.setWrapText(true);
        sheetKeys.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(search, list, sheetKeys);
        fill("");
        javafx.application.Platform.runLater(search::requestFocus);
    }

    private void fill(String typed) {
        String[] words = typed.toLowerCase(Locale.ROOT).strip().split("\\s+");
        list.getItems().setAll(commands.stream().filter(c -> c.enabled().getAsBoolean()).filter(c -> {
            String name = c.name().toLowerCase(Locale.ROOT);
            for (String word : words) {
                if (!name.contains(word)) {
                    return false;
                }
            }
            return true;
        }).toList());
        list.getSelectionModel().selectFirst();
    }

    private void run(Command command) {
        if (command != null) {
            close.run();
            command.run();
        }
    }

    private static final class Row extends ListCell<Command> {
        @Override
        protected void updateItem(Command command, boolean empty) {
            super.updateItem(command, empty);
            setText(null);
            if (empty || command == null) {
                setGraphic(null);
                return;
            }
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            Label keys = new Label(command.keysText());
            keys.getStyleClass().add("faint");
            HBox row = new HBox(8, new Label(command.name()), gap, keys);
            row.setAlignment(Pos.CENTER_LEFT);
            setGraphic(row);
        }
    }
}
