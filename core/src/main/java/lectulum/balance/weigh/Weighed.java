package lectulum.balance.weigh;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import lectulum.kernel.maths.Normal;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;

/// What the readings of a weigh day say together: weighted least squares for vehicle axles, trailer mass and tongue
/// (adjustment of observations; GUM).
///
/// @param values     front axle, rear axle, mass, tongue \[kg\], moment of spring bars \[kg·m\]; NaN where the readings
///                   cannot tell
/// @param covariance of the five
/// @param residuals  of the readings over their uncertainty, normalised; NaN where a reading is not checked by others
/// @param chiSquare  Σ(residual/u)²
/// @param freedom    readings more than needed
public record Weighed(List<Reading> readings, double[] values, double[][] covariance, List<Double> residuals,
        double chiSquare, int freedom) {
    /// By how much χ² must fall more for one reading than for another to name it.
    static final double TELLING = 10;
    private static final double RANK = 1e-9;
    private static final int UNKNOWNS = 5;
    private static final int MASS = 2;
    private static final int TONGUE = 3;
    private static final int BARS = 4;

    public static Weighed of(List<Reading> readings) {
        int n = readings.size();
        if (n == 0) {
            double[] none = new double[UNKNOWNS];
            java.util.Arrays.fill(none, Double.NaN);
            return new Weighed(List.of(), none, new double[UNKNOWNS][UNKNOWNS], List.of(), 0, 0);
        }
        double[][] h = new double[n][];
        double[][] scaled = new double[n][UNKNOWNS];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            h[i] = readings.get(i).row();
            for (int k = 0; k < UNKNOWNS; k++) {
                scaled[i][k] = h[i][k] / readings.get(i).u();
            }
            y[i] = readings.get(i).value() / readings.get(i).u();
        }
        RealMatrix a = MatrixUtils.createRealMatrix(scaled);
        RealMatrix inverse = pseudoInverse(a.transposeMultiply(a));
        double[] found = inverse.operate(a.transpose().operate(y));
        double[] values = new double[UNKNOWNS];
        for (int k = 0; k < UNKNOWNS; k++) {
            double[] unit = new double[UNKNOWNS];
            unit[k] = 1;
            values[k] = blind(h, unit) ? Double.NaN : found[k];
        }
        List<Double> residuals = new ArrayList<>();
        double chiSquare = 0;
        RealMatrix hat = a.multiply(inverse).multiplyTransposed(a);
        double[] fitted = a.operate(found);
        for (int i = 0; i < n; i++) {
            double residual = y[i] - fitted[i];
            chiSquare += residual * residual;
            double free = 1 - hat.getEntry(i, i);
            residuals.add(free > 1e-9 ? residual / Math.sqrt(free) : Double.NaN);
        }
        return new Weighed(List.copyOf(readings), values, inverse.getData(), List.copyOf(residuals), chiSquare,
                n - rank(h));
    }

    public double mass() {
        return values[MASS];
    }

    public double tongue() {
        return values[TONGUE];
    }

    /// Load of the vehicle's front axle without the trailer \[kg\].
    public double front() {
        return values[0];
    }

    /// Moment of tight spring bars \[kg·m\].
    public double bars() {
        return values[BARS];
    }

    /// Load of the trailer's axle \[kg\].
    public double axle() {
        return mass() - tongue();
    }

    /// Load of the vehicle's axles without the trailer \[kg\]; NaN where it is not known.
    public double vehicle() {
        double[][] h = readings.stream().map(Reading::row).toArray(double[][]::new);
        return blind(h, new double[]{1, 1, 0, 0, 0}) ? Double.NaN : solved(new double[]{1, 1, 0, 0, 0});
    }

    private double solved(double[] row) {
        Weighed w = this;
        double sum = 0;
        RealMatrix c = MatrixUtils.createRealMatrix(w.covariance);
        for (Reading r : readings) {
            double[] g = c.operate(r.row());
            sum += MatrixUtils.createRealVector(row).dotProduct(MatrixUtils.createRealVector(g)) * r.value()
                    / (r.u() * r.u());
        }
        return sum;
    }

    public double massU() {
        return Double.isNaN(mass()) ? Double.NaN : Math.sqrt(covariance[MASS][MASS]);
    }

    public double tongueU() {
        return Double.isNaN(tongue()) ? Double.NaN : Math.sqrt(covariance[TONGUE][TONGUE]);
    }

    /// Tongue share.
    public double share() {
        return tongue() / mass();
    }

    /// Standard uncertainty of the tongue share.
    public double shareU() {
        double p = share();
        return Math.sqrt(Math.max(0, covariance[TONGUE][TONGUE] - 2 * p * covariance[MASS][TONGUE]
                + p * p * covariance[MASS][MASS])) / mass();
    }

    /// The reading that disagrees most with the others, with its normalised residual; empty where none can be checked.
    public OptionalDouble worst() {
        return residuals.stream().filter(r -> !Double.isNaN(r)).mapToDouble(Double::doubleValue)
                .reduce((x, z) -> Math.abs(z) > Math.abs(x) ? z : x);
    }

    /// The readings that may be the wrong one, the likeliest first; empty where none disagrees by more than that.
    ///
    /// If reading i is wrong, w_i² of χ² goes with it. Another reading that takes nearly as much may as well be the wrong
    /// one: only where the others fall behind by more than [#TELLING] do the data name it (data snooping; odds of about 150
    /// to 1). With one reading more than needed all fall equally: nothing tells them apart.
    ///
    /// @param most of a normalised residual that is chance
    public List<Integer> suspects(double most) {
        OptionalDouble worst = worst();
        if (worst.isEmpty() || Math.abs(worst.getAsDouble()) <= most) {
            return List.of();
        }
        double w = worst.getAsDouble() * worst.getAsDouble();
        return IntStream.range(0, readings.size()).filter(i -> !Double.isNaN(residuals.get(i)))
                .filter(i -> w - residuals.get(i) * residuals.get(i) < TELLING).boxed()
                .sorted(Comparator.comparingDouble(i -> -Math.abs(residuals.get(i)))).toList();
    }

    /// How many pairs of suspects one more reading would tell apart: if one of them is wrong, its χ² would then stand out over
    /// the other's by [#TELLING].
    public int tells(List<Integer> suspects, Reading more) {
        double[][] now = hat(readings);
        double[][] then = hat(with(more).readings);
        int told = 0;
        for (int i : suspects) {
            double bias = Math.abs(residuals.get(i)) / Math.sqrt(1 - now[i][i]);
            for (int j : suspects) {
                if (i == j) {
                    continue;
                }
                double freeI = 1 - then[i][i];
                double freeJ = 1 - then[j][j];
                double together = then[i][j] * then[i][j] / (freeI * freeJ);
                told += (1 - together) * bias * bias * freeI >= TELLING ? 1 : 0;
            }
        }
        return told;
    }

    private static double[][] hat(List<Reading> readings) {
        double[][] scaled = new double[readings.size()][];
        for (int i = 0; i < scaled.length; i++) {
            double u = readings.get(i).u();
            scaled[i] = java.util.Arrays.stream(readings.get(i).row()).map(v -> v / u).toArray();
        }
        RealMatrix a = MatrixUtils.createRealMatrix(scaled);
        return a.multiply(pseudoInverse(a.transposeMultiply(a))).multiplyTransposed(a).getData();
    }

    /// What all readings and one more would say together; its value counts for nothing but itself.
    public Weighed with(Reading next) {
        List<Reading> more = new ArrayList<>(readings);
        more.add(next);
        return of(more);
    }

    /// Chance of readings that disagree this much although none is wrong; 1 where none is checked by another.
    public double byChance() {
        return freedom > 0 ? Normal.byChance(chiSquare, freedom) : 1;
    }

    /// A quantity is blind where a reading of it alone would raise the rank.
    private static boolean blind(double[][] h, double[] unit) {
        double[][] more = java.util.Arrays.copyOf(h, h.length + 1);
        more[h.length] = unit;
        return rank(more) > rank(h);
    }

    private static int rank(double[][] h) {
        double[] s = new SingularValueDecomposition(MatrixUtils.createRealMatrix(h)).getSingularValues();
        int rank = 0;
        for (double value : s) {
            rank += value > RANK * Math.max(1, s[0]) ? 1 : 0;
        }
        return rank;
    }

    private static RealMatrix pseudoInverse(RealMatrix normal) {
        SingularValueDecomposition svd = new SingularValueDecomposition(normal);
        double[] s = svd.getSingularValues();
        double[][] inverse = new double[UNKNOWNS][UNKNOWNS];
        for (int i = 0; i < UNKNOWNS; i++) {
            inverse[i][i] = s[i] > RANK * s[0] ? 1 / s[i] : 0;
        }
        return svd.getV().multiply(MatrixUtils.createRealMatrix(inverse)).multiply(svd.getUT());
    }
}
