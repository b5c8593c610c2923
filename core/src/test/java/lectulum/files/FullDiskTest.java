package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.demo.Campers;
import lectulum.design.Project;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A disk on which no more fits: another program of ours is allowed files of 40 KB, where a project has more than 100.
class FullDiskTest {
    @TempDir
    Path folder;
    private Path file;
    private byte[] before;

    @BeforeEach
    void somethingIsSavedAlready() throws IOException {
        file = folder.resolve("camper.lectulum.json");
        ProjectFile.save(file, Campers.demo("dunlin").orElseThrow(), null);
        before = Files.readAllBytes(file);
        assertThat(before.length).isGreaterThan(100_000);
    }

    /// Saves, or keeps in a journal, another project of that size, and says what came of it.
    static final class Small {
        public static void main(String[] args) {
            Project p = Campers.demo("chamois").orElseThrow();
            try {
                if (args[0].equals("save")) {
                    ProjectFile.save(Path.of(args[1]), p, null);
                } else {
                    Journal journal = new Journal(Path.of(args[1]).resolveSibling("journals"));
                    journal.keep(p, null, Optional.empty(), journal.moment());
                }
                System.out.print("done");
            } catch (IOException e) {
                System.out.print("said: " + e.getMessage());
            }
        }
    }

    private String small(String what, String blocks) throws IOException, InterruptedException {
        Process p = new ProcessBuilder("sh", "-c", "ulimit -f " + blocks + "; exec \"$0\" \"$@\"",
                Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-XX:-UsePerfData",
                "-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path"), Small.class.getName(), what,
                file.toString()).redirectError(ProcessBuilder.Redirect.DISCARD).start();
        String said = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        p.waitFor();
        return said;
    }

    private Stream<String> beside() throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(Files::isRegularFile).map(p -> p.getFileName().toString()).toList().stream();
        }
    }

    @Test
    void withRoomItIsSaved() throws Exception {
        assertThat(small("save", "unlimited")).isEqualTo("done");
        assertThat(ProjectFile.open(file).project().name()).isEqualTo("Chamois");
    }

    @Test
    void withoutRoomItSaysSoAndLeavesTheFileAsItWas() throws Exception {
        assertThat(small("save", "80")).startsWith("said: ").hasSizeGreaterThan(12);

        assertThat(Files.readAllBytes(file)).isEqualTo(before);
        assertThat(ProjectFile.open(file).project().name()).isEqualTo("Dunlin");
        assertThat(beside()).as("no half a file is left").allMatch(n -> !n.endsWith(".part"));
    }

    @Test
    void aFullDiskOnceDoesNotSpoilTheNextSave() throws Exception {
        small("save", "80");
        assertThat(small("save", "unlimited")).isEqualTo("done");

        assertThat(ProjectFile.open(file).project().name()).isEqualTo("Chamois");
        assertThat(ProjectFile.open(file.resolveSibling(file.getFileName() + ".previous")).project().name())
                .isEqualTo("Dunlin");
        assertThat(beside()).containsExactlyInAnyOrder("camper.lectulum.json", "camper.lectulum.json.previous");
    }

    @Test
    void unsavedWorkThatCannotBeKeptSaysSoAndLeavesNothingToRecover() throws Exception {
        assertThat(small("keep", "80")).startsWith("said: ");

        assertThat(Journal.leftBehind(folder.resolve("journals"))).isEmpty();
        Journal.clean(folder.resolve("journals"));
        assertThat(beside()).noneMatch(n -> n.endsWith(".part") || n.endsWith(".origin"));
    }
}
