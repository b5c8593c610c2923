package lectulum.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.units.Quantity;

/// What is aboard in one situation of interest.
///
/// @param builtIn    whether the things that belong to the finished camper are in
/// @param fresh      fill of the fresh-water tanks, 0 to 1
/// @param waste      fill of the grey-water and toilet tanks, 0 to 1
/// @param fuel       fill of gas and fuel, 0 to 1
/// @param gear       share of the packed gear aboard, 0 to 1
/// @param provisions share of the provisions aboard, 0 to 1
/// @param wet        how soaked fabric is, 0 for dry to 1
/// @param parked     never driven: the tongue band is not judged in it
@RecordBuilder
public record LoadCase(String id, String name, boolean builtIn,
        @Means(value = "Fresh water", of = Quantity.SHARE, high = 1, says = "fill of the tanks") double fresh,
        @Means(value = "Waste water", of = Quantity.SHARE, high = 1, says = "fill of the grey-water and toilet tanks") double waste,
        @Means(value = "Fuel", of = Quantity.SHARE, high = 1, says = "fill of gas and fuel") double fuel,
        @Means(value = "Gear", of = Quantity.SHARE, high = 1, says = "share aboard") double gear,
        @Means(value = "Provisions", of = Quantity.SHARE, high = 1, says = "share aboard") double provisions,
        @Means(value = "Wetness", of = Quantity.SHARE, high = 1, says = "how soaked fabric is") double wet,
        @Means("Never driven") boolean parked) implements LoadCaseBuilder.With {
    /// Share of provisions that stays aboard as rubbish and packaging (assumed).
    private static final double KEPT = 0.15;

    public static final LoadCase BARE = new LoadCase("bare", "Bare base", false, 0, 0, 0, 0, 0);
    public static final LoadCase DRY = new LoadCase("dry", "Dry build", true, 0, 0, 0, 0, 0);
    public static final LoadCase DEPARTURE = new LoadCase("departure", "Departure", true, 1, 0, 1, 1, 1);
    public static final LoadCase MIDWAY = new LoadCase("midway", "Mid-trip", true, 0.5, 0.5, 0.75, 1, 0.57);
    public static final LoadCase EMPTY = new LoadCase("empty", "Tanks empty", true, 0, 0, 0, 1, 1);
    public static final LoadCase HOMEWARD = new LoadCase("homeward", "Homeward", true, 0.1, 1, 0.5, 1, KEPT);
    public static final LoadCase WET = HOMEWARD.copied("wet", "Wet homeward").soaked(1);

    public LoadCase {
        name = name == null ? id : name;
    }

    /// Dry, and driven.
    public LoadCase(String id, String name, boolean builtIn, double fresh, double waste, double fuel, double gear,
            double provisions) {
        this(id, name, builtIn, fresh, waste, fuel, gear, provisions, 0, false);
    }

    /// The cases every design starts with.
    public static List<LoadCase> standard() {
        return List.of(BARE, DRY, DEPARTURE, MIDWAY, HOMEWARD, WET, EMPTY);
    }

    /// Mass of a thing in this case \[kg\], what its tank holds included.
    public double massOf(Thing thing) {
        return times(thing) * thing.mass().value() + contents(thing);
    }

    /// How often the thing's own dry mass is aboard: its share, times what rain adds to fabric.
    public double times(Thing thing) {
        double soaked = wet > 0
                ? thing.feature(Feature.Fabric.class).map(f -> 1 + wet * (f.wet() - 1)).orElse(1.0)
                : 1;
        return share(thing) * soaked;
    }

    /// Share of the thing's own mass that is aboard.
    public double share(Thing thing) {
        return switch (thing.role()) {
            case BUILT_IN -> builtIn ? 1 : 0;
            case GEAR -> gear;
            case PROVISIONS -> provisions;
        };
    }

    /// Mass of what its tank holds \[kg\].
    public double contents(Thing thing) {
        if (thing.tank().isEmpty() || share(thing) == 0) {
            return 0;
        }
        Tank tank = thing.tank().get();
        return tank.fullMass() * switch (tank.use()) {
            case FRESH -> fresh;
            case GREY, BLACK -> waste;
            case GAS, PETROL, DIESEL -> fuel;
        };
    }

    /// The same aboard under another id and name.
    public LoadCase copied(String newId, String newName) {
        return withId(newId).withName(newName);
    }

    /// Whether it is one that every design starts with. Not named `is…`: that would be written into the file.
    public boolean shipped() {
        return standard().stream().anyMatch(c -> c.id().equals(id));
    }

    public LoadCase withFills(double newFresh, double newWaste, double newFuel) {
        return withFresh(newFresh).withWaste(newWaste).withFuel(newFuel);
    }

    public LoadCase withPacked(double newGear, double newProvisions) {
        return withGear(newGear).withProvisions(newProvisions);
    }

    /// @param how 0 for dry to 1
    public LoadCase soaked(double how) {
        return withWet(how);
    }

    public LoadCase parked(boolean never) {
        return withParked(never);
    }
}
