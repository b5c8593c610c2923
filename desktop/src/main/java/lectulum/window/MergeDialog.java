package lectulum.window;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.design.Project;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.files.UnreadableFile;
import lectulum.files.merge.Merge;
import lectulum.parts.Background;
import lectulum.parts.Buttons;
import lectulum.units.Style;
import lectulum.units.Units;
import lectulum.workbench.Workbench;

/// Two copies of a project brought together: what is taken from the other one, and what both changed side by side, each with what it does
/// to the figures.
final class MergeDialog extends VBox {
    private static final int SAID = 14;
    private static final List<String> SHOWN = List.of("balance.departure.mass", "balance.departure.tongue",
            "power.nights", "water.days", "money.forecast", "build.left");
    private final Workbench bench;
    private final Merge merge;
    private final Map<String, RadioButton> theirs = new LinkedHashMap<>();
    private final Background worker = new Background("merge");
    private final Label trouble = new Label();
    /// With everything decided as here; of the worker alone, worked out for its first question.
    private Analysis here;

    /// @param name of the other file
    /// @param done takes the merged project
    MergeDialog(Workbench bench, String name, Merge merge, Consumer<Project> done, Runnable close) {
        this.bench = bench;
        this.merge = merge;
        getStyleClass().add("popover");
        setId("merge");
        setMaxSize(860, 620);
        setPrefSize(860, 620);
        setLayoutX(170);
        setLayoutY(60);
        setSpacing(10);
        Label title = new Label("Merge with " + name);
        title.getStyleClass().add("title");
        VBox list = new VBox(10, taken());
        merge.questions().forEach(q -> list.getChildren().add(question(q)));
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        trouble.getStyleClass().add("hint");
        HBox buttons = new HBox(8, Buttons.of("Merge", "merge-do", () -> finish(done)),
                Buttons.of("All as here", "merge-mine", () -> all(false)),
                Buttons.of("All as there", "merge-theirs", () -> all(true)),
                Buttons.quiet("Not now", "merge-cancel", close), trouble);
        getChildren().addAll(title, scroll, buttons);
        // However it is closed, nobody waits for the effects any more.
        sceneProperty().addListener((o, was, now) -> {
            if (now == null) {
                worker.close();
            }
        });
    }

    private Node taken() {
        List<String> words = merge.taken();
        VBox box = new VBox(2);
        box.setId("merge-taken");
        box.getStyleClass().add("panel");
        Label head = new Label(words.isEmpty()
                ? merge.questions().isEmpty()
                        ? "Nothing is otherwise in the other copy, or it was changed here alone."
                        : "Nothing was changed in the other copy alone."
                : "Taken from the other copy, which alone changed it");
        head.getStyleClass().add("strong");
        head.setWrapText(true);
        box.getChildren().add(head);
        words.stream().limit(SAID).forEach(w -> box.getChildren().add(line(w)));
        if (words.size() > SAID) {
            box.getChildren().add(line("… and " + (words.size() - SAID) + " more"));
        }
        return box;
    }

    private static Label line(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        return label;
    }

    private Node question(Merge.Question q) {
        Label head = line("Both changed: " + q.label());
        head.getStyleClass().add("strong");
        ToggleGroup group = new ToggleGroup();
        RadioButton here = new RadioButton("as here: " + q.mine().orElse("taken out"));
        RadioButton there = new RadioButton("as there: " + q.theirs().orElse("taken out"));
        here.setToggleGroup(group);
        there.setToggleGroup(group);
        here.setSelected(true);
        here.setWrapText(true);
        there.setWrapText(true);
        there.setId("merge-there-" + theirs.size());
        theirs.put(q.path(), there);
        Label effect = new Label("…");
        effect.getStyleClass().add("faint");
        effect.setId("merge-effect-" + (theirs.size() - 1));
        Style style = bench.state().style();
        Analysis now = bench.state().analysis();
        worker.run(() -> effect(now, q, style), effect::setText, effect::setText);
        VBox box = new VBox(4, head, here, there, effect);
        box.getStyleClass().add("panel");
        return box;
    }

    /// What the main figures become when this one is decided for the other copy.
    private String effect(Analysis now, Merge.Question q, Style style) throws UnreadableFile {
        if (here == null) {
            here = now.next(merge.project(Set.of()).design());
        }
        Analysis there = here.next(merge.project(Set.of(q.path())).design());
        Figures a = here.figures();
        Figures b = there.figures();
        String changes = SHOWN.stream().flatMap(id -> change(a, b, id, style)).collect(Collectors.joining(", "));
        return changes.isEmpty() ? "It changes none of the main figures." : "As there: " + changes;
    }

    private static Stream<String> change(Figures a, Figures b, String id, Style style) {
        double by = b.value(id) - a.value(id);
        return a.find(id).map(Figure::quantity).filter(x -> Math.abs(by) > 1e-9).stream()
                .map(x -> a.find(id).map(Figure::label).orElse(id) + " " + Units.change(by, x, style) + " "
                        + Units.show(by, x, style).unit());
    }

    private void all(boolean there) {
        theirs.values().forEach(button -> button.getToggleGroup().getToggles().get(there ? 1 : 0).setSelected(true));
    }

    private void finish(Consumer<Project> done) {
        Set<String> second = new LinkedHashSet<>();
        theirs.forEach((path, button) -> {
            if (button.isSelected()) {
                second.add(path);
            }
        });
        try {
            Project merged = merge.project(second);
            done.accept(merged);
        } catch (UnreadableFile e) {
            trouble.setText(e.getMessage());
        }
    }
}
