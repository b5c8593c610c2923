package lectulum.kernel.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;

/// Rectangles cut edge to edge from sheets.
///
/// One sheet is filled at a time: pieces by size in an order that is disturbed at random, each into the free rectangle that it fits
/// best, which is then split in two. Of some hundred fillings the one that takes most is kept, and the whole is begun anew until
/// it meets the bound or the work that is allowed is done. The same seed and work give the same plan.
public final class Sheets {
    /// As if there were no end of it.
    public static final int ENDLESS = 1_000_000;
    private static final double MICRO = 1e6;
    private static final int LEAST_TRIALS = 50;
    private static final int MORE_TRIALS = 350;
    private static final int FEWEST_TRIALS = 4;
    private static final int SHARES = 6;
    private static final int STRICT = 3000;
    private static final int SCORES = 5;
    private static final int SPLITS = 6;
    private static final double CENT = 1e-6;
    /// Places in a list are kept in so many bits, what comes before in the rest \[µm²\].
    private static final int PLACES = 14;
    private static final double RANKS = 1e3;
    private static final int MOST = 1 << PLACES;

    /// A kind of sheet.
    ///
    /// @param width     along its grain \[m\]
    /// @param height    across it \[m\]
    /// @param price     of one, 0 for what is there
    /// @param available how many, [#ENDLESS] for what is bought
    public record Sheet(String id, double width, double height, double price, int available) {
    }

    /// A piece.
    ///
    /// @param width  along the grain where it may not be turned \[m\]
    /// @param height \[m\]
    /// @param turns  whether it may lie either way
    public record Piece(double width, double height, boolean turns) {
    }

    /// A piece where it lies.
    ///
    /// @param piece  its place in the list that was asked for
    /// @param x      from the left edge of the sheet \[m\]
    /// @param y      from its lower edge \[m\]
    /// @param width  as it lies \[m\]
    /// @param height as it lies \[m\]
    public record Placed(int piece, double x, double y, double width, double height) {
    }

    /// A sheet with what is cut from it.
    public record Cut(Sheet sheet, List<Placed> pieces) {
        public Cut {
            pieces = List.copyOf(pieces);
        }
    }

    /// How all are cut.
    ///
    /// @param left   places of pieces that no sheet holds
    /// @param bound  no plan costs less
    /// @param proven whether none costs less than this one
    public record Plan(List<Cut> cuts, List<Integer> left, double cost, double bound, boolean proven) {
        public Plan {
            cuts = List.copyOf(cuts);
            left = List.copyOf(left);
        }
    }

    /// How much work is done at most.
    ///
    /// @param seed     of the disturbances
    /// @param fillings of single sheets
    /// @param stop     asked between them
    public record Effort(long seed, long fillings, BooleanSupplier stop) {
    }

    private final int[] w;
    private final int[] h;
    private final boolean[] turns;
    private final int[] places;
    private final List<Sheet> sheets;
    private final int kerf;
    private final int trim;
    private final Effort effort;
    private final SplittableRandom chance;
    private long done;
    private int begun;
    private double target;
    /// Fillings of one sheet that the effort allows.
    private double share;

    private Sheets(List<Piece> pieces, int[] places, List<Sheet> sheets, double kerf, double trim, Effort effort) {
        this.places = places;
        this.w = new int[places.length];
        this.h = new int[places.length];
        this.turns = new boolean[places.length];
        for (int i = 0; i < places.length; i++) {
            Piece p = pieces.get(places[i]);
            w[i] = micro(p.width);
            h[i] = micro(p.height);
            turns[i] = p.turns;
        }
        this.sheets = List.copyOf(sheets);
        this.kerf = micro(kerf);
        this.trim = micro(trim);
        this.effort = effort;
        this.chance = new SplittableRandom(effort.seed);
    }

    private static int micro(double metres) {
        return (int) Math.round(Math.clamp(metres, 0, 2000) * MICRO);
    }

    /// @param kerf \[m\]
    /// @param trim off every edge of a sheet \[m\]
    public static Plan of(List<Piece> pieces, List<Sheet> sheets, double kerf, double trim, Effort effort) {
        List<Integer> fit = new ArrayList<>();
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Piece p = pieces.get(i);
            boolean fits = p.width > 0 && p.height > 0 && sheets.stream().anyMatch(s -> s.available > 0
                    && (within(p.width, p.height, s, trim) || p.turns && within(p.height, p.width, s, trim)));
            (fits && fit.size() < MOST ? fit : left).add(i);
        }
        return new Sheets(pieces, fit.stream().mapToInt(i -> i).toArray(), sheets, kerf, trim, effort).solve(left);
    }

    private static boolean within(double w, double h, Sheet s, double trim) {
        return micro(w) <= micro(s.width) - 2 * micro(trim) && micro(h) <= micro(s.height) - 2 * micro(trim);
    }

    private int width(int sheet) {
        return micro(sheets.get(sheet).width) - 2 * trim;
    }

    private int height(int sheet) {
        return micro(sheets.get(sheet).height) - 2 * trim;
    }

    /// A filling of one sheet.
    private record Filled(int sheet, int[][] pieces, double area) {
    }

    private Plan solve(List<Integer> left) {
        double bound = bound();
        target = target();
        double area = sheets.stream().mapToDouble(s -> s.width * s.height).max().orElse(1);
        share = Math.max(FEWEST_TRIALS,
                SHARES * effort.fillings * Math.max(1e-3, area) * MICRO * MICRO / Math.max(1, need()));
        List<Filled> best = null;
        while (places.length > 0 && (best == null || done < effort.fillings) && !effort.stop.getAsBoolean()) {
            // Every other time no more is wasted than the bound leaves, or it is given up.
            List<Filled> now = ++begun % 2 == 0 && target > 0 ? strict() : once();
            if (best == null || better(now, best)) {
                best = now;
            }
            if (count(best) == places.length && cost(best) <= bound + CENT) {
                break;
            }
        }
        List<Filled> plan = best == null ? List.of() : best;
        List<Cut> cuts = new ArrayList<>();
        boolean[] cut = new boolean[places.length];
        for (Filled f : plan) {
            List<Placed> all = new ArrayList<>();
            for (int[] p : f.pieces) {
                cut[p[0]] = true;
                all.add(new Placed(places[p[0]], (p[1] + trim) / MICRO, (p[2] + trim) / MICRO, p[3] / MICRO,
                        p[4] / MICRO));
            }
            cuts.add(new Cut(sheets.get(f.sheet), all));
        }
        List<Integer> lost = new ArrayList<>(left);
        for (int i = 0; i < cut.length; i++) {
            if (!cut[i]) {
                lost.add(places[i]);
            }
        }
        double cost = cost(plan);
        return new Plan(cuts, lost, cost, Math.min(bound, cost), lost.size() == left.size() && cost <= bound + CENT);
    }

    private double cost(List<Filled> plan) {
        return plan.stream().mapToDouble(f -> sheets.get(f.sheet).price).sum();
    }

    private static int count(List<Filled> plan) {
        return plan.stream().mapToInt(f -> f.pieces.length).sum();
    }

    private boolean better(List<Filled> a, List<Filled> b) {
        if (count(a) != count(b)) {
            return count(a) > count(b);
        }
        double difference = cost(a) - cost(b);
        return difference < -CENT || difference < CENT && (a.size() < b.size()
                || a.size() == b.size() && a.getLast().area < b.getLast().area - 1);
    }

    /// Least cost of sheets that are large enough in sum, pieces and sheets grown by a kerf each; with one price, not less than
    /// pieces of which no two share a sheet.
    private double bound() {
        double need = need();
        double each = Double.POSITIVE_INFINITY;
        double dearest = 0;
        double cheapest = Double.POSITIVE_INFINITY;
        for (int j = 0; j < sheets.size(); j++) {
            Sheet s = sheets.get(j);
            double area = (double) (width(j) + kerf) * (height(j) + kerf);
            if (s.available <= 0 || area <= 0) {
                continue;
            }
            if (s.price <= 0) {
                need -= area * s.available;
            } else {
                each = Math.min(each, s.price / area);
                dearest = Math.max(dearest, s.price);
                cheapest = Math.min(cheapest, s.price);
            }
        }
        if (need <= 0 || !Double.isFinite(each)) {
            return 0;
        }
        long kinds = sheets.stream().filter(s -> s.price > 0 && s.available > 0).count();
        if (kinds == 1) {
            int only = 0;
            while (sheets.get(only).price <= 0 || sheets.get(only).available <= 0) {
                only++;
            }
            double area = (double) (width(only) + kerf) * (height(only) + kerf);
            int big = sheets.stream().anyMatch(s -> s.price <= 0 && s.available > 0) ? 0 : big(only);
            return dearest * Math.max(Math.ceil(need / area - 1e-12), big);
        }
        return Math.max(cheapest, need * each);
    }

    /// Area of all pieces, each grown by a kerf \[µm²\].
    private double need() {
        double need = 0;
        for (int i = 0; i < w.length; i++) {
            need += (double) (w[i] + kerf) * (h[i] + kerf);
        }
        return need;
    }

    /// Pieces of which no two share a sheet, however they lie.
    private int big(int sheet) {
        int big = 0;
        for (int i = 0; i < w.length; i++) {
            boolean lies = 2L * w[i] + kerf > width(sheet) && 2L * h[i] + kerf > height(sheet);
            boolean stands = 2L * h[i] + kerf > width(sheet) && 2L * w[i] + kerf > height(sheet);
            boolean canStand = turns[i] && h[i] <= width(sheet) && w[i] <= height(sheet);
            boolean canLie = w[i] <= width(sheet) && h[i] <= height(sheet);
            big += (!canLie || lies) && (!canStand || stands) ? 1 : 0;
        }
        return big;
    }

    private List<Filled> once() {
        List<Filled> plan = new ArrayList<>();
        boolean[] used = new boolean[places.length];
        int[] there = sheets.stream().mapToInt(Sheet::available).toArray();
        int left = places.length;
        double p = 1 + 0.25 * chance.nextDouble();
        while (left > 0) {
            Optional<Filled> f = fullest(used, there, p);
            if (f.isEmpty()) {
                break;
            }
            plan.add(f.get());
            there[f.get().sheet]--;
            for (int[] piece : f.get().pieces) {
                used[piece[0]] = true;
            }
            left -= f.get().pieces.length;
        }
        return plan;
    }

    /// What may be wasted where only one kind of sheet is bought and as many are used as the bound says \[µm²\], grown by a kerf;
    /// not positive where that is not so.
    private double target() {
        if (sheets.size() != 1 || sheets.getFirst().price <= 0) {
            return -1;
        }
        double need = need();
        double area = (double) (width(0) + kerf) * (height(0) + kerf);
        return Math.max(Math.ceil(need / area - 1e-12), big(0)) * area - need + 1;
    }

    /// Sheet by sheet, each filled until no more is wasted than may be; what is begun is given up where that is not found.
    private List<Filled> strict() {
        List<Filled> plan = new ArrayList<>();
        boolean[] used = new boolean[places.length];
        double spare = target;
        double area = (double) (width(0) + kerf) * (height(0) + kerf);
        int left = places.length;
        while (left > 0) {
            Filler filler = new Filler(used);
            Filled found = null;
            for (int t = 0; t < STRICT && found == null && !effort.stop.getAsBoolean(); t++) {
                done++;
                filler.fill(width(0), height(0), chance.nextDouble(0.8), chance.nextInt(SCORES),
                        chance.nextInt(SPLITS));
                double takes = 0;
                double plain = 0;
                for (int k = 0; k < filler.count; k++) {
                    int i = filler.placed[k][0];
                    takes += (double) (w[i] + kerf) * (h[i] + kerf);
                    plain += (double) w[i] * h[i];
                }
                if (area - takes <= spare || filler.count == left) {
                    found = new Filled(0, filler.copy(), plain);
                    spare -= area - takes;
                }
            }
            if (found == null) {
                return plan;
            }
            plan.add(found);
            for (int[] p : found.pieces) {
                used[p[0]] = true;
            }
            left -= found.pieces.length;
        }
        return plan;
    }

    /// The filling that takes most for its money: what is there first, then the least price for what it takes.
    private Optional<Filled> fullest(boolean[] used, int[] there, double p) {
        int trials = (int) Math.min(LEAST_TRIALS + chance.nextInt(MORE_TRIALS), share);
        Filled best = null;
        double most = 0;
        double all = 0;
        for (int i = 0; i < used.length; i++) {
            all += used[i] ? 0 : Math.pow((double) w[i] * h[i], p);
        }
        Filler filler = new Filler(used);
        for (int j = 0; j < sheets.size(); j++) {
            if (there[j] <= 0) {
                continue;
            }
            double price = sheets.get(j).price;
            for (int t = 0; t < trials; t++) {
                done++;
                filler.fill(width(j), height(j), t == 0 ? 0 : chance.nextDouble(0.6), chance.nextInt(SCORES),
                        chance.nextInt(SPLITS));
                if (filler.count == 0) {
                    continue;
                }
                double takes = 0;
                double area = 0;
                for (int k = 0; k < filler.count; k++) {
                    int i = filler.placed[k][0];
                    takes += Math.pow((double) w[i] * h[i], p);
                    area += (double) w[i] * h[i];
                }
                double worth = price <= 0 ? 1e9 + takes / all : takes / all / price;
                if (takes >= all * (1 - 1e-12)) {
                    worth = price <= 0 ? 2e9 : 1e6 / price;
                }
                if (worth > most) {
                    most = worth;
                    best = new Filled(j, filler.copy(), area);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /// Fills one sheet.
    private final class Filler {
        private final int[] open;
        private final long[] order;
        private final int[] fx;
        private final int[] fy;
        private final int[] fw;
        private final int[] fh;
        private final int[][] placed;
        private int free;
        private int count;
        /// Of all free rectangles: what is larger than these goes into none, and most pieces are.
        private int widest;
        private int highest;
        private long largest;

        Filler(boolean[] used) {
            int n = 0;
            int[] all = new int[used.length];
            for (int i = 0; i < used.length; i++) {
                if (!used[i]) {
                    all[n++] = i;
                }
            }
            open = Arrays.copyOf(all, n);
            order = new long[n];
            fx = new int[2 * n + 2];
            fy = new int[2 * n + 2];
            fw = new int[2 * n + 2];
            fh = new int[2 * n + 2];
            placed = new int[n][5];
        }

        int[][] copy() {
            int[][] all = new int[count][];
            for (int i = 0; i < count; i++) {
                all[i] = placed[i].clone();
            }
            return all;
        }

        void fill(int width, int height, double disturbed, int score, int split) {
            for (int k = 0; k < open.length; k++) {
                int i = open[k];
                double rank = (double) w[i] * h[i] * (1 - disturbed + 2 * disturbed * chance.nextDouble());
                order[k] = -((long) (rank / RANKS) << PLACES) + i;
            }
            Arrays.sort(order);
            count = 0;
            free = 1;
            fx[0] = 0;
            fy[0] = 0;
            fw[0] = width;
            fh[0] = height;
            measure();
            for (long k : order) {
                place((int) (k & (1 << PLACES) - 1), score, split);
            }
        }

        private void measure() {
            widest = 0;
            highest = 0;
            largest = 0;
            for (int f = 0; f < free; f++) {
                widest = Math.max(widest, fw[f]);
                highest = Math.max(highest, fh[f]);
                largest = Math.max(largest, (long) fw[f] * fh[f]);
            }
        }

        private boolean tooLarge(int i) {
            return (long) w[i] * h[i] > largest
                    || (w[i] > widest || h[i] > highest) && (!turns[i] || h[i] > widest || w[i] > highest);
        }

        private void place(int i, int score, int split) {
            if (tooLarge(i)) {
                return;
            }
            int best = -1;
            boolean turned = false;
            double least = Double.POSITIVE_INFINITY;
            for (int f = 0; f < free; f++) {
                if (w[i] <= fw[f] && h[i] <= fh[f]) {
                    double s = score(score, fw[f], fh[f], w[i], h[i]);
                    if (s < least) {
                        least = s;
                        best = f;
                        turned = false;
                    }
                }
                if (turns[i] && h[i] <= fw[f] && w[i] <= fh[f]) {
                    double s = score(score, fw[f], fh[f], h[i], w[i]);
                    if (s < least) {
                        least = s;
                        best = f;
                        turned = true;
                    }
                }
            }
            if (best >= 0) {
                put(i, best, turned ? h[i] : w[i], turned ? w[i] : h[i], split);
            }
        }

        private void put(int i, int f, int pw, int ph, int split) {
            int x = fx[f];
            int y = fy[f];
            int rw = fw[f] - pw - kerf;
            int rh = fh[f] - ph - kerf;
            int[] p = placed[count++];
            p[0] = i;
            p[1] = x;
            p[2] = y;
            p[3] = pw;
            p[4] = ph;
            int wide = fw[f];
            int high = fh[f];
            boolean upright = upright(split, wide, high, pw, ph);
            free--;
            fx[f] = fx[free];
            fy[f] = fy[free];
            fw[f] = fw[free];
            fh[f] = fh[free];
            // Upright: the first cut runs the whole height beside the piece.
            if (rw > 0) {
                open(x + pw + kerf, y, rw, upright ? high : ph);
            }
            if (rh > 0) {
                open(x, y + ph + kerf, upright ? pw : wide, rh);
            }
            measure();
        }

        private void open(int x, int y, int width, int height) {
            fx[free] = x;
            fy[free] = y;
            fw[free] = width;
            fh[free++] = height;
        }
    }

    private double score(int rule, int fw, int fh, int pw, int ph) {
        int dw = fw - pw;
        int dh = fh - ph;
        int s = Math.min(dw, dh);
        int l = Math.max(dw, dh);
        double area = (double) fw * fh - (double) pw * ph;
        double exact = (dw == 0 ? -1e15 : 0) + (dh == 0 ? -1e15 : 0);
        return exact + switch (rule) {
            case 0 -> area;
            case 1 -> s;
            case 2 -> l;
            case 3 -> area * (1.0 + s / (double) Math.max(1, Math.min(pw, ph)));
            default -> s * 1e4 + l * 1e-4;
        };
    }

    private boolean upright(int rule, int fw, int fh, int pw, int ph) {
        int rw = fw - pw;
        int rh = fh - ph;
        return switch (rule) {
            case 0 -> rw > rh;
            case 1 -> rw <= rh;
            case 2 -> (double) rw * ph > (double) pw * rh;
            case 3 -> (double) rw * ph <= (double) pw * rh;
            case 4 -> fw > fh;
            default -> fw <= fh;
        };
    }
}
