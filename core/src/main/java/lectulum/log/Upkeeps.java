package lectulum.log;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.UsualUpkeep;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Fuelled;
import lectulum.design.feature.Plumbed;
import lectulum.design.logbook.Journey;
import lectulum.design.logbook.Upkeep;
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
import lectulum.kernel.upkeep.Due;
import lectulum.kernel.upkeep.TyreCode;
import lectulum.units.Day;
import lectulum.units.Quantity;

/// What is looked after again and again, by time, distance and hours of running: when it is due, and by what.
public final class Upkeeps {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("log-upkeep", "Upkeep", Stage.LOG,
            in -> of(in.unplaced(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.PURSE,
                    Design.Part.SETTINGS, Design.Part.LOGBOOK)))
            .checking(UpkeepRules.class, Upkeeps::remedies);
    private static final String SOURCE = "see docs/method/log.md";
    private static final int SOON = 30;
    private static final double LOOK = 5;
    private static final double REPLACE = 7;
    private static final double YEAR = 365.25;

    private Upkeeps() {
    }

    /// Something to look after in this camper, with all that is known of it.
    ///
    /// @param months   after which it is due
    /// @param distance \[m\]
    /// @param running  \[s\]
    /// @param due      empty where it was never done, or nobody said what day it is
    public record Item(String id, String name, boolean own, OptionalDouble months, OptionalDouble distance,
            OptionalDouble running, Upkeep known, Optional<Due> due, String how) {
    }

    /// All of this camper, in their usual order.
    public static List<Item> items(Design d) {
        List<Item> all = new ArrayList<>();
        for (UsualUpkeep u : UsualUpkeep.all()) {
            Upkeep known = d.logbook().upkeep(u.id());
            if (!known.dropped() && concerns(d, u.of())) {
                all.add(item(d, u.id(), u.name(), known, or(known.months(), u.months()),
                        or(known.distance(), u.distance()), or(known.running(), u.running()), u.how()));
            }
        }
        d.logbook().upkeep().stream().filter(k -> k.own() && !k.dropped()).forEach(k -> all.add(item(d, k.id(),
                k.name().isBlank() ? "own upkeep" : k.name(), k, k.months(), k.distance(), k.running(), "")));
        return all;
    }

    private static OptionalDouble or(OptionalDouble typed, OptionalDouble usual) {
        return typed.isPresent() ? typed : usual;
    }

    private static Item item(Design d, String id, String name, Upkeep known, OptionalDouble months,
            OptionalDouble distance, OptionalDouble running, String how) {
        Optional<LocalDate> today = Day.iso(d.purse().today());
        Optional<LocalDate> last = Day.iso(known.last());
        Optional<Due> due = today.isEmpty() || last.isEmpty()
                ? Optional.empty()
                : Due.of(last.get(), months, today.get(), uses(d, known, last.get(), today.get(), distance, running));
        return new Item(id, name, known.own(), months, distance, running, known, due, how);
    }

    private static Due.Use[] uses(Design d, Upkeep known, LocalDate last, LocalDate today, OptionalDouble distance,
            OptionalDouble running) {
        List<Due.Use> uses = new ArrayList<>();
        if (distance.isPresent() && known.at().isPresent()) {
            double since = towed(d) - known.at().getAsDouble();
            uses.add(new Due.Use(Due.Limit.DISTANCE, distance.getAsDouble() - since, daily(d)));
        }
        if (running.isPresent() && known.ran().isPresent()) {
            double days = Math.max(1, ChronoUnit.DAYS.between(last, today));
            uses.add(new Due.Use(Due.Limit.RUNNING, running.getAsDouble() - known.ran().getAsDouble(),
                    known.ran().getAsDouble() / days));
        }
        return uses.toArray(Due.Use[]::new);
    }

    /// Towed by today \[m\]: what was read, otherwise what the trips add up to.
    public static double towed(Design d) {
        return d.logbook().towed().orElse(d.logbook().journeys().stream().mapToDouble(Journey::distance).sum());
    }

    /// Towed in a day, on average \[m\]: from the first trip with a day until today, otherwise what the brief says of a year.
    public static double daily(Design d) {
        Optional<LocalDate> today = Day.iso(d.purse().today());
        Optional<LocalDate> first = d.logbook().journeys().stream().flatMap(j -> Day.iso(j.date()).stream())
                .min(Comparator.naturalOrder());
        double trips = d.logbook().journeys().stream().mapToDouble(Journey::distance).sum();
        long days = first.isPresent() && today.isPresent() ? ChronoUnit.DAYS.between(first.get(), today.get()) : 0;
        return days > 0 && trips > 0 ? trips / days : d.brief().travel().distance() / YEAR;
    }

    private static boolean concerns(Design d, UsualUpkeep.For what) {
        return switch (what) {
            case ALWAYS -> true;
            case BRAKES -> d.base().axle().braked();
            case GAS -> has(d, t -> t.has(Fuelled.Bottle.class));
            case HEATER -> has(d, t -> t.has(Aired.RoomHeater.class));
            case ALARMS -> has(d, t -> t.has(Aired.Alarm.class));
            case BATTERY -> has(d, t -> t.battery().isPresent());
            case WATER -> has(d, t -> t.has(Plumbed.WaterPump.class) || t.has(Plumbed.Boiler.class));
        };
    }

    private static boolean has(Design d, Predicate<Thing> what) {
        return d.things().stream().anyMatch(what);
    }

    static List<Study> of(Design d) {
        Study.Notebook book = new Study.Notebook("log-upkeep", Stage.LOG, "What is due when", "");
        List<Item> items = items(d);
        Optional<LocalDate> today = Day.iso(d.purse().today());
        book.figure("log.towed", "Towed by today", towed(d), Quantity.DISTANCE,
                d.logbook().towed().isPresent() ? "as read" : "Σ of the trips",
                Sentence.of("{0} a day", new Amount(daily(d), Quantity.DISTANCE)), SOURCE);
        if (today.isEmpty()) {
            return List.of(book.note("Say what day it is today: then it is told what is due.").done());
        }
        List<Item> due = items.stream().filter(i -> i.due().isPresent())
                .sorted(Comparator.comparing(i -> i.due().orElseThrow().day())).toList();
        book.figure("log.overdue", "Upkeep overdue", due.stream().filter(i -> i.due().orElseThrow().over()).count(),
                Quantity.COUNT, "counted", Sentence.of("{0} have a day", due.size()), SOURCE);
        due.stream().filter(i -> !i.due().orElseThrow().over()).findFirst().ifPresent(i -> book.figure("log.next",
                "Next upkeep in", ChronoUnit.DAYS.between(today.get(), i.due().orElseThrow().day()), Quantity.DAYS,
                "the first of time, distance and running", Sentence.of("{0}", i.name()), SOURCE));
        if (!due.isEmpty()) {
            book.listing(table(due));
        }
        for (Item i : due) {
            Due when = i.due().orElseThrow();
            long days = ChronoUnit.DAYS.between(today.get(), when.day());
            if (when.over() || days <= SOON) {
                book.say(UpkeepRules.DUE, Subject.part(i.id()), when.over() ? Severity.WARN : Severity.NOTE,
                        when.over()
                                ? Sentence.of("Overdue: {0}", lower(i.name()))
                                : Sentence.of("Due in {0}: {1}", Amount.days(days), lower(i.name())),
                        Sentence.of("By {0}; last on {1}. {2}", when.by().label(), i.known().last(), i.how()));
            }
        }
        List<Item> never = items.stream().filter(i -> Day.iso(i.known().last()).isEmpty()).toList();
        if (!never.isEmpty() && !d.logbook().journeys().isEmpty()) {
            book.say(UpkeepRules.NEVER, Severity.NOTE,
                    Sentence.of("Of {0} nobody knows when they were looked after last", counted(never.size())),
                    Sentence.of("{0}. Write down the day once: from then on it is told when they are due.",
                            String.join(", ", never.stream().map(i -> lower(i.name())).toList())));
        }
        tyres(d, today.get(), book);
        return List.of(book.done());
    }

    private static String counted(int n) {
        return n == 1 ? "one thing" : n + " things";
    }

    private static String lower(String name) {
        return name.isEmpty() ? name : Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    private static void tyres(Design d, LocalDate today, Study.Notebook book) {
        String code = d.logbook().tyres();
        if (code.isBlank()) {
            return;
        }
        Optional<LocalDate> made = TyreCode.made(code);
        if (made.isEmpty()) {
            book.say(UpkeepRules.TYRE_CODE, Severity.NOTE, Sentence.of("“{0}” is no week and year", code),
                    Sentence.of("The last four digits on the tyre: 3821 is the 38th week of 2021."));
            return;
        }
        double years = TyreCode.years(made.get(), today);
        book.figure("log.tyres", "Years since the tyres were made", years, Quantity.COUNT,
                "(today − Monday of the week)/365.25",
                Sentence.of("made in the week of {0}", made.get().toString()), SOURCE);
        double rated = Assumed.value(d, Assumption.TYRE_AGE);
        if (rated > 0 && Math.abs(years - rated) >= 1) {
            book.say(UpkeepRules.TYRE_AGE, Severity.NOTE,
                    Sentence.counted((long) Math.floor(years),
                            "Their code says the tyres are a year old, Balance reckons with {1}",
                            "Their code says the tyres are {0} years old, Balance reckons with {1}",
                            Amount.count(rated)),
                    Sentence.of("One of them is wrong; rated loads and speeds hang on it."));
        }
        if (years >= LOOK) {
            book.say(UpkeepRules.TYRES, years >= REPLACE ? Severity.WARN : Severity.NOTE,
                    Sentence.of("The tyres are {0} years old", Amount.count(Math.floor(years))),
                    years >= REPLACE
                            ? Sentence.of("Replace them from seven years on, even with tread: rubber ages standing.")
                            : Sentence.of("From five years on look for cracks before each season; replace at seven."));
        }
    }

    /// What is looked after, as a table for papers.
    public static Listing table(List<Item> items) {
        Listing.Maker table = new Listing.Maker("").words("What", "every", "last", "due", "by");
        for (Item i : items) {
            table.row(i.name(), every(i), i.known().last().isBlank() ? "–" : i.known().last(),
                    i.due().map(x -> x.day().toString()).orElse("–"),
                    i.due().map(x -> x.over() ? x.by().label() + ", overdue" : x.by().label()).orElse("–"));
        }
        return table.done();
    }

    /// How often, in words.
    public static Sentence every(Item i) {
        List<Object> parts = new ArrayList<>();
        i.months().ifPresent(m -> parts.add(Sentence.of(m == 1 ? "month" : "{0} months", Amount.count(m))));
        i.distance().ifPresent(x -> parts.add(new Amount(x, Quantity.DISTANCE)));
        i.running().ifPresent(x -> parts.add(Sentence.of("{0} run", Amount.hours(x))));
        return parts.isEmpty() ? Sentence.of("–") : Sentence.joined(parts);
    }

    /// The edit that says that something was done today, with what was towed by now.
    public static Edit done(String id) {
        return new Edit("Looked after", d -> d.withLogbook(d.logbook().mappingUpkeep(id,
                u -> u.withLast(d.purse().today()).withAt(OptionalDouble.of(towed(d)))
                        .withRan(u.ran().isPresent() ? OptionalDouble.of(0) : OptionalDouble.empty()))));
    }

    private static Stream<Remedy> remedies(Known known, UpkeepRules rule, Finding finding) {
        return switch (rule) {
            case DUE -> items(known.given()).stream().filter(i -> finding.about().equals(Subject.part(i.id())))
                    .map(i -> new Remedy(Sentence.of("It was done today"), done(i.id())));
            case TYRE_AGE -> TyreCode.made(known.given().logbook().tyres()).stream()
                    .flatMap(made -> Day.iso(known.given().purse().today()).stream()
                            .map(today -> Math.max(0.5, Math.floor(TyreCode.years(made, today)))))
                    .map(years -> Mend.assumed(Assumption.TYRE_AGE, years,
                            Sentence.of("Reckon with {0} years", Amount.count(years))));
            case NEVER, TYRES, TYRE_CODE -> Stream.empty();
        };
    }
}
