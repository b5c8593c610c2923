package lectulum.stage.build;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.parts.Form;
import lectulum.stage.StageCard;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// What is done when.
public final class BuildUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.BUILD;
    }

    @Override
    public StageView open(Bench bench) {
        Form sums = new Form(bench.work());
        sums.shown("Whole build", "build.hours");
        sums.shown("Hours left", "build.left");
        sums.shown("Longest path", "build.path");
        sums.shown("Days as planned", "build.days");
        sums.shown("Half of all are done in", "build.p50");
        sums.shown("Eight of ten in", "build.p80");
        sums.shown("Days at the pace of the log", "build.paced");
        sums.shown("The end has slipped by", "build.slip");
        sums.shown("Worked so far", "build.spent");
        sums.shown("It comes to", "build.forecast");
        return new StageCard("Build", sums,
                "Welds that carry, mains and gas: by somebody licensed or experienced, and checked; local rules win.",
                bench.thingCard());
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(TasksLeaf.leaf(bench), PlanLeaf.leaf(bench), TimelineLeaf.leaf(bench));
    }

    @Override
    public List<TallyCell> tally() {
        return List.of(TallyCell.of("hours", "build.left"));
    }
}
