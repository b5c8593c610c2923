package lectulum.stage.brief;

import lectulum.figures.Stage;
import lectulum.stage.Bench;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// What the camper is for.
public final class BriefUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.BRIEF;
    }

    @Override
    public StageView open(Bench bench) {
        return new BriefStage(bench.work(), bench.theme());
    }
}
