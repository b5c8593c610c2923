package lectulum.water;

import static lectulum.Samples.box;
import static lectulum.Samples.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lectulum.design.Design;
import lectulum.design.brief.Person;
import lectulum.design.brief.Toilet;
import lectulum.design.thing.Tank;
import lectulum.figures.Finding;
import org.junit.jupiter.api.Test;

class WaterTest {
    private static double figure(Design d, String id) {
        return Water.of(d).figures().value(id);
    }

    /// One adult in the normal style: 2.5 + 1.5 + 2 + 2 + 2 = 10 L a day, of which 0.3·1.5 + 0.9·2 + 0.95·4 = 6.05 L
    /// come back. 92 % of 50 L lasts 4.6 days, a 12.1 L tank 2 days.
    @Test
    void theShortestTankEndsTheStay() {
        Design d = box(tank("fresh", Tank.Use.FRESH, 50, 1), tank("grey", Tank.Use.GREY, 12.1, 2));

        assertThat(figure(d, "water.day.use")).isCloseTo(0.010, within(1e-12));
        assertThat(figure(d, "water.day.grey")).isCloseTo(0.00605, within(1e-12));
        assertThat(figure(d, "water.fresh.days")).isCloseTo(4.6, within(1e-9));
        assertThat(figure(d, "water.grey.days")).isCloseTo(2.0, within(1e-9));
        assertThat(figure(d, "water.days")).isCloseTo(2.0, within(1e-9));
    }

    @Test
    void childrenCountLessAndToiletsMore() {
        Design d = box(tank("fresh", Tank.Use.FRESH, 50, 1));
        Design family = d.with(d.brief().withPeople(
                List.of(new Person("a", "Ada", 1.7, 70), new Person("k", "Kit", 1.1, 20))));

        assertThat(figure(family, "water.day.use")).isCloseTo(0.016, within(1e-12));
        assertThat(figure(d.with(d.brief().with(Toilet.CASSETTE)), "water.day.use")).isCloseTo(0.0112, within(1e-12));
    }

    @Test
    void cansInsteadOfTanksCountTogetherAndNoGreyTankIsNoLimit() {
        Design d = box(tank("can 1", Tank.Use.FRESH, 20, 1), tank("can 2", Tank.Use.FRESH, 20, 1));

        assertThat(figure(d, "water.days")).isCloseTo(0.92 * 40 / 10, within(1e-9));
    }

    @Test
    void tellsWhatEndsBeforeTheTripDoes() {
        Design d = box(tank("fresh", Tank.Use.FRESH, 10, 1), tank("grey", Tank.Use.GREY, 5, 2));

        assertThat(Water.of(d).findings()).extracting(Finding::id).containsExactly("water.fresh", "water.grey");
        assertThat(Water.of(box()).findings()).extracting(Finding::id).containsExactly("water.fresh");
        assertThat(Water.of(box().with(box().brief().withPeople(List.of()))).findings()).isEmpty();
    }
}
