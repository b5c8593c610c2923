package lectulum.kernel.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import lectulum.kernel.survey.LeaningBox.Frame;
import lectulum.kernel.survey.LeaningBox.Post;
import lectulum.kernel.survey.LeaningBox.Spacer;
import org.junit.jupiter.api.Test;

/// Worked by hand and with an independent program; lengths in metres, five significant digits.
class SurveyTest {
    private static final double DIGITS = 0.01;
    private static final SixTapes TAPES = new SixTapes(1.78, 4.05, 4.05, 4.435, 4.413, 1.78);

    @Test
    void sixTapesGiveTheCornersTheResidualAndTheShift() {
        SixTapes.Plan plan = TAPES.plan().orElseThrow();

        assertThat(plan.rearLeft()[0]).isCloseTo(4.0499, withinPercentage(DIGITS));
        assertThat(plan.rearLeft()[1]).isCloseTo(0.027059, withinPercentage(DIGITS));
        assertThat(plan.rearRight()[1]).isCloseTo(1.8076, withinPercentage(DIGITS));
        assertThat(plan.rear()).isCloseTo(1.7806, withinPercentage(DIGITS));
        assertThat(plan.residual()).isCloseTo(-0.00056011, withinPercentage(DIGITS));
        assertThat(plan.doubt()).isCloseTo(0.0048691, withinPercentage(DIGITS));
        assertThat(plan.shift()).isCloseTo(0.027339, withinPercentage(DIGITS));
        assertThat(plan.shiftDoubt()).isCloseTo(0.0023827, withinPercentage(DIGITS));
        assertThat(Math.toDegrees(plan.skew())).isCloseTo(0.38678, withinPercentage(DIGITS));
        assertThat(plan.agrees()).isTrue();
    }

    /// A rear width read a decimetre short is the smallest change that closes the figure, and a usual slip.
    @Test
    void aReadingThatIsADecimetreOffIsFoundAndMarked() {
        SixTapes wrong = new SixTapes(1.78, 4.05, 4.05, 4.424, 4.424, 1.68);

        assertThat(wrong.plan().orElseThrow().agrees()).isFalse();
        assertThat(wrong.closings()).anySatisfy(c -> {
            assertThat(c.name()).isEqualTo("rear width");
            assertThat(c.value()).isCloseTo(1.78, within(0.001));
            assertThat(c.slip()).isTrue();
        });
    }

    @Test
    void everyClosingValueReallyClosesTheFigure() {
        SixTapes wrong = new SixTapes(1.78, 4.05, 4.07, 4.435, 4.413, 1.79);

        for (SixTapes.Closing c : wrong.closings()) {
            SixTapes mended = switch (c.name()) {
                case "front width" -> new SixTapes(c.value(), 4.05, 4.07, 4.435, 4.413, 1.79);
                case "left side" -> new SixTapes(1.78, c.value(), 4.07, 4.435, 4.413, 1.79);
                case "right side" -> new SixTapes(1.78, 4.05, c.value(), 4.435, 4.413, 1.79);
                case "rear width" -> new SixTapes(1.78, 4.05, 4.07, 4.435, 4.413, c.value());
                case "diagonal front left to rear right" ->
                    new SixTapes(1.78, 4.05, 4.07, c.value(), 4.413, 1.79);
                default -> new SixTapes(1.78, 4.05, 4.07, 4.435, c.value(), 1.79);
            };
            assertThat(mended.plan().orElseThrow().residual()).isCloseTo(0, within(1e-8));
        }
        assertThat(wrong.closings()).isNotEmpty();
    }

    @Test
    void impossibleTapesNameTheirTriangle() {
        SixTapes impossible = new SixTapes(1.78, 4.05, 4.05, 4.424, 9.0, 1.78);

        assertThat(impossible.plan()).isEmpty();
        assertThat(impossible.impossible()).contains(SixTapes.Triangle.LEFT);
    }

    /// A box whose rear posts lean 22 mm to the right at 1.93 m; a rising bed 1.40 × 1.72 m from 0.60 to 1.60 m high.
    @Test
    void aRigidFrameInALeaningBoxHasOneBestTurnAndWedgesBehindItsGuides() {
        LeaningBox box = new LeaningBox(new Post(0, 0, 0, 0), new Post(0, 1.78, 0, 0), new Post(4.05, 0, 0, 0.022),
                new Post(4.05, 1.78, 0, 0.022), 1.93);
        Frame frame = new Frame(1.40, 3.10, 0.60, 1.60);

        LeaningBox.Clear best = box.best(frame);
        List<Spacer> spacers = box.spacers(frame, best, 1.72, 0.006);

        assertThat(box.clear(frame, 0).width()).isCloseTo(1.7669, within(5e-5));
        assertThat(Math.toDegrees(best.turn())).isCloseTo(0.25802, within(0.01));
        assertThat(best.width()).isCloseTo(1.7693, within(5e-5));
        assertThat(best.middle()).isCloseTo(0.0086181, within(2e-6));
        double[][] expected = {{0.025415, 0.018649}, {0.022589, 0.029333}, {0.029355, 0.018649},
                {0.018649, 0.029333}};
        for (int i = 0; i < 4; i++) {
            assertThat(spacers.get(i).low()).as(spacers.get(i).corner()).isCloseTo(expected[i][0], within(3e-6));
            assertThat(spacers.get(i).high()).as(spacers.get(i).corner()).isCloseTo(expected[i][1], within(3e-6));
        }
    }

    @Test
    void aBedLengthIsAChainOfSizes() {
        SizeChain chain = new SizeChain(new SizeChain.Link("box", 4.05, 1, 0.004),
                List.of(new SizeChain.Link("lining", 0.018, 2, 0.003), new SizeChain.Link("nose", 0.62, 1, 0.005),
                        new SizeChain.Link("kitchen", 1.28, 1, 0.002), new SizeChain.Link("boards", 0.018, 2, 0.002),
                        new SizeChain.Link("tuck", 0.012, 2, 0)),
                2.02);

        assertThat(chain.left()).isCloseTo(2.054, within(1e-9));
        assertThat(chain.tolerance()).isCloseTo(0.0076158, withinPercentage(DIGITS));
        assertThat(chain.spare()).isCloseTo(0.034, within(1e-9));
        assertThat(chain.answer()).isEqualTo(SizeChain.Answer.SURE);
        assertThat(chain.measureFirst().orElseThrow().name()).isEqualTo("nose");
    }

    @Test
    void lessSpareThanDoubtIsOnlyMaybe() {
        SizeChain chain = new SizeChain(new SizeChain.Link("wall", 2, 1, SizeChain.GUESS), List.of(), 1.99);

        assertThat(chain.answer()).isEqualTo(SizeChain.Answer.MAYBE);
    }
}
