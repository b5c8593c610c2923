package lectulum.trip;

import static lectulum.Samples.box;
import static lectulum.Samples.tank;
import static lectulum.Samples.thing;
import static lectulum.Told.everyRemedyMends;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import lectulum.units.Units;
import lectulum.units.Quantity;
import lectulum.kernel.stores.Stores;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.analysis.Analysis;
import lectulum.analysis.Disciplines;
import lectulum.analysis.Remedies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.design.envelope.Envelope;
import lectulum.design.feature.Aired;
import lectulum.design.outing.Outing;
import lectulum.design.outing.OutingDay;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Load;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.units.Style;
import lectulum.water.WaterUse;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The trip rehearsal: it says what each discipline says, nothing is lost on the way, and nothing that is planned breaks it.
class RehearsalTest {
    private static final double DAY = 24.0;

    private static Rehearsal usual(Analysis a) {
        return a.of(Rehearsals.DISCIPLINE).usual().orElseThrow();
    }

    private static Rehearsal first(Design d) {
        return Analysis.of(d).of(Rehearsals.DISCIPLINE).all().getFirst();
    }

    private static double stop(Rehearsal r, TripRules what) {
        return r.stops().stream().filter(s -> s.what() == what).findFirst().map(Rehearsal.Stop::day).orElse(Double.NaN);
    }

    private static Design days(Design d, OutingDay... days) {
        return d.withOutings(List.of(new Outing("trip-1", "Test", List.of(days))));
    }

    private static Thing heater(double most) {
        return thing("heater", 5, 0.5, 0).with(new Aired.RoomHeater(Aired.Energy.DIESEL, 500, most, 0.8, true));
    }

    private static Design camper() {
        return box(tank("fresh", Tank.Use.FRESH, 40, 1), tank("grey", Tank.Use.GREY, 15, 2), heater(3000),
                tank("diesel", Tank.Use.DIESEL, 20, 2.5),
                thing("cells", 20, 0.5, 0.5).with(new Battery(100 * 12.8 * 3600, Battery.Chemistry.LITHIUM_IRON)),
                thing("lamp", 1, 1, 0).with(new Load(20, 36_000, Load.Feed.BATTERY)))
                .with(Envelope.usual(CamperType.CARGO));
    }

    @Nested
    class SaysWhatTheOthersSay {
        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void ofTheBattery(String demo) {
            Analysis a = Analysis.of(Campers.demo(demo).orElseThrow().design());
            double least = usual(a).hours().stream().mapToDouble(Rehearsal.Hour::charge).min().orElseThrow();

            assertThat(least).isCloseTo(a.figures().value("power.trip.least"), within(1e-12));
        }

        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void ofTheTanks(String demo) {
            Analysis a = Analysis.of(Campers.demo(demo).orElseThrow().design());
            Rehearsal r = usual(a);
            int length = r.outing().days().size();

            double fresh = a.figures().value("water.fresh.days");
            same(stop(r, TripRules.FRESH), fresh, length);
            for (String other : List.of("grey", "waste")) {
                double days = a.figures().value("water." + other + ".days");
                if (days <= fresh) {
                    same(stop(r, other.equals("grey") ? TripRules.GREY : TripRules.BLACK), days, length);
                }
            }
        }

        private void same(double stop, double days, int length) {
            if (days < length - 1) {
                assertThat(stop).isCloseTo(days, within(1e-9));
            } else {
                assertThat(stop).isNaN();
            }
        }

        /// Mass when it is home again, and the tongue on the way, as Balance has them.
        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void ofTheLoads(String demo) {
            Design d = Campers.demo(demo).orElseThrow().design();
            Analysis a = Analysis.of(d);
            int nights = (int) d.brief().nights();
            Rehearsal r = usual(a);

            assertThat(r.hours().get(24 * nights - 1).mass()).isCloseTo(a.figures().value("trip.home"), within(1e-6));
            for (int day = 1; day <= nights; day++) {
                Rehearsal.Hour h = r.hours().get(24 * day - 1);
                assertThat(h.tongue() / h.mass()).isBetween(a.figures().value("trip.least") - 1e-9,
                        a.figures().value("trip.most") + 1e-9);
            }
        }

        @Test
        void ofTheGas() {
            Analysis a = Analysis.of(Campers.demo("nightjar").orElseThrow().design());
            Rehearsal r = usual(a);
            double daily = a.figures().value("gas.day.gas");

            assertThat(r.hours().get(23).gas()).isCloseTo(5 - daily, within(1e-9));
            assertThat(r.heat() / 0.8 / 35.95e9 / r.heated())
                    .isCloseTo(a.figures().value("gas.day.diesel"), within(1e-9));
        }
    }

    @Nested
    class LosesNothing {
        @Test
        void waterThatIsDrawnIsWaterThatIsMissed() {
            Design d = camper();
            Rehearsal r = usual(Analysis.of(d));
            WaterUse u = WaterUse.of(d);
            double before = 0.92 * 0.040;
            for (Rehearsal.Hour h : r.hours()) {
                assertThat(before - h.fresh()).isCloseTo(Math.min(before, u.fresh() / DAY), within(1e-12));
                before = h.fresh();
            }
        }

        @Test
        void heatIsFuelTimesWhatItGives() {
            Rehearsal r = first(days(camper(), Collections.nCopies(3, OutingDay.USUAL.withWarmer(-25))
                    .toArray(OutingDay[]::new)));
            double fuel = 0.020 - r.hours().getLast().fuel();

            assertThat(r.heat()).isPositive();
            assertThat(fuel * 0.8 * 35.95e9).isCloseTo(r.heat(), within(1.0));
            assertThat(r.burnt()).isCloseTo(fuel, within(1e-12));
        }

        /// Over whole days ice melts as Cooling says, and what is eaten is what the brief's nights share.
        @Test
        void iceMeltsAsCoolingSays() {
            Design d = camper().plus(thing("box", 8, 1, -0.4).with(new Size(0.6, 0.4, 0.4))
                    .with(new Aired.ColdStore(0.45, 3, 8, 12)));
            Analysis a = Analysis.of(d);
            Rehearsal r = usual(a);
            double days = a.figures().value("cold.box.days");

            assertThat(days).isBetween(1.0, 60.0);
            for (int day = 1; day <= r.hours().size() / 24 && day < days; day++) {
                assertThat(r.hours().get(24 * day - 1).ice()).isCloseTo(12 * (1 - day / days), within(1e-9));
            }
        }

        @Test
        void iceThatIsGoneIsNamedAndBoughtAgain() {
            Design d = camper().plus(thing("box", 8, 1, -0.4).with(new Size(0.6, 0.4, 0.4))
                    .with(new Aired.ColdStore(0.45, 3, 8, 3)));
            OutingDay[] week = Collections.nCopies(7, OutingDay.USUAL.withWarmer(10)).toArray(OutingDay[]::new);
            Rehearsal gone = first(days(d, week));
            double stop = stop(gone, TripRules.ICE);
            week[1] = week[1].withFills(true);
            Rehearsal bought = first(days(d, week));

            assertThat(stop).isGreaterThan(0);
            assertThat(gone.hours().get((int) Math.ceil(stop * 24)).ice()).isZero();
            assertThat(bought.hours().get(24).ice()).isGreaterThan(gone.hours().get(24).ice());
        }

        @Test
        void foodLastsTheNightsOfTheBriefAndNoLonger() {
            Design d = Campers.demo("nightjar").orElseThrow().design();
            double nights = d.brief().nights();
            Rehearsal r = first(days(d, Collections.nCopies((int) nights + 4, OutingDay.USUAL)
                    .toArray(OutingDay[]::new)));
            double full = r.hours().getFirst().food() / (1 - 1 / (24 * nights));

            assertThat(r.hours().get((int) (12 * nights) - 1).food()).isCloseTo(full / 2, within(1e-9));
            assertThat(r.hours().getLast().food()).isZero();
            assertThat(stop(r, TripRules.FOOD)).isCloseTo(nights, within(0.05));
        }

        /// Vapour that comes in and is breathed goes out or onto panes: air inside is never drier than air outside made warm.
        @Test
        void dampIsNeverLessThanThatOfOutside() {
            Design d = Campers.demo("nightjar").orElseThrow().design();
            for (Rehearsal r : Analysis.of(d).of(Rehearsals.DISCIPLINE).all()) {
                for (Rehearsal.Hour h : r.hours()) {
                    double out = 0.85 * lectulum.kernel.air.Vapour.saturated(Math.min(h.outside(), h.inside()))
                            / (273.15 + h.outside());
                    double in = h.humid() * lectulum.kernel.air.Vapour.saturated(h.inside()) / (273.15 + h.inside());
                    assertThat(h.humid()).isBetween(0.0, 1.0);
                    if (h.humid() < 1 - 1e-9) {
                        assertThat(in).isGreaterThan(0.98 * out);
                    }
                }
            }
        }

        /// What is shown in the tanks of the picture adds up to what the hour says.
        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void thePictureHoldsWhatTheHourHolds(String demo) {
            Design d = Campers.demo(demo).orElseThrow().design();
            Rehearsal r = usual(Analysis.of(d));
            for (int h = 0; h < r.hours().size(); h += 5) {
                List<Rehearsal.Filled> all = r.filled(d, h);
                Rehearsal.Hour hour = r.hours().get(h);
                assertThat(all).allMatch(f -> f.part() >= 0 && f.part() <= 1);
                assertThat(all.stream().filter(f -> f.thing().tank().filter(k -> k.use() == Tank.Use.FRESH).isPresent())
                        .mapToDouble(f -> f.in().value()).sum()).isCloseTo(hour.fresh(), within(1e-12));
            }
        }

        @Test
        void theCamperIsOnTheRoadInCampAndAtNightInTurn() {
            Rehearsal r = first(days(camper(), OutingDay.USUAL.withDriving(3 * 3600), OutingDay.USUAL));

            assertThat(java.util.stream.IntStream.range(0, 24).mapToObj(r::mode).map(m -> m.name().charAt(0))
                    .map(String::valueOf).collect(java.util.stream.Collectors.joining()))
                    .isEqualTo("NNNNNNNCCRRRCCCCCCCCCCNN");
            assertThat(r.mode(24 + 10)).isEqualTo(lectulum.design.Mode.CAMP);
        }

        @Test
        void everyLevelStaysInItsStore() {
            Rehearsal r = first(days(camper(), Collections.nCopies(20, OutingDay.USUAL.withUse(2))
                    .toArray(OutingDay[]::new)));
            assertThat(r.hours()).allMatch(h -> h.fresh() >= 0 && h.grey() <= 0.015 + 1e-12 && h.charge() >= 0
                    && h.charge() <= 1 && h.fuel() >= 0);
            assertThat(r.hours()).hasSize(480);
        }
    }

    /// Day by day by another way: a store that changes by whole days breaches when, and ends where, the hours say.
    @Nested
    class GoesAsByWholeDays {
        private final Design d = camper();
        private final WaterUse use = WaterUse.of(d);
        private final double full = 0.92 * 0.040;

        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
        void ofFreshWater(long seed) {
            SplittableRandom chance = new SplittableRandom(seed);
            List<OutingDay> days = new ArrayList<>();
            List<Double> times = new ArrayList<>();
            List<Stores.Event> fills = new ArrayList<>();
            for (int i = 0; i < 9; i++) {
                double k = 0.3 + 1.5 * chance.nextDouble();
                boolean fill = i > 0 && chance.nextInt(4) == 0;
                days.add(OutingDay.USUAL.withUse(k).withFills(fill));
                times.add(k);
                if (fill) {
                    fills.add(new Stores.Event(i, full));
                }
            }
            Rehearsal r = first(days(d, days.toArray(OutingDay[]::new)));
            Stores.Course whole = new Stores(full, full, -use.fresh()).over(times, fills);

            assertThat(r.hours().getLast().fresh()).isCloseTo(whole.ends(), within(1e-12));
            if (whole.breach().isPresent() && whole.breach().getAsDouble() < 8) {
                assertThat(stop(r, TripRules.FRESH)).isCloseTo(whole.breach().getAsDouble(), within(1e-9));
            } else {
                assertThat(stop(r, TripRules.FRESH)).isNaN();
            }
        }

        @Test
        void ofGreyWaterAsLongAsFreshWaterFlows() {
            Rehearsal r = first(
                    days(d, Collections.nCopies(3, OutingDay.USUAL.withUse(0.5)).toArray(OutingDay[]::new)));
            Stores.Course whole = new Stores(0, 0.015, use.grey()).over(List.of(0.5, 0.5, 0.5), List.of());

            assertThat(r.hours().getLast().grey()).isCloseTo(whole.ends(), within(1e-12));
        }
    }

    /// Nobody misses on the way home what lasted until then; the tongue is judged to the end.
    @Nested
    class OnTheWayHome {
        private Design lasting(double nights) {
            return camper().with(camper().brief().withNights(nights));
        }

        @ParameterizedTest
        @ValueSource(doubles = {1, 2, 3, 4, 5, 6})
        void waterPageAndRehearsalAgreeWhetherItLasts(double nights) {
            Analysis a = Analysis.of(lasting(nights));
            boolean lasts = a.figures().value("water.fresh.days") >= nights;

            assertThat(Double.isNaN(stop(usual(a), TripRules.FRESH))).isEqualTo(lasts);
            assertThat(a.findings().stream().anyMatch(f -> f.rule() == TripRules.FRESH)).isEqualTo(!lasts);
        }

        @Test
        void halfANightMoreIsHalfADayMore() {
            double days = Analysis.of(lasting(1)).figures().value("water.fresh.days");
            assertThat(stop(usual(Analysis.of(lasting(days - 0.01))), TripRules.FRESH)).isNaN();
            assertThat(stop(usual(Analysis.of(lasting(days + 0.01))), TripRules.FRESH)).isCloseTo(days, within(1e-9));
        }

        @Test
        void aTripOfOneDayIsJudgedWhole() {
            assertThat(stop(first(days(camper(), OutingDay.USUAL.withUse(5))), TripRules.FRESH)).isLessThan(1);
        }

        @Test
        void whatIsLeftOfEachDayIsThatOfItsLastHour() {
            Rehearsal r = usual(Analysis.of(lasting(3)));
            List<List<String>> table = RehearsalStudies.days(r).text(Style.PLAIN);

            assertThat(table).hasSize(1 + r.outing().days().size());
            for (int day = 1; day < table.size(); day++) {
                String fresh = Units.text(r.hours().get(24 * day - 1).fresh(), Quantity.VOLUME, Style.PLAIN);
                assertThat(table.get(day).getLast()).isEqualTo(fresh);
            }
        }
    }

    @Nested
    class FollowsThePlan {
        @Test
        void aColderTripTakesMoreFuelAndAWarmerOneNone() {
            double last = -1;
            for (double warmer : new double[]{25, 0, -15, -30}) {
                Rehearsal r = first(days(camper(), OutingDay.USUAL.withWarmer(warmer), OutingDay.USUAL
                        .withWarmer(warmer)));
                assertThat(r.heat()).isGreaterThanOrEqualTo(last);
                last = r.heat();
            }
        }

        @Test
        void aDayOfFillingAndEmptyingStartsAnew() {
            OutingDay usual = OutingDay.USUAL;
            Rehearsal r = first(days(camper(), usual, usual, usual.withFills(true).withEmpties(true), usual));
            double drawn = WaterUse.of(camper()).fresh() / DAY;

            assertThat(r.hours().get(48).fresh()).isCloseTo(0.92 * 0.040 - drawn, within(1e-12));
            assertThat(r.hours().get(48).grey()).isLessThan(0.001);
        }

        @Test
        void aNightWithASocketChargesWhereThereIsACharger() {
            Thing charger = thing("charger", 2, 0.7, 0.5).with(new lectulum.design.feature.Electric.Charger(
                    lectulum.design.feature.Electric.From.SHORE, 30, java.util.OptionalDouble.empty(), false, 11));
            Design d = camper().plus(charger);
            OutingDay wild = OutingDay.USUAL.withSun(0);
            double dark = first(days(d, wild, wild, wild, wild)).hours().getLast().charge();
            double plugged = first(days(d, wild, wild, wild, wild.withSite(OutingDay.Site.SOCKET))).hours().getLast()
                    .charge();

            assertThat(plugged).isGreaterThan(dark + 0.1);
        }

        @Test
        void whatFailsIsMendedOnTheWay() {
            Design d = camper().with(camper().brief().withNights(6));
            Analysis a = Analysis.of(d);
            for (TripRules rule : List.of(TripRules.FRESH, TripRules.GREY)) {
                Finding f = a.findings().stream().filter(x -> x.rule() == rule).findFirst().orElseThrow();
                List<Remedy> remedies = Remedies.of(a, f);
                assertThat(remedies).as(f.title().text(Style.PLAIN)).isNotEmpty();
                for (Remedy r : remedies) {
                    assertThat(Analysis.of(r.edit().apply(d)).findings()).as(r.says().text(Style.PLAIN))
                            .noneMatch(x -> x.rule() == rule);
                }
            }
        }

        /// Of what is gone on the first day: never "every 1 days".
        @Test
        void whatIsGoneEveryDayIsFilledUpEveryDay() {
            Design d = camper().with(camper().brief().withNights(3));
            Analysis a = Analysis.of(d.mapping("fresh", t -> t.with(new Tank(Tank.Use.FRESH, 0.004))));
            Finding f = a.findings().stream().filter(x -> x.rule() == TripRules.FRESH).findFirst().orElseThrow();

            assertThat(Disciplines.ALL.stream().flatMap(x -> x.remedies(a, f)).map(r -> r.says().text(Style.PLAIN)))
                    .contains("Filled up and emptied every day");
        }

        @Test
        void aTripOfNoDaysSaysSo() {
            Analysis a = Analysis.of(days(camper()));
            assertThat(a.findings()).anyMatch(f -> f.rule() == TripRules.EMPTY);
            everyRemedyMends(a, TripRules.EMPTY);
            assertThat(a.of(Rehearsals.DISCIPLINE).all().getFirst().hours()).isEmpty();
        }

        @Test
        void aHardWeekIsColderThanTheCamperIsBuiltForAndAHotOneIsAsHot() {
            Design d = Campers.demo("nightjar").orElseThrow().design();
            Rehearsal hard = Analysis.of(d).of(Rehearsals.DISCIPLINE).of(Outings.HARD).orElseThrow();
            Rehearsal hot = Analysis.of(d).of(Rehearsals.DISCIPLINE).of(Outings.HOT).orElseThrow();

            assertThat(hard.hours().stream().mapToDouble(Rehearsal.Hour::outside).min().orElseThrow())
                    .isCloseTo(-6, within(1e-9));
            assertThat(hot.hours().stream().mapToDouble(Rehearsal.Hour::outside).max().orElseThrow())
                    .isCloseTo(36, within(1e-9));
        }
    }

    /// Random trips of random campers, up to 400 days: no exception and no number that is none where something is aboard.
    @Test
    void nothingThatIsPlannedBreaksIt() {
        SplittableRandom chance = new SplittableRandom(4);
        for (int trial = 0; trial < 25; trial++) {
            List<OutingDay> days = new ArrayList<>();
            int n = trial == 0 ? 400 : chance.nextInt(12);
            for (int i = 0; i < n; i++) {
                days.add(new OutingDay(43_200 * chance.nextDouble(), OutingDay.Site.values()[chance.nextInt(2)],
                        80 * chance.nextDouble() - 40, 3 * chance.nextDouble(), 5 * chance.nextDouble(),
                        chance.nextBoolean(), chance.nextBoolean()));
            }
            Design d = chance.nextBoolean() ? camper() : chance.nextBoolean() ? box() : camper().withThings(List.of());
            Analysis a = Analysis.of(d.withOutings(List.of(new Outing("trip-1", "Any", days))));

            assertThat(a.findings()).as("trial " + trial).noneMatch(f -> f.rule().id().equals("analysis"));
            for (Rehearsal.Hour h : a.of(Rehearsals.DISCIPLINE).all().getFirst().hours()) {
                assertThat(h.inside()).isFinite();
                assertThat(h.fresh()).isNotNegative();
                assertThat(h.dioxide()).isFinite();
            }
        }
    }
}
