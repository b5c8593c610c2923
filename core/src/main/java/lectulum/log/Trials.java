package lectulum.log;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lectulum.build.Tasks;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Fuelled;
import lectulum.design.feature.Plumbed;
import lectulum.design.logbook.Trial;
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
import lectulum.kernel.towing.Bounce;
import lectulum.units.Quantity;

/// The tests that a camper wants by what it has, and how they went: the last one of each zone counts.
public final class Trials {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("log-tests", "Tests", Stage.LOG,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.WORKS,
                    Design.Part.LOGBOOK)))
            .checking(TrialRules.class, Trials::remedies);
    private static final String SOURCE = "see docs/method/log.md";
    private static final List<String> LAMPS = List.of("left tail", "right tail", "left stop", "right stop",
            "left indicator", "right indicator", "number plate", "side markers", "reflectors");
    /// Below this nothing damps but the springs themselves (assumed).
    private static final double LITTLE = 0.1;
    private static final String LINING = "E1";

    private Trials() {
    }

    /// A test that is wanted, and the last one that was made of it.
    public record Wanted(Trial.Kind kind, String zone, Optional<Trial> last) {
        public Trial.Outcome outcome() {
            return last.map(Trial::outcome).orElse(Trial.Outcome.OPEN);
        }
    }

    /// All that are wanted, and those that were made besides.
    public static List<Wanted> wanted(Design d) {
        Map<String, Wanted> all = new LinkedHashMap<>();
        zones(d).forEach((kind, zones) -> zones.forEach(z -> all.put(key(kind, z), new Wanted(kind, z,
                Optional.empty()))));
        for (Trial t : d.logbook().trials()) {
            all.put(key(t.kind(), t.zone()), new Wanted(t.kind(), t.zone(), Optional.of(t)));
        }
        return List.copyOf(all.values());
    }

    private static String key(Trial.Kind kind, String zone) {
        return kind + " " + zone.strip().toLowerCase(Locale.ROOT);
    }

    private static Map<Trial.Kind, List<String>> zones(Design d) {
        Map<Trial.Kind, List<String>> all = new LinkedHashMap<>();
        all.put(Trial.Kind.WATER, rain(d));
        if (has(d, t -> t.has(Plumbed.WaterPump.class) || t.has(Plumbed.WaterTap.class))) {
            all.put(Trial.Kind.PRESSURE, List.of("all pipes"));
        }
        if (has(d, t -> t.has(Fuelled.Bottle.class))) {
            all.put(Trial.Kind.GAS, List.of("bottle to every burner"));
        }
        all.put(Trial.Kind.LAMP, LAMPS);
        if (has(d, t -> t.battery().isPresent())) {
            all.put(Trial.Kind.CIRCUIT, List.of("every fuse, one by one", "charging while towed"));
        }
        if (has(d, t -> t.has(Aired.Alarm.class))) {
            all.put(Trial.Kind.ALARM, List.of("by their buttons"));
        }
        if (d.base().axle().braked()) {
            all.put(Trial.Kind.BRAKE, List.of("service brake", "parking brake", "breakaway"));
        }
        all.put(Trial.Kind.BOUNCE, List.of("loaded"));
        all.put(Trial.Kind.TOW, List.of("30 km/h, empty road", "80 km/h, loaded"));
        all.put(Trial.Kind.NIGHT, List.of("near home"));
        return all;
    }

    /// Zones of the rain test, from below upwards, as water from above hides what leaks below.
    private static List<String> rain(Design d) {
        List<String> zones = new ArrayList<>(List.of("floor seam"));
        for (Thing t : d.things()) {
            if (t.mount() == Mount.SET_IN && (t.has(Feature.Opening.class) || t.has(Aired.Vent.class)
                    || t.has(Aired.Glazing.class))) {
                zones.add(t.name());
            }
        }
        if (d.base().carcass().hatch().isPresent() || d.base().carcass().framing().containsKey(Carcass.Face.REAR)) {
            zones.add("hatch");
        }
        zones.add("roof edge");
        return zones.stream().distinct().toList();
    }

    private static boolean has(Design d, Predicate<Thing> what) {
        return d.things().stream().anyMatch(what);
    }

    static List<Study> of(Design d) {
        List<Wanted> all = wanted(d);
        Study.Notebook book = new Study.Notebook("log-tests", Stage.LOG, "Tests before it is used", "");
        long passed = all.stream().filter(w -> w.outcome() == Trial.Outcome.PASSED).count();
        book.figure("log.tests", "Tests wanted", all.size(), Quantity.COUNT, "by what the camper has",
                Sentence.of("{0} passed", passed), SOURCE);
        book.figure("log.passed", "Passed", passed, Quantity.COUNT, "the last one of each zone",
                Sentence.of("of {0}", all.size()), SOURCE);
        for (Wanted w : all) {
            w.last().filter(t -> t.outcome() == Trial.Outcome.FAILED)
                    .ifPresent(t -> book.say(TrialRules.FAILED, Subject.part(t.id()), Severity.WARN,
                            Sentence.of("Failed: {0}, {1}", t.kind().label(), zone(t.zone())),
                            Sentence.of("{0}. Mend it and test again.", said(t)), things(d, t.zone())));
        }
        lining(d, all, book);
        all.stream().flatMap(w -> w.last().stream()).filter(t -> t.kind() == Trial.Kind.BOUNCE)
                .forEach(t -> bounce(t, book));
        return List
                .of(book.note("Water: a hose for ten minutes a zone, from below upwards, somebody inside with a lamp;"
                        + " write down after how long the first drop came.").done());
    }

    private static String zone(String zone) {
        return zone.isBlank() ? "no zone named" : zone;
    }

    private static String said(Trial t) {
        String when = t.date().isBlank() ? "It was tested" : "It was tested on " + t.date();
        return t.note().isBlank() ? when : when + ": " + t.note();
    }

    private static List<String> things(Design d, String zone) {
        return d.things().stream().filter(t -> t.name().equals(zone)).map(Thing::id).limit(1).toList();
    }

    /// Lining hides what leaks.
    private static void lining(Design d, List<Wanted> all, Study.Notebook book) {
        boolean begun = Tasks.of(d).stream().anyMatch(t -> t.id().equals(LINING) && t.done() > 0);
        List<Wanted> open = all.stream().filter(w -> w.kind() == Trial.Kind.WATER
                && w.outcome() != Trial.Outcome.PASSED).toList();
        if (begun && !open.isEmpty()) {
            book.say(TrialRules.LINING, Severity.STOP,
                    open.size() == 1
                            ? Sentence.of("It is lined, but {0} did not pass the rain test",
                                    zone(open.getFirst().zone()))
                            : Sentence.of("It is lined, but {0} zones did not pass the rain test", open.size()),
                    Sentence.of("Not yet or not passed: {0}. What leaks behind a lining is found when it rots.",
                            String.join(", ", open.stream().map(w -> zone(w.zone())).toList())));
        }
    }

    private static void bounce(Trial t, Study.Notebook book) {
        OptionalDouble ratio = Bounce.damping(t.cycles().orElse(0), t.share().orElse(0));
        ratio.ifPresent(z -> {
            book.figure("log.damping." + t.id(), "Damping, " + zone(t.zone()), z, Quantity.SHARE,
                    "δ/√(4π² + δ²), δ = ln(1/q)/n", Sentence.of("{0} swings until {1} of the first is left",
                            Amount.count(t.cycles().orElse(0)), Amount.share(t.share().orElse(0))),
                    SOURCE);
            if (z < LITTLE) {
                book.say(TrialRules.BOUNCE, Subject.part(t.id()), Severity.NOTE,
                        Sentence.of("It swings on: damped by {0} of what would stop it", Amount.share(z)),
                        Sentence.of("Below {0} only the springs damp. Dampers, more on the ball and the right pressure"
                                + " help; test again afterwards.", Amount.share(LITTLE)));
            }
        });
    }

    /// The tests as a table for papers.
    public static Listing table(Design d) {
        Listing.Maker table = new Listing.Maker("Tests").words("Test", "where", "went", "on", "by", "notes");
        for (Wanted w : wanted(d)) {
            table.row(w.kind().label(), zone(w.zone()), w.outcome().label(), w.last().map(Trial::date).orElse(""),
                    w.last().map(Trial::by).orElse(""), w.last().map(Trial::note).orElse(""));
        }
        return table.done();
    }

    /// The edit that writes down how a test went: in the last one of its zone where that is still open, otherwise as a new one.
    public static Edit went(Trial.Kind kind, String zone, Trial.Outcome outcome) {
        return new Edit("A test " + outcome.label(), d -> {
            Optional<Trial> open = wanted(d).stream().filter(w -> w.kind() == kind && w.zone().equals(zone))
                    .flatMap(w -> w.last().stream()).filter(t -> t.outcome() == Trial.Outcome.OPEN).findFirst();
            return d.withLogbook(open.isPresent()
                    ? d.logbook().mappingTrial(open.get().id(), t -> t.withOutcome(outcome))
                    : d.logbook().plus(Trial.of(d.logbook().freeId("test"), d.purse().today(), kind, zone, outcome)));
        });
    }

    private static Stream<Remedy> remedies(Known known, TrialRules rule, Finding finding) {
        return switch (rule) {
            case FAILED -> known.given().logbook().trials().stream()
                    .filter(t -> finding.about().equals(Subject.part(t.id())))
                    .map(t -> new Remedy(Sentence.of("Tested again: it passed"),
                            went(t.kind(), t.zone(), Trial.Outcome.PASSED)));
            case LINING, BOUNCE -> Stream.empty();
        };
    }
}
