package lectulum.kernel.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import lectulum.kernel.bodies.Reach.Box;
import lectulum.kernel.packing.Changeover.Move;
import lectulum.kernel.packing.Changeover.Step;
import lectulum.kernel.packing.Changeover.Volume;
import org.junit.jupiter.api.Test;

class ChangeoverTest {
    private record Room(Box box) implements Volume {
        @Override
        public boolean meets(Volume other) {
            return other instanceof Room(Box theirs) && box.meets(theirs);
        }
    }

    private static Optional<Volume> at(double x1, double y1, double z1, double x2, double y2, double z2) {
        return Optional.of(new Room(new Box(x1, y1, z1, x2, y2, z2)));
    }

    /// Worked by hand: bed half and mirror box wait for what stands in their new places.
    @Test
    void eachThingWaitsUntilItsNewPlaceIsFree() {
        Changeover change = Changeover.of(List.of(
                new Move("bed half", at(0.2, 0.05, 1.2, 1.6, 0.85, 1.35), at(2.2, 0.05, 0.4, 3.6, 0.85, 0.55), 2, 19),
                new Move("scope base", at(2.3, 0.2, 0, 3.1, 0.9, 0.7), Optional.empty(), 4, 32),
                new Move("mirror box", at(3.15, 0.1, 0, 3.65, 0.6, 0.5), at(0.1, 0.05, 0, 0.6, 0.55, 0.5), 1.5, 24),
                new Move("fridge", at(0.1, 0.05, 0, 0.6, 0.55, 0.5), at(0.7, 0.05, 0, 1.2, 0.55, 0.5), 1, 21),
                new Move("table", at(0.05, 1.0, 0.1, 0.1, 1.7, 1.0), at(0.7, 1.0, 0.7, 1.4, 1.7, 0.73), 0.5, 7)));

        assertThat(change.steps()).extracting(Step::id).containsExactly("scope base", "fridge", "mirror box",
                "bed half", "table");
        assertThat(change.parked()).isEmpty();
        assertThat(change.minutes()).isCloseTo(9, within(1e-9));
        assertThat(change.minutes(2)).isCloseTo(6, within(1e-9));
        assertThat(change.steps().get(3).after()).containsExactly("scope base", "mirror box");
    }

    @Test
    void twoThingsThatSwapPlacesNeedOneParkedOutside() {
        Changeover change = Changeover.of(List.of(new Move("box", at(0, 0, 0, 1, 1, 1), at(1, 0, 0, 2, 1, 1), 1, 20),
                new Move("bag", at(1, 0, 0, 2, 1, 1), at(0, 0, 0, 1, 1, 1), 1, 5)));

        assertThat(change.parked()).containsExactly("bag");
        assertThat(change.steps()).extracting(Step::id).containsExactly("bag", "box", "bag");
        assertThat(change.minutes()).isCloseTo(3, within(1e-9));
    }
}
