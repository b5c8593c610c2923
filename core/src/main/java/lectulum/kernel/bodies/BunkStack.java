package lectulum.kernel.bodies;

/// How the height between a lower mattress and the ceiling is shared by two who want to sit up.
///
/// @param room       height between lower mattress top and ceiling less the upper bunk itself \[m\]
/// @param lowerNeeds \[m\]
/// @param upperNeeds \[m\]
/// @param lowerGap   what the lower one gets \[m\], never below a crawl
/// @param upperGap   \[m\]
/// @param underside  of the upper bunk above the floor \[m\]
public record BunkStack(double room, double lowerNeeds, double upperNeeds, double lowerGap, double upperGap,
        double underside) {
    /// Less than this nobody gets under \[m\] (assumed).
    public static final double CRAWL = 0.45;

    /// @param ceiling    above the floor \[m\]
    /// @param lowerTop   top of the lower mattress \[m\]
    /// @param upperThick upper frame, board and mattress \[m\]
    /// @param lower      stature of who sleeps below \[m\]
    /// @param upper      stature of who sleeps above \[m\]
    /// @param share      part of the surplus, or of the lack, that the lower one gets: 0 to 1
    public static BunkStack of(double ceiling, double lowerTop, double upperThick, double lower, double upper,
            double share) {
        double room = ceiling - lowerTop - upperThick;
        double low = Needs.sitUp(lower, Needs.SINK);
        double high = Needs.sitUp(upper, Needs.SINK);
        double gap = Math.max(CRAWL, low + share * (room - low - high));
        return new BunkStack(room, low, high, gap, room - gap, lowerTop + gap);
    }

    /// What is over when both sit up; negative for what is missing \[m\].
    public double surplus() {
        return room - lowerNeeds - upperNeeds;
    }
}
