package lectulum.power;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.assumed.Assumption;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.Season;
import lectulum.design.thing.Battery;
import lectulum.design.thing.DayStrip;
import lectulum.design.thing.Load;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.power.wiring.Wired;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;
import lectulum.weather.Weather;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RehearsalTest {
    private static final Design NIGHTJAR = Campers.demo("nightjar").orElseThrow().design();

    private static double value(Design d, String id) {
        return Analysis.of(d).figures().find(id).flatMap(f -> f.value().stream().boxed().findFirst()).orElseThrow();
    }

    @Nested
    class Strips {
        @ParameterizedTest
        @CsvSource({"7-9 20-24, 7-9 20-24, 6", "22-2, 22-2, 4", "13, 13-14, 1", "0-24, '', 24", "'', '', 24",
                "9-7, 9-7, 22", "'7-9,20-24', 7-9 20-24, 6", "23, 23-24, 1", "8–10, 8-10, 2"})
        void areReadAndWritten(String typed, String words, int count) {
            DayStrip strip = DayStrip.parse(typed);

            assertThat(strip.words()).isEqualTo(words);
            assertThat(strip.count()).isEqualTo(count);
            assertThat(DayStrip.parse(strip.words())).isEqualTo(strip);
        }

        /// All of 2^24 would take long; every bit by itself, and a few hundred by chance.
        @Test
        void comeBackFromTheirWords() {
            java.util.SplittableRandom chance = new java.util.SplittableRandom(4);
            IntStream
                    .concat(IntStream.range(0, 24).map(i -> 1 << i), IntStream.range(0, 400).map(i -> chance.nextInt()))
                    .mapToObj(DayStrip::new)
                    .forEach(s -> assertThat(DayStrip.parse(s.words())).as(s.words()).isEqualTo(s));
        }

        @ParameterizedTest
        @ValueSource(strings = {"noon", "25", "7-30", "1-2-3", "-3", "24-25", "7..9"})
        void refuseNonsense(String typed) {
            assertThatThrownBy(() -> DayStrip.parse(typed)).isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("hour");
        }

        @Test
        void keepTheLastHourPainted() {
            DayStrip one = DayStrip.parse("5");

            assertThat(one.with(5, false)).isEqualTo(one);
            assertThat(one.with(6, true).words()).isEqualTo("5-7");
        }
    }

    @Nested
    class Loads {
        private final Load lamp = new Load(20, 3 * 3600, Load.Feed.BATTERY);

        @Test
        void takeTheSameInADayWhateverTheirHours() {
            Load painted = lamp.with(DayStrip.parse("18-24"));
            double sum = IntStream.range(0, 24).mapToDouble(painted::part).sum();

            assertThat(sum).isCloseTo(3, within(1e-12));
            assertThat(painted.part(17)).isZero();
            assertThat(painted.part(20)).isCloseTo(0.5, within(1e-12));
        }

        @Test
        void thatRunAllOfTheirHoursStillDo() {
            Load full = lamp.with(DayStrip.parse("20-23"));

            assertThat(full.dailyRunning()).isEqualTo(3 * 3600);
            assertThat(full.with(DayStrip.parse("20-24")).dailyRunning()).isEqualTo(4 * 3600);
            assertThat(lamp.with(DayStrip.parse("20-22")).dailyRunning()).as("no longer than its hours")
                    .isEqualTo(2 * 3600);
            assertThat(full.withDailyRunning(8 * 3600).hours()).as("too long for its hours").isEmpty();
        }

        @Test
        void withUnreadableHoursRunAtAnyAndAreTold() {
            Load odd = new Load(20, 3600, Load.Feed.BATTERY, "evening", Load.When.CAMP, 0);
            Design d = box(new Thing[0])
                    .plus(NIGHTJAR.things().stream().filter(t -> t.battery().isPresent()).findFirst()
                            .orElseThrow())
                    .plus(NIGHTJAR.things().getFirst().withId("odd").with(odd));

            assertThat(odd.strip()).isEqualTo(DayStrip.ANY);
            assertThat(Analysis.of(d).findings()).anyMatch(f -> f.id().equals("power.hours.odd"));
        }

        @Test
        void thatRunAllDayRunInStorageToo() {
            assertThat(new Load(1, 86_400, Load.Feed.BATTERY).always()).isTrue();
            assertThat(lamp.always()).isFalse();
            assertThat(lamp.with(Load.When.ALWAYS).always()).isTrue();
            assertThat(new Load(1, 86_400, Load.Feed.BATTERY).with(Load.When.CAMP).always()).isFalse();
        }
    }

    @Nested
    class Years {
        @Test
        void holdTheNightsOfTheBrief() {
            boolean[] here = YearPlan.of(NIGHTJAR.brief(), NIGHTJAR).occupied();
            int hours = 0;
            for (boolean h : here) {
                hours += h ? 1 : 0;
            }

            assertThat(hours).as("fourteen weekends of two nights and two trips of nine, some of them meeting")
                    .isBetween(24 * 36, 24 * (14 * 2 + 2 * 9));
        }

        @Test
        void areTravelledInTheirSeasons() {
            Design winter = NIGHTJAR.with(NIGHTJAR.brief()
                    .withTravel(NIGHTJAR.brief().travel().withSeasons(List.of(Season.WINTER)).withTrips(0)));
            boolean[] here = YearPlan.of(winter.brief(), NIGHTJAR).occupied();

            for (int d = 70; d < 320; d++) {
                assertThat(here[24 * d + 12]).as("day " + d).isFalse();
            }
            boolean[] south = YearPlan.of(winter.brief().withLatitude(-40), NIGHTJAR).occupied();
            assertThat(IntStream.range(24 * 152, 24 * 240).anyMatch(h -> south[h])).isTrue();
        }

        /// What is had comes from the sun, the vehicle, the mains and what the bank held at first; some is lost on the way.
        @Test
        void whatIsUsedComesFromSomewhere() {
            Design d = NIGHTJAR.with(NIGHTJAR.settings().with(Assumption.YEAR_SHORE.id(), 0.3));
            Figures f = Analysis.of(d).figures();
            double bank = Plant.of(d).bank().orElseThrow().energy() * 3600;

            assertThat(f.value("power.year.driving")).isPositive();
            double given = f.value("power.year.sun") + f.value("power.year.driving")
                    + (f.find("power.year.shore").isPresent() ? f.value("power.year.shore") : 0);
            assertThat(f.value("power.year.use") - f.value("power.year.unmet")).isLessThan(given + bank);
            assertThat(f.value("power.year.use") - f.value("power.year.unmet")).isGreaterThan(0.5 * given);
        }

        /// The last point of the curve; never below the lowest.
        /// 100 W while driving, on every hour of the road in a year and on no other.
        @Test
        void whatRunsWhileDrivingRunsOnTheRoadOnly() {
            Thing camera = thing("camera", 1, 1, 0)
                    .with(new Load(100, 24 * 3600, Load.Feed.BATTERY).with(Load.When.DRIVING));
            Design d = box(thing("cells", 12, 0.5, 0.5).with(new Battery(1280 * 3600,
                    Battery.Chemistry.LITHIUM_IRON)), camera);
            double road = 0;
            for (double h : YearPlan.of(d.brief(), d).driving()) {
                road += h;
            }

            assertThat(road).isPositive();
            assertThat(value(d, "power.year.use")).isEqualTo(100 * road * 3600, within(1.0));
        }

        @Test
        void theTripEndsWhereTheCurveEnds() {
            Study trip = Analysis.of(NIGHTJAR).of(OffGridStudies.DISCIPLINE).all().getFirst();
            double[] curve = trip.charts().getFirst().curves().getFirst().y();

            assertThat(value(NIGHTJAR, "power.trip.end")).isEqualTo(curve[curve.length - 1], within(1e-9))
                    .isGreaterThanOrEqualTo(value(NIGHTJAR, "power.trip.least"));
        }

        @Test
        void aSecondBatteryEmptiesLessAndASecondSeedIsAnotherYear() {
            Thing cells = NIGHTJAR.things().stream().filter(t -> t.battery().isPresent()).findFirst().orElseThrow();
            Design more = NIGHTJAR.plus(cells.withId("more"));
            Design other = NIGHTJAR.with(NIGHTJAR.settings().with(Assumption.WEATHER_SEED.id(), 2));

            assertThat(value(more, "power.year.empty")).isLessThan(value(NIGHTJAR, "power.year.empty"));
            assertThat(value(other, "power.year.sun")).isNotEqualTo(value(NIGHTJAR, "power.year.sun"));
        }

        /// 200 Wh a day on 480 Wh usable: a weekend goes, two weeks do not; panels or cells do it.
        @Test
        void whatWouldLastIsOffered() {
            Design d = box(thing("lamp", 1, 1, 0).with(new Load(20, 10 * 3600, Load.Feed.BATTERY)),
                    thing("cells", 8, 1, 0.3).with(new Battery(600 * 3600, Battery.Chemistry.LITHIUM_IRON)));
            Analysis a = Analysis.of(d);
            Finding finding = a.findings().stream().filter(f -> f.id().equals("power.year")).findFirst().orElseThrow();

            List<Remedy> remedies = Remedies.of(a, finding);

            assertThat(remedies).isNotEmpty();
            for (Remedy r : remedies) {
                assertThat(value(r.edit().apply(d), "power.year.empty")).as(r.says().text(Style.PLAIN)).isZero();
            }
        }

        @Test
        void aCamperWithoutBatteryOrLoadsIsToldSo() {
            for (Design d : List.of(box(new Thing[0]), NIGHTJAR.withThings(NIGHTJAR.things().stream()
                    .filter(t -> t.battery().isEmpty()).toList()))) {
                Analysis a = Analysis.of(d);
                assertThat(a.of(YearStudies.DISCIPLINE).all()).singleElement()
                        .satisfies(s -> assertThat(s.notes().getFirst().text(Style.PLAIN)).contains("no battery"));
                assertThat(a.of(OffGridStudies.DISCIPLINE).all().getFirst().notes()).isNotEmpty();
                assertThat(a.of(RunningStudies.DISCIPLINE).all().getFirst().notes()).isNotEmpty();
            }
        }
    }

    @Nested
    class Trips {
        /// The battery alone: usable/day, by the hour and by the day, within what hours and self-discharge make of it.
        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void byTheHourAgreeWithTheDays(String demo) {
            Design d = Campers.demo(demo).orElseThrow().design();
            double dark = value(d, "power.nightsDark");

            assertThat(value(d, "power.trip.dark")).isBetween(0.75 * dark - 0.6, 1.1 * dark + 0.6);
        }

        /// The tally and the page reckon otherwise: the page says both, and why.
        @Test
        void whereItIsNotWhatTheTallySaysBothAreNamed() {
            String off = Units.text(value(NIGHTJAR, "power.nights"), Quantity.NIGHTS, Style.PLAIN);
            String hours = Units.text(value(NIGHTJAR, "power.trip.nights"), Quantity.NIGHTS, Style.PLAIN);

            assertThat(off).isNotEqualTo(hours);
            assertThat(Analysis.of(NIGHTJAR).of(OffGridStudies.DISCIPLINE).all().getFirst().notes())
                    .anySatisfy(n -> assertThat(n.text(Style.PLAIN)).contains(off, hours));
        }

        @Test
        void twoKindsOfBatteryInOneBankAreAFault() {
            Thing cells = NIGHTJAR.things().stream().filter(t -> t.battery().isPresent()).findFirst().orElseThrow();
            Design two = NIGHTJAR.plus(cells.withId("lead").with(new Battery(3.6e6, Battery.Chemistry.AGM)));

            assertThat(Analysis.of(two).findings()).anyMatch(f -> f.id().equals("power.mixed"));
            assertThat(Analysis.of(NIGHTJAR).findings()).noneMatch(f -> f.id().equals("power.mixed"));
        }

        @Test
        void figuresShowTheirWorking() {
            for (Figure f : Analysis.of(NIGHTJAR).of(OffGridStudies.DISCIPLINE).figures().all()) {
                assertThat(f.working().formula()).as(f.id()).isNotBlank();
                assertThat(f.working().source()).as(f.id()).isNotBlank();
            }
        }
    }

    @Nested
    class CanIRunIt {
        private String said(Design d) {
            return Analysis.of(d).of(RunningStudies.DISCIPLINE).all().getFirst().notes().getFirst().text(Style.PLAIN)
                    .replaceAll("[\u00a0\u202f\u2009]", " ");
        }

        private Design asked(double watts, double hours, double inverter) {
            return NIGHTJAR.with(NIGHTJAR.settings().with(Assumption.RUN_WATTS.id(), watts)
                    .with(Assumption.RUN_HOURS.id(), hours * 3600).with(Assumption.RUN_INVERTER.id(), inverter));
        }

        @Test
        void isAnsweredWithNumbers() {
            assertThat(said(asked(1500, 0.2, 2000))).startsWith("yes from a full battery");
            assertThat(said(asked(1500, 5, 2000))).startsWith("not for so long").contains("panels");
            assertThat(said(asked(5000, 0.1, 8000))).startsWith("no: it draws");
            assertThat(said(asked(1500, 0.2, 0))).as("on the inverter that is aboard")
                    .startsWith("no: the inverter gives").contains("300 W");
            assertThat(said(asked(1500, 0.2, 1000))).startsWith("no: the inverter gives").contains("1 000 W");
        }

        @Test
        void noQuestionBreaksIt() {
            for (double watts : new double[]{1, 6000}) {
                for (double hours : new double[]{1 / 60.0, 24}) {
                    assertThat(said(asked(watts, hours, 0))).isNotBlank().doesNotContain("NaN").doesNotContain("Inf");
                }
            }
        }
    }

    @Nested
    class OnTheMap {
        private final CapabilityMap map = CapabilityMap.of(NIGHTJAR,
                Weather.of(new Weather.Place(NIGHTJAR.brief().climate(), NIGHTJAR.brief().latitude(), 1)),
                RoadCharge.of(NIGHTJAR, Wired.of(NIGHTJAR)), () -> false,
                part -> {
                });

        @Test
        void thePresentPointIsTheYearThatIsShown() {
            CapabilityMap.Cell now = map.cells().stream().filter(CapabilityMap.Cell::now).findFirst().orElseThrow();

            assertThat(now.empty() * 3600.0).isEqualTo(value(NIGHTJAR, "power.year.empty"));
        }

        @Test
        void morePanelNeverEmptiesMore() {
            int columns = map.panels().size();
            assertThat(map.cells()).hasSize(columns * map.stores().size());
            for (int i = 1; i < map.cells().size(); i++) {
                if (i % columns > 0) {
                    assertThat(map.cells().get(i).empty()).as(map.cells().get(i).toString())
                            .isLessThanOrEqualTo(map.cells().get(i - 1).empty());
                }
            }
        }

        @Test
        void theBestIsNeverEmptyAndNoOtherIsCheaperOrLighter() {
            List<CapabilityMap.Cell> enough = map.cells().stream().filter(c -> c.empty() == 0).toList();

            assertThat(enough).isNotEmpty();
            assertThat(enough).allMatch(c -> c.money() >= map.cheapest().orElseThrow().money());
            assertThat(enough).allMatch(c -> c.mass() >= map.lightest().orElseThrow().mass());
        }

        @Test
        void itStopsAndHasAMapWithoutBatteryOrPanels() {
            Weather weather = Weather.of(new Weather.Place(NIGHTJAR.brief().climate(), 44, 1));
            int[] asked = {0};

            CapabilityMap some = CapabilityMap.of(NIGHTJAR, weather, RoadCharge.NONE, () -> ++asked[0] > 20, p -> {
            });
            CapabilityMap none = CapabilityMap.of(box(), weather, RoadCharge.NONE, () -> false, p -> {
            });

            assertThat(some.cells().size()).isLessThan(map.cells().size());
            assertThat(none.cells()).isNotEmpty().allMatch(c -> c.empty() == 0);
        }
    }
}
