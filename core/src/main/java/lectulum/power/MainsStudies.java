package lectulum.power;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Load;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.electric.ShoreInlet;
import lectulum.kernel.electric.Sizing;
import lectulum.kernel.fuel.Flames;
import lectulum.units.Quantity;

/// Mains: what runs together on the inlet and what is left out, the cord, the generator, and what must never be joined.
/// Everything beyond belongs to a licensed electrician.
public final class MainsStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("power-mains", "Mains", Stage.POWER,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS)))
            .checking(MainsRules.class, MainsRemedies::of);

    /// From a generator to any opening \[m\].
    private static final double CLEAR = 6;
    /// Air in a generator's box gets warmer by \[K\] and blows with \[m/s\].
    private static final double BOX_WARMER = 15;
    private static final double BOX_SPEED = 2;
    private static final double ENOUGH = 0.95;
    private static final double LEAST = 0.90;
    private static final double WIRED = 600;
    private static final double POWER_FACTOR = 0.95;
    private static final String CAUTION = "Mains kills. Inlet, breakers and wires belong to a licensed electrician under local"
            + " code: a fault-current breaker of 30 mA at the inlet (5 to 6 mA where required), a double-pole breaker,"
            + " earth to the chassis, neutral and earth joined in one place only, at the source that feeds. The generator"
            + " stands outside, downwind, 6 m from openings; in a compartment only with air in and out and the exhaust"
            + " piped outside; a carbon monoxide alarm always on.";

    private MainsStudies() {
    }

    /// What draws on mains while plugged in: by its plate, and the charger by what it puts into the battery.
    static List<ShoreInlet.Demand> demands(Design d, Plant plant) {
        List<ShoreInlet.Demand> all = new ArrayList<>();
        for (Thing t : d.things()) {
            t.load().filter(l -> l.power() > 0 && l.feed() != Load.Feed.BATTERY).ifPresent(
                    l -> all.add(new ShoreInlet.Demand(t.name(), l.power(), draws(t).priority())));
        }
        for (Thing t : plant.chargers(Electric.From.SHORE)) {
            Electric.Charger c = t.feature(Electric.Charger.class).orElseThrow();
            all.add(new ShoreInlet.Demand(t.name(), c.amps() * plant.charging() / (Plant.CHARGER * POWER_FACTOR),
                    draws(t).priority()));
        }
        return all;
    }

    private static Electric.Draws draws(Thing t) {
        return t.feature(Electric.Draws.class).orElse(Electric.Draws.USUAL);
    }

    /// What draws, on the legs of the socket: each on the one that carries less by then, the largest first.
    static List<List<ShoreInlet.Demand>> legs(List<ShoreInlet.Demand> demands, int legs) {
        List<List<ShoreInlet.Demand>> on = new ArrayList<>();
        for (int i = 0; i < legs; i++) {
            on.add(new ArrayList<>());
        }
        demands.stream().sorted(Comparator.comparingDouble((ShoreInlet.Demand x) -> -x.watts())
                .thenComparing(ShoreInlet.Demand::name))
                .forEach(x -> on.stream().min(Comparator.comparingDouble(MainsStudies::watts)).orElseThrow().add(x));
        return on;
    }

    private static double watts(List<ShoreInlet.Demand> of) {
        return of.stream().mapToDouble(ShoreInlet.Demand::watts).sum();
    }

    static List<Study> of(Design d) {
        Plant plant = Plant.of(d);
        List<ShoreInlet.Demand> demands = demands(d, plant);
        List<Study> all = new ArrayList<>();
        Study.Notebook book = new Study.Notebook("power-shore", Stage.POWER, "On the inlet", "");
        Optional<Thing> inlet = plant.inlet();
        if (inlet.isEmpty() && demands.isEmpty() && plant.generator().isEmpty()) {
            return List.of(book.note("Nothing runs on mains and there is no inlet.").caution(CAUTION).done());
        }
        inlet.ifPresentOrElse(t -> shore(book, t, t.feature(Electric.Inlet.class).orElseThrow(), demands), () -> {
            List<String> only = d.things().stream()
                    .filter(t -> t.load().filter(l -> l.power() > 0 && l.feed() == Load.Feed.SHORE).isPresent())
                    .map(Thing::name).toList();
            if (!only.isEmpty() && plant.generator().isEmpty()) {
                book.say(MainsRules.INLET, Severity.WARN,
                        Sentence.counted(only.size(), "{1} runs on shore only, and there is no inlet",
                                "{1} run on shore only, and there is no inlet", String.join(", ", only)),
                        Sentence.of("An inlet with its breaker, or something else that does the same."));
            }
        });
        joined(book, d, plant);
        all.add(book.caution(CAUTION).done());
        plant.generator().ifPresent(t -> all.add(generator(d, t, demands)));
        return all;
    }

    private static void shore(Study.Notebook book, Thing t, Electric.Inlet inlet, List<ShoreInlet.Demand> demands) {
        Electric.Socket socket = inlet.socket();
        ShoreInlet one = new ShoreInlet(socket.volts(), socket.amps(), socket.continuous());
        List<List<ShoreInlet.Demand>> legs = legs(demands, socket.legs());
        Sentence numbers = Sentence.of("{0}: {1} × {2} × {3}", socket.label(),
                new Amount(socket.volts(), Quantity.VOLTAGE), new Amount(socket.amps(), Quantity.CURRENT),
                Amount.share(socket.continuous()));
        book.figure("power.shore.usable", socket.legs() > 1 ? "Each leg carries" : "The inlet carries", one.usable(),
                Quantity.POWER, "V × A × part for hours", numbers, "NEC 551; IEC 60364-7-708");
        book.figure("power.shore.wanted", "All together would draw", watts(demands), Quantity.POWER, "Σ W", numbers,
                "plates");
        Listing.Maker table = new Listing.Maker("").words("Runs on mains").numbers("draws").words("together");
        double[] amps = new double[socket.legs()];
        for (int i = 0; i < legs.size(); i++) {
            ShoreInlet.Kept kept = one.kept(legs.get(i));
            String leg = socket.legs() > 1 ? " on leg " + (i + 1) : "";
            kept.stay().forEach(x -> table.row(x.name(), Amount.watt(x.watts()), "runs" + leg));
            kept.shed().forEach(x -> table.row(x.name(), Amount.watt(x.watts()), "left out first" + leg));
            amps[i] = kept.watts() / socket.volts();
            if (!kept.shed().isEmpty() || !kept.enough()) {
                book.say(MainsRules.TOO_MUCH, Subject.part("leg" + (i + 1)), Severity.WARN,
                        Sentence.of("{0} are wanted{1}; the inlet gives {2}", Amount.watt(watts(legs.get(i))), leg,
                                Amount.watt(one.usable())),
                        kept.enough()
                                ? Sentence.of("Left out, by what matters least: {0}.",
                                        String.join(", ", kept.shed().stream().map(ShoreInlet.Demand::name).toList()))
                                : Sentence.of("Even what must never be left out is too much."),
                        List.of(t.id()));
            }
        }
        if (!demands.isEmpty()) {
            book.listing(table.done());
        }
        double most = amps[0];
        double back = amps[0];
        if (amps.length > 1) {
            most = Math.max(amps[0], amps[1]);
            back = Math.abs(amps[0] - amps[1]);
        }
        double drop = ShoreInlet.drop(most, back, inlet.area(), inlet.cord());
        double left = socket.volts() - drop;
        Sentence cord = Sentence.of("{0} of {1} mm² at 40 °C, {2} out and {3} back", Amount.m(inlet.cord()),
                Amount.count(inlet.area()), new Amount(most, Quantity.CURRENT), new Amount(back, Quantity.CURRENT));
        book.figure("power.shore.drop", "The cord loses", drop, Quantity.VOLTAGE, "(I + I_back) L r", cord,
                "copper at 40 °C");
        book.figure("power.shore.left", "Left at the inlet", left, Quantity.VOLTAGE, "V − drop", cord,
                "copper at 40 °C");
        if (left < ENOUGH * socket.volts()) {
            book.say(MainsRules.LOW, left < LEAST * socket.volts() ? Severity.STOP : Severity.WARN,
                    Sentence.of("{0} are left at the inlet", new Amount(left, Quantity.VOLTAGE)),
                    Sentence.of("After {0} of {1} mm². Motors that start at low volts burn. Uncoil the cord; take a"
                            + " thicker or a shorter one.", Amount.m(inlet.cord()), Amount.count(inlet.area())),
                    List.of(t.id()));
        }
        if (!inlet.guard()) {
            book.say(MainsRules.GUARD, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("Nothing trips at a fault current at {0}", t.name()),
                    Sentence.of("A fault-current breaker (RCD, GFCI) at the inlet is what saves a life in a wet metal"
                            + " box."),
                    List.of(t.id()));
        }
    }

    private static void joined(Study.Notebook book, Design d, Plant plant) {
        Optional<Thing> inverter = plant.inverter();
        boolean onMains = plant.inlet().isPresent() || plant.generator().isPresent();
        if (inverter.isEmpty() || !onMains) {
            return;
        }
        Electric.Inverter i = inverter.get().feature(Electric.Inverter.class).orElseThrow();
        if (i.transfers()) {
            return;
        }
        List<Thing> chargers = plant.chargers(Electric.From.SHORE);
        // A small one has sockets of its own: only a plug in the wrong one joins what must not be.
        book.say(MainsRules.JOINED, i.watts() < WIRED ? Severity.WARN : Severity.STOP,
                chargers.isEmpty()
                        ? Sentence.of("{0} and the mains can be joined", inverter.get().name())
                        : Sentence.of("{0} can feed {1}, or be joined with the mains", inverter.get().name(),
                                chargers.getFirst().name()),
                Sentence.of("Plugs swapped by hand are swapped wrong one day. A transfer switch, or an inverter that"
                        + " switches over by itself; the charger on a branch that only shore feeds."),
                List.of(inverter.get().id()));
    }

    private static Study generator(Design d, Thing t, List<ShoreInlet.Demand> demands) {
        Electric.Generator g = t.feature(Electric.Generator.class).orElseThrow();
        Study.Notebook book = new Study.Notebook("power-generator", Stage.POWER, t.name(), "");
        double altitude = Assumed.value(d, Assumption.MAINS_ALTITUDE);
        double hot = Assumed.value(d, Assumption.MAINS_HOT);
        List<Sizing.Machine> machines = machines(d, demands);
        double running = machines.stream().mapToDouble(Sizing.Machine::watts).sum();
        double starting = Sizing.starting(machines);
        double gives = Sizing.generator(g.watts(), altitude, hot, g.gas());
        double needs = Sizing.generatorFor(running, starting, altitude, hot, g.gas());
        Sentence numbers = Sentence.of("{0} up, {1}", Amount.m(altitude), new Amount(hot, Quantity.TEMPERATURE));
        book.figure("power.generator.gives", "It gives up there", gives, Quantity.POWER,
                "W (1 − 3.5 % / 305 m)(1 − 1 % / 5.5 K above 25 °C)", numbers, "assumed");
        book.figure("power.generator.runs", "All together", running, Quantity.POWER, "Σ W", numbers, "plates");
        book.figure("power.generator.starts", "While the worst starts", starting, Quantity.POWER,
                "all others + W × start", numbers, "plates");
        book.figure("power.generator.needs", "Rating that is needed", needs, Quantity.POWER,
                "max (Σ W / 0.8, start) / derating", numbers, "assumed");
        book.figure("power.generator.fuel", "Litres an hour at that load", Sizing.fuel(Math.min(running, gives)),
                Quantity.COUNT, "0.2 + 0.5 kW", numbers, "assumed");
        if (gives < Math.max(running, starting)) {
            book.say(MainsRules.GENERATOR, Severity.WARN,
                    Sentence.of("At {0} and {1} it gives {2}; {3} are needed to start all", Amount.m(altitude),
                            new Amount(hot, Quantity.TEMPERATURE), Amount.watt(gives),
                            Amount.watt(Math.max(running, starting))),
                    Sentence.of("Start one thing after another, the hardest first, or leave something out."),
                    List.of(t.id()));
        }
        Flames.Box box = Flames.box(Sizing.fuel(Math.min(running, gives)) * 1e-3 / 3600, BOX_WARMER);
        book.figure("power.generator.air", "In a box outside: air through it", box.flow(), Quantity.AIR_FLOW,
                "0.35 fuel × heating value / (ρ c × 15 K)", Sentence.of("{0} of heat", Amount.watt(box.heat())),
                "assumed");
        book.figure("power.generator.openings", "Open for that, in and out, each", box.flow() / BOX_SPEED,
                Quantity.FREE_AREA, "air / 2 m/s", Sentence.of("a fan of its own, exhaust piped out"), "assumed");
        fumes(d, t, book);
        return book.done();
    }

    /// Where it stands in camp, against every opening.
    private static void fumes(Design d, Thing t, Study.Notebook book) {
        Placement at = t.at(Mode.CAMP);
        Optional<Thing> opening = d.things().stream().filter(o -> o.mount() == Mount.SET_IN)
                .min(Comparator.comparingDouble(o -> apart(at, o.at(Mode.CAMP))));
        if (t.mount() == Mount.INSIDE) {
            book.say(MainsRules.FUMES, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("{0} stands inside", t.name()),
                    Sentence.of("Its fumes kill in minutes. It runs outside, downwind, 6 m from any opening."),
                    List.of(t.id()));
        } else if (!at.away() && opening.isPresent() && apart(at, opening.get().at(Mode.CAMP)) < CLEAR) {
            book.say(MainsRules.FUMES, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("In camp {0} stands {1} from {2}", t.name(),
                            Amount.m(apart(at, opening.get().at(Mode.CAMP))), opening.get().name()),
                    Sentence.of(
                            "It runs {0} from any opening, downwind; in a box outside only with air through it and its"
                                    + " exhaust piped away. An alarm for carbon monoxide stays on.",
                            Amount.m(CLEAR)),
                    List.of(t.id(), opening.get().id()));
        }
    }

    private static double apart(Placement a, Placement b) {
        return Math.hypot(Math.hypot(a.x() - b.x(), a.y() - b.y()), a.z() - b.z());
    }

    private static List<Sizing.Machine> machines(Design d, List<ShoreInlet.Demand> demands) {
        return demands.stream().map(x -> new Sizing.Machine(x.watts(), d.things().stream()
                .filter(t -> t.name().equals(x.name())).findFirst().map(t -> draws(t).surge()).orElse(1.0))).toList();
    }
}
