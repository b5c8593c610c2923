package lectulum.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import lectulum.base.profile.ProfileEdit;
import lectulum.design.base.Shell;
import lectulum.design.base.Shell.Profile.Point;
import lectulum.kernel.profile.Outline;
import lectulum.kernel.profile.Piece;
import org.junit.jupiter.api.Test;

/// The side profile as a user draws it: corners, arcs and smooth curves.
class ProfileLineTest {
    /// A teardrop by rounded corners: front foot, nose, roof front, roof rear, tail, rear foot.
    private static final List<Point> TEARDROP = List.of(new Point(0, 0.62, true, 0.35),
            new Point(0.50, 1.24, true, 0.50),
            new Point(2.18, 1.24, true, 0.55), new Point(2.60, 0.40, true, 0.20));

    private static ProfileLine line(List<Point> points) {
        return ProfileLine.of(points).orElseThrow();
    }

    private static Point corner(double x, double z) {
        return new Point(x, z, true, 0);
    }

    /// The nodes (0,0) (2.60,0) (2.60,0.40 r 0.20) (2.18,1.24 r 0.55) (0.50,1.24 r 0.50) (0,0.62 r 0.35) enclose
    /// 2.8632 m²; their skin without the floor is 4.3213 m (arc and line lengths added by hand).
    @Test
    void aTeardropOfRoundedCornersHasTheAreaAndSkinOfItsArcs() {
        ProfileLine teardrop = line(TEARDROP);

        assertThat(teardrop.outline().area()).isCloseTo(2.8632, within(2e-4));
        assertThat(teardrop.skin()).isCloseTo(4.3213, within(3e-4));
        assertThat(teardrop.outline().top(1.0).orElseThrow()).isCloseTo(1.24, within(1e-9));
        assertThat(teardrop.outline().top(2.5).orElseThrow()).isCloseTo(0.6, within(1e-4));
    }

    @Test
    void aCurveLeavesTheUprightFeetWithoutAKink() {
        ProfileLine smooth = line(
                List.of(new Point(0, 0.4), new Point(0.5, 1.1), new Point(1.5, 1.2), new Point(2.4, 0.5)));

        List<double[]> points = smooth.overhead();
        double[] foot = points.getFirst();
        assertThat(foot).containsExactly(new double[]{0, 0}, within(1e-9));
        int at = 0;
        while (points.get(at)[1] < 0.4 - 1e-9) {
            at++;
        }
        double dx = points.get(at + 1)[0] - points.get(at)[0];
        double dz = points.get(at + 1)[1] - points.get(at)[1];
        assertThat(Math.toDegrees(Math.atan2(dz, dx))).isCloseTo(90, within(3.0));
        assertThat(points.getLast()[1]).isCloseTo(0, within(1e-9));
    }

    @Test
    void theLinePassesThroughEverySmoothPoint() {
        List<Point> points = List.of(new Point(0, 0.3), new Point(0.3, 0.9), new Point(1.0, 1.2), new Point(2.0, 1.0),
                new Point(2.5, 0.3));

        List<double[]> drawn = line(points).overhead();

        for (Point p : points) {
            assertThat(drawn).anyMatch(q -> Math.hypot(q[0] - p.x(), q[1] - p.z()) < 1e-9);
        }
    }

    @Test
    void mirroredFrontToRearItHasTheSameAreaAndSkin() {
        List<Point> mirrored = new ArrayList<>();
        for (Point p : TEARDROP.reversed()) {
            mirrored.add(new Point(2.60 - p.x(), p.z(), p.corner(), p.radius()));
        }

        assertThat(line(mirrored).outline().area()).isCloseTo(line(TEARDROP).outline().area(), within(1e-9));
        assertThat(line(mirrored).skin()).isCloseTo(line(TEARDROP).skin(), within(1e-9));
    }

    @Test
    void aCrossingProfileIsNoBodyAndNamesTheEdges() {
        List<Point> crossing = List.of(corner(0, 1), corner(2, 1), corner(1.5, 0.5), corner(0.5, 1.5));

        assertThat(ProfileLine.of(crossing)).isEmpty();
        assertThat(ProfileLine.crossing(crossing)).hasValueSatisfying(pair -> assertThat(pair).contains(0, 3));
    }

    @Test
    void tooLittleForABodyIsNone() {
        assertThat(ProfileLine.of(List.of())).isEmpty();
        assertThat(ProfileLine.of(List.of(corner(0, 1)))).isEmpty();
        assertThat(ProfileLine.of(List.of(corner(0, 1), corner(0, 1), corner(2, 1)))).isEmpty();
    }

    /// Edge of 0.5 m between right angles: radii of 0.4 and 0.3 need 0.7, and 0.25 each fit.
    @Test
    void arcsThatDoNotFitAreNamedWithTheLargestThatDo() {
        List<Point> tight = List.of(new Point(0, 1, true, 0.4), new Point(0.5, 1, true, 0.3), corner(2, 0.4));

        Outline.Crowded crowded = line(List.of(new Point(0, 1, true, 0.4), new Point(0.5, 1, true, 0.3),
                new Point(0.5, 0.5, true, 0), new Point(2, 0.5, true, 0))).crowded().orElseThrow();

        assertThat(crowded.need()).isCloseTo(0.7, within(1e-9));
        assertThat(crowded.have()).isCloseTo(0.5, within(1e-9));
        assertThat(crowded.largest()).isCloseTo(0.25, within(1e-9));
        assertThat(List.of(crowded.node(), crowded.next())).containsExactlyInAnyOrder(0, 1);
        assertThat(line(tight).outline().area()).isGreaterThan(0);
    }

    @Test
    void theTightestPlaceIsTheSmallestArc() {
        double[] tightest = line(TEARDROP).tightest().orElseThrow();

        assertThat(tightest[2]).isCloseTo(0.20, within(1e-9));
        assertThat(tightest[0]).isGreaterThan(2.3);
    }

    @Test
    void aLoneSmoothPointIsRounded() {
        ProfileLine rounded = line(List.of(corner(0, 0.5), new Point(1, 1.2), corner(2, 0.5)));

        assertThat(rounded.outline().pieces()).anyMatch(Piece.Arc.class::isInstance);
        assertThat(rounded.outline().top(1).orElseThrow()).isLessThan(1.2);
    }

    @Test
    void aPointIsDraggedButNotIntoNonsense() {
        Shell.Profile p = new Shell.Profile(1.5, TEARDROP);

        assertThat(ProfileEdit.moved(p, 1, 0.6, 1.3).orElseThrow().points().get(1))
                .isEqualTo(new Point(0.6, 1.3, true, 0.50));
        assertThat(ProfileEdit.moved(p, 1, 0.6, -2).orElseThrow().points().get(1).z()).isZero();
        assertThat(ProfileEdit.moved(p, 0, 3.5, 1.5)).isEmpty();
        assertThat(ProfileEdit.moved(p, 1, 2.18, 1.24)).isEmpty();
    }

    @Test
    void theDiamondOfACornerGivesBackItsRadius() {
        Shell.Profile p = new Shell.Profile(1.5, TEARDROP);

        for (int i = 0; i < TEARDROP.size(); i++) {
            double[] handle = ProfileEdit.handle(p, i).orElseThrow();
            assertThat(ProfileEdit.radius(p, i, handle[0], handle[1])).isCloseTo(TEARDROP.get(i).radius(),
                    within(1e-9));
        }
        Shell.Profile turned = ProfileEdit.turned(p, 2).orElseThrow();
        assertThat(ProfileEdit.handle(turned, 2)).isEmpty();
        assertThat(ProfileEdit.rounded(turned, 2, 0.3).orElseThrow().points().get(2))
                .isEqualTo(new Point(2.18, 1.24, true, 0.3));
    }

    @Test
    void pointsComeAndGoWhereTheLinePasses() {
        Shell.Profile p = new Shell.Profile(1.5, TEARDROP);

        ProfileEdit.Inserted in = ProfileEdit.inserted(p, 1.3, 1.3, false).orElseThrow();

        assertThat(in.at()).isEqualTo(2);
        assertThat(in.profile().points()).hasSize(5);
        assertThat(ProfileEdit.without(in.profile(), 2)).hasValue(p);
        Shell.Profile two = new Shell.Profile(1.5, List.of(corner(0, 1), corner(2, 1)));
        assertThat(ProfileEdit.without(two, 1)).isEmpty();
    }
}
