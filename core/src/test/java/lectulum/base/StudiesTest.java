package lectulum.base;

import static lectulum.Told.says;
import static lectulum.Told.everyRemedyMends;
import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import java.util.List;
import java.util.Optional;
import lectulum.layout.mechanisms.MechanismRules;
import lectulum.Told;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.assumed.Assumed;
import lectulum.assumed.HeaderSection;
import lectulum.assumed.Sheet;
import lectulum.assumed.Strength;
import lectulum.base.profile.ProfileStudies;
import lectulum.demo.Campers;
import lectulum.design.brief.Kept;
import lectulum.design.Design;
import lectulum.design.brief.Kept;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.base.Carcass.Face;
import lectulum.design.base.Carcass.Framing;
import lectulum.design.base.Shell;
import lectulum.design.base.Shell.Profile.Point;
import lectulum.design.base.Stuff;
import lectulum.design.base.Survey;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.kernel.mechanisms.HatchSwing;
import lectulum.layout.mechanisms.MechanismStudies;
import lectulum.space.Body;
import org.junit.jupiter.params.provider.ValueSource;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.api.Test;

/// Everything that is measured, cut, bent, hung, loaded and swung, from a design to what the checks say and mend.
class StudiesTest {
    private static final double G = 9.80665;

    private static Optional<Finding> finding(Design d, String id) {
        return Analysis.of(d).findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    private static Severity severity(Design d, String id) {
        return finding(d, id).map(Finding::severity).orElseThrow(() -> new AssertionError("no finding " + id + " among "
                + Analysis.of(d).findings().stream().map(Finding::id).toList()));
    }

    private static double value(Design d, String figure) {
        return Analysis.of(d).figures().value(figure);
    }

    /// The finding is there, something is offered, and the first offer clears or softens it.
    private static Design mended(Design d, String id) {
        Analysis before = Analysis.of(d);
        Finding f = before.findings().stream().filter(x -> x.id().equals(id)).findFirst().orElseThrow();
        List<Remedy> remedies = Remedies.of(before, f);
        assertThat(remedies).as("remedies for " + id).isNotEmpty();
        return remedies.getFirst().edit().apply(d);
    }

    private static Design base(Design d, java.util.function.UnaryOperator<lectulum.design.base.Base> change) {
        return d.with(change.apply(d.base()));
    }

    private static Thing with(Thing t, Feature... features) {
        return t.withFeatures(List.of(features));
    }

    /// A rear width read 31 mm too large among tapes that otherwise make a rectangle of 1.74 × 2.94.
    @Test
    void tapesThatDisagreeSayWhichReadingWouldCloseThem() {
        double diagonal = Math.hypot(1.74, 2.94);
        Design d = base(box(), b -> b.with(Survey.NONE.with(
                Optional.of(new Survey.Tapes(1.74, 2.94, 2.94, diagonal, diagonal, 1.771)))));

        assertThat(severity(d, "survey.residual")).isEqualTo(Severity.WARN);
        assertThat(value(d, "base.survey.residual")).isCloseTo(0.031, within(1e-6));
        Design closed = mended(d, "survey.residual");
        assertThat(finding(closed, "survey.residual")).isEmpty();
    }

    @Test
    void impossibleTapesAreAStopThatNamesTheTriangle() {
        Design d = base(box(),
                b -> b.with(Survey.NONE.with(Optional.of(new Survey.Tapes(1.74, 2.94, 2.94, 5.9, 3.4, 1.74)))));

        assertThat(severity(d, "survey.impossible")).isEqualTo(Severity.STOP);
    }

    @Test
    void aFrameTooWideForALeaningBoxIsMadeNarrower() {
        Survey.Post lean = new Survey.Post(0, 0.02);
        Survey.Post upright = new Survey.Post(0, 0);
        Survey survey = Survey.NONE.withLean(Optional.of(new Survey.Lean(1.7, upright, upright, lean, lean)))
                .withFrame(Optional.of(new Survey.Rigid(1.4, 1.735, 2.0, 0.3, 1.5, 0.004)));
        Design d = base(box(), b -> b.with(survey));

        assertThat(severity(d, "survey.tight")).isEqualTo(Severity.WARN);
        Design narrower = mended(d, "survey.tight");
        assertThat(finding(narrower, "survey.tight")).isEmpty();
        assertThat(narrower.base().survey().frame().orElseThrow().width()).isLessThan(1.735);
    }

    /// 2.94 − 0.90 − 2 × 0.012 = 2.016; need 2.02 with tolerances √(2² + 5² + 2²) = 5.7 mm: it may fit.
    @Test
    void aLengthThatMayFitSaysWhatToMeasureFirst() {
        Design d = base(box(), b -> b.with(Survey.NONE.withChain(Optional.of(
                new Survey.Chain(new Survey.Link("inside", 2.94, 1, 0.002),
                        List.of(new Survey.Link("galley", 0.90, 1, 0.005), new Survey.Link("tuck", 0.012, 2, 0.002)),
                        2.02)))));

        Finding maybe = finding(d, "fit.maybe").orElseThrow();
        assertThat(maybe.detail().text(d.brief().style())).contains("galley");
        assertThat(value(d, "base.chain.spare")).isCloseTo(-0.004, within(1e-9));
    }

    private static Design teardrop() {
        return base(box(), b -> b.with(new Shell.Profile(1.5,
                List.of(new Point(0, 0.62, true, 0.35), new Point(0.50, 1.24, true, 0.50),
                        new Point(2.18, 1.24, true, 0.55), new Point(2.60, 0.40, true, 0.20)))));
    }

    @Test
    void aSkinThatDoesNotBendThatFarIsReplacedByOneThatDoes() {
        Design d = base(teardrop(), b -> b.with(b.carcass()
                .withSkin(Optional.of(new Carcass.Skin("softwood-ply-9", true, 1)))));

        assertThat(value(d, "shell.tightest")).isCloseTo(0.20, within(1e-9));
        assertThat(severity(d, "shell.radius")).isEqualTo(Severity.WARN);
        Design other = mended(d, "shell.radius");
        Carcass.Skin skin = other.base().carcass().skin().orElseThrow();
        assertThat(Sheet.find(skin.sheet()).orElseThrow().least(skin.across())).isLessThanOrEqualTo(0.20);
    }

    @Test
    void arcsThatDoNotFitAreRoundedLess() {
        Design d = base(box(), b -> b.with(new Shell.Profile(1.5,
                List.of(new Point(0, 1.0, true, 1.4), new Point(0.8, 1.3, true, 0.6),
                        new Point(2.6, 1.3, true, 0.1)))));

        assertThat(severity(d, "shell.arcs")).isEqualTo(Severity.STOP);
        assertThat(finding(mended(d, "shell.arcs"), "shell.arcs")).isEmpty();
    }

    @Test
    void whatStandsOnTheRoofStopsTheHatchAtAnAngle() {
        Design open = base(teardrop(), b -> b.with(b.carcass()
                .withHatch(Optional.of(new Carcass.Hatch(1.62, Math.toRadians(72))))));
        Thing bar = thing("bar", 4, 1.75, 0).with(Mount.OUTSIDE).with(new Size(0.04, 1.2, 0.1))
                .with(new Placement(1.74, 0, 1.40, 0));

        assertThat(finding(open, "shell.hatch.blocked")).isEmpty();
        assertThat(severity(open.plus(bar), "shell.hatch.blocked")).isEqualTo(Severity.STOP);
        assertThat(value(open, "shell.hatch.top")).isGreaterThan(0.5 + 1.24);
    }

    /// The outline behind the hinge at (1.80, 1.24) turned by 72° about it keeps every distance to the hinge.
    @Test
    void anOpenHatchIsTheSameHatchTurned() {
        Design d = base(teardrop(), b -> b.with(b.carcass()
                .withHatch(Optional.of(new Carcass.Hatch(1.80, Math.toRadians(72))))));
        HatchSwing swing = ProfileStudies.swing(Body.of(d.base()), d.base().carcass().hatch().orElseThrow())
                .orElseThrow();

        List<double[]> open = swing.at(swing.open());

        for (int i = 0; i < open.size(); i++) {
            double shut = Math.hypot(swing.outline().get(i)[0] - 1.80, swing.outline().get(i)[1] - swing.hinge()[1]);
            assertThat(Math.hypot(open.get(i)[0] - 1.80, open.get(i)[1] - swing.hinge()[1])).isCloseTo(shut,
                    within(1e-9));
        }
    }

    @Test
    void aTallCookNeedsTheHatchOpenedFurther() {
        Design d = base(teardrop(), b -> b.with(b.carcass()
                .withHatch(Optional.of(new Carcass.Hatch(1.9, Math.toRadians(45))))));
        Design tall = d.with(d.brief().withPeople(List.of(new Person("t", "Tor", 1.95, 90))));

        assertThat(severity(tall, "shell.hatch.headroom")).isEqualTo(Severity.WARN);
    }

    /// 60 kg and 40 N of drag on four lifters: (60 · 9.80665 + 40)/4.
    @Test
    void aLiftingTopStandsHigherInCampAndIsShared() {
        Design d = base(box(), b -> b.with(b.carcass().withLift(Optional.of(new Carcass.Lift(0.05, 0.02, 60, 40, 4)))));

        assertThat(value(d, "shell.lift.force")).isCloseTo((60 * G + 40) / 4, within(1e-9));
        assertThat(value(d, "shell.lift.height")).isCloseTo(1.82, within(1e-9));
        Design taller = base(box(),
                b -> b.with(b.carcass().withLift(Optional.of(new Carcass.Lift(0, 0.02, 60, 40, 4)))));
        Design low = taller.with(taller.brief().withPeople(List.of(new Person("t", "Tor", 1.95, 90))));
        assertThat(finding(low, "shell.lift.low")).isPresent();
        assertThat(finding(mended(low, "shell.lift.low"), "shell.lift.low")).isEmpty();
    }

    @Test
    void theOffsetTableHoldsEveryPointOfTheProfile() {
        List<ProfileStudies.Offset> rows = ProfileStudies.offsets(teardrop().base(), 0.05);

        assertThat(rows).extracting(ProfileStudies.Offset::x).contains(0.0, 0.05, 0.5, 2.18, 2.6).isSorted();
        assertThat(rows.stream().filter(r -> r.x() == 1.0).findFirst().orElseThrow().z()).isCloseTo(1.24, within(1e-9));
        assertThat(rows.stream().filter(r -> r.x() == 1.0).findFirst().orElseThrow().inside())
                .isCloseTo(1.21, within(1e-6));
    }

    private static Design framed(double at) {
        Thing window = with(thing("window", 4, at, -0.885).with(Mount.SET_IN).with(new Size(0.46, 0.06, 0.40))
                .with(new Placement(at, -0.885, 0.9, 0)),
                new Feature.Opening(0.4, 0.34, Feature.Opening.Leaf.SLIDING, 0, true, false));
        return base(box(window), b -> b.with(b.carcass().with(Face.LEFT, Optional.of(new Framing(
                List.of(0.10, 0.51, 0.92, 1.33, 1.74, 2.15, 2.56), 0.038, 0.038, true)))));
    }

    /// From 1.10 to 1.56 only the fourth stud (1.33) is met; clear span 1.74 − 0.92 − 0.038 = 0.782; with 900 N/m and 250 N
    /// the moment is 900 · 0.782²/8 + 250 · 0.782/4 = 117.67 N·m.
    @Test
    void aWindowCutsOneStudAndNeedsAHeader() {
        Design d = framed(1.33);

        assertThat(value(d, "cut.window.studs")).isEqualTo(1);
        assertThat(value(d, "cut.window.span")).isCloseTo(0.782, within(1e-9));
        assertThat(value(d, "cut.window.moment")).isCloseTo(117.67, within(0.01));
        assertThat(severity(d, "cut.stud.window")).isEqualTo(Severity.NOTE);
        assertThat(finding(d, "cut.stud.window").orElseThrow().detail().text(d.brief().style())).contains("a sill");
        Design low = d.mapping("window", t -> t.with(new Placement(1.33, -0.885, 0.02, 0)));
        assertThat(finding(low, "cut.stud.window").orElseThrow().detail().text(d.brief().style()))
                .as("it reaches the floor").doesNotContain("sill");
    }

    /// From 0.78 to 1.24 with 6 mm of clearance only the stud at 0.92; from 0.72 on it would be two.
    @Test
    void aWindowThatCutsTwoStudsIsMovedToCutOne() {
        Design two = framed(0.715);

        assertThat(value(two, "cut.window.studs")).isEqualTo(2);
        assertThat(value(mended(two, "cut.stud.window"), "cut.window.studs")).isEqualTo(1);
    }

    @Test
    void aWindowAtTheEndOfTheStudsHasNothingForItsHeaderToStandOn() {
        assertThat(severity(framed(0.20), "cut.header.window")).isEqualTo(Severity.WARN);
    }

    @Test
    void whatStandsBehindAWindowStopsTheCut() {
        Thing cupboard = thing("cupboard", 20, 1.33, -0.72).with(Fix.FIXED).with(new Placement(1.33, -0.72, 0.8, 0));

        assertThat(severity(framed(1.33).plus(cupboard), "cut.behind.window")).isEqualTo(Severity.STOP);
        assertThat(finding(framed(1.33).plus(cupboard.with(Fix.LOOSE)), "cut.behind.window")).isEmpty();
    }

    /// The thing is 0.40 long and studs stand 0.41 apart: it always meets at most one.
    @Test
    void whatHangsOnAWallNeedsTwoStuds() {
        Thing shelf = with(thing("shelf", 6, 1.5, -0.72), new Feature.Hung(0.1, 0.3, 2, 4, 400, 600));
        Thing wide = shelf.with(new Size(0.7, 0.3, 0.3));

        assertThat(severity(framed(1.33).plus(shelf.with(new Placement(1.5, -0.72, 1.3, 0))), "mount.stud.shelf"))
                .isEqualTo(Severity.WARN);
        Design held = framed(1.33).plus(wide.with(new Placement(1.55, -0.72, 1.35, 0)));
        assertThat(finding(held, "mount.stud.shelf")).isEmpty();
    }

    @Test
    void tablesOfTheTradeAreReadWhole() {
        assertThat(Sheet.all()).hasSize(10).allMatch(s -> s.across() > 0 && s.thickness() > 0);
        assertThat(Sheet.find("bending-ply-3").orElseThrow().least(false)).isInfinite();
        assertThat(HeaderSection.all()).isSortedAccordingTo(java.util.Comparator.comparingDouble(HeaderSection::mass));
        for (Stuff stuff : Stuff.values()) {
            assertThat(Strength.of(stuff).elasticity()).isGreaterThan(Strength.of(stuff).limit());
        }
        assertThat(Assumed.entries()).allMatch(e -> e.value() >= e.low() && e.value() <= e.high());
    }

    private static Design railed(double height) {
        Carcass.Member m = new Carcass.Member(0.04, height, 0.003, 2);
        return base(box(thing("load", 400, 2.6, 0)), b -> b.with(b.carcass()
                .withFrame(Optional.of(new Carcass.Frame(m, 1.4, m, 0.3, 235e6)))));
    }

    @Test
    void aWeakFrameIsStressedAndHigherRailsMendIt() {
        Design weak = railed(0.04);

        assertThat(value(weak, "frame.stress")).isGreaterThan(235e6 / 1.5);
        assertThat(finding(weak, "frame.stress")).isPresent();
        Design strong = mended(weak, "frame.stress");
        assertThat(value(strong, "frame.stress")).isLessThan(value(weak, "frame.stress"));
    }

    @Test
    void noFrameOrNoAxleGivesNoStudyOfIt() {
        assertThat(value(box(), "frame.stress")).isNaN();
        assertThat(value(base(railed(0.08), b -> b.with(b.axle().at(-5))), "frame.stress")).isNaN();
    }

    private static final Feature.Lid LID = new Feature.Lid(16, 0.52, -0.20, 0.97, -0.80, Math.toRadians(78), 0.45,
            -0.45,
            0.19562952, -0.04158234, 2, 200, 1.35, 0.35, 0.80);

    /// Hand force 4.8854 N shut, −16.445 N at 78°; holds 1.3116 at −5 °C (moments about the hinge by hand).
    @Test
    void aLidOnStrutsIsWorkedOutFromItsCard() {
        Design d = box(with(thing("lid", 16, 1, 0), LID));

        assertThat(value(d, "mech.lid.lid.peakHand")).isCloseTo(16.445, within(0.002));
        assertThat(value(d, "mech.lid.lid.holdCold")).isCloseTo(1.3116, within(2e-4));
        assertThat(value(d, "mech.lid.lid.liftOff")).isCloseTo(Math.toRadians(8.0004), within(1e-4));
        assertThat(Analysis.of(d).of(MechanismStudies.DISCIPLINE).all()).singleElement().satisfies(s -> {
            assertThat(s.charts()).hasSize(1);
            assertThat(s.sketches()).hasSize(1);
            assertThat(s.caution()).contains("pressure vessels");
        });
    }

    @Test
    void aLidWhoseStrutIsTooShortGetsOneFromStock() {
        Feature.Lid wrong = new Feature.Lid(16, 0.52, -0.20, 0.97, -0.80, Math.toRadians(78), 0.45, -0.45, 0.19562952,
                -0.04158234, 2, 200, 1.35, 0.15, 0.40);
        Design d = box(with(thing("lid", 16, 1, 0), wrong));

        assertThat(severity(d, "lid.travel.lid")).isEqualTo(Severity.STOP);
        Design fitted = mended(d, "lid.travel.lid");
        assertThat(finding(fitted, "lid.travel.lid")).isEmpty();
        assertThat(value(fitted, "mech.lid.lid.peakHand")).isLessThan(60);
    }

    @Test
    void weakStrutsLetALidFallShutInTheCold() {
        Feature.Lid weak = new Feature.Lid(16, 0.52, -0.20, 0.97, -0.80, Math.toRadians(78), 0.45, -0.45, 0.19562952,
                -0.04158234, 2, 100, 1.35, 0.35, 0.80);
        Design d = box(with(thing("lid", 16, 1, 0), weak));

        assertThat(severity(d, "lid.cold.lid")).isEqualTo(Severity.WARN);
        assertThat(finding(mended(d, "lid.cold.lid"), "lid.cold.lid")).isEmpty();
    }

    private static Design rising(double front, double rear, boolean locked) {
        Thing bed = with(thing("bed", 34, 1.5, 0).with(new Size(1.40, 1.6, 0.06)),
                new Feature.Rising(0.80, 1.36, 0.74, 0.62, 0.64, 0.12, 0.80, 0.64, 1.30, front, rear, 1.38, 0.40, 0.90,
                        0.06, 0.02, locked));
        return box(bed);
    }

    /// 34 kg on front struts of 100 N and rear struts of 150 N: at most 73.257 N level; front first 116.49, rear first
    /// 54.748 (forces and moments on the bed by hand).
    @Test
    void aRisingBedSaysWhichEndGoesUpFirst() {
        Design d = rising(100, 150, true);

        assertThat(value(d, "mech.bed.rising.peakHand")).isCloseTo(73.257, within(0.01));
        assertThat(value(d, "mech.bed.rising.frontFirst")).isCloseTo(116.49, within(0.02));
        assertThat(value(d, "mech.bed.rising.rearFirst")).isCloseTo(54.748, within(0.01));
        assertThat(finding(d, "lift.unlocked.bed")).isEmpty();
    }

    @Test
    void strutsAloneNeverHoldABed() {
        Design d = rising(100, 150, false);

        assertThat(severity(d, "lift.unlocked.bed")).isEqualTo(Severity.STOP);
        assertThat(finding(mended(d, "lift.unlocked.bed"), "lift.unlocked.bed")).isEmpty();
    }

    @Test
    void aBedThatSinksInTheColdGetsOtherStruts() {
        Design d = rising(100, 100, true);

        assertThat(severity(d, "lift.cold.bed")).isEqualTo(Severity.WARN);
        assertThat(finding(mended(d, "lift.cold.bed"), "lift.cold.bed")).isEmpty();
    }

    private static Design slide(double rated, double overlap) {
        Thing drawer = with(thing("drawer", 55, 2.2, 0).with(new Size(0.8, 0.5, 0.3)),
                new Feature.Drawer(Feature.Face.REAR, 1.02), new Feature.Rails(overlap, rated, 3690));
        return box(drawer);
    }

    /// 55 kg pulled out 1.02 m, its middle 0.62 m beyond the front roller, overlap 0.40: moment 334.41 N·m, rollers
    /// 1375.4 N up and 836.02 N down.
    @Test
    void aSlideLoadsItsRollersByTheLever() {
        Design d = slide(80, 0.40);

        assertThat(value(d, "mech.drawer.slide.moment")).isCloseTo(334.41, within(0.01));
        assertThat(value(d, "mech.drawer.slide.front")).isCloseTo(1375.4, within(0.1));
        assertThat(value(d, "mech.drawer.slide.rear")).isCloseTo(836.02, within(0.01));
        assertThat(value(d, "mech.drawer.slide.sag")).isCloseTo(0.019104, within(1e-5));
        assertThat(finding(d, "slide.root.drawer")).isEmpty();
    }

    @Test
    void overloadedRunnersAreReplacedOrPulledOutLess() {
        Design d = slide(40, 0.10);

        assertThat(severity(d, "slide.root.drawer")).isEqualTo(Severity.STOP);
        assertThat(severity(d, "slide.overlap.drawer")).isEqualTo(Severity.WARN);
        assertThat(finding(mended(d, "slide.root.drawer"), "slide.root.drawer")).isEmpty();
    }

    /// A slat of 45 × 28 mm over 1.36 m: M 66.476 N·m, 11.305 MPa, 16.29 mm.
    @Test
    void aSlatBendsUnderItsLoad() {
        Thing bed = with(thing("bed", 10, 1.5, 0), new Feature.Bearers(1, 1.36, 0.045, 0.028, Stuff.SOFTWOOD,
                60 * 1.36 / G, 180 / G, 0.45 / 1.36, 150));
        Design d = box(bed);

        assertThat(value(d, "mech.bed.bearers.moment")).isCloseTo(66.476, within(0.01));
        assertThat(value(d, "mech.bed.bearers.stress")).isCloseTo(11.305e6, within(5e3));
        assertThat(value(d, "mech.bed.bearers.sag")).isCloseTo(0.016293, within(2e-5));
        assertThat(severity(d, "bearer.stress.bed")).isEqualTo(Severity.WARN);
        assertThat(finding(mended(d, "bearer.stress.bed"), "bearer.stress.bed")).isEmpty();
    }

    /// 24 kg times 3, 0.16 m off the wall, rows 0.38 apart: 148.65 N each on two; shear 176.52 N on four.
    @Test
    void aWallCupboardPullsAtItsUpperFixings() {
        Thing t = with(thing("cup", 24, 1.5, -0.72), new Feature.Hung(0.16, 0.38, 2, 4, 140, 600));
        Design d = box(t);

        assertThat(value(d, "mech.cup.hung.pull")).isCloseTo(148.65, within(0.01));
        assertThat(value(d, "mech.cup.hung.shear")).isCloseTo(176.52, within(0.01));
        assertThat(severity(d, "hung.fixing.cup")).isEqualTo(Severity.STOP);
        assertThat(finding(mended(d, "hung.fixing.cup"), "hung.fixing.cup")).isEmpty();
    }

    /// A leg 30 × 20 mm of C16, 0.7 m long: π² · 8e9 · (0.03 · 0.02³/12)/0.49 = 3223 N.
    @Test
    void aSlimLegBuckles() {
        Thing table = with(thing("table", 8, 1.5, 0), new Feature.Leg(0.7, 0.02, 0.03, Stuff.SOFTWOOD, 150, false));
        Design d = box(table);

        assertThat(value(d, "mech.table.leg.buckles"))
                .isCloseTo(Math.PI * Math.PI * 8e9 * 0.03 * 8e-6 / 12 / 0.49, within(0.1));
        assertThat(severity(d, "leg.buckle.table")).isEqualTo(Severity.WARN);
        assertThat(finding(d, "leg.lock.table")).isPresent();
        assertThat(finding(mended(d, "leg.buckle.table"), "leg.buckle.table")).isEmpty();
    }

    @Test
    void aRollFrontMustBendParkAndComeOut() {
        Thing cupboard = with(thing("cup", 12, 1.5, 0),
                new Feature.RollFront(0.02, 0.006, 0.008, 0.02, 0.44, 0.03, 0.40,
                        0));
        Design d = box(cupboard);

        /// w²/(8 (g − t)) − t/2 = 0.0004/0.016 − 0.003 = 22 mm, sharper than the bend of 20 mm allows.
        assertThat(value(d, "mech.cup.rollFront.radius")).isCloseTo(0.022, within(1e-9));
        for (String rule : List.of("tambour.radius.cup", "tambour.park.cup", "tambour.exit.cup")) {
            assertThat(severity(d, rule)).as(rule).isEqualTo(Severity.WARN);
        }
        assertThat(finding(mended(d, "tambour.park.cup"), "tambour.park.cup")).isEmpty();
        Design tight = box(with(thing("cup", 12, 1.5, 0),
                new Feature.RollFront(0.02, 0.008, 0.008, 0.02, 0.44, 0.03, 0.40, 0)));
        assertThat(severity(tight, "tambour.radius.cup")).isEqualTo(Severity.STOP);
        assertThat(says(tight, "tambour.radius.cup")).contains("do not go into their groove");
        everyRemedyMends(Analysis.of(tight), MechanismRules.TAMBOUR_RADIUS);
    }

    @Test
    void aHungBunkNeedsStrongCablesThatAreNotFlat() {
        Thing bunk = with(thing("bunk", 6, 1.5, 0), new Feature.Cables(2, Math.toRadians(20), 2000),
                new Feature.Bed(1.5, 0.55, 60));
        Design d = box(bunk);

        /// (6 + 2 · 60) kg on two cables at 20°.
        assertThat(value(d, "mech.bunk.cables.pull")).isCloseTo(126 * G / 2 / Math.sin(Math.toRadians(20)),
                within(1e-6));
        assertThat(severity(d, "cable.weak.bunk")).isEqualTo(Severity.STOP);
        everyRemedyMends(Analysis.of(d), MechanismRules.CABLE_WEAK);
    }

    @Test
    void aWinchMustHoldAndNotTire() {
        Thing bed = with(thing("bed", 40, 1.5, 0), new Feature.Hoist(4, 2, 0.04, 0.1, 1, false));
        Design d = box(bed);

        double line = 40 * G / (4 * 0.92 * 0.92);
        assertThat(value(d, "mech.bed.hoist.line")).isCloseTo(line, within(1e-6));
        assertThat(value(d, "mech.bed.hoist.crank")).isCloseTo(line * 4 * 0.04 / 0.1, within(1e-6));
        assertThat(severity(d, "hoist.holds.bed")).isEqualTo(Severity.STOP);
        assertThat(finding(mended(d, "hoist.crank.bed"), "hoist.crank.bed")).isEmpty();
    }

    private static Design loaded(double ramp, double ring) {
        Thing bike = with(thing("bike", 290, 1.5, 0).with(new Size(1.95, 0.8, 1.18)),
                new Feature.Carried(ramp, 1.24, 0.17, 0.35, 1.50, 0, 2, Math.toRadians(40), Math.toRadians(25), ring));
        Thing door = with(thing("door", 0, 2.985, 0).with(Mount.SET_IN).with(new Size(0.06, 1.6, 1.2)),
                new Feature.Opening(1.52, 1.20, Feature.Opening.Leaf.RAMP, 1.7, true, false));
        return base(box(bike, door), b -> b.withFloorHeight(0.56));
    }

    /// Ramp 1.90 over 0.56: 17.142°; the roof rises to 1.2308 m, the belly keeps 76.6 mm; each of two straps 1638.5 N.
    @Test
    void aVehicleRisesUnderTheHeaderWhileItIsOnTheRamp() {
        Design d = loaded(1.90, 2000);

        assertThat(value(d, "load.bike.angle")).isCloseTo(Math.toRadians(17.142), within(1e-5));
        assertThat(value(d, "load.bike.header")).isCloseTo(1.2308, within(5e-4));
        assertThat(value(d, "load.bike.belly")).isCloseTo(0.076556, within(1e-4));
        assertThat(value(d, "load.bike.lashForward")).isCloseTo(1638.5, within(0.1));
        assertThat(severity(d, "load.header.bike")).isEqualTo(Severity.STOP);
        assertThat(finding(d, "load.lash.bike")).isEmpty();
    }

    @Test
    void weakRingsWantOneStrapMore() {
        Design d = loaded(1.90, 1300);

        assertThat(severity(d, "load.lash.bike")).isEqualTo(Severity.STOP);
        Design tied = mended(d, "load.lash.bike");
        assertThat(tied.thing("bike").orElseThrow().feature(Feature.Carried.class).orElseThrow().straps()).isEqualTo(3);
    }

    @Test
    void aRampThatDoesNotReachTheGroundIsAStop() {
        assertThat(severity(loaded(0.5, 2000), "load.ramp.bike")).isEqualTo(Severity.STOP);
    }

    @Test
    void builtInThingsThatGoThroughNoOpeningAreNamed() {
        Design d = loaded(1.9, 2000).plus(thing("block", 60, 0.8, 0).with(new Size(1.6, 1.6, 1.3)));

        assertThat(finding(d, "load.inside").orElseThrow().things()).contains("block").doesNotContain("bike");
    }

    @Test
    void theCamperIsAsWideAndLongAsWhatSticksOut() {
        Design d = box(thing("rack", 10, 1.5, 0).with(Mount.OUTSIDE).with(new Size(1, 2.7, 0.1))
                .with(new Placement(1.5, 0, 1.8, 0)));

        assertThat(value(d, "outside.width")).isCloseTo(2.7, within(1e-9));
        assertThat(value(d, "outside.length")).isCloseTo(4.2, within(1e-9));
        assertThat(value(d, "outside.height")).isCloseTo(0.5 + 1.9, within(1e-9));
        assertThat(severity(d, "out.limit.width")).isEqualTo(Severity.WARN);
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void theHeightOverAllIsOneFigureOnEveryPage(String demo) {
        Design d = Campers.demo(demo).orElseThrow().design();

        assertThat(value(d, "outside.height")).isEqualTo(value(d, "shell.maxHeight"));
    }

    @Test
    void aLowCarportIsCheckedOnceItIsKnown() {
        Design d = box();

        assertThat(finding(d, "out.limit.garage")).isEmpty();
        Design kept = d.with(d.brief().withKept(
                new Kept(OptionalDouble.of(2.3), null, OptionalDouble.of(4.0), null)));
        assertThat(severity(kept, "out.limit.garage")).isEqualTo(Severity.WARN);
        assertThat(severity(kept, "out.limit.deep")).isEqualTo(Severity.WARN);
    }

    /// The vehicle's rear corner is √(0.17² + 0.88²) = 0.896 m from the ball: up to a right angle a tongue longer than that
    /// never touches, beyond it the vehicle's flank does.
    @Test
    void aLongTongueNeverTouchesAndAShortOneIsMadeLonger() {
        assertThat(value(box(), "outside.turn")).isGreaterThan(Math.PI / 2);
        Design tight = base(box(), b -> b.withTongueLength(0.6));

        assertThat(value(tight, "outside.turn")).isLessThan(Math.toRadians(75));
        Design measured = tight.with(tight.settings().with("tow.half", 0.88));
        assertThat(severity(measured, "out.turn")).isEqualTo(Severity.WARN);
    }

    @Test
    void aTailgateThatMeetsTheJackIsSaid() {
        Design d = box();
        Design low = d.with(d.settings().with("gate.high", 1.0).with("gate.radius", 0.7).with("gate.ahead", 0.2));

        assertThat(value(low, "outside.tailgate")).isLessThan(0.03);
        assertThat(finding(low, "out.tailgate")).isPresent();
    }

    private static Thing awning(double drop, double pole) {
        return with(thing("awning", 14, 1.5, 0.97).with(Mount.OUTSIDE).with(new Size(2.0, 0.13, 0.13))
                .with(new Placement(1.5, 0.97, 1.3, 0)), new Feature.FoldOut(Feature.Face.RIGHT, 2.0, drop, pole, 0));
    }

    @Test
    void anAwningShedsRainFromTenDegrees() {
        Design flat = box(awning(0.1, 2.4));

        assertThat(value(flat, "outside.awning.pitch")).isCloseTo(Math.atan2(0.1, 2.0), within(1e-9));
        assertThat(finding(flat, "out.pitch.awning")).isPresent();
        assertThat(finding(mended(flat, "out.pitch.awning"), "out.pitch.awning")).isEmpty();
        assertThat(severity(box(awning(0.1, 1.5)), "out.pole.awning")).isEqualTo(Severity.WARN);
    }

    @Test
    void aLowAwningIsInTheWayOfADoor() {
        Thing door = with(thing("door", 20, 1.5, 0.885).with(Mount.SET_IN).with(new Size(0.6, 0.06, 1.5))
                .with(new Placement(1.5, 0.885, 0.05, 0)),
                new Feature.Opening(0.6, 1.5, Feature.Opening.Leaf.HINGED_FRONT, 1.6, true, false));

        assertThat(severity(box(awning(0.5, 2.4), door), "out.door.awning+door")).isEqualTo(Severity.WARN);
        assertThat(finding(box(door), "out.door.awning+door")).isEmpty();
    }

    @Test
    void everythingIsWorkedOutForAThingInAnyModeWithoutThrowing() {
        Design d = rising(100, 150, true).mapping("bed",
                t -> t.placed(Mode.NIGHT, t.place().away(true)).placed(Mode.CAMP, t.place().moved(0, 0, 0.5)));

        assertThat(Told.studies(Analysis.of(d), Stage.LAYOUT)).isNotEmpty();
        assertThat(Analysis.of(d).given()).isEqualTo(d);
    }
}
