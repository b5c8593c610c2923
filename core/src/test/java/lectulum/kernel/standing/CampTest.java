package lectulum.kernel.standing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The uncoupled trailer on wheels and jacks, worked by hand to five digits.
class CampTest {
    private static final Percentage CLOSE = withinPercentage(0.01);

    @Test
    void aPersonOnTheTailLiftsTheTongue() {
        assertThat(TipUp.mass(690, 2.545, .75, 2.87, .31, 4.05, 1.55, Math.toRadians(2), 1.5)).isCloseTo(116.43, CLOSE);
        assertThat(TipUp.mass(690, 2.545, .75, 2.87, .31, 2.0, 1.55, 0, 1.5)).as("before the axle nobody tips it")
                .isInfinite();
    }

    private static final List<Standing.Support> WHEELS_AND_TONGUE = List.of(
            new Standing.Support(2.87, -.76, 60_000, 0), new Standing.Support(2.87, .76, 60_000, 0),
            new Standing.Support(.25, 0, 150_000, 0));
    private static final Standing.Load TRAILER = new Standing.Load(690, 2.545, 0);

    private static List<Standing.Support> withRearJacks(double crank) {
        Standing standing = Standing.of(WHEELS_AND_TONGUE, List.of(TRAILER)).orElseThrow();
        List<Standing.Support> all = new ArrayList<>(WHEELS_AND_TONGUE);
        for (double y : new double[]{-.6, .6}) {
            all.add(new Standing.Support(4.1, y, 150_000, standing.heightAt(4.1, y) + crank));
        }
        return all;
    }

    @Test
    void rearJacksTakeLoadAndMakeTheFloorStiffer() {
        List<Standing.Support> supports = withRearJacks(0.006);
        Standing set = Standing.of(supports, List.of(TRAILER)).orElseThrow();
        Standing with = Standing.of(supports, List.of(TRAILER, new Standing.Load(85, 3.9, .45))).orElseThrow();

        double[] loads = {282.49, 282.49, 98.191, 13.419, 13.419};
        double[] person = {281.75, 301.42, 96.791, 28.102, 66.932};
        for (int i = 0; i < 5; i++) {
            assertThat(set.loads().get(i)).isCloseTo(loads[i], CLOSE);
            assertThat(with.loads().get(i)).isCloseTo(person[i], CLOSE);
        }
        assertThat(Math.toDegrees(with.pitch() - set.pitch())).isCloseTo(0.034530, withinPercentage(0.02));
        assertThat(Math.toDegrees(with.roll() - set.roll())).isCloseTo(0.12121, withinPercentage(0.02));

        Standing bare = Standing.of(WHEELS_AND_TONGUE, List.of(TRAILER)).orElseThrow();
        Standing stepped = Standing.of(WHEELS_AND_TONGUE, List.of(TRAILER, new Standing.Load(85, 3.9, .45)))
                .orElseThrow();
        assertThat(Math.toDegrees(stepped.pitch() - bare.pitch())).isCloseTo(0.25931, CLOSE);
    }

    @Test
    void whoeverStandsTooFarBackTipsIt() {
        assertThat(Standing.of(WHEELS_AND_TONGUE, List.of(TRAILER, new Standing.Load(400, 4.1, 0)))).isEmpty();
        assertThat(Standing.of(withRearJacks(0), List.of(TRAILER, new Standing.Load(400, 4.1, 0)))).isPresent();
    }

    @RepeatedTest(30)
    void supportsOnlyPushAndCarryExactlyTheLoad(RepetitionInfo run) {
        SplittableRandom r = new SplittableRandom(run.getCurrentRepetition());
        List<Standing.Support> supports = withRearJacks(0.02 * r.nextDouble() - 0.01);
        Standing.Load person = new Standing.Load(60 + 60 * r.nextDouble(), 1.5 + 2.5 * r.nextDouble(),
                r.nextDouble() - 0.5);
        Standing s = Standing.of(supports, List.of(TRAILER, person)).orElseThrow();

        double sum = 0;
        double mx = 0;
        double my = 0;
        for (int i = 0; i < supports.size(); i++) {
            assertThat(s.loads().get(i)).isGreaterThanOrEqualTo(0);
            sum += s.loads().get(i);
            mx += s.loads().get(i) * supports.get(i).x();
            my += s.loads().get(i) * supports.get(i).y();
        }
        assertThat(sum).isCloseTo(690 + person.mass(), within(1e-9));
        assertThat(mx).isCloseTo(690 * 2.545 + person.mass() * person.x(), within(1e-7));
        assertThat(my).isCloseTo(person.mass() * person.y(), within(1e-7));
    }

    /// A rectangle of 3 × 1.6 m: from its middle 0.8 m to the side.
    @Test
    void thePlumbLineFallsIntoTheFeet() {
        SupportPolygon p = SupportPolygon.of(List.of(new double[]{0, -.8}, new double[]{3, .8}, new double[]{0, .8},
                new double[]{3, -.8}, new double[]{1.5, 0}));

        assertThat(p.hull()).hasSize(4);
        assertThat(p.margin(1.5, 0)).isCloseTo(0.8, within(1e-12));
        assertThat(p.margin(1.5, 0.75)).isCloseTo(0.05, within(1e-12));
        assertThat(p.margin(1.5, 1.0)).isCloseTo(-0.2, within(1e-12));
        assertThat(Math.toDegrees(p.tips(1.5, 0, 0.8))).isCloseTo(45, within(1e-9));
        assertThat(SupportPolygon.of(List.of(new double[]{0, 0}, new double[]{1, 0})).margin(0.5, 0))
                .isEqualTo(Double.NEGATIVE_INFINITY);
    }

    @Test
    void blocksGoUnderTheLowSideAndTheJackFollows() {
        Levelling l = Levelling.of(1.52, 2.87, .25, Math.toRadians(-1.8), Math.toRadians(2.6),
                List.of(.020, .035, .050));

        assertThat(l.rightLow()).isTrue();
        assertThat(l.wanted()).isCloseTo(0.068952, CLOSE);
        assertThat(l.stack()).isCloseTo(0.070, within(1e-12));
        assertThat(l.blocks()).containsExactly(0, 2);
        assertThat(Math.toDegrees(l.left())).isCloseTo(-0.039514, withinPercentage(0.1));
        assertThat(l.jack()).isCloseTo(0.11730, withinPercentage(0.01));
    }

    @Test
    void aLevelPlaceNeedsNothing() {
        Levelling l = Levelling.of(1.52, 2.87, .25, 0, 0, List.of(.020));

        assertThat(l.blocks()).isEmpty();
        assertThat(l.wanted()).isZero();
        assertThat(l.jack()).isZero();
    }

    /// Nose up the slope: all pitch, no roll; across it: all roll.
    @ParameterizedTest
    @CsvSource({"180, 4, 0", "0, -4, 0", "90, 0, -4", "-90, 0, 4"})
    void theHeadingTurnsSlopeIntoPitchAndRoll(double nose, double pitch, double roll) {
        double[] stands = Levelling.onSite(Math.toRadians(4), 0, Math.toRadians(nose));

        assertThat(Math.toDegrees(stands[0])).isCloseTo(pitch, within(1e-9));
        assertThat(Math.toDegrees(stands[1])).isCloseTo(roll, within(1e-9));
    }

    /// From what a level shows, the slope comes back, and after the turn it stands straight down or up it; no smaller turn does that.
    @Test
    void theSmallestTurnThatNeedsNoBlocksIsFound() {
        SplittableRandom random = new SplittableRandom(17);
        for (int i = 0; i < 300; i++) {
            double slope = 0.001 + 0.3 * random.nextDouble();
            double falls = 2 * Math.PI * random.nextDouble();
            double nose = 2 * Math.PI * random.nextDouble();
            double[] stands = Levelling.onSite(slope, falls, nose);
            Levelling.Turned t = Levelling.Turned.of(stands[0], stands[1]);
            double[] then = Levelling.onSite(slope, falls, nose + t.turn());

            assertThat(t.slope()).isCloseTo(slope, within(1e-12));
            assertThat(then[1]).isCloseTo(0, within(1e-12));
            assertThat(then[0]).isCloseTo(t.pitch(), within(1e-12));
            for (double less = -0.99; less < 1; less += 0.09) {
                double roll = Levelling.onSite(slope, falls, nose + less * Math.abs(t.turn()))[1];
                assertThat(Math.abs(roll)).isGreaterThan(Math.min(1e-12, 1e-3 * Math.abs(t.turn()) * slope));
            }
        }
        assertThat(Levelling.Turned.of(0, 0)).isEqualTo(new Levelling.Turned(0, 0, -0.0));
    }

    /// 300 kg · 9.80665 · 1.5 / 150 kPa = 0.02942 m²: 172 mm square.
    @Test
    void softGroundWantsALargerPad() {
        assertThat(GroundPad.SOIL.side(300)).isCloseTo(0.17153, CLOSE);
        assertThat(GroundPad.MUD.side(300)).isGreaterThan(GroundPad.SAND.side(300));
        assertThat(GroundPad.GRAVEL.side(0)).isZero();
    }

    /// A chock of 0.1 m before a wheel of 0.31 m with nearly all the mass on it: atan(0.9·√(0.052)/0.21).
    @Test
    void aChockIsClimbedOnASteepSlope() {
        assertThat(Math.toDegrees(TipUp.chockHolds(630, 700, .31, .1))).isCloseTo(44.344, withinPercentage(0.05));
        assertThat(TipUp.chockHolds(630, 700, .31, .05)).isLessThan(TipUp.chockHolds(630, 700, .31, .1));
    }
}
