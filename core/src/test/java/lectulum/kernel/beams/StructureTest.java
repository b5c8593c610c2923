package lectulum.kernel.beams;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// Worked by hand and with an independent program; SI, five significant digits.
class StructureTest {
    private static final double DIGITS = 0.01;

    /// Under the point load: 60 · 0.45 · 0.91 / 2 + 180 · 0.91 · 0.45 / 1.36 = 66.484 Nm.
    @Test
    void aBedSlatBendsUnderASleeper() {
        Section slat = Section.rectangle(0.045, 0.028);
        Beam beam = new Beam(1.36, 60, List.of(new Beam.Point(180, 0.45)));

        double sag = beam.peakSag(8e9 * slat.inertia());

        assertThat(beam.peakMoment()).isCloseTo(66.484, withinPercentage(DIGITS));
        assertThat(beam.peakMoment() / slat.modulus()).isCloseTo(11.307e6, withinPercentage(DIGITS));
        assertThat(sag).isCloseTo(0.016293, withinPercentage(DIGITS));
        assertThat(1.36 / sag).isCloseTo(83.474, withinPercentage(DIGITS));
    }

    /// 40 × 40 × 3 tube: 10.2 cm⁴ and 5.1 cm³; 80 × 40 × 4 upright: 71 cm⁴ and 17.8 cm³.
    @Test
    void tubesHaveTheirTabulatedValues() {
        assertThat(Section.tube(0.04, 0.04, 0.003).inertia() * 1e8).isCloseTo(10.2, within(0.05));
        assertThat(Section.tube(0.04, 0.08, 0.004).modulus() * 1e6).isCloseTo(17.8, within(0.05));
        assertThat(Section.channel(0.04, 0.04, 0.003, 0.04).area()).isCloseTo(0.04 * 0.04, within(1e-12));
    }

    /// As tabulated for 41.3 mm strut channel of 2.6 and 1.9 mm wall, and for a 40 × 40 × 4 angle.
    @Test
    void openSectionsHaveTheirTabulatedValues() {
        assertThat(Section.of(Bar.STRUT, 0.0413, 0.0413, 0.0026).inertia() * 1e8).isCloseTo(8.6, within(0.05));
        assertThat(Section.of(Bar.STRUT, 0.0413, 0.0413, 0.0026).modulus() * 1e6).isCloseTo(3.9, within(0.05));
        assertThat(Section.of(Bar.STRUT, 0.0413, 0.0413, 0.0026).area() * 7850).isCloseTo(3.0, within(0.05));
        assertThat(Section.of(Bar.STRUT, 0.0413, 0.0413, 0.0019).inertia() * 1e8).isCloseTo(6.7, within(0.05));
        assertThat(Section.of(Bar.SLOTTED, 0.0413, 0.0413, 0.0026).inertia() * 1e8).isCloseTo(0.85 * 8.61,
                within(0.01));
        assertThat(Section.of(Bar.ANGLE, 0.04, 0.04, 0.004).inertia() * 1e8).isCloseTo(4.6, within(0.05));
        assertThat(Section.of(Bar.ANGLE, 0.04, 0.04, 0.004).modulus() * 1e6).isCloseTo(1.6, within(0.05));
    }

    /// Counted on a raster of 0.1 mm: metal is where a point is within a wall of one of the plates.
    @Test
    void aStrutChannelCountedSquareBySquareIsTheSame() {
        double d = 1e-4;
        double[] sums = new double[3];
        for (int i = 0; i < 400; i++) {
            for (int k = 0; k < 400; k++) {
                double y = (i + 0.5) * d;
                double z = (k + 0.5) * d;
                double side = Math.min(y, 0.04 - y);
                boolean metal = z < 0.002 || side < 0.002 || z > 0.038 && side < 0.0095
                        || z > 0.038 - 0.007 && side > 0.0095 - 0.002 && side < 0.0095;
                double a = metal ? d * d : 0;
                sums[0] += a;
                sums[1] += a * z;
                sums[2] += a * z * z + a * d * d / 12;
            }
        }

        Section section = Section.of(Bar.STRUT, 0.04, 0.04, 0.002);

        assertThat(section.area()).isCloseTo(sums[0], withinPercentage(0.01));
        double middle = sums[1] / sums[0];
        assertThat(section.inertia()).isCloseTo(sums[2] - sums[0] * middle * middle, withinPercentage(0.1));
    }

    /// E·I·y″ = −M everywhere, and the ends are held as said: by differences of the sag itself.
    @ParameterizedTest
    @EnumSource(Held.class)
    void aBeamSagsAsItsMomentSays(Held held) {
        Beam beam = new Beam(1.4, 70, List.of(new Beam.Point(300, 0.5), new Beam.Point(120, 1.1)), held);
        double h = 1e-4;

        for (double x = 0.05; x < 1.36; x += 0.13) {
            double bend = (beam.sag(x + h, 1) - 2 * beam.sag(x, 1) + beam.sag(x - h, 1)) / (h * h);
            assertThat(-bend).as("at %s", x).isCloseTo(beam.moment(x), within(0.01));
        }
        assertThat(beam.sag(0, 1)).isZero();
        double slope = beam.sag(h, 1) / h;
        assertThat(held == Held.RESTS ? beam.moment(0) : slope).isCloseTo(0, within(0.05));
        assertThat(held == Held.ARM ? beam.moment(1.4) : beam.sag(1.4, 1)).isCloseTo(0, within(1e-9));
    }

    /// Textbook: w L²/2 + P a = 100 · 0.36/2 + 200 · 0.6 = 138 Nm; w L⁴/8 + P L³/3 = 1.62 + 14.4. Held fast: w L²/12 = 3 Nm at
    /// the ends, P L/8 = 15 Nm with a load in the middle.
    @Test
    void anArmAndAClampedShelf() {
        Beam arm = new Beam(0.6, 100, List.of(new Beam.Point(200, 0.6)), Held.ARM);
        Beam shelf = new Beam(0.6, 100, List.of(new Beam.Point(200, 0.3)), Held.CLAMPED);

        assertThat(arm.peakMoment()).isCloseTo(138, within(1e-9));
        assertThat(arm.peakSag(1)).isCloseTo(1.62 + 14.4, within(1e-9));
        assertThat(shelf.peakMoment()).isCloseTo(3 + 15, within(1e-9));
        assertThat(shelf.peakSag(1)).isCloseTo(100 * 0.1296 / 384 + 200 * 0.216 / 192, within(1e-9));
    }

    @Test
    void theFrameIsWorstBentAtItsRearHanger() {
        FrameBeam frame = FrameBeam.of(
                List.of(new FrameBeam.Point(0.35, 28), new FrameBeam.Point(1.75, 46), new FrameBeam.Point(3.10, 62),
                        new FrameBeam.Point(4.55, 70), new FrameBeam.Point(2.4, 32)),
                List.of(new FrameBeam.Line(0, 5.20, 145), new FrameBeam.Line(1.15, 5.20, 420)),
                new double[]{3.06, 3.70}, List.of(new FrameBeam.Member(1.15, 2.91674e5, 3.557e-5),
                        new FrameBeam.Member(5.20, 1.122785e5, 1.826e-5)),
                2);

        int worst = frame.worst();
        int deepest = frame.deepest(3.38);
        assertThat(frame.tongue()).isCloseTo(945.38, withinPercentage(DIGITS));
        assertThat(frame.axle()).isCloseTo(6929.4, withinPercentage(DIGITS));
        assertThat(frame.moment()[worst]).isCloseTo(-2035.1, withinPercentage(DIGITS));
        assertThat(frame.x()[worst]).isCloseTo(3.6998, withinPercentage(DIGITS));
        assertThat(frame.stress()[worst]).isCloseTo(222.9e6, withinPercentage(0.02));
        assertThat(frame.sag()[deepest]).isCloseTo(-0.0029934, withinPercentage(0.05));
        assertThat(frame.x()[deepest]).isCloseTo(1.3754, withinPercentage(0.1));
        assertThat(frame.sag()[frame.sag().length - 1]).isCloseTo(-0.030806, withinPercentage(0.05));
    }

    private static final WallCut WALL = new WallCut(new double[]{0.10, 0.51, 0.92, 1.33, 1.74, 2.15, 2.56}, 0.038,
            0.006);

    @Test
    void aWindowCutsAStudAndNeedsAHeader() {
        WallCut.Header header = WALL.header(1.10, 1.56, 900, 250, 110e6).orElseThrow();

        assertThat(WALL.cut(1.10, 1.56)).containsExactly(3);
        assertThat(header.span()).isCloseTo(0.782, within(1e-9));
        assertThat(header.moment()).isCloseTo(117.67, withinPercentage(DIGITS));
        assertThat(header.modulus()).isCloseTo(1.0697e-6, withinPercentage(DIGITS));
        assertThat(WALL.best(1.10, 1.56, 0.05, 2.55)).isEqualTo(new WallCut.Shift(0, 1));
    }

    /// A window 0.30 wide fits whole between two studs 0.372 apart.
    @Test
    void aSmallWindowIsShiftedBetweenTheStuds() {
        WallCut.Shift shift = WALL.best(0.80, 1.10, 0.05, 2.55);

        assertThat(shift.cut()).isZero();
        assertThat(shift.by()).isCloseTo(0.92 + 0.019 + 0.006 - 0.80, within(1e-9));
    }

    @Test
    void aHoleAtTheEndOfTheWallHasNoHeader() {
        assertThat(WALL.header(0.0, 0.4, 900, 0, 110e6)).isEmpty();
    }

    @Test
    void aBracketIsMovedOntoItsStud() {
        assertThat(WALL.ontoStuds(new double[]{0.55}, 0.010).orElseThrow()).isCloseTo(0.51 + 0.009 - 0.55,
                within(1e-9));
        assertThat(WALL.ontoStuds(new double[]{0.55, 0.75}, 0.010)).isEmpty();
    }
}
