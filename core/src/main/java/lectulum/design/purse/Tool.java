package lectulum.design.purse;

import io.soabase.recordbuilder.core.RecordBuilder;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// A tool that the build takes: bought, and perhaps sold again, or hired.
///
/// @param price  to buy it, tax in it
/// @param resale part of the price that it brings afterwards; 0 where it is kept and nothing is counted for it
/// @param hire   for a day
/// @param days   on which it is wanted
/// @param way    what is done
/// @param task   id of the task it is for; empty for many or none
@RecordBuilder
public record Tool(String id, String name, @Means(value = "To buy", of = Quantity.MONEY, high = 1e7) double price,
        @Means(value = "Sold again for, of its price", of = Quantity.SHARE, high = 1) double resale,
        @Means(value = "To hire, a day", of = Quantity.MONEY, high = 1e6) double hire,
        @Means(value = "Days wanted", of = Quantity.DAYS, high = 1000) double days,
        Way way, @Means("Id of the task it is for") String task) implements ToolBuilder.With {
    public Tool {
        id = id == null ? "" : id;
        name = name == null ? "" : name;
        way = way == null ? Way.OPEN : way;
        task = task == null ? "" : task;
    }

    /// Id of its line in the bill, where it has one.
    public String line() {
        return "bill-" + id;
    }

    /// How one comes by it.
    public enum Way {
        OPEN("not decided"), BUY("bought"), HIRE("hired"), THERE("lent or there already");

        private final String label;

        Way(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
