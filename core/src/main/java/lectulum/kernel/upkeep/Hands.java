package lectulum.kernel.upkeep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Steps shared among people: whoever is free takes the step behind which most is left to do (list scheduling by longest tail, then by
/// id); a step begins when what must be before it is done and its hands are free.
public final class Hands {
    private static final double SAME = 1e-9;

    private Hands() {
    }

    /// @param minutes ≥ 0
    /// @param people  that it takes; more than there are is all of them
    /// @param after   ids of what must be done before; unknown ones count as done
    public record Step(String id, double minutes, int people, List<String> after) {
        public Step {
            after = List.copyOf(after);
        }
    }

    /// When a step is done.
    ///
    /// @param who numbers of the people, from 0
    public record Turn(String id, double from, double to, List<Integer> who) {
        public Turn {
            who = List.copyOf(who);
        }
    }

    /// In the order in which steps begin; steps that wait for themselves are left out.
    ///
    /// @param people ≥ 1
    public static List<Turn> of(List<Step> steps, int people) {
        Map<String, Step> byId = new HashMap<>();
        steps.forEach(s -> byId.put(s.id, s));
        Map<String, Double> tails = tails(steps);
        List<Step> waiting = new ArrayList<>(steps);
        waiting.sort(Comparator.comparingDouble((Step s) -> -tails.getOrDefault(s.id, 0.0)).thenComparing(Step::id));
        double[] free = new double[Math.max(1, people)];
        Map<String, Double> done = new HashMap<>();
        List<Turn> turns = new ArrayList<>();
        double now = 0;
        while (!waiting.isEmpty()) {
            boolean begun = false;
            for (Step s : List.copyOf(waiting)) {
                List<Integer> who = hands(free, now, Math.clamp(s.people, 1, free.length));
                if (ready(s, byId, done, now) && !who.isEmpty()) {
                    waiting.remove(s);
                    double end = now + Math.max(0, s.minutes);
                    who.forEach(w -> free[w] = end);
                    done.put(s.id, end);
                    turns.add(new Turn(s.id, now, end, who));
                    begun = true;
                }
            }
            if (!begun) {
                now = next(free, now);
                if (Double.isInfinite(now)) {
                    break;
                }
            }
        }
        return turns;
    }

    /// Minutes until the last one is done.
    public static double whole(List<Turn> turns) {
        return turns.stream().mapToDouble(Turn::to).max().orElse(0);
    }

    private static boolean ready(Step s, Map<String, Step> byId, Map<String, Double> done, double now) {
        return s.after.stream().filter(byId::containsKey)
                .allMatch(a -> done.getOrDefault(a, Double.POSITIVE_INFINITY) <= now + SAME);
    }

    private static List<Integer> hands(double[] free, double now, int wanted) {
        List<Integer> who = new ArrayList<>();
        for (int w = 0; w < free.length && who.size() < wanted; w++) {
            if (free[w] <= now + SAME) {
                who.add(w);
            }
        }
        return who.size() < wanted ? List.of() : who;
    }

    private static double next(double[] free, double now) {
        double next = Double.POSITIVE_INFINITY;
        for (double f : free) {
            if (f > now + SAME) {
                next = Math.min(next, f);
            }
        }
        return next;
    }

    /// Minutes from the beginning of a step to the end of all that waits for it.
    private static Map<String, Double> tails(List<Step> steps) {
        Map<String, List<Step>> behind = new HashMap<>();
        steps.forEach(s -> s.after.forEach(a -> behind.computeIfAbsent(a, k -> new ArrayList<>()).add(s)));
        Map<String, Double> tails = new HashMap<>();
        steps.forEach(s -> tail(s, behind, tails, new HashSet<>()));
        return tails;
    }

    private static double tail(Step s, Map<String, List<Step>> behind, Map<String, Double> tails, Set<String> on) {
        Double known = tails.get(s.id);
        if (known != null || !on.add(s.id)) {
            return known == null ? 0 : known;
        }
        double most = 0;
        for (Step b : behind.getOrDefault(s.id, List.of())) {
            most = Math.max(most, tail(b, behind, tails, on));
        }
        on.remove(s.id);
        tails.put(s.id, most + Math.max(0, s.minutes));
        return tails.get(s.id);
    }
}
