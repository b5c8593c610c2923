package lectulum.sheet;

import javafx.scene.layout.Region;

/// A line around a drawing that has the focus, over all that is painted.
final class FocusRing extends Region {

    /// @param owner which lets this ring be laid over it
    FocusRing(Region owner) {
        getStyleClass().add("focus-ring");
        setMouseTransparent(true);
        setManaged(false);
        visibleProperty().bind(owner.focusedProperty());
        owner.layoutBoundsProperty().addListener(
                (o, was, now) -> resizeRelocate(0, 0, now.getWidth(), now.getHeight()));
    }
}
