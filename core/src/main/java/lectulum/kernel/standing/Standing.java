package lectulum.kernel.standing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lectulum.units.Units;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealVector;

/// A rigid body on springy wheels and jacks that can only push, and perhaps on a ball that can also pull: what each
/// carries, and how the floor leans (equilibrium of a plate on unilateral springs, the pulling ones dropped until none
/// pulls).
///
/// @param loads  of each support \[kg\]; negative where one that holds is pulled
/// @param height of the body at the origin \[m\]
/// @param back   its rise per metre towards the rear
/// @param right  its rise per metre towards the right
public record Standing(List<Double> loads, double height, double back, double right) {

    /// A wheel or a jack.
    ///
    /// @param x    behind the ball \[m\]
    /// @param y    right of the middle \[m\]
    /// @param rate \[N/m\], > 0
    /// @param free  height of its head when it carries nothing \[m\]
    /// @param holds whether it can pull as well as push, as a latched coupler
    public record Support(double x, double y, double rate, double free, boolean holds) {
        public Support(double x, double y, double rate, double free) {
            this(x, y, rate, free, false);
        }

        public Support raised(double by) {
            return new Support(x, y, rate, free + by, holds);
        }
    }

    /// A mass at a place.
    ///
    /// @param mass \[kg\]
    public record Load(double mass, double x, double y) {
    }

    /// Empty where it tips: no set of pushing supports balances the loads.
    public static Optional<Standing> of(List<Support> supports, List<Load> loads) {
        boolean[] bears = new boolean[supports.size()];
        Arrays.fill(bears, true);
        for (int round = 0; round < 4 * supports.size() + 4; round++) {
            Optional<double[]> plane = plane(supports, bears, loads);
            if (plane.isEmpty()) {
                return Optional.empty();
            }
            int change = change(supports, bears, plane.get());
            if (change < 0) {
                return Optional.of(standing(supports, bears, plane.get()));
            }
            bears[change] = !bears[change];
        }
        return Optional.empty();
    }

    /// The support that pulls most, or one whose gap has closed; −1 where all is well.
    private static int change(List<Support> supports, boolean[] bears, double[] w) {
        int worst = -1;
        double most = -1e-12;
        for (int i = 0; i < bears.length; i++) {
            double squeeze = squeeze(supports.get(i), w);
            if (bears[i] && !supports.get(i).holds && squeeze < most) {
                most = squeeze;
                worst = i;
            }
        }
        for (int i = 0; i < bears.length && worst < 0; i++) {
            if (!bears[i] && squeeze(supports.get(i), w) > 1e-12) {
                worst = i;
            }
        }
        return worst;
    }

    private static double squeeze(Support s, double[] w) {
        return s.free - (w[0] + w[1] * s.x + w[2] * s.y);
    }

    private static Standing standing(List<Support> supports, boolean[] bears, double[] w) {
        List<Double> loads = new ArrayList<>();
        for (int i = 0; i < bears.length; i++) {
            loads.add(bears[i] ? supports.get(i).rate * squeeze(supports.get(i), w) / Units.GRAVITY : 0);
        }
        return new Standing(List.copyOf(loads), w[0], w[1], w[2]);
    }

    private static Optional<double[]> plane(List<Support> supports, boolean[] bears, List<Load> loads) {
        double[][] a = new double[3][3];
        double[] b = new double[3];
        for (int i = 0; i < bears.length; i++) {
            if (bears[i]) {
                Support s = supports.get(i);
                double[] place = {1, s.x, s.y};
                for (int r = 0; r < 3; r++) {
                    for (int c = 0; c < 3; c++) {
                        a[r][c] += s.rate * place[r] * place[c];
                    }
                    b[r] += s.rate * s.free * place[r];
                }
            }
        }
        for (Load l : loads) {
            b[0] -= l.mass * Units.GRAVITY;
            b[1] -= l.mass * Units.GRAVITY * l.x;
            b[2] -= l.mass * Units.GRAVITY * l.y;
        }
        var solver = new LUDecomposition(MatrixUtils.createRealMatrix(a), 1e-6).getSolver();
        if (!solver.isNonSingular()) {
            return Optional.empty();
        }
        RealVector w = solver.solve(MatrixUtils.createRealVector(b));
        return Optional.of(w.toArray());
    }

    /// Height of the body at a place \[m\].
    public double heightAt(double x, double y) {
        return height + back * x + right * y;
    }

    /// Nose up positive \[rad\].
    public double pitch() {
        return -Math.atan(back);
    }

    /// Right side down positive \[rad\].
    public double roll() {
        return -Math.atan(right);
    }
}
