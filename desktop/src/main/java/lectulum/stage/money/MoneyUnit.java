package lectulum.stage.money;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.stage.Bench;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// What it costs.
public final class MoneyUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.MONEY;
    }

    @Override
    public StageView open(Bench bench) {
        return new MoneyStage(bench.work());
    }

    @Override
    public List<TallyCell> tally() {
        return List.of(TallyCell.of("cost", "money.forecast"));
    }
}
