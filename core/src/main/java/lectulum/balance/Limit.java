package lectulum.balance;

import lectulum.design.vehicle.Rating;
import lectulum.kernel.maths.Normal;

/// One rating against the load it limits.
///
/// @param load   \[kg\]
/// @param rated  \[kg\]
/// @param u      standard uncertainty of the load \[kg\], ≥ 0
public record Limit(Rating rating, double load, double rated, double u) {

    /// What is left, as a share of the rating; negative when exceeded.
    public double margin() {
        return (rated - load) / rated;
    }

    /// What may still be added before this limit is reached \[kg\].
    public double left() {
        return rated - load;
    }

    /// Chance that the true load is over the rating, for a normal error of the load.
    public double exceeded() {
        return u > 0 ? 1 - Normal.below(left() / u) : load > rated ? 1 : 0;
    }
}
