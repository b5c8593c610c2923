package lectulum.bench;

import static org.assertj.core.api.Assertions.assertThat;

import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.files.ProjectJson;
import org.junit.jupiter.api.Test;

/// A little of what the reliability command tries at length.
class ReliabilityTest {

    @Test
    void nothingIsThrownLostOrQuietlyChanged() throws Exception {
        Reliability.Found found = new Reliability().run(120, 90, 2, 11);

        assertThat(found.faults()).as("first: %s", found.first()).isEmpty();
        assertThat(found.opened()).as("some open").isPositive();
        assertThat(found.refused()).as("some do not").isPositive();
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
