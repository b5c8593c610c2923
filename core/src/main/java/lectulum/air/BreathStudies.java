package lectulum.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Fuelled;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
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
import lectulum.kernel.air.Breath;
import lectulum.kernel.air.Openings;
import lectulum.units.Quantity;

/// Air to breathe: carbon dioxide of sleepers, openings by warmth and wind, fans and their inlets, alarms.
public final class BreathStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("air-breath", "Fresh air", Stage.AIR,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(Cabin.DISCIPLINE)))
            .checking(BreathRules.class, BreathStudies::remedies);
    private static final double HALF = 0.5;
    private static final double GAS_HIGH = 0.3;
    private static final double HOURS = 8 * 3600;
    private static final double SLEEPING_LOW = 0.25;
    private static final double SLEEPING_HIGH = 1.8;
    private static final double CEILING = 0.35;
    private static final double MILD = 10;
    private static final String SOURCE = "one mixed room; see docs/method/air.md";

    private BreathStudies() {
    }

    static List<Study> of(Design d, Cabin c) {
        if (c.open()) {
            return List.of(new Study.Notebook("air-breath", Stage.AIR, "Fresh air", "")
                    .note("The body is open: there is air enough.").done());
        }
        Vents v = Vents.of(d);
        List<Study> all = new ArrayList<>();
        all.add(breath(d, c, v));
        all.add(vents(c, v));
        if (!v.fans().isEmpty()) {
            all.add(fans(d, v));
        }
        all.add(alarms(d));
        return all;
    }

    private static Study breath(Design d, Cabin c, Vents v) {
        Study.Notebook book = new Study.Notebook("air-breath", Stage.AIR, "Carbon dioxide of a night", "");
        Sleepers s = Sleepers.of(d.brief(), Sleepers.Doing.ASLEEP);
        if (d.brief().people().isEmpty()) {
            return book.note("Nobody travels yet: name people in the Brief.").done();
        }
        Breath b = new Breath(Math.max(0.1, c.volume()), s.breath());
        double inside = Assumed.value(d, Assumption.AIR_NIGHT);
        double own = c.changes() * c.volume() / 3600;
        double open = own + v.flow(inside, inside - MILD);
        Sentence people = Sentence.of("{0} asleep in {1} of air", d.brief().people().size(),
                new Amount(c.volume(), Quantity.SPACE));
        book.figure("air.breath.need", "Fresh air that keeps it good", b.needs(Breath.GOOD), Quantity.AIR_FLOW,
                "CO2 / (1500 − 420 ppm)", people, SOURCE);
        book.figure("air.breath.open", "Comes in, vents open", open, Quantity.AIR_FLOW,
                "vents by warmth and wind + gaps",
                Sentence.of("10 K warmer inside, {0} of wind", new Amount(v.wind(), Quantity.SPEED)), SOURCE);
        ppm(book, "air.breath.settles", "It settles at (ppm), vents open", b.settles(open), people);
        ppm(book, "air.breath.shut", "The same (ppm), vents shut", b.settles(own), people);
        double sealed = b.sealed(Breath.OUTSIDE, Breath.DANGER);
        book.figure("air.breath.sealed", "Sealed tight, until it is dangerous", sealed, Quantity.DURATION,
                "V (40 000 − 420 ppm) / CO2", Sentence.of("bad air, 5 000 ppm, after {0}",
                        Amount.hours(b.sealed(Breath.OUTSIDE, Breath.WORKPLACE))),
                SOURCE);
        double morning = b.after(Breath.OUTSIDE, open, HOURS);
        double closed = Math.min(Breath.DANGER, b.after(Breath.OUTSIDE, own, HOURS));
        book.figure("air.breath.oxygen", "Oxygen by morning, vents shut", Breath.oxygen(closed, Breath.OUTSIDE) / 100,
                Quantity.SHARE, "20.9 % − CO2 / 0.83", Sentence.of("{0} ppm after eight hours; 20.9 % is fresh",
                        Amount.count(Math.rint(closed))),
                SOURCE);
        double danger = b.until(Breath.OUTSIDE, own, Breath.DANGER);
        if (danger < HOURS && v.always() + v.alwaysHigh() <= 0) {
            book.say(BreathRules.BREATH, Severity.STOP, Sentence.of("With nothing open the air is dangerous after {0}",
                    Amount.hours(danger)), Sentence.of("Openings that can never be shut, low and high."));
        } else if (morning > Breath.GOOD) {
            book.say(BreathRules.BREATH, morning > Breath.WORKPLACE ? Severity.WARN : Severity.NOTE,
                    Sentence.of("{0} ppm of carbon dioxide by morning, vents open",
                            Amount.count(Math.rint(morning / 50) * 50)),
                    Sentence.of("1 500 is good air, 5 000 the limit at work. {0} of fresh air are wanted, {1} come.",
                            new Amount(b.needs(Breath.GOOD), Quantity.AIR_FLOW), new Amount(open, Quantity.AIR_FLOW)));
        }
        if (v.apart() > 0) {
            double each = Openings.pairFor(Math.max(0, b.needs(Breath.GOOD) - own), v.apart(), inside, inside - MILD,
                    v.wind());
            if (Double.isFinite(each)) {
                book.figure("air.breath.pair", "A low and a high opening for it, each", each / Openings.SCREEN,
                        Quantity.FREE_AREA, "√2 Q / (0.6 √(2 g Δh ΔT / T))",
                        Sentence.of("{0} apart, behind screens", Amount.m(v.apart())), SOURCE);
            }
        }
        return book.caution("No flame, generator or charcoal where people sleep. An alarm never replaces fresh air.")
                .done();
    }

    private static void ppm(Study.Notebook book, String id, String label, double value, Sentence numbers) {
        if (Double.isFinite(value)) {
            book.figure(id, label, Math.rint(value), Quantity.COUNT, "420 + CO2 / air",
                    Sentence.of("ppm; {0}", numbers), SOURCE);
        } else {
            book.absent(id, label, Quantity.COUNT, "420 + CO2 / air", "never: no air comes in");
        }
    }

    private static Study vents(Cabin c, Vents v) {
        Study.Notebook book = new Study.Notebook("air-vents", Stage.AIR, "Openings that are never shut", "");
        double[] fixed = Openings.fixed(c.floor());
        Listing.Maker table = new Listing.Maker("").words("").numbers("there", "wanted");
        table.row("High, free", new Amount(v.alwaysHigh(), Quantity.FREE_AREA),
                new Amount(fixed[0], Quantity.FREE_AREA));
        table.row("Low, free", new Amount(v.always(), Quantity.FREE_AREA), new Amount(fixed[1], Quantity.FREE_AREA));
        table.row("All that is open now, high", new Amount(v.high(), Quantity.FREE_AREA), "");
        table.row("All that is open now, low", new Amount(v.low(), Quantity.FREE_AREA), "");
        book.listing(table.done());
        book.figure("air.vents.high", "Never shut, high", v.alwaysHigh(), Quantity.FREE_AREA, "Σ opening × free part",
                Sentence.of("{0} wanted for {1} of floor", new Amount(fixed[0], Quantity.FREE_AREA),
                        new Amount(c.floor(), Quantity.AREA)),
                "as commonly quoted from EN 721: verify");
        book.figure("air.vents.low", "Never shut, low", v.always(), Quantity.FREE_AREA, "Σ opening × free part",
                Sentence.of("{0} wanted", new Amount(fixed[1], Quantity.FREE_AREA)),
                "as commonly quoted from EN 721: verify");
        boolean high = v.alwaysHigh() < fixed[0] - 1e-9;
        boolean low = v.always() < fixed[1] - 1e-9;
        if (high || low) {
            book.say(BreathRules.VENTS, Severity.STOP,
                    Sentence.of(high && low
                            ? "Openings that can never be shut: {0} high and {1} low, {2} and {3} are wanted"
                            : high
                                    ? "High openings that can never be shut: {0}, {2} are wanted"
                                    : "Low openings that can never be shut: {1}, {3} are wanted",
                            new Amount(v.alwaysHigh(), Quantity.FREE_AREA), new Amount(v.always(), Quantity.FREE_AREA),
                            new Amount(fixed[0], Quantity.FREE_AREA), new Amount(fixed[1], Quantity.FREE_AREA)),
                    Sentence.of("Shut for warmth, a cabin wets its windows and starves its sleepers. Free area counts,"
                            + " screens and louvres halve it; the code in force rules."));
        }
        return book.done();
    }

    private static Study fans(Design d, Vents v) {
        Study.Notebook book = new Study.Notebook("air-fans", Stage.AIR, "Fans", "");
        double window = d.things().stream().filter(t -> t.has(Aired.Glazing.class))
                .flatMap(t -> t.feature(Feature.Opening.class).stream()).mapToDouble(BreathStudies::opens).max()
                .orElse(0);
        Listing.Maker table = new Listing.Maker("").words("Fan").numbers("moves freely", "vents alone",
                "room below outside",
                "a window open", "room below outside ");
        List<Thing> fumes = d.things().stream().filter(BreathStudies::spills).toList();
        for (Thing t : v.fans()) {
            Aired.Fan f = t.feature(Aired.Fan.class).orElseThrow();
            Openings.Drawn vents = Openings.fan(f.flow(), f.pressure(), v.low());
            Openings.Drawn open = Openings.fan(f.flow(), f.pressure(), v.low() + window);
            table.row(t.name(), new Amount(f.flow(), Quantity.AIR_FLOW), new Amount(vents.flow(), Quantity.AIR_FLOW),
                    new Amount(vents.under(), Quantity.PRESSURE),
                    window > 0 ? new Amount(open.flow(), Quantity.AIR_FLOW) : "none opens",
                    window > 0 ? new Amount(open.under(), Quantity.PRESSURE) : "–");
            if (open.share() < HALF) {
                book.say(BreathRules.FAN, Subject.thing(t.id()), Severity.WARN,
                        Sentence.of("{0} moves {1} of {2}", t.name(), new Amount(open.flow(), Quantity.AIR_FLOW),
                                new Amount(f.flow(), Quantity.AIR_FLOW)),
                        Sentence.of("{0} of inlet is all there is; for nine tenths of it {1} are wanted.",
                                new Amount(v.low() + window, Quantity.FREE_AREA),
                                new Amount(Openings.inletFor(f.flow(), f.pressure()), Quantity.FREE_AREA)),
                        List.of(t.id()));
            }
            spill(book, t, fumes, vents, open);
        }
        return book.listing(table.done()).done();
    }

    /// Free area of a window that is opened \[m²\].
    private static double opens(Feature.Opening o) {
        return switch (o.leaf()) {
            case FIXED -> 0;
            case SLIDING -> 0.5 * o.width() * o.height();
            case TOP_HUNG, HINGED_FRONT, HINGED_REAR, RAMP -> o.width() * o.height();
        };
    }

    private static void spill(Study.Notebook book, Thing fan, List<Thing> fumes, Openings.Drawn vents,
            Openings.Drawn open) {
        if (fumes.isEmpty() || vents.under() <= Openings.SPILLS) {
            return;
        }
        boolean cooking = fumes.stream().allMatch(t -> t.feature(Fuelled.Burner.class)
                .filter(b -> b.flue() == Fuelled.Flue.ROOM).isPresent());
        List<String> ids = new ArrayList<>(List.of(fan.id()));
        fumes.forEach(t -> ids.add(t.id()));
        book.say(BreathRules.SPILL, Subject.thing(fan.id()), cooking ? Severity.NOTE : Severity.STOP,
                Sentence.of("{0} draws the room {1} below outside; {2} burns in it", fan.name(),
                        new Amount(vents.under(), Quantity.PRESSURE), fumes.getFirst().name()),
                cooking
                        ? Sentence.of(
                                "With a window open it is {0}. Cook with a window open and the fan slow; over 5 Pa a"
                                        + " flame gets its air back from where it should not.",
                                new Amount(open.under(), Quantity.PRESSURE))
                        : Sentence
                                .of("Over 5 Pa smoke is drawn back into the room, and a fan never makes that safe. Burn"
                                        + " only what is room-sealed, and give the fan an inlet."),
                ids);
    }

    /// Whether its smoke, or its air, is that of the room.
    static boolean spills(Thing t) {
        boolean heater = t.feature(Aired.RoomHeater.class).filter(h -> h.burns().flame() && !h.sealed()).isPresent();
        boolean burner = t.feature(Fuelled.Burner.class)
                .filter(b -> b.flue() == Fuelled.Flue.ROOM || b.flue() == Fuelled.Flue.OPEN).isPresent();
        return (heater || burner) && t.mount() != Mount.OUTSIDE;
    }

    static boolean burns(Thing t) {
        return t.has(Fuelled.Burner.class) || t.has(Feature.Flame.class)
                || t.feature(Aired.RoomHeater.class).filter(h -> h.burns().flame()).isPresent();
    }

    private static Study alarms(Design d) {
        Study.Notebook book = new Study.Notebook("air-alarms", Stage.AIR, "Alarms", "");
        boolean flame = d.things().stream().anyMatch(BreathStudies::burns);
        boolean gas = d.things().stream().anyMatch(t -> t.has(Fuelled.Bottle.class));
        boolean sleeps = d.things().stream().anyMatch(t -> t.has(Feature.Bed.class));
        Listing.Maker table = new Listing.Maker("").words("Alarm", "where it belongs", "there");
        table.row("carbon monoxide", "at sleeping height",
                shown(Hung.of(d, Aired.Alarm.Danger.CARBON_MONOXIDE).best(d)));
        table.row("gas", Sentence.of("no more than {0} above the floor", Amount.m(GAS_HIGH)),
                shown(Hung.of(d, Aired.Alarm.Danger.GAS).best(d)));
        table.row("smoke", "under the ceiling", shown(Hung.of(d, Aired.Alarm.Danger.SMOKE).best(d)));
        book.listing(table.done());
        if (sleeps && flame) {
            missing(book, d, "monoxide", Aired.Alarm.Danger.CARBON_MONOXIDE);
        }
        if (gas) {
            missing(book, d, "gas", Aired.Alarm.Danger.GAS);
        }
        if (sleeps) {
            missing(book, d, "smoke", Aired.Alarm.Danger.SMOKE);
        }
        return book.note(
                "Makers' instructions rule. A combined alarm low down warns of gas; carbon monoxide wants one at the"
                        + " height of heads.")
                .done();
    }

    /// Where an alarm belongs.
    ///
    /// @param warns of the danger
    /// @param low   middle of it above the floor, at least \[m\]
    /// @param high  and at most
    private record Hung(String danger, Predicate<Aired.Alarm> warns, double low, double high) {
        static Hung of(Design d, Aired.Alarm.Danger danger) {
            return switch (danger) {
                case SMOKE -> new Hung("smoke", a -> a.danger() == Aired.Alarm.Danger.SMOKE,
                        Math.max(0, d.base().shell().height() - CEILING), Double.POSITIVE_INFINITY);
                case GAS, GAS_AND_CO -> new Hung("gas", Aired.Alarm::gas, 0, GAS_HIGH);
                case CARBON_MONOXIDE -> new Hung("carbon monoxide", Aired.Alarm::monoxide, SLEEPING_LOW, SLEEPING_HIGH);
            };
        }

        /// One that hangs where it belongs, else any.
        Optional<Thing> best(Design d) {
            List<Thing> all = d.things().stream().filter(t -> t.feature(Aired.Alarm.class).filter(warns).isPresent())
                    .toList();
            return all.stream().filter(this::right).findFirst().or(() -> all.stream().findFirst());
        }

        boolean right(Thing t) {
            return middle(t) >= low && middle(t) <= high;
        }
    }

    private static double middle(Thing t) {
        return t.place().z() + t.size().height() / 2;
    }

    private static Object shown(Optional<Thing> t) {
        return t.<Object>map(x -> Sentence.of("{0}, {1} above the floor", x.name(), Amount.m(x.place().z())))
                .orElse("no");
    }

    private static void missing(Study.Notebook book, Design d, String key, Aired.Alarm.Danger danger) {
        Hung hung = Hung.of(d, danger);
        Optional<Thing> t = hung.best(d);
        if (t.isEmpty()) {
            book.say(BreathRules.ALARMS, Subject.part(key), Severity.STOP,
                    Sentence.of("There is no alarm for {0}", hung.danger()),
                    Sentence.of("It is what wakes people. Place one."), List.of());
        } else if (!hung.right(t.get())) {
            book.say(BreathRules.ALARMS, Subject.part(key), Severity.WARN,
                    Sentence.of("The alarm for {0} hangs {1} above the floor", hung.danger(),
                            Amount.m(middle(t.get()))),
                    Double.isFinite(hung.high())
                            ? Sentence.of("It belongs between {0} and {1}.", Amount.m(hung.low()),
                                    Amount.m(hung.high()))
                            : Sentence.of("It belongs over {0}.", Amount.m(hung.low())),
                    List.of(t.get().id()));
        }
    }

    private static Stream<Remedy> remedies(Known known, BreathRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case BREATH, VENTS -> Stream.concat(DampStudies.vents(d), never(d));
            case FAN, SPILL -> DampStudies.vents(d);
            case ALARMS -> alarms(d, finding);
        };
    }

    /// Vents that are there, kept from being shut.
    private static Stream<Remedy> never(Design d) {
        return d.things().stream().anyMatch(t -> t.feature(Aired.Vent.class).filter(Aired.Vent::shuts).isPresent())
                ? Stream.of(new Remedy(Sentence.of("Fix the vents that are there open"),
                        new Edit("Vents fixed open", x -> x.withThings(x.things().stream().map(t -> t
                                .feature(Aired.Vent.class)
                                .map(v -> t.with(new Aired.Vent(v.area(), v.part(), false))).orElse(t)).toList()))))
                : Stream.empty();
    }

    private static Stream<Remedy> alarms(Design d, Finding finding) {
        Aired.Alarm.Danger danger = switch (finding.about().key()) {
            case "smoke" -> Aired.Alarm.Danger.SMOKE;
            case "gas" -> Aired.Alarm.Danger.GAS;
            default -> Aired.Alarm.Danger.CARBON_MONOXIDE;
        };
        double z = Provision.height(d, danger);
        Stream<Remedy> moved = finding.things().stream().flatMap(id -> d.thing(id).stream()).map(t -> new Remedy(
                Sentence.of("{0} at {1}", t.name(), Amount.m(z)), new Edit("Move an alarm", x -> x.mapping(t.id(),
                        o -> o.with(o.place().moved(0, 0, z - o.place().z()))))));
        return Stream.concat(moved, Provision.alarm(d, danger).stream().map(t -> new Remedy(
                Sentence.of("{0} at {1}: {2}", t.name(), Amount.m(z), Amount.money(t.cost().planned())),
                new Edit("Place an alarm", x -> x.plus(t)))));
    }

    /// Whether no alarm of a kind hangs where it belongs.
    static boolean lacks(Design d, Aired.Alarm.Danger danger) {
        Hung hung = Hung.of(d, danger);
        return hung.best(d).filter(hung::right).isEmpty();
    }
}
