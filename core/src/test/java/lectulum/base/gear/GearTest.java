package lectulum.base.gear;

import static lectulum.Told.everyRemedyMends;
import static lectulum.Samples.box;
import static lectulum.Told.finding;
import static lectulum.Told.says;
import static lectulum.Told.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.units.Style;
import lectulum.figures.Finding;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.assumed.UsualTyre;
import lectulum.design.Design;
import lectulum.design.base.Axle;
import lectulum.design.base.Gear;
import lectulum.figures.Severity;
import lectulum.kernel.gear.RunningGear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The running gear as a builder measures it.
class GearTest {
    private static Design geared(Design d, Gear gear) {
        return d.with(d.base().with(d.base().carcass().with(gear)));
    }

    private static Design axleAt(double place) {
        Design d = box();
        return d.with(d.base().with(d.base().axle().at(place - d.base().tongueLength())));
    }

    private static Design taped(double place, Gear.Tapes... tapes) {
        return geared(axleAt(place), Gear.UNKNOWN.withTapes(List.of(tapes)));
    }

    private static Design sprung(double hangers) {
        return geared(box(), Gear.UNKNOWN.withSprings(Optional.of(
                new Gear.Springs(0.66, 0.075, 0.045, 0, 0.070, 0, Math.toRadians(15),
                        hangers > 0 ? OptionalDouble.of(hangers) : OptionalDouble.empty()))));
    }

    /// (3.7230² − 3.7150²)/(2 · 1.60) = 0.018595; less 0.004 over 3.62: 0.2310°, 6.45 mm, and 18.6 mm to the right.
    @Test
    void anAxleIsSquaredByTwoTapesAndItsOffset() {
        Design d = taped(3.62, new Gear.Tapes(3.7150, 3.7230, 1.60, 0.004));

        assertThat(Math.toDegrees(value(d, "gear.axleTurn"))).isCloseTo(0.231, within(1e-4));
        assertThat(value(d, "gear.axleMove")).isCloseTo(-0.0064508, within(1e-6));
        assertThat(value(d, "gear.crab")).isCloseTo(0.018595, within(1e-6));
        assertThat(says(d, "gear.square")).contains("The right end of the axle is 6 mm too far back")
                .contains("0.23 °");
    }

    /// Tapes of an axle turned about its middle by 0.4°, its middle 12 mm to the right: from coordinates.
    @Test
    void tapesOfAKnownAxleGiveItBack() {
        double turn = Math.toRadians(0.4);
        double x = 3.4;
        double left = Math.hypot(x - 0.75 * Math.sin(turn), 0.012 - 0.75 * Math.cos(turn));
        double right = Math.hypot(x + 0.75 * Math.sin(turn), 0.012 + 0.75 * Math.cos(turn));

        Design d = taped(x, new Gear.Tapes(left, right, 1.5, 0.012));

        assertThat(value(d, "gear.axleTurn")).isCloseTo(turn, within(2e-5));
        assertThat(value(d, "gear.place")).isCloseTo(x, within(1e-9));
    }

    @Test
    void equalTapesHideAnAxleThatSitsOffTheMiddle() {
        double tape = Math.hypot(3.4, 0.75);

        assertThat(finding(taped(3.4, new Gear.Tapes(tape, tape, 1.5, 0)), "gear.square")).isEmpty();
        assertThat(says(taped(3.4, new Gear.Tapes(tape, tape, 1.5, 0.03)), "gear.square")).contains("too far forward");
    }

    @Test
    void tapesThatMakeNoTriangleSaySo() {
        Design d = taped(3.4, new Gear.Tapes(3.0, 5.0, 1.5, 0));

        assertThat(finding(d, "gear.tapes").orElseThrow().severity()).isEqualTo(Severity.STOP);
        assertThat(Analysis.of(d).figures().find("gear.axleTurn").orElseThrow().value()).isEmpty();
    }

    @Test
    void anAxleThatStandsElsewhereIsTakenOver() {
        double tape = Math.hypot(3.43, 0.75);
        Design d = taped(3.40, new Gear.Tapes(tape, tape, 1.5, 0));

        assertThat(says(d, "gear.place")).contains("3.430 m").contains("3.400 m");
        Design moved = Remedies.of(Analysis.of(d), finding(d, "gear.place").orElseThrow()).getFirst().edit().apply(d);
        assertThat(moved.base().ballToAxle()).isCloseTo(3.43, within(1e-9));
        assertThat(finding(moved, "gear.place")).isEmpty();
    }

    @Test
    void twoAxlesAreHeldAgainstEachOther() {
        Design d = axleAt(3.6);
        Axle a = d.base().axle();
        Design tandem = d.with(d.base().with(a.with(2, 0.8)));
        double front = Math.hypot(3.2, 0.75);
        double rear = Math.hypot(4.0, 0.75);
        Design square = geared(tandem, Gear.UNKNOWN.withTapes(
                List.of(new Gear.Tapes(front, front, 1.5, 0), new Gear.Tapes(rear, rear, 1.5, 0))));
        Design skew = geared(tandem, Gear.UNKNOWN.withTapes(
                List.of(new Gear.Tapes(front, front, 1.5, 0), new Gear.Tapes(rear, rear + 0.004, 1.5, 0))));

        assertThat(finding(square, "gear.parallel")).isEmpty();
        assertThat(finding(square, "gear.place.2")).isEmpty();
        assertThat(says(skew, "gear.parallel")).contains("not parallel");
        assertThat(value(skew, "gear.axleTurn.1")).isZero();
    }

    /// A leaf of 0.66 m: holes 630.1 mm apart; the shackle hangs at 2.24°, 15° and 22.43°; the axle wanders 11.65 mm.
    @Test
    void hangersGoWhereTheShackleStaysRearwards() {
        Design d = sprung(0);

        assertThat(value(d, "gear.hangers")).isCloseTo(0.63011, within(1e-5));
        assertThat(Math.toDegrees(value(d, "gear.shackleFree"))).isCloseTo(2.2358, within(1e-3));
        assertThat(Math.toDegrees(value(d, "gear.shackleAngle"))).isCloseTo(15, within(1e-6));
        assertThat(Math.toDegrees(value(d, "gear.shackleBump"))).isCloseTo(22.43, within(1e-2));
        assertThat(value(d, "gear.creep")).isCloseTo(0.011652, within(1e-6));
        assertThat(finding(d, "gear.shackle")).isEmpty();
    }

    /// The two links drawn: the rear eye is a leaf's chord from the front hole and a shackle's length from the rear one.
    @Test
    void theShackleAngleClosesTheTriangle() {
        for (double holes : new double[]{0.60, 0.62, 0.64, 0.66}) {
            for (double rise : new double[]{-0.05, 0, 0.04}) {
                RunningGear.LeafSpring spring = new RunningGear.LeafSpring(0.66, 0.07, rise);
                OptionalDouble angle = spring.angle(0.045, holes);
                angle.ifPresent(a -> assertThat(
                        Math.hypot(holes + 0.07 * Math.sin(a), rise - 0.07 * Math.cos(a)))
                        .isCloseTo(spring.eyes(0.045), within(1e-12)));
                assertThat(angle.isPresent()).isEqualTo(
                        Math.abs(spring.eyes(0.045) - Math.hypot(holes, rise)) <= 0.07);
            }
        }
    }

    @Test
    void holesTooFarApartPullTheShackleThroughAndAreMended() {
        Design d = sprung(0.655);

        assertThat(says(d, "gear.shackle")).contains("swings through to the front");
        assertThat(finding(d, "gear.shackle").orElseThrow().severity()).isEqualTo(Severity.STOP);
        Design mended = Remedies.of(Analysis.of(d), finding(d, "gear.shackle").orElseThrow()).getFirst().edit()
                .apply(d);
        assertThat(mended.base().carcass().gear().springs().orElseThrow().hangers().orElseThrow()).isCloseTo(0.6301,
                within(1e-9));
        assertThat(finding(mended, "gear.shackle")).isEmpty();
        assertThat(says(sprung(0.9), "gear.shackle")).contains("do not meet");
    }

    /// A bar of 0.82 m, 30 mm higher at the frame: 2.4 mm at 100 mm of bump, 8.3 mm at 90 mm of droop.
    @Test
    void aBarAcrossShiftsTheAxle() {
        Design d = geared(box(), Gear.UNKNOWN.withGuide(Optional.of(new Gear.Guide(Gear.Guide.Kind.BAR, 0.82, 0.03))));
        Design travel = d.with(d.settings().with("spring.bump", 0.10).with("spring.droop", 0.09));

        assertThat(value(travel, "gear.shiftBump")).isCloseTo(-0.0024443, within(1e-7));
        assertThat(value(travel, "gear.shiftDroop")).isCloseTo(-0.008279, within(1e-6));
        Design shortBar = geared(travel,
                Gear.UNKNOWN.withGuide(Optional.of(new Gear.Guide(Gear.Guide.Kind.BAR, 0.08, 0))));
        assertThat(finding(shortBar, "gear.guide").orElseThrow().severity()).isEqualTo(Severity.STOP);
        everyRemedyMends(Analysis.of(shortBar), GearRules.GEAR_GUIDE);
    }

    /// A bar of 0.30 m swings z²/2p aside, 17 mm at 100 mm: more than the 5 mm beside the tyre. Two arms and a link do not.
    @Test
    void anAxleThatSwingsFurtherThanItsTyreHasRoomIsMended() {
        Design d = guarded(0.80, 0.755);
        Design swings = d.with(d.base().withCarcass(d.base().carcass().with(d.base().carcass().gear()
                .withGuide(Optional.of(new Gear.Guide(Gear.Guide.Kind.BAR, 0.30, 0))))))
                .with(d.settings().with("spring.bump", 0.10).with("spring.droop", 0.09));

        Finding f = finding(swings, "gear.guide").orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.WARN);
        assertThat(f.title().text(Style.PLAIN)).isEqualTo("The axle swings further aside than its tyres have room");
        everyRemedyMends(Analysis.of(swings), GearRules.GEAR_GUIDE);
        assertThat(Remedies.of(Analysis.of(swings), f)).anyMatch(r -> r.says().text(Style.PLAIN).replace('\u00a0', ' ')
                .equals("Two arms of 350 mm and a link"));
    }

    /// Hanging so far back when unloaded, it has no way left.
    @Test
    void aShackleThatHangsFarBackIsSaid() {
        Design d = geared(box(), Gear.UNKNOWN.withSprings(Optional.of(
                new Gear.Springs(0.66, 0.075, 0.045, 0, 0.070, 0, Math.toRadians(40), OptionalDouble.empty()))));

        assertThat(says(d, "gear.shackle")).contains("hangs far back already when unloaded");
        Design through = geared(box(), Gear.UNKNOWN.withSprings(Optional.of(
                new Gear.Springs(0.66, 0.05, 0.03, -0.06, 0.070, 0, Math.toRadians(20), OptionalDouble.empty()))));
        assertThat(says(through, "gear.shackle")).contains("shortens into its bump");
    }

    /// Looked for by brute force: of all shifts and turns of the link, those that keep both arms at their length.
    @ParameterizedTest
    @ValueSource(doubles = {-0.12, -0.05, 0.03, 0.08, 0.14})
    void twoArmsAndALinkKeepTheirLengths(double travel) {
        double arm = 0.35;
        double link = 0.07;
        double best = Double.POSITIVE_INFINITY;
        double at = 0;
        for (double y = -0.03; y <= 0.03; y += 5e-5) {
            for (double t = -1.2; t <= 1.2; t += 1e-3) {
                double one = Math.hypot(y - link * Math.sin(t) + arm, travel + link * Math.cos(t) - link) - arm;
                double two = Math.hypot(y + link * Math.sin(t) - arm, travel - link * Math.cos(t) + link) - arm;
                if (Math.abs(one) + Math.abs(two) < best) {
                    best = Math.abs(one) + Math.abs(two);
                    at = y;
                }
            }
        }

        assertThat(RunningGear.linkShift(arm, link, travel).orElseThrow()).isCloseTo(at, within(2e-4));
        assertThat(Math.abs(at)).as("straighter than a bar of that length")
                .isLessThan(Math.abs(RunningGear.barShift(arm, 0, travel)) + 1e-6);
        assertThat(RunningGear.linkShift(arm, link, 5 * arm)).isEmpty();
    }

    /// Hand sums: half of 0.80 less 0.32 less 10 mm of creep are 70 mm; (1.72 − 0.20)/2 − 0.70 − 5 mm are 55 mm.
    @Test
    void aTyreHasRoomOnEverySide() {
        Design d = guarded(0.80, 0.70);

        assertThat(value(d, "gear.guardEnds")).isCloseTo(0.070, within(1e-9));
        assertThat(value(d, "gear.guardInner")).isCloseTo(0.055, within(1e-9));
        assertThat(finding(guarded(0.70, 0.70), "gear.guard.ends").orElseThrow().severity()).isEqualTo(Severity.WARN);
        assertThat(finding(guarded(0.80, 0.76), "gear.guard.inner").orElseThrow().severity()).isEqualTo(Severity.STOP);
    }

    private static Design guarded(double length, double inside) {
        Design d = geared(box(), Gear.UNKNOWN.withGuard(Optional.of(new Gear.Guard(length, inside))));
        Axle a = d.base().axle();
        return d.with(d.base().with(a.withWheels(1.72, 0.64, 0.20)));
    }

    /// Under a guard 0.46 over the axle, with 75 mm of bump and 25 mm for mud, a tyre may be 0.72 across.
    @Test
    void theLargestUsualTyreIsNamedAndNoLargerOneFits() {
        Design d = guarded(0.90, 0.60);
        Design low = d.with(d.settings().with("guard.gap", 0.46));

        double largest = value(low, "gear.tyreLargest");
        assertThat(largest).isLessThanOrEqualTo(0.72);
        assertThat(UsualTyre.all()).filteredOn(t -> t.diameter() <= 0.72 && t.width() < 0.3)
                .allMatch(t -> t.diameter() <= largest + 1e-9);
        Design tight = low.with(low.settings().with("guard.gap", 0.41));
        assertThat(finding(tight, "ride.guard").orElseThrow().severity()).isEqualTo(Severity.STOP);
        Design other = Remedies.of(Analysis.of(tight), finding(tight, "ride.guard").orElseThrow()).getFirst().edit()
                .apply(tight);
        assertThat(other.base().axle().wheelDiameter()).isLessThanOrEqualTo(2 * (0.41 - 0.075 - 0.025));
        assertThat(finding(other, "ride.guard")).isEmpty();
    }
}
