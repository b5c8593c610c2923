package lectulum.stage;

import java.util.List;
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

    /// Whether the sheet shows the side elevation too.
    default boolean side() {
        return true;
    }

    /// Pictures of this stage beside the sheet, the sheet first; none where the stage has only one.
    default List<Leaf> leaves() {
        return List.of();
    }

    /// The upper part of the card.
    Node card();

    /// Brings everything up to the state.
    void show(State state);
}
