package lectulum.balance;

import lectulum.design.Rating;

/// One rating against the load it limits.
///
/// @param load   \[kg\]
/// @param rated  \[kg\]
public record Limit(Rating rating, double load, double rated) {

    /// What is left, as a share of the rating; negative when exceeded.
    public double margin() {
        return (rated - load) / rated;
    }

    /// What may still be added before this limit is reached \[kg\].
    public double left() {
        return rated - load;
    }
}
