package lectulum.water;

import static lectulum.Samples.box;
import static lectulum.Samples.tank;
import static lectulum.Samples.thing;
import static lectulum.Told.everyRemedyMends;
import static lectulum.Told.everyRemedySoftens;
import static lectulum.Told.raises;
import static lectulum.Told.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import lectulum.design.thing.Battery;
import lectulum.weather.Outside;
import lectulum.assumed.Assumed;
import lectulum.units.Units;
import lectulum.units.Quantity;
import lectulum.kernel.flow.WaterAt;
import lectulum.kernel.flow.TankShape;
import lectulum.kernel.flow.Friction;
import lectulum.kernel.flow.LowPoints;
import lectulum.kernel.flow.PipeNetwork;
import lectulum.design.Settings;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.assumed.Assumption;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.WaterStyle;
import lectulum.design.feature.Aired;
import lectulum.design.feature.FeatureKind;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Spot;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.units.Style;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.api.Test;

/// Water of a day, tanks, hot water, pipes and winter of whole campers.
class PlumbingTest {
    private static final double LITRE = 1e-3;
    private static final double L_MIN = 1e-3 / 60;

    private static Thing fresh(double litres) {
        return tank("fresh", Tank.Use.FRESH, litres, 0.6).with(new Size(0.7, 0.4, 0.24)).with(Plumbed.Vessel.USUAL);
    }

    private static Thing pump() {
        return thing("pump", 2, 0.9, -0.3).with(new Size(0.2, 0.12, 0.12))
                .with(new Plumbed.WaterPump(11.3 * L_MIN, 170_000, 310_000, 0));
    }

    private static Thing tap(String id, double x, double z, Plumbed.Use use, boolean hot) {
        return thing(id, 2, x, 0.5).with(new Placement(x, 0.5, z, 0)).with(new Size(0.35, 0.3, 0.15))
                .with(new Plumbed.WaterTap(use, 5 * L_MIN, hot));
    }

    @Nested
    class OfADay {
        /// Two adults and a child on a day of 30 °C, cassette: normal and with daily showers.
        @Test
        void threeTravellersInSummer() {
            WaterUse normal = WaterUse.of(2.6, WaterStyle.NORMAL, Toilet.CASSETTE, 30, 0.8, 0);
            WaterUse showers = WaterUse.of(2.6, WaterStyle.SHOWERS, Toilet.CASSETTE, 30, 0.8, 0);

            assertThat(normal.fresh() / LITRE).isCloseTo(30.745, within(1e-9));
            assertThat(normal.grey() / LITRE).isCloseTo(15.73, within(1e-9));
            assertThat(normal.waste() / LITRE).isCloseTo(6.344, within(1e-9));
            assertThat(normal.lost() / LITRE).isCloseTo(11.895, within(1e-9));
            assertThat(95 / (normal.fresh() / LITRE)).isCloseTo(3.0899, within(5e-5));
            assertThat(50 / (normal.grey() / LITRE)).isCloseTo(3.1786, within(5e-5));
            assertThat(18 / (normal.waste() / LITRE)).isCloseTo(2.8373, within(5e-5));
            assertThat(95 * normal.grey() / normal.fresh()).isCloseTo(48.605, within(5e-4));
            assertThat(showers.fresh() / LITRE).isCloseTo(69.745, within(1e-9));
            assertThat(showers.grey() / LITRE).isCloseTo(52.65, within(1e-9));
            assertThat(showers.lost() / LITRE).isCloseTo(13.975, within(1e-9));
            assertThat(50 / (showers.grey() / LITRE)).isCloseTo(0.94967, within(5e-6));
            assertThat(95 * showers.grey() / showers.fresh()).isCloseTo(71.715, within(5e-4));
        }

        @Test
        void drinkingFromCansLeavesItOutOfTheTanks() {
            Design d = box(fresh(60));
            double all = value(d, "water.day.use");
            double tanks = value(d.with(d.settings().with(Assumption.WATER_CARRIED.id(), 1)), "water.day.use");

            assertThat(all - tanks).isCloseTo(WaterUse.of(d).drink(), within(1e-12));
        }

        @Test
        void cansArePouredEmptyAndTanksAreNot() {
            Thing can = tank("can", Tank.Use.FRESH, 20, 1).with(new Plumbed.Cans(1, false));
            assertThat(value(box(can), "water.fresh.usable")).isCloseTo(0.020, within(1e-12));
            assertThat(value(box(fresh(60)), "water.fresh.usable")).isBetween(0.050, 0.0575);
            assertThat(value(box(tank("t", Tank.Use.FRESH, 50, 1)), "water.fresh.usable")).isCloseTo(0.046,
                    within(1e-12));
        }

        /// The trip of Balance and the days of Water empty the tank at the same hour.
        @Test
        void balanceAndWaterAgreeWhenItIsEmpty() {
            Design d = box(fresh(20), tank("grey", Tank.Use.GREY, 200, 2));
            Design longer = d.with(d.brief().withNights(9));
            Analysis a = Analysis.of(longer);
            double days = a.figures().value("water.fresh.days");
            String said = a.findings().stream().filter(f -> f.id().equals("trip.fresh")).findFirst().orElseThrow()
                    .title().text(Style.PLAIN);

            assertThat(said).contains(String.valueOf(Math.round(10 * days) / 10.0));
        }
    }

    @Nested
    class OfTanks {
        @Test
        void whatIsSaidToBeInATankFitsItsSize() {
            Design d = box(fresh(200));
            assertThat(raises(d, TankRules.SHAPE)).isTrue();
            everyRemedySoftens(Analysis.of(d), TankRules.SHAPE);
            assertThat(raises(box(fresh(60)), TankRules.SHAPE)).isFalse();
        }

        @Test
        void aLongTankIsPartedAndAThinVentWidened() {
            Thing longer = fresh(95).with(new Size(1.2, 0.4, 0.24));
            everyRemedySoftens(Analysis.of(box(longer)), TankRules.SLOSH);
            Thing thin = fresh(60).with(new Plumbed.Vessel(Plumbed.Form.BOX, 0.005, 0.04, 0.012, 0.015, 3, 0.004,
                    Plumbed.End.REAR, Plumbed.Level.NONE));
            everyRemedySoftens(Analysis.of(box(thin)), TankRules.VENT);
        }

        @Test
        void heavyCansAreHalvedAndProbesReplaced() {
            Thing can = tank("can", Tank.Use.FRESH, 30, 1).with(new Plumbed.Cans(1, false));
            everyRemedySoftens(Analysis.of(box(can)), TankRules.LIFT);
            Thing probes = fresh(60).with(new Plumbed.Vessel(Plumbed.Form.BOX, 0.005, 0.04, 0.012, 0.015, 3, 0.012,
                    Plumbed.End.REAR, Plumbed.Level.PROBES));
            everyRemedySoftens(Analysis.of(box(probes)), TankRules.LEVEL);
        }
    }

    /// What was measured on own trips changes every page alike.
    @Nested
    class OfOwnTrips {
        private Design measured(double ratio, double days) {
            return box(fresh(60)).with(Settings.NONE.with(Assumption.WATER_MEASURED.id(), ratio)
                    .with(Assumption.WATER_MEASURED_DAYS.id(), days));
        }

        /// (1/0.15² + 1.3 · 5/0.25²) / (1/0.15² + 5/0.25²) = 1.19286 after five days.
        @Test
        void fiveDaysWeighAgainstThePlan() {
            Design d = measured(1.3, 5);
            assertThat(WaterUse.learnt(d).value()).isCloseTo(1.192857, within(1e-6));
            assertThat(WaterUse.of(d).fresh()).isCloseTo(1.192857 * WaterUse.of(measured(1.3, 0)).fresh(),
                    within(1e-8));
            assertThat(value(d, "water.day.use")).isCloseTo(WaterUse.of(d).fresh(), within(1e-12));
            assertThat(value(d, "water.fresh.days")).isCloseTo(value(measured(1, 0), "water.fresh.days") / 1.192857,
                    within(1e-5));
        }

        @Test
        void moreDaysAreBelievedMoreAndMakeItSurer() {
            double before = 1;
            double sigma = 1;
            for (double days : new double[]{1, 3, 10, 50, 400}) {
                double now = WaterUse.learnt(measured(1.6, days)).value();
                assertThat(now).isBetween(before, 1.6);
                assertThat(WaterUse.learnt(measured(1.6, days)).sigma()).isLessThan(sigma);
                before = now;
                sigma = WaterUse.learnt(measured(1.6, days)).sigma();
            }
            assertThat(before).isCloseTo(1.6, within(0.01));
        }

        @Test
        void whoMeasuredNothingKeepsThePlan() {
            assertThat(WaterUse.of(measured(2, 0))).isEqualTo(WaterUse.of(box(fresh(60))));
        }
    }

    /// Readings of senders by the page, against the straight line and the plane by hand.
    @Nested
    class OfReadings {
        private Thing tank(Plumbed.Level level) {
            return fresh(60).with(Plumbed.Vessel.USUAL.withLevel(level));
        }

        private List<String> row(Thing tank, double ohms, double behind, double pitch) {
            Design d = box(tank).with(Settings.NONE.with(Assumption.WATER_READING.id(), ohms)
                    .with(Assumption.WATER_SENDER.id(), behind).with(Assumption.PIPE_SLOPE.id(), pitch));
            return Analysis.of(d).of(WaterStudies.TANKS).all().stream().filter(s -> s.id().equals("water-reading"))
                    .findFirst().orElseThrow().listings().getFirst().text(Style.PLAIN).get(1);
        }

        @Test
        void halfTheOhmsAreHalfTheHeight() {
            TankShape s = Tanks.shape(tank(Plumbed.Level.FLOAT_US));
            String half = Units.text(s.volume(s.height() / 2) * 0.060 / s.gross(), Quantity.VOLUME, Style.PLAIN);

            assertThat(row(tank(Plumbed.Level.FLOAT_US), 136.5, 0, 0).get(1)).isEqualTo(half);
            assertThat(row(tank(Plumbed.Level.FLOAT_EU), 95, 0, 0).get(1)).isEqualTo(half);
        }

        /// What the sender says of a volume is that volume, for every shape that a tank may have; beyond its ends nothing is read.
        @ParameterizedTest
        @CsvSource({"FLOAT_US, BOX", "FLOAT_EU, BOX", "FLOAT_US, LYING", "FLOAT_EU, LYING"})
        void aSenderSaysWhatIsInIt(Plumbed.Level level, Plumbed.Vessel.Form form) {
            Plumbed.Vessel v = Plumbed.Vessel.USUAL;
            Thing t = fresh(60).with(new Plumbed.Vessel(form, v.wall(), v.radius(), v.pickup(), v.space(), v.rooms(),
                    v.vent(), v.outlet(), level));
            double before = Double.NaN;
            for (int litres = 2; litres < 60; litres += 4) {
                double ohms = Senders.ohms(t, litres * 1e-3).orElseThrow();
                assertThat(Senders.volume(t, ohms).orElseThrow()).isCloseTo(litres * 1e-3, within(1e-9));
                assertThat(ohms).as("another volume, another reading").isNotEqualTo(before);
                before = ohms;
            }
            assertThat(Senders.volume(t, 1000)).isEmpty();
            assertThat(Senders.ohms(fresh(60), 0.02)).as("it has no sender").isEmpty();
            assertThat(Senders.volume(fresh(60), 100)).isEmpty();
        }

        @Test
        void behindTheMiddleItReadsMoreNoseUp() {
            List<String> row = row(tank(Plumbed.Level.FLOAT_EU), 95, 0.2, 0.05);
            double level = Double.parseDouble(row.get(1).split("\\s|\u00a0")[0]);
            double up = Double.parseDouble(row.get(2).split("\\s|\u00a0")[0]);
            double down = Double.parseDouble(row.get(3).split("\\s|\u00a0")[0]);

            assertThat(up).isLessThan(level);
            assertThat(down).isGreaterThan(level);
        }

        @Test
        void whatCannotBeToldIsNotTold() {
            assertThat(row(tank(Plumbed.Level.FLOAT_EU), 20, 0, 0.2).get(2)).isEqualTo("not to be told");
            assertThat(row(tank(Plumbed.Level.FLOAT_EU), 300, 0, 0).get(1)).isEqualTo("no such reading");
            assertThat(Analysis.of(box(fresh(60))).of(WaterStudies.TANKS).all())
                    .noneMatch(s -> s.id().equals("water-reading"));
        }

        /// Probes at a third and two thirds of what it holds, not of its height.
        @Test
        void probesStandWhereThirdsAre() {
            Thing t = tank(Plumbed.Level.PROBES);
            TankShape s = Tanks.shape(t);
            List<List<String>> table = Analysis.of(box(t)).of(WaterStudies.TANKS).all().stream()
                    .filter(x -> x.id().equals("water-tank-fresh")).findFirst().orElseThrow().listings().getFirst()
                    .text(Style.PLAIN);

            assertThat(table).hasSize(4);
            assertThat(table.get(1).getFirst())
                    .isEqualTo(Units.text(s.level(s.gross() / 3), Quantity.LENGTH, Style.PLAIN));
            assertThat(table.get(1).get(1)).startsWith("20");
        }

        @Test
        void anEmptiedTankAndABendAreReckoned() {
            Design d = box(fresh(60));
            TankShape s = Tanks.shape(fresh(60));
            double a = Math.PI * 0.032 * 0.032 / 4 / Math.sqrt(1 + 2.5 + 0.03 * 0.6 / 0.032);
            double seconds = 0;
            // Torricelli in small steps of height.
            int steps = 20_000;
            for (int i = 0; i < steps; i++) {
                double h = s.height() * (i + 0.5) / steps;
                seconds += s.gross() / steps / (a * Math.sqrt(2 * 9.80665 * (h + 0.10)));
            }
            assertThat(value(d, "tank.fresh.empties")).isCloseTo(seconds, within(1e-3 * seconds));
            double wide = 0.4 - 2 * Plumbed.Vessel.USUAL.wall();
            assertThat(value(d, "tank.fresh.shift"))
                    .isCloseTo(wide * wide * 3 / 9.80665 / (12 * s.height() / 2), within(1e-4));
        }

        /// 0.62 of 10 mm under half of 0.5 m.
        @Test
        void aCanWithATapGivesByItsHeight() {
            Thing can = thing("can", 1, 1, 0).with(new Tank(Tank.Use.FRESH, 0.02)).with(new Plumbed.Cans(1, true));
            assertThat(value(box(can), "can.can.tap"))
                    .isCloseTo(0.62 * Math.PI * 0.01 * 0.01 / 4 * Math.sqrt(2 * 9.80665 * 0.25), within(1e-8));
            assertThat(value(box(can.with(new Plumbed.Cans(1, false))), "can.can.tap")).isNaN();
        }
    }

    @Nested
    class Hot {
        private Thing boiler(double power, double litres, double set, double starts) {
            return thing("boiler", 8, 1.2, -0.5).with(new Plumbed.Boiler(Aired.Energy.GAS, power, 0.8, litres * LITRE,
                    set, starts * L_MIN));
        }

        @Test
        void aSmallBurnerOnlyWarmsAndItsRemediesHelp() {
            Design d = box(boiler(4000, 0, 60, 0));
            assertThat(value(d, "hot.boiler.leaves")).isLessThan(38);
            everyRemedySoftens(Analysis.of(d), HotRules.LUKEWARM);
        }

        @Test
        void aBurnerThatDropsOutIsSetLower() {
            Design d = box(boiler(12_000, 0, 60, 3.5));
            assertThat(raises(d, HotRules.DROPS)).isTrue();
            everyRemedySoftens(Analysis.of(d), HotRules.DROPS);
        }

        @Test
        void aSmallTankMakesAShortShower() {
            Design d = box(boiler(1500, 5, 60, 0));
            assertThat(raises(d, HotRules.SHORT)).isTrue();
            everyRemedySoftens(Analysis.of(d), HotRules.SHORT);
            assertThat(value(box(boiler(1500, 20, 60, 0)), "hot.boiler.minutes"))
                    .isGreaterThan(value(d, "hot.boiler.minutes"));
        }

        /// 4 L of 90 °C and 8 L of 10 °C are 36.7 °C.
        @Test
        void aKettleMixesWhatItMixes() {
            assertThat((4 * 90 + 8 * 10) / 12.0).isCloseTo(36.667, within(1e-3));
            Design d = box();
            double boiling = value(d, "hot.kettle.litres") / LITRE;
            double cold = lectulum.weather.MeanDay.water(45, 6, d.brief().climate());
            assertThat((boiling * 90 + (15 - boiling) * cold) / 15).isCloseTo(39, within(1e-6));
        }
    }

    @Nested
    class Pipes {
        private Design plumbed(Thing... more) {
            List<Thing> all = new ArrayList<>(List.of(fresh(60), pump()));
            all.addAll(List.of(more));
            return box(all.toArray(Thing[]::new));
        }

        @Test
        void everyTapGivesWaterAndTogetherLess() {
            Design d = plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false),
                    tap("shower", 2.4, 0.1, Plumbed.Use.SHOWER, false));
            PipeStudies p = PipeStudies.of(d);
            double all = p.figures().value("pipe.all");
            double sink = p.figures().value("pipe.sink.alone");
            double shower = p.figures().value("pipe.shower.alone");

            assertThat(sink / L_MIN).isBetween(2.0, 9.0);
            assertThat(all).isLessThan(sink + shower).isGreaterThan(Math.max(sink, shower));
        }

        @Test
        void widerPipeNeverGivesLess() {
            Design d = plumbed(tap("sink", 2.6, 0.8, Plumbed.Use.SINK, false));
            double last = 0;
            for (double bore : new double[]{9.1, 12.3, 17.3}) {
                double q = value(d.with(d.settings().with(Assumption.PIPE_BORE.id(), bore)), "pipe.sink.alone");
                assertThat(q).isGreaterThan(last);
                last = q;
            }
        }

        @Test
        void withoutAPumpATapAboveTheTankIsDryAndAPumpMendsIt() {
            Design d = box(fresh(60), tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false));
            assertThat(raises(d, PipeRules.DRY)).isTrue();
            everyRemedyMends(Analysis.of(d), PipeRules.DRY);
            Design pumped = Remedies.of(Analysis.of(d), Analysis.of(d).findings().stream()
                    .filter(f -> f.rule() == PipeRules.DRY).findFirst().orElseThrow()).getFirst().edit().apply(d);
            assertThat(pumped.thing("pump").map(Thing::name)).as("there is no battery").contains("Foot pump");
            assertThat(value(pumped, "pipe.sink.alone")).isPositive().isLessThan(2.5 * L_MIN);
            Design powered = d.plus(thing("cells", 2, 1.5, 0).with(new Battery(1280 * 3600,
                    Battery.Chemistry.LITHIUM_IRON)));
            assertThat(Remedies.of(Analysis.of(powered), Analysis.of(powered).findings().stream()
                    .filter(f -> f.rule() == PipeRules.DRY).findFirst().orElseThrow()))
                    .anyMatch(r -> r.says().text(Style.PLAIN).startsWith("Pressure pump"));
            Design high = box(fresh(60).with(new Placement(0.6, 0, 1.3, 0)),
                    tap("sink", 1.2, 0.6, Plumbed.Use.SINK, false));
            assertThat(value(high, "pipe.sink.alone")).isPositive();
            Design unfed = box(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false));
            assertThat(raises(unfed, PipeRules.FED)).isTrue();
        }

        @Test
        void aSiteInletWantsRegulatorAndCheckValve() {
            Design d = plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false),
                    thing("inlet", 0.3, 0.3, 0.8).with(new Plumbed.CityInlet(0, false)));
            assertThat(raises(d, PipeRules.CITY)).isTrue();
            everyRemedySoftens(Analysis.of(d), PipeRules.CITY);
        }

        @Test
        void pipesUnderTheFloorFreezeAndAreMended() {
            Design d = plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false));
            Design cold = d.with(d.brief().withTravel(d.brief().travel().withColdest(OptionalDouble.of(-10))));
            Design under = cold.with(cold.settings().with(Assumption.PIPE_HEIGHT.id(), -0.1));
            assertThat(raises(under, PipeRules.FREEZES)).isTrue();
            everyRemedySoftens(Analysis.of(under), PipeRules.FREEZES);
            assertThat(raises(cold, PipeRules.FREEZES)).isFalse();
        }

        @Test
        void moreDrainsNeverTrapMore() {
            Design d = plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false),
                    tap("shower", 2.4, 0.1, Plumbed.Use.SHOWER, false));
            double last = Double.POSITIVE_INFINITY;
            for (int n = 0; n <= 5; n++) {
                double stays = value(d.with(d.settings().with(Assumption.PIPE_DRAINS.id(), n)), "pipe.trapped");
                assertThat(stays).isLessThanOrEqualTo(last + 1e-12);
                last = stays;
            }
        }

        /// Eight metres of thin pipe with inserts lose more than the pump has; a wider one, smooth fittings or a stronger pump bring it.
        @Test
        void aTapThatGivesTooLittleGetsWiderPipeOrAStrongerPump() {
            Design d = box(fresh(60), pump().with(new Plumbed.WaterPump(4 * L_MIN, 60_000, 100_000, 0)),
                    tap("sink", 2.8, 1.2, Plumbed.Use.SINK, false));
            Design thin = d.with(d.settings().with(Assumption.PIPE_BORE.id(), 6).with(Assumption.PIPE_INSERT.id(), 1));

            assertThat(raises(thin, PipeRules.FLOW)).isTrue();
            everyRemedyMends(Analysis.of(thin), PipeRules.FLOW);
        }

        /// A pump without a vessel starts and stops as a thin draw lets it.
        @Test
        void aPumpThatChattersGetsAnAccumulator() {
            Design d = plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false)
                    .with(new Plumbed.WaterTap(Plumbed.Use.SINK, 2 * L_MIN, false)));

            assertThat(raises(d, PipeRules.CYCLES)).isTrue();
            everyRemedyMends(Analysis.of(d), PipeRules.CYCLES);
        }

        @Test
        void aPumpThatSucksThroughADirtyFilterGetsACleanOne() {
            Design d = box(fresh(60), pump().with(new Placement(2.6, -0.3, 1.4, 0)),
                    tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false),
                    tap("shower", 1.4, 0.8, Plumbed.Use.SHOWER, false),
                    thing("filter", 0.3, 0.8, -0.3).with(new Plumbed.Strainer(true)));

            assertThat(raises(d, PipeRules.SUCTION)).isTrue();
            everyRemedySoftens(Analysis.of(d), PipeRules.SUCTION);
        }

        @Test
        void aFlatWastePipeIsLowered() {
            Thing grey = tank("grey", Tank.Use.GREY, 40, 2.6).withMount(Mount.OUTSIDE).with(new Size(0.6, 0.4, 0.19))
                    .with(new Placement(2.6, 0, -0.16, 0));
            Design d = plumbed(tap("shower", 0.4, 0.05, Plumbed.Use.SHOWER, false), grey);
            assertThat(raises(d, PipeRules.DRAIN)).isTrue();
            everyRemedyMends(Analysis.of(d), PipeRules.DRAIN);
        }

        @Test
        void theTakeOffIsTheSumOfTheLines() {
            PipePlan plan = PipeStudies.of(plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false))).plan();
            double water = plan.runs().stream().filter(r -> r.kind() != PipePlan.Kind.WASTE)
                    .mapToDouble(r -> r.bends(r.kind() == PipePlan.Kind.SUCTION).order()).sum();
            assertThat(value(plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false)), "pipe.order"))
                    .isCloseTo(water, within(1e-9));
            assertThat(plan.runs()).allMatch(r -> r.corners().size() > 1);
        }

        /// 940 kg/m³ times the ring between the walls times the length, and the pieces of the table by hand.
        @Test
        void whatIsBoughtWeighsAsItsPipesAndPieces() {
            Design d = plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false));
            PipePlan plan = PipeStudies.of(d).plan();
            PipeTakeOff t = PipeTakeOff.of(d, plan);
            double plastic = plan.runs().stream().mapToDouble(r -> {
                double out = r.kind() == PipePlan.Kind.WASTE ? r.bore() + 0.004 : r.outside();
                return 940 * Math.PI / 4 * (out * out - r.bore() * r.bore())
                        * r.bends(r.kind() == PipePlan.Kind.SUCTION).developed();
            }).sum();
            double pieces = 0.022 * t.count("elbow") + 0.04 * t.count("waste elbow") + 0.03 * t.count("tee")
                    + 0.006 * t.count("ring") + 0.004 * t.count("clip") + 0.035 * t.count("end")
                    + 0.15 * t.count("trap") + 0.08 * t.count("drain");
            assertThat(t.mass()).isCloseTo(plastic + pieces, within(1e-9));
            assertThat(t.centre().x()).isBetween(
                    plan.runs().stream().flatMap(r -> r.corners().stream()).mapToDouble(Spot::x).min().orElseThrow(),
                    plan.runs().stream().flatMap(r -> r.corners().stream()).mapToDouble(Spot::x).max().orElseThrow());
            assertThat(t.count("ring")).isEqualTo(2 * t.count("elbow") + 3 * t.count("tee") + 2);
        }

        /// A site's regulator gives 310 kPa less 10 kPa for every litre a minute: more than a small pump, and it needs none.
        @Test
        void aSitesHoseFeedsTheTapsToo() {
            Thing inlet = thing("inlet", 1, 0.5, -0.8).with(new Plumbed.CityInlet(310_000, true));
            Design d = plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false),
                    tap("basin", 2.0, 0.8, Plumbed.Use.BASIN, false), inlet);
            PipePlan plan = PipeStudies.of(d).plan();
            PipeNetwork.Flow f = plan.onSite(d, 400_000).orElseThrow().solve(plan.taps());
            double before = f.pressures().get("main.0");
            double lift = 9.80665 * WaterAt.density(15) * (0.25 - plan.net().orElseThrow().nodes().stream()
                    .filter(n -> n.id().equals("main.0")).findFirst().orElseThrow().z());

            assertThat(value(d, "pipe.site")).isCloseTo(f.total(), within(1e-12));
            assertThat(before).isCloseTo(310_000 - 10_000 * f.total() / L_MIN + lift, within(30.0));
            assertThat(plan.onSite(plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false)), 400_000)).isEmpty();
        }

        @Test
        void aLockerStandsBetweenRoomAndOutside() {
            Design d = plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false));
            double night = Assumed.value(d, Assumption.AIR_NIGHT);
            double out = Outside.coldest(d);
            assertThat(value(d, "pipe.locker")).isCloseTo((night + out) / 2, within(1e-9));
            assertThat(value(d.with(d.settings().with(Assumption.PIPE_LOCKER.id(), 3)), "pipe.locker"))
                    .isCloseTo((night + 3 * out) / 4, within(1e-9));
        }

        /// 4.5 m of 12.3 mm hold 0.5347 L: 6.4164 s at 5 L/min.
        @Test
        void waterInAHotLineIsWaitedFor() {
            PipePlan.PipeRun hot = new PipePlan.PipeRun("h", PipePlan.Kind.HOT, "hot",
                    List.of(new Spot(0, 0, 0), new Spot(4.5, 0, 0)), 0.0123, 0.0159);
            assertThat(hot.volume() / LITRE).isCloseTo(0.5347, within(5e-5));
            assertThat(hot.volume() / (5 * L_MIN)).isCloseTo(6.4164, within(5e-5));
        }

        @Test
        void withoutPipesNothingIsBought() {
            Design d = plumbed();
            assertThat(PipeTakeOff.of(d, PipeStudies.of(d).plan()).items()).isEmpty();
        }

        @Test
        void whatStandsForPipesIsBroughtToWhatIsBought() {
            Thing guess = Catalogue.shipped().find("pipework-and-fittings").orElseThrow().withId("pipework");
            Design d = plumbed(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false), guess);
            everyRemedySoftens(Analysis.of(d), PipeRules.TAKE_OFF);
            Analysis a = Analysis.of(d);
            Finding f = a.findings().stream().filter(x -> x.rule() == PipeRules.TAKE_OFF).findFirst().orElseThrow();
            Design bought = Remedies.of(a, f).getFirst().edit().apply(d);
            assertThat(bought.thing("pipework").orElseThrow().mass().value()).isCloseTo(value(d, "pipe.mass"),
                    within(1e-9));
            assertThat(value(d, "balance.departure.mass") - value(bought, "balance.departure.mass")).isCloseTo(
                    guess.mass().value() - value(d, "pipe.mass"), within(1e-9));
        }
    }

    @Test
    void aBucketIsStowedWhereItRaisesNothing() {
        everyRemedySoftens(Analysis.of(Campers.demo("dunlin").orElseThrow().design()), TankRules.GROUND);
    }

    /// Random tanks, taps, pumps and heaters at random places: no exception, and no figure that is no number.
    @Test
    void nothingThatIsTypedBreaksIt() {
        SplittableRandom chance = new SplittableRandom(3);
        List<FeatureKind> kinds = FeatureKind.all().stream().filter(k -> Plumbed.class.isAssignableFrom(k.type()))
                .toList();
        List<Thing> shelf = Catalogue.shipped().things();
        for (int trial = 0; trial < 40; trial++) {
            List<Thing> things = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                Thing t = shelf.get(chance.nextInt(shelf.size())).withId("t" + i).with(new Placement(
                        6 * chance.nextDouble() - 1, 3 * chance.nextDouble() - 1.5, 3 * chance.nextDouble() - 1, 0));
                FeatureKind k = kinds.get(chance.nextInt(kinds.size()));
                things.add(chance.nextInt(3) > 0
                        ? t.with(k.usual(t))
                        : t.with(new Tank(
                                Tank.Use.values()[chance.nextInt(3)], 0.1 * chance.nextDouble())));
            }
            Design d = box(things.toArray(Thing[]::new));
            Analysis a = Analysis.of(d.with(d.settings().with(Assumption.PIPE_HEIGHT.id(), chance.nextDouble() - 0.5)
                    .with(Assumption.PIPE_DRAINS.id(), chance.nextInt(8))));

            assertThat(a.findings()).as("trial " + trial).noneMatch(f -> f.rule().id().equals("analysis"));
            for (Figure f : a.figures().all()) {
                if (f.id().startsWith("pipe.") || f.id().startsWith("water.") || f.id().startsWith("hot.")
                        || f.id().startsWith("tank.")) {
                    f.value().ifPresent(v -> assertThat(v).as(f.id()).isFinite());
                }
            }
        }
    }

    @Test
    void demosArePlumbedAsTheirSchoolsSay() {
        assertThat(PipeStudies.of(Campers.demo("nightjar").orElseThrow().design()).plan().net()).isPresent();
        assertThat(PipeStudies.of(Campers.demo("dunlin").orElseThrow().design()).plan().net()).isEmpty();
    }

    /// Hot water runs through feed, check valve, heater and its own line: less than cold, and the less the farther it is.
    @Nested
    class OfHotTaps {
        private static Thing boiler(double x) {
            return thing("boiler", 10, x, -0.4).with(new Size(0.4, 0.3, 0.3)).with(new Placement(x, -0.4, 0, 0))
                    .with(new Plumbed.Boiler(Aired.Energy.GAS, 1500, 0.8, 0.005, 60, 0));
        }

        private static double hot(Design d, String tap) {
            return value(d, "pipe." + tap + ".hot");
        }

        /// 60 °C scald: what is no tank is set to 48.
        @Test
        void waterThatScaldsIsSetCooler() {
            Thing flow = boiler(1.6).with(new Plumbed.Boiler(Aired.Energy.GAS, 9000, 0.8, 0, 60, 0));
            Design d = box(fresh(60), pump(), tap("shower", 1.2, 0.8, Plumbed.Use.SHOWER, true), flow);

            assertThat(raises(d, HotRules.SCALD)).isTrue();
            everyRemedyMends(Analysis.of(d), HotRules.SCALD);
        }

        @Test
        void hotIsLessThanColdAndFallsWithTheWay() {
            Design near = box(fresh(60), pump(), boiler(0.9), tap("sink", 1.2, 0.6, Plumbed.Use.SINK, true));
            Design far = box(fresh(60), pump(), boiler(3.4), tap("sink", 1.2, 0.6, Plumbed.Use.SINK, true));

            assertThat(hot(near, "sink")).isPositive().isLessThan(value(near, "pipe.sink.alone"));
            assertThat(hot(far, "sink")).isPositive().isLessThan(hot(near, "sink"));
            assertThat(value(far, "pipe.sink.alone")).isEqualTo(value(near, "pipe.sink.alone"));
        }

        /// The flow is that at which what the pump lifts and what pipes, height and tap take are the same, by a search.
        @Test
        void itIsWhereThePumpAndTheWayMeet() {
            Design d = box(fresh(60), pump(), boiler(2.0), tap("sink", 1.2, 0.6, Plumbed.Use.SINK, true));
            PipePlan plan = PipePlan.of(d, 12);
            PipeNetwork net = plan.heated().orElseThrow();
            PipeNetwork.Tap open = plan.hot().getFirst().open();
            PipeNetwork.Flow flow = net.solve(List.of(open));
            double q = flow.taps().get(open.id());
            List<String> way = List.of("suction", "main.in", "feed", "hot.sink");
            double lost = net.pipes().stream().filter(p -> way.contains(p.id()))
                    .mapToDouble(p -> Friction.loss(q, p.diameter(), p.length() / p.diameter() + p.fittings(),
                            WaterAt.density(p.celsius()), WaterAt.viscosity(p.celsius())))
                    .sum();
            double up = net.nodes().stream().filter(n -> n.id().equals("hot.sink")).findFirst().orElseThrow().z()
                    - net.source().z();

            assertThat(net.pipes().stream().map(PipeNetwork.Pipe::id)).containsAll(way);
            assertThat(net.source().law().applyAsDouble(q) - lost - 999.1 * 9.80665 * up)
                    .isCloseTo(Math.pow(q / open.c(), 2), within(30.0));
            assertThat(flow.total()).isCloseTo(q, within(1e-12));
        }

        @Test
        void withoutAHeaterThereIsNoHotSide() {
            Design d = box(fresh(60), pump(), tap("sink", 1.2, 0.6, Plumbed.Use.SINK, true));

            assertThat(Analysis.of(d).figures().find("pipe.sink.hot")).isEmpty();
            assertThat(PipePlan.of(d, 12).runs()).noneMatch(r -> r.id().equals("feed"));
        }

        @Test
        void theFeedIsBoughtAndJoined() {
            Design with = box(fresh(60), pump(), boiler(2.0), tap("sink", 1.2, 0.6, Plumbed.Use.SINK, true));
            Design without = box(fresh(60), pump(), boiler(2.0), tap("sink", 1.2, 0.6, Plumbed.Use.SINK, false));

            assertThat(value(with, "pipe.tees")).isEqualTo(value(without, "pipe.tees") + 1);
            assertThat(value(with, "pipe.order")).isGreaterThan(value(without, "pipe.order"));
        }
    }

    /// Drains on the sheet count where they stand, not where they would help most.
    @Nested
    class OfDrains {
        private final Design d = frosty(box(fresh(60), pump(), tap("sink", 2.6, 0.9, Plumbed.Use.SINK, false),
                tap("basin", 1.6, 0.5, Plumbed.Use.BASIN, false)));

        private static Design frosty(Design d) {
            return d.with(d.brief().withTravel(d.brief().travel().withColdest(java.util.OptionalDouble.of(-8))));
        }

        private static Thing valve(double x, double y, double z) {
            return thing("valve", 0.1, x, y).with(new Size(0.06, 0.04, 0.06)).with(new Placement(x, y, z - 0.03, 0))
                    .with(new Plumbed.DrainValve());
        }

        @Test
        void oneThatIsPlacedBestLeavesWhatTheBestLeaves() {
            DrainValves best = DrainValves.of(d, PipePlan.of(d, 12));
            assertThat(best.open()).hasSize(1);
            LowPoints.Vertex v = PipePlan.of(d, 12).standing().vertices().stream()
                    .filter(x -> best.open().contains(x.id())).findFirst().orElseThrow();

            assertThat(value(d.plus(valve(v.x(), v.y(), v.z())), "pipe.trapped"))
                    .isCloseTo(value(d, "pipe.trapped"), within(1e-12));
        }

        @Test
        void anywhereElseItLeavesNoLess() {
            double least = DrainValves.worst(PipePlan.of(d, 12).standing(),
                    DrainValves.of(d, PipePlan.of(d, 12)).open(),
                    Math.toRadians(3));
            for (LowPoints.Vertex v : PipePlan.of(d, 12).standing().vertices()) {
                Design with = d.plus(valve(v.x(), v.y(), v.z()));
                assertThat(DrainValves.worst(PipePlan.of(with, 12).standing(),
                        DrainValves.of(with, PipePlan.of(with, 12)).open(), Math.toRadians(3)))
                        .isGreaterThanOrEqualTo(least - 1e-12);
            }
        }

        /// The list for winter opens the valves that are there, by their names, and no others.
        @Test
        void theWinterListOpensTheValvesThatAreThere() {
            Design two = d.plus(valve(2.6, 0.5, 1.1))
                    .plus(valve(1.6, 0.5, 0.6).withId("second").withName("By the door"));
            List<String> steps = Analysis.of(two).of(PipeStudies.DISCIPLINE).winter().all().stream()
                    .filter(s -> s.id().equals(PipeStudies.WINTER))
                    .flatMap(s -> s.listings().getFirst().rows().stream())
                    .map(row -> row.get(1).text(lectulum.units.Style.PLAIN)).toList();

            assertThat(DrainValves.of(two, PipePlan.of(two, 12)).off()).isEmpty();
            assertThat(steps).contains("valve open", "By the door open").doesNotContain("Drain 1 open");
            assertThat(DrainValves.bought(two)).isZero();
        }

        @Test
        void oneOffThePipesIsNamedAndMoved() {
            Design off = d.plus(valve(3.8, -0.8, 1.6));

            assertThat(raises(off, PipeRules.OFF)).isTrue();
            everyRemedyMends(Analysis.of(off), PipeRules.OFF);
        }

        @Test
        void moreArePlacedWhereOnesAre() {
            Design high = d.plus(valve(2.6, 0.5, 1.1));

            assertThat(raises(high, PipeRules.TRAPPED)).isTrue();
            everyRemedyMends(Analysis.of(high), PipeRules.TRAPPED);
            Design mended = Remedies.of(Analysis.of(high), Analysis.of(high).findings().stream()
                    .filter(f -> f.rule() == PipeRules.TRAPPED).findFirst().orElseThrow()).getFirst().edit().change()
                    .apply(high);
            assertThat(mended.things().stream().filter(t -> t.has(Plumbed.DrainValve.class))).hasSizeGreaterThan(1);
        }
    }
}
