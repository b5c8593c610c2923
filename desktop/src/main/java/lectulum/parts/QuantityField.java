package lectulum.parts;

import java.util.function.DoubleConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import lectulum.design.Range;
import lectulum.units.Entry;
import lectulum.units.OtherUnit;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.TapeEntry;
import lectulum.units.UnitSystem;
import lectulum.units.Units;

/// A field that takes a quantity the way people type it. What it does not understand it refuses in place with a hint,
/// and the old value stays.
///
/// A mass that looks like one of the other system's unit is taken as typed, and asked about beneath the field.
///
/// Enter or leaving the field gives the value over; Esc brings the old one back, and is passed on where nothing was
/// typed.
public final class QuantityField extends VBox {
    private final TextField field = new TextField();
    private final Label hint = new Label();
    private Button other;
    private final Quantity quantity;
    private final double low;
    private final double high;
    private final DoubleConsumer changed;
    private Runnable cleared;
    private Style style = Style.PLAIN;
    private double value = Double.NaN;

    /// @param name    what a screen reader says
    /// @param range   what may be typed
    /// @param changed gets the new SI value
    public QuantityField(String name, Range range, DoubleConsumer changed) {
        this.quantity = range.quantity();
        this.low = range.low();
        this.high = range.high();
        this.changed = changed;
        field.setAccessibleText(name);
        field.getStyleClass().add("quantity");
        field.setPrefColumnCount(9);
        hint.getStyleClass().add("hint");
        hint.setWrapText(true);
        hint.setManaged(false);
        hint.setVisible(false);
        getChildren().addAll(field, hint);
        field.setOnAction(event -> commit());
        field.focusedProperty().addListener((observed, was, focused) -> {
            if (!focused) {
                commit();
            } else {
                field.selectAll();
            }
        });
        field.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ESCAPE && !field.getText().equals(text())) {
                restore();
                event.consume();
            }
        });
    }

    /// Lets the field be emptied, which means "not known".
    public QuantityField clearable(String prompt, Runnable onCleared) {
        cleared = onCleared;
        field.setPromptText(prompt);
        return this;
    }

    public TextField field() {
        return field;
    }

    /// Shows a value; a field that is being typed in is left alone.
    ///
    /// @param si SI value, NaN for none
    public void show(double si, Style shown) {
        boolean typing = field.isFocused() && !field.getText().equals(text());
        if (si != value) {
            ask(null);
        }
        value = si;
        style = shown;
        if (!typing) {
            field.setText(text());
        }
    }

    private String text() {
        return Double.isNaN(value) ? "" : Units.entry(value, quantity, style);
    }

    private void commit() {
        String typed = field.getText().strip();
        if (typed.equals(text())) {
            accept();
            return;
        }
        ask(null);
        if (typed.isEmpty() && cleared != null) {
            value = Double.NaN;
            accept();
            cleared.run();
            return;
        }
        switch (TapeEntry.read(likeShown(typed), quantity, style, low, high)) {
            case Entry.Read(double read) -> {
                double before = value;
                value = read;
                accept();
                field.setText(text());
                changed.accept(read);
                if (quantity == Quantity.MASS) {
                    OtherUnit.meant(typed, before, read, style.system()).ifPresent(meant -> ask(typed, meant));
                }
            }
            case Entry.Refused(String why) -> refuse(why);
        }
    }

    /// Asks whether a number was read in the other unit; taking that is one click.
    private void ask(String typed, double meant) {
        if (meant < low || meant > high) {
            return;
        }
        boolean pounds = style.system() == UnitSystem.METRIC;
        Button question = new Button((pounds ? "Pounds? " : "Kilograms? ") + typed + (pounds ? " lb are " : " kg are ")
                + Units.entry(meant, quantity, style) + ". Take that.");
        question.getStyleClass().add("link");
        question.setWrapText(true);
        question.setId(field.getId() + "-other");
        question.setOnAction(e -> {
            ask(null);
            value = meant;
            field.setText(text());
            changed.accept(meant);
        });
        ask(question);
    }

    /// @param question null for none
    private void ask(Button question) {
        if (other != null) {
            getChildren().remove(other);
        }
        other = question;
        if (question != null) {
            getChildren().add(question);
        }
    }

    /// A bare number typed over minutes is minutes, although durations are else read in hours.
    private String likeShown(String typed) {
        boolean minutes = quantity == Quantity.DURATION && text().endsWith("min");
        return minutes && typed.matches("[0-9]+([.,][0-9]+)?") ? typed + " min" : typed;
    }

    private void refuse(String why) {
        if (!field.getStyleClass().contains("refused")) {
            field.getStyleClass().add("refused");
        }
        hint.setText(why + " Still " + (Double.isNaN(value) ? "not set" : text()) + ".");
        hint.setManaged(true);
        hint.setVisible(true);
        if (!field.isFocused()) {
            field.setText(text());
        }
    }

    private void accept() {
        field.getStyleClass().remove("refused");
        hint.setManaged(false);
        hint.setVisible(false);
    }

    private void restore() {
        accept();
        field.setText(text());
        field.selectAll();
    }
}
