package lectulum.power;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Subject;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.ModuleStrings;
import lectulum.kernel.electric.Sizing;
import lectulum.units.Quantity;

/// Settings, sizes and strings that mend what charges and stores.
final class SourceRemedies {
    private static final double ROOM = 0.06;
    private static final double HOURS = 3600;
    private static final double MEDIUM = 22;

    private SourceRemedies() {
    }

    static Stream<Remedy> of(Known known, SourceRules rule, Finding finding) {
        Design d = known.design();
        Plant plant = Plant.of(d);
        Optional<Thing> about = finding.about() instanceof Subject.OfThing t ? d.thing(t.thing()) : Optional.empty();
        return switch (rule) {
            case PROFILE -> about.stream().flatMap(t -> set(t, plant));
            case FROST -> Stream.concat(about.stream().flatMap(SourceRemedies::safe),
                    Stream.of(Mend.assumed(Assumption.BATTERY_HEATER, 30, Sentence.of("A heater of {0} in the battery",
                            Amount.watt(30)))));
            case COLD_STRING -> controllers(plant, Electric.Controller.class, "fewer in series",
                    c -> c.inSeries(fitting(d, plant, c)));
            case HOT_STRING -> controllers(plant, Electric.Controller.class, "one more in series",
                    c -> c.inSeries(Math.min(12, c.series() + 1)));
            case WASTE -> controllers(plant, Electric.Controller.class, "a controller that tracks",
                    Electric.Controller::thatTracks);
            case STRING_FUSE -> controllers(plant, Electric.Controller.class, "two strings at most",
                    c -> c.inSeries(Math.min(12, (plant.panels().size() + 1) / 2)));
            case CONTROLLER -> plant.controllers().isEmpty() ? controller(d, plant).stream() : Stream.empty();
            case CHARGE -> plant.chargers().stream().flatMap(t -> t.feature(Electric.Charger.class).stream()
                    .map(c -> Mend.feature(t, c.giving(may(plant)), Sentence.of("{0} set to {1}", t.name(),
                            new Amount(may(plant), Quantity.CURRENT)))));
            case VENT -> plant.batteries().stream().limit(1).map(t -> vented(t, plant));
            case STORAGE -> Stream.of(offInStorage(d));
            case SUNLESS -> larger(d, plant, Assumed.value(d, Assumption.SUNLESS)).stream();
            case INVERTER -> plant.inverter().stream().flatMap(t -> larger(d, t));
            case GUESS -> Stream.empty();
            case TWO_VOLTS -> Stream.of(oneClass(d, plant));
            case AGES -> Stream.of(new Remedy(Sentence.of("All batteries new"), new Edit("New batteries", x -> {
                Design next = x;
                for (Thing t : plant.batteries()) {
                    Electric.Blocks b = t.feature(Electric.Blocks.class).orElse(Electric.Blocks.ONE);
                    next = next.mapping(t.id(), y -> y.with(new Electric.Blocks(b.volts(), b.series(), b.parallel(), 0,
                            b.opening(), b.box())));
                }
                return next;
            })));
            case PARALLEL, IDLE, FREEZING -> Stream.empty();
        };
    }

    private static double may(Plant plant) {
        Bank bank = plant.bank().orElseThrow();
        return Math.max(1, Math.floor(bank.chemistry().charge() * bank.charge()));
    }

    private static Stream<Remedy> set(Thing t, Plant plant) {
        Bank bank = plant.bank().orElseThrow();
        double volts = bank.chemistry().absorption() * bank.classes();
        Sentence says = Sentence.of("{0} set to {1}", t.name(), new Amount(volts, Quantity.VOLTAGE));
        return Stream.concat(
                t.feature(Electric.Controller.class).stream().map(c -> Mend.feature(t, c.set(volts), says)),
                t.feature(Electric.Charger.class).stream().map(c -> Mend.feature(t, c.set(volts), says)));
    }

    private static Stream<Remedy> safe(Thing t) {
        Sentence says = Sentence.of("{0} with a sensor that stops it in frost", t.name());
        return Stream.concat(
                t.feature(Electric.Controller.class).stream().map(c -> Mend.feature(t, c.safeInFrost(), says)),
                t.feature(Electric.Charger.class).stream().map(c -> Mend.feature(t, c.safeInFrost(), says)));
    }

    private static Stream<Remedy> controllers(Plant plant, Class<Electric.Controller> kind, String what,
            UnaryOperator<Electric.Controller> change) {
        return plant.controllers().stream().flatMap(t -> t.feature(kind).stream()
                .map(c -> Mend.feature(t, change.apply(c), Sentence.of("{0}: {1}", t.name(), what))));
    }

    /// The most in series that the controller stands.
    private static int fitting(Design d, Plant plant, Electric.Controller c) {
        ModuleStrings s = plant.strings().orElseThrow();
        double cold = Assumed.value(d, Assumption.RECORD_LOW);
        double one = s.coldest(cold) / s.series();
        return Math.clamp((int) (c.most() / one), 1, 12);
    }

    private static Optional<Remedy> controller(Design d, Plant plant) {
        return controller(d, plant.peak()).map(t -> new Remedy(
                Sentence.of("{0} above the battery: {1}, {2}", t.name(), Amount.kg(t.mass().value()),
                        Amount.money(t.cost().forecast())),
                new Edit("Solar controller", x -> x.plus(t))));
    }

    /// A controller for panels of so much, above the battery and set to it; none without a battery.
    ///
    /// @param peak \[W\]
    static Optional<Thing> controller(Design d, double peak) {
        Plant plant = Plant.of(d);
        return plant.bank().map(bank -> {
            Thing named = Catalogue.shipped()
                    .find(peak / plant.charging() > MEDIUM ? "solar-controller-30-a" : "solar-controller-20-a")
                    .orElseThrow();
            Thing battery = plant.batteries().getFirst();
            Placement above = battery.place().at(battery.place().x(), battery.place().y(),
                    battery.place().z() + battery.size().height() + ROOM, battery.place().yaw());
            Electric.Controller c = named.feature(Electric.Controller.class).orElseThrow();
            return named.withId(d.freeId("solar-controller")).with(above)
                    .with(c.set(bank.chemistry().absorption() * bank.classes()));
        });
    }

    private static Remedy vented(Thing t, Plant plant) {
        Bank bank = plant.bank().orElseThrow();
        double opening = Math.ceil(Bank.opening(bank.ventilation((int) Math.round(6 * bank.classes()), true)));
        Electric.Blocks blocks = t.feature(Electric.Blocks.class).orElse(Electric.Blocks.ONE);
        return Mend.feature(t, blocks.vented(opening),
                Sentence.of("A box of its own with {0} in and out", SourceStudies.free(opening)));
    }

    /// All that runs while nobody is there, but for alarms, is cut off by the main switch.
    private static Remedy offInStorage(Design d) {
        return new Remedy(Sentence.of("The main switch cuts everything but alarms off in storage"),
                new Edit("Off in storage", x -> {
                    Design next = x;
                    for (Thing t : x.things()) {
                        if (t.load().isPresent() && !t.id().contains("alarm")) {
                            Electric.Draws w = t.feature(Electric.Draws.class).orElse(Electric.Draws.USUAL);
                            next = next.mapping(t.id(), y -> y.with(new Electric.Draws(w.behaviour(), w.surge(),
                                    w.cutsOut(), w.priority(), w.known(), true, w.summer(), w.between(),
                                    w.winter())));
                        }
                    }
                    return next;
                }));
    }

    private static Optional<Remedy> larger(Design d, Plant plant, double days) {
        double use = Power.of(d).figures().value("power.day.use");
        Bank bank = plant.bank().orElseThrow();
        double k = days * use / (bank.usable() * HOURS);
        Thing t = plant.batteries().getFirst();
        Battery b = t.battery().orElseThrow();
        double others = plant.batteries().stream().skip(1).mapToDouble(x -> x.battery().orElseThrow().energy()).sum();
        return Optional.of(PowerRemedies.battery(t, k * (b.energy() + others) - others));
    }

    private static Stream<Remedy> larger(Design d, Thing t) {
        Electric.Inverter i = t.feature(Electric.Inverter.class).orElseThrow();
        double need = SourceStudies.inverterNeed(d, i.surge());
        OptionalDouble size = Sizing.next(need);
        return size.stream().mapToObj(w -> Mend.feature(t, i.sized(w),
                Sentence.of("{0} of {1}", t.name(), Amount.watt(w))));
    }

    private static Remedy oneClass(Design d, Plant plant) {
        Electric.Blocks first = plant.batteries().getFirst().feature(Electric.Blocks.class)
                .orElse(Electric.Blocks.ONE);
        return new Remedy(Sentence.of("All batteries of {0}",
                new Amount(first.volts() * first.series(), Quantity.VOLTAGE)), new Edit("One class", x -> {
                    Design next = x;
                    for (Thing t : plant.batteries()) {
                        next = next.mapping(t.id(), y -> y.with(first));
                    }
                    return next;
                }));
    }
}
