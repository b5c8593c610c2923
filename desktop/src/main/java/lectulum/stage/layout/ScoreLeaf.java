package lectulum.stage.layout;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.figures.Figure;
import lectulum.layout.score.LayoutScore;
import lectulum.layout.score.Score;
import lectulum.parts.Bar;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Score and rules: what this layout is worth by the user's own weights, and every value that is only assumed.
public final class ScoreLeaf implements Leaf.Page {
    private final VBox parts = new VBox(6);
    private final AssumedEntry rules;
    private final HBox page;

    private ScoreLeaf(Workbench bench, Supplier<Theme> theme) {
        rules = new AssumedEntry(bench, "score");
        page = Pages.beside(rules, parts);
        page.getChildren().getFirst().getStyleClass().add("wide");
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("score", "Score", "What the layout is worth by your weights, and what is assumed",
                () -> new ScoreLeaf(bench.work(), bench.theme()));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State s) {
        rules.show(s);
        Score score = s.analysis().of(LayoutScore.DISCIPLINE).score();
        parts.getChildren().clear();
        Optional<Figure> found = s.analysis().figures().find("layout.score");
        if (found.isEmpty()) {
            parts.getChildren().add(StudyPane.unanswered(s));
            return;
        }
        Figure total = found.get();
        Label head = new Label(total.value().isPresent()
                ? "Layout score " + total.text(s.style()) + " of 100"
                : "No layout score: " + total.reason());
        head.getStyleClass().add("title");
        head.setId("layout-score");
        parts.getChildren().add(head);
        if (total.value().isEmpty()) {
            return;
        }
        if (score.stop()) {
            parts.getChildren().add(StudyPane.words("A stop is open: no more than 40 is given until it is mended or"
                    + " accepted.", "hint"));
        }
        for (Score.Part p : score.parts()) {
            parts.getChildren().add(row(p, s));
        }
        parts.getChildren()
                .add(StudyPane.words("It ranks variants of one camper by what you weigh; it judges nothing by"
                        + " itself. Weights stand at the end of the list at the left.", "faint"));
    }

    private static HBox row(Score.Part p, State s) {
        Label name = new Label(label(p.name()));
        name.setPrefWidth(190);
        name.setMinWidth(110);
        name.setWrapText(true);
        Bar bar = new Bar(p.value(), p.value() < 0.34, 12);
        HBox.setHgrow(bar, Priority.ALWAYS);
        Label value = new Label(Units.text(p.value(), Quantity.SHARE, s.style()));
        value.setMinWidth(56);
        value.setAlignment(javafx.geometry.Pos.CENTER_RIGHT);
        value.getStyleClass().add("strong");
        Label weight = new Label("weight " + Units.text(p.weight(), Quantity.COUNT, s.style()));
        weight.setMinWidth(Region.USE_PREF_SIZE);
        weight.getStyleClass().addAll("faint", "small");
        return new HBox(10, name, bar, value, weight);
    }

    private static String label(String part) {
        return switch (part) {
            case "sleep" -> "People who sleep well";
            case "exits" -> "Ways out";
            case "balance" -> "Tongue near its aim";
            case "headroom" -> "Room to stand upright";
            case "access" -> "Gear at hand on the road";
            case "storage" -> "Gear with a home";
            case "setup" -> "Quick to set up";
            case "low" -> "Mass low down";
            default -> "Free floor";
        };
    }
}
