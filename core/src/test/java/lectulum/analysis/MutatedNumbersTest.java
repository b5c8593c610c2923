package lectulum.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lectulum.balance.LoadedState;
import lectulum.balance.weigh.WeighDay;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;
import lectulum.units.Style;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.DoubleNode;
import tools.jackson.databind.node.ObjectNode;

/// No analysis throws, whatever number stands in a file: each kind of number of the demonstrations, with a weigh day of all
/// kinds of readings, is made nothing, tiny, huge, negative or absent; another of these in each demonstration.
class MutatedNumbersTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final double[] VALUES = {0, 1e-9, 1e-300, 1e9, 1e308, -1, -1e308, Double.NaN};

    /// Where a number stands: names and places in lists.
    private record Place(List<Object> steps) {
        Place plus(Object step) {
            List<Object> longer = new ArrayList<>(steps);
            longer.add(step);
            return new Place(longer);
        }

        /// The same with all places in lists alike.
        String kind() {
            return steps.stream().map(s -> s instanceof Integer ? "#" : s.toString()).collect(Collectors.joining("."));
        }
    }

    private static void numbers(JsonNode node, Place at, Map<String, List<Place>> found) {
        if (node.isNumber()) {
            found.computeIfAbsent(at.kind(), k -> new ArrayList<>()).add(at);
        } else if (node.isObject()) {
            node.properties().forEach(e -> {
                if (!e.getKey().equals("pinned") && !e.getKey().equals("formatVersion")) {
                    numbers(e.getValue(), at.plus(e.getKey()), found);
                }
            });
        } else {
            for (int i = 0; i < node.size(); i++) {
                numbers(node.get(i), at.plus(i), found);
            }
        }
    }

    /// @param value NaN takes it out
    private static String with(JsonNode tree, Place place, double value) {
        JsonNode copy = tree.deepCopy();
        JsonNode node = copy;
        for (Object step : place.steps.subList(0, place.steps.size() - 1)) {
            node = step instanceof Integer i ? node.get(i) : node.get((String) step);
        }
        Object last = place.steps.getLast();
        if (node instanceof ObjectNode object) {
            if (Double.isNaN(value)) {
                object.remove((String) last);
            } else {
                object.set((String) last, DoubleNode.valueOf(value));
            }
        } else if (!Double.isNaN(value)) {
            ((ArrayNode) node).set((Integer) last, DoubleNode.valueOf(value));
        }
        return MAPPER.writeValueAsString(copy);
    }

    /// A weigh day on which everything was read.
    private static Design weighed(Design d) {
        LoadedState s = LoadedState.of(d, d.loadCase("departure"));
        List<Weighing.Entry> entries = new ArrayList<>();
        for (WeighPoint p : WeighPoint.values()) {
            entries.add(new Weighing.Entry(p, OptionalDouble.of(100 + 7 * p.ordinal()), 3, 5, true,
                    OptionalDouble.of(0.002), OptionalDouble.of(1)));
        }
        Weighing w = new Weighing("day", "2026-05-01", "all", d.loadCase("departure"), s.mass(), s.tongue(), entries,
                List.of(), "");
        List<Weighing> all = new ArrayList<>(d.weighings());
        all.add(WeighDay.frozen(d, w));
        return d.withWeighings(all);
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void noAnalysisThrows(String demo) {
        Project whole = Campers.demo(demo).orElseThrow();
        Project project = new Project(whole.name(), List.of(whole.variant().with(weighed(whole.design()))),
                whole.variant().id(), Optional.empty());
        JsonNode tree = MAPPER.readTree(ProjectJson.write(project, null));
        Map<String, List<Place>> kinds = new TreeMap<>();
        numbers(tree, new Place(List.of()), kinds);
        SplittableRandom random = new SplittableRandom(demo.hashCode());
        Analysis sound = Analysis.of(project.design());
        List<String> wrong = new ArrayList<>();
        for (List<Place> places : kinds.values()) {
            double value = VALUES[random.nextInt(VALUES.length)];
            Place place = places.get(random.nextInt(places.size()));
            fault(sound, with(tree, place, value)).ifPresent(f -> wrong.add(place.kind() + " = " + value + ": " + f));
        }
        assertThat(wrong).isEmpty();
        assertThat(kinds).hasSizeGreaterThan(90);
    }

    private static Optional<String> fault(Analysis sound, String text) {
        try {
            Analysis a = sound.next(ProjectJson.read(text).project().design());
            for (Finding f : a.findings()) {
                f.title().text(Style.PLAIN);
                f.detail().text(Style.PLAIN);
            }
            for (Figure f : a.figures().all()) {
                f.text(Style.PLAIN);
            }
            a.design().weighings().forEach(w -> WeighDay.of(a.design(), w).also(a.design()));
            return Optional.empty();
        } catch (UnreadableFile saidInASentence) {
            return Optional.empty();
        } catch (RuntimeException e) {
            Throwable cause = e.getCause() == null ? e : e.getCause();
            return Optional.of(cause + " at " + (cause.getStackTrace().length > 0 ? cause.getStackTrace()[0] : "?"));
        }
    }
}
