package lectulum.window;

import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.Parent;
import lectulum.sheet.Drawing;

/// Where a page that is turned away stays unseen for one frame, so that the pixels of its pictures are given up: what leaves the
/// window at once keeps them, and with some dozen pages that is more than the memory of the program.
final class TurnedAway extends Group {
    private final AnimationTimer frames = new AnimationTimer() {
        @Override
        public void handle(long now) {
            if (seen++ > 0) {
                stop();
                getChildren().clear();
            }
        }
    };
    private int seen;

    TurnedAway() {
        setManaged(false);
        setAutoSizeChildren(false);
        setOpacity(0);
        setMouseTransparent(true);
    }

    void take(Node page) {
        each(page, Drawing::rest);
        getChildren().setAll(page);
        seen = 0;
        frames.start();
    }

    /// A page that is shown, perhaps before it was gone.
    static void back(Node page) {
        each(page, Drawing::wake);
    }

    boolean empty() {
        return getChildren().isEmpty();
    }

    private static void each(Node node, Consumer<Drawing> todo) {
        if (node instanceof Drawing d) {
            todo.accept(d);
        }
        if (node instanceof Parent p) {
            p.getChildrenUnmodifiable().forEach(n -> each(n, todo));
        }
    }
}
