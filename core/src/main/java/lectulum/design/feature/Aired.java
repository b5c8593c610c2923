package lectulum.design.feature;

import static lectulum.units.Quantity.AIR_FLOW;
import static lectulum.units.Quantity.COUNT;
import static lectulum.units.Quantity.FREE_AREA;
import static lectulum.units.Quantity.POWER;
import static lectulum.units.Quantity.PRESSURE;
import static lectulum.units.Quantity.SHARE;
import static lectulum.units.Quantity.TEMPERATURE;
import static lectulum.units.Quantity.U_VALUE;

import lectulum.design.Means;

/// What a thing is to the air, warmth and damp of the cabin.
public sealed interface Aired extends Feature {

    /// Lets light and sun in.
    ///
    /// @param u     heat it passes \[W/(m² K)\]
    /// @param gain  part of the sun on it that comes in
    /// @param cover whether it has an insulating cover inside at night
    record Glazing(@Means(value = "Passes heat", of = U_VALUE, low = 0.5, high = 8) double u,
            @Means(value = "Lets sun in", of = SHARE, high = 1) double gain,
            @Means("Covered at night") boolean cover) implements Aired {
        /// One sheet of acrylic.
        public static final Glazing SINGLE = new Glazing(5.3, 0.85, false);
        private static final double COVER = 0.3;

        /// At night, with its cover where it has one \[W/(m² K)\].
        public double night() {
            return cover ? 1 / (1 / u + COVER) : u;
        }
    }

    /// An opening for air.
    ///
    /// @param area   \[m²\]
    /// @param part   of it that screen and louvre leave free
    /// @param shuts  whether it can be shut
    record Vent(@Means(value = "Opening", of = FREE_AREA, high = 0.5) double area,
            @Means(value = "Free of it", of = SHARE, low = 0.05, high = 1) double part,
            @Means("Can be shut") boolean shuts) implements Aired {
        /// Free area \[m²\].
        public double free() {
            return area * part;
        }
    }

    /// Moves air out.
    ///
    /// @param flow     without resistance \[m³/s\]
    /// @param pressure without flow \[Pa\]
    record Fan(@Means(value = "Moves freely", of = AIR_FLOW, low = 0.001, high = 1) double flow,
            @Means(value = "Pressure, shut off", of = PRESSURE, low = 1, high = 500) double pressure) implements Aired {
    }

    /// Warms the cabin.
    ///
    /// @param least      it can burn down to \[W\]
    /// @param most       \[W\]
    /// @param efficiency of what is burnt
    /// @param sealed     takes its air from outside and gives its smoke there
    record RoomHeater(@Means("Burns") Energy burns, @Means(value = "At least", of = POWER, high = 8000) double least,
            @Means(value = "At most", of = POWER, low = 50, high = 15_000) double most,
            @Means(value = "Into the room", of = SHARE, low = 0.2, high = 1) double efficiency,
            @Means("Room-sealed") boolean sealed) implements Aired {
        public RoomHeater {
            burns = burns == null ? Energy.DIESEL : burns;
        }
    }

    /// What is burnt or taken.
    enum Energy {
        GAS("gas"), DIESEL("diesel"), PETROL("petrol"), KEROSENE("kerosene"), SPIRIT("spirit"), WOOD("wood"), MAINS(
                "current of the mains"),
        BATTERY("current of the battery");

        private final String label;

        Energy(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /// Whether it is burnt.
        public boolean flame() {
            return this != MAINS && this != BATTERY;
        }
    }

    /// Cools the cabin.
    ///
    /// @param power       cooling by its plate \[W\]
    /// @param performance cooling for each watt of current
    record Cooler(@Means(value = "Cools by", of = POWER, low = 100, high = 8000) double power,
            @Means(value = "Cools for a watt, times", of = COUNT, low = 1, high = 6) double performance)
            implements
                Aired {
    }

    /// Warns.
    record Alarm(@Means("Warns of") Danger danger) implements Aired {
        public Alarm {
            danger = danger == null ? Danger.CARBON_MONOXIDE : danger;
        }

        /// Of what.
        public enum Danger {
            CARBON_MONOXIDE("carbon monoxide"), GAS("gas"), GAS_AND_CO("gas and carbon monoxide"), SMOKE("smoke");

            private final String label;

            Danger(String label) {
                this.label = label;
            }

            public String label() {
                return label;
            }
        }

        public boolean monoxide() {
            return danger == Danger.CARBON_MONOXIDE || danger == Danger.GAS_AND_CO;
        }

        public boolean gas() {
            return danger == Danger.GAS || danger == Danger.GAS_AND_CO;
        }
    }

    /// Smoke of a burner leaves here.
    record SmokeOutlet() implements Aired {
    }

    /// Keeps food cold.
    ///
    /// @param loss  \[W/K\] as counted in tenths
    /// @param inside \[°C\]
    /// @param opens in a day
    /// @param ice   that it starts with \[kg\]; 0 for one with a compressor
    record ColdStore(@Means(value = "Loses", of = lectulum.units.Quantity.HEAT_LOSS, low = 0.05, high = 5) double loss,
            @Means(value = "Kept at", of = TEMPERATURE, low = -25, high = 15) double inside,
            @Means(value = "Opened a day", of = COUNT, high = 100) double opens,
            @Means(value = "Ice at the start", of = lectulum.units.Quantity.MASS, high = 200) double ice)
            implements
                Aired {
    }
}
