package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.input.MouseButton;
import javax.imageio.ImageIO;
import lectulum.design.Project;
import lectulum.design.base.Carcass;
import lectulum.design.base.Survey;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.files.ProjectFile;
import lectulum.layout.Layout;
import lectulum.sheet.ProfileEditor;
import lectulum.sheet.SketchView;
import org.junit.jupiter.api.Test;

/// What was measured on the real thing, typed and traced: tapes, posts, stations, frames, studs, rails, a photograph.
class MeasuredBodyTest extends WindowTest {
    @Override
    String start() {
        return "";
    }

    private void leaf(String name) {
        robot.interact(() -> window().turnTo(Stage.BASE, name));
        robot.rest();
    }

    private void box(String leaf) {
        robot.clickOn("#new-cargo");
        leaf(leaf);
    }

    private Survey survey() {
        return state().project().design().base().survey();
    }

    private Carcass carcass() {
        return state().project().design().base().carcass();
    }

    private double figure(String id) {
        return state().analysis().figures().value(id);
    }

    private Optional<Finding> finding(String id) {
        return state().analysis().findings().stream().filter(f -> f.id().startsWith(id)).findFirst();
    }

    @Test
    void sixTapesTellHowFarTheBoxIsOutOfSquareAndTheDrawingEnlargesIt() {
        box("survey");
        click("#survey-tapes");
        assertThat(figure("base.survey.skew")).as("as drawn it is square").isCloseTo(0, within(1e-9));
        double diagonal = survey().tapes().orElseThrow().diagonalA();

        enter("#field-front-left-to-rear-right", String.valueOf(Math.round(diagonal * 1000) + 11));
        enter("#field-front-right-to-rear-left", String.valueOf(Math.round(diagonal * 1000) - 11));

        assertThat(Math.abs(Math.toDegrees(figure("base.survey.skew")))).isGreaterThan(0.3);
        assertShown("#figure-base-survey-skew");
        SketchView plan = robot.lookup("#survey-plan").query();
        double[][] before = outline(plan);
        robot.interact(() -> robot.lookup("#survey-enlarge").queryAs(Slider.class).setValue(20));
        assertThat(spread(outline(plan))).as("twenty times as far out of square").isGreaterThan(10 * spread(before));
    }

    private static double[][] outline(SketchView plan) {
        return plan.sketch().marks().stream().filter(m -> m.closed() && m.points().length == 4)
                .filter(m -> Math.abs(m.points()[0][0] - m.points()[1][0]) > 1e-9
                        || Math.abs(m.points()[1][1] - m.points()[2][1]) > 1e-9)
                .reduce((a, b) -> b).orElseThrow().points();
    }

    /// How much longer one diagonal is than the other.
    private static double spread(double[][] p) {
        return Math.abs(Math.hypot(p[0][0] - p[2][0], p[0][1] - p[2][1])
                - Math.hypot(p[1][0] - p[3][0], p[1][1] - p[3][1]));
    }

    @Test
    void tapesThatCannotBeABodyAreAStopAndUndoTakesThemBack() {
        box("survey");
        Project before = state().project();
        click("#survey-tapes");
        enter("#field-front-left-to-rear-right", "300");
        assertThat(text("#field-front-left-to-rear-right")).isEqualTo("300 mm");

        assertThat(finding("survey.")).hasValueSatisfying(f -> assertThat(f.severity()).isEqualTo(Severity.STOP));
        for (String nonsense : new String[]{"-3 m", "40 m", "wide"}) {
            enter("#field-rear-width-if-read", nonsense);
            assertThat(survey().tapes().orElseThrow().rear()).as(nonsense).as("not read").isEmpty();
        }
        robot.clickOn("#undo").clickOn("#undo");
        assertThat(state().project()).isEqualTo(before);

        click("#survey-tapes");
        assertThat(finding("survey.unchecked")).hasValueSatisfying(f -> assertThat(f.severity())
                .isEqualTo(Severity.NOTE));
        enter("#field-rear-width-if-read", "1.71 m");
        assertThat(finding("survey.unchecked")).isEmpty();
        assertThat(finding("survey.residual")).as("30 mm off").isPresent();
    }

    @Test
    void aLeaningPostNarrowsTheFrameAndSaysWhereSpacersGo() {
        box("survey");
        robot.clickOn("#units-us");
        click("#survey-lean");
        click("#survey-frame");
        enter("#field-rear-left-right", "7/8\"");
        enter("#field-rear-right-right", "7/8");

        assertThat(survey().lean().orElseThrow().rearLeft().right()).isCloseTo(0.875 * 0.0254, within(1e-9));
        assertThat(survey().lean().orElseThrow().rearRight().right()).isCloseTo(0.875 * 0.0254, within(1e-9));
        assertThat(state().analysis().figures().all()).anyMatch(f -> f.id().startsWith("base.survey.spacer."));
        assertThat(robot.lookup(".label").queryAllAs(javafx.scene.control.Label.class))
                .noneMatch(l -> l.getText() != null && l.getText().contains("NaN"));
        click("#survey-lean-off");
        assertThat(survey().lean()).isEmpty();
    }

    @Test
    void aNarrowStationTightensTheRoomAndAChainSaysWhatIsLeft() {
        box("survey");
        double free = state().analysis().of(Layout.DISCIPLINE).body().clearLeft(1.5, 0.1);
        click("#survey-station");
        enter("#field-station-1-width-below", "1600");
        assertThat(state().analysis().of(Layout.DISCIPLINE).body().clearLeft(survey().stations().getFirst().at(), 0.1))
                .isLessThan(free);
        click("#survey-station-off-0");
        assertThat(survey().stations()).isEmpty();

        click("#survey-chain");
        click("#survey-link");
        enter("#field-less-2-what", "kitchen");
        enter("#field-less-2-size", "980");
        enter("#field-has-to-fit", "2020");
        // 3.10 − 2·0.035 inside, less 2·6 mm of lining and 980 mm of kitchen
        assertThat(figure("base.chain.left")).isCloseTo(3.03 - 0.012 - 0.98, within(1e-9));
        click("#survey-link-off");
        assertThat(survey().chain().orElseThrow().taken()).hasSize(1);
    }

    @Test
    void studsAreTypedAsATapeReadsThemAndAWindowCutsOne() {
        robot.clickOn("#demo-nightjar");
        leaf("walls");
        robot.clickOn("#units-us");
        ComboBox<Carcass.Face> faces = robot.lookup("#wall-face").queryComboBox();
        robot.interact(() -> faces.setValue(Carcass.Face.REAR));
        robot.rest();
        click("#framing-406");
        int even = carcass().framing().get(Carcass.Face.REAR).studs().size();
        assertThat(even).isGreaterThan(3);

        enter("#field-their-middles", "-2' 3 1/2\"; 0; 27.5\"");
        assertThat(carcass().framing().get(Carcass.Face.REAR).studs()).hasSize(3).first()
                .satisfies(x -> assertThat(x).isCloseTo(-27.5 * 0.0254, within(1e-9)));
        Project good = state().project();
        enter("#field-their-middles", "12; somewhere; 40");
        assertThat(state().project()).isEqualTo(good);
        click("#framing-shift");
        assertThat(carcass().framing().get(Carcass.Face.REAR).studs().get(1)).isCloseTo(0.01, within(1e-9));
        enter("#field-member-width", "1.5\"");
        assertThat(carcass().framing().get(Carcass.Face.REAR).width()).isCloseTo(0.0381, within(1e-9));
        click("#framing-off");
        assertThat(carcass().framing()).doesNotContainKey(Carcass.Face.REAR);
    }

    @Test
    void railsAreTypedAndTheStressFollows() {
        box("frame");
        click("#frame-on");
        double stress = figure("frame.stress");
        assertThat(stress).isGreaterThan(1e6);
        assertThat(text("#figure-frame-stress")).endsWith("MPa");

        enter("#field-rails-wall", "2");
        enter("#field-tongue-wall", "2");
        assertThat(figure("frame.stress")).isGreaterThan(stress);
        robot.clickOn("#units-us");
        robot.rest();
        assertThat(text("#figure-frame-stress")).endsWith("psi");
        assertThat(text("#field-yield")).endsWith("psi");
        enter("#field-yield", "50 ksi");
        assertThat(carcass().frame().orElseThrow().yield()).isCloseTo(344.7e6, within(0.1e6));
        for (String nonsense : new String[]{"0", "thick", "-1", "5'"}) {
            enter("#field-rails-wall", nonsense);
            assertThat(carcass().frame().orElseThrow().rails().wall()).as(nonsense).isCloseTo(0.002, within(1e-9));
        }
        click("#frame-off");
        assertThat(carcass().frame()).isEmpty();
        assertThat(figure("frame.stress")).isNaN();
    }

    @Test
    void aPhotographIsLaidUnderTheSideFittedByItsPinsAndSurvivesACrash() throws IOException {
        robot.clickOn("#new-teardrop");
        Path file = folder.resolve("traced" + System.nanoTime() + ProjectFile.ENDING);
        answer = Optional.of(file);
        robot.press(javafx.scene.input.KeyCode.CONTROL).type(javafx.scene.input.KeyCode.S)
                .release(javafx.scene.input.KeyCode.CONTROL);
        Path photo = folder.resolve("side.png");
        ImageIO.write(new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB), "png", photo.toFile());
        answer = Optional.of(photo);
        leaf("profile");
        click("#photo-pick");
        Survey.Trace laid = survey().trace().orElseThrow();
        assertThat(laid.x2()).isEqualTo(state().design().base().shell().length());

        enter("#field-a-back-from-the-front", "250");
        enter("#field-b-back-from-the-front", "2750");
        assertThat(survey().trace().orElseThrow().x1()).isEqualTo(0.25);
        click("#photo-fit");
        ProfileEditor editor = robot.lookup("#profile-editor").query();
        Point2D pin = editor.localToScreen(editor.pin(0)[0], editor.pin(0)[1]);
        robot.moveTo(pin).press(MouseButton.PRIMARY).moveBy(12, 0).moveBy(12, 0).release(MouseButton.PRIMARY);
        robot.rest();
        assertThat(survey().trace().orElseThrow().u1()).as("the pin moved over the picture")
                .isGreaterThan(laid.u1());
        assertThat(survey().trace().orElseThrow().x1()).as("what it marks is measured").isEqualTo(0.25);

        answer = Optional.of(file);
        robot.press(javafx.scene.input.KeyCode.CONTROL).type(javafx.scene.input.KeyCode.S)
                .release(javafx.scene.input.KeyCode.CONTROL);
        robot.rest();
        assertThat(ProjectFile.open(file).project()).isEqualTo(state().project());
        List<Path> kept;
        try (var files = Files.walk(folder)) {
            kept = files.filter(p -> p.toString().contains(".files") && Files.isRegularFile(p)).toList();
        }
        assertThat(kept).as("the picture lies beside the project").isNotEmpty();
        click("#photo-off");
        assertThat(survey().trace()).isEmpty();
    }
}
