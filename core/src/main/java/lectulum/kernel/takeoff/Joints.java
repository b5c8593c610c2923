package lectulum.kernel.takeoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// Beads, tape, screws and packs.
public final class Joints {
    private Joints() {
    }

    /// Volume of a round bead \[m³\].
    public static double round(double diameter, double length, double waste) {
        return Math.PI * diameter * diameter / 4 * length * (1 + waste);
    }

    /// Volume of a fillet with equal legs \[m³\].
    public static double fillet(double leg, double length, double waste) {
        return leg * leg / 2 * length * (1 + waste);
    }

    /// Rolls of tape where no seam is joined: the longest seams first, each from the first roll that still holds it (first-fit
    /// decreasing). Empty where a seam is longer than a roll.
    public static Optional<Integer> rolls(List<Double> seams, double ends, double roll) {
        List<Double> left = new ArrayList<>();
        List<Double> order = new ArrayList<>(seams);
        order.sort(Comparator.reverseOrder());
        for (double s : order) {
            double need = s + 2 * ends;
            if (need > roll + 1e-9) {
                return Optional.empty();
            }
            boolean done = false;
            for (int i = 0; i < left.size() && !done; i++) {
                if (left.get(i) >= need - 1e-9) {
                    left.set(i, left.get(i) - need);
                    done = true;
                }
            }
            if (!done) {
                left.add(roll - need);
            }
        }
        return Optional.of(left.size());
    }

    /// Rolls of tape where seams may be joined.
    public static int joined(double length, double roll, double lap) {
        return length <= 0 ? 0 : Math.max(1, (int) Math.ceil((length - lap) / (roll - lap) - 1e-9));
    }

    /// Screws along a length with one at each end.
    public static int screws(double length, double spacing) {
        return (int) Math.ceil(length / spacing - 1e-9) + 1;
    }

    /// Packs that are bought.
    ///
    /// @param counts of each size, in their order
    public record Packs(List<Integer> counts, double cost, int got) {
        public Packs {
            counts = List.copyOf(counts);
        }
    }

    /// Least cost, then least over, then fewest packs (dynamic programme).
    ///
    /// @param sizes  pieces in a pack, each > 0
    /// @param prices of a pack
    public static Packs packs(int need, List<Integer> sizes, List<Double> prices) {
        int largest = sizes.stream().mapToInt(x -> x).max().orElse(1);
        int most = need + largest;
        double[] cost = new double[most + 1];
        int[] count = new int[most + 1];
        int[] by = new int[most + 1];
        for (int n = 1; n <= most; n++) {
            cost[n] = Double.POSITIVE_INFINITY;
            by[n] = -1;
            for (int i = 0; i < sizes.size(); i++) {
                int before = n - sizes.get(i);
                if (before >= 0 && Double.isFinite(cost[before])) {
                    double c = cost[before] + prices.get(i);
                    if (c < cost[n] - 1e-9 || c < cost[n] + 1e-9 && count[before] + 1 < count[n]) {
                        cost[n] = c;
                        count[n] = count[before] + 1;
                        by[n] = i;
                    }
                }
            }
        }
        int best = -1;
        for (int n = Math.max(0, need); n <= most; n++) {
            if (Double.isFinite(cost[n]) && (best < 0 || cost[n] < cost[best] - 1e-9)) {
                best = n;
            }
        }
        int[] counts = new int[sizes.size()];
        for (int n = best; n > 0; n -= sizes.get(by[n])) {
            counts[by[n]]++;
        }
        return new Packs(java.util.Arrays.stream(counts).boxed().toList(), cost[best], best);
    }
}
