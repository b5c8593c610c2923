package lectulum.layout.cutaway;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PictureTest {
    private static final View VIEW = new View(Math.toRadians(60), View.ISOMETRIC, 200);

    @Test
    void aPointIsSeenWhereItIs() {
        assertThat(VIEW.x(2.0, -0.5, 1.2)).isCloseTo(-396.41, withinPercentage(0.01));
        assertThat(VIEW.y(2.0, -0.5, 1.2)).isCloseTo(-130.49, withinPercentage(0.01));
        assertThat(VIEW.depth(2.0, -0.5, 1.2)).isCloseTo(1.1558, withinPercentage(0.01));
        assertThat(Math.toDegrees(View.ISOMETRIC)).isCloseTo(35.264389682754654, within(1e-9));
    }

    @Test
    void farThingsAreDrawnFirst() {
        List<Block> room = List.of(Block.box("floor", 0, 0, 0, 4, 1.8, 0.05),
                Block.box("cabinet", 0.2, 0.1, 0.05, 0.9, 0.7, 0.95),
                Block.box("box", 0.2, 0.1, 0.95, 0.6, 0.5, 1.4), Block.box("bed", 2.2, 0.05, 0.45, 3.9, 1.75, 0.6),
                Block.box("board", 2.2, 0.05, 0.05, 2.3, 1.75, 0.45),
                Block.box("stool", 1.2, 1.0, 0.05, 1.6, 1.6, 0.8));

        assertThat(DrawOrder.of(room, VIEW)).extracting(Block::id).containsExactly("floor", "cabinet", "box", "board",
                "stool", "bed");
    }

    /// Boxes in a row along the line of sight, given in any order, come out from far to near.
    @ParameterizedTest
    @CsvSource({"45, 1", "-45, 2", "135, 3", "-135, 4"})
    void aRowOfBoxesIsDrawnAlongTheLineOfSight(double azimuth, long seed) {
        View view = new View(Math.toRadians(azimuth), View.ISOMETRIC, 100);
        List<Block> row = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            row.add(Block.box("b" + i, 0.3 * i, 0, 0, 0.3 * i + 0.3, 1, 1 + 0.1 * (i % 3)));
        }
        java.util.Collections.shuffle(row, java.util.Random.from(new SplittableRandom(seed)));

        List<Block> order = DrawOrder.of(row, view);

        boolean nearIsRear = view.toEye()[0] > 0;
        assertThat(order).isSortedAccordingTo((a, b) -> (nearIsRear ? 1 : -1)
                * Double.compare(a.plan()[0][0], b.plan()[0][0]));
    }
}
