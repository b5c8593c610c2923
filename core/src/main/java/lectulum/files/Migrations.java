package lectulum.files;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// The way of a file from the version it was written in to the one this program writes: one step for each version between.
/// A step changes names and places only, and stays as it is for ever once files of the next version exist.
final class Migrations {
    /// The n-th brings a file of version n to version n + 1.
    static final List<Consumer<ObjectNode>> STEPS = List.of(Migrations::unknownIsNull, Migrations::unknownStraps);

    private Migrations() {
    }

    /// Brings a file to the version after the last step.
    ///
    /// @param tree    changed in place
    /// @param version in which it was written, from 1
    /// @param steps   all there are
    static void bring(ObjectNode tree, int version, List<Consumer<ObjectNode>> steps) {
        steps.subList(version - 1, steps.size()).forEach(step -> step.accept(tree));
        tree.put("formatVersion", steps.size() + 1);
    }

    /// Version 2: what is not known is null; version 1 wrote 0 for it. A nose is called nosed.
    private static void unknownIsNull(ObjectNode tree) {
        designs(tree).forEach(design -> {
            unknown(design.path("brief"), "budget");
            Stream.concat(Stream.of(design.path("vehicle")), each(design.path("garage"))).forEach(vehicle -> {
                unknown(vehicle, "ball");
                unknown(vehicle.path("papers"), "tank");
            });
            JsonNode base = design.path("base");
            unknown(base.at("/survey/tapes"), "rear");
            unknown(base.at("/carcass/gear/springs"), "hangers");
            unknown(base.at("/carcass/lift"), "side");
            if (base.path("shell") instanceof ObjectNode shell && shell.path("kind").asString("").equals("v-nose")) {
                shell.put("kind", "nosed");
            }
        });
    }

    /// Version 3: where it is kept stands in the brief; version 2 had it among what is assumed.
    private static void keptInBrief(ObjectNode tree) {
        designs(tree).forEach(design -> {
            if (design.at("/settings/assumed") instanceof ObjectNode assumed
                    && design.path("brief") instanceof ObjectNode brief) {
                JsonNode height = assumed.remove("garage.height");
                JsonNode length = assumed.remove("garage.length");
                if (height != null || length != null) {
                    ObjectNode kept = brief.putObject("kept");
                    kept.set("height", height);
                    kept.set("length", length);
                    unknown(kept, "height");
                    unknown(kept, "length");
                }
            }
        });
    }

    /// Version 3: what a strap is rated for and how many hold rearwards are null where they are not known.
    private static void unknownStraps(ObjectNode tree) {
        keptInBrief(tree);
        designs(tree).flatMap(design -> each(design.path("things"))).flatMap(thing -> each(thing.path("features")))
                .forEach(feature -> {
                    unknown(feature, "strap");
                    unknown(feature, "rearwards");
                });
    }

    private static void unknown(JsonNode part, String name) {
        if (part instanceof ObjectNode object && part.path(name).isNumber() && part.path(name).asDouble() == 0) {
            object.putNull(name);
        }
    }

    /// Every design in a file: of each variant, and the pinned one.
    private static Stream<JsonNode> designs(ObjectNode tree) {
        return Stream.concat(each(tree.path("variants")).map(v -> v.path("design")), Stream.of(tree.path("pinned")));
    }

    private static Stream<JsonNode> each(JsonNode list) {
        return list.isArray() ? StreamSupport.stream(list.spliterator(), false) : Stream.empty();
    }
}
