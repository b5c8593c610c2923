package lectulum.power;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Load;
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
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Chemistry;
import lectulum.kernel.electric.ModuleStrings;
import lectulum.kernel.electric.Sizing;
import lectulum.power.wiring.VehicleLine;
import lectulum.power.wiring.Wired;
import lectulum.units.Quantity;

/// Bank, panels, chargers and inverter: their limits, what they are set to, what storage does to them.
public final class SourceStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("power-sources", "Bank and sources",
            Stage.POWER,
            in -> of(in.seeing(Power::seen, Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.SETTINGS), in.of(Power.DISCIPLINE), in.of(RoofRoom.DISCIPLINE),
                    in.of(Wired.DISCIPLINE)))
            .checking(SourceRules.class, SourceRemedies::of);

    private static final double HOUR = 3600;
    private static final double DAY = 86_400;
    private static final double COLD = 10;
    private static final double OFF = 0.15;
    private static final double WASTED = 0.15;
    private static final double IDLES = 0.15;
    private static final double SHARE = 0.15;
    private static final int SIDE_BY_SIDE = 4;
    private static final int SHARED = 3;
    private static final String LINE = "both wires at 50 °C and contacts, see docs/method/power.md";
    private static final String SOURCE = "data sheets, typical where none is given; see docs/method/power.md";

    private SourceStudies() {
    }

    static List<Study> of(Design d, Power power, RoofRoom roof, Wired wired) {
        Plant plant = Plant.of(d);
        if (plant.bank().isEmpty()) {
            Study.Notebook none = new Study.Notebook("power-bank", Stage.POWER, "Bank", "");
            return List.of(none.note("There is no battery. Add one on the sheet.").done());
        }
        List<Study> all = new ArrayList<>();
        all.add(bank(d, plant, power));
        all.add(storage(d, plant));
        if (!plant.panels().isEmpty()) {
            all.add(panels(d, plant, power));
        }
        all.add(roof.study(d));
        all.add(chargers(plant, wired));
        if (!wired.lines().isEmpty()) {
            all.add(vehicle(d, plant, wired));
        }
        all.add(inverter(d, plant, power));
        return all;
    }

    private static Study bank(Design d, Plant plant, Power power) {
        Bank bank = plant.bank().orElseThrow();
        Chemistry c = bank.chemistry();
        Study.Notebook book = new Study.Notebook("power-bank", Stage.POWER, "Bank: " + c.name(), "");
        Sentence blocks = Sentence.of("{0} in series, {1} side by side, {2} each", bank.series(), bank.parallel(),
                new Amount(bank.block() * HOUR, Quantity.CHARGE));
        book.figure("power.bank.charge", "Charge", bank.charge() * HOUR, Quantity.CHARGE, "Ah of a block × in parallel",
                blocks, SOURCE);
        book.figure("power.bank.volts", "Nominal volts", bank.voltage(), Quantity.VOLTAGE, "V of a block × in series",
                blocks, SOURCE);
        book.figure("power.bank.resistance", "Resistance inside", bank.resistance(), Quantity.RESISTANCE,
                "r × classes × 100 Ah / Ah", blocks, SOURCE);
        book.figure("power.bank.discharge", "Gives at most", c.discharge() * bank.charge(), Quantity.CURRENT,
                "C × Ah", Sentence.of("{0} C", Amount.count(c.discharge())), SOURCE);
        book.figure("power.bank.takes", "Takes at most", c.charge() * bank.charge(), Quantity.CURRENT, "C × Ah",
                Sentence.of("{0} C; less when cold or nearly full", Amount.count(c.charge())), SOURCE);
        book.figure("power.bank.cycles", "Cycles at full use", bank.cycles(c.depth()), Quantity.COUNT,
                "N × (depth of N / depth)^m", Sentence.of("{0} of it used each time", Amount.share(c.depth())), SOURCE);
        if (plant.classes() > 1) {
            book.say(SourceRules.TWO_VOLTS, Severity.STOP, Sentence.of("Batteries of different volts are on one bus"),
                    Sentence.of("Joined, the higher one burns its current into the lower one. Make all of one class."),
                    ids(plant.batteries()));
        }
        if (bank.parallel() > SIDE_BY_SIDE) {
            book.say(SourceRules.PARALLEL, Severity.WARN,
                    Sentence.of("{0} batteries stand side by side", bank.parallel()),
                    Sentence.of("More than {0} never share evenly. Fewer and larger ones do.", SIDE_BY_SIDE),
                    ids(plant.batteries()));
        } else if (bank.parallel() >= SHARED) {
            book.say(SourceRules.PARALLEL, Severity.NOTE,
                    Sentence.of("{0} batteries stand side by side", bank.parallel()),
                    Sentence.of("Leads of equal length to a common bus, or the nearest one works hardest."),
                    ids(plant.batteries()));
        }
        double[] ages = plant.batteries().stream().mapToDouble(
                t -> t.feature(Electric.Blocks.class).map(Electric.Blocks::age).orElse(0.0)).sorted().toArray();
        if (ages[ages.length - 1] - ages[0] > 1) {
            book.say(SourceRules.AGES, Severity.WARN, Sentence.of("Batteries of {0} and {1} years are in one bank",
                    Amount.count(ages[0]), Amount.count(ages[ages.length - 1])),
                    Sentence.of("The old one drags the new one down to its own age. Replace all at once."),
                    ids(plant.batteries()));
        }
        vent(d, plant, bank, book);
        sunless(d, bank, power, book);
        return book.caution("Lead batteries give off gas that explodes: air, and no sparks. Strap every battery down."
                + " Cover tools; a lithium bank can weld.").done();
    }

    private static List<String> ids(List<Thing> things) {
        return things.stream().map(Thing::id).toList();
    }

    private static void vent(Design d, Plant plant, Bank bank, Study.Notebook book) {
        if (bank.chemistry().boost() <= 0) {
            return;
        }
        int cells = (int) Math.round(6 * bank.classes());
        double air = bank.ventilation(cells, true);
        double opening = Bank.opening(air);
        book.figure("power.bank.air", "Air for its gas, m³ an hour", air, Quantity.COUNT, "0.05 n I_gas Ah / 1000",
                Sentence.of("{0} cells while fully charged", cells), "IEC 62485-2");
        book.figure("power.bank.opening", "Opening in, and as much out, cm²", opening, Quantity.COUNT, "28 Q",
                Sentence.of("Q = {0} m³/h", Amount.count(air)), "IEC 62485-2");
        Electric.Blocks blocks = plant.batteries().getFirst().feature(Electric.Blocks.class)
                .orElse(Electric.Blocks.ONE);
        boolean flooded = plant.batteries().getFirst().battery().orElseThrow()
                .chemistry() == lectulum.design.thing.Battery.Chemistry.FLOODED;
        if (plant.inside() && flooded && !blocks.box()) {
            book.say(SourceRules.VENT, Severity.STOP,
                    Sentence.of("A flooded battery stands open in the room that is lived in"),
                    Sentence.of(
                            "It gives off gas and acid mist. It needs a box of its own, vented high to the outside."),
                    ids(plant.batteries()));
        } else if (blocks.opening() < opening && (plant.inside() || blocks.box())) {
            book.say(SourceRules.VENT, Severity.WARN,
                    Sentence.of("The battery needs {0} in and {0} out; it has {1}", free(opening),
                            free(blocks.opening())),
                    Sentence.of("By its gas while it is fully charged. High and low, to the outside."),
                    ids(plant.batteries()));
        }
    }

    /// An opening as it is shown.
    static Amount free(double squareCentimetres) {
        return new Amount(squareCentimetres * 1e-4, Quantity.FREE_AREA);
    }

    private static void sunless(Design d, Bank bank, Power power, Study.Notebook book) {
        double use = power.figures().value("power.day.use");
        double wish = Assumed.value(d, Assumption.SUNLESS);
        double days = use > 0 ? bank.usable() * HOUR / use : Double.POSITIVE_INFINITY;
        if (days < wish) {
            book.say(SourceRules.SUNLESS, Severity.WARN,
                    Sentence.of("Without sun it lasts {0}; {1} are wished", Amount.days(days), Amount.days(wish)),
                    Sentence.of("{0} usable, {1} in a day.", Amount.energy(bank.usable() * HOUR), Amount.energy(use)));
        }
    }

    /// What draws all the time while nobody is there \[W\].
    static double parasite(Design d) {
        double sum = 0;
        for (Thing t : Rehearsal.drawing(d.things())) {
            Load l = t.load().orElseThrow();
            boolean dead = t.feature(Electric.Draws.class).map(Electric.Draws::isolated).orElse(false);
            if (!dead && l.feed() == Load.Feed.BATTERY) {
                sum += l.always() ? l.power() * l.dailyRunning() / DAY : l.standby();
            }
        }
        return sum;
    }

    private static Study storage(Design d, Plant plant) {
        Bank bank = plant.bank().orElseThrow();
        double parasite = parasite(d);
        double days = bank.storage(1, bank.floor(COLD), parasite);
        double off = bank.storage(1, bank.floor(COLD), 0);
        double gap = Assumed.value(d, Assumption.STORE_GAP);
        Study.Notebook book = new Study.Notebook("power-storage", Stage.POWER, "In storage", "");
        Sentence from = Sentence.of("from full to {0} at 10 °C", Amount.share(bank.floor(COLD)));
        book.figure("power.storage.parasite", "Draws all the time", parasite, Quantity.POWER,
                "Σ what is on while nobody is there", from, "arithmetic");
        book.figure("power.storage.days", "Empty after", days, Quantity.DAYS,
                "(1 − floor) Wh / (24 P + self-discharge)", from, SOURCE);
        book.figure("power.storage.off", "With everything off", off, Quantity.DAYS, "(1 − floor) Wh / self-discharge",
                from, SOURCE);
        if (days < gap) {
            book.say(SourceRules.STORAGE, off < gap ? Severity.WARN : Severity.NOTE,
                    Sentence.of("{0} empties the bank in {1}", Amount.watt(parasite), Amount.days(Math.floor(days))),
                    Sentence.of("Storage lasts up to {0}, the sun left out. With the main switch off it lasts {1}.",
                            Amount.days(gap), Amount.days(Math.floor(off))));
        }
        boolean lead = bank.chemistry().boost() > 0;
        double cold = Assumed.value(d, Assumption.RECORD_LOW);
        if (lead && !plant.inside() && cold < freezes(bank.floor(COLD))) {
            book.say(SourceRules.FREEZING, Severity.STOP,
                    Sentence.of("Drained, the battery freezes at {0}",
                            new Amount(freezes(bank.floor(COLD)), Quantity.TEMPERATURE)),
                    Sentence.of("The coldest morning has {0}. Store it full: then it freezes at {1} only.",
                            new Amount(cold, Quantity.TEMPERATURE), new Amount(freezes(1), Quantity.TEMPERATURE)),
                    ids(plant.batteries()));
        }
        return book.done();
    }

    /// Where the acid of a lead battery freezes by its state of charge \[°C\] (assumed).
    static double freezes(double state) {
        double[] at = {-10, -16, -23, -37, -65};
        double place = Math.clamp(state, 0, 1) * (at.length - 1);
        int i = Math.min(at.length - 2, (int) place);
        return at[i] + (place - i) * (at[i + 1] - at[i]);
    }

    private static Study panels(Design d, Plant plant, Power power) {
        Bank bank = plant.bank().orElseThrow();
        ModuleStrings s = plant.strings().orElseThrow();
        Electric.Controller c = plant.controller();
        double cold = Assumed.value(d, Assumption.RECORD_LOW);
        double battery = bank.chemistry().absorption() * bank.classes();
        Study.Notebook book = new Study.Notebook("power-panels", Stage.POWER,
                "Panels: " + s.series() + " in series" + (s.parallel() > 1 ? ", " + s.parallel() + " strings" : ""),
                "");
        Sentence numbers = Sentence.of("at {0} and with cells of 70 °C", new Amount(cold, Quantity.TEMPERATURE));
        book.figure("power.string.cold", "Volts on the coldest morning", s.coldest(cold), Quantity.VOLTAGE,
                "N V_oc (1 − 0.003 (T − 25))", numbers, "NEC 690.7");
        book.figure("power.string.hot", "Volts with hot cells", s.hottest(), Quantity.VOLTAGE,
                "N V_mp (1 − 0.004 (70 − 25))", numbers, "data sheets");
        book.figure("power.string.design", "Made for, shorted", s.design(), Quantity.CURRENT, "1.25 N I_sc", numbers,
                "NEC 690.8");
        book.figure("power.string.wire", "Their wire carries at least", s.wire(), Quantity.CURRENT, "1.5625 N I_sc",
                numbers, "NEC 690.8");
        List<String> things = ids(plant.panels());
        if (plant.controllers().isEmpty()) {
            book.say(SourceRules.CONTROLLER, Severity.STOP,
                    Sentence.of("No controller stands between panels and battery"),
                    Sentence.of("{0} would be charged without limit.", bank.chemistry().name()), things);
            return book.done();
        }
        if (s.coldest(cold) > c.most()) {
            book.say(SourceRules.COLD_STRING, Severity.STOP,
                    Sentence.of("At {0} the panels reach {1}; the controller stands {2}",
                            new Amount(cold, Quantity.TEMPERATURE), volts(s.coldest(cold)), volts(c.most())),
                    Sentence.of("{0} in series, each {1} without load at 25 °C.", s.series(), volts(s.open())), things);
        }
        if (c.tracking() && !s.starts(battery)) {
            boolean charges = s.hottest() >= battery;
            book.say(SourceRules.HOT_STRING, charges ? Severity.NOTE : Severity.WARN,
                    Sentence.of("Hot panels give {0}; the controller wants {1} to start", volts(s.hottest()),
                            volts(battery + 5)),
                    charges
                            ? Sentence.of(
                                    "Once started it goes on charging, but on a hot day it starts late. Two in series"
                                            + " start at sunrise.")
                            : Sentence.of("With cells of 70 °C they do not even reach the {0} of the bank.",
                                    volts(battery)),
                    things);
        }
        double waste = s.switchingWaste();
        if (!c.tracking() && waste > WASTED) {
            double sun = power.figures().value("power.sun.harvest");
            book.say(SourceRules.WASTE, Severity.WARN,
                    Sentence.of("This controller throws away {0} of the panels", Amount.share(waste)),
                    Sentence.of("It only switches, so that panels of {0} work at the battery's volts. They bring {1} on"
                            + " a mean day.", volts(s.series() * s.best()), Amount.energy(sun)),
                    things);
        }
        if (s.fused() && plant.panels().stream().anyMatch(t -> (s.parallel() - 1) * s.shorted() > Plant.module(t)
                .fuse())) {
            book.say(SourceRules.STRING_FUSE, Severity.WARN,
                    Sentence.of("{0} strings can push {1} back into one panel", s.parallel(),
                            new Amount((s.parallel() - 1) * s.shorted(), Quantity.CURRENT)),
                    Sentence.of("Each string wants a fuse of its own, no larger than the panel allows."), things);
        }
        double given = plant.peak() / plant.charging();
        double through = plant.controllers().stream()
                .mapToDouble(t -> t.feature(Electric.Controller.class).orElseThrow().amps()).sum();
        if (given > through * (1 + OFF)) {
            book.say(SourceRules.CONTROLLER, Severity.NOTE,
                    Sentence.of("The panels could give {0}; the controller lets {1} through",
                            new Amount(given, Quantity.CURRENT), new Amount(through, Quantity.CURRENT)),
                    Sentence.of("Flat panels seldom give their peak, so that some more than its rating is usual."),
                    things);
        }
        return book.listing(schools(d, plant, power)).done();
    }

    private static Amount volts(double v) {
        return new Amount(v, Quantity.VOLTAGE);
    }

    /// The same panels by each school: controller, strings, tilt.
    private static Listing schools(Design d, Plant plant, Power power) {
        Listing.Maker table = new Listing.Maker("The same panels otherwise, mean day of the brief").words("")
                .numbers("brings in a day");
        table.row("as they are", Amount.energy(power.figures().value("power.sun.harvest")));
        way(table, "a controller that tracks", d, plant, Electric.Controller::thatTracks);
        way(table, "one that only switches", d, plant,
                c -> new Electric.Controller(false, c.amps(), c.most(), c.charges(), c.frost(), 1));
        if (plant.panels().size() > 1) {
            way(table, "all in series", d, plant, c -> c.inSeries(Math.min(12, plant.panels().size())));
            way(table, "all side by side", d, plant, c -> c.inSeries(1));
        }
        Design tilted = d;
        double tilt = Math.toRadians(Math.clamp(Math.abs(d.brief().latitude()), 10, 60));
        for (Thing t : plant.panels()) {
            Electric.Module m = Plant.module(t);
            tilted = tilted.mapping(t.id(), x -> x.with(new Electric.Module(m.open(), m.best(), m.shorted(), m.fuse(),
                    tilt, d.brief().latitude() < 0 ? 0 : Math.PI, m.hot(), m.shade())));
        }
        table.row(Sentence.of("tilted {0} to the noon sun", new Amount(tilt, Quantity.ANGLE)),
                Amount.energy(Power.of(tilted).figures().value("power.sun.harvest")));
        return table.done();
    }

    private static void way(Listing.Maker table, String name, Design d, Plant plant,
            java.util.function.UnaryOperator<Electric.Controller> change) {
        Design other = d;
        for (Thing t : plant.controllers()) {
            other = other.mapping(t.id(),
                    x -> x.with(change.apply(x.feature(Electric.Controller.class).orElseThrow())));
        }
        table.row(name, Amount.energy(Power.of(other).figures().value("power.sun.harvest")));
    }

    /// What charges.
    ///
    /// @param amps     it gives; straight from the vehicle: into a bank that is half full \[A\]
    /// @param straight what it is joined to decides its volts and amps
    /// @param charges  volts that it is set to
    /// @param frost    whether it stops in frost
    private record Source(Thing thing, String from, double amps, boolean straight, OptionalDouble charges,
            boolean frost) {
    }

    private static List<Source> sources(Plant plant, Wired wired) {
        List<Source> all = new ArrayList<>();
        plant.controllers().forEach(t -> {
            Electric.Controller c = t.feature(Electric.Controller.class).orElseThrow();
            all.add(new Source(t, "the sun", c.amps(), false, c.charges(), c.frost()));
        });
        plant.chargers().forEach(t -> {
            Electric.Charger c = t.feature(Electric.Charger.class).orElseThrow();
            boolean straight = c.from() == Electric.From.RELAY;
            double amps = straight ? wired.line(t.id()).map(l -> l.amps(c)).orElse(c.amps()) : c.amps();
            all.add(new Source(t, c.from().label(), amps, straight, c.charges(), c.frost()));
        });
        return all;
    }

    private static Study chargers(Plant plant, Wired wired) {
        Bank bank = plant.bank().orElseThrow();
        Chemistry c = bank.chemistry();
        Study.Notebook book = new Study.Notebook("power-chargers", Stage.POWER, "What charges it", "");
        double wanted = c.absorption() * bank.classes();
        Listing.Maker table = new Listing.Maker("").words("", "from").numbers("gives", "set to", "bank wants")
                .words("in frost");
        double sum = 0;
        List<Source> sources = sources(plant, wired);
        for (Source s : sources) {
            sum += s.amps;
            table.row(s.thing.name(), s.from, new Amount(s.amps, Quantity.CURRENT),
                    s.straight
                            ? "the vehicle sets it"
                            : s.charges.isPresent() ? volts(s.charges.getAsDouble()) : "not set",
                    volts(wanted),
                    s.frost ? "stops" : c.frost() ? "charges on" : "–");
            if (!s.straight && (s.charges.isEmpty()
                    || Math.abs(s.charges.getAsDouble() - wanted) > OFF * bank.classes() + 1e-9)) {
                book.say(SourceRules.PROFILE, Subject.thing(s.thing.id()), Severity.WARN,
                        s.charges.isEmpty()
                                ? Sentence.of("Nobody said what {0} charges to", s.thing.name())
                                : Sentence.of("{0} charges to {1}; the bank wants {2}", s.thing.name(),
                                        volts(s.charges.getAsDouble()), volts(wanted)),
                        Sentence.of("{0}: {1} to charge fully, {2} to keep. Buy the bank first, then set each charger.",
                                c.name(), volts(wanted), volts(c.floatVoltage() * bank.classes())),
                        List.of(s.thing.id()));
            }
            if (c.frost() && !s.frost) {
                book.say(SourceRules.FROST, Subject.thing(s.thing.id()), plant.inside() ? Severity.WARN : Severity.STOP,
                        Sentence.of("{0} would charge the bank in frost", s.thing.name()),
                        Sentence.of("Below freezing that destroys lithium cells. It needs a sensor that stops it, a"
                                + " heater, or a place that stays warm."),
                        List.of(s.thing.id()));
            }
        }
        double may = c.charge() * bank.charge();
        book.figure("power.charge.all", "All chargers together", sum, Quantity.CURRENT, "Σ A",
                Sentence.of("the bank takes {0}", new Amount(may, Quantity.CURRENT)), SOURCE);
        double once = sources.stream().filter(s -> !s.straight).mapToDouble(Source::amps).max().orElse(0);
        if (once > may * (1 + 1e-9)) {
            book.say(SourceRules.CHARGE, Severity.WARN,
                    Sentence.of("A charger gives {0}; the bank takes {1}", new Amount(once, Quantity.CURRENT),
                            new Amount(may, Quantity.CURRENT)),
                    Sentence.of("{0} C of {1}. Set it lower, or take a larger bank.", Amount.count(c.charge()),
                            new Amount(bank.charge() * HOUR, Quantity.CHARGE)),
                    ids(plant.batteries()));
        }
        if (sources.isEmpty()) {
            return book.note("Nothing charges it but what is carried to it.").done();
        }
        return book.listing(table.done()).done();
    }

    /// Through the wires as they are laid, from an alternator that keeps its volts and from one that coasts.
    private static Study vehicle(Design d, Plant plant, Wired wired) {
        Bank bank = plant.bank().orElseThrow();
        Study.Notebook book = new Study.Notebook("power-vehicle", Stage.POWER, "From the vehicle", "");
        Listing.Maker table = new Listing.Maker("").words("", "joined").numbers("in the line", "at most", "its fuse");
        Sentence source = Sentence.of("{0}, coasting {1}", volts(Assumed.value(d, Assumption.LINE_VOLTS)),
                volts(Assumed.value(d, Assumption.LINE_LOW)));
        for (VehicleLine l : wired.lines()) {
            Thing t = d.thing(l.thing()).orElseThrow();
            Electric.Charger c = t.feature(Electric.Charger.class).orElseThrow();
            table.row(t.name(), l.straight() ? "straight" : "converted", amps(l.fixed().amps()),
                    amps(l.most()), amps(l.fuse()));
            String id = "power.vehicle." + t.id();
            book.figure(id + ".volts", t.name() + ": arrives", l.fixed().in(), Quantity.VOLTAGE,
                    l.straight() ? "V + I r" : "(V + √(V² − 4 R P/η))/2", source, LINE);
            book.figure(id + ".amps", t.name() + ": into the bank", l.amps(c), Quantity.CURRENT,
                    l.straight() ? "(V − V_rest)/(R + r)" : "V I η/V_set", source, LINE);
            book.figure(id + ".coasting", t.name() + ": while the alternator coasts", l.ampsCoasting(c),
                    Quantity.CURRENT, "the same at the lower volts", source, LINE);
            book.figure(id + ".lost", t.name() + ": its line turns to heat", l.lost(d), Quantity.POWER, "I² R", source,
                    LINE);
        }
        double watts = RoadCharge.of(d, wired).watts();
        if (watts > 0) {
            book.figure("power.vehicle.fill", "To fill the bank by driving",
                    bank.usable() / (watts * bank.chemistry().efficiency()) * HOUR, Quantity.DURATION,
                    "usable/(W × efficiency)", Sentence.of("{0}, nothing drawn", Amount.watt(watts)), LINE);
        }
        return book.listing(table.done())
                .note("Trips and years count what goes into the bank from an alternator that keeps its volts. Those volts and the"
                        + " contacts of the line stand under Wires.")
                .note("Wire it so that it joins only while the engine runs, or the camper empties the starter battery;"
                        + " a relay of no less than the fuse, and an alternator with that much to spare. Its ground is a"
                        + " wire of its own, never the coupler.")
                .done();
    }

    private static Amount amps(double of) {
        return new Amount(of, Quantity.CURRENT);
    }

    /// What runs on the inverter.
    private static List<Sizing.Machine> machines(Design d) {
        return d.things().stream()
                .filter(t -> t.load().filter(l -> l.power() > 0 && l.feed() == Load.Feed.INVERTER).isPresent())
                .map(t -> new Sizing.Machine(t.load().orElseThrow().power(),
                        t.feature(Electric.Draws.class).map(Electric.Draws::surge).orElse(1.0)))
                .toList();
    }

    /// What the inverter has to give \[W\].
    static double inverterNeed(Design d, double surge) {
        return Sizing.inverter(machines(d), surge).need();
    }

    private static Study inverter(Design d, Plant plant, Power power) {
        Study.Notebook book = new Study.Notebook("power-inverter", Stage.POWER, "Inverter and guesses", "");
        List<Sizing.Machine> machines = machines(d);
        Optional<Thing> has = plant.inverter();
        double use = power.figures().value("power.day.use");
        if (!machines.isEmpty()) {
            Electric.Inverter i = plant.inverterOr();
            Sizing.Inverter size = Sizing.inverter(machines, i.surge());
            Sentence numbers = Sentence.of("{0} run together, {1} while the worst starts", Amount.watt(size.running()),
                    Amount.watt(size.starting()));
            book.figure("power.inverter.need", "Inverter needs", size.need(), Quantity.POWER,
                    "max (1.2 Σ W, worst start / surge)", numbers, SOURCE);
            book.figure("power.inverter.amps", "Takes from the battery",
                    Sizing.amps(size.running(), i.idle(), i.efficiency(), 11 * plant.volts() / Plant.CLASS),
                    Quantity.CURRENT, "(idle + W / η) / 11 V", numbers, SOURCE);
            if (has.isEmpty()) {
                book.say(SourceRules.INVERTER, Severity.WARN,
                        Sentence.of("Things run on an inverter, and there is none"),
                        Sentence.of("They need {0}; the next that is made gives {1}.", Amount.watt(size.need()),
                                Amount.watt(size.size())));
            } else if (i.watts() < size.need() - 1e-9) {
                book.say(SourceRules.INVERTER, Severity.WARN,
                        Sentence.of("{0} gives {1}; {2} are needed", has.get().name(), Amount.watt(i.watts()),
                                Amount.watt(size.need())),
                        Sentence.of("{0} run together; starting needs {1} for a moment.", Amount.watt(size.running()),
                                Amount.watt(size.starting())),
                        List.of(has.get().id()));
            }
        } else {
            has.ifPresent(t -> book.note("Nothing runs on {0}: leave it off, or at home.", t.name()));
        }
        double idle = Power.idle(d.things());
        if (idle > IDLES * use && idle > 0) {
            book.say(SourceRules.IDLE, Severity.NOTE,
                    Sentence.of("{0} a day go into the inverter itself", Amount.energy(idle)),
                    Sentence.of("{0} of all. A smaller one, one that is switched off, or things for 12 V save it.",
                            Amount.share(idle / use)));
        }
        for (Power.Draw draw : power.loads()) {
            Electric.Known known = d.thing(draw.thing()).flatMap(t -> t.feature(Electric.Draws.class))
                    .map(Electric.Draws::known).orElse(Electric.Known.GUESS);
            if (known == Electric.Known.GUESS && draw.energy() > SHARE * use) {
                book.say(SourceRules.GUESS, Subject.thing(draw.thing()), Severity.WARN,
                        Sentence.of("{0} is a guess: {1} a day, more or less {2}", draw.name(),
                                Amount.energy(draw.energy()), Amount.energy(known.error() * draw.energy())),
                        Sentence.of("It is {0} of the day. Measure it, then say so on its card.",
                                Amount.share(draw.energy() / use)),
                        List.of(draw.thing()));
            }
        }
        return book.done();
    }
}
