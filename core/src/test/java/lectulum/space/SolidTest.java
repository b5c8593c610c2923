package lectulum.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class SolidTest {
    private static Solid at(double x, double y, double z, double yaw) {
        return Solid.of(new Size(0.6, 0.4, 0.5), new Placement(x, y, z, yaw));
    }

    /// Two boxes 0.6 long, 0.5 apart: 0.1 of each is in the other.
    @Test
    void theLeastShiftPartsTwoBoxes() {
        Solid.Shift shift = at(0.5, 0, 0, 0).apartFrom(at(0, 0, 0, 0));

        assertThat(shift.depth()).isCloseTo(0.1, within(1e-12));
        assertThat(shift.dx()).isEqualTo(1);
    }

    @Test
    void boxesSideBySideOnlyTouch() {
        assertThat(at(0.6, 0, 0, 0).apartFrom(at(0, 0, 0, 0)).depth()).isCloseTo(0, within(1e-12));
        assertThat(at(0.7, 0, 0, 0).apartFrom(at(0, 0, 0, 0)).depth()).isCloseTo(-0.1, within(1e-12));
        assertThat(at(0, 0, 0.5, 0).apartFrom(at(0, 0, 0, 0)).depth()).isCloseTo(0, within(1e-12));
    }

    /// Turned by a quarter a 0.6 × 0.4 box is 0.4 × 0.6.
    @Test
    void aQuarterTurnSwapsLengthAndWidth() {
        Solid turned = at(1, 1, 0, Math.PI / 2);

        assertThat(turned.maxX() - turned.minX()).isCloseTo(0.4, within(1e-12));
        assertThat(turned.maxY() - turned.minY()).isCloseTo(0.6, within(1e-12));
    }

    @Test
    void fourQuarterTurnsAreNone() {
        Placement p = new Placement(1, 1, 0, 0.3);

        Placement back = p.turned(Math.PI / 2).turned(Math.PI / 2).turned(Math.PI / 2).turned(Math.PI / 2);

        assertThat(back.yaw()).isCloseTo(0.3, within(1e-12));
    }

    /// A square turned by 45° reaches 0.4·√2/2 to each side: two of them 0.5 apart overlap by 2·0.2828 − 0.5 along x,
    /// but along the diagonal axes by 0.4 − 0.5/√2.
    @Test
    void turnedBoxesArePartedAlongTheirOwnEdges() {
        Solid a = Solid.of(new Size(0.4, 0.4, 1), new Placement(0, 0, 0, Math.PI / 4));
        Solid b = Solid.of(new Size(0.4, 0.4, 1), new Placement(0.5, 0, 0, Math.PI / 4));

        assertThat(a.apartFrom(b).depth()).isCloseTo(0.4 - 0.5 / Math.sqrt(2), within(1e-12));
    }

    @RepeatedTest(50)
    void overlapIsMutualAndMovesAlong(RepetitionInfo run) {
        SplittableRandom r = new SplittableRandom(run.getCurrentRepetition());
        Solid a = at(r.nextDouble(), r.nextDouble(), 0.4 * r.nextDouble(), 6 * r.nextDouble());
        Solid b = at(r.nextDouble(), r.nextDouble(), 0.4 * r.nextDouble(), 6 * r.nextDouble());
        Solid a2 = new Solid(a.x() + 3, a.y() - 2, a.z1() + 1, a.z2() + 1, a.hl(), a.hw(), a.c(), a.s());
        Solid b2 = new Solid(b.x() + 3, b.y() - 2, b.z1() + 1, b.z2() + 1, b.hl(), b.hw(), b.c(), b.s());

        assertThat(a.apartFrom(b).depth()).isCloseTo(b.apartFrom(a).depth(), within(1e-9));
        assertThat(a2.apartFrom(b2).depth()).isCloseTo(a.apartFrom(b).depth(), within(1e-9));
    }

    @RepeatedTest(50)
    void movingByTheShiftLeavesContact(RepetitionInfo run) {
        SplittableRandom r = new SplittableRandom(100 + run.getCurrentRepetition());
        Solid a = at(0.3 * r.nextDouble(), 0.3 * r.nextDouble(), 0, 6 * r.nextDouble());
        Solid b = at(0, 0, 0, 6 * r.nextDouble());

        Solid.Shift s = a.apartFrom(b);
        Solid moved = new Solid(a.x() + s.dx() * s.depth(), a.y() + s.dy() * s.depth(), a.z1() + s.dz() * s.depth(),
                a.z2() + s.dz() * s.depth(), a.hl(), a.hw(), a.c(), a.s());

        assertThat(moved.apartFrom(b).depth()).isCloseTo(0, within(1e-9));
    }
}
