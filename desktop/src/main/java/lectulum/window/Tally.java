package lectulum.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lectulum.figures.Band;
import lectulum.figures.Figure;
import lectulum.figures.Verdict;
import lectulum.stage.Stages;
import lectulum.units.Quantity;
import lectulum.units.Shown;
import lectulum.units.Units;
import lectulum.workbench.State;

/// The figures that are always in sight: value, allowed band, and the change since the pin. A click opens the working.
final class Tally extends HBox {
    /// Width in which the words of a cell fit \[px\].
    private static final double LEAST = 148;
    private final List<Cell> cells = new ArrayList<>();

    /// @param open shows the working of a figure above its cell
    Tally(BiConsumer<Figure, Node> open) {
        getStyleClass().add("tally");
        Stages.ALL.stream().flatMap(u -> u.tally().stream()).forEach(c -> cell(c.id(), c.read(), open));
        widthProperty().addListener((o, was, now) -> fit(now.doubleValue()));
    }

    /// A narrow window has no room for the words of all: the last ones go.
    private void fit(double width) {
        for (int i = 0; i < cells.size(); i++) {
            boolean room = width <= 0 || (i + 1) * LEAST <= width;
            cells.get(i).button.setVisible(room);
            cells.get(i).button.setManaged(room);
        }
    }

    void show(State state) {
        cells.forEach(c -> c.show(state));
    }

    private void cell(String id, Function<State, Optional<Figure>> read, BiConsumer<Figure, Node> open) {
        Cell cell = new Cell(id, read, open);
        cells.add(cell);
        getChildren().add(cell.button);
        HBox.setHgrow(cell.button, Priority.ALWAYS);
    }

    private static final class Cell {
        private final Function<State, Optional<Figure>> read;
        private final Button button = new Button();
        private final Label name = new Label();
        private final Label change = new Label();
        private final Label value = new Label();
        private final Label unit = new Label();
        private final Label says = new Label();
        private final Region fill = new Region();
        private final StackPane band = new StackPane(fill);
        private Figure figure;
        private double part;

        Cell(String id, Function<State, Optional<Figure>> read, BiConsumer<Figure, Node> open) {
            this.read = read;
            value.setId("tally-" + id);
            change.setId("tally-" + id + "-change");
            says.setId("tally-" + id + "-says");
            value.getStyleClass().add("value");
            unit.getStyleClass().add("unit");
            change.getStyleClass().add("change");
            band.getStyleClass().add("band");
            band.setAlignment(Pos.CENTER_LEFT);
            fill.getStyleClass().add("fill");
            fill.setMaxWidth(0);
            band.widthProperty().addListener((o, was, now) -> fill.setMaxWidth(now.doubleValue() * part));
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            HBox head = new HBox(name, gap, change);
            HBox number = new HBox(4, value, unit);
            number.setAlignment(Pos.BASELINE_LEFT);
            VBox box = new VBox(2, head, number, band, says);
            value.setMinWidth(Region.USE_PREF_SIZE);
            button.setGraphic(box);
            button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            button.getStyleClass().setAll("tally-cell");
            button.setPrefWidth(150);
            button.setMaxWidth(Double.MAX_VALUE);
            button.setMaxHeight(Double.MAX_VALUE);
            box.prefWidthProperty().bind(button.widthProperty().subtract(24));
            button.setOnAction(e -> {
                if (figure != null) {
                    open.accept(figure, button);
                }
            });
        }

        void show(State state) {
            figure = read.apply(state).orElse(null);
            if (figure == null) {
                button.setDisable(true);
                return;
            }
            button.setDisable(false);
            Shown shown = figure.value().isPresent()
                    ? Units.show(figure.value().getAsDouble(), figure.quantity(), state.style())
                    : new Shown("–", "");
            name.setText(figure.label());
            value.setText(shown.number());
            unit.setText(shown.unit());
            change.setText(state.change(figure));
            String words = figure.value().isPresent() ? figure.band().says().text(state.style()) : figure.reason();
            says.setText(words);
            Verdict verdict = figure.value().isPresent() ? figure.band().verdict() : Verdict.NONE;
            String suffix = verdict.name().toLowerCase(java.util.Locale.ROOT);
            fill.getStyleClass().setAll("fill", "fill-" + suffix);
            says.getStyleClass().setAll("label", "says-" + suffix);
            part = part(figure);
            fill.setMaxWidth(band.getWidth() * part);
            button.setAccessibleText(figure.label() + " " + shown.text() + ", " + words + ", "
                    + (verdict == Verdict.NONE ? "" : suffix));
        }

        /// How much of the bar is filled: the value against what is allowed or wanted.
        private static double part(Figure figure) {
            if (figure.value().isEmpty()) {
                return 0;
            }
            double v = figure.value().getAsDouble();
            Band b = figure.band();
            double whole = !Double.isNaN(b.high()) ? b.high() : b.low();
            if (figure.quantity() == Quantity.MASS && b.low() == 0) {
                return v > 0 ? 1 : 0.03;
            }
            return Double.isNaN(whole) || whole <= 0 ? 0 : Math.clamp(v / whole, 0.02, 1);
        }
    }
}
