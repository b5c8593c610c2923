package lectulum.space;

import lectulum.kernel.plane.Stretch;
import lectulum.demo.Campers;
import static lectulum.Samples.box;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.base.Survey;
import lectulum.design.base.WheelArches;
import lectulum.kernel.profile.Nose;
import lectulum.kernel.profile.RoofLine;
import org.junit.jupiter.api.Test;

class BodyTest {
    private static Body with(Shell shell) {
        return Body.of(box().base().with(shell));
    }

    /// 3.0 × 1.8 × 1.8 m outside with 30 mm all round: 2.94 × 1.74 floor, 1.77 clear height.
    @Test
    void aBoxIsSmallerInsideByItsWalls() {
        Body body = Body.of(box().base());

        assertThat(body.floorArea()).isCloseTo(2.94 * 1.74, within(1e-9));
        assertThat(body.volume()).isCloseTo(2.94 * 1.74 * 1.77, within(1e-9));
        assertThat(body.heightAboveGround()).isCloseTo(0.5 + 1.8, within(1e-9));
    }

    @Test
    void wheelArchesTakeFloorAndVolume() {
        Base base = box().base().with(new WheelArches(0.9, 0.2, 0.25));

        Body body = Body.of(base);

        assertThat(body.floorArea()).isCloseTo(2.94 * 1.74 - 2 * 0.9 * 0.2, within(1e-9));
        assertThat(body.volume()).isCloseTo(2.94 * 1.74 * 1.77 - 2 * 0.9 * 0.2 * 0.25, within(1e-9));
    }

    /// A V 0.9 deep and 1.8 wide has walls at 45°: inside, the tip is at wall·√2 and the width grows by 1 for 1.
    @Test
    void aVNoseNarrowsTheInside() {
        Body body = with(new Shell.Nosed(3.0, 1.8, 1.8, 0.9, 0, Nose.Form.VEE));

        assertThat(body.insideFront()).isCloseTo(0.03 * Math.sqrt(2), within(1e-9));
        assertThat(body.halfWidthInside(0.5)).isCloseTo(0.5 - 0.03 * Math.sqrt(2), within(1e-9));
        assertThat(body.halfWidthInside(2)).isCloseTo(0.87, within(1e-9));
        assertThat(body.halfWidthOutside(0.45)).isCloseTo(0.45, within(1e-9));
    }

    @Test
    void aCurvePassesThroughItsPointsAndRisesUprightFromItsFeet() {
        List<Shell.Profile.Point> points = List.of(new Shell.Profile.Point(0, 0.3), new Shell.Profile.Point(0.5, 1.0),
                new Shell.Profile.Point(1.2, 1.2), new Shell.Profile.Point(2.4, 0.9),
                new Shell.Profile.Point(2.9, 0.2));

        RoofLine roof = with(new Shell.Profile(1.5, points)).roofOutside();

        points.forEach(p -> assertThat(roof.at(p.x())).isCloseTo(p.z(), within(1e-6)));
        assertThat(roof.highest()).isBetween(1.2, 1.25);
        /// Upright at the front foot: within 10 mm of it the roof is already most of a hand higher.
        assertThat(roof.at(0.01)).isGreaterThan(0.38);
        for (double x = 0.05; x < 1.0; x += 0.05) {
            assertThat(roof.at(x + 0.05)).isGreaterThan(roof.at(x));
        }
    }

    /// A straight roof sloping 3 in 4 is 5/4 of its thickness lower, measured straight down.
    @Test
    void theInsideOfASlopingRoofIsMeasuredAtRightAngles() {
        Body body = with(new Shell.Profile(1.5,
                List.of(corner(0, 2.0), corner(2, 0.5))));

        assertThat(body.roofInside().at(1)).isCloseTo(1.25 - 0.03 * 1.25, within(1e-9));
    }

    private static Shell.Profile.Point corner(double x, double z) {
        return new Shell.Profile.Point(x, z, true, 0);
    }

    @Test
    void aProfileThatIsNoBodyGivesTheBoxAroundIt() {
        /// From (0, 1) to (2, 1), back to (1.5, 0.5) and up to (0.5, 1.5): the last edge crosses the first.
        RoofLine crossing = with(new Shell.Profile(1.5,
                List.of(corner(0, 1), corner(2, 1), corner(1.5, 0.5), corner(0.5, 1.5)))).roofOutside();

        assertThat(crossing.at(1)).isCloseTo(1.5, within(1e-9));
        assertThat(with(new Shell.Profile(1.5, List.of())).roofOutside().at(1)).isZero();
    }

    @Test
    void roundedNosesNarrowTheInside() {
        /// Arc: half width 0.9 and depth 0.9 make R = 0.9; a wall of 0.03 leaves √(0.87² − 0.45²) at x = 0.45.
        Body arc = with(new Shell.Nosed(3.0, 1.8, 1.8, 0.9, 0, Nose.Form.ARC));
        assertThat(arc.halfWidthOutside(0.45)).isCloseTo(Math.sqrt(0.81 - 0.2025), within(1e-9));
        assertThat(arc.halfWidthInside(0.45)).isCloseTo(Math.sqrt(0.87 * 0.87 - 0.45 * 0.45), within(1e-9));

        Body ellipse = with(new Shell.Nosed(3.0, 1.8, 1.8, 0.6, 0, Nose.Form.ELLIPSE));
        assertThat(ellipse.halfWidthOutside(0.3)).isCloseTo(0.9 * Math.sqrt(0.75), within(1e-9));
        assertThat(ellipse.halfWidthInside(1)).isCloseTo(0.87, within(1e-9));
        assertThat(ellipse.planInside()).allMatch(p -> Math.abs(p[1]) <= 0.87 + 1e-9);
    }

    @Test
    void aTrayHasNoRoofAndALiftingTopRisesInCampOnly() {
        Body tray = with(new Shell.Tray(3.0, 1.8, 0.4));
        assertThat(tray.open()).isTrue();
        assertThat(tray.clearHeight(0, 3)).isGreaterThan(50);
        assertThat(tray.heightAboveGround()).isCloseTo(0.5 + 0.4, within(1e-9));

        var base = box().base();
        var rising = base.with(base.carcass().withLift(Optional.of(new Carcass.Lift(0.5, 0.02, 60, 40, 4))));
        assertThat(Body.of(rising, Mode.ROAD).clearHeight(1, 2)).isCloseTo(1.77 - 2 * 0.02, within(1e-9));
        assertThat(Body.of(rising, Mode.NIGHT).clearHeight(1, 2)).isCloseTo(2.27, within(1e-9));
    }

    @Test
    void aMeasuredBodyHasItsWallsWhereTheyWereFound() {
        /// The rear posts lean 20 mm to the right over 2 m; half way up at the rear the right wall is 10 mm further out and
        /// the left one 10 mm further in.
        var base = box().base();
        Survey.Post right = new Survey.Post(0, 0.02);
        Survey.Post upright = new Survey.Post(0, 0);
        Body body = Body.of(base.with(Survey.NONE.withLean(
                Optional.of(new Survey.Lean(2.0, upright, upright, right, right)))));

        assertThat(body.clearLeft(2.97, 1.0)).isCloseTo(0.87 - 0.01, within(1e-9));
        assertThat(body.clearRight(2.97, 1.0)).isCloseTo(0.87 + 0.01, within(1e-9));
        assertThat(body.clearRight(0.03, 1.0)).isCloseTo(0.87, within(1e-9));
    }

    /// The clear outline of a teardrop lies everywhere at least as far inside as its skin is thick, down to the floor.
    @Test
    void theClearOutlineOfAProfileKeepsTheThicknessOfTheSkin() {
        Base base = Campers.demo("dunlin").orElseThrow().design().base();
        Body body = Body.of(base);
        List<double[]> outside = body.sideOutside();

        assertThat(body.sideInside()).hasSizeGreaterThan(30).allSatisfy(p -> {
            assertThat(p[1]).isGreaterThanOrEqualTo(0);
            for (int i = 0; i < outside.size(); i++) {
                double[] a = outside.get(i);
                double[] b = outside.get((i + 1) % outside.size());
                boolean floor = a[1] < 0 && b[1] < 0;
                if (!floor) {
                    assertThat(Stretch.distance(a, b, p[0], p[1])).isGreaterThan(base.roof() - 2e-4);
                }
            }
        });
        assertThat(body.sideInside().stream().mapToDouble(p -> p[1]).min().orElseThrow()).isCloseTo(0, within(1e-9));
    }

    @Test
    void theClearOutlineOfABoxIsItsInside() {
        Base base = Campers.demo("nightjar").orElseThrow().design().base();
        Body body = Body.of(base);

        assertThat(body.sideInside().getFirst()).containsExactly(body.insideFront(), 0);
        assertThat(body.sideInside().getLast()).containsExactly(body.insideRear(), 0);
        assertThat(body.sideInside().stream().mapToDouble(p -> p[1]).max().orElseThrow())
                .isCloseTo(body.roofInside().highest(), within(1e-9));
        assertThat(body.sideOutside().stream().mapToDouble(p -> p[1]).min().orElseThrow())
                .isCloseTo(-base.floor(), within(1e-9));
    }
}
