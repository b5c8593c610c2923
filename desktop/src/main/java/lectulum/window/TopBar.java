package lectulum.window;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.Variant;
import lectulum.parts.Words;
import lectulum.units.UnitSystem;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The bar on top: file, variant, undo, mode, load case, units, and the way to everything else.
final class TopBar extends HBox {
    private final Workbench bench;
    private final Function<String, Command> command;
    private final Label name = new Label();
    private final MenuButton variants = new MenuButton();
    private final Button undo = new Button("Undo");
    private final Button redo = new Button("Redo");
    private final Map<Mode, ToggleButton> modes = new EnumMap<>(Mode.class);
    private final ComboBox<LoadCase> cases = new ComboBox<>();
    private final ToggleButton metric = new ToggleButton("m kg");
    private final ToggleButton us = new ToggleButton("ft lb");
    private boolean showing;

    TopBar(Workbench bench, Function<String, Command> command, List<String> fileCommands) {
        this.bench = bench;
        this.command = command;
        getStyleClass().add("top-bar");
        Label brand = new Label("Lectulum");
        brand.getStyleClass().add("brand");
        brand.setMinWidth(USE_PREF_SIZE);
        MenuButton file = new MenuButton("File");
        file.setId("file-menu");
        for (String entry : fileCommands) {
            file.getItems().add(entry.isEmpty() ? new SeparatorMenuItem() : item(entry));
        }
        variants.setId("variant-menu");
        variants.setMaxWidth(170);
        name.setMinWidth(30);
        name.setMaxWidth(150);
        name.getStyleClass().add("strong");
        undo.setId("undo");
        redo.setId("redo");
        undo.setOnAction(e -> bench.undo());
        redo.setOnAction(e -> bench.redo());
        Button pin = new Button("Pin");
        pin.setId("pin");
        pin.setTooltip(new Tooltip("Measure changes from the design as it is now"));
        pin.setOnAction(e -> bench.pin());
        Button palette = new Button("Do anything  F2");
        palette.setId("do-anything");
        palette.setOnAction(e -> command.apply("Do anything").run());
        Button guide = new Button("?");
        guide.setId("open-guide");
        guide.setAccessibleText("Guide to this page");
        guide.setTooltip(new Tooltip("Guide to this page (F1)"));
        guide.setOnAction(e -> command.apply("Guide to this page").run());
        for (Region fixed : List.of(undo, redo, pin, palette, file, guide)) {
            fixed.setMinWidth(USE_PREF_SIZE);
        }
        getChildren().addAll(brand, file, name, variants, undo, redo, gap(), modes(), gap(), cases(), pin, gap(),
                units(), palette, guide);
    }

    void show(State state) {
        showing = true;
        name.setText(state.project().name());
        variants.setText("variant: " + state.project().variant().name());
        variants.getItems().setAll(state.project().variants().stream().map(this::variant).toList());
        variants.getItems().add(new SeparatorMenuItem());
        variants.getItems().add(item("Copy variant"));
        variants.getItems().add(item("Compare variants"));
        variants.getItems().add(item("Delete variant"));
        history(undo, "Undo", state.history().undoName().orElse(""));
        history(redo, "Redo", state.history().redoName().orElse(""));
        modes.forEach((mode, button) -> button.setSelected(mode == state.mode()));
        if (!cases.getItems().equals(state.design().cases())) {
            cases.getItems().setAll(state.design().cases());
        }
        cases.setValue(state.chosenCase());
        metric.setSelected(state.units() == UnitSystem.METRIC);
        us.setSelected(state.units() == UnitSystem.US);
        showing = false;
    }

    private static void history(Button button, String verb, String what) {
        button.setDisable(what.isEmpty());
        button.setTooltip(new Tooltip(what.isEmpty() ? verb : verb + ": " + what));
        button.setAccessibleText(what.isEmpty() ? verb : verb + ": " + what);
    }

    private MenuItem variant(Variant variant) {
        MenuItem item = new MenuItem(variant.name());
        item.setOnAction(e -> bench.switchVariant(variant.id()));
        return item;
    }

    private MenuItem item(String name) {
        Command c = command.apply(name);
        MenuItem item = new MenuItem(name);
        c.keys().ifPresent(item::setAccelerator);
        item.setOnAction(e -> c.run());
        return item;
    }

    private HBox modes() {
        ToggleGroup group = new ToggleGroup();
        HBox box = new HBox();
        box.getStyleClass().add("segments");
        for (Mode mode : Mode.values()) {
            ToggleButton button = new ToggleButton(mode.label());
            button.setId("mode-" + mode.name().toLowerCase(java.util.Locale.ROOT));
            button.setToggleGroup(group);
            button.setMinWidth(USE_PREF_SIZE);
            button.setTooltip(new Tooltip("Show and place things as they stand in " + mode.label()));
            button.setOnAction(e -> {
                button.setSelected(true);
                bench.setMode(mode);
            });
            modes.put(mode, button);
            box.getChildren().add(button);
        }
        return box;
    }

    private ComboBox<LoadCase> cases() {
        cases.setId("load-case");
        cases.setAccessibleText("Load case");
        cases.setTooltip(new Tooltip("Load case the tally is for"));
        cases.setPrefWidth(128);
        cases.setMinWidth(110);
        cases.setConverter(Words.by(c -> c.name()));
        cases.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                bench.setLoadCase(now);
            }
        });
        return cases;
    }

    private HBox units() {
        ToggleGroup group = new ToggleGroup();
        metric.setToggleGroup(group);
        us.setToggleGroup(group);
        metric.setId("units-metric");
        us.setId("units-us");
        metric.setMinWidth(USE_PREF_SIZE);
        us.setMinWidth(USE_PREF_SIZE);
        metric.setOnAction(e -> {
            metric.setSelected(true);
            bench.setUnits(UnitSystem.METRIC);
        });
        us.setOnAction(e -> {
            us.setSelected(true);
            bench.setUnits(UnitSystem.US);
        });
        HBox box = new HBox(metric, us);
        box.getStyleClass().add("segments");
        return box;
    }

    private static Region gap() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        return gap;
    }
}
