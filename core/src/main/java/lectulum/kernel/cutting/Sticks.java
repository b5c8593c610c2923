package lectulum.kernel.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/// Pieces cut from sticks of one section at the least cost, then with the fewest bought sticks.
///
/// A stick holds pieces where Σ (piece + kerf) ≤ stick − trim + kerf: the last cut may eat a rest smaller than itself. The bound is
/// that of the cheapest sticks whose lengths would do in sum; a plan that meets it is the best. Else an integer programme over all
/// full patterns (Gilmore and Gomory 1961) proves what is best where the patterns can be listed.
public final class Sticks {
    /// As if there were no end of it.
    public static final int ENDLESS = 1_000_000;
    private static final double MICRO = 1e6;
    private static final int MOST_PURCHASES = 200_000;
    private static final long MOST_NODES = 400_000;
    private static final int MOST_UNITS = 400_000;
    /// A stick is looked at in so many parts at most.
    private static final int FINE = 16_000;
    private static final int TRIES = 60;
    private static final int FEW_TRIES = 10;
    private static final int ROUNDS = 300;
    private static final double CENT = 1e-6;
    private static final double TENTHS_OF_A_CENT = 1e4;
    /// Part of the nodes that are spent on filling given sticks before fillings are chosen.
    private static final long PACKED = 20;
    /// Steps of the relaxed programmes at full effort.
    private static final long PIVOTS = 300_000;

    private final List<Stock> stocks;
    private final long kerf;
    private final long trim;
    private final BooleanSupplier stop;
    private final long nodes;
    /// Distinct lengths, longest first, with how many are wanted of each.
    private final long[] lengths;
    private final int[] wanted;
    /// What all lengths and the kerf are whole numbers of.
    private final long whole;

    /// A kind of stick.
    ///
    /// @param length    \[m\]
    /// @param price     of one, 0 for what is there
    /// @param available how many, [#ENDLESS] for what is bought
    public record Stock(String id, double length, double price, int available) {
    }

    /// A stick with what is cut from it.
    ///
    /// @param pieces their places in the list that was asked for
    public record Cut(Stock stock, List<Integer> pieces) {
        public Cut {
            pieces = List.copyOf(pieces);
        }
    }

    /// How all are cut.
    ///
    /// @param left   places of pieces that are longer than every stick, or for which no stick is left
    /// @param bound  no plan costs less
    /// @param proven whether none costs less than this one
    public record Plan(List<Cut> cuts, List<Integer> left, double cost, double bound, boolean proven) {
        public Plan {
            cuts = List.copyOf(cuts);
            left = List.copyOf(left);
        }

        /// Sticks that are paid for.
        public int bought() {
            return (int) cuts.stream().filter(c -> c.stock.price > 0).count();
        }
    }

    /// Where bought and own sticks went \[m\]: together they are all of them.
    ///
    /// @param kept rests that are long enough to be kept
    /// @param scrap the others
    public record Account(double pieces, double kerf, double trim, double kept, double scrap) {
        public double sticks() {
            return pieces + kerf + trim + kept + scrap;
        }

        /// Part of the sticks that is pieces.
        public double yield() {
            return sticks() > 0 ? pieces / sticks() : 0;
        }
    }

    /// @param lengths of all pieces that were asked for \[m\]
    /// @param keep    a rest is kept from this length on \[m\]
    public static Account account(List<Cut> cuts, List<Double> lengths, double kerf, double trim, double keep) {
        double pieces = 0;
        double sawn = 0;
        double trimmed = 0;
        double kept = 0;
        double scrap = 0;
        for (Cut c : cuts) {
            double in = c.pieces.stream().mapToDouble(lengths::get).sum();
            double rest = c.stock.length - trim - in;
            double saw = Math.min(rest, c.pieces.size() * kerf);
            double left = Math.max(0, rest - saw);
            pieces += in;
            trimmed += trim;
            sawn += saw;
            kept += left >= keep - 1e-9 ? left : 0;
            scrap += left >= keep - 1e-9 ? 0 : left;
        }
        return new Account(pieces, sawn, trimmed, kept, scrap);
    }

    private Sticks(long[] lengths, int[] wanted, List<Stock> stocks, long kerf, long trim, long nodes,
            BooleanSupplier stop) {
        this.lengths = lengths;
        this.wanted = wanted;
        this.stocks = stocks;
        this.kerf = kerf;
        this.trim = trim;
        this.stop = stop;
        this.nodes = nodes;
        this.whole = whole(lengths, kerf);
    }

    /// @param pieces \[m\]
    /// @param kerf   \[m\]
    /// @param trim   off each stick \[m\]
    /// @param stop   asked now and then; the best plan so far is then given
    public static Plan of(List<Double> pieces, List<Stock> stocks, double kerf, double trim, BooleanSupplier stop) {
        return of(pieces, stocks, kerf, trim, MOST_NODES, stop);
    }

    /// @param nodes of the search for a cheaper purchase at most; 0 for the first plan
    public static Plan of(List<Double> pieces, List<Stock> stocks, double kerf, double trim, long nodes,
            BooleanSupplier stop) {
        TreeMap<Long, List<Integer>> by = new TreeMap<>(Comparator.reverseOrder());
        List<Integer> left = new ArrayList<>();
        long k = Math.round(kerf * MICRO);
        long t = Math.round(trim * MICRO);
        long longest = stocks.stream().filter(s -> s.available > 0).mapToLong(s -> Math.round(s.length * MICRO) - t)
                .max().orElse(0);
        for (int i = 0; i < pieces.size(); i++) {
            long l = Math.round(pieces.get(i) * MICRO);
            if (l > longest || l <= 0) {
                left.add(i);
            } else {
                by.computeIfAbsent(l, x -> new ArrayList<>()).add(i);
            }
        }
        long[] lengths = by.keySet().stream().mapToLong(x -> x).toArray();
        int[] wanted = by.values().stream().mapToInt(List::size).toArray();
        return new Sticks(lengths, wanted, List.copyOf(stocks), k, t, nodes, stop).solve(new ArrayList<>(by.values()),
                left);
    }

    /// Cost of the cheapest sticks whose lengths would do in sum: no plan costs less.
    public static double bound(List<Double> pieces, List<Stock> stocks, double kerf, double trim) {
        long k = Math.round(kerf * MICRO);
        long[] lengths = pieces.stream().mapToLong(x -> Math.round(x * MICRO)).toArray();
        int[] wanted = new int[lengths.length];
        Arrays.fill(wanted, 1);
        return new Sticks(lengths, wanted, List.copyOf(stocks), k, Math.round(trim * MICRO), 0, () -> false).cover();
    }

    /// A stick with counts of each length.
    private record Filled(int stock, int[] counts) {
    }

    private long room(int stock) {
        return Math.round(stocks.get(stock).length * MICRO) - trim + kerf;
    }

    private Plan solve(List<List<Integer>> places, List<Integer> left) {
        double bound = cover();
        List<Filled> best = List.of();
        double cost = Double.POSITIVE_INFINITY;
        if (lengths.length > 0) {
            best = greedy(bound);
            cost = cost(best);
        }
        boolean full = covers(best);
        boolean proven = lengths.length == 0 || full && cost <= bound + CENT && fewest(best);
        if (!proven && nodes > 0 && !stop.getAsBoolean()) {
            Exact exact = exact(full ? cost : dearest(), full ? bought(best) : Long.MAX_VALUE);
            if (exact.plan.isPresent()) {
                best = exact.plan.get();
                cost = cost(best);
                full = true;
            }
            bound = Math.max(bound, exact.bound);
            proven = full && (exact.proven || cost <= bound + CENT);
        }
        return plan(best, places, left, bound, proven);
    }

    /// Whether no fewer bought sticks of that cost could be longer in sum.
    private boolean fewest(List<Filled> plan) {
        long need = need();
        long most = stocks.stream().filter(s -> s.price > 0).mapToLong(s -> Math.round(s.length * MICRO) - trim + kerf)
                .max().orElse(0);
        long free = 0;
        for (int j = 0; j < stocks.size(); j++) {
            free += stocks.get(j).price > 0 ? 0 : room(j) * Math.min(stocks.get(j).available, need);
        }
        long bought = plan.stream().filter(f -> stocks.get(f.stock).price > 0).count();
        return most <= 0 || bought <= Math.ceilDiv(Math.max(0, need - free), most);
    }

    private long need() {
        long need = 0;
        for (int i = 0; i < lengths.length; i++) {
            need += wanted[i] * (lengths[i] + kerf);
        }
        return need;
    }

    /// Least cost of sticks that are long enough in sum, in whole millimetres on the safe side.
    private double cover() {
        long need = need();
        for (int j = 0; j < stocks.size(); j++) {
            Stock s = stocks.get(j);
            need -= s.price > 0 ? 0 : room(j) * s.available;
        }
        if (need <= 0) {
            return 0;
        }
        int units = (int) Math.min(MOST_UNITS, need / 1000);
        double scale = need / 1000.0 > MOST_UNITS ? need / (double) MOST_UNITS : 1000;
        double[] least = new double[units + 1];
        for (int u = 1; u <= units; u++) {
            least[u] = Double.POSITIVE_INFINITY;
            for (int j = 0; j < stocks.size(); j++) {
                if (stocks.get(j).price > 0 && stocks.get(j).available > 0) {
                    int gives = (int) Math.ceil(room(j) / scale);
                    least[u] = Math.min(least[u], least[Math.max(0, u - gives)] + stocks.get(j).price);
                }
            }
        }
        return least[units];
    }

    private double cost(List<Filled> plan) {
        return plan.stream().mapToDouble(f -> stocks.get(f.stock).price).sum();
    }

    private long bought(List<Filled> plan) {
        return plan.stream().filter(f -> stocks.get(f.stock).price > 0).count();
    }

    private boolean better(List<Filled> a, List<Filled> b) {
        double difference = cost(a) - cost(b);
        return difference < -CENT || difference < CENT && bought(a) < bought(b);
    }

    private boolean covers(List<Filled> plan) {
        for (int i = 0; i < lengths.length; i++) {
            int at = i;
            if (plan.stream().mapToInt(f -> f.counts[at]).sum() < wanted[i]) {
                return false;
            }
        }
        return true;
    }

    /// Stick by stick, each as full as it gets; again with other orders of the sticks until it meets the bound.
    private List<Filled> greedy(double bound) {
        SplittableRandom chance = new SplittableRandom(1);
        List<Filled> best = List.of();
        for (int i = 0; i < (nodes < MOST_NODES ? FEW_TRIES : TRIES) && !stop.getAsBoolean(); i++) {
            List<Filled> now = once(chance, i);
            boolean full = covers(now);
            if (best.isEmpty() || full && !covers(best) || full == covers(best) && better(now, best)) {
                best = now;
            }
            if (full && cost(best) <= bound + CENT && fewest(best)) {
                break;
            }
        }
        return best;
    }

    private List<Filled> once(SplittableRandom chance, int attempt) {
        int[] left = wanted.clone();
        int[] there = stocks.stream().mapToInt(Stock::available).toArray();
        List<Filled> all = new ArrayList<>();
        long rest = need();
        while (rest > 0) {
            int chosen = -1;
            int[] counts = null;
            double best = Double.POSITIVE_INFINITY;
            double[] rank = ranks(left, attempt == 0 ? Optional.empty() : Optional.of(chance));
            for (int j = 0; j < stocks.size(); j++) {
                if (there[j] <= 0 || room(j) <= 0) {
                    continue;
                }
                int[] now = fill(left, room(j), rank.clone());
                long used = used(now);
                if (used <= 0) {
                    continue;
                }
                double price = stocks.get(j).price;
                double dear = price <= 0
                        ? -used / (double) room(j)
                        : price / used * (attempt == 0 ? 1 : 0.93 + 0.14 * chance.nextDouble());
                if (used >= rest) {
                    dear = price <= 0 ? -2 : Math.min(dear, price / (double) rest);
                }
                if (dear < best) {
                    best = dear;
                    chosen = j;
                    counts = now;
                }
            }
            if (chosen < 0) {
                return all;
            }
            there[chosen]--;
            for (int i = 0; i < left.length; i++) {
                left[i] -= counts[i];
            }
            rest -= used(counts);
            all.add(new Filled(chosen, counts));
        }
        return all;
    }

    private long used(int[] counts) {
        long used = 0;
        for (int i = 0; i < counts.length; i++) {
            used += counts[i] * (lengths[i] + kerf);
        }
        return used;
    }

    /// The order in which lengths are tried: the longest first, or by chance somewhat otherwise; 0 for what none is left of.
    private double[] ranks(int[] left, Optional<SplittableRandom> chance) {
        double[] rank = new double[left.length];
        for (int i = 0; i < rank.length; i++) {
            rank[i] = left[i] == 0
                    ? 0
                    : lengths[i] * (chance.isEmpty() ? 1 : 0.8 + 0.4 * chance.get().nextDouble());
        }
        return rank;
    }

    /// The largest sum that fits, the highest rank first; a sum keeps the pieces that reached it first.
    private int[] fill(int[] left, long room, double[] rank) {
        long unit = unit(room);
        int size = (int) (room / unit);
        int[] by = new int[size + 1];
        int[] from = new int[size + 1];
        long[] reached = new long[size / Long.SIZE + 1];
        reached[0] = 1;
        int most = 0;
        // A stick is full after a few lengths: they are looked for one by one, not sorted.
        for (int i = highest(rank); i >= 0 && most < size; i = highest(rank)) {
            rank[i] = 0;
            int step = (int) Math.ceilDiv(lengths[i] + kerf, unit);
            boolean more = true;
            for (int n = 0; n < left[i] && most < size && more; n++) {
                more = false;
                for (int w = Math.min(size, most + step) / Long.SIZE; w >= step / Long.SIZE; w--) {
                    long now = shifted(reached, w, step) & ~reached[w];
                    if (w == size / Long.SIZE) {
                        now &= -1L >>> Long.SIZE - 1 - size % Long.SIZE;
                    }
                    reached[w] |= now;
                    for (; now != 0; now &= now - 1) {
                        int sum = w * Long.SIZE + Long.numberOfTrailingZeros(now);
                        by[sum] = i;
                        from[sum] = sum - step;
                        most = Math.max(most, sum);
                        more = true;
                    }
                }
            }
        }
        int[] counts = new int[left.length];
        for (int s = most; s > 0; s = from[s]) {
            counts[by[s]]++;
        }
        return counts;
    }

    /// A word of a set of sums to each of which a step is added; the words below it must be as they were.
    private static long shifted(long[] sums, int word, int step) {
        int w = word - step / Long.SIZE;
        int by = step % Long.SIZE;
        return by == 0 ? sums[w] : sums[w] << by | (w > 0 ? sums[w - 1] >>> Long.SIZE - by : 0);
    }

    /// The first of the highest of what is left; -1 where none is.
    private static int highest(double[] rank) {
        int highest = -1;
        double most = 0;
        for (int i = 0; i < rank.length; i++) {
            if (rank[i] > most) {
                highest = i;
                most = rank[i];
            }
        }
        return highest;
    }

    /// What all lengths are whole numbers of, or near enough: pieces are then taken as a little longer.
    private long unit(long room) {
        return Math.max(whole, Math.ceilDiv(room, FINE));
    }

    private static long whole(long[] lengths, long kerf) {
        long unit = kerf;
        for (long l : lengths) {
            unit = gcd(unit, l);
        }
        return Math.max(1, unit);
    }

    private static long gcd(long a, long b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    /// A stick of the dearest kind for each piece.
    private double dearest() {
        return Arrays.stream(wanted).sum() * stocks.stream().mapToDouble(Stock::price).max().orElse(0);
    }

    /// What the search found.
    ///
    /// @param plan  empty where it found none that is better
    /// @param bound no plan costs less
    private record Exact(Optional<List<Filled>> plan, double bound, boolean proven) {
    }

    /// A purchase: how many of each kind of stick, the free ones all.
    private record Purchase(int[] counts, double cost, int bought) {
    }

    /// Purchases in the order of their cost, then of their sticks, each tried whether the pieces go in; the first that takes them
    /// all is the best.
    private Exact exact(double below, long fewerThan) {
        Columns columns = columns();
        Columns.Worth worth = columns.worth();
        double atLeast = Math.max(cover(), worth.bound());
        Exact packed = packed(below, fewerThan, worth, atLeast);
        if (packed.proven || stop.getAsBoolean()) {
            return packed;
        }
        Columns.Found found = columns.cheaper(worth, below, step(), PIVOTS * nodes / MOST_NODES);
        Optional<List<Filled>> plan = found.plan()
                .map(p -> p.stream().map(f -> new Filled(f.kind(), f.counts(lengths.length))).toList());
        double cost = plan.map(this::cost).orElse(below);
        return new Exact(plan, found.proven() ? cost : packed.bound, found.proven());
    }

    private Columns columns() {
        long[] sizes = Arrays.stream(lengths).map(l -> l + kerf).toArray();
        return new Columns(sizes, wanted, IntStream.range(0, stocks.size()).mapToObj(j -> new Columns.Kind(room(j),
                stocks.get(j).price, stocks.get(j).available)).toList(), stop);
    }

    /// What all costs are multiples of.
    private double step() {
        long step = 0;
        for (Stock s : stocks) {
            step = gcd(step, Math.round(s.price * TENTHS_OF_A_CENT));
        }
        return step / TENTHS_OF_A_CENT;
    }

    private Exact packed(double below, long fewerThan, Columns.Worth worth, double atLeast) {
        List<Purchase> all = new ArrayList<>();
        if (!purchases(0, new int[stocks.size()], 0, 0, below, all)) {
            return new Exact(Optional.empty(), atLeast, false);
        }
        long need = need();
        double total = value(wanted, worth.pieces());
        all.removeIf(p -> p.cost < atLeast - CENT);
        all.removeIf(p -> p.cost > below - CENT && p.bought >= fewerThan);
        all.sort(Comparator.comparingDouble(Purchase::cost).thenComparingInt(Purchase::bought));
        long spent = 0;
        for (Purchase p : all) {
            long room = 0;
            List<Integer> sticks = new ArrayList<>();
            for (int j = 0; j < stocks.size(); j++) {
                for (int n = 0; n < p.counts[j]; n++) {
                    sticks.add(j);
                    room += room(j);
                }
            }
            if (room < need) {
                continue;
            }
            sticks.sort(Comparator.comparingLong(this::room));
            double spare = -total;
            for (int j : sticks) {
                spare += stocks.get(j).price + worth.scarce()[j];
            }
            Packer packer = new Packer(sticks, room - need, spare, worth, nodes / PACKED - spent);
            Optional<List<Filled>> plan = packer.pack();
            spent += packer.nodes;
            if (plan.isPresent()) {
                return new Exact(plan, p.cost, true);
            }
            if (packer.nodes >= packer.most || stop.getAsBoolean()) {
                return new Exact(Optional.empty(), Math.max(atLeast, p.cost), false);
            }
        }
        return new Exact(Optional.empty(), below, true);
    }

    private static double value(int[] counts, double[] worth) {
        double sum = 0;
        for (int i = 0; i < counts.length; i++) {
            sum += counts[i] * worth[i];
        }
        return sum;
    }

    /// False where there are too many.
    private boolean purchases(int at, int[] counts, double cost, int bought, double below, List<Purchase> all) {
        if (at == stocks.size()) {
            all.add(new Purchase(counts.clone(), cost, bought));
            return all.size() <= MOST_PURCHASES;
        }
        Stock s = stocks.get(at);
        int wants = Arrays.stream(wanted).sum();
        if (s.price <= 0) {
            counts[at] = Math.min(s.available, wants);
            return purchases(at + 1, counts, cost, bought, below, all);
        }
        for (int n = 0; n <= Math.min(s.available, wants) && cost + n * s.price <= below + CENT; n++) {
            counts[at] = n;
            if (!purchases(at + 1, counts, cost + n * s.price, bought + n, below, all)) {
                return false;
            }
        }
        counts[at] = 0;
        return true;
    }

    /// Puts all pieces into given sticks, the smallest first, each so full that nothing more goes in, while what is wasted stays
    /// within what is over; states that failed are remembered.
    private final class Packer {
        private final List<Integer> sticks;
        private final long slack;
        private final double spare;
        private final Columns.Worth worth;
        private final long most;
        private final Set<String> failed = new HashSet<>();
        private final List<Filled> plan = new ArrayList<>();
        private long nodes;

        /// @param slack of length that may be wasted
        /// @param spare of worth that may be wasted
        Packer(List<Integer> sticks, long slack, double spare, Columns.Worth worth, long most) {
            this.sticks = sticks;
            this.slack = slack;
            this.spare = spare;
            this.worth = worth;
            this.most = most;
        }

        Optional<List<Filled>> pack() {
            return next(0, wanted.clone(), slack, spare) ? Optional.of(List.copyOf(plan)) : Optional.empty();
        }

        private boolean next(int at, int[] left, long over, double dear) {
            if (Arrays.stream(left).allMatch(x -> x == 0)) {
                return true;
            }
            if (at == sticks.size() || nodes >= most) {
                return false;
            }
            String state = at + Arrays.toString(left);
            if (failed.contains(state)) {
                return false;
            }
            nodes++;
            boolean same = at > 0 && sticks.get(at).equals(sticks.get(at - 1));
            int[] before = same ? plan.getLast().counts : null;
            boolean done = fill(at, 0, room(sticks.get(at)), new int[lengths.length], left, over, dear, before);
            if (!done && nodes < most) {
                failed.add(state);
            }
            return done;
        }

        /// Counts of one length after another; of equal sticks one after another the later takes no more, length by length.
        private boolean fill(int at, int i, long room, int[] counts, int[] left, long over, double dear, int[] before) {
            if (i == lengths.length) {
                int stick = sticks.get(at);
                double wastes = stocks.get(stick).price + worth.scarce()[stick] - value(counts, worth.pieces());
                if (room > over || wastes > dear + CENT) {
                    return false;
                }
                for (int k = 0; k < lengths.length; k++) {
                    if (counts[k] < left[k] && lengths[k] + kerf <= room) {
                        return false;
                    }
                }
                int[] rest = left.clone();
                for (int k = 0; k < rest.length; k++) {
                    rest[k] -= counts[k];
                }
                plan.add(new Filled(sticks.get(at), counts.clone()));
                if (next(at + 1, rest, over - room, dear - wastes)) {
                    return true;
                }
                plan.removeLast();
                return false;
            }
            long step = lengths[i] + kerf;
            int n = (int) Math.min(left[i], room / step);
            boolean tied = before != null;
            if (tied) {
                n = Math.min(n, before[i]);
            }
            for (; n >= 0; n--) {
                counts[i] = n;
                if (nodes >= most) {
                    return false;
                }
                if (fill(at, i + 1, room - n * step, counts, left, over, dear,
                        tied && n == before[i] ? before : null)) {
                    return true;
                }
            }
            counts[i] = 0;
            return false;
        }
    }

    private Plan plan(List<Filled> plan, List<List<Integer>> places, List<Integer> left, double bound, boolean proven) {
        List<Cut> cuts = new ArrayList<>();
        Map<Integer, Integer> next = new HashMap<>();
        List<Filled> order = new ArrayList<>(plan);
        order.sort(Comparator.comparingInt((Filled f) -> f.stock).thenComparing(f -> Arrays.toString(f.counts),
                Comparator.reverseOrder()));
        for (Filled f : order) {
            List<Integer> pieces = new ArrayList<>();
            for (int i = 0; i < lengths.length; i++) {
                for (int n = 0; n < f.counts[i]; n++) {
                    int k = next.merge(i, 1, Integer::sum) - 1;
                    if (k < places.get(i).size()) {
                        pieces.add(places.get(i).get(k));
                    }
                }
            }
            if (!pieces.isEmpty()) {
                cuts.add(new Cut(stocks.get(f.stock), pieces));
            }
        }
        List<Integer> lost = new ArrayList<>(left);
        for (int i = 0; i < lengths.length; i++) {
            for (int k = next.getOrDefault(i, 0); k < places.get(i).size(); k++) {
                lost.add(places.get(i).get(k));
            }
        }
        double cost = cuts.stream().mapToDouble(c -> c.stock.price).sum();
        return new Plan(cuts, lost, cost, Math.min(bound, cost), proven && lost.size() == left.size());
    }
}
