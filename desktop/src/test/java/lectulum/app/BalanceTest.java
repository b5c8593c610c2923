package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.design.Project;
import lectulum.design.base.Base;
import lectulum.figures.Stage;
import lectulum.sheet.Projection;
import org.junit.jupiter.api.Test;

/// The Balance stage under the hand: the axle, the solvers, and its pages.
class BalanceTest extends WindowTest {
    private double axle() {
        return state().project().design().base().axle().x();
    }

    private double tongue() {
        return state().analysis().of(Balance.DISCIPLINE).state("departure").map(LoadedState::tongue).orElseThrow();
    }

    private Point2D wheel() {
        robot.clickOn("#stage-balance");
        robot.rest();
        Projection p = window().sheet().projection();
        Base b = state().design().base();
        return window().sheet().localToScreen(p.sx(b.ballToAxle()), p.sz(b.axle().wheelDiameter() / 2));
    }

    @Test
    void theAxleIsDraggedAndEverythingAnswersWhileItIsHeld() {
        Project before = state().project();
        double was = tongue();
        String tally = text("#tally-tongue");
        Point2D wheel = wheel();

        robot.moveTo(wheel).press(MouseButton.PRIMARY).moveBy(12, 0).moveBy(12, 0);
        robot.rest();
        assertThat(tongue()).as("the axle goes back, the tongue grows").isGreaterThan(was);
        assertThat(text("#tally-tongue")).isNotEqualTo(tally);
        assertThat(state().project()).as("nothing is kept yet").isEqualTo(before);
        robot.release(MouseButton.PRIMARY);
        robot.rest();

        assertThat(axle()).isGreaterThan(before.design().base().axle().x());
        assertThat(axle() / 0.005).as("on steps of 5 mm").isCloseTo(Math.rint(axle() / 0.005), within(1e-6));
        robot.clickOn("#undo");
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void arrowKeysMoveTheAxleWhereNothingIsSelectedAndThingsElse() {
        wheel();
        robot.interact(() -> window().sheet().requestFocus());
        double was = axle();
        robot.type(KeyCode.RIGHT);
        robot.rest();
        assertThat(axle()).isCloseTo(was + 0.01, within(1e-9));
        robot.type(KeyCode.LEFT);
        robot.rest();
        assertThat(axle()).isCloseTo(was, within(1e-9));

        robot.type(KeyCode.TAB);
        robot.rest();
        String first = state().selection().getFirst();
        double x = thing(first).place().x();
        robot.type(KeyCode.RIGHT);
        robot.rest();
        assertThat(thing(first).place().x()).isCloseTo(x + 0.01, within(1e-9));
        assertThat(axle()).isCloseTo(was, within(1e-9));
    }

    @Test
    void aWayToBringTheTongueIntoItsBandIsTriedKeptAndTakenBack() {
        Project before = state().project();
        robot.interact(() -> window().turnTo(Stage.BALANCE, "solve"));
        robot.rest();
        settle();
        assertShown("#solve-0");
        assertThat(robot.lookup("#solve-0").queryAs(Button.class).getText()).startsWith("Try: ");
        assertThat(text("#solve-cost-0")).contains("of work").contains("mass");

        click("#solve-0");
        assertThat(state().trial()).isPresent();
        assertThat(state().project()).isEqualTo(before);
        robot.clickOn("#trial-keep");
        robot.rest();
        double low = state().design().brief().tongueLow();
        assertThat(state().analysis().of(Balance.DISCIPLINE).states().stream().filter(LoadedState::trip))
                .allSatisfy(s -> assertThat(s.share()).isGreaterThanOrEqualTo(low));
        settle();
        assertShown("#solve-again");
        robot.clickOn("#undo");
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void everyPageOpensInBothUnitSystemsAndForEveryCamper() {
        for (String demo : new String[]{"dunlin", "chamois"}) {
            robot.interact(() -> desk.start("demo:" + demo));
            robot.clickOn(demo.equals("dunlin") ? "#units-us" : "#units-metric");
            robot.clickOn("#stage-balance");
            for (String leaf : new String[]{"weigh", "solve", "trip", "ratings", "hitch", "turning", "road", "camp",
                    "sheet"}) {
                click("#leaf-" + leaf);
                assertThat(robot.lookup("#leaf-" + leaf).queryAs(ToggleButton.class).isSelected()).as(leaf).isTrue();
            }
        }
    }

    @Test
    void whatIsTypedOnAPageChangesItsFiguresAndNonsenseDoesNot() {
        robot.interact(() -> window().turnTo(Stage.BALANCE, "camp"));
        robot.rest();
        assertThat(text("#figure-level-block")).isEqualTo("0 mm");
        enter("#field-its-right-side-is-down-by", "2");
        assertThat(text("#figure-level-block")).isNotEqualTo("0 mm");
        Project typed = state().project();
        for (String nonsense : new String[]{"steep", "90", "-45", "1//2"}) {
            enter("#field-its-right-side-is-down-by", nonsense);
            assertThat(state().project()).as(nonsense).matches(typed::equals);
        }
        click("#field-its-right-side-is-down-by");
        robot.press(KeyCode.CONTROL).type(KeyCode.A).release(KeyCode.CONTROL).type(KeyCode.DELETE).type(KeyCode.ENTER);
        robot.rest();
        assertThat(text("#figure-level-block")).isEqualTo("0 mm");

        robot.interact(() -> window().turnTo(Stage.BALANCE, "road"));
        robot.clickOn("#units-us");
        robot.rest();
        String slow = text("#figure-sway-damping");
        enter("#field-speed-on-the-road", "70 mph");
        assertThat(Double.parseDouble(text("#figure-sway-damping"))).isLessThan(Double.parseDouble(slow));
        assertThat(text("#field-speed-on-the-road")).isEqualTo("70 mph");
    }

    @Test
    void aCaseOfOnesOwnIsAddedNamedFilledAndRemoved() {
        wheel();
        Project before = state().project();
        click("#case-add");
        String id = state().project().design().cases().getLast().id();
        assertThat(state().project().design().cases()).hasSize(before.design().cases().size() + 1);
        enter("#case-" + id + "-name", "Half a tank");
        enter("#case-" + id + "-fresh", "50");
        assertThat(state().project().design().loadCase(id).name()).isEqualTo("Half a tank");
        assertThat(state().project().design().loadCase(id).fresh()).isEqualTo(0.5);
        double full = state().analysis().of(Balance.DISCIPLINE).state("departure").orElseThrow().mass();
        assertThat(state().analysis().of(Balance.DISCIPLINE).state(id).orElseThrow().mass()).isLessThan(full);

        click("#case-" + id + "-remove");
        assertThat(state().project().design().cases()).isEqualTo(before.design().cases());
        undoTo(before);
    }
}
