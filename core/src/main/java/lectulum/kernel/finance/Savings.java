package lectulum.kernel.finance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// Where to save: of groups of ways that exclude one another, the set that reaches a target with the least loss.
///
/// Exact: all sets are looked at, as far as another that saves no less with no more loss and no more changes does not stand for them.
public final class Savings {
    private static final double LEAST_LOSS = 0.25;

    private Savings() {
    }

    /// A way to save.
    ///
    /// @param saving in money
    /// @param hours  more of one's own
    /// @param loss   of use, in the user's points
    public record Way(String name, double saving, double hours, double loss) {
        /// Less what the hours are worth.
        public double net(double hour) {
            return saving - hours * hour;
        }

        /// Saved for a point of loss.
        public double rank(double hour) {
            return net(hour) / Math.max(loss, LEAST_LOSS);
        }
    }

    /// A set of ways.
    ///
    /// @param chosen number of the way in each group from 1 on, 0 for none
    public record Chosen(List<Integer> chosen, double net, double loss, int changes) {
        public Chosen {
            chosen = List.copyOf(chosen);
        }
    }

    /// The least loss that reaches the target; of sets alike in that, more saving, then fewer changes, then lower numbers. Empty
    /// where none reaches it.
    ///
    /// @param hour what an hour of one's own is worth
    public static Optional<Chosen> best(List<List<Way>> groups, double target, double hour) {
        List<Chosen> front = List.of(new Chosen(List.of(), 0, 0, 0));
        for (List<Way> group : groups) {
            List<Chosen> next = new ArrayList<>();
            for (Chosen c : front) {
                next.add(plus(c, 0, 0, 0));
                for (int i = 0; i < group.size(); i++) {
                    next.add(plus(c, i + 1, group.get(i).net(hour), group.get(i).loss));
                }
            }
            front = undominated(next);
        }
        return front.stream().filter(c -> c.net >= target - 1e-9).min(ORDER);
    }

    private static final Comparator<Chosen> ORDER = Comparator.comparingDouble(Chosen::loss)
            .thenComparing(Comparator.comparingDouble(Chosen::net).reversed()).thenComparingInt(Chosen::changes)
            .thenComparing(Savings::numbers);

    private static String numbers(Chosen c) {
        StringBuilder s = new StringBuilder();
        c.chosen.forEach(i -> s.append((char) (' ' + i)));
        return s.toString();
    }

    private static Chosen plus(Chosen c, int number, double net, double loss) {
        List<Integer> chosen = new ArrayList<>(c.chosen);
        chosen.add(number);
        return new Chosen(chosen, c.net + net, c.loss + loss, c.changes + (number > 0 ? 1 : 0));
    }

    /// Those that no other beats in saving, loss and changes at once; of equal ones the first by their numbers.
    private static List<Chosen> undominated(List<Chosen> all) {
        List<Chosen> order = new ArrayList<>(all);
        order.sort(ORDER);
        List<Chosen> kept = new ArrayList<>();
        // By loss ascending; for each count of changes the most that was saved so far.
        Map<Integer, Double> most = new TreeMap<>();
        for (Chosen c : order) {
            boolean beaten = most.entrySet().stream()
                    .anyMatch(e -> e.getKey() <= c.changes && e.getValue() >= c.net - 1e-12);
            if (!beaten) {
                kept.add(c);
                most.merge(c.changes, c.net, Math::max);
            }
        }
        return kept;
    }
}
