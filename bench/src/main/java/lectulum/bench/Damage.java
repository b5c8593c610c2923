package lectulum.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// Damages the text of a project file as people, programs and disks do: values of the wrong kind or size, parts that are
/// missing, there twice or in another order, text that is cut off or of which a byte is another one.
final class Damage {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final double[] NUMBERS = {0, -1, 1e-9, 1e-300, 1e9, 1e308, -1e308, 0.5, 7};
    /// What a number becomes that was meant in another unit, or with another sign.
    private static final double[] FACTORS = {1000, 0.001, 25.4, 1 / 25.4, 2.2, -1, 10};
    private static final String[] TEXTS = {"", "7", "NaN", "ROAD", "a\u0000b", "=1+1", "\u202Eabc", "😀"};
    private final SplittableRandom dice;

    Damage(long seed) {
        this.dice = new SplittableRandom(seed);
    }

    /// @param text of a project file
    String of(String text) {
        if (dice.nextInt(20) == 0) {
            return text.substring(0, dice.nextInt(text.length()));
        }
        if (dice.nextInt(20) == 0) {
            int at = dice.nextInt(text.length());
            return text.substring(0, at) + (char) (32 + dice.nextInt(95)) + text.substring(at + 1);
        }
        JsonNode tree = MAPPER.readTree(text);
        int times = 1 + dice.nextInt(3);
        for (int i = 0; i < times; i++) {
            damage(tree);
        }
        return MAPPER.writeValueAsString(tree);
    }

    private void damage(JsonNode tree) {
        List<JsonNode> holders = new ArrayList<>();
        collect(tree, holders);
        JsonNode holder = holders.get(dice.nextInt(holders.size()));
        if (holder instanceof ObjectNode object) {
            List<String> names = new ArrayList<>(object.propertyNames());
            String name = names.get(dice.nextInt(names.size()));
            if (dice.nextInt(5) == 0) {
                object.remove(name);
            } else {
                object.set(name, wrong(object.get(name)));
            }
        } else if (holder instanceof ArrayNode list) {
            int at = dice.nextInt(list.size());
            switch (dice.nextInt(4)) {
                case 0 -> list.remove(at);
                case 1 -> list.insert(dice.nextInt(list.size() + 1), list.get(at).deepCopy());
                case 2 -> list.set(at, wrong(list.get(at)));
                default -> {
                    JsonNode moved = list.remove(at);
                    list.insert(dice.nextInt(list.size() + 1), moved);
                }
            }
        }
    }

    private static void collect(JsonNode node, List<JsonNode> holders) {
        if (node.isContainer() && !node.isEmpty()) {
            holders.add(node);
        }
        for (JsonNode child : node) {
            collect(child, holders);
        }
    }

    private JsonNode wrong(JsonNode was) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        return switch (dice.nextInt(10)) {
            case 8, 9 -> make.numberNode(was.asDouble(1) * FACTORS[dice.nextInt(FACTORS.length)]);
            case 0, 1, 2 -> make.numberNode(NUMBERS[dice.nextInt(NUMBERS.length)]);
            case 3 -> make.stringNode(TEXTS[dice.nextInt(TEXTS.length)]);
            case 4 -> make.booleanNode(dice.nextBoolean());
            case 5 -> make.nullNode();
            case 6 -> make.arrayNode().add(was.deepCopy());
            default -> make.objectNode().set("value", was.deepCopy());
        };
    }
}
