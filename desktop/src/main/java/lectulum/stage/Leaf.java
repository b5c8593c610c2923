package lectulum.stage;

import java.util.function.Consumer;
import javafx.scene.Node;
import lectulum.workbench.State;

/// One picture of a stage that can take the sheet's place.
///
/// @param id   stable, for tests and commands
/// @param tip  one sentence
/// @param page what takes the sheet's place; null for the sheet itself
/// @param show brings the page up to a state
public record Leaf(String id, String name, String tip, Node page, Consumer<State> show) {

    /// The sheet.
    public static Leaf sheet() {
        return new Leaf("sheet", "Sheet", "The camper to scale", null, s -> {
        });
    }

    public boolean isSheet() {
        return page == null;
    }
}
