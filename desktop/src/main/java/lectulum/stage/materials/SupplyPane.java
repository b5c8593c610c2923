package lectulum.stage.materials;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.workshop.Supply;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.parts.LedgerForm;
import lectulum.parts.PartRows;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Tins, rolls and packs: what a shop sells, what was bought, used and brought back.
final class SupplyPane {
    private final Workbench work;
    private final Ledger<Supply> table = new Ledger<>("Tins, rolls and packs",
            "None yet: the usual sizes are bought. Add what your shop sells, and the rests you have.");
    private final LedgerForm<Supply> supplies = new LedgerForm<>(table, s -> s.design().workshop().supplies(),
            Supply::id);
    private final VBox all;
    private State state;

    SupplyPane(Workbench work) {
        this.work = work;
        this.state = work.state();
        table.setId("supplies");
        table.words("What", 130, s -> s.goods().label()).text("One", 90, s -> holds(s, state))
                .text("There", 56, s -> count(s.there()))
                .number("Each", 64, Quantity.MONEY, s -> s.own() ? 0 : s.price())
                .words("Where", 110, s -> s.own() && s.place().isEmpty() ? "there" : s.place());
        supplies.high(170, 140).form(s -> s.goods().name() + s.own(), this::form);
        HBox.setHgrow(table, Priority.ALWAYS);
        all = new VBox(8, new HBox(6, menu("A tin, roll or pack of your shop", "supply-sold", false),
                menu("A rest you have", "supply-own", true)), new HBox(10, table, supplies.panel()));
    }

    Node node() {
        return all;
    }

    private MenuButton menu(String text, String menuId, boolean own) {
        MenuButton menu = new MenuButton(text);
        menu.setId(menuId);
        for (Supply.Goods g : Supply.Goods.values()) {
            MenuItem item = new MenuItem(g.label());
            item.setOnAction(e -> {
                supplies.choose(work.state().design().workshop().freeSupply());
                work.edit(text, d -> d.with(d.workshop()
                        .plus(Supply.sold(d.workshop().freeSupply(), g, g.usual(), 0).withOwn(own))));
            });
            menu.getItems().add(item);
        }
        return menu;
    }

    private static String count(double n) {
        return n == Math.rint(n) ? String.valueOf(Math.round(n)) : String.valueOf(n);
    }

    private static String holds(Supply s, State state) {
        return s.goods().one() + ", " + Units.text(s.content(), s.goods().quantity(), state.style());
    }

    void show(State next) {
        state = next;
        supplies.show(next);
    }

    private Form form(Supply made) {
        String which = made.id();
        Form f = new Form(work, "-supply");
        f.heading(made.own() ? "A rest you have" : "What is sold");
        f.choice("It is", List.of(Supply.Goods.values()), Supply.Goods::label, d -> of(d, made).goods(),
                (d, v) -> mapping(d, which, s -> s.withGoods(v).withContent(v.usual())));
        Range held = Range.of(Supply.class, "content");
        Range used = Range.of(Supply.class, "used");
        Quantity of = made.goods().quantity();
        f.quantity("One holds", new Range(of, held.low(), held.high()), d -> of(d, made).content(),
                (d, v) -> mapping(d, which, s -> s.withContent(v)));
        PartRows<Supply> rows = new PartRows<>(f, Supply.class, d -> d.workshop().supply(which),
                (d, s) -> mapping(d, which, x -> s));
        rows.unknownRow("bought", made.own() ? "How many" : "Bought", made.own() ? "one" : "none yet");
        if (!made.own()) {
            rows.unknownRow("returned", "Returned", "none");
        }
        f.optional("Used", new Range(of, used.low(), used.high()), "nothing",
                d -> of(d, made).used().orElse(Double.NaN), (d, v) -> mapping(d, which,
                        s -> s.withUsed(Double.isNaN(v) ? OptionalDouble.empty() : OptionalDouble.of(v))));
        f.tick("It is there already", d -> of(d, made).own(), (d, v) -> mapping(d, which, s -> s.withOwn(v)));
        f.text(made.own() ? "Where it lies" : "Who sells it", d -> of(d, made).place(),
                (d, v) -> mapping(d, which, s -> s.withPlace(v)));
        if (!made.own()) {
            rows.row("price");
            f.text("Price asked on", d -> of(d, made).priced(), (d, v) -> mapping(d, which, s -> s.withPriced(v)));
        }
        f.node(Buttons.quiet("Without it", "supply-remove",
                () -> work.edit("Without a supply", d -> d.with(d.workshop().withoutSupply(which)))));
        return f;
    }

    private static Supply of(Design d, Supply otherwise) {
        return d.workshop().supply(otherwise.id()).orElse(otherwise);
    }

    private static Design mapping(Design d, String id, UnaryOperator<Supply> change) {
        return d.with(d.workshop().supplying(id, change));
    }
}
