package lectulum.workbench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.files.Home;
import lectulum.files.ProjectFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SessionTest {
    @TempDir
    private Path folder;
    private Home home;
    private final Project project = Campers.demo("dunlin").orElseThrow();

    @BeforeEach
    void atHome() {
        home = new Home(folder.resolve("home"));
    }

    private List<String> journals() throws IOException {
        if (!Files.isDirectory(home.journals())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(home.journals())) {
            return files.map(p -> p.getFileName().toString()).filter(n -> n.endsWith(".journal.json")).toList();
        }
    }

    @Test
    void unsavedWorkIsKeptOnceAndForgottenWhenSaved() throws IOException {
        try (Session session = new Session(home)) {
            session.begin(project, false);
            assertThat(session.keep(project)).isFalse();

            Project changed = project.named("Changed");
            assertThat(session.dirty(changed)).isTrue();
            assertThat(session.keep(changed)).isTrue();
            assertThat(session.keep(changed)).isFalse();
            assertThat(journals()).hasSize(1);

            session.saveAs(folder.resolve("c" + ProjectFile.ENDING), changed);
            assertThat(session.dirty(changed)).isFalse();
            assertThat(journals()).isEmpty();
        }
    }

    @Test
    void aPhotographIsTakenBesideTheProjectAndFoundAgain() throws IOException {
        Path photo = Files.writeString(folder.resolve("side.png"), "a picture");
        try (Session session = new Session(home)) {
            session.begin(project, false);
            assertThat(session.attachment(session.attach(photo))).as("no file yet: where it is").contains(photo);

            session.saveAs(folder.resolve("c" + ProjectFile.ENDING), project);
            String name = session.attach(photo);
            Files.delete(photo);

            assertThat(name).isEqualTo("c.lectulum.files/side.png");
            assertThat(session.attachment(name))
                    .hasValueSatisfying(p -> assertThat(p).content().isEqualTo("a picture"));
            assertThat(session.attachment("nowhere.png")).isEmpty();
        }
    }

    @Test
    void leavingInGoodOrderLeavesNothingToRecover() throws IOException {
        Session session = new Session(home);
        session.begin(project, true);
        session.keep(project);
        session.close();

        assertThat(journals()).isEmpty();
    }

    @Test
    void theSecondWindowMayOnlySaveUnderAnotherName() throws IOException {
        Path file = folder.resolve("d" + ProjectFile.ENDING);
        ProjectFile.save(file, project, null);
        try (Session first = new Session(home); Session second = new Session(home)) {
            first.open(file);
            second.open(file);

            assertThat(first.readOnly()).isFalse();
            assertThat(second.readOnly()).isTrue();
            assertThatThrownBy(() -> second.save(project)).hasMessageContaining("Another window");
            assertThatThrownBy(() -> second.saveAs(file, project)).hasMessageContaining("Another window");
            second.saveAs(folder.resolve("e" + ProjectFile.ENDING), project);
            assertThat(second.readOnly()).isFalse();
        }
    }
}
