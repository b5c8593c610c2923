package lectulum.kernel.flow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;

/// Water that stays in pipes when the drains are open.
///
/// Every vertex has a level up to which water stands: that of an open drain itself, else the lowest of the ways to one, over the
/// highest point of the way (Dijkstra with the greatest of both). What lies below its level stays full. A piece without any
/// drain keeps all.
public final class LowPoints {

    private LowPoints() {
    }

    /// @param x behind any point \[m\]
    /// @param y to the right \[m\]
    /// @param z up \[m\]
    public record Vertex(String id, double x, double y, double z) {
        double raised(double pitch, double roll) {
            return z - x * Math.tan(pitch) - y * Math.tan(roll);
        }
    }

    /// A straight pipe.
    ///
    /// @param diameter inside \[m\]
    public record Edge(String a, String b, double diameter) {
    }

    /// What stays.
    ///
    /// @param volume of all \[m³\]
    /// @param edges  of each, in the order given \[m³\]
    public record Trapped(double volume, List<Double> edges) {
    }

    /// @param drains ids of vertices that are open
    /// @param pitch  nose up \[rad\]
    /// @param roll   right side down \[rad\]
    public static Trapped of(List<Vertex> vertices, List<Edge> edges, Set<String> drains, double pitch, double roll) {
        Map<String, Vertex> by = new HashMap<>();
        Map<String, Double> high = new HashMap<>();
        vertices.forEach(v -> {
            by.put(v.id, v);
            high.put(v.id, v.raised(pitch, roll));
        });
        Map<String, Double> stands = levels(high, edges, drains);
        List<Double> each = new ArrayList<>();
        double sum = 0;
        for (Edge e : edges) {
            double volume = 0;
            if (by.containsKey(e.a) && by.containsKey(e.b)) {
                double low = Math.min(high.get(e.a), high.get(e.b));
                double top = Math.max(high.get(e.a), high.get(e.b));
                double level = Math.min(stands.getOrDefault(e.a, Double.POSITIVE_INFINITY),
                        stands.getOrDefault(e.b, Double.POSITIVE_INFINITY));
                double part = level >= top && level > low ? 1 : level <= low ? 0 : (level - low) / (top - low);
                volume = part * length(by.get(e.a), by.get(e.b)) * Math.PI * e.diameter * e.diameter / 4;
            }
            each.add(volume);
            sum += volume;
        }
        return new Trapped(sum, List.copyOf(each));
    }

    private static Map<String, Double> levels(Map<String, Double> high, List<Edge> edges, Set<String> drains) {
        record Reached(String id, double level) {
        }
        Map<String, Double> stands = new HashMap<>();
        PriorityQueue<Reached> next = new PriorityQueue<>(
                java.util.Comparator.comparingDouble(Reached::level).thenComparing(Reached::id));
        drains.stream().filter(high::containsKey).forEach(d -> next.add(new Reached(d, high.get(d))));
        Set<String> done = new HashSet<>();
        while (!next.isEmpty()) {
            Reached r = next.poll();
            if (!done.add(r.id)) {
                continue;
            }
            stands.put(r.id, r.level);
            for (Edge e : edges) {
                String other = e.a.equals(r.id) ? e.b : e.b.equals(r.id) ? e.a : null;
                if (other != null && high.containsKey(other) && !done.contains(other)) {
                    next.add(new Reached(other, Math.max(r.level, high.get(other))));
                }
            }
        }
        return stands;
    }

    private static double length(Vertex a, Vertex b) {
        return Math.sqrt((a.x - b.x) * (a.x - b.x) + (a.y - b.y) * (a.y - b.y) + (a.z - b.z) * (a.z - b.z));
    }
}
