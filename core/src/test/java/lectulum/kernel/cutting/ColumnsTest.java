package lectulum.kernel.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class ColumnsTest {
    private static final double STEP = 0.05;

    /// The least cost by trying every filling of every stick for every rest: no programme, no dual.
    private static final class Exhaustive {
        private final long[] sizes;
        private final List<Columns.Kind> kinds;
        private final Map<String, Double> known = new HashMap<>();

        Exhaustive(long[] sizes, List<Columns.Kind> kinds) {
            this.sizes = sizes;
            this.kinds = kinds;
        }

        double least(int[] left, int[] there) {
            if (Arrays.stream(left).allMatch(n -> n <= 0)) {
                return 0;
            }
            String state = Arrays.toString(left) + Arrays.toString(there);
            Double before = known.get(state);
            if (before != null) {
                return before;
            }
            double best = Double.POSITIVE_INFINITY;
            for (int j = 0; j < kinds.size(); j++) {
                if (there[j] > 0) {
                    int[] rest = there.clone();
                    rest[j]--;
                    best = Math.min(best,
                            kinds.get(j).price() + filled(0, kinds.get(j).room(), left.clone(), left, rest));
                }
            }
            known.put(state, best);
            return best;
        }

        private double filled(int i, long room, int[] now, int[] before, int[] there) {
            if (i == sizes.length) {
                return Arrays.equals(now, before) ? Double.POSITIVE_INFINITY : least(now, there);
            }
            double best = Double.POSITIVE_INFINITY;
            for (int n = 0; n <= before[i] && n * sizes[i] <= room; n++) {
                now[i] = before[i] - n;
                best = Math.min(best, filled(i + 1, room - n * sizes[i], now, before, there));
            }
            now[i] = before[i];
            return best;
        }
    }

    @Test
    void whatItProvesIsWhatTryingEverythingFinds() {
        for (int seed = 0; seed < 120; seed++) {
            SplittableRandom chance = new SplittableRandom(seed);
            int n = 2 + chance.nextInt(3);
            long[] sizes = chance.ints(n, 200, 1500).asLongStream().sorted().toArray();
            for (int i = 0; i < n / 2; i++) {
                long swap = sizes[i];
                sizes[i] = sizes[n - 1 - i];
                sizes[n - 1 - i] = swap;
            }
            int[] wanted = chance.ints(n, 1, 4).toArray();
            List<Columns.Kind> kinds = List.of(new Columns.Kind(1600, 3.1 + STEP * chance.nextInt(10), 50),
                    new Columns.Kind(2400, 4.2 + STEP * chance.nextInt(20), 50),
                    new Columns.Kind(1900, 0, chance.nextInt(3)));
            int[] there = kinds.stream().mapToInt(Columns.Kind::available).toArray();

            double exact = new Exhaustive(sizes, kinds).least(wanted, there);
            Columns columns = new Columns(sizes, wanted, kinds, () -> false);
            Columns.Worth worth = columns.worth();
            double dear = 6 * Arrays.stream(wanted).sum();
            Columns.Found found = columns.cheaper(worth, dear, STEP, 200_000);

            assertThat(worth.bound()).as("bound of seed %d", seed).isLessThanOrEqualTo(exact + 1e-6);
            assertThat(found.proven()).isTrue();
            double cost = found.plan().orElseThrow().stream().mapToDouble(f -> kinds.get(f.kind()).price()).sum();
            assertThat(cost).as("seed %d", seed).isCloseTo(exact, within(1e-6));
            assertThat(columns.cheaper(worth, exact, STEP, 200_000).plan()).as("nothing is cheaper").isEmpty();
        }
    }

    @Test
    void noFillingIsWorthMoreThanItsStick() {
        long[] sizes = {1503, 1203, 903, 703, 503};
        List<Columns.Kind> kinds = List.of(new Columns.Kind(2403, 3.1, 99), new Columns.Kind(3003, 3.7, 99));
        Columns.Worth worth = new Columns(sizes, new int[]{7, 9, 12, 11, 14}, kinds, () -> false).worth();

        for (Columns.Kind kind : kinds) {
            for (int[] f : fillings(sizes, kind.room())) {
                double value = 0;
                for (int i = 0; i < f.length; i++) {
                    value += f[i] * worth.pieces()[i];
                }
                assertThat(value).isLessThanOrEqualTo(kind.price() + 1e-9);
            }
        }
        assertThat(worth.bound()).isPositive();
    }

    private static List<int[]> fillings(long[] sizes, long room) {
        List<int[]> all = new ArrayList<>(List.of(new int[sizes.length]));
        for (int i = 0; i < sizes.length; i++) {
            int at = i;
            List<int[]> next = new ArrayList<>();
            for (int[] f : all) {
                long used = 0;
                for (int k = 0; k < at; k++) {
                    used += f[k] * sizes[k];
                }
                for (int n = 0; used + n * sizes[at] <= room; n++) {
                    int[] more = f.clone();
                    more[at] = n;
                    next.add(more);
                }
            }
            all = next;
        }
        return all;
    }

    @Test
    void withoutSticksEnoughNothingFollows() {
        Columns columns = new Columns(new long[]{1000}, new int[]{5}, List.of(new Columns.Kind(2000, 3, 1)),
                () -> false);

        assertThat(columns.worth().bound()).isZero();
        assertThat(columns.cheaper(columns.worth(), 30, 1, 1000).plan()).isEmpty();
    }

    @Test
    void fiftyPiecesOfTwelveLengthsFromFourSticksAreProven() {
        double[] long4 = {2.4, 3.0, 3.6, 6.0};
        double[] prices = {3.1, 3.7, 4.75, 8.2};
        for (int seed = 1; seed <= 6; seed++) {
            SplittableRandom chance = new SplittableRandom(seed * 77L);
            double[] lengths = chance.ints(12, 300, 2300).mapToDouble(l -> l / 1000.0).toArray();
            List<Double> pieces = chance.ints(50, 0, 12).mapToObj(i -> lengths[i]).toList();
            List<Sticks.Stock> stocks = new ArrayList<>();
            for (int j = 0; j < 4; j++) {
                stocks.add(new Sticks.Stock("s" + j, long4[j], prices[j], Sticks.ENDLESS));
            }

            Sticks.Plan plan = Sticks.of(pieces, stocks, 0.003, 0, () -> false);

            assertThat(plan.proven()).as("seed %d: %s of %s", seed, plan.cost(), plan.bound()).isTrue();
            assertThat(plan.left()).isEmpty();
            assertThat(plan.cuts().stream().flatMap(c -> c.pieces().stream()).sorted().toList())
                    .hasSize(50).doesNotHaveDuplicates();
            for (Sticks.Cut c : plan.cuts()) {
                double in = c.pieces().stream().mapToDouble(pieces::get).sum() + 0.003 * (c.pieces().size() - 1);
                assertThat(in).isLessThanOrEqualTo(c.stock().length() + 1e-9);
            }
        }
    }
}
