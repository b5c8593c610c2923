package lectulum.stage.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import javafx.beans.binding.Bindings;
import javafx.geometry.HPos;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.balance.Balance;
import lectulum.balance.Limit;
import lectulum.balance.LoadedState;
import lectulum.design.LoadCase;
import lectulum.design.Range;
import lectulum.figures.Figure;
import lectulum.figures.Verdict;
import lectulum.parts.QuantityField;
import lectulum.parts.Spoken;
import lectulum.stage.StageView;
import lectulum.stage.ThingCard;
import lectulum.stage.layout.LayoutStage;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Balance: the camper as a loaded beam on the sheet, every load case in one table below it, and the limits on the
/// card.
public final class BalanceStage implements StageView {
    private static final List<String> FIGURES = List.of("mass", "tongue", "tongueShare", "axle", "left", "right",
            "centreHeight");
    private static final int FILLS = 6;
    private static final int TIGHTEST = 1 + FILLS + FIGURES.size();

    private final Workbench bench;
    private final ThingCard thing;
    /// Wider than this, columns stand apart \[px\].
    private static final double WIDE = 1100;
    private final GridPane table = new GridPane();
    private final VBox below = new VBox(4);
    private final VBox card = new VBox(4);
    private final VBox overview = new VBox(4);
    private final GridPane limits = new GridPane();
    private final List<Runnable> refreshers = new ArrayList<>();
    private List<String> built = List.of();
    private final Label title;
    private State state;

    /// @param desk what the window does for the weigh day
    public BalanceStage(Workbench bench, ThingCard thing) {
        this.bench = bench;
        this.thing = thing;
        this.state = bench.state();
        Label head = new Label("Load cases");
        head.setId("load-cases-title");
        title = head;
        head.getStyleClass().add("heading");
        below.getStyleClass().add("panel");
        below.setMinWidth(0);
        ScrollPane wide = new ScrollPane(table);
        wide.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        wide.setFocusTraversable(false);
        Button add = new Button("Add a case");
        add.setId("case-add");
        add.getStyleClass().addAll("link", "quiet");
        add.setTooltip(new Tooltip("A copy of the chosen case, to be changed"));
        add.setOnAction(e -> addCase());
        below.getChildren().addAll(new HBox(14, head, add), wide);
        table.hgapProperty().bind(Bindings.when(wide.widthProperty().greaterThan(WIDE)).then(12).otherwise(1));
        table.setVgap(0);
        table.setPadding(new Insets(0, 0, 11, 0));
        limits.setHgap(8);
        limits.setVgap(3);
        Label limitsTitle = new Label("Limits");
        limitsTitle.getStyleClass().add("title");
        Label caution = new Label("Never exceed the lowest rating. Weigh before the first long tow.");
        caution.getStyleClass().add("caution");
        caution.setWrapText(true);
        overview.getChildren().addAll(limitsTitle, limits, caution);
        card.getChildren().add(overview);
    }

    @Override
    public Node card() {
        return card;
    }

    @Override
    public Optional<Node> below() {
        return Optional.of(below);
    }

    @Override
    public void show(State next) {
        state = next;
        if (!card.getChildren().contains(thing)) {
            card.getChildren().addFirst(thing);
        }
        thing.show(next);
        List<String> ids = next.design().cases().stream().map(LoadCase::id).toList();
        if (!ids.equals(built)) {
            built = ids;
            build();
        }
        title.setText("Load cases, masses in " + Units.show(1, Quantity.MASS, next.style()).unit());
        refreshers.forEach(Runnable::run);
        limits();
    }

    private void addCase() {
        LoadCase copy = state.chosenCase();
        bench.edit("Add a case", d -> {
            int n = 1;
            List<String> ids = d.cases().stream().map(LoadCase::id).toList();
            while (ids.contains("own-" + n)) {
                n++;
            }
            List<LoadCase> all = new ArrayList<>(d.cases());
            all.add(copy.copied("own-" + n, "Own case " + n));
            return d.withCases(all);
        });
    }

    private void build() {
        table.getChildren().clear();
        refreshers.clear();
        String[] heads = {"", "fresh", "waste", "fuel", "gear", "food", "wet", "mass", "tongue", "share", "axle",
                "left", "right", "height", "first limit", ""};
        for (int i = 0; i < heads.length; i++) {
            Label head = new Label(heads[i]);
            head.getStyleClass().add("grid-head");
            if (i == TIGHTEST) {
                head.getStyleClass().add("apart");
            }
            GridPane.setHalignment(head, i >= 1 && i < TIGHTEST ? HPos.RIGHT : HPos.LEFT);
            table.add(head, i, 0);
            ColumnConstraints column = new ColumnConstraints();
            column.setMinWidth(i == 0 ? 78 : i < TIGHTEST ? 40 : 0);
            column.setPrefWidth(
                    heads[i].equals("height") ? 76 : heads[i].equals("share") ? 52 : Region.USE_COMPUTED_SIZE);
            column.setHalignment(i > FILLS && i < TIGHTEST ? HPos.RIGHT : HPos.LEFT);
            if (table.getColumnConstraints().size() < heads.length) {
                table.getColumnConstraints().add(column);
            }
        }
        for (int row = 0; row < built.size(); row++) {
            row(built.get(row), row + 1);
        }
    }

    private void row(String id, int row) {
        Label name = new Label();
        name.setMinWidth(80);
        refreshers.add(() -> {
            boolean worst = state.analysis().of(Balance.DISCIPLINE).states().stream().filter(LoadedState::trip)
                    .min(java.util.Comparator.comparingDouble(LoadedState::share))
                    .filter(s -> s.loadCase().id().equals(id)).isPresent();
            name.setText(state.design().loadCase(id).name() + (worst ? " ▾" : ""));
            name.setTooltip(worst ? new Tooltip("Lightest tongue of all trips") : null);
            name.getStyleClass().setAll("label", id.equals(state.chosenCase().id()) ? "strong" : "plain");
        });
        Spoken.pressable(name, "Show the tally for " + state.design().loadCase(id).name(),
                () -> bench.setLoadCase(state.design().loadCase(id)));
        if (state.design().loadCase(id).shipped()) {
            table.add(name, 0, row);
        } else {
            own(id, row);
        }
        fill(id, row, 1, "fresh", LoadCase::fresh, (c, v) -> c.withFills(v, c.waste(), c.fuel()));
        fill(id, row, 2, "waste", LoadCase::waste, (c, v) -> c.withFills(c.fresh(), v, c.fuel()));
        fill(id, row, 3, "fuel", LoadCase::fuel, (c, v) -> c.withFills(c.fresh(), c.waste(), v));
        fill(id, row, 4, "gear", LoadCase::gear, (c, v) -> c.withPacked(v, c.provisions()));
        fill(id, row, 5, "food", LoadCase::provisions, (c, v) -> c.withPacked(c.gear(), v));
        fill(id, row, 6, "wet", LoadCase::wet, LoadCase::soaked);
        for (int i = 0; i < FIGURES.size(); i++) {
            figure("balance." + id + "." + FIGURES.get(i), 1 + FILLS + i, row);
        }
        Label tightest = new Label();
        refreshers.add(() -> tightest.setText(state.analysis().of(Balance.DISCIPLINE).state(id).flatMap(s -> s.first())
                .map(l -> Units.show(l.left(), Quantity.MASS, state.style()).number() + " " + l.rating().label())
                .orElse("none known")));
        tightest.getStyleClass().add("apart");
        tightest.setMinWidth(100);
        table.add(tightest, TIGHTEST, row);
        LoadCase.standard().stream().filter(c -> c.id().equals(id)).findFirst().ifPresent(usual -> {
            Button reset = new Button("as derived");
            reset.getStyleClass().addAll("link", "quiet");
            reset.setOnAction(e -> bench.edit("Derived " + usual.name(), d -> d.mappingCase(id, c -> usual)));
            reset.managedProperty().bind(reset.visibleProperty());
            refreshers.add(() -> reset.setVisible(!usual.equals(state.analysis().given().loadCase(id))));
            reset.setMinWidth(Region.USE_PREF_SIZE);
            table.add(reset, TIGHTEST + 1, row);
        });
    }

    /// A case of the user's own has a name that is typed, and goes again.
    private void own(String id, int row) {
        TextField typed = new TextField();
        typed.setId("case-" + id + "-name");
        typed.setAccessibleText("Name of the case");
        typed.setPrefColumnCount(7);
        typed.getStyleClass().add("grid-cell");
        Runnable commit = () -> {
            String name = typed.getText().strip();
            if (!name.isEmpty() && !name.equals(state.analysis().given().loadCase(id).name())) {
                bench.edit("Name of the case", d -> d.mappingCase(id, c -> c.copied(id, name)));
            }
        };
        typed.setOnAction(e -> commit.run());
        typed.focusedProperty().addListener((o, was, is) -> {
            if (is) {
                bench.setLoadCase(state.design().loadCase(id));
            } else {
                commit.run();
            }
        });
        refreshers.add(() -> {
            if (!typed.isFocused()) {
                typed.setText(state.design().loadCase(id).name());
            }
        });
        Button remove = new Button("×");
        remove.setTooltip(new Tooltip("Remove this case"));
        remove.setAccessibleText("Remove this case");
        remove.setMinWidth(Region.USE_PREF_SIZE);
        remove.setId("case-" + id + "-remove");
        remove.getStyleClass().addAll("link", "quiet");
        remove.setOnAction(e -> bench.edit("Remove the case",
                d -> d.withCases(d.cases().stream().filter(c -> !c.id().equals(id)).toList())));
        CheckBox driven = new CheckBox();
        driven.setId("case-" + id + "-driven");
        driven.setAccessibleText("Driven");
        driven.setTooltip(new Tooltip("Driven. Where it is not ticked, the tongue is not judged in this case"));
        driven.setOnAction(e -> bench.edit("Driven or not",
                d -> d.mappingCase(id, c -> c.parked(!driven.isSelected()))));
        driven.setMinWidth(Region.USE_PREF_SIZE);
        refreshers.add(() -> driven.setSelected(!state.analysis().given().loadCase(id).parked()));
        table.add(new HBox(driven, typed, remove), 0, row);
    }

    private void fill(String id, int row, int column, String what, ToDoubleFunction<LoadCase> read,
            BiFunction<LoadCase, Double, LoadCase> write) {
        QuantityField field = new QuantityField(what + " in " + id, Range.of(LoadCase.class, "fresh"),
                v -> bench.edit(state.design().loadCase(id).name() + ", " + what,
                        d -> d.mappingCase(id, c -> write.apply(c, v))));
        field.field().setId("case-" + id + "-" + what);
        field.field().setPrefColumnCount(3);
        field.setMaxWidth(42);
        field.getStyleClass().add("grid-cell");
        refreshers.add(() -> field.show(read.applyAsDouble(state.analysis().given().loadCase(id)), state.style()));
        table.add(field, column, row);
    }

    private void figure(String id, int column, int row) {
        Label label = new Label();
        label.setId("cell-" + id.replace('.', '-'));
        label.setMinWidth(Region.USE_PREF_SIZE);
        refreshers.add(() -> {
            Optional<Figure> figure = state.analysis().figures().find(id);
            label.setText(figure.map(f -> f.quantity() == Quantity.MASS && f.value().isPresent()
                    ? Units.show(f.value().getAsDouble(), Quantity.MASS, state.style()).number()
                    : f.text(state.style())).orElse("–"));
            Verdict verdict = figure.map(f -> f.band().verdict()).orElse(Verdict.NONE);
            label.setStyle(verdict == Verdict.STOP
                    ? "-fx-text-fill: -l-accent; -fx-font-weight: bold;"
                    : verdict == Verdict.WARN ? "-fx-text-fill: -l-warn; -fx-font-weight: bold;" : "");
        });
        table.add(label, column, row);
    }

    private void limits() {
        limits.getChildren().clear();
        state.analysis().of(Balance.DISCIPLINE).state(state.chosenCase().id()).ifPresent(loaded -> {
            int row = limitRows(loaded, true, 0);
            row = limitRows(loaded, false, row);
            for (String side : List.of("right", "left")) {
                limits.addRow(row++, new Label(side + " wheels"), new Label(LayoutStage.figure(state,
                        "balance." + loaded.loadCase().id() + "." + side)));
            }
            if (loaded.limits().isEmpty()) {
                limits.add(new Label("No rating is known yet: see Base and Brief."), 0, row, 3, 1);
            }
        });
    }

    /// The limits of the trailer or of the vehicle, tightest first; returns the next free row.
    private int limitRows(LoadedState loaded, boolean trailer, int from) {
        int row = from;
        List<Limit> mine = loaded.limits().stream().filter(l -> l.rating().trailer() == trailer).toList();
        if (!mine.isEmpty()) {
            Label head = new Label(trailer ? "Trailer" : "Tow vehicle");
            head.getStyleClass().add("grid-head");
            limits.add(head, 0, row++, 3, 1);
        }
        for (Limit limit : mine) {
            Label load = new Label(Units.show(limit.load(), Quantity.MASS, state.style()).number() + " of "
                    + Units.text(limit.rated(), Quantity.MASS, state.style()));
            load.getStyleClass().add("strong");
            Label margin = new Label(Units.text(limit.margin(), Quantity.SHARE, state.style()) + " left");
            margin.getStyleClass().add(limit.margin() < 0.1 ? "hint" : "faint");
            load.setMinWidth(Region.USE_PREF_SIZE);
            margin.setMinWidth(Region.USE_PREF_SIZE);
            Label name = new Label(limit.rating().label());
            name.setWrapText(true);
            name.setMinHeight(Region.USE_PREF_SIZE);
            limits.addRow(row++, name, load, margin);
        }
        return row;
    }
}
