package lectulum.kernel.finance;

import java.util.List;
import org.hipparchus.distribution.continuous.NormalDistribution;

/// Prices that are not sure, added: their mean, how far the sum may be off, and what it stays under with a chance.
///
/// Each is most likely what it is put down as, and may be a part lower or higher (PERT); prices rise together, which a common
/// correlation says.
public record Spread(double likely, double mean, double deviation) {
    private static final double SIX = 6;

    /// One price.
    ///
    /// @param likely of it
    /// @param low    part by which it may be lower
    /// @param high   part by which it may be higher
    public record Price(double likely, double low, double high) {
        public double mean() {
            return likely * (1 + (high - low) / SIX);
        }

        public double deviation() {
            return likely * (high + low) / SIX;
        }
    }

    /// @param together correlation of all that are not sure, 0 to 1
    public static Spread of(List<Price> prices, double together) {
        double squares = prices.stream().mapToDouble(p -> p.deviation() * p.deviation()).sum();
        double plain = prices.stream().mapToDouble(Price::deviation).sum();
        return new Spread(prices.stream().mapToDouble(Price::likely).sum(),
                prices.stream().mapToDouble(Price::mean).sum(),
                Math.sqrt((1 - together) * squares + together * plain * plain));
    }

    /// What the sum stays under with a chance.
    ///
    /// @param chance 0 to 1, both excluded
    public double under(double chance) {
        return mean + deviation * new NormalDistribution(0, 1).inverseCumulativeProbability(chance);
    }

    /// What is laid aside so that it suffices in eight cases of ten.
    public double contingency() {
        return under(0.8) - likely;
    }
}
