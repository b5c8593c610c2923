package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A damaged list of recent files is worth what can be read of it.
class HomeTest {
    @TempDir
    private Path folder;

    private Path list() {
        return folder.resolve("recent.txt");
    }

    @Test
    void damagedLinesAreLeftOutAndTheRestIsRead() throws IOException {
        Path good = Files.writeString(folder.resolve("good.json"), "");
        Files.write(list(), ("a\0b\n" + good + "\n\n").getBytes(StandardCharsets.UTF_8));
        assertThat(new Home(folder).recent()).containsExactly(good);

        byte[] bad = ("\n" + good).getBytes(StandardCharsets.UTF_8);
        bad = java.util.Arrays.copyOf(bad, bad.length + 2);
        bad[bad.length - 2] = '\n';
        bad[bad.length - 1] = (byte) 0xff;
        Files.write(list(), bad);
        assertThat(new Home(folder).recent()).containsExactly(good);

        new Home(folder).remember(good);
        assertThat(list()).hasContent(good.toString());
    }

    @Test
    void aFolderInItsPlaceIsAnEmptyList() throws IOException {
        Files.createDirectory(list());
        assertThat(new Home(folder).recent()).isEmpty();
    }
}
