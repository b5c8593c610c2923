package lectulum.stage.log;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.logbook.Trial;
import lectulum.log.Trials;
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
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Tests: those that the camper wants, how they went, and what was measured.
final class TestsLeaf implements Leaf.Page {
    private static final int PIXELS = 700;
    private final Workbench work;
    private final Bench bench;
    private final Ledger<Trials.Wanted> table = new Ledger<>("Tests", "Nothing to test.");
    private final LedgerForm<Trials.Wanted> tests = new LedgerForm<>(table, s -> Trials.wanted(s.design()),
            w -> w.kind() + w.zone());
    private final Photo photo = new Photo(PIXELS, 320, 220);
    private final VBox sums = new VBox(10);
    private final Node page;

    private TestsLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        table.setId("tests");
        table.text("Test", 150, w -> w.kind().label())
                .words("Where", 190, w -> w.zone())
                .text("Went", 62, w -> w.outcome().label())
                .text("On", 92, w -> w.last().map(Trial::date).orElse(""))
                .words("By", 90, w -> w.last().map(Trial::by).orElse(""));
        tests.high(300, 220).fromTheFirst()
                .form(w -> w.last().map(t -> t.id() + t.kind() + t.photo()).orElse(""), this::form)
                .under(this::picture);
        FlowPane tools = new FlowPane(8, 4,
                Buttons.of("Passed", "test-passed", () -> went(Trial.Outcome.PASSED)),
                Buttons.of("Failed", "test-failed", () -> went(Trial.Outcome.FAILED)),
                Buttons.of("A test of your own", "test-own", this::own));
        photo.view().setId("test-photo");
        HBox.setHgrow(sums, Priority.ALWAYS);
        this.page = Pages.content(new VBox(10, table, tools, new HBox(10, tests.panel(), sums)));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("log-tests", "Tests", "Rain, lamps, brakes, first tow, first night",
                () -> new TestsLeaf(bench));
    }

    private void went(Trial.Outcome outcome) {
        tests.row().ifPresent(w -> work.edit(Trials.went(w.kind(), w.zone(), outcome)));
    }

    private void own() {
        Design now = work.state().design();
        String id = now.logbook().freeId("test");
        String zone = "zone " + (now.logbook().trials().size() + 1);
        tests.choose(Trial.Kind.WATER + zone);
        work.edit("A test of one's own", d -> d.withLogbook(d.logbook()
                .plus(Trial.of(id, d.purse().today(), Trial.Kind.WATER, zone, Trial.Outcome.OPEN))));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State next) {
        tests.show(next);
        sums.getChildren()
                .setAll(StudyPane.of(bench.theme(), next.analysis().of(Trials.DISCIPLINE).all(), next.style()));
    }

    private List<Node> picture(Trials.Wanted w) {
        return w.last().map(Trial::photo).filter(p -> !p.isEmpty()).flatMap(p -> bench.host().photo(p)).map(file -> {
            photo.show(file);
            return List.<Node>of(photo.view());
        }).orElse(List.of());
    }

    /// Of the last one of its zone; one that was never made has none.
    private Form form(Trials.Wanted w) {
        Form f = new Form(work, "-test");
        f.heading(Words.first(w.kind().label()) + ", " + (w.zone().isBlank() ? "no zone" : w.zone()));
        if (w.last().isEmpty()) {
            return f.note("Not tested yet. Say how it went: then notes and measures can be written to it.");
        }
        Trial made = w.last().get();
        String which = made.id();
        f.text("Day, as 2026-05-31", d -> of(d, made).date(), write(which, Trial::withDate));
        f.choice("Of", List.of(Trial.Kind.values()), Trial.Kind::label, d -> of(d, made).kind(), (d, v) -> {
            tests.choose(v + of(d, made).zone());
            return mapping(d, which, t -> t.withKind(v));
        });
        f.text("Where, or which", d -> of(d, made).zone(), (d, v) -> {
            tests.choose(of(d, made).kind() + v);
            return mapping(d, which, t -> t.withZone(v));
        });
        f.choice("It", List.of(Trial.Outcome.values()), Trial.Outcome::label, d -> of(d, made).outcome(),
                write(which, Trial::withOutcome));
        PartRows<Trial> rows = new PartRows<>(f, Trial.class, d -> d.logbook().trial(which),
                (d, t) -> mapping(d, which, x -> t));
        switch (made.kind()) {
            case WATER -> rows.unknownRow("lasted", "First drop after", "none came");
            case PRESSURE, GAS -> rows.unknownRow("lasted", "Held for", "not timed");
            case TOW -> rows.unknownRow("speed", "Speed", "not read").unknownRow("warmth", "Hottest hub", "not felt");
            case BOUNCE -> rows.unknownRow("cycles", "Swings counted", "not counted").unknownRow("share",
                    "Then left of the first", "not seen");
            case LAMP, CIRCUIT, ALARM, BRAKE, NIGHT -> {
            }
        }
        f.area("Notes", d -> of(d, made).note(), write(which, Trial::withNote));
        f.text("Tested by", d -> of(d, made).by(), write(which, Trial::withBy));
        f.text("Checked by", d -> of(d, made).checked(), write(which, Trial::withChecked));
        f.node(new HBox(8, Buttons.of(made.photo().isEmpty() ? "Photograph…" : "Other photograph…", "test-picture",
                () -> bench.host().pickPhoto().ifPresent(file -> work.edit("Photograph of a test",
                        d -> mapping(d, which, t -> t.withPhoto(file))))),
                Buttons.quiet("Without it", "test-remove",
                        () -> work.edit("Without a test", d -> d.withLogbook(d.logbook().without(which))))));
        return f;
    }

    private static <T> BiFunction<Design, T, Design> write(String id, BiFunction<Trial, T, Trial> change) {
        return (d, v) -> mapping(d, id, t -> change.apply(t, v));
    }

    private static Trial of(Design d, Trial otherwise) {
        return d.logbook().trial(otherwise.id()).orElse(otherwise);
    }

    private static Design mapping(Design d, String id, UnaryOperator<Trial> change) {
        return d.withLogbook(d.logbook().mappingTrial(id, change));
    }
}
