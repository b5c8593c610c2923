package lectulum.stage.power;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Circuit;
import lectulum.design.wiring.Part;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Spot;
import lectulum.design.wiring.Wiring;
import lectulum.kernel.electric.Wire;
import lectulum.kernel.electric.WireChoice;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.parts.PartRows;
import lectulum.parts.Words;
import lectulum.power.wiring.Raceways;
import lectulum.power.wiring.Run;
import lectulum.power.wiring.Wired;
import lectulum.power.wiring.WiringStudies;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Circuits and raceways: how wires are sized, which things share a fuse, what arrives.
final class WiresLeaf implements Leaf.Page {
    private static final String AUTO = "the one that fits";

    private final Workbench bench;
    private final Form school;
    private final AssumedEntry assumed;
    private final Ledger<Run> table = new Ledger<>("Circuits",
            "Nothing is wired yet: add a battery and something that draws power.");
    private final VBox chosen = new VBox(4);
    private final VBox raceway = new VBox(4);
    private final ComboBox<String> raceways = new ComboBox<>();
    private final VBox sums = new VBox();
    private final Node page;
    private Optional<Form> circuitForm = Optional.empty();
    private Optional<Form> racewayForm = Optional.empty();
    private String circuit = "";
    private String shape = "";
    private String way = "";
    private State state;
    private boolean showing;

    private WiresLeaf(Workbench bench) {
        this.bench = bench;
        this.state = bench.state();
        this.school = school();
        this.assumed = new AssumedEntry(bench, "power-wire");
        table.setId("circuits");
        table.text("No.", 50, r -> r.number() > 0 ? String.valueOf(r.number()) : "")
                .text("Line", 170, Run::name)
                .number("Draws", 70, Quantity.CURRENT, Run::amps)
                .number("Fuse", 58, Quantity.CURRENT,
                        r -> r.family().isPresent()
                                ? r.choice().map(WireChoice::fuse).orElse(Double.NaN)
                                : Double.NaN)
                .text("Wire", 74, r -> r.wire().map(Wire::name).orElse("none fits"))
                .number("Loop", 70, Quantity.RUN, Run::loop)
                .number("Loses", 62, Quantity.VOLTAGE, r -> r.choice().map(WireChoice::drop).orElse(Double.NaN))
                .text("Asked for by", 100, r -> r.choice().map(c -> governed(c.governed())).orElse(""));
        table.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                circuit = now.id();
                bench.select(now.things().stream().filter(id -> state.design().thing(id).isPresent()).toList());
                showChosen();
            }
        });
        table.setPrefHeight(290);
        table.setMinHeight(290);
        raceways.setId("raceway");
        raceways.setAccessibleText("Raceway");
        raceways.setMaxWidth(Double.MAX_VALUE);
        raceways.setConverter(Words.by(id -> state.design().wiring().raceway(id).map(Raceway::name).orElse("–")));
        raceways.valueProperty().addListener((o, was, now) -> {
            if (!showing) {
                way = now == null ? "" : now;
                showRaceway();
            }
        });
        Label title = new Label("Raceways");
        title.getStyleClass().addAll("heading", "section");
        VBox ways = new VBox(6, title,
                StudyPane.words("Wires run along raceways; their ends are dragged on the sheet.", "faint"),
                new HBox(6, button("The usual ones", "raceways-usual", d -> d.with(Raceways.laid(d))),
                        button("Add one", "raceway-add", WiresLeaf::added)),
                raceways, raceway);
        HBox below = new HBox(18, panel(school, assumed), panel(chosen, ways));
        this.page = Pages.content(new VBox(10, sums, table, below));
    }

    private static VBox panel(Node... nodes) {
        VBox box = new VBox(8, nodes);
        box.getStyleClass().add("panel");
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setPrefWidth(380);
        return box;
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("power-wire", "Wires", "Circuits, raceways, sizes and fuses",
                () -> new WiresLeaf(bench.work()));
    }

    private static String governed(WireChoice.Governed by) {
        return switch (by) {
            case LEAST -> "least size";
            case AMPACITY -> "its fuse";
            case DROP -> "volts lost";
            case USER -> "you";
        };
    }

    private Form school() {
        Form f = new Form(bench, "-wiring");
        f.heading("How it is wired");
        f.choice("Volts lost", List.of(Wiring.School.values()), Wiring.School::label, d -> d.wiring().school(),
                (d, v) -> d.with(d.wiring().withSchool(v)));
        f.choice("Sizes", List.of(Wiring.Series.values()), Wiring.Series::label, d -> d.wiring().series(),
                (d, v) -> d.with(d.wiring().withSeries(v)));
        PartRows<Wiring> rows = new PartRows<>(f, Wiring.class, d -> Optional.of(d.wiring()), Design::with);
        rows.row("larger");
        f.tick("Insulation of 75 °C only", d -> d.wiring().hot(), (d, v) -> d.with(d.wiring().withHot(v)));
        rows.unknownRow("mainFuse", "Main fuse", AUTO).row("mainAt");
        f.tick("A fuse at the battery", d -> !d.wiring().unfused(), (d, v) -> d.with(d.wiring().withUnfused(!v)));
        f.tick("A main switch", d -> d.wiring().disconnect(), (d, v) -> d.with(d.wiring().withDisconnect(v)));
        f.tick("Lamps return through the chassis", d -> d.wiring().chassis(),
                (d, v) -> d.with(d.wiring().withChassis(v)));
        return f;
    }

    private Button button(String text, String id, UnaryOperator<Design> change) {
        Button b = new Button(text);
        b.setId(id);
        b.setOnAction(e -> bench.edit(text.equals("Add one") ? "Add a raceway" : "Usual raceways", change));
        return b;
    }

    private static Design added(Design d) {
        String id = d.wiring().freeId();
        double z = 0.8 * d.base().shell().height();
        return d.with(d.wiring().plus(new Raceway(id, "Raceway " + (d.wiring().raceways().size() + 1), Part.BODY,
                Raceway.Zone.CABIN, new Spot(0.5, 0, z), new Spot(1.5, 0, z), 0.04, 0.025, 0, 0)));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State s) {
        state = s;
        showing = true;
        school.show(s);
        assumed.show(s);
        Wired wired = s.analysis().of(Wired.DISCIPLINE);
        table.show(wired.harness().runs(), s.style());
        wired.harness().run(circuit).ifPresent(r -> table.getSelectionModel().select(r));
        List<String> ids = s.design().wiring().raceways().stream().map(Raceway::id).toList();
        boolean grown = !raceways.getItems().isEmpty() && ids.size() > raceways.getItems().size();
        if (!ids.equals(raceways.getItems())) {
            raceways.getItems().setAll(ids);
        }
        if (grown || !ids.contains(way)) {
            way = ids.isEmpty() ? "" : ids.getLast();
        }
        raceways.setValue(way.isEmpty() ? null : way);
        raceways.setVisible(!ids.isEmpty());
        raceways.setManaged(!ids.isEmpty());
        sums.getChildren().setAll(StudyPane.figures(List.copyOf(wired.figures().all()), s.style()));
        showing = false;
        showChosen();
        showRaceway();
    }

    private void showChosen() {
        Optional<Run> run = state.analysis().of(Wired.DISCIPLINE).harness().run(circuit)
                .filter(r -> r.kind() == Run.Kind.CIRCUIT);
        String now = run.map(r -> r.id() + WiringStudies.sizes(state.design())).orElse("");
        if (!now.equals(shape)) {
            shape = now;
            circuitForm = run.map(this::circuit);
            chosen.getChildren().clear();
            circuitForm.ifPresent(f -> chosen.getChildren().add(f));
        }
        circuitForm.ifPresent(f -> f.show(state));
    }

    /// The user's circuit of a run, or the one the program made as a start for one.
    private static Circuit of(Design d, Run r) {
        String id = r.id().substring("circuit.".length());
        return d.wiring().circuit(id).orElse(new Circuit(id, r.name(), r.things()).beforeSwitch(r.before()));
    }

    private Form circuit(Run made) {
        Form f = new Form(bench, "-circuit");
        f.heading("Circuit " + made.number());
        f.text("Called", d -> of(d, made).name(), (d, v) -> with(d, of(d, made).named(v)));
        List<String> sizes = new ArrayList<>(List.of(""));
        sizes.addAll(WiringStudies.sizes(state.design()));
        f.choice("Wire size", sizes, n -> n.isEmpty() ? AUTO : n, d -> of(d, made).size(),
                (d, v) -> with(d, of(d, made).sized(v)));
        f.optional("Circuit fuse", Range.of(Circuit.class, "fuse"), AUTO, d -> of(d, made).fuse().orElse(Double.NaN),
                (d, v) -> with(d, of(d, made).fused(v)));
        f.choice("May lose", List.of(Circuit.Loss.values()), Circuit.Loss::label, d -> of(d, made).loss(),
                (d, v) -> with(d, of(d, made).with(v)));
        f.tick("Before the main switch", d -> of(d, made).before(), (d, v) -> with(d, of(d, made).beforeSwitch(v)));
        f.text("Its switch is labelled", d -> of(d, made).control(), (d, v) -> with(d, of(d, made).switched(v)));
        f.node(new HBox(6, devices(made), apart(made)));
        return f;
    }

    private static Design with(Design d, Circuit c) {
        return d.with(d.wiring().with(c));
    }

    /// Every device, ticked where it hangs on this circuit.
    private MenuButton devices(Run made) {
        MenuButton menu = new MenuButton("Devices on it");
        menu.setId("circuit-devices");
        menu.setOnShowing(e -> {
            menu.getItems().clear();
            Wired wired = state.analysis().of(Wired.DISCIPLINE);
            wired.harness().of(Run.Kind.CIRCUIT).stream().flatMap(r -> r.things().stream())
                    .flatMap(id -> state.design().thing(id).stream()).forEach(t -> {
                        CheckMenuItem item = new CheckMenuItem(t.name());
                        item.setSelected(wired.harness().run(made.id()).filter(r -> r.things().contains(t.id()))
                                .isPresent());
                        item.setOnAction(x -> toggle(made, t, item.isSelected()));
                        menu.getItems().add(item);
                    });
        });
        return menu;
    }

    private void toggle(Run made, Thing t, boolean on) {
        bench.edit(t.name() + (on ? " onto " : " off ") + made.name(), d -> {
            Circuit c = of(d, made);
            List<String> ids = new ArrayList<>(c.things());
            ids.remove(t.id());
            if (on) {
                ids.add(t.id());
            }
            Wiring without = d.wiring().withCircuits(d.wiring().circuits().stream()
                    .map(x -> x.with(x.things().stream().filter(id -> !id.equals(t.id())).toList())).toList());
            return d.with(without.with(c.with(ids)));
        });
    }

    private Button apart(Run made) {
        Button b = new Button("As the program groups it");
        b.setId("circuit-auto");
        b.setOnAction(e -> bench.edit("Circuit as the program groups it",
                d -> d.with(d.wiring().withCircuits(d.wiring().circuits().stream()
                        .filter(c -> !("circuit." + c.id()).equals(made.id())).toList()))));
        return b;
    }

    private void showRaceway() {
        Optional<Raceway> r = state.design().wiring().raceway(way);
        if (r.isEmpty()) {
            racewayForm = Optional.empty();
            raceway.getChildren().clear();
            return;
        }
        if (racewayForm.isEmpty() || !way.equals(raceway.getUserData())) {
            raceway.setUserData(way);
            Form f = raceway(way);
            racewayForm = Optional.of(f);
            raceway.getChildren().setAll(f);
        }
        racewayForm.ifPresent(f -> f.show(state));
    }

    private Form raceway(String id) {
        Form f = new Form(bench, "-raceway");
        f.text("Raceway name", d -> d.wiring().raceway(id).map(Raceway::name).orElse(""),
                (d, v) -> mapping(d, id, r -> r.named(v)));
        end(f, id, "From", Raceway::from, (r, s) -> r.between(s, r.to()));
        end(f, id, "To", Raceway::to, (r, s) -> r.between(r.from(), s));
        f.choice("Rides on", List.of(Part.values()), Part::label,
                d -> d.wiring().raceway(id).map(Raceway::part).orElse(Part.BODY),
                (d, v) -> mapping(d, id, r -> r.with(v)));
        f.choice("It is", List.of(Raceway.Zone.values()), Raceway.Zone::label,
                d -> d.wiring().raceway(id).map(Raceway::zone).orElse(Raceway.Zone.CABIN),
                (d, v) -> mapping(d, id, r -> r.with(v)));
        new PartRows<>(f, Raceway.class, d -> d.wiring().raceway(id), (d, r) -> mapping(d, id, x -> r)).row("wide")
                .row("high").row("loop").row("bores");
        Button remove = new Button("Without this raceway");
        remove.setId("raceway-remove");
        remove.getStyleClass().addAll("link", "quiet");
        remove.setOnAction(e -> bench.edit("Without a raceway", d -> d.with(d.wiring().withoutRaceway(id))));
        f.node(remove);
        return f;
    }

    private static Design mapping(Design d, String id, UnaryOperator<Raceway> change) {
        return d.with(d.wiring().mappingRaceway(id, change));
    }

    private void end(Form f, String id, String name, java.util.function.Function<Raceway, Spot> read,
            java.util.function.BiFunction<Raceway, Spot, Raceway> write) {
        new PartRows<>(f, Spot.class, d -> d.wiring().raceway(id).map(read),
                (d, s) -> mapping(d, id, r -> write.apply(r, s))).row("x", name + ", along").row("y", name + ", across")
                .row("z", name + ", up");
    }
}
