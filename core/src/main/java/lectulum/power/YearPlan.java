package lectulum.power;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Season;
import lectulum.design.brief.Travel;
import lectulum.kernel.weather.Band;
import lectulum.kernel.weather.WeatherYear;

/// When in a year somebody is in the camper: the weekends and the long trips of the brief, spread evenly over the seasons
/// travelled. The year begins on a Monday; a weekend is from Friday to Sunday, 17 o'clock each, and so is a trip from its
/// first day to its last.
final class YearPlan {
    private static final int ARRIVES = 17;
    private static final int FRIDAY = 4;
    private static final int WEEK = 7;

    private YearPlan() {
    }

    /// One entry an hour of the year.
    static boolean[] occupied(Brief brief) {
        boolean[] here = new boolean[24 * WeatherYear.DAYS];
        Travel travel = brief.travel();
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
        even(fridays, (int) Math.round(travel.weekends())).forEach(d -> stay(here, d, 2));
        even(days, (int) Math.round(travel.trips())).forEach(d -> stay(here, d, (int) Math.round(travel.tripNights())));
        return here;
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

    private static void stay(boolean[] here, int day, int nights) {
        int from = 24 * (day - 1) + ARRIVES;
        for (int h = from; h < from + 24 * nights; h++) {
            here[h % here.length] = true;
        }
    }
}
