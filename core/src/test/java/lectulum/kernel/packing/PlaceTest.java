package lectulum.kernel.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import lectulum.kernel.packing.PlaceSearch.Box;
import lectulum.kernel.packing.PlaceSearch.Item;
import lectulum.kernel.packing.PlaceSearch.Lump;
import lectulum.kernel.packing.PlaceSearch.Obstacle;
import lectulum.kernel.packing.PlaceSearch.Place;
import lectulum.layout.score.Score;
import org.junit.jupiter.api.Test;

/// Worked by hand and with an independent program; five significant digits.
class PlaceTest {
    private static final PlaceSearch SEARCH = new PlaceSearch(new Box(1.15, -0.87, 0, 5.15, 0.87, 1.9),
            List.of(new Obstacle(new Box(1.15, -0.87, 0, 1.75, 0.10, 0.9), 62),
                    new Obstacle(new Box(3.2, -0.87, 0.40, 5.15, 0.87, 0.45), 118),
                    new Obstacle(new Box(1.9, 0.30, 0, 2.9, 0.87, 0.9), 54),
                    new Obstacle(new Box(1.75, -0.87, 0, 3.20, 0.30, 1.9), 0),
                    new Obstacle(new Box(1.15, 0.10, 0, 1.90, 0.87, 1.9), 0)),
            new Lump(420, 2.86, 0.012), 3.30, 0.12, PlaceSearch.USUAL_WEIGHTS);
    private static final Item BATTERY = new Item(0.52, 0.24, 0.22, 46, Double.POSITIVE_INFINITY);

    @Test
    void theBatteryGoesWhereItBalancesBest() {
        List<Place> found = SEARCH.best(BATTERY, 10, (box, turned) -> true, () -> false);

        Place best = found.getFirst();
        assertThat(best.x()).isCloseTo(3.2, within(1e-9));
        assertThat(best.y()).isCloseTo(-0.42, within(1e-9));
        assertThat(best.z()).isZero();
        assertThat(best.turned()).isTrue();
        assertThat(best.cost()).isCloseTo(2.2117, withinPercentage(0.01));
        assertThat(best.share()).isCloseTo(0.1056, withinPercentage(0.03));
        assertThat(best.sideways()).isCloseTo(0.0077143, withinPercentage(0.01));
        assertThat(found).hasSizeLessThanOrEqualTo(10).isSortedAccordingTo(
                java.util.Comparator.comparingDouble(Place::cost));
    }

    @Test
    void aSearchThatIsStoppedFindsNothing() {
        assertThat(SEARCH.best(BATTERY, 10, (box, turned) -> true, () -> true)).isEmpty();
    }

    @Test
    void theCallerHasTheLastWord() {
        List<Place> rear = SEARCH.best(BATTERY, 3, (box, turned) -> box.x1() > 4, () -> false);

        assertThat(rear).isNotEmpty().allMatch(p -> p.x() > 4);
    }

    @Test
    void aLayoutIsScoredByItsParts() {
        List<Score.Part> parts = List.of(new Score.Part("sleep", Score.part(1, 2), 3),
                new Score.Part("exits", Score.exits(1), 3), new Score.Part("balance", Score.balance(0.096, 0.12), 3),
                new Score.Part("headroom", Score.part(1.1, 1.9), 1), new Score.Part("access", Score.part(17, 22), 2),
                new Score.Part("storage", 1 - Score.part(38, 540), 2),
                new Score.Part("setup", Score.linear(14.5, 5, 45), 1),
                new Score.Part("low", Score.linear(0.92 / 1.62, 0.45, 0.75), 1),
                new Score.Part("floor", Score.linear(1.9 / 6.6, 0.35, 0.10), 1));

        assertThat(parts.get(2).value()).isCloseTo(0.52, within(1e-9));
        assertThat(parts.get(6).value()).isCloseTo(0.7625, within(1e-9));
        assertThat(parts.get(7).value()).isCloseTo(0.607, withinPercentage(0.02));
        assertThat(parts.get(8).value()).isCloseTo(0.75152, withinPercentage(0.01));
        assertThat(new Score(parts, false).total()).isCloseTo(62.733, withinPercentage(0.01));
        assertThat(new Score(parts, true).total()).isEqualTo(40);
    }
}
