package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Pane;
import lectulum.assumed.EscapeRule;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.design.feature.Feature;
import lectulum.figures.Stage;
import lectulum.layout.Fault;
import lectulum.layout.Layout;
import lectulum.layout.change.ChangeOvers;
import lectulum.sheet.CutAwayView;
import lectulum.sheet.SectionView;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

/// Living in the camper: every picture of the Layout stage under the hand.
class LayoutTest extends WindowTest {
    private void turn(String leaf) {
        robot.clickOn("#stage-layout");
        click("#leaf-" + leaf);
    }

    private void drag(Point2D from, double dx, double dy) {
        robot.moveTo(from).press(MouseButton.PRIMARY).moveBy(dx / 2, dy / 2).moveBy(dx / 2, dy / 2)
                .release(MouseButton.PRIMARY);
        robot.rest();
    }

    @Test
    void everyPictureOpensInBothUnitSystems() {
        var before = state().project().design().things();
        for (String units : new String[]{"#units-us", "#units-metric"}) {
            robot.clickOn(units);
            for (String leaf : new String[]{"cut-away", "change", "storage", "mechanisms", "loading", "outside",
                    "score",
                    "sheet"}) {
                turn(leaf);
                settle();
                assertThat(robot.lookup("#leaf-" + leaf).queryAs(javafx.scene.control.ToggleButton.class).isSelected())
                        .as(leaf).isTrue();
            }
        }
        assertThat(state().project().design().things()).as("looking moves nothing").isEqualTo(before);
    }

    @Test
    void aCollisionIsShownWhileTheThingIsStillHeld() {
        String id = "cells";
        Point2D from = inPlan(id);
        Point2D to = inPlan("galley");
        robot.moveTo(from).press(MouseButton.PRIMARY).moveBy(20, 0).moveTo(to);
        robot.rest();

        assertThat(state().analysis().of(Layout.DISCIPLINE).faults().get(Mode.ROAD))
                .anyMatch(f -> f instanceof Fault.Overlap o && (o.thing().equals(id) || o.other().equals(id)));
        robot.type(KeyCode.ESCAPE).release(MouseButton.PRIMARY);
        robot.rest();
        assertThat(state().analysis().of(Layout.DISCIPLINE).faults().get(Mode.ROAD))
                .noneMatch(f -> f instanceof Fault.Overlap o && (o.thing().equals(id) || o.other().equals(id)));
    }

    @Test
    void aThingMovedInNightStaysWhereItIsOnTheRoad() {
        double road = thing("cells").place().x();
        robot.clickOn("#mode-night");
        robot.rest();
        robot.clickOn(inPlan("cells"));
        enter("#field-behind-the-ball", "3000");

        assertThat(thing("cells").at(Mode.NIGHT).x()).isCloseTo(3.0 - 1.25, within(1e-9));
        assertThat(thing("cells").at(Mode.ROAD).x()).isEqualTo(road);
    }

    @Test
    void placesAreFoundTriedAndDropped() {
        Project before = state().project();
        robot.clickOn(inPlan("cells"));
        click("#find-place");
        until(() -> robot.lookup("#place-0").tryQuery().isPresent());

        click("#place-0");
        assertThat(state().project()).isEqualTo(before);
        assertThat(state().design().thing("cells").orElseThrow().place()).isNotEqualTo(thing("cells").place());
        robot.clickOn("#trial-keep");
        robot.rest();
        assertThat(thing("cells").place()).isNotEqualTo(before.design().thing("cells").orElseThrow().place());
        robot.clickOn("#undo");
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void theHatchAnswersAndTheStorageSearchFindsAThing() {
        turn("storage");
        robot.clickOn("#storage-search").write("telescope");
        robot.rest();
        Pane answers = robot.lookup("#storage-answers").query();

        assertThat(answers.getChildren()).isNotEmpty()
                .anySatisfy(n -> assertThat(((javafx.scene.control.Labeled) n).getText()).contains("Telescope"));

        robot.interact(() -> robot.lookup("#storage-search").queryAs(TextField.class).setText("zeppelin"));
        assertThat(((Label) answers.getChildren().getFirst()).getText()).isEqualTo("Nothing of that name is aboard.");
    }

    @Test
    void theChangeOverTakesMinutesTypedAndAnotherOrder() {
        turn("change");
        Project before = state().project();
        var steps = state().analysis().of(ChangeOvers.DISCIPLINE).setups().getFirst().order().steps();
        assertThat(steps).hasSizeGreaterThan(1);
        String first = steps.getFirst().id();

        enter("#minutes-" + first, "7");
        assertThat(thing(first).feature(Feature.Timed.class).orElseThrow().minutes()).as("a bare number is minutes")
                .isCloseTo(7, within(1e-9));

        click("#later-" + first);
        assertThat(state().history().undoName()).hasValueSatisfying(n -> assertThat(n).startsWith("Order of"));
        robot.clickOn("#undo");
        robot.clickOn("#undo");
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void theCutAwayTurnsToACornerPicksAThingAndIsCutOff() {
        turn("cut-away");
        CutAwayView view = robot.lookup("#cut-away").query();
        click("#corner-front-left");
        assertThat(Math.toDegrees(view.azimuth())).isCloseTo(-120, within(1e-9));

        robot.interact(() -> robot.lookup("#cut-height").queryAs(Slider.class).setValue(0.4));
        robot.rest();
        for (double dy = -60; dy <= 100 && state().selection().isEmpty(); dy += 20) {
            robot.clickOn(view.localToScreen(view.getWidth() / 2, view.getHeight() / 2 + dy));
        }
        assertThat(state().selection()).hasSize(1);
    }

    @Test
    void inTheSectionAThingIsDraggedAcrossAndUp() {
        robot.clickOn(inPlan("cells"));
        robot.type(KeyCode.X);
        robot.rest();
        SectionView section = robot.lookup("#section").query();
        assertThat(section.isVisible()).isTrue();
        var place = thing("cells").place();
        double[] at = section.pixel(place.y(), place.z() + thing("cells").size().height() / 2);

        drag(section.localToScreen(at[0], at[1]), 24, -20);

        assertThat(thing("cells").place().y()).isGreaterThan(place.y());
        assertThat(thing("cells").place().z()).isGreaterThan(place.z());
        assertThat(thing("cells").place().x()).isEqualTo(place.x());
    }

    @Test
    void aThingIsGivenAFeatureWhoseFieldsAppear() {
        robot.clickOn(inPlan("cells"));
        assertThat(thing("cells").features()).noneMatch(Feature.Store.class::isInstance);
        robot.interact(() -> robot.lookup("#give-it").queryAs(javafx.scene.control.MenuButton.class).getItems().stream()
                .filter(i -> "room for gear".equals(i.getText())).findFirst()
                .orElseThrow().fire());
        robot.rest();

        assertThat(thing("cells").features()).anyMatch(Feature.Store.class::isInstance);
        assertShown("#without-store");
        click("#without-store");
        assertThat(thing("cells").features()).noneMatch(Feature.Store.class::isInstance);
    }

    @Test
    void aWayOutIsJudgedByTheRuleThatIsChosen() {
        turn("score");
        ComboBox<EscapeRule> rules = robot.lookup("#field-ways-out-by").queryComboBox();
        EscapeRule strict = rules.getItems().getLast();
        robot.interact(() -> rules.setValue(strict));
        robot.rest();
        assertThat(EscapeRule.of(state().project().design())).isEqualTo(strict);
        assertThat(text("#field-way-out-shorter-clear-side")).isEqualTo("508 mm");

        enter("#field-way-out-shorter-clear-side", "20\"");
        enter("#field-way-out-shorter-clear-side", "480");
        assertThat(EscapeRule.of(state().project().design()).label()).isEqualTo("own values");
        assertThat(robot.lookup("#field-ways-out-by").<EscapeRule>queryComboBox().getValue().label())
                .isEqualTo("own values");
    }

    @Test
    void templatesAreWrittenInEveryFormat() throws Exception {
        robot.interact(() -> window().turnTo(Stage.BASE, "profile"));
        robot.rest();
        click("#print-template");
        assertThat(text("#template-pages")).contains("of a grid of");
        for (String ending : new String[]{"pdf", "svg", "dxf", "csv"}) {
            Path file = folder.resolve("side." + ending);
            answer = Optional.of(file);
            click("#template-" + ending);
            assertThat(Files.size(file)).as(ending).isGreaterThan(200);
        }
        try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(folder.resolve("side.pdf")))) {
            assertThat(text("#template-pages")).startsWith(pdf.getNumberOfPages() + " page");
        }
        enter("#template-across", "101");
        assertThat(text("#template-pages")).contains("off by more than");
    }
}
