package lectulum.design.feature;

import static lectulum.units.Quantity.COUNT;
import static lectulum.units.Quantity.DURATION;
import static lectulum.units.Quantity.FREE_AREA;
import static lectulum.units.Quantity.MASS;
import static lectulum.units.Quantity.POWER;
import static lectulum.units.Quantity.SHARE;

import lectulum.design.Means;

/// What a thing is to gas and fuel.
public sealed interface Fuelled extends Feature {

    /// Burns something.
    ///
    /// @param power by the plate, on the higher heating value for gas \[W\]
    /// @param hours of a day in which it burns \[s\]
    /// @param duty  part of them that it really burns
    record Burner(@Means("Burns") Aired.Energy burns,
            @Means(value = "Burns at", of = POWER, low = 50, high = 40_000) double power,
            @Means(value = "A day", of = DURATION, high = 86_400) double hours,
            @Means(value = "Of that really", of = SHARE, high = 1) double duty, @Means("Its smoke goes") Flue flue)
            implements
                Fuelled {
        public Burner {
            burns = burns == null ? Aired.Energy.GAS : burns;
            flue = flue == null ? Flue.ROOM : flue;
        }
    }

    /// Where smoke goes and air comes from.
    enum Flue {
        ROOM("into the room"), OPEN("up a flue, its air from the room"), SEALED("outside, its air from outside"),
        OUTSIDE(
                "it burns outside");

        private final String label;

        Flue(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// A bottle of gas.
    ///
    /// @param gas      it holds when full \[kg\]
    /// @param full     how full it is
    /// @param propane  part of the gas, the rest butane
    /// @param age      of regulator and hose in years
    record Bottle(@Means(value = "Holds gas", of = MASS, low = 0.1, high = 50) double gas,
            @Means(value = "Full to", of = SHARE, high = 1) double full,
            @Means(value = "Propane in it", of = SHARE, high = 1) double propane,
            @Means(value = "Regulator and hose, years", of = COUNT, high = 40) double age) implements Fuelled {
    }

    /// A locker for bottles, shut off from the cabin.
    ///
    /// @param vent opening at its floor \[m²\]
    record GasLocker(@Means(value = "Opening at its floor", of = FREE_AREA, high = 0.5) double vent,
            @Means("Shut off from the cabin") boolean sealed) implements Fuelled {
    }
}
