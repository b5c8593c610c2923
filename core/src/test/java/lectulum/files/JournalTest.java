package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.demo.Campers;
import lectulum.design.Project;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// What outlives a crash, and what is offered of it.
class JournalTest {
    private static final Project WORK = Campers.demo("dunlin").orElseThrow().named("Work");

    @TempDir
    private Path home;
    private Path folder;

    @BeforeEach
    void folder() {
        folder = home.resolve("journal");
    }

    /// A journal of a window that died: kept, and nobody holds it.
    private Journal.Left dead(Project project, Optional<Journal.Origin> from) throws IOException {
        try (Journal journal = new Journal(folder)) {
            journal.keep(project, null, from, journal.moment());
        }
        return Journal.leftBehind(folder).stream().filter(l -> l.read().project().equals(project)).findFirst()
                .orElseThrow();
    }

    @Test
    void aJournalThatNobodyHoldsIsOfferedAndOneInUseIsNot() throws IOException {
        Path file = folder.resolve("camper.lectulum.json");
        dead(WORK, Optional.of(new Journal.Origin(file, "ab12")));
        try (Journal alive = new Journal(folder)) {
            alive.keep(WORK.named("Mine"), null, Optional.empty(), alive.moment());

            assertThat(Journal.leftBehind(folder)).singleElement().satisfies(l -> {
                assertThat(l.read().project()).isEqualTo(WORK);
                assertThat(l.from()).contains(new Journal.Origin(file, "ab12"));
                assertThat(l.givenUp()).isFalse();
            });
        }
    }

    /// Journals of older versions are named by the number of their process: one that runs again (this one) says nothing.
    @Test
    void aJournalOfAProcessNumberThatRunsAgainIsOffered() throws IOException {
        Files.createDirectories(folder);
        Path old = folder.resolve(ProcessHandle.current().pid() + "-1.journal.json");
        Files.writeString(old, ProjectJson.write(WORK, null));
        Files.writeString(folder.resolve(ProcessHandle.current().pid() + "-1.origin"), "/somewhere/a.lectulum.json");

        assertThat(Journal.leftBehind(folder)).singleElement().satisfies(l -> assertThat(l.from())
                .contains(new Journal.Origin(Path.of("/somewhere/a.lectulum.json"), "")));
    }

    @Test
    void damagedEntriesNeverHideTheOthers() throws IOException {
        dead(WORK, Optional.empty());
        Files.write(folder.resolve("1-1.journal.json"), new byte[]{(byte) 0xff, (byte) 0xfe, 0});
        Files.write(folder.resolve("2-1.journal.json"), new byte[0]);
        Files.createDirectory(folder.resolve("3-1.journal.json"));
        Files.writeString(folder.resolve("x.journal.json"), "{\"format\":");
        Files.writeString(folder.resolve("4-1.journal.json"), ProjectJson.write(WORK.named("Nul"), null));
        Files.write(folder.resolve("4-1.origin"), "a\0b".getBytes(StandardCharsets.UTF_8));
        Files.writeString(folder.resolve("5-1.journal.json"), ProjectJson.write(WORK.named("Latin"), null));
        Files.write(folder.resolve("5-1.origin"), new byte[]{(byte) 0xe9, (byte) 0xff});
        Files.writeString(folder.resolve("..journal.json"), "no");

        assertThat(Journal.leftBehind(folder)).extracting(l -> l.read().project().name())
                .containsExactlyInAnyOrder("Work", "Nul", "Latin");
        assertThat(folder.resolve("1-1.journal.json")).exists();
    }

    @Test
    void recoveredWorkStaysOnTheDiskUntilItIsSaved() throws IOException {
        Journal.Left left = dead(WORK, Optional.empty());
        Journal taken = left.takeOver().orElseThrow();

        assertThat(left.journal()).exists();
        assertThat(Journal.leftBehind(folder)).as("in use").isEmpty();
        assertThat(left.takeOver()).as("by a second window").isEmpty();
        taken.close();
        assertThat(Journal.leftBehind(folder)).as("after a second crash").hasSize(1);
        Journal.leftBehind(folder).getFirst().takeOver().orElseThrow().end();
        assertThat(left.journal()).doesNotExist();
    }

    @Test
    void whatIsGivenUpCanBeHadBackUntilTheNextIs() throws IOException {
        for (String name : List.of("First", "Second")) {
            Journal journal = new Journal(folder);
            journal.keep(WORK.named(name), null, Optional.empty(), journal.moment());
            journal.giveUp();
        }

        List<Journal.Left> left = Journal.leftBehind(folder);

        assertThat(left).singleElement().satisfies(l -> {
            assertThat(l.read().project().name()).isEqualTo("Second");
            assertThat(l.givenUp()).isTrue();
        });
        Journal back = left.getFirst().takeOver().orElseThrow();
        back.close();
        assertThat(Journal.leftBehind(folder)).singleElement().satisfies(l -> assertThat(l.givenUp()).isFalse());
    }

    @Test
    void aWriteThatComesAfterAClearWritesNothing() throws IOException {
        try (Journal journal = new Journal(folder)) {
            long moment = journal.moment();
            journal.clear();
            journal.keep(WORK, null, Optional.empty(), moment);
        }
        assertThat(Journal.leftBehind(folder)).isEmpty();
    }

    @Test
    void itSaysHowItStandsAgainstItsFile() throws IOException {
        Path file = home.resolve("a" + ProjectFile.ENDING);
        String stamp = ProjectFile.save(file, WORK, null).stamp();
        String thing = WORK.design().things().getFirst().id();
        Project changed = WORK.with(WORK.design().without(List.of(thing)));
        Journal.Left left = dead(changed, Optional.of(new Journal.Origin(file, stamp)));

        assertThat(left.against()).hasValueSatisfying(a -> {
            assertThat(a.newer()).isFalse();
            assertThat(a.differences()).singleElement().asString().startsWith("1 thing fewer");
        });
        ProjectFile.save(file, WORK.named("By another hand"), null);
        assertThat(left.against()).hasValueSatisfying(a -> {
            assertThat(a.newer()).isTrue();
            assertThat(a.differences()).hasSize(2);
        });
        Files.delete(file);
        assertThat(left.against()).hasValueSatisfying(a -> assertThat(a.gone()).isTrue());
    }

    @Test
    void whatKilledProgramsLeftBesideIsRemovedAndNothingElse() throws IOException {
        Journal.Left kept = dead(WORK, Optional.empty());
        Files.writeString(folder.resolve("77-1.origin"), "/a");
        Files.writeString(folder.resolve("77-1.journal.json.77-123.part"), "half");
        Files.createDirectory(folder.resolve("88-1.files"));
        Files.writeString(folder.resolve("88-1.files").resolve("a.png"), "x");
        try (Journal alive = new Journal(folder)) {
            alive.attach(Files.writeString(home.resolve("photo.png"), "picture"));

            Journal.clean(folder);

            assertThat(kept.journal()).exists();
            assertThat(alive.attachments().folder()).isNotEmptyDirectory();
            try (Stream<Path> files = Files.list(folder)) {
                assertThat(files.map(p -> p.getFileName().toString())
                        .filter(n -> n.startsWith("77-1.") || n.startsWith("88-1.")))
                        .isEmpty();
            }
        }
    }
}
