package lectulum.stage.layout;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.Range;
import lectulum.design.Settings;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.kernel.packing.Changeover;
import lectulum.layout.Layout;
import lectulum.layout.change.ChangeOvers;
import lectulum.layout.change.Setup;
import lectulum.parts.QuantityField;
import lectulum.parts.Spoken;
import lectulum.sheet.SketchView;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StudyPane;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Change-over: what to move from road to camp to night and back, in an order that can be done, with minutes.
public final class ChangeLeaf implements Leaf.Page {
    private final Workbench bench;
    private final Supplier<Theme> theme;
    private final FlowPane tabs = new FlowPane(4, 4);
    private final VBox cards = new VBox(8);
    private final Label total = new Label();
    private final SketchView picture;
    private final Label clock = new Label();
    private final ToggleButton stopwatch = new ToggleButton("Time it");
    private final VBox page = new VBox();
    private String chosen = "road-camp";
    private List<Changeover.Step> steps = List.of();
    private int step;
    private State state;
    private long started;

    private ChangeLeaf(Workbench bench, Supplier<Theme> theme) {
        this.bench = bench;
        this.theme = theme;
        this.picture = new SketchView(theme);
        picture.setId("change-picture");
        picture.setMinHeight(210);
        picture.setPrefHeight(230);
        tabs.getStyleClass().add("leaf-tools");
        total.getStyleClass().add("strong");
        stopwatch.setId("change-stopwatch");
        AnimationTimer timer = new AnimationTimer() {
            @Override
            public void handle(long now) {
                clock.setText(Units.text(Math.floor((now - started) / 1e9), Quantity.DURATION, state.style()));
            }
        };
        stopwatch.setOnAction(e -> {
            if (stopwatch.isSelected()) {
                started = System.nanoTime();
                timer.start();
            } else {
                timer.stop();
                take((System.nanoTime() - started) / 1e9 / 60);
            }
        });
        VBox list = new VBox(8, picture, cards);
        list.getStyleClass().add("page");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        page.getChildren().addAll(tabs, scroll);
        page.getStyleClass().add("leaf");
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("change", "Change-over", "What to move from road to camp to night, in order",
                () -> new ChangeLeaf(bench.work(), bench.theme()));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State next) {
        state = next;
        List<Setup> setups = state.analysis().of(ChangeOvers.DISCIPLINE).setups();
        picture.setVisible(!setups.isEmpty());
        if (setups.isEmpty()) {
            steps = List.of();
            total.setText("");
            cards.getChildren().setAll(StudyPane.unanswered(state));
            return;
        }
        buildTabs(setups);
        Setup setup = setup(setups);
        steps = setup.order().steps();
        step = Math.clamp(step, 0, Math.max(0, steps.size() - 1));
        total.setText(steps.isEmpty()
                ? "Nothing moves"
                : steps.size() + (steps.size() == 1 ? " step, " : " steps, ") + time(setup.order().minutes())
                        + " alone, " + time(setup.order().minutes(2)) + " for two");
        cards.getChildren().clear();
        if (steps.isEmpty()) {
            cards.getChildren().add(StudyPane.words("Every thing has the same place in both modes. On the sheet, choose"
                    + " Camp or Night and drag a thing to where it belongs then.", "faint"));
        }
        for (int i = 0; i < steps.size(); i++) {
            cards.getChildren().add(card(setup, i));
        }
        draw(setup);
    }

    private Setup setup(List<Setup> setups) {
        return setups.stream().filter(s -> s.key().equals(chosen)).findFirst().orElse(setups.getFirst());
    }

    private String time(double minutes) {
        return Units.text(60 * minutes, Quantity.DURATION, state.style());
    }

    private void buildTabs(List<Setup> setups) {
        if (!tabs.getChildren().isEmpty()) {
            return;
        }
        ToggleGroup group = new ToggleGroup();
        for (Setup s : setups) {
            ToggleButton button = new ToggleButton(s.from().label() + " → " + s.to().label());
            button.setId("change-" + s.key());
            button.setToggleGroup(group);
            button.setSelected(s.key().equals(chosen));
            button.setOnAction(e -> {
                button.setSelected(true);
                chosen = s.key();
                step = 0;
                show(state);
            });
            tabs.getChildren().add(button);
        }
        tabs.getChildren().addAll(new Label("  "), total, new Label("  "), stopwatch, clock);
    }

    private Node card(Setup setup, int i) {
        Changeover.Step s = setup.order().steps().get(i);
        java.util.Optional<Thing> thing = state.design().thing(s.id());
        Label number = new Label(String.valueOf(i + 1));
        number.getStyleClass().addAll("heading", "step-number");
        number.setMinWidth(22);
        Label what = new Label((s.park() ? "Set aside: " : "") + name(s.id()));
        what.getStyleClass().add("strong");
        Label where = new Label(
                thing.map(t -> where(setup, t, s)).orElse(setup.to() == Mode.ROAD ? "lower it" : "raise it"));
        where.getStyleClass().add("faint");
        where.setWrapText(true);
        Label after = new Label(s.after().isEmpty()
                ? ""
                : "after " + String.join(", ", s.after().stream().map(this::name).toList()));
        after.getStyleClass().addAll("faint", "small");
        after.setWrapText(true);
        VBox words = new VBox(1, what, where);
        if (!s.after().isEmpty()) {
            words.getChildren().add(after);
        }
        HBox.setHgrow(words, Priority.ALWAYS);
        QuantityField minutes = new QuantityField("Minutes for " + name(s.id()),
                new Range(Quantity.DURATION, 0, 36_000),
                v -> bench.edit("Time for " + name(s.id()), d -> timed(d, s.id(), v)));
        minutes.field().setId("minutes-" + s.id());
        minutes.field().setPrefColumnCount(6);
        minutes.setMaxWidth(90);
        minutes.show(60 * s.minutes(), state.style());
        boolean two = thing.filter(t -> Setup.takesTwo(state.design(), t)).isPresent();
        Label who = new Label(two ? "two people" : "one person");
        who.getStyleClass().addAll("faint", "small");
        who.setMinWidth(76);
        Button up = arrow("▲", "Earlier", setup, i, -1);
        up.setId("earlier-" + s.id());
        Button down = arrow("▼", "Later", setup, i, 1);
        down.setId("later-" + s.id());
        HBox row = new HBox(10, number, words, who, minutes, up, down);
        row.getStyleClass().addAll("step-card");
        if (i == step) {
            row.getStyleClass().add("step-now");
        }
        row.setId("step-" + i);
        Spoken.pressable(row, "Step " + (i + 1) + ": " + what.getText() + ", " + where.getText(), () -> {
            step = i;
            bench.select(thing.map(t -> List.of(t.id())).orElse(List.of()));
        });
        return row;
    }

    private String name(String id) {
        return Setup.name(state.design(), id);
    }

    private String where(Setup setup, Thing t, Changeover.Step s) {
        Placement from = t.at(setup.from());
        Placement to = t.at(setup.to());
        String weight = Units.text(t.mass().value(), Quantity.MASS, state.style());
        if (t.has(Feature.FoldOut.class) && from.equals(to)) {
            return setup.to() == Mode.ROAD ? "fold it away" : "open it out";
        }
        if (s.park() || to.away()) {
            return "out of the camper, " + weight;
        }
        double ball = state.design().base().tongueLength();
        String place = Units.text(ball + to.x(), Quantity.LENGTH, state.style()) + " behind the ball, "
                + (Math.abs(to.y()) < 0.05 ? "in the middle" : to.y() < 0 ? "left" : "right")
                + (to.z() > 0.05 ? ", " + Units.text(to.z(), Quantity.LENGTH, state.style()) + " up" : "");
        return (from.away() ? "back in: " : "") + place + ", " + weight;
    }

    /// Moves a step in the order the user likes; what cannot be done in that order waits all the same.
    private Button arrow(String sign, String tip, Setup setup, int i, int by) {
        Button button = new Button(sign);
        button.setAccessibleText(tip + ": " + name(setup.order().steps().get(i).id()));
        button.setOnAction(e -> {
            List<String> ids = new ArrayList<>(
                    setup.order().steps().stream().filter(s -> !s.park()).map(Changeover.Step::id).toList());
            int at = ids.indexOf(setup.order().steps().get(i).id());
            int to = at + by;
            if (at >= 0 && to >= 0 && to < ids.size()) {
                Collections.swap(ids, at, to);
                step = Math.max(0, i + by);
                bench.edit("Order of " + setup.from().label() + " to " + setup.to().label(), d -> {
                    Settings settings = d.settings();
                    return d.with(settings.ordering(setup.key(), ids));
                });
            }
        });
        return button;
    }

    /// The clock's minutes become those of the step that is shown, and the next one is shown.
    private void take(double minutes) {
        if (steps.isEmpty()) {
            return;
        }
        String id = steps.get(step).id();
        double rounded = Math.max(0.05, Math.round(minutes * 20) / 20.0);
        step = Math.min(step + 1, steps.size() - 1);
        bench.edit("Timed " + name(id), d -> timed(d, id, 60 * rounded));
    }

    /// A thing keeps its own minutes; the lifting top has only the assumed ones.
    private static Design timed(Design d, String id, double seconds) {
        return id.equals(Setup.TOP)
                ? d.with(d.settings().with(Assumption.MINUTES_LIFT.id(), seconds))
                : d.mapping(id, t -> t.with(new Feature.Timed(seconds / 60)));
    }

    /// Everything as it stands when the step is done: what has moved at its new place, the rest at its old one.
    private void draw(Setup setup) {
        picture.show(lectulum.layout.change.ChangePicture.of(state.design(),
                state.analysis().of(Layout.DISCIPLINE).bodies().get(setup.to()), setup, step), state.style());
    }
}
