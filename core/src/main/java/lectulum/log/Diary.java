package lectulum.log;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Stream;
import lectulum.build.Task;
import lectulum.build.Tasks;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.logbook.LogEntry;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.design.works.Job;
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
import lectulum.units.Day;
import lectulum.units.Quantity;

/// The entries: hours, what mistakes cost, what is open, what the next one should be like.
public final class Diary {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("log-diary", "Log", Stage.LOG,
            in -> of(in.unplaced(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.PURSE,
                    Design.Part.WORKS, Design.Part.LOGBOOK)))
            .checking(DiaryRules.class, Diary::remedies);
    private static final String SOURCE = "see docs/method/log.md";
    private static final double SNAG_HOURS = 2 * 3600;
    private static final int LONG = 46;
    /// A tape reads no better \[m\].
    private static final double MEASURED = 5e-4;

    private Diary() {
    }

    static List<Study> of(Design d) {
        List<LogEntry> all = d.logbook().entries();
        List<Study> studies = new ArrayList<>();
        studies.add(sums(d, all));
        if (all.stream().anyMatch(e -> e.kind().open() && !e.done())) {
            studies.add(open(d, all));
        }
        if (all.stream().anyMatch(e -> e.kind().lesson())) {
            studies.add(lessons(all));
        }
        if (all.stream().anyMatch(e -> measured(d, e).isPresent())) {
            studies.add(asBuilt(d, all));
        }
        return studies;
    }

    private static Study sums(Design d, List<LogEntry> all) {
        Study.Notebook book = new Study.Notebook("log-diary", Stage.LOG, "What the log adds up to", "");
        if (all.isEmpty()) {
            return book.note(
                    "Nothing is written yet. Write what was done on a day with its hours: the plan of Build learns"
                            + " from them. A snag becomes a task, a lesson is shown again at the stage that it concerns.")
                    .done();
        }
        Sentence numbers = Sentence.of("{0} entries", all.size());
        book.figure("log.entries", "Entries", all.size(), Quantity.COUNT, "counted", numbers, SOURCE);
        book.figure("log.hours", "Hours worked", sum(all.stream().filter(e -> e.kind() == LogEntry.Kind.WORK)
                .map(LogEntry::hours)), Quantity.DURATION, "Σ hours of work", numbers, SOURCE);
        book.figure("log.open", "Snags and fixes that are open",
                all.stream().filter(e -> e.kind().open() && !e.done()).count(), Quantity.COUNT, "counted", numbers,
                SOURCE);
        List<LogEntry> mistakes = all.stream().filter(e -> e.kind() == LogEntry.Kind.MISTAKE).toList();
        if (!mistakes.isEmpty()) {
            Sentence of = Sentence.counted(mistakes.size(), "One mistake", "{0} mistakes");
            book.figure("log.lost.hours", "Hours lost by mistakes", sum(mistakes.stream().map(LogEntry::hours)),
                    Quantity.DURATION, "Σ", of, SOURCE);
            book.figure("log.lost.money", "Money lost by them", sum(mistakes.stream().map(LogEntry::cost)),
                    Quantity.MONEY, "Σ", of, SOURCE);
            book.figure("log.lost.mass", "Mass added by them", sum(mistakes.stream().map(LogEntry::mass)),
                    Quantity.MASS, "Σ", of, SOURCE);
        }
        months(all).ifPresent(book::listing);
        days(d, book);
        return book.done();
    }

    private static double sum(Stream<OptionalDouble> all) {
        return all.filter(OptionalDouble::isPresent).mapToDouble(OptionalDouble::getAsDouble).sum();
    }

    private static Optional<Listing> months(List<LogEntry> all) {
        Map<String, Double> hours = new TreeMap<>();
        all.stream().filter(e -> e.kind() == LogEntry.Kind.WORK && e.hours().isPresent())
                .forEach(e -> Day.iso(e.date()).ifPresent(day -> hours.merge(day.toString().substring(0, 7),
                        e.hours().getAsDouble(), Double::sum)));
        if (hours.size() < 2) {
            return Optional.empty();
        }
        Listing.Maker table = new Listing.Maker("Hours of each month").words("Month").numbers("worked");
        hours.forEach((month, h) -> table.row(month, Amount.hours(h)));
        return Optional.of(table.done());
    }

    /// What cannot be read as a day, and what lies ahead of today.
    private static void days(Design d, Study.Notebook book) {
        Map<String, String> all = new TreeMap<>();
        for (LogEntry e : d.logbook().entries()) {
            all.put(e.id() + ".date", e.date());
            all.put(e.id() + ".due", e.due());
        }
        d.logbook().trials().forEach(t -> all.put(t.id() + ".date", t.date()));
        d.logbook().journeys().forEach(j -> all.put(j.id() + ".date", j.date()));
        d.logbook().upkeep().forEach(u -> all.put(u.id() + ".last", u.last()));
        all.forEach((id, text) -> {
            if (Day.unreadable(text)) {
                book.say(DiaryRules.DAY, Subject.part(id), Severity.WARN,
                        Sentence.of("“{0}” is no day", shortened(text)),
                        Sentence.of(
                                "Days are written as 2026-05-31. What has no day counts nowhere that goes by days."));
            }
        });
        Optional<LocalDate> today = Day.iso(d.purse().today());
        all.forEach((id, text) -> Day.iso(text).filter(day -> !id.endsWith(".due") && today.isPresent()
                && day.isAfter(today.get())).ifPresent(day -> book.say(DiaryRules.FUTURE, Subject.part(id),
                        Severity.NOTE, Sentence.of("An entry lies ahead of today: {0}", day.toString()),
                        Sentence.of("Today is {0}, as it stands in the log.", today.get().toString()))));
    }

    private static Study open(Design d, List<LogEntry> all) {
        Study.Notebook book = new Study.Notebook("log-open", Stage.LOG, "Open snags and fixes", "");
        Optional<LocalDate> today = Day.iso(d.purse().today());
        Listing.Maker table = new Listing.Maker("").words("What", "is", "due", "task");
        List<LogEntry> open = all.stream().filter(e -> e.kind().open() && !e.done())
                .sorted(Comparator.comparing((LogEntry e) -> !e.unsafe()).thenComparing(e -> Day.iso(e.due())
                        .orElse(LocalDate.MAX)))
                .toList();
        for (LogEntry e : open) {
            Optional<LocalDate> due = Day.iso(e.due());
            table.row(shortened(e.text()), e.unsafe() ? e.kind().label() + ", unsafe" : e.kind().label(),
                    due.map(LocalDate::toString).orElse("–"),
                    e.task().isEmpty() ? "–" : e.task());
            List<String> things = d.thing(e.thing()).map(t -> List.of(t.id())).orElse(List.of());
            if (e.unsafe()) {
                book.say(DiaryRules.UNSAFE, Subject.part(e.id()), Severity.STOP,
                        Sentence.of("Mend before anybody travels: {0}", shortened(e.text())),
                        Sentence.of("It stands in the log as unsafe{0}.", since(e)), things);
            } else if (due.isPresent() && today.isPresent() && due.get().isBefore(today.get())) {
                book.say(DiaryRules.OVERDUE, Subject.part(e.id()), Severity.WARN,
                        Sentence.of("Was to be mended by {0}: {1}", due.get().toString(), shortened(e.text())),
                        Sentence.of("It stands in the log as a {0}{1}.", e.kind().label(), since(e)), things);
            }
        }
        return book.listing(table.done()).done();
    }

    /// What was measured on a thing that is there; empty for other entries.
    private static Optional<Size> measured(Design d, LogEntry e) {
        return e.kind() == LogEntry.Kind.AS_BUILT
                && (e.length().isPresent() || e.width().isPresent() || e.height().isPresent())
                        ? d.thing(e.thing()).map(t -> new Size(e.length().orElse(t.size().length()),
                                e.width().orElse(t.size().width()), e.height().orElse(t.size().height())))
                        : Optional.empty();
    }

    /// Sizes as they were built against those of the plan. Of two entries about one thing the later one in the log counts.
    private static Study asBuilt(Design d, List<LogEntry> all) {
        Study.Notebook book = new Study.Notebook("log-asbuilt", Stage.LOG, "As built", "");
        Listing.Maker table = new Listing.Maker("").words("Thing", "planned", "built");
        Map<String, LogEntry> last = new LinkedHashMap<>();
        all.stream().filter(e -> measured(d, e).isPresent()).forEach(e -> last.put(e.thing(), e));
        last.values().forEach(e -> {
            Thing t = d.thing(e.thing()).orElseThrow();
            Size built = measured(d, e).orElseThrow();
            table.row(t.name(), size(t.size()), size(built));
            if (!same(t.size(), built)) {
                book.say(DiaryRules.AS_BUILT, Subject.part(e.id()), Severity.NOTE,
                        Sentence.of("{0} was not built as planned", t.name()),
                        Sentence.of("Planned {0}, built {1}: clearances, mass and balance are still those of the plan.",
                                size(t.size()), size(built)),
                        List.of(t.id()));
            }
        });
        return book.listing(table.done()).note("Length × width × height.").done();
    }

    private static Sentence size(Size s) {
        return Sentence.of("{0} × {1} × {2}", Amount.m(s.length()), Amount.m(s.width()), Amount.m(s.height()));
    }

    private static boolean same(Size a, Size b) {
        return Math.abs(a.length() - b.length()) < MEASURED && Math.abs(a.width() - b.width()) < MEASURED
                && Math.abs(a.height() - b.height()) < MEASURED;
    }

    /// The edit that gives a thing the size that an entry says it was built in; it keeps its place and its mass. Empty where the entry says
    /// none.
    public static Optional<Edit> asBuilt(Design d, String id) {
        return d.logbook().entry(id).flatMap(e -> measured(d, e).map(size -> new Edit("Planned as built",
                x -> x.mapping(e.thing(), t -> t.with(size)))));
    }

    private static String since(LogEntry e) {
        return e.date().isBlank() ? "" : " since " + e.date();
    }

    private static Study lessons(List<LogEntry> all) {
        Study.Notebook book = new Study.Notebook("log-lessons", Stage.LOG, "For the next one", "");
        Map<LogEntry.Kind, List<LogEntry>> kinds = new EnumMap<>(LogEntry.Kind.class);
        all.stream().filter(e -> e.kind().lesson())
                .forEach(e -> kinds.computeIfAbsent(e.kind(), k -> new ArrayList<>()).add(e));
        Listing.Maker table = new Listing.Maker("").words("What", "is a", "shown at");
        kinds.values().forEach(list -> list.forEach(e -> table.row(e.text(), e.kind().label(),
                e.stage().isEmpty() ? "–" : e.stage())));
        return book.listing(table.done()).done();
    }

    /// What the log teaches at a stage.
    public static List<LogEntry> lessons(Design d, Stage stage) {
        return d.logbook().entries().stream()
                .filter(e -> e.kind().lesson() && e.stage().equalsIgnoreCase(stage.label())).toList();
    }

    /// Entries in which every word is found, in any of their texts, the name of their task or thing, or their day; the last ones first.
    public static List<LogEntry> found(Design d, String words) {
        Map<String, String> tasks = new TreeMap<>();
        for (Task t : Tasks.of(d)) {
            tasks.put(t.id(), t.name());
        }
        List<String> wanted = Stream.of(words.toLowerCase(Locale.ROOT).split("\\s+")).filter(w -> !w.isEmpty())
                .toList();
        return d.logbook().entries().stream().filter(e -> {
            String text = String.join(" ", e.date(), e.kind().label(), e.text(), e.why(), e.stage(), e.due(),
                    e.task(), tasks.getOrDefault(e.task(), ""),
                    d.thing(e.thing()).map(t -> t.name()).orElse("")).toLowerCase(Locale.ROOT);
            return wanted.stream().allMatch(text::contains);
        }).sorted(Comparator.comparing((LogEntry e) -> Day.iso(e.date()).orElse(LocalDate.MIN)).reversed()).toList();
    }

    /// The edit that makes an open snag a task, which stands in the plan; empty where it is one already or is no snag.
    public static Optional<Edit> task(Design d, String id) {
        return d.logbook().entry(id).filter(e -> e.kind().open() && !e.done() && e.task().isEmpty())
                .map(e -> new Edit("A task of a snag", x -> {
                    String job = x.works().freeId();
                    return x.with(x.works().mapping(job,
                            j -> j.withOwn(true).withName(shortened(e.text())).withHours(
                                    e.hours().isPresent() ? e.hours() : OptionalDouble.of(SNAG_HOURS))))
                            .withLogbook(x.logbook().mappingEntry(id, s -> s.withTask(job)));
                }));
    }

    /// The edit that marks a snag as mended, and its task as done where it is one of its own.
    public static Edit mended(String id) {
        return new Edit("It is mended", d -> {
            Design next = d.withLogbook(d.logbook().mappingEntry(id, e -> e.withDone(true)));
            return d.logbook().entry(id).map(LogEntry::task).map(d.works()::job).filter(Job::own)
                    .map(j -> next.with(next.works().mapping(j.id(), x -> x.withDone(1)))).orElse(next);
        });
    }

    private static Stream<Remedy> remedies(Known known, DiaryRules rule, Finding finding) {
        return switch (rule) {
            case UNSAFE, OVERDUE -> known.given().logbook().entries().stream()
                    .filter(e -> finding.about().equals(Subject.part(e.id())))
                    .map(e -> new Remedy(Sentence.of("It is mended"), mended(e.id())));
            case AS_BUILT -> known.given().logbook().entries().stream()
                    .filter(e -> finding.about().equals(Subject.part(e.id())))
                    .flatMap(e -> asBuilt(known.given(), e.id()).stream())
                    .map(e -> new Remedy(Sentence.of("Plan it as it was built"), e));
            case FUTURE, DAY -> Stream.empty();
        };
    }

    private static String shortened(String text) {
        String one = text.strip().replaceAll("\\s+", " ");
        return one.isEmpty() ? "no words" : one.length() <= LONG ? one : one.substring(0, LONG - 1).strip() + "…";
    }
}
