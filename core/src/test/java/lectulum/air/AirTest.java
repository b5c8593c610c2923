package lectulum.air;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static lectulum.Told.everyRemedyMends;
import static lectulum.Told.everyRemedySoftens;
import static lectulum.Told.raises;
import static lectulum.Told.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import lectulum.design.brief.Person;
import lectulum.kernel.air.Breath;
import lectulum.units.Style;
import lectulum.discipline.Study;
import lectulum.weather.MeanDay;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import lectulum.analysis.Analysis;
import lectulum.assumed.Assumption;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Shell;
import lectulum.design.brief.CamperType;
import lectulum.design.envelope.Envelope;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Feature;
import lectulum.design.feature.FeatureKind;
import lectulum.design.feature.Fuelled;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.kernel.heat.BuildUp;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Walls, warmth, cold, damp and breath of whole campers.
class AirTest {
    private static Design walled(Thing... things) {
        return box(things).with(Envelope.usual(CamperType.CARGO));
    }

    private static Thing heater(double least, double most, boolean sealed) {
        return thing("heater", 5, 0.5, 0).with(new Aired.RoomHeater(Aired.Energy.DIESEL, least, most, 0.8, sealed));
    }

    private static Thing window(double x) {
        return thing("window-" + x, 4, x, 0).withMount(Mount.SET_IN).with(new Size(0.6, 0.04, 0.4))
                .with(new Placement(x, -0.885, 0.9, 0)).with(Aired.Glazing.SINGLE)
                .with(new Feature.Opening(0.6, 0.4, Feature.Opening.Leaf.TOP_HUNG, 1.2, true, false));
    }

    private static Thing vent(String id, double z, double area, boolean shuts) {
        return thing(id, 0.4, 1.5, 0).withMount(Mount.SET_IN).with(new Size(0.2, 0.03, 0.1))
                .with(new Placement(1.5, 0.885, z, 0)).with(new Aired.Vent(area, 0.5, shuts));
    }

    private static Design cold(Design d, double night) {
        return d.with(d.brief().withTravel(d.brief().travel().withColdest(OptionalDouble.of(night))));
    }

    @Nested
    class OfTheWalls {
        /// 2.94 × 1.74 × 1.77 m inside: roof and floor 5.1156 m², sides 5.2038 m², ends 3.0798 m².
        @Test
        void aBoxHasItsSixFaces() {
            Cabin c = Cabin.of(walled(), Mode.NIGHT);

            assertThat(c.faces()).hasSize(6).allMatch(f -> f.u() > 0);
            assertThat(c.opaqueArea()).isCloseTo(2 * (5.1156 + 5.2038 + 3.0798), within(1e-9));
            assertThat(c.volume()).isCloseTo(2.94 * 1.74 * 1.77, within(1e-9));
            assertThat(c.known()).isTrue();
        }

        /// A pane takes its area from its wall: nothing is counted twice.
        @Test
        void aPaneTakesItsPlaceInTheWall() {
            Cabin plain = Cabin.of(walled(), Mode.NIGHT);
            Cabin glazed = Cabin.of(walled(window(1.5)), Mode.NIGHT);

            assertThat(glazed.opaqueArea() + 0.24).isCloseTo(plain.opaqueArea(), within(1e-9));
            assertThat(glazed.glazed(false)).isCloseTo(0.24 * 5.3, within(1e-9));
            assertThat(glazed.opaque() + glazed.glazed(true)).isGreaterThan(plain.opaque());
        }

        /// Whatever the shape: areas facing against one another cancel out, as those of every closed room do.
        @Test
        void aProfiledBodyIsClosed() {
            for (String demo : List.of("dunlin", "chamois")) {
                Cabin c = Cabin.of(Campers.demo(demo).orElseThrow().design(), Mode.ROAD);
                double up = 0;
                double side = 0;
                for (Cabin.Face f : c.faces()) {
                    up += f.area() * f.nz();
                    side += f.area() * f.ny();
                }
                assertThat(side).as(demo).isCloseTo(0, within(0.02 * c.opaqueArea()));
                assertThat(Math.abs(up)).as(demo).isLessThan(0.2 * c.opaqueArea());
            }
        }

        @Test
        void figuresAreSumsOfTheSides() {
            Design d = walled(window(1.5));
            Cabin c = Cabin.of(d, Mode.NIGHT);
            double sum = c.faces().stream().mapToDouble(Cabin.Face::loss).sum() + 0.24 * 5.3;

            assertThat(value(d, "air.loss.walls")).isCloseTo(sum, within(1e-9));
            assertThat(value(d, "air.loss")).isCloseTo(sum + value(d, "air.loss.air"), within(1e-9));
            assertThat(value(d, "air.heat.load")).isCloseTo(23 * value(d, "air.loss"), within(1e-6));
        }

        @Test
        void wallsThatAreNotKnownAreSaidAndMended() {
            Design d = box();
            Analysis a = Analysis.of(d);

            assertThat(raises(a, EnvelopeRules.WALLS)).isTrue();
            assertThat(a.figures().find("air.heat.load")).isEmpty();
            everyRemedySoftens(Analysis.of(d), EnvelopeRules.WALLS);
        }

        /// Without studs the two limits of EN ISO 6946 meet; an empty cavity is still air.
        @Test
        void aWallOfNothingIsNoneAndACavityIsAir() {
            Wall none = new Wall(Wall.Side.SIDES, Substance.NONE, 0, Substance.NONE, 0, Substance.NONE, 0,
                    Wall.Studs.NONE, null, null);
            Wall cavity = none.withInsulationThick(0.025);

            assertThat(Cabin.build(none, java.util.Optional.empty())).isEmpty();
            BuildUp b = Cabin.build(cavity, java.util.Optional.empty()).orElseThrow();
            assertThat(b.clear()).isCloseTo(0.13 + 0.04 + 0.18, within(1e-9));
        }

        @Test
        void coldStudsArePartedFromTheRoom() {
            Design d = walled();
            assertThat(raises(Analysis.of(d), EnvelopeRules.STUD)).isTrue();
            everyRemedySoftens(Analysis.of(d), EnvelopeRules.STUD);
        }

        @Test
        void moreInsulationNeverLosesMore() {
            double last = Double.POSITIVE_INFINITY;
            for (double k : new double[]{0.25, 0.5, 1, 2, 4}) {
                Design d = walled();
                Cabin c = Cabin.of(d.with(InsulationStudies.thicker(d.envelope(), k)), Mode.NIGHT);
                assertThat(c.opaque()).isLessThan(last);
                last = c.opaque();
            }
        }

        @Test
        void aRaisedTopLosesThroughItsSides() {
            Design d = Campers.demo("chamois").orElseThrow().design();
            Design raised = d.with(d.base().with(d.base().carcass().withLift(java.util.Optional.of(
                    new lectulum.design.base.Carcass.Lift(0.6, 0, 60, 0, 4)))));

            assertThat(Cabin.of(raised, Mode.NIGHT).opaque()).isGreaterThan(Cabin.of(raised, Mode.ROAD).opaque() + 5);
            assertThat(Cabin.of(raised, Mode.NIGHT).changes()).isEqualTo(6);
        }
    }

    @Nested
    class InTheCold {
        @Test
        void aSmallHeaterIsFoundAndALargerOneHolds() {
            Design d = cold(walled(heater(300, 600, true)), -10);

            assertThat(raises(Analysis.of(d), WarmthRules.HEATER)).isTrue();
            everyRemedySoftens(Analysis.of(d), WarmthRules.HEATER);
            assertThat(raises(Analysis.of(cold(walled(heater(300, 6000, true)), -10)), WarmthRules.HEATER)).isFalse();
        }

        /// The heater holds the room exactly down to where loss is power and people.
        @Test
        void downToIsWhereLossIsPowerAndPeople() {
            Design d = walled(heater(300, 1000, true));
            double down = value(d, "air.heat.down");

            assertThat(value(d, "air.loss") * (18 - down)).isCloseTo(1000 + 70, within(1e-6));
            assertThat(value(cold(d, down), "air.heat.reaches")).isCloseTo(18, within(1e-6));
        }

        @Test
        void aHeaterThatCannotBurnLowCycles() {
            Design d = cold(walled(heater(3000, 3500, true)), -15);
            assertThat(raises(Analysis.of(d), WarmthRules.CYCLES)).isTrue();
            everyRemedySoftens(Analysis.of(d), WarmthRules.CYCLES);
        }

        @ParameterizedTest
        @ValueSource(doubles = {-20, -5, 3})
        void inANightMorePowerIsNeverColderAndOpenVentsNeverWarmer(double outside) {
            Design d = cold(walled(vent("low", 0.1, 0.01, false), vent("high", 1.5, 0.01, false)), outside);
            Cabin c = Cabin.of(d, Mode.NIGHT);
            double last = Double.NEGATIVE_INFINITY;
            for (double power : new double[]{0, 200, 600, 2000}) {
                Night shut = Night.of(d, c, power, false);
                Night open = Night.of(d, c, power, true);

                assertThat(shut.least()).isGreaterThanOrEqualTo(last - 1e-9);
                assertThat(open.least()).isLessThanOrEqualTo(shut.least() + 1e-9);
                assertThat(open.worst()).isLessThan(shut.worst());
                last = shut.least();
            }
        }

        /// Heat of a whole night: what the heater and people gave less what left is what the room holds more.
        @Test
        void heatOfANightAddsUp() {
            Design d = cold(walled(heater(300, 3000, true)), -8);
            Cabin c = Cabin.of(d, Mode.NIGHT);
            Night n = Night.of(d, c, 3000, false);
            double mean = n.quarters().stream().mapToDouble(q -> q.air() - q.outside()).average().orElseThrow();
            double given = n.warm() + Night.STEPS * 900.0 * 55;

            assertThat(given / (Night.STEPS * 900.0 * mean)).isCloseTo(c.steady(true).all(),
                    within(0.12 * c.steady(true).all()));
        }

        @Test
        void theColdestNightIsThatOfTheBrief() {
            assertThat(value(cold(walled(), -20), "air.heat.load")).isCloseTo(38 * value(walled(), "air.loss"),
                    within(1e-6));
        }
    }

    @Nested
    class InTheHeat {
        @Test
        void aWhiteRoofTakesLessInThanADarkOne() {
            Design d = walled();
            Wall roof = d.envelope().wall(Wall.Side.ROOF).orElseThrow();
            Design dark = d.with(d.envelope().with(roof.withFinish(Wall.Finish.DARK)));

            assertThat(value(dark, "air.cool.load")).isGreaterThan(value(d, "air.cool.load") + 30);
            assertThat(value(dark, "air.cool.roof")).isGreaterThan(value(d, "air.cool.roof") + 10);
        }

        @Test
        void aWeakAirConditionerIsFoundAndMended() {
            Design d = walled(thing("cooler", 20, 0.6, 0).with(new Aired.Cooler(700, 2.9)));

            assertThat(raises(Analysis.of(d), CoolRules.COOLER)).isTrue();
            everyRemedySoftens(Analysis.of(d), CoolRules.COOLER);
        }

        @Test
        void moreCoolingIsSoonerCool() {
            double last = Double.POSITIVE_INFINITY;
            for (double power : new double[]{1500, 2500, 4000}) {
                double t = value(walled(thing("cooler", 20, 0.6, 0).with(new Aired.Cooler(power, 2.9))),
                        "air.cool.time");
                assertThat(t).isLessThanOrEqualTo(last);
                last = t;
            }
        }

        /// The same sun north and south of the equator, half a year apart, with the nose turned round.
        @Test
        void bothHemispheresAreAlike() {
            Design north = walled();
            Design south = north.with(north.brief().withLatitude(-north.brief().latitude()))
                    .with(north.settings().with(Assumption.AIR_BEARING.id(), 0.0));

            assertThat(value(south, "air.cool.load")).isCloseTo(value(north, "air.cool.load"),
                    within(0.06 * value(north, "air.cool.load")));
        }

        @Test
        void aFanNeverCoolsBelowOutside() {
            Design d = walled(thing("fan", 4, 1.5, 0).with(new Aired.Fan(0.25, 60)), vent("low", 0.1, 0.02, false));
            assertThat(value(d, "air.cool.fan")).isGreaterThan(30);
        }
    }

    /// Boxes that keep food cold, by hand at the mean of the month.
    @Nested
    class OfColdBoxes {
        private Thing store(String id, double ice) {
            return thing(id, 10, 1, 0).with(new Size(0.6, 0.4, 0.4)).with(new Aired.ColdStore(0.45, 3, 8, ice));
        }

        private double air(Design d) {
            return java.util.Arrays.stream(MeanDay.air(d.brief().latitude(), d.brief().month(), d.brief().climate()))
                    .average().orElseThrow();
        }

        /// Walls 0.45 W/K; 0.6 kg of food a person from 20 °C at 3.6 kJ/kgK; eight openings that change half of its 48 L.
        @Test
        void iceMeltsAsHeatComesIn() {
            Design d = box(store("box", 10));
            double warm = air(d) - 3;
            double joule = 0.45 * warm * 86_400 + d.brief().people().size() * 0.6 * 3600 * 17
                    + 8 * 0.5 * 0.048 * 1.204 * 1006 * 2 * warm;
            double melts = joule / (334_000 + 4186 * 3);

            assertThat(value(d, "cold.box.heat")).isCloseTo(joule / 86_400, within(1e-9));
            assertThat(value(d, "cold.box.days")).isCloseTo(10 / melts, within(1e-9));
        }

        @Test
        void iceThatDoesNotLastIsBroughtAlong() {
            Design d = box(store("box", 1)).with(box().brief().withNights(6));
            assertThat(raises(d, CoolRules.ICE)).isTrue();
            everyRemedyMends(Analysis.of(d), CoolRules.ICE);
            assertThat(raises(box(store("box", 100)), CoolRules.ICE)).isFalse();
        }

        /// What a compressor moves it moves at 0.30 of Carnot between coils 10 K colder and 15 K warmer.
        @Test
        void aCompressorTakesHeatOverItsPerformance() {
            Design d = box(store("box", 0));
            double cop = 0.30 * (3 - 10 + 273.15) / (air(d) + 15 - (3 - 10));
            assertThat(value(d, "cold.box.energy")).isCloseTo(86_400 * value(d, "cold.box.heat") / cop, within(1e-6));
            assertThat(value(d, "cold.box.days")).isNaN();
        }

        @Test
        void twoBoxesShareWhatIsPutIn() {
            Design one = box(store("a", 5));
            Design two = box(store("a", 5), store("b", 5));
            double food = one.brief().people().size() * 0.6 * 3600 * 17 / 86_400;
            assertThat(value(one, "cold.a.heat") - value(two, "cold.a.heat")).isCloseTo(food / 2, within(1e-9));
            assertThat(value(two, "cold.a.heat")).isEqualTo(value(two, "cold.b.heat"));
        }

        @Test
        void anOpenTrayStillHasItsBox() {
            Design d = Campers.start(CamperType.OVERLAND, "x").design();
            assertThat(Analysis.of(d.plus(store("ice-box", 5))).of(CoolStudies.DISCIPLINE).all())
                    .anyMatch(s -> s.id().equals("air-cold"));
        }

        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void demosKeepTheirFoodCold(String demo) {
            Design d = Campers.demo(demo).orElseThrow().design();
            long boxes = d.things().stream().filter(t -> t.has(Aired.ColdStore.class)).count();
            List<Study> all = Analysis.of(d).of(CoolStudies.DISCIPLINE).all().stream()
                    .filter(s -> s.id().equals("air-cold")).toList();
            assertThat(all).hasSize(boxes > 0 ? 1 : 0);
            all.forEach(s -> assertThat(s.listings().getFirst().text(Style.PLAIN)).hasSize((int) boxes + 1));
        }
    }

    @Nested
    class InDamp {
        @Test
        void wetPanesAreFoundAndMended() {
            Design d = walled(window(0.8), window(2.0));
            assertThat(value(d, "air.damp.water")).isGreaterThan(0.05);
            everyRemedySoftens(Analysis.of(d), DampRules.PANES);
        }

        @Test
        void fibreBehindMetalGathersMoreThanFoam() {
            Design foam = walled();
            Wall w = foam.envelope().wall(Wall.Side.SIDES).orElseThrow();
            Design wool = foam
                    .with(foam.envelope().with(w.withInsulation(Substance.MINERAL_WOOL).withLining(Substance.NONE)
                            .withLiningThick(0)));
            Analysis a = Analysis.of(cold(wool, -12));

            assertThat(a.findings()).anyMatch(f -> f.rule() == DampRules.WITHIN && f.about().key().equals("sides"));
            everyRemedyMends(a, DampRules.WITHIN);
            assertThat(Analysis.of(cold(foam, -12)).findings())
                    .noneMatch(f -> f.rule() == DampRules.WITHIN && f.about().key().equals("sides"));
        }

        @Test
        void moreFreshAirIsDrier() {
            Design shut = walled(window(1.5));
            Design open = walled(window(1.5), vent("low", 0.1, 0.02, false), vent("high", 1.5, 0.02, false));

            assertThat(value(open, "air.damp.humid")).isLessThan(value(shut, "air.damp.humid"));
            assertThat(value(open, "air.damp.water")).isLessThan(value(shut, "air.damp.water"));
        }
    }

    @Nested
    class ToBreathe {
        @Test
        void openingsThatAreNeverShutAreWantedLowAndHigh() {
            Design d = walled();
            assertThat(raises(Analysis.of(d), BreathRules.VENTS)).isTrue();
            everyRemedySoftens(Analysis.of(d), BreathRules.VENTS);
            assertThat(raises(Analysis.of(walled(vent("low", 0.1, 0.004, false), vent("high", 1.5, 0.02, false))),
                    BreathRules.VENTS)).isFalse();
            assertThat(raises(Analysis.of(walled(vent("low", 0.1, 0.004, true), vent("high", 1.5, 0.02, true))),
                    BreathRules.VENTS)).isTrue();
        }

        /// Eight who sleep behind tight foam reach 4 % before the morning; stepped second by second it is the same. With vents that are
        /// never shut it is no danger.
        @Test
        void manyBehindTightWallsAreInDanger() {
            Breath b = new Breath(10, 8 * 0.013 / 3600);
            double flow = 0.1 * 10 / 3600;
            double ppm = Breath.OUTSIDE;
            int seconds = 0;
            while (ppm < Breath.DANGER) {
                ppm += (8 * 0.013 / 3600 * 1e6 - flow * (ppm - Breath.OUTSIDE)) / 10;
                seconds++;
            }
            assertThat(b.until(Breath.OUTSIDE, flow, Breath.DANGER)).isCloseTo(seconds, within(5.0));
            assertThat(b.until(Breath.OUTSIDE, 0, Breath.DANGER)).isEqualTo(b.sealed(Breath.OUTSIDE, Breath.DANGER));
            assertThat(b.until(Breath.OUTSIDE, 1, Breath.DANGER)).isInfinite();

            List<Person> eight = IntStream.range(0, 8).mapToObj(i -> new Person("p" + i, "p" + i, 1.8, 80)).toList();
            Design d = walled();
            Design tight = d.with(d.brief().withPeople(eight)).with(d.settings().with("air.changes", 0.1));
            Analysis a = Analysis.of(tight);
            assertThat(a.findings()).anyMatch(f -> f.rule() == BreathRules.BREATH && f.severity() == Severity.STOP
                    && f.title().text(Style.PLAIN).startsWith("With nothing open the air is dangerous after "));
            everyRemedySoftens(a, BreathRules.BREATH);
        }

        /// One sleeper gives 13 L an hour: 13/1080·10³ m³/h hold 1 500 ppm.
        @Test
        void freshAirOfOneSleeper() {
            assertThat(value(walled(), "air.breath.need") * 3600).isCloseTo(13 / 1.080, within(1e-6));
        }

        @Test
        void aFanWithoutInletMovesLittleAndDrawsSmokeBack() {
            Thing stove = thing("stove", 10, 2.5, 0)
                    .with(new Aired.RoomHeater(Aired.Energy.WOOD, 1500, 3500, 0.65, false));
            Analysis a = Analysis.of(walled(thing("fan", 4, 1.5, 0).with(new Aired.Fan(0.25, 60)), stove));

            assertThat(raises(a, BreathRules.FAN)).isTrue();
            assertThat(a.findings()).anyMatch(f -> f.rule() == BreathRules.SPILL && f.severity() == Severity.STOP);
            assertThat(a.findings()).anyMatch(f -> f.rule() == lectulum.gas.GasRules.FLAME);
        }

        /// What carbon dioxide came, oxygen went: 0.83 of it by volume, and never better than fresh air.
        @Test
        void oxygenGoesAsCarbonDioxideComes() {
            Design d = walled(thing("bed", 10, 2, 0).with(new Feature.Bed(1.9, 0.7, 120)));
            double shut = value(d, "air.breath.shut");
            double oxygen = value(d, "air.breath.oxygen");
            assertThat(oxygen).isBetween(0.209 - (shut - 420) * 1e-6 / 0.83 - 1e-4, 0.209);
            double tighter = value(d.with(d.settings().with(Assumption.AIR_CHANGES.id(), 0.1)), "air.breath.oxygen");
            assertThat(tighter).isLessThan(oxygen);
        }

        @Test
        void alarmsAreWantedWhereTheyWake() {
            Design d = walled(heater(500, 2000, true), thing("bed", 10, 1.5, 0).with(new Feature.Bed(1.9, 0.9, 150)));
            Analysis a = Analysis.of(d);
            assertThat(a.findings().stream().filter(f -> f.rule() == BreathRules.ALARMS).map(f -> f.about().key()))
                    .containsExactlyInAnyOrder("monoxide", "smoke");
            everyRemedySoftens(Analysis.of(d), BreathRules.ALARMS);
            Thing high = thing("alarm", 0.2, 1.5, 0).with(new Placement(1.5, 0, 1.7, 0))
                    .with(new Aired.Alarm(Aired.Alarm.Danger.GAS_AND_CO));
            Thing bottle = thing("bottle", 5, 0.4, 0).withMount(Mount.OUTSIDE)
                    .with(new Fuelled.Bottle(5, 1, 0.95, 0));
            assertThat(Analysis.of(walled(high, bottle)).findings())
                    .anyMatch(f -> f.id().equals("air.alarms.gas") && f.severity() == Severity.WARN);
        }
    }

    @Test
    void anOpenTrayHasNoCabin() {
        Design d = walled(heater(500, 2000, true));
        Design tray = d.with(d.base().with(new Shell.Tray(3, 1.8, 0.5)));
        Analysis a = Analysis.of(tray);

        assertThat(Cabin.of(tray, Mode.NIGHT).open()).isTrue();
        assertThat(a.findings(Stage.AIR)).noneMatch(f -> f.rule() instanceof EnvelopeRules
                || f.rule() instanceof WarmthRules);
    }

    /// Random walls, vents, panes, heaters and weather: no exception, and no figure that is no number.
    @Test
    void nothingThatIsTypedBreaksIt() {
        SplittableRandom chance = new SplittableRandom(7);
        List<FeatureKind> kinds = FeatureKind.all().stream().filter(k -> Aired.class.isAssignableFrom(k.type())
                || Fuelled.class.isAssignableFrom(k.type())).toList();
        List<Thing> shelf = Catalogue.shipped().things();
        for (int trial = 0; trial < 40; trial++) {
            List<Thing> things = new ArrayList<>();
            for (int i = 0; i < 10; i++) {
                Thing t = shelf.get(chance.nextInt(shelf.size())).withId("t" + i)
                        .with(new Placement(4 * chance.nextDouble() - 0.5, 2 * chance.nextDouble() - 1,
                                2 * chance.nextDouble() - 0.5, 0))
                        .withMount(Mount.values()[chance.nextInt(Mount.values().length)]);
                FeatureKind k = kinds.get(chance.nextInt(kinds.size()));
                things.add(t.with(k.usual(t)));
            }
            Design d = box(things.toArray(Thing[]::new));
            Envelope e = Envelope.NONE;
            for (Wall.Side side : Wall.Side.values()) {
                if (chance.nextInt(4) > 0) {
                    e = e.with(new Wall(side, any(chance), 0.03 * chance.nextDouble(), any(chance),
                            0.2 * chance.nextDouble(), any(chance), 0.01 * chance.nextDouble(),
                            Wall.Studs.values()[chance.nextInt(3)],
                            chance.nextBoolean()
                                    ? OptionalDouble.empty()
                                    : OptionalDouble.of(0.8 * chance.nextDouble()),
                            Wall.Finish.values()[chance.nextInt(6)]));
                }
            }
            Design set = cold(d.with(e), 60 * chance.nextDouble() - 45)
                    .with(d.settings().with(Assumption.AIR_CHANGES.id(), 0.1 + 9 * chance.nextDouble())
                            .with(Assumption.MAINS_ALTITUDE.id(), 5000 * chance.nextDouble() - 200));
            Analysis a = Analysis.of(set);

            assertThat(a.findings()).as("trial " + trial).noneMatch(f -> f.rule().id().equals("analysis"));
            for (Figure f : a.figures().all()) {
                if (f.id().startsWith("air.") || f.id().startsWith("gas.")) {
                    f.value().ifPresent(v -> assertThat(v).as(f.id() + " in trial").isFinite());
                }
            }
        }
    }

    private static Substance any(SplittableRandom chance) {
        return Substance.values()[chance.nextInt(Substance.values().length)];
    }

    /// The air that is wanted serves the hungrier of the two, and its heat is what the night would burn for it.
    @Test
    void airForPeopleAndPanesIsTheLargerOfTheTwo() {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        Figures f = Analysis.of(d).figures();
        double heat = f.value("air.joint.heat");

        assertThat(f.value("air.joint.flow")).isGreaterThanOrEqualTo(f.value("air.breath.need") - 1e-12);
        assertThat(heat / f.value("air.joint.flow")).isCloseTo(
                1.204 * Math.pow(1 - 2.25577e-5 * 500, 5.25588) * 1006 * 21, within(0.01));
        assertThat(f.value("air.joint.fuel")).isCloseTo(heat * 8 * 3600 / (0.8 * 35.95e9), within(1e-9));
    }
}
