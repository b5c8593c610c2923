package lectulum.papers.book;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.analysis.Disciplines;
import lectulum.build.Task;
import lectulum.build.Tasks;
import lectulum.design.Design;
import lectulum.design.logbook.CheckItem;
import lectulum.design.logbook.LogEntry;
import lectulum.design.logbook.Trial;
import lectulum.design.thing.Role;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.design.weighing.Weighing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.layout.storage.Storage;
import lectulum.log.Checklists;
import lectulum.log.Diary;
import lectulum.log.Journeys;
import lectulum.log.Packing;
import lectulum.log.Trials;
import lectulum.log.Upkeeps;
import lectulum.papers.book.Chapter.Block;
import lectulum.papers.book.Edition.Topic;
import lectulum.units.Quantity;

/// Puts the chapters of a book together from what was worked out.
final class Chapters {
    private static final Set<String> FRAME = Set.of("frame", "weld");
    private static final Set<String> SAFETY = Set.of("power-mains", "power-tow", "gas", "air-breath", "ratings",
            "exits");

    private final Analysis analysis;
    private final Design design;
    private final Edition edition;
    private final Plates plates;
    private final List<Chapter> all = new ArrayList<>();

    private Chapters(Analysis analysis, Edition edition, Plates plates) {
        this.analysis = analysis;
        this.design = analysis.design();
        this.edition = edition;
        this.plates = plates;
    }

    static List<Chapter> of(Analysis analysis, Edition edition, Plates plates) {
        Chapters c = new Chapters(analysis, edition, plates);
        for (Topic t : Topic.values()) {
            if (edition.has(t)) {
                c.add(t);
            }
        }
        return c.all;
    }

    private void add(Topic topic) {
        switch (topic) {
            case ANSWERS -> chapter(topic, "What every visitor asks", answers());
            case GLANCE -> chapter(topic, "At a glance", glance());
            case BRIEF -> chapter(topic, "What it is for", brief());
            case DRAWINGS -> chapter(topic, "Drawings",
                    plates.sheets().stream().map(p -> (Block) new Chapter.Drawn(p)).toList());
            case BASE -> chapter(topic, "The base", stage(Stage.BASE, s -> !frame(s)));
            case FRAME -> chapter(topic, "The trailer frame",
                    Stream.of(Stage.BASE, Stage.MATERIALS).flatMap(x -> stage(x, this::frame).stream()).toList());
            case LAYOUT -> chapter(topic, "Layout", stage(Stage.LAYOUT, s -> true));
            case BALANCE -> chapter(topic, "Balance", balance());
            case POWER -> chapter(topic, "Power and wiring", stage(Stage.POWER, s -> true));
            case WATER -> chapter(topic, "Water", stage(Stage.WATER, s -> true));
            case AIR -> chapter(topic, "Air, warmth and gas", stage(Stage.AIR, s -> true));
            case TRIP -> chapter(topic, "Trips rehearsed", stage(Stage.TRIP, s -> true));
            case MATERIALS -> chapter(topic, "Materials and cutting",
                    stage(Stage.MATERIALS, s -> !frame(s) && !s.id().startsWith("mat-cushion") && !cushion(s)));
            case CUSHIONS -> chapter(topic, "Cushions", stage(Stage.MATERIALS, this::cushion));
            case SAFETY -> chapter(topic, "Mains, gas, lights and ways out", safety());
            case DOSSIER -> chapter(topic, "What the office wants", lists(o -> o == CheckItem.Occasion.REGISTRATION));
            case MONEY -> chapter(topic, "Money", money());
            case BUILD -> chapter(topic, "Build plan", stage(Stage.BUILD, s -> true));
            case EQUIPMENT -> chapter(topic, "Equipment", equipment());
            case LOG -> chapter(topic, "Log", log());
            case PHOTOGRAPHS -> chapter(topic, "Photographs", photographs());
            case TESTS -> chapter(topic, "Tests", tests());
            case UPKEEP -> chapter(topic, "Upkeep", upkeep());
            case LISTS -> chapter(topic, "Checklists",
                    lists(o -> edition == Edition.WHOLE || !o.once()));
            case PACKING -> chapter(topic, "Packing list", packing());
            case TRIPS -> chapter(topic, "Trips made", trips());
            case LESSONS -> chapter(topic, "For the next one", lessons());
            case FINDINGS -> chapter(topic, "What the checks say today", findings());
            case LICENCES -> chapter(topic, "Licensed work and inspection", licences());
            case WORKINGS -> chapter(topic, "All figures with their working", workings());
        }
    }

    private void chapter(Topic topic, String title, List<Block> blocks) {
        if (!blocks.isEmpty()) {
            all.add(new Chapter(topic, title, blocks));
        }
    }

    private boolean frame(Study s) {
        return FRAME.stream().anyMatch(f -> s.id().startsWith(f) || s.id().startsWith("mat-" + f));
    }

    private boolean cushion(Study s) {
        return s.id().contains("cushion") || s.id().contains("roll") || s.id().equals("mat-nets");
    }

    /// What the disciplines of a stage worked out, those of the log apart.
    private List<Study> studies(Stage stage) {
        List<Study> found = new ArrayList<>();
        for (Discipline<?> d : Disciplines.ALL) {
            if (d.stage() == stage) {
                Result r = analysis.of(d);
                if (r instanceof Studies s) {
                    found.addAll(s.all());
                }
            }
        }
        return found;
    }

    private List<Block> stage(Stage stage, Predicate<Study> which) {
        return studies(stage).stream().filter(which).flatMap(s -> study(s).stream()).toList();
    }

    private List<Block> study(Study s) {
        List<Block> blocks = new ArrayList<>();
        List<Figure> figures = s.figures().stream().filter(this::shown).toList();
        List<Listing> listings = s.listings().stream().map(this::shown).filter(l -> !l.rows().isEmpty()).toList();
        if (figures.isEmpty() && listings.isEmpty() && s.sketches().isEmpty() && s.charts().isEmpty()) {
            return blocks;
        }
        blocks.add(new Chapter.Heading(s.title()));
        s.sketches().stream().filter(k -> !k.marks().isEmpty()).forEach(k -> blocks.add(new Chapter.Picture(k)));
        if (!figures.isEmpty()) {
            blocks.add(new Chapter.Values(figures, false));
        }
        for (Chart c : s.charts()) {
            if (edition.priced() || c.y() != Quantity.MONEY && c.x() != Quantity.MONEY) {
                blocks.add(new Chapter.Drawn(plates.chart(c)));
            }
        }
        listings.forEach(l -> blocks.add(new Chapter.Table(l)));
        s.notes().stream().filter(this::shown).forEach(n -> blocks.add(new Chapter.Words(n, true)));
        if (!s.caution().isEmpty()) {
            blocks.add(new Chapter.Caution(s.caution()));
        }
        return blocks;
    }

    private boolean shown(Figure f) {
        return edition.priced() || f.quantity() != Quantity.MONEY;
    }

    private boolean shown(Sentence s) {
        return edition.priced() || !priced(s);
    }

    private static boolean priced(Sentence s) {
        return s.parts().stream().anyMatch(p -> p instanceof Amount a && a.quantity() == Quantity.MONEY
                || p instanceof Sentence inner && priced(inner));
    }

    /// Without the columns in which prices stand, where they are not to be seen.
    private Listing shown(Listing l) {
        if (edition.priced()) {
            return l;
        }
        List<Integer> kept = new ArrayList<>();
        for (int i = 0; i < l.columns().size(); i++) {
            int column = i;
            if (l.rows().stream().noneMatch(r -> column < r.size() && priced(r.get(column)))) {
                kept.add(i);
            }
        }
        return new Listing(l.title(), kept.stream().map(l.columns()::get).toList(), l.rows().stream()
                .map(r -> kept.stream().filter(i -> i < r.size()).map(r::get).toList()).toList());
    }

    private List<Figure> figures(String... ids) {
        return Stream.of(ids).flatMap(id -> analysis.figures().find(id).stream()).filter(this::shown).toList();
    }

    private List<Block> answers() {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Chapter.Drawn(plates.portrait()));
        blocks.add(new Chapter.Values(figures("balance.departure.mass", "balance.dry.mass", "balance.departure.tongue",
                "outside.length", "outside.width", "outside.height", "money.forecast", "money.paid", "build.hours",
                "build.spent", "power.nights", "water.days", "log.nights", "log.towed"), false));
        blocks.add(new Chapter.Words(Sentence.of("{0} things on the sheet, {1} of them built in.",
                design.things().size(), design.things().stream()
                        .filter(t -> t.role() == Role.BUILT_IN).count()),
                false));
        Listing.Maker table = new Listing.Maker("The heaviest of what is built in").words("What").numbers("mass");
        design.things().stream().filter(t -> t.role() == Role.BUILT_IN)
                .sorted(Comparator.comparingDouble(t -> -t.mass().value())).limit(6)
                .forEach(t -> table.row(t.name(), Amount.kg(t.mass().value())));
        blocks.add(new Chapter.Table(table.done()));
        List<LogEntry> lessons = design.logbook().entries().stream()
                .filter(e -> e.kind() == LogEntry.Kind.NEXT_TIME).limit(3).toList();
        if (!lessons.isEmpty()) {
            blocks.add(new Chapter.Heading("What we would do otherwise"));
            lessons.forEach(e -> blocks.add(new Chapter.Words(Sentence.of("{0}", e.text()), false)));
        }
        return blocks;
    }

    private List<Block> glance() {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Chapter.Drawn(plates.portrait()));
        blocks.add(new Chapter.Values(figures("balance.departure.mass", "balance.dry.mass", "balance.departure.tongue",
                "balance.departure.tongueShare", "balance.departure.axle", "balance.departure.payload",
                "outside.length", "outside.width", "outside.height", "power.nights", "water.days", "money.forecast",
                "money.paid", "build.hours", "build.left", "log.nights"), false));
        if (!design.weighings().isEmpty()) {
            Listing.Maker table = new Listing.Maker("Weighed").words("On", "In the state").numbers("planned then",
                    "tongue planned", "readings");
            for (Weighing w : design.weighings()) {
                table.row(w.date(), w.state(), Amount.kg(w.planned()), Amount.kg(w.tongue()),
                        Amount.count(w.entries().stream().filter(Weighing.Entry::counts).count()));
            }
            blocks.add(new Chapter.Table(table.done()));
        }
        return blocks;
    }

    private List<Block> brief() {
        List<Block> blocks = new ArrayList<>();
        Listing.Maker people = new Listing.Maker("Who travels").words("Name").numbers("height", "mass");
        design.brief().people().forEach(p -> people.row(p.name(), Amount.m(p.height()), Amount.kg(p.mass())));
        if (!design.brief().people().isEmpty()) {
            blocks.add(new Chapter.Table(people.done()));
        }
        blocks.add(new Chapter.Words(Sentence.of("{0}, {1} on their own, latitude {2}, in the month {3}.",
                design.brief().type().label(), Amount.nights(design.brief().nights()),
                Amount.count(design.brief().latitude()), design.brief().month()), false));
        blocks.addAll(stage(Stage.BRIEF, s -> true));
        return blocks;
    }

    private List<Block> balance() {
        List<Block> blocks = new ArrayList<>();
        Listing.Maker ratings = new Listing.Maker("Ratings, as typed").words("Of").numbers("rated");
        for (Rating r : Rating.values()) {
            Double base = design.base().ratings().get(r);
            Double vehicle = design.vehicle().ratings().get(r);
            if (base != null || vehicle != null) {
                ratings.row(r.label(), Amount.kg(base != null ? base : vehicle));
            }
        }
        if (!ratings.done().rows().isEmpty()) {
            blocks.add(new Chapter.Table(ratings.done()));
        }
        blocks.addAll(stage(Stage.BALANCE, s -> true));
        return blocks;
    }

    private List<Block> safety() {
        List<Block> blocks = new ArrayList<>();
        for (Stage stage : List.of(Stage.POWER, Stage.AIR, Stage.LAYOUT, Stage.BALANCE)) {
            for (Study s : studies(stage)) {
                if (SAFETY.stream().anyMatch(x -> s.id().startsWith(x))) {
                    blocks.addAll(study(s));
                }
            }
        }
        blocks.addAll(licences());
        return blocks;
    }

    private List<Block> money() {
        List<Block> blocks = new ArrayList<>(stage(Stage.MONEY, s -> true));
        if (!design.purse().receipts().isEmpty()) {
            Listing.Maker table = new Listing.Maker("Receipts, offers and guesses").words("What", "is", "shop", "day")
                    .numbers("price of a pack");
            design.purse().receipts().forEach(r -> table.row(r.what(), r.state().label(), r.shop(), r.date(),
                    Amount.money(r.price())));
            blocks.add(new Chapter.Table(table.done()));
        }
        return blocks;
    }

    private List<Block> equipment() {
        List<Block> blocks = new ArrayList<>();
        for (SystemGroup g : SystemGroup.values()) {
            List<Thing> things = design.things().stream().filter(t -> t.system() == g).toList();
            if (!things.isEmpty()) {
                Listing.Maker table = new Listing.Maker("").words("What", "it is").numbers("mass");
                things.forEach(t -> table.row(t.name(), t.role().label(), Amount.kg(t.mass().value())));
                blocks.add(new Chapter.Heading(g.label()));
                blocks.add(new Chapter.Table(table.done()));
            }
        }
        return blocks;
    }

    private List<Block> log() {
        List<Block> blocks = new ArrayList<>();
        analysis.of(Diary.DISCIPLINE).all().stream().filter(s -> s.id().equals("log-diary"))
                .filter(s -> !design.logbook().entries().isEmpty()).forEach(s -> blocks.addAll(study(s)));
        List<LogEntry> entries = Diary.found(design, "").reversed();
        if (!entries.isEmpty()) {
            blocks.add(new Chapter.Heading("Entries"));
        }
        for (LogEntry e : entries) {
            blocks.add(new Chapter.Words(Sentence.of("{0}, {1}: {2}", e.date().isBlank() ? "no day" : e.date(),
                    e.kind().label(), e.text()), false));
            if (!e.why().isBlank()) {
                blocks.add(new Chapter.Words(Sentence.of("{0}", e.why()), true));
            }
            if (!e.photo().isEmpty()) {
                blocks.add(new Chapter.Photograph(e.photo(), e.text()));
            }
        }
        return blocks;
    }

    private List<Block> photographs() {
        Set<Block> blocks = new LinkedHashSet<>();
        if (edition == Edition.WHOLE) {
            design.weighings().stream().filter(w -> !w.photo().isEmpty())
                    .forEach(w -> blocks.add(new Chapter.Photograph(w.photo(), "Weighed on " + w.date())));
            design.purse().receipts().stream().filter(r -> !r.photo().isEmpty())
                    .forEach(r -> blocks.add(new Chapter.Photograph(r.photo(), "Receipt: " + r.what())));
        } else {
            design.logbook().entries().stream().filter(e -> !e.photo().isEmpty())
                    .forEach(e -> blocks.add(new Chapter.Photograph(e.photo(), e.text())));
        }
        design.logbook().trials().stream().filter(t -> !t.photo().isEmpty())
                .forEach(t -> blocks.add(new Chapter.Photograph(t.photo(), t.kind().label() + ", " + t.zone())));
        return List.copyOf(blocks);
    }

    private List<Block> tests() {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Chapter.Table(Trials.table(design)));
        List<Figure> damping = analysis.figures().all().stream().filter(f -> f.id().startsWith("log.damping."))
                .toList();
        if (!damping.isEmpty()) {
            blocks.add(new Chapter.Values(damping, false));
        }
        for (Trial t : design.logbook().trials()) {
            if (!t.checked().isBlank()) {
                blocks.add(new Chapter.Words(Sentence.of("{0}, {1}: by {2}, checked by {3}.", t.kind().label(),
                        t.zone(), t.by().isBlank() ? "–" : t.by(), t.checked()), true));
            }
        }
        return blocks;
    }

    private List<Block> upkeep() {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Chapter.Table(Upkeeps.table(Upkeeps.items(design))));
        Upkeeps.items(design).stream().filter(i -> !i.known().note().isBlank()).forEach(i -> blocks
                .add(new Chapter.Words(Sentence.of("{0}: {1}", i.name(), i.known().note()), true)));
        return blocks;
    }

    private List<Block> lists(Predicate<CheckItem.Occasion> which) {
        List<Block> blocks = new ArrayList<>();
        for (CheckItem.Occasion o : Stream.of(CheckItem.Occasion.values()).filter(which).toList()) {
            blocks.add(new Chapter.Heading(o.label()));
            Checklists.grouped(Checklists.items(design, o)).forEach((group, items) -> {
                blocks.add(new Chapter.Words(Sentence.of("{0}", group), true));
                items.forEach(i -> blocks.add(new Chapter.Box(i.text(),
                        design.logbook().tick(i.id()).isPresent(), i.second(),
                        design.logbook().tick(i.id()).filter(t -> t.second()).isPresent())));
            });
        }
        return blocks;
    }

    private List<Block> packing() {
        List<Packing.Line> lines = Packing.lines(design, analysis.of(Storage.DISCIPLINE).keeping());
        return lines.isEmpty() ? List.of() : List.of(new Chapter.Table(Packing.table(lines)));
    }

    private List<Block> trips() {
        return design.logbook().journeys().isEmpty()
                ? List.of()
                : analysis.of(Journeys.DISCIPLINE).all().stream().flatMap(s -> study(s).stream()).toList();
    }

    private List<Block> lessons() {
        return design.logbook().entries().stream().filter(e -> e.kind().lesson())
                .map(e -> (Block) new Chapter.Words(Sentence.of("{0}{1}", e.text(),
                        e.stage().isEmpty() ? "" : " (" + e.stage() + ")"), false))
                .toList();
    }

    private List<Block> findings() {
        List<Block> blocks = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            List<Finding> found = analysis.findings(stage);
            if (!found.isEmpty()) {
                blocks.add(new Chapter.Heading(stage.label()));
                found.forEach(f -> blocks.add(new Chapter.Words(Sentence.of("{0}: {1}. {2}",
                        f.open() ? f.severity().name().toLowerCase(Locale.ROOT) : "accepted", f.title(),
                        f.detail()), false)));
            }
        }
        return blocks;
    }

    private List<Block> licences() {
        Listing.Maker table = new Listing.Maker("Work that takes somebody licensed or experienced").words("Task",
                "it takes", "done by", "checked by", "done");
        List<Task> tasks = Tasks.of(design).stream().filter(t -> !t.licence().isEmpty()).toList();
        tasks.forEach(t -> table.row(t.name(), t.licence(), t.by(), t.checked(), t.finished() ? "yes" : "no"));
        return tasks.isEmpty() ? List.of() : List.of(new Chapter.Table(table.done()));
    }

    private List<Block> workings() {
        List<Figure> known = analysis.figures().all().stream().filter(f -> f.value().isPresent()).toList();
        return List.of(new Chapter.Values(known, true));
    }
}
