package lectulum.stage.materials;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.materials.Materials;
import lectulum.parts.Ledger;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Every thing once, like things counted together, with mass and price.
final class BillLeaf implements Leaf.Page {
    private final Ledger<Materials.Line> lines = new Ledger<>("Bill of materials", "Nothing is placed yet.");
    private final VBox page;

    private BillLeaf(Workbench bench) {
        lines.setId("bill");
        lines.text("System", 120, l -> l.system().label()).words("Thing", 240, Materials.Line::name)
                .number("Count", 68, Quantity.COUNT, Materials.Line::count)
                .number("Mass", 80, Quantity.MASS, Materials.Line::mass)
                .number("Planned", 80, Quantity.MONEY, Materials.Line::planned)
                .number("Paid", 80, Quantity.MONEY, l -> l.bought() > 0 ? l.paid() : Double.NaN)
                .text("Bought", 80,
                        l -> l.bought() == 0 ? "" : l.bought() == l.count() ? "yes" : l.bought() + " of " + l.count());
        lines.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (now != null && lines.isFocused()) {
                bench.select(now.things());
            }
        });
        Label head = new Label("Bill of materials");
        head.getStyleClass().add("title");
        page = new VBox(8, head, lines);
        page.getStyleClass().add("page");
        VBox.setVgrow(lines, Priority.ALWAYS);
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("mat-bill", "Things", "Every thing, with mass and price", () -> new BillLeaf(bench.work()));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State state) {
        lines.show(state.analysis().of(Materials.DISCIPLINE).lines(), state.style());
    }
}
