package lectulum.design.feature;

import java.lang.reflect.InvocationTargetException;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import lectulum.design.Meaning;
import lectulum.design.base.Carcass;
import lectulum.design.base.Stuff;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Part;
import lectulum.kernel.joinery.Build;

/// A kind of [Feature] as cards, files and checks see it: its name and its components with their meaning.
public final class FeatureKind {
    /// All kinds, in the order in which cards offer them.
    private static final List<FeatureKind> ALL = List.of(
            kind(Feature.Bed.class, "a place to sleep",
                    t -> new Feature.Bed(Math.clamp(Math.max(t.size().length(), t.size().width()), 0.3, 3),
                            Math.clamp(Math.min(t.size().length(), t.size().width()), 0.2, 3), 150)),
            kind(Feature.Seat.class, "seats", t -> new Feature.Seat(1)),
            kind(Feature.Opening.class, "an opening in the shell",
                    t -> new Feature.Opening(Math.clamp(t.size().length(), 0.05, 4),
                            Math.clamp(t.size().height(), 0.05, 4), Feature.Opening.Leaf.TOP_HUNG, Math.toRadians(70),
                            true, false)),
            kind(Feature.Door.class, "a door", t -> new Feature.Door(Feature.Face.RIGHT, true, Math.toRadians(95), 1)),
            kind(Feature.Drawer.class, "a drawer",
                    t -> new Feature.Drawer(Feature.Face.RIGHT, Math.clamp(0.8 * t.size().width(), 0.02, 3))),
            kind(Feature.Store.class, "room for gear", t -> new Feature.Store(Math.max(0.02, t.size().length() - 0.04),
                    Math.max(0.02, t.size().width() - 0.04), Math.max(0.02, t.size().height() - 0.04), 40, 0.85)),
            kind(Feature.Packed.class, "how it is packed", t -> new Feature.Packed(Feature.WayUp.UP, 1, false)),
            kind(Feature.Service.class, "a cover for repair", t -> new Feature.Service(Feature.Face.TOP)),
            kind(Feature.KeepClear.class, "space to keep clear", t -> new Feature.KeepClear(Feature.Face.RIGHT, 0.05)),
            kind(Feature.Worktop.class, "a table or worktop", t -> new Feature.Worktop(t.size().height() > 0.8)),
            kind(Feature.Step.class, "steps", t -> new Feature.Step(1)),
            kind(Feature.Sanitary.class, "a toilet or shower", t -> new Feature.Sanitary(Feature.Sanitary.Use.TOILET)),
            kind(Feature.StandsFor.class, "an allowance for the shell",
                    t -> new Feature.StandsFor(Feature.StandsFor.Part.INSULATION)),
            kind(Feature.Flame.class, "a flame", t -> new Feature.Flame()),
            kind(Feature.Fabric.class, "cloth that gets wet", t -> new Feature.Fabric(1.3)),
            kind(Feature.Soils.class, "something wet or foul",
                    t -> new Feature.Soils(Feature.Soils.Soil.WET, false)),
            kind(Feature.Handed.class, "a left or right hand", t -> new Feature.Handed()),
            kind(Feature.Timed.class, "its own minutes", t -> new Feature.Timed(1)),
            kind(Feature.Lid.class, "a lid on gas struts",
                    t -> new Feature.Lid(Math.clamp(t.mass().value(), 1, 200), t.size().length() / 2, 0,
                            t.size().length(), 0, Math.toRadians(75), 0.30, -0.30, 0.20, 0, 2, 200, 1.35, 0.25, 0.60)),
            kind(Feature.Rising.class, "a rising bed on struts",
                    t -> new Feature.Rising(0.80, 1.36, t.size().length() / 2, 0.44 * t.size().length(), 0.64,
                            0.09 * t.size().length(), 0.56 * t.size().length(), 0.64, 0.91 * t.size().length(), 150,
                            150, 1.38, 0.40, 0.90, 0.06, 0.006, false)),
            kind(Feature.Rails.class, "runners", t -> new Feature.Rails(0.2, 60, 3000)),
            kind(Feature.RollFront.class, "a roll-front",
                    t -> new Feature.RollFront(0.02, 0.006, 0.008, 0.05, Math.clamp(0.8 * t.size().length(), 0.05, 3),
                            0.03, Math.min(3, 0.4 * t.size().length()), 0.03)),
            kind(Feature.Leg.class, "a folding leg",
                    t -> new Feature.Leg(Math.clamp(t.size().height(), 0.05, 3), 0.03, 0.03, Stuff.SOFTWOOD, 60, true)),
            kind(Feature.Bearers.class, "slats, bars or a shelf",
                    t -> new Feature.Bearers(14, Math.clamp(Math.min(t.size().length(), t.size().width()), 0.1, 4),
                            0.06, 0.018, Stuff.SOFTWOOD, 40, 60, 0.4, 150)),
            kind(Feature.Hung.class, "fixings on a wall",
                    t -> new Feature.Hung(t.size().width() / 2, Math.max(0.02, 0.8 * t.size().height()), 2, 4, 400,
                            600)),
            kind(Feature.Cables.class, "cables it hangs on", t -> new Feature.Cables(4, Math.toRadians(60), 4000)),
            kind(Feature.Hoist.class, "a winch", t -> new Feature.Hoist(4, 2, 0.025, 0.15, 4, true)),
            kind(Feature.Carried.class, "a ramp and straps",
                    t -> new Feature.Carried(1.7, 0.7 * t.size().length(), 0.12, 0.15 * t.size().length(),
                            0.85 * t.size().length(), 0, 2, Math.toRadians(40), Math.toRadians(25), 2000)),
            kind(Feature.Screwed.class, "a row of holes into the shell",
                    t -> new Feature.Screwed(Carcass.Face.LEFT, 2, Math.clamp(0.8 * t.size().length(), 0, 5))),
            kind(Feature.FoldOut.class, "something that folds out",
                    t -> new Feature.FoldOut(Feature.Face.RIGHT, Math.clamp(t.size().width(), 0.05, 5), 0, 0, 0)),
            kind(Electric.Draws.class, "how it takes its power", t -> Electric.Draws.USUAL),
            kind(Electric.Cools.class, "cooling by the weather", t -> new Electric.Cools(0.02, 0.12)),
            kind(Electric.Heats.class, "heating by the weather", t -> new Electric.Heats(15, -10)),
            kind(Electric.Blocks.class, "blocks of a battery", t -> Electric.Blocks.ONE),
            kind(Electric.Module.class, "a solar module's data sheet",
                    t -> Electric.Module.of(t.solar() > 0 ? t.solar() : 100)),
            kind(Electric.Controller.class, "a solar controller",
                    t -> new Electric.Controller(true, 20, 100, OptionalDouble.empty(), false, 1)),
            kind(Electric.Charger.class, "a charger",
                    t -> new Electric.Charger(Electric.From.SHORE, 20, OptionalDouble.empty(), false, 11)),
            kind(Electric.Inverter.class, "an inverter",
                    t -> new Electric.Inverter(1000, 2, 10, 0.92, false, false)),
            kind(Electric.Inlet.class, "a mains inlet",
                    t -> new Electric.Inlet(Electric.Socket.EU_16, 15, 2.5, true)),
            kind(Electric.Generator.class, "a generator", t -> new Electric.Generator(1800, false, 9, 20, 0.6, 0.85)),
            kind(Electric.Board.class, "fuses or bus bars", t -> new Electric.Board(true, 12, 100, 16)),
            kind(Electric.Outlet.class, "a socket", t -> new Electric.Outlet(10)),
            kind(Electric.Lamp.class, "a lamp",
                    t -> new Electric.Lamp(150, Electric.Zone.ROOM, false, false, false)),
            kind(Electric.Rides.class, "a moving part it rides on", t -> new Electric.Rides(Part.HATCH)),
            kind(Plumbed.Vessel.class, "the inside of a tank", t -> Plumbed.Vessel.USUAL),
            kind(Plumbed.Cans.class, "cans to carry", t -> new Plumbed.Cans(1, false)),
            kind(Plumbed.WaterPump.class, "a water pump",
                    t -> new Plumbed.WaterPump(11.3 / 60_000, 170_000, 310_000, 0)),
            kind(Plumbed.WaterTap.class, "a water tap",
                    t -> new Plumbed.WaterTap(Plumbed.Use.SINK, 5.7 / 60_000, false)),
            kind(Plumbed.Boiler.class, "a water heater",
                    t -> new Plumbed.Boiler(Aired.Energy.GAS, 1500, 0.8, 0.006, 60, 0)),
            kind(Plumbed.CityInlet.class, "a water inlet", t -> new Plumbed.CityInlet(310_000, true)),
            kind(Plumbed.DrainValve.class, "a drain valve", t -> new Plumbed.DrainValve()),
            kind(Plumbed.Hose.class, "a hose", t -> new Plumbed.Hose(Plumbed.Hose.Water.DRINKING, 10, 0.0125, false)),
            kind(Plumbed.Strainer.class, "a water filter", t -> new Plumbed.Strainer(false)),
            kind(Aired.Glazing.class, "a pane", t -> Aired.Glazing.SINGLE),
            kind(Aired.Vent.class, "a vent", t -> new Aired.Vent(0.015, 0.5, true)),
            kind(Aired.Fan.class, "a fan", t -> new Aired.Fan(900 / 3600.0, 60)),
            kind(Aired.RoomHeater.class, "a room heater",
                    t -> new Aired.RoomHeater(Aired.Energy.DIESEL, 900, 2000, 0.8, true)),
            kind(Aired.Cooler.class, "an air conditioner", t -> new Aired.Cooler(1500, 2.9)),
            kind(Aired.SmokeOutlet.class, "an outlet of smoke", t -> new Aired.SmokeOutlet()),
            kind(Aired.Alarm.class, "an alarm", t -> new Aired.Alarm(Aired.Alarm.Danger.CARBON_MONOXIDE)),
            kind(Aired.ColdStore.class, "a cold box", t -> new Aired.ColdStore(0.8, 4, 10, 0)),
            kind(Fuelled.Burner.class, "a burner",
                    t -> new Fuelled.Burner(Aired.Energy.GAS, 2000, 1800, 1, Fuelled.Flue.ROOM)),
            kind(Fuelled.Bottle.class, "a gas bottle",
                    t -> new Fuelled.Bottle(Math.clamp(t.tank().map(k -> k.fullMass()).orElse(5.0), 0.1, 50), 1, 0.95,
                            0)),
            kind(Fuelled.GasLocker.class, "a gas locker", t -> new Fuelled.GasLocker(0.01, true)),
            kind(Joined.Boards.class, "boards it is built of", t -> Joined.Boards.usual(t.size().height() < 0.06
                    ? Build.Form.BOARD
                    : t.has(Feature.Bed.class) || t.has(Feature.Bearers.class)
                            ? Build.Form.BED
                            : t.has(Feature.Seat.class) ? Build.Form.CHEST : Build.Form.CUPBOARD)));
    private static final Map<Class<?>, FeatureKind> BY_TYPE = ALL.stream()
            .collect(Collectors.toMap(FeatureKind::type, k -> k));

    private final Class<? extends Feature> type;
    private final String label;
    private final Function<Thing, Feature> usual;
    private final List<Meaning> slots;

    private FeatureKind(Class<? extends Feature> type, String label, Function<Thing, Feature> usual) {
        this.type = type;
        this.label = label;
        this.usual = usual;
        this.slots = Meaning.of(type);
    }

    /// @param label what it is called on a card
    /// @param usual one to start from, in measures of the thing
    private static <F extends Feature> FeatureKind kind(Class<F> type, String label, Function<Thing, F> usual) {
        return new FeatureKind(type, label, usual::apply);
    }

    public static List<FeatureKind> all() {
        return ALL;
    }

    public static FeatureKind of(Feature feature) {
        return BY_TYPE.get(feature.getClass());
    }

    /// The word files use: `bed`, `rollFront`.
    public String word() {
        String name = type.getSimpleName();
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    public Class<? extends Feature> type() {
        return type;
    }

    public List<Meaning> slots() {
        return slots;
    }

    /// A feature of this kind.
    ///
    /// @param values in the order of the slots
    public Feature make(List<?> values) {
        try {
            Class<?>[] types = slots.stream().map(Meaning::type).toArray(Class<?>[]::new);
            return (Feature) type.getDeclaredConstructor(types).newInstance(values.toArray());
        } catch (InvocationTargetException | NoSuchMethodException | InstantiationException
                | IllegalAccessException e) {
            throw new IllegalArgumentException("no " + word() + " of " + values, e);
        }
    }

    /// The feature with another value in one slot.
    public Feature with(Feature feature, Meaning slot, Object value) {
        return make(slots.stream().map(s -> s == slot ? value : s.get(feature)).toList());
    }

    /// What the kind is called on a card.
    public String label() {
        return label;
    }

    /// A feature of this kind to start from, in measures of the thing.
    public Feature usual(Thing t) {
        return usual.apply(t);
    }
}
