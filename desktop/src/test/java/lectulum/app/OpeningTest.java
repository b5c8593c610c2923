package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// When the program is the window, and when it is a command.
class OpeningTest {
    @TempDir
    private Path folder;

    @Test
    void nothingSaidIsTheStartPage() {
        assertThat(Opening.asked()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"demo:nightjar", "demo:dunlin", "demo:nobody"})
    void aDemonstrationIsAWindow(String name) {
        assertThat(Opening.asked(name)).isTrue();
    }

    @Test
    void aFileThatIsThereIsAWindow() throws IOException {
        Path file = Files.writeString(folder.resolve("shed.lectulum.json"), "{}");

        assertThat(Opening.asked(file.toString())).isTrue();
        assertThat(Opening.asked(file.toString(), "--verbose")).isFalse();
        assertThat(Opening.asked(folder.resolve("no.lectulum.json").toString())).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"check", "export", "render", "figures", "--help", "--version", "schema", "standin"})
    void commandsAndOptionsAreNot(String word) {
        assertThat(Opening.asked(word)).isFalse();
    }
}
