package lectulum.stage.materials;

import lectulum.figures.Stage;
import lectulum.stage.Bench;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// What it is made of.
public final class MaterialsUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.MATERIALS;
    }

    @Override
    public StageView open(Bench bench) {
        return new MaterialsStage(bench.work());
    }
}
