package lectulum.stage.brief;

import java.util.List;
import lectulum.brief.height.HeightStudies;
import lectulum.figures.Stage;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;
import lectulum.stage.StudiesLeaf;

/// What the camper is for.
public final class BriefUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.BRIEF;
    }

    @Override
    public StageView open(Bench bench) {
        return new BriefStage();
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(NeedsLeaf.leaf(bench), WishesLeaf.leaf(bench), ConceptsLeaf.leaf(bench),
                ProposalsLeaf.leaf(bench), SchoolsLeaf.leaf(bench), BasesLeaf.leaf(bench),
                StudiesLeaf.leaf(bench, "height", "Height and drag",
                        "From the ground to the top, and what its front costs in fuel",
                        "Nothing is known about its height.", HeightStudies.DISCIPLINE));
    }
}
