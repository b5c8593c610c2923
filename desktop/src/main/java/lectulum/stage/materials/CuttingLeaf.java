package lectulum.stage.materials;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.discipline.Study;
import lectulum.materials.cutting.ByHand;
import lectulum.materials.cutting.CutBoard;
import lectulum.materials.cutting.CutPlans;
import lectulum.materials.cutting.CutStudies;
import lectulum.materials.cutting.Lot;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.workbench.State;

/// What to buy and how to cut it; the plans can be laid by hand.
final class CuttingLeaf implements Leaf.Page {
    private static final String ID = "mat-cut";
    private static final double LONGER = 5;
    private final Bench bench;
    private final VBox list = new VBox(10);
    private final Button longer = new Button("Search five times as long for cheaper plans");
    private final AssumedEntry assumed;
    private final Node page;
    private final Map<String, Plan> plans = new HashMap<>();
    private State state;
    private CutPlans shown;

    private CuttingLeaf(Bench bench) {
        this.bench = bench;
        this.assumed = new AssumedEntry(bench.work(), ID);
        longer.setId("cut-longer");
        longer.setOnAction(e -> bench.work().edit("Search for plans longer", ByHand.longer(LONGER)));
        this.page = Pages.content(new VBox(10, longer, list, assumed));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf(ID, "Cutting", "What to buy and how to cut it, laid by hand if you like",
                () -> new CuttingLeaf(bench));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State next) {
        state = next;
        assumed.show(next);
        CutPlans now = next.analysis().of(CutPlans.DISCIPLINE);
        List<Study> studies = next.analysis().of(CutStudies.DISCIPLINE).all();
        shown = now;
        List<Node> nodes = new ArrayList<>();
        plans.keySet().retainAll(now.lots().stream().map(Lot::id).toList());
        for (int i = 0; i < studies.size(); i++) {
            Study study = studies.get(i);
            StudyPane pane = new StudyPane(bench.theme(), study.withoutSketches(), next.style());
            // The first study sums up; the others are those of the wares, in their order.
            if (i > 0 && i <= now.lots().size()) {
                Lot lot = now.lots().get(i - 1);
                pane.getChildren().addAll(1, plans.computeIfAbsent(lot.id(), Plan::new).show(lot));
            }
            nodes.add(pane);
        }
        list.getChildren().setAll(nodes);
        boolean open = now.lots().stream().anyMatch(l -> !l.proven());
        longer.setVisible(open);
        longer.setManaged(open);
    }

    /// One plan with what can be done to it.
    private final class Plan {
        private final String id;
        private final CutView view;
        private final Label says = new Label();
        private final Button keep = button("Keep it as it is", "keep", (l, i) -> ByHand.kept(l, i, true));
        private final Button free = button("The program plans it", "free", (l, i) -> ByHand.kept(l, i, false));
        private final Button cut = button("It is cut", "cut",
                (l, i) -> ByHand.cut(l, i, Assumed.value(state.design(), Assumption.CUT_KEEP), "left over"));
        private final FlowPane buttons = new FlowPane(6, 4, keep, free, cut);

        Plan(String id) {
            this.id = id;
            this.view = new CutView(bench.theme(), (name, change) -> bench.work().edit(name, change), this::chosen);
            view.setId("plan-" + id.replace('.', '-'));
            says.getStyleClass().add("faint");
            says.setWrapText(true);
            says.setId("plan-says-" + id.replace('.', '-'));
        }

        List<Node> show(Lot lot) {
            view.show(CutBoard.of(lot), state.style());
            chosen();
            return List.of(view, says, buttons);
        }

        private Button button(String text, String word, BiFunction<Lot, Integer, UnaryOperator<Design>> change) {
            Button b = new Button(text);
            b.getStyleClass().add("quiet");
            b.setOnAction(e -> shown.lot(id()).ifPresent(lot -> view().selected().ifPresent(
                    s -> bench.work().edit(text, change.apply(lot, s.laid())))));
            b.setUserData(word);
            return b;
        }

        private String id() {
            return id;
        }

        private CutView view() {
            return view;
        }

        private void chosen() {
            boolean any = view.selected().isPresent();
            for (Node n : buttons.getChildren()) {
                n.setId("plan-" + n.getUserData() + "-" + id.replace('.', '-'));
            }
            buttons.setVisible(any);
            buttons.setManaged(any);
            view.selected().ifPresentOrElse(s -> {
                Lot.Laid l = view.board().lot().laid().get(s.laid());
                says.setText(view.board().says(s).text(state.style()) + (l.cut() ? "; cut" : l.kept() ? "; kept" : ""));
                keep.setDisable(l.kept());
                free.setDisable(!l.kept());
                cut.setDisable(l.cut());
            }, () -> says.setText(
                    "Drag a piece to where you want it; R turns it. What you touch is kept, the rest is planned"
                            + " about it."));
        }
    }
}
