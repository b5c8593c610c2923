package lectulum.kernel.mechanisms;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import lectulum.kernel.mechanisms.RisingBed.Pair;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Worked by hand and with an independent program; metres and newtons, five significant digits.
class MechanismTest {
    private static final double DIGITS = 0.01;
    private static final double[] STOCK = {100, 150, 200, 250, 300, 350, 400, 450, 500, 600, 700, 800, 1000, 1200};
    private static final Lid LID = new Lid(16, new double[]{0.52, -0.20}, new double[]{0.97, -0.80},
            Math.toRadians(78), new double[]{0.45, -0.45}, new double[]{0.19562952, -0.04158234}, 2,
            new GasStrut(200, 1.35, 0.35, 0.80));

    @ParameterizedTest
    @CsvSource({"0, 4.8854", "20, -4.6164", "40, -8.3554", "60, -11.656", "78, -16.445"})
    void theHandFeelsTheLidOverItsTravel(double degrees, double force) {
        assertThat(LID.hand(Math.toRadians(degrees), 20)).isCloseTo(force, withinPercentage(DIGITS));
    }

    @Test
    void theLidHoldsInTheColdAndStaysShutInTheHeat() {
        assertThat(LID.hold(-5)).isCloseTo(1.3116, withinPercentage(DIGITS));
        assertThat(LID.shut(40)).isCloseTo(-0.9951, withinPercentage(0.02));
        assertThat(Math.toDegrees(LID.liftOff(20).orElseThrow())).isCloseTo(8.0004, withinPercentage(DIGITS));
        assertThat(LID.length(0)).isCloseTo(0.48115, withinPercentage(DIGITS));
        assertThat(LID.length(LID.open())).isCloseTo(0.73227, withinPercentage(DIGITS));
        assertThat(LID.beyondTravel()).isNegative();
    }

    /// Virtual work: the strut's moment is its force times the change of its length with the angle.
    @ParameterizedTest
    @CsvSource({"5", "30", "60", "75"})
    void theStrutDoesTheWorkThatItsLengthGives(double degrees) {
        double a = Math.toRadians(degrees);
        double slope = (LID.length(a + 1e-6) - LID.length(a - 1e-6)) / 2e-6;

        assertThat(LID.strutMoment(a, 20)).isCloseTo(2 * LID.strut().push(LID.length(a), 20) * slope,
                withinPercentage(0.001));
    }

    @Test
    void theBestStrutFromStockIsFound() {
        List<GasStrut> sizes = List.of(new GasStrut(1, 1.25, 0.16, 0.40), new GasStrut(1, 1.28, 0.20, 0.50),
                new GasStrut(1, 1.30, 0.25, 0.60), new GasStrut(1, 1.33, 0.30, 0.70),
                new GasStrut(1, 1.35, 0.35, 0.80), new GasStrut(1, 1.38, 0.40, 0.90));
        List<double[]> bodies = new ArrayList<>();
        List<double[]> leaves = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            for (int j = 0; j < 5; j++) {
                bodies.add(new double[]{0.05 + 0.10 * i, -0.55 + 0.10 * j});
            }
        }
        for (int i = 0; i < 6; i++) {
            double r = 0.20 + 0.10 * i;
            leaves.add(new double[]{r * Math.cos(Math.toRadians(-12)), r * Math.sin(Math.toRadians(-12))});
        }

        Lid best = new LidChooser(sizes, STOCK, bodies, leaves, -5, 20, 40).best(LID).orElseThrow();

        assertThat(best.strut().extended()).isEqualTo(0.80);
        assertThat(best.strut().force()).isEqualTo(200);
        assertThat(best.body()[0]).isCloseTo(0.45, within(1e-9));
        assertThat(best.body()[1]).isCloseTo(-0.45, within(1e-9));
        assertThat(Math.hypot(best.leaf()[0], best.leaf()[1])).isCloseTo(0.2, within(1e-9));
        assertThat(best.peakOnTheWay(20)).isCloseTo(15.503, withinPercentage(DIGITS));
    }

    private static RisingBed bed(double front, double rear) {
        return new RisingBed(34, 0.74, 0, 1.40,
                new Pair[]{new Pair(0.62, 0.64, 0.12, new GasStrut(front, 1.38, 0.40, 0.90)),
                        new Pair(0.80, 0.64, 1.30, new GasStrut(rear, 1.38, 0.40, 0.90))});
    }

    @Test
    void aRisingBedWantsDifferentStrutsAtItsEnds() {
        RisingBed best = bed(1, 1).best(STOCK, 0.80, 1.36, 8, 0, 20).orElseThrow();

        assertThat(best.pairs()[0].strut().force()).isEqualTo(100);
        assertThat(best.pairs()[1].strut().force()).isEqualTo(150);
        assertThat(best.peak(0.80, 1.36, 8, 20)).isCloseTo(73.257, withinPercentage(DIGITS));
    }

    @ParameterizedTest
    @CsvSource({"0.80, 73.257, 54.748, 128.39", "1.08, -3.6801, -56.623, 89.484", "1.36, -13.357, -70.631, 57.974"})
    void aRisingBedAsksOfTheHandsAtBothEdges(double height, double front, double rear, double guides) {
        RisingBed.Hands hands = bed(100, 150).level(height, 20);

        assertThat(hands.front()).isCloseTo(front, withinPercentage(DIGITS));
        assertThat(hands.rear()).isCloseTo(rear, withinPercentage(DIGITS));
        assertThat(hands.guides()).isCloseTo(guides, withinPercentage(DIGITS));
    }

    @Test
    void oneEndAtATimeIsEasierInOneOrder() {
        assertThat(bed(100, 150).peakOneEnd(true, 0.80, 1.36, 8, 20)).isCloseTo(116.49, withinPercentage(DIGITS));
        assertThat(bed(100, 150).peakOneEnd(false, 0.80, 1.36, 8, 20)).isCloseTo(54.748, withinPercentage(DIGITS));
    }

    /// 1.4 long and 0.03 deep needs 0.00032 of play to pass at every tilt.
    @Test
    void aFrameJamsUnlessItHasPlay() {
        assertThat(RisingBed.jamsAt(1.4, 0.03, 0.0004)).isEmpty();
        assertThat(RisingBed.jamsAt(1.4, 0.03, 0).orElseThrow()).isCloseTo(0, within(1e-6));
        assertThat(RisingBed.jamsAt(1.4, 0.03, 0.0001).orElseThrow()).isPositive();
    }

    @Test
    void aSlideLoadsItsRollersAndTheJack() {
        Slide slide = new Slide(55 * 9.80665, 0.62, 0.40);
        double moment = 310 * (2.30 - 1.9) + 140 * (2.30 - 2.8) + 90 * (2.30 - 0.9);

        assertThat(slide.moment()).isCloseTo(334.41, withinPercentage(DIGITS));
        assertThat(slide.frontRoller()).isCloseTo(1375.4, withinPercentage(DIGITS));
        assertThat(slide.rearRoller()).isCloseTo(836.02, withinPercentage(DIGITS));
        assertThat(slide.sag(3690)).isCloseTo(0.019104, withinPercentage(DIGITS));
        assertThat(Slide.jack(moment, 2.05)).isCloseTo(861.07, withinPercentage(DIGITS));
        assertThat(Slide.jack(moment - 55 * 1.8, 2.05)).isCloseTo(387.48, withinPercentage(DIGITS));
        assertThat(Slide.tips(moment, 1.8)).isCloseTo(100, within(1e-9));
    }

    @Test
    void aWallCabinetPullsAtItsTopRow() {
        assertThat(SmallParts.fixingPull(24, 3, 0.16, 0.38, 2)).isCloseTo(148.65, withinPercentage(DIGITS));
        assertThat(SmallParts.fixingShear(24, 3, 4)).isCloseTo(176.52, withinPercentage(DIGITS));
    }

    /// Hand sums: 0.03² / (8 · 0.002) − 0.004 = 0.05225; π² · 100 / 0.7² = 2014.2; 200 / sin 30° = 400.
    @Test
    void smallPartsFollowTheirFormulas() {
        assertThat(SmallParts.rollFrontRadius(0.03, 0.008, 0.010)).isCloseTo(0.05225, within(1e-6));
        assertThat(SmallParts.buckling(100, 0.7, 1)).isCloseTo(2014.2, withinPercentage(DIGITS));
        assertThat(SmallParts.cable(200, Math.toRadians(30))).isCloseTo(400, within(1e-9));
        assertThat(SmallParts.wallPull(200, Math.toRadians(45))).isCloseTo(200, within(1e-9));
        assertThat(SmallParts.hoistLine(40, 4, 0)).isCloseTo(98.0665, within(1e-6));
    }
}
