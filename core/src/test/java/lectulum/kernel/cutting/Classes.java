package lectulum.kernel.cutting;

import java.util.ArrayList;
import java.util.List;

/// Cutting problems whose best plan is known, since they were made by cutting whole sticks and sheets up.
final class Classes {
    private long s;

    private Classes(long seed) {
        this.s = seed;
    }

    /// MINSTD (Park and Miller 1988, with the multiplier of 1993).
    private int rnd(int a, int b) {
        s = s * 48271 % 2147483647L;
        return (int) (a + s % (b - a + 1));
    }

    private <T> void shuffle(List<T> all) {
        for (int i = all.size() - 1; i > 0; i--) {
            int j = rnd(0, i);
            T t = all.get(i);
            all.set(i, all.get(j));
            all.set(j, t);
        }
    }

    /// @return pieces \[mm\] of so many whole sticks
    static List<Integer> sticks(long seed, int count, int length, int kerf, int least, int most) {
        Classes c = new Classes(seed);
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int r = length;
            while (r >= 2 * least + kerf) {
                int piece = c.rnd(least, Math.min(most, r - kerf - least));
                all.add(piece);
                r -= piece + kerf;
            }
            all.add(r);
        }
        c.shuffle(all);
        return all;
    }

    /// @return pieces, width and height \[mm\], of so many whole sheets
    static List<int[]> sheets(long seed, int count, int width, int height, int kerf, int least, int per) {
        Classes c = new Classes(seed);
        List<int[]> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            List<int[]> leaves = new ArrayList<>(List.of(new int[]{width, height}));
            while (leaves.size() < per) {
                int best = -1;
                for (int k = 0; k < leaves.size(); k++) {
                    int[] l = leaves.get(k);
                    boolean parts = l[0] >= 2 * least + kerf || l[1] >= 2 * least + kerf;
                    if (parts && (best < 0
                            || l[0] * (long) l[1] > leaves.get(best)[0] * (long) leaves.get(best)[1])) {
                        best = k;
                    }
                }
                if (best < 0) {
                    break;
                }
                int[] l = leaves.get(best);
                boolean wide = l[0] >= 2 * least + kerf;
                boolean high = l[1] >= 2 * least + kerf;
                boolean across = wide && (!high || c.rnd(0, 99) < (l[0] >= l[1] ? 70 : 30));
                int side = across ? 0 : 1;
                int cut = c.rnd(least, l[side] - kerf - least);
                int[] rest = l.clone();
                rest[side] = l[side] - kerf - cut;
                l[side] = cut;
                leaves.add(rest);
            }
            all.addAll(leaves);
        }
        c.shuffle(all);
        return all;
    }
}
