package lectulum.files.merge;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Gives entries of one copy other ids where the other copy added different ones under the same.
final class Renaming {
    /// Fields in which ids stand.
    private static final Set<String> NAMING = Set.of("id", "thing", "things", "task", "after", "item", "used", "case",
            "circuit", "raceway", "way");
    /// Fields whose inner fields are called by ids, or hold lists of them.
    private static final Set<String> BY_ID = Set.of("order", "fills", "levels", "tanks");
    private final ObjectNode mine;
    private final Predicate<String> anew;
    private final Map<String, String> names = new HashMap<>();
    private final Set<String> taken = new HashSet<>();

    private Renaming(ObjectNode mine, Predicate<String> anew) {
        this.mine = mine;
        this.anew = anew;
    }

    /// A copy with other ids.
    ///
    /// @param ids new ones by the old
    record Renamed(ObjectNode tree, Map<String, String> ids) {
    }

    /// @param anew whether what stands at a path was added by both apart
    static Renamed of(ObjectNode mine, ObjectNode theirs, Predicate<String> anew) {
        Renaming r = new Renaming(mine, anew);
        r.ids(mine);
        r.ids(theirs);
        r.look(mine, theirs, "");
        return r.names.isEmpty()
                ? new Renamed(theirs, Map.of())
                : new Renamed((ObjectNode) r.renamed(theirs, "", ""), Map.copyOf(r.names));
    }

    private void ids(JsonNode node) {
        if (node.path("id").isString()) {
            taken.add(node.path("id").asString());
        }
        node.forEach(this::ids);
    }

    private void look(JsonNode a, JsonNode b, String path) {
        Optional<Map<String, JsonNode>> x = Parts.inner(a);
        Optional<Map<String, JsonNode>> y = Parts.inner(b);
        if (x.isEmpty() || y.isEmpty() || a.equals(b) || path.equals("/pinned")) {
            return;
        }
        x.get().forEach((name, from) -> {
            JsonNode to = y.get().get(name);
            String below = Parts.below(path, name);
            if (to == null || from.equals(to)) {
                return;
            }
            if (a.isArray() && to.path("id").isString() && anew.test(below)) {
                names.put(name, free(name));
            } else {
                look(from, to, below);
            }
        });
    }

    private String free(String id) {
        String stem = id.replaceAll("-[0-9]+$", "");
        int n = 2;
        while (!taken.add(stem + "-" + n)) {
            n++;
        }
        return stem + "-" + n;
    }

    /// The same with every id that is renamed, wherever it is named.
    private JsonNode renamed(JsonNode node, String field, String outer) {
        if (node.isObject()) {
            ObjectNode next = mine.objectNode();
            node.properties().forEach(f -> next.set(
                    BY_ID.contains(field) ? names.getOrDefault(f.getKey(), f.getKey()) : f.getKey(),
                    renamed(f.getValue(), f.getKey(), field)));
            return next;
        }
        if (node.isArray()) {
            ArrayNode next = mine.arrayNode();
            node.forEach(entry -> next.add(renamed(entry, field, outer)));
            return next;
        }
        boolean naming = NAMING.contains(field) || BY_ID.contains(outer);
        return node.isString() && naming && names.containsKey(node.asString())
                ? mine.stringNode(names.get(node.asString()))
                : node;
    }
}
