package lectulum.workbench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.design.base.Survey;
import lectulum.files.ChangedMeanwhile;
import lectulum.files.Home;
import lectulum.files.Journal;
import lectulum.files.ProjectFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Where a project lives, and what becomes of work that is not saved.
class SessionTest {
    @TempDir
    private Path folder;
    private Home home;
    private final Project project = Campers.demo("dunlin").orElseThrow();
    private final Project changed = project.named("Changed");

    @BeforeEach
    void atHome() {
        home = new Home(folder.resolve("home"));
    }

    private List<Journal.Left> left() {
        return Journal.leftBehind(home.journals());
    }

    private Path file(String name) {
        return folder.resolve(name + ProjectFile.ENDING);
    }

    private Path saved(String name) throws IOException {
        ProjectFile.save(file(name), project, null);
        return file(name);
    }

    /// Runs what would be written beside the interface thread.
    private static boolean keep(Session session, Project project) throws IOException {
        Optional<Session.Write> write = session.keeping(project);
        if (write.isPresent()) {
            write.get().run();
        }
        return write.isPresent();
    }

    private Session begun() throws IOException {
        Session session = new Session(home);
        session.begin(project, false);
        return session;
    }

    @Test
    void unsavedWorkIsKeptOnceAndForgottenWhenSaved() throws IOException {
        try (Session session = begun()) {
            assertThat(keep(session, project)).isFalse();

            assertThat(session.dirty(changed)).isTrue();
            assertThat(keep(session, changed)).isTrue();
            assertThat(keep(session, changed)).isFalse();
            assertThat(home.journals()).isDirectoryContaining(p -> p.toString().endsWith(".journal.json"));

            session.saveAs(file("c"), changed);
            assertThat(session.dirty(changed)).isFalse();
            assertThat(home.journals()).isDirectoryNotContaining(p -> p.toString().endsWith(".journal.json"));
        }
    }

    @Test
    void undoingBackToWhatIsSavedLeavesNoJournal() throws IOException {
        Session session = new Session(home);
        session.open(saved("a"));
        keep(session, changed);
        keep(session, project);

        assertThat(home.journals()).isDirectoryNotContaining(p -> p.toString().endsWith(".journal.json"));
        session.close();
    }

    @Test
    void aNewCamperThatWasOnlyLookedAtLeavesNothing() throws IOException {
        Session session = new Session(home);
        session.begin(project, true);
        assertThat(session.dirty(project)).isTrue();
        assertThat(keep(session, project)).isFalse();
        session.leave(project);

        assertThat(left()).isEmpty();
    }

    @Test
    void leavingKeepsWhatIsNotSaved() throws IOException {
        Session session = begun();
        session.leave(changed);

        assertThat(left()).singleElement().satisfies(l -> assertThat(l.read().project()).isEqualTo(changed));
    }

    @Test
    void whatIsGivenUpCanBeHadBack() throws IOException {
        Session session = begun();
        session.giveUp(changed);

        assertThat(left()).singleElement().satisfies(l -> assertThat(l.givenUp()).isTrue());
        Session again = new Session(home);
        assertThat(again.recover(left().getFirst())).isTrue();
        assertThat(again.dirty(changed)).isTrue();
        again.saveAs(file("back"), changed);
        again.close();
        assertThat(left()).isEmpty();
        assertThat(ProjectFile.open(file("back")).project()).isEqualTo(changed);
    }

    @Test
    void recoveredWorkIsOnTheDiskFromTheFirstMoment() throws IOException {
        Session first = begun();
        first.leave(changed);
        Journal.Left left = left().getFirst();
        Session second = new Session(home);
        second.recover(left);

        assertThat(left.journal()).exists();
        assertThat(keep(second, changed)).as("it is there already").isFalse();
        second.leave(changed);
        assertThat(left()).hasSize(1);
    }

    @Test
    void recoveredWorkIsNeverWrittenOverANewerFileUnasked() throws IOException {
        Session first = new Session(home);
        first.open(saved("a"));
        first.leave(changed);
        Project other = project.named("By another hand");
        ProjectFile.save(file("a"), other, null);
        Session second = new Session(home);
        second.recover(left().getFirst());

        assertThatThrownBy(() -> second.save(changed)).isInstanceOf(ChangedMeanwhile.class);
        assertThat(ProjectFile.open(file("a")).project()).isEqualTo(other);
        second.saveOver(changed);
        assertThat(ProjectFile.open(file("a")).project()).isEqualTo(changed);
        assertThat(ProjectFile.open(folder.resolve(file("a").getFileName() + ".previous")).project()).isEqualTo(other);
        second.close();
    }

    @Test
    void aFileChangedBySomethingElseIsNotWrittenOverUnasked() throws IOException {
        try (Session session = new Session(home)) {
            session.open(saved("a"));
            session.save(changed);
            session.save(project);
            ProjectFile.save(file("a"), project.named("Else"), null);

            assertThatThrownBy(() -> session.save(changed)).hasMessageContaining("something else has changed it");
        }
    }

    @Test
    void theSecondWindowMayOnlySaveUnderAnotherName() throws IOException {
        Path file = saved("d");
        try (Session first = new Session(home); Session second = new Session(home)) {
            first.open(file);
            second.open(file);

            assertThat(first.readOnly()).isFalse();
            assertThat(second.readOnly()).isTrue();
            assertThat(second.notes()).singleElement().asString().contains("Another window");
            assertThatThrownBy(() -> second.save(project)).hasMessageContaining("Another window");
            assertThatThrownBy(() -> second.saveAs(file, project)).hasMessageContaining("Another window");
            second.saveAs(file("e"), project);
            assertThat(second.readOnly()).isFalse();
        }
    }

    /// A folder stands where the new file should come: the write fails, and the old file is still this window's.
    @Test
    void aFailedSaveAsLeavesTheSessionWithItsFile() throws IOException {
        Path blocked = Files.createDirectories(file("blocked").resolve("full")).getParent();
        try (Session session = new Session(home); Session other = new Session(home)) {
            session.open(saved("a"));
            assertThatThrownBy(() -> session.saveAs(blocked, changed)).isInstanceOf(IOException.class);

            assertThat(session.file()).contains(file("a"));
            other.open(file("a"));
            assertThat(other.readOnly()).as("its lock is still held").isTrue();
            session.save(changed);
            assertThat(ProjectFile.open(file("a")).project()).isEqualTo(changed);
        }
    }

    @Test
    void withoutAUsersFolderProjectsStillOpenAndSave() throws IOException {
        Home none = new Home(Files.writeString(folder.resolve("a file"), "not a folder"));
        Session session = new Session(none);
        session.open(saved("a"));

        assertThat(session.readOnly()).isFalse();
        assertThat(String.join(" ", session.notes())).contains("cannot be written").contains("recent files")
                .doesNotContain("open:").doesNotContain("Another window has");
        session.save(changed);
        assertThat(ProjectFile.open(file("a")).project()).isEqualTo(changed);
        session.saveAs(file("b"), project);
        assertThat(ProjectFile.open(file("b")).project()).isEqualTo(project);
        session.close();
    }

    @Test
    void picturesAreTakenAlongWhereverItIsSaved() throws IOException {
        Path photo = Files.writeString(folder.resolve("side.png"), "a picture");
        Session session = begun();
        String name = session.attach(photo);
        Files.delete(photo);
        assertThat(session.attachment(name)).as("before there is a file").isPresent();
        var base = project.design().base();
        Project shown = project.with(project.design().with(base.with(base.survey()
                .withTrace(Optional.of(new Survey.Trace(name, 0, 0, 0, 0, 1, 1, 1, 1))))));

        session.leave(shown);
        Session again = new Session(home);
        again.recover(left().getFirst());
        assertThat(again.attachment(name)).as("after a crash").isPresent();
        again.saveAs(file("a"), shown);
        Path elsewhere = Files.createDirectories(folder.resolve("elsewhere")).resolve("b" + ProjectFile.ENDING);
        again.saveAs(elsewhere, shown);
        again.close();

        for (Path saved : List.of(file("a"), elsewhere)) {
            try (Session later = new Session(home)) {
                later.open(saved);
                assertThat(later.attachment(name)).hasValueSatisfying(p -> assertThat(p).hasContent("a picture"));
            }
        }
        assertThat(elsewhere.resolveSibling("b.lectulum.files")).isNotEmptyDirectory();
    }
}
