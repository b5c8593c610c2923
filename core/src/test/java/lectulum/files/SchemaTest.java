package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import lectulum.demo.Campers;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Follows what is written through the published schema: a field or a word that the schema does not name is a gap.
class SchemaTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private final JsonNode schema = MAPPER
            .readTree(Files.readString(Path.of("..", "docs", "file-format", "project.schema.json")));
    private final List<String> gaps = new ArrayList<>();

    SchemaTest() throws IOException {
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void theSchemaNamesEverythingThatIsWritten(String demo) {
        JsonNode file = MAPPER.readTree(ProjectJson.write(Campers.demo(demo).orElseThrow(), null));

        follow(file, schema, "");

        assertThat(gaps).isEmpty();
    }

    private void follow(JsonNode value, JsonNode rule, String path) {
        JsonNode r = resolve(value, rule, path);
        if (r == null || value.isNull()) {
            return;
        }
        if (r.has("enum") && !contains(r.get("enum"), value) || r.has("const") && !r.get("const").equals(value)) {
            gaps.add(path + ": " + value);
        }
        if (value.isObject()) {
            value.properties().forEach(field -> {
                JsonNode inner = r.path("properties").get(field.getKey());
                JsonNode any = inner == null ? r.get("additionalProperties") : inner;
                if (any == null) {
                    gaps.add(path + "." + field.getKey() + " is not named");
                } else {
                    follow(field.getValue(), any, path + "." + field.getKey());
                }
            });
        } else if (value.isArray()) {
            value.forEach(item -> follow(item, r.get("items"), path + "[]"));
        }
    }

    private JsonNode resolve(JsonNode value, JsonNode rule, String path) {
        if (rule.has("$ref")) {
            return resolve(value, schema.at(rule.get("$ref").asString().substring(1)), path);
        }
        if (rule.has("anyOf")) {
            return value.isNull() ? null : resolve(value, rule.get("anyOf").get(0), path);
        }
        if (rule.has("oneOf")) {
            for (JsonNode kind : rule.get("oneOf")) {
                if (kind.at("/properties/kind/const").equals(value.get("kind"))) {
                    return kind;
                }
            }
            gaps.add(path + ": no kind " + value.get("kind"));
            return null;
        }
        return rule;
    }

    private static boolean contains(JsonNode list, JsonNode value) {
        for (JsonNode item : list) {
            if (item.equals(value) || item.isNumber() && value.isNumber() && item.asDouble() == value.asDouble()) {
                return true;
            }
        }
        return false;
    }
}
