package lectulum.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.files.ProjectJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// A little of what the reliability command tries at length.
class ReliabilityTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @TempDir
    Path folder;

    @Test
    void nothingIsThrownLostOrQuietlyChanged() throws Exception {
        Reliability.Found found = new Reliability().run(new Reliability.Counts(120, 90, 2, 1200, 1, 60), 11);

        assertThat(found.faults()).as("first: %s", found.first()).isEmpty();
        assertThat(found.opened()).as("some open").isPositive();
        assertThat(found.refused()).as("some do not").isPositive();
        assertThat(found.extremes()).as("numbers at extremes, spread over all").isBetween(55, 60);
        assertThat(found.extremesRefused()).as("most are borne").isLessThan(found.extremes());
        assertThat(found.windowEdits()).as("edits in the window that was killed").isPositive();
    }

    /// What is garbled is another text each time, and the same for the same seed.
    @Test
    void tablesAreGarbledIndeed() throws Exception {
        Design design = Campers.demo("dunlin").orElseThrow().design();
        for (GarbledRead read : GarbledRead.all(design, folder)) {
            String whole = read.text();

            assertThat(read.taken(whole, 0)).as(read.name() + " as it is").isNotNull();
            long other = IntStream.range(0, 40).filter(i -> !new Garble(i).of(whole).equals(whole)).count();
            assertThat(other).as(read.name()).isGreaterThan(30);
            assertThat(new Garble(5).of(whole)).isEqualTo(new Garble(5).of(whole));
        }
    }

    /// Each extreme is one number of the file and nothing else, and no kind of place is tried more often than asked.
    @Test
    void anExtremeIsOneNumberOfTheFile() {
        String whole = ProjectJson.write(Campers.demo("dunlin").orElseThrow(), null);
        List<Extremes.Extreme> once = new Extremes(1).of(whole);
        List<Extremes.Extreme> twice = new Extremes(2).of(whole);

        assertThat(once.size()).isBetween(2000, twice.size() - 100);
        assertThat(once.stream().map(Extremes.Extreme::where).distinct().count() * 17).isEqualTo(once.size());
        for (Extremes.Extreme e : once.subList(0, 40)) {
            JsonNode tree = MAPPER.readTree(e.in(whole));
            assertThat(tree.at(e.where()).asDouble()).isEqualTo(e.value());
            JsonNode before = MAPPER.readTree(whole);
            ((ObjectNode) tree.at(e.where().head())).set(e.where().last().getMatchingProperty(),
                    before.at(e.where()));
            assertThat(tree).isEqualTo(before);
        }
    }

    @Test
    void whatIsTriedIsDamageAndEditsIndeed() {
        String whole = ProjectJson.write(Campers.demo("dunlin").orElseThrow(), null);
        Design design = Campers.demo("dunlin").orElseThrow().design();

        assertThat(new Damage(3).of(whole)).isNotEqualTo(whole).isEqualTo(new Damage(3).of(whole));
        assertThat(new Damage(4).of(whole)).isNotEqualTo(new Damage(3).of(whole));
        assertThat(new RandomEdits(3).next(design)).isNotEqualTo(design).isEqualTo(new RandomEdits(3).next(design));
    }
}
