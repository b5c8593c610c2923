package lectulum.kernel.towing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import lectulum.kernel.gear.TorsionTandem;
import lectulum.kernel.gear.TyreLoad;
import lectulum.kernel.gear.TyreSize;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Cases of hitch and attitude worked by hand to five digits.
class TowingTest {
    private static final Percentage CLOSE = withinPercentage(0.01);

    private static TorsionTandem torsion(double ball) {
        return TorsionTandem.of(1780, 4.35, List.of(new TorsionTandem.Axle(4.45, 190_000, 0.60, 62),
                new TorsionTandem.Axle(5.35, 190_000, 0.60, 62)), ball);
    }

    @ParameterizedTest
    @CsvSource({"0.56, -0.0090476, 200.05, 0.10507, 850.60, 853.35", "0.52, 0.45475, 187.09, 0.098259, 927.66, 789.26"})
    void aLowerBallLoadsTheFrontOfTwoIndependentAxles(double ball, double slope, double tongue, double share,
            double front, double rear) {
        TorsionTandem t = torsion(ball);

        assertThat(Math.toDegrees(t.slope())).isCloseTo(slope, CLOSE);
        assertThat(t.tongue()).isCloseTo(tongue, CLOSE);
        assertThat(t.tongue() / (1780 + 124)).isCloseTo(share, CLOSE);
        assertThat(t.ground().get(0)).isCloseTo(front, CLOSE);
        assertThat(t.ground().get(1)).isCloseTo(rear, CLOSE);
        assertThat(t.tongue() + t.ground().get(0) + t.ground().get(1)).as("nothing is lost")
                .isCloseTo(1904, within(1e-9));
    }

    @Test
    void anAxleThatWouldPullHangs() {
        TorsionTandem t = torsion(0.02);

        assertThat(t.hanging()).isTrue();
        assertThat(t.ground()).as("wheels and axle by themselves").contains(62.0);
        assertThat(t.tongue() + t.ground().get(0) + t.ground().get(1)).as("nothing is lost").isCloseTo(1904,
                within(1e-9));
        assertThat(torsion(0.56).hanging()).isFalse();
    }

    @Test
    void theRearOfTheVehicleSinksAndTheMountIsSetForIt() {
        Attitude a = Attitude.of(88, new Attitude.Springs(2.67, 1.02, 42_000, 46_000), 0.485, 0.43, 2.87);

        assertThat(a.squat()).isCloseTo(0.041983, CLOSE);
        assertThat(a.ball()).isCloseTo(0.44302, CLOSE);
        assertThat(Math.toDegrees(a.nose())).isCloseTo(0.25987, withinPercentage(0.02));
        assertThat(a.mount()).isCloseTo(-0.013017, withinPercentage(0.02));
    }

    @Test
    void theTailClearsASlope() {
        assertThat(Math.toDegrees(Attitude.departure(2.87, 0.31, 4.2, 0.38))).isCloseTo(16.472, CLOSE);
    }

    @Test
    void aTrailerRocksAboutItsBall() {
        Bounce b = Bounce.of(105_000, 440_000, 2.87, 5100, 576);

        assertThat(b.frequency()).isCloseTo(1.8623, CLOSE);
        assertThat(b.sag()).isCloseTo(0.053796, CLOSE);
    }

    @Test
    void springBarsMoveLoadBetweenTheAxlesAndNoneIsLost() {
        DistributionHitch d = DistributionHitch.of(240, 5.0, 3.1, 1.25, 0.5, 0.75);

        assertThat(d.frontLost()).isCloseTo(96.774, CLOSE);
        assertThat(d.moment()).isCloseTo(1176.8, CLOSE);
        assertThat(d.toFront()).isCloseTo(48.387, CLOSE);
        assertThat(d.toRear()).isCloseTo(-72.387, CLOSE);
        assertThat(d.toAxle()).isCloseTo(24.000, CLOSE);
        assertThat(d.netFront()).isCloseTo(-48.387, CLOSE);
        assertThat(d.netRear()).isCloseTo(264.39, CLOSE);
        assertThat(d.bar()).isCloseTo(784.53, CLOSE);
        assertThat(d.toFront() + d.toRear() + d.toAxle()).isCloseTo(0, within(1e-9));
    }

    @Test
    void noBarsMoveNothing() {
        DistributionHitch d = DistributionHitch.of(240, 5.0, 3.1, 1.25, 0, 0.75);

        assertThat(d.toAxle()).isZero();
        assertThat(d.netFront()).isEqualTo(-d.frontLost());
    }

    private static final Rollover.Springs SPRINGS = new Rollover.Springs(664, .79, .31, 26_000, 1.1, 220_000);

    @Test
    void aTallLoadTipsEarlierOnItsSprings() {
        Rollover low = Rollover.of(new Rollover.Body(740, 2.5678, 0, .742, 2.87, .45, 1.52), SPRINGS);
        Rollover tent = Rollover.of(new Rollover.Body(815, 2.574, 0, .845, 2.87, .45, 1.52),
                new Rollover.Springs(739, .90, .31, 26_000, 1.1, 220_000));

        assertThat(low.rigid()).isCloseTo(0.97892, CLOSE);
        assertThat(Math.toDegrees(low.slope())).isCloseTo(44.390, CLOSE);
        assertThat(Math.toDegrees(low.lean())).isCloseTo(15.322, CLOSE);
        assertThat(low.sprung()).isCloseTo(0.83968, CLOSE);
        assertThat(tent.rigid()).isCloseTo(0.85353, CLOSE);
        assertThat(Math.toDegrees(tent.slope())).isCloseTo(40.482, CLOSE);
        assertThat(Math.toDegrees(tent.lean())).isCloseTo(23.249, CLOSE);
        assertThat(tent.sprung()).isCloseTo(0.67110, CLOSE);
    }

    @Test
    void springsThatCannotHoldItFallOver() {
        Rollover weak = Rollover.of(new Rollover.Body(740, 2.5678, 0, .742, 2.87, .45, 1.52),
                new Rollover.Springs(664, 1.8, .31, 3_000, 1.1, 220_000));

        assertThat(weak.sprung()).isZero();
        assertThat(weak.curveSpeed(50, 0.6)).isZero();
    }

    /// 0.6 of 0.84 g on 50 m: √(0.6 · 0.83968 · 9.80665 · 50) = 15.72 m/s.
    @Test
    void aCurveIsTakenAtTheSpeedItAllows() {
        Rollover low = Rollover.of(new Rollover.Body(740, 2.5678, 0, .742, 2.87, .45, 1.52), SPRINGS);

        assertThat(low.curveSpeed(50, 0.6)).isCloseTo(15.717, CLOSE);
    }

    private static final List<ContactAngle.Solid> TRAILER = List.of(
            ContactAngle.Solid.box("body", 1.20, 4.2, .95, .5, 1.9),
            ContactAngle.Solid.box("tongue box", .45, 1.05, .5, .5, .95),
            ContactAngle.Solid.box("jack", .22, .34, .06, .3, .98));
    private static final List<ContactAngle.Solid> VEHICLE = List
            .of(ContactAngle.Solid.box("vehicle", -4.6, -.24, .93, .35, 1.7));

    @Test
    void theTongueBoxMeetsTheBumperFirstAndALongerTongueClearsIt() {
        ContactAngle c = ContactAngle.of(TRAILER, VEHICLE);

        assertThat(Math.toDegrees(c.angle())).isCloseTo(62.890, CLOSE);
        assertThat(c.trailer()).isEqualTo("tongue box");
        assertThat(ContactAngle.longerTongue(TRAILER, VEHICLE, Math.toRadians(85)).orElseThrow())
                .isCloseTo(0.45554, CLOSE);
        assertThat(ContactAngle.longerTongue(TRAILER, VEHICLE, Math.toRadians(60))).hasValue(0.0);
        assertThat(ContactAngle.longerTongue(TRAILER, VEHICLE, Math.toRadians(179))).isEmpty();
    }

    @Test
    void partsOfOtherHeightsPassEachOther() {
        ContactAngle low = ContactAngle.of(TRAILER,
                List.of(ContactAngle.Solid.box("bumper", -4.6, -.24, .93, .1, .28)));

        assertThat(low.angle()).isEqualTo(Math.PI);
        assertThat(low.trailer()).isEmpty();
    }

    @Test
    void whatTouchesStraightAheadHasNoAngleAtAll() {
        ContactAngle c = ContactAngle.of(List.of(ContactAngle.Solid.box("rack", -.3, .5, .2, .5, .9)), VEHICLE);

        assertThat(c.angle()).isZero();
    }

    /// A part on the right side only touches when the trailer turns one way; the mirrored one the other way.
    @Test
    void bothWaysOfTurningAreLookedAt() {
        ContactAngle.Solid right = new ContactAngle.Solid("can",
                new double[][]{{.3, .2}, {.6, .2}, {.6, .6}, {.3, .6}}, .5, .9);
        ContactAngle.Solid left = new ContactAngle.Solid("can",
                new double[][]{{.3, -.6}, {.6, -.6}, {.6, -.2}, {.3, -.2}}, .5, .9);

        assertThat(ContactAngle.of(List.of(right), VEHICLE).angle())
                .isCloseTo(ContactAngle.of(List.of(left), VEHICLE).angle(), within(1e-12)).isLessThan(1.5);
    }

    @Test
    void aSteadyTurnCutsIn() {
        SteadyTurn s = SteadyTurn.of(4.7, 1.02, 2.87).orElseThrow();

        assertThat(Math.toDegrees(s.hitch())).isCloseTo(48.882, CLOSE);
        assertThat(s.trailer()).isCloseTo(3.8592, CLOSE);
        assertThat(s.cutsIn()).isCloseTo(0.84079, CLOSE);
        assertThat(SteadyTurn.of(2.0, 1.02, 2.87)).isEmpty();
    }

    @Test
    void aSteepDrivewayComesNearTheJackFoot() {
        Driveway d = new Driveway(
                List.of(new double[]{-20, 0}, new double[]{0, 0}, new double[]{3.0, .42}, new double[]{20, .42}), 2.75,
                1.05, .45, 2.87);
        Driveway.Passage p = d.drive(List.of(new Driveway.Point("jack foot", true, .25, .22),
                new Driveway.Point("step", true, 1.3, .34), new Driveway.Point("tail", true, 4.15, .36),
                new Driveway.Point("bumper", false, 1.0, .33)), -3, 8, 0.01);

        assertThat(p.clearance()).isCloseTo(0.083392, CLOSE);
        assertThat(p.point().name()).isEqualTo("jack foot");
        assertThat(p.where()).isCloseTo(0, within(1e-9));
        assertThat(Math.toDegrees(p.least())).isCloseTo(-10.952, CLOSE);
        assertThat(Math.toDegrees(p.most())).isCloseTo(8.5151, CLOSE);
    }

    @Test
    void onALevelRoadNothingChanges() {
        Driveway d = new Driveway(List.of(new double[]{-20, 0.3}, new double[]{20, 0.3}), 2.75, 1.05, .45, 2.87);

        Driveway.Passage p = d.drive(List.of(new Driveway.Point("tail", true, 4.15, .36)), -3, 8, 0.1);

        assertThat(p.clearance()).isCloseTo(0.36, within(1e-9));
        assertThat(p.most() - p.least()).isCloseTo(0, within(1e-9));
    }

    /// 14 in rim with two side walls of 75 % of 205 mm: 14·25.4 + 2·153.75 = 663.1 mm.
    @ParameterizedTest
    @CsvSource({"205/75R14, 0.6631, 0.205", "ST205/75 R14, 0.6631, 0.205", "31x10.5R15, 0.7874, 0.2667",
            "31×10.5 R15, 0.7874, 0.2667", "195/65r15, 0.6345, 0.195"})
    void aTyreIsReadFromItsWall(String text, double diameter, double width) {
        assertThat(TyreSize.read(text)).hasValueSatisfying(t -> {
            assertThat(t.diameter()).isCloseTo(diameter, within(1e-4));
            assertThat(t.width()).isCloseTo(width, within(1e-6));
        });
    }

    /// Outer diameters by size tables: 185R14C 650 mm, 195R14C 666 mm, 155R13C 578 mm, 4.80-8 424 mm, 6.50R16 743 mm,
    /// 7.00R16 778 mm; sizes without a profile are read to 3 %.
    @ParameterizedTest
    @CsvSource({"185R14C 102/100Q, 0.650, 0.185, 102, 44.444, false",
            "195 R 14 C 106/104N, 0.666, 0.195, 106, 38.889, false",
            "155R13C, 0.578, 0.155, , , false", "LT235/75R15 104/101S, 0.7335, 0.235, 104, 50, false",
            "ST225/75D15, 0.7185, 0.225, , , false", "195/70 R14 XL 96T, 0.6286, 0.195, 96, 52.778, true",
            "185/80R14C 102/100R, 0.6516, 0.185, 102, 47.222, false",
            "31x10.50R15LT 109Q, 0.7874, 0.2667, 109, 44.444, false",
            "20.5x8.0-10 77M, 0.5207, 0.2032, 77, 36.111, true", "18.5x8.50-8 78M, 0.4699, 0.2159, 78, 36.111, true",
            "4.80-8, 0.424, 0.12192, , , true", "4.80/4.00-8 71M, 0.424, 0.12192, 71, 36.111, true",
            "6.50R16, 0.743, 0.1651, , , true", "7.00 R16 LT, 0.778, 0.1778, , , false",
            "P205/75R15 97S, 0.6885, 0.205, 97, 50, true"})
    void whatTradesAndOldCampersRunOnIsRead(String text, double diameter, double width, Integer index, Double speed,
            boolean passenger) {
        assertThat(TyreSize.read(text)).hasValueSatisfying(t -> {
            assertThat(t.diameter()).isCloseTo(diameter, withinPercentage(t.exact() ? 0.02 : 3));
            assertThat(t.width()).isCloseTo(width, within(1e-6));
            assertThat(t.loadIndex().isPresent()).isEqualTo(index != null);
            t.loadIndex().ifPresent(i -> assertThat(i).isEqualTo(index));
            assertThat(t.speed().isPresent()).isEqualTo(speed != null);
            t.speed().ifPresent(v -> assertThat(v).isCloseTo(speed, within(0.01)));
            assertThat(t.passenger()).isEqualTo(passenger);
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "round", "205", "205/75", "999999/1R1", "x10R15"})
    void whatIsNoTyreIsNotRead(String text) {
        assertThat(TyreSize.read(text)).isEqualTo(Optional.empty());
    }

    @Test
    void aTyreCarriesLessWithLessAirAndOnATrailer() {
        assertThat(TyreLoad.capacity(84, 300.0 / 375, true)).isCloseTo(380.23, CLOSE);
        assertThat(TyreLoad.capacity(50, 1, false)).isEqualTo(190);
        assertThat(TyreLoad.capacity(130, 2, false)).as("more air does not carry more").isEqualTo(1900);
        assertThat(TyreLoad.indexFor(387, false)).hasValue(75);
        assertThat(TyreLoad.indexFor(387, true)).as("387 · 1.1 = 425.7").hasValue(79);
        assertThat(TyreLoad.indexFor(5000, false)).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> TyreLoad.capacity(49, 1, false));
    }

    @Test
    void theDValueIsSymmetric() {
        assertThat(TyreLoad.dValue(1980, 900)).isCloseTo(6.0679, CLOSE);
        assertThat(TyreLoad.dValue(900, 1980)).isEqualTo(TyreLoad.dValue(1980, 900));
        assertThat(TyreLoad.dValue(0, 0)).isZero();
    }
}
