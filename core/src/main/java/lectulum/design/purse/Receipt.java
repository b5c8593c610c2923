package lectulum.design.purse;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.kernel.finance.Bill;
import lectulum.units.Quantity;

/// A line of what the build costs: guessed, offered, ordered or paid.
///
/// @param thing    id of the thing it buys, `base` for the bare base, empty for what stands on no sheet
/// @param amount   that is built in
/// @param pack     how much of it one pack holds
/// @param price    of a pack before tax; of a gift or an own part what one is fairly worth
/// @param bought   packs that were really bought; empty for as many as are wanted
/// @param tax      part that is added
/// @param freight  and fees of its order, tax in it
/// @param currency empty for that of the project
/// @param date     of the receipt or the price, as ISO; empty for not known
/// @param need     when it is wanted, as ISO; empty for not known
/// @param lead     days from the order to its arrival
/// @param photo    file among the attachments; empty for none
/// @param task     id of the task that waits for it; empty for none
@RecordBuilder
public record Receipt(String id, String what, String thing, State state, Bill.Cover cover, Bill.Tier tier, Kind kind,
        @Means(value = "Built in", of = Quantity.COUNT, high = 1e6) double amount,
        @Means(value = "Cut off or lost", of = Quantity.SHARE, high = 2) double waste,
        @Means(value = "A pack holds", of = Quantity.COUNT, low = 1e-6, high = 1e6) double pack,
        @Means(value = "Price of a pack", of = Quantity.MONEY, high = 1e8, says = "before tax") double price,
        @Means(value = "Packs bought", of = Quantity.COUNT, high = 1e6) OptionalDouble bought,
        @Means(value = "Tax", of = Quantity.SHARE, high = 1) double tax,
        @Means(value = "Freight and fees", of = Quantity.MONEY, high = 1e6, says = "of the order, tax in it") double freight,
        String currency, @Means("ISO date") String date, String shop, @Means("ISO date") String need,
        @Means(value = "Days to arrive", of = Quantity.DAYS, high = 1000) double lead, String note,
        String photo, @Means("Id of the task that waits for it") String task) implements ReceiptBuilder.With {
    /// The bare base, as what a receipt is for.
    public static final String BASE = "base";

    public Receipt {
        id = id == null ? "" : id;
        what = what == null ? "" : what;
        thing = thing == null ? "" : thing;
        state = state == null ? State.GUESS : state;
        cover = cover == null ? Bill.Cover.BUY : cover;
        tier = tier == null ? Bill.Tier.ESSENTIAL : tier;
        kind = kind == null ? Kind.MATERIAL : kind;
        bought = bought == null ? OptionalDouble.empty() : bought;
        currency = currency == null ? "" : currency;
        date = date == null ? "" : date;
        shop = shop == null ? "" : shop;
        need = need == null ? "" : need;
        note = note == null ? "" : note;
        photo = photo == null ? "" : photo;
        task = task == null ? "" : task;
    }

    /// One of something, in the currency of the project, without tax and freight.
    public static Receipt of(String id, String what, State state, double price) {
        return new Receipt(id, what, "", state, Bill.Cover.BUY, Bill.Tier.ESSENTIAL, Kind.MATERIAL, 1, 0, 1, price,
                OptionalDouble.empty(), 0, 0, "", "", "", "", 0, "", "", "");
    }

    /// By itself: in packs of its own.
    public Bill bill() {
        return new Bill(exact(amount).multiply(BigDecimal.ONE.add(exact(waste))),
                pack > 0 ? exact(pack) : BigDecimal.ONE,
                exact(price), exact(tax),
                bought.isPresent() ? Optional.of(exact(bought.getAsDouble())) : Optional.empty());
    }

    /// A number as it is written; 0 for none.
    public static BigDecimal exact(double value) {
        return Double.isFinite(value) ? BigDecimal.valueOf(value) : BigDecimal.ZERO;
    }

    /// Whether it is a sum that small parts take their share of, until receipts have used it up.
    public boolean allowance() {
        return kind == Kind.SMALL && state == State.GUESS && cover == Bill.Cover.BUY && thing.isEmpty();
    }

    /// How sure the price is.
    public enum State {
        GUESS("guess", 0.20, 0.40), CATALOGUE("list price", 0.05, 0.10), QUOTE("offer", 0, 0.03), ORDERED("ordered", 0,
                0.03),
        PAID("paid", 0, 0);

        private final String label;
        private final double lower;
        private final double higher;

        State(String label, double lower, double higher) {
            this.label = label;
            this.lower = lower;
            this.higher = higher;
        }

        public String label() {
            return label;
        }

        /// Part by which it may be lower (assumed).
        public double lower() {
            return lower;
        }

        /// Part by which it may be higher (assumed).
        public double higher() {
            return higher;
        }
    }

    /// What it is spent on.
    public enum Kind {
        MATERIAL("material"), SMALL("small parts"), TOOL("tools"), HIRED("work of others"),
        TRAVEL("travel and haulage"),
        FEES("fees and papers");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
