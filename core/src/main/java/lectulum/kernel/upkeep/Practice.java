package lectulum.kernel.upkeep;

import java.util.List;
import java.util.Optional;

/// What practice does to times (power law of practice): Tₙ = T₁ nᵉ, by least squares in the logarithms.
///
/// @param first    time of the first one by the curve, in the unit of the times
/// @param exponent negative where they get shorter
/// @param done     how many there were
public record Practice(double first, double exponent, int done) {
    /// @param times in their order, those of 0 or less left out with their number kept
    /// @return empty with fewer than two
    public static Optional<Practice> of(List<Double> times) {
        double n = 0;
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double sxy = 0;
        for (int i = 0; i < times.size(); i++) {
            double t = times.get(i);
            if (t > 0 && Double.isFinite(t)) {
                double x = Math.log(i + 1.0);
                double y = Math.log(t);
                n++;
                sx += x;
                sy += y;
                sxx += x * x;
                sxy += x * y;
            }
        }
        double spread = n * sxx - sx * sx;
        if (n < 2 || spread <= 0) {
            return Optional.empty();
        }
        double e = (n * sxy - sx * sy) / spread;
        return Optional.of(new Practice(Math.exp((sy - e * sx) / n), e, times.size()));
    }

    /// What is left of the time each time the number doubles.
    public double rate() {
        return Math.pow(2, exponent);
    }

    /// Time that the next one may take.
    public double next() {
        return first * Math.pow(done + 1.0, exponent);
    }
}
