package lectulum.stage.layout;

import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.Node;
import lectulum.layout.Layout;
import lectulum.sheet.CutAwayView;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Cut-away: the inside in the chosen mode from any corner, cut off at any height.
public final class CutAwayLeaf implements Leaf.Page {
    private final CutAwayView view;
    private final Slider cut = new Slider(0.05, 1, 1);
    private final Label height = new Label();
    private final VBox page = new VBox();
    private State state;

    private CutAwayLeaf(Workbench bench, Supplier<Theme> theme) {
        view = new CutAwayView(bench, theme);
        FlowPane tools = new FlowPane(6, 4, new Label("Seen from the"), corner("rear right", 60),
                corner("rear left", -60),
                corner("front right", 120), corner("front left", -120), new Label("  cut off at"), cut, height);
        tools.getStyleClass().add("leaf-tools");
        cut.setId("cut-height");
        cut.setAccessibleText("Height at which the picture is cut off");
        cut.setPrefWidth(150);
        cut.valueProperty().addListener((o, was, now) -> cut());
        CheckBox people = new CheckBox("people");
        people.setId("cut-people");
        people.setSelected(true);
        people.setOnAction(e -> view.showPeople(people.isSelected()));
        CheckBox frame = new CheckBox("frame");
        frame.setId("cut-frame");
        frame.setOnAction(e -> view.showFrame(frame.isSelected()));
        tools.getChildren().addAll(people, frame);
        VBox.setVgrow(view, Priority.ALWAYS);
        page.getChildren().addAll(tools, view);
        page.getStyleClass().add("leaf");
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("cut-away", "Cut-away", "The inside from any corner",
                () -> new CutAwayLeaf(bench.work(), bench.theme()));
    }

    @Override
    public Node node() {
        return page;
    }

    private Button corner(String name, double degrees) {
        Button button = new Button(name);
        button.setId("corner-" + name.replace(' ', '-'));
        button.setOnAction(e -> view.lookFrom(degrees));
        return button;
    }

    @Override
    public void show(State next) {
        state = next;
        cut();
        view.show(next);
    }

    private void cut() {
        var body = state.analysis().of(Layout.DISCIPLINE).bodies().get(state.mode());
        double high = body.open() ? body.roofOutside().highest() + 1 : body.roofInside().highest();
        boolean all = cut.getValue() > 0.995;
        height.setText(all ? "the roof" : Units.text(cut.getValue() * high, Quantity.LENGTH, state.style()));
        view.cutAt(all ? Double.POSITIVE_INFINITY : cut.getValue() * high);
    }
}
