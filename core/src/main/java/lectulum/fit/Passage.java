package lectulum.fit;

import java.util.Arrays;
import java.util.List;

/// How wide the way is from a door to a goal on a floor with things on it.
///
/// Every free cell of a square grid knows its distance to the nearest obstacle; cells are joined in falling order of that
/// distance until start and goal are joined. The passage is twice the distance at which that happens, to within a cell:
/// a body of that width can walk it.
public final class Passage {
    /// Ways by width \[m\] (assumed): squeeze through, walk, walk easily, pass someone.
    public static final double SQUEEZE = 0.40;
    public static final double WALK = 0.50;
    /// Cells further than this from every obstacle count as free floor \[m\] (assumed).
    public static final double STAND = 0.20;

    private final double x0;
    private final double y0;
    private final double cell;
    private final int columns;
    private final int rows;
    private final double[] distance;

    private Passage(double x0, double y0, double cell, int columns, int rows, double[] distance) {
        this.x0 = x0;
        this.y0 = y0;
        this.cell = cell;
        this.columns = columns;
        this.rows = rows;
        this.distance = distance;
    }

    /// The distance field of a floor.
    ///
    /// @param floor     convex clear outline, clockwise or not \[x, y\]
    /// @param openings  stretches of its edge that are open to walk through: x1, y1, x2, y2
    /// @param obstacles convex polygons on the floor
    /// @param cell      \[m\], > 0
    public static Passage of(double[][] floor, List<double[]> openings, List<double[][]> obstacles, double cell) {
        double x1 = Double.POSITIVE_INFINITY;
        double x2 = Double.NEGATIVE_INFINITY;
        double y1 = Double.POSITIVE_INFINITY;
        double y2 = Double.NEGATIVE_INFINITY;
        for (double[] p : floor) {
            x1 = Math.min(x1, p[0]);
            x2 = Math.max(x2, p[0]);
            y1 = Math.min(y1, p[1]);
            y2 = Math.max(y2, p[1]);
        }
        int columns = Math.max(1, (int) Math.ceil((x2 - x1) / cell));
        int rows = Math.max(1, (int) Math.ceil((y2 - y1) / cell));
        double[] distance = new double[columns * rows];
        Arrays.fill(distance, Double.POSITIVE_INFINITY);
        double[][] bounds = obstacles.stream().map(Passage::bounds).toArray(double[][]::new);
        for (int i = 0; i < columns; i++) {
            double x = x1 + (i + 0.5) * cell;
            for (int j = 0; j < rows; j++) {
                double y = y1 + (j + 0.5) * cell;
                double d = inside(floor, x, y) ? wall(floor, openings, x, y) : 0;
                for (int k = 0; k < bounds.length && d > 0; k++) {
                    double[] b = bounds[k];
                    double bx = Math.max(0, Math.max(b[0] - x, x - b[2]));
                    double by = Math.max(0, Math.max(b[1] - y, y - b[3]));
                    if (bx * bx + by * by < d * d) {
                        d = Math.min(d, toPolygon(obstacles.get(k), x, y));
                    }
                }
                distance[i * rows + j] = d;
            }
        }
        return new Passage(x1, y1, cell, columns, rows, distance);
    }

    /// Width of the widest way between two places on the floor \[m\]; 0 where there is none. A start or goal inside an
    /// obstacle counts from the nearest free cell within half a metre.
    public double between(double[] start, double[] goal) {
        int from = nearestFree(start);
        int to = nearestFree(goal);
        if (from < 0 || to < 0) {
            return 0;
        }
        int n = distance.length;
        Integer[] order = java.util.stream.IntStream.range(0, n).filter(i -> distance[i] > 0).boxed()
                .toArray(Integer[]::new);
        Arrays.sort(order, (a, b) -> Double.compare(distance[b], distance[a]));
        int[] parent = new int[n];
        Arrays.fill(parent, -1);
        for (int now : order) {
            parent[now] = now;
            join(parent, now, now - rows, true);
            join(parent, now, now + rows, true);
            join(parent, now, now - 1, now % rows > 0);
            join(parent, now, now + 1, now % rows < rows - 1);
            if (parent[from] >= 0 && parent[to] >= 0 && root(parent, from) == root(parent, to)) {
                return 2 * distance[now];
            }
        }
        return 0;
    }

    /// Floor on which somebody can stand \[m²\].
    public double standing() {
        return Arrays.stream(distance).filter(d -> d >= STAND).count() * cell * cell;
    }

    /// Whether somebody can stand within reach of a place, on ground that is free \[m\].
    public double toStanding(double x, double y) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < columns; i++) {
            for (int j = 0; j < rows; j++) {
                if (distance[i * rows + j] >= STAND) {
                    least = Math.min(least, Math.hypot(x0 + (i + 0.5) * cell - x, y0 + (j + 0.5) * cell - y));
                }
            }
        }
        return least;
    }

    private int nearestFree(double[] place) {
        int best = -1;
        double least = 0.5;
        for (int i = 0; i < columns; i++) {
            for (int j = 0; j < rows; j++) {
                double d = Math.hypot(x0 + (i + 0.5) * cell - place[0], y0 + (j + 0.5) * cell - place[1]);
                if (distance[i * rows + j] > 0 && d < least) {
                    least = d;
                    best = i * rows + j;
                }
            }
        }
        return best;
    }

    private static void join(int[] parent, int a, int b, boolean neighbours) {
        if (neighbours && b >= 0 && b < parent.length && parent[b] >= 0) {
            parent[root(parent, a)] = root(parent, b);
        }
    }

    private static int root(int[] parent, int i) {
        int at = i;
        while (parent[at] != at) {
            parent[at] = parent[parent[at]];
            at = parent[at];
        }
        return at;
    }

    private static double[] bounds(double[][] polygon) {
        double[] b = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY,
                Double.NEGATIVE_INFINITY};
        for (double[] p : polygon) {
            b[0] = Math.min(b[0], p[0]);
            b[1] = Math.min(b[1], p[1]);
            b[2] = Math.max(b[2], p[0]);
            b[3] = Math.max(b[3], p[1]);
        }
        return b;
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

    private static double wall(double[][] floor, List<double[]> openings, double x, double y) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < floor.length; i++) {
            double d = toSegment(floor[i], floor[(i + 1) % floor.length], x, y);
            if (d < least && openings.stream().noneMatch(o -> through(o, x, y, d))) {
                least = d;
            }
        }
        return Double.isInfinite(least) ? 0.5 : least;
    }

    /// Whether the nearest wall is an open door: its jambs still count.
    private static boolean through(double[] o, double x, double y, double d) {
        double toDoor = toSegment(new double[]{o[0], o[1]}, new double[]{o[2], o[3]}, x, y);
        double toJamb = Math.min(Math.hypot(x - o[0], y - o[1]), Math.hypot(x - o[2], y - o[3]));
        return toDoor <= d + 1e-9 && toJamb > toDoor + 1e-9;
    }

    static double toPolygon(double[][] polygon, double x, double y) {
        if (inside(polygon, x, y)) {
            return 0;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < polygon.length; i++) {
            least = Math.min(least, toSegment(polygon[i], polygon[(i + 1) % polygon.length], x, y));
        }
        return least;
    }

    private static double toSegment(double[] a, double[] b, double x, double y) {
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double l2 = dx * dx + dy * dy;
        double t = l2 == 0 ? 0 : Math.clamp(((x - a[0]) * dx + (y - a[1]) * dy) / l2, 0, 1);
        return Math.hypot(a[0] + t * dx - x, a[1] + t * dy - y);
    }
}
