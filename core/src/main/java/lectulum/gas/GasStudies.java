package lectulum.gas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.air.Cabin;
import lectulum.air.Fires;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Electric;
import lectulum.design.feature.Fuelled;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.fuel.Bottle;
import lectulum.kernel.fuel.Flames;
import lectulum.kernel.fuel.GasPipe;
import lectulum.layout.FreePlace;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.trip.Rehearsal;
import lectulum.trip.Rehearsals;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.weather.Outside;

/// Gas and fuel of a day, how long they last, bottles in the cold, where they stand, and what a flame does to the room.
public final class GasStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("gas", "Gas and fuel", Stage.AIR,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(Rehearsals.DISCIPLINE).usual(), in.of(Cabin.DISCIPLINE)))
            .checking(GasRules.class, GasStudies::remedies);
    private static final double NEEDS = 70_000;
    private static final double OLD = 10;
    private static final double CHANGE = 1e-4;
    /// Fittings of a gas line, in diameters; gas that leaks lies in the lowest part of a room (assumed).
    private static final double FITTINGS = 90;
    private static final double LOW_PART = 0.2;
    private static final String SOURCE = "heating values; see docs/method/gas.md";

    private GasStudies() {
    }

    /// Everything that burns; the room heater by the heat that the usual trip takes in a day.
    private static List<Fires> uses(Design d, Optional<Rehearsal> trip) {
        List<Fires> all = new ArrayList<>(Fires.of(d));
        Fires.heater(d).ifPresent(t -> {
            Aired.RoomHeater h = t.feature(Aired.RoomHeater.class).orElseThrow();
            double daily = trip.filter(r -> r.heated() > 0)
                    .map(r -> r.heat() / r.heated()).orElse(0.0);
            if (h.burns().flame()) {
                all.add(new Fires(t, h.burns(), h.most() / h.efficiency(), daily / h.efficiency()));
            }
        });
        return all;
    }

    static List<Study> of(Design d, Optional<Rehearsal> trip, Cabin cabin) {
        List<Study> all = new ArrayList<>();
        List<Fires> uses = uses(d, trip);
        all.add(daily(d, uses));
        List<Thing> bottles = d.things().stream().filter(t -> t.has(Fuelled.Bottle.class))
                .sorted(Comparator.comparingDouble(t -> -held(t))).toList();
        if (!bottles.isEmpty()) {
            all.add(cold(d, uses, bottles));
            all.add(line(d, uses, cabin));
        }
        all.add(stored(d, bottles));
        Exhausts.of(d).ifPresent(all::add);
        return all;
    }

    private static double held(Thing t) {
        return t.feature(Fuelled.Bottle.class).map(b -> b.gas() * b.full()).orElse(0.0);
    }

    private static Study daily(Design d, List<Fires> uses) {
        Study.Notebook book = new Study.Notebook("gas-day", Stage.AIR, "What is burnt in a day", "");
        if (uses.isEmpty()) {
            book.note("Nothing burns. Give a hob or heater a burner on its card.");
            return book.done();
        }
        Listing.Maker table = new Listing.Maker("").words("What", "burns").numbers("at", "a day");
        Map<Aired.Energy, Double> sums = new EnumMap<>(Aired.Energy.class);
        for (Fires u : uses) {
            table.row(u.thing().name(), u.burns().label(), Amount.watt(u.power()), Fires.amount(u.burns(), u.daily()));
            sums.merge(u.burns(), u.daily(), Double::sum);
        }
        book.listing(table.done());
        double nights = d.brief().nights();
        for (Map.Entry<Aired.Energy, Double> e : sums.entrySet()) {
            Optional<Double> stock = Fires.stock(d, e.getKey());
            String key = e.getKey().name().toLowerCase(java.util.Locale.ROOT);
            Amount day = Fires.amount(e.getKey(), e.getValue());
            book.figure("gas.day." + key, "Of " + e.getKey().label() + " in a day", day.value(), day.quantity(),
                    "Σ power × hours × duty / heating value",
                    Sentence.of("the room heater by the mean day of the trip"),
                    SOURCE);
            if (stock.isEmpty() || e.getValue() <= 0) {
                continue;
            }
            double days = stock.get() / day.value();
            book.figure("gas.days." + key, "It lasts", Math.min(365, days), Quantity.DAYS, "aboard / a day",
                    Sentence.of("{0} aboard", new Amount(stock.get(), day.quantity())), SOURCE);
            if (days < nights) {
                book.say(e.getKey() == Aired.Energy.GAS ? GasRules.SHORT : GasRules.FUEL, Subject.part(key),
                        Severity.WARN, Sentence.of("The {0} lasts {1}, the trip {2}", e.getKey().label(),
                                Amount.days(days), Amount.nights(nights)),
                        Sentence.of("{0} aboard, {1} in a day as drawn.", new Amount(stock.get(), day.quantity()), day),
                        List.of());
            }
        }
        return book.done();
    }

    private static Study cold(Design d, List<Fires> uses, List<Thing> bottles) {
        Study.Notebook book = new Study.Notebook("gas-cold", Stage.AIR, "Bottles in the coldest night", "");
        double out = Outside.coldest(d);
        double load = uses.stream().filter(u -> u.burns() == Aired.Energy.GAS).mapToDouble(Fires::power).sum();
        Listing.Maker table = new Listing.Maker("").words("Bottle").numbers("gas in it", "feeds down to",
                "sustains", "with everything burning");
        for (Thing t : bottles) {
            Fuelled.Bottle b = t.feature(Fuelled.Bottle.class).orElseThrow();
            Bottle k = bottle(t, b);
            double starves = k.starves(load, out);
            table.row(t.name(), Amount.kg(b.gas() * b.full()), new Amount(k.coldest(), Quantity.TEMPERATURE),
                    Amount.watt(k.sustains(out)),
                    load <= 0 ? "–" : Double.isFinite(starves) ? Amount.hours(starves) : "never starves");
            if (load > 0 && k.sustains(out) < load) {
                book.say(GasRules.COLD, Subject.thing(t.id()), Outside.frost(d) ? Severity.WARN : Severity.NOTE,
                        k.sustains(out) <= 0
                                ? Sentence.of("{0} gives no gas at {1}", t.name(),
                                        new Amount(out, Quantity.TEMPERATURE))
                                : Sentence.of("{0} starves after {1} at {2}", t.name(), Amount.hours(starves),
                                        new Amount(out, Quantity.TEMPERATURE)),
                        Sentence.of("It can go on feeding {0}; everything together burns {1}. A fuller bottle, a second"
                                + " one beside it, propane instead of butane. Never heat a bottle.",
                                Amount.watt(k.sustains(out)), Amount.watt(load)),
                        List.of(t.id()));
            }
            if (b.age() > OLD) {
                book.say(GasRules.AGED, Subject.thing(t.id()), Severity.WARN,
                        Sentence.of("Regulator and hose of {0} are {1} years old", t.name(), Amount.count(b.age())),
                        Sentence.of("Rubber hardens and cracks: replace them, by their date, and have them tested."),
                        List.of(t.id()));
            }
        }
        return book.listing(table.done())
                .note("Gas that is drawn chills the bottle: air warms what liquid wets. A bottle"
                        + " nearly empty gives least.")
                .done();
    }

    /// The pipe to the burners with all of them on, and how soon a burner that is open and not lit makes the cabin explosive.
    private static Study line(Design d, List<Fires> uses, Cabin cabin) {
        Study.Notebook book = new Study.Notebook("gas-line", Stage.AIR, "The gas line", "");
        List<Fires> gas = uses.stream().filter(u -> u.burns() == Aired.Energy.GAS).toList();
        double load = gas.stream().mapToDouble(Fires::power).sum();
        if (load <= 0) {
            return book.note("Nothing burns gas.").done();
        }
        double bore = Assumed.value(d, Assumption.GAS_BORE);
        GasPipe p = pipe(d, load, bore);
        book.figure("gas.line", "Lost with everything burning", p.loss(), Quantity.PRESSURE, "f L/d ρ v² / 2",
                Sentence.of("{0} through {1}, {2} of it and fittings", Amount.watt(load), Amount.sag(bore),
                        Amount.run(Assumed.value(d, Assumption.GAS_LENGTH))),
                "Darcy, gas of 1.88 kg/m³");
        if (p.loss() > GasPipe.MOST) {
            book.say(GasRules.LINE, Severity.WARN,
                    Sentence.of("The gas line loses {0} with everything burning",
                            new Amount(p.loss(), Quantity.PRESSURE)),
                    Sentence.of("{0} at most is usual. The fitter sizes it; this only says what to ask for.",
                            new Amount(GasPipe.MOST, Quantity.PRESSURE)));
        }
        double largest = gas.stream().filter(u -> inside(d, u.thing())).mapToDouble(Fires::power).max().orElse(0);
        if (largest > 0 && cabin.volume() > 0) {
            double flow = cabin.changes() * cabin.volume() / 3600;
            double low = LOW_PART * cabin.volume();
            double until = Flames.untilExplosive(largest, low, LOW_PART * flow);
            String label = "Open and not lit, the floor is explosive after";
            if (Double.isFinite(until)) {
                book.figure("gas.explosive", label, until, Quantity.DURATION,
                        "− V / (q + Q) ln(1 − 2.1 % / c)", Sentence.of("{0} of burner; gas lies in the lowest fifth",
                                Amount.watt(largest)),
                        "lower limit of propane");
            } else {
                book.absent("gas.explosive", label, Quantity.DURATION, "− V / (q + Q) ln(1 − 2.1 % / c)",
                        "never, with the air that changes");
            }
        }
        return book.caution("Smell gas: no switch, no flame, everybody out, the bottle shut, doors open.").done();
    }

    private static GasPipe pipe(Design d, double load, double bore) {
        return GasPipe.of(load, bore, Assumed.value(d, Assumption.GAS_LENGTH), FITTINGS);
    }

    private static Bottle bottle(Thing t, Fuelled.Bottle b) {
        return new Bottle(b.gas() * b.full(), Math.clamp(Math.min(t.size().length(), t.size().width()), 0.05, 0.6),
                b.propane(), NEEDS);
    }

    private static Study stored(Design d, List<Thing> bottles) {
        Study.Notebook book = new Study.Notebook("gas-stored", Stage.AIR, "Where it stands, where its smoke goes", "");
        List<Thing> lockers = d.things().stream().filter(t -> t.has(Fuelled.GasLocker.class)).toList();
        for (Thing t : bottles) {
            Optional<Thing> in = lockers.stream().filter(l -> holds(l, t)).findFirst();
            boolean sealed = in.flatMap(l -> l.feature(Fuelled.GasLocker.class)).filter(Fuelled.GasLocker::sealed)
                    .isPresent();
            if (inside(d, t) && !sealed) {
                book.say(GasRules.STORED, Subject.thing(t.id()), Severity.STOP,
                        Sentence.of("{0} stands in the cabin", t.name()),
                        Sentence.of("What leaks sinks and stays. Bottles stand outside, or upright in a locker that is"
                                + " shut off from the cabin and open to outside at its floor."),
                        List.of(t.id()));
            }
        }
        for (Thing t : d.things()) {
            boolean fuel = t.tank().filter(k -> k.use() == Tank.Use.PETROL).isPresent()
                    || t.has(Electric.Generator.class);
            if (fuel && inside(d, t)) {
                book.say(GasRules.STORED, Subject.thing(t.id()), Severity.STOP,
                        Sentence.of("{0} stands in the cabin", t.name()),
                        Sentence.of(
                                "Petrol and its vapour have no place where people sleep. Outside, or in a box of its"
                                        + " own that is open to outside only."),
                        List.of(t.id()));
            }
        }
        Listing.Maker table = new Listing.Maker("Lockers").words("Locker").numbers("may hold", "opening", "wanted");
        for (Thing l : lockers) {
            Fuelled.GasLocker k = l.feature(Fuelled.GasLocker.class).orElseThrow();
            double gas = bottles.stream().filter(b -> holds(l, b))
                    .mapToDouble(b -> b.feature(Fuelled.Bottle.class).orElseThrow().gas()).sum();
            double need = Flames.lockerVent(l.size().length() * l.size().width(), gas);
            table.row(l.name(), Amount.kg(gas), new Amount(k.vent(), Quantity.FREE_AREA),
                    new Amount(need, Quantity.FREE_AREA));
            if (k.vent() < need - 1e-9) {
                book.say(GasRules.LOCKER, Subject.thing(l.id()), Severity.STOP,
                        Sentence.of("{0} is open at its floor by {1}; {2} are wanted", l.name(),
                                new Amount(k.vent(), Quantity.FREE_AREA), new Amount(need, Quantity.FREE_AREA)),
                        Sentence.of("Gas sinks: the opening belongs at the floor, free, away from flames and doors."),
                        List.of(l.id()));
            }
        }
        if (!lockers.isEmpty()) {
            book.listing(table.done());
        }
        flames(d, book);
        return book
                .caution("Gas, flues, air for burning and pressure tests belong to a licensed fitter; local codes and"
                        + " makers' instructions rule. Close bottles on the road.")
                .done();
    }

    private static void flames(Design d, Study.Notebook book) {
        for (Thing t : d.things()) {
            Optional<Fuelled.Burner> b = t.feature(Fuelled.Burner.class);
            boolean heats = t.feature(Aired.RoomHeater.class).filter(h -> h.burns().flame() && !h.sealed()).isPresent();
            if (heats && inside(d, t)) {
                Flames.Flueless f = Flames.flueless(1000 * 3600);
                book.say(GasRules.FLAME, Subject.thing(t.id()), Severity.STOP,
                        Sentence.of("{0} burns the air of the room and gives its smoke to it", t.name()),
                        Sentence.of("Each kilowatt hour gives {0} of water and {1} of carbon dioxide, and takes {2} of"
                                + " oxygen. A fan or an open hatch does not make it safe: room-sealed ones only.",
                                new Amount(f.water(), Quantity.SMALL_MASS), Amount.litres(f.dioxide()),
                                new Amount(f.oxygen(), Quantity.SMALL_MASS)),
                        List.of(t.id()));
            } else if (b.isPresent() && inside(d, t)
                    && (b.get().flue() == Fuelled.Flue.OPEN
                            || b.get().flue() == Fuelled.Flue.ROOM && b.get().hours() > 3 * 3600)) {
                book.say(GasRules.FLAME, Subject.thing(t.id()), Severity.STOP,
                        Sentence.of("{0} burns the air of the room for {1} a day", t.name(),
                                Amount.hours(b.get().hours())),
                        Sentence.of(
                                "Cooking wants an open window and an eye on it; never warm a room with it. What burns"
                                        + " for hours is room-sealed or outside."),
                        List.of(t.id()));
            }
        }
    }

    /// Whether its box is within the cabin as it stands at night.
    private static boolean inside(Design d, Thing t) {
        if (t.mount() == Mount.OUTSIDE || t.at(Mode.NIGHT).away()) {
            return false;
        }
        Body body = Body.of(d.base());
        Solid s = Solid.of(t.size(), t.at(Mode.NIGHT));
        return !body.open() && s.x() > 0 && s.x() < body.length() && Math.abs(s.y()) < body.halfWidth()
                && s.z2() > 0;
    }

    private static boolean holds(Thing locker, Thing bottle) {
        Solid l = Solid.of(locker.size(), locker.place());
        Solid b = Solid.of(bottle.size(), bottle.place());
        return b.x() > l.minX() - CHANGE && b.x() < l.maxX() + CHANGE && b.y() > l.minY() - CHANGE
                && b.y() < l.maxY() + CHANGE && b.z1() > l.z1() - 0.05 && b.z1() < l.z2();
    }

    private static Stream<Remedy> remedies(Known known, GasRules rule, Finding finding) {
        Design d = known.design();
        Optional<Thing> about = finding.things().stream().findFirst().flatMap(d::thing);
        return switch (rule) {
            case LOCKER -> about.stream().flatMap(l -> l.feature(Fuelled.GasLocker.class).stream().map(k -> {
                double gas = d.things().stream().filter(b -> b.has(Fuelled.Bottle.class) && holds(l, b))
                        .mapToDouble(b -> b.feature(Fuelled.Bottle.class).orElseThrow().gas()).sum();
                double need = Flames.lockerVent(l.size().length() * l.size().width(), gas);
                return Mend.feature(l, new Fuelled.GasLocker(need, k.sealed()),
                        Sentence.of("An opening of {0} at its floor", new Amount(need, Quantity.FREE_AREA)));
            }));
            case COLD -> about.stream().flatMap(t -> colder(d, t));
            case SHORT -> second(d).stream();
            case AGED -> about.stream().flatMap(t -> t.feature(Fuelled.Bottle.class).stream()
                    .map(b -> Mend.feature(t, new Fuelled.Bottle(b.gas(), b.full(), b.propane(), 0),
                            Sentence.of("A new regulator and hose"))));
            case STORED -> about.stream().flatMap(t -> outside(d, t));
            case FLAME -> about.stream().flatMap(t -> t.feature(Aired.RoomHeater.class).stream()
                    .map(h -> Mend.feature(t,
                            new Aired.RoomHeater(h.burns(), h.least(), h.most(), h.efficiency(), true),
                            Sentence.of("A room-sealed heater in its place"))));
            case LINE -> {
                double load = uses(d, Optional.empty()).stream().filter(u -> u.burns() == Aired.Energy.GAS)
                        .mapToDouble(Fires::power).sum();
                yield DoubleStream.of(0.010, 0.012, 0.015, 0.019).filter(b -> pipe(d, load, b).loss() <= GasPipe.MOST)
                        .limit(1).mapToObj(b -> Mend.assumed(Assumption.GAS_BORE, b,
                                Sentence.of("A gas line of {0} inside", Amount.sag(b))));
            }
            case EXHAUST -> about.stream().flatMap(t -> Exhausts.remedies(d, t));
            case FUEL -> tanks(d, known, finding);
        };
    }

    private static Stream<Remedy> colder(Design d, Thing t) {
        Fuelled.Bottle b = t.feature(Fuelled.Bottle.class).orElseThrow();
        List<Remedy> all = new ArrayList<>();
        if (b.propane() < 0.95) {
            all.add(Mend.feature(t, new Fuelled.Bottle(b.gas(), b.full(), 0.95, b.age()),
                    Sentence.of("Propane instead of butane")));
        }
        if (b.full() < 1) {
            all.add(Mend.feature(t, new Fuelled.Bottle(b.gas(), 1, b.propane(), b.age()),
                    Sentence.of("A full bottle")));
        }
        second(d).ifPresent(all::add);
        return all.stream();
    }

    private static Optional<Remedy> second(Design d) {
        return Catalogue.shipped().find("gas-bottle-11-kg").flatMap(shelf -> {
            Thing named = shelf.withId(d.freeId("gas-bottle"));
            return FreePlace.find(d, named).map(named::with).map(t -> new Remedy(
                    Sentence.of("A bottle of {0} more: {1}", Amount.kg(held(t)),
                            Amount.kg(t.mass().value() + t.tank().map(Tank::fullMass).orElse(0.0))),
                    new Edit("Another bottle", x -> x.plus(t))));
        });
    }

    /// A tank of the fuel that lasts for the trip.
    private static Stream<Remedy> tanks(Design d, Known known, Finding finding) {
        String fuel = finding.about().key();
        double days = known.of(DISCIPLINE).figures().find("gas.days." + fuel).map(f -> f.value().orElse(0)).orElse(0.0);
        return days <= 0
                ? Stream.empty()
                : d.things().stream()
                        .filter(t -> t.tank().filter(k -> k.use().name().equalsIgnoreCase(fuel) && k.capacity() > 0)
                                .isPresent())
                        .limit(1).flatMap(t -> {
                            double all = d.things().stream().flatMap(x -> x.tank().stream())
                                    .filter(k -> k.use().name().equalsIgnoreCase(fuel)).mapToDouble(Tank::capacity)
                                    .sum();
                            double more = all * (d.brief().nights() / days - 1);
                            return Mend.tank(t,
                                    Math.ceil((t.tank().orElseThrow().capacity() + more) / Units.LITRE) * Units.LITRE);
                        });
    }

    /// Over the tongue, where there is room.
    private static Stream<Remedy> outside(Design d, Thing t) {
        Thing out = t.withMount(Mount.OUTSIDE);
        return FreePlace.find(d.without(List.of(t.id())), out).map(p -> new Remedy(Sentence.of("{0} outside", t.name()),
                new Edit(t.name() + " outside", x -> x.mapping(t.id(), o -> o.withMount(Mount.OUTSIDE).with(p)))))
                .stream();
    }
}
