package lectulum.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.thing.Tank;
import lectulum.figures.Figures;
import lectulum.kernel.scales.HomeScales;
import lectulum.kernel.statics.Moves;
import lectulum.kernel.statics.Part;
import lectulum.kernel.statics.Statics;
import lectulum.kernel.statics.TankCorners;
import lectulum.kernel.statics.Trip;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/// The course of a trip, tanks, moves and the certainty of an axle place, worked by hand to five digits.
class TripAndMovesTest {
    private static final Percentage CLOSE = withinPercentage(0.01);
    private static final double AXLE = 2.87;

    private static Trip trip(double days) {
        return Trip.of(620, 2.45, AXLE, new Trip.Water(2.95, 60, 3.25, 0, 40, 14, .75),
                List.of(new Trip.Store(3.66, 30, 4, .15)), days);
    }

    @Test
    void theTongueGrowsWhileWaterBehindTheAxleIsUsed() {
        Trip t = trip(5);

        assertThat(t.points().getFirst().mass()).isCloseTo(710, CLOSE);
        assertThat(t.points().getFirst().tongue()).isCloseTo(80.801, CLOSE);
        assertThat(t.lightest().share()).isCloseTo(0.11380, CLOSE);
        assertThat(t.lightest().day()).isZero();
        assertThat(t.points().getLast().mass()).isCloseTo(673, CLOSE);
        assertThat(t.points().getLast().tongue()).isCloseTo(81.857, CLOSE);
        assertThat(t.heaviest().share()).isCloseTo(0.12163, CLOSE);
        assertThat(t.greyFull().orElseThrow()).isCloseTo(3.8095, CLOSE);
        assertThat(t.freshGone().orElseThrow()).isCloseTo(4.2857, CLOSE);
    }

    @Test
    void aShortTripNeitherFillsNorEmpties() {
        Trip t = trip(2);

        assertThat(t.greyFull()).isEmpty();
        assertThat(t.freshGone()).isEmpty();
        assertThat(t.points()).hasSize(3);
    }

    /// Between the break points nothing lies outside their range: a fine course has the same extremes.
    @Test
    void theExtremesStandAtBreakPoints() {
        Trip coarse = trip(5);
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= 500; i++) {
            Trip.Point last = trip(i / 100.0).points().getLast();
            least = Math.min(least, last.share());
            most = Math.max(most, last.share());
        }

        assertThat(coarse.lightest().share()).isCloseTo(least, within(1e-12));
        assertThat(coarse.heaviest().share()).isCloseTo(most, within(1e-12));
    }

    @Test
    void greyWaterHasAPlaceThatKeepsTheTongue() {
        assertThat(Statics.greyForLoad(AXLE, 2.30, .75)).isCloseTo(2.1100, CLOSE);
        assertThat(Statics.greyForShare(AXLE, .11, 2.30, .75)).isCloseTo(2.2152, CLOSE);
    }

    @Test
    void aTrailerThatIsNotLevelWeighsOtherwise() {
        double level = Statics.tongueLoad(742, 2.5678, AXLE).orElseThrow();
        assertThat(HomeScales.raised(742, level, .742, Math.toRadians(3), AXLE, .45, .31)).isCloseTo(72.462, CLOSE);
        assertThat(HomeScales.raised(742, level, .742, 0, AXLE, .45, .31)).isCloseTo(level, within(1e-9));
        assertThat(Statics.braking(742, AXLE, .742, .45, .5, 0) + Statics.tongueLoad(742, 2.5678, AXLE).orElseThrow())
                .isCloseTo(115.88, CLOSE);
    }

    private static final List<TankCorners.Contents> TANKS = List.of(new TankCorners.Contents(2.3, 60),
            new TankCorners.Contents(3.25, 40), new TankCorners.Contents(.6, 22));

    @Test
    void theExtremesOverAllFillsStandAtEmptyAndFullTanks() {
        TankCorners c = TankCorners.of(620, 2.45, AXLE, TANKS);

        assertThat(c.least()).isCloseTo(0.12945, CLOSE);
        assertThat(c.leastFull()).containsExactly(false, true, false);
        assertThat(c.most()).isCloseTo(0.17101, CLOSE);
        assertThat(c.mostFull()).containsExactly(true, false, true);
    }

    @RepeatedTest(20)
    void noFillLiesOutsideTheCorners(RepetitionInfo run) {
        SplittableRandom r = new SplittableRandom(run.getCurrentRepetition());
        List<TankCorners.Contents> tanks = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            tanks.add(new TankCorners.Contents(4 * r.nextDouble(), 10 + 60 * r.nextDouble()));
        }
        TankCorners c = TankCorners.of(620, 2.45, AXLE, tanks);

        for (int k = 0; k < 50; k++) {
            double mass = 620;
            double tongue = 620 * Statics.lever(2.45, AXLE);
            for (TankCorners.Contents t : tanks) {
                double m = t.full() * r.nextDouble();
                mass += m;
                tongue += m * Statics.lever(t.x(), AXLE);
            }
            assertThat(tongue / mass).isBetween(c.least() - 1e-12, c.most() + 1e-12);
        }
    }

    private static final List<Moves.Movable> THINGS = List.of(new Moves.Movable(27, 1.02, .8, 4.0, 1),
            new Moves.Movable(42, 3.66, 3.4, 3.9, 1), new Moves.Movable(28, 2.05, 1.3, 3.2, 1));

    @Test
    void oneThingAloneHasToGoFar() {
        assertThat(Moves.alone(5, AXLE, 27)).isCloseTo(-0.53148, CLOSE);
        assertThat(Moves.alone(5, AXLE, 42)).isCloseTo(-0.34167, CLOSE);
        assertThat(Moves.alone(5, AXLE, 28)).isCloseTo(-0.51250, CLOSE);
    }

    @Test
    void allTogetherGoLess() {
        List<Double> moves = Moves.spread(5, AXLE, THINGS).orElseThrow();

        assertThat(moves.get(0)).isCloseTo(-0.11823, CLOSE);
        assertThat(moves.get(1)).isCloseTo(-0.18392, CLOSE);
        assertThat(moves.get(2)).isCloseTo(-0.12261, CLOSE);
    }

    @Test
    void theRestGoesFurtherWhereOneReachesItsBound() {
        List<Double> moves = Moves.spread(12, AXLE, THINGS).orElseThrow();
        double change = 0;
        for (int i = 0; i < 3; i++) {
            change -= moves.get(i) * THINGS.get(i).mass() / AXLE;
            double place = THINGS.get(i).x() + moves.get(i);
            assertThat(place).isBetween(THINGS.get(i).from() - 1e-12, THINGS.get(i).to() + 1e-12);
        }

        assertThat(change).isCloseTo(12, within(1e-9));
        assertThat(Moves.spread(40, AXLE, THINGS)).as("beyond all bounds").isEmpty();
    }

    @Test
    void builtInThingsMoveLessThanPackedOnes() {
        List<Moves.Movable> dear = List.of(new Moves.Movable(42, 3.0, 0, 4, 100), new Moves.Movable(42, 2.0, 0, 4, 1));

        List<Double> moves = Moves.spread(5, AXLE, dear).orElseThrow();

        assertThat(moves.get(0) / moves.get(1)).isCloseTo(0.01, within(1e-9));
    }

    /// 42 kg at 3.66 for 28 kg at 2.05: (42 − 28)(3.66 − 2.05)/2.87 = 7.854 kg, outside both their bounds.
    @Test
    void swapsAreOfferedWhereBothMayStand() {
        assertThat(Moves.swaps(5, AXLE, THINGS, 5)).noneMatch(s -> s.first() == 1 && s.second() == 2);
        List<Moves.Movable> free = THINGS.stream().map(t -> new Moves.Movable(t.mass(), t.x(), 0, 4, 1)).toList();
        assertThat(Moves.swaps(8, AXLE, free, 5)).first().satisfies(s -> {
            assertThat(s.first()).isEqualTo(1);
            assertThat(s.second()).isEqualTo(2);
            assertThat(s.change()).isCloseTo(7.8537, CLOSE);
        });
    }

    @Test
    void theSlotForAnAxleFollowsFromTheDoubtOfTheMasses() {
        List<Part> fixed = List.of(part(190, 13, 2.35, .02, false), part(230, 58, 2.5, .05, true),
                part(70, 18, 3.6, .03, true), part(28, .2, 1.0, .01, false), part(50, 2, 2.9, .02, false),
                part(80, 20, 2.0, .10, true));

        WeldNow w = WeldNow.of(fixed, 76, 0, .12, .10);

        assertThat(w.place()).isCloseTo(2.8630, CLOSE);
        assertThat(w.u()).isCloseTo(0.047753, CLOSE);
        assertThat(w.slot()).isCloseTo(0.18719, CLOSE);
    }

    private static Part part(double m, double u, double x, double ux, boolean guess) {
        return new Part("", m, x, 0, 0, 0, 0, u, ux, guess);
    }

    /// A litre that is drawn there and comes back here leaves what rests on the ball as it was; towed level, so does the hitch.
    @Test
    void figuresAtTheHitchAndOfTheGreyTankFollow() {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        Figures f = Analysis.of(d).figures();
        double fresh = d.things().stream().filter(t -> t.tank().filter(k -> k.use() == Tank.Use.FRESH).isPresent())
                .mapToDouble(t -> t.place().x() + d.base().tongueLength()).findFirst().orElseThrow();
        double returned = f.value("water.day.grey") / f.value("water.day.use");
        double grey = f.value("trip.greyLoad");
        double axle = d.base().tongueLength() + d.base().axle().x();

        assertThat(-(1 - fresh / axle) + returned * (1 - grey / axle)).isCloseTo(0, within(1e-9));
        Design level = d.with(d.vehicle().withBall(d.vehicle().ballHeight() + f.value("hitch.mount")));
        Figures then = Analysis.of(level).figures();
        assertThat(then.value("hitch.nose")).isCloseTo(0, within(1e-3));
        assertThat(f.value("hitch.unladen")).as("what a tape finds before it is coupled")
                .isEqualTo(d.vehicle().ballHeight() + f.value("hitch.squat"), within(1e-9))
                .isGreaterThan(d.vehicle().ballHeight() + 0.01);
        assertThat(then.value("hitch.tongue")).isCloseTo(then.value("balance.departure.tongue"), within(0.3));
        assertThat(f.value("sway.percussion")).isLessThan(1);
        assertThat(f.value("sway.held")).as("the swing steers the vehicle").isGreaterThan(f.value("sway.damping"));
    }
}
