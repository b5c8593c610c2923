package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import lectulum.figures.Finding;
import lectulum.figures.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// What somebody hears who does not see: everything that takes the focus has a role and a name, and what holds a value says which.
class SpokenTest extends WindowTest {

    /// One walk through the pages of a stage: what is heard, what the keys reach, and where the focus is seen.
    @ParameterizedTest
    @EnumSource(Stage.class)
    void everyPageIsHeardReachedAndSeen(Stage stage) {
        robot.interact(() -> window().bench().setStage(stage));
        List<String> nameless = new ArrayList<>();
        List<String> deaf = new ArrayList<>();
        List<String> unseen = new ArrayList<>();
        Set<String> looked = new HashSet<>();
        for (String page : leaves()) {
            robot.interact(() -> window().turnTo(stage, page));
            robot.rest();
            robot.interact(() -> {
                nameless(stage + " " + page, window().root(), nameless);
                deaf(stage + " " + page, window().root(), false, deaf);
                unseen.addAll(unseen(stage + " " + page, looked));
            });
        }

        assertThat(nameless).as("take the focus without a role or a name").isEmpty();
        assertThat(deaf).as("can be pressed by the mouse only").isEmpty();
        assertThat(unseen).as("look the same with the focus as without").isEmpty();
    }

    private static void deaf(String page, Node node, boolean reached, List<String> all) {
        boolean keys = reached || node.isFocusTraversable() || node instanceof Control;
        if (!keys && node.isVisible() && node.getOnMouseClicked() != null) {
            all.add(page + ": " + node.getClass().getSimpleName() + " " + node.getId() + " " + node.getStyleClass());
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(n -> deaf(page, n, keys, all));
        }
    }

    /// A finding is read by the keys and chooses its things.
    @Test
    void aFindingIsHeardAndPressed() {
        robot.interact(() -> window().bench().setStage(Stage.LAYOUT));
        settle();
        Finding worst = state().analysis().findings(Stage.LAYOUT).stream().filter(f -> f.things().size() == 2)
                .findFirst().orElseThrow();
        Node box = robot.lookup(n -> ("finding-" + worst.id()).equals(n.getId())).query();
        assertThat(box.getAccessibleText()).contains(worst.title().text(state().style()));

        robot.interact(box::requestFocus);
        robot.type(KeyCode.ENTER);
        robot.rest();
        assertThat(state().selection()).containsExactlyInAnyOrderElementsOf(worst.things());
        String sheet = window().sheet().getAccessibleText();
        assertThat(sheet).contains("behind the ball", "found: ");
        worst.things().forEach(id -> assertThat(sheet).contains(thing(id).name()));
    }

    private static void nameless(String page, Node node, List<String> all) {
        if (!node.isVisible()) {
            return;
        }
        if (node.isFocusTraversable() && !node.isDisabled() && !(node instanceof ScrollBar) && name(node).isBlank()) {
            all.add(page + ": " + node.getClass().getSimpleName() + " " + node.getId() + " " + node.getStyleClass());
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(n -> nameless(page, n, all));
        }
    }

    /// What is said of a node before its value.
    private static String name(Node node) {
        if (node.getAccessibleRole() == AccessibleRole.NODE) {
            return "";
        }
        if (node.getAccessibleText() != null && !node.getAccessibleText().isBlank()) {
            return node.getAccessibleText();
        }
        Object labelled = node.queryAccessibleAttribute(AccessibleAttribute.LABELED_BY);
        if (labelled instanceof Labeled label) {
            return String.valueOf(label.getText());
        }
        return switch (node) {
            case TextInputControl _ -> "";
            case ComboBoxBase<?> _ -> "";
            case Slider _ -> "";
            case TableView<?> _ -> "";
            case ScrollPane _ -> "";
            case CheckBox c -> c.getText() == null ? "" : c.getText();
            case Labeled l -> l.getText() == null ? "" : l.getText();
            default -> "";
        };
    }

    private List<String> unseen(String page, Set<String> looked) {
        Scene scene = window().root().getScene();
        List<String> unseen = new ArrayList<>();
        for (Node node : focusable(window().root())) {
            String look = node.getClass().getSimpleName() + node.getStyleClass() + node.getParent().getStyleClass();
            if (!looked.add(look)) {
                continue;
            }
            window().root().requestFocus();
            WritableImage before = node.snapshot(null, null);
            node.requestFocus();
            window().root().applyCss();
            window().root().layout();
            if (scene.getFocusOwner() == node && same(before, node.snapshot(null, null))) {
                unseen.add(page + ": " + look + " " + node.getId());
            }
        }
        return unseen;
    }

    private static List<Node> focusable(Parent root) {
        List<Node> all = new ArrayList<>();
        for (Node n : root.getChildrenUnmodifiable()) {
            if (n.isVisible() && !n.isDisabled()) {
                if (n.isFocusTraversable() && !(n instanceof ScrollBar) && !(n instanceof ScrollPane)) {
                    all.add(n);
                }
                if (n instanceof Parent p) {
                    all.addAll(focusable(p));
                }
            }
        }
        return all;
    }

    private static boolean same(WritableImage a, WritableImage b) {
        if (a.getWidth() != b.getWidth() || a.getHeight() != b.getHeight()) {
            return false;
        }
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                if (a.getPixelReader().getArgb(x, y) != b.getPixelReader().getArgb(x, y)) {
                    return false;
                }
            }
        }
        return true;
    }
}
