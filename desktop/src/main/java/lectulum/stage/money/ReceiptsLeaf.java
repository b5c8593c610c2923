package lectulum.stage.money;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.build.Task;
import lectulum.design.Design;
import lectulum.design.purse.ExchangeRate;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Thing;
import lectulum.files.ReceiptsCsv;
import lectulum.kernel.finance.Bill;
import lectulum.money.Money;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.parts.LedgerForm;
import lectulum.parts.PartRows;
import lectulum.parts.Photo;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.TableReader;
import lectulum.stage.TaskChoice;
import lectulum.units.Day;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Receipts, offers and guesses: line by line, by tables of others, with their photographs.
final class ReceiptsLeaf implements Leaf.Page {
    private static final int PIXELS = 700;
    private final Workbench work;
    private final Bench bench;
    private final Ledger<Receipt> table = new Ledger<>("Receipts and offers",
            "None yet. A line is a guess, an offer, an order or a receipt, for a thing or for what stands on no sheet.");
    private final LedgerForm<Receipt> receipts = new LedgerForm<>(table, s -> s.design().purse().receipts(),
            Receipt::id);
    private final VBox rates = new VBox(4);
    private final Photo photo = new Photo(PIXELS, 320, 220);
    private final TableReader<Receipt> tables;
    private final Node page;
    private Optional<Form> rateForm = Optional.empty();
    private String rateShape = "";
    private State state;

    private ReceiptsLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        this.state = work.state();
        this.tables = new TableReader<>(bench, "receipts",
                (text, before, order) -> ReceiptsCsv.read(text, before.design().purse(), '.', order),
                (name, read) -> work.edit("Lines of " + name, d -> {
                    List<Receipt> all = new ArrayList<>(d.purse().receipts());
                    all.addAll(read);
                    return d.with(d.purse().withReceipts(all));
                }));
        table.setId("receipts");
        table.words("What", 156, Receipt::what).words("For", 108, this::name).text("Is", 66, r -> r.state().label())
                .number("Comes to", 84, Quantity.MONEY, this::sum).words("Shop", 82, Receipt::shop)
                .text("Day", 94, Receipt::date);
        receipts.high(230, 170).form(r -> r.photo() + r.allowance() + state.design().things().size(), this::form)
                .under(this::picture);
        FlowPane buttons = new FlowPane(6, 4, Buttons.of("A guess", "receipt-guess", () -> add(Receipt.State.GUESS)),
                Buttons.of("An offer", "receipt-offer", () -> add(Receipt.State.QUOTE)),
                Buttons.of("A receipt", "receipt-paid", () -> add(Receipt.State.PAID)),
                Buttons.of("Bring in a table…", "receipts-read", tables::bringIn),
                Buttons.of("Write them out…", "receipts-write", this::writeOut));
        rates.getStyleClass().add("panel");
        HBox.setHgrow(rates, Priority.ALWAYS);
        photo.view().setId("receipt-photo");
        this.page = Pages.content(new VBox(10, table, buttons, tables.report(), new HBox(10, receipts.panel(), rates)));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("money-receipts", "Receipts", "Guesses, offers, orders and receipts, line by line",
                () -> new ReceiptsLeaf(bench));
    }

    private String name(Receipt r) {
        return r.thing().equals(Receipt.BASE)
                ? "bare base"
                : state.design().thing(r.thing()).map(Thing::name).orElse(r.kind().label());
    }

    /// What the line that it is in comes to.
    private double sum(Receipt r) {
        return state.analysis().of(Money.DISCIPLINE).lines().stream().filter(l -> l.receipts().contains(r.id()))
                .mapToDouble(l -> r.cover() == Bill.Cover.BUY ? l.forecast() : l.fair()).findFirst()
                .orElse(Double.NaN);
    }

    private void add(Receipt.State as) {
        receipts.choose(work.state().design().purse().freeId());
        String thing = work.state().selection().stream().findFirst().orElse("");
        String what = work.state().design().thing(thing).map(Thing::name).orElse("");
        work.edit("A line of the bill", d -> d.with(d.purse()
                .plus(Receipt.of(d.purse().freeId(), what, as, 0).withThing(d.thing(thing).isPresent() ? thing : ""))));
    }

    private void writeOut() {
        Design d = work.state().design();
        bench.host().write("receipts.csv", ".csv", () -> {
            StringBuilder text = new StringBuilder();
            ReceiptsCsv.write(d, text);
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
        state = next;
        receipts.show(next);
        showRates();
    }

    private List<Node> picture(Receipt r) {
        return r.photo().isEmpty() ? List.of() : bench.host().photo(r.photo()).map(file -> {
            photo.show(file);
            return List.<Node>of(photo.view());
        }).orElse(List.of());
    }

    private Form form(Receipt made) {
        String which = made.id();
        Form f = new Form(work, "-receipt");
        f.heading("Line of the bill");
        f.text("What", d -> of(d, made).what(), write(which, Receipt::withWhat));
        List<String> things = new ArrayList<>(List.of("", Receipt.BASE));
        state.design().things().forEach(t -> things.add(t.id()));
        f.choice("For", things, t -> t.isEmpty() ? "what stands on no sheet" : name(made.withThing(t)),
                d -> things.contains(of(d, made).thing()) ? of(d, made).thing() : "", write(which, Receipt::withThing));
        f.choice("It is", List.of(Receipt.State.values()), Receipt.State::label, d -> of(d, made).state(),
                write(which, Receipt::withState));
        f.choice("How it comes", List.of(Bill.Cover.values()), Bill.Cover::label, d -> of(d, made).cover(),
                write(which, Receipt::withCover));
        f.choice("Need", List.of(Bill.Tier.values()), Bill.Tier::label, d -> of(d, made).tier(),
                write(which, Receipt::withTier));
        f.choice("Spent on", List.of(Receipt.Kind.values()), Receipt.Kind::label, d -> of(d, made).kind(),
                write(which, Receipt::withKind));
        PartRows<Receipt> rows = new PartRows<>(f, Receipt.class, d -> d.purse().receipt(which),
                (d, r) -> mapping(d, which, x -> r));
        rows.row("price").row("amount").row("pack").row("waste")
                .unknownRow("bought", "Packs bought", "as many as are wanted").row("tax").row("freight");
        f.text("Currency", d -> of(d, made).currency(), write(which, Receipt::withCurrency));
        f.text("Shop", d -> of(d, made).shop(), write(which, Receipt::withShop));
        f.text("Day, as 2026-05-31", d -> of(d, made).date(), write(which, Receipt::withDate));
        f.text("Wanted on", d -> of(d, made).need(), write(which, Receipt::withNeed));
        rows.row("lead");
        TaskChoice.add(f, "Task that waits for it", state.design(), d -> of(d, made).task(),
                write(which, Receipt::withTask));
        if (made.allowance()) {
            f.note("An allowance: small parts that are paid or ordered are taken from it.");
        }
        f.text("Note", d -> of(d, made).note(), write(which, Receipt::withNote));
        Button picture = Buttons.of(made.photo().isEmpty() ? "Photograph of the receipt…" : "Other photograph…",
                "receipt-picture", () -> bench.host().pickPhoto().ifPresent(file -> work.edit(
                        "Photograph of a receipt", d -> mapping(d, which, r -> r.withPhoto(file)))));
        Button remove = Buttons.quiet("Without it", "receipt-remove",
                () -> work.edit("Without a line", d -> d.with(d.purse().without(which))));
        f.node(new HBox(8, picture, remove));
        return f;
    }

    private static <T> BiFunction<Design, T, Design> write(String id, BiFunction<Receipt, T, Receipt> change) {
        return (d, v) -> mapping(d, id, r -> change.apply(r, v));
    }

    private static Receipt of(Design d, Receipt otherwise) {
        return d.purse().receipt(otherwise.id()).orElse(otherwise);
    }

    private static Design mapping(Design d, String id, UnaryOperator<Receipt> change) {
        return d.with(d.purse().mapping(id, change));
    }

    /// Today, and what other currencies are worth.
    private void showRates() {
        List<ExchangeRate> known = state.design().purse().rates();
        String now = String.valueOf(known.size());
        if (!now.equals(rateShape) || rateForm.isEmpty()) {
            rateShape = now;
            Form f = new Form(work, "-rates");
            f.heading("Days and currencies");
            f.text("Today, as 2026-05-31", d -> d.purse().today(), (d, v) -> d.with(d.purse().withToday(v)));
            for (int i = 0; i < known.size(); i++) {
                int at = i;
                f.text("Currency " + (i + 1), d -> rate(d, at).currency(),
                        (d, v) -> rated(d, at, r -> new ExchangeRate(v, r.worth(), r.date())));
                new PartRows<>(f, ExchangeRate.class, d -> Optional.of(rate(d, at)), (d, r) -> rated(d, at, x -> r))
                        .row("worth", "Worth of one (" + (i + 1) + ")");
                f.text("On the day (" + (i + 1) + ")", d -> rate(d, at).date(),
                        (d, v) -> rated(d, at, r -> new ExchangeRate(r.currency(), r.worth(), v)));
            }
            f.node(Buttons.of("Another currency", "rate-add", () -> work.edit("A currency", d -> {
                List<ExchangeRate> all = new ArrayList<>(d.purse().rates());
                all.add(new ExchangeRate("", 1, d.purse().today()));
                return d.with(d.purse().withRates(all));
            })));
            f.note("Lines in a currency without a rate are kept, and are in no sum.");
            rateForm = Optional.of(f);
            rates.getChildren().setAll(f);
        }
        rateForm.ifPresent(f -> f.show(state));
    }

    private static ExchangeRate rate(Design d, int at) {
        return at < d.purse().rates().size() ? d.purse().rates().get(at) : new ExchangeRate("", 1, "");
    }

    private static Design rated(Design d, int at, Function<ExchangeRate, ExchangeRate> change) {
        List<ExchangeRate> all = new ArrayList<>(d.purse().rates());
        if (at < all.size()) {
            all.set(at, change.apply(all.get(at)));
        }
        return d.with(d.purse().withRates(all));
    }
}
