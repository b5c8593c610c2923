package lectulum.stage.log;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.logbook.Logbook;
import lectulum.design.logbook.Upkeep;
import lectulum.kernel.upkeep.Due;
import lectulum.log.Upkeeps;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.parts.LedgerForm;
import lectulum.parts.PartRows;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Upkeep: what is due when, by time, distance or hours of running.
final class UpkeepLeaf implements Leaf.Page {
    private final Workbench work;
    private final Bench bench;
    private final Ledger<Upkeeps.Item> table = new Ledger<>("Upkeep", "Nothing to look after.");
    private final LedgerForm<Upkeeps.Item> items = new LedgerForm<>(table, s -> Upkeeps.items(s.design()),
            Upkeeps.Item::id);
    private final VBox sums = new VBox(10);
    private final Form meter;
    private final Node page;
    private State state;

    private UpkeepLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        this.state = work.state();
        table.setId("upkeep");
        table.words("What", 148, i -> i.name())
                .text("Every", 164, i -> Upkeeps.every(i).text(state.style()))
                .text("Last", 92, i -> i.known().last()).text("Due", 92, i -> i.due().map(x -> x.day().toString())
                        .orElse(i.known().last().isBlank() ? "not known" : "–"))
                .text("By", 128, i -> i.due().map(UpkeepLeaf::by).orElse(""));
        items.high(270, 200).fromTheFirst().form(Upkeeps.Item::own, this::form);
        FlowPane tools = new FlowPane(8, 4,
                Buttons.of("It was done today", "upkeep-done",
                        () -> items.row().ifPresent(i -> work.edit(Upkeeps.done(i.id())))),
                Buttons.of("Something of your own", "upkeep-own", this::own),
                Buttons.of("It does not concern us", "upkeep-drop", this::drop),
                Buttons.of("All usual ones again", "upkeep-again", () -> work.edit("All usual upkeep",
                        d -> d.withLogbook(d.logbook().withUpkeep(
                                d.logbook().upkeep().stream().map(u -> u.withDropped(false)).toList())))));
        this.meter = new Form(work, "-meter");
        meter.heading("Today");
        Today.row(work, meter);
        new PartRows<>(meter, Logbook.class, d -> Optional.of(d.logbook()), Design::withLogbook)
                .unknownRow("towed", "Towed by today", "sum of the trips");
        meter.text("Code of the tyres, as 3821", d -> d.logbook().tyres(),
                (d, v) -> d.withLogbook(d.logbook().withTyres(v)));
        VBox left = new VBox(10, items.panel(), panel(meter));
        HBox.setHgrow(sums, Priority.ALWAYS);
        this.page = Pages.content(new VBox(10, table, tools, new HBox(10, left, sums)));
    }

    private static Node panel(Node of) {
        VBox box = new VBox(of);
        box.getStyleClass().add("panel");
        return box;
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("log-upkeep", "Upkeep", "What is due by time, distance and hours", () -> new UpkeepLeaf(bench));
    }

    private static String by(Due due) {
        return due.over() ? due.by().label() + ", overdue" : due.by().label();
    }

    private void own() {
        String id = work.state().design().logbook().freeId("upkeep");
        items.choose(id);
        work.edit("Upkeep of one's own", d -> d.withLogbook(d.logbook().mappingUpkeep(id,
                u -> u.withOwn(true).withName("own upkeep").withMonths(OptionalDouble.of(12)))));
    }

    private void drop() {
        items.row().ifPresent(i -> work.edit("Upkeep left out", d -> d.withLogbook(i.own()
                ? d.logbook().without(i.id())
                : d.logbook().mappingUpkeep(i.id(), u -> u.withDropped(true)))));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State next) {
        state = next;
        items.show(next);
        meter.show(next);
        sums.getChildren()
                .setAll(StudyPane.of(bench.theme(), next.analysis().of(Upkeeps.DISCIPLINE).all(), next.style()));
    }

    private Form form(Upkeeps.Item made) {
        String which = made.id();
        Form f = new Form(work, "-upkeep");
        f.heading(made.own() ? "Upkeep of your own" : made.name());
        if (made.own()) {
            f.text("Called", d -> d.logbook().upkeep(which).name(), write(which, Upkeep::withName));
        }
        f.text("Done last on", d -> d.logbook().upkeep(which).last(), write(which, Upkeep::withLast));
        PartRows<Upkeep> rows = new PartRows<>(f, Upkeep.class, d -> Optional.of(d.logbook().upkeep(which)),
                (d, u) -> mapping(d, which, x -> u));
        rows.unknownRow("at", "Towed by then", "not known").unknownRow("ran", "Ran since", "not known")
                .unknownRow("months", "Due after months", made.own() ? "no matter" : "as usual")
                .unknownRow("distance", "after a distance of", made.own() ? "no matter" : "as usual")
                .unknownRow("running", "after running for", made.own() ? "no matter" : "as usual");
        f.text("Notes", d -> d.logbook().upkeep(which).note(), write(which, Upkeep::withNote));
        if (!made.how().isEmpty()) {
            f.note(made.how());
        }
        return f;
    }

    private static <T> BiFunction<Design, T, Design> write(String id, BiFunction<Upkeep, T, Upkeep> change) {
        return (d, v) -> mapping(d, id, u -> change.apply(u, v));
    }

    private static Design mapping(Design d, String id, UnaryOperator<Upkeep> change) {
        return d.withLogbook(d.logbook().mappingUpkeep(id, change));
    }
}
