package lectulum.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.stream.IntStream;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.files.ProjectJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A little of what the reliability command tries at length.
class ReliabilityTest {
    @TempDir
    Path folder;

    @Test
    void nothingIsThrownLostOrQuietlyChanged() throws Exception {
        Reliability.Found found = new Reliability().run(new Reliability.Counts(120, 90, 2, 1200, 1), 11);

        assertThat(found.faults()).as("first: %s", found.first()).isEmpty();
        assertThat(found.opened()).as("some open").isPositive();
        assertThat(found.refused()).as("some do not").isPositive();
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

    @Test
    void whatIsTriedIsDamageAndEditsIndeed() {
        String whole = ProjectJson.write(Campers.demo("dunlin").orElseThrow(), null);
        Design design = Campers.demo("dunlin").orElseThrow().design();

        assertThat(new Damage(3).of(whole)).isNotEqualTo(whole).isEqualTo(new Damage(3).of(whole));
        assertThat(new Damage(4).of(whole)).isNotEqualTo(new Damage(3).of(whole));
        assertThat(new RandomEdits(3).next(design)).isNotEqualTo(design).isEqualTo(new RandomEdits(3).next(design));
    }
}
