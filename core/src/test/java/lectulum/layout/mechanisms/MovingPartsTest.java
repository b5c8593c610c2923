package lectulum.layout.mechanisms;

import static lectulum.Told.mended;
import static lectulum.Told.everyRemedySoftens;
import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static lectulum.Told.finding;
import static lectulum.Told.says;
import static lectulum.Told.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.assumed.Assumption;
import lectulum.balance.Balance;
import lectulum.base.frame.FrameStudies;
import lectulum.base.profile.ProfileStudies;
import lectulum.design.Design;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Severity;
import lectulum.kernel.mechanisms.GasStrut;
import lectulum.kernel.mechanisms.HatchSwing;
import lectulum.kernel.mechanisms.Lid;
import lectulum.kernel.mechanisms.RisingBed;
import lectulum.space.Body;
import lectulum.units.Style;
import lectulum.units.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Hatches, lids, rising beds, lifting tops and slides, as they are built.
class MovingPartsTest {
    private static Design hatched(Carcass.Hatch hatch, Thing... things) {
        Design d = box(things);
        return d.with(d.base().with(d.base().carcass().withHatch(Optional.of(hatch))));
    }

    private static HatchSwing swing(Design d) {
        return ProfileStudies.swing(Body.of(d.base()), d.base().carcass().hatch().orElseThrow()).orElseThrow();
    }

    private static Thing outside(String id, double x, double z, double l, double h) {
        return thing(id, 4, x, 0).with(Mount.OUTSIDE).with(new Size(l, 1.2, h)).with(new Placement(x, 0, z, 0));
    }

    /// A box 3.0 long and 1.8 high whose hatch is hinged 0.4 before its upright rear wall.
    @Test
    void aSquareRearHasAHatchToo() {
        Design d = hatched(new Carcass.Hatch(2.6, Math.toRadians(90)));

        assertThat(value(d, "shell.hatch.rear")).as("the hatch's corner farthest from the hinge")
                .isCloseTo(1.2 + 2.6 + Math.hypot(0.4, 1.8), within(1e-6));
        assertThat(swing(d).lip()).as("turned by a right angle")
                .satisfies(lip -> assertThat(lip[0]).isCloseTo(2.6 + 1.8, within(1e-9)))
                .satisfies(lip -> assertThat(lip[1]).isCloseTo(1.8 + 0.4, within(1e-9)));
    }

    @Test
    void aHatchEndsAtItsSill() {
        HatchSwing half = swing(hatched(new Carcass.Hatch(2.6, Math.toRadians(80), 0.6)));

        assertThat(half.outline().getLast()[1]).isCloseTo(0.6, within(1e-9));
        assertThat(half.farthestRear()).isCloseTo(2.6 + Math.hypot(0.4, 1.2), within(1e-9));
    }

    /// No corner of a wide bar is met: the lip meets its flat underside. Worked by turning the outline in small steps.
    @ParameterizedTest
    @CsvSource({"2.0, 3.3, 2.3, 2.4", "3.05, 3.5, 0.2, 0.5", "3.3, 3.4, 1.2, 1.3"})
    void aHatchIsStoppedByFacesAsByCorners(double x1, double x2, double z1, double z2) {
        HatchSwing swing = swing(hatched(new Carcass.Hatch(2.6, Math.toRadians(100))));

        OptionalDouble first = OptionalDouble.empty();
        for (double a = 0; a <= swing.open() && first.isEmpty(); a += 1e-4) {
            List<double[]> line = swing.at(a);
            for (int i = 1; i < line.size() && first.isEmpty(); i++) {
                for (double t = 0; t <= 1 && first.isEmpty(); t += 0.002) {
                    double x = line.get(i - 1)[0] + t * (line.get(i)[0] - line.get(i - 1)[0]);
                    double z = line.get(i - 1)[1] + t * (line.get(i)[1] - line.get(i - 1)[1]);
                    if (x > x1 && x < x2 && z > z1 && z < z2) {
                        first = OptionalDouble.of(a);
                    }
                }
            }
        }

        Optional<Double> said = swing.blockedBy(x1, z1, x2, z2);
        assertThat(said.isPresent()).isEqualTo(first.isPresent());
        if (first.isPresent()) {
            assertThat(said.orElseThrow()).isCloseTo(first.getAsDouble(), within(0.003));
        }
    }

    @Test
    void whatIsFixedToTheHatchMovesWithIt() {
        Thing plate = outside("plate", 3.05, 0.9, 0.06, 0.2).with(Fix.FIXED);
        Design d = hatched(new Carcass.Hatch(2.6, Math.toRadians(80)), plate);

        assertThat(finding(d, "shell.hatch.blocked")).isEmpty();
        assertThat(value(d, "shell.hatch.carried")).isCloseTo(4, within(1e-9));
        Design beside = hatched(new Carcass.Hatch(2.6, Math.toRadians(80)),
                outside("rack", 3.4, 0.9, 0.3, 0.2).with(Fix.FIXED));
        assertThat(says(beside, "shell.hatch.blocked")).startsWith("rack stops the hatch at");
        assertThat(Remedies.of(Analysis.of(beside), finding(beside, "shell.hatch.blocked").orElseThrow()))
                .extracting(r -> r.says().text(Style.PLAIN)).contains("Without rack");
    }

    /// 4 kg on the upright rear wall, 0.45 behind the hinge at 2.6 and 0.8 below it, on a leaf of 19 kg.
    @Test
    void theStrutsOfAHatchLiftWhatIsFixedToItToo() {
        Feature.Lid leaf = new Feature.Lid(19, 0.40, -0.60, 0.43, -1.6, Math.toRadians(80), 0.30, -0.50, 0.15, -0.05, 2,
                300, 1.35, 0.35, 0.80);
        Thing hatch = thing("hatch", 19, 2.8, 0).with(Mount.SPREAD).with(leaf);
        Thing plate = outside("plate", 3.05, 0.9, 0.06, 0.2).with(Fix.FIXED);
        Carcass.Hatch open = new Carcass.Hatch(2.6, Math.toRadians(80));
        double z = 0.9 + 0.1 - 1.8;
        Lid loaded = new Lid(23, new double[]{(19 * 0.40 + 4 * 0.45) / 23, (19 * -0.60 + 4 * z) / 23},
                new double[]{0.43, -1.6}, Math.toRadians(80), new double[]{0.30, -0.50}, new double[]{0.15, -0.05}, 2,
                new GasStrut(300, 1.35, 0.35, 0.80));

        Design with = hatched(open, hatch, plate);
        double cold = lectulum.assumed.Assumed.value(with, Assumption.LID_COLD);
        assertThat(value(with, "mech.hatch.lid.holdCold")).isCloseTo(loaded.hold(cold), within(1e-9));
        assertThat(value(hatched(open, hatch), "mech.hatch.lid.holdCold"))
                .isCloseTo(StrutStudies.lid(leaf).hold(cold), within(1e-9)).isGreaterThan(loaded.hold(cold));
        assertThat(value(with, "shell.hatch.carried")).as("the leaf is not fixed to itself").isCloseTo(4, within(1e-9));
    }

    private static Design lifted(double rise, double panel, double side) {
        Design d = box();
        return d.with(d.base().with(d.base().carcass()
                .withLift(Optional.of(new Carcass.Lift(rise, panel, 60, 40, 4,
                        side > 0 ? OptionalDouble.of(side) : OptionalDouble.empty())))));
    }

    /// Inside 1.74 × 2.94. Panels 0.5 high: each pair lies in one layer, two layers of 20 mm. Panels 1.0 high: the long
    /// ones overlap in the width (2.0 > 1.74), the ends lie flat in the length: three layers.
    @Test
    void theFoldedPanelsTakeHeadroomOnTheRoad() {
        double plain = Body.of(box().base()).roofInside().highest();

        assertThat(value(lifted(0.5, 0.02, 0), "shell.lift.stack")).isCloseTo(0.04, within(1e-9));
        assertThat(value(lifted(0.5, 0.02, 0), "shell.lift.road")).isCloseTo(plain - 0.04, within(1e-9));
        assertThat(value(lifted(0.5, 0.02, 0), "shell.lift.height")).isCloseTo(plain + 0.5, within(1e-9));
        assertThat(value(lifted(1.0, 0.02, 0), "shell.lift.stack")).isCloseTo(0.06, within(1e-9));
        assertThat(value(lifted(1.0, 0.02, 0), "shell.lift.road")).isCloseTo(plain - 0.06, within(1e-9));
    }

    @Test
    void panelsLowerThanTheRiseLeaveAGap() {
        assertThat(says(lifted(0.5, 0.02, 0.42), "shell.lift.gap")).contains("80 mm stays open");
        assertThat(finding(lifted(0.5, 0.02, 0.52), "shell.lift.gap")).isEmpty();
        assertThat(finding(lifted(0.5, 0.02, 0), "shell.lift.gap")).isEmpty();
    }

    private static Lid lid(double open, double friction) {
        return new Lid(16, new double[]{0.52, -0.20}, new double[]{0.97, -0.80}, Math.toRadians(open),
                new double[]{0.45, -0.45}, new double[]{0.19562952, -0.04158234}, 2,
                new GasStrut(200, 1.35, 0.35, 0.80),
                friction);
    }

    /// Both ways lie the same distance from the frictionless force; the way up asks more.
    @ParameterizedTest
    @CsvSource({"10", "40", "70"})
    void frictionAsksMoreOnBothWays(double degrees) {
        double a = Math.toRadians(degrees);
        Lid rough = lid(78, 30);

        assertThat((rough.opening(a, 20) + rough.closing(a, 20)) / 2).isCloseTo(lid(78, 0).hand(a, 20), within(1e-9));
        assertThat(rough.opening(a, 20)).isGreaterThan(rough.closing(a, 20));
        assertThat(rough.peakHand(20)).isGreaterThan(lid(78, 0).peakHand(20));
        double arm = lid(78, 0).strutMoment(a, 20)
                / (2 * new GasStrut(200, 1.35, 0.35, 0.80).push(rough.length(a), 20));
        assertThat(rough.opening(a, 20) - rough.closing(a, 20))
                .isCloseTo(2 * 2 * 30 * arm / Math.hypot(0.97, 0.80), within(1e-9));
    }

    /// The centre lies 0.52 out and 0.20 down: it stands over the hinge at 90° + atan(0.20/0.52) = 111.04°.
    @Test
    void aLidPastUprightHoldsByItsOwnWeight() {
        assertThat(lid(111, 0).pastUpright()).isFalse();
        assertThat(lid(111.1, 0).pastUpright()).isTrue();
        assertThat(lid(115, 0).hold(-10)).isInfinite();
        assertThat(lid(115, 0).gravityMoment(Math.toRadians(115))).isPositive();
    }

    /// Body point at 1.1 between 0.8 and 1.4: the strut is shortest half-way up, where both ends look harmless.
    @Test
    void aRisingBedsStrutIsShortestOnItsWay() {
        GasStrut strut = new GasStrut(150, 1.38, 0.20, 0.55);
        RisingBed bed = new RisingBed(34, 0.74, 0, 1.40, new RisingBed.Pair[]{
                new RisingBed.Pair(0.42, 1.1, 0.12, strut), new RisingBed.Pair(1.00, 1.1, 1.30, strut)});

        assertThat(Math.hypot(0.30, 0.30)).as("long enough at both ends").isGreaterThan(0.35);
        assertThat(bed.beyondTravel(0.8, 1.4)).as("and 5 mm kept in hand")
                .isCloseTo(0.35 - 0.30 + 0.005, within(1e-9));
        assertThat(bed.beyondTravel(1.3, 1.4)).as("it never comes that low").isLessThanOrEqualTo(0);
    }

    private static Design slide(double rated, double person) {
        Thing kitchen = thing("kitchen", 30, 2.6, 0).with(new Size(0.7, 0.5, 0.3)).with(Fix.FIXED).withFeatures(
                List.of(new Feature.Drawer(Feature.Face.REAR, 0.6), new Feature.Rails(0.3, rated, 4000)));
        Design d = box(kitchen);
        return d.with(d.settings().with("person.slide", person));
    }

    /// 30 kg at 0.6 − 0.35 = 0.25 out; runners for 60 kg carry 60 g · 0.3; 700 N sit on the end at 0.6.
    @Test
    void nobodySitsOnASlideThatIsNotMadeForIt() {
        double own = 30 * Units.GRAVITY * 0.25;

        assertThat(value(slide(60, 700), "mech.kitchen.slide.moment")).isCloseTo(own, within(1e-6));
        assertThat(finding(slide(60, 700), "slide.person.kitchen").orElseThrow().severity()).isEqualTo(Severity.NOTE);
        assertThat(finding(slide(60, 700), "slide.root.kitchen")).isEmpty();
        double enough = (own + 700 * 0.6) / (Units.GRAVITY * 0.3);
        assertThat(finding(slide(enough + 0.1, 700), "slide.person.kitchen")).isEmpty();
        assertThat(finding(slide(enough - 0.1, 700), "slide.person.kitchen")).isPresent();
    }

    /// Unhitched: what somebody at the end takes off the jack is his weight times his place behind the axle over that of the
    /// jack before it.
    @Test
    void somebodyOnTheEndOfASlideLiftsTheTongue() {
        Design d = slide(200, 700);
        double jack = d.base().ballToAxle() - lectulum.assumed.Assumed.value(d, Assumption.JACK_AT);
        double end = d.base().tongueLength() + 2.6 + 0.35 + 0.6;

        assertThat(value(d, "mech.kitchen.slide.jack") - value(d, "mech.kitchen.slide.jackPerson"))
                .isCloseTo(700 * (end - d.base().ballToAxle()) / jack, within(1e-6));
        assertThat(Analysis.of(slide(200, 0)).findings()).noneMatch(f -> f.id().equals("park.person.kitchen"));
        assertThat(finding(slide(200, 3000), "park.person.kitchen").orElseThrow().severity()).isEqualTo(Severity.WARN);
    }

    /// With just that load on it nothing is left on the jack; a tenth more and it stands on its tail, which is said with the load.
    @Test
    void theLoadThatLiftsTheTongueIsTheOneThatLeavesNothing() {
        Design d = slide(900, 0);
        double lifts = value(d, "mech.kitchen.slide.tips");
        UnaryOperator<Thing> heavy = t -> t.withMass(Mass.guess(lifts));

        assertThat(lifts).isGreaterThan(30);
        assertThat(value(d.mapping("kitchen", heavy), "mech.kitchen.slide.jack")).isCloseTo(0, within(1e-6));
        assertThat(value(d.mapping("kitchen", heavy), "mech.kitchen.slide.tips")).isCloseTo(lifts, within(1e-6));
        String detail = finding(d.mapping("kitchen", t -> t.withMass(Mass.guess(1.1 * lifts))), "park.tip.kitchen")
                .orElseThrow().detail().text(Style.PLAIN).replace('\u00a0', ' ');
        assertThat(detail).contains(Math.round(lifts) + " kg at ").contains("lift it");
        Analysis tips = Analysis.of(d.mapping("kitchen", t -> t.withMass(Mass.guess(1.1 * lifts))));
        everyRemedySoftens(tips, MechanismRules.PARK_TIP);
        Design propped = mended(tips.given(), "park.tip.kitchen");
        assertThat(finding(propped, "park.tip.kitchen").orElseThrow().severity()).isEqualTo(Severity.NOTE);
        assertThat(says(propped, "park.tip.kitchen")).contains("Lower the rear jacks first.");
    }

    private static Thing door(double high, Feature.Opening.Leaf leaf) {
        return thing("door", 12, 1.5, 0.885).with(new Placement(1.5, 0.885, 0, 0)).with(new Size(0.6, 0.04, high))
                .with(Mount.SET_IN).with(Fix.FIXED)
                .with(new Feature.Opening(0.6, high, leaf, Math.toRadians(95), true, false));
    }

    private static Thing tent(double foot) {
        return thing("tent", 40, 1.5, 0.5).with(Mount.OUTSIDE).with(new Size(2.0, 1.2, 0.3))
                .with(new Placement(1.5, 0.5, 1.8, 0)).withFeatures(List.of(new Feature.Bed(2.0, 1.2, 200),
                        new Feature.FoldOut(Feature.Face.RIGHT, 1.5, 0.2, 0, foot)));
    }

    /// Up to its floor, 0.5 + 1.8 above the ground.
    @Test
    void aLadderLeadsToTheFloorOfWhatSomebodySleepsIn() {
        Design d = box(tent(0.3));

        assertThat(value(d, "outside.tent.ladder")).isCloseTo(Math.atan2(2.3, 0.3), within(1e-9));
        assertThat(says(d, "out.ladder.tent")).contains("too steep");
    }

    @Test
    void theLadderIsMendedByMovingItsFootOnly() {
        Design d = box(tent(0.3));
        Analysis before = Analysis.of(d);
        Design mended = Remedies.of(before, finding(d, "out.ladder.tent").orElseThrow()).getFirst().edit().apply(d);

        assertThat(finding(mended, "out.ladder.tent")).isEmpty();
        Feature.FoldOut f = mended.thing("tent").orElseThrow().feature(Feature.FoldOut.class).orElseThrow();
        assertThat(mended.thing("tent").orElseThrow().withFeatures(d.thing("tent").orElseThrow().features()))
                .isEqualTo(d.thing("tent").orElseThrow());
        assertThat(f.out()).isEqualTo(1.5);
        assertThat(f.drop()).isEqualTo(0.2);
        assertThat(f.ladder()).isGreaterThan(0.3);
    }

    /// The awning hangs at 0.5 + 1.43 by the wall; a leaf up to 2.1 slides into it, one up to 1.7 goes under it.
    @ParameterizedTest
    @CsvSource({"1.6, SLIDING, true", "1.2, SLIDING, false", "1.6, FIXED, false", "1.6, HINGED_FRONT, true"})
    void aSlidingDoorNeedsRoomBesideTheWall(double high, Feature.Opening.Leaf leaf, boolean meets) {
        Thing awning = thing("awning", 14, 1.5, 0.97).with(Mount.OUTSIDE).with(new Size(2.0, 0.13, 0.13))
                .with(new Placement(1.5, 0.97, 1.3, 0))
                .with(new Feature.FoldOut(Feature.Face.RIGHT, 2.0, 0.5, 2.4, 0));

        assertThat(finding(box(awning, door(high, leaf)), "out.door.awning+door").isPresent()).isEqualTo(meets);
    }

    /// A light tongue before heavy rails: the largest stress is in the tongue, the largest moment over the axle.
    @Test
    void theLargestMomentIsTheLargestEverywhere() {
        Carcass.Member weak = new Carcass.Member(0.04, 0.04, 0.003, 1);
        Carcass.Member strong = new Carcass.Member(0.05, 0.15, 0.005, 2);
        Design d = box(thing("load", 300, 2.6, 0));
        Design framed = d.with(d.base().with(d.base().carcass()
                .withFrame(Optional.of(new Carcass.Frame(weak, 1.4, strong, 0.3, 235e6)))));
        var beam = FrameStudies.beam(framed, Analysis.of(framed).of(Balance.DISCIPLINE)).orElseThrow();

        assertThat(value(framed, "frame.moment")).isEqualTo(
                java.util.Arrays.stream(beam.moment()).map(Math::abs).max().orElseThrow());
        assertThat(value(framed, "frame.stress")).isEqualTo(
                java.util.Arrays.stream(beam.stress()).max().orElseThrow());
    }
}
