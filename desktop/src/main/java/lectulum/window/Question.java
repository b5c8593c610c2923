package lectulum.window;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// A question over the window with a few answers side by side, the first the one that Enter gives.
public final class Question extends VBox {
    private static final double WIDTH = 520;

    private final FlowPane answers = new FlowPane(8, 8);
    private final String key;
    private Runnable answered = () -> {
    };

    /// @param key    the start of the ids of its buttons
    /// @param title  what is asked, in a sentence
    /// @param detail what each answer means
    public Question(String key, String title, String detail) {
        super(10);
        this.key = key;
        setId(key);
        getStyleClass().add("popover");
        setPrefWidth(WIDTH);
        setMaxWidth(WIDTH);
        Label head = new Label(title);
        head.getStyleClass().add("heading");
        Label words = new Label(detail);
        words.getStyleClass().addAll("wrap", "faint");
        for (Label label : new Label[]{head, words}) {
            label.setWrapText(true);
            label.setMinHeight(USE_PREF_SIZE);
        }
        getChildren().addAll(head, words, answers);
    }

    /// Adds an answer.
    public Question answer(String id, String text, Runnable action) {
        Button button = new Button(text);
        button.setId(key + "-" + id);
        if (answers.getChildren().isEmpty()) {
            button.getStyleClass().add("primary");
            button.setDefaultButton(true);
        }
        button.setOnAction(e -> {
            answered.run();
            action.run();
        });
        answers.getChildren().add(button);
        return this;
    }

    void onAnswered(Runnable close) {
        answered = close;
    }

    void centre(double width) {
        setLayoutX(Math.max(8, (width - WIDTH) / 2));
        setLayoutY(120);
    }

    void focus() {
        answers.getChildren().getFirst().requestFocus();
    }
}
