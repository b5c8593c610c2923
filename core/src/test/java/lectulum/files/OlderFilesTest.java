package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Project;
import lectulum.design.Settings;
import lectulum.design.base.Carcass;
import lectulum.design.base.EmptyMass;
import lectulum.design.envelope.Envelope;
import lectulum.design.feature.FeatureKind;
import lectulum.design.thing.MassSource;
import lectulum.design.vehicle.Rating;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Vehicle;
import lectulum.design.wiring.Wiring;
import lectulum.design.logbook.Logbook;
import lectulum.design.purse.Purse;
import lectulum.design.works.Works;
import lectulum.design.workshop.Workshop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
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
        assertThat(then.vehicle().ball()).isEmpty();
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

    /// A rating, a framing and a feature were in the file, and the builder took them out: they do not come back.
    @Test
    void whatWasTakenOutDoesNotComeBack() throws IOException {
        ProjectJson.Read read = ProjectJson.read(ProjectJson.write(Campers.demo("nightjar").orElseThrow(), null));
        Design d = read.project().design();
        Project now = read.project().with(d.with(d.base().with(Rating.TYRE, OptionalDouble.empty())
                .with(d.base().carcass().with(Carcass.Face.LEFT, Optional.empty())))
                .with(Settings.NONE).mapping("galley", t -> t.withFeatures(List.of())));

        Project again = ProjectJson.read(ProjectJson.write(now, read.tree())).project();

        assertThat(again).isEqualTo(now);
        assertThat(again.design().base().rating(Rating.TYRE)).isEmpty();
    }

    /// The file holds a rich camper and a thing with each kind of feature. Where a name in it is no longer written, the format
    /// has changed: that takes a new version and a way from the old one, not another file.
    @Test
    void aFileOfThisVersionIsReadAndWrittenByteForByte() throws IOException {
        String file = SchemaTest.fixture("version-3.lectulum.json");

        Project read = ProjectJson.read(file).project();

        assertThat(ProjectJson.write(read, null)).isEqualTo(file);
        assertThat(read.design().things().stream().flatMap(t -> t.features().stream()).map(f -> FeatureKind.of(f)))
                .containsAll(FeatureKind.all());
    }

    /// A project without what came after the file of the first version was written: wiring, walls, trips, stock, and what a thing is to
    /// power, water and air.
    private static Project unwired(String file) throws UnreadableFile {
        Project p = ProjectJson.read(file).project();
        Design d = p.design();
        return p.with(d
                .without(d.things().stream().map(Thing::id)
                        .filter(id -> id.startsWith("electric-") || id.startsWith("later-")).toList())
                .with(Wiring.NONE).with(Envelope.NONE).withOutings(List.of()).with(Workshop.NONE).with(Purse.NONE)
                .with(Works.NONE).withLogbook(Logbook.NONE));
    }

    /// The same camper as the first version wrote it, which held 0 for what is not known.
    @Test
    void aFileOfTheFirstVersionBecomesTheSameProject() throws IOException {
        String first = SchemaTest.fixture("version-1.lectulum.json");
        String now = SchemaTest.fixture("version-3.lectulum.json");

        ProjectJson.Read read = ProjectJson.read(first);

        assertThat(first).contains("\"formatVersion\" : 1");
        assertThat(read.version()).isEqualTo(1);
        assertThat(read.project()).isEqualTo(unwired(now));
        assertThat(ProjectJson.write(read.project(), read.tree())).isEqualTo(ProjectJson.write(unwired(now), null));
    }

    /// The same as the second version wrote it, which held 0 for straps that are not known.
    @Test
    void aFileOfTheSecondVersionBecomesTheSameProject() throws IOException {
        ProjectJson.Read read = ProjectJson.read(SchemaTest.fixture("version-2.lectulum.json"));

        assertThat(read.version()).isEqualTo(2);
        assertThat(ProjectJson.write(read.project(), read.tree()))
                .isEqualTo(ProjectJson.write(unwired(SchemaTest.fixture("version-3.lectulum.json")), null));
    }

    /// The second version held the door where the camper is kept among what is assumed.
    @Test
    void whereItIsKeptMovesIntoTheBrief() throws IOException {
        ObjectNode tree = (ObjectNode) JsonMapper.builder().build()
                .readTree(SchemaTest.fixture("version-2.lectulum.json"));
        ((ObjectNode) tree.at("/variants/0/design/settings/assumed")).put("garage.height", 2.15).put("garage.length", 0)
                .put("exit.large", 0.6);

        ProjectJson.Read read = ProjectJson.read(tree.toString());
        Design d = read.project().design();

        assertThat(d.brief().kept().height()).hasValue(2.15);
        assertThat(d.brief().kept().length()).isEmpty();
        assertThat(d.settings().assumed()).containsEntry("exit.large", 0.6).doesNotContainKey("garage.height");
        assertThat(ProjectJson.write(read.project(), read.tree())).doesNotContain("garage.height");
    }

    @Test
    void whatWasNotKnownInTheFirstVersionIsNotKnown() throws IOException {
        ObjectNode tree = (ObjectNode) JsonMapper.builder().build()
                .readTree(SchemaTest.fixture("version-1.lectulum.json"));
        JsonNode design = tree.at("/variants/0/design");
        ((ObjectNode) design.get("vehicle")).put("ball", 0).put("trim", "blue");
        ((ObjectNode) design.at("/vehicle/papers")).put("tank", 0);
        ((ObjectNode) design.get("brief")).put("budget", 0);
        ((ObjectNode) design.at("/base/survey/tapes")).put("rear", 0);
        ((ObjectNode) design.at("/base/carcass/gear/springs")).put("hangers", 0.0);
        ((ObjectNode) design.at("/base/carcass")).putObject("lift").put("rise", 0.4).put("panel", 0.02).put("mass", 50)
                .put("drag", 40).put("lifters", 4).put("side", 0);
        // Nothing but what meant "unknown" changes.
        ((ObjectNode) design.at("/vehicle/papers")).put("fill", 0);

        ProjectJson.Read read = ProjectJson.read(tree.toString());
        Design d = read.project().design();

        assertThat(d.vehicle().ball()).isEmpty();
        assertThat(d.vehicle().papers().tank()).isEmpty();
        assertThat(d.vehicle().papers().fill()).isZero();
        assertThat(d.brief().budget()).isEmpty();
        assertThat(d.base().survey().tapes().orElseThrow().rear()).isEmpty();
        assertThat(d.base().carcass().gear().springs().orElseThrow().hangers()).isEmpty();
        assertThat(d.base().carcass().lift().orElseThrow().side()).isEmpty();
        assertThat(ProjectJson.write(read.project(), read.tree())).contains("\"trim\" : \"blue\"");
    }

    @Test
    void everyStepIsTakenOnceAndInOrder() {
        ObjectNode tree = JsonMapper.builder().build().createObjectNode().put("formatVersion", 2);
        List<java.util.function.Consumer<ObjectNode>> steps = List.of(
                t -> t.put("way", t.path("way").asString("") + "1"),
                t -> t.put("way", t.path("way").asString("") + "2"),
                t -> t.put("way", t.path("way").asString("") + "3"));

        Migrations.bring(tree, 2, steps);

        assertThat(tree.get("way").asString()).isEqualTo("23");
        assertThat(tree.get("formatVersion").asInt()).isEqualTo(4);
    }

    @Test
    void theOriginalStaysBesideWhatIsWrittenOverIt(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("old" + ProjectFile.ENDING);
        Path kept = folder.resolve("old" + ProjectFile.ENDING + ".format-1");
        String first = SchemaTest.fixture("version-1.lectulum.json");
        Files.writeString(file, first);
        ProjectJson.Read read = ProjectFile.open(file);
        assertThat(kept).as("only opened").doesNotExist();

        ProjectFile.save(file, read.project(), read.tree());
        ProjectFile.save(file, read.project().named("Later"), read.tree());

        assertThat(kept).hasContent(first);
        assertThat(ProjectFile.open(file).version()).isEqualTo(ProjectJson.VERSION);
    }
}
