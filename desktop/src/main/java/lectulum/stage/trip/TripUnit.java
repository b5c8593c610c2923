package lectulum.stage.trip;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// The trip, rehearsed hour by hour.
public final class TripUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.TRIP;
    }

    @Override
    public StageView open(Bench bench) {
        return new TripStage(bench.work(), bench.thingCard());
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(RehearsalLeaf.leaf(bench), MeasuredLeaf.leaf(bench), Leaf.sheet());
    }
}
