package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.stream.Stream;
import lectulum.demo.Campers;
import lectulum.design.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// What is said where a disk does not do what was asked: the file that was meant and why, never a name of our own or of Java's.
class DiskTest {
    private static final Project DUNLIN = Campers.demo("dunlin").orElseThrow();

    @TempDir
    Path folder;

    static Stream<Arguments> faults() {
        String part = "/plans/x.json.17-4.part";
        return Stream.of(Arguments.of(new AccessDeniedException(part), "you may not"),
                Arguments.of(new NoSuchFileException(part), "it is not there"),
                Arguments.of(new FileSystemException(part, null, "Read-only file system"), "its disk can only be read"),
                Arguments.of(new FileSystemException(part, null, "No space left on device"), "the disk is full"),
                Arguments.of(new IOException("There is not enough space on the disk"), "the disk is full"),
                Arguments.of(new IOException("Disk quota exceeded"), "your part of the disk is full"),
                Arguments.of(new IOException("Eingabe-/Ausgabefehler"), "Eingabe-/Ausgabefehler"),
                Arguments.of(new IOException(), "IOException"));
    }

    @ParameterizedTest
    @MethodSource("faults")
    void theFileThatWasMeantIsNamedAndWhy(IOException fault, String why) {
        Path file = Path.of("/plans/x.json");

        assertThat(Disk.written(file, fault)).hasMessage(file + " cannot be written: " + why).hasCause(fault);
        assertThat(Disk.read(file, fault)).hasMessage(file + " cannot be read: " + why);
    }

    @Test
    void whatIsASentenceAlreadyIsKept() {
        UnreadableFile said = new UnreadableFile("It is empty.");
        IOException once = Disk.written(folder, new IOException("No space left on device"));

        assertThat(Disk.read(folder, said)).isSameAs(said);
        assertThat(Disk.written(folder.resolve("other"), once)).isSameAs(once);
    }

    @Test
    void aFolderIsNoFileToWrite() throws IOException {
        Path there = Files.createDirectory(folder.resolve("there"));
        Files.writeString(there.resolve("inside"), "x");

        assertThatThrownBy(() -> AtomicFile.write(there, "text")).isInstanceOf(IOException.class)
                .hasMessageStartingWith(there + " cannot be written: ").hasMessageNotContaining(".part");
        assertThat(there.resolve("inside")).hasContent("x");
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).containsExactly(there);
        }
    }

    @Test
    void aFileIsNoFolderToWriteInto() throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "x");

        assertThatThrownBy(() -> ProjectFile.save(file.resolve("camper.lectulum.json"), DUNLIN, null))
                .hasMessageContaining("cannot be written: a folder on the way to it is a file");
        assertThat(file).hasContent("x");
    }

    @Test
    void aNameCanBeTooLong() {
        Path file = folder.resolve("x".repeat(300));

        assertThatThrownBy(() -> AtomicFile.write(file, "text")).hasMessage(file
                + " cannot be written: its name is too long");
    }
}
