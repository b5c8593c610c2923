package lectulum.assumed;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.envelope.Substance;
import lectulum.design.workshop.Stock;
import lectulum.kernel.takeoff.Profile;

/// Sticks and sheets as they are usually sold, by their actual sizes.
///
/// @param label as shops name it
public record UsualStock(String label, Stock.Form form, Substance of, double length, double width, double thick) {
    private static final double WALL = 0.002;
    private static final double STEEL_PRICE = 3.5;
    private static final List<UsualStock> TABLE = Table.rows("stock").stream().map(r -> new UsualStock(r.get("label"),
            Stock.Form.valueOf(r.get("form")), Substance.valueOf(r.get("substance")),
            Table.number(r, "length_mm") / 1000, Table.number(r, "width_mm") / 1000,
            Table.number(r, "thick_mm") / 1000)).toList();

    public static List<UsualStock> all() {
        return TABLE;
    }

    /// As stock that can be bought, at the table's price to the cent.
    public Stock stock(String id) {
        double price = form == Stock.Form.STICK && of == Substance.STEEL
                ? length * Profile.tube(width, thick, WALL) * Profile.STEEL * STEEL_PRICE
                : length * width * thick * Substances.of(of).price();
        return new Stock(id, form, of, length, width, thick, OptionalDouble.empty(), false, "",
                Math.round(100 * price) / 100.0, "");
    }
}
