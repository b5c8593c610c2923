package lectulum.power.light;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lectulum.assumed.Table;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.feature.Electric;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Circuit;
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
import lectulum.kernel.electric.Light;
import lectulum.layout.people.People;
import lectulum.layout.people.Pillow;
import lectulum.power.wiring.Run;
import lectulum.power.wiring.Wired;
import lectulum.space.Body;
import lectulum.units.Quantity;
import lectulum.weather.MeanDay;

/// Light by place: the room, worktops and tables, who reads in bed, the way at night, and the place before the door.
public final class LightStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("power-light", "Light", Stage.POWER,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.THINGS, Design.Part.BASE, Design.Part.SETTINGS),
                    in.of(Wired.DISCIPLINE), in.of(People.DISCIPLINE)))
            .checking(LightRules.class, LightStudies::remedies);

    private static final double BACK = 0.5;
    private static final double GLARE = 250;
    private static final double EYES = 0.7;
    private static final double DIM = 60;
    private static final double NEAR = 2;
    private static final double WAIST = 0.9;

    private LightStudies() {
    }

    /// A place that is to be lit.
    ///
    /// @param thing that stands there; empty for the room
    private record Place(Electric.Zone zone, String name, String thing, Subject about, double x, double y, double z) {
        static Place of(Pillow p) {
            return new Place(Electric.Zone.READ, p.name(), p.bed(), p.person().isEmpty()
                    ? Subject.thing(p.bed())
                    : Subject.sleeper(p.bed(), p.person()), p.x(), p.y(), p.z());
        }
    }

    private static List<Thing> lamps(Design d) {
        return d.things().stream().filter(t -> t.has(Electric.Lamp.class)).toList();
    }

    private static Electric.Lamp lamp(Thing t) {
        return t.feature(Electric.Lamp.class).orElseThrow();
    }

    private static List<Place> places(Design d, List<Pillow> pillows) {
        List<Place> all = new ArrayList<>();
        for (Thing t : d.things()) {
            Placement p = t.at(Mode.CAMP);
            if (t.has(Feature.Worktop.class) && !p.away()) {
                all.add(new Place(Electric.Zone.WORK, t.name(), t.id(), Subject.thing(t.id()), p.x(), p.y(),
                        p.z() + t.size().height()));
            }
        }
        pillows.stream().filter(p -> !p.tent()).map(Place::of).forEach(all::add);
        return all;
    }

    /// On a level surface there \[lx\].
    private static double at(Design d, Body body, Place p, double thrown) {
        double sum = thrown;
        for (Thing t : lamps(d)) {
            Placement at = t.at(Mode.CAMP);
            if (lamp(t).zone() != Electric.Zone.OUTSIDE) {
                sum += Light.level(lamp(t).lumens(), at.z() + t.size().height() / 2 - p.z,
                        Math.hypot(at.x() - p.x, at.y() - p.y));
            }
        }
        return sum;
    }

    static List<Study> of(Design d, Wired wired, People people) {
        Study.Notebook book = new Study.Notebook("power-light", Stage.POWER, "Light", "");
        Body body = Body.of(d.base());
        List<Thing> inside = lamps(d).stream().filter(t -> lamp(t).zone() != Electric.Zone.OUTSIDE).toList();
        double lumens = inside.stream().mapToDouble(t -> lamp(t).lumens()).sum();
        double high = Math.max(0.3, body.open() ? 1 : body.roofInside().highest());
        double surface = 2 * body.floorArea() + 2 * high * (body.length() + 2 * body.halfWidth());
        double thrown = surface > 0.1 ? Light.thrown(lumens, surface, BACK) : 0;
        if (lamps(d).isEmpty()) {
            if (d.things().stream().anyMatch(t -> t.has(Feature.Bed.class))) {
                book.say(LightRules.DARK, Severity.NOTE, Sentence.of("There is no lamp"),
                        Sentence.of("Lamps on dry cells need no circuit, but cells every season."));
            }
            return List.of(book.note("No lamp yet. Add one on the sheet, and say on its card what it lights.").done());
        }
        Place middle = new Place(Electric.Zone.ROOM, "The room", "", Subject.WHOLE, body.length() / 2, 0,
                Math.min(WAIST, high / 2));
        List<Place> all = new ArrayList<>(List.of(middle));
        if (!body.open()) {
            all.addAll(places(d, Pillow.of(d, people)));
        }
        Listing.Maker table = new Listing.Maker("").words("Place", "is").numbers("light there, lx", "wanted",
                "no more than");
        for (Place p : all) {
            double lux = at(d, body, p, thrown);
            double least = wanted(p.zone, "least_lx");
            double most = wanted(p.zone, "most_lx");
            table.row(p.name, p.zone.label(), Amount.count(Math.rint(lux)), Amount.count(least), Amount.count(most));
            List<String> things = p.thing.isEmpty() ? List.of() : List.of(p.thing);
            if (lux < least) {
                book.say(LightRules.DARK, p.about, Severity.NOTE,
                        Sentence.of("{0} gets {1} lx", p.name, Amount.count(Math.rint(lux))),
                        Sentence.of("For {0} {1} lx are wanted.", p.zone.label(), Amount.count(least)), things);
            } else if (lux > most && dimmable(d, p).isEmpty()) {
                book.say(LightRules.BRIGHT, p.about, Severity.NOTE,
                        Sentence.of("{0} gets {1} lx", p.name, Amount.count(Math.rint(lux))),
                        Sentence.of("More than {0} lx dazzles; nothing near it can be dimmed.", Amount.count(most)),
                        things);
            }
        }
        blinding(book, d, all);
        night(book, d);
        outside(book, d, wired);
        double watts = lamps(d).stream().mapToDouble(t -> t.load().map(l -> l.power()).orElse(0.0)).sum();
        book.figure("light.lumens", "All lamps inside, lumens", lumens, Quantity.COUNT, "Σ lumens",
                Sentence.counted(inside.size(), "One lamp", "{0} lamps"), "data sheets");
        book.figure("light.watts", "All lamps on", watts, Quantity.POWER, "Σ W",
                Sentence.counted(lamps(d).size(), "One lamp",
                        "{0} lamps"),
                "data sheets");
        double dark = MeanDay.dark(d.brief().latitude(), d.brief().month());
        book.figure("light.dark", "Dark in the month of the brief", dark * 3600, Quantity.DURATION,
                "24 − 2/15° acos(−tan φ tan δ)", Sentence.of("from sunset to sunrise, at {0}° of latitude",
                        Amount.count(d.brief().latitude())),
                "declination after Spencer (1971)");
        return List.of(book.listing(table.done()).done());
    }

    private static double wanted(Electric.Zone zone, String column) {
        return Table.rows("light").stream().filter(r -> r.get("zone").equals(zone.name())).findFirst()
                .map(r -> Table.number(r, column)).orElse(0.0);
    }

    private static Optional<Thing> dimmable(Design d, Place p) {
        return lamps(d).stream().filter(t -> lamp(t).dims()
                && Math.hypot(t.at(Mode.CAMP).x() - p.x, t.at(Mode.CAMP).y() - p.y) < NEAR).findFirst();
    }

    private static void blinding(Study.Notebook book, Design d, List<Place> places) {
        Set<Subject> said = new HashSet<>();
        for (Place p : places) {
            if (p.zone != Electric.Zone.READ) {
                continue;
            }
            lamps(d).stream().filter(t -> !lamp(t).dims() && lamp(t).lumens() > GLARE
                    && Math.abs(t.at(Mode.NIGHT).x() - p.x) < EYES && Math.abs(t.at(Mode.NIGHT).y() - p.y) < EYES
                    && t.at(Mode.NIGHT).z() > p.z)
                    .findFirst().filter(t -> said.add(Subject.pair(t.id(), p.thing)))
                    .ifPresent(t -> book.say(LightRules.BLINDS, Subject.pair(t.id(), p.thing), Severity.NOTE,
                            Sentence.of("{0} shines into the eyes of {1}", t.name(), p.name),
                            Sentence.of("{0} lumens close above the pillow, and it cannot be dimmed.",
                                    Amount.count(lamp(t).lumens())),
                            List.of(t.id(), p.thing)));
        }
    }

    private static void night(Study.Notebook book, Design d) {
        boolean beds = d.things().stream().anyMatch(t -> t.has(Feature.Bed.class));
        boolean dim = lamps(d).stream().anyMatch(t -> lamp(t).red() || lamp(t).lumens() <= DIM || lamp(t).dims());
        if (beds && !dim) {
            book.say(LightRules.NIGHT, Severity.NOTE, Sentence.of("No lamp is dim enough for the night"),
                    Sentence.of("A red or dimmed light of {0} lumens leaves eyes used to the dark.",
                            Amount.count(DIM)));
        }
    }

    private static void outside(Study.Notebook book, Design d, Wired wired) {
        for (Thing t : lamps(d)) {
            if (lamp(t).zone() != Electric.Zone.OUTSIDE) {
                continue;
            }
            Optional<Run> run = wired.harness().feeding(t.id());
            if (run.filter(r -> r.things().size() > 1).isPresent()) {
                book.say(LightRules.OUTSIDE, Subject.thing(t.id()), Severity.NOTE,
                        Sentence.of("{0} shares a circuit with lamps inside", t.name()),
                        Sentence.of("On {0} it is switched with them, and stays on unseen.", run.get().name()),
                        List.of(t.id()));
            }
        }
    }

    private static Stream<Remedy> remedies(Known known, LightRules rule, Finding finding) {
        Design d = known.design();
        Optional<Thing> about = switch (finding.about()) {
            case Subject.OfThing t -> d.thing(t.thing());
            case Subject.Sleeper s -> d.thing(s.bed());
            case Subject.Pair p -> d.thing(p.thing());
            default -> Optional.empty();
        };
        return switch (rule) {
            case DARK -> dark(known, about, finding);
            case BLINDS -> about.stream().filter(t -> t.has(Electric.Lamp.class))
                    .map(t -> Mend.feature(t, lamp(t).dimmed(), Sentence.of("{0} with a dimmer", t.name())));
            case BRIGHT -> lamps(d).stream().limit(3).map(t -> Mend.feature(t, lamp(t).dimmed(),
                    Sentence.of("{0} with a dimmer", t.name())));
            case NIGHT -> added(d, "red-night-light", d.base().shell().length() / 2, 0).stream();
            case OUTSIDE -> about.stream().map(t -> new Remedy(Sentence.of("{0} on a circuit of its own", t.name()),
                    new Edit("Own circuit", x -> x.with(x.wiring().withCircuits(x.wiring().circuits().stream()
                            .map(c -> c.with(c.things().stream().filter(id -> !id.equals(t.id())).toList())).toList())
                            .with(new Circuit("of-" + t.id(), t.name(), List.of(t.id())))))));
        };
    }

    private static Stream<Remedy> dark(Known known, Optional<Thing> about, Finding finding) {
        Design d = known.design();
        Optional<Pillow> pillow = finding.about() instanceof Subject.Sleeper(String bed, String person)
                ? Pillow.of(d, known.of(People.DISCIPLINE)).stream()
                        .filter(p -> p.bed().equals(bed) && p.person().equals(person)).findFirst()
                : Optional.empty();
        double x = pillow.map(Pillow::x)
                .orElseGet(() -> about.map(t -> t.at(Mode.CAMP).x()).orElse(d.base().shell().length() / 2));
        double y = pillow.map(Pillow::y).orElseGet(() -> about.map(t -> t.at(Mode.CAMP).y()).orElse(0.0));
        return Stream.of("led-spot", "reading-lamp", "led-strip-2-m").flatMap(id -> added(d, id, x, y).stream());
    }

    private static Optional<Remedy> added(Design d, String id, double x, double y) {
        Body body = Body.of(d.base());
        if (body.open()) {
            return Optional.empty();
        }
        Thing lamp = Catalogue.shipped().find(id).orElseThrow();
        double z = Math.max(0.1, body.roofInside().at(Math.clamp(x, 0, body.length())) - lamp.size().height());
        Thing placed = lamp.withId(d.freeId(id)).with(new Placement(x, y, z, 0));
        return Optional.of(new Remedy(Sentence.of("{0} above it: {1} lumens, {2}, {3}", lamp.name(),
                Amount.count(lamp(lamp).lumens()), Amount.watt(lamp.load().map(l -> l.power()).orElse(0.0)),
                Amount.money(lamp.cost().forecast())), new Edit("Lamp", o -> o.plus(placed))));
    }
}
