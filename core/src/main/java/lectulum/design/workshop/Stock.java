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
/// @param own   whether it is there and costs nothing more
/// @param place where it lies, or who sells it
/// @param price of one piece
/// @param priced when the price was asked, as ISO, `2026-05-01`; empty for not known
@RecordBuilder
public record Stock(String id, Form form, Substance of, @Means(value = "Long", low = 0.1, high = 15) double length,
        @Means(value = "Wide", low = 0.003, high = 3.2) double width,
        @Means(value = "Thick", low = 0.0002, high = 0.2) double thick,
        @Means(value = "Pieces", of = Quantity.COUNT, high = 999, says = "empty for as many as are wanted") OptionalDouble count,
        boolean own, String place, @Means(value = "Price of one", of = Quantity.MONEY, high = 1e6) double price,
        @Means("ISO date") String priced) implements StockBuilder.With {

    public Stock {
        id = id == null ? "" : id;
        form = form == null ? Form.STICK : form;
        of = of == null ? Substance.SOFTWOOD : of;
        count = count == null ? OptionalDouble.empty() : count;
        place = place == null ? "" : place;
        priced = priced == null ? "" : priced;
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
