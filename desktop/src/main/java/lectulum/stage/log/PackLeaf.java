package lectulum.stage.log;

import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.logbook.Carrying;
import lectulum.layout.storage.Storage;
import lectulum.log.Packing;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.parts.LedgerForm;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Packing: what is taken along in the order of places, who packs it, and what is packed.
final class PackLeaf implements Leaf.Page {
    private final Workbench work;
    private final Bench bench;
    private final Ledger<Packing.Line> table = new Ledger<>("Packing list",
            "Nothing is packed: add gear and provisions to the sheet (Layout).");
    private final LedgerForm<Packing.Line> lines = new LedgerForm<>(table,
            s -> Packing.lines(s.design(), s.analysis().of(Storage.DISCIPLINE).keeping()), l -> l.thing().id());
    private final VBox sums = new VBox(10);
    private final Node page;

    private PackLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        table.setId("packing");
        table.words("Where", 150, l -> l.place())
                .words("What", 160, l -> l.thing().name())
                .words("Who", 80, l -> l.carrying().who())
                .number("Mass", 68, Quantity.MASS, l -> l.thing().mass().value())
                .text("Packed", 64, PackLeaf::packed)
                .text("Unused", 68, l -> l.unused() == 0 ? "" : l.unused() == 1 ? "1 trip" : l.unused() + " trips");
        lines.high(330, 240).fromTheFirst().form(l -> "", this::form);
        FlowPane tools = new FlowPane(8, 4,
                Buttons.of("It is packed", "pack-packed", () -> change("Packed", c -> c.packed(!c.packed()))),
                Buttons.of("Stays in the camper", "pack-stays", () -> change("Stays", c -> c.staying(!c.stays()))),
                Buttons.of("Pack anew", "pack-anew", () -> work.edit(Packing.anew())));
        HBox.setHgrow(sums, Priority.ALWAYS);
        this.page = Pages.content(new VBox(10, table, tools, new HBox(10, lines.panel(), sums)));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("log-pack", "Packing", "By place and person, and what could stay at home",
                () -> new PackLeaf(bench));
    }

    private static String packed(Packing.Line l) {
        return l.carrying().stays() ? "stays" : l.carrying().packed() ? "yes" : "";
    }

    private void change(String name, UnaryOperator<Carrying> change) {
        lines.row().ifPresent(l -> work.edit(name, d -> carried(d, l.thing().id(), change)));
    }

    private static Design carried(Design d, String thing, UnaryOperator<Carrying> change) {
        return d.withLogbook(d.logbook().mappingCarrying(thing, change));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State next) {
        lines.show(next);
        sums.getChildren()
                .setAll(StudyPane.of(bench.theme(), next.analysis().of(Packing.DISCIPLINE).all(), next.style()));
    }

    private Form form(Packing.Line made) {
        String which = made.thing().id();
        Form f = new Form(work, "-pack");
        f.heading(made.thing().name());
        f.text("Packed by", d -> d.logbook().carrying(which).who(), (d, v) -> carried(d, which, c -> c.by(v)));
        f.tick("Is packed", d -> d.logbook().carrying(which).packed(), (d, v) -> carried(d, which, c -> c.packed(v)));
        f.tick("Stays in the camper", d -> d.logbook().carrying(which).stays(),
                (d, v) -> carried(d, which, c -> c.staying(v)));
        f.note("Its place is that on the sheet: move it there, or under Storage of Layout.");
        return f;
    }
}
