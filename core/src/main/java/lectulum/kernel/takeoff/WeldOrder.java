package lectulum.kernel.takeoff;

import java.util.ArrayList;
import java.util.List;

/// In which order joints are welded so that heat is spread and the frame pulls no more one way than another.
///
/// First the joint next to the middle; then always the one that is farthest from the last three, the nearest of which counts. Of two that
/// are as far, the one nearer to the middle: work goes from the middle outwards.
public final class WeldOrder {
    private static final int WARM = 3;
    private static final double SMALL = 1e-9;

    private WeldOrder() {
    }

    /// Places in the list, in the order of welding.
    ///
    /// @param joints \[x, y\] \[m\]
    public static List<Integer> of(List<double[]> joints) {
        double x = joints.stream().mapToDouble(j -> j[0]).average().orElse(0);
        double y = joints.stream().mapToDouble(j -> j[1]).average().orElse(0);
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < joints.size(); i++) {
            left.add(i);
        }
        List<Integer> order = new ArrayList<>();
        while (!left.isEmpty()) {
            int best = left.getFirst();
            for (int i : left) {
                double gain = spread(joints, order, i) - spread(joints, order, best);
                double in = distance(joints.get(i), x, y) - distance(joints.get(best), x, y);
                if (gain > SMALL || gain > -SMALL && in < -SMALL) {
                    best = i;
                }
            }
            order.add(best);
            left.remove(Integer.valueOf(best));
        }
        return order;
    }

    /// Distance from the nearest of the joints that are still warm; 0 before the first.
    private static double spread(List<double[]> joints, List<Integer> order, int i) {
        double nearest = Double.POSITIVE_INFINITY;
        for (int k = Math.max(0, order.size() - WARM); k < order.size(); k++) {
            double[] j = joints.get(order.get(k));
            nearest = Math.min(nearest, distance(joints.get(i), j[0], j[1]));
        }
        return order.isEmpty() ? 0 : nearest;
    }

    private static double distance(double[] a, double x, double y) {
        return Math.hypot(a[0] - x, a[1] - y);
    }
}
