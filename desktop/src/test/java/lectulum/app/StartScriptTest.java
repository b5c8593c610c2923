package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Which Java the start script takes and how, told by Javas that only write down how they were called.
@Tag("packaged")
class StartScriptTest {
    @TempDir
    private Path folder;
    private Path script;

    @BeforeEach
    void aloneInAFolder() throws IOException {
        script = folder.resolve("bin/lectulum");
        Files.createDirectories(script.getParent());
        Files.copy(Path.of(System.getProperty("lectulum.script")), script);
    }

    /// A Java of a version that writes its name, what GDK is told, and its arguments.
    private Path java(String name, String version) throws IOException {
        Path home = folder.resolve(name);
        executable(home.resolve("bin/java"), "echo " + name + " gdk=${GDK_GL:-} \"$@\"");
        Files.writeString(home.resolve("release"), "JAVA_VERSION=\"" + version + "\"\n");
        return home;
    }

    private static void executable(Path file, String line) throws IOException {
        Files.createDirectories(file.getParent());
        Files.writeString(file, "#!/bin/sh\n" + line + "\n");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    private String run(Map<String, Path> homes, String... arguments) throws IOException, InterruptedException {
        Path out = folder.resolve("out.txt");
        ProcessBuilder builder = new ProcessBuilder(script.toString()).redirectErrorStream(true)
                .redirectOutput(out.toFile());
        builder.command().addAll(List.of(arguments));
        builder.environment().clear();
        builder.environment().put("PATH", folder.resolve("tools") + ":/usr/bin:/bin");
        homes.forEach((name, home) -> builder.environment().put(name, home.toString()));
        Process process = builder.start();
        assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).isZero();
        return Files.readString(out).strip();
    }

    @Test
    void anOlderJavaIsPassedOver() throws Exception {
        Map<String, Path> homes = Map.of("LECTULUM_JAVA_HOME", java("old", "21.0.4"), "JAVA_HOME",
                java("new", "25.0.1"));

        assertThat(run(homes)).startsWith("new ").contains("--module-path " + folder.toRealPath() + "/bin/lib ");
    }

    @Test
    void anImageTakesTheJavaThatItBrings() throws Exception {
        java("lib/runtime", "25");

        assertThat(run(Map.of("LECTULUM_JAVA_HOME", java("other", "26")), "a b.lectulum.json"))
                .startsWith("lib/runtime ").contains("--module-path " + folder.toRealPath() + "/lib/app ",
                        "-XX:AOTCache=" + folder.toRealPath() + "/lib/app/lectulum.aot")
                .endsWith("Main a b.lectulum.json");
    }

    @Test
    void onlyCommandsThatAreSoonOverDoWithTheFirstCompiler() throws Exception {
        Map<String, Path> homes = Map.of("LECTULUM_JAVA_HOME", java("one", "25"));

        assertThat(run(homes, "check", "demo:dunlin")).contains("TieredStopAtLevel=1");
        assertThat(run(homes, "demo:dunlin")).doesNotContain("TieredStopAtLevel");
    }

    /// Only Linux tells by a folder whether there is a card; elsewhere the toolkit looks for one itself.
    @Test
    void withoutAGraphicsCardTheProcessorPaintsAndNoDriverIsLoaded() throws Exception {
        Map<String, Path> homes = Map.of("LECTULUM_JAVA_HOME", java("one", "25"));
        executable(folder.resolve("tools/uname"), "echo Linux");
        boolean card = Stream.of("/dev/dri", "/dev/nvidia0", "/dev/dxg").map(Path::of).anyMatch(Files::exists);

        assertThat(run(homes).contains("gdk=disable")).isNotEqualTo(card);
        assertThat(run(homes).contains("-Dprism.order=sw")).isNotEqualTo(card);
        executable(folder.resolve("tools/uname"), "echo Darwin");
        assertThat(run(homes)).contains("gdk= ").doesNotContain("prism.order");
    }
}
