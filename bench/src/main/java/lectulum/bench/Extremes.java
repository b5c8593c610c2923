package lectulum.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// Numbers of a project file put to extremes, one at a time: of each kind of place the first few, where a kind is its way through
/// the file without the places in lists, and the kind of feature that it stands in.
final class Extremes {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final double[] VALUES = {0, -1, 1e-9, 1e-300, 1e9, 1e308, -1e308, 0.5, 7, 1e4, 1e-4};
    private static final double[] FACTORS = {1000, 0.001, 25.4, -1, 10, 0.1};
    private static final String KIND = "kind";

    private final int each;
    private final Map<String, Integer> seen = new HashMap<>();

    /// A number that is put in the place of another.
    record Extreme(JsonPointer where, double value) {
        /// @param text of a project file
        String in(String text) {
            JsonNode tree = MAPPER.readTree(text);
            ((ObjectNode) tree.at(where.head())).put(where.last().getMatchingProperty(), value);
            return MAPPER.writeValueAsString(tree);
        }

        @Override
        public String toString() {
            return where + " = " + value;
        }
    }

    /// @param each how many places of a kind, in all files that are asked for
    Extremes(int each) {
        this.each = each;
    }

    /// @param text of a project file
    List<Extreme> of(String text) {
        List<Extreme> all = new ArrayList<>();
        walk(MAPPER.readTree(text), JsonPointer.empty(), "", all);
        return all;
    }

    private void walk(JsonNode node, JsonPointer at, String kind, List<Extreme> all) {
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                walk(node.get(i), at.appendIndex(i), kind + "/*", all);
            }
            return;
        }
        String of = node.has(KIND) ? node.get(KIND).asString("") : "";
        for (String name : node.propertyNames()) {
            JsonNode child = node.get(name);
            JsonPointer there = at.appendProperty(name);
            if (child.isNumber() && seen.merge(kind + "/" + name + of, 1, Integer::sum) <= each) {
                for (double value : VALUES) {
                    all.add(new Extreme(there, value));
                }
                for (double factor : FACTORS) {
                    all.add(new Extreme(there, child.asDouble() * factor));
                }
            }
            walk(child, there, kind + "/" + name, all);
        }
    }
}
