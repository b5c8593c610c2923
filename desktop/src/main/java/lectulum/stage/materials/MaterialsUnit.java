package lectulum.stage.materials;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.Stage;
import lectulum.materials.finish.FinishStudies;
import lectulum.materials.framing.WeldStudies;
import lectulum.materials.joinery.JoineryStudies;
import lectulum.materials.skins.SheetStudies;
import lectulum.materials.upholstery.CushionStudies;
import lectulum.materials.upholstery.OpeningStudies;
import lectulum.sheet.SheetLook;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.parts.Form;
import lectulum.stage.StageCard;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;
import lectulum.stage.StudiesLeaf;

/// What it is made of.
public final class MaterialsUnit implements StageUnit {
    private static final SheetLook LOOK = SheetLook.PLAIN.withSymbols(false).withSide(true)
            .withLit(Set.of(SystemGroup.STRUCTURE, SystemGroup.OPENINGS))
            .withMoving((pen, projection, state, hatches) -> MemberLayer.paint(pen, projection, state))
            .withHandles(MemberLayer::handles);

    @Override
    public SheetLook look() {
        return LOOK;
    }

    @Override
    public Stage stage() {
        return Stage.MATERIALS;
    }

    @Override
    public StageView open(Bench bench) {
        Form sums = new Form(bench.work());
        sums.shown("All things", "materials.mass");
        for (SystemGroup system : SystemGroup.values()) {
            sums.shown(system.label(), "materials." + system.name().toLowerCase(Locale.ROOT) + ".mass");
        }
        sums.shown("Frame of the shell", "stud.mass");
        sums.shown("Layers of the shell", "skin.mass");
        return new StageCard("Materials", sums,
                "Masses with empty tanks. The bare base is on the Base stage; frame and layers may be in it.",
                bench.thingCard());
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(BillLeaf.leaf(bench), Leaf.sheet(), FrameLeaf.leaf(bench),
                StudiesLeaf.wide(bench, "mat-weld", "Welding", "The trailer frame: members, cuts, welds in their order",
                        "",
                        WeldStudies.DISCIPLINE),
                StudiesLeaf.leaf(bench, "mat-sheets", "Layers", "Linings, insulation and skins with mass and price", "",
                        SheetStudies.DISCIPLINE),
                StudiesLeaf.wide(bench, "mat-cabinets", "Furniture", "Boards, doors, drawers, hinges", "",
                        JoineryStudies.DISCIPLINE),
                StockLeaf.leaf(bench), CuttingLeaf.leaf(bench),
                StudiesLeaf.leaf(bench, "mat-finish", "Finish", "Paint, glass, sealant, tape and screws", "",
                        FinishStudies.DISCIPLINE),
                StudiesLeaf.wide(bench, "mat-cushion", "Cushions", "Foam, covers, and the roll of cloth", "",
                        CushionStudies.DISCIPLINE),
                StudiesLeaf.wide(bench, "mat-nets", "Nets", "Insect nets, shades and curtains for windows and doors",
                        "", OpeningStudies.DISCIPLINE),
                LighterLeaf.leaf(bench));
    }
}
