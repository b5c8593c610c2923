package lectulum.stage.base;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.sheet.SheetLook;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// The body and the frame.
public final class BaseUnit implements StageUnit {
    private static final SheetLook LOOK = SheetLook.PLAIN.withClashes(true).withDistances(true);

    @Override
    public Stage stage() {
        return Stage.BASE;
    }

    @Override
    public SheetLook look() {
        return LOOK;
    }

    @Override
    public StageView open(Bench bench) {
        return new BaseStage(bench.work());
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(Leaf.sheet(), SurveyLeaf.leaf(bench), ProfileLeaf.leaf(bench), WallsLeaf.leaf(bench),
                FrameLeaf.leaf(bench), GearLeaf.leaf(bench));
    }
}
