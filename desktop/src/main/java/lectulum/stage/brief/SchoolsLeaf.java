package lectulum.stage.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.HPos;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.analysis.Schools;
import lectulum.analysis.Schools.Compared;
import lectulum.analysis.Schools.Weighed;
import lectulum.brief.Measure;
import lectulum.brief.schools.Question;
import lectulum.design.Design;
import lectulum.figures.Severity;
import lectulum.parts.Background;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// What builders differ about, each way worked out for the camper at hand: what it changes, what it raises, and a button that
/// takes it.
final class SchoolsLeaf implements Leaf.Page {
    private static final List<Measure> ALWAYS = List.of(Measure.MASS, Measure.TONGUE, Measure.COST, Measure.HOURS);
    private static final List<Measure> WHERE_OTHER = List.of(Measure.LENGTH, Measure.TURN, Measure.SWAY, Measure.OVER,
            Measure.INSIDE, Measure.FUEL, Measure.NIGHTS, Measure.SETUP, Measure.LAYOUT);
    /// Columns that there is room for, by the width of the page.
    private static final double BESIDE = 300;
    private static final double STEP = 65;
    private static final double COLUMN = 60;
    private static final double NAMES = 140;

    private final Workbench bench;
    private final Background worker = new Background("schools");
    private final VBox questions = new VBox(12);
    private final ProgressBar bar = new ProgressBar(0);
    private final HBox busy;
    private final Region page;
    private int columns;
    private volatile Design asked;
    private List<Compared> compared = List.of();
    private State state;

    private SchoolsLeaf(Workbench bench) {
        this.bench = bench;
        this.state = bench.state();
        Button stop = new Button("Stop");
        stop.setId("schools-stop");
        stop.setOnAction(e -> {
            asked = null;
            busy(false);
        });
        busy = new HBox(8, new Label("Working out each way…"), bar, stop);
        busy.getStyleClass().add("row");
        busy(false);
        page = Pages.content(new VBox(10,
                StudyPane.words("Where builders differ, each way is tried on a copy of this camper and judged by all"
                        + " checks. The line marked as drawn is what it has; the others are what would change. Nothing is"
                        + " changed until you take one, and that undoes.", "faint"),
                busy, questions));
        page.widthProperty().addListener((of, was, is) -> {
            if (room() != columns) {
                columns = room();
                Platform.runLater(this::fill);
            }
        });
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("schools", "Both schools", "Where builders differ: each way in numbers, for this camper",
                () -> new SchoolsLeaf(bench.work()));
    }

    /// Leads here from where a choice is made.
    static Node link(Bench bench) {
        Button link = new Button("How builders differ, in numbers for this camper");
        link.setId("to-schools");
        link.getStyleClass().add("link");
        link.setOnAction(e -> bench.host().command("Brief: Both schools"));
        return link;
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
            compare(asked, next.analysis());
        } else if (other) {
            fill();
        }
    }

    private void compare(Design mine, Analysis camper) {
        List<Compared> sofar = new ArrayList<>();
        busy(true);
        bar.setProgress(0);
        worker.run(() -> Schools.of(camper, () -> asked != mine, c -> Platform.runLater(() -> {
            if (asked == mine) {
                sofar.add(c);
                bar.setProgress((c.question().ordinal() + 1.0) / Question.values().length);
                if (compared.size() <= sofar.size()) {
                    compared = List.copyOf(sofar);
                    fill();
                }
            }
        })), all -> {
            if (asked == mine) {
                compared = all;
                busy(false);
                fill();
            }
        }, sentence -> {
            busy(false);
            questions.getChildren().setAll(StudyPane.words(sentence, "hint"));
        });
    }

    private void fill() {
        questions.getChildren().setAll(compared.stream().map(this::question).toList());
    }

    private Node question(Compared c) {
        Label title = new Label(c.question().label());
        title.getStyleClass().add("heading");
        Optional<Weighed> now = c.ways().stream().filter(w -> w.way().now()).findFirst();
        List<Measure> columns = new ArrayList<>(ALWAYS);
        WHERE_OTHER.stream().filter(m -> differs(c, m)).limit(Math.max(0, room() - ALWAYS.size()))
                .forEach(columns::add);
        GridPane grid = new GridPane();
        grid.setHgap(4);
        grid.setVgap(2);
        grid.getColumnConstraints().add(new ColumnConstraints(NAMES, NAMES, Double.MAX_VALUE, Priority.ALWAYS,
                HPos.LEFT, true));
        for (int i = 0; i < columns.size(); i++) {
            grid.getColumnConstraints()
                    .add(new ColumnConstraints(Region.USE_PREF_SIZE, Region.USE_COMPUTED_SIZE, Region.USE_PREF_SIZE,
                            Priority.NEVER, HPos.RIGHT,
                            false));
            Label head = new Label(columns.get(i).brief());
            head.getStyleClass().addAll("faint", "small");
            head.setMinWidth(COLUMN);
            head.setAlignment(Pos.CENTER_RIGHT);
            grid.add(head, i + 1, 0);
        }
        ColumnConstraints last = new ColumnConstraints();
        last.setHalignment(HPos.RIGHT);
        last.setMinWidth(60);
        grid.getColumnConstraints().add(last);
        int row = 1;
        for (Weighed w : c.ways()) {
            row = way(grid, row, c.question(), w, now, columns);
        }
        VBox box = new VBox(6, title, grid);
        box.getStyleClass().add("panel");
        return box;
    }

    private int room() {
        return (int) ((page.getWidth() - BESIDE) / STEP);
    }

    private static boolean differs(Compared c, Measure m) {
        return c.ways().stream().filter(Weighed::possible).map(w -> m.shown(w.measures().get(m))).distinct()
                .count() > 1;
    }

    private int way(GridPane grid, int row, Question question, Weighed w, Optional<Weighed> now,
            List<Measure> columns) {
        String id = question.name().toLowerCase(Locale.ROOT) + "-" + w.way().id();
        Label name = new Label(w.way().label());
        name.getStyleClass().add("strong");
        name.setWrapText(true);
        name.setMinHeight(Region.USE_PREF_SIZE);
        grid.add(name, 0, row);
        for (int i = 0; i < columns.size(); i++) {
            Label number = new Label(w.possible() ? number(w, now, columns.get(i)) : "–");
            number.getStyleClass().addAll("row-value", "small");
            number.setId("school-" + id + "-" + columns.get(i).name().toLowerCase(Locale.ROOT));
            number.setMinWidth(Region.USE_PREF_SIZE);
            grid.add(number, i + 1, row);
        }
        grid.add(take(id, w), columns.size() + 1, row);
        VBox says = new VBox(1, small(w.way().says(), "faint"));
        if (!w.way().lacks().isEmpty()) {
            says.getChildren().add(small("Not here: " + w.way().lacks() + ".", "hint"));
        }
        if (!w.raised().isEmpty()) {
            says.getChildren().add(raised(w));
        }
        says.setPadding(new Insets(0, 0, 6, 0));
        grid.add(says, 0, row + 1, columns.size() + 2, 1);
        return row + 2;
    }

    private static Label small(String text, String style) {
        Label label = StudyPane.words(text, style);
        label.getStyleClass().add("small");
        return label;
    }

    /// What it raises in a line, with the sentences at hand.
    private Node raised(Weighed w) {
        int shown = Math.min(2, w.raised().size());
        String first = String.join("; ", w.raised().subList(0, shown).stream()
                .map(f -> f.title().text(state.style())).toList());
        boolean stop = w.raised().stream().anyMatch(f -> f.severity() == Severity.STOP);
        String more = w.raised().size() > shown ? "; and " + (w.raised().size() - shown) + " more" : "";
        Label line = small((stop ? "■ " : "▲ ") + first + more + (w.gone() > 0 ? " · settles " + w.gone() : ""),
                "hint");
        Tooltip all = new Tooltip(String.join("\n", w.raised().stream()
                .map(f -> f.title().text(state.style()) + ". " + f.detail().text(state.style())).toList()));
        all.setWrapText(true);
        all.setMaxWidth(420);
        line.setTooltip(all);
        return line;
    }

    private Node take(String id, Weighed w) {
        if (w.way().now()) {
            Label is = new Label("as drawn");
            is.getStyleClass().addAll("met", "small");
            is.setMinWidth(Region.USE_PREF_SIZE);
            return is;
        }
        Button take = new Button("Take it");
        take.setId("school-take-" + id);
        take.getStyleClass().addAll("link");
        take.setDisable(w.way().edit().isEmpty());
        take.setMinWidth(Region.USE_PREF_SIZE);
        w.way().edit().ifPresent(edit -> take.setOnAction(e -> bench.edit(edit)));
        GridPane.setValignment(take, VPos.CENTER);
        return take;
    }

    private String number(Weighed w, Optional<Weighed> now, Measure m) {
        double v = w.measures().get(m);
        return now.isEmpty() || w.way().now()
                ? m.text(v, state.style())
                : m.difference(now.get().measures().get(m), v, state.style());
    }
}
