package lectulum.power.wiring;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static lectulum.Told.everyRemedyMends;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.params.provider.EnumSource;
import lectulum.figures.Amount;
import lectulum.assumed.Assumption;
import java.util.SplittableRandom;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Load;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Circuit;
import lectulum.design.wiring.Part;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Spot;
import lectulum.design.wiring.Wiring;
import lectulum.discipline.Study;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.kernel.electric.Network;
import lectulum.kernel.electric.Wire;
import lectulum.kernel.electric.WireChoice;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Circuits, ways, sizes, fuses and volts of a whole harness.
class HarnessTest {
    private static final Thing CELLS = thing("cells", 12, 0.5, 0.5)
            .with(new Battery(1280 * 3600, Battery.Chemistry.LITHIUM_IRON));
    private static final Thing PANEL = flat("panel", 0.6, 0.6, 0.8)
            .with(new Electric.Board(true, 12, 100, 16));

    private static Thing flat(String id, double x, double y, double z) {
        return thing(id, 1, x, y).with(new Size(0.2, 0.2, 0.1)).with(new Placement(x, y, z - 0.05, 0))
                .with(SystemGroup.ELECTRICAL);
    }

    private static Thing load(String id, double watts, double hours, double x, double y, double z) {
        return flat(id, x, y, z).with(new Load(watts, hours * 3600, Load.Feed.BATTERY));
    }

    private static Raceway way(String id, double x1, double y1, double z1, double x2, double y2, double z2) {
        return new Raceway(id, id, Part.BODY, Raceway.Zone.CABIN, new Spot(x1, y1, z1), new Spot(x2, y2, z2), 0.04,
                0.025, 0, 0);
    }

    /// One side of the box at 1.6 m, and across the rear.
    private static Design wired(Thing... things) {
        List<Thing> all = new ArrayList<>(List.of(CELLS, PANEL));
        all.addAll(List.of(things));
        return box(all.toArray(Thing[]::new)).with(Wiring.NONE.withRaceways(
                List.of(way("side", 0.3, 0.8, 1.6, 2.8, 0.8, 1.6), way("rear", 2.8, 0.8, 1.6, 2.8, -0.8, 1.6))));
    }

    private static Run circuit(Design d, String thing) {
        return Harness.of(d).feeding(thing).orElseThrow();
    }

    private static List<Finding> findings(Design d) {
        return Analysis.of(d).findings().stream().filter(f -> f.rule() instanceof WiringRules).toList();
    }

    private static boolean says(Design d, WiringRules rule) {
        return findings(d).stream().anyMatch(f -> f.rule() == rule);
    }

    private static Design with(Design d, UnaryOperator<Wiring> change) {
        return d.with(change.apply(d.wiring()));
    }

    @Nested
    class Lengths {
        /// Panel (0.6, 0.6, 0.8) up to the side (0.2 across, 0.8 up), 1.9 m along it, down to the pump (0.1 across, 1.2 down).
        @Test
        void followTheRaceways() {
            Design d = wired(load("pump", 84, 1, 2.5, 0.7, 0.4).with(SystemGroup.WATER));
            Run.Leg leg = circuit(d, "pump").legs().getFirst();

            assertThat(leg.routed()).isTrue();
            assertThat(leg.route()).isEqualTo(0.2 + 0.8 + 1.9 + 0.1 + 1.2, within(1e-9));
            assertThat(leg.cut()).isEqualTo(1.1 * leg.route() + 0.5, within(1e-9));
            assertThat(leg.along()).containsExactly("side");
        }

        @Test
        void areHalfAsLongAgainWhereThereIsNoWay() {
            Design d = wired(load("pump", 84, 1, 2.5, 0.7, 0.4)).with(Wiring.NONE);
            Run.Leg leg = circuit(d, "pump").legs().getFirst();

            assertThat(leg.routed()).isFalse();
            assertThat(leg.route()).isEqualTo(1.5 * (1.9 + 0.1 + 0.4), within(1e-9));
            assertThat(says(d, WiringRules.NO_WAY)).as("no raceway is laid at all").isFalse();
            Design hatch = wired(load("lamp", 5, 1, 2.9, 0, 1.2).with(new Electric.Rides(Part.HATCH)));
            assertThat(says(hatch, WiringRules.NO_WAY)).isTrue();
            Design lamp = wired(load("lamp", 5, 1, 2.5, 0, 1.2)).with(Wiring.NONE
                    .withRaceways(List.of(way("far", 0.2, -0.8, 1.6, 0.4, -0.8, 1.6).with(Part.HATCH))));
            assertThat(says(lamp, WiringRules.NO_WAY)).isTrue();
            everyRemedyMends(Analysis.of(lamp), WiringRules.NO_WAY);
        }

        @Test
        void growWhenAThingIsMovedAway() {
            Design near = wired(load("pump", 84, 1, 1.0, 0.7, 0.4));
            Design far = near.mapping("pump", t -> t.with(new Placement(2.7, 0.7, 0.35, 0)));

            assertThat(circuit(far, "pump").cut()).isGreaterThan(circuit(near, "pump").cut() + 1.5);
            assertThat(circuit(far, "pump").wire().orElseThrow().area())
                    .isGreaterThanOrEqualTo(circuit(near, "pump").wire().orElseThrow().area());
            assertThat(TakeOff.of(far, Harness.of(far)).mass())
                    .isGreaterThan(TakeOff.of(near, Harness.of(near)).mass());
        }
    }

    @Nested
    class Sizes {
        /// The same circuit worked out by hand: 7 A with 3.8 mΩ of contacts, 3 % of 12 V, two loaded wires.
        @Test
        void areThoseOfTheKernel() {
            Design d = wired(load("pump", 84, 1, 2.5, 0.7, 0.4).with(SystemGroup.WATER));
            Run r = circuit(d, "pump");

            WireChoice by = WireChoice.of(Harness.sizes(d), new WireChoice.Circuit(7, false, r.cut(),
                    Harness.CONTACTS, 12, 0.03, 90, 30, r.loaded(), 1)).orElseThrow();

            assertThat(r.wire()).contains(by.wire());
            assertThat(r.choice().orElseThrow().drop()).isEqualTo(by.drop(), within(1e-12));
            assertThat(r.amps()).isEqualTo(7, within(1e-12));
            assertThat(by.fuse()).isEqualTo(7.5);
            assertThat(by.part()).isLessThanOrEqualTo(0.03);
        }

        @Test
        void followTheSchool() {
            Design d = wired(load("fan", 48, 6, 2.5, 0.7, 0.4).with(SystemGroup.HEAT));
            double more = circuit(d, "fan").wire().orElseThrow().area();
            double all = circuit(with(d, w -> w.withSchool(Wiring.School.ALL_SMALL)), "fan").wire().orElseThrow()
                    .area();
            Run two = circuit(with(d, w -> w.withLarger(2)), "fan");

            assertThat(all).isGreaterThan(more);
            assertThat(Harness.sizes(d).indexOf(two.wire().orElseThrow()))
                    .isEqualTo(Harness.sizes(d).indexOf(circuit(d, "fan").wire().orElseThrow()) + 2);
            assertThat(says(with(d, w -> w.withLarger(2)), WiringRules.OVERSIZED)).isTrue();
            everyRemedyMends(Analysis.of(with(d, w -> w.withLarger(2))), WiringRules.OVERSIZED);
        }

        @Test
        void areGaugesOrSquareMillimetres() {
            Design d = wired(load("fan", 48, 6, 2.5, 0.7, 0.4));
            Brief us = d.brief().withUnits(UnitSystem.US);

            assertThat(circuit(d, "fan").wire().orElseThrow().name()).endsWith("mm²");
            assertThat(circuit(d.with(us), "fan").wire().orElseThrow().name()).endsWith("AWG");
            assertThat(circuit(with(d, w -> w.withSeries(Wiring.Series.AWG)), "fan").wire().orElseThrow().name())
                    .endsWith("AWG");
        }

        /// A circuit of several: each stretch carries what is behind it, and the last device loses what all stretches lose.
        @Test
        void ofAChainCountWhatEachStretchCarries() {
            Design d = wired(load("a", 24, 1, 1.0, 0.7, 1.4), load("b", 24, 1, 1.8, 0.7, 1.4),
                    load("c", 24, 1, 2.6, 0.7, 1.4));
            Run r = circuit(with(d, w -> w.with(new Circuit("all", "All", List.of("c", "a", "b")))), "a");

            assertThat(r.things()).containsExactly("a", "b", "c");
            assertThat(r.legs().stream().map(Run.Leg::amps)).containsExactly(6.0, 4.0, 2.0);
            Wire w = r.wire().orElseThrow();
            double ohms = w.resistance(r.choice().orElseThrow().warmth());
            double drop = r.legs().stream().mapToDouble(l -> 2 * l.amps() * l.cut() * ohms).sum()
                    + 6 * Harness.CONTACTS;
            assertThat(r.choice().orElseThrow().drop()).isEqualTo(drop, within(1e-9));
        }
    }

    @Nested
    class Arriving {
        /// The same network, both conductors apart and every contact in its place, solved by itself.
        @Test
        void areTheVoltsOfTheWholeNetwork() {
            Design d = wired(load("box", 55, 8, 2.5, 0.7, 0.4).with(SystemGroup.COLD),
                    load("pump", 84, 1, 1.5, 0.7, 0.4).with(SystemGroup.WATER));
            Harness h = Harness.of(d);
            Volts v = Volts.of(d, h);

            Network n = new Network(12, 12);
            n.source(1, 0, 12.95, 2.5e-3);
            Run main = h.of(Run.Kind.MAIN).getFirst();
            Run feeder = h.of(Run.Kind.FEEDER).getFirst();
            n.resistance(1, 2, one(main) + 0.0002 + 0.0015);
            n.resistance(3, 0, one(main) + 0.0002);
            n.resistance(2, 4, one(feeder) + 0.0002 + Harness.BOLTED / 2);
            n.resistance(5, 3, one(feeder) + 0.0002 + Harness.BOLTED / 2);
            Run box = h.feeding("box").orElseThrow();
            Run pump = h.feeding("pump").orElseThrow();
            n.resistance(4, 6, one(box) + Harness.CONTACTS / 2);
            n.resistance(7, 5, one(box) + Harness.CONTACTS / 2);
            n.resistance(4, 8, one(pump) + Harness.CONTACTS / 2);
            n.resistance(9, 5, one(pump) + Harness.CONTACTS / 2);
            n.power(6, 7, 55);
            n.power(8, 9, 84);
            Network.Solved by = n.solve();

            assertThat(v.at("box").orElseThrow().volts()).isEqualTo(by.between(6, 7), within(1e-9));
            assertThat(v.at("pump").orElseThrow().volts()).isEqualTo(by.between(8, 9), within(1e-9));
            assertThat(v.atBus()).isEqualTo(by.between(4, 5), within(1e-9));
        }

        private static double one(Run r) {
            return r.cut() * r.wire().orElseThrow().resistance(r.choice().orElseThrow().warmth());
        }

        @Test
        void fallWhenSomethingStarts() {
            Thing box = load("box", 55, 8, 2.5, 0.7, 0.4).with(SystemGroup.COLD);
            Electric.Draws hard = new Electric.Draws(Electric.Behaviour.POWER, 4, 10.4, 5, Electric.Known.GUESS, false,
                    1, 1, 1);
            double calm = Volts.of(wired(box), Harness.of(wired(box))).at("box").orElseThrow().volts();
            Design d = wired(box.with(hard));
            Volts.AtDevice at = Volts.of(d, Harness.of(d)).at("box").orElseThrow();

            assertThat(at.volts()).isLessThan(calm - 0.3);
            assertThat(at.starts()).isEqualTo("box");
            assertThat(at.shared() + at.own()).isEqualTo(12.95 - at.volts(), within(1e-9));
        }

        @Test
        void breakDownWhereTheWireIsHopeless() {
            Design d = wired(load("heater", 240, 1, 2.7, -0.7, 0.4));
            Design thin = with(d, w -> w.with(new Circuit("x", "Heater", List.of("heater")).sized("1 mm²")
                    .fused(40)));
            Design hopeless = with(wired(load("heater", 1500, 1, 2.7, -0.7, 0.4)),
                    w -> w.with(new Circuit("x", "Heater", List.of("heater")).sized("1 mm²").fused(60)));

            assertThat(says(hopeless, WiringRules.COLLAPSE)).isTrue();
            assertThat(says(thin, WiringRules.OVERFUSED)).isTrue();
            assertThat(says(thin, WiringRules.LOSS)).isTrue();
        }
    }

    @Nested
    class Checks {
        private final Design good = wired(load("pump", 84, 1, 1.5, 0.7, 0.4).with(SystemGroup.WATER));

        @Test
        void sayNothingOfASoundHarness() {
            assertThat(findings(good)).noneMatch(f -> f.severity() != Severity.NOTE);
        }

        @Test
        void findABatteryWithoutItsFuse() {
            Design bare = with(good, w -> w.withUnfused(true));

            assertThat(findings(bare)).anyMatch(f -> f.rule() == WiringRules.UNFUSED
                    && f.severity() == Severity.STOP);
            everyRemedyMends(Analysis.of(bare), WiringRules.UNFUSED);
            assertThat(findings(with(good, w -> w.withMainAt(0.9)))).anyMatch(f -> f.rule() == WiringRules.UNFUSED
                    && f.severity() == Severity.WARN);
            assertThat(findings(with(good, w -> w.withMainAt(2.2)))).anyMatch(f -> f.rule() == WiringRules.UNFUSED
                    && f.severity() == Severity.STOP);
            assertThat(says(with(good, w -> w.withMainAt(0.178)), WiringRules.UNFUSED)).isFalse();
        }

        @Test
        void findAFuseThatIsTooLargeAndOneThatNeverBlows() {
            Design large = with(good, w -> w.with(new Circuit("x", "Pump", List.of("pump")).fused(40)
                    .sized("1.5 mm²")));
            assertThat(findings(large)).anyMatch(f -> f.rule() == WiringRules.OVERFUSED
                    && f.severity() == Severity.STOP);
            everyRemedyMends(Analysis.of(large), WiringRules.OVERFUSED);

            Design slow = with(wired(load("lamp", 12, 1, 2.7, -0.7, 0.4)),
                    w -> w.with(new Circuit("x", "Lamp", List.of("lamp")).fused(25).sized("1 mm²")));
            assertThat(says(slow, WiringRules.CLEARS)).isTrue();
            everyRemedyMends(Analysis.of(slow), WiringRules.CLEARS);
        }

        @Test
        void findAShortThatNoFuseBreaks() {
            Design huge = good.mapping("cells",
                    t -> t.with(new Battery(20 * 1280 * 3600.0, Battery.Chemistry.LITHIUM_IRON)));

            assertThat(says(huge, WiringRules.BREAKS)).isTrue();
            assertThat(says(good, WiringRules.BREAKS)).isFalse();
        }

        @Test
        void findAFullRacewayAndACrossingWithoutSlack() {
            Design narrow = with(good, w -> w.mappingRaceway("side", r -> r.sized(0.006, 0.006)));
            assertThat(says(narrow, WiringRules.FILL)).isTrue();
            everyRemedyMends(Analysis.of(narrow), WiringRules.FILL);

            Design hatch = with(wired(load("lamp", 5, 1, 2.9, 0, 1.2).with(new Electric.Rides(Part.HATCH))),
                    w -> w.plus(way("joint", 2.8, -0.8, 1.6, 2.9, 0, 1.5).with(Part.HATCH)));
            assertThat(says(hatch, WiringRules.CROSSING)).isTrue();
            everyRemedyMends(Analysis.of(hatch), WiringRules.CROSSING);
        }

        /// Two of 1.5 kW draw 234 A of 12.8 V, and a fuse of the next size wants a wire that there is none of; at 24 V it is half.
        @Test
        void findWhatNoWireCarries() {
            Design d = with(wired(load("a", 1500, 1, 2, 0.7, 0.4), load("b", 1500, 1, 2.2, 0.7, 0.4))
                    .mapping("cells", t -> t.with(new Battery(2 * 1280 * 3600, Battery.Chemistry.LITHIUM_IRON)))
                    .mapping("panel", t -> t.with(new Electric.Board(true, 12, 300, 120))),
                    w -> w.with(new Circuit("x", "All", List.of("a", "b"))).mappingRaceway("side",
                            r -> r.sized(0.1, 0.1)));

            assertThat(says(d, WiringRules.NO_SIZE)).isTrue();
            everyRemedyMends(Analysis.of(d), WiringRules.NO_SIZE);
        }

        @Test
        void findARacewayThatLeavesTheBody() {
            Design out = with(good, w -> w.plus(way("out", 2.8, 0.8, 1.6, 9, 0.8, 1.6)));
            assertThat(says(out, WiringRules.OUTSIDE)).isTrue();
        }

        @Test
        void findAPanelThatIsMissingOrTooSmall() {
            Design none = wired(load("a", 60, 1, 1, 0.7, 0.4), load("b", 60, 1, 2, 0.7, 0.4)).without(Set.of("panel"));
            assertThat(says(none, WiringRules.BOARD)).isTrue();
            everyRemedyMends(Analysis.of(none), WiringRules.BOARD);
            Design small = wired(load("a", 60, 1, 1, 0.7, 0.4), load("b", 60, 1, 2, 0.7, 0.4)).mapping("panel",
                    t -> t.with(new Electric.Board(true, 1, 100, 16)));
            assertThat(says(small, WiringRules.BOARD)).isTrue();
            everyRemedyMends(Analysis.of(small), WiringRules.BOARD);
        }

        @Test
        void findASocketThatGivesTooLittle() {
            Thing socket = flat("socket", 1.5, 0.8, 0.6).with(new Electric.Outlet(5));
            Thing loose = load("telescope", 90, 4, 1.6, 0.5, 0.2).with(Fix.LOOSE);
            Design d = wired(socket, loose);

            assertThat(Harness.of(d).plugged()).containsEntry("telescope", "socket");
            assertThat(circuit(d, "telescope").things()).contains("socket");
            assertThat(says(d, WiringRules.SOCKET)).isTrue();
            everyRemedyMends(Analysis.of(d), WiringRules.SOCKET);
            assertThat(says(d.mapping("socket", t -> t.with(new Electric.Outlet(10))), WiringRules.SOCKET)).isFalse();
        }

        @Test
        void findACircuitOfNothingAndAMissingSwitch() {
            Design empty = with(good, w -> w.with(new Circuit("ghost", "Ghost", List.of("nobody"))));
            assertThat(says(empty, WiringRules.EMPTY)).isTrue();
            everyRemedyMends(Analysis.of(empty), WiringRules.EMPTY);
            Design none = with(good, w -> w.withDisconnect(false));
            assertThat(says(none, WiringRules.SWITCH)).isTrue();
            everyRemedyMends(Analysis.of(none), WiringRules.SWITCH);
        }

        /// Two wires of one size in one raceway: a bundle of 1.2 √2 d, and a hole a quarter wider, to the next whole millimetre.
        @Test
        void tellTheHoleThatABundleWants() {
            Design d = with(wired(load("pump", 84, 1, 2.5, 0.7, 0.4)),
                    w -> w.mappingRaceway("side",
                            r -> new Raceway(r.id(), r.name(), r.part(), r.zone(), r.from(), r.to(),
                                    0.04, 0.025, 0, 2)));
            double wire = circuit(d, "pump").wire().orElseThrow().diameter();
            Study s = Analysis.of(d).of(WiringStudies.DRAWINGS).all().stream()
                    .filter(x -> x.title().equals("Raceways and their holes")).findFirst().orElseThrow();
            List<String> row = s.listings().getFirst().text(Style.PLAIN).get(1);

            assertThat(row.getFirst()).isEqualTo("side");
            assertThat(row.get(2)).isEqualTo("2");
            assertThat(row.get(6)).isEqualTo("2");
            assertThat(row.get(7).replace('\u00a0', ' '))
                    .isEqualTo(Math.round(Math.ceil(1.25 * 1.2 * Math.sqrt(2) * wire)) + " mm");
            assertThat(s.notes()).anyMatch(n -> n.text(Style.PLAIN).equals("One raceway is empty."));
        }

        @Test
        void findAWireThatDoesNotFitItsTerminal() {
            Design thick = with(good, w -> w.with(new Circuit("x", "Pump", List.of("pump")).sized("35 mm²")));
            assertThat(says(thick, WiringRules.TERMINAL)).isTrue();
        }

        @Test
        void findAVehicleThatGivesTooLittle() {
            Thing charger = Catalogue.shipped().find("charger-12-v-to-12-v-18-a").orElseThrow().withId("charger")
                    .with(new Placement(0.5, 0.2, 0.5, 0));
            Design d = with(wired(charger), w -> w).with(wired(charger).settings().with("line.contacts", 0.1));
            assertThat(says(d, WiringRules.VEHICLE_LINE)).isTrue();
            everyRemedyMends(Analysis.of(d), WiringRules.VEHICLE_LINE);
        }

        @Test
        void withoutABatterySaySoOnlyWhereCircuitsAreSet() {
            Design none = wired(load("a", 60, 1, 1, 0.7, 0.4)).without(Set.of("cells"));
            assertThat(Harness.of(none).runs()).isEmpty();
            assertThat(findings(none)).isEmpty();
            assertThat(says(with(none, w -> w.with(new Circuit("x", "A", List.of("a")))), WiringRules.NO_BATTERY))
                    .isTrue();
        }
    }

    @Nested
    class WhatIsBought {
        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void isOneOfEachForEachWire(String demo) {
            Design d = Campers.demo(demo).orElseThrow().design();
            Harness h = Harness.of(d);
            TakeOff t = TakeOff.of(d, h);

            int wires = h.runs().stream().filter(r -> r.wire().isPresent())
                    .mapToInt(r -> r.legs().size() * r.conductors()).sum();
            double ends = t.items().stream().filter(i -> i.group() == TakeOff.Group.END
                    && !i.name().startsWith("heat")).mapToDouble(TakeOff.Item::count).sum();
            assertThat(ends).isEqualTo(2.0 * wires);
            double metres = t.items().stream().filter(i -> i.group() == TakeOff.Group.WIRE)
                    .mapToDouble(TakeOff.Item::count).sum();
            assertThat(metres).isEqualTo(h.runs().stream().filter(r -> r.wire().isPresent())
                    .mapToDouble(r -> r.cut() * r.conductors()).sum(), within(1e-9));
            assertThat(t.items().stream().filter(i -> i.name().equals("label")).mapToDouble(TakeOff.Item::count).sum())
                    .isGreaterThanOrEqualTo(wires);
            assertThat(t.mass()).isBetween(0.5, 40.0);
            assertThat(t.centre().x()).isBetween(-d.base().tongueLength(), d.base().shell().length());
        }

        @Test
        void comesOnReelsThatHoldEveryPieceWhole() {
            assertThat(TakeOff.Sold.METRES.reels(List.of(2.0, 2.5), 0.05)).isEqualTo("1 × 5 m");
            assertThat(TakeOff.Sold.METRES.reels(List.of(30.0, 60.0), 0.05)).isEqualTo("1 × 100 m");
            assertThat(TakeOff.Sold.METRES.reels(List.of(60.0, 60.0, 30.0), 0)).isEqualTo("2 × 100 m");
            assertThat(TakeOff.Sold.FEET.reels(List.of(2.0, 2.5), 0)).as("14.8 ft").isEqualTo("1 × 25 ft");
            assertThat(TakeOff.Sold.FEET.reels(List.of(60.0, 60.0, 30.0), 0)).as("492 ft").isEqualTo("1 × 500 ft");
            assertThat(TakeOff.Sold.FEET.whole(3.048)).isEqualTo("10 ft");
            assertThat(TakeOff.Sold.METRES.whole(3.048)).isEqualTo("4 m");
        }

        /// American gauges are sold by the foot, whatever is shown on the page.
        @Test
        void isSoldByWhatItsSizesAreCountedIn() {
            Design d = Campers.demo("nightjar").orElseThrow().design();
            Design feet = d.withWiring(d.wiring().withSeries(Wiring.Series.AWG));

            assertThat(bought(d)).isNotEmpty().allMatch(b -> b.endsWith(" m"));
            assertThat(bought(feet)).isNotEmpty().allMatch(b -> b.endsWith(" ft"));
        }

        private static List<String> bought(Design d) {
            return TakeOff.of(d, Harness.of(d)).items().stream().filter(TakeOff.Item::length)
                    .map(TakeOff.Item::buy).toList();
        }

        @Test
        void goesIntoTheCamper() {
            Design d = Campers.demo("nightjar").orElseThrow().design();
            Analysis a = Analysis.of(d);
            Finding f = a.findings().stream().filter(x -> x.rule() == WiringRules.TAKE_OFF).findFirst().orElseThrow();
            Design taken = Remedies.of(a, f).getFirst().edit().apply(d);
            TakeOff t = TakeOff.of(d, Harness.of(d));
            Thing wiring = taken.thing("wiring-and-small-parts").orElseThrow();

            assertThat(wiring.mass().value()).isEqualTo(t.mass(), within(1e-9));
            assertThat(wiring.cost().planned()).isEqualTo(t.cost(), within(1e-9));
            assertThat(wiring.place().x()).isEqualTo(t.centre().x(), within(1e-9));
        }
    }

    @Nested
    class OnPaper {
        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void everyCircuitIsOnTheOneLineDiagramAndNothingCrosses(String demo) {
            Design d = Campers.demo(demo).orElseThrow().design();
            Wired w = Wired.of(d);
            OneLine one = w.sheets().whole();

            assertThat(one.crossings()).isZero();
            assertThat(Wired.of(d).sheets().whole()).isEqualTo(one);
            for (Run r : w.harness().of(Run.Kind.CIRCUIT)) {
                assertThat(one.symbol(r.id())).as(r.name()).isPresent();
            }
            Set<String> ids = new HashSet<>(one.symbols().stream().map(OneLine.Symbol::id).toList());
            assertThat(one.links()).allMatch(l -> ids.contains(l.from()) && ids.contains(l.to()));
            assertThat(one.links()).allMatch(l -> one.symbol(l.from()).orElseThrow().rank() < one.symbol(l.to())
                    .orElseThrow().rank());
            Set<String> places = new HashSet<>();
            for (OneLine.Symbol s : one.symbols()) {
                assertThat(places.add(s.rank() + " " + s.row())).as(s.name()).isTrue();
            }
        }

        @ParameterizedTest
        @EnumSource(DiagramSheets.Level.class)
        void everySheetIsDrawnWithoutCrossingsAndNothingOverAnother(DiagramSheets.Level level) {
            for (String demo : List.of("nightjar", "dunlin", "chamois")) {
                OneLine sheet = Wired.of(Campers.demo(demo).orElseThrow().design()).sheets().at(level);

                assertThat(sheet.symbols()).as(demo).isNotEmpty();
                assertThat(sheet.crossings()).isZero();
                Set<String> places = new HashSet<>();
                sheet.symbols().forEach(x -> assertThat(places.add(x.rank() + " " + x.row())).as(x.name()).isTrue());
                assertThat(sheet.links())
                        .allMatch(l -> sheet.symbol(l.from()).isPresent() && sheet.symbol(l.to()).isPresent());
                assertThat(sheet.symbols()).allMatch(x -> x.rank() < sheet.ranks() && x.row() < sheet.rows());
            }
        }

        @Test
        void everyDeviceHasItsTerminalsOnTheSheetOfThePanel() {
            Wired w = Wired.of(Campers.demo("nightjar").orElseThrow().design());

            for (Run r : w.harness().of(Run.Kind.CIRCUIT)) {
                assertThat(w.sheets().panel().symbol(r.id() + ".fuse").orElseThrow().name())
                        .isEqualTo("+" + r.number());
                for (String thing : r.things()) {
                    assertThat(w.sheets().panel().symbol(r.id() + "." + thing)).isPresent();
                }
            }
        }

        @Test
        void theCurrentsOfTheGroupsAreThoseOfTheCircuits() {
            Wired w = Wired.of(Campers.demo("nightjar").orElseThrow().design());
            double all = w.harness().of(Run.Kind.CIRCUIT).stream().mapToDouble(Run::amps).sum();
            double groups = w.sheets().overview().symbols().stream().filter(x -> x.id().startsWith("group."))
                    .mapToDouble(x -> ((Amount) x.under().parts().get(2)).value()).sum();

            assertThat(groups).isEqualTo(all, within(1e-9));
        }

        @Test
        void aLampOnALeftAndARightWireHangsOnBothByHalf() {
            Design d = wired(load("pump", 84, 1, 1.5, 0.7, 0.4));
            OneLine american = Wired.of(d.with(d.settings().with(Assumption.LAMP_RULES.id(), 1))).sheets().road();
            OneLine seven = Wired.of(d.with(d.settings().with(Assumption.LAMP_PLUG.id(), 7))).sheets().road();

            assertThat(american.symbol("pin.TM.tail").orElseThrow().under().text(Style.PLAIN)).startsWith("2 ×");
            assertThat(seven.symbol("pin.7.tail").orElseThrow().under().text(Style.PLAIN)).startsWith("1 ×");
            assertThat(seven.symbol("pin.6.rear lamp with stop and turn").orElseThrow().under().text(Style.PLAIN))
                    .startsWith("2 ×");
            assertThat(Wired.of(d).sheets().road().symbol("plug").orElseThrow().name()).isEqualTo("13-pin plug");
        }

        @Test
        void theRoadLightsNeedNoBattery() {
            DiagramSheets sheets = Wired.of(lectulum.Samples.box()).sheets();

            assertThat(sheets.whole().symbols()).isEmpty();
            assertThat(sheets.overview().symbols()).isEmpty();
            assertThat(sheets.panel().symbols()).isEmpty();
            assertThat(sheets.road().symbols()).isNotEmpty();
        }

        @Test
        void aBatteryWithoutFuseOrSwitchIsDrawnWithoutThem() {
            Design d = wired(load("pump", 84, 1, 1.5, 0.7, 0.4));
            Design bare = with(d, w -> w.withUnfused(true).withDisconnect(false));

            assertThat(Wired.of(d).sheets().whole().symbols()).extracting(OneLine.Symbol::kind)
                    .contains(OneLine.Kind.SWITCH);
            assertThat(Wired.of(bare).sheets().whole().symbols()).extracting(OneLine.Symbol::id)
                    .doesNotContain("main.fuse", "main.switch");
        }
    }

    /// Whatever is typed: no exception, and what has a size has one that its fuse protects and that loses no more than it may.
    @Test
    void nothingThatIsTypedBreaksIt() {
        SplittableRandom chance = new SplittableRandom(4);
        List<Thing> shelf = Catalogue.shipped().things();
        for (int trial = 0; trial < 60; trial++) {
            List<Thing> things = new ArrayList<>();
            for (int i = 0; i < 14; i++) {
                Thing t = shelf.get(chance.nextInt(shelf.size())).withId("t" + i);
                things.add(t.with(new Placement(4 * chance.nextDouble() - 0.5, 2 * chance.nextDouble() - 1,
                        2 * chance.nextDouble(), 0)));
            }
            if (chance.nextBoolean()) {
                things.add(CELLS);
            }
            List<Raceway> ways = Stream.generate(() -> new Raceway("w" + chance.nextInt(6), "w",
                    Part.values()[chance.nextInt(5)], Raceway.Zone.values()[chance.nextInt(3)], spot(chance),
                    spot(chance), 0.01 + 0.05 * chance.nextDouble(), 0.02, chance.nextInt(3) * 0.3, 1))
                    .limit(chance.nextInt(8)).toList();
            Design d = box(things.toArray(Thing[]::new)).with(Wiring.NONE.withRaceways(ways)
                    .withLarger(chance.nextInt(4)).withHot(chance.nextBoolean()).withChassis(chance.nextBoolean())
                    .withMainFuse(chance.nextBoolean() ? OptionalDouble.of(5) : OptionalDouble.empty())
                    .withCircuits(List.of(new Circuit("c", "c", List.of("t1", "t2", "t99")))));

            Wired w = Wired.of(d);

            for (Run r : w.harness().runs()) {
                r.choice().filter(c -> c.governed() != WireChoice.Governed.USER).ifPresent(c -> {
                    assertThat(c.allowed()).as(r.name()).isGreaterThanOrEqualTo(c.fuse() - 1e-9);
                    assertThat(c.part()).as(r.name()).isLessThanOrEqualTo(r.limit() + 1e-9);
                });
            }
            for (String id : w.volts().worst().keySet()) {
                assertThat(w.harness().feeding(id)).isPresent();
            }
            assertThat(w.takeOff().mass()).isNotNegative().isFinite();
            assertThat(w.sheets().whole().crossings()).isZero();
        }
    }

    private static Spot spot(SplittableRandom chance) {
        return new Spot(3 * chance.nextDouble(), 1.6 * chance.nextDouble() - 0.8, 1.6 * chance.nextDouble());
    }
}
