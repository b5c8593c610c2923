package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import lectulum.design.Project;
import lectulum.design.base.Shell;
import lectulum.design.base.Shell.Profile.Point;
import lectulum.layout.Layout;
import lectulum.sheet.ProfileEditor;
import org.junit.jupiter.api.Test;

/// The body of a teardrop: drawn, measured, framed.
class BaseTest extends WindowTest {
    @Override
    String start() {
        return "demo:dunlin";
    }

    private ProfileEditor editor() {
        robot.clickOn("#stage-base");
        click("#leaf-profile");
        return robot.lookup("#profile-editor").query();
    }

    private List<Point> points() {
        return ((Shell.Profile) state().project().design().base().shell()).points();
    }

    private static Point2D screen(ProfileEditor editor, double[] pixel) {
        return editor.localToScreen(pixel[0], pixel[1]);
    }

    @Test
    void aPointIsDraggedWhileHeightsFollow() {
        ProfileEditor editor = editor();
        double before = points().get(4).z();
        Point2D from = screen(editor, editor.pixel(4));

        robot.moveTo(from).press(MouseButton.PRIMARY).moveBy(0, -10).moveBy(0, -10);
        robot.rest();
        double during = state().analysis().of(Layout.DISCIPLINE).body().roofOutside().highest();
        robot.release(MouseButton.PRIMARY);
        robot.rest();

        assertThat(points().get(4).z()).isGreaterThan(before);
        assertThat(during).isGreaterThanOrEqualTo(points().get(4).z() - 1e-9);
        robot.clickOn("#undo");
        assertThat(points().get(4).z()).isEqualTo(before);
    }

    @Test
    void aTyreIsTypedAsItIsWrittenOnItsSide() {
        robot.clickOn("#stage-base");
        Project before = state().project();
        enter("#field-tyre-as-written", "round");
        assertThat(text("#field-tyre-as-written-said")).startsWith("That is no tyre size.");
        assertThat(state().project()).isSameAs(before);

        enter("#field-tyre-as-written", "185R14C 102/100Q");
        assertThat(text("#field-tyre-as-written-said").replace('\u00a0', ' '))
                .isEqualTo("about 652 mm across, 185 mm wide: no profile is written on it; load index 102; made for"
                        + " 160 km/h.");
        assertThat(state().design().base().axle().tyreWidth()).isEqualTo(0.185);
        assertThat(state().design().base().axle().wheelDiameter()).isCloseTo(0.6516, within(1e-9));
        assertThat(state().design().settings().assumed()).containsEntry("tyre.index", 102.0)
                .containsEntry("tyre.speed", 160 / 3.6);

        robot.clickOn("#units-us");
        assertThat(text("#field-tyre-as-written-said")).contains("about 2' 1 5/8\" across")
                .endsWith("made for 99 mph.");

        robot.clickOn("#undo");
        assertThat(state().project().design()).isEqualTo(before.design());
        assertThat(text("#field-tyre-as-written-said")).as("it is no longer so").isEmpty();
    }

    /// Point 3 is dragged out through the rear end.
    @Test
    void aProfileThatWouldCrossItselfIsRefusedInWords() {
        ProfileEditor editor = editor();
        Project before = state().project();
        double[] front = editor.pixel(0);
        double[] rear = editor.pixel(9);
        double scale = (rear[0] - front[0]) / (points().get(9).x() - points().get(0).x());
        Point2D to = screen(editor, new double[]{rear[0] + 0.3 * scale, rear[1] - 0.3 * scale});

        robot.moveTo(screen(editor, editor.pixel(2))).press(MouseButton.PRIMARY).moveBy(20, 0).moveTo(to);
        robot.rest();
        assertThat(text("#profile-hint")).contains("cross");
        assertThat(lectulum.space.ProfileLine
                .crossing(((Shell.Profile) state().design().base().shell()).points())).as("what is drawn").isEmpty();
        robot.release(MouseButton.PRIMARY);
        robot.rest();

        assertThat(lectulum.space.ProfileLine.crossing(points())).isEmpty();
        if (!state().project().equals(before)) {
            robot.clickOn("#undo");
        }
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void pointsAreAddedTurnedToCornersRoundedAndRemoved() {
        ProfileEditor editor = editor();
        int count = points().size();
        double[] a = editor.pixel(4);
        double[] b = editor.pixel(5);
        robot.doubleClickOn(screen(editor, new double[]{(a[0] + b[0]) / 2, (a[1] + b[1]) / 2 - 4}));
        robot.rest();
        assertThat(points()).hasSize(count + 1);
        int added = editor.selected();
        boolean corner = points().get(added).corner();

        robot.type(KeyCode.C);
        robot.rest();
        assertThat(points().get(added).corner()).isEqualTo(!corner);
        double x = points().get(added).x();
        robot.type(KeyCode.RIGHT);
        robot.rest();
        assertThat(points().get(added).x()).isCloseTo(x + 0.01, within(1e-9));

        robot.type(KeyCode.DELETE);
        robot.rest();
        assertThat(points()).hasSize(count);
    }

    @Test
    void everyPictureOfTheBodyOpensAndItsFiguresAreThere() {
        robot.clickOn("#stage-base");
        for (String units : new String[]{"#units-us", "#units-metric"}) {
            robot.clickOn(units);
            for (String leaf : new String[]{"survey", "profile", "walls", "frame"}) {
                click("#leaf-" + leaf);
                settle();
            }
        }
        assertThat(state().analysis().figures().all()).anyMatch(f -> f.id().startsWith("shell."));
    }

    @Test
    void theTabKeyGoesFromPointToPointAndEscapeLetsGo() {
        ProfileEditor editor = editor();
        robot.interact(() -> editor.select(0));
        robot.interact(editor::requestFocus);
        robot.type(KeyCode.TAB).type(KeyCode.TAB);
        robot.rest();
        assertThat(editor.selected()).isEqualTo(2);
        assertThat(editor.getAccessibleText()).startsWith("Point 3 of " + points().size());
        robot.type(KeyCode.ESCAPE);
        robot.rest();
        assertThat(editor.selected()).isEqualTo(-1);
    }
}
