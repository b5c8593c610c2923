package lectulum.water;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.WaterStyle;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.Sight;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
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
import lectulum.kernel.flow.Sender;
import lectulum.kernel.flow.TankFlow;
import lectulum.kernel.flow.TankShape;
import lectulum.kernel.maths.Belief;
import lectulum.kernel.stores.Reserve;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// Water of a day and what it comes to over the trip; what each change would bring; every tank by its shape.
public final class WaterStudies {
    public static final Discipline<Studies> DAYS = Studies.discipline("water-days", "Days of water", Stage.WATER,
            in -> days(in.unplaced(Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(Water.DISCIPLINE)));
    public static final Discipline<Studies> TANKS = Studies.discipline("water-tanks", "Tanks and cans", Stage.WATER,
            in -> tanks(in.seeing(t -> t.tank().isPresent() ? Sight.PLACED : Sight.UNPLACED, Design.Part.BRIEF,
                    Design.Part.THINGS, Design.Part.SETTINGS), in.of(Water.DISCIPLINE)))
            .checking(TankRules.class, WaterStudies::remedies);
    private static final double LITRE = 1e-3;
    private static final double TWENTY = 0.020;
    private static final double HEAVY = 23;
    private static final double HEAVY_NOTE = 15;
    private static final double PRESSED = 500;
    private static final double PUSHED = 200;
    private static final double STAYS = 0.10;
    private static final double DENSITY = 1000;
    private static final double BLEACH = 50e-6;
    private static final double MATCHES = 0.9;
    private static final double FITS = 1.02;
    private static final double TILT = Math.toRadians(2);
    private static final int PROBES = 3;
    private static final double CAN_TAP = 0.010;
    /// Fall, length and fittings of a tank's drain (assumed).
    private static final double OUTFALL = 0.10;
    private static final double DRAIN_RUN = 0.6;
    private static final double DRAIN_LOSSES = 2.5;
    /// A hard bend \[m/s²\].
    private static final double BEND = 3.0;
    private static final String SOURCE = "assumed; see docs/method/water.md";

    private WaterStudies() {
    }

    static List<Study> days(Design d, Water water) {
        Study.Notebook book = new Study.Notebook("water-days", Stage.WATER, "Water of a day", "");
        if (d.brief().people().isEmpty()) {
            return List.of(book.note("Nobody travels yet: name people in the Brief.").done());
        }
        WaterUse u = WaterUse.of(d);
        double returned = Assumed.value(d, Assumption.TRIP_RETURNED);
        double[] part = WaterStyle.returned();
        Listing.Maker table = new Listing.Maker("").words("For").numbers("drawn", "comes back");
        table.row(u.carried() ? "Drinking, from cans of its own" : "Drinking", Amount.litres(u.drink()),
                Amount.litres(0));
        table.row("Cooking", Amount.litres(u.cook()), Amount.litres(u.cook() * part[0]));
        table.row("Dishes", Amount.litres(u.dishes()), Amount.litres(u.dishes() * part[1]));
        table.row("Washing, teeth", Amount.litres(u.wash()), Amount.litres(u.wash() * part[2]));
        table.row("Showers", Amount.litres(u.shower()), Amount.litres(u.shower() * part[2]));
        table.row("Toilet", Amount.litres(u.flush()), Sentence.of("{0} into it", Amount.litres(u.waste())));
        if (u.purge() > 0) {
            table.row("Run off before hot comes", Amount.litres(u.purge()), Amount.litres(u.purge()));
        }
        table.row("All from the tanks", Amount.litres(u.fresh()), Amount.litres(
                returned > 0 ? returned * u.fresh() : u.grey()));
        table.row("Drunk, eaten, dried", Amount.litres(u.lost()), "–");
        book.listing(table.done());
        double nights = d.brief().nights();
        double usable = water.figures().value("water.fresh.usable");
        Belief learnt = WaterUse.learnt(d);
        Reserve r = new Reserve(u.fresh(), learnt.sigma() / learnt.value(), Reserve.DAY);
        book.figure("water.reserve", "Enough in nine trips of ten", r.needed(nights), Quantity.VOLUME,
                "use × days (1 + 1.28 √(people² + 0.25²/days))", Sentence.of("{0} days", Amount.count(nights)),
                "people and days differ; assumed spreads");
        book.figure("water.chance", "Chance that what is aboard lasts", r.chance(usable, nights), Quantity.SHARE,
                "Φ((V / use − 1) / spread)", Sentence.of("{0} that can be drawn", Amount.litres(usable)),
                "people and days differ; assumed spreads");
        if (Assumed.value(d, Assumption.WATER_MEASURED_DAYS) > 0) {
            book.note("Your own trips bring the plan to {0} of what the style says, ± {1}: every page reckons with it.",
                    Amount.share(learnt.value()), Amount.share(learnt.sigma()));
        }
        if (returned > 0) {
            book.note("What comes back is set for the trip of Balance: {0} of what is drawn.", Amount.share(returned));
        }
        List<Study> all = new ArrayList<>();
        all.add(book.done());
        all.add(changes(d, water));
        all.add(places(d));
        return all;
    }

    /// One change at a time.
    private static Study changes(Design d, Water now) {
        Study.Notebook book = new Study.Notebook("water-changes", Stage.WATER, "What one change brings", "");
        double days = now.figures().value("water.days");
        Listing.Maker table = new Listing.Maker("").words("Change").numbers("days then", "more", "mass", "about");
        change(table, "20 L more fresh water", d, days, x -> x.plus(tank(x, Tank.Use.FRESH)), 22, 55);
        change(table, "20 L more grey tank", d, days, x -> x.plus(tank(x, Tank.Use.GREY)), 2.5, 55);
        change(table, "20 L more toilet", d, days, x -> x.plus(tank(x, Tank.Use.BLACK)), 5, 120);
        if (d.brief().water() != WaterStyle.FRUGAL) {
            WaterStyle less = WaterStyle.values()[d.brief().water().ordinal() - 1];
            change(table, "Water the " + less.label() + " way", d, days, x -> x.with(x.brief().with(less)), 0, 0);
        }
        change(table, "Drinking from cans of its own", d, days,
                x -> x.with(x.settings().with(Assumption.WATER_CARRIED.id(), 1)), 0, 20);
        if (d.brief().toilet() != Toilet.NONE) {
            change(table, "The toilet of the site", d, days,
                    x -> x.with(x.settings().with(Assumption.WATER_CAMP.id(), 0)),
                    0, 0);
        }
        book.listing(table.done());
        return book.note("Days until the first of fresh, grey and toilet ends the stay.").done();
    }

    private static void change(Listing.Maker table, String name, Design d, double days,
            java.util.function.UnaryOperator<Design> edit, double mass, double money) {
        double then = Water.of(edit.apply(d)).figures().value("water.days");
        table.row(name, shown(then), then - days > 1e-6 ? Amount.days(then - days) : "–", Amount.kg(mass),
                Amount.money(money));
    }

    private static Object shown(double days) {
        return days >= Water.MOST_DAYS ? "no limit" : Amount.days(days);
    }

    private static Thing tank(Design d, Tank.Use use) {
        Thing shelf = Catalogue.shipped().find("jerrycan-20-l").orElseThrow();
        return shelf.withId(d.freeId("more")).with(new Tank(use, TWENTY)).with(new Mass(2, MassSource.GUESS,
                java.util.OptionalDouble.empty())).with(Cost.NONE).with(new Plumbed.Cans(1, false));
    }

    /// Where it comes from and goes.
    private static Study places(Design d) {
        Study.Notebook book = new Study.Notebook("water-places", Stage.WATER, "Filling and emptying", "");
        double fresh = Water.capacity(d.things(), Tank.Use.FRESH);
        double hose = Assumed.value(d, Assumption.WATER_HOSE);
        if (fresh > 0) {
            book.figure("water.fill", "To fill all fresh water", fresh / hose, Quantity.DURATION, "volume / flow",
                    Sentence.of("{0} at {1}", Amount.litres(fresh), new Amount(hose, Quantity.WATER_FLOW)),
                    "by the hose");
            book.figure("water.bleach.dose", "Bleach to sanitise it", BLEACH * fresh
                    / Assumed.value(d, Assumption.WATER_BLEACH), Quantity.VOLUME, "V × 50 ppm / strength",
                    Sentence.of("{0} of it; four hours, then flush", Amount.litres(fresh)),
                    "the label of the bleach rules");
        }
        boolean grey = Water.capacity(d.things(), Tank.Use.GREY) > 0;
        return book.note(grey
                ? "Grey water and toilets are emptied at a site's own place, with a hose that is used for nothing else."
                : "Without a grey tank what is washed goes into a bucket; on the ground only where that is allowed.")
                .done();
    }

    static List<Study> tanks(Design d, Water water) {
        List<Study> all = new ArrayList<>();
        Study.Notebook sum = new Study.Notebook("water-tanks", Stage.WATER, "All tanks and cans", "");
        Listing.Maker table = new Listing.Maker("").words("Tank", "Holds").numbers("volume", "can be drawn", "full",
                "from the front");
        List<Thing> tanks = d.things().stream().filter(t -> t.tank().filter(k -> !k.use().fuel()).isPresent())
                .sorted(Comparator.comparing(t -> t.tank().orElseThrow().use())).toList();
        for (Thing t : tanks) {
            Tank k = t.tank().orElseThrow();
            table.row(t.name(), k.use().label(), Amount.litres(k.capacity()),
                    k.use() == Tank.Use.FRESH ? Amount.litres(k.capacity() * Tanks.drawn(t)) : "–",
                    Amount.kg(t.mass().value() + k.fullMass()), Amount.m(t.place().x()));
            can(sum, t, k);
        }
        matched(d, water, sum);
        if (tanks.isEmpty()) {
            sum.note("No tank or can is aboard. Add one from the list of things.");
        } else {
            sum.listing(table.done());
        }
        all.add(sum.note("Tanks ahead of the axle take tongue weight with them as"
                + " they empty: Balance, Trip shows every hour of it.").done());
        reading(d, tanks).ifPresent(all::add);
        for (Thing t : tanks) {
            if (t.has(Plumbed.Vessel.class)) {
                all.add(one(d, t));
            }
        }
        return all;
    }

    private static void can(Study.Notebook book, Thing t, Tank k) {
        t.feature(Plumbed.Cans.class).ifPresent(c -> {
            if (c.tap()) {
                book.figure("can." + t.id() + ".tap", "Tap of " + t.name() + ", half full",
                        TankFlow.tap(CAN_TAP, t.size().height() / 2), Quantity.WATER_FLOW, "0.62 A √(2 g h)",
                        Sentence.of("{0} under {1} of water", Amount.sag(CAN_TAP), Amount.m(t.size().height() / 2)),
                        "Torricelli");
            }
            double each = (t.mass().value() + k.fullMass()) / c.count();
            if (each > HEAVY_NOTE) {
                book.say(TankRules.LIFT, Subject.thing(t.id()), each > HEAVY ? Severity.WARN : Severity.NOTE,
                        Sentence.of("{0} weighs {1} when full", t.name(), Amount.kg(each)),
                        Sentence.of(
                                "{0} in the best posture is what is advised at most (NIOSH). Smaller cans, or a pump"
                                        + " that empties it where it stands.",
                                Amount.kg(HEAVY)),
                        List.of(t.id()));
            }
        });
    }

    private static void matched(Design d, Water water, Study.Notebook book) {
        double grey = Water.capacity(d.things(), Tank.Use.GREY);
        double match = water.figures().value("water.greyMatched");
        if (grey > 0 && match > 0 && grey < MATCHES * match) {
            book.say(TankRules.GREY_SMALL, Severity.NOTE,
                    Sentence.of("Grey matched to the fresh water is {0}; {1} are there", Amount.litres(match),
                            Amount.litres(grey)),
                    Sentence.of("It is full before the fresh water is gone."));
        }
        if (grey <= 0 && Water.capacity(d.things(), Tank.Use.FRESH) > 0 && !d.brief().people().isEmpty()) {
            book.say(TankRules.GROUND, Severity.NOTE, Sentence.of("{0} of waste water a day have no place",
                    Amount.litres(WaterUse.of(d).grey())),
                    Sentence.of("On the ground is forbidden in many places. A bucket under the drain will do."));
        }
    }

    private static Study one(Design d, Thing t) {
        Plumbed.Vessel v = Tanks.vessel(t);
        Tank k = t.tank().orElseThrow();
        TankShape s = Tanks.shape(t);
        String id = "tank." + t.id();
        Study.Notebook book = new Study.Notebook("water-tank-" + t.id(), Stage.WATER, t.name(), t.id());
        double gross = s.gross();
        book.figure(id + ".gross", "Holds by its size", gross, Quantity.VOLUME, "shape, walls and edges taken off",
                Sentence.of("{0}", v.form().label()), "solid geometry");
        book.figure(id + ".usable", "Can be drawn", s.usable(v.pickup(), s.height() - v.space()), Quantity.VOLUME,
                "V(full) − V(pickup)", Sentence.of("from {0} to {1} high", Amount.m(v.pickup()),
                        Amount.m(Math.max(0, s.height() - v.space()))),
                "solid geometry");
        if (k.capacity() > FITS * gross) {
            book.say(TankRules.SHAPE, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("{0} is said to hold {1}; its size holds {2}", t.name(), Amount.litres(k.capacity()),
                            Amount.litres(gross)),
                    Sentence.of("Volume, size or wall is wrong: measure it."), List.of(t.id()));
        }
        levels(book, t, s, k);
        slosh(book, t, v, s);
        filling(d, book, t, v);
        residue(book, t, v, s);
        emptied(d, book, t, s);
        if (v.level() == Plumbed.Level.PROBES) {
            book.say(TankRules.LEVEL, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("Three probes tell only thirds of {0}", t.name()),
                    Sentence.of("Between 33 and 67 % they say the same. Pour known cans in and note what is shown."),
                    List.of(t.id()));
        }
        return book.done();
    }

    private static void levels(Study.Notebook book, Thing t, TankShape s, Tank k) {
        Listing.Maker table = new Listing.Maker("By its height").numbers("filled to", "in it", "weighs",
                "its centre up");
        Plumbed.Vessel v = Tanks.vessel(t);
        boolean probes = v.level() == Plumbed.Level.PROBES;
        int rows = probes ? PROBES : 4;
        for (int i = 1; i <= rows; i++) {
            double z = probes ? s.level(s.gross() * i / rows) : s.height() * i / rows;
            double in = s.volume(z) * Senders.scale(s, k);
            table.row(Senders.of(t).map(x -> Sentence.of("{0}, {1} Ω", Amount.m(z),
                    Math.round(x.ohms(z / s.height())))).orElse(Sentence.of("{0}", Amount.m(z))), Amount.litres(in),
                    Amount.kg(in * DENSITY), Amount.m(t.place().z() + v.wall() + s.centre(z)));
        }
        book.listing(table.done());
        if (probes) {
            book.note("The heights are where its probes belong: a third, two thirds, full.");
        }
    }

    /// What one reading says of each tank with a sender, on the level and on a slope; nothing where no tank has one.
    private static Optional<Study> reading(Design d, List<Thing> tanks) {
        double ohms = Assumed.value(d, Assumption.WATER_READING);
        double x = Assumed.value(d, Assumption.WATER_SENDER);
        double pitch = Assumed.value(d, Assumption.PIPE_SLOPE);
        Study.Notebook book = new Study.Notebook("water-reading", Stage.WATER, "What a sender's reading means", "");
        Listing.Maker table = new Listing.Maker("").words("Tank").numbers("on the level", "nose up", "nose down");
        boolean any = false;
        for (Thing t : tanks) {
            Optional<Sender> sender = Senders.of(t);
            if (sender.isPresent()) {
                any = true;
                table.row(t.name(), read(t, sender.get(), ohms, x, 0), read(t, sender.get(), ohms, x, pitch),
                        read(t, sender.get(), ohms, x, -pitch));
            }
        }
        return any
                ? Optional.of(book.listing(table.done())
                        .note("{0} Ω read, the pitch {1}. Where floor or lid is reached one"
                                + " height tells no litres: level the camper first.", Amount.count(ohms),
                                new Amount(pitch, Quantity.ANGLE))
                        .done())
                : Optional.empty();
    }

    private static Object read(Thing t, Sender sender, double ohms, double x, double pitch) {
        double part = sender.part(ohms);
        if (part < 0 || part > 1) {
            return "no such reading";
        }
        TankShape s = Tanks.shape(t);
        double wall = 2 * Tanks.vessel(t).wall();
        return Sender
                .mean(part * s.height(), x, 0, t.size().length() - wall, t.size().width() - wall, s.height(), pitch, 0)
                .<Object>map(z -> Amount.litres(s.volume(z) * Senders.scale(s, t.tank().orElseThrow())))
                .orElse("not to be told");
    }

    private static double along(TankShape s, Thing t) {
        return switch (s) {
            case TankShape.Box b -> b.a();
            case TankShape.Lying l -> l.length();
            default -> Math.max(t.size().length(), t.size().width());
        };
    }

    private static void slosh(Study.Notebook book, Thing t, Plumbed.Vessel v, TankShape s) {
        double depth = s.height() / 2;
        double length = along(s, t);
        double f = TankFlow.slosh(length / v.rooms(), depth);
        book.figure("tank." + t.id() + ".slosh", "Half full it swings", f, Quantity.FREQUENCY,
                "√((π g / l) tanh(π h / l)) / 2π", Sentence.of("{0} free, {1} deep", Amount.m(length / v.rooms()),
                        Amount.m(depth)),
                "linear waves");
        if (f < TankFlow.CALM && t.tank().orElseThrow().capacity() > TWENTY) {
            book.say(TankRules.SLOSH, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("Half full, {0} swings {1} times a second", t.name(),
                            Amount.count(Math.round(100 * f) / 100.0)),
                    Sentence.of("Near what a trailer sways with. {0} rooms calm it, or drive with it full or empty.",
                            TankFlow.rooms(length, depth)),
                    List.of(t.id()));
        }
    }

    private static void filling(Design d, Study.Notebook book, Thing t, Plumbed.Vessel v) {
        if (v.vent() <= 0 || t.tank().orElseThrow().use() != Tank.Use.FRESH) {
            return;
        }
        double hose = Assumed.value(d, Assumption.WATER_HOSE);
        TankFlow.Venting air = TankFlow.vent(hose, v.vent(), 1, 1, t.size().length() * t.size().width());
        book.figure("tank." + t.id() + ".vent", "Pressed up while it is filled", air.over(), Quantity.PRESSURE,
                "(f L/d + 1.5 + ΣK) ρ v² / 2", Sentence.of("{0} through {1}", new Amount(hose, Quantity.WATER_FLOW),
                        Amount.sag(v.vent())),
                "air in the vent");
        if (air.over() > PRESSED || air.lid() > PUSHED) {
            book.say(TankRules.VENT, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("Filling {0} at {1} pushes its lid with {2}", t.name(),
                            new Amount(hose, Quantity.WATER_FLOW), new Amount(air.lid(), Quantity.FORCE)),
                    Sentence.of("Thin tanks bulge and the filler spits. A wider vent, or fill more slowly."),
                    List.of(t.id()));
        }
    }

    private static void residue(Study.Notebook book, Thing t, Plumbed.Vessel v, TankShape s) {
        double length = along(s, t);
        double width = Math.min(t.size().length(), t.size().width()) - 2 * v.wall();
        double up = v.outlet() == Plumbed.End.MIDDLE ? length / 2 : length;
        double stays = TankFlow.residue(Math.max(0, width), up, s.height(), TILT);
        double usable = s.usable(v.pickup(), s.height() - v.space());
        book.figure("tank." + t.id() + ".stays", "Stays behind, 2° the wrong way", stays, Quantity.VOLUME,
                "W l² tan θ / 2", Sentence.of("outlet at its {0}", v.outlet().label()), "plane geometry");
        if (usable > 0 && stays > STAYS * usable && t.tank().orElseThrow().use() != Tank.Use.BLACK) {
            book.say(TankRules.RESIDUE, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("{0} stay behind in {1} at 2° {2}", Amount.litres(stays), t.name(),
                            v.outlet() == Plumbed.End.REAR ? "nose down" : "nose up"),
                    Sentence.of("It is {0} of what can be drawn. An outlet in the middle halves the length.",
                            Amount.share(stays / usable)),
                    List.of(t.id()));
        }
    }

    /// Through a drain at its floor; and how far its water goes to one side in a bend.
    private static void emptied(Design d, Study.Notebook book, Thing t, TankShape s) {
        double bore = Assumed.value(d, Assumption.PIPE_DRAIN);
        TankFlow.Emptying e = TankFlow.drain(s.gross() / s.height(), s.height(), 0, OUTFALL, bore, DRAIN_RUN,
                DRAIN_LOSSES);
        book.figure("tank." + t.id() + ".empties", "Full, it is empty after", e.seconds(), Quantity.DURATION,
                "A / (c a) √(2 / g) (√(h + z) − √z)", Sentence.of("a drain of {0}, {1} of it, falling {2}",
                        Amount.sag(bore), Amount.run(DRAIN_RUN), Amount.m(OUTFALL)),
                "Torricelli with losses");
        double width = 2 * Solid.of(t.size(), t.place()).reachY() - 2 * Tanks.vessel(t).wall();
        book.figure("tank." + t.id() + ".shift", "In a hard bend its middle goes aside by",
                TankFlow.shift(Math.max(0, width), s.height() / 2, TankFlow.tilt(BEND)), Quantity.LENGTH,
                "W² tan θ / 12 h", Sentence.of("half full, {0} g: {1}", Amount.count(0.3),
                        new Amount(TankFlow.tilt(BEND), Quantity.ANGLE)),
                "plane geometry");
    }

    private static Stream<Remedy> remedies(Known known, TankRules rule, Finding finding) {
        Design d = known.design();
        Optional<Thing> about = finding.things().stream().findFirst().flatMap(d::thing);
        return switch (rule) {
            case SLOSH -> about.stream().map(t -> {
                TankShape s = Tanks.shape(t);
                int rooms = Math.min(12, TankFlow.rooms(along(s, t), s.height() / 2));
                return Mend.feature(t, Tanks.vessel(t).withRooms(rooms),
                        Sentence.of("{0} rooms between baffles", rooms));
            });
            case VENT -> about.stream().flatMap(t -> Stream.of(0.010, 0.012, 0.016, 0.019, 0.025)
                    .filter(b -> b > Tanks.vessel(t).vent())
                    .map(b -> Mend.feature(t, Tanks.vessel(t).withVent(b),
                            Sentence.of("A vent of {0}", Amount.sag(b)))));
            case RESIDUE -> about.stream().map(t -> Mend.feature(t, Tanks.vessel(t).withOutlet(Plumbed.End.MIDDLE),
                    Sentence.of("An outlet in its middle")));
            case LIFT -> about.stream().filter(t -> t.tank().orElseThrow().capacity() > 0.012).map(t -> new Remedy(
                    Sentence.of("Two smaller cans of {0} in its place",
                            Amount.litres(t.tank().orElseThrow().capacity() / 2)),
                    new Edit("Smaller cans", x -> x.mapping(t.id(), o -> o.with(new Plumbed.Cans(
                            2 * o.feature(Plumbed.Cans.class).map(Plumbed.Cans::count).orElse(1), false))))));
            case GREY_SMALL -> larger(known).stream();
            case GROUND -> bucket(d);
            case SHAPE -> about.stream().map(t -> new Remedy(Sentence.of("Say {0}: what its size holds",
                    Amount.litres(Tanks.shape(t).gross())),
                    new Edit("Volume of " + t.name(),
                            x -> x.mapping(t.id(), o -> o.with(new Tank(o.tank().orElseThrow().use(),
                                    Tanks.shape(o).gross()))))));
            case LEVEL -> about.stream().map(t -> Mend.feature(t, Tanks.vessel(t).withLevel(Plumbed.Level.FLOAT_EU),
                    Sentence.of("A sender that tells every height")));
        };
    }

    private static Optional<Remedy> larger(Known known) {
        Design d = known.design();
        double match = known.of(Water.DISCIPLINE).figures().value("water.greyMatched");
        double missing = match - Water.capacity(d.things(), Tank.Use.GREY);
        return Tanks.of(d, Tank.Use.GREY).stream().findFirst().map(t -> {
            Tank k = t.tank().orElseThrow();
            double volume = Math.ceil((k.capacity() + missing) / (5 * LITRE)) * 5 * LITRE;
            double f = volume / k.capacity();
            Size s = t.size();
            return new Remedy(Sentence.of("{0}: {1} instead of {2}, longer", t.name(), Amount.litres(volume),
                    Amount.litres(k.capacity())),
                    new Edit("Larger grey tank", x -> x.mapping(t.id(), o -> o
                            .with(new Size(s.length() * f, s.width(), s.height()))
                            .with(new Tank(Tank.Use.GREY, volume)))));
        });
    }

    /// Stowed on the road in a cupboard that takes it, the largest first.
    private static Stream<Remedy> bucket(Design d) {
        Thing shelf = Catalogue.shipped().find("grey-bucket-12-l").orElseThrow();
        return d.things().stream()
                .filter(t -> t.system() == SystemGroup.GALLEY || t.system() == SystemGroup.CARGO
                        || t.system() == SystemGroup.SEATING)
                .filter(t -> t.role() == Role.BUILT_IN && t.mount() == Mount.INSIDE && takes(t.size(), shelf.size()))
                .sorted(Comparator.comparingDouble(
                        t -> -t.size().length() * t.size().width() * t.size().height()))
                .map(cupboard -> {
                    Thing t = shelf.withId(d.freeId("grey-bucket")).with(Mount.STOWED).with(cupboard.place());
                    return new Remedy(Sentence.of("A bucket of {0} under the drain, stowed in {1}",
                            Amount.litres(t.tank().orElseThrow().capacity()), cupboard.name()),
                            new Edit("A grey bucket", x -> x.plus(t)));
                });
    }

    private static boolean takes(Size cupboard, Size in) {
        return cupboard.length() >= in.length() && cupboard.width() >= in.width() && cupboard.height() >= in.height();
    }
}
