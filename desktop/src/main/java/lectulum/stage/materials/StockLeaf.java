package lectulum.stage.materials;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.assumed.UsualStock;
import lectulum.design.Design;
import lectulum.design.envelope.Substance;
import lectulum.design.workshop.Stock;
import lectulum.materials.cutting.StockStudies;
import lectulum.files.PriceListCsv;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.parts.LedgerForm;
import lectulum.parts.PartRows;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.stage.TableReader;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Sticks and sheets, tins, rolls and packs that can be bought, with their prices, and what is there already, with its place.
final class StockLeaf implements Leaf.Page {
    private static final List<Substance> STICKS = List.of(Substance.SOFTWOOD, Substance.HARDWOOD, Substance.STEEL,
            Substance.ALUMINIUM);

    private final Bench bench;
    private final Workbench work;
    private final Ledger<Stock> table = new Ledger<>("Stock",
            "Nothing yet: the usual sizes are bought. Add what your shop"
                    + " sells, and the offcuts you have.");
    private final LedgerForm<Stock> stock = new LedgerForm<>(table, s -> s.design().workshop().stock(), Stock::id);
    private final VBox used = new VBox(10);
    private final SupplyPane supplies;
    private final TableReader<PriceListCsv.Price> tables;
    private final Node page;

    private StockLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        this.tables = new TableReader<>(bench, "prices",
                (text, before, order) -> PriceListCsv.read(text, before.design(), '.', order),
                (name, read) -> work.edit(PriceListCsv.edit("Prices of " + name, read)));
        table.setId("stock");
        table.text("What", 100, s -> s.of().label()).text("As", 76, s -> s.form().label())
                .number("Long", 104, Quantity.LENGTH, Stock::length).number("Wide", 104, Quantity.LENGTH, Stock::width)
                .number("Thick", 80, Quantity.DEFLECTION, Stock::thick)
                .text("Pieces", 76, s -> s.count().isPresent() ? String.valueOf(s.available()) : "any")
                .number("Each", 64, Quantity.MONEY, s -> s.own() ? 0 : s.price())
                .words("Where", 90, s -> s.own() && s.place().isEmpty() ? "there" : s.place());
        stock.high(210, 180).form(s -> s.form().name() + s.own(), this::form);
        MenuButton usual = new MenuButton("A usual size");
        usual.setId("stock-usual");
        UsualStock.all().forEach(u -> {
            MenuItem item = new MenuItem(u.label());
            item.setOnAction(e -> add("Usual size", d -> u.stock(d.workshop().freeId())));
            usual.getItems().add(item);
        });
        FlowPane buttons = new FlowPane(6, 4, button("A stick of your shop", "stock-stick", Stock.Form.STICK, false),
                button("A sheet of your shop", "stock-sheet", Stock.Form.SHEET, false), usual,
                button("An offcut you have", "stock-own", Stock.Form.SHEET, true),
                Buttons.of("Read a price list…", "prices-read", () -> tables.bringIn()),
                Buttons.of("Write the prices out…", "prices-write", this::writeOut));
        HBox.setHgrow(used, Priority.ALWAYS);
        this.supplies = new SupplyPane(bench.work());
        this.page = Pages.content(
                new VBox(10, table, buttons, tables.report(), new HBox(10, stock.panel(), used), supplies.node()));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("mat-stock", "Stock", "What can be bought, and offcuts you have", () -> new StockLeaf(bench));
    }

    private Button button(String text, String buttonId, Stock.Form as, boolean own) {
        Button b = new Button(text);
        b.setId(buttonId);
        b.setOnAction(e -> add(text, d -> new Stock(d.workshop().freeId(), as,
                as == Stock.Form.SHEET ? Substance.PLYWOOD : Substance.SOFTWOOD,
                as == Stock.Form.SHEET ? own ? 1.2 : 2.44 : 2.4, as == Stock.Form.SHEET ? own ? 0.6 : 1.22 : 0.038,
                as == Stock.Form.SHEET ? 0.012 : 0.038, own ? OptionalDouble.of(1) : OptionalDouble.empty(), own, "",
                0, "")));
        return b;
    }

    private void add(String name, java.util.function.Function<Design, Stock> made) {
        stock.choose(work.state().design().workshop().freeId());
        work.edit(name, d -> d.with(d.workshop().plus(made.apply(d))));
    }

    private void writeOut() {
        Design d = work.state().design();
        bench.host().write("prices.csv", ".csv", () -> {
            StringBuilder text = new StringBuilder();
            PriceListCsv.write(d, text);
            return text.toString();
        });
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public boolean settled() {
        return tables.settled();
    }

    @Override
    public void show(State next) {
        stock.show(next);
        used.getChildren()
                .setAll(StudyPane.of(bench.theme(), next.analysis().of(StockStudies.DISCIPLINE).all(), next.style()));
        supplies.show(next);
    }

    private Form form(Stock made) {
        String which = made.id();
        Form f = new Form(work, "-stock");
        f.heading(made.own() ? "What you have" : "What is sold");
        f.choice("It is a", List.of(Stock.Form.values()), Stock.Form::label, d -> of(d, which, made).form(),
                (d, v) -> mapping(d, which, s -> s.withForm(v)));
        List<Substance> stuffs = made.form() == Stock.Form.STICK
                ? STICKS
                : List.of(Substance.values()).stream().filter(s -> s != Substance.NONE && s != Substance.AIR).toList();
        f.choice("Of", stuffs, Substance::label, d -> of(d, which, made).of(),
                (d, v) -> mapping(d, which, s -> s.withOf(v)));
        PartRows<Stock> rows = new PartRows<>(f, Stock.class, d -> d.workshop().stock(which),
                (d, s) -> mapping(d, which, x -> s)).row("length").row("width").row("thick")
                .unknownRow("count", "Pieces", "any number");
        f.tick("It is there already", d -> of(d, which, made).own(),
                (d, v) -> mapping(d, which, s -> s.withOwn(v)));
        f.text(made.own() ? "Where it lies" : "Who sells it", d -> of(d, which, made).place(),
                (d, v) -> mapping(d, which, s -> s.withPlace(v)));
        if (!made.own()) {
            rows.unknownRow("bought", "Bought", "none yet").unknownRow("returned", "Returned", "none");
            rows.row("price");
            f.text("Price asked on", d -> of(d, which, made).priced(),
                    (d, v) -> mapping(d, which, s -> s.withPriced(v)));
        }
        f.node(Buttons.quiet("Without it", "stock-remove",
                () -> work.edit("Without a stock", d -> d.with(d.workshop().without(which)))));
        return f;
    }

    private static Stock of(Design d, String id, Stock otherwise) {
        return d.workshop().stock(id).orElse(otherwise);
    }

    private static Design mapping(Design d, String id, UnaryOperator<Stock> change) {
        return d.with(d.workshop().mapping(id, change));
    }
}
