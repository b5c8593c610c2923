package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.figures.Stage;
import lectulum.files.ProjectFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// Several tow vehicles compared, typed and exchanged.
class VehiclesTest extends WindowTest {
    @BeforeEach
    void turn() {
        robot.interact(() -> window().turnTo(Stage.BALANCE, "vehicles"));
        robot.rest();
    }

    private Design design() {
        return state().project().design();
    }

    private Vehicle other() {
        return design().garage().getFirst();
    }

    private String against() {
        StringBuilder text = new StringBuilder();
        robot.lookup(".hint").queryAllAs(Label.class).stream().filter(WindowTest::seen)
                .forEach(l -> text.append(l.getText()).append('\n'));
        return text.toString();
    }

    @Test
    void theBorrowedVanMustNotTowItAndSaysWhy() {
        assertThat(text("#vehicle-verdict-0")).isEqualTo("may tow it");
        assertThat(text("#vehicle-verdict-1")).isEqualTo("must not tow it");
        assertThat(against()).contains("tongue limit");
    }

    @Test
    void aHigherTongueLimitTypedInPlaceClearsTheVerdict() {
        Project before = state().project();

        enter("#vehicle-1-tongue-limit", "150");
        enter("#vehicle-1-towing-braked", "1500 kg");
        enter("#vehicle-1-rear-face-to-the-ball", "0.70 m");

        assertThat(other().rating(Rating.TONGUE_VEHICLE)).hasValue(150);
        assertThat(other().own()).containsEntry("tow.ahead", 0.7);
        until(() -> window().caughtUp());
        assertThat(text("#vehicle-verdict-1")).isEqualTo("may tow it");
        undoTo(before);
        until(() -> window().caughtUp());
        assertThat(text("#vehicle-verdict-1")).isEqualTo("must not tow it");
    }

    @Test
    void nonsenseIsRefusedAndAnEmptiedFieldMeansNotKnown() {
        Project before = state().project();
        for (String nonsense : new String[]{"heavy", "-5", "1e9", "12//"}) {
            enter("#vehicle-1-payload", nonsense);
            assertThat(state().project()).as(nonsense).matches(before::equals);
        }
        robot.type(KeyCode.ESCAPE);

        click("#vehicle-1-payload");
        chord(KeyCode.A, KeyCode.CONTROL);
        robot.type(KeyCode.DELETE, KeyCode.ENTER);
        robot.rest();
        assertThat(other().rating(Rating.PAYLOAD)).isEmpty();
    }

    @Test
    void towingWithTheOtherChangesTheTallyAndComesBack() {
        Project before = state().project();
        String payload = text("#tally-payload");

        click("#vehicle-tow-0");

        assertThat(design().vehicle().name()).isEqualTo("Small van, borrowed");
        assertThat(design().settings().assumed()).containsEntry("tow.half", 0.92);
        assertThat(text("#tally-payload")).isNotEqualTo(payload);
        assertThat(state().analysis().findings()).anyMatch(f -> f.id().equals("balance.limit.tongueVehicle"));
        robot.clickOn("#stage-brief");
        robot.rest();
        assertThat(text("#field-vehicle")).isEqualTo("Small van, borrowed");
        undoTo(before);
    }

    @Test
    void aThirdVehicleIsAddedNamedAndTakenOut() {
        Project before = state().project();

        click("#vehicle-add");
        assertThat(design().garage()).hasSize(2);
        assertThat(design().garage().getLast().ratings()).as("what nobody read is not known").isEmpty();
        enter("#vehicle-2-name", "Neighbour's pickup");
        enter("#vehicle-2-kerb-mass", "2050");
        assertThat(design().garage().getLast().name()).isEqualTo("Neighbour's pickup");
        assertThat(design().garage().getLast().kerbMass()).isEqualTo(2050);
        click("#vehicle-out-1");
        assertThat(design().garage()).isEqualTo(before.design().garage());
        undoTo(before);
    }

    @Test
    void inchesAndMillimetresOfBallsAreNotTheSame() {
        robot.clickOn("#units-us");
        robot.rest();

        enter("#vehicle-0-ball-diameter", "2\"");

        assertThat(design().vehicle().ball().orElseThrow()).isCloseTo(0.0508, within(1e-9));
        assertThat(state().analysis().findings()).anyMatch(f -> f.id().equals("balance.ball"));
        assertThat(against()).contains("Ball and coupler are not of one size");
        enter("#vehicle-0-ball-diameter", "50 mm");
        assertThat(state().analysis().findings()).noneMatch(f -> f.id().equals("balance.ball"));
    }

    @Test
    void vehiclesAreKeptInTheFileAndSurviveAKill() throws IOException {
        enter("#vehicle-1-luggage-in-it", "42");
        Path file = folder.resolve("garage" + System.nanoTime() + ProjectFile.ENDING);
        answer = Optional.of(file);
        chord(KeyCode.S, KeyCode.CONTROL);

        Project read = ProjectFile.open(file).project();

        assertThat(read).isEqualTo(state().project());
        assertThat(read.design().garage().getFirst().luggage()).isEqualTo(42);
        assertThat(read.design().garage().getFirst().own()).containsEntry("tow.ahead", 0.11);
    }
}
