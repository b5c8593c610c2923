package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import javafx.event.Event;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.design.Project;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.sheet.Projection;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What the checks say beside the sheet: remedies tried, kept and dropped, findings accepted with a reason and reopened.
class FindingsTest extends WindowTest {
    @BeforeEach
    void turn() {
        robot.clickOn("#stage-balance");
        settle();
    }

    private Optional<Finding> finding(String id) {
        return state().analysis().findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    private Parent box(String id) {
        return robot.under(window().root(), (Node n) -> ("finding-" + id).equals(n.getId())).query();
    }

    private Button link(String box, String starts) {
        return box(box).lookupAll(".link").stream().map(Button.class::cast).filter(b -> b.getText().startsWith(starts))
                .findFirst().orElseThrow(() -> new AssertionError("no " + starts + " in " + box));
    }

    private void press(Button button) {
        robot.interact(button::fire);
        robot.rest();
    }

    private double share() {
        return state().analysis().of(Balance.DISCIPLINE).state("homeward").map(LoadedState::share).orElseThrow();
    }

    @Test
    void aRemedyIsTriedAsAGhostAndDropped() {
        Project before = state().project();
        double was = share();

        press(link("balance.tongue-share", "Try: Move the axle"));

        assertThat(state().trial()).isPresent();
        assertThat(share()).as("the figures are those of the trial").isGreaterThan(was);
        assertThat(state().project()).as("nothing is kept").isEqualTo(before);
        robot.clickOn("#trial-drop");
        robot.rest();
        assertThat(state().trial()).isEmpty();
        assertThat(share()).isEqualTo(was);
    }

    @Test
    void aRemedyThatIsKeptClearsWhatItWasOfferedFor() {
        Project before = state().project();

        press(link("balance.tongue-share", "Try: Move the axle"));
        robot.clickOn("#trial-keep");
        robot.rest();

        assertThat(finding("balance.tongue-share")).isEmpty();
        undoTo(before);
        assertThat(finding("balance.tongue-share")).isPresent();
    }

    @Test
    void everyChangeIsShownBesideTheTallyWhileARemedyIsTried() {
        press(link("balance.tongue-share", "Try: Move the axle"));

        assertThat(text("#tally-tongue-change")).startsWith("+");
        assertThat(text("#tally-loaded-change")).isEqualTo("0");
        robot.clickOn("#trial-drop");
        robot.rest();
        assertThat(text("#tally-tongue-change")).isEmpty();
    }

    @Test
    void aFindingIsAcceptedWithAReasonAndTakenBack() {
        Project before = state().project();
        press(link("dry.axle", "Accept with a reason"));
        robot.write("the axle was bought with reserve").type(KeyCode.ENTER);
        robot.rest();

        Finding accepted = finding("dry.axle").orElseThrow();
        assertThat(accepted.open()).isFalse();
        assertThat(box("dry.axle").lookupAll(".label").stream().map(n -> ((Labeled) n).getText()))
                .anyMatch(t -> t.contains("the axle was bought with reserve"));

        press(link("dry.axle", "Take back"));
        assertThat(finding("dry.axle").orElseThrow().open()).isTrue();
        undoTo(before);
    }

    /// A box in which a reason is being typed, or which is being read, is not taken away by what is found elsewhere.
    @Test
    void aBoxStaysWhileNothingOfItsFindingChanges() {
        Project before = state().project();
        press(link("dry.axle", "Accept with a reason"));
        robot.write("it is meant so").type(KeyCode.ENTER);
        robot.rest();
        Node box = box("dry.axle");

        robot.interact(() -> window().bench().edit("Nights", d -> d.with(d.brief().withNights(9))));
        settle();

        assertThat(finding("power.nights")).isPresent();
        assertThat(box("dry.axle")).isSameAs(box);
        undoTo(before);
        settle();
        assertThat(box("dry.axle")).isNotSameAs(box);
    }

    @Test
    void withoutAReasonNothingIsAccepted() {
        Project before = state().project();
        press(link("dry.axle", "Accept with a reason"));

        robot.write("   ").type(KeyCode.ENTER);
        robot.rest();

        assertThat(state().project()).isEqualTo(before);
        assertThat(finding("dry.axle").orElseThrow().open()).isTrue();
    }

    @Test
    void aClickOnAFindingPicksTheThingItIsAbout() {
        Finding tie = state().analysis().findings(Stage.BALANCE).stream().filter(f -> f.id().startsWith("tie."))
                .findFirst().orElseThrow();
        Region box = (Region) box(tie.id());

        robot.interact(() -> box.getOnMouseClicked().handle(null));
        robot.rest();

        assertThat(state().selection()).isEqualTo(tie.things());
    }

    @Test
    void whatIsLooseIsTiedByItsRemedy() {
        Finding tie = state().analysis().findings(Stage.BALANCE).stream().filter(f -> f.id().startsWith("tie."))
                .findFirst().orElseThrow();
        until(() -> box(tie.id()).lookupAll(".link").size() > 1);

        press(link(tie.id(), "Try: Tie"));
        robot.clickOn("#trial-keep");
        robot.rest();

        assertThat(finding(tie.id())).isEmpty();
    }

    @Test
    void theWorstOfAStageIsTheSignOnItsRail() {
        Severity worst = state().analysis().worst(Stage.BALANCE).orElseThrow();

        assertThat(worst).isEqualTo(Severity.WARN);
        robot.interact(() -> window().bench().edit("Little rating", d -> d.with(d.base().with(
                lectulum.design.vehicle.Rating.AXLE, java.util.OptionalDouble.of(500)))));
        robot.rest();
        assertThat(state().analysis().worst(Stage.BALANCE)).contains(Severity.STOP);
    }

    private static ScrollEvent wheel(Point2D scene, Point2D screen, double by) {
        return new ScrollEvent(ScrollEvent.SCROLL, scene.getX(), scene.getY(), screen.getX(), screen.getY(), false,
                false, false, false,
                false,
                false, 0, by, 0, by, ScrollEvent.HorizontalTextScrollUnits.NONE, 0,
                ScrollEvent.VerticalTextScrollUnits.NONE, 0, 0, null);
    }

    @Test
    void theSheetIsZoomedAboutTheMouseAndFittedAgain() {
        Projection fitted = window().sheet().projection();
        Point2D middle = window().sheet().localToScreen(300, 200);
        double under = (300 - fitted.sx(0)) / fitted.scale();

        robot.interact(
                () -> Event.fireEvent(window().sheet(), wheel(window().sheet().localToScene(300, 200), middle, 80)));
        robot.rest();

        Projection zoomed = window().sheet().projection();
        assertThat(zoomed.scale()).isNotEqualTo(fitted.scale());
        assertThat((300 - zoomed.sx(0)) / zoomed.scale()).as("what is under the mouse stays there")
                .isCloseTo(under, within(0.02));
        command("fit");
        assertThat(window().sheet().projection().scale()).isCloseTo(fitted.scale(), within(1e-6));
    }

    /// Nobody can change the plan so that a rating is known: the finding says who knows it.
    @Test
    void whereNothingIsOfferedItSaysWhatIsDoneInstead() {
        Finding unknown = finding("balance.unknown-ratings").orElseThrow();

        assertThat(box(unknown.id()).lookupAll(".label").stream().map(n -> ((Labeled) n).getText()))
                .contains("Nothing to try: plates, labels and the manual have them.");
        assertThat(box("balance.tongue-share").lookupAll(".label").stream().map(n -> ((Labeled) n).getText()))
                .noneMatch(t -> t.startsWith("Nothing"));
    }
}
