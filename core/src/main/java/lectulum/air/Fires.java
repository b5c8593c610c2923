package lectulum.air;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Fuelled;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.kernel.fuel.Fuel;
import lectulum.units.Quantity;
import lectulum.water.WaterUse;

/// What burns besides the heating of the room, and what is aboard to burn.
///
/// @param power on the higher heating value of gas, the lower of others \[W\]
/// @param daily of it \[J\]
public record Fires(Thing thing, Aired.Energy burns, double power, double daily) {
    private static final double WASHED = 0.6;
    private static final double WARMED = 28;

    /// Burners and water heaters.
    public static List<Fires> of(Design d) {
        List<Fires> all = new ArrayList<>();
        for (Thing t : d.things()) {
            t.feature(Fuelled.Burner.class).filter(b -> b.burns().flame()).ifPresent(
                    b -> all.add(new Fires(t, b.burns(), b.power(), b.power() * b.hours() * b.duty())));
            t.feature(Plumbed.Boiler.class).filter(b -> b.by().flame() && !t.has(Fuelled.Burner.class)).ifPresent(
                    b -> all.add(new Fires(t, b.by(), b.power(), boiled(d, b))));
        }
        return all;
    }

    /// Hot water of a day: what washing, dishes and showers of the brief's style take, 28 K warmer.
    private static double boiled(Design d, Plumbed.Boiler b) {
        double litres = 1000 * WaterUse.people(d.brief().people()) * d.brief().water().grey() * WASHED;
        return litres * 4186 * WARMED / b.efficiency();
    }

    /// The heater that gives most; empty without any.
    public static Optional<Thing> heater(Design d) {
        return d.things().stream().filter(t -> t.has(Aired.RoomHeater.class)).max(Comparator
                .comparingDouble(t -> t.feature(Aired.RoomHeater.class).orElseThrow().most()));
    }

    /// An energy as what is burnt for it.
    ///
    /// @param joule by the higher value for gas, the lower for others
    public static Amount amount(Aired.Energy burns, double joule) {
        return switch (burns) {
            case GAS -> new Amount(joule / Fuel.PROPANE.higher(), Quantity.MASS);
            case DIESEL -> new Amount(joule / Fuel.DIESEL.byVolume(), Quantity.VOLUME);
            case PETROL -> new Amount(joule / Fuel.PETROL.byVolume(), Quantity.VOLUME);
            case KEROSENE -> new Amount(joule / Fuel.KEROSENE.byVolume(), Quantity.VOLUME);
            case SPIRIT -> new Amount(joule / Fuel.SPIRIT.byVolume(), Quantity.VOLUME);
            case WOOD -> new Amount(joule / Fuel.WOOD.lower(), Quantity.MASS);
            case MAINS, BATTERY -> Amount.energy(joule);
        };
    }

    /// What is aboard of it, as [#amount] counts; empty where nothing tells.
    public static Optional<Double> stock(Design d, Aired.Energy of) {
        if (of == Aired.Energy.GAS) {
            double gas = d.things().stream().flatMap(t -> t.feature(Fuelled.Bottle.class).stream())
                    .mapToDouble(b -> b.gas() * b.full()).sum();
            return gas > 0 ? Optional.of(gas) : Optional.empty();
        }
        Tank.Use use = of == Aired.Energy.DIESEL ? Tank.Use.DIESEL : of == Aired.Energy.PETROL ? Tank.Use.PETROL : null;
        double volume = use == null
                ? 0
                : d.things().stream().flatMap(t -> t.tank().stream()).filter(t -> t.use() == use)
                        .mapToDouble(Tank::capacity).sum();
        return volume > 0 ? Optional.of(volume) : Optional.empty();
    }
}
