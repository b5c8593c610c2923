package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Stream;
import lectulum.Samples;
import lectulum.analysis.Analysis;
import lectulum.design.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.json.JsonMapper;
import org.junit.jupiter.params.provider.ValueSource;
import org.junit.jupiter.params.provider.CsvSource;

/// What is read is what stands there, or it is refused with its place; nothing is quietly another value.
class StrictReadingTest {
    private static final Project BOX = Project.of("Box", Samples.box(Samples.thing("bed", 20, 1, 0)));

    private static String text() {
        return ProjectJson.write(BOX, null);
    }

    private static String says(String text) {
        try {
            ProjectJson.read(text);
        } catch (UnreadableFile e) {
            return e.getMessage();
        }
        throw new AssertionError("it was read");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "\"tongueLength\" : 1.2|\"tongueLength\" : \"\"|variants[0].design.base.tongueLength",
            "\"tongueLength\" : 1.2|\"tongueLength\" : \"1.2\"|variants[0].design.base.tongueLength",
            "\"tongueLength\" : 1.2|\"tongueLength\" : true|variants[0].design.base.tongueLength",
            "\"count\" : 1|\"count\" : 1.7|variants[0].design.base.axle.count",
            "\"mount\" : \"INSIDE\"|\"mount\" : 1|variants[0].design.things[0].mount",
            "\"braked\" : true|\"braked\" : 1|variants[0].design.base.axle.braked"})
    void theWrongKindOfValueIsRefusedWithItsPlace(String right, String wrong, String place) {
        assertThat(text()).contains(right);

        assertThat(says(text().replaceFirst(java.util.regex.Pattern.quote(right), wrong))).contains(place);
    }

    @Test
    void aWholeNumberWrittenWithItsPointIsStillOne() throws UnreadableFile {
        assertThat(ProjectJson.read(text().replace("\"count\" : 1,", "\"count\" : 1.0,")).project()).isEqualTo(BOX);
        assertThat(ProjectJson.read(text().replace("\"count\" : 1,", "")).project().design().base().axle().count())
                .as("one that is not there is 0, and a finding").isZero();
    }

    @Test
    void aNameThatStandsTwiceIsRefused() {
        assertThat(says(text().replaceFirst("\"tongueLength\" : 1.2", "\"tongueLength\" : 1.2, \"tongueLength\" : 3")))
                .contains("not valid JSON");
    }

    /// Also where the object has as many members as a list has entries.
    @ParameterizedTest
    @ValueSource(strings = {"things", "cases"})
    void anObjectInPlaceOfAListIsRefusedWithItsPlace(String list) {
        ObjectNode tree = (ObjectNode) JsonMapper.shared().readTree(text());
        ((ObjectNode) tree.at("/variants/0/design")).putObject(list).put("id", "a").put("name", "b");

        assertThat(says(tree.toString())).contains("variants[0].design." + list);
    }

    @Test
    void aPlaceThatIsNothingIsNoPlace() throws UnreadableFile {
        String text = text().replaceFirst("\"elsewhere\" : \\{ }", "\"elsewhere\" : { \"CAMP\" : null }");
        assertThat(text).contains("\"CAMP\" : null");

        Project read = ProjectJson.read(text).project();

        assertThat(Analysis.of(read.design()).figures().value("balance.departure.mass")).isPositive();
        assertThat(read).isEqualTo(BOX);
    }

    @Test
    void limitsAreSaidInASentence() {
        String nested = "[".repeat(300) + "]".repeat(300);
        assertThat(says(text().replaceFirst("\"name\"", "\"other\" : " + nested + ", \"name\"")))
                .contains("100 levels");
        String list = "[" + "0,".repeat(30_000) + "0]";
        assertThat(says(text().replaceFirst("\"name\"", "\"other\" : " + list + ", \"name\"")))
                .contains("The list at other has 30001 entries").contains("20000");
        assertThat(says(text().replaceFirst("\"Box\"", "\"" + "x".repeat(1_100_000) + "\"")))
                .contains("1000000 characters");
    }

    /// 20 000 things of one id: quadratic, this took minutes.
    @Test
    void manyThingsOfOneIdAreToldApart() throws UnreadableFile {
        Project many = BOX.with(BOX.design().withThings(
                Stream.generate(() -> Samples.thing("bed", 1, 1, 0)).limit(ProjectJson.MOST_ENTRIES).toList()));

        ProjectJson.Read read = ProjectJson.read(ProjectJson.write(many, null));

        assertThat(read.project().design().things().stream().map(t -> t.id()).distinct().count())
                .isEqualTo(ProjectJson.MOST_ENTRIES);
        assertThat(read.notes()).as("not a note for each").hasSizeLessThan(100);
        assertThat(ProjectJson.write(read.project(), read.tree())).isNotEmpty();
    }

    @Test
    void whatKilledProgramsLeftBesideAFileGoes(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("box.lectulum.json");
        Path dead = folder.resolve("box.lectulum.json.4194399-1.part");
        Path mine = folder.resolve("box.lectulum.json." + ProcessHandle.current().pid() + "-1.part");
        Path other = folder.resolve("boxes.lectulum.json.4194399-1.part");
        for (Path p : List.of(dead, mine, other)) {
            Files.writeString(p, "half");
        }

        ProjectFile.save(file, BOX, null);

        assertThat(dead).doesNotExist();
        assertThat(mine).as("another window of this program may be writing it").exists();
        assertThat(other).as("belongs to another file").exists();
    }

    @Test
    void thePreviousVersionIsTheOneBeforeAndNeverTheSame(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("box.lectulum.json");
        Path previous = folder.resolve("box.lectulum.json.previous");
        ProjectFile.save(file, BOX, null);
        assertThat(previous).doesNotExist();
        ProjectFile.save(file, BOX, null);
        assertThat(previous).as("nothing changed").doesNotExist();

        Project renamed = new Project("Box 2", BOX.variants(), BOX.current(), BOX.pinned());
        ProjectFile.save(file, renamed, null);
        assertThat(ProjectFile.open(previous).project()).isEqualTo(BOX);
        ProjectFile.save(file, renamed, null);

        assertThat(ProjectFile.open(previous).project()).as("still the one before").isEqualTo(BOX);
        assertThat(Files.list(folder)).hasSize(2);
    }

    /// Killed after the copy, before the file was written anew; or after that, before the copy took its name.
    @Test
    void aKillInBetweenLosesNoVersion(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("box.lectulum.json");
        Path last = folder.resolve("box.lectulum.json.last");
        Path previous = folder.resolve("box.lectulum.json.previous");
        Project two = new Project("Box 2", BOX.variants(), BOX.current(), BOX.pinned());
        Project three = new Project("Box 3", BOX.variants(), BOX.current(), BOX.pinned());
        ProjectFile.save(file, BOX, null);
        ProjectFile.save(file, two, null);

        Files.copy(file, last);
        ProjectFile.save(file, two, null);
        assertThat(ProjectFile.open(previous).project()).isEqualTo(BOX);
        Files.copy(file, last);
        Path written = Files.createDirectory(folder.resolve("elsewhere")).resolve("box.lectulum.json");
        ProjectFile.save(written, three, null);
        Files.copy(written, file, StandardCopyOption.REPLACE_EXISTING);
        ProjectFile.save(file, three, null);

        assertThat(ProjectFile.open(previous).project()).isEqualTo(two);
        assertThat(last).doesNotExist();
    }

    @Test
    void aFileThatIsTooLargeIsNotRead(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("large.lectulum.json");
        Files.write(file, new byte[(32 << 20) + 1]);

        assertThatThrownBy(() -> ProjectFile.open(file)).isInstanceOf(UnreadableFile.class)
                .hasMessageContaining("32 MB");
    }
}
