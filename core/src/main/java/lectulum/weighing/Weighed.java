package lectulum.weighing;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;

/// What the readings of a weigh day say together: weighted least squares for vehicle axles, trailer mass and tongue
/// (adjustment of observations; GUM).
///
/// @param values     front axle, rear axle, mass, tongue \[kg\]; NaN where the readings cannot tell
/// @param covariance of the four \[kg²\]
/// @param residuals  of the readings over their uncertainty, normalised; NaN where a reading is not checked by others
/// @param chiSquare  Σ(residual/u)²
/// @param freedom    readings more than needed
public record Weighed(List<Reading> readings, double[] values, double[][] covariance, List<Double> residuals,
        double chiSquare, int freedom) {
    private static final double RANK = 1e-9;
    private static final int MASS = 2;
    private static final int TONGUE = 3;

    public static Weighed of(List<Reading> readings) {
        int n = readings.size();
        if (n == 0) {
            double[] none = {Double.NaN, Double.NaN, Double.NaN, Double.NaN};
            return new Weighed(List.of(), none, new double[4][4], List.of(), 0, 0);
        }
        double[][] h = new double[n][];
        double[][] scaled = new double[n][4];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            h[i] = readings.get(i).row();
            for (int k = 0; k < 4; k++) {
                scaled[i][k] = h[i][k] / readings.get(i).u();
            }
            y[i] = readings.get(i).value() / readings.get(i).u();
        }
        RealMatrix a = MatrixUtils.createRealMatrix(scaled);
        RealMatrix inverse = pseudoInverse(a.transposeMultiply(a));
        double[] found = inverse.operate(a.transpose().operate(y));
        double[] values = new double[4];
        for (int k = 0; k < 4; k++) {
            double[] unit = new double[4];
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

    /// Load of the trailer's axle \[kg\].
    public double axle() {
        return mass() - tongue();
    }

    /// Load of the vehicle's axles without the trailer \[kg\]; NaN where it is not known.
    public double vehicle() {
        double[][] h = readings.stream().map(Reading::row).toArray(double[][]::new);
        return blind(h, new double[]{1, 1, 0, 0}) ? Double.NaN : solved(new double[]{1, 1, 0, 0});
    }

    private double solved(double[] row) {
        Weighed w = this;
        double sum = 0;
        RealMatrix c = MatrixUtils.createRealMatrix(w.covariance);
        for (Reading r : readings) {
            double[] g = c.operate(r.row());
            sum += (row[0] * g[0] + row[1] * g[1] + row[2] * g[2] + row[3] * g[3]) * r.value() / (r.u() * r.u());
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

    /// What the tongue's uncertainty would be with one more reading \[kg\]; NaN where the tongue stays unknown.
    public double tongueUWith(Reading next) {
        List<Reading> more = new ArrayList<>(readings);
        more.add(next);
        return of(more).tongueU();
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
        double[][] inverse = new double[4][4];
        for (int i = 0; i < 4; i++) {
            inverse[i][i] = s[i] > RANK * s[0] ? 1 / s[i] : 0;
        }
        return svd.getV().multiply(MatrixUtils.createRealMatrix(inverse)).multiply(svd.getUT());
    }
}
