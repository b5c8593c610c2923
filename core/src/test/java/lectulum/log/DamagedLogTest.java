package lectulum.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.figures.Finding;
import lectulum.figures.Stage;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Files in whose log, plan and bill something is odd: each opens, or says where it cannot; nothing throws, and what is left is worked out.
class DamagedLogTest {
    private static final Project NIGHTJAR = Campers.demo("nightjar").orElseThrow();
    private static final List<String> PARTS = List.of("logbook", "works", "purse");

    private static ObjectNode tree() throws UnreadableFile {
        return (ObjectNode) ProjectJson.read(ProjectJson.write(NIGHTJAR, null)).tree();
    }

    /// Every place below a node that holds a value, with what holds it.
    private record Place(JsonNode parent, String field, int at) {
        void set(JsonNode value) {
            if (parent instanceof ObjectNode object) {
                object.set(field, value);
            } else {
                ((ArrayNode) parent).set(at, value);
            }
        }

        void remove() {
            if (parent instanceof ObjectNode object) {
                object.remove(field);
            } else {
                ((ArrayNode) parent).remove(at);
            }
        }
    }

    private static void places(JsonNode node, List<Place> all) {
        if (node instanceof ObjectNode object) {
            for (String name : List.copyOf(object.propertyNames())) {
                all.add(new Place(object, name, 0));
                places(object.get(name), all);
            }
        } else if (node instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                all.add(new Place(list, "", i));
                places(list.get(i), all);
            }
        }
    }

    private static JsonNode odd(ObjectNode tree, Random random) {
        return switch (random.nextInt(12)) {
            case 0 -> tree.numberNode(-1e9);
            case 1 -> tree.numberNode(1e300);
            case 2 -> tree.numberNode(0);
            case 3 -> tree.stringNode("");
            case 4 -> tree.stringNode("2027-13-45");
            case 5 -> tree.stringNode("ΨΩ 🏕 ".repeat(40));
            case 6 -> tree.nullNode();
            case 7 -> tree.booleanNode(true);
            case 8 -> tree.arrayNode();
            case 9 -> tree.objectNode();
            case 10 -> tree.numberNode(0.5);
            default -> tree.stringNode("B1");
        };
    }

    @Test
    void whateverStandsInItNothingThrows() throws UnreadableFile {
        Random random = new Random(17);
        int opened = 0;
        int refused = 0;
        for (int trial = 0; trial < 160; trial++) {
            ObjectNode tree = tree();
            List<Place> all = new ArrayList<>();
            JsonNode design = tree.at("/variants/0/design");
            places(design.path(PARTS.get(random.nextInt(PARTS.size()))), all);
            for (int i = 0; i < 1 + random.nextInt(3); i++) {
                Place place = all.get(random.nextInt(all.size()));
                if (place.parent instanceof ArrayNode list && place.at >= list.size()) {
                    continue;
                }
                if (random.nextInt(5) == 0) {
                    place.remove();
                } else {
                    place.set(odd(tree, random));
                }
            }
            try {
                Design d = ProjectJson.read(tree.toString()).project().design();
                Analysis a = Analysis.of(d);
                assertThat(a.findings()).extracting(Finding::id).as("trial %d", trial)
                        .noneMatch(id -> id.startsWith("analysis."));
                opened++;
            } catch (UnreadableFile said) {
                assertThat(said.getMessage()).isNotBlank();
                refused++;
            }
        }
        assertThat(opened).isGreaterThan(50);
        assertThat(refused).isGreaterThan(10);
    }

    /// Each impossible number is said on its stage, and computed with the nearest possible one.
    @ParameterizedTest
    @CsvSource({"logbook/journeys/0/nights, -3, LOG", "logbook/journeys/1/people, 0, LOG",
            "logbook/journeys/1/water, 1e9, LOG", "logbook/trials/0/lasted, -5, LOG", "logbook/towed, -1, LOG",
            "logbook/upkeep/0/months, 0, LOG", "works/jobs/0/done, 7, BUILD", "works/slots/0/from, 99, BUILD"})
    void anImpossibleNumberIsSaidWhereItIsTyped(String at, double value, Stage stage) throws UnreadableFile {
        ObjectNode tree = tree();
        ((ObjectNode) tree.at("/variants/0/design/works")).putArray("slots").addObject().put("day", "SUNDAY")
                .put("from", 9).put("to", 12).put("helper", false);
        String path = "/variants/0/design/" + at;
        int cut = path.lastIndexOf('/');
        ((ObjectNode) tree.at(path.substring(0, cut))).put(path.substring(cut + 1), value);

        Analysis a = Analysis.of(ProjectJson.read(tree.toString()).project().design());

        assertThat(a.findings(stage)).extracting(Finding::id).anyMatch(id -> id.startsWith("sound."));
        assertThat(a.design()).isNotEqualTo(a.given());
        assertThat(a.figures().value("log.nights")).isBetween(0.0, 1100.0);
    }
}
