package lectulum.kernel.scales;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lectulum.kernel.maths.Normal;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/// Where did the weight go: the masses of a plan brought together with what the scale says, each changed the more the
/// less it was sure and the more it bears on the readings (weighted least squares with prior values, which is the
/// update of a linear Kalman filter; the matrix that is inverted has the size of the readings).
///
/// @param masses    after \[kg\], in the order given
/// @param u         standard uncertainty of each after \[kg\]
/// @param chiSquare how far plan and scale are apart
/// @param byChance  chance of so much or more although nothing is missing
public record Reconciled(List<Double> masses, List<Double> u, double chiSquare, double byChance) {
    /// Below this chance the plan lacks something.
    public static final double RARE = 0.01;

    /// A mass of the plan.
    ///
    /// @param mass  \[kg\]
    /// @param u     standard uncertainty of its own \[kg\]
    /// @param guess whether it shares the error of all guesses
    public record Item(double mass, double u, boolean guess) {
    }

    /// What a scale says of a sum of the masses.
    ///
    /// @param levers how often each mass is in it
    /// @param value  \[kg\]
    /// @param u      standard uncertainty \[kg\], > 0
    public record Row(double[] levers, double value, double u) {
    }

    /// Nothing is changed where the readings are no numbers that a scale shows.
    ///
    /// @param shared relative standard error that all guesses share
    public static Reconciled of(List<Item> items, List<Row> rows, double shared) {
        Set<Integer> gone = new HashSet<>();
        Reconciled first = null;
        while (true) {
            Reconciled now = update(items, rows, shared, gone);
            first = first == null ? now : first;
            int worst = -1;
            for (int i = 0; i < items.size(); i++) {
                if (now.masses.get(i) < 0 && (worst < 0 || now.masses.get(i) < now.masses.get(worst))) {
                    worst = i;
                }
            }
            if (worst < 0) {
                return new Reconciled(now.masses, now.u, first.chiSquare, first.byChance);
            }
            gone.add(worst);
        }
    }

    private static Reconciled update(List<Item> items, List<Row> rows, double shared, Set<Integer> gone) {
        int n = items.size();
        int k = rows.size();
        double[][] spread = new double[n][k];
        double[] common = new double[k];
        for (int j = 0; j < k; j++) {
            for (int i = 0; i < n; i++) {
                if (items.get(i).guess && !gone.contains(i)) {
                    common[j] += items.get(i).mass * rows.get(j).levers[i];
                }
            }
        }
        double[][] s = new double[k][k];
        double[] missing = new double[k];
        for (int j = 0; j < k; j++) {
            missing[j] = rows.get(j).value;
            for (int i = 0; i < n; i++) {
                Item item = items.get(i);
                if (gone.contains(i)) {
                    continue;
                }
                spread[i][j] = item.u * item.u * rows.get(j).levers[i]
                        + (item.guess ? shared * shared * item.mass * common[j] : 0);
                missing[j] -= item.mass * rows.get(j).levers[i];
            }
        }
        for (int a = 0; a < k; a++) {
            for (int b = 0; b < k; b++) {
                s[a][b] = a == b ? rows.get(a).u * rows.get(a).u : 0;
                for (int i = 0; i < n; i++) {
                    s[a][b] += rows.get(a).levers[i] * spread[i][b];
                }
            }
        }
        Optional<RealMatrix> inverted = inverse(s);
        if (inverted.isEmpty()) {
            return new Reconciled(items.stream().map(Item::mass).toList(), items.stream().map(Item::u).toList(), 0, 1);
        }
        RealMatrix inverse = inverted.get();
        double[] pull = inverse.operate(missing);
        double chiSquare = 0;
        for (int j = 0; j < k; j++) {
            chiSquare += missing[j] * pull[j];
        }
        List<Double> masses = new ArrayList<>();
        List<Double> u = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            if (gone.contains(i)) {
                masses.add(0.0);
                u.add(0.0);
                continue;
            }
            Item item = items.get(i);
            double mass = item.mass;
            double variance = item.u * item.u + (item.guess ? shared * item.mass * shared * item.mass : 0);
            double[] gain = inverse.operate(spread[i]);
            for (int j = 0; j < k; j++) {
                mass += spread[i][j] * pull[j];
                variance -= gain[j] * spread[i][j];
            }
            masses.add(mass);
            u.add(Math.sqrt(Math.max(0, variance)));
        }
        return new Reconciled(List.copyOf(masses), List.copyOf(u), chiSquare, Normal.byChance(chiSquare, k));
    }

    /// Scaled to ones on its diagonal first, so that its size does not matter; empty where it cannot be inverted, as for
    /// numbers that no scale shows.
    private static Optional<RealMatrix> inverse(double[][] s) {
        int k = s.length;
        double[][] scaled = new double[k][k];
        for (int a = 0; a < k; a++) {
            for (int b = 0; b < k; b++) {
                scaled[a][b] = s[a][b] / Math.sqrt(s[a][a]) / Math.sqrt(s[b][b]);
                if (!Double.isFinite(scaled[a][b])) {
                    return Optional.empty();
                }
            }
        }
        DecompositionSolver solver = new LUDecomposition(MatrixUtils.createRealMatrix(scaled), 1e-12).getSolver();
        if (!solver.isNonSingular()) {
            return Optional.empty();
        }
        RealMatrix inverse = solver.getInverse();
        for (int a = 0; a < k; a++) {
            for (int b = 0; b < k; b++) {
                inverse.multiplyEntry(a, b, 1 / Math.sqrt(s[a][a]) / Math.sqrt(s[b][b]));
            }
        }
        return Optional.of(inverse);
    }

    /// Whether plan and scale are too far apart to be chance.
    public boolean planLacksSomething() {
        return byChance < RARE;
    }

    /// What the plan lacks, and where it acts.
    ///
    /// @param mass  \[kg\]
    /// @param place behind the ball \[m\]
    /// @param u     standard uncertainty of the place \[m\]
    public record Missing(double mass, double place, double u) {
        /// Whether the place is known well enough to be shown.
        public boolean placed() {
            return u < 0.5;
        }
    }

    /// @param mass   measured less planned \[kg\]
    /// @param tongue measured less planned \[kg\]
    /// @param axle   ball to axle \[m\]
    /// @return empty where nothing is missing
    public static Optional<Missing> missing(double mass, double tongue, double axle, double uMass, double uTongue) {
        if (Math.abs(mass) < 1e-9) {
            return Optional.empty();
        }
        double ratio = tongue / mass;
        return Optional.of(new Missing(mass, axle * (1 - ratio),
                axle / Math.abs(mass) * Math.hypot(uTongue, ratio * uMass)));
    }
}
