package lectulum.balance.weigh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.design.weighing.WeighPoint;
import lectulum.kernel.maths.Normal;
import lectulum.kernel.scales.HomeScales;
import lectulum.kernel.scales.Reconciled;
import lectulum.kernel.scales.ScaleError;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Scales, least squares and reconciliation, worked by hand to five digits.
class WeighingTest {
    private static final Percentage CLOSE = withinPercentage(0.01);

    /// A public scale in pounds: 20 lb steps, a thousandth.
    private static final ScaleError POUNDS = new ScaleError(20, .001);
    private static final Reading.Levers LEVERS = new Reading.Levers(2.90, 1.20, 3.40, .30);

    private static Reading read(WeighPoint point, double value, double correction, double u) {
        return Reading.of(point, LEVERS, value - correction, POUNDS.of(value, u));
    }

    private static List<Reading> twoPasses() {
        return List.of(read(WeighPoint.STEER_COUPLED, 2800, 0, 0), read(WeighPoint.DRIVE_COUPLED, 2600, 0, 0),
                read(WeighPoint.TRAILER_AXLE, 1480, 0, 0), read(WeighPoint.STEER_ALONE, 2860, 5.4, 1),
                read(WeighPoint.DRIVE_ALONE, 2380, 16.3, 2));
    }

    @Test
    void twoPassesOverAPublicScaleGiveMassAndTongue() {
        Weighed w = Weighed.of(twoPasses());

        assertThat(w.values()[0]).isCloseTo(2861.4, CLOSE);
        assertThat(w.values()[1]).isCloseTo(2365.7, CLOSE);
        assertThat(w.vehicle()).isCloseTo(2861.4 + 2365.7, CLOSE);
        assertThat(w.mass()).isCloseTo(1644.4, CLOSE);
        assertThat(w.massU()).isCloseTo(8.5928, CLOSE);
        assertThat(w.tongue()).isCloseTo(164.38, CLOSE);
        assertThat(w.tongueU()).isCloseTo(6.1896, CLOSE);
        assertThat(w.share()).isCloseTo(0.099965, CLOSE);
        assertThat(w.shareU()).isCloseTo(0.0034072, CLOSE);
        assertThat(w.chiSquare()).isCloseTo(2.3349, CLOSE);
        assertThat(w.freedom()).isEqualTo(1);
        assertThat(Math.abs(w.worst().orElseThrow())).isCloseTo(1.5281, CLOSE);
    }

    private static final ScaleError DECK = new ScaleError(10, .001);

    private static List<Reading> coupledOnly() {
        return List.of(Reading.of(WeighPoint.VEHICLE_COUPLED, LEVERS, 2450, DECK.of(2450, 0)),
                Reading.of(WeighPoint.TRAILER_AXLE, LEVERS, 670, DECK.of(670, 0)));
    }

    @Test
    void onePassTellsNothingAlone() {
        Weighed w = Weighed.of(coupledOnly());

        assertThat(w.mass()).isNaN();
        assertThat(w.tongue()).isNaN();
        assertThat(w.vehicle()).isNaN();
        assertThat(w.worst()).isEmpty();
    }

    @Test
    void theNextReadingIsChosenByWhatItWouldLeave() {
        Weighed w = Weighed.of(coupledOnly());

        assertThat(w.with(Reading.of(WeighPoint.VEHICLE_ALONE, LEVERS, 2370, DECK.of(2370, 0))).tongueU())
                .isCloseTo(5.3185, CLOSE);
        assertThat(w.with(Reading.of(WeighPoint.TRAILER_ALONE, LEVERS, 750, DECK.of(750, 0))).tongueU())
                .isCloseTo(4.2045, CLOSE);
        assertThat(w.with(Reading.of(WeighPoint.RIG, LEVERS, 3120, DECK.of(3120, 0))).tongueU()).isNaN();
        assertThat(w.with(Reading.of(WeighPoint.JACK, LEVERS, 88, new ScaleError(1, .001).of(88, 0))).tongueU())
                .isCloseTo(0.27516, CLOSE);
    }

    @Test
    void noReadingsSayNothing() {
        Weighed w = Weighed.of(List.of());

        assertThat(w.mass()).isNaN();
        assertThat(w.tongueU()).isNaN();
        assertThat(w.chiSquare()).isZero();
    }

    /// Every reading of a rig of known loads gives these loads back, whatever subset tells them.
    @Test
    void trueReadingsGiveTheTrueLoadsBack() {
        double[] truth = {1400, 1100, 750, 85, 40};
        List<Reading> all = new ArrayList<>();
        for (WeighPoint p : WeighPoint.values()) {
            Reading r = Reading.of(p, LEVERS, 0, 1);
            double value = r.front() * truth[0] + r.rear() * truth[1] + r.mass() * truth[2] + r.tongue() * truth[3]
                    + r.bars() * truth[4];
            all.add(Reading.of(p, LEVERS, value, 5));
        }

        Weighed w = Weighed.of(all);

        for (int i = 0; i < truth.length; i++) {
            assertThat(w.values()[i]).isCloseTo(truth[i], within(1e-8));
        }
        assertThat(w.chiSquare()).isCloseTo(0, within(1e-12));
        assertThat(w.freedom()).isEqualTo(WeighPoint.values().length - truth.length);
    }

    /// The deck under the drive axle is 60 kg wrong, ten times its uncertainty: its residual is the largest.
    @Test
    void aWrongReadingIsTheOneThatDisagrees() {
        List<Reading> readings = new ArrayList<>(twoPasses());
        readings.add(Reading.of(WeighPoint.COUPLER, LEVERS, 164, 1));
        readings.add(Reading.of(WeighPoint.TRAILER_ALONE, LEVERS, 1644, 7));
        Reading good = readings.get(1);
        readings.set(1, new Reading(good.name(), good.front(), good.rear(), good.mass(), good.tongue(),
                good.value() + 60, good.u()));

        Weighed w = Weighed.of(readings);

        double worst = w.worst().orElseThrow();
        assertThat(Math.abs(worst)).isGreaterThan(3);
        assertThat(w.residuals().get(1)).isEqualTo(worst);
    }

    @Test
    void aLeverTurnsABathroomScaleIntoATongueScale() {
        HomeScales.Found f = HomeScales.lever(33.4, 2.1, 1.50, .50, .3, .003);

        assertThat(f.value()).isCloseTo(93.900, CLOSE);
        assertThat(f.u()).isCloseTo(1.0783, CLOSE);
    }

    @Test
    void twoTongueWeighingsGiveTheHeightOfTheCentre() {
        HomeScales.Found z = HomeScales.centreHeight(742, 93.9, 76.2, Math.toRadians(8), 2.87, .43, .31, .4);

        assertThat(z.value()).isCloseTo(0.80946, CLOSE);
        assertThat(z.u()).isCloseTo(0.015523, CLOSE);
        assertThat(HomeScales.centre(742, 93.9, 2.87)).isCloseTo(2.5068, CLOSE);
    }

    private static final double AXLE = 2.87;
    private static final double[] X = {2.35, 2.5, 3.6, 1.0, 2.9, 2.0};
    private static final List<Reconciled.Item> BUILD = List.of(new Reconciled.Item(190, 13, false),
            new Reconciled.Item(230, 58, true), new Reconciled.Item(70, 18, true), new Reconciled.Item(28, .2, false),
            new Reconciled.Item(50, 2, false), new Reconciled.Item(80, 20, true));

    private static List<Reconciled.Row> rows(double mass, double tongue) {
        double[] ones = {1, 1, 1, 1, 1, 1};
        double[] levers = new double[X.length];
        for (int i = 0; i < X.length; i++) {
            levers[i] = 1 - X[i] / AXLE;
        }
        return List.of(new Reconciled.Row(ones, mass, 6), new Reconciled.Row(levers, tongue, 3));
    }

    @Test
    void theScaleIsSharedOutByDoubtAndLever() {
        Reconciled r = Reconciled.of(BUILD, rows(702, 79), .10);

        double[] masses = {189.02, 260.23, 102.44, 27.996, 50.144, 70.961};
        double[] u = {12.730, 27.143, 9.7899, 0.19998, 1.9985, 17.442};
        for (int i = 0; i < masses.length; i++) {
            assertThat(r.masses().get(i)).isCloseTo(masses[i], CLOSE);
            assertThat(r.u().get(i)).isCloseTo(u[i], CLOSE);
        }
        assertThat(r.chiSquare()).isCloseTo(3.8465, CLOSE);
        assertThat(r.planLacksSomething()).isFalse();
    }

    @Test
    void whatIsMissingHasAPlace() {
        Reconciled.Missing m = Reconciled.missing(702 - 648, 79 - 88.244, AXLE, 6, 3).orElseThrow();

        assertThat(m.mass()).isCloseTo(54.000, CLOSE);
        assertThat(m.place()).isCloseTo(3.3613, CLOSE);
        assertThat(m.u()).isCloseTo(0.16853, CLOSE);
        assertThat(m.placed()).isTrue();
        assertThat(Reconciled.missing(0, 5, AXLE, 6, 3)).isEmpty();
        assertThat(Reconciled.missing(4, 5, AXLE, 6, 3).orElseThrow().placed()).isFalse();
    }

    @Test
    void reconciledMassesReproduceTheReadingsWithinTheirErrors() {
        for (double mass : new double[]{560, 640, 702, 760}) {
            for (double tongue : new double[]{40, 79, 120}) {
                Reconciled r = Reconciled.of(BUILD, rows(mass, tongue), .10);
                double sum = r.masses().stream().mapToDouble(Double::doubleValue).sum();
                assertThat(sum).isCloseTo(mass, within(3 * 6.0));
                assertThat(r.masses()).allSatisfy(m -> assertThat(m).isNotNegative());
            }
        }
    }

    @Test
    void aPlanFarFromTheScaleLacksSomething() {
        assertThat(Reconciled.of(BUILD, rows(1050, 79), .10).planLacksSomething()).isTrue();
    }

    /// Something that would have to weigh less than nothing is left out.
    @Test
    void nothingWeighsLessThanNothing() {
        List<Reconciled.Item> items = List.of(new Reconciled.Item(100, 1, false), new Reconciled.Item(5, 20, false));

        Reconciled r = Reconciled.of(items, List.of(new Reconciled.Row(new double[]{1, 1}, 80, 2)), 0);

        assertThat(r.masses().get(1)).isZero();
        assertThat(r.masses().get(0)).isBetween(80.0, 100.0);
    }

    /// 2 000 builds whose true masses scatter as the plan says they may: the 95 % interval of the reconciled total covers
    /// the truth in 95 ± 2 % of them.
    @Test
    void theIntervalCoversTheTruthInNineteenOfTwentyBuilds() {
        SplittableRandom random = new SplittableRandom(7);
        int covered = 0;
        int builds = 2000;
        for (int n = 0; n < builds; n++) {
            double common = 0.10 * gauss(random);
            double[] truth = new double[X.length];
            double mass = 0;
            double tongue = 0;
            for (int i = 0; i < X.length; i++) {
                Reconciled.Item item = BUILD.get(i);
                truth[i] = item.mass() + item.u() * gauss(random) + (item.guess() ? item.mass() * common : 0);
                mass += truth[i];
                tongue += truth[i] * (1 - X[i] / AXLE);
            }
            Reconciled r = Reconciled.of(BUILD, rows(mass + 6 * gauss(random), tongue + 3 * gauss(random)), .10);
            int item = n % X.length;
            if (Math.abs(r.masses().get(item) - truth[item]) <= Normal.HALF_95 * r.u().get(item)) {
                covered++;
            }
        }
        assertThat(100.0 * covered / builds).isCloseTo(95, within(2.0));
    }

    private static double gauss(SplittableRandom r) {
        return Math.sqrt(-2 * Math.log(1 - r.nextDouble())) * Math.cos(2 * Math.PI * r.nextDouble());
    }

    @ParameterizedTest
    @CsvSource({"0, 0.5", "1.96, 0.9750021", "-1, 0.1586553"})
    void chancesOfNormalErrors(double z, double chance) {
        assertThat(Normal.below(z)).isCloseTo(chance, within(1e-6));
    }

    /// The 99 % points of χ² for 1, 2 and 3 degrees of freedom.
    @ParameterizedTest
    @CsvSource({"6.63, 1", "9.21, 2", "11.34, 3"})
    void rareSumsOfSquares(double chiSquare, int freedom) {
        assertThat(Normal.byChance(chiSquare, freedom)).isCloseTo(0.01, within(2e-4));
        assertThat(Normal.byChance(0, freedom)).isEqualTo(1);
    }

    @Test
    void aCoarseScaleIsNotForSmallLoads() {
        assertThat(ScaleError.PUBLIC.tooCoarse(88)).isTrue();
        assertThat(ScaleError.PUBLIC.tooCoarse(670)).isFalse();
        assertThat(ScaleError.SMALL.tooCoarse(88)).isFalse();
    }
}
