package lectulum.stage.balance;

import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.analysis.Solvers;
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

    private final Workbench bench;
    private final VBox list = new VBox(10);
    private final VBox page;
    private State state;
    private Analysis solved;
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
    public Node node() {
        return page;
    }

    /// Whether nothing is being looked for.
    @Override
    public boolean settled() {
        return !looking;
    }

    @Override
    public void show(State next) {
        state = next;
        if (state.trial().isEmpty() && solved != null && solved.given() != state.project().design()) {
            solved = null;
        }
        if (solved == null && !looking) {
            begin();
        }
    }

    private void begin() {
        Button find = new Button("Look for ways");
        find.setId("solve-find");
        find.getStyleClass().add("primary");
        find.setOnAction(e -> look());
        list.getChildren()
                .setAll(StudyPane.words("Axle, moves of one or several things, exchanges, tanks and ballast are"
                        + " computed for the middle of your band and judged on every trip. Nothing is changed until you keep it.",
                        "faint"), find);
    }

    private void look() {
        Analysis analysis = state.analysis();
        long mine = ++search;
        looking = true;
        Button stop = new Button("Stop");
        stop.setId("solve-stop");
        stop.setOnAction(e -> {
            search++;
            looking = false;
            begin();
        });
        Label busy = new Label("Looking…");
        busy.getStyleClass().add("faint");
        list.getChildren().setAll(new FlowPane(8, 4, busy, stop));
        WORKER.run(() -> Solvers.of(analysis, () -> search != mine), found -> {
            if (search == mine) {
                looking = false;
                solved = analysis;
                fill(found);
            }
        }, sentence -> {
            if (search == mine) {
                looking = false;
                begin();
                list.getChildren().add(StudyPane.words(sentence, "hint"));
            }
        });
    }

    private void fill(List<Solvers.Option> found) {
        list.getChildren().clear();
        if (found.isEmpty()) {
            list.getChildren()
                    .add(StudyPane.words("Nothing to solve: the axle must stand behind the ball, and something"
                            + " must be aboard.", "faint"));
        }
        Solvers.Way way = null;
        VBox box = null;
        int n = 0;
        for (Solvers.Option o : found) {
            if (o.way() != way) {
                way = o.way();
                Label head = new Label(way.label());
                head.getStyleClass().add("heading");
                box = new VBox(3, head);
                box.getStyleClass().add("panel");
                list.getChildren().add(box);
            }
            Button attempt = new Button("Try: " + o.remedy().says().text(state.style()));
            attempt.setId("solve-" + n++);
            attempt.getStyleClass().add("link");
            attempt.setWrapText(true);
            attempt.setOnAction(e -> bench.tryOut(o.remedy()));
            String trips = o.trips().stream()
                    .map(t -> t.name() + " " + Units.text(t.share(), Quantity.SHARE, state.style()))
                    .collect(Collectors.joining(", "));
            box.getChildren().addAll(attempt, StudyPane.words(trips + (o.inBand()
                    ? ". Every trip is inside the band."
                    : ". Not every trip is inside the band.")
                    + (o.newFaults() > 0
                            ? " It does not fit there: " + o.newFaults() + (o.newFaults() == 1 ? " fault." : " faults.")
                            : ""),
                    o.inBand() && o.newFaults() == 0 ? "faint" : "hint"));
        }
        Button again = new Button("Look again");
        again.setId("solve-again");
        again.setOnAction(e -> look());
        list.getChildren().add(again);
    }
}
