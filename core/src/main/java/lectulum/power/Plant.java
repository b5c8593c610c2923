package lectulum.power;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Chemistries;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Thing;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.ModuleStrings;
import lectulum.kernel.electric.SolarArray;

/// What a camper stores, makes and turns power with, as its things say.
///
/// All batteries are one bank of the kind and class that store most. Panels without a data sheet are of a usual make; all of
/// them stand before the controller that takes most, or before one of a usual kind that is large enough.
public final class Plant {
    /// Volts of one class \[V\].
    public static final double CLASS = 12;
    /// Efficiency of a mains charger and of a converter (assumed).
    public static final double CHARGER = 0.88;
    /// What the inverter passes on and takes itself, where none says otherwise (assumed).
    static final double PASSES = 0.92;
    static final double IDLE = 10;
    private static final double WATT_HOUR = 3600;
    private static final double LARGE = 1e9;

    private final Design design;
    private final Optional<Bank> bank;
    private final List<Thing> batteries;
    private final int kinds;
    private final int classes;

    private Plant(Design design) {
        this.design = design;
        this.batteries = design.things().stream().filter(t -> t.battery().filter(b -> b.energy() > 0).isPresent())
                .sorted(Comparator.comparingDouble((Thing t) -> -t.battery().orElseThrow().energy())).toList();
        Map<Battery.Chemistry, Double> stored = new EnumMap<>(Battery.Chemistry.class);
        for (Thing t : batteries) {
            Battery b = t.battery().orElseThrow();
            stored.merge(b.chemistry(), b.energy() / WATT_HOUR, Double::sum);
        }
        this.kinds = stored.size();
        this.classes = (int) batteries.stream().map(Plant::volts).distinct().count();
        double energy = stored.values().stream().mapToDouble(e -> e).sum();
        this.bank = stored.entrySet().stream().max(Comparator.comparingDouble(Map.Entry::getValue))
                .map(e -> Chemistries.of(e.getKey())).map(c -> {
                    Electric.Blocks blocks = blocks(batteries.getFirst());
                    int strings = batteries.stream().mapToInt(t -> blocks(t).parallel()).sum();
                    double cls = blocks.volts() * blocks.series() / CLASS;
                    return new Bank(c, energy / (c.nominal() * cls) / strings, blocks.volts(), blocks.series(),
                            strings);
                });
    }

    public static Plant of(Design design) {
        return new Plant(design);
    }

    private static Electric.Blocks blocks(Thing t) {
        return t.feature(Electric.Blocks.class).orElse(Electric.Blocks.ONE);
    }

    private static double volts(Thing t) {
        return blocks(t).volts() * blocks(t).series();
    }

    public Optional<Bank> bank() {
        return bank;
    }

    /// Batteries, the largest first.
    public List<Thing> batteries() {
        return batteries;
    }

    /// How many kinds of battery there are.
    int kinds() {
        return kinds;
    }

    /// How many different volts the batteries have.
    int classes() {
        return classes;
    }

    /// Of the system \[V\]: 12 or 24; 12 without a battery.
    public double volts() {
        return bank.map(b -> CLASS * b.classes()).orElse(CLASS);
    }

    /// While the bank is charged, as the simulation sees it \[V\].
    double charging() {
        return bank.map(Bank::charging).orElse(Panels.CHARGING);
    }

    /// Those that have a feature and pass a test, in the order of the design.
    private <F extends Feature> Stream<Thing> with(Class<F> kind, Predicate<F> which) {
        return design.things().stream().filter(t -> t.feature(kind).filter(which).isPresent());
    }

    /// The largest inverter.
    public Optional<Thing> inverter() {
        return with(Electric.Inverter.class, i -> true)
                .max(Comparator.comparingDouble(t -> t.feature(Electric.Inverter.class).orElseThrow().watts()));
    }

    Electric.Inverter inverterOr() {
        return inverter().flatMap(t -> t.feature(Electric.Inverter.class))
                .orElse(new Electric.Inverter(8000, 2, IDLE, PASSES, false, false));
    }

    public List<Thing> controllers() {
        return with(Electric.Controller.class, c -> true).toList();
    }

    public List<Thing> chargers() {
        return with(Electric.Charger.class, c -> true).toList();
    }

    List<Thing> chargers(Electric.From from) {
        return with(Electric.Charger.class, c -> c.from() == from).toList();
    }

    public Optional<Thing> inlet() {
        return with(Electric.Inlet.class, i -> true).findFirst();
    }

    public Optional<Thing> generator() {
        return with(Electric.Generator.class, g -> true).findFirst();
    }

    /// Where circuits have their fuses.
    public Optional<Thing> board() {
        return with(Electric.Board.class, Electric.Board::fused).findFirst();
    }

    /// Bus bars.
    public Optional<Thing> bus() {
        return with(Electric.Board.class, b -> !b.fused()).findFirst();
    }

    public List<Thing> panels() {
        return design.things().stream().filter(t -> t.solar() > 0).toList();
    }

    static Electric.Module module(Thing t) {
        return t.feature(Electric.Module.class).orElse(Electric.Module.of(t.solar()));
    }

    /// What a controller is taken for.
    Electric.Controller controller() {
        return controllers().stream().map(t -> t.feature(Electric.Controller.class).orElseThrow())
                .max(Comparator.comparingDouble(Electric.Controller::amps))
                .orElse(new Electric.Controller(true, 150, 250, java.util.OptionalDouble.empty(), true, 1));
    }

    /// All that the controllers together let through \[A\]; without any, what comes.
    private double through() {
        double sum = controllers().stream().mapToDouble(t -> t.feature(Electric.Controller.class).orElseThrow().amps())
                .sum();
        return sum > 0 ? sum : LARGE;
    }

    /// Panels of one tilt and heading.
    ///
    /// @param array   without the limit of the controller, which all share
    /// @param heading \[rad\]
    record Field(SolarArray array, double tilt, double heading) {
    }

    /// The panels as they stand.
    ///
    /// @param times as many of them; 1 for those that are there
    List<Field> fields(double times) {
        Electric.Controller c = controller();
        double yields = Assumed.value(design, Assumption.SUN_YIELD) * times;
        List<Field> all = new ArrayList<>();
        for (Thing t : panels()) {
            Electric.Module m = module(t);
            double amps = yields * t.solar() / m.best();
            all.add(new Field(new SolarArray(yields * t.solar(), c.tracking() ? amps : amps / c.series(), m.hot(),
                    m.shade(), c.series() > 1 ? Panels.IN_SERIES : 1, c.tracking(), LARGE), m.tilt(), m.heading()));
        }
        return all;
    }

    /// What the controllers let into the bank \[W\].
    double most() {
        return through() * charging();
    }

    /// Modules before the controller, all taken to be like the largest.
    public Optional<ModuleStrings> strings() {
        int count = panels().size();
        return panels().stream().max(Comparator.comparingDouble(Thing::solar)).map(t -> {
            Electric.Module m = module(t);
            int series = Math.clamp(controller().series(), 1, count);
            return new ModuleStrings(m.open(), m.best(), m.shorted(), series, Math.max(1, count / series));
        });
    }

    double peak() {
        return panels().stream().mapToDouble(Thing::solar).sum();
    }

    /// Of the bank from chargers of a kind \[W\].
    double charge(Electric.From from) {
        return chargers(from).stream().mapToDouble(t -> t.feature(Electric.Charger.class).orElseThrow().amps()).sum()
                * charging();
    }

    /// Whether the battery is in the room that is lived in.
    boolean inside() {
        return Assumed.value(design, Assumption.BATTERY_INSIDE) >= 0.5;
    }
}
