package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The picture command in a process of its own, as a builder runs it, with no display.
class RenderTest {
    @TempDir
    private Path folder;

    private int run(Path log, String... args) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-cp",
                System.getProperty("java.class.path") + File.pathSeparator + System.getProperty("jdk.module.path", ""),
                "-Dglass.platform=Headless", "-Dprism.order=sw", "lectulum.app.Main"));
        command.addAll(List.of(args));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile()).start();
        assertThat(process.waitFor(90, TimeUnit.SECONDS)).as(Files.readString(log)).isTrue();
        return process.exitValue();
    }

    private static Set<Integer> colours(BufferedImage image) {
        Set<Integer> colours = new HashSet<>();
        for (int x = 0; x < image.getWidth(); x += 3) {
            for (int y = 0; y < image.getHeight(); y += 3) {
                colours.add(image.getRGB(x, y));
            }
        }
        return colours;
    }

    @ParameterizedTest
    @CsvSource({"demo:nightjar, BALANCE, vehicles, metric", "demo:dunlin, BALANCE, Sheet, us",
            "demo:nightjar, MONEY, how sure, metric"})
    void aPageIsDrawnInTheSizeThatWasAsked(String file, String stage, String page, String units) throws Exception {
        Path png = folder.resolve("page.png");

        int code = run(folder.resolve("log"), "render", file, "--stage", stage, "--page", page, "--units", units,
                "--width", "1100", "--height", "700", "--out", png.toString());

        assertThat(code).as(Files.readString(folder.resolve("log"))).isZero();
        BufferedImage image = ImageIO.read(png.toFile());
        assertThat(image.getWidth()).isEqualTo(1100);
        assertThat(image.getHeight()).isEqualTo(700);
        assertThat(colours(image)).as("it is not blank").hasSizeGreaterThan(20);
    }

    @Test
    void theDrawingAloneIsDrawnWithTheThingThatWasPicked() throws Exception {
        Path plain = folder.resolve("plain.png");
        Path picked = folder.resolve("picked.png");

        assertThat(run(folder.resolve("log"), "render", "demo:nightjar", "--sheet", "--width", "640", "--height", "400",
                "--out", plain.toString())).isZero();
        assertThat(run(folder.resolve("log"), "render", "demo:nightjar", "--sheet", "--mode", "NIGHT", "--select",
                "cells", "--width", "640", "--height", "400", "--out", picked.toString())).isZero();

        assertThat(Files.readAllBytes(plain)).isNotEqualTo(Files.readAllBytes(picked));
        assertThat(ImageIO.read(picked.toFile()).getWidth()).isEqualTo(640);
    }

    @Test
    void aMissingFileIsASentence() throws Exception {
        Path log = folder.resolve("log");

        int code = run(log, "render", "no-such-file", "--out", folder.resolve("x.png").toString());

        assertThat(code).isEqualTo(2);
        assertThat(Files.readString(log)).contains("no-such-file").doesNotContain("Exception");
        assertThat(folder.resolve("x.png")).doesNotExist();
    }

    /// Nothing else is drawn in its place.
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"--page|tripp|Power has no page tripp. It has: Sheet, Sources, Trip",
            "--select|no-such-thing|There is no thing no-such-thing."})
    void aPageOrThingThatIsNotThereIsASentence(String option, String asked, String said) throws Exception {
        Path log = folder.resolve("log");

        int code = run(log, "render", "demo:nightjar", "--stage", "POWER", option, asked, "--out",
                folder.resolve("x.png").toString());

        assertThat(code).isEqualTo(2);
        assertThat(Files.readString(log)).contains(said).doesNotContain("Exception");
        assertThat(folder.resolve("x.png")).doesNotExist();
    }
}
