package lectulum.weather;

import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;

/// What the weather brings that a cabin is built for.
public final class Outside {
    private Outside() {
    }

    /// Coldest night \[°C\]: that of the brief, or the assumed one where the brief names none.
    public static double coldest(Design d) {
        return d.brief().travel().coldest().orElseGet(() -> Assumed.value(d, Assumption.AIR_WINTER));
    }

    /// Whether the brief itself names a night of frost.
    public static boolean frost(Design d) {
        return d.brief().travel().coldest().orElse(0) < 0;
    }

    /// A usual cold night: half way from the coldest to the warmth that is wanted at night \[°C\].
    public static double usual(Design d) {
        double coldest = coldest(d);
        return coldest + Math.max(0, Assumed.value(d, Assumption.AIR_NIGHT) - coldest) / 2;
    }
}
