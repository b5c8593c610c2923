package lectulum.trip;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.outing.Outing;
import lectulum.design.outing.OutingDay;
import lectulum.weather.MeanDay;
import lectulum.weather.Outside;

/// Trips that ship with every project: the usual one of the brief, a hard week and a hot one.
public final class Outings {
    public static final String USUAL = "usual";
    public static final String HARD = "hard";
    public static final String HOT = "hot";
    private static final int LEAST = 2;
    private static final int MOST = 61;
    private static final int WEEK = 7;
    private static final double DARK = 0.35;
    private static final double HARD_USE = 1.2;
    private static final double HOT_USE = 1.3;

    private Outings() {
    }

    /// The trip of the brief: mean days of its month, on the road on the first and the last, as Power takes it.
    public static Outing usual(Design d) {
        int days = Math.clamp((int) Math.ceil(d.brief().nights()) + 1, LEAST, MOST);
        return new Outing(USUAL, "The trip of the brief", days(days, d, OutingDay.USUAL));
    }

    /// A week of the coldest nights, dark, with more use.
    public static Outing hard(Design d) {
        double[] air = MeanDay.air(d.brief().latitude(), d.brief().month(), d.brief().climate());
        double low = java.util.Arrays.stream(air).min().orElse(0);
        OutingDay day = OutingDay.USUAL.withWarmer(Math.clamp(Outside.coldest(d) - low, -40, 40)).withSun(DARK)
                .withUse(HARD_USE);
        return new Outing(HARD, "A hard week: cold, dark, full house", days(WEEK, d, day));
    }

    /// A week of the hottest afternoons.
    public static Outing hot(Design d) {
        double high = MeanDay.high(d.brief().latitude(), d.brief().month(), d.brief().climate());
        OutingDay day = OutingDay.USUAL
                .withWarmer(Math.clamp(Assumed.value(d, Assumption.AIR_SUMMER) - high, -40, 40)).withUse(HOT_USE);
        return new Outing(HOT, "A hot week", days(WEEK, d, day));
    }

    private static List<OutingDay> days(int count, Design d, OutingDay day) {
        List<OutingDay> days = new ArrayList<>(Collections.nCopies(count, day));
        double road = Assumed.value(d, Assumption.YEAR_DRIVE);
        days.set(0, day.withDriving(road));
        days.set(count - 1, day.withDriving(road));
        return days;
    }

    /// The user's own first, then those that ship.
    public static List<Outing> all(Design d) {
        List<Outing> all = new ArrayList<>(d.outings());
        all.add(usual(d));
        all.add(hard(d));
        all.add(hot(d));
        return all;
    }
}
