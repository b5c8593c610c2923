package lectulum.layout.cutaway;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/// In which order solids are painted so that near ones hide far ones.
///
/// Two disjoint convex solids have a plane between them, and the side on which the eye is tells which may hide the other.
/// Where several such planes contradict each other neither hides the other. Solids that hide each other in a ring are cut by
/// the plane of one of their faces until the ring is open. What is left undecided goes by the depth of the middle, then by
/// the order given; solids that overlap have no plane and go by depth too.
public final class DrawOrder {
    private static final double EPS = 1e-6;
    private static final int MOST_CUTS = 60;

    private DrawOrder() {
    }

    /// Far to near; a solid that was cut comes in parts of one id.
    public static List<Block> of(List<Block> blocks, View view) {
        List<Block> whole = blocks;
        for (int cut = 0; cut < MOST_CUTS; cut++) {
            Order order = order(whole, view);
            if (order.ring.isEmpty()) {
                return order.blocks;
            }
            Optional<List<Block>> parts = cut(whole, order.ring);
            if (parts.isEmpty()) {
                return order.blocks;
            }
            whole = parts.get();
        }
        return order(whole, view).blocks;
    }

    /// Far to near without cutting any: what hides each other in a ring goes by depth. In indices of the list.
    static List<Integer> uncut(List<Block> blocks, View view) {
        List<Block> order = order(blocks, view).blocks;
        Map<Block, Integer> place = new IdentityHashMap<>();
        for (int i = 0; i < blocks.size(); i++) {
            place.put(blocks.get(i), i);
        }
        return order.stream().map(place::get).toList();
    }

    /// Blocks in order, and which stood in the first ring that had to be broken by guessing; empty where none did.
    private record Order(List<Block> blocks, List<Integer> ring) {
    }

    /// Cuts the blocks of a ring by the plane of a face of one of them that cuts fewest.
    private static Optional<List<Block>> cut(List<Block> blocks, List<Integer> ring) {
        List<Block> best = null;
        for (int i : ring) {
            Block from = blocks.get(i);
            for (int e = 0; e < from.plan().length; e++) {
                double[] p = from.plan()[e];
                double[] q = from.plan()[(e + 1) % from.plan().length];
                double l = Math.hypot(q[0] - p[0], q[1] - p[1]);
                double nx = (q[1] - p[1]) / l;
                double ny = (p[0] - q[0]) / l;
                best = better(best, split(blocks, ring, b -> upright(b, nx, ny, nx * p[0] + ny * p[1])));
            }
            for (double z : new double[]{from.z1(), from.z2()}) {
                best = better(best, split(blocks, ring, b -> b.z1() < z - EPS && b.z2() > z + EPS
                        ? List.of(b.below(z), b.above(z))
                        : List.of(b)));
            }
        }
        return Optional.ofNullable(best);
    }

    private static List<Block> upright(Block b, double nx, double ny, double d) {
        double[] range = b.range(nx, ny);
        return range[0] < d - EPS && range[1] > d + EPS
                ? List.of(b.within(nx, ny, d), b.within(-nx, -ny, -d))
                : List.of(b);
    }

    private static List<Block> better(List<Block> best, List<Block> tried) {
        return tried != null && (best == null || tried.size() < best.size()) ? tried : best;
    }

    /// All blocks with those of the ring cut; null where nothing was.
    private static List<Block> split(List<Block> blocks, List<Integer> ring, Function<Block, List<Block>> by) {
        List<Block> all = new ArrayList<>();
        for (int i = 0; i < blocks.size(); i++) {
            all.addAll(ring.contains(i) ? by.apply(blocks.get(i)) : List.of(blocks.get(i)));
        }
        return all.size() > blocks.size() ? all : null;
    }

    private static Order order(List<Block> blocks, View view) {
        int n = blocks.size();
        double[][] picture = blocks.stream().map(b -> picture(b, view)).toArray(double[][]::new);
        double[] depth = blocks.stream().mapToDouble(b -> {
            double[] c = b.centre();
            return view.depth(c[0], c[1], c[2]);
        }).toArray();
        List<List<Integer>> hides = new ArrayList<>();
        int[] behind = new int[n];
        for (int i = 0; i < n; i++) {
            hides.add(new ArrayList<>());
        }
        Integer[] byLeft = java.util.stream.IntStream.range(0, n).boxed().toArray(Integer[]::new);
        Arrays.sort(byLeft, Comparator.comparingDouble(i -> picture[i][0]));
        double[] eye = view.toEye();
        for (int a = 0; a < n; a++) {
            int i = byLeft[a];
            for (int b = a + 1; b < n && picture[byLeft[b]][0] < picture[i][2] - EPS; b++) {
                int j = byLeft[b];
                if (picture[j][1] < picture[i][3] - EPS && picture[i][1] < picture[j][3] - EPS) {
                    int nearer = nearer(blocks.get(i), blocks.get(j), eye);
                    if (nearer > 0) {
                        hides.get(i).add(j);
                        behind[j]++;
                    } else if (nearer < 0) {
                        hides.get(j).add(i);
                        behind[i]++;
                    }
                }
            }
        }
        return sorted(blocks, hides, behind, depth);
    }

    /// Farthest first among those that nothing undrawn must come before; in a ring the farthest of all.
    private static Order sorted(List<Block> blocks, List<List<Integer>> hides, int[] behind, double[] depth) {
        int n = blocks.size();
        Comparator<Integer> far = Comparator.<Integer>comparingDouble(i -> depth[i]).thenComparingInt(i -> i);
        java.util.TreeSet<Integer> ready = new java.util.TreeSet<>(far);
        java.util.TreeSet<Integer> left = new java.util.TreeSet<>(far);
        for (int i = 0; i < n; i++) {
            left.add(i);
            if (behind[i] == 0) {
                ready.add(i);
            }
        }
        List<Block> order = new ArrayList<>(n);
        List<Integer> ring = List.of();
        while (!left.isEmpty()) {
            if (ready.isEmpty() && ring.isEmpty()) {
                ring = ring(left, hides);
            }
            int next = ready.isEmpty() ? left.first() : ready.first();
            ready.remove(next);
            left.remove(next);
            order.add(blocks.get(next));
            for (int j : hides.get(next)) {
                if (--behind[j] == 0 && left.contains(j)) {
                    ready.add(j);
                }
            }
        }
        return new Order(order, ring);
    }

    /// A ring among blocks of which each has one that must come before it: walked back until one comes again.
    private static List<Integer> ring(java.util.TreeSet<Integer> left, List<List<Integer>> hides) {
        List<Integer> walked = new ArrayList<>();
        int at = left.first();
        while (!walked.contains(at)) {
            walked.add(at);
            int now = at;
            at = left.stream().filter(i -> hides.get(i).contains(now)).findFirst().orElse(now);
        }
        return List.copyOf(walked.subList(walked.indexOf(at), walked.size()));
    }

    /// +1 where b may hide a, −1 where a may hide b, 0 where neither does or both might.
    private static int nearer(Block a, Block b, double[] eye) {
        int found = 0;
        for (Block source : List.of(a, b)) {
            for (int i = 0; i < source.plan().length; i++) {
                double[] p = source.plan()[i];
                double[] q = source.plan()[(i + 1) % source.plan().length];
                double l = Math.hypot(q[0] - p[0], q[1] - p[1]);
                double nx = (q[1] - p[1]) / l;
                double ny = (p[0] - q[0]) / l;
                double[] ra = a.range(nx, ny);
                double[] rb = b.range(nx, ny);
                int side = ra[1] <= rb[0] + EPS ? 1 : rb[1] <= ra[0] + EPS ? -1 : 0;
                int now = (int) Math.signum(side * clean(nx * eye[0] + ny * eye[1]));
                if (now != 0 && found != 0 && now != found) {
                    return 0;
                }
                found = now == 0 ? found : now;
            }
        }
        int side = a.z2() <= b.z1() + EPS ? 1 : b.z2() <= a.z1() + EPS ? -1 : 0;
        int now = (int) Math.signum(side * clean(eye[2]));
        return now != 0 && found != 0 && now != found ? 0 : now == 0 ? found : now;
    }

    private static double clean(double v) {
        return Math.abs(v) < 1e-9 ? 0 : v;
    }

    /// Bounds on the canvas: left, top, right, bottom.
    private static double[] picture(Block b, View view) {
        double[] bounds = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY,
                Double.NEGATIVE_INFINITY};
        for (double[] p : b.plan()) {
            for (double z : new double[]{b.z1(), b.z2()}) {
                double x = view.x(p[0], p[1], z);
                double y = view.y(p[0], p[1], z);
                bounds[0] = Math.min(bounds[0], x);
                bounds[1] = Math.min(bounds[1], y);
                bounds[2] = Math.max(bounds[2], x);
                bounds[3] = Math.max(bounds[3], y);
            }
        }
        return bounds;
    }
}
