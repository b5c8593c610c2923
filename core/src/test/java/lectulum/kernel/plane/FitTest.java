package lectulum.kernel.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.kernel.bodies.Reach;
import lectulum.kernel.bodies.Reach.Box;
import lectulum.kernel.bodies.Reach.Item;
import lectulum.kernel.mechanisms.DoorSwing;
import lectulum.space.Solid;
import org.junit.jupiter.api.Test;

/// Worked by hand and with an independent program; lengths in metres, five significant digits.
class FitTest {
    private static double[][] rectangle(double x1, double y1, double x2, double y2) {
        return new double[][]{{x1, y1}, {x2, y1}, {x2, y2}, {x1, y2}};
    }

    @Test
    void twoTurnedBoxesArePartedByTheLeastShift() {
        Solid a = Solid.of(new Size(0.80, 0.50, 0.9), new Placement(2.00, 0.30, 0, 0));
        Solid b = Solid.of(new Size(0.60, 0.40, 0.7), new Placement(2.55, 0.42, 0.4, Math.toRadians(30)));

        Solid.Shift least = b.apartFrom(a);

        assertThat(least.depth()).isCloseTo(0.20981, withinPercentage(0.01));
        assertThat(least.dx()).isCloseTo(1, within(1e-9));
        assertThat(a.apartFrom(b).depth()).isCloseTo(least.depth(), within(1e-12));
    }

    @Test
    void aDoorOpensUntilItMeetsTheCabinet() {
        DoorSwing door = new DoorSwing(1.60, 0.89, 0, -1, 0.62, 0.03);

        double angle = door.freeAngle(List.<double[][]>of(rectangle(1.75, -0.20, 2.40, 0.35)), Math.toRadians(95));

        assertThat(Math.toDegrees(angle)).isCloseTo(57.683, within(0.005));
        assertThat(door.passage(angle)).isCloseTo(0.62 * (1 - Math.cos(Math.toRadians(57.683))), within(1e-4));
        assertThat(Math.toDegrees(door.freeAngle(List.of(), Math.toRadians(95)))).isCloseTo(95, within(1e-9));
    }

    @Test
    void aDoorIgnoresWhatLiesBehindItsHinge() {
        DoorSwing door = new DoorSwing(0, 0, 0, 1, 0.6, 0.02);

        double angle = door.freeAngle(List.<double[][]>of(rectangle(-0.5, -0.5, -0.1, -0.1)), Math.toRadians(95));

        assertThat(Math.toDegrees(angle)).isCloseTo(95, within(1e-9));
    }

    @Test
    void aTableGoesThroughTheDoorAndTurnsIn() {
        assertThat(Doorway.passes(new double[]{1.50, 0.72, 0.05}, new double[]{0.62, 1.70})).isTrue();
        assertThat(Doorway.passes(new double[]{0.7, 0.72, 0.7}, new double[]{0.62, 1.70})).isFalse();
        assertThat(Doorway.longest(0.62, 0.66)).isCloseTo(1.8099, withinPercentage(0.01));
    }

    /// Two blocks leave 0.44 between them; the way round is walled off.
    @Test
    void thePassageIsTheNarrowestPlaceOnTheWidestWay() {
        Passage floor = Passage.of(rectangle(0, 0, 4, 2), List.of(),
                List.of(rectangle(1, 0, 2, 0.78), rectangle(1, 1.22, 2, 2)), 0.01);

        assertThat(floor.between(new double[]{0.5, 1}, new double[]{3, 1})).isCloseTo(0.44, within(0.02));
    }

    @Test
    void aWallRightAcrossLeavesNoWay() {
        Passage floor = Passage.of(rectangle(0, 0, 4, 2), List.of(), List.<double[][]>of(rectangle(1, 0, 1.2, 2)),
                0.02);

        assertThat(floor.between(new double[]{0.5, 1}, new double[]{3, 1})).isZero();
    }

    /// A strip of 0.2 along the walls of 2 × 1 is too near to stand: 1.6 × 0.6 is left.
    @Test
    void freeFloorKeepsAHandsBreadthFromEverything() {
        Passage floor = Passage.of(rectangle(0, 0, 2, 1), List.of(), List.of(), 0.01);

        assertThat(floor.standing()).isCloseTo(1.6 * 0.6, within(0.03));
        assertThat(floor.toStanding(1, 0)).isCloseTo(0.2, within(0.011));
    }

    @Test
    void whatStandsBeforeAThingIsTakenOutFirstWithWhatStandsBeforeThat() {
        Reach reach = new Reach(List.of(
                new Item("pump box", new Box(0.1, 0.1, 0, 0.4, 0.4, 0.3), true,
                        List.of(new Box(0.1, 0.4, 0, 0.4, 0.7, 0.3))),
                new Item("crate", new Box(0, 0.45, 0, 0.5, 0.75, 0.4), false,
                        List.of(new Box(0, 0.75, 0, 0.5, 1.05, 0.4))),
                new Item("chairs", new Box(0, 0.8, 0, 0.6, 0.95, 0.9), false,
                        List.of(new Box(0, 0.95, 0, 0.6, 1.25, 0.9)))));

        assertThat(reach.unpack("pump box")).contains(List.of("chairs", "crate"));
        assertThat(reach.unpack("chairs")).contains(List.of());
    }

    @Test
    void aFixedThingOrARingClosesTheWay() {
        Item a = new Item("a", new Box(0, 0, 0, 1, 1, 1), false, List.of(new Box(1, 0, 0, 1.5, 1, 1)));
        Item b = new Item("b", new Box(1, 0, 0, 2, 1, 1), false, List.of(new Box(0.5, 0, 0, 1, 1, 1)));
        Item wall = new Item("wall", new Box(1, 0, 0, 2, 1, 1), true, List.of());

        assertThat(new Reach(List.of(a, b)).unpack("a")).isEmpty();
        assertThat(new Reach(List.of(a, wall)).unpack("a")).isEmpty();
    }

    /// a stands before b and b before a; c waits for a only. With a wall in a's way nothing waits in a ring.
    @Test
    void whatWaitsInARingIsNamed() {
        Item a = new Item("a", new Box(0, 0, 0, 1, 1, 1), false, List.of(new Box(1, 0, 0, 1.5, 1, 1)));
        Item b = new Item("b", new Box(1, 0, 0, 2, 1, 1), false, List.of(new Box(0.5, 0, 0, 1, 1, 1)));
        Item c = new Item("c", new Box(0, 1, 0, 1, 2, 1), false, List.of(new Box(0, 0.5, 0, 1, 1, 1)));
        Item wall = new Item("wall", new Box(1, 0, 0, 1.2, 1, 1), true, List.of());
        Reach reach = new Reach(List.of(a, b, c));

        assertThat(reach.ring("a")).containsExactly("a", "b");
        assertThat(reach.ring("c")).as("c itself is in no ring").containsExactlyInAnyOrder("a", "b");
        assertThat(new Reach(List.of(a, b, wall)).ring("a")).isEmpty();
        assertThat(new Reach(List.of(a, c)).ring("c")).isEmpty();
    }
}
