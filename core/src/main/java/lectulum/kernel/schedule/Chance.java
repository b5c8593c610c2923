package lectulum.kernel.schedule;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/// Hours of many tasks that are not sure, by trial: each drawn by itself, and all together longer or shorter by a common factor, since
/// people are optimistic everywhere at once. The same seed gives the same.
///
/// @param sorted sums, least first \[h\]
public record Chance(List<Double> sorted) {
    public Chance {
        sorted = List.copyOf(sorted);
    }

    /// @param together deviation of the logarithm of the common factor, 0 for none
    public static Chance of(List<Pert> tasks, double together, int trials, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double[] sums = new double[trials];
        for (int i = 0; i < trials; i++) {
            double sum = 0;
            for (Pert p : tasks) {
                sum += p.draw(random);
            }
            sums[i] = sum * Math.exp(together * random.nextGaussian());
        }
        Arrays.sort(sums);
        return new Chance(Arrays.stream(sums).boxed().toList());
    }

    /// What the sum stays under with a chance; 0 where nothing was tried.
    ///
    /// @param chance 0 to 1
    public double under(double chance) {
        return sorted.isEmpty()
                ? 0
                : sorted.get((int) Math.clamp(Math.ceil(chance * sorted.size()) - 1, 0, sorted.size() - 1));
    }

    public double mean() {
        return sorted.stream().mapToDouble(x -> x).average().orElse(0);
    }
}
