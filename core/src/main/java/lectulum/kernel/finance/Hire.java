package lectulum.kernel.finance;

import java.util.OptionalDouble;

/// A tool bought and sold again against the same hired by the day.
///
/// @param price  to buy it, > 0
/// @param resale part of the price that it brings afterwards, 0 to 1
/// @param day    price of a day, > 0
/// @param days   on which it is wanted, ≥ 0
public record Hire(double price, double resale, double day, double days) {
    /// What is gone when it is bought and sold again.
    public double owning() {
        return price * (1 - resale);
    }

    public double hiring() {
        return day * days;
    }

    public boolean cheaperHired() {
        return hiring() < owning();
    }

    /// Days from which on buying costs less; empty where a day costs nothing.
    public OptionalDouble even() {
        return day > 0 ? OptionalDouble.of(owning() / day) : OptionalDouble.empty();
    }
}
