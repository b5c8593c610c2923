package lectulum.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import lectulum.kernel.cutting.Sheets;

/// Cuts that are known to be possible: whole sticks and sheets taken apart at random and put in disorder, so that their number is
/// the optimum. Sizes in millimetres while they are made.
final class Cuts {
    private static final long PRIME = 2_147_483_647L;
    private static final int KERF = 3;
    private long state;

    private Cuts(long seed) {
        this.state = seed;
    }

    private int between(int a, int b) {
        state = state * 48_271 % PRIME;
        return (int) (a + state % (b - a + 1));
    }

    /// Pieces of so many sticks \[m\].
    static List<Double> sticks(long seed, int count, int length, int kerf, int least, int most) {
        Cuts dice = new Cuts(seed);
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int rest = length;
            while (rest >= 2 * least + kerf) {
                int c = dice.between(least, Math.min(most, rest - kerf - least));
                all.add(c / 1000.0);
                rest -= c + kerf;
            }
            all.add(rest / 1000.0);
        }
        dice.shuffle(all);
        return all;
    }

    /// Pieces of so many sheets of 2440 by 1220 mm.
    ///
    /// @param per   pieces of each
    /// @param least side
    static List<Sheets.Piece> sheets(long seed, int count, int per, int least) {
        Cuts dice = new Cuts(seed);
        List<Sheets.Piece> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            List<int[]> leaves = new ArrayList<>(List.of(new int[]{2440, 1220}));
            while (leaves.size() < per && dice.divide(leaves, least)) {
                continue;
            }
            leaves.forEach(l -> all.add(new Sheets.Piece(l[0] / 1000.0, l[1] / 1000.0, true)));
        }
        dice.shuffle(all);
        return all;
    }

    /// Whether the largest leaf that can be divided was.
    private boolean divide(List<int[]> leaves, int least) {
        int best = -1;
        int need = 2 * least + KERF;
        for (int i = 0; i < leaves.size(); i++) {
            int[] l = leaves.get(i);
            boolean may = l[0] >= need || l[1] >= need;
            if (may && (best < 0 || l[0] * l[1] > leaves.get(best)[0] * leaves.get(best)[1])) {
                best = i;
            }
        }
        if (best < 0) {
            return false;
        }
        int[] l = leaves.get(best);
        boolean both = l[0] >= need && l[1] >= need;
        boolean upright = both ? between(0, 99) < (l[0] >= l[1] ? 70 : 30) : l[0] >= need;
        int c = between(least, (upright ? l[0] : l[1]) - least - KERF);
        leaves.set(best, upright ? new int[]{c, l[1]} : new int[]{l[0], c});
        leaves.add(upright ? new int[]{l[0] - c - KERF, l[1]} : new int[]{l[0], l[1] - c - KERF});
        return true;
    }

    private void shuffle(List<?> all) {
        for (int i = all.size() - 1; i > 0; i--) {
            Collections.swap(all, i, between(0, i));
        }
    }
}
