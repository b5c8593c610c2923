package lectulum.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import lectulum.design.Range;
import lectulum.design.thing.DayStrip;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;

/// The one table: text, figures and quantities that can be typed over.
///
/// @param <R> a row
public final class Ledger<R> extends TableView<R> {
    /// Of its width, how far a column beside words grows in a wide window.
    private static final double STRETCH = 1.4;

    private final List<TableColumn<R, R>> words = new ArrayList<>();
    private Style style = Style.PLAIN;

    public Ledger(String name, String empty) {
        setAccessibleText(name);
        Label nothing = new Label(empty);
        nothing.getStyleClass().add("faint");
        setPlaceholder(nothing);
        setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        getSelectionModel().setCellSelectionEnabled(false);
    }

    public void show(List<R> rows, Style shown) {
        style = shown;
        if (!words.isEmpty()) {
            getColumns().stream().filter(c -> !words.contains(c)).forEach(Ledger::firm);
        }
        if (getItems().equals(rows)) {
            refresh();
        } else {
            getItems().setAll(rows);
        }
    }

    public Ledger<R> text(String head, double width, Function<R, String> read) {
        TableColumn<R, R> column = column(head, width);
        column.setCellFactory(c -> new TableCell<>() {
            @Override
            protected void updateItem(R row, boolean empty) {
                super.updateItem(row, empty);
                setText(empty || row == null ? null : read.apply(row));
            }
        });
        return this;
    }

    /// A text of any length: as much of it as there is room for, all of it when pointed at. Such columns share the room that a
    /// wide window leaves.
    public Ledger<R> words(String head, double width, Function<R, String> read) {
        TableColumn<R, R> column = column(head, width);
        column.setCellFactory(c -> new WordsCell<>(read));
        words.add(column);
        return this;
    }

    /// A number that is shown; NaN leaves the cell empty.
    public Ledger<R> number(String head, double width, Quantity quantity, ToDoubleFunction<R> read) {
        TableColumn<R, R> column = column(head, width);
        column.getStyleClass().add("number");
        column.setCellFactory(c -> {
            TableCell<R, R> cell = new TableCell<>() {
                @Override
                protected void updateItem(R row, boolean empty) {
                    super.updateItem(row, empty);
                    double value = empty || row == null ? Double.NaN : read.applyAsDouble(row);
                    setText(Double.isNaN(value) ? null : Units.text(value, quantity, style));
                }
            };
            cell.getStyleClass().add("number");
            return cell;
        });
        return this;
    }

    /// A number that can be typed over; NaN shows an empty field.
    public Ledger<R> entry(String head, double width, Range range, ToDoubleFunction<R> read,
            BiConsumer<R, Double> write) {
        TableColumn<R, R> column = column(head, width);
        column.getStyleClass().add("number");
        column.setCellFactory(c -> new TableCell<>() {
            {
                getStyleClass().add("entry");
            }

            private final QuantityField field = new QuantityField(head, range,
                    v -> write.accept(getItem(), v)).clearable("–", () -> write.accept(getItem(), Double.NaN));

            @Override
            protected void updateItem(R row, boolean empty) {
                super.updateItem(row, empty);
                if (empty || row == null) {
                    setGraphic(null);
                } else {
                    field.show(read.applyAsDouble(row), style);
                    setGraphic(field);
                }
            }
        });
        return this;
    }

    /// Hours of the day that can be painted.
    public Ledger<R> strip(String head, double width, Function<R, String> name, Function<R, DayStrip> read,
            BiConsumer<R, DayStrip> write) {
        TableColumn<R, R> column = column(head, width);
        column.setCellFactory(c -> new TableCell<>() {
            private DayStripField field;

            @Override
            protected void updateItem(R row, boolean empty) {
                super.updateItem(row, empty);
                if (empty || row == null) {
                    setGraphic(null);
                    return;
                }
                if (field == null) {
                    field = new DayStripField(head, strip -> write.accept(getItem(), strip));
                }
                field.setId("strip-" + name.apply(row));
                field.show(read.apply(row));
                setGraphic(field);
            }
        });
        return this;
    }

    /// Words give way to the other columns in a small window, and take what a wide one leaves.
    private static void firm(TableColumn<?, ?> column) {
        double width = column.getPrefWidth();
        column.setMinWidth(width);
        column.setMaxWidth(STRETCH * width);
    }

    private TableColumn<R, R> column(String head, double width) {
        TableColumn<R, R> column = new TableColumn<>(head);
        column.setPrefWidth(width);
        column.setSortable(false);
        column.setReorderable(false);
        column.setCellValueFactory(data -> new ReadOnlyObjectWrapper<>(data.getValue()));
        getColumns().add(column);
        return column;
    }
}
