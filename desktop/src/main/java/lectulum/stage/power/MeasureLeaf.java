package lectulum.stage.power;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.design.Range;
import lectulum.design.wiring.Measured;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Listing;
import lectulum.parts.Ledger;
import lectulum.power.Recalibration;
import lectulum.power.RestStudies;
import lectulum.power.wiring.TestStudies;
import lectulum.power.wiring.Wired;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Listener;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.standin.MonitorLog;
import lectulum.standin.TimedLog;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The wiring is tested joint by joint, and the plan is brought to what a battery monitor measured.
final class MeasureLeaf implements Leaf.Page {
    private static final int PORT = 7072;
    private static final double WATT_HOUR = 3600;

    private final Workbench bench;
    private final Ledger<TestStudies.Line> sheet = new Ledger<>("Test sheet",
            "Nothing is wired yet: add a battery and something that draws power.");
    private final Listener<MonitorLog> monitor = new Listener<>("monitor", "Monitor", PORT, MonitorLog::read,
            TimedLog::heard, this::heard);
    private final VBox found = new VBox(8);
    private final Button take = new Button("Take what was measured");
    private final Button leave = new Button("Leave it");
    private final AssumedEntry assumed;
    private final Supplier<Theme> theme;
    private final VBox rested = new VBox(8);
    private final Node page;
    private Optional<MonitorLog> log = Optional.empty();
    private State state;

    private MeasureLeaf(Workbench bench, Supplier<Theme> theme) {
        this.bench = bench;
        this.theme = theme;
        this.state = bench.state();
        this.assumed = new AssumedEntry(bench, "power-measure");
        sheet.setId("test-sheet");
        sheet.text("Device", 184, l -> l.thing().name())
                .entry("Battery", 92, Range.of(Measured.class, "battery"),
                        l -> l.measured().battery().orElse(Double.NaN), (l, v) -> measured(l, v, Measured::atBattery))
                .entry("It draws", 84, Range.of(Measured.class, "amps"), l -> l.measured().amps().orElse(Double.NaN),
                        (l, v) -> measured(l, v, Measured::drew))
                .number("Expected", 80, Quantity.VOLTAGE, l -> or(l.expected()))
                .entry("Arrives", 92, Range.of(Measured.class, "volts"),
                        l -> l.measured().volts().orElse(Double.NaN), (l, v) -> measured(l, v, Measured::atDevice))
                .number("Extra", 80, Quantity.RESISTANCE, l -> or(l.extra()));
        sheet.setPrefHeight(270);
        sheet.setMinHeight(270);
        take.setId("monitor-take");
        leave.setId("monitor-leave");
        take.getStyleClass().add("primary");
        take.setOnAction(e -> log.ifPresent(l -> {
            bench.edit(recalibration(l).taken());
            log = Optional.empty();
            monitor.say("Taken into the plan. Undo brings the old figures back.");
            fill();
        }));
        leave.setOnAction(e -> {
            log = Optional.empty();
            monitor.say("Left as it was.");
            fill();
        });
        VBox test = panel("Test of the wiring",
                "Battery at rest, one device on at a time. Volts at the battery, volts at the device, amps. What is lost"
                        + " beyond the wires is a bad joint.",
                sheet);
        VBox measured = panel("What a battery monitor says",
                "Any monitor that speaks the open lines of docs/standin/monitor-protocol.md; one that stands in for it comes"
                        + " along: lectulum standin monitor FILE.",
                monitor, found);
        page = Pages.content(new VBox(10, test, measured, assumed, rested));
        fill();
    }

    private static VBox panel(String title, String about, Node... nodes) {
        Label head = new Label(title);
        head.getStyleClass().add("heading");
        VBox box = new VBox(8, head, StudyPane.words(about, "faint"));
        box.getChildren().addAll(nodes);
        box.getStyleClass().add("panel");
        return box;
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("power-measure", "Measure", "Test of the wiring, and the plan against a battery monitor",
                () -> new MeasureLeaf(bench.work(), bench.theme()::get));
    }

    private static double or(OptionalDouble value) {
        return value.orElse(Double.NaN);
    }

    private void measured(TestStudies.Line l, double value, BiFunction<Measured, Double, Measured> change) {
        bench.edit("Measured at " + l.thing().name(), d -> d.with(d.wiring()
                .with(change.apply(d.wiring().measured(l.thing().id()), value))));
    }

    @Override
    public boolean stays() {
        return true;
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public boolean settled() {
        return monitor.settled();
    }

    @Override
    public void show(State s) {
        state = s;
        sheet.show(TestStudies.lines(s.analysis().design(), s.analysis().of(Wired.DISCIPLINE)), s.style());
        assumed.show(s);
        rested.getChildren().setAll(StudyPane.of(theme, s.analysis().of(RestStudies.DISCIPLINE).all(), s.style()));
        fill();
    }

    private void heard(MonitorLog l) {
        log = Optional.of(l);
        fill();
    }

    private Recalibration recalibration(MonitorLog l) {
        return Recalibration.of(state.analysis().design(), l.measured());
    }

    private void fill() {
        found.getChildren().clear();
        if (log.isEmpty()) {
            return;
        }
        Recalibration r = recalibration(log.get());
        if (r.loads().isEmpty() && r.sun().isEmpty()) {
            found.getChildren().add(StudyPane.words(
                    "Nothing in it can be compared with the plan: no whole day, or no load of this camper.", "faint"));
            return;
        }
        Listing.Maker table = new Listing.Maker("A day, by the plan and by the monitor").words("Load")
                .numbers("plan", "measured", "to be taken");
        for (Recalibration.Changed c : r.loads()) {
            table.row(c.name(), sure(c.plan().value(), c.plan().sigma()), Amount.energy(c.mean() * WATT_HOUR),
                    sure(c.found().value(), c.found().sigma()));
        }
        found.getChildren().add(StudyPane.table(table.done(), state.style()));
        r.sun().ifPresent(b -> found.getChildren().add(StudyPane.words("The panels give "
                + Units.text(b.value(), Quantity.SHARE, state.style()) + " of what is reckoned.", "strong")));
        r.charge().ifPresent(c -> found.getChildren().add(StudyPane.words("The battery holds "
                + Units.text(c, Quantity.SHARE, state.style()) + " of its nominal charge.", "strong")));
        if (!log.get().unreliable()) {
            found.getChildren().add(new HBox(8, take, leave));
        }
    }

    private static Sentence sure(double wattHours, double sigma) {
        return Sentence.of("{0} ± {1}", Amount.energy(wattHours * WATT_HOUR), Amount.energy(sigma * WATT_HOUR));
    }
}
