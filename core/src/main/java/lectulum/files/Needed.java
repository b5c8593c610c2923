package lectulum.files;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Project;
import lectulum.design.Variant;
import lectulum.design.base.Base;
import lectulum.design.brief.Person;
import lectulum.design.thing.Thing;
import tools.jackson.databind.JsonNode;

/// What a file must say, since nothing can be put in its place: all else has a value of its own where it is missing.
final class Needed {
    private static final Map<Class<?>, List<String>> NEEDED = Map.of(Project.class, List.of("variants"), Variant.class,
            List.of("id", "design"), Design.class, List.of("brief", "vehicle", "base"), Base.class,
            List.of("shell", "axle", "empty"), Thing.class, List.of("id"), LoadCase.class, List.of("id"), Person.class,
            List.of("id"));

    private Needed() {
    }

    static List<String> of(Class<?> part) {
        return NEEDED.getOrDefault(part, List.of());
    }

    /// Looks through everything that is a record with a need, or holds one.
    ///
    /// @throws UnreadableFile for the first that is missing
    static void check(JsonNode node, Type type, String path) throws UnreadableFile {
        if (type instanceof ParameterizedType p && p.getRawType() == List.class) {
            if (node.isObject()) {
                throw new UnreadableFile("The value at " + path + " is not what belongs there.");
            }
            for (int i = 0; i < node.size(); i++) {
                check(node.get(i), p.getActualTypeArguments()[0], path + "[" + i + "]");
            }
        } else if (type instanceof ParameterizedType p && !node.isNull()) {
            check(node, p.getActualTypeArguments()[0], path);
        } else if (type instanceof Class<?> c && NEEDED.containsKey(c)) {
            for (String name : of(c)) {
                if (!node.hasNonNull(name)) {
                    throw new UnreadableFile("\"" + name + "\" is missing at " + (path.isEmpty() ? "the top" : path)
                            + ".");
                }
            }
            for (RecordComponent component : c.getRecordComponents()) {
                if (node.has(component.getName())) {
                    check(node.get(component.getName()), component.getGenericType(),
                            path.isEmpty() ? component.getName() : path + "." + component.getName());
                }
            }
        }
    }
}
