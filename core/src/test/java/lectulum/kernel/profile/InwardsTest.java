package lectulum.kernel.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lectulum.Samples;
import lectulum.design.base.Base;
import lectulum.design.base.Shell;
import lectulum.space.Body;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The inside of a wall or roof is everywhere as far from its outside as it is thick.
class InwardsTest {

    /// A ridge of two slopes of 45°: under its tip a roof of 40 mm takes 40·√2 = 56.57 mm of height, not 40.
    @Test
    void underARidgeTheRoofIsMitred() {
        RoofLine roof = RoofLine.over(List.of(new double[]{0, 0.5}, new double[]{1, 1.5}, new double[]{2, 0.5}));

        RoofLine inside = roof.inwards(0.04);

        assertThat(inside.at(1)).isCloseTo(1.5 - 0.04 * Math.sqrt(2), within(1e-6));
        assertThat(inside.at(0.6)).isCloseTo(1.1 - 0.04 * Math.sqrt(2), within(1e-6));
    }

    /// A hollow of two slopes: nothing under it is nearer than 40 mm to its lowest point, which a circle of 40 mm keeps.
    @Test
    void underAHollowItIsRoundedWithItsThickness() {
        RoofLine roof = RoofLine.over(List.of(new double[]{0, 1.5}, new double[]{1, 1.0}, new double[]{2, 1.5}));

        RoofLine inside = roof.inwards(0.04);

        assertThat(inside.at(1)).isCloseTo(0.96, within(1e-4));
        assertThat(inside.at(1.01)).isCloseTo(1.0 - Math.sqrt(0.04 * 0.04 - 0.01 * 0.01), within(1.5e-4));
    }

    /// By brute force: for random roofs the distance of the inside to the outside is the thickness wherever it is asked.
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void everywhereItIsAsFarAsItIsThick(long seed) {
        var random = new java.util.SplittableRandom(seed);
        List<double[]> line = new java.util.ArrayList<>();
        for (int i = 0; i <= 8; i++) {
            line.add(new double[]{0.4 * i, 1.2 + 0.5 * random.nextDouble()});
        }
        RoofLine roof = RoofLine.over(line);
        RoofLine inside = roof.inwards(0.05);
        for (double x = 0.1; x < 3.1; x += 0.0137) {
            double least = Double.POSITIVE_INFINITY;
            for (double u = x - 0.2; u < x + 0.2; u += 2e-4) {
                least = Math.min(least, Math.hypot(u - x, roof.at(u) - inside.at(x)));
            }
            assertThat(least).as("at " + x).isCloseTo(0.05, within(2e-4));
        }
    }

    private static Body nosed(Nose.Form form, double depth, double wall) {
        Base b = Samples.box().base().with(new Shell.Nosed(4, 1.8, 1.9, depth, 0, form)).withWall(wall);
        return Body.of(b);
    }

    /// A flat ellipse, 0.5 deep and 0.9 half wide, wall 40 mm: an ellipse with shorter axes is up to 9 mm off.
    @ParameterizedTest
    @ValueSource(doubles = {0.08, 0.15, 0.25, 0.4, 0.48})
    void insideAnEllipticNoseTheWallKeepsItsThickness(double x) {
        Body body = nosed(Nose.Form.ELLIPSE, 0.5, 0.04);
        double y = body.halfWidthInside(x);
        double least = 0.9 - y;
        for (double t = 0; t <= Math.PI / 2; t += 1e-5) {
            least = Math.min(least, Math.hypot(0.5 - 0.5 * Math.cos(t) - x, 0.9 * Math.sin(t) - y));
        }
        assertThat(least).isCloseTo(0.04, within(1e-4));
    }

    /// An arc meets the side at a corner: its inside reaches further back than the corner.
    @Test
    void behindAnArcTheCornerIsMitred() {
        Body body = nosed(Nose.Form.ARC, 0.3, 0.04);

        assertThat(body.halfWidthInside(0.3)).isLessThan(0.86 - 1e-4);
        assertThat(body.shoulder()).isGreaterThan(0.3);
        assertThat(body.halfWidthInside(body.shoulder())).isCloseTo(0.86, within(1e-6));
    }
}
