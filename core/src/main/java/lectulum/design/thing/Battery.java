package lectulum.design.thing;

import lectulum.design.Means;
import lectulum.units.Quantity;

/// A battery's store.
///
/// @param energy nominal energy \[J\], > 0
public record Battery(@Means(value = "Stores", of = Quantity.ENERGY, high = 1e9, says = "nominal") double energy,
        Chemistry chemistry) {
    public Battery {
        chemistry = chemistry == null ? Chemistry.LITHIUM_IRON : chemistry;
    }

    /// Share of the nominal energy that may be used without shortening the battery's life (assumed typical values).
    public enum Chemistry {
        FLOODED("flooded lead", 0.50, 0.80), AGM("AGM lead", 0.50, 0.85), GEL("gel lead", 0.50, 0.85), LITHIUM_IRON(
                "lithium iron phosphate", 0.80, 0.95);

        private final String label;
        private final double usableDepth;
        private final double efficiency;

        Chemistry(String label, double usableDepth, double efficiency) {
            this.label = label;
            this.usableDepth = usableDepth;
            this.efficiency = efficiency;
        }

        public String label() {
            return label;
        }

        public double usableDepth() {
            return usableDepth;
        }

        /// Share of the charged energy that comes back.
        public double efficiency() {
            return efficiency;
        }
    }
}
