package lectulum.kernel.upkeep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.IsoFields;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import lectulum.kernel.towing.Bounce;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Upkeep, tyres, practice, hands and rates against worked examples and against plainer ways to reckon them.
class UpkeepTest {
    private static final LocalDate TODAY = LocalDate.of(2027, 2, 20);

    private static Due.Use km(double left, double daily) {
        return new Due.Use(Due.Limit.DISTANCE, left, daily);
    }

    /// Bearings, 12 months or 15 000 km, last on 10 May 2026 at 4200 km, now at 9850 km and 41 km a day: the time comes first;
    /// by distance alone 9350 km are left, 229 days.
    @Test
    void bearingsAreDueByTimeBeforeByDistance() {
        LocalDate last = LocalDate.of(2026, 5, 10);

        Due due = Due.of(last, OptionalDouble.of(12), TODAY, km(15_000 - (9850 - 4200), 41)).orElseThrow();
        Due far = Due.of(last, OptionalDouble.empty(), TODAY, km(15_000 - (9850 - 4200), 41)).orElseThrow();

        assertThat(due).isEqualTo(new Due(LocalDate.of(2027, 5, 10), Due.Limit.TIME, false));
        assertThat(far).isEqualTo(new Due(LocalDate.of(2027, 10, 7), Due.Limit.DISTANCE, false));
    }

    @Test
    void whatIsUsedUpIsDueTodayAndOver() {
        assertThat(Due.of(TODAY, OptionalDouble.of(12), TODAY, km(0, 0))).contains(
                new Due(TODAY, Due.Limit.DISTANCE, true));
        assertThat(Due.of(TODAY, OptionalDouble.of(12), TODAY, km(-1, 50)).orElseThrow().over()).isTrue();
    }

    @Test
    void withoutUseALimitIsLeftOut() {
        assertThat(Due.of(TODAY, OptionalDouble.empty(), TODAY, km(100, 0))).isEmpty();
        assertThat(Due.of(TODAY, OptionalDouble.empty(), TODAY)).isEmpty();
        assertThat(Due.of(TODAY, OptionalDouble.of(1), TODAY, km(100, 0)).orElseThrow().by())
                .isEqualTo(Due.Limit.TIME);
    }

    /// Six months after the 31st of August is the last of February.
    @Test
    void monthsClipToTheirEnd() {
        assertThat(Due.of(LocalDate.of(2026, 8, 31), OptionalDouble.of(6), TODAY).orElseThrow().day())
                .isEqualTo(LocalDate.of(2027, 2, 28));
        assertThat(Due.of(LocalDate.of(2027, 1, 31), OptionalDouble.of(0.5), TODAY).orElseThrow().day())
                .isEqualTo(LocalDate.of(2027, 2, 15));
    }

    @Test
    void aDayThatIsPastIsOverAndTodayIsNot() {
        assertThat(Due.of(LocalDate.of(2027, 1, 19), OptionalDouble.of(1), TODAY).orElseThrow().over()).isTrue();
        assertThat(Due.of(LocalDate.of(2027, 1, 20), OptionalDouble.of(1), TODAY).orElseThrow().over()).isFalse();
    }

    /// 3821 is the week of 20 September 2021, 5.4182 years before 20 February 2027.
    @Test
    void aTyreCodeIsAWeekAndAYear() {
        LocalDate made = TyreCode.made("3821").orElseThrow();

        assertThat(made).isEqualTo(LocalDate.of(2021, 9, 20));
        assertThat(TyreCode.years(made, TODAY)).isCloseTo(5.4182, within(5e-5));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "38", "0021", "5421", "5321", "38 21", "abcd", "38211", "-821", "٣٨٢١"})
    void whatIsNoWeekIsNoTyreCode(String code) {
        assertThat(TyreCode.made(code)).isEmpty();
    }

    /// Every week of twenty years reads back as itself.
    @Test
    void everyWeekReadsBack() {
        for (LocalDate monday = LocalDate.of(2001, 1, 1); monday.getYear() < 2021; monday = monday.plusWeeks(1)) {
            String code = String.format("%02d%02d", monday.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR),
                    monday.get(IsoFields.WEEK_BASED_YEAR) - 2000);

            assertThat(TyreCode.made(code)).as(code).contains(monday);
            assertThat(monday.getDayOfWeek()).isEqualTo(DayOfWeek.MONDAY);
        }
    }

    /// Camp in 34, 27, 25 and 22 minutes: 33.893 the first time, 0.81096 for each doubling, 20.836 the next time.
    @Test
    void practiceMakesSetupShorter() {
        Practice p = Practice.of(List.of(34.0, 27.0, 25.0, 22.0)).orElseThrow();

        assertThat(p.first()).isCloseTo(33.893, within(5e-4));
        assertThat(p.rate()).isCloseTo(0.81096, within(5e-6));
        assertThat(p.next()).isCloseTo(20.836, within(5e-4));
    }

    @Test
    void aCurveOfItsOwnIsFoundAgain() {
        List<Double> times = new ArrayList<>();
        for (int n = 1; n <= 9; n++) {
            times.add(50 * Math.pow(n, -0.4));
        }

        Practice p = Practice.of(times).orElseThrow();

        assertThat(p.first()).isCloseTo(50, within(1e-9));
        assertThat(p.exponent()).isCloseTo(-0.4, within(1e-12));
        assertThat(p.next()).isCloseTo(50 * Math.pow(10, -0.4), within(1e-9));
    }

    @Test
    void oneTimeOrNonsenseTeachesNothing() {
        assertThat(Practice.of(List.of())).isEmpty();
        assertThat(Practice.of(List.of(30.0))).isEmpty();
        assertThat(Practice.of(List.of(30.0, 0.0, Double.NaN, -4.0))).isEmpty();
    }

    /// 9 L planned, 31 L by two in two days, 58 L by two in three: 8.9375 L.
    @Test
    void aRateLearnsFromTrips() {
        assertThat(Rate.of(9, 31 + 58, 2 * 2 + 2 * 3)).isCloseTo(8.9375, within(1e-12));
        assertThat(Rate.of(9, 0, 0)).isEqualTo(9);
        assertThat(Rate.of(9, 20 * 1e6, 1e6)).as("after very many trips").isCloseTo(20, within(1e-4));
    }

    /// 12 swings until half is left: a damping ratio of 0.0091928.
    @Test
    void dampingByCounting() {
        assertThat(Bounce.damping(12, 0.5).orElseThrow()).isCloseTo(0.0091928, within(5e-8));
        assertThat(Bounce.damping(0, 0.5)).isEmpty();
        assertThat(Bounce.damping(3, 0)).isEmpty();
        assertThat(Bounce.damping(3, 1)).isEmpty();
        assertThat(Bounce.damping(Double.NaN, 0.5)).isEmpty();
    }

    /// A swing of that damping really leaves that part after that many swings.
    @ParameterizedTest
    @CsvSource({"1, 0.2", "4, 0.5", "12, 0.5", "2, 0.9"})
    void theRatioGivesBackWhatWasCounted(double cycles, double left) {
        double z = Bounce.damping(cycles, left).orElseThrow();

        double oneSwing = Math.exp(-z * 2 * Math.PI / Math.sqrt(1 - z * z));
        assertThat(Math.pow(oneSwing, cycles)).isCloseTo(left, within(1e-12));
    }

    private static List<Hands.Step> camp() {
        return List.of(new Hands.Step("level", 6, 1, List.of()), new Hands.Step("jacks", 5, 1, List.of("level")),
                new Hands.Step("awning", 8, 2, List.of("level")), new Hands.Step("water", 4, 1, List.of()),
                new Hands.Step("power", 3, 1, List.of()), new Hands.Step("beds", 7, 1, List.of("jacks")));
    }

    @Test
    void twoSetUpCampInTwentySixMinutes() {
        assertThat(Hands.whole(Hands.of(camp(), 2))).isEqualTo(26);
        assertThat(Hands.whole(Hands.of(camp(), 1))).as("one does all of it").isEqualTo(33);
    }

    @Test
    void stepsInARingAreLeftOutAndTheRestIsDone() {
        List<Hands.Step> ring = List.of(new Hands.Step("a", 1, 1, List.of("b")),
                new Hands.Step("b", 1, 1, List.of("a")), new Hands.Step("c", 2, 1, List.of("gone")));

        assertThat(Hands.of(ring, 2)).extracting(Hands.Turn::id).containsExactly("c");
        assertThat(Hands.of(List.of(), 3)).isEmpty();
    }

    /// Random camps: nobody does two things at once, nothing begins too soon, and the whole is between the bounds of every schedule.
    @Test
    void noHandIsInTwoPlaces() {
        Random random = new Random(7);
        for (int trial = 0; trial < 400; trial++) {
            int people = 1 + random.nextInt(4);
            List<Hands.Step> steps = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(12); i++) {
                List<String> after = new ArrayList<>();
                for (int j = 0; j < i; j++) {
                    if (random.nextInt(4) == 0) {
                        after.add("s" + j);
                    }
                }
                steps.add(new Hands.Step("s" + i, random.nextInt(10), 1 + random.nextInt(3), after));
            }

            List<Hands.Turn> turns = Hands.of(steps, people);

            assertThat(turns).hasSameSizeAs(steps);
            Map<String, Hands.Turn> byId = new HashMap<>();
            turns.forEach(t -> byId.put(t.id(), t));
            double work = 0;
            for (Hands.Step s : steps) {
                Hands.Turn t = byId.get(s.id());
                int wanted = Math.min(people, s.people());
                work += wanted * s.minutes();
                assertThat(t.who()).doesNotHaveDuplicates().hasSize(wanted);
                assertThat(t.to() - t.from()).isCloseTo(s.minutes(), within(1e-9));
                s.after().forEach(a -> assertThat(t.from()).isGreaterThanOrEqualTo(byId.get(a).to() - 1e-9));
            }
            for (int w = 0; w < people; w++) {
                int who = w;
                List<Hands.Turn> own = turns.stream().filter(t -> t.who().contains(who) && t.to() > t.from())
                        .sorted(Comparator.comparingDouble(Hands.Turn::from)).toList();
                for (int i = 1; i < own.size(); i++) {
                    assertThat(own.get(i).from()).isGreaterThanOrEqualTo(own.get(i - 1).to() - 1e-9);
                }
            }
            assertThat(Hands.whole(turns)).isBetween(work / people - 1e-9,
                    steps.stream().mapToDouble(Hands.Step::minutes).sum() + 1e-9);
        }
    }
}
