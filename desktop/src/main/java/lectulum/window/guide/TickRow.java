package lectulum.window.guide;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// Something to do, with a tick once it is done; more can be said below it.
public final class TickRow extends HBox {
    private static final double TICK = 18;
    private final Label words;
    private final VBox text;

    public TickRow(boolean done, String says) {
        super(4);
        Label tick = new Label(done ? "✓" : "○");
        tick.getStyleClass().add(done ? "good" : "faint");
        tick.setMinWidth(TICK);
        words = wrapped(says);
        if (done) {
            words.getStyleClass().add("faint");
        }
        text = new VBox(2, words);
        HBox.setHgrow(text, Priority.ALWAYS);
        getChildren().addAll(tick, text);
        setAccessibleText((done ? "Done: " : "To do: ") + says);
    }

    /// It is what comes next: told at length.
    void next(String how) {
        words.getStyleClass().add("strong");
        Label more = wrapped(how);
        more.getStyleClass().add("faint");
        text.getChildren().add(more);
    }

    VBox text() {
        return text;
    }

    private static Label wrapped(String says) {
        Label label = new Label(says);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }
}
