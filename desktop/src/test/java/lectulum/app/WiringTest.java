package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import lectulum.design.Project;
import lectulum.design.wiring.Circuit;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Wiring;
import lectulum.figures.Finding;
import lectulum.figures.Stage;
import lectulum.power.TrueTrip;
import lectulum.power.wiring.Run;
import lectulum.power.wiring.Wired;
import lectulum.power.wiring.WiringRules;
import lectulum.sheet.DiagramView;
import lectulum.sheet.Projection;
import lectulum.standin.MonitorServer;
import org.junit.jupiter.api.Test;

/// Wires under the hand: raceways laid and dragged, circuits sized, what the audit offers, the drawings, and a battery
/// monitor that is listened to.
class WiringTest extends WindowTest {
    private void turn(String page) {
        robot.interact(() -> window().turnTo(Stage.POWER, page));
        robot.rest();
    }

    private Wiring wiring() {
        return state().project().design().wiring();
    }

    private Wired wired() {
        return state().analysis().of(Wired.DISCIPLINE);
    }

    private Run circuit(String thing) {
        return wired().harness().feeding(thing).orElseThrow();
    }

    private Optional<Finding> finding(WiringRules rule) {
        return state().analysis().findings().stream().filter(f -> f.rule() == rule).findFirst();
    }

    @SuppressWarnings("unchecked")
    private void choose(String name) {
        TableView<Run> table = robot.lookup("#circuits").query();
        robot.interact(() -> table.getSelectionModel().select(
                table.getItems().stream().filter(r -> r.name().equals(name)).findFirst().orElseThrow()));
        robot.rest();
    }

    private Point2D end(Raceway r, boolean plan) {
        Projection p = window().sheet().projection();
        double tongue = state().design().base().tongueLength();
        double x = p.sx(tongue + r.to().x());
        return window().sheet().localToScreen(x, plan
                ? p.py(r.to().y())
                : p.sz(state().design().base().floorHeight() + r.to().z()));
    }

    @Test
    void aRacewayIsDraggedByItsEndAndWiresFollow() {
        turn("sheet");
        Project before = state().project();
        Raceway left = wiring().raceways().getFirst();
        double wire = wired().figures().value("wire.length");

        robot.moveTo(end(left, false)).press(MouseButton.PRIMARY).moveBy(0, 10).moveBy(0, 10).moveBy(0, 10)
                .release(MouseButton.PRIMARY);
        robot.rest();

        Raceway moved = wiring().raceways().getFirst();
        assertThat(moved.to().z()).as("lower").isLessThan(left.to().z() - 0.1);
        assertThat(moved.to().x()).isCloseTo(left.to().x(), within(1e-9));
        assertThat(moved.from()).isEqualTo(left.from());
        assertThat(wiring().raceways().stream().filter(r -> r.from().equals(moved.to()) || r.to().equals(moved.to()))
                .count()).as("what it is joined to comes along").isGreaterThanOrEqualTo(2);
        assertThat(wired().figures().value("wire.length")).isNotEqualTo(wire);
        undoTo(before);
    }

    @Test
    void racewaysAreLaidTypedAndTakenAway() {
        turn("power-wire");
        Project before = state().project();
        int there = wiring().raceways().size();

        click("#raceway-add");
        assertThat(wiring().raceways()).hasSize(there + 1);
        enter("#field-from-along-raceway", "1.20 m");
        assertThat(wiring().raceways().getLast().from().x()).isCloseTo(1.2, within(1e-9));
        enter("#field-inside-width-raceway", "9 m");
        assertThat(wiring().raceways().getLast().wide()).as("nonsense is refused").isCloseTo(0.04, within(1e-9));
        robot.type(KeyCode.ESCAPE);
        click("#raceway-remove");
        assertThat(wiring().raceways()).hasSize(there);
        click("#raceways-usual");
        assertThat(wiring().raceways()).hasSize(there + 4);
        undoTo(before);
    }

    @Test
    void aCircuitGetsItsOwnWireAndFuse() {
        turn("power-wire");
        Project before = state().project();
        choose("Pump");
        ComboBox<String> size = robot.lookup("#field-wire-size-circuit").query();

        robot.interact(() -> size.setValue("10 mm²"));
        robot.rest();
        assertThat(circuit("pump").wire().orElseThrow().name()).isEqualTo("10 mm²");
        assertThat(finding(WiringRules.OVERSIZED)).isPresent();
        enter("#field-circuit-fuse-circuit", "25");
        assertThat(circuit("pump").choice().orElseThrow().fuse()).isEqualTo(25);
        enter("#field-called-circuit", "Water pump");
        assertThat(wiring().circuits()).singleElement().extracting(Circuit::name).isEqualTo("Water pump");
        click("#circuit-auto");
        assertThat(wiring().circuits()).isEmpty();
        undoTo(before);
    }

    @Test
    void theSchoolOfSizingIsChosen() {
        turn("power-wire");
        Project before = state().project();
        double mass = wired().takeOff().mass();
        ComboBox<Wiring.School> school = robot.lookup("#field-volts-lost-wiring").query();

        robot.interact(() -> school.setValue(Wiring.School.ALL_SMALL));
        robot.rest();
        assertThat(wired().takeOff().mass()).isGreaterThan(mass);
        ComboBox<Wiring.Series> series = robot.lookup("#field-sizes-wiring").query();
        robot.interact(() -> series.setValue(Wiring.Series.AWG));
        robot.rest();
        assertThat(circuit("pump").wire().orElseThrow().name()).endsWith("AWG");
        undoTo(before);
    }

    @Test
    void aMissingMainFuseIsMendedByWhatTheAuditOffers() {
        turn("power-wire");
        Project before = state().project();
        click("#field-a-fuse-at-the-battery-wiring");
        assertThat(finding(WiringRules.UNFUSED)).isPresent();
        settle();

        Parent box = robot.under(window().root(), (Node n) -> "finding-wire.unfused".equals(n.getId())).query();
        Button remedy = box.lookupAll(".link").stream().map(Button.class::cast)
                .filter(b -> b.getText().startsWith("Try")).findFirst().orElseThrow();
        robot.interact(remedy::fire);
        robot.rest();
        robot.clickOn("#trial-keep");
        robot.rest();
        assertThat(finding(WiringRules.UNFUSED)).isEmpty();
        undoTo(before);
    }

    @Test
    void theOneLineDiagramShowsWhatIsWired() {
        turn("power-draw");
        DiagramView view = robot.lookup("#one-line").query();

        assertThat(view.shown().symbols()).anyMatch(s -> s.name().equals("Pump"));
        assertThat(view.getHeight()).isGreaterThan(200);
        assertThat(view.getAccessibleText()).contains("symbols");
    }

    @Test
    void whatBreaksTheYearIsWorkedOutBeside() {
        turn("power-breaks");
        until(() -> robot.lookup("#study-power-breaks").tryQuery().isPresent());

        assertThat(robot.lookup("#figure-power-spread-trips").tryQuery()).isPresent();
    }

    @Test
    void aMonitorIsListenedToAndWhatItSaysIsTaken() throws IOException {
        turn("power-measure");
        Project before = state().project();
        try (MonitorServer server = new MonitorServer(0, TrueTrip.of(state().design(), 4, 3), 3)) {
            enter("#monitor-port", String.valueOf(server.port()));
            click("#monitor-read");
            until(() -> text("#monitor-said").contains("whole days"));
        }
        double use = state().analysis().figures().value("power.day.use");
        click("#monitor-take");

        assertThat(state().analysis().figures().value("power.day.use")).isNotEqualTo(use);
        assertThat(text("#monitor-said")).contains("Taken");
        undoTo(before);
        enter("#monitor-port", "no port");
        click("#monitor-read");
        assertThat(text("#monitor-said")).contains("A port is a number");
        enter("#monitor-port", "1");
        click("#monitor-read");
        until(() -> text("#monitor-said").contains("No monitor answers"));
    }
}
