package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.text.Text;
import lectulum.figures.Stage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// No word and no number is cut off on any page, in the smallest window, in either unit system. A field that holds a list
/// of any length may scroll.
class TextFitsTest extends WindowTest {
    private static final double SLACK = 1.5;

    @ParameterizedTest
    @CsvSource({"nightjar, 1100, 700, metric", "nightjar, 1280, 800, us", "dunlin, 1100, 700, us",
            "chamois, 1100, 700, metric"})
    void nothingIsCutOff(String demo, double width, double height, String units) {
        robot.interact(() -> desk.start("demo:" + demo));
        robot.interact(() -> {
            window().root().getScene().getWindow().setWidth(width);
            window().root().getScene().getWindow().setHeight(height);
        });
        robot.clickOn("#units-" + units);
        robot.rest();
        Set<String> cut = new TreeSet<>();

        for (Stage stage : Stage.values()) {
            if (robot.lookup("#stage-" + stage.name().toLowerCase()).tryQuery().isEmpty()) {
                continue;
            }
            robot.clickOn("#stage-" + stage.name().toLowerCase());
            robot.rest();
            look(stage.name(), cut);
            for (String leaf : leaves()) {
                robot.interact(() -> window().turnTo(stage, leaf));
                robot.rest();
                look(stage.name() + " " + leaf, cut);
            }
        }

        assertThat(cut).isEmpty();
    }

    private void look(String page, Set<String> cut) {
        robot.interact(() -> {
            window().root().applyCss();
            window().root().layout();
            for (Node node : all(window().root(), new ArrayList<>())) {
                if (node instanceof Labeled l && shortened(l)) {
                    cut.add(page + ": \"" + l.getText() + "\"");
                }
                if (node instanceof GridPane grid) {
                    runTogether(grid).forEach(words -> cut.add(page + ": " + words));
                }
                if (node instanceof ScrollPane p && p.getHbarPolicy() == ScrollPane.ScrollBarPolicy.NEVER
                        && p.getContent().getLayoutBounds().getWidth() > p.getViewportBounds().getWidth() + SLACK) {
                    cut.add(page + ": the page is " + (int) p.getContent().getLayoutBounds().getWidth() + " wide in "
                            + (int) p.getViewportBounds().getWidth());
                }
                if (node instanceof TextField f && !"field-their-middles".equals(f.getId()) && tooNarrow(f)) {
                    cut.add(page + ": " + f.getId() + " holds \"" + f.getText() + "\"");
                }
            }
        });
    }

    static List<Node> all(Parent parent, List<Node> nodes) {
        for (Node node : parent.getChildrenUnmodifiable()) {
            if (node.isVisible() && !(node instanceof ScrollBar)) {
                nodes.add(node);
                if (node instanceof Parent p) {
                    all(p, nodes);
                }
            }
        }
        return nodes;
    }

    /// Words of a grid that are drawn over the words beside them.
    private static List<String> runTogether(GridPane grid) {
        List<Labeled> cells = grid.getChildren().stream().filter(n -> n.isVisible() && n instanceof Labeled)
                .map(n -> (Labeled) n).filter(l -> l.getText() != null && !l.getText().isEmpty() && l.getWidth() > 0)
                .toList();
        List<String> over = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            Bounds one = ink(cells.get(i));
            for (Labeled other : cells.subList(i + 1, cells.size())) {
                Bounds two = ink(other);
                boolean apart = one.getMaxX() <= two.getMinX() + SLACK || two.getMaxX() <= one.getMinX() + SLACK
                        || one.getMaxY() <= two.getMinY() + SLACK || two.getMaxY() <= one.getMinY() + SLACK;
                if (!apart) {
                    over.add("\"" + cells.get(i).getText() + "\" runs into \"" + other.getText() + "\"");
                }
            }
        }
        return over;
    }

    private static Bounds ink(Labeled label) {
        Node text = label.lookup(".text");
        return text == null ? label.getBoundsInParent() : label.localToParent(text.getBoundsInParent());
    }

    /// Whether it shows less than it says.
    static boolean shortened(Labeled labeled) {
        return labeled.getText() != null && labeled.getWidth() > 0
                && labeled.lookup(".text") instanceof Text shown
                && shown.getText().endsWith(labeled.getEllipsisString());
    }

    private static boolean tooNarrow(TextField field) {
        if (field.getText() == null || field.getText().isEmpty() || field.getWidth() <= 0) {
            return false;
        }
        Text alone = new Text(field.getText());
        alone.setFont(field.getFont());
        double room = field.getWidth() - field.getInsets().getLeft() - field.getInsets().getRight();
        return alone.getLayoutBounds().getWidth() > room + SLACK;
    }
}
