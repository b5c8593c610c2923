package lectulum.stage.money;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lectulum.design.Range;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Thing;
import lectulum.money.Money;
import lectulum.parts.Ledger;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Prices: planned against paid, thing by thing and by system.
final class PricesLeaf implements Leaf.Page {
    private static final double BAR = 130;

    private final Ledger<Thing> lines = new Ledger<>("Prices", "Nothing is placed yet.");
    private final GridPane bars = new GridPane();
    private final VBox page;

    private PricesLeaf(Workbench bench) {
        lines.setId("prices");
        lines.text("System", 110, t -> t.system().label()).words("Thing", 210, Thing::name)
                .entry("Planned", 90, Range.of(Cost.class, "planned"), t -> t.cost().planned(),
                        (t, v) -> bench.edit("Planned price of " + t.name(),
                                d -> d.mapping(t.id(),
                                        x -> x.with(new Cost(Double.isNaN(v) ? 0 : v, x.cost().paid())))))
                .entry("Paid", 90, Range.of(Cost.class, "paid"), t -> t.cost().paid().orElse(Double.NaN),
                        (t, v) -> bench.edit("Paid for " + t.name(),
                                d -> d.mapping(t.id(), x -> x.with(new Cost(x.cost().planned(),
                                        Double.isNaN(v) ? OptionalDouble.empty() : OptionalDouble.of(v))))))
                .number("Over plan", 80, Quantity.MONEY,
                        t -> t.cost().paid().isPresent() ? t.cost().forecast() - t.cost().planned() : Double.NaN);
        bars.setHgap(10);
        bars.setVgap(4);
        Label head = new Label("Planned against paid");
        head.getStyleClass().add("title");
        Label legend = new Label("bar: forecast of the system, the filled part is paid");
        legend.getStyleClass().addAll("faint", "small");
        page = new VBox(8, head, legend, bars, lines);
        page.getStyleClass().add("page");
        VBox.setVgrow(lines, Priority.ALWAYS);
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("money-prices", "Prices", "Planned and paid, thing by thing",
                () -> new PricesLeaf(bench.work()));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State state) {
        lines.show(state.design().things().stream().sorted(Comparator.comparing(Thing::system)).toList(),
                state.style());
        bars.getChildren().clear();
        List<Money.Group> groups = state.analysis().of(Money.DISCIPLINE).groups();
        double largest = groups.stream().mapToDouble(Money.Group::forecast).max().orElse(1);
        for (int i = 0; i < groups.size(); i++) {
            Money.Group g = groups.get(i);
            Label sum = new Label(Units.text(g.forecast(), Quantity.MONEY, state.style()));
            sum.getStyleClass().add("strong");
            sum.setMinWidth(70);
            sum.setAlignment(Pos.CENTER_RIGHT);
            int column = i % 2 * 3;
            bars.addRow(i / 2);
            Label name = new Label(g.label());
            name.setMinWidth(Region.USE_PREF_SIZE);
            bars.add(name, column, i / 2);
            bars.add(bar(g, largest), column + 1, i / 2);
            bars.add(sum, column + 2, i / 2);
        }
    }

    private static StackPane bar(Money.Group g, double largest) {
        double whole = largest > 0 ? BAR * g.forecast() / largest : 0;
        double paid = g.forecast() > 0 ? whole * Math.min(1, g.paid() / g.forecast()) : 0;
        StackPane bar = new StackPane(block("bar-planned", whole), block("bar-paid", paid));
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.setMinWidth(BAR);
        bar.setPrefWidth(BAR);
        return bar;
    }

    private static Region block(String style, double width) {
        Region region = new Region();
        region.getStyleClass().add(style);
        region.setMinSize(width, 12);
        region.setMaxSize(width, 12);
        return region;
    }
}
