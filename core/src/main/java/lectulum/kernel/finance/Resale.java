package lectulum.kernel.finance;

import java.util.OptionalInt;

/// What something can be sold for as it grows old.
///
/// @param price new
/// @param first part that it loses in its first year
/// @param later part of what is left that it loses in each year after
public record Resale(double price, double first, double later) {

    /// @param years ≥ 0
    public double at(double years) {
        return price * (1 - first * Math.min(years, 1)) * Math.pow(1 - later, Math.max(0, years - 1));
    }

    /// The last month in which more is owed than it would bring; empty where that never is.
    public OptionalInt underWater(Loan loan) {
        for (int m = loan.months() - 1; m >= 0; m--) {
            if (loan.balance(m) > at(m / 12.0)) {
                return OptionalInt.of(m);
            }
        }
        return OptionalInt.empty();
    }
}
