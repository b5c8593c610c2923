package lectulum.stage.power;

import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.parts.Background;
import lectulum.power.CapabilityMap;
import lectulum.power.CapabilityMap.Cell;
import lectulum.power.RoadCharge;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.weather.Weather;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Empty hours of a year over panels and batteries of other sizes, worked out beside the interface thread.
final class MapLeaf implements Leaf.Page {
    private static final int[] LEVELS = {0, 24, 72, 168};

    private final Workbench bench;
    private final Background worker = new Background("power map");
    private final GridPane grid = new GridPane();
    private final Label cheapest = StudyPane.words("", "strong");
    private final Label lightest = StudyPane.words("", "strong");
    private final ProgressBar bar = new ProgressBar(0);
    private final HBox busy;
    private final Node page;
    private volatile Design asked;
    private Optional<CapabilityMap> map = Optional.empty();
    private State state;

    private MapLeaf(Workbench bench) {
        this.bench = bench;
        this.state = bench.state();
        Button stop = new Button("Stop");
        stop.setId("map-stop");
        stop.setOnAction(e -> {
            asked = null;
            busy(false);
        });
        busy = new HBox(8, new Label("A year for each…"), bar, stop);
        busy.getStyleClass().add("row");
        busy(false);
        grid.setHgap(2);
        grid.setVgap(2);
        grid.setId("power-map");
        cheapest.setId("map-cheapest");
        lightest.setId("map-lightest");
        VBox panel = new VBox(8, busy, grid, cheapest, lightest,
                StudyPane
                        .words("Panels and cells at the price and mass of the catalogue; roof, controller and wires are"
                                + " not counted. The frame marks what is drawn.", "faint"));
        panel.getStyleClass().add("panel");
        page = Pages.content(new VBox(10,
                StudyPane.words("Hours of a year in which something is not had while somebody is there, for panels"
                        + " (across) and batteries (up) of other sizes, all loads as they are.", "faint"),
                panel));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("power-map", "Map", "Empty hours of a year by panels and battery",
                () -> new MapLeaf(bench.work()));
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
        return worker.settled();
    }

    private void busy(boolean is) {
        busy.setVisible(is);
        busy.setManaged(is);
    }

    @Override
    public void show(State next) {
        boolean other = !next.style().equals(state.style());
        state = next;
        if (next.analysis().sketched()) {
            return;
        }
        if (!next.analysis().given().equals(asked)) {
            asked = next.analysis().given();
            work(asked, next.analysis().design(), next.analysis().of(Weather.DISCIPLINE),
                    next.analysis().of(RoadCharge.DISCIPLINE));
        } else if (other) {
            fill();
        }
    }

    private void work(Design mine, Design sound, Weather weather, RoadCharge road) {
        busy(true);
        bar.setProgress(0);
        worker.run(() -> CapabilityMap.of(sound, weather, road, () -> asked != mine,
                part -> Platform.runLater(() -> bar.setProgress(part))), done -> {
                    if (asked == mine) {
                        map = Optional.of(done);
                        busy(false);
                        fill();
                    }
                }, sentence -> {
                    busy(false);
                    cheapest.setText(sentence);
                });
    }

    private void fill() {
        grid.getChildren().clear();
        grid.getColumnConstraints().clear();
        if (map.isEmpty()) {
            return;
        }
        CapabilityMap m = map.get();
        int rows = m.stores().size();
        int columns = m.panels().size();
        for (int c = 0; c <= columns; c++) {
            ColumnConstraints of = new ColumnConstraints();
            of.setHgrow(c == 0 ? Priority.NEVER : Priority.ALWAYS);
            of.setHalignment(c == 0 ? HPos.RIGHT : HPos.CENTER);
            of.setFillWidth(true);
            grid.getColumnConstraints().add(of);
        }
        for (int c = 0; c < columns; c++) {
            grid.add(head(Units.text(m.panels().get(c), Quantity.POWER, state.style())), c + 1, rows);
        }
        for (int r = 0; r < rows; r++) {
            grid.add(head(Units.text(m.stores().get(r) * Units.WATT_HOUR, Quantity.ENERGY, state.style())), 0,
                    rows - 1 - r);
        }
        for (int i = 0; i < m.cells().size(); i++) {
            grid.add(cell(m, m.cells().get(i)), i % columns + 1, rows - 1 - i / columns);
        }
        cheapest.setText(said("Cheapest that is never empty", m.cheapest()));
        lightest.setText(said("Lightest that is never empty", m.lightest()));
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("faint", "small");
        return label;
    }

    private Label cell(CapabilityMap m, Cell c) {
        Label label = new Label(Integer.toString(c.empty()));
        int level = 0;
        while (level < LEVELS.length && c.empty() > LEVELS[level]) {
            level++;
        }
        label.getStyleClass().addAll("heat", "heat-" + level);
        if (c.now()) {
            label.getStyleClass().add("heat-now");
            label.setId("map-now");
        }
        boolean best = m.cheapest().filter(c::equals).isPresent() || m.lightest().filter(c::equals).isPresent();
        if (best) {
            label.getStyleClass().add("heat-best");
        }
        label.setMaxWidth(Double.MAX_VALUE);
        String says = Units.text(c.watts(), Quantity.POWER, state.style()) + " and "
                + Units.text(c.store() * Units.WATT_HOUR, Quantity.ENERGY, state.style()) + ": empty for " + c.empty()
                + " h, " + Units.text(Math.rint(c.money() / 10) * 10, Quantity.MONEY, state.style()) + ", "
                + Units.text(c.mass(), Quantity.MASS, state.style());
        label.setTooltip(new Tooltip(says));
        label.setAccessibleText(says);
        return label;
    }

    private String said(String what, Optional<Cell> cell) {
        return what + ": " + cell.map(c -> Units.text(c.watts(), Quantity.POWER, state.style()) + " of panels and "
                + Units.text(c.store() * Units.WATT_HOUR, Quantity.ENERGY, state.style()) + ", about "
                + Units.text(Math.rint(c.money() / 10) * 10, Quantity.MONEY, state.style()) + " and "
                + Units.text(Math.rint(c.mass()), Quantity.MASS, state.style())).orElse("none on this map") + ".";
    }
}
