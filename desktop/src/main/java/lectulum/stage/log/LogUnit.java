package lectulum.stage.log;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.parts.Form;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StageCard;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;

/// What was done, tested, looked after, packed and learnt.
public final class LogUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.LOG;
    }

    @Override
    public StageView open(Bench bench) {
        Form sums = new Form(bench.work());
        Today.row(bench.work(), sums);
        sums.shown("Hours worked, as written", "log.hours");
        sums.shown("Open snags and fixes", "log.open");
        sums.shown("Tests passed", "log.passed");
        sums.shown("of", "log.tests");
        sums.shown("Upkeep overdue", "log.overdue");
        sums.shown("Next upkeep in", "log.next");
        sums.shown("Nights away", "log.nights");
        sums.shown("To pack", "log.pack.mass");
        sums.shown("Not packed yet", "log.pack.left");
        return new StageCard("Log", sums,
                "Brakes, gas and mains: by somebody who can, and checked by a second person. The makers' books win.",
                bench.thingCard());
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(EntriesLeaf.leaf(bench), TestsLeaf.leaf(bench), ListsLeaf.leaf(bench), PackLeaf.leaf(bench),
                TripsLeaf.leaf(bench), UpkeepLeaf.leaf(bench));
    }
}
