package lectulum.files.merge;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/// The parts of a project's tree and their paths: names of fields and ids of the entries of lists, each with a `/` before it. A list
/// whose entries have no ids of their own is one part.
final class Parts {
    private static final List<String> KEYS = List.of("id", "thing", "item", "finding", "kind", "of");

    private Parts() {
    }

    /// The entries of a list by their ids; empty where they have none or one stands twice.
    static Optional<Map<String, JsonNode>> named(JsonNode list) {
        if (!list.isArray()) {
            return Optional.empty();
        }
        for (String key : KEYS) {
            Map<String, JsonNode> all = new LinkedHashMap<>();
            for (JsonNode entry : list) {
                JsonNode id = entry.path(key);
                if (!id.isString() || id.asString().isEmpty()) {
                    break;
                }
                all.put(id.asString(), entry);
            }
            if (all.size() == list.size() && (!list.isEmpty() || key.equals("id"))) {
                return Optional.of(all);
            }
        }
        return Optional.empty();
    }

    /// The fields of an object or the entries of a list with ids; empty for anything else.
    static Optional<Map<String, JsonNode>> inner(JsonNode node) {
        if (!node.isObject()) {
            return named(node);
        }
        Map<String, JsonNode> all = new LinkedHashMap<>();
        node.properties().forEach(f -> all.put(f.getKey(), f.getValue()));
        return Optional.of(all);
    }

    static String below(String path, String name) {
        return path + "/" + name.replace("~", "~0").replace("/", "~1");
    }

    /// The names along a path.
    static List<String> names(String path) {
        List<String> all = new ArrayList<>();
        for (String part : path.split("/")) {
            if (!part.isEmpty()) {
                all.add(part.replace("~1", "/").replace("~0", "~"));
            }
        }
        return all;
    }

    /// Paths of all that is otherwise in the second: a part that came or went is one path.
    static Set<String> changed(JsonNode before, JsonNode after) {
        Set<String> paths = new LinkedHashSet<>();
        changed(before, after, "", paths);
        return paths;
    }

    private static void changed(JsonNode a, JsonNode b, String path, Set<String> paths) {
        if (a.equals(b)) {
            return;
        }
        Optional<Map<String, JsonNode>> x = inner(a);
        Optional<Map<String, JsonNode>> y = inner(b);
        if (x.isEmpty() || y.isEmpty() || a.isObject() != b.isObject()) {
            paths.add(path);
            return;
        }
        Set<String> names = new LinkedHashSet<>(x.get().keySet());
        names.addAll(y.get().keySet());
        for (String name : names) {
            JsonNode from = x.get().get(name);
            JsonNode to = y.get().get(name);
            if (from == null || to == null) {
                paths.add(below(path, name));
            } else {
                changed(from, to, below(path, name), paths);
            }
        }
    }

    /// Whether any path is that one, above it or below it.
    static boolean touched(Set<String> paths, String path) {
        if (paths.contains(path)) {
            return true;
        }
        for (String p : paths) {
            if (path.startsWith(p + "/") || p.startsWith(path + "/") || p.isEmpty()) {
                return true;
            }
        }
        return false;
    }
}
