package lectulum.stage.air;

import java.util.List;
import java.util.Set;
import lectulum.air.BreathStudies;
import lectulum.air.CoolStudies;
import lectulum.air.DampStudies;
import lectulum.air.InsulationStudies;
import lectulum.air.WarmthStudies;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.Stage;
import lectulum.gas.GasStudies;
import lectulum.sheet.SheetLook;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;
import lectulum.stage.StudiesLeaf;

/// Warmth, cold, damp, breath, and what is burnt.
public final class AirUnit implements StageUnit {
    private static final String FIRST = "Say first what the walls are built of, under Walls.";
    private static final SheetLook LOOK = SheetLook.PLAIN.withSymbols(false).withSide(true)
            .withLit(Set.of(SystemGroup.HEAT, SystemGroup.OPENINGS))
            .withMoving((pen, projection, state, hatches) -> new AirLayer(pen, projection, state).paint());

    @Override
    public Stage stage() {
        return Stage.AIR;
    }

    @Override
    public SheetLook look() {
        return LOOK;
    }

    @Override
    public StageView open(Bench bench) {
        return new AirStage(bench.work(), bench.thingCard());
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(Leaf.sheet(), WallsLeaf.leaf(bench),
                StudiesLeaf.leaf(bench, "air-heat", "Warmth", "The coldest night, the heater, hour by hour", FIRST,
                        WarmthStudies.DISCIPLINE),
                StudiesLeaf.wide(bench, "air-wrap", "Insulation", "None, roof, walls, everywhere: side by side", FIRST,
                        InsulationStudies.DISCIPLINE),
                StudiesLeaf.leaf(bench, "air-cool", "Cooling", "The hottest afternoon, roof colour, air conditioner",
                        FIRST, CoolStudies.DISCIPLINE),
                StudiesLeaf.wide(bench, "air-damp", "Damp", "Panes, walls, behind furniture", FIRST,
                        DampStudies.DISCIPLINE),
                StudiesLeaf.leaf(bench, "air-breath", "Fresh air", "Sleepers, openings, fans, alarms",
                        "Nothing to breathe for yet.", BreathStudies.DISCIPLINE),
                StudiesLeaf.wide(bench, "air-gas", "Gas and fuel", "What is burnt, bottles, lockers",
                        "Nothing burns yet.", GasStudies.DISCIPLINE));
    }
}
