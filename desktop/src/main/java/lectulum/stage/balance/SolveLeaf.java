package lectulum.stage.balance;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.analysis.Solvers;
import lectulum.design.Design;
import javafx.scene.Node;
import lectulum.parts.Background;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Ways to bring the tongue into its band, computed beside the interface thread and tried with one press.
public final class SolveLeaf implements Leaf.Page {
    private static final Background WORKER = new Background("solvers");

    private static final String WHAT = "Axle, moves of one or several things, exchanges, tanks and ballast are computed"
            + " for the middle of your band and judged on every trip. Nothing is changed until you keep it.";

    private final Workbench bench;
    private final VBox list = new VBox(10);
    private final VBox page;
    private State state;
    private Design solved;
    private Design sought;
    private Design stopped;
    private volatile long search;
    private boolean looking;

    private SolveLeaf(Workbench bench) {
        this.bench = bench;
        this.state = bench.state();
        this.page = new VBox(Pages.content(list));
        VBox.setVgrow(page.getChildren().getFirst(), javafx.scene.layout.Priority.ALWAYS);
        page.getStyleClass().add("leaf");
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("solve", "Solve", "Ways to bring the tongue into its band", () -> new SolveLeaf(bench.work()));
    }

    @Override
    public boolean stays() {
        return true;
    }

    @Override
    public Node node() {
        return page;
    }

    /// Whether nothing is being looked for.
    @Override
    public boolean settled() {
        return !looking;
    }

    /// Looks by itself when the page is opened, and again when the design has changed.
    @Override
    public void show(State next) {
        state = next;
        boolean stale = solved == null || solved != state.project().design();
        boolean searching = looking && sought == state.project().design();
        if (state.trial().isEmpty() && stale && !searching && stopped != state.project().design()
                && state.analysis().given() == state.project().design()) {
            look();
        }
    }

    private void begin() {
        Button find = new Button("Look for ways");
        find.setId("solve-find");
        find.getStyleClass().add("primary");
        find.setOnAction(e -> look());
        list.getChildren().setAll(StudyPane.words(WHAT, "faint"), find);
    }

    private void look() {
        Analysis analysis = state.analysis();
        long mine = ++search;
        looking = true;
        sought = state.project().design();
        stopped = null;
        Button stop = new Button("Stop");
        stop.setId("solve-stop");
        stop.setOnAction(e -> {
            search++;
            looking = false;
            stopped = sought;
            begin();
        });
        ProgressBar bar = new ProgressBar(0);
        Label busy = new Label("Looking…");
        busy.getStyleClass().add("faint");
        FlowPane at = new FlowPane(8, 4, bar, busy, stop);
        list.getChildren().setAll(StudyPane.words(WHAT, "faint"), at);
        int all = Solvers.Way.values().length;
        WORKER.run(() -> Solvers.of(analysis, () -> search != mine, way -> Platform.runLater(() -> {
            bar.setProgress((double) way.ordinal() / all);
            busy.setText("Looking: " + way.label().toLowerCase(Locale.ROOT));
        })), found -> {
            if (search == mine) {
                looking = false;
                solved = sought;
                fill(found);
            }
        }, sentence -> {
            if (search == mine) {
                looking = false;
                stopped = sought;
                begin();
                list.getChildren().add(StudyPane.words(sentence, "hint"));
            }
        });
    }

    private void fill(List<Solvers.Option> found) {
        list.getChildren().setAll(StudyPane.words(WHAT, "faint"));
        if (found.isEmpty()) {
            list.getChildren()
                    .add(StudyPane.words("Nothing to solve: the axle must stand behind the ball, and something"
                            + " must be aboard.", "faint"));
        }
        VBox solves = ranked("Every trip in its band, the cheapest first");
        VBox partly = ranked("Only part of the way, or with something in the way");
        for (int i = 0; i < found.size(); i++) {
            Solvers.Option o = found.get(i);
            (o.solves() ? solves : partly).getChildren().add(row(o, i));
        }
        for (VBox box : List.of(solves, partly)) {
            if (box.getChildren().size() > 1) {
                list.getChildren().add(box);
            }
        }
        Button again = new Button("Look again");
        again.setId("solve-again");
        again.setOnAction(e -> look());
        list.getChildren().add(again);
    }

    private static VBox ranked(String title) {
        Label head = new Label(title);
        head.getStyleClass().add("heading");
        VBox box = new VBox(8, head);
        box.getStyleClass().add("panel");
        return box;
    }

    private VBox row(Solvers.Option o, int n) {
        Button attempt = new Button("Try: " + o.remedy().says().text(state.style()));
        attempt.setId("solve-" + n);
        attempt.getStyleClass().add("link");
        attempt.setWrapText(true);
        attempt.setOnAction(e -> bench.tryOut(o.remedy()));
        Label cost = new Label(o.way().label() + ": " + cost(o));
        cost.setId("solve-cost-" + n);
        cost.setWrapText(true);
        String trips = o.trips().stream()
                .map(t -> t.name() + " " + Units.text(t.share(), Quantity.SHARE, state.style()))
                .collect(Collectors.joining(", "));
        return new VBox(2, attempt, cost, StudyPane.words(trips + (o.inBand()
                ? ". Every trip is inside the band."
                : ". Not every trip is inside the band.")
                + (o.newFaults() > 0
                        ? " It does not fit there: " + o.newFaults() + (o.newFaults() == 1 ? " fault." : " faults.")
                        : ""),
                o.solves() ? "faint" : "hint"));
    }

    /// What it takes: work, mass, money.
    private String cost(Solvers.Option o) {
        String mass = Math.abs(o.mass()) < 0.05
                ? "no mass"
                : Units.text(o.mass(), Quantity.MASS, state.style()) + (o.mass() > 0 ? " more" : "");
        String money = Math.abs(o.money()) < 0.5
                ? "nothing to buy"
                : Units.text(o.money(), Quantity.MONEY, state.style());
        return "about " + Units.text(o.way().work(), Quantity.DURATION, state.style()) + " of work, " + mass + ", "
                + money;
    }
}
