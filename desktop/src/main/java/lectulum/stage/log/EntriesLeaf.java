package lectulum.stage.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.logbook.LogEntry;
import lectulum.figures.Stage;
import lectulum.log.Diary;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.parts.LedgerForm;
import lectulum.parts.PartRows;
import lectulum.parts.Photo;
import lectulum.parts.Words;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.stage.TaskChoice;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Entries: what was done, decided, found and learnt, with hours and photographs; found again by any word.
final class EntriesLeaf implements Leaf.Page {
    private static final int PIXELS = 700;
    /// Letters of a name that is chosen.
    private static final int NAME = 28;
    private final Workbench work;
    private final Bench bench;
    private final TextField search = new TextField();
    private final Ledger<LogEntry> table = new Ledger<>("Entries", "Nothing is written, or nothing is found.");
    private final LedgerForm<LogEntry> entries = new LedgerForm<>(table,
            s -> Diary.found(s.design(), search.getText()), LogEntry::id);
    private final Photo photo = new Photo(PIXELS, 320, 220);
    private final VBox sums = new VBox(10);
    private final Node page;
    private State state;

    private EntriesLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        this.state = work.state();
        table.setId("entries");
        table.text("Day", 92, LogEntry::date).text("Is", 98, e -> e.kind().label())
                .words("What", 250, LogEntry::text).text("Task", 58, LogEntry::task)
                .number("Hours", 60, Quantity.DURATION, e -> e.hours().orElse(Double.NaN))
                .text("Open", 62, e -> !e.kind().open() ? "" : e.done() ? "mended" : e.unsafe() ? "unsafe" : "open");
        entries.high(230, 170).fromTheFirst().form(this::shape, this::form).under(this::picture);
        search.setId("log-search");
        search.setPromptText("hatch seal");
        search.setAccessibleText("Words to find");
        search.getStyleClass().add("boxed");
        search.textProperty().addListener((o, was, now) -> show(state));
        MenuButton write = new MenuButton("Write an entry");
        write.setId("entry-write");
        for (LogEntry.Kind k : LogEntry.Kind.values()) {
            MenuItem item = new MenuItem(k.label());
            item.setId("entry-" + k.name().toLowerCase(Locale.ROOT));
            item.setOnAction(e -> add(k));
            write.getItems().add(item);
        }
        FlowPane tools = new FlowPane(8, 4, write, Buttons.of("It is mended", "entry-mended",
                () -> entries.row().ifPresent(e -> work.edit(Diary.mended(e.id())))),
                Buttons.of("Make it a task", "entry-task",
                        () -> Diary.task(work.state().design(), entries.id()).ifPresent(work::edit)),
                Buttons.of("Keep the lessons", "lessons-keep", bench.host()::keepLessons),
                Buttons.of("Lessons of other campers", "lessons-bring", bench.host()::bringLessons),
                new HBox(8, new Label("Find"), search));
        photo.view().setId("entry-photo");
        HBox.setHgrow(sums, Priority.ALWAYS);
        this.page = Pages.content(new VBox(10, tools, table, new HBox(10, entries.panel(), sums)));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("log-diary", "Entries", "Done, decided, found and learnt", () -> new EntriesLeaf(bench));
    }

    private Object shape(LogEntry e) {
        return e.kind() + e.photo() + e.length().isPresent() + e.width().isPresent() + e.height().isPresent()
                + e.thing() + state.design().things().size() + state.design().works().jobs().size();
    }

    private void add(LogEntry.Kind kind) {
        search.setText("");
        String id = work.state().design().logbook().freeId("entry");
        entries.choose(id);
        String thing = work.state().selection().stream().findFirst().orElse("");
        work.edit("An entry of the log", d -> d.withLogbook(d.logbook().plus(LogEntry
                .of(id, d.purse().today(), kind, "").withThing(d.thing(thing).isPresent() ? thing : ""))));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void focus() {
        search.requestFocus();
    }

    @Override
    public void show(State next) {
        state = next;
        entries.show(next);
        sums.getChildren()
                .setAll(StudyPane.of(bench.theme(), next.analysis().of(Diary.DISCIPLINE).all(), next.style()));
    }

    private List<Node> picture(LogEntry e) {
        return bench.host().photo(e.photo()).filter(f -> !e.photo().isEmpty()).map(file -> {
            photo.show(file);
            return List.<Node>of(photo.view());
        }).orElse(List.of());
    }

    private Form form(LogEntry made) {
        String which = made.id();
        Design now = state.design();
        Form f = new Form(work, "-entry");
        f.heading(Words.first(made.kind().label()));
        f.text("Day, as 2026-05-31", d -> of(d, made).date(), write(which, LogEntry::withDate));
        f.choice("It is a", List.of(LogEntry.Kind.values()), LogEntry.Kind::label, d -> of(d, made).kind(),
                write(which, LogEntry::withKind));
        f.area("What", d -> of(d, made).text(), write(which, LogEntry::withText));
        f.text("Why", d -> of(d, made).why(), write(which, LogEntry::withWhy));
        TaskChoice.add(f, "Task", now, d -> of(d, made).task(), write(which, LogEntry::withTask));
        List<String> things = new ArrayList<>(List.of(""));
        now.things().forEach(t -> things.add(t.id()));
        f.choice("About", things, id -> now.thing(id).map(t -> Words.shortened(t.name(), NAME)).orElse("nothing"),
                d -> things.contains(of(d, made).thing()) ? of(d, made).thing() : "",
                write(which, LogEntry::withThing));
        PartRows<LogEntry> rows = new PartRows<>(f, LogEntry.class, d -> d.logbook().entry(which),
                (d, e) -> mapping(d, which, x -> e));
        rows.unknownRow("hours", made.kind().open() ? "Hours to mend it" : "Hours", "none");
        if (made.kind().lesson()) {
            List<String> stages = Stream.concat(Stream.of(""), Stream.of(Stage.values()).map(Stage::label)).toList();
            f.choice("Shown again at", stages, s -> s.isEmpty() ? "nowhere" : s,
                    d -> stages.contains(of(d, made).stage()) ? of(d, made).stage() : "",
                    write(which, LogEntry::withStage));
        }
        if (made.kind() == LogEntry.Kind.MISTAKE) {
            rows.unknownRow("cost", "Money lost", "none").unknownRow("mass", "Mass added", "none");
        }
        if (made.kind() == LogEntry.Kind.AS_BUILT) {
            rows.unknownRow("length", "Length as built", "as planned")
                    .unknownRow("width", "Width as built", "as planned")
                    .unknownRow("height", "Height as built", "as planned");
            Diary.asBuilt(now, which).ifPresent(e -> f.node(Buttons.of("Plan it as it was built", "entry-asbuilt",
                    () -> Diary.asBuilt(work.state().design(), which).ifPresent(work::edit))));
        }
        if (made.kind().open()) {
            f.text("Mended by", d -> of(d, made).due(), write(which, LogEntry::withDue));
            f.tick("Nobody travels before", d -> of(d, made).unsafe(), write(which, LogEntry::withUnsafe));
            f.tick("It is mended", d -> of(d, made).done(), write(which, LogEntry::withDone));
        }
        f.node(new HBox(8, Buttons.of(made.photo().isEmpty() ? "Photograph…" : "Other photograph…", "entry-picture",
                () -> bench.host().pickPhoto().ifPresent(file -> work.edit("Photograph of an entry",
                        d -> mapping(d, which, e -> e.withPhoto(file))))),
                Buttons.quiet("Without it", "entry-remove", () -> work.edit("Without an entry",
                        d -> d.withLogbook(d.logbook().without(which))))));
        return f;
    }

    private static <T> BiFunction<Design, T, Design> write(String id, BiFunction<LogEntry, T, LogEntry> change) {
        return (d, v) -> mapping(d, id, e -> change.apply(e, v));
    }

    private static LogEntry of(Design d, LogEntry otherwise) {
        return d.logbook().entry(otherwise.id()).orElse(otherwise);
    }

    private static Design mapping(Design d, String id, UnaryOperator<LogEntry> change) {
        return d.withLogbook(d.logbook().mappingEntry(id, change));
    }
}
