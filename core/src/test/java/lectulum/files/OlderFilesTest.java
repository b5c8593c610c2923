package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import lectulum.design.feature.FeatureKind;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Project;
import lectulum.design.base.EmptyMass;
import lectulum.design.thing.MassSource;
import lectulum.design.vehicle.Vehicle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// Files that were written before wet cases, other vehicles, balls and kept uncertainties.
class OlderFilesTest {
    private static final List<String> NEW = List.of("wet", "parked", "ball", "own", "garage", "uncertainty");

    private static Project older(Project p) throws UnreadableFile {
        JsonNode tree = JsonMapper.builder().build().readTree(ProjectJson.write(p, null));
        strip(tree);
        return ProjectJson.read(tree.toString()).project();
    }

    private static void strip(JsonNode node) {
        if (node instanceof ObjectNode object) {
            object.remove(NEW);
        }
        node.forEach(OlderFilesTest::strip);
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void openWithNothingKnownOfWhatIsNew(String demo) throws UnreadableFile {
        Design now = Campers.demo(demo).orElseThrow().design();

        Design then = older(Campers.demo(demo).orElseThrow()).design();

        assertThat(then.garage()).isEmpty();
        assertThat(then.vehicle().ball()).isZero();
        assertThat(then.vehicle().own()).isEmpty();
        assertThat(then.vehicle().ratings()).isEqualTo(now.vehicle().ratings());
        assertThat(then.cases()).allMatch(c -> c.wet() == 0 && !c.parked());
        assertThat(then.things()).hasSameSizeAs(now.things());
        assertThat(then.base().empty().mass()).isEqualTo(now.base().empty().mass());
    }

    @Test
    void theirCasesStayAsTheyWere() throws UnreadableFile {
        Project p = Campers.demo("nightjar").orElseThrow();
        Design without = p.design().withCases(p.design().cases().stream().filter(c -> !c.id().equals("wet")).toList());

        Design then = older(Project.of("Older", without)).design();

        assertThat(then.cases()).isEqualTo(without.cases()).doesNotContain(LoadCase.WET);
    }

    @Test
    void whatIsNewIsWrittenAndReadBack() throws UnreadableFile {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        Vehicle van = d.vehicle().named("Van").withBall(0.0508).withOwn(java.util.Map.of("gate.high", 1.7));
        Design rich = d.withGarage(List.of(van)).mappingCase("homeward", c -> c.soaked(0.4).parked(true))
                .with(d.base().with(new EmptyMass.Entered(160, 0.9, -0.1, 1.5, MassSource.RECONCILED,
                        java.util.OptionalDouble.of(2.5))));

        Design read = ProjectJson.read(ProjectJson.write(Project.of("Rich", rich), null)).project().design();

        assertThat(read).isEqualTo(rich);
    }

    @Test
    void aVehicleOfALaterVersionKeepsWhatThisOneDoesNotKnow() throws UnreadableFile {
        Project p = Campers.demo("nightjar").orElseThrow();
        ObjectNode tree = (ObjectNode) JsonMapper.builder().build().readTree(ProjectJson.write(p, null));
        ((ObjectNode) tree.at("/variants/0/design/garage/0")).put("colour", "grey");

        ProjectJson.Read read = ProjectJson.read(tree.toString());
        String written = ProjectJson.write(read.project(), read.tree());

        assertThat(written).contains("\"colour\" : \"grey\"");
    }

    /// The file holds a rich camper and a thing with each kind of feature, as the first version wrote them. Where a name in it
    /// is no longer written, the format has changed: that takes a new version and a way from the old one, not another file.
    @Test
    void aFileOfTheFirstVersionIsReadAndWrittenByteForByte() throws IOException {
        String file;
        try (InputStream in = OlderFilesTest.class.getResourceAsStream("version-1.lectulum.json")) {
            file = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }

        Project read = ProjectJson.read(file).project();

        assertThat(ProjectJson.write(read, null)).isEqualTo(file);
        assertThat(read.design().things().stream().flatMap(t -> t.features().stream()).map(f -> FeatureKind.of(f)))
                .containsAll(FeatureKind.all());
    }
}
