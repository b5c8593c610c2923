package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.design.base.Survey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Pictures beside a project.
class AttachmentsTest {
    @TempDir
    private Path folder;

    private Attachments beside(String name) {
        return Attachments.of(folder.resolve(name + ProjectFile.ENDING));
    }

    private Path picture(String in, String content) throws IOException {
        return Files.writeString(Files.createDirectories(folder.resolve(in)).resolve("side.png"), content);
    }

    private static Project showing(String picture) {
        Project p = Campers.demo("dunlin").orElseThrow();
        var base = p.design().base();
        var trace = new Survey.Trace(picture, 0, 0, 0, 0, 1, 1, 1, 1);
        return p.with(p.design().with(base.with(base.survey().withTrace(Optional.of(trace)))));
    }

    @Test
    void twoPicturesOfOneNameAreTwoFilesAndOneTakenTwiceIsOne() throws IOException {
        Attachments here = beside("a");
        String first = here.take(picture("one", "first"));
        String second = here.take(picture("two", "second"));
        String again = here.take(picture("three", "first"));

        assertThat(first).startsWith("side-").endsWith(".png").isNotEqualTo(second).isEqualTo(again);
        assertThat(here.find(first).orElseThrow()).hasContent("first");
        assertThat(here.find(second).orElseThrow()).hasContent("second");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/etc/passwd", "../secret.png", "..", ".", "", "a/../../secret.png", "sub/", "x\0y",
            "C:\\secret.png", "link.png"})
    void nothingOutsideTheFolderIsRead(String name) throws IOException {
        Attachments here = beside("a");
        Files.createDirectories(here.folder().resolve("sub"));
        Path secret = Files.writeString(folder.resolve("secret.png"), "secret");
        Files.createSymbolicLink(here.folder().resolve("link.png"), secret);

        assertThat(here.find(name)).isEmpty();
    }

    @Test
    void aNameOfAnOlderFileCountsByItsLastPart() throws IOException {
        Attachments here = beside("c");
        Files.createDirectories(here.folder());
        Files.writeString(here.folder().resolve("side.png"), "old");

        assertThat(here.find("c.lectulum.files/side.png").orElseThrow()).hasContent("old");
    }

    @Test
    void picturesTravelAndWhatStoodThereIsKept() throws IOException {
        Attachments here = beside("a");
        Attachments there = Attachments.of(folder.resolve("else").resolve("b" + ProjectFile.ENDING));
        Files.createDirectories(here.folder());
        Files.writeString(here.folder().resolve("side.png"), "mine");
        Files.writeString(here.folder().resolve("unused.png"), "not named");
        Files.createDirectories(there.folder());
        Files.writeString(there.folder().resolve("side.png"), "theirs");

        here.copyTo(there, showing("side.png"));

        assertThat(there.find("side.png").orElseThrow()).hasContent("mine");
        assertThat(there.folder().resolve("side.png.previous")).hasContent("theirs");
        assertThat(there.find("unused.png")).isEmpty();
    }

    @Test
    void filesThatAreTooLargeAreNeitherTakenNorRead() throws IOException {
        Attachments here = beside("a");
        Files.createDirectories(here.folder());
        for (Path large : new Path[]{folder.resolve("large.png"), here.folder().resolve("large.png")}) {
            try (RandomAccessFile file = new RandomAccessFile(large.toFile(), "rw")) {
                file.setLength(Attachments.MOST_BYTES + 1);
            }
        }

        assertThatThrownBy(() -> here.take(folder.resolve("large.png"))).hasMessageContaining("larger than 32 MB");
        assertThat(here.find("large.png")).isEmpty();
        assertThatThrownBy(() -> here.take(folder)).hasMessageContaining("is not a file");
    }
}
