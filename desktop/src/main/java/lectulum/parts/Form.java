package lectulum.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.TraversalDirection;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Range;
import lectulum.figures.Sentence;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Rows of label and editable value, bound to the workbench: each row reads its value from the state and writes it as
/// a named edit.
public final class Form extends VBox {
    private static final int AREA_ROWS = 3;
    private static final int AREA_COLUMNS = 12;
    private final Workbench bench;
    private final String tail;
    private final List<Runnable> refreshers = new ArrayList<>();
    private State state;
    private boolean showing;

    public Form(Workbench bench) {
        this(bench, "");
    }

    /// @param tail of the ids of its fields, where several forms have rows of one name
    public Form(Workbench bench, String tail) {
        this.bench = bench;
        this.tail = tail;
        this.state = bench.state();
    }

    /// Brings every row up to the state.
    public void show(State next) {
        state = next;
        showing = true;
        refreshers.forEach(Runnable::run);
        showing = false;
    }

    public Form heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("heading", "section");
        getChildren().add(label);
        return this;
    }

    public Form note(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("faint", "wrap", "small");
        label.setWrapText(true);
        getChildren().add(label);
        return this;
    }

    public Form node(Node node) {
        getChildren().add(node);
        return this;
    }

    /// A quantity that always has a value.
    public Form quantity(String label, Range range, ToDoubleFunction<Design> read,
            BiFunction<Design, Double, Design> write) {
        QuantityField field = new QuantityField(label, range,
                v -> bench.edit(new Edit(label, d -> write.apply(d, v))));
        field.field().setId(id(label));
        refreshers.add(() -> field.show(read.applyAsDouble(design()), state.style()));
        return row(label, field);
    }

    /// A quantity that may be unknown (NaN): emptying the field clears it.
    public Form optional(String label, Range range, ToDoubleFunction<Design> read,
            BiFunction<Design, Double, Design> write) {
        return optional(label, range, "not known", read, write);
    }

    /// @param none what an empty field means
    public Form optional(String label, Range range, String none, ToDoubleFunction<Design> read,
            BiFunction<Design, Double, Design> write) {
        QuantityField field = new QuantityField(label, range,
                v -> bench.edit(new Edit(label, d -> write.apply(d, v)))).clearable(none,
                        () -> bench.edit(new Edit(label + " not known", d -> write.apply(d, Double.NaN))));
        field.field().setId(id(label));
        refreshers.add(() -> field.show(read.applyAsDouble(design()), state.style()));
        return row(label, field);
    }

    public Form text(String label, Function<Design, String> read, BiFunction<Design, String, Design> write) {
        TextField field = new TextField();
        Runnable commit = typed(field, label, read, write);
        field.setOnAction(e -> commit.run());
        return row(label, field);
    }

    /// Lets a field show and take a text: when it is left, and whenever what is given is run.
    private Runnable typed(TextInputControl field, String label, Function<Design, String> read,
            BiFunction<Design, String, Design> write) {
        field.setId(id(label));
        field.setAccessibleText(label);
        Runnable commit = () -> {
            if (!field.getText().strip().equals(read.apply(design()))) {
                String typed = field.getText().strip();
                bench.edit(new Edit(label, d -> write.apply(d, typed)));
            }
        };
        field.focusedProperty().addListener((o, was, focused) -> {
            if (!focused) {
                commit.run();
            }
        });
        refreshers.add(() -> {
            if (!field.isFocused() || !showing) {
                field.setText(read.apply(design()));
            }
        });
        return commit;
    }

    /// What a field took and the design it left.
    private record Taken(Sentence says, Design left) {
    }

    /// A field that takes what is typed, and says beneath it what became of that until the design changes again.
    ///
    /// @param read what was done, or why nothing
    public Form take(String label, String prompt, Function<String, Sentence> read) {
        TextField field = new TextField();
        field.setId(id(label));
        field.setPromptText(prompt);
        field.setAccessibleText(label);
        Label said = new Label();
        said.setId(id(label) + "-said");
        said.getStyleClass().addAll("faint", "wrap", "small");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        AtomicReference<Taken> last = new AtomicReference<>();
        field.setOnAction(e -> {
            if (!field.getText().isBlank()) {
                last.set(null);
                Sentence sentence = read.apply(field.getText().strip());
                last.set(new Taken(sentence, design()));
                said.setText(sentence.text(state.style()));
            }
        });
        refreshers.add(() -> {
            Taken taken = last.get();
            if (taken != null && taken.left.equals(design())) {
                said.setText(taken.says.text(state.style()));
            } else if (taken != null) {
                last.set(null);
                field.clear();
                said.setText("");
            }
        });
        row(label, field);
        getChildren().add(said);
        return this;
    }

    /// A text that needs all the width there is.
    public Form longText(String label, Function<Design, String> read, BiFunction<Design, String, Design> write) {
        return text(label, read, write).stacked();
    }

    /// Words that may be many, in lines; Enter takes them, Shift and Enter begin a new line.
    public Form area(String label, Function<Design, String> read, BiFunction<Design, String, Design> write) {
        TextArea area = new TextArea();
        area.setWrapText(true);
        area.setPrefRowCount(AREA_ROWS);
        area.setPrefColumnCount(AREA_COLUMNS);
        Runnable commit = typed(area, label, read, write);
        area.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER && !e.isShiftDown()) {
                commit.run();
                e.consume();
            } else if (e.getCode() == KeyCode.TAB) {
                area.requestFocusTraversal(e.isShiftDown() ? TraversalDirection.PREVIOUS : TraversalDirection.NEXT);
                e.consume();
            }
        });
        return row(label, area).stacked();
    }

    /// Puts the label of the last row above its field, which then has all the width there is.
    public Form stacked() {
        HBox row = (HBox) getChildren().removeLast();
        Node name = row.getChildren().removeFirst();
        HBox field = new HBox(row.getChildren().getFirst());
        HBox.setHgrow(field.getChildren().getFirst(), Priority.ALWAYS);
        field.getStyleClass().addAll("row", "row-long");
        name.getStyleClass().add("faint");
        getChildren().addAll(name, field);
        return this;
    }

    public <T> Form choice(String label, List<T> options, Function<T, String> name, Function<Design, T> read,
            BiFunction<Design, T, Design> write) {
        ComboBox<T> box = new ComboBox<>(FXCollections.observableList(options));
        box.setId(id(label));
        box.setAccessibleText(label);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setMinWidth(USE_PREF_SIZE);
        box.setConverter(Words.by(option -> name.apply(option)));
        box.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null && !now.equals(read.apply(design()))) {
                bench.edit(new Edit(label, d -> write.apply(d, now)));
            }
        });
        refreshers.add(() -> box.setValue(read.apply(design())));
        row(label, box);
        getChildren().getLast().getStyleClass().add("row-choice");
        return this;
    }

    public Form tick(String label, Predicate<Design> read, BiFunction<Design, Boolean, Design> write) {
        CheckBox box = new CheckBox();
        box.setId(id(label));
        box.setAccessibleText(label);
        box.selectedProperty().addListener((o, was, now) -> {
            if (!showing && now != read.test(design())) {
                bench.edit(new Edit(label, d -> write.apply(d, now)));
            }
        });
        refreshers.add(() -> box.setSelected(read.test(design())));
        return row(label, box);
    }

    /// A figure that is shown, not edited.
    public Form shown(String label, Function<State, String> read) {
        Label value = new Label();
        value.getStyleClass().add("row-value");
        refreshers.add(() -> value.setText(read.apply(state)));
        return row(label, value);
    }

    /// A figure that is shown, by its id.
    public Form shown(String label, String figure) {
        return shown(label, s -> s.shown(figure));
    }

    /// Says more of the row that was made last, where the mouse rests on it and to a screen reader.
    public Form saying(String more) {
        if (getChildren().getLast() instanceof HBox row) {
            Tooltip.install(row, new Tooltip(more));
            Node value = row.getChildren().getLast();
            (value instanceof QuantityField entry ? entry.field() : value).setAccessibleHelp(more);
        }
        return this;
    }

    private Design design() {
        return state.analysis().given();
    }

    private Form row(String label, Node value) {
        Label name = new Label(label);
        name.getStyleClass().add("row-label");
        name.setMinWidth(USE_PREF_SIZE);
        name.setMinHeight(USE_PREF_SIZE);
        name.setWrapText(true);
        name.setLabelFor(value);
        HBox row = new HBox(name, value);
        row.getStyleClass().add("row");
        HBox.setHgrow(value, Priority.ALWAYS);
        if (value instanceof Label shown) {
            shown.setMaxWidth(Double.MAX_VALUE);
            shown.setAlignment(javafx.geometry.Pos.CENTER_RIGHT);
        }
        getChildren().add(row);
        return this;
    }

    private String id(String label) {
        return "field-" + label.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-") + tail;
    }
}
