package lectulum.stage.brief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.analysis.Concepts;
import lectulum.analysis.Concepts.Drawn;
import lectulum.brief.Measure;
import lectulum.brief.draft.Concept;
import lectulum.design.Design;
import lectulum.design.vehicle.Vehicle;
import lectulum.parts.Background;
import lectulum.parts.Words;
import lectulum.sheet.CamperPicture;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Every concept drawn for the brief, side by side: what each measures, what it fails, and how it ranks by own weights.
final class ConceptsLeaf implements Leaf.Page {
    private static final double NAMES = 104;
    private static final double COLUMN = 92;
    private static final double PICTURE = 84;
    private static final double LEAST = 69;
    private static final String WEIGHED = "by your weights";

    private final Bench in;
    private final Workbench bench;
    private final Background worker = new Background("concepts");
    private final GridPane table = new GridPane();
    private final ProgressBar bar = new ProgressBar(0);
    private final HBox busy;
    private final ComboBox<Object> order = new ComboBox<>();
    private final AssumedEntry weights;
    private final VBox page;
    private volatile Concepts.Question asked;
    private List<Drawn> drawn = List.of();
    private State state;

    private ConceptsLeaf(Bench in) {
        this.in = in;
        this.bench = in.work();
        this.state = bench.state();
        this.weights = new AssumedEntry(bench, "concepts");
        table.setHgap(6);
        table.setVgap(3);
        order.setId("concepts-order");
        order.setAccessibleText("Sort by");
        order.getItems().add(WEIGHED);
        order.getItems().addAll(List.of(Measure.values()));
        order.setValue(WEIGHED);
        order.setConverter(Words.by(o -> o instanceof Measure m ? m.label() : String.valueOf(o)));
        order.setOnAction(e -> fill());
        Button stop = new Button("Stop");
        stop.setId("concepts-stop");
        stop.setOnAction(e -> asked = null);
        busy = new HBox(8, new Label("Drawing…"), bar, stop);
        busy.getStyleClass().add("row");
        busy.setVisible(false);
        HBox tools = new HBox(10, new Label("Sort"), order, busy);
        tools.getStyleClass().add("row");
        VBox weigh = new VBox(weights);
        weigh.getStyleClass().add("panel");
        VBox content = new VBox(8,
                StudyPane.words("Each is drawn for this brief and judged by the same checks as your own"
                        + " camper. Nothing is changed until you open one as a variant.", "faint"),
                tools, table, weigh);
        page = new VBox(Pages.content(content));
        page.getStyleClass().add("leaf");
        VBox.setVgrow(page.getChildren().getFirst(), Priority.ALWAYS);
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("concepts", "Concepts", "Seven kinds of camper for this brief, side by side",
                () -> new ConceptsLeaf(bench));
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

    @Override
    public void show(State next) {
        state = next;
        weights.show(next);
        Concepts.Question now = Concepts.Question.of(next.analysis().given());
        if (!now.equals(asked)) {
            asked = now;
            draw(now, next.analysis().given());
        } else {
            fill();
        }
    }

    private void draw(Concepts.Question mine, Design brief) {
        List<Drawn> sofar = new ArrayList<>();
        busy.setVisible(true);
        bar.setProgress(0);
        worker.run(() -> Concepts.of(brief, () -> asked != mine, d -> Platform.runLater(() -> {
            if (asked == mine) {
                sofar.add(d);
                drawn = List.copyOf(sofar);
                bar.setProgress((double) sofar.size() / Concept.values().length);
                fill();
            }
        })), all -> {
            if (asked == mine) {
                drawn = all;
                busy.setVisible(false);
                fill();
            }
        }, sentence -> {
            busy.setVisible(false);
            table.getChildren().setAll(StudyPane.words(sentence, "hint"));
        });
    }

    private void fill() {
        table.getChildren().clear();
        table.getColumnConstraints().setAll(column(NAMES, HPos.LEFT));
        List<Double> scores = Concepts.scores(drawn, state.analysis().design());
        List<Integer> ranked = IntStream.range(0, drawn.size()).boxed().sorted(by(scores)).toList();
        int row = 0;
        for (String name : List.of("", "", "Score")) {
            table.add(name(name), 0, row++);
        }
        for (Measure m : Measure.values()) {
            table.add(name(m.label()), 0, row++);
            if (m == Measure.TOW) {
                for (Vehicle v : vehicles()) {
                    table.add(name("behind " + v.name()), 0, row++);
                }
            }
        }
        table.add(name("Forbids it"), 0, row++);
        table.add(name("Fails of the brief"), 0, row);
        int at = 1;
        for (int i : ranked) {
            table.getColumnConstraints().add(column(COLUMN, HPos.RIGHT));
            concept(drawn.get(i), scores.get(i), at++);
        }
    }

    private List<Vehicle> vehicles() {
        return state.analysis().given().garage();
    }

    private Comparator<Integer> by(List<Double> scores) {
        if (order.getValue() instanceof Measure m) {
            Comparator<Integer> up = Comparator.comparingDouble(i -> {
                double v = drawn.get(i).of(m);
                return Double.isNaN(v) ? Double.MAX_VALUE : m.more() ? -v : v;
            });
            return up;
        }
        return Comparator.comparingDouble((Integer i) -> -scores.get(i));
    }

    private static ColumnConstraints column(double width, HPos side) {
        ColumnConstraints c = new ColumnConstraints(side == HPos.LEFT ? width : LEAST, width, width * 1.8);
        c.setHgrow(Priority.SOMETIMES);
        c.setHalignment(side);
        return c;
    }

    private static Label name(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("faint");
        label.setWrapText(true);
        GridPane.setValignment(label, VPos.TOP);
        return label;
    }

    private void concept(Drawn d, double score, int column) {
        String id = d.concept().name().toLowerCase(Locale.ROOT).replace('_', '-');
        CamperPicture picture = new CamperPicture(in.theme(), COLUMN, PICTURE).narrowing(LEAST);
        picture.show(d.design(), d.concept().label() + ", side and plan");
        Label title = new Label(d.concept().label());
        title.getStyleClass().add("strong");
        title.setWrapText(true);
        title.setMinHeight(52);
        title.setAlignment(Pos.BOTTOM_LEFT);
        title.setTooltip(new Tooltip(d.concept().whom()));
        Button open = new Button("Open");
        open.setId("concept-open-" + id);
        open.setTooltip(new Tooltip("Opens it as a variant of this project"));
        open.setOnAction(e -> bench.addVariant(d.concept().label(), d.design()));
        VBox head = new VBox(4, title, picture, open);
        int row = 0;
        table.add(head, column, row++);
        table.add(new Region(), column, row++);
        Label points = number(Long.toString(Math.round(score)));
        points.setId("concept-score-" + id);
        table.add(points, column, row++);
        for (Measure m : Measure.values()) {
            double v = d.of(m);
            Label number = number(m.text(v, state.style()));
            number.setId("concept-" + id + "-" + m.name().toLowerCase(Locale.ROOT));
            if (best(m, v)) {
                number.getStyleClass().add("strong");
            }
            table.add(number, column, row++);
            for (int i = 0; m == Measure.TOW && i < vehicles().size(); i++) {
                double left = i < d.behind().size() ? d.behind().get(i) : Double.NaN;
                Label behind = number(m.text(left, state.style()));
                behind.setId("concept-" + id + "-behind-" + i);
                table.add(behind, column, row++);
            }
        }
        table.add(list(d.stops().stream().map(f -> f.title().text(state.style())).toList(), "■ "), column, row++);
        table.add(list(d.unmet().stream().map(u -> u.line() + ": " + u.says().text(state.style())).toList(), "▲ "),
                column, row);
    }

    private boolean best(Measure m, double v) {
        return drawn.size() > 1 && drawn.stream().mapToDouble(o -> o.of(m)).filter(o -> !Double.isNaN(o))
                .allMatch(o -> m.more() ? v >= o : v <= o)
                && drawn.stream().mapToDouble(o -> o.of(m)).filter(o -> !Double.isNaN(o)).distinct().count() > 1;
    }

    private static Label number(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("row-value", "small");
        return label;
    }

    private static VBox list(List<String> lines, String sign) {
        VBox box = new VBox(2);
        for (String line : lines) {
            Label label = new Label(sign + line);
            label.setWrapText(true);
            label.setMinHeight(Region.USE_PREF_SIZE);
            label.getStyleClass().addAll("hint", "small");
            box.getChildren().add(label);
        }
        if (lines.isEmpty()) {
            box.getChildren().add(name("nothing"));
        }
        GridPane.setValignment(box, VPos.TOP);
        return box;
    }
}
