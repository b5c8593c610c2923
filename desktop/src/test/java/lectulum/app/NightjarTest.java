package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import lectulum.design.Project;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.files.ProjectFile;
import lectulum.units.Units;
import org.junit.jupiter.api.Test;

/// What a builder does with the first demonstration.
class NightjarTest extends WindowTest {

    @Test
    void draggingTheCellsRearwardsLightensTheTongueWhileTheMouseIsDown() {
        double before = state().analysis().figures().value("balance.departure.tongue");
        double x = thing("cells").place().x();
        Point2D from = inPlan("cells");

        robot.moveTo(from).press(MouseButton.PRIMARY).moveBy(30, 0).moveBy(60, -40);
        robot.rest();
        double during = state().analysis().figures().value("balance.departure.tongue");
        String changed = text("#tally-tongue-change");
        robot.release(MouseButton.PRIMARY);
        robot.rest();

        assertThat(during).isLessThan(before);
        assertThat(changed).startsWith("−");
        double moved = thing("cells").place().x() - x;
        assertThat(moved).isGreaterThan(0.3);
        /// 23.4 kg moved back by Δx takes 23.4·Δx/a off the tongue, a = 3.61 m.
        double after = state().analysis().figures().value("balance.departure.tongue");
        assertThat(before - after).isCloseTo(23.4 * moved / 3.61, within(1e-6));
        assertThat(state().history().undoName()).contains("Move Cells");
    }

    @Test
    void aDragIsGivenUpWithEscape() {
        var before = state().project();
        robot.moveTo(inPlan("cells")).press(MouseButton.PRIMARY).moveBy(40, 0).moveBy(40, 0);
        robot.type(KeyCode.ESCAPE);
        robot.release(MouseButton.PRIMARY);
        robot.rest();

        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void aTapeMeasureEntryPlacesAThingAndNonsenseIsRefused() {
        robot.clickOn(inPlan("cells"));
        assertThat(state().selection()).containsExactly("cells");

        enter("#field-behind-the-ball", "4' 0 1/2\"");
        assertThat(thing("cells").place().x() + 1.25).isCloseTo(48.5 * 0.0254, within(1e-9));
        assertThat(text("#field-behind-the-ball")).isEqualTo("1231.9 mm");

        enter("#field-behind-the-ball", "about here");
        assertThat(thing("cells").place().x() + 1.25).isCloseTo(48.5 * 0.0254, within(1e-9));
        assertThat(robot.lookup(".hint").queryAll()).anySatisfy(
                n -> assertThat(((javafx.scene.control.Label) n).getText()).startsWith("Not understood. Try 1220"));

        enter("#field-mass", "-5");
        assertThat(thing("cells").mass().value()).isEqualTo(23.4);
        enter("#field-mass", "51 lb 9 oz");
        assertThat(thing("cells").mass().value()).isCloseTo((51 + 9 / 16.0) * Units.POUND, within(1e-9));
    }

    @Test
    void aRemedyIsTriedKeptAndUndone() {
        Project before = state().project();
        robot.clickOn("#stage-balance");
        settle();
        Button remedy = robot.lookup(".remedy").queryAs(Button.class);
        assertThat(remedy.getText().replace('\u00a0', ' ')).isEqualTo("Try: Move the axle 30 mm back");

        click(".remedy");
        assertThat(state().project()).isEqualTo(before);
        assertThat(text("#tally-tongue-change")).startsWith("+");
        robot.clickOn("#trial-drop");
        assertThat(text("#tally-tongue-change")).isEmpty();

        settle();
        click(".remedy");
        robot.clickOn("#trial-keep");
        robot.rest();
        assertThat(state().project().design().base().axle().x()).isCloseTo(2.39, within(1e-9));
        assertThat(state().analysis().findings()).noneMatch(f -> f.id().equals("balance.tongue-share"));

        robot.clickOn("#undo");
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void aFindingIsAcceptedWithAReasonAndTakenBack() {
        robot.clickOn("#stage-money");
        robot.clickOn("#stage-layout");
        settle();
        assertThat(state().analysis().findings(Stage.LAYOUT).getFirst().id())
                .isEqualTo("layout.overlap.optics-chest+telescope");
        long stops = openStops();
        click("Accept with a reason…");
        enter("#accept-reason", "they nest");
        robot.rest();

        assertThat(state().project().design().accepted()).singleElement()
                .satisfies(a -> assertThat(a.reason()).isEqualTo("they nest"));
        assertThat(openStops()).as("one less").isEqualTo(stops - 1);
        settle();
        click("Take back");
        assertThat(state().project().design().accepted()).isEmpty();
        assertThat(openStops()).isEqualTo(stops);
    }

    private long openStops() {
        return state().analysis().findings(Stage.LAYOUT).stream()
                .filter(f -> f.severity() == Severity.STOP && state().project().design().accepted().stream()
                        .noneMatch(a -> a.finding().equals(f.id())))
                .count();
    }

    @Test
    void theKeyboardSelectsNudgesTurnsDuplicatesAndDeletes() {
        robot.clickOn(inPlan("cells"));
        double x = thing("cells").place().x();
        robot.type(KeyCode.RIGHT).press(KeyCode.SHIFT).type(KeyCode.RIGHT).release(KeyCode.SHIFT).press(KeyCode.ALT)
                .type(KeyCode.RIGHT).release(KeyCode.ALT);
        assertThat(thing("cells").place().x() - x).isCloseTo(0.01 + 0.1 + 0.001, within(1e-9));

        robot.type(KeyCode.R);
        assertThat(thing("cells").place().yaw()).isCloseTo(Math.PI / 2, within(1e-9));
        robot.press(KeyCode.CONTROL).type(KeyCode.D).release(KeyCode.CONTROL);
        assertThat(state().selection()).containsExactly("cells-2");
        robot.type(KeyCode.DELETE);
        assertThat(state().project().design().thing("cells-2")).isEmpty();
        robot.clickOn(inPlan("cells")).type(KeyCode.TAB);
        assertThat(state().selection()).hasSize(1).doesNotContain("cells");
    }

    @Test
    void undoingAllOfManyEditsBringsBackTheBeginning() {
        Project before = state().project();
        robot.clickOn(inPlan("cells"));
        robot.type(KeyCode.RIGHT).type(KeyCode.DOWN).type(KeyCode.R);
        robot.press(KeyCode.CONTROL).type(KeyCode.D).release(KeyCode.CONTROL);
        robot.clickOn("#stage-balance");
        enter("#case-departure-fresh", "40");
        robot.clickOn("#stage-brief");
        enter("#field-nights-per-trip", "6");
        assertThat(state().project()).isNotEqualTo(before);

        while (state().history().undoName().isPresent()) {
            robot.clickOn("#undo");
        }

        assertThat(state().project()).isEqualTo(before);
        assertThat(state().history().redoName()).isPresent();
    }

    @Test
    void bothUnitSystemsShowTheSameCamper() {
        assertThat(text("#tally-loaded")).isEqualTo("1 121");
        robot.clickOn("#units-us");
        robot.rest();
        /// 1121.05 kg / 0.45359237 = 2471 lb
        assertThat(text("#tally-loaded")).isEqualTo("2 471");
        robot.clickOn(inPlan("cells"));
        assertThat(text("#field-length")).isEqualTo("1' 8 1/2\"");
        enter("#field-length", "20 1/4");
        assertThat(thing("cells").size().length()).isCloseTo(20.25 * 0.0254, within(1e-9));
        robot.clickOn("#units-metric");
        assertThat(text("#field-length")).isEqualTo("514.4 mm");
    }

    @Test
    void aClickOnTheTallyOpensItsWorking() {
        robot.clickOn("#tally-tongue");
        robot.rest();

        assertThat(robot.lookup(".formula").queryAs(javafx.scene.control.Labeled.class).getText())
                .isEqualTo("T = M·(a − c)/a");
        robot.type(KeyCode.ESCAPE);
        robot.rest();
        assertThat(robot.lookup("#working").tryQuery()).isEmpty();
    }

    @Test
    void theLoadCaseChangesTheTallyAndItsFillsCanBeEdited() {
        robot.interact(() -> {
            ComboBox<lectulum.design.LoadCase> box = robot.lookup("#load-case").queryComboBox();
            box.setValue(box.getItems().stream().filter(c -> c.id().equals("homeward")).findFirst().orElseThrow());
        });
        assertThat(state().chosenCase().id()).isEqualTo("homeward");
        assertThat(text("#tally-loaded")).isEqualTo("1 100");
        robot.clickOn("#stage-balance");
        enter("#case-homeward-waste", "0");
        /// Without 40 L of grey water and the 18 L of the toilet.
        assertThat(text("#tally-loaded")).isEqualTo("1 042");
    }

    @Test
    void thingsAreAddedFromTheTrayWithTheKeyboard() {
        int before = state().design().things().size();
        robot.clickOn("#add-things");
        robot.clickOn("#tray-search").write("tool box").type(KeyCode.ENTER);
        robot.rest();

        assertThat(state().design().things()).hasSize(before + 1);
        assertThat(state().selection()).containsExactly("tool-box-2");
        robot.clickOn("#tray-search").type(KeyCode.A);
        assertThat(state().design().things()).hasSize(before + 1);
    }

    @Test
    void thingsAreDraggedFromTheTrayOntoTheSheet() {
        robot.clickOn("#add-things");
        robot.clickOn("#tray-search").write("wardrobe");
        robot.rest();
        var sheet = window().sheet();
        Point2D to = sheet.localToScreen(sheet.projection().sx(2.2), sheet.projection().py(0.1));

        robot.moveTo("Wardrobe").press(MouseButton.PRIMARY).moveBy(12, 4).moveTo(to).release(MouseButton.PRIMARY);
        robot.rest();

        assertThat(state().selection()).containsExactly("wardrobe");
        assertThat(thing("wardrobe").place().x() + 1.25).isCloseTo(2.2, within(0.02));
        assertThat(thing("wardrobe").place().y()).isCloseTo(0.1, within(0.02));
    }

    @Test
    void savingWritesAFileThatOpensAgainEqual() throws IOException {
        Path file = folder.resolve("nightjar" + System.nanoTime() + ProjectFile.ENDING);
        answer = Optional.of(file);
        robot.clickOn(inPlan("cells")).type(KeyCode.RIGHT);
        robot.press(KeyCode.CONTROL).type(KeyCode.S).release(KeyCode.CONTROL);
        robot.rest();
        Project saved = state().project();

        assertThat(ProjectFile.open(file).project()).isEqualTo(saved);
        assertThat(window().title()).doesNotStartWith("•").contains(file.getFileName().toString());
        robot.press(KeyCode.CONTROL).type(KeyCode.O).release(KeyCode.CONTROL);
        robot.rest();
        assertThat(state().project()).isEqualTo(saved);
        assertThat(state().history().undoName()).isEmpty();
        assertThat(home.recent()).containsExactly(file);
    }

    @Test
    void exportsAreWrittenWhereTheUserSays() throws IOException {
        for (String command : List.of("Export things as CSV…", "Export figures as CSV…", "Export sheet as PNG…")) {
            Path file = folder.resolve("export" + System.nanoTime());
            answer = Optional.of(file);
            robot.type(KeyCode.F2);
            robot.rest();
            robot.clickOn("#palette-search").write(command.replace("…", "")).type(KeyCode.ENTER);
            robot.rest();
            assertThat(Files.size(file)).as(command).isGreaterThan(1000);
        }
    }

    @Test
    void aVariantIsCopiedChangedAndCompared() {
        robot.press(KeyCode.CONTROL, KeyCode.SHIFT).type(KeyCode.D).release(KeyCode.SHIFT, KeyCode.CONTROL);
        robot.rest();
        robot.clickOn("#ask").press(KeyCode.CONTROL).type(KeyCode.A).release(KeyCode.CONTROL).write("cells aft")
                .type(KeyCode.ENTER);
        robot.rest();
        assertThat(state().project().variant().name()).isEqualTo("cells aft");

        robot.clickOn(inPlan("cells")).type(KeyCode.DELETE);
        robot.press(KeyCode.CONTROL, KeyCode.SHIFT).type(KeyCode.C).release(KeyCode.SHIFT, KeyCode.CONTROL);
        robot.rest();

        assertShown("#comparison");
        assertThat(state().project().variants().getFirst().design().thing("cells")).isPresent();
        assertThat(state().project().design().thing("cells")).isEmpty();
    }

    @Test
    void pinningMeasuresFromHere() {
        robot.clickOn(inPlan("cells")).type(KeyCode.DELETE);
        assertThat(text("#tally-loaded-change")).isEqualTo("−23");
        robot.clickOn("#pin");
        robot.rest();
        assertThat(text("#tally-loaded-change")).isEmpty();
    }

    @Test
    void everyStageOpensAndModesShowTheirPlaces() {
        for (Stage stage : Stage.values()) {
            robot.clickOn("#stage-" + stage.name().toLowerCase(java.util.Locale.ROOT));
            assertThat(state().stage()).isEqualTo(stage);
        }
        robot.clickOn("#stage-layout").clickOn("#mode-night");
        Point2D night = inPlan("telescope");
        robot.clickOn("#mode-road");
        robot.rest();
        assertThat(inPlan("telescope").getX()).isGreaterThan(night.getX());
    }

    @Test
    void aRubberBandSelectsAndAGroupMovesTogether() {
        var sheet = window().sheet();
        var p = sheet.projection();
        Point2D from = sheet.localToScreen(p.sx(1.35), p.py(1.02));
        Point2D to = sheet.localToScreen(p.sx(5.35), p.py(-1.0));
        robot.moveTo(from).press(MouseButton.PRIMARY).moveTo(to).release(MouseButton.PRIMARY);
        robot.rest();

        assertThat(state().selection()).contains("telescope", "optics-chest", "cells")
                .doesNotContain("tongue-box", "floor-board");
        int count = state().selection().size();
        double gap = thing("telescope").place().x() - thing("optics-chest").place().x();
        robot.type(KeyCode.LEFT);

        assertThat(thing("telescope").place().x() - thing("optics-chest").place().x()).isCloseTo(gap, within(1e-12));
        assertThat(state().history().undoName()).contains("Move " + count + " things");
    }
}
