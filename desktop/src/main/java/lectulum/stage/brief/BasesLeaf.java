package lectulum.stage.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import lectulum.brief.bases.Bases;
import lectulum.brief.bases.Faults;
import lectulum.design.Design;
import lectulum.design.brief.Candidate;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
import lectulum.parts.Words;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Bases that could be bought or made, side by side: entered, inspected, judged, and one of them built on.
final class BasesLeaf implements Leaf.Page {
    private static final double WIDE = 256;
    private static final double NARROW = 84;
    private static final List<String> HEADS = List.of("", "Kind", "Price", "Until it rolls", "Own time till then",
            "Empty mass", "Permitted mass", "Axle rating", "Left after the build", "Inside, long", "wide", "high",
            "Age",
            "Away", "Risks");
    private static final String UNSEEN = "not looked at";

    private final Workbench bench;
    private final GridPane table = new GridPane();
    private final FlowPane cards = new FlowPane(12, 12);
    private final List<Form> forms = new ArrayList<>();
    private final List<Runnable> refreshers = new ArrayList<>();
    private final AssumedEntry assumed;
    private final Node page;
    private List<String> built = List.of("?");
    private State state;

    private BasesLeaf(Workbench bench) {
        this.bench = bench;
        this.state = bench.state();
        this.assumed = new AssumedEntry(bench, "bases");
        Button add = new Button("Add a base");
        add.setId("base-add");
        table.setHgap(12);
        table.setVgap(3);
        table.getStyleClass().add("panel");
        add.getStyleClass().add("primary");
        add.setOnAction(e -> bench.edit("Add a base", BasesLeaf::added));
        page = Pages.content(new VBox(10,
                StudyPane.words("A cheap folding or kit trailer saves the first outlay; the same"
                        + " hours on good new steel give a straighter frame; a closed box saves a season and comes as wide and high as"
                        + " it is. Enter what you are offered: what it comes to and what is left for your build is worked out.",
                        "faint"),
                table, new HBox(10, add), cards, assumed));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("bases", "Base choice", "What to build on: price, work, what is left for the build",
                () -> new BasesLeaf(bench.work()));
    }

    private static Design added(Design d) {
        List<Candidate> all = new ArrayList<>(d.brief().candidates());
        int n = all.size() + 1;
        while (has(all, "base-" + n)) {
            n++;
        }
        all.add(new Candidate("base-" + n, "Base " + n, Candidate.Kind.UTILITY, 1200, 0, 20 * 3600, 320,
                OptionalDouble.of(1000), OptionalDouble.of(1000), 2.8, 1.5, 1.6,
                OptionalDouble.empty(), 50_000, java.util.Map.of()));
        return d.with(d.brief().withCandidates(all));
    }

    private static boolean has(List<Candidate> all, String id) {
        return all.stream().anyMatch(c -> c.id().equals(id));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State next) {
        state = next;
        List<Candidate> all = next.analysis().given().brief().candidates();
        List<String> ids = all.stream().map(Candidate::id).toList();
        if (!ids.equals(built)) {
            built = ids;
            build(all);
        }
        forms.forEach(f -> f.show(next));
        refreshers.forEach(Runnable::run);
        fill();
        assumed.show(next);
    }

    /// One column a candidate, to compare at a glance: the least money, least time and most payload stand out.
    private void fill() {
        table.getChildren().clear();
        List<Bases.Judged> all = state.analysis().of(Bases.DISCIPLINE).all();
        table.setVisible(!all.isEmpty());
        table.setManaged(!all.isEmpty());
        for (int i = 0; i < HEADS.size(); i++) {
            Label head = new Label(HEADS.get(i));
            head.getStyleClass().addAll("faint", "small");
            head.setMinWidth(Region.USE_PREF_SIZE);
            table.add(head, 0, i);
        }
        double money = all.stream().mapToDouble(Bases.Judged::money).min().orElse(0);
        double hours = all.stream().mapToDouble(Bases.Judged::hours).min().orElse(0);
        double payload = all.stream().filter(j -> j.payload().isPresent()).mapToDouble(j -> j.payload().getAsDouble())
                .max().orElse(Double.NaN);
        boolean several = all.size() > 1;
        int column = 1;
        for (Bases.Judged j : all) {
            Candidate c = j.candidate();
            int row = 0;
            for (Cell n : List.of(new Cell("name", c.name(), true), new Cell("kind", c.kind().label(), false),
                    new Cell("price", text(c.price(), Quantity.MONEY), false),
                    new Cell("money", text(j.money(), Quantity.MONEY), several && j.money() <= money),
                    new Cell("hours", text(j.hours(), Quantity.DURATION), several && j.hours() <= hours),
                    new Cell("mass", text(c.mass(), Quantity.MASS), false),
                    new Cell("gross", text(c.gross(), Quantity.MASS), false),
                    new Cell("axle", text(c.axle(), Quantity.MASS), false),
                    new Cell("payload", j.out() ? "ruled out" : text(j.payload(), Quantity.MASS),
                            several && j.payload().isPresent() && j.payload().getAsDouble() >= payload),
                    new Cell("long", text(c.length(), Quantity.LENGTH), false),
                    new Cell("wide", text(c.width(), Quantity.LENGTH), false),
                    new Cell("high", text(c.height(), Quantity.LENGTH), false),
                    new Cell("age", c.age().isPresent() ? text(c.age(), Quantity.COUNT) : "–", false),
                    new Cell("away", text(c.distance(), Quantity.DISTANCE), false),
                    new Cell("risks", Integer.toString(j.risks().size()), false))) {
                table.add(cell(c.id(), n), column, row++);
            }
            column++;
        }
        table.getColumnConstraints().clear();
        for (int i = 0; i < column; i++) {
            ColumnConstraints c = new ColumnConstraints(i == 0 ? Region.USE_PREF_SIZE : NARROW,
                    Region.USE_COMPUTED_SIZE, i == 0 ? Region.USE_PREF_SIZE : WIDE);
            c.setHalignment(i == 0 ? HPos.LEFT : HPos.RIGHT);
            c.setHgrow(i == 0 ? Priority.NEVER : Priority.ALWAYS);
            table.getColumnConstraints().add(c);
        }
    }

    private record Cell(String id, String text, boolean best) {
    }

    private static Label cell(String candidate, Cell n) {
        Label label = new Label(n.text);
        label.setId("base-" + n.id + "-" + candidate);
        label.getStyleClass().addAll(n.best ? "strong" : "row-value", "small");
        label.setWrapText(true);
        label.setTextAlignment(TextAlignment.RIGHT);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private String text(OptionalDouble value, Quantity quantity) {
        return value.isPresent() ? text(value.getAsDouble(), quantity) : "–";
    }

    private String text(double value, Quantity quantity) {
        return Units.text(value, quantity, state.style());
    }

    private void build(List<Candidate> all) {
        forms.clear();
        refreshers.clear();
        cards.getChildren().clear();
        if (all.isEmpty()) {
            cards.getChildren()
                    .add(StudyPane.words("Nothing to choose from yet. Add what stands on a driveway somewhere.",
                            "faint"));
        }
        for (Candidate c : all) {
            cards.getChildren().add(card(c.id()));
        }
    }

    private Candidate candidate(String id) {
        return state.analysis().given().brief().candidates().stream().filter(c -> c.id().equals(id)).findFirst()
                .orElseThrow();
    }

    private static Design mapping(Design d, String id, UnaryOperator<Candidate> change) {
        return d.with(d.brief().withCandidates(
                d.brief().candidates().stream().map(c -> c.id().equals(id) ? change.apply(c) : c).toList()));
    }

    private VBox card(String id) {
        Form f = new Form(bench, "-" + id);
        f.longText("Called", d -> of(d, id, Candidate::name, ""), (d, v) -> mapping(d, id, c -> c.withName(v)));
        f.choice("Kind", List.of(Candidate.Kind.values()), Candidate.Kind::label,
                d -> of(d, id, Candidate::kind, Candidate.Kind.OTHER), (d, v) -> mapping(d, id, c -> c.withKind(v)));
        new PartRows<>(f, Candidate.class,
                d -> d.brief().candidates().stream().filter(c -> c.id().equals(id)).findFirst(),
                (d, c) -> mapping(d, id, old -> c)).row("price").row("rework").row("hours").row("mass")
                .unknownRow("gross", "Permitted mass").unknownRow("axle", "Axle rating").row("length").row("width")
                .row("height").unknownRow("age", "Age").row("distance");
        forms.add(f);
        Button pick = new Button("Build on this one");
        pick.setId("base-pick-" + id);
        pick.setOnAction(e -> bench.edit("Build on " + candidate(id).name(), d -> Bases.on(d, candidate(id))));
        Button out = new Button("Take out");
        out.setId("base-out-" + id);
        out.getStyleClass().addAll("link", "quiet");
        out.setOnAction(e -> bench.edit("Take out " + candidate(id).name(), d -> d.with(d.brief().withCandidates(
                d.brief().candidates().stream().filter(c -> !c.id().equals(id)).toList()))));
        VBox box = new VBox(6, verdict(id), f, inspection(id), new HBox(10, pick, out));
        box.getStyleClass().add("panel");
        box.setPrefWidth(WIDE);
        box.setMaxWidth(WIDE);
        return box;
    }

    private static <T> T of(Design d, String id, java.util.function.Function<Candidate, T> read, T none) {
        return d.brief().candidates().stream().filter(c -> c.id().equals(id)).findFirst().map(read).orElse(none);
    }

    /// What it comes to, what is left, what speaks against it.
    private VBox verdict(String id) {
        Label name = new Label();
        name.getStyleClass().add("heading");
        Label sums = new Label();
        sums.setId("base-sums-" + id);
        sums.setWrapText(true);
        sums.setMinHeight(Region.USE_PREF_SIZE);
        Label left = new Label();
        left.setId("base-left-" + id);
        left.getStyleClass().add("strong");
        left.setWrapText(true);
        VBox risks = new VBox(2);
        refreshers.add(() -> state.analysis().of(Bases.DISCIPLINE).all().stream()
                .filter(j -> j.candidate().id().equals(id)).findFirst().ifPresent(j -> {
                    name.setText(j.candidate().name());
                    sums.setText(Units.text(j.money(), Quantity.MONEY, state.style()) + " and "
                            + Units.text(j.hours(), Quantity.DURATION, state.style()) + " until it rolls");
                    left.setText(j.out()
                            ? "Ruled out"
                            : j.payload().isEmpty()
                                    ? "No rating known"
                                    : Units.text(j.payload().getAsDouble(), Quantity.MASS, state.style())
                                            + " left with the planned build");
                    risks.getChildren().setAll(j.risks().stream()
                            .map(r -> (Node) StudyPane.words("▲ " + r.text(state.style()), "hint")).toList());
                }));
        return new VBox(3, name, sums, left, risks);
    }

    /// Point by point, how to look and what was found.
    private VBox inspection(String id) {
        Label head = new Label("Inspection");
        head.getStyleClass().addAll("heading", "section");
        GridPane grid = new GridPane();
        grid.setHgap(8);
        grid.setVgap(3);
        for (Candidate.Fault fault : Candidate.Fault.values()) {
            Faults.Row row = Faults.of(fault);
            Label label = new Label(row.label());
            label.setWrapText(true);
            label.setMinHeight(Region.USE_PREF_SIZE);
            label.setTooltip(new Tooltip(row.look()));
            GridPane.setHgrow(label, Priority.ALWAYS);
            ComboBox<Object> seen = new ComboBox<>();
            seen.setId("fault-" + id + "-" + fault.name().toLowerCase(Locale.ROOT));
            seen.setAccessibleText(row.label() + ". " + row.look());
            seen.setTooltip(new Tooltip(row.look()));
            seen.getItems().add(UNSEEN);
            seen.getItems().addAll(List.of(Candidate.Seen.values()));
            seen.setConverter(Words.by(o -> o instanceof Candidate.Seen s ? s.label() : String.valueOf(o)));
            seen.setPrefWidth(132);
            seen.setMinWidth(132);
            seen.setOnAction(e -> {
                Candidate.Seen now = seen.getValue() instanceof Candidate.Seen s ? s : null;
                if (built.contains(id) && now != candidate(id).faults().get(fault)) {
                    bench.edit(row.label(), d -> mapping(d, id, c -> c.found(fault, now)));
                }
            });
            refreshers.add(() -> {
                Candidate.Seen now = candidate(id).faults().get(fault);
                seen.setValue(now == null ? UNSEEN : now);
            });
            grid.addRow(grid.getRowCount(), label, seen);
        }
        return new VBox(4, head, grid);
    }
}
