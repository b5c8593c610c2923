package lectulum.stage.water;

import java.util.List;
import java.util.Set;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.Stage;
import lectulum.sheet.SheetLook;
import lectulum.stage.Bench;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// How many days the tanks last.
public final class WaterUnit implements StageUnit {
    private static final SheetLook LOOK = SheetLook.PLAIN.withSymbols(false).withSide(false)
            .withLit(Set.of(SystemGroup.WATER));

    @Override
    public Stage stage() {
        return Stage.WATER;
    }

    @Override
    public SheetLook look() {
        return LOOK;
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
