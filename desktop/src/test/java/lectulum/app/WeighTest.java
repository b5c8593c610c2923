package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import lectulum.balance.weigh.Method;
import lectulum.balance.weigh.WeighDay;
import lectulum.design.Project;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Thing;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;
import lectulum.figures.Stage;
import lectulum.files.ProjectFile;
import lectulum.kernel.maths.Normal;
import lectulum.standin.ScaleServer;
import lectulum.standin.TrueMasses;
import org.junit.jupiter.api.BeforeEach;
import javafx.scene.control.TextInputControl;
import org.junit.jupiter.api.Test;

/// A weigh day from the first reading to the accepted masses.
class WeighTest extends WindowTest {
    @BeforeEach
    void turn() {
        robot.interact(() -> window().turnTo(Stage.BALANCE, "weigh"));
        robot.rest();
    }

    private Weighing weighing() {
        return state().project().design().weighings().getLast();
    }

    private WeighDay day() {
        return WeighDay.of(state().design(), weighing());
    }

    private void method(Method method) {
        robot.interact(() -> robot.lookup("#weigh-method").<Method>queryComboBox().setValue(method));
    }

    private String catches() {
        StringBuilder text = new StringBuilder();
        robot.lookup("#weigh-catches .label").queryAllAs(Label.class)
                .forEach(l -> text.append(l.getText()).append('\n'));
        return text.toString();
    }

    @Test
    void aWholeWeighDayAgainstTheStandInFindsTheHiddenTruth() {
        Project before = state().project();
        click("#weigh-new");
        assertThat(weighing().entries()).hasSize(5);
        click("#weigh-rehearse");
        until(() -> window().settled());
        assertThat(text("#weigh-feed")).contains("hides true masses");
        click("#weigh-read-all");
        until(() -> weighing().entries().stream().allMatch(Weighing.Entry::counts) && window().settled());

        TrueMasses truth = TrueMasses.of(state().design(), weighing().aboard(), weighing().id().hashCode());
        WeighDay day = day();
        assertThat(day.result().mass()).isCloseTo(truth.mass(), within(3 * day.result().massU()));
        assertThat(day.result().tongue()).isCloseTo(truth.tongue(), within(3 * day.result().tongueU()));
        assertThat(text("#weigh-share")).startsWith("Tongue share");

        WeighDay.Change first = day.changes().getFirst();
        String id = first.thing().isEmpty() ? "base" : first.thing();
        click("#weigh-accept-" + id);
        if (!first.thing().isEmpty()) {
            Thing thing = thing(first.thing());
            assertThat(thing.mass().source()).isEqualTo(MassSource.RECONCILED);
            assertThat(thing.mass().value()).isCloseTo(first.after(), within(1e-9));
            assertThat(thing.mass().standardUncertainty()).isCloseTo(first.u(), within(1e-9));
        }
        assertThat(weighing().accepted(first.thing()).orElseThrow().before()).isEqualTo(first.before());
        robot.clickOn("#undo");
        robot.rest();
        assertThat(weighing().accepted()).isEmpty();
        click("#weigh-accept-all");
        double planned = day().planned().mass();
        assertThat(planned).as("the plan now weighs what the scale says")
                .isCloseTo(day().result().mass(), within(3 * Normal.HALF_95 * day().result().massU()));
        click("#weigh-connect");
        until(() -> window().settled());
        assertThat(text("#weigh-feed")).isEqualTo("No scale is connected.");
        undoTo(before);
    }

    @Test
    void poundsTypedAsKilogramsAreAskedAboutAndTurned() {
        method(Method.TONGUE);
        click("#weigh-new");
        double tongue = day().planned().tongue();
        enter("#weigh-0", String.valueOf(Math.round(tongue / 0.45359237)));

        assertThat(catches()).contains("Pounds typed as kilograms?");
        click("#weigh-fix-pounds");
        assertThat(weighing().entries().getFirst().value().orElseThrow()).isCloseTo(tongue, within(0.5));
        assertThat(text("#weigh-0")).endsWith("kg");
        assertThat(text("#weigh-tongue")).isEqualTo(Math.round(tongue) + " kg");
        assertThat(catches()).contains("cannot give the trailer's mass");
        robot.clickOn("#undo");
        robot.rest();
        assertThat(catches()).contains("Pounds typed as kilograms?");
    }

    @Test
    void contradictoryReadingsNameTheOneToDoubtAndItCanBeLeftOut() {
        click("#weigh-new");
        TrueMasses truth = TrueMasses.of(state().design(), weighing().aboard(), 3);
        for (int i = 0; i < weighing().entries().size(); i++) {
            double off = i == 2 ? 160 : 0;
            enter("#weigh-" + i, String.valueOf(Math.round(truth.at(weighing().entries().get(i).point()) + off)));
        }
        assertThat(catches()).contains("axle's share only");
        also(WeighPoint.TRAILER_ALONE, truth.mass());
        assertThat(catches()).contains("nothing here tells which").contains("Read whole rig as well");
        also(WeighPoint.RIG, truth.at(WeighPoint.RIG));
        assertThat(catches()).contains("trailer axle, coupled disagrees with the others");
        click("#weigh-fix-residual");
        assertThat(weighing().entries().stream().filter(e -> !e.used())).hasSize(1);
        assertThat(catches()).doesNotContain("disagrees");
    }

    /// Adds a reading from the list below the others.
    private void also(WeighPoint point, double value) {
        robot.interact(() -> robot.lookup("#weigh-more").<WeighPoint>queryComboBox().setValue(point));
        click("#weigh-add");
        enter("#weigh-" + (weighing().entries().size() - 1), String.valueOf(Math.round(value)));
        assertThat(weighing().entries().getLast().point()).isEqualTo(point);
    }

    @Test
    void nonsenseIsRefusedInPlaceAndADeadScaleIsSaidInWords() {
        click("#weigh-new");
        Project before = state().project();
        for (String nonsense : new String[]{"heavy", "99999999", "1..2", "--"}) {
            enter("#weigh-0", nonsense);
            assertThat(state().project()).as(nonsense).matches(before::equals);
        }
        robot.interact(() -> robot.lookup("#weigh-address").queryAs(TextInputControl.class).setText("localhost"));
        click("#weigh-connect");
        assertThat(text("#weigh-feed")).contains("name:port");
        robot.interact(() -> robot.lookup("#weigh-address").queryAs(TextInputControl.class).setText("localhost:1"));
        click("#weigh-connect");
        until(() -> window().settled());
        assertThat(text("#weigh-feed")).isEqualTo("No scale answers at localhost:1.");
        enter("#weigh-0", "-20");
        assertThat(catches()).contains("nothing stands on it");
    }

    @Test
    void anyScaleThatSpeaksTheLinesIsReadAndTheTicketIsKeptWithTheFile() throws Exception {
        TrueMasses truth = TrueMasses.of(state().design(), state().chosenCase(), 11);
        try (ScaleServer server = new ScaleServer(0, truth, 1, 0, 11)) {
            method(Method.WHEELS);
            click("#weigh-new");
            robot.interact(() -> robot.lookup("#weigh-address").queryAs(TextInputControl.class)
                    .setText("127.0.0.1:" + server.port()));
            click("#weigh-connect");
            until(() -> window().settled());
            for (int i = 0; i < 3; i++) {
                int n = i;
                click("#weigh-read-" + i);
                until(() -> weighing().entries().get(n).counts() && window().settled());
            }
        }
        assertThat(day().result().mass()).isCloseTo(truth.mass(), within(3.0));
        assertThat(day().side().orElseThrow()).isCloseTo(truth.side(), within(3.0));
        enter("#field-state-of-the-build", "dry, before the galley");
        Path file = folder.resolve("weighed" + System.nanoTime() + ProjectFile.ENDING);
        answer = Optional.of(file);
        robot.press(KeyCode.CONTROL).type(KeyCode.S).release(KeyCode.CONTROL);
        robot.rest();

        assertThat(ProjectFile.open(file).project()).isEqualTo(state().project());
        assertThat(ProjectFile.open(file).project().design().weighings().getLast().state())
                .isEqualTo("dry, before the galley");
        click("#weigh-new");
        ComboBox<Weighing> which = robot.lookup("#weigh-which").queryComboBox();
        assertThat(which.getItems()).hasSize(4);
        robot.interact(() -> which.setValue(which.getItems().get(2)));
        robot.rest();
        assertThat(text("#weigh-0")).endsWith("kg");
        click("#weigh-remove");
        assertThat(state().project().design().weighings()).hasSize(3);
    }

    @Test
    void aPhotographOfTheTicketIsKept() throws Exception {
        click("#weigh-new");
        Path photo = folder.resolve("ticket.png");
        javax.imageio.ImageIO.write(new java.awt.image.BufferedImage(60, 90, java.awt.image.BufferedImage.TYPE_INT_RGB),
                "png", photo.toFile());
        answer = Optional.of(photo);
        click("#weigh-photo");

        assertThat(weighing().photo()).isNotEmpty();
        until(() -> robot.lookup("#weigh-ticket").tryQueryAs(javafx.scene.image.ImageView.class)
                .filter(v -> v.getImage() != null && v.getImage().getWidth() == 60 && seen(v)).isPresent());
        robot.clickOn("#undo");
        robot.rest();
        assertThat(robot.lookup("#weigh-ticket").tryQuery()).isEmpty();
    }

    @Test
    void aLevelIsReadFromAStandInAndFromTheNetwork() throws Exception {
        robot.interact(() -> window().turnTo(Stage.BALANCE, "camp"));
        robot.rest();
        click("#level-rehearse");
        until(() -> text("#level-said").startsWith("Read."));
        assertThat(state().project().design().settings().assumed()).containsKeys("site.pitch", "site.roll");

        try (var server = new lectulum.standin.LevelServer(0, 9)) {
            robot.interact(() -> robot.lookup("#level-address").queryAs(TextInputControl.class)
                    .setText("localhost:" + server.port()));
            click("#level-read");
            until(() -> off("site.roll", server.truth()[1]) < 0.1 && off("site.pitch", server.truth()[0]) < 0.1);
            assertThat(text("#level-said")).startsWith("Read.");
        }
        for (String nonsense : new String[]{"nowhere", "a:b", ":7", "localhost:99999"}) {
            robot.interact(() -> robot.lookup("#level-address").queryAs(TextInputControl.class).setText(nonsense));
            click("#level-read");
            assertThat(text("#level-said")).as(nonsense).contains("name:port");
        }
    }

    /// Degrees by which an assumed angle is not that.
    private double off(String assumption, double degrees) {
        return Math.abs(Math.toDegrees(state().project().design().settings().assumed().get(assumption)) - degrees);
    }
}
