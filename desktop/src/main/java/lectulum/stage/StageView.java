package lectulum.stage;

import java.util.Optional;
import javafx.scene.Node;
import lectulum.workbench.State;

/// What one stage of the rail puts into the window.
public interface StageView {

    /// What takes the sheet's place, where the stage needs another picture.
    default Optional<Node> page() {
        return Optional.empty();
    }

    /// What stands below the sheet.
    default Optional<Node> below() {
        return Optional.empty();
    }

    /// The upper part of the card.
    Node card();

    /// Whether nothing is being worked out or written beside the interface thread.
    default boolean settled() {
        return true;
    }

    /// Brings everything up to the state.
    void show(State state);
}
