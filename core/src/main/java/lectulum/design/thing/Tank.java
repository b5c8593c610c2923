package lectulum.design.thing;

import lectulum.design.Means;
import lectulum.units.Quantity;

/// Something that holds a liquid or gas whose amount changes during a trip.
///
/// @param capacity full volume \[m³\], > 0
public record Tank(Use use, @Means(value = "Volume", of = Quantity.VOLUME) double capacity) {
    public Tank {
        use = use == null ? Use.FRESH : use;
    }

    /// What is in it, with the density by which its mass is found.
    public enum Use {
        FRESH("fresh water", 1000), GREY("grey water", 1000), BLACK("toilet", 1000), GAS("liquid gas", 510), PETROL(
                "petrol", 745),
        DIESEL("diesel", 835);

        private final String label;
        private final double density;

        Use(String label, double density) {
            this.label = label;
            this.density = density;
        }

        public String label() {
            return label;
        }

        /// Density \[kg/m³\]: water at 15 °C; liquid propane; petrol per EN 228; diesel per EN 590.
        public double density() {
            return density;
        }

        public boolean fuel() {
            return this == GAS || this == PETROL || this == DIESEL;
        }
    }

    /// Mass of the contents when full \[kg\].
    public double fullMass() {
        return capacity * use.density();
    }
}
