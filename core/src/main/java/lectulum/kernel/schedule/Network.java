package lectulum.kernel.schedule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// Tasks that follow one another, each with a wait after it: earliest and latest times, room, the longest path (critical path
/// method).
///
/// @param tasks in any order; what none of them is called stands for nothing before
public record Network(List<Task> tasks) {

    public Network {
        tasks = List.copyOf(tasks);
    }

    /// @param hours of work, ≥ 0
    /// @param lag   after it before what follows may begin \[h\], ≥ 0
    /// @param after ids of what must be done before
    public record Task(String id, double hours, double lag, List<String> after) {
        public Task {
            after = List.copyOf(after);
        }
    }

    /// Times of a task in hours from the beginning.
    ///
    /// @param start  earliest
    /// @param finish earliest, without its wait
    /// @param latest finish that delays nothing
    public record Times(double start, double finish, double latest) {
        /// By how much it may slip.
        public double room() {
            return latest - finish;
        }
    }

    /// A task in a loop; empty where there is none.
    public Optional<String> loop() {
        Set<String> free = order().stream().map(Task::id).collect(Collectors.toSet());
        return tasks.stream().map(Task::id).filter(id -> !free.contains(id)).filter(id -> reaches(id, id)).findFirst();
    }

    private boolean reaches(String from, String to) {
        Map<String, Task> by = byId();
        List<String> open = new ArrayList<>(by.get(from).after);
        Set<String> seen = new HashSet<>();
        while (!open.isEmpty()) {
            String id = open.removeLast();
            if (id.equals(to)) {
                return true;
            }
            if (by.containsKey(id) && seen.add(id)) {
                open.addAll(by.get(id).after);
            }
        }
        return false;
    }

    private Map<String, Task> byId() {
        Map<String, Task> by = new LinkedHashMap<>();
        tasks.forEach(t -> by.putIfAbsent(t.id, t));
        return by;
    }

    /// Each after all that must be done before it; what is in a loop, or behind one, is left out.
    public List<Task> order() {
        Map<String, Task> by = byId();
        List<Task> order = new ArrayList<>();
        Set<String> done = new HashSet<>();
        boolean more = true;
        while (more) {
            more = false;
            for (Task t : by.values()) {
                if (!done.contains(t.id) && t.after.stream().allMatch(a -> done.contains(a) || !by.containsKey(a))) {
                    order.add(t);
                    done.add(t.id);
                    more = true;
                }
            }
        }
        return order;
    }

    /// By id; what is in a loop has none.
    public Map<String, Times> times() {
        List<Task> order = order();
        Map<String, Double> start = new HashMap<>();
        Map<String, Double> end = new HashMap<>();
        double last = 0;
        for (Task t : order) {
            double from = t.after.stream().mapToDouble(a -> end.getOrDefault(a, 0.0)).max().orElse(0);
            start.put(t.id, from);
            end.put(t.id, from + t.hours + t.lag);
            last = Math.max(last, from + t.hours + t.lag);
        }
        Map<String, Double> latest = new HashMap<>();
        Map<String, Times> all = new LinkedHashMap<>();
        for (Task t : order.reversed()) {
            double to = latest.getOrDefault(t.id, last);
            double finish = to - t.lag;
            t.after.forEach(a -> latest.merge(a, finish - t.hours, Math::min));
            all.put(t.id, new Times(start.get(t.id), start.get(t.id) + t.hours, finish));
        }
        return all;
    }

    /// Hours of all of them.
    public double hours() {
        return tasks.stream().mapToDouble(Task::hours).sum();
    }

    /// Of the longest path, waits in it or not.
    public double longest(boolean waits) {
        Map<String, Double> end = new HashMap<>();
        double last = 0;
        for (Task t : order()) {
            double from = t.after.stream().mapToDouble(a -> end.getOrDefault(a, 0.0)).max().orElse(0);
            end.put(t.id, from + t.hours + (waits ? t.lag : 0));
            last = Math.max(last, end.get(t.id));
        }
        return last;
    }
}
