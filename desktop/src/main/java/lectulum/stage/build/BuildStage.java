package lectulum.stage.build;

import javafx.scene.Node;
import lectulum.parts.Form;
import lectulum.stage.StageCard;
import lectulum.stage.StageView;
import lectulum.stage.ThingCard;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Build: how much is left.
public final class BuildStage implements StageView {
    private final StageCard card;

    public BuildStage(Workbench bench, ThingCard thing) {
        Form sums = new Form(bench);
        sums.shown("Whole build", s -> s.shown("build.hours"));
        sums.shown("Hours left", s -> s.shown("build.left"));
        sums.shown("Longest path", s -> s.shown("build.path"));
        sums.shown("Days as planned", s -> s.shown("build.days"));
        sums.shown("Half of all are done in", s -> s.shown("build.p50"));
        sums.shown("Eight of ten in", s -> s.shown("build.p80"));
        sums.shown("Worked so far", s -> s.shown("build.spent"));
        sums.shown("It comes to", s -> s.shown("build.forecast"));
        card = new StageCard("Build", sums,
                "Welds that carry, mains and gas: by somebody licensed or experienced, and checked;"
                        + " local rules win.",
                thing);
    }

    @Override
    public Node card() {
        return card.node();
    }

    @Override
    public void show(State state) {
        card.show(state);
    }
}
