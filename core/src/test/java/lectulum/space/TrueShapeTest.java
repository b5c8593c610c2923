package lectulum.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import lectulum.base.survey.PhotoFit;
import lectulum.design.base.Survey;
import org.junit.jupiter.api.Test;

/// Where the walls really stand, and a photograph under the side view.
class TrueShapeTest {
    private static final Survey.Post UPRIGHT = new Survey.Post(0, 0);

    @Test
    void nothingMeasuredSaysNothing() {
        TrueShape shape = TrueShape.of(Survey.NONE, 0.03, 3, 1.7, 1.8);

        assertThat(shape.known()).isFalse();
        assertThat(shape.left(1, 1, 0.85)).isEqualTo(0.85);
        assertThat(shape.rear(0, 1, 2.97)).isEqualTo(2.97);
        assertThat(shape.ceiling(1, 2, 1.8)).isEqualTo(1.8);
    }

    /// Sides 3.00, front 1.70, diagonals 3.4605 and 3.4360: the rear stands (a² − b²)/(4 W) = 0.02485 m to the right.
    @Test
    void aSkewedFloorPushesOneWallInAndTheOtherOut() {
        Survey skewed = Survey.NONE.with(Optional.of(new Survey.Tapes(1.70, 3.0, 3.0, 3.4605, 3.4360, 1.70)));

        TrueShape shape = TrueShape.of(skewed, 0.03, 3, 1.7, 1.8);

        double shift = (3.4605 * 3.4605 - 3.4360 * 3.4360) / (4 * 1.70);
        assertThat(shape.left(3.03, 0.9, 0.85)).isCloseTo(0.85 - shift, within(3e-4));
        assertThat(shape.right(3.03, 0.9, 0.85)).isCloseTo(0.85 + shift, within(3e-4));
        assertThat(shape.right(0.03, 0.9, 0.85)).isCloseTo(0.85, within(1e-9));
    }

    @Test
    void stationsNarrowWallsAndLowerTheRoofBetweenThem() {
        Survey measured = Survey.NONE.withStations(List.of(new Survey.Station(0, 1.70, 1.70, 1.80, 1.80, 0),
                new Survey.Station(2, 1.66, 1.62, 1.78, 1.76, 0.01)));

        TrueShape shape = TrueShape.of(measured, 0, 3, 1.7, 1.8);

        assertThat(shape.left(1, 0, 0.85)).isCloseTo(0.84, within(1e-9));
        assertThat(shape.ceiling(0, 1, 1.80)).isCloseTo(1.78, within(1e-9));
        assertThat(shape.ceiling(0.5, 2.5, 1.80)).isCloseTo(1.76, within(1e-9));
        /// Half way up the second station: width 1.64, less a bow of 10 mm on each side.
        assertThat(shape.right(2, 0.88, 0.85)).isCloseTo(0.82 - 0.01, within(1e-9));
    }

    @Test
    void impossibleTapesLeaveTheWallsAsDrawn() {
        Survey wrong = Survey.NONE.with(Optional.of(new Survey.Tapes(1.7, 3, 3, 5.5, 3.44, 1.7)));

        assertThat(TrueShape.of(wrong, 0.03, 3, 1.7, 1.8).known()).isFalse();
    }

    @Test
    void aLeanIsAddedInProportionToTheHeight() {
        Survey.Post out = new Survey.Post(0.01, 0.02);
        Survey leaning = Survey.NONE.withLean(Optional.of(new Survey.Lean(2, UPRIGHT, UPRIGHT, out, out)));

        TrueShape shape = TrueShape.of(leaning, 0, 3, 1.7, 1.8);

        assertThat(shape.right(3, 1, 0.85)).isCloseTo(0.86, within(1e-4));
        assertThat(shape.rear(0, 2, 3)).isCloseTo(3.01, within(1e-9));
    }

    /// The picture is turned by a quarter and 4 m wide on the body: one part of its width is 4 m.
    @Test
    void twoPointsFitAPhotographTurnedAndScaled() {
        PhotoFit fit = PhotoFit.of(new Survey.Trace("side.png", 0.25, 0.5, 0, 0, 0.75, 0.5, 0, 2)).orElseThrow();

        assertThat(fit.scale()).isCloseTo(4, within(1e-9));
        assertThat(fit.turn()).isCloseTo(Math.PI / 2, within(1e-9));
        assertThat(fit.toBody(0.5, 0.5)).containsExactly(new double[]{0, 1}, within(1e-9));
        double[] back = fit.toPhoto(0.3, 1.7);
        assertThat(fit.toBody(back[0], back[1])).containsExactly(new double[]{0.3, 1.7}, within(1e-9));
    }

    @Test
    void onePointTwiceFitsNothing() {
        assertThat(PhotoFit.of(new Survey.Trace("side.png", 0.2, 0.2, 0, 0, 0.2, 0.2, 1, 1))).isEmpty();
        assertThat(PhotoFit.of(new Survey.Trace("side.png", 0.2, 0.2, 1, 1, 0.8, 0.2, 1, 1))).isEmpty();
    }
}
