package lectulum.kernel.finance;

import java.util.OptionalInt;

/// What owning costs, against renting and saving.
public final class Owning {
    private static final double MONTHS = 12;

    private Owning() {
    }

    /// Payments of one a year for so many years, worth today.
    ///
    /// @param rate of discount a year
    public static double annuity(double rate, double years) {
        return rate == 0 ? years : (1 - Math.pow(1 + rate, -years)) / rate;
    }

    /// Of a year: the price less what it brings at the end, spread evenly, and what each year costs besides.
    ///
    /// @param resale at the end of the years
    public static double yearly(double price, double resale, double rate, double years, double fixed) {
        return (price - resale * Math.pow(1 + rate, -years)) / annuity(rate, years) + fixed;
    }

    /// Nights a year from which owning is cheaper than renting; infinite where a rented night costs no more than one of one's own.
    public static double nights(double yearly, double rent, double ownNight) {
        return rent > ownNight ? yearly / (rent - ownNight) : Double.POSITIVE_INFINITY;
    }

    /// Months of saving; empty where nothing is put aside.
    ///
    /// @param rate of interest a year
    public static OptionalInt months(double cost, double monthly, double rate) {
        if (cost <= 0) {
            return OptionalInt.of(0);
        }
        if (monthly <= 0) {
            return OptionalInt.empty();
        }
        double q = 1 + rate / MONTHS;
        double exact = rate == 0 ? cost / monthly : Math.log(1 + cost * (q - 1) / monthly) / Math.log(q);
        return OptionalInt.of((int) Math.ceil(exact - 1e-9));
    }
}
