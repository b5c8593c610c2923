package lectulum.brief.draft;

import io.soabase.recordbuilder.core.RecordBuilder;

/// The numbers of a draft that a search may change.
///
/// @param taste  what is given up for what
/// @param each   width of bed for an adult \[m\], 0.60 to 0.75
/// @param toes   length of bed beyond the stature \[m\], 0.08 to 0.20
/// @param floor  length of free floor more than the least \[m\], 0 to 1
/// @param aisle  free beside a bed along the body \[m\], 0.42 to 0.70
/// @param tongue ball to body \[m\], 1.0 to 2.0
/// @param higher than the least height inside \[m\], 0 to 0.3
/// @param wants  whether what is wanted is in it, besides what must be
@RecordBuilder
public record Plan(Taste taste, double each, double toes, double floor, double aisle, double tongue, double higher,
        boolean wants)
        implements
            PlanBuilder.With {

    /// Where a search for a taste begins.
    public static Plan of(Taste taste) {
        return switch (taste) {
            case LIGHT -> new Plan(taste, 0.60, 0.09, 0, 0.43, 1.15, 0, false);
            case CHEAP -> new Plan(taste, 0.62, 0.10, 0, 0.45, 1.15, 0, false);
            case USUAL -> new Plan(taste, 0.65, 0.15, 0, 0.52, 1.25, 0.02, true);
            case COMFORTABLE -> new Plan(taste, 0.70, 0.18, 0.25, 0.56, 1.30, 0.05, true);
        };
    }
}
