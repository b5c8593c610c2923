package lectulum.files;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Project;
import lectulum.design.Variant;
import lectulum.design.base.Base;
import lectulum.design.thing.Thing;
import tools.jackson.databind.JsonNode;

/// What a file must say, since nothing can be put in its place: all else has a value of its own where it is missing.
final class Needed {
    private static final Map<Class<?>, List<String>> NEEDED = Map.of(Project.class, List.of("variants"), Variant.class,
            List.of("id", "design"), Design.class, List.of("brief", "vehicle", "base"), Base.class,
            List.of("shell", "axle", "empty"), Thing.class, List.of("id"), LoadCase.class, List.of("id"));

    private Needed() {
    }

    static List<String> of(Class<?> part) {
        return NEEDED.getOrDefault(part, List.of());
    }

    /// A component in which something that has needs may be.
    ///
    /// @param within what is in it, or in the list it holds
    private record Way(String name, boolean list, Class<?> within) {
        static Stream<Way> of(RecordComponent component) {
            Type type = component.getGenericType();
            Type within = type instanceof ParameterizedType p ? p.getActualTypeArguments()[0] : type;
            return within instanceof Class<?> c && NEEDED.containsKey(c)
                    ? Stream.of(new Way(component.getName(), component.getType() == List.class, c))
                    : Stream.empty();
        }
    }

    private static final ClassValue<List<Way>> WAYS = new ClassValue<>() {
        @Override
        protected List<Way> computeValue(Class<?> part) {
            return Arrays.stream(part.getRecordComponents()).flatMap(Way::of).toList();
        }
    };

    /// Looks through everything that has needs, or holds what has.
    ///
    /// @throws UnreadableFile for the first that is missing
    static void check(JsonNode node, Class<?> part, String path) throws UnreadableFile {
        for (String name : of(part)) {
            if (!node.hasNonNull(name)) {
                throw new UnreadableFile("\"" + name + "\" is missing at " + (path.isEmpty() ? "the top" : path) + ".");
            }
        }
        for (Way way : WAYS.get(part)) {
            JsonNode inner = node.path(way.name());
            String at = path.isEmpty() ? way.name() : path + "." + way.name();
            if (way.list()) {
                each(inner, way.within(), at);
            } else if (!inner.isNull() && !inner.isMissingNode()) {
                check(inner, way.within(), at);
            }
        }
    }

    private static void each(JsonNode list, Class<?> part, String path) throws UnreadableFile {
        if (list.isObject()) {
            throw new UnreadableFile("The value at " + path + " is not what belongs there.");
        }
        List<String> needed = of(part);
        for (int i = 0; i < list.size(); i++) {
            JsonNode entry = list.get(i);
            // Most entries need no more than an id; a way is written out only where it is followed or told.
            if (!WAYS.get(part).isEmpty() || !needed.stream().allMatch(entry::hasNonNull)) {
                check(entry, part, path + "[" + i + "]");
            }
        }
    }
}
