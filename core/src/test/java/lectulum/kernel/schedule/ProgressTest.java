package lectulum.kernel.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// How far it is, how long it may take, what to do next: worked examples and a search of everything.
class ProgressTest {
    /// Metal 16 h done in 21; wood 14 done in 13, half of 24 in 20, a tenth of 60 in 11; electrics not begun. Of a plan of 132 h 48 are
    /// earned by 65: the pace is 0.738, and with factors 1.139, 1.231 and 1 it comes to 164.23 h.
    @Test
    void hoursThatAreLoggedChangeTheForecast() {
        Earned.State s = Earned.of(List.of(new Earned.Part("metal", 16, 1, 21), new Earned.Part("wood", 14, 1, 13),
                new Earned.Part("wood", 24, 0.5, 20), new Earned.Part("wood", 60, 0.1, 11),
                new Earned.Part("electric", 18, 0, 0)), 20);

        assertThat(s.budget()).isEqualTo(132);
        assertThat(s.earned()).isEqualTo(48);
        assertThat(s.spent()).isEqualTo(65);
        assertThat(s.index().orElseThrow()).isCloseTo(0.73846, within(5e-6));
        assertThat(s.naive().orElseThrow()).isCloseTo(178.75, within(5e-3));
        assertThat(s.factors().get("metal")).isCloseTo(1.1389, within(5e-5));
        assertThat(s.factors().get("wood")).isCloseTo(1.2308, within(5e-5));
        assertThat(s.factors().get("electric")).isEqualTo(1);
        assertThat(s.forecast()).isCloseTo(164.23, within(5e-3));
        assertThat(Earned.of(List.of(), 20).index()).isEmpty();
    }

    /// Twelve hours: paint 6 and glue-up 5 in one go and an hour of the carcass are worth 35.
    @Test
    void whatIsBestDoneInTwelveHours() {
        List<Weekend.Offer> offers = List.of(new Weekend.Offer("paint", 6, 3, true),
                new Weekend.Offer("carcass", 11, 2, false), new Weekend.Offer("loom", 5, 1, false),
                new Weekend.Offer("glue-up", 5, 3, true), new Weekend.Offer("window", 3, 2, true));

        assertThat(Weekend.of(offers, 12)).containsExactly(new Weekend.Chosen("paint", 6),
                new Weekend.Chosen("carcass", 1), new Weekend.Chosen("glue-up", 5));
    }

    /// Against every set and every fill in quarter hours.
    @Test
    void noOtherChoiceIsWorthMore() {
        SplittableRandom random = new SplittableRandom(2);
        for (int n = 0; n < 60; n++) {
            List<Weekend.Offer> offers = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                offers.add(new Weekend.Offer("t" + i, 0.25 * (1 + random.nextInt(30)), 1 + random.nextInt(3),
                        random.nextBoolean()));
            }
            double hours = 0.25 * (4 + random.nextInt(40));
            List<Weekend.Chosen> chosen = Weekend.of(offers, hours);

            double value = chosen.stream().mapToDouble(c -> c.hours() * offers.stream()
                    .filter(o -> o.id().equals(c.id())).findFirst().orElseThrow().weight()).sum();
            assertThat(chosen.stream().mapToDouble(Weekend.Chosen::hours).sum()).isLessThanOrEqualTo(hours + 1e-9);
            assertThat(value).isCloseTo(best(offers, hours), within(1e-6));
        }
    }

    /// By the hours that are left, in quarters: a knapsack of whole tasks and of quarters of the others.
    private static double best(List<Weekend.Offer> offers, double hours) {
        int size = (int) Math.round(4 * hours);
        double[] most = new double[size + 1];
        for (Weekend.Offer o : offers) {
            int quarters = (int) Math.round(4 * o.hours());
            int pieces = o.whole() ? 1 : quarters;
            int step = o.whole() ? quarters : 1;
            for (int p = 0; p < pieces; p++) {
                for (int s = size; s >= step; s--) {
                    most[s] = Math.max(most[s], most[s - step] + step * o.weight() / 4);
                }
            }
        }
        return most[size];
    }

    private static Trials.Job job(String id, Pert hours, double lag, String... after) {
        return new Trials.Job(id, hours, lag, List.of(after));
    }

    /// Without a common factor the mean is the sum of the means and the deviation that of independent tasks; the same seed gives the
    /// same.
    @Test
    void aSumByChance() {
        List<Pert> tasks = List.of(new Pert(8, 12, 24), new Pert(20, 30, 75), new Pert(6, 8, 15), new Pert(14, 18, 30));
        List<Trials.Job> jobs = tasks.stream().map(p -> job("t" + tasks.indexOf(p), p, 0)).toList();
        Chance c = Trials.of(jobs, 0, 40_000, 7).sum();
        double mean = c.mean();

        assertThat(mean).isCloseTo(tasks.stream().mapToDouble(Pert::mean).sum(), within(0.2));
        double variance = tasks.stream().mapToDouble(p -> p.deviation() * p.deviation()).sum();
        assertThat(c.sorted().stream().mapToDouble(x -> (x - mean) * (x - mean)).average().orElse(0))
                .isCloseTo(variance, within(0.03 * variance));
        assertThat(c.under(0.5)).isLessThan(c.under(0.8));
        assertThat(Trials.of(jobs, 0.15, 1000, 3)).isEqualTo(Trials.of(jobs, 0.15, 1000, 3));
        assertThat(new Chance(List.of()).under(0.5)).isZero();
        assertThat(Trials.of(List.of(), 0.15, 100, 1).path().mean()).isZero();
    }

    /// Two paths of two tasks each and one that waits for both. The longer path by its likely values comes to 58.0 h; the true mean of
    /// the longer one, by numeric convolution, is 59.816, its deviation 8.5421, and it stays under 58.372, 66.616 and 71.915 with a half,
    /// eight and nine in ten.
    @Test
    void pathsBesideOneAnotherTakeLongerThanTheLongerOne() {
        Trials t = Trials.of(List.of(job("a", new Pert(8, 12, 24), 0), job("b", new Pert(20, 30, 75), 0, "a"),
                job("c", new Pert(14, 18, 30), 0), job("d", new Pert(16, 22, 38), 0, "c"),
                job("e", new Pert(6, 8, 15), 0, "b", "d")), 0, 10_000, 5);
        Chance path = t.path();

        assertThat(new Pert(8, 12, 24).mean() + new Pert(20, 30, 75).mean() + new Pert(6, 8, 15).mean())
                .isCloseTo(58.0, within(1e-9));
        assertThat(path.mean()).isCloseTo(59.816, within(0.015 * 59.816));
        double mean = path.mean();
        assertThat(Math.sqrt(path.sorted().stream().mapToDouble(x -> (x - mean) * (x - mean)).average().orElse(0)))
                .isCloseTo(8.5421, within(0.015 * 8.5421));
        assertThat(path.under(0.5)).isCloseTo(58.372, within(0.015 * 58.372));
        assertThat(path.under(0.8)).isCloseTo(66.616, within(0.015 * 66.616));
        assertThat(path.under(0.9)).isCloseTo(71.915, within(0.015 * 71.915));
        assertThat(t.critical().get("e")).as("it is on every path").isEqualTo(1);
        assertThat(t.critical().get("a")).isEqualTo(t.critical().get("b"));
        assertThat(t.critical().get("a") + t.critical().get("c")).as("one of the two is the longer").isEqualTo(1);
    }

    /// With hours that are sure, critical are those that have no room in the network, waits in it.
    @Test
    void sureHoursAreCriticalWhereTheyHaveNoRoom() {
        SplittableRandom random = new SplittableRandom(9);
        for (int n = 0; n < 40; n++) {
            List<Network.Task> tasks = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                List<String> after = new ArrayList<>();
                for (int b = 0; b < i; b++) {
                    if (random.nextInt(4) == 0) {
                        after.add("t" + b);
                    }
                }
                tasks.add(new Network.Task("t" + i, random.nextInt(9), random.nextInt(3) * 5, after));
            }
            Network net = new Network(tasks);
            Trials t = Trials.of(tasks.stream().map(x -> new Trials.Job(x.id(), new Pert(x.hours(), x.hours(),
                    x.hours()), x.lag(), x.after())).toList(), 0, 3, n);

            assertThat(t.path().mean()).isCloseTo(net.longest(false), within(1e-9));
            assertThat(t.sum().mean()).isCloseTo(net.hours(), within(1e-9));
            net.times().forEach((id, times) -> assertThat(t.critical().get(id)).as(id)
                    .isEqualTo(times.room() < 1e-9 ? 1.0 : 0.0));
        }
    }

    /// What waits for itself, and what waits for that, is in no path; its hours are worked all the same.
    @Test
    void aLoopIsInNoPath() {
        Trials t = Trials.of(List.of(job("a", new Pert(4, 4, 4), 0, "b"), job("b", new Pert(3, 3, 3), 0, "a"),
                job("c", new Pert(2, 2, 2), 0, "a"), job("d", new Pert(1, 1, 1), 0, "nobody")), 0, 10, 1);

        assertThat(t.path().mean()).isEqualTo(1);
        assertThat(t.sum().mean()).isEqualTo(10);
        assertThat(t.critical()).containsEntry("d", 1.0).containsEntry("a", 0.0).containsEntry("c", 0.0);
    }
}
