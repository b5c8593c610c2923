package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import lectulum.demo.Campers;
import lectulum.design.brief.CamperType;
import lectulum.figures.Stage;
import lectulum.files.Journal;
import lectulum.files.ProjectFile;
import lectulum.units.UnitSystem;
import org.junit.jupiter.api.Test;

/// What a newcomer does from the start page.
class StartTest extends WindowTest {

    @Override
    String start() {
        return "";
    }

    @Test
    void aNewTeardropIsDrawnAndWeighed() {
        robot.clickOn("#new-teardrop");

        assertThat(state().design().brief().type()).isEqualTo(CamperType.TEARDROP);
        assertThat(state().design().things()).isNotEmpty();
        assertThat(text("#tally-loaded")).isNotEqualTo("–");
        assertThat(window().title()).startsWith("•").contains("not saved yet");
    }

    /// A camper that is as it was pinned shows no row of noughts; once it differs, each figure says by how much.
    @Test
    void changesAreCountedFromThePin() {
        robot.clickOn("#new-teardrop");
        settle();
        assertThat(text("#tally-loaded-change")).isEmpty();

        robot.clickOn("#stage-brief");
        click("#add-person");
        settle();
        assertThat(text("#tally-water-change")).as("one more drinks").startsWith("−");
        assertThat(text("#tally-loaded-change")).isEqualTo("0");

        command("Pin");
        assertThat(text("#tally-water-change")).isEmpty();
    }

    @Test
    void theWindowBearsTheSignOfTheProgram() {
        assertThat(stage().getIcons()).singleElement().satisfies(i -> {
            assertThat(i.isError()).isFalse();
            assertThat(i.getWidth()).isEqualTo(256);
        });
    }

    @Test
    void aNewCamperIsFittedToItsBuilder() {
        robot.clickOn("#new-cargo");
        robot.clickOn("#stage-base");
        enter("#field-outer-length", "12' 6\"");
        enter("#field-ball-to-axle", "3.3 m");
        enter("#field-gross-plate", "1200");
        robot.clickOn("#stage-brief");
        enter("#field-payload", "450");

        assertThat(state().design().base().shell().length()).isCloseTo(3.81, within(1e-9));
        assertThat(state().design().base().ballToAxle()).isCloseTo(3.3, within(1e-9));
        assertThat(text("#tally-payload")).isNotEqualTo("–");
        click("#add-person");
        assertThat(state().design().brief().people()).hasSize(3);
        assertThat(state().stage()).isEqualTo(Stage.BRIEF);
    }

    @Test
    void anEmptiedCamperStillAnswers() {
        robot.clickOn("#demo-dunlin");
        robot.clickOn("#stage-layout");
        robot.press(KeyCode.CONTROL).type(KeyCode.A).release(KeyCode.CONTROL).type(KeyCode.DELETE);
        robot.rest();

        assertThat(state().design().things()).isEmpty();
        for (Stage stage : Stage.values()) {
            robot.clickOn("#stage-" + stage.name().toLowerCase(java.util.Locale.ROOT));
        }
        assertThat(text("#tally-loaded")).isEqualTo("152");
    }

    @Test
    void aBadFileIsSaidInASentenceAndStaysAsItWas() throws IOException {
        Path file = folder.resolve("bad" + ProjectFile.ENDING);
        Files.writeString(file, "{\"format\":\"lectulum\",\"formatVersion\":1,\"variants\":[");
        answer = Optional.of(file);

        robot.clickOn("#open-file");
        robot.rest();

        assertThat(text("#said")).contains("cut off");
        assertThat(desk.window()).isEmpty();
        assertThat(file).hasContent("{\"format\":\"lectulum\",\"formatVersion\":1,\"variants\":[");
    }

    private void toStartPage() {
        robot.press(KeyCode.CONTROL, KeyCode.SHIFT).type(KeyCode.N).release(KeyCode.SHIFT, KeyCode.CONTROL);
        robot.rest();
    }

    /// The figures of Dunlin: 618 kg in Departure, 6421 € in all.
    @Test
    void aTileSaysWhomItSuitsWhatItWeighsAndCosts() {
        until(() -> !text("#demo-dunlin-facts").isBlank());

        assertThat(text("#demo-dunlin-facts").replaceAll("\\h", " ")).isEqualTo("about 620 kg loaded, 6 900 €");
        assertThat(text("#new-overland-facts")).contains("kg loaded").contains("250 to 500 hours");
        assertThat(robot.lookup("#new-cargo").query().getAccessibleText()).contains("standing up").contains("hours");
    }

    @Test
    void theUnitsThatWereChosenLastAreThoseOfANewCamper() {
        robot.clickOn("#demo-dunlin");
        robot.clickOn("#units-us");
        toStartPage();

        until(() -> text("#demo-dunlin-facts").contains("lb"));
        assertThat(text("#demo-dunlin-facts").replaceAll("\\h", " ")).as("1362 lb, said in twenties")
                .isEqualTo("about 1 360 lb loaded, 6 900 €");
        robot.clickOn("#new-teardrop");

        assertThat(state().units()).isEqualTo(UnitSystem.US);
        assertThat(home.units()).contains(UnitSystem.US);
    }

    @Test
    void aFileOpenedLastShowsItselfWithMassCostAndDate() throws IOException {
        Path file = folder.resolve("kept" + System.nanoTime() + ProjectFile.ENDING);
        ProjectFile.save(file, Campers.demo("dunlin").orElseThrow().named("Kept"), null);
        answer = Optional.of(file);
        robot.clickOn("#open-file");
        robot.rest();
        toStartPage();

        until(() -> !text("#recent-1-facts").isBlank());
        assertThat(text("#recent-1-facts")).matches("about 620 kg loaded, .*€, \\d{4}-\\d\\d-\\d\\d");
        click("#recent-1");
        robot.rest();
        assertThat(state().project().name()).isEqualTo("Kept");
    }

    @Test
    void aSecondWindowOnAFileIsReadOnly() throws IOException {
        Path file = folder.resolve("shared" + System.nanoTime() + ProjectFile.ENDING);
        ProjectFile.save(file, Campers.demo("dunlin").orElseThrow(), null);
        try (var lock = lectulum.files.ProjectLock.take(home.locks(), file).orElseThrow()) {
            answer = Optional.of(file);
            robot.clickOn("#open-file");
            robot.rest();

            assertThat(lock).isNotNull();
            assertThat(window().title()).contains("read only");
        }
    }

    @Test
    void whatACrashLeftIsOfferedAndRecovered() throws IOException {
        var project = Campers.demo("chamois").orElseThrow().named("Lost and found");
        try (Journal journal = new Journal(home.journals())) {
            journal.keep(project, null, Optional.empty(), journal.moment());
        }
        robot.clickOn("#demo-dunlin");
        robot.press(KeyCode.CONTROL, KeyCode.SHIFT).type(KeyCode.N).release(KeyCode.SHIFT, KeyCode.CONTROL);
        robot.rest();

        robot.clickOn("#recover");
        robot.rest();

        assertThat(state().project()).isEqualTo(project);
        assertThat(window().title()).startsWith("•");
        assertThat(Journal.leftBehind(home.journals())).isEmpty();
    }
}
