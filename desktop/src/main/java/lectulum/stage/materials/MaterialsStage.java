package lectulum.stage.materials;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.thing.SystemGroup;
import lectulum.materials.Materials;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.stage.StageView;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Materials: the bill of materials by system, with mass and price.
public final class MaterialsStage implements StageView {
    private final Ledger<Materials.Line> lines = new Ledger<>("Bill of materials", "Nothing is placed yet.");
    private final VBox page;
    private final VBox card = new VBox(4);
    private final Form sums;

    public MaterialsStage(Workbench bench) {
        lines.setId("bill");
        lines.text("System", 120, l -> l.system().label()).text("Thing", 240, Materials.Line::name)
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
        Label title = new Label("Materials");
        title.getStyleClass().add("title");
        sums = new Form(bench);
        sums.shown("All things", s -> s.shown("materials.mass"));
        for (SystemGroup system : SystemGroup.values()) {
            sums.shown(system.label(), s -> s.shown(
                    "materials." + system.name().toLowerCase(java.util.Locale.ROOT) + ".mass"));
        }
        sums.note("Masses with empty tanks. The bare base is on the Base stage.");
        card.getChildren().addAll(title, sums);
    }

    @Override
    public Optional<Node> page() {
        return Optional.of(page);
    }

    @Override
    public Node card() {
        return card;
    }

    @Override
    public void show(State state) {
        lines.show(state.analysis().of(Materials.DISCIPLINE).lines(), state.style());
        sums.show(state);
    }
}
