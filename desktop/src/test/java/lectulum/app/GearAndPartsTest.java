package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.scene.input.KeyCode;
import lectulum.design.Project;
import lectulum.design.base.Gear;
import lectulum.design.feature.Feature;
import lectulum.design.vehicle.Vehicle;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.kernel.beams.Bar;
import org.junit.jupiter.api.Test;

/// Running gear, own sections, rows of holes, seats of the vehicle and doubtful units, from an empty project by hand.
class GearAndPartsTest extends WindowTest {
    @Override
    String start() {
        return "";
    }

    private void page(Stage stage, String page) {
        robot.interact(() -> window().turnTo(stage, page));
        robot.rest();
    }

    private Gear gear() {
        return state().project().design().base().carcass().gear();
    }

    private double figure(String id) {
        return state().analysis().figures().value(id);
    }

    private Severity severity(String id) {
        return state().analysis().findings().stream().filter(f -> f.id().equals(id)).map(Finding::severity).findFirst()
                .orElse(null);
    }

    @Test
    void theAxleIsTapedAndSquaredAndAllOfItUndoes() {
        robot.clickOn("#new-cargo");
        page(Stage.BASE, "gear");
        Project before = state().project();

        click("#gear-tape");
        assertThat(figure("gear.axleTurn")).as("as drawn it is square").isZero();
        double read = gear().tapes().getFirst().left();
        enter("#field-to-the-right-end", String.valueOf(Math.round(1000 * read) + 9));

        assertThat(severity("gear.square")).isEqualTo(Severity.WARN);
        assertShown("#figure-gear-axleTurn");
        enter("#field-to-the-right-end", "-2 m");
        assertThat(gear().tapes().getFirst().right()).isCloseTo(Math.round(1000 * read) / 1000.0 + 0.009, within(1e-9));
        undoTo(before);
    }

    @Test
    void hangersGuideAndGuardAreTyped() {
        robot.clickOn("#new-cargo");
        page(Stage.BASE, "gear");

        click("#gear-springs");
        enter("#field-leaf-eye-to-eye-along-it", "26\"");
        assertThat(gear().springs().orElseThrow().leaf()).isCloseTo(26 * 0.0254, within(1e-9));
        enter("#field-holes-as-welded", "690");
        assertThat(severity("gear.shackle")).isEqualTo(Severity.STOP);
        click("#gear-bar");
        enter("#field-bar-joint-to-joint", "0.9 m");
        assertThat(Math.abs(figure("gear.shiftBump"))).isLessThan(0.01);
        click("#gear-guard");
        enter("#field-length-inside", "600");
        assertThat(severity("gear.guard.ends")).isEqualTo(Severity.STOP);
        enter("#field-guard-above-the-middle-of-the-axle", "500");
        assertThat(figure("ride.guard")).isCloseTo(0.5 - state().design().base().axle().wheelDiameter() / 2 - 0.075
                - 0.025, within(1e-9));
    }

    @Test
    void railsMayBeOfAnotherSection() {
        robot.clickOn("#new-cargo");
        page(Stage.BASE, "frame");
        click("#frame-on");
        double tube = figure("frame.stress");

        choose("#field-rails-section", Bar.CHANNEL);

        assertThat(state().project().design().base().carcass().frame().orElseThrow().rails().form())
                .isEqualTo(Bar.CHANNEL);
        assertThat(figure("frame.stress")).as("one web instead of two").isGreaterThan(tube);
    }

    @Test
    void twoAxlesOnUnequalRockersBearOffTheirMiddle() {
        robot.clickOn("#new-cargo");
        page(Stage.BASE, "sheet");
        choose("#field-axles", 2);
        double tongue = figure("balance.departure.tongue");

        enter("#field-rocker-arm-to-the-front-0-for-equal", "150");
        enter("#field-rocker-arm-to-the-rear-0-for-equal", "250");

        assertThat(state().design().base().axle().frontShare()).isCloseTo(0.625, within(1e-9));
        assertThat(figure("balance.departure.tongue")).as("they bear further forward").isLessThan(tongue);
    }

    @Test
    void aRowOfHolesIsGivenToAThing() {
        robot.clickOn("#new-cargo");
        robot.interact(() -> window().bench().select(java.util.List.of(state().design().things().getFirst().id())));
        robot.rest();
        String id = state().design().things().getFirst().id();
        robot.interact(() -> robot.lookup("#give-it").queryAs(javafx.scene.control.MenuButton.class).getItems()
                .stream().filter(i -> "a row of holes into the shell".equals(i.getText())).findFirst().orElseThrow()
                .fire());
        robot.rest();

        enter("#field-holes-in-a-row", "4");
        enter("#field-first-to-last-hole", "30 cm");

        assertThat(thing(id).feature(Feature.Screwed.class).orElseThrow())
                .satisfies(row -> assertThat(row.holes()).isEqualTo(4))
                .satisfies(row -> assertThat(row.apart()).isCloseTo(0.3, within(1e-9)));
    }

    @Test
    void seatsAndTheMeaningOfTheKerbMassAreTypedOnTheBrief() {
        robot.clickOn("#new-cargo");
        page(Stage.BRIEF, "sheet");
        Project before = state().project();
        double rear = figure("vehicle.rear");

        enter("#field-luggage", "-600");
        Vehicle.Seats seats = state().project().design().vehicle().seats().orElseThrow();
        assertThat(seats.boot()).isCloseTo(-0.6, within(1e-9));
        assertThat(seats.front()).as("the others are usual").isCloseTo(0.52 * 2.7, within(0.01));
        assertThat(figure("vehicle.rear")).isNotEqualTo(rear);
        choose("#field-it-counts", Vehicle.Kerb.RUNNING_ORDER);
        assertThat(figure("vehicle.ready")).isCloseTo(1500 - 75, within(1e-9));
        enter("#field-fuel-tank", "50 L");
        enter("#field-filled-towing", "40");
        assertThat(figure("vehicle.ready")).isCloseTo(1500 - 75 - 745 * 0.05 * 0.5, within(1e-6));
        undoTo(before);
    }

    @Test
    void poundsTypedForKilogramsAreAskedAboutAndNeverChangedUnasked() {
        robot.clickOn("#new-cargo");
        page(Stage.BRIEF, "sheet");

        enter("#field-kerb-mass", "3300");
        assertThat(state().project().design().vehicle().kerbMass()).as("taken as typed").isEqualTo(3300);
        assertThat(text("#field-kerb-mass-other")).startsWith("Pounds? 3300 lb are 1497 kg");
        click("#field-kerb-mass-other");
        assertThat(state().project().design().vehicle().kerbMass()).isCloseTo(3300 * 0.45359237, within(0.5));

        enter("#field-kerb-mass", "3300 kg");
        assertThat(robot.lookup("#field-kerb-mass-other").tryQuery()).as("its unit is typed").isEmpty();
        chord(KeyCode.Z, KeyCode.CONTROL);
        assertThat(state().project().design().vehicle().kerbMass()).isCloseTo(3300 * 0.45359237, within(0.5));
    }
}
