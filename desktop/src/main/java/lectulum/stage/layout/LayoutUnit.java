package lectulum.stage.layout;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.layout.loading.LoadingStudies;
import lectulum.layout.mechanisms.MechanismStudies;
import lectulum.layout.outside.OutsideStudies;
import lectulum.layout.people.BerthStudies;
import lectulum.sheet.SheetLook;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;
import lectulum.stage.StudiesLeaf;

/// Where everything is, in each mode.
public final class LayoutUnit implements StageUnit {
    private static final SheetLook LOOK = SheetLook.PLAIN.withClashes(true).withDistances(true).withElsewhere(true)
            .withStill((pen, p, state, hatches) -> new LayoutLayer(pen, p, state).paint());

    @Override
    public Stage stage() {
        return Stage.LAYOUT;
    }

    @Override
    public SheetLook look() {
        return LOOK;
    }

    @Override
    public StageView open(Bench bench) {
        return new LayoutStage(bench.work(), bench.thingCard());
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(Leaf.sheet(), CutAwayLeaf.leaf(bench), beds(bench), ChangeLeaf.leaf(bench),
                StorageLeaf.leaf(bench),
                mechanisms(bench), loading(bench), outside(bench), ScoreLeaf.leaf(bench));
    }

    private static Leaf beds(Bench bench) {
        return StudiesLeaf.leaf(bench, "beds", "Beds", "Who sleeps where, and what is within reach of each pillow",
                "There is no bed yet. Add one on the sheet.", BerthStudies.DISCIPLINE);
    }

    private static Leaf mechanisms(Bench bench) {
        return StudiesLeaf.leaf(bench, "mechanisms", "Mechanisms", "Struts, runners, legs, slats and fixings",
                "Nothing moves or carries yet. Select a thing on the sheet and give it struts, runners, a leg, slats or"
                        + " fixings with \"Give it…\" on its card.",
                MechanismStudies.DISCIPLINE);
    }

    private static Leaf loading(Bench bench) {
        return StudiesLeaf.leaf(bench, "loading", "Loading", "Big things over the ramp and through the door",
                "Nothing is rolled aboard yet. Select a big thing on the sheet and give it a ramp and straps with"
                        + " \"Give it…\" on its card.",
                LoadingStudies.DISCIPLINE);
    }

    private static Leaf outside(Bench bench) {
        return StudiesLeaf.leaf(bench, "outside", "Outside", "Over all, where it is kept, awnings and tents",
                "Nothing is known about what is around the camper.", OutsideStudies.DISCIPLINE);
    }
}
