package lectulum.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.figures.Finding;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// Files of which a part is missing, each kind of part once: a file opens or says why not, and what is left is worked out.
class MissingPartsTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    /// The places of a tree whose kind was not seen yet, as steps from its root.
    private static void places(JsonNode node, List<String> way, String kind, Set<String> seen, List<List<String>> all) {
        for (String name : node.isObject() ? node.propertyNames() : Set.<String>of()) {
            JsonNode inside = node.get(name);
            List<String> there = plus(way, name);
            String what = kind + "/" + name + "." + node.path("kind").asString("");
            if (inside.isContainer() && seen.add(what)) {
                all.add(there);
            }
            places(inside, there, what, seen, all);
        }
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            places(node.get(i), plus(way, String.valueOf(i)), kind + "/*", seen, all);
        }
    }

    private static List<String> plus(List<String> way, String step) {
        List<String> longer = new ArrayList<>(way);
        longer.add(step);
        return longer;
    }

    private static String without(String whole, List<String> way, boolean left) {
        JsonNode tree = MAPPER.readTree(whole);
        JsonNode at = tree;
        for (String step : way.subList(0, way.size() - 1)) {
            at = at.isArray() ? at.get(Integer.parseInt(step)) : at.get(step);
        }
        if (left) {
            ((ObjectNode) at).putNull(way.getLast());
        } else {
            ((ObjectNode) at).remove(way.getLast());
        }
        return MAPPER.writeValueAsString(tree);
    }

    @Test
    void whatIsLeftIsWorkedOut() {
        Set<String> seen = new HashSet<>();
        int opened = 0;
        List<String> failed = new ArrayList<>();
        for (var d : Campers.all()) {
            String whole = ProjectJson.write(Project.of("x", d), null);
            List<List<String>> places = new ArrayList<>();
            places(MAPPER.readTree(whole), List.of(), "", seen, places);
            Analysis sound = Analysis.of(d);
            for (List<String> way : places) {
                try {
                    Project read = ProjectJson.read(without(whole, way, opened % 2 == 0)).project();
                    opened++;
                    sound.next(read.design()).findings().stream().map(Finding::id)
                            .filter(f -> f.startsWith("analysis."))
                            .forEach(f -> failed.add(way + ": " + f));
                } catch (UnreadableFile said) {
                    assertThat(said.getMessage()).as("%s", way).isNotBlank();
                }
            }
        }

        assertThat(failed).isEmpty();
        assertThat(opened).isGreaterThan(150);
    }
}
