package lectulum.files;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import lectulum.design.Meaning;
import lectulum.design.Project;
import lectulum.design.Whole;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The description of a project file as a JSON Schema (draft 2020-12), made from the records of the design: their
/// components with what these [lectulum.design.Means], the words of choices, and what is [Needed].
///
/// A file that keeps to it opens, and no number in it is one that cannot be meant.
public final class Schema {
    private final JsonMapper mapper = JsonMapper.builder().build();
    private final Map<String, ObjectNode> parts = new TreeMap<>();
    private final Map<Class<?>, String> names = new LinkedHashMap<>();

    private Schema() {
    }

    /// Its text.
    public static String text() {
        Schema schema = new Schema();
        ObjectNode top = schema.mapper.createObjectNode();
        top.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        top.put("title", "Lectulum project");
        top.put("description", "SI units throughout. Fields not named here are kept.");
        ObjectNode project = schema.record(Project.class);
        ObjectNode properties = schema.mapper.createObjectNode();
        properties.putObject("format").put("const", ProjectJson.FORMAT);
        properties.putObject("formatVersion").put("const", ProjectJson.VERSION);
        properties.setAll((ObjectNode) project.get("properties"));
        top.put("type", "object");
        ArrayNode required = top.putArray("required").add("format").add("formatVersion");
        project.get("required").forEach(required::add);
        ((ObjectNode) properties.get("variants")).put("minItems", 1);
        top.set("properties", properties);
        ObjectNode defs = top.putObject("$defs");
        schema.parts.forEach(defs::set);
        return schema.mapper.writerWithDefaultPrettyPrinter().writeValueAsString(top) + "\n";
    }

    private ObjectNode record(Class<?> type) {
        ObjectNode node = mapper.createObjectNode();
        Optional.ofNullable(type.getAnnotation(Whole.class)).ifPresent(w -> node.put("description",
                w.value() + "; left out whole where a number in it cannot be meant."));
        node.put("type", "object");
        ObjectNode properties = node.putObject("properties");
        for (RecordComponent component : type.getRecordComponents()) {
            Optional<Meaning> meaning = Meaning.of(type).stream().filter(m -> m.name().equals(component.getName()))
                    .findFirst();
            properties.set(component.getName(), described(of(component.getGenericType(), meaning), meaning));
        }
        List<String> needed = new ArrayList<>(Needed.of(type));
        // A number that is missing is read as 0: where that cannot be meant, a file that is in order says it.
        Meaning.of(type).stream().filter(m -> (m.type() == double.class || m.type() == int.class) && !m.allows(0))
                .map(Meaning::name).filter(n -> !needed.contains(n)).forEach(needed::add);
        if (!needed.isEmpty()) {
            ArrayNode required = node.putArray("required");
            needed.forEach(required::add);
        }
        return node;
    }

    private static ObjectNode described(ObjectNode node, Optional<Meaning> meaning) {
        meaning.ifPresent(m -> node.put("description", words(m)));
        return node;
    }

    private static String words(Meaning m) {
        String unit = number(m.type()) || m.type() == Map.class || m.type() == List.class ? unit(m) : "";
        return m.label() + (m.says().isEmpty() ? "" : ": " + m.says()) + unit;
    }

    private static String unit(Meaning m) {
        String symbol = m.quantity().si();
        return symbol.equals("1") || !m.allows(m.low()) ? "" : " [" + symbol + "]";
    }

    private static boolean number(Class<?> type) {
        return type == double.class || type == int.class || type == OptionalDouble.class;
    }

    private ObjectNode of(Type type, Optional<Meaning> meaning) {
        if (type instanceof ParameterizedType p) {
            return generic(p, meaning);
        }
        Class<?> c = (Class<?>) type;
        ObjectNode node = mapper.createObjectNode();
        if (c == String.class) {
            return node.put("type", "string");
        }
        if (c == boolean.class) {
            return node.put("type", "boolean");
        }
        if (c == OptionalDouble.class) {
            return orNull(limited("number", meaning));
        }
        if (c == int.class) {
            return limited("integer", meaning);
        }
        if (c == double.class || c == Double.class) {
            return limited("number", meaning);
        }
        if (c.isEnum()) {
            ArrayNode words = node.putArray("enum");
            Arrays.stream(c.getEnumConstants()).forEach(w -> words.add(((Enum<?>) w).name()));
            return node;
        }
        return node.put("$ref", "#/$defs/" + name(c));
    }

    private ObjectNode generic(ParameterizedType type, Optional<Meaning> meaning) {
        Type[] inner = type.getActualTypeArguments();
        ObjectNode node = mapper.createObjectNode();
        if (type.getRawType() == List.class) {
            node.put("type", "array").put("maxItems", ProjectJson.MOST_ENTRIES).set("items", of(inner[0], meaning));
            return node;
        }
        if (type.getRawType() == Map.class) {
            node.put("type", "object");
            if (inner[0] instanceof Class<?> key && key.isEnum()) {
                node.set("propertyNames", of(key, Optional.empty()));
            }
            Optional<Meaning> ofValues = meaning.filter(m -> inner[0] != String.class);
            node.set("additionalProperties", of(inner[1], ofValues));
            return node;
        }
        return orNull(of(inner[0], meaning));
    }

    private ObjectNode limited(String type, Optional<Meaning> meaning) {
        ObjectNode node = mapper.createObjectNode().put("type", type);
        meaning.ifPresent(m -> node.put("minimum", m.low()).put("maximum", m.high()));
        return node;
    }

    private ObjectNode orNull(ObjectNode node) {
        ObjectNode either = mapper.createObjectNode();
        either.putArray("anyOf").add(node).addObject().put("type", "null");
        return either;
    }

    /// The name under which a record or a choice of records is described, once.
    private String name(Class<?> type) {
        String known = names.get(type);
        if (known != null) {
            return known;
        }
        String simple = type.getSimpleName();
        String name = Character.toLowerCase(simple.charAt(0)) + simple.substring(1);
        if (names.containsValue(name)) {
            String outer = type.getEnclosingClass().getSimpleName();
            name = Character.toLowerCase(outer.charAt(0)) + outer.substring(1) + simple;
        }
        names.put(type, name);
        parts.put(name, type.isRecord() ? record(type) : choice(type));
        return name;
    }

    /// One of several records, told apart by its kind.
    private ObjectNode choice(Class<?> type) {
        ObjectNode node = mapper.createObjectNode();
        ArrayNode kinds = node.putArray("oneOf");
        ProjectJson.kinds(type).forEach((record, word) -> {
            ObjectNode kind = record(record);
            ObjectNode properties = mapper.createObjectNode();
            properties.putObject("kind").put("const", word);
            properties.setAll((ObjectNode) kind.get("properties"));
            kind.set("properties", properties);
            kind.putArray("required").add("kind");
            kinds.add(kind);
        });
        return node;
    }
}
