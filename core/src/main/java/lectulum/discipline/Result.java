package lectulum.discipline;

import java.util.List;
import lectulum.figures.Figures;
import lectulum.figures.Finding;

/// What a discipline found out about a design.
///
/// Results that are equal by value stand for each other, so that what depends on them is not computed again: a result is
/// a record of records, with no array and no lambda where that can be helped. One that is never equal to another is
/// computed anew more often; it is never wrong.
public interface Result {

    /// Every number that is shown anywhere.
    default Figures figures() {
        return Figures.NONE;
    }

    /// What the checks of this discipline say.
    default List<Finding> findings() {
        return List.of();
    }
}
