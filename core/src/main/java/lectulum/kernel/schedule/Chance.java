package lectulum.kernel.schedule;

import java.util.Arrays;
import java.util.List;

/// What came out of many trials.
///
/// @param sorted least first
public record Chance(List<Double> sorted) {
    public Chance {
        sorted = List.copyOf(sorted);
    }

    /// In any order.
    static Chance of(double[] values) {
        return new Chance(Arrays.stream(values).sorted().boxed().toList());
    }

    /// What it stays under with a chance; 0 where nothing was tried.
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
