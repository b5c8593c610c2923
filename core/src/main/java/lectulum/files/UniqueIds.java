package lectulum.files;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lectulum.design.Project;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// Gives every entry of a list that is told by its id one of its own, so that an edit of one never changes another: the first
/// of two keeps an id, the second gets a number behind it; one without gets the name of its list.
final class UniqueIds {
    private static final int MOST_NOTES = 50;
    private static final String ID = "id";
    private final Set<String> notes = new LinkedHashSet<>();

    private UniqueIds() {
    }

    /// Changes the tree where it must.
    ///
    /// @return what was changed, in sentences
    static List<String> give(JsonNode project) {
        UniqueIds ids = new UniqueIds();
        ids.follow(project, Project.class);
        return List.copyOf(ids.notes);
    }

    /// A component in which entries with ids may be.
    ///
    /// @param within what is in it, or in the list it holds
    private record Way(String name, boolean list, Class<?> within) {
        static Stream<Way> of(RecordComponent component) {
            boolean list = component.getType() == List.class;
            Type type = component.getGenericType();
            Type within = (list || component.getType() == Optional.class) && type instanceof ParameterizedType p
                    ? p.getActualTypeArguments()[0]
                    : type;
            return within instanceof Class<?> c && c.isRecord() && (list && named(c) || !WAYS.get(c).isEmpty())
                    ? Stream.of(new Way(component.getName(), list, c))
                    : Stream.empty();
        }

        boolean unique() {
            return list && named(within);
        }

        private static boolean named(Class<?> part) {
            return Arrays.stream(part.getRecordComponents())
                    .anyMatch(c -> c.getName().equals(ID) && c.getType() == String.class);
        }
    }

    private static final ClassValue<List<Way>> WAYS = new ClassValue<>() {
        @Override
        protected List<Way> computeValue(Class<?> part) {
            return Arrays.stream(part.getRecordComponents()).flatMap(Way::of).toList();
        }
    };

    private void follow(JsonNode node, Class<?> part) {
        for (Way way : WAYS.get(part)) {
            JsonNode inner = node.path(way.name());
            if (way.unique()) {
                list(inner, way.name());
            }
            if (!WAYS.get(way.within()).isEmpty()) {
                (way.list() ? inner.valueStream() : Stream.of(inner)).forEach(n -> follow(n, way.within()));
            }
        }
    }

    private void list(JsonNode list, String name) {
        List<ObjectNode> entries = list.valueStream().filter(JsonNode::isObject).map(ObjectNode.class::cast)
                .filter(e -> !e.path(ID).isContainer()).toList();
        Set<String> all = new HashSet<>();
        entries.forEach(e -> all.add(id(e)));
        Set<String> seen = new HashSet<>();
        Map<String, Integer> next = new HashMap<>();
        for (ObjectNode entry : entries) {
            String id = id(entry);
            if (!id.isBlank() && seen.add(id)) {
                continue;
            }
            String stem = id.isBlank() ? name : id;
            String free = stem;
            do {
                free = stem + "-" + next.merge(stem, id.isBlank() ? 1 : 2, (last, first) -> last + 1);
            } while (!all.add(free));
            entry.put(ID, free);
            note(id.isBlank()
                    ? "Of " + name + ", one had no id; it is now \"" + free + "\"."
                    : "Of " + name + ", two had the id \"" + id + "\"; one is now \"" + free + "\".");
        }
    }

    private static String id(JsonNode entry) {
        return entry.path(ID).asString("");
    }

    private void note(String says) {
        if (notes.size() < MOST_NOTES) {
            notes.add(says);
        }
    }
}
