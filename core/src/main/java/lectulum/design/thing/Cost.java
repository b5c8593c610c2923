package lectulum.design.thing;

import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// What a thing costs.
///
/// @param planned price expected for all of it, in the project's currency, ≥ 0
/// @param paid    what was really paid, once bought
public record Cost(@Means(value = "Planned price", of = Quantity.MONEY, high = 1e8) double planned,
        @Means(value = "Paid", of = Quantity.MONEY, high = 1e8) OptionalDouble paid) {
    /// Nothing planned, nothing paid.
    public static final Cost NONE = new Cost(0, OptionalDouble.empty());

    public Cost {
        paid = paid == null ? OptionalDouble.empty() : paid;
    }

    public static Cost planned(double price) {
        return new Cost(price, OptionalDouble.empty());
    }

    /// What it costs as far as known today: paid where bought, else planned.
    public double forecast() {
        return paid.orElse(planned);
    }
}
