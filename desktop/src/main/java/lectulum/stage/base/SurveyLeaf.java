package lectulum.stage.base;

import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.base.survey.SurveyStudies;
import lectulum.discipline.Study;
import lectulum.layout.Layout;
import lectulum.sheet.SketchView;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.theme.Theme;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Survey: what the tapes say, drawn over what is planned, out-of-square enlarged on request.
public final class SurveyLeaf implements Leaf.Page {
    private final Supplier<Theme> theme;
    private final SurveyEntry entry;
    private final SketchView plan;
    private final Slider enlarge = new Slider(1, 40, 1);
    private final Label times = new Label();
    private final VBox studies = new VBox(10);
    private final HBox page;
    private State state;

    private SurveyLeaf(Workbench bench, Supplier<Theme> theme) {
        this.theme = theme;
        this.entry = new SurveyEntry(bench);
        this.plan = new SketchView(theme);
        plan.setId("survey-plan");
        plan.setPrefHeight(300);
        enlarge.setId("survey-enlarge");
        enlarge.setAccessibleText("How many times the out-of-square is enlarged");
        enlarge.setPrefWidth(240);
        enlarge.valueProperty().addListener((o, was, now) -> drawPlan());
        FlowPane tools = new FlowPane(10, 4, new Label("Show out-of-square"), enlarge, times);
        tools.getStyleClass().add("leaf-tools");
        VBox list = new VBox(8, tools, plan, studies);
        page = Pages.beside(entry, list);
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("survey", "Survey", "What was measured on the real body",
                () -> new SurveyLeaf(bench.work(), bench.theme()));
    }

    @Override
    public Node node() {
        return page;
    }

    Node page() {
        return page;
    }

    @Override
    public void show(State next) {
        state = next;
        entry.show(next);
        drawPlan();
        studies.getChildren().clear();
        for (Study s : next.analysis().of(SurveyStudies.DISCIPLINE).all()) {
            boolean drawn = s.id().equals("survey.tapes");
            Study shown = drawn
                    ? s.withoutSketches()
                    : s;
            studies.getChildren().add(new StudyPane(theme, shown, next.style()));
        }
    }

    private void drawPlan() {
        long factor = Math.round(enlarge.getValue());
        times.setText(factor == 1 ? "true to scale" : factor + " times");
        plan.show(SurveyStudies.plan(state.design(), state.analysis().of(Layout.DISCIPLINE).body(), factor),
                state.style());
    }
}
