package lectulum.money;

import java.util.List;
import lectulum.design.purse.Receipt;
import lectulum.kernel.finance.Bill;

/// What one thing, or one product that hangs on no thing, costs; to the cent, freight apart.
///
/// @param id       of the thing, `base`, or of the first of its receipts
/// @param things   that it is for
/// @param receipts that it is made of
/// @param state    the least sure of them
/// @param planned  what was planned at first
/// @param paid     so far
/// @param ordered  and not paid
/// @param forecast expected in the end
/// @param fair     what gifts and own parts in it are worth
/// @param used     of what is bought by receipts, the part that is built in with its waste
/// @param over     bought by receipts and not used
/// @param rated    whether its currency has a rate; without one it is in no sum
public record Line(String id, String name, String group, List<String> things, List<String> receipts,
        Receipt.State state, Bill.Tier tier, double planned, double paid, double ordered, double forecast, double fair,
        double used, double over, boolean rated) {
    public Line {
        things = List.copyOf(things);
        receipts = List.copyOf(receipts);
    }

    /// The same of which less is expected.
    Line with(double newForecast) {
        return new Line(id, name, group, things, receipts, state, tier, planned, paid, ordered, newForecast, fair, used,
                over, rated);
    }

    /// Still to be paid.
    public double open() {
        return Math.max(0, forecast - paid);
    }
}
