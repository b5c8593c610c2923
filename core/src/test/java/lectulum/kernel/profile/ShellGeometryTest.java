package lectulum.kernel.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.kernel.mechanisms.HatchSwing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Worked by hand and with an independent program; lengths in metres, five significant digits.
class ShellGeometryTest {
    private static final double DIGITS = 0.01;
    /// The side of a teardrop 2.60 long and 1.24 high.
    static final List<Node> TEARDROP = List.of(new Node(0, 0, 0), new Node(2.60, 0, 0), new Node(2.60, 0.40, 0.20),
            new Node(2.18, 1.24, 0.55), new Node(0.50, 1.24, 0.50), new Node(0, 0.62, 0.35));
    private static final double[] BUILD_UP = {0.040, 0.022, 0.022, 0.030, 0.022, 0.022};

    @Test
    void aVeeNoseHasItsFloorAndWall() {
        Nose vee = new Nose(Nose.Form.VEE, 1.78, 0.62, 0.30);

        assertThat(vee.area()).isCloseTo(0.6448, withinPercentage(DIGITS));
        assertThat(vee.wall()).isCloseTo(2.2308, withinPercentage(DIGITS));
    }

    /// A half circle is both an arc and an ellipse.
    @Test
    void arcAndEllipseAgreeOnAHalfCircle() {
        Nose arc = new Nose(Nose.Form.ARC, 2, 1, 0);
        Nose ellipse = new Nose(Nose.Form.ELLIPSE, 2, 1, 0);

        assertThat(arc.area()).isCloseTo(Math.PI / 2, within(1e-9));
        assertThat(arc.wall()).isCloseTo(Math.PI, within(1e-9));
        assertThat(ellipse.area()).isCloseTo(arc.area(), within(1e-9));
        assertThat(ellipse.wall()).isCloseTo(arc.wall(), within(1e-9));
    }

    @Test
    void roundedCornersGiveAreaSkinAndInside() {
        Outline outside = Outline.rounded(TEARDROP);
        Outline inside = Outline.rounded(Outline.inwards(TEARDROP, BUILD_UP));

        assertThat(Outline.crowded(TEARDROP)).isEmpty();
        assertThat(outside.area()).isCloseTo(2.8632, withinPercentage(DIGITS));
        assertThat(outside.length() - 2.60).isCloseTo(4.3213, withinPercentage(DIGITS));
        assertThat(inside.area()).isCloseTo(2.6542, withinPercentage(DIGITS));
        assertThat(inside.area() * (1.50 - 2 * 0.022)).isCloseTo(3.8645, withinPercentage(DIGITS));
    }

    @ParameterizedTest
    @CsvSource({"0.25, 0.93, 0.85495", "1.0, 1.24, 1.17", "2.0, 1.2162, 1.1476", "2.25, 1.0567, 0.98109",
            "2.5, 0.6, 0.51081"})
    void theRoofIsKnownEverywhere(double x, double outer, double clear) {
        Outline inside = Outline.rounded(Outline.inwards(TEARDROP, BUILD_UP));

        assertThat(Outline.rounded(TEARDROP).top(x).orElseThrow()).isCloseTo(outer, withinPercentage(DIGITS));
        assertThat(inside.top(x).orElseThrow() - 0.040).isCloseTo(clear, withinPercentage(DIGITS));
    }

    @Test
    void aBoxUnderACurvedRoofHasLeastRoomAtItsRearEnd() {
        Outline inside = Outline.rounded(Outline.inwards(TEARDROP, BUILD_UP));
        double least = inside.top(2.25).orElseThrow();

        assertThat(least - 0.040 - 0.90).isCloseTo(0.081088, withinPercentage(DIGITS));
        for (double x = 1.95; x < 2.25; x += 0.01) {
            assertThat(inside.top(x).orElseThrow()).isGreaterThan(least);
        }
    }

    @Test
    void neighbouringPiecesShareTheirTangent() {
        List<Piece> pieces = Outline.rounded(TEARDROP).pieces();

        for (int i = 0; i + 1 < pieces.size(); i++) {
            double[] a = direction(pieces.get(i), 1 - 1e-6, 1);
            double[] b = direction(pieces.get(i + 1), 0, 1e-6);
            boolean sharp = pieces.get(i) instanceof Piece.Line && pieces.get(i + 1) instanceof Piece.Line;
            if (!sharp) {
                assertThat(a[0] * b[0] + a[1] * b[1]).isCloseTo(1, within(1e-5));
            }
        }
    }

    private static double[] direction(Piece p, double from, double to) {
        double dx = p.at(to)[0] - p.at(from)[0];
        double dz = p.at(to)[1] - p.at(from)[1];
        double l = Math.hypot(dx, dz);
        return new double[]{dx / l, dz / l};
    }

    /// Two arcs of 0.6 at the ends of an edge of 1 at right angles need 1.2; 0.5 each would fit.
    @Test
    void arcsThatDoNotFitSayWhereAndWhatWould() {
        List<Node> square = List.of(new Node(0, 0, 0), new Node(1, 0, 0), new Node(1, 1, 0.6), new Node(0, 1, 0.6));

        Outline.Crowded crowded = Outline.crowded(square).orElseThrow();

        assertThat(crowded.node()).isEqualTo(2);
        assertThat(crowded.need()).isCloseTo(1.2, within(1e-9));
        assertThat(crowded.largest()).isCloseTo(0.5, within(1e-9));
        assertThat(Outline.rounded(square).tightest()[2]).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void anOutlineThatCrossesItselfIsFound() {
        assertThat(Outline.crossing(TEARDROP)).isEmpty();
        assertThat(Outline.crossing(List.of(new Node(0, 0, 0), new Node(1, 1, 0), new Node(1, 0, 0),
                new Node(0, 1, 0)))).isPresent();
    }

    @Test
    void aSplineHasLengthAreaAndATightestBend() {
        Outline curve = new Outline(Spline.through(
                List.of(new double[]{0, 0.30}, new double[]{0.12, 0.72}, new double[]{0.52, 1.08},
                        new double[]{1.10, 1.22}, new double[]{1.70, 1.16}, new double[]{2.20, 0.86},
                        new double[]{2.50, 0.30}),
                OptionalDouble.empty(), OptionalDouble.empty()));

        assertThat(curve.length()).isCloseTo(3.4212, withinPercentage(DIGITS));
        assertThat(curve.area()).isCloseTo(1.8012, withinPercentage(DIGITS));
        assertThat(curve.tightest()[2]).isCloseTo(0.64347, withinPercentage(DIGITS));
        assertThat(curve.tightest()[0]).isCloseTo(0.12, within(1e-6));
    }

    @Test
    void aClampedEndKeepsItsDirection() {
        List<Piece> spans = Spline.through(List.of(new double[]{0, 0}, new double[]{1, 1}, new double[]{2, 1}),
                OptionalDouble.of(Math.PI / 2), OptionalDouble.of(0));

        assertThat(direction(spans.getFirst(), 0, 1e-6)[1]).isCloseTo(1, within(1e-6));
        assertThat(direction(spans.getLast(), 1 - 1e-6, 1)[0]).isCloseTo(1, within(1e-6));
    }

    @Test
    void aSheetBendsSpringsBackOrIsKerfed() {
        assertThat(Bending.strain(0.009, 0.50)).isCloseTo(0.009, within(1e-12));
        assertThat(Bending.sprungBack(0.50, 3)).isCloseTo(0.5625, within(1e-9));
        Bending.Kerfs kerfs = Bending.kerfs(Math.toRadians(62), 0.009, 0.0025, 0.0032, 0.50).orElseThrow();
        assertThat(kerfs.count()).isEqualTo(3);
        assertThat(kerfs.spacing()).isCloseTo(0.18035, withinPercentage(DIGITS));
        assertThat(Bending.kerfs(1, 0.009, 0.010, 0.003, 0.5)).isEmpty();
    }

    @Test
    void aTeardropSideOnA4TakesSeventyPages() {
        Tiles tiles = Tiles.of(2.60, 1.24, new double[]{0.210, 0.297}, 0.010, 0.010);

        assertThat(tiles.pageWidth()).isEqualTo(0.297);
        assertThat(List.of(tiles.columns(), tiles.rows(), tiles.count())).containsExactly(10, 7, 70);
        assertThat(tiles.stepX()).isCloseTo(0.267, within(1e-9));
        assertThat(tiles.stepY()).isCloseTo(0.18, within(1e-9));
    }

    @Test
    void aHatchSweepsClearsTheCookAndMeetsARackBar() {
        HatchSwing hatch = new HatchSwing(new double[]{1.62, 1.24},
                List.of(new double[]{1.80, 1.24}, new double[]{2.0, 1.21623760}, new double[]{2.2, 1.10588284},
                        new double[]{2.4, 0.80}, new double[]{2.5, 0.60}, new double[]{2.6, 0.40}),
                Math.toRadians(72));

        assertThat(hatch.farthestRear()).isCloseTo(2.9107, withinPercentage(DIGITS));
        assertThat(hatch.highest()).isCloseTo(1.9125, withinPercentage(DIGITS));
        assertThat(hatch.lip()[0]).isCloseTo(2.7217, withinPercentage(DIGITS));
        assertThat(hatch.lip()[1]).isCloseTo(1.9125, withinPercentage(DIGITS));
        assertThat(hatch.headroom(2.70).orElseThrow()).isCloseTo(1.9092, withinPercentage(DIGITS));
        assertThat(Math.toDegrees(hatch.blockedAt(1.72, 1.48).orElseThrow())).isCloseTo(69.471, within(0.01));
        assertThat(hatch.blockedAt(0.9, 1.3)).isEmpty();
    }
}
