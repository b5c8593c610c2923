package lectulum.design.workshop;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// What is sold in tins, cartridges, rolls, bars or packs and is used up, not cut to a plan.
///
/// @param content of one, in the unit of its goods
/// @param bought  how many; of own ones how many there are
/// @param returned how many went back to the shop for their price
/// @param used    how much of it is used, in the unit of its goods
/// @param own     whether it is there and costs nothing more
/// @param place   where it lies, or who sells it
/// @param price   of one
/// @param priced  when the price was asked, as ISO, `2026-05-01`; empty for not known
@RecordBuilder
public record Supply(String id, Goods goods,
        @Means(value = "One holds", of = Quantity.COUNT, low = 1e-6, high = 1e5, says = "in the unit of its goods: m³, kg, m, m² or pieces") double content,
        @Means(value = "Bought", of = Quantity.COUNT, high = 9999) OptionalDouble bought,
        @Means(value = "Returned", of = Quantity.COUNT, high = 9999) OptionalDouble returned,
        @Means(value = "Used", of = Quantity.COUNT, high = 1e6, says = "in the unit of its goods") OptionalDouble used,
        boolean own, String place, @Means(value = "Price of one", of = Quantity.MONEY, high = 1e6) double price,
        @Means("ISO date") String priced) implements SupplyBuilder.With {

    public Supply {
        id = id == null ? "" : id;
        goods = goods == null ? Goods.SCREWS : goods;
        bought = bought == null ? OptionalDouble.empty() : bought;
        returned = returned == null ? OptionalDouble.empty() : returned;
        used = used == null ? OptionalDouble.empty() : used;
        place = place == null ? "" : place;
        priced = priced == null ? "" : priced;
    }

    /// One of a shop, nothing bought yet.
    public static Supply sold(String id, Goods goods, double content, double price) {
        return new Supply(id, goods, content, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(),
                false, "", price, "");
    }

    /// What is used up.
    public enum Goods {
        PAINT("paint", "tin", Quantity.VOLUME, 0.0025), SEALANT("sealant", "cartridge", Quantity.VOLUME, 0.0003),
        ADHESIVE("adhesive for sheets", "tin", Quantity.MASS, 3), TAPE("sealing tape", "roll", Quantity.RUN, 7.5),
        TRIM("edge trim", "bar", Quantity.RUN, 2.5), MEMBRANE("membrane", "roll", Quantity.AREA, 15),
        CLOTH("cloth for covers", "roll", Quantity.RUN, 5), SCREWS("screws", "pack", Quantity.COUNT, 200);

        private final String label;
        private final String one;
        private final Quantity quantity;
        private final double usual;

        Goods(String label, String one, Quantity quantity, double usual) {
            this.label = label;
            this.one = one;
            this.quantity = quantity;
            this.usual = usual;
        }

        public String label() {
            return label;
        }

        /// What one is called.
        public String one() {
            return one;
        }

        /// Of what one holds.
        public Quantity quantity() {
            return quantity;
        }

        /// What one usually holds, in that unit.
        public double usual() {
            return usual;
        }
    }

    /// How many are there: bought and not gone back.
    public double there() {
        return Math.max(0, bought.orElse(own ? 1 : 0) - returned.orElse(0));
    }

    /// Of what was there, in the unit of its goods.
    public double left() {
        return Math.max(0, there() * content - used.orElse(0));
    }
}
