package lectulum.stage.papers;

import lectulum.figures.Stage;
import lectulum.stage.Bench;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// What can be printed and written.
public final class PapersUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.PAPERS;
    }

    @Override
    public StageView open(Bench bench) {
        return new PapersStage(bench);
    }
}
