package lectulum.assumed;

import static lectulum.Samples.box;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lectulum.design.Design;
import lectulum.design.brief.TongueSchool;
import org.junit.jupiter.api.Test;

/// Starts by region: for brakes, speed and the band of the tongue.
class RegionsTest {
    private static List<Region> shipped() {
        return Region.choices(Region.choices(box()).getFirst().in(box()));
    }

    @Test
    void everyRegionIsKnownAgainByItsValues() {
        assertThat(shipped()).hasSize(6).allSatisfy(r -> assertThat(Region.of(r.in(box()))).isEqualTo(r));
    }

    @Test
    void aRegionSetsBrakesSpeedAndSchool() {
        Region europe = shipped().stream().filter(r -> r.label().equals("European Union")).findFirst().orElseThrow();

        Design d = europe.in(box());

        assertThat(Assumed.value(d, Assumption.BRAKE_LAW)).isEqualTo(750);
        assertThat(Assumed.value(d, Assumption.BRAKE_SHARE)).isEqualTo(0.5);
        assertThat(Assumed.value(d, Assumption.ROAD_SPEED)).isEqualTo(90 / 3.6);
        assertThat(d.brief().school()).isEqualTo(TongueSchool.EUROPE);
        assertThat(d.brief().tongueLow()).isEqualTo(0.04);
    }

    @Test
    void aValueOfOnesOwnMakesARegionOfOnesOwn() {
        Design d = shipped().getFirst().in(box());
        Design own = d.with(d.settings().with("brake.law", 900));

        assertThat(Region.of(own).label()).isEqualTo("own values");
        assertThat(Region.choices(own)).hasSize(7).endsWith(Region.of(own));
        assertThat(Region.of(own).in(own)).isEqualTo(own);
    }

    @Test
    void oneAfterTheOtherLeavesOnlyTheLast() {
        Design d = box();
        for (Region r : shipped()) {
            d = r.in(d);
        }

        assertThat(Region.of(d)).isEqualTo(shipped().getLast());
    }

    @Test
    void theirValuesAreWithinWhatMayBeTyped() {
        assertThat(shipped()).allSatisfy(r -> {
            assertThat(r.brake()).isBetween(Assumed.entry(Assumption.BRAKE_LAW).low(),
                    Assumed.entry(Assumption.BRAKE_LAW).high());
            assertThat(r.share()).isBetween(Assumed.entry(Assumption.BRAKE_SHARE).low(),
                    Assumed.entry(Assumption.BRAKE_SHARE).high());
            assertThat(r.speed()).isBetween(Assumed.entry(Assumption.ROAD_SPEED).low(),
                    Assumed.entry(Assumption.ROAD_SPEED).high());
        });
    }
}
