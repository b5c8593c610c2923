package lectulum.stage.water;

import java.util.List;
import java.util.Set;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.Stage;
import lectulum.sheet.SheetLook;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;
import lectulum.stage.StudiesLeaf;
import lectulum.water.HoseStudies;
import lectulum.water.HotStudies;
import lectulum.water.PipeStudies;
import lectulum.water.WaterStudies;

/// How many days the tanks last.
public final class WaterUnit implements StageUnit {
    private static final SheetLook LOOK = SheetLook.PLAIN.withSymbols(false).withSide(true)
            .withLit(Set.of(SystemGroup.WATER))
            .withMoving((pen, projection, state, hatches) -> new PipeLayer(pen, projection, state).paint());

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
    public List<Leaf> leaves(Bench bench) {
        return List.of(Leaf.sheet(),
                StudiesLeaf.leaf(bench, "water-days", "Days", "What is drawn, what comes back, what one change brings",
                        "Nobody travels yet.", WaterStudies.DAYS),
                StudiesLeaf.wide(bench, "water-tanks", "Tanks", "Every tank and can by its shape",
                        "No tank or can is aboard.", WaterStudies.TANKS),
                StudiesLeaf.leaf(bench, "water-hoses", "Hoses",
                        "The room they take, and whether waste water runs to a drain",
                        "No hose is aboard.", HoseStudies.DISCIPLINE),
                StudiesLeaf.leaf(bench, "water-hot", "Hot water", "Why it is only warm, how long a shower lasts", "",
                        HotStudies.DISCIPLINE),
                PipesLeaf.leaf(bench, "water-pipes", "Pipes", "What comes out of each tap", false, PipeStudies::flow),
                PipesLeaf.leaf(bench, "water-winter", "Drains, winter", "Waste pipes, low points, frost, the list",
                        true,
                        PipeStudies::winter));
    }

    @Override
    public List<TallyCell> tally() {
        return List.of(TallyCell.of("water", "water.days"));
    }
}
