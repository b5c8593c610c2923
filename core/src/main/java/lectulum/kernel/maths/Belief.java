package lectulum.kernel.maths;

import java.util.List;

/// What is believed of a number, and how surely: normal.
///
/// @param value what it is taken for
/// @param sigma standard deviation, > 0
public record Belief(double value, double sigma) {
    /// After measurements, each as sure as it is (weights by the inverse square).
    public Belief with(List<Belief> measured) {
        double weight = 1 / (sigma * sigma);
        double sum = value * weight;
        for (Belief m : measured) {
            double w = 1 / (m.sigma * m.sigma);
            weight += w;
            sum += m.value * w;
        }
        return new Belief(sum / weight, 1 / Math.sqrt(weight));
    }
}
