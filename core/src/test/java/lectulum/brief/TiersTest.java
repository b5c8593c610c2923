package lectulum.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.brief.Tiers.Tier;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.Ability;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.Wish;
import lectulum.design.thing.Thing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class TiersTest {
    private static Design demo(String key) {
        return Campers.demo(key).orElseThrow().design();
    }

    private static double value(Analysis a, String id) {
        return a.figures().find(id).orElseThrow().value().orElseThrow();
    }

    private static Design wished(Design d, long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        Design next = d;
        for (Ability a : Ability.values()) {
            next = next.with(next.brief().with(a, Wish.values()[chance.nextInt(Wish.values().length)]));
        }
        return next;
    }

    /// Each total is what an analysis of the camper with just those things gives.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void totalsEqualAFreshAnalysisWhateverIsSwitched(String key) {
        for (long seed = 1; seed <= 3; seed++) {
            Design d = wished(demo(key), seed);
            Tiers tiers = Analysis.of(d).of(Tiers.DISCIPLINE);
            for (Tier tier : Tier.values()) {
                Analysis only = Analysis.of(Tiers.tier(d, tier));
                Tiers.Sum sum = tiers.sums().get(tier);

                assertThat(sum.mass()).isEqualTo(value(only, "balance.departure.mass"), within(1e-9));
                assertThat(sum.money()).isEqualTo(value(only, "money.forecast"), within(1e-9));
                assertThat(sum.energy()).isEqualTo(value(only, "power.day.use"), within(1e-6));
                assertThat(sum.water()).isEqualTo(value(only, "water.day.use"), within(1e-12));
            }
        }
    }

    /// Bare is part of usable, usable of full, full of what is drawn.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void eachTierHoldsTheOneBelow(String key) {
        for (long seed = 1; seed <= 8; seed++) {
            Design d = wished(demo(key), seed);
            Set<String> below = Set.of();
            for (Tier tier : Tier.values()) {
                Set<String> now = Tiers.tier(d, tier).things().stream().map(Thing::id).collect(Collectors.toSet());
                assertThat(now).as(seed + " " + tier).containsAll(below);
                below = now;
            }
        }
    }

    static Stream<Ability> switched() {
        return Stream.of(Ability.values());
    }

    /// What an ability costs is the difference that switching it off makes to the full camper.
    @ParameterizedTest
    @EnumSource(value = Ability.class, names = {"STAND_UP", "EXTRA_SLEEPER"}, mode = EnumSource.Mode.EXCLUDE)
    void whatItCostsIsWhatLeavingItOutSaves(Ability ability) {
        Design d = demo("nightjar");
        Design on = d.with(d.brief().with(ability, Wish.OPEN));
        Design off = d.with(d.brief().with(ability, Wish.NOT));
        Tiers tiers = Analysis.of(on).of(Tiers.DISCIPLINE);
        Tiers.Cost cost = tiers.costs().get(ability);
        if (!cost.given()) {
            return;
        }

        Tiers.Sum with = tiers.sums().get(Tier.FULL);
        Tiers.Sum without = Analysis.of(off).of(Tiers.DISCIPLINE).sums().get(Tier.FULL);

        assertThat(cost.more().mass()).isEqualTo(with.mass() - without.mass(), within(1e-9));
        assertThat(cost.more().money()).isEqualTo(with.money() - without.money(), within(1e-9));
        assertThat(cost.more().energy()).isEqualTo(with.energy() - without.energy(), within(1e-6));
        assertThat(cost.more().hours()).isEqualTo(with.hours() - without.hours(), within(1e-6));
    }

    /// The starting cargo camper has no heater; the catalogue's weighs 4.8 kg and costs 420, its tank 1.4 kg and 40, and seven
    /// litres of diesel go into that. Forgotten parts add a part of what is built.
    @Test
    void beforeThereIsAnyTheCatalogueSaysWhatItWouldTake() {
        Design d = Campers.start(CamperType.CARGO, "x").design();
        d = d.with(d.brief().withMonth(1));

        Tiers.Cost heat = Analysis.of(d).of(Tiers.DISCIPLINE).costs().get(Ability.HEAT);

        assertThat(heat.given()).isFalse();
        assertThat(heat.things()).hasSize(2);
        assertThat(heat.more().money()).isEqualTo(460, within(1e-9));
        assertThat(heat.more().mass()).isBetween(4.8 + 1.4 + 7 * 0.82, 4.8 + 1.4 + 7 * 0.86 + 1);
        assertThat(heat.more().energy()).isPositive();
    }

    @Test
    void aToiletTakesItsFlushingAlong() {
        Design d = demo("nightjar");
        double flush = 2 * Toilet.CASSETTE.flush();

        assertThat(Analysis.of(d).of(Tiers.DISCIPLINE).costs().get(Ability.TOILET).more().water())
                .isEqualTo(flush, within(1e-12));
    }

    @Test
    void aHobInAGalleyWorkedFromOutsideDoesNotCookInside() {
        assertThat(Abilities.of(demo("dunlin")).given()).contains(Ability.COOK_OUTSIDE)
                .doesNotContain(Ability.COOK_INSIDE);
        assertThat(Abilities.of(demo("nightjar")).given()).contains(Ability.COOK_INSIDE, Ability.CARRY, Ability.HEAT);
    }

    @Test
    void everyAbilityNamesThingsOfTheCatalogue() {
        for (Ability a : Ability.values()) {
            assertThat(Abilities.row(a).things()).as(a.label()).hasSize(Abilities.row(a).would().size());
        }
    }

    /// What the catalogue would add for an ability gives it once it is there.
    @ParameterizedTest
    @EnumSource(value = Ability.class, names = {"STAND_UP", "BED_WINDOW",
            "EXTRA_SLEEPER"}, mode = EnumSource.Mode.EXCLUDE)
    void whatWouldGiveItGivesIt(Ability ability) {
        Design d = Campers.start(CamperType.CARGO, "x").design().withThings(java.util.List.of());
        for (Thing t : Abilities.row(ability).things()) {
            d = d.plus(t.withId(d.freeId(t.id())));
        }

        assertThat(Abilities.of(d).given()).contains(ability);
    }
}
