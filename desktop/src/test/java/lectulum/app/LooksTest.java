package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import javafx.geometry.Bounds;
import javafx.scene.Parent;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javax.xml.parsers.DocumentBuilderFactory;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Stage;
import lectulum.sheet.CutAwayView;
import lectulum.sheet.Projection;
import lectulum.sheet.SheetLook;
import lectulum.sheet.SheetPainter;
import lectulum.sheet.SheetPicture;
import lectulum.stage.Stages;
import lectulum.theme.Theme;
import lectulum.units.UnitSystem;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;

/// What things look like on the sheet, in its file, and in the cut-away.
class LooksTest extends WindowTest {
    private static final int WIDE = 840;
    private static final int HIGH = 600;

    private static Recorder drawn(State state) {
        SheetLook look = Stages.look(state.stage());
        Recorder recorder = new Recorder();
        new SheetPainter(Theme.PAPER, Stages::look).paint(recorder, WIDE, HIGH, state,
                Projection.fit(state.design(), state.mode(), WIDE, HIGH, look.side(), look.beside(), look.below()));
        return recorder;
    }

    private static void apart(Recorder drawn, String what) {
        for (int i = 0; i < drawn.texts.size(); i++) {
            for (int j = 0; j < i; j++) {
                assertThat(drawn.texts.get(i).intersects(drawn.texts.get(j)))
                        .as(what + ": " + drawn.words.get(i) + " and " + drawn.words.get(j)).isFalse();
            }
        }
    }

    @Test
    void noTwoTextsOfTheSheetMeetInAnyDemoModeStageAndSystem() {
        robot.interact(() -> {
            for (Campers.Demo demo : Campers.demos()) {
                Workbench bench = new Workbench(Campers.demo(demo.key()).orElseThrow());
                for (Mode mode : Mode.values()) {
                    bench.setMode(mode);
                    for (UnitSystem units : UnitSystem.values()) {
                        bench.setUnits(units);
                        for (Stage stage : List.of(Stage.LAYOUT, Stage.BASE, Stage.BALANCE, Stage.POWER)) {
                            bench.setStage(stage);
                            Recorder drawn = drawn(bench.state());
                            assertThat(drawn.words).hasSizeGreaterThan(5);
                            apart(drawn, demo.key() + " " + mode + " " + units + " " + stage);
                        }
                    }
                }
                bench.setStage(Stage.LAYOUT);
                bench.select(List.of(bench.state().design().things().getFirst().id()));
                apart(drawn(bench.state()), demo.key() + " with distances");
            }
        });
    }

    @Test
    void noTwoNamesOfFiveHundredThingsMeet() {
        SplittableRandom random = new SplittableRandom(11);
        Design design = Campers.demo("nightjar").orElseThrow().design();
        Thing box = design.thing("cells").orElseThrow();
        List<Thing> things = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            things.add(box.withId("t" + i).named("Thing " + i)
                    .with(new Size(random.nextDouble(0.05, 0.9), random.nextDouble(0.05, 0.6),
                            random.nextDouble(0.05, 0.8)))
                    .with(new Placement(random.nextDouble(4), random.nextDouble(-0.8, 0.8), random.nextDouble(1.4),
                            random.nextDouble(6))));
        }
        robot.interact(() -> {
            Workbench bench = new Workbench(Campers.demo("nightjar").orElseThrow());
            bench.edit("Many", d -> d.withThings(things));
            Recorder drawn = drawn(bench.state());
            // Amounts of faults are read even where nothing is free: they are not names.
            List<Integer> names = java.util.stream.IntStream.range(0, drawn.words.size())
                    .filter(i -> drawn.words.get(i).startsWith("Thing")).boxed().toList();
            assertThat(names).hasSizeGreaterThan(20);
            for (int i : names) {
                for (int j = 0; j < drawn.texts.size(); j++) {
                    assertThat(i != j && drawn.texts.get(i).intersects(drawn.texts.get(j))).isFalse();
                }
            }
        });
    }

    @Test
    void theSheetAsAFileHoldsTheSameShapes() throws Exception {
        for (String demo : List.of("nightjar", "dunlin", "chamois")) {
            Project project = Campers.demo(demo).orElseThrow();
            String[] svg = new String[1];
            Recorder[] drawn = new Recorder[1];
            robot.interact(() -> {
                Workbench bench = new Workbench(project);
                bench.setStage(Stage.LAYOUT);
                drawn[0] = drawn(bench.state());
                svg[0] = SheetPicture.svg(bench.state(), Theme.PAPER, Stages.look(Stage.LAYOUT), WIDE, HIGH);
            });

            Document file = DocumentBuilderFactory.newInstance().newDocumentBuilder()
                    .parse(new InputSource(new StringReader(svg[0])));

            int patterns = file.getElementsByTagName("pattern").getLength();
            assertThat(file.getElementsByTagName("path").getLength() - patterns).isEqualTo(drawn[0].paths);
            assertThat(file.getElementsByTagName("ellipse").getLength()).isEqualTo(drawn[0].ovals);
            assertThat(file.getElementsByTagName("text").getLength()).isEqualTo(drawn[0].words.size());
            assertThat(drawn[0].paths).isGreaterThan(300);
        }
    }

    @Test
    void aThingLooksLikeWhatItsCardSays() {
        robot.interact(() -> window().bench().select(List.of("cells")));
        robot.rest();
        ComboBox<String> looks = robot.lookup("#field-looks-like").query();
        assertThat(looks.getValue()).isEqualTo("battery");

        robot.interact(() -> looks.setValue("bicycle"));
        robot.rest();

        assertThat(state().design().thing("cells").orElseThrow().symbol()).isEqualTo("bicycle");
        robot.clickOn("#sheet").press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        robot.rest();
        assertThat(state().design().thing("cells").orElseThrow().symbol()).isEqualTo("battery");
    }

    @Test
    void theCutAwayTurnsUnderTheFloorAndPeopleComeAndGo() {
        robot.interact(() -> {
            window().bench().setMode(Mode.NIGHT);
            window().turnTo(Stage.LAYOUT, "cut-away");
        });
        robot.rest();
        CutAwayView view = robot.lookup("#cut-away").query();
        double before = view.elevation();

        robot.moveTo(view).press(MouseButton.PRIMARY).moveBy(0, -260).release(MouseButton.PRIMARY);
        robot.rest();
        assertThat(view.elevation()).isLessThan(before - 1).isLessThan(0);

        CheckBox people = robot.lookup("#cut-people").query();
        int with = view.facets();
        robot.clickOn(people);
        robot.rest();
        assertThat(view.facets()).isLessThan(with - 10);
    }

    @Test
    void theToolsNeverStandOverTheCamper() {
        for (Stage stage : List.of(Stage.LAYOUT, Stage.BALANCE, Stage.BASE)) {
            robot.interact(() -> window().bench().setStage(stage));
            robot.rest();
            Bounds tools = robot.lookup("#sheet-tools").query().getBoundsInParent();
            Projection p = window().sheet().projection();
            double rear = p.sx(state().design().base().tongueLength() + 4.2);
            assertThat(tools.getMinX() > rear || tools.getMinY() > p.sz(0)).as(stage + ": " + tools).isTrue();
        }
    }

    @Test
    void sectionAndFrontStandBesideEachOther() {
        robot.clickOn("#show-section");
        robot.clickOn("#show-front");
        robot.rest();
        Bounds section = robot.lookup("#section").query().getBoundsInParent();
        Bounds front = robot.lookup("#front").query().getBoundsInParent();

        assertThat(robot.lookup("#front").query().isVisible()).isTrue();
        assertThat(front.intersects(section)).isFalse();
        command("from ahead");
        assertThat(robot.lookup("#front").query().isVisible()).isFalse();
    }

    /// A hidden view takes no time from a drag: it is drawn when it is shown, and follows from then on.
    @Test
    void whatIsHiddenIsNotPainted() {
        Canvas front = robot.lookup("#front").queryAs(Parent.class).getChildrenUnmodifiable().stream()
                .map(Canvas.class::cast).findFirst().orElseThrow();
        robot.interact(() -> window().bench().setMode(Mode.CAMP));
        robot.rest();
        assertThat(front.getWidth()).as("never painted").isZero();

        robot.clickOn("#show-front");
        robot.rest();
        assertThat(front.getWidth()).isEqualTo(250);
        robot.clickOn("#show-front");
        robot.clickOn("#show-front");
        robot.rest();
        assertThat(front.getWidth()).isEqualTo(250);
    }
}
