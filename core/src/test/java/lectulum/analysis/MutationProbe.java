package lectulum.analysis;

import java.util.*;
import java.util.concurrent.atomic.*;
import java.util.stream.*;
import lectulum.demo.Campers;
import lectulum.files.*;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.*;

class MutationProbe {
    static final JsonMapper M = JsonMapper.builder().build();

    record Path(List<Object> steps) {
        Path plus(Object o) { List<Object> l = new ArrayList<>(steps); l.add(o); return new Path(l); }
        String pattern() { return steps.stream().map(s -> s instanceof Integer ? "#" : s.toString()).collect(Collectors.joining(".")); }
        public String toString() { return steps.stream().map(Object::toString).collect(Collectors.joining(".")); }
    }

    static void numbers(JsonNode n, Path at, List<Path> out) {
        if (n.isNumber()) { out.add(at); }
        else if (n.isObject()) { n.properties().forEach(e -> { if (!e.getKey().equals("pinned") && !e.getKey().equals("formatVersion")) numbers(e.getValue(), at.plus(e.getKey()), out); }); }
        else if (n.isArray()) { for (int i = 0; i < n.size(); i++) numbers(n.get(i), at.plus(i), out); }
    }

    static JsonNode set(JsonNode tree, Path p, JsonNode v) {
        JsonNode copy = tree.deepCopy();
        JsonNode n = copy;
        for (int i = 0; i < p.steps().size() - 1; i++) { Object s = p.steps().get(i); n = s instanceof Integer k ? n.get(k) : n.get((String) s); }
        Object last = p.steps().getLast();
        if (n instanceof ObjectNode o) { if (v == null) o.remove((String) last); else o.set((String) last, v); }
        else if (v != null) ((ArrayNode) n).set((Integer) last, v);
        return copy;
    }

    @Test
    void probe() throws Exception {
        int per = Integer.getInteger("per", 2);
        Map<String, Integer> seen = new TreeMap<>();
        AtomicInteger runs = new AtomicInteger();
        for (String demo : List.of("nightjar", "dunlin", "chamois")) {
            String text = ProjectJson.write(Campers.demo(demo).orElseThrow(), null);
            JsonNode tree = M.readTree(text);
            List<Path> all = new ArrayList<>();
            numbers(tree, new Path(List.of()), all);
            Map<String, List<Path>> by = all.stream().collect(Collectors.groupingBy(Path::pattern, TreeMap::new, Collectors.toList()));
            System.out.println(demo + " numbers " + all.size() + " patterns " + by.size());
            List<Path> chosen = by.values().stream().flatMap(l -> l.size() <= per ? l.stream() : IntStream.range(0, per).mapToObj(i -> l.get(i * (l.size() - 1) / Math.max(1, per - 1)))).toList();
            chosen.parallelStream().forEach(p -> {
                for (Double d : new Double[]{0.0, 1e-9, 1e-300, 1e9, 1e308, -1.0, -1e308, Double.NaN}) {
                    try {
                        String mutated = M.writeValueAsString(set(tree, p, d.isNaN() ? null : DoubleNode.valueOf(d)));
                        var project = ProjectJson.read(mutated).project();
                        runs.incrementAndGet();
                        long t = System.nanoTime();
                        Analysis a = Analysis.of(project.design());
                        for (var f : a.findings()) { f.title().text(project.design().brief().style()); f.detail().text(project.design().brief().style()); }
                        for (var f : a.figures().all()) { f.text(project.design().brief().style()); }
                        double ms = (System.nanoTime() - t) / 1e6;
                        if (ms > 2000) { synchronized (seen) { seen.merge("SLOW " + (int) (ms / 1000) + "s " + demo + " " + p + " = " + d, 1, Integer::sum);} }
                    } catch (UnreadableFile e) {
                    } catch (Throwable e) {
                        Throwable c = e; while (c.getCause() != null && c instanceof java.util.concurrent.CompletionException) c = c.getCause();
                        StackTraceElement at = Arrays.stream(c.getStackTrace()).filter(s -> s.getClassName().startsWith("lectulum")).findFirst().orElse(null);
                        synchronized (seen) { seen.merge(c.getClass().getSimpleName() + " " + c.getMessage() + " @ " + at + " e.g. " + demo + " " + p.pattern() + " = " + d, 1, Integer::sum); }
                    }
                }
            });
        }
        System.out.println("runs " + runs);
        seen.forEach((k, v) -> System.out.println("PROBE " + v + " " + k));
    }
}
