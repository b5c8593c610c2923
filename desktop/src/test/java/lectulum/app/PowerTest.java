package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import lectulum.design.Project;
import lectulum.design.thing.Load;
import lectulum.figures.Stage;
import lectulum.parts.DayStripField;
import org.junit.jupiter.api.Test;

/// The hours of the day painted, the trip and the year that follow, and what can be run.
class PowerTest extends WindowTest {
    private void turn(String page) {
        robot.interact(() -> window().turnTo(Stage.POWER, page));
        robot.rest();
    }

    private DayStripField strip(String thing) {
        return robot.lookup("#strip-" + thing).queryAs(DayStripField.class);
    }

    private Load load(String thing) {
        return thing(thing).load().orElseThrow();
    }

    private String first() {
        return "cold-box";
    }

    @Test
    void hoursArePaintedWithTheMouseAndUndone() {
        turn("sheet");
        Project before = state().project();
        String thing = first();
        Node node = strip(thing);
        Bounds b = node.localToScreen(node.getBoundsInLocal());
        double y = b.getCenterY();

        double hour = b.getWidth() / 24;
        robot.moveTo(new Point2D(b.getMinX() + 18.5 * hour, y)).press(MouseButton.PRIMARY).moveBy(hour, 0)
                .moveBy(hour, 0).moveBy(hour, 0).release(MouseButton.PRIMARY);
        robot.rest();

        assertThat(load(thing).hours()).isEqualTo("18-22");
        assertThat(load(thing).dailyRunning()).isLessThanOrEqualTo(4 * 3600);
        undoTo(before);
        assertThat(load(thing).hours()).isEmpty();
    }

    @Test
    void hoursArePaintedWithKeys() {
        turn("sheet");
        Project before = state().project();
        String thing = first();
        robot.interact(() -> strip(thing).requestFocus());
        robot.type(KeyCode.HOME, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.SPACE);
        robot.rest();
        assertThat(load(thing).hours()).isEqualTo("2-3");
        robot.interact(() -> strip(thing).requestFocus());
        robot.type(KeyCode.RIGHT, KeyCode.SPACE);
        robot.rest();
        assertThat(load(thing).hours()).isEqualTo("2-4");
        assertThat(strip(thing).getAccessibleText()).contains("2-4");
        robot.interact(() -> strip(thing).requestFocus());
        robot.type(KeyCode.DELETE);
        robot.rest();
        assertThat(load(thing).hours()).isEmpty();
        undoTo(before);
    }

    @Test
    void aTripAndAYearFollowWhatIsTyped() {
        turn("power-year");
        Project before = state().project();
        double sun = state().analysis().figures().value("power.year.sun");
        enter("#field-number-of-the-year", "7");
        assertThat(state().analysis().figures().value("power.year.sun")).isNotEqualTo(sun);
        turn("power-trip");
        assertThat(robot.lookup(".label").queryAllAs(Label.class)).anyMatch(l -> l.getText() != null
                && l.getText().contains("Until something is not had"));
        undoTo(before);
    }

    @Test
    void theMapMarksWhatIsDrawnAndWhatWouldDo() {
        turn("power-map");
        until(() -> robot.lookup("#map-now").tryQuery().isPresent());

        double empty = state().analysis().figures().value("power.year.empty");
        assertThat(robot.lookup("#map-now").queryAs(Label.class).getText()).isEqualTo(Long.toString(
                Math.round(empty / 3600)));
        assertThat(robot.lookup("#map-cheapest").queryAs(Label.class).getText()).contains("of panels and");
    }

    @Test
    void whatCanBeRunIsAsked() {
        turn("power-run");
        Project before = state().project();
        enter("#field-it-draws", "1200");
        assertThat(said("no: the inverter gives 300 W")).isTrue();
        enter("#field-another-inverter-gives", "8000");
        enter("#field-it-draws", "5000");
        assertThat(said("no: it draws")).isTrue();
        enter("#field-it-draws", "1200");
        enter("#field-runs-in-a-day", "10 min");
        assertThat(said("full battery")).isTrue();
        enter("#field-it-draws", "nonsense");
        assertThat(state().design().settings().assumed().get("run.watts")).isEqualTo(1200);
        robot.type(KeyCode.ESCAPE);
        undoTo(before);
    }

    private boolean said(String words) {
        return robot.lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(l -> l.getText() != null
                        && l.getText().replace('\u00a0', ' ').contains(words));
    }
}
