package lectulum.design.workshop;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.design.envelope.Substance;
import lectulum.units.Quantity;

/// A stick or a sheet that can be bought or is there: actual sizes, never nominal ones.
///
/// @param width of the section of a stick, or across the sheet \[m\]
/// @param thick of the section of a stick, or of the sheet \[m\]
/// @param count pieces; empty for as many as are wanted
/// @param bought how many of a shop's were bought; empty for none yet
/// @param returned how many of these went back for their price
/// @param own   whether it is there and costs nothing more
/// @param place where it lies, or who sells it
/// @param price of one piece
/// @param priced when the price was asked, as ISO, `2026-05-01`; empty for not known
@RecordBuilder
public record Stock(String id, Form form, Substance of, @Means(value = "Long", low = 0.1, high = 15) double length,
        @Means(value = "Wide", low = 0.003, high = 3.2) double width,
        @Means(value = "Thick", low = 0.0002, high = 0.2) double thick,
        @Means(value = "Pieces", of = Quantity.COUNT, high = 999, says = "empty for as many as are wanted") OptionalDouble count,
        @Means(value = "Bought", of = Quantity.COUNT, high = 999) OptionalDouble bought,
        @Means(value = "Returned", of = Quantity.COUNT, high = 999) OptionalDouble returned,
        boolean own, String place, @Means(value = "Price of one", of = Quantity.MONEY, high = 1e6) double price,
        @Means("ISO date") String priced) implements StockBuilder.With {

    public Stock {
        id = id == null ? "" : id;
        form = form == null ? Form.STICK : form;
        of = of == null ? Substance.SOFTWOOD : of;
        count = count == null ? OptionalDouble.empty() : count;
        bought = bought == null ? OptionalDouble.empty() : bought;
        returned = returned == null ? OptionalDouble.empty() : returned;
        place = place == null ? "" : place;
        priced = priced == null ? "" : priced;
    }

    /// Nothing bought yet.
    public Stock(String id, Form form, Substance of, double length, double width, double thick, OptionalDouble count,
            boolean own, String place, double price, String priced) {
        this(id, form, of, length, width, thick, count, OptionalDouble.empty(), OptionalDouble.empty(), own, place,
                price, priced);
    }

    /// How many of a shop's are there: bought and not gone back.
    public double there() {
        return Math.max(0, bought.orElse(0) - returned.orElse(0));
    }

    /// What it is sold as.
    public enum Form {
        STICK("stick or bar"), SHEET("sheet");

        private final String label;

        Form(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// How many there are at most.
    public int available() {
        return count.isPresent() ? Math.clamp(Math.round(count.getAsDouble()), 0, 999) : 1_000_000;
    }
}
