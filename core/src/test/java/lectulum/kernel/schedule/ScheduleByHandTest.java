package lectulum.kernel.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// Plans laid a second way: quarter hour by quarter hour on squared paper, without spans, windows or networks of the program.
class ScheduleByHandTest {
    private static final int QUARTERS = 300 * 96;
    private static final LocalDateTime FROM = LocalDateTime.parse("2027-03-15T00:00");

    private static final Sessions OWN = new Sessions(Map.of(DayOfWeek.TUESDAY, List.of(window("19:00", "21:30")),
            DayOfWeek.SATURDAY, List.of(window("09:00", "12:00"), window("13:00", "17:00")), DayOfWeek.SUNDAY,
            List.of(window("10:00", "14:00"))),
            Map.of(LocalDate.parse("2027-03-27"), List.of(), LocalDate.parse("2027-03-29"),
                    List.of(window("09:00", "17:00"))));
    private static final Sessions HELPER = new Sessions(Map.of(DayOfWeek.SATURDAY, List.of(window("11:00", "15:00"))),
            Map.of(LocalDate.parse("2027-03-27"), List.of()));

    private static Sessions.Window window(String from, String to) {
        return new Sessions.Window(LocalTime.parse(from), LocalTime.parse(to));
    }

    /// Which quarters of an hour somebody is there.
    private static boolean[] there(Sessions s) {
        boolean[] all = new boolean[QUARTERS];
        for (int q = 0; q < QUARTERS; q++) {
            LocalDateTime at = FROM.plusMinutes(15L * q);
            List<Sessions.Window> windows = s.special().getOrDefault(at.toLocalDate(),
                    s.weekly().getOrDefault(at.getDayOfWeek(), List.of()));
            for (Sessions.Window w : windows) {
                all[q] |= !at.toLocalTime().isBefore(w.from()) && at.toLocalTime().isBefore(w.to());
            }
        }
        return all;
    }

    /// Hours until the latest finish that delays nothing, by trying every chain that follows.
    private static double latest(Schedule.Job j, List<Schedule.Job> all, double end) {
        double latest = end;
        for (Schedule.Job next : all) {
            if (next.after().contains(j.id())) {
                latest = Math.min(latest, latest(next, all, end) - next.hours());
            }
        }
        return latest;
    }

    private static double longestTo(Schedule.Job j, List<Schedule.Job> all) {
        return j.hours() + all.stream().filter(b -> j.after().contains(b.id())).mapToDouble(b -> longestTo(b, all))
                .max().orElse(0);
    }

    /// First and last quarter of each, by the rule: of those whose predecessors are laid the one that must be done first.
    private static Map<String, int[]> byHand(List<Schedule.Job> jobs) {
        boolean[] free = there(OWN);
        boolean[] helped = there(HELPER);
        double end = jobs.stream().mapToDouble(j -> longestTo(j, jobs)).max().orElse(0);
        Map<String, int[]> laid = new HashMap<>();
        Set<String> done = new HashSet<>();
        while (done.size() < jobs.size()) {
            Schedule.Job next = null;
            for (Schedule.Job j : jobs) {
                if (!done.contains(j.id()) && done.containsAll(j.after()) && (next == null
                        || latest(j, jobs, end) < latest(next, jobs, end) - 1e-9
                        || Math.abs(latest(j, jobs, end) - latest(next, jobs, end)) < 1e-9
                                && j.id().compareTo(next.id()) < 0)) {
                    next = j;
                }
            }
            Schedule.Job job = next;
            int from = job.after().stream().mapToInt(a -> laid.get(a)[1]).max().orElse(0);
            from = Math.max(from, job.parts().map(p -> (int) (java.time.Duration.between(FROM, p).toMinutes() / 15))
                    .orElse(0));
            laid.put(job.id(), take(job, from, free, helped));
            done.add(job.id());
        }
        return laid;
    }

    /// Quarters are taken one by one; in one go all of them follow one another.
    private static int[] take(Schedule.Job job, int from, boolean[] free, boolean[] helped) {
        int need = (int) Math.round(job.hours() * 4);
        int first = -1;
        int got = 0;
        for (int q = from; q < QUARTERS && got < need; q++) {
            boolean open = free[q] && (!job.two() || helped[q]);
            if (job.session() && got == 0) {
                int run = 0;
                while (run < need && q + run < QUARTERS && free[q + run] && (!job.two() || helped[q + run])) {
                    run++;
                }
                if (run < need) {
                    continue;
                }
            }
            if (open) {
                first = first < 0 ? q : first;
                got++;
                free[q] = false;
                if (got == need) {
                    return new int[]{first, q + 1};
                }
            }
        }
        return new int[]{-1, -1};
    }

    @Test
    void quarterByQuarterItIsTheSamePlan() {
        SplittableRandom random = new SplittableRandom(71);
        for (int n = 0; n < 80; n++) {
            List<Schedule.Job> jobs = new ArrayList<>();
            for (int i = 0; i < 7; i++) {
                List<String> after = new ArrayList<>();
                for (int k = 0; k < i; k++) {
                    if (random.nextInt(4) == 0) {
                        after.add("t" + k);
                    }
                }
                boolean session = random.nextInt(4) == 0;
                boolean two = random.nextInt(5) == 0;
                int most = session ? two ? 8 : 12 : 40;
                jobs.add(new Schedule.Job("t" + i, (1 + random.nextInt(most)) / 4.0, after, Optional.empty(), two,
                        session && !two, random.nextInt(5) == 0
                                ? Optional.of(FROM.plusDays(random.nextInt(12)).plusHours(12))
                                : Optional.empty()));
            }
            Map<String, int[]> hand = byHand(jobs);

            for (Schedule.Laid l : Schedule.of(jobs, FROM, OWN, HELPER, d -> new double[24])) {
                int[] quarters = hand.get(l.job().id());
                assertThat(l.start().orElseThrow()).as("%s of %s", l.job(), jobs)
                        .isEqualTo(FROM.plusMinutes(15L * quarters[0]));
                assertThat(l.end().orElseThrow()).isEqualTo(FROM.plusMinutes(15L * quarters[1]));
            }
        }
    }

    /// The longest path against every path, one by one.
    @Test
    void theLongestPathIsTheLongestOfAll() {
        SplittableRandom random = new SplittableRandom(73);
        for (int n = 0; n < 60; n++) {
            List<Network.Task> tasks = new ArrayList<>();
            for (int i = 0; i < 9; i++) {
                List<String> after = new ArrayList<>();
                for (int k = 0; k < i; k++) {
                    if (random.nextInt(3) == 0) {
                        after.add("t" + k);
                    }
                }
                tasks.add(new Network.Task("t" + i, random.nextInt(30), random.nextInt(3) * 12, after));
            }
            Network net = new Network(tasks);

            assertThat(net.longest(false)).isEqualTo(tasks.stream().mapToDouble(t -> path(t, tasks, false)).max()
                    .orElseThrow());
            assertThat(net.longest(true)).isEqualTo(tasks.stream().mapToDouble(t -> path(t, tasks, true)).max()
                    .orElseThrow());
            assertThat(net.times().values()).allSatisfy(t -> assertThat(t.room()).isGreaterThanOrEqualTo(-1e-9));
            assertThat(net.times().values()).anySatisfy(t -> assertThat(t.room()).isLessThan(1e-9));
        }
    }

    private static double path(Network.Task t, List<Network.Task> all, boolean waits) {
        return t.hours() + (waits ? t.lag() : 0) + all.stream().filter(b -> t.after().contains(b.id()))
                .mapToDouble(b -> path(b, all, waits)).max().orElse(0);
    }
}
