package lectulum.build;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.purse.Receipt;
import lectulum.design.works.Baseline;
import lectulum.design.works.Job;
import lectulum.design.works.OtherDay;
import lectulum.design.works.Slot;
import lectulum.design.works.Works;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Band;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.figures.Verdict;
import lectulum.figures.Working;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.schedule.Earned;
import lectulum.kernel.schedule.Network;
import lectulum.kernel.schedule.Schedule;
import lectulum.kernel.schedule.Sessions;
import lectulum.kernel.schedule.Weekend;
import lectulum.units.Day;
import lectulum.units.Quantity;

/// The plan of the build: tasks in their order and in the hours there are, the longest path, when it is done and how sure that is, what
/// to do next, and what logged hours say.
public final class BuildStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("build", "Plan", Stage.BUILD,
            in -> of(in.unplaced(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.PURSE,
                    Design.Part.WORKS, Design.Part.SETTINGS, Design.Part.LOGBOOK), in.of(Odds.DISCIPLINE)))
            .checking(BuildRules.class, BuildStudies::remedies);
    private static final String SOURCE = "see docs/method/build.md";
    private static final double HOUR = 3600;
    private static final double SLOW = 1.25;
    private static final double WEEK_OF_HOURS = 20;
    private static final long SOON = 14;
    private static final long WEEK = 7;

    private BuildStudies() {
    }

    static List<Study> of(Design d, Odds odds) {
        Plan plan = Plan.of(d);
        Plan paced = plan.tasks().stream().anyMatch(t -> t.logged().orElse(0) > 0) ? Plan.paced(d) : plan;
        List<Study> all = new ArrayList<>();
        all.add(sums(d, plan, paced, odds));
        if (plan.start().isPresent()) {
            all.add(next(d, plan));
        }
        if (!plan.ordered().isEmpty()) {
            all.add(ordered(d, plan));
        }
        all.add(tasks(plan, odds));
        Slip.of(d.works().baseline(), paced).ifPresent(x -> all.add(slip(x)));
        earned(d, plan).ifPresent(all::add);
        return all;
    }

    private static Study sums(Design d, Plan plan, Plan paced, Odds odds) {
        Study.Notebook book = new Study.Notebook("build-plan", Stage.BUILD, "When it is done", "");
        double hours = plan.tasks().stream().mapToDouble(Task::hours).sum();
        Sentence numbers = Sentence.of("{0} tasks, {1} of them done", plan.tasks().size(),
                plan.tasks().stream().filter(Task::finished).count());
        book.figure("build.hours", "Hours of the whole build", hours * HOUR, Quantity.DURATION, "Σ likely hours",
                numbers,
                SOURCE);
        book.figure(Figure.of("build.left", "Hours left", plan.left() * HOUR, Quantity.DURATION,
                new Working("Σ hours × (1 − done)", numbers, List.of(), SOURCE))
                .with(new Band(Double.NaN, hours * HOUR, Verdict.NONE, Sentence.of("of {0}",
                        Amount.hours(hours * HOUR)))));
        book.figure("build.path", "Longest path of what is left", plan.network().longest(false) * HOUR,
                Quantity.DURATION, "longest chain of tasks that wait for one another", numbers, SOURCE);
        path(plan, odds, book);
        check(d, plan, book);
        if (plan.start().isEmpty()) {
            return book.note("Say when building begins: days, the timeline and what to do next follow.").done();
        }
        LocalDate start = plan.start().get();
        Optional<LocalDateTime> finish = plan.finish();
        if (paced != plan) {
            paced.finish().ifPresent(f -> {
                book.figure("build.paced", "Days at the pace of the log", days(start, f.toLocalDate()), Quantity.DAYS,
                        "as planned, what is left × (logged + κ)/(earned + κ) of its family", numbers, SOURCE);
                book.note("At the pace of the log it ends on {0}.", f.toLocalDate().toString());
            });
        }
        finish.ifPresent(f -> {
            book.figure("build.days", "Days until it is done", days(start, f.toLocalDate()), Quantity.DAYS,
                    "tasks in sessions, the one that must be done first first", numbers, SOURCE);
            book.note("As planned the last task ends on {0}.", f.toLocalDate().toString());
        });
        paced.idle().ifPresent(idle -> List.of(50, 80).forEach(p -> paced
                .dayAfter((p == 50 ? odds.half() : odds.eight()) + idle).ifPresent(day -> {
                    book.figure("build.p" + p, p + " in a hundred are done within", days(start, day), Quantity.DAYS,
                            "10 000 trials, hours by beta distributions, all longer or shorter together, and the waits"
                                    + " of the plan",
                            numbers, SOURCE);
                    book.note("{0} of a hundred such builds are done by {1}.", p, day.toString());
                })));
        return book.note("Sums of likely hours are too low: tasks take longer more often than shorter, and all at once."
                + " Waits are those of the plan.").done();
    }

    /// What the longest path comes to by chance: where paths run beside one another the longer one of each trial counts.
    private static void path(Plan plan, Odds odds, Study.Notebook book) {
        if (plan.left() > 0 && plan.network().loop().isEmpty()) {
            Sentence numbers = Sentence.of("10 000 trials of {0} tasks", plan.network().tasks().size());
            book.figure("build.path.p50", "Longest path, 50 in a hundred", whole(odds.halfPath()),
                    Quantity.DURATION, "the longest chain of each trial", numbers, SOURCE);
            book.figure("build.path.p80", "Longest path, 80 in a hundred", whole(odds.eightPath()),
                    Quantity.DURATION, "the longest chain of each trial", numbers, SOURCE);
        }
    }

    /// Trials are not surer than an hour \[s\].
    private static double whole(double hours) {
        return Math.round(hours) * HOUR;
    }

    private static long days(LocalDate from, LocalDate to) {
        return ChronoUnit.DAYS.between(from, to);
    }

    private static void check(Design d, Plan plan, Study.Notebook book) {
        Stream.of(Stream.of(d.works().start()), d.works().off().stream(),
                d.works().other().stream().map(OtherDay::day),
                d.works().jobs().stream().map(j -> j.notBefore())).flatMap(x -> x).filter(Day::unreadable).distinct()
                .forEach(text -> book.say(BuildRules.DAY, Subject.part(text), Severity.WARN,
                        Sentence.of("“{0}” is no day", text),
                        Sentence.of("Days are written as 2026-05-31. Until it is mended it does not count.")));
        plan.network().loop().flatMap(plan::task).ifPresent(t -> book.say(BuildRules.LOOP, Subject.part(t.id()),
                Severity.STOP, Sentence.of("“{0}” waits for itself", t.name()),
                Sentence.of("Tasks in a loop are not planned: take one of them out of what must be done before.")));
        for (Schedule.Laid l : plan.laid()) {
            Task t = plan.task(l.job().id()).orElseThrow();
            switch (l.trouble()) {
                case NO_HOURS -> {
                    if (l.equals(plan.laid().getFirst())) {
                        book.say(BuildRules.NO_HOURS, Severity.STOP, Sentence.of("The week has no hours to build in"),
                                Sentence.of("Give it sessions: evenings, or a weekend."));
                    }
                }
                case NO_SESSION -> book.say(BuildRules.NO_SESSION, Subject.part(t.id()), Severity.STOP,
                        Sentence.of("No session is long enough to “{0}”", t.name()),
                        Sentence.of("It takes {0} in one go.", Amount.hours(t.left() * HOUR)));
                case NO_HELPER -> book.say(BuildRules.NO_HELPER, Subject.part(t.id()), Severity.WARN,
                        Sentence.of("Nobody helps to “{0}”", t.name()),
                        Sentence.of("It takes two people for {0}.", Amount.hours(t.left() * HOUR)));
                case NEVER_CURES -> book.say(BuildRules.COLD, Subject.part(t.id()), Severity.STOP,
                        Sentence.of("After “{0}” it never cures", t.name()),
                        Sentence.of("It ends on {0}, when the outside is colder than {1} all day: heat the shop.",
                                l.end().map(e -> e.toLocalDate().toString()).orElse("–"),
                                new Amount(5, Quantity.TEMPERATURE)));
                case NONE, BEFORE_IT -> {
                }
            }
        }
        for (Task t : plan.tasks()) {
            Job j = d.works().job(t.id());
            if (Tasks.contrary(j, t.hours())) {
                book.say(BuildRules.SPREAD, Subject.part(t.id()), Severity.WARN,
                        Sentence.of("“{0}” cannot take that long and that short", t.name()),
                        Sentence.of(
                                "At least {0}, likely {1}, at most {2}. Until it is mended the usual spread counts.",
                                Amount.hours(j.least().orElse(t.least() * HOUR)), Amount.hours(t.hours() * HOUR),
                                Amount.hours(j.most().orElse(t.most() * HOUR))));
            }
            if (t.finished() && !t.licence().isEmpty() && (t.by().isBlank() || t.checked().isBlank())) {
                book.say(BuildRules.LICENCE, Subject.part(t.id()), Severity.WARN,
                        Sentence.of("“{0}” is done: by whom, and who checked it?", t.name()),
                        Sentence.of("It takes {0}.", t.licence()));
            }
        }
    }

    private static Study next(Design d, Plan plan) {
        Study.Notebook book = new Study.Notebook("build-next", Stage.BUILD, "What to do next", "");
        Map<String, Network.Times> times = plan.network().times();
        List<LocalDate> days = plan.next();
        double hours = plan.hours(days);
        Map<String, Sentence> blocked = Shelf.blocked(d, plan, days);
        List<Task> ready = plan.ready().stream().filter(t -> times.containsKey(t.id()) && t.left() > 0
                && !blocked.containsKey(t.id())).toList();
        List<Weekend.Chosen> chosen = Weekend.of(ready.stream().map(t -> {
            double room = times.get(t.id()).room();
            return new Weekend.Offer(t.id(), t.left(), room < 1 ? 3 : room < WEEK_OF_HOURS ? 2 : 1, t.session());
        }).toList(), hours);
        Listing.Maker table = new Listing.Maker("").words("Task", "Mind").numbers("hours");
        chosen.forEach(c -> plan.task(c.id()).ifPresent(t -> table.row(t.name(), mind(t),
                Amount.hours(c.hours() * HOUR))));
        book.listing(table.done());
        List<Task> coats = chosen.stream().flatMap(c -> plan.task(c.id()).stream()).filter(t -> t.drying() > 0)
                .toList();
        if (!coats.isEmpty()) {
            book.note("End with “{0}”: it dries until the next session.", coats.getFirst().name());
        }
        List<String> tools = Shelf.tools(d, chosen.stream().map(Weekend.Chosen::id).toList());
        if (!tools.isEmpty()) {
            book.note("Have at hand: {0}.", String.join(", ", tools));
        }
        if (!blocked.isEmpty()) {
            Listing.Maker waits = new Listing.Maker("What could be begun, but").words("Task", "waits for");
            blocked.forEach((id, why) -> waits.row(plan.task(id).map(Task::name).orElse(id), why));
            book.listing(waits.done());
        }
        if (chosen.isEmpty() && plan.left() > 0) {
            Shelf.frees(plan, blocked).ifPresentOrElse(book::note,
                    () -> book.note("Nothing can be begun: tasks wait for one another."));
        }
        return book.note("In the {0} of sessions on {1}; what delays the end counts three times.",
                Amount.hours(hours * HOUR),
                days.isEmpty() ? "no day" : String.join(" and ", days.stream().map(LocalDate::toString).toList()))
                .done();
    }

    /// What tasks wait for, the soonest first.
    private static Study ordered(Design d, Plan plan) {
        Study.Notebook book = new Study.Notebook("build-ordered", Stage.BUILD, "What must be ordered when", "");
        Listing.Maker table = new Listing.Maker("").words("What", "Task", "is", "order by", "arrives");
        Optional<LocalDate> today = Day.iso(d.purse().today());
        plan.ordered().stream().sorted(Comparator.comparing(x -> x.orderBy().orElse(LocalDate.MAX))).forEach(x -> {
            String task = plan.task(x.task()).map(Task::name).orElse(x.task());
            table.row(x.receipt().what(), task, x.receipt().state().label(),
                    x.ordered() ? "–" : x.orderBy().map(LocalDate::toString).orElse("–"), x.arrives().toString());
            if (x.late() > 0) {
                book.say(BuildRules.PARTS, Subject.part(x.receipt().id()), Severity.WARN,
                        Sentence.of("{0} comes {1} too late for “{2}”", x.receipt().what(), Amount.days(x.late()),
                                task),
                        Sentence.of("It arrives on {0}; the task could begin on {1}. The plan waits for it.",
                                x.arrives().toString(), x.wanted().map(LocalDate::toString).orElse("–")));
            } else if (!x.ordered() && today.isPresent()
                    && x.orderBy().filter(by -> ChronoUnit.DAYS.between(today.get(), by) <= SOON).isPresent()) {
                book.say(BuildRules.PARTS, Subject.part(x.receipt().id()), Severity.NOTE,
                        Sentence.of("Order {0} by {1}", x.receipt().what(), x.orderBy().orElseThrow().toString()),
                        Sentence.of("“{0}” begins on {1} and waits for it; it takes {2} to arrive.", task,
                                x.wanted().map(LocalDate::toString).orElse("–"), Amount.days(x.receipt().lead())));
            }
        });
        return book.listing(table.done()).done();
    }

    private static String mind(Task t) {
        List<String> all = new ArrayList<>();
        if (t.two()) {
            all.add("two people");
        }
        if (t.session()) {
            all.add("in one go");
        }
        if (t.drying() > 0) {
            all.add(String.format(Locale.ROOT, "dries %.0f h", t.drying()));
        }
        if (!t.licence().isEmpty()) {
            all.add(t.licence());
        }
        return all.isEmpty() ? "–" : String.join("; ", all);
    }

    /// How far each task, and the end, moved since the plan was kept.
    private static Study slip(Slip x) {
        Study.Notebook book = new Study.Notebook("build-slip", Stage.BUILD, "Against the plan that was kept", "");
        x.end().ifPresent(days -> book.figure("build.slip", "The end has slipped by", days, Quantity.DAYS,
                "end at the pace of the log − end that was kept", Sentence.of("{0} against {1}",
                        x.finish().map(LocalDate::toString).orElse("–"), x.kept().toString()),
                SOURCE));
        Listing.Maker table = new Listing.Maker("").words("Task", "was to end", "ends").numbers("slipped by");
        x.tasks().forEach(t -> table.row(t.name(), t.was().toString(), t.ends().map(LocalDate::toString)
                .orElse(t.done() ? "done" : "–"), t.slip().isPresent() ? Amount.days(t.slip().getAsLong()) : "–"));
        if (x.end().orElse(0) > WEEK) {
            Optional<Slip.Of> worst = x.tasks().stream().filter(t -> t.slip().isPresent())
                    .max(Comparator.comparingLong(t -> t.slip().getAsLong()));
            book.say(BuildRules.SLIP, Severity.NOTE,
                    Sentence.of("The end has slipped by {0}", Amount.days(x.end().getAsLong())),
                    Sentence.of("Most of all “{0}”. Log hours, add sessions, leave out what is luxury; or keep the plan"
                            + " anew.", worst.map(Slip.Of::name).orElse("–")));
        }
        return book.listing(table.done())
                .note("Kept {0}. Ends are those at the pace of the log.", x.when()).done();
    }

    /// The edit that keeps the plan as it is now, to compare with later.
    public static Edit keepPlan() {
        return new Edit("The plan kept", d -> d.with(d.works().withBaseline(Slip.baseline(d))));
    }

    /// The edit that forgets it.
    public static Edit forgetPlan() {
        return new Edit("The kept plan forgotten", d -> d.with(d.works().withBaseline(Baseline.NONE)));
    }

    private static Study tasks(Plan plan, Odds odds) {
        Study.Notebook book = new Study.Notebook("build-tasks", Stage.BUILD, "Tasks in their order", "");
        Map<String, Network.Times> times = plan.network().times();
        Map<String, Schedule.Laid> laid = new HashMap<>();
        plan.laid().forEach(l -> laid.put(l.job().id(), l));
        Listing.Maker table = new Listing.Maker("").words("Task", "begins", "ends").numbers("hours", "may slip",
                "critical", "done");
        for (Task t : plan.tasks()) {
            Optional<Schedule.Laid> l = Optional.ofNullable(laid.get(t.id()));
            table.row(t.name(), day(l.flatMap(Schedule.Laid::start)), day(l.flatMap(Schedule.Laid::end)),
                    Amount.hours(t.hours() * HOUR),
                    times.containsKey(t.id()) ? Amount.hours(Math.max(0, times.get(t.id()).room()) * HOUR) : "–",
                    odds.critical().containsKey(t.id()) && !t.finished()
                            ? Amount.share(Math.round(100 * odds.critical().get(t.id())) / 100.0)
                            : "–",
                    Amount.share(t.done()));
        }
        return book.listing(table.done())
                .note("May slip: hours by which it can be later without delaying the end, were there hands enough."
                        + " Critical: in how many of 10 000 trials it delays the end when it slips.")
                .done();
    }

    private static String day(Optional<LocalDateTime> when) {
        return when.map(w -> w.toLocalDate().toString()).orElse("–");
    }

    private static Optional<Study> earned(Design d, Plan plan) {
        if (plan.tasks().stream().noneMatch(t -> t.logged().orElse(0) > 0)) {
            return Optional.empty();
        }
        Study.Notebook book = new Study.Notebook("build-earned", Stage.BUILD, "What logged hours say", "");
        Earned.State s = Pace.of(d, plan.tasks());
        Sentence numbers = Sentence.of("{0} of {1} earned by {2}", Amount.hours(s.earned() * HOUR),
                Amount.hours(s.budget() * HOUR), Amount.hours(s.spent() * HOUR));
        book.figure("build.spent", "Worked so far", s.spent() * HOUR, Quantity.DURATION, "Σ logged", numbers, SOURCE);
        book.figure("build.earned", "which was planned to take", s.earned() * HOUR, Quantity.DURATION,
                "Σ planned × done", numbers, SOURCE);
        s.index().ifPresent(i -> book.figure("build.pace", "Pace against the plan", i, Quantity.SHARE, "earned/spent",
                numbers, SOURCE));
        s.naive().ifPresent(all -> book.figure("build.steady", "All of it at the pace so far", all * HOUR,
                Quantity.DURATION, "planned × spent/earned", numbers, "it swings early"));
        book.figure("build.forecast", "It comes to", s.forecast() * HOUR, Quantity.DURATION,
                "logged + Σ planned (1 − done) × (logged + κ)/(earned + κ) of its family", numbers, SOURCE);
        Listing.Maker table = new Listing.Maker("").words("Skill").numbers("takes, of the plan");
        s.factors().forEach((family, f) -> {
            Amount percent = Amount.share(Math.round(100 * f) / 100.0);
            table.row(family, percent);
            if (f > SLOW) {
                book.say(BuildRules.SLOW, Subject.part(family), Severity.NOTE,
                        Sentence.of("Work with {0} takes {1} of what was planned", family, percent),
                        Sentence.of("The whole comes to {0}.", Amount.hours(s.forecast() * HOUR)));
            }
        });
        return Optional.of(book.listing(table.done()).done());
    }

    private static Stream<Remedy> remedies(Known known, BuildRules rule, Finding finding) {
        return switch (rule) {
            case LOOP -> Stream.of(new Remedy(Sentence.of("Let it wait for nothing"), new Edit("Without what is before",
                    d -> d.with(d.works().withJobs(d.works().jobs().stream()
                            .map(j -> finding.about().equals(Subject.part(j.id())) ? j.withAfter(List.of()) : j)
                            .toList())))));
            case NO_HOURS -> Stream.of(new Remedy(Sentence.of("Two evenings and the weekend"),
                    new Edit("The usual week", d -> d.with(d.works().withSlots(Works.USUAL)))));
            case NO_SESSION -> Stream.of(slot(Sentence.of("Saturdays from 8 to 18"),
                    new Slot(DayOfWeek.SATURDAY, 8, 18, true)));
            case NO_HELPER -> Stream.of(new Remedy(Sentence.of("A helper in the longest session"),
                    new Edit("A helper", BuildStudies::helped)));
            case COLD -> Stream.of(15.0, 20.0).map(t -> Mend.assumed(Assumption.PAINT_SHOP, t,
                    Sentence.of("Work in a shop of {0}", new Amount(t, Quantity.TEMPERATURE))));
            case PARTS -> known.given().purse().receipts().stream()
                    .filter(r -> finding.about().equals(Subject.part(r.id())) && r.state() != Receipt.State.ORDERED)
                    .map(r -> new Remedy(Sentence.of("It was ordered today"), new Edit("Ordered",
                            d -> d.with(d.purse().mapping(r.id(), x -> x.withState(Receipt.State.ORDERED)
                                    .withDate(d.purse().today()))))));
            case SLIP -> Stream.of(new Remedy(Sentence.of("Keep the plan as it is now"), keepPlan()));
            case SPREAD -> Stream.of(new Remedy(Sentence.of("The usual spread"), new Edit("The usual spread",
                    d -> d.with(d.works().withJobs(d.works().jobs().stream()
                            .map(j -> finding.about().equals(Subject.part(j.id()))
                                    ? j.withLeast(OptionalDouble.empty()).withMost(OptionalDouble.empty())
                                    : j)
                            .toList())))));
            case LICENCE, SLOW, DAY -> Stream.empty();
        };
    }

    private static Design helped(Design d) {
        List<Slot> week = new ArrayList<>(d.works().week());
        week.stream().max(Comparator.comparingDouble(s -> s.to() - s.from()))
                .ifPresent(s -> week.set(week.indexOf(s), new Slot(s.day(), s.from(), s.to(), true)));
        return d.with(d.works().withSlots(week));
    }

    /// A session in the place of those of its day that it meets.
    private static Remedy slot(Sentence says, Slot more) {
        return new Remedy(says, new Edit("A session", d -> {
            List<Slot> week = new ArrayList<>(d.works().week().stream().filter(s -> s.day() != more.day()
                    || s.to() <= more.from() || s.from() >= more.to()).toList());
            week.add(more);
            return d.with(d.works().withSlots(week));
        }));
    }

    /// Spans of all sessions in which something is worked at, with its name, for a calendar.
    public static List<Map.Entry<String, Sessions.Span>> sessions(Design d) {
        Plan plan = Plan.of(d);
        return plan.laid().stream().flatMap(l -> l.spans().stream().map(s -> Map.entry(
                plan.task(l.job().id()).map(Task::name).orElse(l.job().id()), s))).toList();
    }
}
