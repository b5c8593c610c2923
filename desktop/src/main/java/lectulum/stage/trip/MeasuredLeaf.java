package lectulum.stage.trip;

import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.maths.Belief;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Listener;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.standin.CampLog;
import lectulum.standin.TimedLog;
import lectulum.trip.Learnt;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The plan is brought to what tank senders and a weather station measured on a trip.
final class MeasuredLeaf implements Leaf.Page {
    private static final int TANKS = 7073;
    private static final int WEATHER = 7074;

    private final Workbench bench;
    private final Listener<CampLog> tanks = new Listener<>("tanks", "Tank senders", TANKS, (host, port, stop) -> {
        CampLog log = new CampLog();
        log.read("tank senders", host, port, stop);
        return log;
    }, TimedLog::heard, this::heardTanks);
    private final Listener<CampLog> weather = new Listener<>("weather", "Weather station", WEATHER,
            (host, port, stop) -> {
                CampLog log = new CampLog();
                log.read("weather station", host, port, stop);
                return log;
            }, TimedLog::heard, this::heardWeather);
    private final VBox found = new VBox(8);
    private final Label said = StudyPane.words("", "faint");
    private final Button take = new Button("Take what was measured");
    private final Button leave = new Button("Leave it");
    private final Node page;
    private Optional<CampLog> water = Optional.empty();
    private Optional<CampLog> air = Optional.empty();
    private State state;

    private MeasuredLeaf(Workbench bench) {
        this.bench = bench;
        this.state = bench.state();
        take.setId("camp-take");
        take.getStyleClass().add("primary");
        leave.setId("camp-leave");
        said.setId("camp-said");
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        take.setOnAction(e -> {
            bench.edit(learnt().taken());
            forget("Taken into the plan. Undo brings the old figures back.");
        });
        leave.setOnAction(e -> forget("Left as it was."));
        page = Pages.content(new VBox(10,
                panel("What tank senders say",
                        "Any senders that speak the open lines of docs/standin/camp-protocol.md; some that stand in for"
                                + " them come along: lectulum standin tanks FILE.",
                        tanks),
                panel("What a weather station says",
                        "Air inside and outside, and what the heater gives: lectulum standin weather FILE.", weather),
                panel("What the plan learns", "", said, found)));
        fill();
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("trip-measured", "Measured", "The plan against tank senders and a weather station",
                () -> new MeasuredLeaf(bench.work()));
    }

    private static VBox panel(String title, String about, Node... nodes) {
        Label head = new Label(title);
        head.getStyleClass().add("heading");
        VBox box = new VBox(8, head);
        if (!about.isEmpty()) {
            box.getChildren().add(StudyPane.words(about, "faint"));
        }
        box.getChildren().addAll(nodes);
        box.getStyleClass().add("panel");
        return box;
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
        return tanks.settled() && weather.settled();
    }

    @Override
    public void show(State s) {
        state = s;
        fill();
    }

    private void heardTanks(CampLog log) {
        water = Optional.of(log);
        said.setText("");
        fill();
    }

    private void heardWeather(CampLog log) {
        air = Optional.of(log);
        said.setText("");
        fill();
    }

    private void forget(String sentence) {
        water = Optional.empty();
        air = Optional.empty();
        said.setText(sentence);
        fill();
    }

    private Learnt learnt() {
        Optional<Learnt.Told> litres = water.filter(l -> !l.unreliable()).map(CampLog::told);
        Optional<Learnt.Told> warmth = air.filter(l -> !l.unreliable()).map(CampLog::told);
        return Learnt.of(state.design(), new Learnt.Told(litres.map(Learnt.Told::volumes).orElse(Map.of()),
                litres.map(Learnt.Told::ohms).orElse(Map.of()), warmth.map(Learnt.Told::inside).orElse(new double[0]),
                warmth.map(Learnt.Told::outside).orElse(new double[0]),
                warmth.map(Learnt.Told::heat).orElse(new double[0])));
    }

    private void fill() {
        found.getChildren().clear();
        if (water.isEmpty() && air.isEmpty()) {
            if (said.getText().isEmpty()) {
                found.getChildren().add(StudyPane.words("Nothing was read yet.", "faint"));
            }
            return;
        }
        Learnt l = learnt();
        if (!l.any()) {
            found.getChildren()
                    .add(StudyPane.words("Nothing of it can be compared with the plan: no whole day after the"
                            + " first with water left, and no night after the first in which a heater ran.", "faint"));
            return;
        }
        Listing.Maker table = new Listing.Maker("").words("What").numbers("days or nights", "measured", "to be taken");
        l.use().ifPresent(b -> row(table, "Water of a day, of what its style says", l.days().size(),
                l.meanUse(), b));
        l.loss().ifPresent(b -> row(table, "Loss of walls and panes, of the plan", l.nights().size(),
                l.meanLoss(), b));
        found.getChildren().addAll(StudyPane.table(table.done(), state.style()), new HBox(8, take, leave));
    }

    private static void row(Listing.Maker table, String what, int count, double mean, Belief b) {
        table.row(what, count, Amount.share(mean),
                Sentence.of("{0} ± {1}", Amount.share(b.value()), Amount.share(b.sigma())));
    }
}
