package lectulum.power;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Season;
import lectulum.design.brief.Travel;
import lectulum.kernel.weather.Band;
import lectulum.kernel.weather.WeatherYear;

/// When in a year somebody is in the camper: the weekends and the long trips of the brief, spread evenly over the seasons
/// travelled. The year begins on a Monday; a weekend is from Friday to Sunday, 17 o'clock each, and so is a trip from its
/// first day to its last.
///
/// On the day it leaves and on the day it comes back it is on the road for some hours, and of its nights some are on a site
/// with a socket, the last of each trip first.
///
/// @param occupied whether somebody is there
/// @param driving  part of the hour on the road
/// @param shore    whether it is plugged in
record YearPlan(boolean[] occupied, double[] driving, boolean[] shore) {
    private static final int ARRIVES = 17;
    private static final int FRIDAY = 4;
    private static final int WEEK = 7;

    /// One entry an hour of the year.
    static YearPlan of(Brief brief, Design design) {
        int hours = 24 * WeatherYear.DAYS;
        YearPlan plan = new YearPlan(new boolean[hours], new double[hours], new boolean[hours]);
        Travel travel = brief.travel();
        double road = Assumed.value(design, Assumption.YEAR_DRIVE) / 3600;
        double plugged = Assumed.value(design, Assumption.YEAR_SHORE);
        List<Integer> days = new ArrayList<>();
        List<Integer> fridays = new ArrayList<>();
        for (int d = 1; d <= WeatherYear.DAYS; d++) {
            if (travelled(brief, Band.month(d) + 1)) {
                days.add(d);
                if ((d - 1) % WEEK == FRIDAY) {
                    fridays.add(d);
                }
            }
        }
        even(fridays, (int) Math.round(travel.weekends())).forEach(d -> plan.stay(d, 2, road, plugged));
        even(days, (int) Math.round(travel.trips()))
                .forEach(d -> plan.stay(d, (int) Math.round(travel.tripNights()), road, plugged));
        return plan;
    }

    private static boolean travelled(Brief brief, int month) {
        List<Season> seasons = brief.travel().seasons();
        return seasons.isEmpty() || seasons.stream()
                .anyMatch(s -> Arrays.stream(s.months(brief.latitude())).anyMatch(m -> m == month));
    }

    private static List<Integer> even(List<Integer> of, int count) {
        List<Integer> some = new ArrayList<>();
        int n = Math.min(count, of.size());
        for (int i = 0; i < n; i++) {
            some.add(of.get((int) ((i + 0.5) * of.size() / n)));
        }
        return some;
    }

    private void stay(int day, int nights, double road, double plugged) {
        int from = 24 * (day - 1) + ARRIVES;
        int to = from + 24 * nights;
        int whole = (int) Math.round(plugged * nights);
        for (int h = from; h < to; h++) {
            int at = h % occupied.length;
            occupied[at] = true;
            shore[at] = h >= to - 24 * whole;
        }
        drive(from - road, from);
        drive(to, to + road);
    }

    /// On the road from one hour to another, parts of hours counted.
    private void drive(double from, double to) {
        for (int h = (int) Math.floor(from); h < to; h++) {
            int at = Math.floorMod(h, driving.length);
            driving[at] = Math.max(driving[at], Math.min(h + 1, to) - Math.max(h, from));
        }
    }
}
