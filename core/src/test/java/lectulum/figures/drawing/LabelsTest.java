package lectulum.figures.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.figures.drawing.Labels.Box;
import lectulum.figures.drawing.Labels.Placed;
import lectulum.figures.drawing.Labels.Rank;
import lectulum.figures.drawing.Labels.Roam;
import lectulum.figures.drawing.Labels.Wanted;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Labels that never collide.
class LabelsTest {
    private static final Box PAPER = new Box(0, 0, 1000, 600);

    private static Wanted name(String text, double x, double y, Rank rank, Roam roam) {
        return new Wanted(text, 8 * text.length(), 12, x, y, Double.POSITIVE_INFINITY, rank, roam, 20, 10, false);
    }

    private static List<Placed> placed(Wanted... wanted) {
        Labels labels = new Labels(PAPER);
        for (Wanted w : wanted) {
            labels.want(w);
        }
        return labels.place();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void ofFiveHundredNoTwoMeet(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Labels labels = new Labels(PAPER);
        Box reserved = new Box(400, 200, 150, 100);
        labels.reserve(reserved);
        for (int i = 0; i < 500; i++) {
            labels.want(name("label " + i, random.nextDouble(1000), random.nextDouble(600),
                    Rank.values()[random.nextInt(Rank.values().length)],
                    Roam.values()[random.nextInt(Roam.values().length)]));
        }

        List<Placed> placed = labels.place();

        assertThat(placed).hasSizeGreaterThan(100);
        List<Box> all = new ArrayList<>(placed.stream().map(Placed::box).toList());
        all.add(reserved);
        for (int i = 0; i < all.size(); i++) {
            for (int j = 0; j < i; j++) {
                assertThat(all.get(i).meets(all.get(j))).isFalse();
            }
            assertThat(all.get(i).x()).isGreaterThanOrEqualTo(0);
            assertThat(all.get(i).x() + all.get(i).width()).isLessThanOrEqualTo(1000);
        }
    }

    @Test
    void theSameDrawingGetsTheSameLabels() {
        Wanted[] wanted = {name("one", 100, 100, Rank.NAME, Roam.LEAD), name("two", 105, 102, Rank.NAME, Roam.LEAD),
                name("three", 95, 98, Rank.FIGURE, Roam.LEAD)};

        assertThat(placed(wanted)).isEqualTo(placed(wanted));
    }

    @Test
    void theMoreImportantKeepsItsPlaceAndTheLeastIsDropped() {
        List<Placed> placed = placed(name("small", 100, 100, Rank.MINOR, Roam.STAY),
                name("20 mm", 100, 100, Rank.FAULT, Roam.BESIDE), name("Bed", 100, 100, Rank.NAME, Roam.BESIDE));

        assertThat(placed).extracting(p -> p.of().text()).containsExactly("20 mm", "Bed");
        assertThat(placed.getFirst().x()).isEqualTo(100);
        assertThat(placed.getLast().y()).isNotEqualTo(100);
    }

    @ParameterizedTest
    @EnumSource(Roam.class)
    void aNameThatDoesNotFitIntoItsThingStandsBesideItOrNowhere(Roam roam) {
        Wanted narrow = new Wanted("Long name", 72, 12, 300, 300, 30, Rank.NAME, roam, 15, 15, false);

        List<Placed> placed = placed(narrow);

        assertThat(placed).hasSize(roam == Roam.STAY ? 0 : 1);
        placed.forEach(p -> assertThat(Math.hypot(p.x() - 300, p.y() - 300)).isGreaterThan(4));
    }

    @Test
    void farFromItsPlaceALineLeadsThere() {
        Labels labels = new Labels(PAPER);
        labels.reserve(new Box(200, 200, 200, 200));
        labels.want(new Wanted("Tap", 30, 12, 300, 300, 0, Rank.NAME, Roam.LEAD, 90, 90, false));

        assertThat(labels.place()).singleElement().matches(Placed::led);
    }

    /// A length of 100 px along x with its middle taken slides along its own line.
    @Test
    void aLengthSlidesAlongItsLine() {
        Labels labels = new Labels(PAPER);
        labels.reserve(new Box(490, 290, 20, 20));
        labels.want(new Wanted("1.2 m", 30, 11, 500, 300, Double.POSITIVE_INFINITY, Rank.DIMENSION, Roam.SLIDE, 200, 0,
                true));

        Placed at = labels.place().getFirst();

        assertThat(at.y()).isCloseTo(300, within(1e-9));
        assertThat(Math.abs(at.x() - 500)).isBetween(20.0, 200.0);
    }

    @Test
    void whatMustBeReadIsDrawnEvenWhereNothingIsFree() {
        Labels labels = new Labels(new Box(0, 0, 60, 20));
        labels.reserve(new Box(0, 0, 60, 20));
        labels.want(new Wanted("15 mm", 40, 11, -50, 500, 0, Rank.FAULT, Roam.BESIDE, 0, 0, true));
        labels.want(new Wanted("name", 40, 11, 10, 10, 0, Rank.NAME, Roam.BESIDE, 0, 0, false));
        labels.want(new Wanted(" ", 4, 11, 10, 10, 0, Rank.NAME, Roam.BESIDE, 0, 0, true));

        List<Placed> placed = labels.place();

        assertThat(placed).singleElement().extracting(p -> p.of().text()).isEqualTo("15 mm");
        assertThat(placed.getFirst().x()).as("moved onto the paper").isBetween(0.0, 60.0);
    }
}
