package lectulum.layout.cutaway;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// Three boards that lie over each other in a ring have no order: they are cut until each ray meets them from far to near.
class RingTest {
    private static final View VIEW = new View(Math.toRadians(45), View.ISOMETRIC, 100);

    private static List<Block> ring() {
        return List.of(Block.box("a", 0, 0, 0, 0.3, 2, 0.6), Block.box("b", 0, 1.7, 0.6, 2, 2, 0.9),
                Block.box("c", 1.0, -0.5, 0.6, 1.3, 1.7, 1.5), Block.box("d", 0.3, -0.5, 0.2, 1.3, -0.2, 0.6));
    }

    /// Of all blocks a ray from the eye meets, the one painted last must be the nearest.
    private static int wrong(List<Block> painted, View view, SplittableRandom random, int rays) {
        double[] eye = view.toEye();
        int wrong = 0;
        for (int i = 0; i < rays; i++) {
            double[] o = {-0.5 + 3 * random.nextDouble(), -0.8 + 3.2 * random.nextDouble(), 1.8 * random.nextDouble()};
            int last = -1;
            int nearest = -1;
            double most = Double.NEGATIVE_INFINITY;
            for (int k = 0; k < painted.size(); k++) {
                double t = met(painted.get(k), o, eye);
                if (!Double.isNaN(t)) {
                    last = k;
                    if (t > most + 1e-9) {
                        most = t;
                        nearest = k;
                    }
                }
            }
            boolean same = last == nearest || last >= 0 && Math.abs(met(painted.get(last), o, eye) - most) < 1e-6;
            wrong += same ? 0 : 1;
        }
        return wrong;
    }

    /// How far towards the eye a line leaves a prism; NaN where it misses it.
    private static double met(Block b, double[] o, double[] dir) {
        double in = Double.NEGATIVE_INFINITY;
        double out = Double.POSITIVE_INFINITY;
        List<double[]> planes = new ArrayList<>();
        planes.add(new double[]{0, 0, 1, b.z2()});
        planes.add(new double[]{0, 0, -1, -b.z1()});
        double[] c = b.centre();
        for (int i = 0; i < b.plan().length; i++) {
            double[] p = b.plan()[i];
            double[] q = b.plan()[(i + 1) % b.plan().length];
            double nx = q[1] - p[1];
            double ny = p[0] - q[0];
            double d = nx * p[0] + ny * p[1];
            double side = nx * c[0] + ny * c[1] > d ? -1 : 1;
            planes.add(new double[]{side * nx, side * ny, 0, side * d});
        }
        for (double[] n : planes) {
            double speed = n[0] * dir[0] + n[1] * dir[1] + n[2] * dir[2];
            double room = n[3] - n[0] * o[0] - n[1] * o[1] - n[2] * o[2];
            if (Math.abs(speed) < 1e-12) {
                if (room < 0) {
                    return Double.NaN;
                }
            } else if (speed > 0) {
                out = Math.min(out, room / speed);
            } else {
                in = Math.max(in, room / speed);
            }
        }
        return in < out - 1e-9 ? out : Double.NaN;
    }

    @Test
    void noRayIsPaintedWrong() {
        List<Block> painted = DrawOrder.of(ring(), VIEW);

        assertThat(wrong(painted, VIEW, new SplittableRandom(3), 4000)).isZero();
    }

    /// Disjoint boxes thrown about at random, from four corners.
    @Test
    void randomDisjointBoxesArePaintedRight() {
        SplittableRandom random = new SplittableRandom(9);
        int cut = 0;
        for (int trial = 0; trial < 60; trial++) {
            List<Block> boxes = new ArrayList<>();
            for (int i = 0; i < 200 && boxes.size() < 16; i++) {
                double x = 2 * random.nextDouble();
                double y = 2 * random.nextDouble();
                double z = 1.2 * random.nextDouble();
                Block b = Block.box("b" + boxes.size(), x, y, z, x + 0.1 + random.nextDouble(),
                        y + 0.1 + random.nextDouble(), z + 0.1 + 0.6 * random.nextDouble());
                if (boxes.stream().noneMatch(o -> meets(o, b))) {
                    boxes.add(b);
                }
            }
            View view = new View(Math.toRadians(45 + 90 * (trial % 4)), View.ISOMETRIC, 100);
            List<Block> painted = DrawOrder.of(boxes, view);
            cut += painted.size() > boxes.size() ? 1 : 0;
            assertThat(wrong(painted, view, random, 400)).as("trial " + trial).isZero();
        }
        assertThat(cut).as("rings that had to be cut").isPositive();
    }

    private static boolean meets(Block a, Block b) {
        double[] ax = a.range(1, 0);
        double[] bx = b.range(1, 0);
        double[] ay = a.range(0, 1);
        double[] by = b.range(0, 1);
        return ax[0] < bx[1] && bx[0] < ax[1] && ay[0] < by[1] && by[0] < ay[1] && a.z1() < b.z2() && b.z1() < a.z2();
    }
}
