package lectulum.stage.power;

import java.util.List;
import java.util.Set;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.Stage;
import lectulum.sheet.SheetLook;
import lectulum.stage.Bench;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// What runs, and for how long.
public final class PowerUnit implements StageUnit {
    private static final SheetLook LOOK = SheetLook.PLAIN.withSymbols(false).withSide(false)
            .withLit(Set.of(SystemGroup.ELECTRICAL, SystemGroup.COLD));

    @Override
    public Stage stage() {
        return Stage.POWER;
    }

    @Override
    public SheetLook look() {
        return LOOK;
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
