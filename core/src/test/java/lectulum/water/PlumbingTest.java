package lectulum.water;

import static lectulum.Samples.box;
import static lectulum.Samples.tank;
import static lectulum.Samples.thing;
import static lectulum.Told.everyRemedySoftens;
import static lectulum.Told.raises;
import static lectulum.Told.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
            Design high = box(fresh(60).with(new Placement(0.6, 0, 1.3, 0)),
                    tap("sink", 1.2, 0.6, Plumbed.Use.SINK, false));
            assertThat(value(high, "pipe.sink.alone")).isPositive();
            assertThat(raises(box(tap("sink", 1.2, 0.8, Plumbed.Use.SINK, false)), PipeRules.FED)).isTrue();
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

        @Test
        void aFlatWastePipeIsLowered() {
            Thing grey = tank("grey", Tank.Use.GREY, 40, 2.6).withMount(Mount.OUTSIDE).with(new Size(0.6, 0.4, 0.19))
                    .with(new Placement(2.6, 0, -0.16, 0));
            Design d = plumbed(tap("shower", 0.4, 0.05, Plumbed.Use.SHOWER, false), grey);
            assertThat(raises(d, PipeRules.DRAIN)).isTrue();
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
}
