package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import lectulum.demo.Campers;
import lectulum.files.ProjectFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CommandLineTest {
    @TempDir
    private Path folder;
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... args) {
        return Main.commandLine().setOut(new PrintWriter(out, true)).setErr(new PrintWriter(err, true)).execute(args);
    }

    @Test
    void checkPrintsEveryFigureAsJson() throws IOException {
        Path file = folder.resolve("n" + ProjectFile.ENDING);
        ProjectFile.save(file, Campers.demo("nightjar").orElseThrow(), null);

        assertThat(run("check", file.toString(), "--format", "json")).as("two things overlap").isEqualTo(1);

        JsonNode report = JsonMapper.builder().build().readTree(out.toString());
        assertThat(report.get("project").asString()).isEqualTo("Nightjar");
        assertThat(report.get("figures").size()).isGreaterThan(60);
    }

    @Test
    void checkSpeaksBothUnitSystems() {
        assertThat(run("check", "demo:nightjar", "--units", "us")).isEqualTo(1);

        assertThat(out.toString()).contains("lb").contains("Tongue is light: Homeward");
    }

    @Test
    void schemaPrintsWhatIsPublished() throws IOException {
        assertThat(run("schema")).isZero();

        assertThat(out.toString())
                .isEqualTo(Files.readString(Path.of("..", "docs", "file-format", "project.schema.json")));
    }

    /// Every concept is a variant of the written project; what is printed of a camper is what a check of it says.
    @Test
    void proposeDrawsEveryConceptAndWritesThem() throws IOException {
        Path file = folder.resolve("drawn" + ProjectFile.ENDING);

        run("propose", "demo:dunlin", "--out", file.toString());

        assertThat(out.toString()).contains("Teardrop", "Lifting roof", "Used camper", "Loaded", "Extra fuel a year");
        var project = ProjectFile.open(file).project();
        assertThat(project.variants()).hasSize(7);
        assertThat(project.design().brief().people()).hasSize(1);
        assertThat(run("check", file.toString())).isLessThan(2);
    }

    @Test
    void proposeOfATasteSaysWhatIsLeft() {
        int code = run("propose", "demo:dunlin", "--taste", "light");

        assertThat(code).isEqualTo(out.toString().contains("left:") ? 1 : 0);
        assertThat(out.toString()).contains("Loaded").doesNotContain("forbids it");
    }

    @Test
    void aBadFileIsASentenceAndExitCodeTwo() throws IOException {
        Path file = folder.resolve("bad.json");
        Files.writeString(file, "{");

        assertThat(run("check", file.toString())).isEqualTo(2);

        assertThat(err.toString()).contains("cut off").doesNotContain("Exception");
        assertThat(run("check", "demo:nobody")).isEqualTo(2);
        assertThat(run("check", "no-such-file")).isEqualTo(2);
    }

    @Test
    void standInsSayWhereTheyListenAndStopByThemselves() {
        assertThat(run("standin", "scale", "demo:dunlin", "--port", "0", "--for", "0.01")).isZero();
        assertThat(out.toString()).containsPattern("The scale listens on port \\d+ of this machine.");
        assertThat(run("standin", "monitor", "demo:dunlin", "--port", "0", "--for", "0.01")).isZero();
        assertThat(out.toString()).contains("The monitor listens on port");
        assertThat(run("standin", "monitor", "demo:dunlin", "--port", "0", "--days", "0")).isEqualTo(2);
        assertThat(run("standin", "level", "--port", "0", "--for", "0.01")).isZero();
        assertThat(out.toString()).containsPattern("The level listens on port \\d+ of this machine.");
        assertThat(run("standin", "scale", "demo:dunlin", "--port", "0", "--step", "0")).isEqualTo(2);
        assertThat(err.toString()).contains("between 0.001 and 1000 kg");
    }

    @Test
    void templatesAreWrittenByTheEndingOfTheFile() {
        Path pdf = folder.resolve("side.pdf");
        Path dxf = folder.resolve("box.dxf");

        assertThat(run("export", "demo:dunlin", "--template", pdf.toString(), "--paper", "A3")).isZero();
        assertThat(run("export", "demo:dunlin", "--template", dxf.toString(), "--panel", "thing.bed-box.top")).isZero();

        assertThat(pdf).content(java.nio.charset.StandardCharsets.ISO_8859_1).startsWith("%PDF");
        assertThat(dxf).content().contains("POLYLINE").endsWith("EOF\n");
        assertThat(run("export", "demo:dunlin", "--template", pdf.toString(), "--panel", "sail")).isEqualTo(2);
        assertThat(run("export", "demo:dunlin", "--template", folder.resolve("a.bmp").toString())).isEqualTo(2);
        assertThat(err.toString()).doesNotContain("Exception");
    }

    @Test
    void exportWritesWhatIsAskedFor() {
        Path things = folder.resolve("t.csv");
        Path figures = folder.resolve("f.csv");
        Path project = folder.resolve("p.json");
        Path wiring = folder.resolve("w.csv");

        assertThat(run("export", "demo:dunlin", "--things", things.toString(), "--figures", figures.toString(),
                "--project", project.toString(), "--wiring", wiring.toString())).isZero();
        assertThat(wiring).content().contains("group,part,quantity,unit").contains("Wire,").contains("heat-shrink");

        assertThat(things).content().contains("drying-press");
        assertThat(figures).content().contains("balance.departure.tongue");
        assertThat(project).content().contains("\"format\" : \"lectulum\"");
        assertThat(run("export", "demo:dunlin")).isEqualTo(CommandLine.ExitCode.USAGE);
    }
}
