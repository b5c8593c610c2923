package lectulum.layout;

import static lectulum.Samples.box;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lectulum.design.Base;
import lectulum.design.Shell;
import lectulum.design.WheelArches;
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
        Body body = with(new Shell.VNose(3.0, 1.8, 1.8, 0.9, 0));

        assertThat(body.insideFront()).isCloseTo(0.03 * Math.sqrt(2), within(1e-9));
        assertThat(body.halfWidthInside(0.5)).isCloseTo(0.5 - 0.03 * Math.sqrt(2), within(1e-9));
        assertThat(body.halfWidthInside(2)).isCloseTo(0.87, within(1e-9));
        assertThat(body.halfWidthOutside(0.45)).isCloseTo(0.45, within(1e-9));
    }

    @Test
    void aProfilePassesThroughItsPointsAndNeverAboveThem() {
        List<Shell.Profile.Point> points = List.of(new Shell.Profile.Point(0, 0.3), new Shell.Profile.Point(0.5, 1.0),
                new Shell.Profile.Point(1.2, 1.2), new Shell.Profile.Point(2.4, 0.9),
                new Shell.Profile.Point(2.9, 0.2));

        RoofLine roof = with(new Shell.Profile(1.5, points)).roofOutside();

        points.forEach(p -> assertThat(roof.at(p.x())).isCloseTo(p.z(), within(1e-9)));
        assertThat(roof.highest()).isCloseTo(1.2, within(1e-9));
        assertThat(roof.lowest(0.5, 2.4)).isCloseTo(0.9, within(1e-9));
        for (double x = 0.5; x < 1.2; x += 0.05) {
            assertThat(roof.at(x + 0.05)).isGreaterThanOrEqualTo(roof.at(x) - 1e-9);
        }
    }

    /// A straight roof sloping 3 in 4 is 5/4 of its thickness lower, measured straight down.
    @Test
    void theInsideOfASlopingRoofIsMeasuredAtRightAngles() {
        Body body = with(new Shell.Profile(1.5,
                List.of(new Shell.Profile.Point(0, 2.0), new Shell.Profile.Point(2, 0.5))));

        assertThat(body.roofInside().at(1)).isCloseTo(1.25 - 0.03 * 1.25, within(1e-9));
    }

    @Test
    void pointsOutOfOrderDoNotBreakTheRoof() {
        RoofLine roof = with(
                new Shell.Profile(1.5, List.of(new Shell.Profile.Point(0, 1), new Shell.Profile.Point(2, 1),
                        new Shell.Profile.Point(1, 5))))
                .roofOutside();

        assertThat(roof.at(1.5)).isCloseTo(1, within(1e-9));
        assertThat(with(new Shell.Profile(1.5, List.of())).roofOutside().at(1)).isZero();
    }
}
