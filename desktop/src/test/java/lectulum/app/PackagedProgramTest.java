package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import lectulum.files.ProjectFile;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// The program as it is packaged: its start script, its module path, the libraries beside it. Every format it writes is
/// read back by a reader.
@Tag("packaged")
class PackagedProgramTest {
    @TempDir
    private Path folder;

    /// What a run left behind.
    private record Run(int code, String out, String err) {
    }

    private Run run(String... arguments) throws IOException, InterruptedException {
        List<String> line = new ArrayList<>(List.of(System.getProperty("lectulum.script")));
        line.addAll(List.of(arguments));
        File out = folder.resolve("out.txt").toFile();
        File err = folder.resolve("err.txt").toFile();
        ProcessBuilder builder = new ProcessBuilder(line).redirectOutput(out).redirectError(err);
        builder.environment().keySet().removeIf(k -> k.equals("DISPLAY") || k.startsWith("JAVA_TOOL"));
        builder.environment().put("HOME", folder.toString());
        builder.environment().put("LECTULUM_JAVA_HOME", System.getProperty("java.home"));
        Process process = builder.start();
        process.getOutputStream().close();
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return new Run(process.exitValue(), Files.readString(out.toPath()), Files.readString(err.toPath()));
    }

    private Path exported(String option, String name, String... more) throws IOException, InterruptedException {
        Path file = folder.resolve(name);
        List<String> line = new ArrayList<>(List.of("export", "demo:dunlin", option, file.toString()));
        line.addAll(List.of(more));
        Run run = run(line.toArray(String[]::new));
        assertThat(run.err()).as("no noise").isEmpty();
        assertThat(run.code()).isZero();
        return file;
    }

    @ParameterizedTest
    @ValueSource(strings = {"profile", "floor"})
    void pdfTemplatesAreWrittenWithTheirOwnTypeface(String panel) throws Exception {
        Path file = exported("--template", "side.pdf", "--panel", panel);
        try (var document = Loader.loadPDF(file.toFile())) {
            assertThat(document.getNumberOfPages()).isGreaterThan(5);
            assertThat(new PDFTextStripper().getText(document)).contains("100 mm", "Page A1");
            Set<String> fonts = new java.util.HashSet<>();
            for (var name : document.getPage(0).getResources().getFontNames()) {
                var font = document.getPage(0).getResources().getFont(name);
                fonts.add(font.getName());
                assertThat(font.isEmbedded()).isTrue();
            }
            assertThat(fonts).singleElement().asString().contains("Lato");
            assertThat(folder.resolve(".lectulum/lectulum.log")).as("nothing failed").doesNotExist();
        }
    }

    @Test
    void svgTemplatesAreXmlInMillimetres() throws Exception {
        var document = DocumentBuilderFactory.newInstance().newDocumentBuilder()
                .parse(exported("--template", "side.svg").toFile());
        assertThat(document.getDocumentElement().getNodeName()).isEqualTo("svg");
        assertThat(document.getDocumentElement().getAttribute("width")).endsWith("mm");
        assertThat(document.getElementsByTagName("path").getLength()).isPositive();
    }

    /// The order of what a set holds differs from one run of Java to the next; what is said must not.
    @Test
    void twoRunsSayTheSame() throws Exception {
        String once = run("check", "demo:nightjar", "--format", "json").out();

        assertThat(once).hasSizeGreaterThan(100_000).isEqualTo(run("check", "demo:nightjar", "--format", "json").out());
    }

    /// DXF is pairs of a group code and a value.
    @Test
    void dxfTemplatesArePairsThatEnd() throws Exception {
        List<String> lines = Files.readAllLines(exported("--template", "side.dxf"));
        assertThat(lines.size() % 2).isZero();
        for (int i = 0; i < lines.size(); i += 2) {
            assertThat(lines.get(i).strip()).matches("-?\\d+");
        }
        assertThat(lines).contains("ENTITIES").endsWith("EOF");
    }

    @Test
    void listsAreCsvWithAHeadAndRowsOfOneLength() throws Exception {
        for (Path file : List.of(exported("--template", "offsets.csv"), exported("--things", "things.csv"),
                exported("--figures", "figures.csv"))) {
            try (var parser = CSVFormat.DEFAULT.parse(Files.newBufferedReader(file, StandardCharsets.UTF_8))) {
                List<CSVRecord> rows = parser.getRecords();
                assertThat(rows).hasSizeGreaterThan(10);
                assertThat(rows.stream().map(CSVRecord::size).collect(Collectors.toSet())).hasSize(1);
            }
        }
    }

    @Test
    void reportsAndProjectsAreJson() throws Exception {
        JsonNode report = JsonMapper.builder().build().readTree(Files.readString(exported("--report", "r.json")));
        assertThat(report.path("figures").size()).isGreaterThan(50);
        Path project = exported("--project", "p" + ProjectFile.ENDING);
        assertThat(ProjectFile.open(project).project().name()).isEqualTo("Dunlin");
        Run check = run("check", project.toString(), "--format", "json");
        assertThat(JsonMapper.builder().build().readTree(check.out()).path("figures").size())
                .isEqualTo(report.path("figures").size());
        assertThat(check.err()).isEmpty();
    }

    @Test
    void picturesAreDrawnWithoutADisplay() throws Exception {
        Path file = folder.resolve("b.png");
        Run run = run("render", "demo:nightjar", "--stage", "balance", "--out", file.toString());
        assertThat(run.code()).isZero();
        assertThat(run.err()).isEmpty();
        var picture = ImageIO.read(file.toFile());
        assertThat(picture.getWidth()).isEqualTo(1280);
        Set<Integer> colours = new java.util.HashSet<>();
        for (int x = 0; x < 1280; x += 7) {
            colours.add(picture.getRGB(x, 400));
        }
        assertThat(colours.size()).isGreaterThan(5);
    }

    @Test
    void aFileThatCannotBeOpenedIsASentence() throws Exception {
        Run run = run("check", folder.resolve("none.json").toString());
        assertThat(run.code()).isEqualTo(2);
        assertThat(run.err()).startsWith("There is no file").hasLineCount(1);
    }

    @Test
    void whoAsksIsToldEveryStepAndTheAnswerStaysClean() throws Exception {
        Run quiet = run("check", "demo:dunlin");
        Run told = run("check", "demo:dunlin", "--verbose");

        assertThat(told.out()).isEqualTo(quiet.out());
        assertThat(quiet.err()).isEmpty();
        assertThat(told.err().lines().filter(l -> l.contains("DEBUG"))).hasSizeGreaterThan(20)
                .anyMatch(l -> l.matches(".*balance \\d+[.,]\\d ms"));
    }
}
