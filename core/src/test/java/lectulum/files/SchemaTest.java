package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import lectulum.analysis.soundness.Soundness;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.figures.Finding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The published description of the file against a validator that knows nothing of the program.
class SchemaTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final com.networknt.schema.Schema SCHEMA = SchemaRegistry
            .withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(Schema.text(), InputFormat.JSON);

    @Test
    void whatIsPublishedIsWhatTheRecordsSay() throws IOException {
        assertThat(Files.readString(Path.of("..", "docs", "file-format", "project.schema.json")))
                .as("write it anew with the command schema").isEqualTo(Schema.text());
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void whatIsWrittenKeepsToIt(String demo) {
        assertThat(faults(ProjectJson.write(Campers.demo(demo).orElseThrow(), null))).isEmpty();
    }

    @Test
    void aFileWithEachKindOfFeatureKeepsToIt() throws IOException {
        assertThat(faults(fixture("version-3.lectulum.json"))).isEmpty();
    }

    /// Everything that is written is named: a field that the description does not know is refused when it is made strict.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void itNamesEveryFieldThatIsWritten(String demo) {
        JsonNode strict = MAPPER.readTree(Schema.text());
        close(strict);
        var closed = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(strict.toString(), InputFormat.JSON);

        assertThat(closed.validate(ProjectJson.write(Campers.demo(demo).orElseThrow(), null), InputFormat.JSON))
                .isEmpty();
    }

    private static void close(JsonNode node) {
        if (node instanceof ObjectNode object && object.has("properties") && !object.has("additionalProperties")) {
            object.put("additionalProperties", false);
        }
        node.forEach(SchemaTest::close);
    }

    /// Single values of a rich file are put wrong by chance. What keeps to the description opens, and no number in it is
    /// called impossible; what the program refuses for its kind does not keep to it.
    @Test
    void itKnowsWhatOpensAndWhatIsPossible() throws IOException {
        Random chance = new Random(11);
        String rich = fixture("version-3.lectulum.json");
        int valid = 0;
        for (int i = 0; i < 150; i++) {
            JsonNode tree = MAPPER.readTree(rich);
            damage(tree, chance);
            String text = tree.toString();
            boolean keeps = faults(text).isEmpty();
            valid += keeps ? 1 : 0;
            Optional<Project> opened = opened(text);
            if (keeps) {
                assertThat(opened).as(text).isPresent();
                assertThat(impossible(opened.orElseThrow())).as(text).isEmpty();
            }
        }
        assertThat(valid).as("some damage leaves a file that is in order").isBetween(5, 145);
    }

    private static Optional<Project> opened(String text) {
        try {
            return Optional.of(ProjectJson.read(text).project());
        } catch (UnreadableFile e) {
            return Optional.empty();
        }
    }

    private static List<Finding> impossible(Project project) {
        return Soundness.of(project.design(), Optional.empty()).findings().stream()
                .filter(f -> f.detail().toString().contains("possible is"))
                // Between limits that hang on other numbers, a schema cannot choose.
                .filter(f -> !f.id().matches("sound\\.base\\.shell\\.nose.*|.*\\.ownHigh|.*axle\\.spacing"
                        + "|sound\\.assumed\\..*"))
                .toList();
    }

    private static void damage(JsonNode tree, Random chance) {
        List<JsonNode> holders = new ArrayList<>();
        collect(tree, holders);
        while (true) {
            JsonNode holder = holders.get(chance.nextInt(holders.size()));
            if (holder instanceof ObjectNode object && !object.isEmpty()) {
                List<String> names = new ArrayList<>(object.propertyNames());
                object.set(names.get(chance.nextInt(names.size())), value(chance));
                return;
            }
            if (holder instanceof ArrayNode list && !list.isEmpty()) {
                list.set(chance.nextInt(list.size()), value(chance));
                return;
            }
        }
    }

    private static JsonNode value(Random chance) {
        return MAPPER.readTree(List.of("0", "1", "2", "0.5", "-3", "1e9", "\"x\"", "true", "[]", "{}", "null", "17.5")
                .get(chance.nextInt(12)));
    }

    private static void collect(JsonNode node, List<JsonNode> holders) {
        if (node.isContainer()) {
            holders.add(node);
            node.forEach(n -> collect(n, holders));
        }
    }

    private static List<?> faults(String text) {
        return SCHEMA.validate(text, InputFormat.JSON);
    }

    static String fixture(String name) throws IOException {
        try (InputStream in = SchemaTest.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
