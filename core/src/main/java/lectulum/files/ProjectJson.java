package lectulum.files;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import lectulum.design.Project;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Shell;
import lectulum.design.feature.Feature;
import lectulum.design.feature.FeatureKind;
import lectulum.files.merge.Lineage;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.core.exc.UnexpectedEndOfInputException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.cfg.DateTimeFeature;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The text of a project file: UTF-8 JSON in SI units, keys in a fixed order, described by
/// docs/file-format/project.schema.json. What this version does not know is kept and written back.
public final class ProjectJson {
    /// The version this program writes; files of a higher one are refused.
    public static final int VERSION = Migrations.STEPS.size() + 1;
    static final String FORMAT = "lectulum";

    /// Most levels of objects and lists in one another.
    static final int MOST_NESTED = 100;
    /// Longest text of one value.
    static final int LONGEST_TEXT = 1_000_000;
    /// Most entries of one list.
    static final int MOST_ENTRIES = 20_000;

    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder().maxNestingDepth(MOST_NESTED)
                    .maxStringLength(LONGEST_TEXT).maxNumberLength(100).build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build()).addMixIn(Shell.class, ShellKinds.class)
            .addMixIn(EmptyMass.class, EmptyMassKinds.class).addMixIn(Feature.class, FeatureKinds.class)
            .registerSubtypes(features())
            .addModule(new SimpleModule().addDeserializer(int.class, new WholeNumber()))
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY).enable(SerializationFeature.INDENT_OUTPUT)
            .disable(DateTimeFeature.WRITE_DATES_AS_TIMESTAMPS).build();

    private ProjectJson() {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({@JsonSubTypes.Type(value = Shell.Box.class, name = "box"),
            @JsonSubTypes.Type(value = Shell.Nosed.class, name = "nosed"),
            @JsonSubTypes.Type(value = Shell.Tray.class, name = "tray"),
            @JsonSubTypes.Type(value = Shell.Profile.class, name = "profile")})
    private interface ShellKinds {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({@JsonSubTypes.Type(value = EmptyMass.Entered.class, name = "entered"),
            @JsonSubTypes.Type(value = EmptyMass.Weighed.class, name = "weighed")})
    private interface EmptyMassKinds {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    private interface FeatureKinds {
    }

    /// Every kind of feature by its word.
    private static NamedType[] features() {
        return FeatureKind.all().stream().map(k -> new NamedType(k.type(), k.word())).toArray(NamedType[]::new);
    }

    /// The records that stand for one another at a place, each with the word files use for it.
    static Map<Class<?>, String> kinds(Class<?> type) {
        Map<Class<?>, String> kinds = new LinkedHashMap<>();
        if (type == Feature.class) {
            FeatureKind.all().forEach(k -> kinds.put(k.type(), k.word()));
            return kinds;
        }
        Class<?> said = type == Shell.class ? ShellKinds.class : EmptyMassKinds.class;
        for (JsonSubTypes.Type kind : said.getAnnotation(JsonSubTypes.class).value()) {
            kinds.put(kind.value(), kind.name());
        }
        return kinds;
    }

    /// A project as read, with the tree it came from.
    ///
    /// @param tree  everything the file held, so that what this version does not know survives a save
    /// @param notes what had to be changed to open it, in sentences
    /// @param version of the format in which the file was written
    public record Read(Project project, JsonNode tree, List<String> notes, int version) {
    }

    /// @throws UnreadableFile with a sentence that says what is wrong and where
    public static Read read(String text) throws UnreadableFile {
        if (text.isBlank()) {
            throw new UnreadableFile("The file is empty.");
        }
        try {
            JsonNode tree = MAPPER.readTree(text);
            int version = checkHead(tree);
            checkLists(tree, "");
            Migrations.bring((ObjectNode) tree, version, Migrations.STEPS);
            checkParts(tree);
            List<String> notes = UniqueIds.give(tree);
            return new Read(MAPPER.treeToValue(tree, Project.class), tree, notes, version);
        } catch (StreamConstraintsException e) {
            throw new UnreadableFile("The file is not opened: no more than " + MOST_NESTED
                    + " levels, and no text of more than " + LONGEST_TEXT + " characters, are read.");
        } catch (UnexpectedEndOfInputException e) {
            throw new UnreadableFile("The file ends in the middle" + at(e.getLocation()) + ": it was cut off.");
        } catch (StreamReadException e) {
            throw new UnreadableFile(atTheEnd(text, e.getLocation())
                    ? "The file ends in the middle" + at(e.getLocation()) + ": it was cut off."
                    : "This is not valid JSON" + at(e.getLocation()) + ".");
        } catch (DatabindException e) {
            throw new UnreadableFile("The value at " + path(e) + " is not what belongs there.");
        } catch (JacksonException e) {
            throw new UnreadableFile("The file cannot be understood" + at(e.getLocation()) + ".");
        }
    }

    /// The version of the format in which a file was written; empty for what is no such file.
    static OptionalInt version(byte[] file) {
        try (JsonParser parser = MAPPER.createParser(file)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                return OptionalInt.empty();
            }
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                boolean version = parser.currentName().equals("formatVersion");
                JsonToken value = parser.nextToken();
                if (version) {
                    return value == JsonToken.VALUE_NUMBER_INT
                            ? OptionalInt.of(parser.getIntValue())
                            : OptionalInt.empty();
                }
                parser.skipChildren();
            }
        } catch (JacksonException e) {
            // What cannot be read has no version.
        }
        return OptionalInt.empty();
    }

    /// The text of a project, with what `before` held and this version does not know.
    ///
    /// @param before tree of the file the project was read from; null for a new project
    public static String write(Project project, JsonNode before) {
        return text(tree(project, before));
    }

    /// A tree and its text.
    record Tree(JsonNode node, String text) {
    }

    /// The same with a note of what is otherwise in it than before.
    static Tree noted(Project project, JsonNode before) {
        // As it reads, so that it is compared with what was read.
        ObjectNode tree = (ObjectNode) MAPPER.readTree(text(tree(project, before)));
        Lineage.note(tree, before);
        return new Tree(tree, text(tree));
    }

    private static String text(ObjectNode tree) {
        return MAPPER.writeValueAsString(tree) + "\n";
    }

    private static ObjectNode tree(Project project, JsonNode before) {
        ObjectNode tree = MAPPER.createObjectNode();
        tree.put("format", FORMAT);
        tree.put("formatVersion", VERSION);
        tree.setAll((ObjectNode) MAPPER.valueToTree(project));
        if (before != null) {
            keepUnknown(unknown(before), tree);
        }
        return tree;
    }

    private static int checkHead(JsonNode tree) throws UnreadableFile {
        if (!tree.isObject() || !FORMAT.equals(tree.path("format").asString(""))) {
            throw new UnreadableFile("This is JSON, but not a Lectulum project: \"format\" is not \"lectulum\".");
        }
        int version = tree.path("formatVersion").asInt(0);
        if (version > VERSION) {
            throw new UnreadableFile("The file was written by a newer Lectulum (format " + version
                    + "; this one reads up to " + VERSION + ").");
        }
        if (version < 1) {
            throw new UnreadableFile("\"formatVersion\" is missing or not a whole number.");
        }
        return version;
    }

    /// @param path where the node is
    private static void checkLists(JsonNode node, String path) throws UnreadableFile {
        if (node.isArray()) {
            if (node.size() > MOST_ENTRIES) {
                throw new UnreadableFile("The list at " + (path.isEmpty() ? "the top" : path.substring(1)) + " has "
                        + node.size() + " entries; no more than " + MOST_ENTRIES + " are read.");
            }
            for (int i = 0; i < node.size(); i++) {
                checkLists(node.get(i), path + "[" + i + "]");
            }
        } else if (node.isObject()) {
            for (Map.Entry<String, JsonNode> field : node.properties()) {
                if (field.getValue().isContainer()) {
                    checkLists(field.getValue(), path + "." + field.getKey());
                }
            }
        }
    }

    private static void checkParts(JsonNode tree) throws UnreadableFile {
        JsonNode variants = tree.path("variants");
        if (!variants.isArray() || variants.isEmpty()) {
            throw new UnreadableFile("\"variants\" is missing: the file holds no camper.");
        }
        Needed.check(tree, Project.class, "");
    }

    private static boolean atTheEnd(String text, TokenStreamLocation location) {
        String[] lines = text.stripTrailing().split("\n", -1);
        return location.getLineNr() >= lines.length && location.getColumnNr() > lines[lines.length - 1].length();
    }

    private static String at(TokenStreamLocation location) {
        return location == null || location.getLineNr() < 1
                ? ""
                : " in line " + location.getLineNr() + ", column " + location.getColumnNr();
    }

    private static String path(DatabindException e) {
        String path = e.getPath().stream().map(r -> r.getPropertyName() != null
                ? "." + r.getPropertyName()
                : "[" + r.getIndex() + "]").collect(Collectors.joining());
        return path.isEmpty() ? "the top" : path.startsWith(".") ? path.substring(1) : path;
    }

    /// What a file holds that this version has no place for: what a builder has taken out since is not among it.
    private static JsonNode unknown(JsonNode before) {
        return without(before, MAPPER.valueToTree(MAPPER.treeToValue(before, Project.class)));
    }

    /// A tree less all that another names, with the ids by which entries of lists are found again. A list of which anything
    /// stays keeps all its entries, since some are found by their place.
    private static JsonNode without(JsonNode tree, JsonNode known) {
        if (tree.isArray() && known.isArray()) {
            ArrayNode rest = MAPPER.createArrayNode();
            for (int i = 0; i < tree.size(); i++) {
                rest.add(without(tree.get(i), known.path(i)));
            }
            return rest;
        }
        ObjectNode rest = MAPPER.createObjectNode();
        tree.properties().forEach(field -> {
            JsonNode there = known.get(field.getKey());
            if (there == null) {
                rest.set(field.getKey(), field.getValue());
            } else if (field.getValue().isContainer() && there.isContainer()) {
                JsonNode inner = without(field.getValue(), there);
                if (holds(inner)) {
                    rest.set(field.getKey(), inner);
                }
            } else if (field.getKey().equals("id")) {
                rest.set("id", field.getValue());
            }
        });
        return rest;
    }

    /// Whether anything but ids is in a tree.
    private static boolean holds(JsonNode tree) {
        return tree.isArray()
                ? tree.valueStream().anyMatch(ProjectJson::holds)
                : !tree.isObject() || tree.propertyNames().stream().anyMatch(name -> !name.equals("id"));
    }

    /// Copies from the old tree what the new one does not name. Objects in lists are matched by their id, or by their
    /// place where they have none and the lists are of one length.
    private static void keepUnknown(JsonNode before, JsonNode after) {
        if (before.isObject() && after.isObject()) {
            ObjectNode target = (ObjectNode) after;
            before.properties().forEach(field -> {
                JsonNode known = target.get(field.getKey());
                if (known == null) {
                    target.set(field.getKey(), field.getValue());
                } else {
                    keepUnknown(field.getValue(), known);
                }
            });
        } else if (before.isArray() && after.isArray()) {
            Map<JsonNode, JsonNode> named = new HashMap<>();
            for (JsonNode candidate : before) {
                JsonNode id = candidate.get("id");
                if (id != null) {
                    named.putIfAbsent(id, candidate);
                }
            }
            for (int i = 0; i < after.size(); i++) {
                JsonNode id = after.get(i).get("id");
                JsonNode match = id != null ? named.get(id) : before.size() == after.size() ? before.get(i) : null;
                if (match != null) {
                    keepUnknown(match, after.get(i));
                }
            }
        }
    }
}
