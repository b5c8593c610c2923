package lectulum.stage.brief;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.analysis.Concepts;
import lectulum.analysis.Proposals;
import lectulum.analysis.Proposals.Proposal;
import lectulum.brief.Measure;
import lectulum.brief.draft.Taste;
import lectulum.design.Design;
import lectulum.figures.Sentence;
import lectulum.parts.Background;
import lectulum.sheet.CamperPicture;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Three answers to the brief, looked for beside the interface thread: the light, the cheap and the comfortable one.
final class ProposalsLeaf implements Leaf.Page {
    private static final double WIDE = 220;
    private static final double HIGH = 150;
    private static final long SEED = 1;
    private static final List<Measure> SHOWN = List.of(Measure.DEMANDS, Measure.MASS, Measure.TONGUE, Measure.COST,
            Measure.HOURS, Measure.BERTHS, Measure.INSIDE, Measure.OVER, Measure.NIGHTS, Measure.SETUP, Measure.LAYOUT);

    private final Bench in;
    private final Workbench bench;
    private final Background worker = new Background("proposals");
    private final FlowPane answers = new FlowPane(12, 12);
    private final Button find = new Button("Draw me three answers");
    private final Button stop = new Button("Stop");
    private final ProgressBar bar = new ProgressBar(0);
    private final Label says = new Label();
    private final Label stale = StudyPane.words("The brief has changed since these were drawn.", "hint");
    private final Map<Taste, Proposal> found = new EnumMap<>(Taste.class);
    private final Node page;
    private volatile long search;
    private volatile boolean enough;
    private Optional<Concepts.Question> answered = Optional.empty();
    private State state;

    private ProposalsLeaf(Bench in) {
        this.in = in;
        this.bench = in.work();
        this.state = bench.state();
        find.setId("propose");
        find.getStyleClass().add("primary");
        find.setOnAction(e -> look());
        stop.setId("propose-stop");
        stop.setOnAction(e -> {
            enough = true;
            says.setText("Putting together what was found");
        });
        says.getStyleClass().add("faint");
        says.setId("propose-says");
        HBox tools = new HBox(10, find, bar, stop, says);
        tools.getStyleClass().add("row");
        busy(false);
        stale.setVisible(false);
        stale.managedProperty().bind(stale.visibleProperty());
        page = Pages.content(new VBox(10,
                StudyPane.words("Every kind of camper is drawn for the brief, the best are drawn"
                        + " again with other sizes, and the remedies of the checks are applied to them. The same brief gives the"
                        + " same answers. Nothing is changed until you keep one as a variant.", "faint"),
                tools, stale, answers));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("proposals", "Proposal", "Three campers drawn for this brief", () -> new ProposalsLeaf(bench));
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
        bar.setVisible(is);
        stop.setVisible(is);
        find.setDisable(is);
        if (!is) {
            says.setText("");
        }
    }

    @Override
    public void show(State next) {
        boolean other = !next.style().equals(state.style());
        state = next;
        stale.setVisible(answered.filter(a -> !a.equals(Concepts.Question.of(next.analysis().given()))).isPresent());
        if (other) {
            fill();
        }
    }

    private void look() {
        Design brief = state.analysis().given();
        answered = Optional.of(Concepts.Question.of(brief));
        stale.setVisible(false);
        found.clear();
        fill();
        busy(true);
        enough = false;
        long mine = ++search;
        worker.run(() -> Proposals.of(brief, SEED, () -> enough || search != mine, p -> Platform.runLater(() -> {
            if (search == mine) {
                bar.setProgress(p.part());
                says.setText(p.says());
                show(p.best());
            }
        })), best -> {
            if (search == mine) {
                best.forEach(p -> found.put(p.taste(), p));
                busy(false);
            }
            fill();
        }, sentence -> {
            busy(false);
            answers.getChildren().add(StudyPane.words(sentence, "hint"));
        });
    }

    /// The best so far; the page changes only when there is a better one.
    private void show(Proposal best) {
        Proposal before = found.put(best.taste(), best);
        if (before == null || !before.drawn().design().equals(best.drawn().design())) {
            fill();
        }
    }

    private void fill() {
        answers.getChildren().clear();
        for (Taste taste : Proposals.TASTES) {
            Proposal p = found.get(taste);
            if (p != null) {
                answers.getChildren().add(answer(p));
            }
        }
    }

    private VBox answer(Proposal p) {
        String id = p.taste().name().toLowerCase(Locale.ROOT);
        Label title = new Label("The " + p.taste().label() + " one");
        title.getStyleClass().add("heading");
        Label kind = new Label(p.drawn().concept().label());
        kind.setId("proposal-" + id);
        kind.getStyleClass().add("strong");
        CamperPicture picture = new CamperPicture(in.theme(), WIDE, HIGH);
        picture.show(p.drawn().design(), p.drawn().concept().label() + ", side and plan");
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(2);
        for (Measure m : SHOWN) {
            double v = p.drawn().of(m);
            Label value = new Label(m.text(v, state.style()));
            value.getStyleClass().add(m == Proposals.measure(p.taste()) ? "strong" : "row-value");
            value.setId("proposal-" + id + "-" + m.name().toLowerCase(Locale.ROOT));
            Label name = new Label(m.label());
            name.getStyleClass().add("faint");
            grid.addRow(grid.getRowCount(), name, value);
        }
        Button keep = new Button("Keep as a variant");
        keep.setId("proposal-keep-" + id);
        keep.setOnAction(e -> bench.addVariant("The " + p.taste().label() + " one", p.drawn().design()));
        VBox box = new VBox(6, title, kind, picture, keep, grid);
        if (!p.mended().isEmpty()) {
            box.getChildren().add(StudyPane.words("Mended: " + words(p.mended()), "faint"));
        }
        if (p.lacks().isEmpty()) {
            box.getChildren().add(StudyPane.words("Nothing of the brief is left unmet.", "faint"));
        }
        p.lacks().forEach(l -> box.getChildren().add(StudyPane.words("▲ " + l.text(state.style()), "hint")));
        box.getStyleClass().add("panel");
        box.setMaxWidth(WIDE + 32);
        box.setPrefWidth(WIDE + 32);
        return box;
    }

    private String words(List<Sentence> mended) {
        return String.join("; ", mended.stream().map(s -> s.text(state.style())).toList());
    }
}
