package lectulum.kernel.schedule;

import static java.time.DayOfWeek.SATURDAY;
import static java.time.DayOfWeek.SUNDAY;
import static java.time.DayOfWeek.THURSDAY;
import static java.time.DayOfWeek.TUESDAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import lectulum.kernel.takeoff.Cure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Networks, sessions and chance: worked examples, and what must hold of any plan.
class ScheduleTest {
    private static Sessions.Window window(String from, String to) {
        return new Sessions.Window(LocalTime.parse(from), LocalTime.parse(to));
    }

    private static final Sessions OWN = new Sessions(Map.of(TUESDAY, List.of(window("19:00", "21:30")), THURSDAY,
            List.of(window("19:00", "21:30")), SATURDAY, List.of(window("09:00", "12:00"), window("13:00", "17:00")),
            SUNDAY, List.of(window("10:00", "14:00"))),
            Map.of(LocalDate.parse("2027-03-27"), List.of(),
                    LocalDate.parse("2027-03-28"), List.of(), LocalDate.parse("2027-03-29"),
                    List.of(window("09:00", "17:00"))));
    private static final Sessions HELPER = new Sessions(Map.of(SATURDAY, List.of(window("13:00", "17:00"))), Map.of());

    private static double[] dayAndNight(double day, double night) {
        double[] hours = new double[24];
        for (int h = 0; h < 24; h++) {
            hours[h] = h >= 8 && h < 20 ? day : night;
        }
        return hours;
    }

    private static Schedule.Job job(String id, double hours, String... after) {
        return new Schedule.Job(id, hours, List.of(after), Optional.empty(), false, false, Optional.empty());
    }

    private static Schedule.Laid laid(List<Schedule.Laid> all, String id) {
        return all.stream().filter(l -> l.job().id().equals(id)).findFirst().orElseThrow();
    }

    private static void runs(Schedule.Laid l, String from, String to) {
        assertThat(l.start().orElseThrow()).isEqualTo(LocalDateTime.parse(from));
        assertThat(l.end().orElseThrow()).isEqualTo(LocalDateTime.parse(to));
    }

    /// Evenings and weekends in March, two days off, glue at 14 and 5 °C, a helper on Saturday afternoons.
    @Test
    void fiveTasksInEveningsAndWeekends() {
        List<Schedule.Laid> all = Schedule.of(List.of(job("a", 6),
                new Schedule.Job("b", 9, List.of("a"), Optional.of(new Cure(24, 20, 8)), false, false,
                        Optional.empty()),
                new Schedule.Job("c", 3.5, List.of("b"), Optional.empty(), true, true, Optional.empty()),
                new Schedule.Job("d", 5, List.of(), Optional.empty(), false, false,
                        Optional.of(LocalDateTime.parse("2027-03-22T12:00"))),
                job("e", 8, "c", "d")), LocalDateTime.parse("2027-03-15T00:00"), OWN, HELPER, d -> dayAndNight(14, 5));

        runs(laid(all, "a"), "2027-03-16T19:00", "2027-03-20T10:00");
        runs(laid(all, "b"), "2027-03-20T10:00", "2027-03-21T13:00");
        assertThat(Duration.between(LocalDateTime.parse("2027-03-24T13:22:37"), laid(all, "b").released().orElseThrow())
                .abs()).isLessThan(Duration.ofSeconds(2));
        runs(laid(all, "d"), "2027-03-23T19:00", "2027-03-25T21:30");
        runs(laid(all, "c"), "2027-04-03T13:00", "2027-04-03T16:30");
        runs(laid(all, "e"), "2027-04-03T16:30", "2027-04-08T20:00");
    }

    /// Nothing at two places at once, all hours worked, within sessions, after what must be before.
    @Test
    void everyPlanIsPossible() {
        SplittableRandom random = new SplittableRandom(61);
        for (int n = 0; n < 60; n++) {
            List<Schedule.Job> jobs = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                List<String> after = new ArrayList<>();
                for (int k = 0; k < i; k++) {
                    if (random.nextInt(5) == 0) {
                        after.add("t" + k);
                    }
                }
                boolean session = random.nextInt(4) == 0;
                jobs.add(new Schedule.Job("t" + i, session ? 1 + random.nextDouble(2) : random.nextDouble(12), after,
                        random.nextInt(4) == 0 ? Optional.of(new Cure(10, 20, 5)) : Optional.empty(),
                        random.nextInt(5) == 0, session, Optional.empty()));
            }
            List<Schedule.Laid> all = Schedule.of(jobs, LocalDateTime.parse("2027-03-15T00:00"), OWN, HELPER,
                    d -> dayAndNight(18, 9));

            assertThat(all).hasSize(12);
            List<Sessions.Span> spans = new ArrayList<>();
            for (Schedule.Laid l : all) {
                assertThat(l.spans().stream().mapToDouble(Sessions.Span::hours).sum()).isCloseTo(l.job().hours(),
                        within(1e-5));
                for (Sessions.Span s : l.spans()) {
                    assertThat(OWN.on(s.from().toLocalDate())).anyMatch(w -> !s.from().isBefore(w.from())
                            && !s.to().isAfter(w.to()));
                    assertThat(spans).noneMatch(o -> s.from().isBefore(o.to()) && o.from().isBefore(s.to()));
                    spans.add(s);
                }
                for (String a : l.job().after()) {
                    assertThat(l.start().orElseThrow()).isAfterOrEqualTo(laid(all, a).released().orElseThrow());
                }
                assertThat(!l.job().session() || l.spans().size() == 1).isTrue();
            }
        }
    }

    @Test
    void whatCannotBeIsSaid() {
        LocalDateTime today = LocalDateTime.parse("2027-03-15T00:00");
        Schedule.Job longOne = new Schedule.Job("long", 9, List.of(), Optional.empty(), false, true, Optional.empty());
        Schedule.Job cold = new Schedule.Job("cold", 1, List.of(), Optional.of(new Cure(10, 20, 30)), false, false,
                Optional.empty());

        List<Schedule.Laid> all = Schedule.of(List.of(longOne, cold, job("after", 1, "cold")), today, OWN, HELPER,
                d -> dayAndNight(18, 9));

        assertThat(laid(all, "long").trouble()).isEqualTo(Schedule.Trouble.NO_SESSION);
        assertThat(laid(all, "cold").trouble()).isEqualTo(Schedule.Trouble.NEVER_CURES);
        assertThat(laid(all, "after").trouble()).isEqualTo(Schedule.Trouble.BEFORE_IT);
        assertThat(Schedule.of(List.of(job("x", 1)), today, new Sessions(Map.of(), Map.of()), HELPER,
                d -> dayAndNight(18, 9)).getFirst().trouble()).isEqualTo(Schedule.Trouble.NO_HOURS);
    }

    /// A diamond: the longer side has no room, the other the difference.
    @Test
    void theLongestPath() {
        Network n = new Network(
                List.of(new Network.Task("a", 2, 0, List.of()), new Network.Task("b", 5, 1, List.of("a")),
                        new Network.Task("c", 3, 0, List.of("a")), new Network.Task("d", 1, 0, List.of("b", "c"))));

        assertThat(n.hours()).isEqualTo(11);
        assertThat(n.longest(false)).isEqualTo(8);
        assertThat(n.longest(true)).isEqualTo(9);
        assertThat(n.times().get("c").room()).isEqualTo(3);
        assertThat(n.times().get("b").room()).isZero();
        assertThat(n.loop()).isEmpty();
    }

    @Test
    void aLoopIsNamedAndTheRestIsLaid() {
        Network n = new Network(
                List.of(new Network.Task("a", 2, 0, List.of("c")), new Network.Task("b", 1, 0, List.of()),
                        new Network.Task("c", 3, 0, List.of("a")), new Network.Task("d", 1, 0, List.of("c"))));

        assertThat(n.loop()).hasValueSatisfying(id -> assertThat(id).isIn("a", "c"));
        assertThat(n.times()).containsOnlyKeys("b");
    }

    /// 20 likely 30 up to 75: mean 35.833, deviation 9.4123, and what is drawn agrees.
    @Test
    void durationsByChance() {
        Pert p = new Pert(20, 30, 75);

        assertThat(p.mean()).isCloseTo(35.833, within(0.0005));
        assertThat(p.deviation()).isCloseTo(9.4123, within(0.00005));
    }

    /// Evenly through all chances, wherever the likely lies: mean and deviation of the family, to 5e-5 of the span.
    @ParameterizedTest
    @ValueSource(doubles = {20, 21, 30, 47.5, 60, 74, 75})
    void whatIsDrawnHasTheMeanAndTheDeviationOfTheFamily(double likely) {
        Pert p = new Pert(20, likely, 75);
        Pert.Shape shape = Pert.Shape.of(p.leaning());
        double sum = 0;
        double squares = 0;
        int n = 200_000;
        for (int i = 0; i < n; i++) {
            double x = p.at(shape, (i + 0.5) / n);
            sum += x;
            squares += (x - p.mean()) * (x - p.mean());
        }

        assertThat(sum / n).isCloseTo(p.mean(), within(5e-5 * 55));
        assertThat(Math.sqrt(squares / n)).isCloseTo(p.deviation(), within(5e-5 * 55));
        assertThat(p.at(shape, 0)).isEqualTo(20);
        assertThat(p.at(shape, 1)).isEqualTo(75);
    }

    /// Against two gammas (Marsaglia and Tsang 2000), which give the same family by another way: of 400 000 draws as many lie below each
    /// fifth as the shape says, to 0.3 %.
    @Test
    void aShapeAgreesWithRatiosOfGammas() {
        SplittableRandom random = new SplittableRandom(5);
        Pert p = new Pert(20, 30, 75);
        Pert.Shape shape = Pert.Shape.of(p.leaning());
        double[] drawn = new double[400_000];
        for (int i = 0; i < drawn.length; i++) {
            double x = gamma(1 + 4 * p.leaning(), random);
            drawn[i] = 20 + 55 * x / (x + gamma(5 - 4 * p.leaning(), random));
        }

        for (double part : new double[]{0.02, 0.2, 0.4, 0.6, 0.8, 0.98}) {
            double below = p.at(shape, part);
            assertThat(Arrays.stream(drawn).filter(d -> d < below).count() / (double) drawn.length).isCloseTo(part,
                    within(0.003));
        }
    }

    private static double gamma(double shape, SplittableRandom random) {
        double d = shape - 1.0 / 3;
        double c = 1 / Math.sqrt(9 * d);
        while (true) {
            double z = random.nextGaussian();
            double v = Math.pow(1 + c * z, 3);
            if (v > 0 && Math.log(1 - random.nextDouble()) < z * z / 2 + d - d * v + d * Math.log(v)) {
                return d * v;
            }
        }
    }

    @Test
    void aDurationThatIsSureIsDrawnAsItIs() {
        Pert sure = new Pert(4, 4, 4);

        assertThat(sure.at(Pert.Shape.of(sure.leaning()), 0.7)).isEqualTo(4);
    }
}
