package lectulum.stage.power;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.stage.Bench;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// What runs, and for how long.
public final class PowerUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.POWER;
    }

    @Override
    public StageView open(Bench bench) {
        return new PowerStage(bench.work(), bench.thingCard());
    }

    @Override
    public List<TallyCell> tally() {
        return List.of(TallyCell.of("nights", "power.nights"));
    }
}
