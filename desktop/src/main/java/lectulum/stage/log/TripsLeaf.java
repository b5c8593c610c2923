package lectulum.stage.log;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.logbook.Journey;
import lectulum.design.thing.Role;
import lectulum.log.Journeys;
import lectulum.log.Packing;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.parts.LedgerForm;
import lectulum.parts.PartRows;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Trips that were made: nights, use and times, and which gear was used.
final class TripsLeaf implements Leaf.Page {
    private final Workbench work;
    private final Bench bench;
    private final Ledger<Journey> table = new Ledger<>("Trips made", "No trip is written down yet.");
    private final LedgerForm<Journey> trips = new LedgerForm<>(table, s -> Journeys.ordered(s.design()), Journey::id);
    private final FlowPane used = new FlowPane(14, 4);
    private final VBox usedPanel = new VBox(6, head(), used);
    private final VBox sums = new VBox(10);
    private final Node page;
    private State state;

    private TripsLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        this.state = work.state();
        table.setId("journeys");
        table.words("Trip", 150, j -> j.name().isBlank() ? "trip" : j.name())
                .text("Began", 92, Journey::date).number("Nights", 72, Quantity.NIGHTS, Journey::nights)
                .number("People", 66, Quantity.COUNT, Journey::people)
                .number("Towed", 74, Quantity.DISTANCE, Journey::distance)
                .number("Water", 66, Quantity.VOLUME, j -> j.water().orElse(Double.NaN))
                .number("Set up in", 80, Quantity.DURATION, j -> j.setup().orElse(Double.NaN));
        trips.high(190, 140).form(j -> j.id(), this::form).choosing(j -> showUsed());
        FlowPane tools = new FlowPane(8, 4, Buttons.of("A trip", "journey-add", this::add),
                Buttons.of("Plan water as on the trips", "journey-water",
                        () -> Journeys.learnt(work.state().design()).ifPresent(work::edit)),
                Buttons.quiet("Without it", "journey-remove", () -> trips.row().ifPresent(j -> work.edit(
                        "Without a trip", d -> d.withLogbook(d.logbook().without(j.id()))))));
        used.setId("journey-used");
        usedPanel.getStyleClass().add("panel");
        VBox right = new VBox(10, usedPanel, sums);
        HBox.setHgrow(right, Priority.ALWAYS);
        this.page = Pages.content(new VBox(10, table, tools, new HBox(10, trips.panel(), right)));
    }

    private static Label head() {
        Label head = new Label("Used on this trip");
        head.getStyleClass().addAll("heading", "section");
        return head;
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("log-trips", "Trips made", "Nights, use and times; what they say of the plan",
                () -> new TripsLeaf(bench));
    }

    private void add() {
        String id = work.state().design().logbook().freeId("journey");
        trips.choose(id);
        work.edit("A trip made", d -> d.withLogbook(d.logbook().plus(Journey.of(id, "", d.purse().today(), 2,
                Math.max(1, d.brief().people().size())))));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State next) {
        state = next;
        trips.show(next);
        showUsed();
        sums.getChildren()
                .setAll(StudyPane.of(bench.theme(), next.analysis().of(Journeys.DISCIPLINE).all(), next.style()));
    }

    /// A box to tick for each packed thing that is not used up.
    private void showUsed() {
        usedPanel.setVisible(trips.row().isPresent());
        usedPanel.setManaged(trips.row().isPresent());
        trips.row().ifPresent(j -> used.getChildren().setAll(state.design().things().stream()
                .filter(t -> t.role() == Role.GEAR).map(t -> {
                    CheckBox box = new CheckBox(t.name());
                    box.setId("used-" + t.id());
                    box.setSelected(j.used().contains(t.id()));
                    box.setOnAction(e -> work.edit(Packing.used(j.id(), t.id(), box.isSelected())));
                    return (Node) box;
                }).toList()));
    }

    private Form form(Journey made) {
        String which = made.id();
        Form f = new Form(work, "-journey");
        f.heading("Trip");
        f.text("Called", d -> of(d, made).name(), write(which, Journey::withName));
        f.text("Began on", d -> of(d, made).date(), write(which, Journey::withDate));
        PartRows<Journey> rows = new PartRows<>(f, Journey.class, d -> d.logbook().journey(which),
                (d, j) -> mapping(d, which, x -> j));
        rows.row("nights").row("people").row("distance");
        for (String[] row : List.of(new String[]{"water", "Water used"}, new String[]{"energy", "Energy used"},
                new String[]{"gas", "Gas burned"}, new String[]{"generator", "Generator ran"},
                new String[]{"packing", "Packed in"}, new String[]{"setup", "Camp set up in"},
                new String[]{"striking", "Camp struck in"}, new String[]{"coldest", "Coldest night"})) {
            rows.unknownRow(row[0], row[1], "not known");
        }
        f.area("Notes", d -> of(d, made).note(), write(which, Journey::withNote));
        return f;
    }

    private static <T> BiFunction<Design, T, Design> write(String id, BiFunction<Journey, T, Journey> change) {
        return (d, v) -> mapping(d, id, j -> change.apply(j, v));
    }

    private static Journey of(Design d, Journey otherwise) {
        return d.logbook().journey(otherwise.id()).orElse(otherwise);
    }

    private static Design mapping(Design d, String id, UnaryOperator<Journey> change) {
        return d.withLogbook(d.logbook().mappingJourney(id, change));
    }
}
