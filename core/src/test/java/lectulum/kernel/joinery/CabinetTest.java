package lectulum.kernel.joinery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// Furniture of boards, by hand and by what must hold of any: boards lie within the piece and not within one another.
class CabinetTest {
    private static Build build(Build.Form form, int shelves, int leaves, int drawers, Build.Fronts fronts) {
        return new Build(form, 0.012, 0.004, 0, shelves, leaves, drawers, fronts, 0.003, 0, false);
    }

    private static Cabinet.Board board(Cabinet c, String what) {
        return c.boards().stream().filter(b -> b.what().equals(what)).findFirst().orElseThrow();
    }

    /// 800 wide, 300 deep, 400 high of 12 mm with a 4 mm back and two doors on the edges: sides 284 deep (300 − 12 − 4), bottom and
    /// top 776 between them, back 800 × 400, doors (800 − 2 × 3)/2 = 397 wide and 400 − 3 high.
    @Test
    void aCupboardByHand() {
        Cabinet c = Cabinet.of(0.8, 0.3, 0.4, build(Build.Form.CUPBOARD, 1, 2, 0, Build.Fronts.OVERLAY),
                Cabinet.Ceiling.NONE);

        assertThat(c.boards()).extracting(Cabinet.Board::what).containsExactlyInAnyOrder("left side", "right side",
                "bottom",
                "top", "shelf", "back", "door", "door");
        assertThat(board(c, "left side").wide()).isCloseTo(0.284, within(1e-12));
        assertThat(board(c, "left side").length()).isCloseTo(0.4, within(1e-12));
        assertThat(board(c, "bottom").length()).isCloseTo(0.776, within(1e-12));
        assertThat(board(c, "door").wide()).isCloseTo(0.397, within(1e-12));
        assertThat(board(c, "door").length()).isCloseTo(0.397, within(1e-12));
        double volume = 0.012 * (2 * 0.4 * 0.284 + 3 * 0.776 * 0.284 + 2 * 0.397 * 0.397) + 0.004 * 0.8 * 0.4;
        assertThat(c.volume()).isCloseTo(volume, within(1e-12));
        // a shelf stands in the middle of the free height
        assertThat(board(c, "shelf").box()[2]).isCloseTo(0.012 + (0.4 - 0.036) / 2, within(1e-12));
        // bottom, top and shelf meet both sides, the back all round
        assertThat(c.seam()).isCloseTo(6 * 0.284 + 2 * 1.2, within(1e-12));
    }

    /// Between the sides: (776 − 3 × 3)/2 wide, 400 − 24 − 2 × 3 high.
    @Test
    void doorsBetweenTheSides() {
        Cabinet c = Cabinet.of(0.8, 0.3, 0.4, build(Build.Form.CUPBOARD, 0, 2, 0, Build.Fronts.INSET),
                Cabinet.Ceiling.NONE);

        assertThat(board(c, "door").wide()).isCloseTo(0.3835, within(1e-12));
        assertThat(board(c, "door").length()).isCloseTo(0.37, within(1e-12));
        assertThat(board(c, "left side").wide()).isCloseTo(0.296, within(1e-12));
    }

    /// Three doors of one width, two before one bay and one before another.
    @ParameterizedTest
    @EnumSource(Build.Fronts.class)
    void anOddDoorIsAsWideAsTheOthers(Build.Fronts fronts) {
        Cabinet c = Cabinet.of(1.2, 0.5, 0.9, build(Build.Form.CUPBOARD, 1, 3, 0, fronts), Cabinet.Ceiling.NONE);

        double wide = fronts == Build.Fronts.OVERLAY ? 0.397 : 0;
        assertThat(c.leaves()).hasSize(3).extracting(Cabinet.Leaf::left).containsExactly(true, false, true);
        if (wide > 0) {
            assertThat(c.leaves()).allSatisfy(l -> assertThat(l.wide()).isCloseTo(wide, within(1e-12)));
        }
        assertThat(c.boards()).filteredOn(b -> b.what().equals("divider")).hasSize(1);
    }

    /// Three drawers of 600 × 450 × 600: fronts (600 − 3 − 2 × 3)/3 high, boxes 600 − 24 − 2 × 12.7 wide, runners the longest step of
    /// 50 mm within 450 − 4 − 12 − 10.
    @Test
    void drawersOnRunners() {
        Cabinet c = Cabinet.of(0.6, 0.45, 0.6, build(Build.Form.CUPBOARD, 0, 0, 3, Build.Fronts.OVERLAY),
                Cabinet.Ceiling.NONE);

        assertThat(c.drawers()).hasSize(3).allSatisfy(d -> {
            assertThat(d.high()).isCloseTo(0.197, within(1e-12));
            assertThat(d.runner()).isCloseTo(0.4, within(1e-12));
        });
        assertThat(board(c, "drawer bottom").length()).isCloseTo(0.6 - 0.024 - 2 * 0.0127, within(1e-12));
        assertThat(board(c, "drawer side").length()).isCloseTo(0.4, within(1e-12));
        assertThat(board(c, "drawer end").length()).isCloseTo(0.6 - 0.024 - 0.0254 - 0.024, within(1e-12));
        Cabinet shallow = Cabinet.of(0.6, 0.26, 0.6, build(Build.Form.CUPBOARD, 0, 0, 3, Build.Fronts.OVERLAY),
                Cabinet.Ceiling.NONE);
        assertThat(shallow.drawers()).hasSize(3).allMatch(d -> d.runner() == 0);
    }

    /// A third of 12 mm goes into the groove on either side, and takes nothing away from the mass.
    @Test
    void groovesMakeBoardsLongerAndNotHeavier() {
        Build butt = build(Build.Form.CUPBOARD, 2, 0, 0, Build.Fronts.OVERLAY);
        double groove = Build.Joint.DADO.groove(0.012);
        Build dado = new Build(butt.form(), 0.012, 0.004, 0, 2, 0, 0, butt.fronts(), 0.003, groove, false);

        Cabinet a = Cabinet.of(0.9, 0.3, 1.2, butt, Cabinet.Ceiling.NONE);
        Cabinet b = Cabinet.of(0.9, 0.3, 1.2, dado, Cabinet.Ceiling.NONE);

        assertThat(groove).isCloseTo(0.004, within(1e-12));
        assertThat(board(b, "shelf").length() - board(a, "shelf").length()).isCloseTo(0.008, within(1e-12));
        assertThat(b.volume()).isCloseTo(a.volume(), within(1e-12));
    }

    @Test
    void aLongChestHasALidInTwoPartsOverADivider() {
        Cabinet c = Cabinet.of(1.9, 0.65, 0.45, build(Build.Form.CHEST, 0, 0, 0, Build.Fronts.OVERLAY),
                Cabinet.Ceiling.NONE);

        assertThat(c.boards()).filteredOn(b -> b.what().equals("lid")).hasSize(2)
                .allSatisfy(b -> assertThat(b.length()).isCloseTo((1.9 - 0.003) / 2, within(1e-12)));
        assertThat(c.boards()).filteredOn(b -> b.what().startsWith("divider")).hasSize(1);
        assertThat(board(c, "front").wide()).isCloseTo(0.438, within(1e-12));
    }

    /// Of hundreds of pieces no board reaches out of its piece or into another: in its thickness, where it is not let into a groove,
    /// the boards fill disjoint boxes.
    @ParameterizedTest
    @EnumSource(Build.Form.class)
    void boardsNeverShareRoom(Build.Form form) {
        SplittableRandom random = new SplittableRandom(20261);
        for (int n = 0; n < 400; n++) {
            double width = random.nextDouble(0.3, 2.2);
            double depth = random.nextDouble(0.2, 1.3);
            double height = random.nextDouble(0.2, 1.9);
            Build b = new Build(form, random.nextDouble(0.004, 0.02), random.nextBoolean() ? 0.004 : 0,
                    random.nextBoolean() ? 0.02 : 0, random.nextInt(5), random.nextInt(5), random.nextInt(4),
                    random.nextBoolean() ? Build.Fronts.INSET : Build.Fronts.OVERLAY, 0.003, 0, false);

            Cabinet c = Cabinet.of(width, depth, height, b, Cabinet.Ceiling.NONE);

            assertThat(c.boards()).isNotEmpty();
            double[] piece = {0, 0, 0, width, depth, Math.max(height, b.board())};
            for (int i = 0; i < c.boards().size(); i++) {
                double[] one = c.boards().get(i).box();
                for (int k = 0; k < 3; k++) {
                    assertThat(one[k]).as("%s of %s", c.boards().get(i), b).isGreaterThan(piece[k] - 1e-9);
                    assertThat(one[k + 3]).as("%s of %s", c.boards().get(i), b).isLessThan(piece[k + 3] + 1e-9);
                    assertThat(one[k + 3] - one[k]).as("%s of %s", c.boards().get(i), b).isPositive();
                }
                for (int j = 0; j < i; j++) {
                    double[] other = c.boards().get(j).box();
                    boolean apart = false;
                    for (int k = 0; k < 3; k++) {
                        apart |= one[k] > other[k + 3] - 1e-9 || other[k] > one[k + 3] - 1e-9;
                    }
                    assertThat(apart).as("%s and %s of %s in %s × %s × %s", c.boards().get(i), c.boards().get(j), b,
                            width, depth, height).isTrue();
                }
            }
        }
    }

    /// 1.0 × 0.5 × 0.8 m with one shelf: four posts, three levels of two bars of 0.918 and two of 0.418 m.
    @Test
    void aRackOfStrutByHand() {
        Cabinet c = Cabinet.of(1.0, 0.5, 0.8, new Build(Build.Form.RACK, 0.012, 0, 0, 1, 0, 0, Build.Fronts.OVERLAY,
                0.003, 0, false), Cabinet.Ceiling.NONE);

        assertThat(c.bars()).hasSize(4 + 3 * 4);
        assertThat(c.bars().stream().mapToDouble(Cabinet.Bar::length).sum())
                .isCloseTo(4 * 0.8 + 3 * (2 * 0.918 + 2 * 0.418), within(1e-12));
        assertThat(c.boards()).hasSize(3).allSatisfy(b -> assertThat(b.length()).isCloseTo(0.918, within(1e-12)));
        assertThat(c.boards().getLast().box()[5]).isCloseTo(0.8, within(1e-12));
    }

    /// Under a roof that falls from 0.5 to 0.3 over the depth of 0.4: sides are trapezoids, the bent top is as long as the slope.
    @Test
    void cutToASlope() {
        Build b = new Build(Build.Form.CUPBOARD, 0.012, 0, 0, 0, 0, 0, Build.Fronts.OVERLAY, 0.003, 0, false);
        Cabinet.Ceiling slope = new Cabinet.Ceiling(false, v -> 0.5 - 0.5 * v);

        Cabinet c = Cabinet.of(1.0, 0.4, 0.8, b, slope);

        assertThat(board(c, "left side").area()).isCloseTo(0.4 * 0.4, within(1e-9));
        Cabinet.Board top = board(c, "top, bent under the roof");
        assertThat(top.length()).isCloseTo(Math.hypot(0.4, 0.2), within(1e-9));
        assertThat(top.turn()).isLessThan(1e-6);
        assertThat(top.wide()).isCloseTo(0.976, within(1e-12));
    }

    /// A quarter circle of 0.4 m turns by a right angle and is 0.628 m long.
    @Test
    void bentUnderAQuarterCircle() {
        Build b = new Build(Build.Form.CUPBOARD, 0.006, 0, 0, 0, 0, 0, Build.Fronts.OVERLAY, 0.003, 0, false);
        Cabinet.Ceiling round = new Cabinet.Ceiling(false, v -> Math.sqrt(Math.max(0, 0.16 - v * v)));

        Cabinet.Board top = board(Cabinet.of(1.0, 0.4, 0.8, b, round), "top, bent under the roof");

        assertThat(top.length()).isCloseTo(Math.PI / 2 * 0.4, within(0.002));
        assertThat(top.turn()).isCloseTo(Math.PI / 2, within(0.12));
    }

    @Test
    void hingesByHeightAndMass() {
        assertThat(Cabinet.hinges(0.5, 2)).isEqualTo(2);
        assertThat(Cabinet.hinges(1.2, 4)).isEqualTo(3);
        assertThat(Cabinet.hinges(1.7, 4)).isEqualTo(4);
        assertThat(Cabinet.hinges(0.5, 11)).isEqualTo(3);
        assertThat(Cabinet.cups(1.2, 3)).isEqualTo(List.of(0.1, 0.6, 1.1));
        assertThat(Cabinet.cups(0.2, 2)).isEqualTo(List.of(0.05, 0.15000000000000002));
    }

    @Test
    void noRoomForBoardsMakesNone() {
        assertThat(Cabinet.of(0.02, 0.3, 0.4, build(Build.Form.CUPBOARD, 0, 1, 0, Build.Fronts.INSET),
                Cabinet.Ceiling.NONE).boards()).isEmpty();
        assertThat(Cabinet.of(0, 0, 0, build(Build.Form.BED, 0, 0, 0, Build.Fronts.INSET), Cabinet.Ceiling.NONE)
                .volume()).isZero();
    }
}
