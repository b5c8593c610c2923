package lectulum.kernel.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Cutting plans of a few sticks against all ways of giving pieces to sticks, and of many against what holds for every plan.
class SticksByAllWaysTest {
    private static final double KERF = 0.003;
    private static final double TRIM = 0.005;
    private static final List<Sticks.Stock> TWO = List.of(new Sticks.Stock("long", 3.0, 14, Sticks.ENDLESS),
            new Sticks.Stock("short", 2.0, 10, Sticks.ENDLESS));

    private static List<Double> lengths(int count, SplittableRandom random) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add((150 + random.nextInt(1600)) / 1000.0);
        }
        return all;
    }

    /// The least that all ways of giving pieces to groups cost, each group from the cheapest stick that holds it.
    private static double cheapest(List<Double> pieces, int next, double[] used, int groups) {
        if (next == pieces.size()) {
            double cost = 0;
            for (int g = 0; g < groups; g++) {
                double need = used[g];
                cost += TWO.stream().filter(s -> need <= s.length() - TRIM + KERF + 1e-9)
                        .mapToDouble(Sticks.Stock::price)
                        .min().orElse(Double.POSITIVE_INFINITY);
            }
            return cost;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int g = 0; g <= groups; g++) {
            used[g] += pieces.get(next) + KERF;
            if (used[g] <= 3.0 - TRIM + KERF + 1e-9) {
                least = Math.min(least, cheapest(pieces, next + 1, used, Math.max(groups, g + 1)));
            }
            used[g] -= pieces.get(next) + KERF;
        }
        return least;
    }

    private static void assertWhole(Sticks.Plan plan, List<Double> pieces) {
        boolean[] cut = new boolean[pieces.size()];
        for (Sticks.Cut c : plan.cuts()) {
            double sum = c.pieces().stream().mapToDouble(i -> pieces.get(i) + KERF).sum();
            assertThat(sum).isLessThanOrEqualTo(c.stock().length() - TRIM + KERF + 1e-6);
            for (int i : c.pieces()) {
                assertThat(cut[i]).as("cut once").isFalse();
                cut[i] = true;
            }
        }
        plan.left().forEach(i -> cut[i] = true);
        assertThat(cut).doesNotContain(false);
        assertThat(plan.cost()).isCloseTo(plan.cuts().stream().mapToDouble(c -> c.stock().price()).sum(), within(1e-9))
                .isGreaterThanOrEqualTo(plan.bound() - 1e-9);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void noWayOfAFewPiecesIsCheaper(int count) {
        SplittableRandom random = new SplittableRandom(count);
        for (int n = 0; n < 15; n++) {
            List<Double> pieces = lengths(count, random);
            Sticks.Plan plan = Sticks.of(pieces, TWO, KERF, TRIM, () -> false);

            assertWhole(plan, pieces);
            assertThat(plan.cost()).isCloseTo(cheapest(pieces, 0, new double[count + 1], 0), within(1e-9));
            assertThat(plan.proven()).isTrue();
        }
    }

    /// With kerf and trim that share no whole unit with the lengths, pieces of many lengths; a first plan only, as in a drag.
    @ParameterizedTest
    @ValueSource(ints = {30, 120, 400})
    void everyFirstPlanOfManyPiecesIsWhole(int count) {
        List<Double> pieces = lengths(count, new SplittableRandom(count)).stream().map(x -> x + 0.000_137).toList();
        Sticks.Plan plan = Sticks.of(pieces, TWO, KERF, TRIM, 0, () -> false);

        assertWhole(plan, pieces);
        assertThat(plan.left()).isEmpty();
        assertThat(plan.cost()).as("within a tenth of what no plan is below")
                .isLessThanOrEqualTo(1.10 * Sticks.bound(pieces, TWO, KERF, TRIM));
    }

    /// A stick of 64 units, and of one less and one more: sums at the edges of the words in which they are kept.
    @ParameterizedTest
    @ValueSource(ints = {63, 64, 65, 127, 128, 129})
    void sumsAtTheEdgeOfAWord(int units) {
        Double[] ones = new Double[units];
        Arrays.fill(ones, 0.010);
        List<Double> pieces = List.of(ones);
        List<Sticks.Stock> exact = List.of(new Sticks.Stock("exact", units * 0.010, 5, Sticks.ENDLESS));

        Sticks.Plan plan = Sticks.of(pieces, exact, 0, 0, () -> false);

        assertThat(plan.cuts()).hasSize(1);
        assertThat(plan.cuts().getFirst().pieces()).hasSize(units);
        assertThat(plan.proven()).isTrue();
    }

    @Test
    void aPieceThatIsAsLongAsTheStickFillsIt() {
        Sticks.Plan plan = Sticks.of(List.of(2.0 - TRIM, 3.0 - TRIM, 3.0), TWO, KERF, TRIM, () -> false);

        assertThat(plan.cuts()).hasSize(2);
        assertThat(plan.cost()).isEqualTo(24);
        assertThat(plan.left()).containsExactly(2);
    }
}
