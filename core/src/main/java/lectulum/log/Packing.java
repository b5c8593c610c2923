package lectulum.log;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.logbook.Carrying;
import lectulum.design.logbook.Journey;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Reads;
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
import lectulum.layout.storage.Keeping;
import lectulum.layout.storage.Storage;
import lectulum.units.Quantity;

/// The packing list: what is taken along, where it is kept, who packs it, and what could stay at home. It is made of the things on the
/// sheet, so that its masses are those of the load cases.
public final class Packing {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("log-pack", "Packing", Stage.LOG,
            Packing::of).checking(PackingRules.class, Packing::remedies);
    private static final String SOURCE = "see docs/method/log.md";
    private static final int TRIPS = 3;
    private static final String LOOSE = "no place";

    private Packing() {
    }

    /// A line of the packing list.
    ///
    /// @param place  name of where it is kept
    /// @param unused trips in a row on which it was not used
    public record Line(Thing thing, String place, Carrying carrying, int unused) {
    }

    /// In the order of places: what is kept together stands together, the fullest place first.
    public static List<Line> lines(Design d, Keeping keeping) {
        Map<String, Double> heavy = new TreeMap<>();
        List<Line> all = new ArrayList<>();
        for (Thing t : d.things()) {
            if (Keeping.packed(t)) {
                String home = keeping.home().getOrDefault(t.id(), "");
                String place = d.thing(home).map(Thing::name).orElse(switch (t.mount()) {
                    case OUTSIDE -> "outside";
                    case INSIDE -> "on the floor";
                    default -> LOOSE;
                });
                all.add(new Line(t, place, d.logbook().carrying(t.id()),
                        t.role() == Role.GEAR ? Journeys.unused(d, t) : 0));
                heavy.merge(place, t.mass().value(), Double::sum);
            }
        }
        all.sort(Comparator.comparing((Line l) -> -heavy.get(l.place())).thenComparing(Line::place)
                .thenComparing(l -> -l.thing().mass().value()));
        return all;
    }

    private static List<Study> of(Reads in) {
        Design d = in.design(Design.Part.BRIEF, Design.Part.THINGS, Design.Part.LOGBOOK);
        List<Line> all = lines(d, in.of(Storage.DISCIPLINE).keeping());
        Study.Notebook book = new Study.Notebook("log-pack", Stage.LOG, "What is taken along", "");
        if (all.isEmpty()) {
            return List.of(book.note("Nothing is packed: add gear and provisions to the sheet (Layout).").done());
        }
        Sentence numbers = Sentence.counted(all.size(), "One thing", "{0} things");
        book.figure("log.pack.count", "Things to pack", all.size(), Quantity.COUNT, "gear and provisions on the sheet",
                numbers, SOURCE);
        book.figure("log.pack.mass", "They weigh", mass(all.stream()), Quantity.MASS, "Σ", numbers, SOURCE);
        book.figure("log.pack.carry", "Of it carried out to it each trip",
                mass(all.stream().filter(l -> !l.carrying().stays())), Quantity.MASS, "Σ of what does not stay in it",
                numbers, SOURCE);
        book.figure("log.pack.left", "Not packed yet",
                all.stream().filter(l -> !l.carrying().stays() && !l.carrying().packed()).count(), Quantity.COUNT,
                "counted", numbers, SOURCE);
        people(all, book);
        List<Line> idle = all.stream().filter(l -> l.unused() >= TRIPS)
                .sorted(Comparator.comparingDouble(l -> -l.thing().mass().value())).toList();
        if (!idle.isEmpty()) {
            book.figure("log.pack.idle", "Not used on the last trips", mass(idle.stream()), Quantity.MASS,
                    "Σ of what was not used three times in a row",
                    Sentence.counted(idle.size(), "One thing", "{0} things"), SOURCE);
        }
        for (Line l : idle) {
            book.say(PackingRules.UNUSED, Subject.thing(l.thing().id()), Severity.NOTE,
                    Sentence.of("{0} was not used on {1} trips", l.thing().name(), l.unused()),
                    Sentence.of("It weighs {0}. What might save a life stays aboard all the same.",
                            Amount.kg(l.thing().mass().value())),
                    List.of(l.thing().id()));
        }
        return List.of(book.done());
    }

    private static double mass(Stream<Line> lines) {
        return lines.mapToDouble(l -> l.thing().mass().value()).sum();
    }

    private static void people(List<Line> all, Study.Notebook book) {
        Map<String, List<Line>> by = new TreeMap<>();
        all.stream().filter(l -> !l.carrying().stays())
                .forEach(l -> by.computeIfAbsent(l.carrying().who(), k -> new ArrayList<>()).add(l));
        List<Line> nobody = by.getOrDefault("", List.of());
        if (by.size() > 1) {
            Listing.Maker table = new Listing.Maker("Who packs").words("Who").numbers("things", "mass", "packed");
            by.forEach((who, lines) -> table.row(who.isEmpty() ? "nobody named" : who, Amount.count(lines.size()),
                    Amount.kg(mass(lines.stream())),
                    Amount.count(lines.stream().filter(l -> l.carrying().packed()).count())));
            book.listing(table.done());
            if (!nobody.isEmpty()) {
                book.say(PackingRules.PACKER, Severity.NOTE,
                        Sentence.of("Nobody packs {0}", nobody.size() == 1
                                ? nobody.getFirst().thing().name()
                                : nobody.size() + " things"),
                        Sentence.of("Others have somebody who packs them."));
            }
        }
    }

    /// The packing list for papers.
    public static Listing table(List<Line> all) {
        Listing.Maker table = new Listing.Maker("In the order of places").words("Where", "What", "who")
                .numbers("mass", "packed");
        String before = "";
        for (Line l : all) {
            table.row(l.place().equals(before) ? "" : l.place(), l.thing().name(), l.carrying().who(),
                    Amount.kg(l.thing().mass().value()),
                    l.carrying().stays() ? "stays" : l.carrying().packed() ? "yes" : "no");
            before = l.place();
        }
        return table.done();
    }

    /// The edit that unpacks everything that does not stay: the list for the next trip.
    public static Edit anew() {
        return new Edit("Pack anew", d -> d.withLogbook(d.logbook()
                .withCarried(d.logbook().carried().stream().map(c -> c.packed(false)).toList())));
    }

    /// The edit that says of a trip that something was used, or was not.
    public static Edit used(String journey, String thing, boolean used) {
        return new Edit(used ? "It was used" : "It was not used",
                d -> d.withLogbook(d.logbook().mappingJourney(journey, j -> with(j, thing, used))));
    }

    private static Journey with(Journey j, String thing, boolean used) {
        List<String> all = new ArrayList<>(j.used());
        all.remove(thing);
        if (used) {
            all.add(thing);
        }
        return j.withUsed(all);
    }

    private static Stream<Remedy> remedies(Known known, PackingRules rule, Finding finding) {
        return switch (rule) {
            case UNUSED -> finding.things().stream().flatMap(id -> known.given().thing(id).stream())
                    .map(t -> new Remedy(Sentence.of("Leave {0} at home", t.name()),
                            new Edit("Without " + t.name(), d -> d.without(Set.of(t.id())))));
            case PACKER -> known.given().brief().people().stream().limit(3).filter(p -> !p.name().isBlank())
                    .map(p -> new Remedy(Sentence.of("{0} packs them", p.name()), new Edit("Who packs", d -> {
                        Design next = d;
                        for (Thing t : d.things()) {
                            if (Keeping.packed(t) && d.logbook().carrying(t.id()).who().isBlank()) {
                                next = next.withLogbook(next.logbook().mappingCarrying(t.id(), c -> c.by(p.name())));
                            }
                        }
                        return next;
                    })));
        };
    }
}
