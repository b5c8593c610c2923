package lectulum.stage.power;

import java.io.IOException;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.design.Range;
import lectulum.design.wiring.Measured;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Listing;
import lectulum.parts.Background;
import lectulum.parts.Ledger;
import lectulum.power.Recalibration;
import lectulum.power.wiring.TestStudies;
import lectulum.power.wiring.Wired;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.standin.MonitorLog;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The wiring is tested joint by joint, and the plan is brought to what a battery monitor measured.
final class MeasureLeaf implements Leaf.Page {
    private static final String HERE = "localhost";
    private static final int PORT = 7072;
    private static final double WATT_HOUR = 3600;

    private final Workbench bench;
    private final Background worker = new Background("battery monitor");
    private final Ledger<TestStudies.Line> sheet = new Ledger<>("Test sheet",
            "Nothing is wired yet: add a battery and something that draws power.");
    private final TextField host = new TextField(HERE);
    private final TextField port = new TextField(String.valueOf(PORT));
    private final Label said = StudyPane.words("", "faint");
    private final VBox found = new VBox(8);
    private final Button read = new Button("Read the monitor");
    private final Button stop = new Button("Stop");
    private final Button take = new Button("Take what was measured");
    private final Button leave = new Button("Leave it");
    private final AssumedEntry assumed;
    private final Node page;
    private Optional<MonitorLog> log = Optional.empty();
    private volatile boolean stopped;
    private volatile String refused = "";
    private State state;

    private MeasureLeaf(Workbench bench) {
        this.bench = bench;
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
        host.setId("monitor-host");
        host.setAccessibleText("Host of the monitor");
        port.setId("monitor-port");
        port.setAccessibleText("Port of the monitor");
        port.setPrefWidth(70);
        read.setId("monitor-read");
        stop.setId("monitor-stop");
        take.setId("monitor-take");
        leave.setId("monitor-leave");
        said.setId("monitor-said");
        read.setOnAction(e -> listen());
        stop.setOnAction(e -> stopped = true);
        take.getStyleClass().add("primary");
        take.setOnAction(e -> log.ifPresent(l -> {
            bench.edit(recalibration(l).taken());
            log = Optional.empty();
            said.setText("Taken into the plan. Undo brings the old figures back.");
            fill();
        }));
        leave.setOnAction(e -> {
            log = Optional.empty();
            said.setText("Left as it was.");
            fill();
        });
        HBox row = new HBox(8, new Label("Monitor at"), host, port, read, stop);
        row.getStyleClass().add("row");
        VBox test = panel("Test of the wiring",
                "Battery at rest, one device on at a time. Volts at the battery, volts at the device, amps. What is lost"
                        + " beyond the wires is a bad joint.",
                sheet);
        VBox monitor = panel("What a battery monitor says",
                "Any monitor that speaks the open lines of docs/standin/monitor-protocol.md; one that stands in for it comes"
                        + " along: lectulum standin monitor FILE.",
                row, said, found);
        page = Pages.content(new VBox(10, test, monitor, assumed));
        busy(false);
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
                () -> new MeasureLeaf(bench.work()));
    }

    private static double or(OptionalDouble value) {
        return value.orElse(Double.NaN);
    }

    private void measured(TestStudies.Line l, double value, BiFunction<Measured, Double, Measured> change) {
        bench.edit("Measured at " + l.thing().name(), d -> d.with(d.wiring()
                .with(change.apply(d.wiring().measured(l.thing().id()), value))));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public boolean settled() {
        return worker.settled();
    }

    @Override
    public void show(State s) {
        state = s;
        sheet.show(TestStudies.lines(s.analysis().design(), s.analysis().of(Wired.DISCIPLINE)), s.style());
        assumed.show(s);
        fill();
    }

    private void busy(boolean is) {
        read.setDisable(is);
        stop.setVisible(is);
        stop.setManaged(is);
    }

    private void listen() {
        int number;
        try {
            number = Integer.parseInt(port.getText().strip());
        } catch (NumberFormatException e) {
            said.setText("A port is a number such as " + PORT + ".");
            return;
        }
        String at = host.getText().strip();
        stopped = false;
        busy(true);
        said.setText("Listening…");
        worker.run(() -> {
            try {
                return Optional.of(MonitorLog.read(at, number, () -> stopped));
            } catch (IOException e) {
                refused = e.getMessage();
                return Optional.<MonitorLog>empty();
            }
        }, done -> {
            busy(false);
            log = done;
            said.setText(done.map(this::told).orElse(refused));
            fill();
        }, sentence -> {
            busy(false);
            said.setText(sentence);
        });
    }

    private String told(MonitorLog l) {
        return l.lines() + " lines, " + l.days() + (l.days() == 1 ? " whole day" : " whole days")
                + (l.dropped() > 0 ? ", " + l.dropped() + " lines dropped that cannot be right" : "")
                + (l.gaps() > 0 ? ", " + l.gaps() + " gaps" : "")
                + (l.unreliable() ? ". Too many are bad: this monitor is not to be trusted." : ".");
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
            double mean = c.measured().stream().mapToDouble(x -> x).average().orElse(Double.NaN);
            table.row(c.name(), sure(c.plan().value(), c.plan().sigma()), Amount.energy(mean * WATT_HOUR),
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
