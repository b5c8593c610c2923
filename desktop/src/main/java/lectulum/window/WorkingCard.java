package lectulum.window;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lectulum.figures.Figure;
import lectulum.figures.Sentence;
import lectulum.units.Style;
import lectulum.units.Units;

/// Shows how a figure came about: formula, the same with this camper's numbers, how sure, and whence.
final class WorkingCard extends VBox {
    WorkingCard(Figure figure, Style style) {
        getStyleClass().add("popover");
        setId("working");
        line(figure.label() + (figure.loadCase().isEmpty() ? "" : ", " + figure.loadCase()) + ": "
                + (figure.value().isPresent() ? figure.text(style) : "not known, " + figure.reason()), "heading");
        line(figure.working().formula(), "formula");
        line("= " + figure.working().numbers().text(style), "wrap");
        figure.interval().ifPresent(i -> line("95 % between " + Units.text(i.low(), figure.quantity(), style) + " and "
                + Units.text(i.high(), figure.quantity(), style), "wrap"));
        for (Sentence note : figure.working().notes()) {
            line(note.text(style), "wrap");
        }
        line("Source: " + figure.working().source(), "faint");
        line(figure.id(), "faint");
    }

    private void line(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMaxWidth(430);
        label.setMinHeight(USE_PREF_SIZE);
        getChildren().add(label);
    }
}
