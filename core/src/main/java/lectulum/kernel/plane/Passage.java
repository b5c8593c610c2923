package lectulum.kernel.plane;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/// How wide the way is from a door to a goal on a floor with things on it.
///
/// A body is taken to be round. It is held up at the narrow places between things and walls only, and their widths are
/// exact ([Gaps]). Which places a way must go through is found on a grid: the narrow places cut the free floor into parts,
/// and parts are joined through the widest places first until start and goal are joined. The grid decides where things
/// lie to each other, never how wide anything is; places narrower than its cell, which nobody passes, may be missed.
public final class Passage {
    /// Ways by width \[m\] (assumed): squeeze through, walk, walk easily, pass someone.
    public static final double SQUEEZE = 0.40;
    public static final double WALK = 0.50;
    /// Places further than this from everything count as free floor \[m\] (assumed).
    public static final double STAND = 0.20;
    /// Wider ways are not told apart \[m\].
    public static final double WIDEST = 1.2;
    private static final double SEARCH = 0.5;
    private static final double BESIDE = 0.002;
    private static final int ALONG = 8;
    /// How far somebody reaches over what stands before a face \[m\] (assumed).
    private static final double OVER = 0.30;
    private static final double SMALL = 1e-3;
    /// Keeps the middles of cells off the edges of things that stand on round measures.
    private static final double OFFSET = 0.41421356;

    private final double x0;
    private final double y0;
    private final double cell;
    private final int columns;
    private final int rows;
    private final List<double[][]> features;
    private final double[][] bounds;
    private final boolean[] free;
    private final int[] part;
    private final int parts;
    private final List<Join> joins = new ArrayList<>();
    private volatile int[] stands;

    /// A narrow place between two parts of the floor.
    private record Join(int a, int b, double width) {
    }

    /// The floor cut at its narrow places.
    ///
    /// @param floor     convex clear outline, clockwise or not \[x, y\]
    /// @param openings  stretches of its edge that are open to walk through: x1, y1, x2, y2
    /// @param obstacles convex polygons on the floor
    /// @param cell      of the grid \[m\], > 0
    public static Passage of(double[][] floor, List<double[]> openings, List<double[][]> obstacles, double cell) {
        return new Passage(floor, openings, obstacles, cell);
    }

    private Passage(double[][] floor, List<double[]> openings, List<double[][]> obstacles, double cell) {
        double[] b = Gaps.bounds(floor);
        this.cell = cell;
        this.x0 = b[0] - OFFSET * cell;
        this.y0 = b[1] - OFFSET * cell;
        this.columns = count(b[2] - x0, cell);
        this.rows = count(b[3] - y0, cell);
        List<double[][]> outermost = Gaps.outermost(obstacles);
        this.features = new ArrayList<>(outermost);
        features.addAll(walls(floor, openings));
        this.bounds = features.stream().map(Gaps::bounds).toArray(double[][]::new);
        this.free = free(floor, outermost);
        List<Gaps.Gap> gaps = Gaps.of(features, WIDEST);
        Barriers barriers = new Barriers(gaps, outermost);
        this.part = new int[free.length];
        this.parts = flood(barriers);
        gaps.forEach(g -> join(g, barriers));
        joins.sort(Comparator.comparingDouble(Join::width).reversed());
    }

    private static int count(double length, double cell) {
        return length > 0 && length < 100 ? (int) Math.ceil(length / cell) + 1 : 1;
    }

    /// The walls without their openings.
    private static List<double[][]> walls(double[][] floor, List<double[]> openings) {
        List<double[][]> walls = new ArrayList<>();
        for (int i = 0; i < floor.length; i++) {
            walls.addAll(without(floor[i], floor[(i + 1) % floor.length], openings));
        }
        return walls;
    }

    private static List<double[][]> without(double[] a, double[] b, List<double[]> openings) {
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double length = Math.hypot(dx, dy);
        if (length < 1e-9) {
            return List.of();
        }
        List<double[]> left = new ArrayList<>();
        left.add(new double[]{0, length});
        for (double[] o : openings) {
            double off = Math.max(Math.abs(dx * (o[1] - a[1]) - dy * (o[0] - a[0])),
                    Math.abs(dx * (o[3] - a[1]) - dy * (o[2] - a[0]))) / length;
            if (off > 0.05) {
                continue;
            }
            double p = ((o[0] - a[0]) * dx + (o[1] - a[1]) * dy) / length;
            double q = ((o[2] - a[0]) * dx + (o[3] - a[1]) * dy) / length;
            double from = Math.min(p, q);
            double to = Math.max(p, q);
            List<double[]> rest = new ArrayList<>();
            for (double[] s : left) {
                if (from > s[0]) {
                    rest.add(new double[]{s[0], Math.min(s[1], from)});
                }
                if (to < s[1]) {
                    rest.add(new double[]{Math.max(s[0], to), s[1]});
                }
            }
            left = rest;
        }
        return left.stream().filter(s -> s[1] - s[0] > 1e-9).map(s -> new double[][]{
                {a[0] + dx / length * s[0], a[1] + dy / length * s[0]},
                {a[0] + dx / length * s[1], a[1] + dy / length * s[1]}}).toList();
    }

    private double px(int at) {
        return x0 + (at / rows + 0.5) * cell;
    }

    private double py(int at) {
        return y0 + (at % rows + 0.5) * cell;
    }

    private boolean[] free(double[][] floor, List<double[][]> obstacles) {
        boolean[] open = new boolean[columns * rows];
        fill(open, floor, true);
        for (double[][] obstacle : obstacles) {
            fill(open, obstacle, false);
        }
        return open;
    }

    /// Marks the cells whose middles lie in a convex polygon, column by column.
    private void fill(boolean[] cells, double[][] polygon, boolean as) {
        double[] b = Gaps.bounds(polygon);
        for (int i = clampColumn(b[0]); i <= clampColumn(b[2]); i++) {
            double x = px(i * rows);
            double low = Double.POSITIVE_INFINITY;
            double high = Double.NEGATIVE_INFINITY;
            for (int k = 0; k < polygon.length; k++) {
                double[] p = polygon[k];
                double[] q = polygon[(k + 1) % polygon.length];
                if (Math.min(p[0], q[0]) <= x && x <= Math.max(p[0], q[0]) && p[0] != q[0]) {
                    double y = p[1] + (x - p[0]) / (q[0] - p[0]) * (q[1] - p[1]);
                    low = Math.min(low, y);
                    high = Math.max(high, y);
                }
            }
            for (int j = low <= high ? clampRow(low) : rows; j < rows && py(i * rows + j) <= high; j++) {
                if (py(i * rows + j) >= low) {
                    cells[i * rows + j] = as;
                }
            }
        }
    }

    /// Calls for every cell in a rectangle and a margin round it.
    private void near(double[] b, double margin, java.util.function.IntConsumer each) {
        int i2 = clampColumn(b[2] + margin);
        int j1 = clampRow(b[1] - margin);
        int j2 = clampRow(b[3] + margin);
        for (int i = clampColumn(b[0] - margin); i <= i2; i++) {
            for (int j = j1; j <= j2; j++) {
                each.accept(i * rows + j);
            }
        }
    }

    private int clampColumn(double x) {
        return Math.clamp((int) Math.floor((x - x0) / cell), 0, columns - 1);
    }

    private int clampRow(double y) {
        return Math.clamp((int) Math.floor((y - y0) / cell), 0, rows - 1);
    }

    /// What parts neighbouring cells though both are free: narrow places, and edges of things between the cells.
    private final class Barriers {
        private final List<double[][]> lines = new ArrayList<>();
        private final List<Double> passed = new ArrayList<>();
        private final int[][] byCell = new int[columns * rows][];

        Barriers(List<Gaps.Gap> gaps, List<double[][]> obstacles) {
            for (Gaps.Gap g : gaps) {
                add(new double[]{g.x1(), g.y1()}, new double[]{g.x2(), g.y2()}, g.width());
            }
            for (double[][] o : obstacles) {
                for (int i = 0; i < o.length; i++) {
                    add(o[i], o[(i + 1) % o.length], 0);
                }
            }
        }

        private void add(double[] a, double[] b, double width) {
            int line = lines.size();
            lines.add(new double[][]{a, b});
            passed.add(width);
            int steps = (int) Math.ceil(Math.hypot(b[0] - a[0], b[1] - a[1]) / cell);
            int last = -1;
            for (int i = 0; i <= steps; i++) {
                double t = steps == 0 ? 0 : (double) i / steps;
                double x = a[0] + t * (b[0] - a[0]);
                double y = a[1] + t * (b[1] - a[1]);
                int at = clampColumn(x) * rows + clampRow(y);
                if (at != last) {
                    near(new double[]{x, y, x, y}, cell, c -> mark(c, line));
                    last = at;
                }
            }
        }

        private void mark(int at, int line) {
            int[] before = byCell[at];
            if (before != null && before[before.length - 1] == line) {
                return;
            }
            int[] more = before == null ? new int[1] : Arrays.copyOf(before, before.length + 1);
            more[more.length - 1] = line;
            byCell[at] = more;
        }

        /// Width of the narrowest place that a straight step from a cell goes through \[m\]: infinite for none, 0 for a step
        /// through a thing.
        double through(int from, double x, double y) {
            int[] here = byCell[from];
            if (here == null) {
                return Double.POSITIVE_INFINITY;
            }
            double[] a = {px(from), py(from)};
            double[] b = {x, y};
            double least = Double.POSITIVE_INFINITY;
            for (int line : here) {
                double[][] l = lines.get(line);
                if (passed.get(line) < least && Gaps.crosses(a, b, l[0], l[1])) {
                    least = passed.get(line);
                }
            }
            return least;
        }
    }

    private int flood(Barriers barriers) {
        Arrays.fill(part, -1);
        int count = 0;
        int[] stack = new int[part.length];
        for (int first = 0; first < part.length; first++) {
            if (!free[first] || part[first] >= 0) {
                continue;
            }
            int depth = 0;
            stack[depth++] = first;
            part[first] = count;
            while (depth > 0) {
                int at = stack[--depth];
                int j = at % rows;
                int[] next = {at - rows, at + rows, j > 0 ? at - 1 : -1, j < rows - 1 ? at + 1 : -1};
                for (int to : next) {
                    if (to >= 0 && to < part.length && free[to] && part[to] < 0
                            && barriers.through(at, px(to), py(to)) == Double.POSITIVE_INFINITY) {
                        part[to] = count;
                        stack[depth++] = to;
                    }
                }
            }
            count++;
        }
        return count;
    }

    /// Joins the parts on both sides of a narrow place.
    private void join(Gaps.Gap g, Barriers barriers) {
        double nx = -(g.y2() - g.y1()) / g.width();
        double ny = (g.x2() - g.x1()) / g.width();
        Side a = beside(g, nx, ny, barriers);
        Side b = beside(g, -nx, -ny, barriers);
        if (a.part >= 0 && b.part >= 0 && a.part != b.part) {
            joins.add(new Join(a.part, b.part, Math.min(g.width(), Math.min(a.width, b.width))));
        }
    }

    /// A part beside a narrow place, and how narrow it is up to there; part −1 where the grid has no cell there.
    private record Side(int part, double width) {
    }

    /// The part just beside the middle of a narrow place. Between two narrow places there may be no cell: then the part beyond
    /// the next one counts, and how narrow that is.
    private Side beside(Gaps.Gap g, double nx, double ny, Barriers barriers) {
        double x = g.x() + BESIDE * nx;
        double y = g.y() + BESIDE * ny;
        int[] best = {-1};
        double[] least = {Double.POSITIVE_INFINITY};
        double[] width = {0};
        near(new double[]{x, y, x, y}, 2 * cell, at -> {
            double dx = px(at) - x;
            double dy = py(at) - y;
            double d = dx * dx + dy * dy;
            if (!free[at] || dx * nx + dy * ny <= -BESIDE) {
                return;
            }
            double through = barriers.through(at, x, y);
            boolean open = through == Double.POSITIVE_INFINITY;
            boolean opener = open && width[0] != Double.POSITIVE_INFINITY;
            if (through > 0 && (opener || open == (width[0] == Double.POSITIVE_INFINITY) && d < least[0])) {
                least[0] = d;
                best[0] = at;
                width[0] = through;
            }
        });
        return best[0] < 0 ? new Side(-1, 0) : new Side(part[best[0]], width[0]);
    }

    /// Found when first asked for.
    private int[] stands() {
        int[] found = stands;
        if (found == null) {
            found = findStands();
            stands = found;
        }
        return found;
    }

    private int[] findStands() {
        boolean[] clear = free.clone();
        for (double[][] f : features) {
            near(Gaps.bounds(f), STAND, at -> clear[at] = clear[at] && Gaps.distance(f, px(at), py(at)) >= STAND);
        }
        return java.util.stream.IntStream.range(0, clear.length).filter(i -> clear[i]).toArray();
    }

    /// Width of the widest way between two places on the floor \[m\]; 0 where there is none, at most [#WIDEST]. A start or
    /// goal inside an obstacle counts from the nearest free place within half a metre.
    public double between(double[] start, double[] goal) {
        return widths(partAt(start))[1 + partAt(goal)];
    }

    /// A side of a thing that somebody comes up to.
    ///
    /// @param a   one end \[x, y\]
    /// @param b   the other end
    /// @param out direction away from it, of length 1
    public record Face(double[] a, double[] b, double[] out) {
        double[] at(double t) {
            return new double[]{a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])};
        }
    }

    /// Widths of the widest ways from a place up to faces, where a body of that width touches them \[m\]: at the middle, or,
    /// where nobody squeezes up to that, at the best place along it.
    ///
    /// @param start on the floor \[x, y\]
    public double[] upTo(double[] start, List<Face> faces) {
        double[] widths = widths(partAt(start));
        return faces.stream().mapToDouble(f -> {
            double middle = toFace(widths, f.at(0.5), f.out);
            if (middle >= SQUEEZE) {
                return middle;
            }
            double best = middle;
            for (int i = 1; i < ALONG; i++) {
                best = Math.max(best, toFace(widths, f.at((double) i / ALONG), f.out));
            }
            return best;
        }).toArray();
    }

    private double toFace(double[] widths, double[] face, double[] out) {
        double off = cleared(face, out);
        if (Double.isNaN(off)) {
            return 0;
        }
        double[] from = {face[0] + off * out[0], face[1] + off * out[1]};
        double radius = touching(from, out);
        int part = partAt(new double[]{from[0] + radius * out[0], from[1] + radius * out[1]});
        return Math.min(2 * radius, widths[1 + part]);
    }

    /// How far before a face what stands on or against it ends \[m\]: the mattress over the edge of its box; NaN where that is
    /// further than a hand reaches over.
    private double cleared(double[] face, double[] out) {
        double blocked = Double.NaN;
        for (double t = 0; t <= OVER; t += 0.01) {
            if (room(face, out, t)) {
                double free = t;
                for (int i = 0; i < 20 && !Double.isNaN(blocked); i++) {
                    double m = (blocked + free) / 2;
                    if (room(face, out, m)) {
                        free = m;
                    } else {
                        blocked = m;
                    }
                }
                return free;
            }
            blocked = t;
        }
        return Double.NaN;
    }

    /// Whether a small disk has room just before a place.
    private boolean room(double[] face, double[] out, double t) {
        double x = face[0] + (t + SMALL) * out[0];
        double y = face[1] + (t + SMALL) * out[1];
        for (int i = 0; i < bounds.length; i++) {
            if (reaches(i, x, y, SMALL) && Gaps.distance(features.get(i), x, y) < 0.99 * SMALL) {
                return false;
            }
        }
        return true;
    }

    /// Whether the box round a feature comes within a distance of a place.
    private boolean reaches(int feature, double x, double y, double within) {
        double[] b = bounds[feature];
        return b[0] <= x + within && b[2] >= x - within && b[1] <= y + within && b[3] >= y - within;
    }

    /// Radius of the largest disk that touches a free place from one side and meets nothing \[m\], at most half of
    /// [#WIDEST].
    private double touching(double[] from, double[] out) {
        double high = WIDEST / 2;
        for (int i = 0; i < bounds.length; i++) {
            double[][] f = features.get(i);
            if (reaches(i, from[0] + high * out[0], from[1] + high * out[1], high)
                    && Gaps.distance(f, from[0] + SMALL * out[0], from[1] + SMALL * out[1]) > 1.01 * SMALL) {
                high = Math.min(high, untilMet(f, from, out, high));
            }
        }
        return high;
    }

    /// The radius at which a disk that grows away from a face meets a feature \[m\]: from there on it is met, since a larger
    /// disk that touches the same place holds every smaller one.
    private static double untilMet(double[][] feature, double[] face, double[] out, double most) {
        if (distanceFrom(feature, face, out, most) >= most) {
            return most;
        }
        double low = 0;
        double high = most;
        for (int i = 0; i < 40; i++) {
            double r = (low + high) / 2;
            if (distanceFrom(feature, face, out, r) >= r) {
                low = r;
            } else {
                high = r;
            }
        }
        return low;
    }

    private static double distanceFrom(double[][] feature, double[] face, double[] out, double r) {
        return Gaps.distance(feature, face[0] + r * out[0], face[1] + r * out[1]);
    }

    /// Width of the widest way from a part to no part and to each: index 0 is none.
    private double[] widths(int from) {
        double[] widths = new double[parts + 1];
        if (from < 0) {
            return widths;
        }
        widths[1 + from] = WIDEST;
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Join j : joins) {
                double through = Math.min(j.width, Math.max(widths[1 + j.a], widths[1 + j.b]));
                if (through > widths[1 + j.a] || through > widths[1 + j.b]) {
                    widths[1 + j.a] = Math.max(widths[1 + j.a], through);
                    widths[1 + j.b] = Math.max(widths[1 + j.b], through);
                    grew = true;
                }
            }
        }
        return widths;
    }

    private int partAt(double[] place) {
        int best = -1;
        double least = SEARCH * SEARCH;
        int i1 = clampColumn(place[0] - SEARCH);
        int i2 = clampColumn(place[0] + SEARCH);
        int j1 = clampRow(place[1] - SEARCH);
        int j2 = clampRow(place[1] + SEARCH);
        for (int i = i1; i <= i2; i++) {
            for (int j = j1; j <= j2; j++) {
                int at = i * rows + j;
                if (part[at] >= 0) {
                    double dx = px(at) - place[0];
                    double dy = py(at) - place[1];
                    double d = dx * dx + dy * dy;
                    if (d < least) {
                        least = d;
                        best = part[at];
                    }
                }
            }
        }
        return best;
    }

    /// Floor on which somebody can stand \[m²\].
    public double standing() {
        return stands().length * cell * cell;
    }

    /// Whether somebody can stand within reach of a place, on ground that is free \[m\].
    public double toStanding(double x, double y) {
        double least = Double.POSITIVE_INFINITY;
        for (int at : stands()) {
            double dx = px(at) - x;
            double dy = py(at) - y;
            least = Math.min(least, dx * dx + dy * dy);
        }
        return Math.sqrt(least);
    }

    static boolean inside(double[][] polygon, double x, double y) {
        int sign = 0;
        for (int i = 0; i < polygon.length; i++) {
            double[] a = polygon[i];
            double[] b = polygon[(i + 1) % polygon.length];
            double side = (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]);
            int now = side > 1e-12 ? 1 : side < -1e-12 ? -1 : 0;
            if (now != 0 && sign != 0 && now != sign) {
                return false;
            }
            sign = now == 0 ? sign : now;
        }
        return true;
    }
}
