package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// The self-contained image: it brings its own Java, tells the licences of its parts, and puts itself among the programs of a user.
@Tag("image")
class ImageTest {
    private static final Path IMAGE = Path.of(System.getProperty("lectulum.image", "none"));
    @TempDir
    private Path home;

    private int run(List<String> line) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(line).redirectErrorStream(true)
                .redirectOutput(home.resolve("out.txt").toFile());
        builder.environment().clear();
        builder.environment().put("PATH", "/usr/bin:/bin");
        builder.environment().put("HOME", home.toString());
        Process process = builder.start();
        process.getOutputStream().close();
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return process.exitValue();
    }

    /// Nothing of the machine's own Java is asked: no path to it, no variable, no display.
    @Test
    void itRunsWithoutAnyOtherJava() throws Exception {
        Path picture = home.resolve("dunlin.png");

        assertThat(run(List.of(IMAGE + "/bin/lectulum", "check", "demo:dunlin"))).as("it has stops").isEqualTo(1);
        assertThat(Files.readString(home.resolve("out.txt"))).contains("Tongue");
        assertThat(run(List.of(IMAGE + "/bin/lectulum", "render", "demo:dunlin", "--out", picture.toString())))
                .isZero();
        assertThat(Files.size(picture)).isGreaterThan(20_000);
        assertThat(IMAGE.resolve("lib/runtime/release")).exists();
        assertThat(IMAGE.resolve("lib/app/lectulum.aot")).exists();
    }

    @Test
    void theLicencesOfItsPartsAreInIt() throws IOException {
        String notice = Files.readString(IMAGE.resolve("licences/NOTICE"));
        try (Stream<Path> parts = Files.list(IMAGE.resolve("lib/app"))) {
            assertThat(parts.map(p -> p.getFileName().toString()).filter(n -> n.endsWith(".jar")
                    && !n.startsWith("lectulum-"))
                    .map(n -> n.replaceAll("-[0-9][0-9.]*(-linux|-mac.*|-win.*)?\\.jar", "")))
                    .isNotEmpty().allSatisfy(part -> assertThat(notice).contains(part));
        }
        assertThat(IMAGE.resolve("lib/runtime/legal/java.base")).isDirectory();
        assertThat(IMAGE.resolve("licences/LICENSE")).isNotEmptyFile();
    }

    @Test
    void itIsPutAmongTheProgramsOfAUserAndTakenOutAgain() throws Exception {
        Path entry = home.resolve(".local/share/applications/lectulum.desktop");
        Path mime = home.resolve(".local/share/mime/packages/lectulum.xml");

        assertThat(run(List.of("sh", IMAGE + "/register.sh"))).isZero();
        assertThat(Files.readString(entry)).contains("Exec=\"" + IMAGE.toRealPath() + "/bin/lectulum\" %f",
                "MimeType=application/vnd.lectulum.project+json");
        assertThat(Files.readString(mime)).contains("*.lectulum.json");
        assertThat(home.resolve(".local/share/icons/hicolor/scalable/apps/lectulum.svg")).isNotEmptyFile();
        assertThat(run(List.of("sh", IMAGE + "/register.sh", "--remove"))).isZero();
        assertThat(entry).doesNotExist();
        assertThat(mime).doesNotExist();
    }

    /// Classes that were made ready for one folder do not hold in another; registering makes them ready anew.
    @Test
    void anImageThatWasMovedIsMadeReadyWhereItIs() throws Exception {
        Path moved = home.resolve("programs/lectulum");
        Files.createDirectories(moved.getParent());
        assertThat(run(List.of("cp", "-a", IMAGE.toString(), moved.toString()))).isZero();
        assertThat(classesMadeReady(moved)).isFalse();

        assertThat(run(List.of("sh", moved + "/register.sh"))).isZero();

        assertThat(classesMadeReady(moved)).isTrue();
        assertThat(Files.readString(moved.resolve("lib/app/lectulum.place")).strip())
                .isEqualTo(moved.toRealPath().resolve("lib/app").toString());
    }

    /// Whether the program takes its own classes from those that were made ready.
    private boolean classesMadeReady(Path image) throws IOException, InterruptedException {
        Path loaded = home.resolve("loaded.txt");
        run(List.of("env", "_JAVA_OPTIONS=-Xlog:class+load:file=" + loaded, image + "/bin/lectulum", "check",
                "demo:dunlin"));
        try (Stream<String> lines = Files.lines(loaded)) {
            return lines.anyMatch(l -> l.contains("lectulum.app.CheckCommand ") && l.contains("shared objects file"));
        }
    }
}
