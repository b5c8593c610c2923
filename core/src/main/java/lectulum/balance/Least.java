package lectulum.balance;

import java.util.OptionalDouble;
import java.util.function.DoublePredicate;

/// The least change that cures something, where more of it cures it as well.
public final class Least {
    private static final int HALVINGS = 40;

    private Least() {
    }

    /// @param most  the largest change worth naming
    /// @param cures whether a change is enough; false up to some change and true from there
    /// @return empty where even the largest is not enough
    public static OptionalDouble of(double most, DoublePredicate cures) {
        if (!(most > 0) || !cures.test(most)) {
            return OptionalDouble.empty();
        }
        double low = 0;
        double high = most;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (cures.test(middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return OptionalDouble.of(high);
    }
}
