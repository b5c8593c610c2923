package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import lectulum.sheet.Projection;
import org.junit.jupiter.api.Test;

/// Looking around on the sheet.
class SheetTest extends WindowTest {
    private Projection projection() {
        robot.rest();
        return window().sheet().projection();
    }

    @Test
    void zoomingKeepsThePointUnderThePointerAndFitBringsAllBack() {
        Projection fitted = projection();
        double x = fitted.x(300);

        robot.interact(() -> window().sheet().zoom(1.5));
        Projection closer = projection();
        assertThat(closer.scale()).isCloseTo(1.5 * fitted.scale(), within(1e-9));
        double middle = window().sheet().getWidth() / 2;
        assertThat(closer.x(middle)).isCloseTo(fitted.x(middle), within(1e-9));
        assertThat(closer.x(300)).isNotEqualTo(x);

        robot.clickOn("#sheet").type(KeyCode.F);
        assertThat(projection()).isEqualTo(fitted);
    }

    @Test
    void theOtherMouseButtonPans() {
        Projection before = projection();
        Point2D from = window().sheet().localToScreen(60, 400);

        robot.moveTo(from).press(MouseButton.SECONDARY).moveBy(50, 20).release(MouseButton.SECONDARY);

        assertThat(projection().x0()).isCloseTo(before.x0() + 50, within(1.5));
        assertThat(projection().scale()).isEqualTo(before.scale());
    }

    @Test
    void measuringChangesNothing() {
        var before = state().project();
        robot.clickOn("#measure");
        robot.moveTo(inPlan("cells")).press(MouseButton.PRIMARY).moveBy(80, 0).release(MouseButton.PRIMARY);
        robot.rest();

        assertThat(window().sheet().measuring()).isTrue();
        assertThat(state().project()).isEqualTo(before);
        robot.type(KeyCode.ESCAPE);
        robot.rest();
        assertThat(window().sheet().measuring()).isFalse();
    }
}
