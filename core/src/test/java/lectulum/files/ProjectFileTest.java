package lectulum.files;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.design.brief.CamperType;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Tank;
import lectulum.figures.Severity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ProjectFileTest {
    @TempDir
    private Path folder;

    static Stream<Project> projects() {
        return Stream.concat(Campers.demos().stream().map(d -> Campers.demo(d.key()).orElseThrow()),
                Stream.of(CamperType.values()).map(t -> Campers.start(t, "New")));
    }

    private static Project sample() {
        return Project.of("Sample",
                box(thing("bed", 12, 1, 0).placed(Mode.NIGHT, new Placement(2, 0, 0.1, 0.5)),
                        thing("tank", 4, 2, 0.3).with(new Tank(Tank.Use.GREY, 0.04))));
    }

    @ParameterizedTest
    @MethodSource("projects")
    void whatIsSavedIsReadBackEqual(Project project) throws IOException {
        Path file = folder.resolve("a" + ProjectFile.ENDING);

        ProjectFile.save(file, project, null);

        assertThat(ProjectFile.open(file).project()).isEqualTo(project);
        assertThat(ProjectFile.open(file).notes()).isEmpty();
    }

    @Test
    void savingTheSameTwiceGivesTheSameText() throws IOException {
        String once = ProjectJson.write(sample(), null);

        assertThat(ProjectJson.write(ProjectJson.read(once).project(), ProjectJson.read(once).tree())).isEqualTo(once);
    }

    /// The first files knew only the vee, under another word and without a form.
    @Test
    void aNoseOfAnOlderFileIsRead() throws IOException {
        Project nightjar = Campers.demo("nightjar").orElseThrow();
        String text = ProjectJson.write(nightjar, null);
        String older = text.replace("\"formatVersion\" : " + ProjectJson.VERSION, "\"formatVersion\" : 1")
                .replace("\"kind\" : \"nosed\"", "\"kind\" : \"v-nose\"")
                .replaceAll(",\\s*\"form\" : \"VEE\"", "");
        assertThat(older).contains("v-nose").doesNotContain("VEE");

        assertThat(ProjectJson.read(older).project().design().base().shell())
                .isEqualTo(nightjar.design().base().shell());
    }

    @Test
    void theVersionBeforeIsKept() throws IOException {
        Path file = folder.resolve("a" + ProjectFile.ENDING);
        ProjectFile.save(file, sample(), null);
        ProjectFile.save(file, sample().named("Second"), null);

        assertThat(ProjectFile.open(file).project().name()).isEqualTo("Second");
        assertThat(ProjectFile.open(folder.resolve("a.lectulum.json.previous")).project().name()).isEqualTo("Sample");
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(p -> p.getFileName().toString())).noneMatch(n -> n.endsWith(".part"));
        }
    }

    @Test
    void whatThisVersionDoesNotKnowIsWrittenBack() throws IOException {
        String text = ProjectJson.write(sample(), null)
                .replaceFirst("\"name\" : \"Sample\"", "\"colour\" : \"red\", \"name\" : \"Sample\"")
                .replaceFirst("\"id\" : \"bed\"", "\"id\" : \"bed\", \"fabric\" : {\"kind\" : \"felt\"}");
        ProjectJson.Read read = ProjectJson.read(text);
        Project edited = read.project().with(read.project().design().without(List.of("tank")));

        String saved = ProjectJson.write(edited, read.tree());

        assertThat(saved).contains("\"colour\" : \"red\"").contains("\"felt\"")
                .doesNotContain("\"id\" : \"tank\",\n        \"name\" : \"tank\"\n");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"'' | The file is empty.", "'hello' | not valid JSON in line 1",
            "'{\"format\":\"lectulum\",' | cut off", "'[1,2]' | not a Lectulum project",
            "'{\"a\":1}' | not a Lectulum project",
            "'{\"format\":\"lectulum\",\"formatVersion\":9}' | newer Lectulum (format 9",
            "'{\"format\":\"lectulum\"}' | formatVersion",
            "'{\"format\":\"lectulum\",\"formatVersion\":1}' | no camper",
            "'{\"format\":\"lectulum\",\"formatVersion\":1,\"variants\":[{\"id\":\"a\"}]}' | \"design\" is missing at variants[0]"})
    void aBadFileIsRefusedWithASentence(String text, String sentence) throws IOException {
        Path file = folder.resolve("bad" + ProjectFile.ENDING);
        Files.writeString(file, text);

        assertThatThrownBy(() -> ProjectFile.open(file)).isInstanceOf(UnreadableFile.class)
                .hasMessageContaining(sentence);
        assertThat(file).hasContent(text);
    }

    @Test
    void aTruncatedFileSaysWhere() throws IOException {
        String whole = ProjectJson.write(sample(), null);
        for (int part = 1; part < 10; part++) {
            String cut = whole.substring(0, whole.length() * part / 10);

            assertThatThrownBy(() -> ProjectJson.read(cut)).isInstanceOf(UnreadableFile.class)
                    .hasMessageContaining("line ");
        }
    }

    @Test
    void aWrongKindOfValueIsNamedByItsPath() {
        String text = ProjectJson.write(sample(), null).replaceFirst("\"length\" : 0.4", "\"length\" : \"long\"");

        assertThatThrownBy(() -> ProjectJson.read(text)).isInstanceOf(UnreadableFile.class)
                .hasMessageContaining("things[0].size.length");
        assertThatThrownBy(() -> ProjectFile.open(folder.resolve("none"))).isInstanceOf(UnreadableFile.class)
                .hasMessageContaining("There is no file");
        assertThatThrownBy(() -> ProjectFile.open(folder)).isInstanceOf(UnreadableFile.class);
    }

    @Test
    void aFileThatIsNoTextIsRefused() throws IOException {
        Path file = folder.resolve("photo.json");
        Files.write(file, new byte[]{(byte) 0xff, (byte) 0xd8, (byte) 0xff, 0});

        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("not a text file");
    }

    @Test
    void idsThatStandTwiceAreToldApart() throws IOException {
        Project twice = Project.of("Twice", box(thing("bed", 12, 1, 0), thing("bed", 5, 2, 0)));

        ProjectJson.Read read = ProjectJson.read(ProjectJson.write(twice, null));

        assertThat(read.project().design().things()).extracting(t -> t.id()).containsExactly("bed", "bed-2");
        assertThat(read.notes()).singleElement().asString().contains("\"bed\"").contains("\"bed-2\"");
    }

    /// −4 kg, a number of 10^308, not a number, and an axle far before the ball: it opens, and says so.
    @ParameterizedTest
    @CsvSource({"\"value\" : 12.0, '\"value\" : -4'", "\"value\" : 12.0, '\"value\" : 1e308'",
            "\"value\" : 12.0, '\"value\" : \"NaN\"'", "\"length\" : 3.0, '\"length\" : -3'",
            "\"floorHeight\" : 0.5, '\"floorHeight\" : 1e308'", "\"latitude\" : 45.0, '\"latitude\" : 1000'",
            "\"capacity\" : 0.04, '\"capacity\" : -1'"})
    void impossibleValuesOpenAsFindings(String good, String bad) throws IOException {
        String text = ProjectJson.write(sample(), null).replace(good, bad);

        Analysis analysis = Analysis.of(ProjectJson.read(text).project().design());

        assertThat(analysis.findings()).anySatisfy(f -> {
            assertThat(f.id()).startsWith("sound.");
            assertThat(f.severity()).isEqualTo(Severity.STOP);
        });
        assertThat(analysis.figures().all()).allSatisfy(
                f -> assertThat(f.value().isEmpty() || Double.isFinite(f.value().getAsDouble())).isTrue());
    }

    @Test
    void anEmptyObjectForEveryPartStillOpensAndIsAllFindings() throws IOException {
        String text = "{\"format\":\"lectulum\",\"formatVersion\":1,\"variants\":[{\"id\":\"a\",\"design\":{\"brief\":{},"
                + "\"vehicle\":{},\"base\":{\"shell\":{\"kind\":\"profile\"},\"axle\":{},\"empty\":{\"kind\":\"entered\"}},"
                + "\"things\":[{\"id\":\"x\"}]}}]}";

        Analysis analysis = Analysis.of(ProjectJson.read(text).project().design());

        assertThat(analysis.findings()).extracting(f -> f.id()).contains("sound.base.shell.points");
    }

    @Test
    void anotherWindowGetsNoLock() throws IOException {
        Path file = folder.resolve("a.json");
        try (ProjectLock first = ProjectLock.take(folder, file).orElseThrow()) {
            assertThat(ProjectLock.take(folder, file)).isEmpty();
            assertThat(first).isNotNull();
        }
        Optional<ProjectLock> again = ProjectLock.take(folder, file);
        assertThat(again).isPresent();
        again.orElseThrow().close();
    }

    @Test
    void recentFilesAreNewestFirstAndOnlyThoseThatExist() throws IOException {
        Home home = new Home(folder.resolve("home"));
        Path a = Files.writeString(folder.resolve("a.json"), "");
        Path b = Files.writeString(folder.resolve("b.json"), "");
        home.remember(a);
        home.remember(b);
        home.remember(a);

        assertThat(home.recent()).containsExactly(a, b);
        Files.delete(a);
        assertThat(home.recent()).containsExactly(b);
    }
}
