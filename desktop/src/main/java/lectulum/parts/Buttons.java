package lectulum.parts;

import javafx.scene.control.Button;

/// Buttons under a table or in a form.
public final class Buttons {
    private Buttons() {
    }

    /// @param id stable, for tests and commands
    public static Button of(String text, String id, Runnable does) {
        Button b = new Button(text);
        b.setId(id);
        b.setOnAction(e -> does.run());
        return b;
    }

    /// One that stands back: to take something away.
    public static Button quiet(String text, String id, Runnable does) {
        Button b = of(text, id, does);
        b.getStyleClass().addAll("link", "quiet");
        return b;
    }
}
