package lectulum.stage.water;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.stage.Bench;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// How many days the tanks last.
public final class WaterUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.WATER;
    }

    @Override
    public StageView open(Bench bench) {
        return new WaterStage(bench.work(), bench.thingCard());
    }

    @Override
    public List<TallyCell> tally() {
        return List.of(TallyCell.of("water", "water.days"));
    }
}
