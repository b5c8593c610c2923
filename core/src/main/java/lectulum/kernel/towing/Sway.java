package lectulum.kernel.towing;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import lectulum.units.Units;
import org.hipparchus.analysis.solvers.LaguerreSolver;
import org.hipparchus.complex.Complex;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/// Swaying of vehicle and trailer: a linear single-track model at constant speed with one trailer axle and tyres that
/// answer late. A trend from a linear model, not a safety certificate: no wind, no driver, no roll, no play.
///
/// States are the vehicle's sideways and yaw speed, the speed and angle of the hitch, and the trailer's tyre force
/// (vehicle-trailer theory of vehicle-dynamics textbooks; damping notions of ISO 9815).
///
/// The modes at whole speeds are worked out once and serve every question about a range of speeds.
public final class Sway {
    /// Speeds between which the critical one is looked for \[m/s\].
    private static final double SLOWEST = 4;
    private static final double FASTEST = 60;
    private static final double STEP = 1;
    /// Tyres that answer within less than this answer at once \[m\]: it changes the damping by less than 0.01, and the
    /// characteristic polynomial loses its digits to the far root that a shorter lag has.
    private static final double AT_ONCE = 0.005;
    /// Damping that is taken for a reference (the idea of ISO 9815).
    public static final double REFERENCE = 0.05;

    private final Rig rig;
    private final Tyres tyres;
    private final double damper;
    private final Optional<RealMatrix> masses;
    private final Mode[] swept = new Mode[1 + (int) Math.round((FASTEST - SLOWEST) / STEP)];

    /// @param rig    masses and lengths
    /// @param tyres  cornering stiffness
    /// @param damper at the hitch \[N·m·s\]
    public Sway(Rig rig, Tyres tyres, double damper) {
        this.rig = rig;
        this.tyres = tyres;
        this.damper = damper;
        this.masses = inverse();
    }

    public Rig rig() {
        return rig;
    }

    public Tyres tyres() {
        return tyres;
    }

    public double damper() {
        return damper;
    }

    /// @param front      load of the vehicle's front axle without the trailer \[kg\]
    /// @param rear       load of its rear axle without the trailer \[kg\]
    /// @param wheelbase  \[m\]
    /// @param overhang   ball behind the rear axle \[m\]
    /// @param mass       of the trailer \[kg\]
    /// @param centre     of it behind the ball \[m\]
    /// @param axle       of it behind the ball \[m\]
    /// @param inertia    of it in yaw about its centre \[kg·m²\]
    public record Rig(double front, double rear, double wheelbase, double overhang, double mass, double centre,
            double axle, double inertia) {
        double tongue() {
            return mass * (axle - centre) / axle;
        }

        /// Whether there is anything to compute.
        public boolean sound() {
            return front > 0 && rear > 0 && wheelbase > 0 && mass > 0 && axle > 0 && inertia > 0;
        }
    }

    /// Cornering coefficients, force per load and slip angle \[1/rad\], and the length in which a tyre answers \[m\]; 0 for
    /// tyres that answer at once.
    public record Tyres(double front, double rear, double trailer, double lag) {
        /// Usual values (assumed).
        public static final Tyres USUAL = new Tyres(8, 11, 7.5, 0.5);

        public Tyres withTrailer(double coefficient) {
            return new Tyres(front, rear, coefficient, lag);
        }
    }

    /// The least damped swing at one speed.
    ///
    /// @param damping   ratio; below 0 the swing grows; NaN where nothing swings
    /// @param frequency \[Hz\]; NaN where nothing swings
    /// @param diverges  whether the vehicle turns away without swinging
    public record Mode(double damping, double frequency, boolean diverges) {
        private static final Mode NONE = new Mode(Double.NaN, Double.NaN, false);

        /// Whether anything swings.
        public boolean swings() {
            return !Double.isNaN(damping);
        }

        boolean stable() {
            return !(damping <= 0) && !diverges;
        }
    }

    /// Nothing swings for numbers so far out that there is no model of them.
    ///
    /// @param speed \[m/s\], > 0
    public Mode at(double speed) {
        double steps = (speed - SLOWEST) / STEP;
        int whole = (int) Math.rint(steps);
        return whole == steps && whole >= 0 && whole < swept.length ? swept(whole) : modeAt(speed);
    }

    private Mode modeAt(double speed) {
        Optional<double[]> polynomial = matrix(speed).map(Sway::characteristic)
                .filter(c -> Arrays.stream(c).allMatch(Double::isFinite));
        try {
            return polynomial.map(c -> mode(new LaguerreSolver().solveAllComplex(c, 0))).orElse(Mode.NONE);
        } catch (MathRuntimeException noRoots) {
            return Mode.NONE;
        }
    }

    private static Mode mode(Complex[] roots) {
        double damping = Double.NaN;
        double frequency = Double.NaN;
        boolean diverges = false;
        for (Complex root : roots) {
            double size = root.norm();
            if (Math.abs(root.getImaginaryPart()) > 1e-9 * Math.max(1, size)) {
                double ratio = -root.getRealPart() / size;
                if (!(ratio >= damping)) {
                    damping = ratio;
                    frequency = size / (2 * Math.PI);
                }
            } else if (root.getRealPart() > 1e-9) {
                diverges = true;
            }
        }
        return new Mode(damping, frequency, diverges);
    }

    /// Lowest speed from which it swings or turns away by itself \[m/s\]; empty below 60 m/s.
    public OptionalDouble critical() {
        return first(m -> !m.stable());
    }

    /// Lowest speed from which a swing grows by itself \[m/s\]; empty below 60 m/s.
    public OptionalDouble swingsFrom() {
        return first(m -> m.damping <= 0);
    }

    /// Lowest speed from which the vehicle turns away without swinging \[m/s\]; empty below 60 m/s.
    public OptionalDouble turnsAway() {
        return first(m -> m.diverges);
    }

    /// Lowest speed at which the damping falls to the reference \[m/s\]; empty below 60 m/s.
    public OptionalDouble reference() {
        return first(m -> m.damping < REFERENCE);
    }

    /// The mode at one of the speeds that are swept, slowest first.
    private Mode swept(int index) {
        if (swept[index] == null) {
            swept[index] = modeAt(SLOWEST + index * STEP);
        }
        return swept[index];
    }

    /// The first whole speed at which something is lost, narrowed down between it and the one before to 1e-9 m/s.
    private OptionalDouble first(Predicate<Mode> lost) {
        for (int i = 0; i < swept.length; i++) {
            if (lost.test(swept(i))) {
                double high = SLOWEST + i * STEP;
                double low = i == 0 ? high : high - STEP;
                for (int k = 0; k < 30 && high > low; k++) {
                    double m = (low + high) / 2;
                    if (lost.test(at(m))) {
                        high = m;
                    } else {
                        low = m;
                    }
                }
                return OptionalDouble.of(high);
            }
        }
        return OptionalDouble.empty();
    }

    /// Π = d(l − d)m/I: at 1 the tyre force turns the trailer about the ball without pushing the vehicle; below 1 the
    /// swing steers the vehicle.
    public double percussion() {
        return rig.centre * (rig.axle - rig.centre) * rig.mass / rig.inertia;
    }

    /// Damping with the hitch held straight: ζ₀ = (l/2V)·√(C l/(I + m d²)).
    public double heldStraight(double speed) {
        double aboutBall = rig.inertia + rig.mass * rig.centre * rig.centre;
        return rig.axle / (2 * speed) * Math.sqrt(trailerStiffness() * rig.axle / aboutBall);
    }

    private double trailerStiffness() {
        return tyres.trailer * (rig.mass - rig.tongue()) * Units.GRAVITY;
    }

    /// Coefficients of the characteristic polynomial, constant first (Faddeev–LeVerrier).
    private static double[] characteristic(double[][] a) {
        int n = a.length;
        double[] c = new double[n + 1];
        c[n] = 1;
        double[][] m = new double[n][n];
        for (int k = 1; k <= n; k++) {
            double[][] product = times(a, m);
            for (int i = 0; i < n; i++) {
                product[i][i] += c[n - k + 1];
            }
            m = product;
            double trace = 0;
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    trace += a[i][j] * m[j][i];
                }
            }
            c[n - k] = -trace / k;
        }
        return c;
    }

    private static double[][] times(double[][] a, double[][] b) {
        int n = a.length;
        double[][] product = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < n; k++) {
                for (int j = 0; j < n; j++) {
                    product[i][j] += a[i][k] * b[k][j];
                }
            }
        }
        return product;
    }

    /// Inverse of the mass matrix; empty where it is singular.
    private Optional<RealMatrix> inverse() {
        double m1 = rig.front + rig.rear;
        double a = rig.wheelbase * rig.rear / m1;
        double b = rig.wheelbase - a;
        double c = b + rig.overhang;
        double d = rig.centre;
        double m2 = rig.mass;
        double i1 = m1 * a * b;
        DecompositionSolver solver = new LUDecomposition(MatrixUtils.createRealMatrix(new double[][]{
                {m1 + m2, -m2 * c, -m2 * d}, {-m2 * c, i1 + m2 * c * c, m2 * c * d},
                {-m2 * d, m2 * c * d, rig.inertia + m2 * d * d}})).getSolver();
        return solver.isNonSingular() ? Optional.of(solver.getInverse()) : Optional.empty();
    }

    private Optional<double[][]> matrix(double speed) {
        if (masses.isEmpty()) {
            return Optional.empty();
        }
        double m1 = rig.front + rig.rear;
        double a = rig.wheelbase * rig.rear / m1;
        double b = rig.wheelbase - a;
        double c = b + rig.overhang;
        double l = rig.axle;
        double lever = rig.overhang / rig.wheelbase;
        double c1 = tyres.front * (rig.front - rig.tongue() * lever) * Units.GRAVITY;
        double c2 = tyres.rear * (rig.rear + rig.tongue() * (1 + lever)) * Units.GRAVITY;
        double c3 = trailerStiffness();
        int states = tyres.lag >= AT_ONCE ? 5 : 4;
        double[][] columns = new double[states][states];
        for (int k = 0; k < states; k++) {
            double v = k == 0 ? 1 : 0;
            double r = k == 1 ? 1 : 0;
            double turning = k == 2 ? 1 : 0;
            double angle = k == 3 ? 1 : 0;
            double slip = (v - c * r - l * (r + turning)) / speed - angle;
            double force = tyres.lag >= AT_ONCE ? k == 4 ? 1 : 0 : -c3 * slip;
            double front = -c1 * (v + a * r) / speed;
            double rear = -c2 * (v - b * r) / speed;
            double[] q = masses.get().operate(new double[]{front + rear + force,
                    a * front - b * rear - c * force + damper * turning, -l * force - damper * turning});
            columns[0][k] = q[0] - speed * r;
            columns[1][k] = q[1];
            columns[2][k] = q[2] - q[1];
            columns[3][k] = turning;
            if (tyres.lag >= AT_ONCE) {
                columns[4][k] = speed / tyres.lag * (-c3 * slip - force);
            }
        }
        return Optional.of(columns);
    }
}
