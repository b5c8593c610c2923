package lectulum.stage.build;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// What is done when.
public final class BuildUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.BUILD;
    }

    @Override
    public StageView open(Bench bench) {
        return new BuildStage(bench.work(), bench.thingCard());
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(TasksLeaf.leaf(bench), PlanLeaf.leaf(bench), TimelineLeaf.leaf(bench));
    }
}
