package lectulum.assumed;

import static lectulum.Samples.box;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import lectulum.design.Design;
import lectulum.design.vehicle.Vehicle;
import lectulum.units.Style;
import lectulum.units.Units;
import org.junit.jupiter.api.Test;

/// Values that ship as tables, and what a project sets instead.
class AssumedTest {
    private static List<Assumed.Entry> entries() {
        List<Assumed.Entry> all = new ArrayList<>();
        Assumed.entries().forEach(all::add);
        return all;
    }

    @Test
    void everyShippedValueIsWithinItsBoundsAndSaysWhenceItComes() {
        assertThat(entries()).hasSizeGreaterThan(150).extracting(Assumed.Entry::id).doesNotHaveDuplicates();
        assertThat(entries()).allSatisfy(e -> {
            assertThat(e.value()).as(e.id()).isBetween(e.low(), e.high());
            assertThat(e.source()).as(e.id()).isNotBlank();
            assertThat(e.label()).as(e.id()).isNotBlank();
            assertThat(Units.text(e.value(), e.quantity(), Style.PLAIN)).doesNotContain("–");
        });
        assertThat(entries()).extracting(Assumed.Entry::table).containsOnly("layout", "balance", "power", "air",
                "water", "materials", "money");
    }

    @Test
    void aProjectHasItsOwnValueUnlessItMakesNoSense() {
        Design d = box();

        assertThat(Assumed.value(d.with(d.settings().with("road.speed", 22)), Assumption.ROAD_SPEED)).isEqualTo(22);
        assertThat(Assumed.value(d.with(d.settings().with("road.speed", 900)), Assumption.ROAD_SPEED))
                .isEqualTo(Assumed.value(d, Assumption.ROAD_SPEED));
        assertThat(Assumed.value(d.with(d.settings().with("road.speed", 22).with("road.speed", Double.NaN)),
                Assumption.ROAD_SPEED)).isEqualTo(Assumed.value(d, Assumption.ROAD_SPEED));
        assertThat(Assumption.of("no.such")).isEmpty();
    }

    /// What is towed by another vehicle takes that vehicle's values along, and no others: the design and the table say alike
    /// which those are, and likewise what a region starts.
    @Test
    void everyValueHasItsOwnerAndAPage() {
        assertThat(entries()).allSatisfy(e -> {
            assertThat(e.owner() == Assumed.Owner.VEHICLE).as(e.id()).isEqualTo(Vehicle.owns(e.id()));
            assertThat(e.pages()).as(e.id()).isNotEmpty().noneMatch(String::isBlank);
        });
        Design d = box();
        assertThat(Region.choices(d).stream().flatMap(r -> r.in(d).settings().assumed().keySet().stream()).distinct()
                .filter(id -> !d.settings().assumed().containsKey(id)))
                .containsExactlyInAnyOrderElementsOf(entries().stream()
                        .filter(e -> e.owner() == Assumed.Owner.REGION).map(Assumed.Entry::id).toList());
    }

    @Test
    void aRegionSetsItsStartsAndOwnValuesAreARegionOfTheirOwn() {
        Design d = box();
        for (Region r : Region.choices(d)) {
            if (!r.label().equals("own values")) {
                assertThat(Region.of(r.in(d))).as(r.label()).isEqualTo(r);
                assertThat(r.in(d).brief().school()).isEqualTo(r.school());
                assertThat(Assumed.value(r.in(d), Assumption.BRAKE_LAW)).isEqualTo(r.brake());
            }
        }
        Design own = d.with(d.settings().with("brake.law", 501));
        assertThat(Region.of(own).label()).isEqualTo("own values");
        assertThat(Region.of(own).in(own)).isEqualTo(own);
        assertThat(Region.choices(own)).last().isEqualTo(Region.of(own));
    }

    @Test
    void aRuleForWaysOutSetsItsThreeValues() {
        Design d = box();
        for (EscapeRule r : EscapeRule.choices(d)) {
            assertThat(EscapeRule.of(r.in(d))).isEqualTo(r);
        }
        Design own = d.with(d.settings().with("exit.large", 0.555));
        assertThat(EscapeRule.of(own).label()).isEqualTo("own values");
        assertThat(EscapeRule.choices(own)).hasSize(EscapeRule.choices(d).size() + 1);
    }
}
