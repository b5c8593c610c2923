package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.figures.Finding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Whatever a file calls them, every person, receipt, raceway and so on can be told from the others once it is open: what is
/// changed or taken away is that one alone.
class UniqueIdsTest {
    private static final JsonMapper MAPPER = new JsonMapper();

    /// A list of entries with ids in the file of a demonstration.
    private record Place(String demo, String path) {
        ObjectNode file() {
            return (ObjectNode) MAPPER.readTree(ProjectJson.write(Campers.demo(demo).orElseThrow(), null));
        }

        @Override
        public String toString() {
            return path.substring(path.lastIndexOf('/') + 1);
        }
    }

    /// The first of each kind with two entries or more.
    static Stream<Place> lists() {
        Set<String> kinds = new HashSet<>();
        List<Place> all = new ArrayList<>();
        for (String demo : List.of("nightjar", "dunlin", "chamois")) {
            List<String> paths = new ArrayList<>();
            walk(new Place(demo, "").file(), "", paths);
            paths.stream().filter(p -> kinds.add(p.replaceAll("/\\d+", "/"))).forEach(p -> all.add(new Place(demo, p)));
        }
        return all.stream();
    }

    private static void walk(JsonNode node, String path, List<String> paths) {
        if (node.isArray() && node.size() > 1 && node.get(0).has("id")) {
            paths.add(path);
        }
        for (int i = 0; i < node.size() && node.isArray(); i++) {
            walk(node.get(i), path + "/" + i, paths);
        }
        if (node.isObject()) {
            node.properties().forEach(e -> walk(e.getValue(), path + "/" + e.getKey(), paths));
        }
    }

    private static List<String> ids(JsonNode tree, String path) {
        return tree.at(path).valueStream().map(e -> e.path("id").asString("")).toList();
    }

    @ParameterizedTest
    @MethodSource("lists")
    void theSecondOfTwoGetsAnotherIdAndTheOthersKeepTheirs(Place place) throws UnreadableFile {
        ObjectNode file = place.file();
        ArrayNode list = (ArrayNode) file.at(place.path);
        List<String> before = ids(file, place.path);
        ((ObjectNode) list.get(list.size() - 1)).put("id", before.getFirst());

        ProjectJson.Read read = ProjectJson.read(file.toString());

        List<String> now = ids(MAPPER.readTree(ProjectJson.write(read.project(), read.tree())), place.path);
        assertThat(now).doesNotHaveDuplicates().startsWith(before.subList(0, before.size() - 1).toArray(String[]::new))
                .hasSameSizeAs(before);
        assertThat(read.notes()).singleElement().asString().contains("\"" + before.getFirst() + "\"")
                .contains("\"" + now.getLast() + "\"");
    }

    @ParameterizedTest
    @MethodSource("lists")
    void anEmptyIdIsFilled(Place place) throws UnreadableFile {
        ObjectNode file = place.file();
        ArrayNode list = (ArrayNode) file.at(place.path);
        ((ObjectNode) list.get(1)).put("id", " ");

        ProjectJson.Read read = ProjectJson.read(file.toString());

        List<String> now = ids(MAPPER.readTree(ProjectJson.write(read.project(), read.tree())), place.path);
        assertThat(now).doesNotHaveDuplicates().noneMatch(String::isBlank);
        assertThat(read.notes()).singleElement().asString().contains("had no id").contains("\"" + now.get(1) + "\"");
    }

    @Test
    void somebodyWithoutAnIdTravelsAlongAndHasABed() throws UnreadableFile {
        ObjectNode file = new Place("nightjar", "").file();
        ObjectNode first = (ObjectNode) file.at("/variants/0/design/brief/people/0");
        ObjectNode last = (ObjectNode) file.at("/variants/0/design/brief/people/1");
        first.putNull("id");
        last.remove("id");

        ProjectJson.Read read = ProjectJson.read(file.toString());
        Analysis analysis = Analysis.of(read.project().design());

        assertThat(read.project().design().brief().people()).extracting(p -> p.id()).contains("people-1", "people-2");
        assertThat(analysis.findings()).extracting(Finding::id).noneMatch(id -> id.startsWith("analysis."));
        assertThat(analysis.figures().find("layout.sleep.assigned").orElseThrow().value().getAsDouble())
                .isEqualTo(2);
        assertThat(ProjectJson.read(ProjectJson.write(read.project(), read.tree())).notes())
                .as("saved, nothing is left to mend").isEmpty();
    }

    @Test
    void whatIsGivenIsNobodyElsesNameAlready() throws UnreadableFile {
        ObjectNode file = new Place("dunlin", "").file();
        ArrayNode things = (ArrayNode) file.at("/variants/0/design/things");
        ((ObjectNode) things.get(0)).put("id", "box");
        ((ObjectNode) things.get(1)).put("id", "box");
        ((ObjectNode) things.get(2)).put("id", "box-2");

        ProjectJson.Read read = ProjectJson.read(file.toString());

        assertThat(read.project().design().things()).extracting(t -> t.id()).startsWith("box", "box-3", "box-2");
    }
}
