package lectulum.kernel.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Fillings of sticks chosen by a programme: each length as often as it is wanted, no stick more often than there are, at the least
/// cost.
///
/// The relaxed programme is solved by adding the filling that is worth most until none is worth more than it costs (Gilmore and
/// Gomory 1961); its basis is kept as an explicit inverse, started from pieces that are missing at a price above all others. The
/// whole one is searched depth first over the fillings whose reduced cost is within the gap: no cheaper plan uses another one.
/// NOT FAST where a stick holds dozens of pieces of many lengths: the list of fillings then grows beyond [#MOST_FILLINGS], and what
/// is found is a good plan without a proof.
final class Columns {
    private static final double SMALL = 1e-9;
    private static final double COARSE = 1e-6;
    private static final int ROUNDS = 2000;
    private static final int MOST_FILLINGS = 12_000;
    /// Looks at counts of one length when all fillings within a gap are listed.
    private static final long MOST_LOOKS = 6_000_000;
    private static final int STALLED = 60;
    private static final int AGAIN = 5;
    private static final int FIRST = 20;
    /// A number of sticks is whole to so much.
    private static final double WHOLE = 1e-4;
    /// A step that looks at so many fillings counts as two.
    private static final int MANY = 500;
    private static final double LEAST_PART = 1e-3;

    private final long[] sizes;
    private final int[] wanted;
    private final List<Kind> kinds;
    private final BooleanSupplier stop;
    private final double missing;
    private final List<Filling> pool = new ArrayList<>();
    private final Set<List<Integer>> known = new HashSet<>();
    private long work;

    /// A kind of stick.
    ///
    /// @param room      for pieces with a kerf each
    /// @param price     of one
    /// @param available how many there are
    record Kind(long room, double price, int available) {
    }

    /// A stick of a kind with so many of each length.
    ///
    /// @param lengths  that it has, by their place
    /// @param times of each of these
    record Filling(int kind, int[] lengths, int[] times) {
        static Filling of(int kind, int[] counts) {
            int[] lengths = IntStream.range(0, counts.length).filter(i -> counts[i] > 0).toArray();
            return new Filling(kind, lengths, Arrays.stream(lengths).map(i -> counts[i]).toArray());
        }

        /// Of each length.
        int[] counts(int of) {
            int[] counts = new int[of];
            for (int k = 0; k < lengths.length; k++) {
                counts[lengths[k]] = times[k];
            }
            return counts;
        }
    }

    /// What each length, and each stick that is scarce, is worth: no filling is worth more than it costs.
    ///
    /// @param pieces by length
    /// @param scarce by kind
    /// @param bound  no plan costs less
    record Worth(double[] pieces, double[] scarce, double bound) {
    }

    /// What a search found.
    ///
    /// @param plan   empty where none is better than what was there
    /// @param proven whether none is better than this, or than what was there
    record Found(Optional<List<Filling>> plan, boolean proven) {
    }

    /// @param sizes  lengths with a kerf each, longest first
    /// @param wanted of each
    Columns(long[] sizes, int[] wanted, List<Kind> kinds, BooleanSupplier stop) {
        this.sizes = sizes;
        this.wanted = wanted;
        this.kinds = List.copyOf(kinds);
        this.stop = stop;
        this.missing = 10 * kinds.stream().mapToDouble(Kind::price).max().orElse(1) + 10;
    }

    /// The dual of the relaxed programme; all zero where there are not sticks enough, as then no bound follows.
    Worth worth() {
        Relaxed root = new Relaxed(left(), true);
        double[] y = root.solve().map(x -> root.duals()).orElseGet(() -> new double[sizes.length + kinds.size()]);
        double over = 1;
        double[] scarce = new double[kinds.size()];
        for (int j = 0; j < scarce.length; j++) {
            scarce[j] = Math.max(0, -y[sizes.length + j]);
            double costs = kinds.get(j).price + scarce[j];
            double most = value(richest(j, y), y);
            if (costs > SMALL) {
                over = Math.max(over, most / costs);
            } else if (most > SMALL) {
                return new Worth(new double[sizes.length], new double[kinds.size()], 0);
            }
        }
        double[] pieces = new double[sizes.length];
        double bound = 0;
        for (int i = 0; i < pieces.length; i++) {
            pieces[i] = Math.max(0, y[i]) / over;
            if (pieces[i] > missing / 2) {
                return new Worth(new double[sizes.length], new double[kinds.size()], 0);
            }
            bound += pieces[i] * wanted[i];
        }
        for (int j = 0; j < scarce.length; j++) {
            bound -= scarce[j] * Math.min(kinds.get(j).available, Arrays.stream(wanted).sum());
        }
        return new Worth(pieces, scarce, bound);
    }

    /// What is wanted of each length, then how many there are of each kind.
    private double[] left() {
        return DoubleStream.concat(Arrays.stream(wanted).asDoubleStream(), kinds.stream().mapToDouble(Kind::available))
                .toArray();
    }

    /// A plan that costs less than what is there.
    ///
    /// @param worth of [#worth()]
    /// @param cost  of what is there
    /// @param step  all costs are multiples of it
    /// @param most  steps of the relaxed programmes at most
    Found cheaper(Worth worth, double cost, double step, long most) {
        double now = cost;
        Optional<List<Filling>> best = Optional.empty();
        long until = work + most;
        Search first = new Search(now, step, work + most / FIRST);
        first.all();
        if (first.best.isPresent()) {
            best = first.best;
            now = first.cost;
        }
        // Where too many fillings lie within the gap, those of a part of it give a better plan first.
        for (double part = 1; part > LEAST_PART;) {
            double gap = now - step - worth.bound + COARSE;
            boolean listed = list(worth, gap * part);
            if (!listed) {
                part /= 2;
                continue;
            }
            Search search = new Search(now, step, part < 1 ? work + (until - work) / 4 : until);
            boolean done = search.all();
            if (search.best.isPresent()) {
                best = search.best;
                now = search.cost;
            }
            if (part == 1 || work >= until) {
                return new Found(best, done && part == 1);
            }
            part = search.best.isEmpty() ? part / 2 : 1;
        }
        return new Found(best, false);
    }

    /// All fillings into which nothing more goes and whose reduced cost is within a gap; false where there are too many, and then
    /// those of the relaxed programme are all.
    private boolean list(Worth worth, double gap) {
        List<Filling> all = new ArrayList<>();
        long[] looks = {MOST_LOOKS};
        for (int j = 0; j < kinds.size(); j++) {
            if (kinds.get(j).available > 0 && !filling(j, 0, kinds.get(j).room, new int[sizes.length],
                    kinds.get(j).price + worth.scarce[j] - gap, worth.pieces, all, looks)) {
                return false;
            }
        }
        pool.clear();
        pool.addAll(all);
        return true;
    }

    /// @param lacks worth that has still to be reached
    private boolean filling(int kind, int i, long room, int[] counts, double lacks, double[] worth, List<Filling> all,
            long[] looks) {
        if (--looks[0] < 0) {
            return false;
        }
        if (i == sizes.length) {
            if (lacks > COARSE) {
                return true;
            }
            for (int k = 0; k < sizes.length; k++) {
                if (counts[k] < wanted[k] && sizes[k] <= room) {
                    return true;
                }
            }
            all.add(Filling.of(kind, counts));
            return all.size() <= MOST_FILLINGS;
        }
        double best = 0;
        for (int k = i; k < sizes.length; k++) {
            best = Math.max(best, worth[k] / sizes[k]);
        }
        if (lacks > room * best + COARSE) {
            return true;
        }
        for (int n = (int) Math.min(wanted[i], room / sizes[i]); n >= 0; n--) {
            counts[i] = n;
            if (!filling(kind, i + 1, room - n * sizes[i], counts, lacks - n * worth[i], worth, all, looks)) {
                return false;
            }
        }
        counts[i] = 0;
        return true;
    }

    private static double value(int[] counts, double[] y) {
        double sum = 0;
        for (int i = 0; i < counts.length; i++) {
            sum += counts[i] * y[i];
        }
        return sum;
    }

    /// The filling of a kind that is worth most: a bounded knapsack, depth first by worth of a length.
    private int[] richest(int kind, double[] y) {
        Integer[] order = new Integer[sizes.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingDouble(i -> -y[i] / sizes[i]));
        return new Knapsack(order, y).of(kinds.get(kind).room);
    }

    /// A bounded knapsack.
    private final class Knapsack {
        private static final long MOST = 3_000_000;
        private final Integer[] order;
        private final double[] y;
        private final int[] now = new int[sizes.length];
        private int[] best = new int[sizes.length];
        private double most;
        private long looks;

        Knapsack(Integer[] order, double[] y) {
            this.order = order;
            this.y = y;
        }

        int[] of(long room) {
            next(0, room, 0);
            return best;
        }

        private void next(int at, long room, double value) {
            if (value > most + SMALL) {
                most = value;
                best = now.clone();
            }
            if (at == order.length || ++looks > MOST) {
                return;
            }
            int i = order[at];
            if (y[i] <= 0 || value + room * y[i] / sizes[i] <= most + SMALL) {
                return;
            }
            for (int n = (int) Math.min(wanted[i], room / sizes[i]); n >= 0; n--) {
                now[i] = n;
                next(at + 1, room - n * sizes[i], value + n * y[i]);
            }
            now[i] = 0;
        }
    }

    /// The relaxed programme over the pool: a revised simplex with an explicit inverse. Columns below zero are its own: a missing
    /// piece of a length, a piece too many, a stick that is left.
    private final class Relaxed {
        private final int n = sizes.length;
        private final int m;
        private final boolean pricing;
        private final List<Limit> limits;
        private final int[] basis;
        private final double[][] inverse;
        private final double[] x;
        private double[] y;

        /// From nothing: every piece is missing.
        Relaxed(double[] left, boolean pricing) {
            this.m = left.length;
            this.pricing = pricing;
            this.limits = List.of();
            this.basis = new int[m];
            this.inverse = new double[m][m];
            this.x = left.clone();
            this.y = new double[m];
            for (int i = 0; i < m; i++) {
                inverse[i][i] = 1;
                basis[i] = i < n ? -1 - i : -1 - n - i;
            }
        }

        /// From the basis of another, with other amounts.
        ///
        /// @param more a limit, whose amount is then the last one
        Relaxed(Relaxed from, double[] left, Optional<Limit> more) {
            this.pricing = false;
            this.m = left.length;
            this.limits = Stream.concat(from.limits.stream(), more.stream()).toList();
            this.basis = Arrays.copyOf(from.basis, m);
            this.inverse = new double[m][];
            this.x = new double[m];
            this.y = new double[m];
            for (int i = 0; i < from.m; i++) {
                inverse[i] = Arrays.copyOf(from.inverse[i], m);
            }
            if (m > from.m) {
                double[] row = new double[m];
                for (int i = 0; i < from.m; i++) {
                    double counts = from.basis[i] >= 0 ? limits.getLast().counts(from.basis[i], pool) : 0;
                    for (int k = 0; k < from.m && counts != 0; k++) {
                        row[k] -= counts * from.inverse[i][k];
                    }
                }
                row[m - 1] = 1;
                inverse[m - 1] = row;
                basis[m - 1] = -1 - n - (m - 1);
            }
            for (int i = 0; i < m; i++) {
                for (int k = 0; k < m; k++) {
                    x[i] += inverse[i][k] * left[k];
                }
            }
        }

        double[] duals() {
            return y;
        }

        /// Cost; empty where it was stopped.
        Optional<Double> solve() {
            for (int again = 0; again < AGAIN; again++) {
                if (!mended() || !lowered()) {
                    return Optional.empty();
                }
                if (worst() < 0) {
                    return Optional.of(cost());
                }
            }
            return Optional.empty();
        }

        /// The row that is furthest below zero; −1 for none.
        private int worst() {
            int worst = -1;
            double most = -COARSE / 10;
            for (int i = 0; i < m; i++) {
                if (x[i] < most) {
                    most = x[i];
                    worst = i;
                }
            }
            return worst;
        }

        /// The dual method: rows that are wrong leave while nothing costs less.
        private boolean mended() {
            for (int round = 0; round < ROUNDS; round++) {
                int row = worst();
                if (row < 0) {
                    return true;
                }
                work += 1 + pool.size() / MANY;
                y = prices();
                int enters = Integer.MIN_VALUE;
                double least = Double.POSITIVE_INFINITY;
                double widest = 0;
                for (int c = -n - m; c < pool.size(); c++) {
                    double along = -along(row, c);
                    if (along > COARSE) {
                        double ratio = Math.max(0, saves(c)) / along;
                        if (ratio < least - SMALL || ratio < least + SMALL && along > widest) {
                            least = ratio;
                            enters = c;
                            widest = along;
                        }
                    }
                }
                if (enters == Integer.MIN_VALUE || stop.getAsBoolean()) {
                    return false;
                }
                pivot(enters, row, moved(enters));
            }
            return false;
        }

        private double along(int row, int c) {
            double[] of = inverse[row];
            if (c < 0) {
                int own = -1 - c;
                return own < n ? of[own] : own < 2 * n ? -of[own - n] : of[own - n];
            }
            return dot(of, c);
        }

        private double dot(double[] by, int c) {
            Filling f = pool.get(c);
            double sum = by[n + f.kind];
            for (int k = 0; k < f.lengths.length; k++) {
                sum += by[f.lengths[k]] * f.times[k];
            }
            for (int k = 0; k < limits.size(); k++) {
                sum += by[n + kinds.size() + k] * limits.get(k).counts(c, pool);
            }
            return sum;
        }

        /// What a column costs more than it is worth.
        private double saves(int c) {
            if (c < 0) {
                int own = -1 - c;
                return own < n ? missing - y[own] : own < 2 * n ? y[own - n] : -y[own - n];
            }
            return kinds.get(pool.get(c).kind).price - dot(y, c);
        }

        /// The primal method: columns that are worth more than they cost enter.
        private boolean lowered() {
            double last = Double.POSITIVE_INFINITY;
            int stalled = 0;
            for (int round = 0; round < ROUNDS; round++) {
                work += 1 + pool.size() / MANY;
                y = prices();
                double cost = cost();
                stalled = cost < last - SMALL ? 0 : stalled + 1;
                last = cost;
                int enters = entering(stalled > STALLED);
                if (enters == Integer.MIN_VALUE && pricing && price()) {
                    enters = entering(false);
                }
                if (enters == Integer.MIN_VALUE) {
                    return true;
                }
                if (stalled > 4 * STALLED || stop.getAsBoolean() || !pivot(enters)) {
                    return false;
                }
            }
            return false;
        }

        double cost() {
            double cost = 0;
            for (int i = 0; i < m; i++) {
                cost += x[i] * cost(basis[i]);
            }
            return cost;
        }

        /// How often each filling of the pool is taken.
        double[] taken() {
            double[] taken = new double[pool.size()];
            for (int i = 0; i < m; i++) {
                if (basis[i] >= 0) {
                    taken[basis[i]] = x[i];
                }
            }
            return taken;
        }

        private double cost(int column) {
            return column >= 0 ? kinds.get(pool.get(column).kind).price : column >= -n ? missing : 0;
        }

        private double[] prices() {
            double[] p = new double[m];
            for (int i = 0; i < m; i++) {
                double c = cost(basis[i]);
                if (c != 0) {
                    for (int k = 0; k < m; k++) {
                        p[k] += c * inverse[i][k];
                    }
                }
            }
            return p;
        }

        /// The column that saves most, or the first that saves where it stalls.
        private int entering(boolean first) {
            int best = Integer.MIN_VALUE;
            double least = -SMALL * missing;
            for (int c = pool.size() - 1; c >= -n - m; c--) {
                double saves = saves(c);
                if (saves < least) {
                    best = c;
                    least = saves;
                    if (first) {
                        return best;
                    }
                }
            }
            return best;
        }

        /// Whether a filling that is worth more than it costs came into the pool.
        private boolean price() {
            boolean more = false;
            for (int j = 0; j < kinds.size(); j++) {
                int[] counts = richest(j, y);
                if (kinds.get(j).available > 0
                        && value(counts, y) > kinds.get(j).price - y[sizes.length + j] + SMALL * missing) {
                    List<Integer> name = new ArrayList<>(Arrays.stream(counts).boxed().toList());
                    name.add(j);
                    if (known.add(name)) {
                        pool.add(Filling.of(j, counts));
                        more = true;
                    }
                }
            }
            return more;
        }

        /// How much each row falls when one of a column is taken.
        private double[] moved(int column) {
            double[] d = new double[m];
            for (int i = 0; i < m; i++) {
                d[i] = along(i, column);
            }
            return d;
        }

        private boolean pivot(int enters) {
            double[] d = moved(enters);
            int leaves = -1;
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < m; i++) {
                if (d[i] > COARSE) {
                    double t = Math.max(0, x[i]) / d[i];
                    if (t < least - SMALL || t < least + SMALL && (leaves < 0 || d[i] > d[leaves])) {
                        least = t;
                        leaves = i;
                    }
                }
            }
            if (leaves < 0) {
                return false;
            }
            pivot(enters, leaves, d);
            return true;
        }

        private void pivot(int enters, int leaves, double[] d) {
            double by = d[leaves];
            for (int k = 0; k < m; k++) {
                inverse[leaves][k] /= by;
            }
            x[leaves] /= by;
            for (int i = 0; i < m; i++) {
                if (i != leaves && d[i] != 0) {
                    for (int k = 0; k < m; k++) {
                        inverse[i][k] -= d[i] * inverse[leaves][k];
                    }
                    x[i] -= d[i] * x[leaves];
                    if (Math.abs(x[i]) < SMALL) {
                        x[i] = 0;
                    }
                }
            }
            basis[leaves] = enters;
        }
    }

    /// What may be taken at most: of one filling, of a kind of stick, or at least of a kind.
    ///
    /// @param filling its place in the pool; −1 for a kind
    /// @param sign    −1 for at least
    private record Limit(int filling, int kind, int sign) {
        double counts(int c, List<Filling> pool) {
            return filling >= 0 ? c == filling ? 1 : 0 : pool.get(c).kind == kind ? sign : 0;
        }
    }

    /// Depth first: whether one more stick of a kind is bought; where all are whole, whether the filling that is taken most nearly
    /// once more is taken at least so often.
    private final class Search {
        private final double step;
        private final long most;
        private double cost;
        private Optional<List<Filling>> best = Optional.empty();

        Search(double cost, double step, long most) {
            this.cost = cost;
            this.step = step;
            this.most = most;
        }

        /// False where it was cut off.
        boolean all() {
            double[] left = left();
            return below(new Relaxed(left, false), left, 0, new ArrayList<>());
        }

        private boolean below(Relaxed relaxed, double[] left, double spent, List<Filling> taken) {
            if (work > most || stop.getAsBoolean()) {
                return false;
            }
            Optional<Double> least = relaxed.solve();
            if (least.isEmpty()) {
                return false;
            }
            if (spent + least.get() > cost - step + COARSE * 10) {
                return true;
            }
            double[] x = relaxed.taken();
            double[] bought = new double[kinds.size()];
            int chosen = -1;
            double rank = COARSE;
            for (int c = 0; c < x.length; c++) {
                bought[pool.get(c).kind] += x[c];
                double part = part(x[c]);
                if (part > rank) {
                    rank = part;
                    chosen = c;
                }
            }
            if (chosen < 0) {
                whole(x, spent + least.get(), taken);
                return true;
            }
            int kind = -1;
            double half = WHOLE;
            for (int j = 0; j < bought.length; j++) {
                double off = Math.min(part(bought[j]), 1 - part(bought[j]));
                if (kinds.get(j).price > 0 && off > half) {
                    half = off;
                    kind = j;
                }
            }
            if (kind >= 0) {
                double floor = Math.floor(bought[kind]);
                boolean fewer = below(limited(relaxed, left, new Limit(-1, kind, 1), floor), limit(left, floor), spent,
                        taken);
                return below(limited(relaxed, left, new Limit(-1, kind, -1), -floor - 1), limit(left, -floor - 1),
                        spent, taken) && fewer;
            }
            int times = (int) Math.ceil(x[chosen] - COARSE);
            boolean more = take(relaxed, chosen, times, left, spent, taken);
            return below(limited(relaxed, left, new Limit(chosen, -1, 1), times - 1.0), limit(left, times - 1.0), spent,
                    taken) && more;
        }

        private static double part(double x) {
            return Math.max(0, x - Math.floor(x + COARSE));
        }

        private Relaxed limited(Relaxed from, double[] left, Limit limit, double amount) {
            return new Relaxed(from, limit(left, amount), Optional.of(limit));
        }

        private static double[] limit(double[] left, double amount) {
            double[] more = Arrays.copyOf(left, left.length + 1);
            more[left.length] = amount;
            return more;
        }

        /// The relaxed programme takes whole sticks only: nothing below it is better.
        private void whole(double[] x, double now, List<Filling> taken) {
            if (now < cost - COARSE) {
                List<Filling> plan = new ArrayList<>(taken);
                for (int c = 0; c < x.length; c++) {
                    for (int k = 0; k < Math.round(x[c]); k++) {
                        plan.add(pool.get(c));
                    }
                }
                if (covers(plan)) {
                    cost = now;
                    best = Optional.of(plan);
                }
            }
        }

        private boolean covers(List<Filling> plan) {
            int[] left = wanted.clone();
            for (Filling f : plan) {
                for (int k = 0; k < f.lengths.length; k++) {
                    left[f.lengths[k]] -= f.times[k];
                }
            }
            return Arrays.stream(left).allMatch(n -> n <= 0);
        }

        private boolean take(Relaxed from, int chosen, int times, double[] left, double spent, List<Filling> taken) {
            Filling f = pool.get(chosen);
            double[] rest = left.clone();
            for (int k = 0; k < f.lengths.length; k++) {
                rest[f.lengths[k]] = Math.max(0, rest[f.lengths[k]] - times * f.times[k]);
            }
            rest[sizes.length + f.kind] -= times;
            for (int k = 0; k < from.limits.size(); k++) {
                rest[sizes.length + kinds.size() + k] -= times * from.limits.get(k).counts(chosen, pool);
            }
            int before = taken.size();
            for (int k = 0; k < times; k++) {
                taken.add(f);
            }
            boolean done = below(new Relaxed(from, rest, Optional.empty()), rest,
                    spent + times * kinds.get(f.kind).price, taken);
            while (taken.size() > before) {
                taken.removeLast();
            }
            return done;
        }
    }
}
