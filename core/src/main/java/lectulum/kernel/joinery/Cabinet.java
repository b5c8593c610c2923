package lectulum.kernel.joinery;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import lectulum.kernel.takeoff.Panel;

/// A piece of furniture as the boards that it is made of, each where it stands.
///
/// Measures run from its front left foot: u along its front, v to its back, w up. Boards butt against one another; those that are
/// let into grooves are cut longer by twice their depth, and weigh no more, since the groove takes as much away. Doors and
/// drawers on runners of 12.7 mm a side after the usual measures of the trade (assumed; the runner's sheet wins).
///
/// @param width   along its front \[m\]
/// @param boards  bottom up
/// @param seams   where board meets board \[m\]: length of each
/// @param leaves  its doors
/// @param drawers its drawers
/// @param bars    of a rack
public record Cabinet(double width, double depth, double height, Build build, List<Board> boards, List<Seam> seams,
        List<Leaf> leaves, List<Drawer> drawers, List<Bar> bars) {
    /// Side of strut channel \[m\].
    public static final double STRUT = 0.041;
    /// Beside a drawer on either side \[m\].
    public static final double RUNNER = 0.0127;
    private static final double RUNNER_STEP = 0.05;
    private static final double LEAST_RUNNER = 0.25;
    private static final double DRAWER_FRONT = 0.14;
    private static final double PLAY = 0.003;
    private static final double BAY_LID = 1.2;
    private static final double BAY_BED = 0.8;
    private static final double DRAWER_BOTTOM = 0.006;
    private static final double LEAST = 0.02;
    private static final int STEPS = 120;

    public Cabinet {
        boards = List.copyOf(boards);
        seams = List.copyOf(seams);
        leaves = List.copyOf(leaves);
        drawers = List.copyOf(drawers);
        bars = List.copyOf(bars);
    }

    /// A bar of a rack: where it stands as a box from u, v, w to u, v, w \[m\].
    public record Bar(String what, double length, double[] box) {
    }

    /// A board.
    ///
    /// @param length  as it is cut, along its grain \[m\]
    /// @param wide    \[m\]
    /// @param box     that it takes where it stands: from u, v, w to u, v, w \[m\]
    /// @param outline \[length, wide\] where it is no rectangle, empty otherwise
    /// @param banded  edges that are seen \[m\]
    /// @param turn    by which it is bent in all \[rad\], 0 for a flat one
    public record Board(String what, double length, double wide, double thick, double[] box, List<double[]> outline,
            double banded, double turn) {
        public boolean bent() {
            return turn > 0;
        }

        /// \[m²\], without what is let into grooves.
        public double area() {
            if (bent()) {
                return length * wide;
            }
            if (!outline.isEmpty()) {
                return new Panel(outline, List.of()).area();
            }
            double u = box[3] - box[0];
            double v = box[4] - box[1];
            double w = box[5] - box[2];
            return u * v * w / thick;
        }

        /// Middle of it \[m\].
        public double[] middle() {
            return new double[]{(box[0] + box[3]) / 2, (box[1] + box[4]) / 2, (box[2] + box[5]) / 2};
        }
    }

    /// A seam of two boards.
    public record Seam(double length, double thick) {
    }

    /// A door: where it is seen from the front \[m\].
    ///
    /// @param left whether it is hinged at its left edge
    public record Leaf(double u, double w, double wide, double high, boolean left) {
    }

    /// A drawer: its front as it is seen, and its runners; a runner of 0 is one that there is no room for \[m\].
    public record Drawer(double u, double w, double wide, double high, double runner) {
    }

    /// What limits its height where a roof comes down.
    ///
    /// @param alongFront whether it changes along the front; otherwise towards the back
    /// @param height     over its foot at a place along that \[m\]
    public record Ceiling(boolean alongFront, DoubleUnaryOperator height) {
        /// Nothing comes down.
        public static final Ceiling NONE = new Ceiling(true, at -> Double.POSITIVE_INFINITY);
    }

    public static Cabinet of(double width, double depth, double height, Build build, Ceiling ceiling) {
        return new Maker(width, depth, height, build, ceiling).made();
    }

    /// Volume of all boards \[m³\].
    public double volume() {
        return boards.stream().mapToDouble(b -> b.area() * b.thick).sum();
    }

    /// End to end \[m\].
    public double seam() {
        return seams.stream().mapToDouble(Seam::length).sum();
    }

    /// Hinges of a door: two to 0.9 m, three to 1.6 m, four above, and one for each 5 kg (usual in the trade).
    public static int hinges(double high, double mass) {
        int tall = high <= 0.9 ? 2 : high <= 1.6 ? 3 : 4;
        return Math.max(tall, (int) Math.ceil(mass / 5 - 1e-9));
    }

    /// Where the cups of its hinges are bored above the lower edge of a door \[m\]: the outer ones 0.1 m from its ends (a
    /// quarter of its height where that is less), the others evenly between.
    public static List<Double> cups(double high, int count) {
        double end = Math.min(0.1, high / 4);
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(count == 1 ? high / 2 : end + (high - 2 * end) * i / (count - 1));
        }
        return all;
    }

    /// Builds it.
    private static final class Maker {
        private final double width;
        private final double depth;
        private final double height;
        private final Build b;
        private final Ceiling ceiling;
        private final List<Board> boards = new ArrayList<>();
        private final List<Seam> seams = new ArrayList<>();
        private final List<Leaf> leaves = new ArrayList<>();
        private final List<Drawer> drawers = new ArrayList<>();
        private final List<Bar> bars = new ArrayList<>();

        Maker(double width, double depth, double height, Build build, Ceiling ceiling) {
            this.width = width;
            this.depth = depth;
            this.height = height;
            this.b = build;
            this.ceiling = ceiling;
        }

        Cabinet made() {
            double t = b.board();
            boolean room = width > 2 * t + LEAST && depth > t + b.back() + LEAST
                    && height > 2 * Math.max(t, b.top()) + LEAST;
            if (t > 0 && width > 0 && depth > 0 && height > 0) {
                switch (b.form()) {
                    case BOARD -> lying("board", 0, width, 0, depth, 0, t, 2 * (width + depth), 0);
                    case RACK -> {
                        if (width > 2 * STRUT + LEAST && depth > 2 * STRUT + LEAST && height > 2 * STRUT + t + LEAST) {
                            rack();
                        }
                    }
                    case CUPBOARD -> {
                        if (room) {
                            cupboard();
                        }
                    }
                    case CHEST, BED, SLATS -> {
                        if (room) {
                            chest();
                        }
                    }
                }
            }
            return new Cabinet(width, depth, height, b, boards, seams, leaves, drawers, bars);
        }

        private boolean low() {
            double step = (ceiling.alongFront ? width : depth) / STEPS;
            for (int i = 0; i <= STEPS; i++) {
                if (ceiling.height.applyAsDouble(i * step) < height - 1e-6) {
                    return true;
                }
            }
            return false;
        }

        /// Least height over a stretch along which the ceiling changes.
        private double least(double from, double to) {
            double least = height;
            for (int i = 0; i <= STEPS; i++) {
                least = Math.min(least, ceiling.height.applyAsDouble(from + (to - from) * i / STEPS));
            }
            return least;
        }

        private void cupboard() {
            double t = b.board();
            boolean fronted = b.leaves() > 0 || b.drawers() > 0;
            double front = fronted && b.fronts() == Build.Fronts.OVERLAY ? t : 0;
            double inset = fronted && b.fronts() == Build.Fronts.INSET ? t : 0;
            double rear = depth - b.back();
            boolean cut = low();
            double roof = b.top() > 0 && !cut ? height - b.top() : height;
            double[] bays = bays(inset > 0);
            for (double u : new double[]{0, width - t}) {
                upright(u == 0 ? "left side" : "right side", u, front, rear, 0, roof, true);
            }
            lying("bottom", t, width - t, front, rear, 0, t, width - 2 * t, b.groove());
            seam(2, rear - front);
            double under = roof;
            if (cut) {
                bentTop(front, rear);
                under = Math.min(roof, least(0, ceiling.alongFront ? width : depth));
            } else if (b.top() > 0) {
                lying("worktop", 0, width, 0, depth, height - b.top(), b.top(), 2 * (width + depth), 0);
            } else {
                lying("top", t, width - t, front, rear, roof - t, t, width - 2 * t, b.groove());
                seam(2, rear - front);
                under = roof - t;
            }
            for (int i = 2; i < bays.length; i += 2) {
                upright("divider", bays[i] - t, front + inset, rear, t, cut || b.top() > 0 ? roof : roof - t, false);
                seam(2, rear - front - inset);
            }
            back(roof);
            fronts(bays, front, roof, under, inset);
            double below = drawers.stream().mapToDouble(Drawer::w).min().orElse(under);
            if (drawers.isEmpty() || !leaves.isEmpty()) {
                shelves(bays, front + inset, rear, Math.min(under, below));
            }
        }

        /// Where bays begin and end between their sides: two doors of one width share one, an odd one has its own.
        private double[] bays(boolean inset) {
            double t = b.board();
            int count = Math.max(1, (b.leaves() + 1) / 2);
            double[] at = new double[2 * count];
            double all = b.leaves() > 0 ? b.leaves() : count;
            double free = width - (count + 1) * t;
            double before = 0;
            for (int i = 0; i < count; i++) {
                double share = (b.leaves() > 0 ? Math.min(2, b.leaves() - 2 * i) : 1) / all;
                at[2 * i] = inset ? t * (i + 1) + before * free : i == 0 ? t : before * width + t / 2;
                before += share;
                at[2 * i + 1] = i == count - 1
                        ? width - t
                        : inset ? t * (i + 1) + before * free : before * width - t / 2;
                if (at[2 * i + 1] - at[2 * i] <= LEAST) {
                    return new double[]{t, width - t};
                }
            }
            return at;
        }

        private void shelves(double[] bays, double from, double rear, double under) {
            double t = b.board();
            int count = (under - t) / (b.shelves() + 1) > t + LEAST ? b.shelves() : 0;
            for (int i = 0; i < bays.length; i += 2) {
                for (int k = 1; k <= count; k++) {
                    double free = (under - t - count * t) / (count + 1);
                    double w = t + k * free + (k - 1) * t;
                    lying("shelf", bays[i], bays[i + 1], from, rear, w, t, bays[i + 1] - bays[i], b.groove());
                    seam(2, rear - from);
                }
            }
        }

        private void back(double roof) {
            if (b.back() <= 0) {
                return;
            }
            List<double[]> outline = ceiling.alongFront ? shape(0, width, 0, roof) : List.of();
            double high = ceiling.alongFront ? highest(outline, roof) : limit(depth - b.back() / 2, roof);
            boards.add(new Board("back", Math.max(width, high), Math.min(width, high), b.back(),
                    new double[]{0, depth - b.back(), 0, width, depth, high}, outline, 0, 0));
            seams.add(new Seam(2 * (width + high), b.back()));
        }

        private void fronts(double[] bays, double front, double roof, double under, double inset) {
            if (b.leaves() == 0 && b.drawers() == 0) {
                return;
            }
            double t = b.board();
            boolean over = inset == 0;
            double g = b.gap();
            for (int i = 0; 2 * i < bays.length; i++) {
                double bay = bays[2 * i + 1] - bays[2 * i];
                boolean single = bays.length == 2;
                int q = single ? b.leaves() : Math.min(2, b.leaves() - 2 * i);
                double from = !over ? bays[2 * i] : i == 0 ? 0 : bays[2 * i] - t / 2;
                double to = !over ? bays[2 * i + 1] : 2 * i + 2 == bays.length ? width : bays[2 * i + 1] + t / 2;
                double wide = to - from;
                double side = over ? g / 2 : g;
                double foot = over ? 0 : t;
                double head = over ? least(ceiling.alongFront ? from : 0, ceiling.alongFront ? from + wide : 0) : under;
                head = Math.min(head, roof);
                double top = head - side;
                double bottom = foot + side;
                int m = b.drawers();
                double each = m == 0 ? 0 : q > 0 ? DRAWER_FRONT : (top - bottom - (m - 1) * g) / m;
                for (int k = 0; k < m && top - each > bottom - 1e-9 && each > LEAST; k++) {
                    drawer(from + side, top - each, wide - 2 * side, each, bays[2 * i], bay, front + inset);
                    top -= each + g;
                }
                double leaf = (wide - 2 * side - (q - 1) * g) / Math.max(1, q);
                for (int k = 0; k < q && top - bottom > LEAST && leaf > LEAST; k++) {
                    leaves.add(new Leaf(from + side + k * (leaf + g), bottom, leaf, top - bottom,
                            q == 1 ? !b.hungRight() : k == 0));
                    front("door", from + side + k * (leaf + g), bottom, leaf, top - bottom);
                }
            }
        }

        private void front(String what, double u, double w, double wide, double high) {
            double t = b.board();
            boards.add(new Board(what, high, wide, t, new double[]{u, 0, w, u + wide, t, w + high}, List.of(),
                    2 * (wide + high), 0));
        }

        private void drawer(double u, double w, double wide, double high, double left, double bay, double from) {
            front("drawer front", u, w, wide, high);
            double free = depth - b.back() - from - 0.01;
            double runner = Math.floor(free / RUNNER_STEP + 1e-9) * RUNNER_STEP;
            runner = runner < LEAST_RUNNER ? 0 : runner;
            drawers.add(new Drawer(u, w, wide, high, runner));
            double t = b.board();
            double outer = bay - 2 * RUNNER;
            double below = t + PLAY;
            double tall = Math.max(0.04, high - 2 * below);
            double middle = left + bay / 2;
            double base = b.back() > 0 ? b.back() : DRAWER_BOTTOM;
            if (runner == 0 || outer < 2 * t + LEAST) {
                return;
            }
            double u1 = middle - outer / 2;
            double u2 = middle + outer / 2;
            double v1 = from;
            double v2 = v1 + runner;
            double w1 = w + below;
            double w2 = w1 + tall;
            for (double at : new double[]{u1, u2 - t}) {
                boards.add(new Board("drawer side", runner, tall - base, t,
                        new double[]{at, v1, w1 + base, at + t, v2, w2}, List.of(), runner, 0));
            }
            for (double at : new double[]{v1, v2 - t}) {
                boards.add(new Board("drawer end", outer - 2 * t, tall - base, t,
                        new double[]{u1 + t, at, w1 + base, u2 - t, at + t, w2}, List.of(), outer - 2 * t, 0));
            }
            boards.add(new Board("drawer bottom", Math.max(outer, runner), Math.min(outer, runner), base,
                    new double[]{u1, v1, w1, u2, v2, w1 + base}, List.of(), 0, 0));
            seams.add(new Seam(4 * (tall - base), t));
            seams.add(new Seam(2 * (outer + runner), base));
        }

        /// Four posts, and at each shelf, below and on top four bars between them that carry a board.
        private void rack() {
            for (double u : new double[]{0, width - STRUT}) {
                for (double v : new double[]{0, depth - STRUT}) {
                    bars.add(new Bar("post", height, new double[]{u, v, 0, u + STRUT, v + STRUT, height}));
                }
            }
            int levels = b.shelves() + 2;
            double t = b.board();
            for (int i = 0; i < levels; i++) {
                double w = (height - STRUT - t) * i / (levels - 1);
                for (double v : new double[]{0, depth - STRUT}) {
                    bars.add(new Bar("long bar", width - 2 * STRUT,
                            new double[]{STRUT, v, w, width - STRUT, v + STRUT, w + STRUT}));
                }
                for (double u : new double[]{0, width - STRUT}) {
                    bars.add(new Bar("short bar", depth - 2 * STRUT,
                            new double[]{u, STRUT, w, u + STRUT, depth - STRUT, w + STRUT}));
                }
                lying("shelf", STRUT, width - STRUT, 0, depth, w + STRUT, t, width - 2 * STRUT, 0);
            }
        }

        private void chest() {
            double t = b.board();
            boolean lidded = b.form() == Build.Form.CHEST;
            double lid = b.top() > 0 ? b.top() : t;
            double roof = height - lid;
            double rear = depth - b.back();
            int bays = (int) Math.max(1, Math.ceil(width / (lidded ? BAY_LID : BAY_BED) - 1e-9));
            double bay = (width - (bays + 1) * t) / bays;
            boards.add(new Board("front", width, roof, t, new double[]{0, 0, 0, width, t, roof}, List.of(), width,
                    0));
            for (double u : new double[]{0, width - t}) {
                upright(u == 0 ? "left side" : "right side", u, t, rear, 0, roof, false);
            }
            seam(2, roof);
            for (int i = 1; i < bays; i++) {
                upright(lidded ? "divider under the joint of lids" : "cross-board", i * (bay + t), t, rear, 0, roof,
                        false);
                seam(2, roof);
            }
            back(roof);
            for (int i = 0; i < bays && lidded; i++) {
                double from = i == 0 ? 0 : i * width / bays + b.gap() / 2;
                double to = i == bays - 1 ? width : (i + 1) * width / bays - b.gap() / 2;
                lying("lid", from, to, 0, depth, roof, lid, 2 * (to - from + depth), 0);
            }
            if (b.form() == Build.Form.BED) {
                lying("deck", 0, width, 0, depth, roof, lid, 0, 0);
            }
        }

        /// A board that lies.
        private void lying(String what, double u1, double u2, double v1, double v2, double w, double thick,
                double banded, double groove) {
            if (u2 - u1 > 0 && v2 - v1 > 0) {
                boards.add(new Board(what, u2 - u1 + 2 * groove, v2 - v1, thick,
                        new double[]{u1, v1, w, u2, v2, w + thick}, List.of(), banded, 0));
            }
        }

        /// A board that stands from front to back.
        private void upright(String what, double u, double v1, double v2, double w1, double w2, boolean banded) {
            double t = b.board();
            List<double[]> outline = ceiling.alongFront ? List.of() : shape(v1, v2, w1, w2);
            double high = (ceiling.alongFront ? limit(u + t / 2, w2) : highest(outline, w2)) - w1;
            if (high > 0) {
                boards.add(new Board(what, high, v2 - v1, t,
                        new double[]{u, v1, w1, u + t, v2, w1 + high}, outline, banded ? high : 0, 0));
            }
        }

        private double limit(double at, double most) {
            return Math.min(most, ceiling.height.applyAsDouble(at));
        }

        private static double highest(List<double[]> outline, double otherwise) {
            return outline.isEmpty() ? otherwise : outline.stream().mapToDouble(p -> p[1]).max().orElse(otherwise);
        }

        /// The outline under the ceiling; empty where it is a rectangle.
        private List<double[]> shape(double from, double to, double w1, double w2) {
            boolean cut = false;
            List<double[]> line = new ArrayList<>();
            line.add(new double[]{from, w1});
            line.add(new double[]{to, w1});
            for (int i = STEPS; i >= 0; i--) {
                double at = from + (to - from) * i / STEPS;
                double w = Math.max(w1, limit(at, w2));
                cut |= w < w2 - 1e-6;
                line.add(new double[]{at, w});
            }
            return cut ? line : List.of();
        }

        /// The board that follows the ceiling.
        private void bentTop(double front, double rear) {
            double from = ceiling.alongFront ? b.board() : front;
            double to = ceiling.alongFront ? width - b.board() : rear;
            double length = 0;
            double turn = 0;
            double before = Double.NaN;
            for (int i = 0; i < STEPS; i++) {
                double a = from + (to - from) * i / STEPS;
                double c = from + (to - from) * (i + 1) / STEPS;
                double up = limit(c, height) - limit(a, height);
                length += Math.hypot(c - a, up);
                double slope = Math.atan2(up, c - a);
                turn += Double.isNaN(before) ? 0 : Math.abs(slope - before);
                before = slope;
            }
            double across = ceiling.alongFront ? rear - front : width - 2 * b.board();
            double mean = 0;
            for (int i = 0; i <= STEPS; i++) {
                mean += limit(from + (to - from) * i / STEPS, height) / (STEPS + 1);
            }
            double[] box = ceiling.alongFront
                    ? new double[]{from, front, mean - b.board(), to, rear, mean}
                    : new double[]{b.board(), from, mean - b.board(), width - b.board(), to, mean};
            boards.add(new Board("top, bent under the roof", length, across, b.board(), box, List.of(), 0,
                    Math.max(turn, 1e-9)));
            seams.add(new Seam(2 * length, b.board()));
        }

        private void seam(int times, double length) {
            for (int i = 0; i < times; i++) {
                seams.add(new Seam(length, b.board()));
            }
        }
    }
}
