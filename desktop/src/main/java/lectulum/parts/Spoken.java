package lectulum.parts;

import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// What is heard of a drawing that is worked with by keys: it is a picture whose text says what is chosen in it, and is said again
/// when that changes.
public final class Spoken {
    private Spoken() {
    }

    /// A drawing that takes the focus.
    public static void picture(Node drawing, String text) {
        drawing.setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        drawing.setFocusTraversable(true);
        say(drawing, text);
    }

    /// Something that is no button and can be pressed like one, by mouse, Enter and Space.
    public static void pressable(Node node, String text, Runnable does) {
        node.setAccessibleRole(AccessibleRole.BUTTON);
        node.setAccessibleText(text);
        node.setFocusTraversable(true);
        node.setOnMouseClicked(e -> does.run());
        node.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getTarget() == node && (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE)) {
                does.run();
                e.consume();
            }
        });
    }

    /// Says it, if it is something new.
    public static void say(Node drawing, String text) {
        if (!text.equals(drawing.getAccessibleText())) {
            drawing.setAccessibleText(text);
            drawing.notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
        }
    }
}
