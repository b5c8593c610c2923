package lectulum.materials.framing;

import java.util.ArrayList;
import java.util.List;
import lectulum.design.base.Base;
import lectulum.design.base.Shell;
import lectulum.kernel.profile.Nose;
import lectulum.space.Body;

/// The front of a body in plan, as a wall that is seen from the front runs along it: how far behind the foremost point it stands,
/// and how long what lies along it is. A blunt front is a straight line at 0.
///
/// What runs along a V is cut at its corners; along a rounded nose it is made of straight pieces that leave it by 10 mm at most.
final class NoseLine {
    private static final double OFF = 0.010;
    private static final int MOST = 24;
    private static final int HALVINGS = 50;
    private static final double SHORT = 1e-6;

    private final Body body;
    private final double depth;
    private final List<Double> corners;

    private NoseLine(Body body, double depth, List<Double> corners) {
        this.body = body;
        this.depth = depth;
        this.corners = corners;
    }

    static NoseLine of(Base base) {
        Body body = Body.of(base);
        if (!(base.shell() instanceof Shell.Nosed n) || n.noseDepth() <= SHORT) {
            return new NoseLine(body, 0, List.of());
        }
        NoseLine smooth = new NoseLine(body, n.noseDepth(), List.of());
        double half = body.halfWidth();
        if (n.form() == Nose.Form.VEE) {
            double flat = Math.min(n.noseFlat() / 2, half);
            return new NoseLine(body, n.noseDepth(), flat > SHORT ? List.of(-flat, flat) : List.of(0.0));
        }
        for (int parts = 2; parts < MOST; parts += 2) {
            List<Double> at = smooth.even(half, parts);
            if (smooth.off(half, at) <= OFF) {
                return new NoseLine(body, n.noseDepth(), at);
            }
        }
        return new NoseLine(body, n.noseDepth(), smooth.even(half, MOST));
    }

    boolean nosed() {
        return depth > 0;
    }

    /// Behind the foremost point \[m\], at a place beside the middle \[m\].
    double x(double y) {
        double low = 0;
        double high = depth;
        for (int i = 0; i < HALVINGS && high > 0; i++) {
            double middle = (low + high) / 2;
            if (body.halfWidthOutside(middle) >= Math.abs(y)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }

    /// Straight pieces of what runs along it from one place to another, as they are seen from the front \[from, to\] \[m\].
    List<double[]> runs(double from, double to) {
        List<double[]> all = new ArrayList<>();
        double last = from;
        for (double c : corners) {
            if (c > last + SHORT && c < to - SHORT) {
                all.add(new double[]{last, c});
                last = c;
            }
        }
        all.add(new double[]{last, to});
        return all;
    }

    /// How long one of them is \[m\].
    double length(double[] run) {
        return Math.hypot(run[1] - run[0], x(run[1]) - x(run[0]));
    }

    /// Places between which equal lengths of it lie.
    private List<Double> even(double half, int parts) {
        int steps = 400;
        double[] y = new double[steps + 1];
        double[] s = new double[steps + 1];
        for (int i = 0; i <= steps; i++) {
            // Close together where the line turns to run along the camper.
            y[i] = -half * Math.cos(Math.PI * i / steps);
            s[i] = i == 0 ? 0 : s[i - 1] + length(new double[]{y[i - 1], y[i]});
        }
        List<Double> at = new ArrayList<>();
        int k = 0;
        for (int p = 1; p < parts; p++) {
            while (k < steps && s[k] < s[steps] * p / parts) {
                k++;
            }
            at.add(y[k]);
        }
        return at;
    }

    /// How far the line leaves its straight pieces \[m\].
    private double off(double half, List<Double> at) {
        double most = 0;
        double last = -half;
        for (int i = 0; i <= at.size(); i++) {
            double next = i < at.size() ? at.get(i) : half;
            double run = length(new double[]{last, next});
            for (int k = 1; k < 8; k++) {
                double y = last + (next - last) * k / 8;
                double across = Math.abs((next - last) * (x(last) - x(y)) - (last - y) * (x(next) - x(last)));
                most = Math.max(most, run > SHORT ? across / run : 0);
            }
            last = next;
        }
        return most;
    }
}
