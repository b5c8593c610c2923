package lectulum.materials.cutting;

import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Stage;

/// How everything is cut, ware by ware.
public record CutPlans(List<Lot> lots) implements Result {
    public static final Discipline<CutPlans> DISCIPLINE = new Discipline<>("mat-plans", "Cutting plans",
            Stage.MATERIALS, Discipline.Pace.REST,
            in -> new CutPlans(CutPlanner.of(in.part(CutPlanner::wanted),
                    in.design(Design.Part.SETTINGS, Design.Part.WORKSHOP), in::stillWanted)),
            () -> new CutPlans(List.of()));

    public CutPlans {
        lots = List.copyOf(lots);
    }

    /// What all that is cut is bought for.
    ///
    /// @param stillWanted throws where nobody waits any more
    public static double cost(Design d, Runnable stillWanted) {
        return CutPlanner.of(CutPlanner.wanted(d), d, stillWanted).stream().mapToDouble(Lot::cost).sum();
    }

    public Optional<Lot> lot(String id) {
        return lots.stream().filter(l -> l.id().equals(id)).findFirst();
    }
}
