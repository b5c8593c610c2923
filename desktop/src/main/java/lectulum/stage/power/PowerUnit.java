package lectulum.stage.power;

import java.util.List;
import java.util.Set;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.Stage;
import lectulum.power.MainsStudies;
import lectulum.power.OffGridStudies;
import lectulum.power.RunningStudies;
import lectulum.power.SourceStudies;
import lectulum.power.TowLightStudies;
import lectulum.power.YearStudies;
import lectulum.power.light.LightStudies;
import lectulum.power.wiring.WiringStudies;
import lectulum.sheet.SheetLook;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;
import lectulum.stage.StudiesLeaf;

/// What runs, and for how long.
public final class PowerUnit implements StageUnit {
    private static final SheetLook LOOK = SheetLook.PLAIN.withSymbols(false).withSide(true)
            .withLit(Set.of(SystemGroup.ELECTRICAL, SystemGroup.COLD))
            .withMoving((pen, projection, state, hatches) -> new WiringLayer(pen, projection, state).paint())
            .withHandles(WiringLayer::handles);

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
    public List<Leaf> leaves(Bench bench) {
        return List.of(Leaf.sheet(),
                StudiesLeaf.wide(bench, "power-sources", "Sources", "Bank, panels, chargers, inverter and storage",
                        "There is no battery yet. Add one on the sheet.", SourceStudies.DISCIPLINE),
                StudiesLeaf.wide(bench, "power-trip", "Trip", "The trip of the brief, hour by hour",
                        "Nothing draws power yet. Add a lamp or a cold box on the sheet.", OffGridStudies.DISCIPLINE),
                StudiesLeaf.leaf(bench, "power-year", "Year", "8 760 hours in the weather of the brief",
                        "There is no battery to take through a year.", YearStudies.DISCIPLINE),
                BreaksLeaf.leaf(bench),
                MapLeaf.leaf(bench),
                StudiesLeaf.leaf(bench, "power-run", "Can I run it", "One more thing, every day: does it work",
                        "There is no battery to run anything.", RunningStudies.DISCIPLINE),
                WiresLeaf.leaf(bench),
                StudiesLeaf.wide(bench, "power-fuses", "Fuses", "What a short draws and which fuse breaks it",
                        "There is no battery to protect wires from.", WiringStudies.PROTECTION),
                DrawingsLeaf.leaf(bench),
                StudiesLeaf.wide(bench, "power-buy", "Buy", "Wire, ends, fuses and small parts, with mass and price",
                        "There is nothing to wire yet.", WiringStudies.BUYING),
                StudiesLeaf.leaf(bench, "power-light", "Light", "Light by place, glare, the night, outside",
                        "No lamp yet.", LightStudies.DISCIPLINE),
                StudiesLeaf.leaf(bench, "power-mains", "Mains", "Inlet, cord, generator, what must never be joined",
                        "Nothing runs on mains.", MainsStudies.DISCIPLINE),
                StudiesLeaf.leaf(bench, "power-towlights", "Road lights",
                        "Lamps of the road, tow plug, electric brakes",
                        "", TowLightStudies.DISCIPLINE),
                MeasureLeaf.leaf(bench));
    }

    @Override
    public List<TallyCell> tally() {
        return List.of(TallyCell.of("nights", "power.nights"));
    }
}
