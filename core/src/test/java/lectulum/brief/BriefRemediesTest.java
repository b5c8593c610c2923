package lectulum.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.Ability;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Headroom;
import lectulum.design.brief.SecondUse;
import lectulum.design.brief.Terrain;
import lectulum.design.brief.Travel;
import lectulum.design.brief.Wish;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BriefRemediesTest {
    private static final Design START = Campers.start(CamperType.CARGO, "x").design();

    /// Every remedy that is offered ends the finding.
    private static List<Remedy> cures(Design d, String finding) {
        Analysis before = Analysis.of(d);
        Finding f = before.findings().stream().filter(x -> x.id().equals(finding)).findFirst().orElseThrow();
        List<Remedy> all = Remedies.of(before, f);
        for (Remedy r : all) {
            assertThat(Analysis.of(r.edit().apply(d)).findings()).as(r.says().template())
                    .noneMatch(x -> x.id().equals(finding));
        }
        return all;
    }

    @ParameterizedTest
    @EnumSource(value = Ability.class, names = {"HEAT", "SHADE", "WORK_LIGHT", "SHOWER"})
    void whatItMustIsAddedFromTheCatalogue(Ability ability) {
        Design d = START.with(START.brief().with(ability, Wish.MUST));

        assertThat(cures(d, "brief.must." + ability.name().toLowerCase().replace('_', '-'))).isNotEmpty();
    }

    @Test
    void whatIsNotWantedIsLeftOut() {
        Design d = START.with(START.brief().with(Ability.AIR, Wish.NOT));

        assertThat(cures(d, "brief.not.air")).isNotEmpty();
    }

    @Test
    void aColdNightIsMetByAHeater() {
        Design d = START.with(START.brief().withTravel(Travel.USUAL.withColdest(OptionalDouble.of(-10))));

        assertThat(cures(d, "brief.cold")).isNotEmpty();
    }

    @Test
    void standingIsGivenByALiftOrAHigherBody() {
        Design d = START.with(START.brief().withPeople(List.of(Briefs.adult(1, 1.96, 90)))
                .withHeadroom(Headroom.STANDING));

        assertThat(cures(d, "brief.stand")).isNotEmpty();
    }

    @Test
    void aRoughTrackIsMetByAHigherFloor() {
        Design d = START.with(START.brief().withTravel(Travel.USUAL.withTerrain(Terrain.TRACK)));

        for (Remedy r : cures(d, "brief.clearance")) {
            assertThat(r.edit().apply(d).base().floorHeight()).isGreaterThan(d.base().floorHeight());
        }
    }

    @Test
    void ringsThatLackAreAdded() {
        Design d = START.with(START.brief().withUses(List.of(new SecondUse(SecondUse.Kind.HAULING, 0, 0, 0, 6))));

        assertThat(cures(d, "brief.anchors.hauling")).hasSize(1);
    }
}
