package lectulum.design.purse;

import lectulum.design.Means;
import lectulum.units.Quantity;

/// What a currency is worth in that of the project.
///
/// @param currency as receipts name it
/// @param worth    of one of it
/// @param date     on which it was so, as ISO
public record ExchangeRate(String currency,
        @Means(value = "Worth of one", of = Quantity.COUNT, low = 1e-6, high = 1e6) double worth,
        @Means("ISO date") String date) {
    public ExchangeRate {
        currency = currency == null ? "" : currency;
        date = date == null ? "" : date;
    }
}
