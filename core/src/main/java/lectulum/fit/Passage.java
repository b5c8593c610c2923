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
    private static final double SEARCH = 0.5;

    private final double x0;
    private final double y0;
    private final double cell;
    private final int columns;
    private final int rows;
    private final double[] distance;
    private final int[] order;
    private final int[] stands;

    private Passage(double x0, double y0, double cell, int columns, int rows, double[] distance) {
        this.x0 = x0;
        this.y0 = y0;
        this.cell = cell;
        this.columns = columns;
        this.rows = rows;
        this.distance = distance;
        this.order = falling(distance);
        this.stands = java.util.stream.IntStream.range(0, distance.length).filter(i -> distance[i] >= STAND).toArray();
    }

    /// Free cells by falling distance; sorted as whole numbers, which is many times quicker than as objects.
    private static int[] falling(double[] distance) {
        long[] keys = new long[distance.length];
        int count = 0;
        for (int i = 0; i < distance.length; i++) {
            if (distance[i] > 0) {
                keys[count++] = (long) (Integer.MAX_VALUE - Float.floatToIntBits((float) distance[i])) << 32 | i;
            }
        }
        Arrays.sort(keys, 0, count);
        int[] order = new int[count];
        for (int i = 0; i < count; i++) {
            order[i] = (int) keys[i];
        }
        return order;
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
        for (int k = 0; k < bounds.length; k++) {
            cover(distance, obstacles.get(k), bounds[k], x1, y1, cell, columns, rows);
        }
        for (int i = 0; i < columns; i++) {
            double x = x1 + (i + 0.5) * cell;
            for (int j = 0; j < rows; j++) {
                double y = y1 + (j + 0.5) * cell;
                if (distance[i * rows + j] == 0) {
                    continue;
                }
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

    /// Cells under an obstacle need no distance.
    private static void cover(double[] distance, double[][] obstacle, double[] b, double x0, double y0, double cell,
            int columns, int rows) {
        int i2 = Math.min(columns - 1, (int) ((b[2] - x0) / cell));
        int j2 = Math.min(rows - 1, (int) ((b[3] - y0) / cell));
        for (int i = Math.max(0, (int) ((b[0] - x0) / cell)); i <= i2; i++) {
            for (int j = Math.max(0, (int) ((b[1] - y0) / cell)); j <= j2; j++) {
                if (inside(obstacle, x0 + (i + 0.5) * cell, y0 + (j + 0.5) * cell)) {
                    distance[i * rows + j] = 0;
                }
            }
        }
    }

    /// Width of the widest way between two places on the floor \[m\]; 0 where there is none. A start or goal inside an
    /// obstacle counts from the nearest free cell within half a metre.
    public double between(double[] start, double[] goal) {
        return toEach(start, List.of(goal))[0];
    }

    /// Widths of the widest ways from one place to each of several \[m\].
    public double[] toEach(double[] start, List<double[]> goals) {
        double[] widths = new double[goals.size()];
        int from = nearestFree(start);
        int[] to = goals.stream().mapToInt(this::nearestFree).toArray();
        int open = (int) Arrays.stream(to).filter(t -> t >= 0).count();
        if (from < 0 || open == 0) {
            return widths;
        }
        int[] parent = new int[distance.length];
        Arrays.fill(parent, -1);
        boolean[] joined = new boolean[to.length];
        for (int now : order) {
            parent[now] = now;
            join(parent, now, now - rows, true);
            join(parent, now, now + rows, true);
            join(parent, now, now - 1, now % rows > 0);
            join(parent, now, now + 1, now % rows < rows - 1);
            if (parent[from] < 0) {
                continue;
            }
            int home = root(parent, from);
            for (int i = 0; i < to.length; i++) {
                if (!joined[i] && to[i] >= 0 && parent[to[i]] >= 0 && root(parent, to[i]) == home) {
                    joined[i] = true;
                    widths[i] = 2 * distance[now];
                    if (--open == 0) {
                        return widths;
                    }
                }
            }
        }
        return widths;
    }

    /// Floor on which somebody can stand \[m²\].
    public double standing() {
        return stands.length * cell * cell;
    }

    /// Whether somebody can stand within reach of a place, on ground that is free \[m\].
    public double toStanding(double x, double y) {
        double least = Double.POSITIVE_INFINITY;
        for (int at : stands) {
            double dx = x0 + (at / rows + 0.5) * cell - x;
            double dy = y0 + (at % rows + 0.5) * cell - y;
            least = Math.min(least, dx * dx + dy * dy);
        }
        return Math.sqrt(least);
    }

    private int nearestFree(double[] place) {
        int best = -1;
        double least = SEARCH;
        int i1 = Math.max(0, (int) ((place[0] - SEARCH - x0) / cell));
        int i2 = Math.min(columns - 1, (int) ((place[0] + SEARCH - x0) / cell));
        int j1 = Math.max(0, (int) ((place[1] - SEARCH - y0) / cell));
        int j2 = Math.min(rows - 1, (int) ((place[1] + SEARCH - y0) / cell));
        for (int i = i1; i <= i2; i++) {
            for (int j = j1; j <= j2; j++) {
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

    /// Distance to the nearest wall that is not an open door; beyond a door its jambs still count.
    private static double wall(double[][] floor, List<double[]> openings, double x, double y) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < floor.length; i++) {
            double[] a = floor[i];
            double[] b = floor[(i + 1) % floor.length];
            double d = toSegment(a[0], a[1], b[0], b[1], x, y);
            least = d < least && !through(openings, a, b, x, y, d) ? d : least;
        }
        for (double[] o : openings) {
            least = Math.min(least, Math.min(Math.hypot(x - o[0], y - o[1]), Math.hypot(x - o[2], y - o[3])));
        }
        return least;
    }

    private static boolean through(List<double[]> openings, double[] a, double[] b, double x, double y, double d) {
        for (double[] o : openings) {
            boolean in = Math.abs((b[0] - a[0]) * (o[1] - a[1]) - (b[1] - a[1]) * (o[0] - a[0])) < 0.05;
            if (!in) {
                continue;
            }
            double toDoor = toSegment(o[0], o[1], o[2], o[3], x, y);
            double toJamb = Math.min(Math.hypot(x - o[0], y - o[1]), Math.hypot(x - o[2], y - o[3]));
            if (toDoor <= d + 1e-9 && toJamb > toDoor + 1e-9) {
                return true;
            }
        }
        return false;
    }

    static double toPolygon(double[][] polygon, double x, double y) {
        if (inside(polygon, x, y)) {
            return 0;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < polygon.length; i++) {
            double[] a = polygon[i];
            double[] b = polygon[(i + 1) % polygon.length];
            least = Math.min(least, toSegment(a[0], a[1], b[0], b[1], x, y));
        }
        return least;
    }

    private static double toSegment(double x1, double y1, double x2, double y2, double x, double y) {
        double dx = x2 - x1;
        double dy = y2 - y1;
        double l2 = dx * dx + dy * dy;
        double t = l2 == 0 ? 0 : Math.clamp(((x - x1) * dx + (y - y1) * dy) / l2, 0, 1);
        double ex = x1 + t * dx - x;
        double ey = y1 + t * dy - y;
        return Math.sqrt(ex * ex + ey * ey);
    }
}
