package lectulum.stage.materials;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import javafx.application.Platform;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressIndicator;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.materials.lighter.Switch;
import lectulum.materials.lighter.Switches;
import lectulum.parts.Background;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;

/// What could be built lighter or cheaper: each way worked out beside the interface thread, the cheapest kilogram first, with a
/// button that tries it.
final class LighterLeaf implements Leaf.Page {
    private static final String ID = "mat-lighter";
    private static final List<String> HEADS = List.of("mass", "on the ball", "cost", "hours", "loses", "as stiff",
            "a kg costs");
    private final Bench bench;
    private final Background worker = new Background("lighter frames");
    private final VBox table = new VBox(6);
    private final HBox busy;
    private final AssumedEntry assumed;
    private final Node page;
    private volatile Design asked;
    private List<Switch> found = List.of();
    private State state;

    private LighterLeaf(Bench bench) {
        this.bench = bench;
        this.assumed = new AssumedEntry(bench.work(), ID);
        Button stop = new Button("Stop");
        stop.setId("lighter-stop");
        stop.setOnAction(e -> {
            asked = null;
            busy(false);
        });
        ProgressIndicator turning = new ProgressIndicator();
        turning.setPrefSize(18, 18);
        busy = new HBox(8, turning, new Label("Planning a cutting of each…"), stop);
        busy.getStyleClass().add("row");
        table.getStyleClass().add("panel");
        table.setId("lighter");
        this.page = Pages.content(new VBox(10, StudyPane.words("What changes if frame, walls and furniture are built"
                + " otherwise: less is good, but read what it costs in heat and stiffness. Strength is on Base.",
                "faint"),
                busy, table, assumed));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf(ID, "Lighter", "Built otherwise: mass, ball, money, hours, heat, stiffness",
                () -> new LighterLeaf(bench));
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
        state = next;
        assumed.show(next);
        Design d = next.analysis().given();
        if (next.analysis().sketched() || d.equals(asked) || next.trial().isPresent()) {
            fill();
            return;
        }
        asked = d;
        busy(true);
        List<Switch> sofar = new ArrayList<>();
        // What cannot be meant is mended first, as for every page.
        Design sound = next.analysis().design();
        worker.run(() -> Switches.of(sound, () -> asked == d, s -> Platform.runLater(() -> {
            if (asked == d && found.size() <= sofar.size()) {
                sofar.add(s);
                found = List.copyOf(sofar);
                fill();
            } else {
                sofar.add(s);
            }
        })), done -> {
            if (d == asked) {
                found = done;
                busy(false);
                fill();
            }
        }, sentence -> {
            busy(false);
            asked = null;
            table.getChildren().setAll(StudyPane.words(sentence, "hint"));
        });
    }

    private void fill() {
        if (found.isEmpty()) {
            table.getChildren().setAll(StudyPane.words(busy.isVisible()
                    ? "…"
                    : "Nothing to build otherwise yet: members stand on Base, layers of walls on Air, boards on the cards of"
                            + " things.",
                    "faint"));
            return;
        }
        GridPane grid = new GridPane();
        grid.setHgap(8);
        grid.setVgap(3);
        for (int c = 0; c <= HEADS.size() + 1; c++) {
            ColumnConstraints column = new ColumnConstraints();
            boolean number = c > 0 && c <= HEADS.size();
            column.setHalignment(number ? HPos.RIGHT : HPos.LEFT);
            column.setHgrow(c == 0 ? Priority.ALWAYS : Priority.NEVER);
            grid.getColumnConstraints().add(column);
            if (number) {
                Label head = new Label(HEADS.get(c - 1));
                head.getStyleClass().addAll("faint", "small");
                head.setMinWidth(Label.USE_PREF_SIZE);
                grid.add(head, c, 0);
            }
        }
        double hour = Assumed.value(state.design(), Assumption.HOUR_WORTH);
        List<Switch> order = found.stream().sorted(Comparator.comparingDouble((Switch s) -> s.perKilogram(hour))
                .thenComparingDouble(Switch::mass)).toList();
        for (int r = 0; r < order.size(); r++) {
            row(grid, r + 1, order.get(r), hour);
        }
        table.getChildren().setAll(grid);
    }

    private void row(GridPane grid, int r, Switch s, double hour) {
        Label name = new Label(s.says().text(state.style()));
        name.setWrapText(true);
        name.setMinWidth(96);
        grid.add(name, 0, r);
        double each = s.perKilogram(hour);
        List<String> cells = List.of(signed(s.mass(), Quantity.MASS), signed(s.tongue(), Quantity.MASS),
                signed(s.cost(), Quantity.MONEY), signed(s.hours(), Quantity.DURATION),
                signed(s.loss(), Quantity.HEAT_LOSS),
                Units.text(s.stiff(), Quantity.SHARE, state.style()),
                each <= 0
                        ? "saves both"
                        : Double.isInfinite(each)
                                ? "–"
                                : Units.text(each, Quantity.MONEY,
                                        state.style()));
        for (int c = 0; c < cells.size(); c++) {
            Label cell = new Label(cells.get(c));
            cell.setMinWidth(Label.USE_PREF_SIZE);
            grid.add(cell, c + 1, r);
        }
        Button attempt = new Button("Try");
        attempt.setId("lighter-try-" + r);
        attempt.setAccessibleText("Try " + name.getText());
        attempt.getStyleClass().add("link");
        attempt.setMinWidth(Button.USE_PREF_SIZE);
        attempt.setOnAction(e -> bench.work().tryOut(s.remedy()));
        grid.add(attempt, cells.size() + 1, r);
    }

    private String signed(double change, Quantity q) {
        String text = Units.text(change, q, state.style());
        return Math.abs(change) < 1e-9 ? "–" : change > 0 ? "+" + text : text;
    }
}
