package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.stage.WindowEvent;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.files.Journal;
import lectulum.files.ProjectFile;
import org.junit.jupiter.api.Test;

/// Nothing that a user did is lost by going elsewhere.
class LeavingTest extends WindowTest {

    @Override
    String start() {
        return "demo:dunlin";
    }

    private Project rename(String name) {
        robot.interact(() -> window().bench().renameProject(name));
        return state().project();
    }

    private List<Journal.Left> left() {
        return Journal.leftBehind(home.journals());
    }

    private void startPage() {
        chord(KeyCode.N, KeyCode.CONTROL, KeyCode.SHIFT);
    }

    /// Asks the window to close as the system does.
    private void close() {
        robot.interact(() -> stage().fireEvent(new WindowEvent(stage(), WindowEvent.WINDOW_CLOSE_REQUEST)));
        robot.rest();
    }

    private Path file(String name) {
        return folder.resolve(name + System.nanoTime() + ProjectFile.ENDING);
    }

    @Test
    void whatWasOnlyLookedAtIsLeftWithoutAQuestion() {
        startPage();

        assertThat(desk.window()).isEmpty();
        assertThat(left()).isEmpty();
    }

    @Test
    void unsavedWorkIsKeptAndOfferedOnTheStartPage() {
        Project work = rename("Kept");
        startPage();
        assertShown("#leave");
        robot.clickOn("#leave-keep");
        robot.rest();

        assertThat(desk.window()).isEmpty();
        robot.clickOn("#recover");
        robot.rest();
        assertThat(state().project()).isEqualTo(work);
        assertThat(window().title()).startsWith("•");
    }

    @Test
    void discardedWorkCanBeBroughtBack() {
        Project work = rename("Discarded");
        startPage();
        robot.clickOn("#leave-discard");
        robot.rest();

        robot.clickOn("#bring-back");
        robot.rest();
        assertThat(state().project()).isEqualTo(work);
    }

    @Test
    void escapeStays() {
        Project work = rename("Staying");
        startPage();
        robot.type(KeyCode.ESCAPE);
        robot.rest();

        assertThat(robot.lookup("#leave").tryQuery()).isEmpty();
        assertThat(state().project()).isEqualTo(work);
    }

    @Test
    void savingFromTheQuestionSavesAndGoesOn() throws IOException {
        Path file = file("saved");
        answer = Optional.of(file);
        Project work = rename("Saved on leaving");
        startPage();
        robot.type(KeyCode.ENTER);
        robot.rest();

        assertThat(ProjectFile.open(file).project()).isEqualTo(work);
        assertThat(desk.window()).isEmpty();
        assertThat(left()).isEmpty();
    }

    @Test
    void aFileThatCannotBeReadLeavesTheWindowAsItWas() throws IOException {
        Path bad = Files.writeString(file("bad"), "{\"format\":");
        Project work = rename("Here");
        answer = Optional.of(bad);
        chord(KeyCode.O, KeyCode.CONTROL);

        assertThat(state().project()).isEqualTo(work);
        assertThat(robot.lookup("#leave").tryQuery()).isEmpty();
        assertThat(robot.lookup(".banner .label").queryAs(javafx.scene.control.Labeled.class).getText())
                .contains("cut off");
    }

    @Test
    void closingAsksOnceAndKeepsWhenClosedAgain() {
        Project work = rename("Closing");
        close();
        assertThat(stage().isShowing()).isTrue();
        assertShown("#leave");
        close();

        assertThat(left()).singleElement().satisfies(l -> assertThat(l.read().project()).isEqualTo(work));
    }

    @Test
    void theSameFileOpenedAgainCanBeWritten() throws IOException {
        opened("again");
        chord(KeyCode.O, KeyCode.CONTROL);

        assertThat(window().title()).doesNotContain("read only");
    }

    /// A new file that the window then shows.
    private Path opened(String name) throws IOException {
        Path file = file(name);
        ProjectFile.save(file, Campers.demo("chamois").orElseThrow(), null);
        answer = Optional.of(file);
        chord(KeyCode.O, KeyCode.CONTROL);
        return file;
    }

    @Test
    void workKeptOnAFileIsOfferedWhenThatFileIsOpened() throws IOException {
        Path file = opened("offered");
        Project work = rename("Unsaved");
        chord(KeyCode.O, KeyCode.CONTROL);
        robot.clickOn("#leave-keep");
        robot.rest();
        assertThat(state().project().name()).isNotEqualTo("Unsaved");

        robot.clickOn("#banner-action");
        robot.rest();
        assertThat(state().project()).isEqualTo(work);
        chord(KeyCode.S, KeyCode.CONTROL);
        assertThat(ProjectFile.open(file).project()).isEqualTo(work);
        assertThat(left()).isEmpty();
    }

    @Test
    void aFileChangedMeanwhileIsAskedAbout() throws IOException {
        Path file = opened("meanwhile");
        Project work = rename("Mine");
        ProjectFile.save(file, Campers.demo("chamois").orElseThrow().named("Theirs"), null);
        chord(KeyCode.S, KeyCode.CONTROL);
        assertThat(ProjectFile.open(file).project().name()).isEqualTo("Theirs");

        robot.clickOn("#changed-meanwhile-over");
        robot.rest();
        assertThat(ProjectFile.open(file).project()).isEqualTo(work);
    }

    /// The journal is written by its own thread every three seconds.
    @Test
    void aCrashLosesAFewSeconds() {
        Project work = rename("Before the crash");
        until(() -> {
            try (var files = Files.walk(home.folder())) {
                return files.anyMatch(p -> p.toString().endsWith(".journal.json"));
            } catch (IOException | java.io.UncheckedIOException e) {
                return false;
            }
        });
        chord(KeyCode.Z, KeyCode.CONTROL);
        assertThat(state().project()).isNotEqualTo(work);
        until(() -> {
            try (var files = Files.walk(home.folder())) {
                return files.noneMatch(p -> p.toString().endsWith(".journal.json"));
            } catch (IOException | java.io.UncheckedIOException e) {
                return false;
            }
        });
    }
}
