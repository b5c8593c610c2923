package lectulum.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// What rises with a lifting top.
class OnTopTest {
    private static final double RISE = 0.6;
    private static final Design FLAT = Campers.demo("chamois").orElseThrow().design();
    private static final Design LIFTED = FLAT.with(FLAT.base().with(FLAT.base().carcass().withLift(
            Optional.of(new Carcass.Lift(RISE, 0.018, 90, 40, 4, OptionalDouble.empty())))));

    private static Thing named(Design d, String name) {
        return d.things().stream().filter(t -> t.name().equals(name)).findFirst().orElseThrow();
    }

    @Test
    void withoutALiftingTopNothingRises() {
        assertThat(OnTop.left(FLAT)).isEmpty();
        assertThat(OnTop.risen(FLAT)).isEqualTo(FLAT);
    }

    @ParameterizedTest
    @EnumSource(value = Mode.class, names = {"CAMP", "NIGHT"})
    void whatIsOnTheRoofRisesByAsMuch(Mode mode) {
        Design risen = OnTop.risen(LIFTED);

        for (String name : new String[]{"Rack", "Solar panel"}) {
            Placement road = named(risen, name).at(Mode.ROAD);
            Placement up = named(risen, name).at(mode);
            assertThat(up.z()).as(name).isCloseTo(road.z() + RISE, within(1e-9));
            assertThat(up.x()).isEqualTo(road.x());
            assertThat(up.y()).isEqualTo(road.y());
        }
    }

    @Test
    void theRoadAndWhatIsNotOnTheRoofStayAsTheyAre() {
        Design risen = OnTop.risen(LIFTED);

        for (Thing t : LIFTED.things()) {
            assertThat(named(risen, t.name()).place()).isEqualTo(t.place());
        }
        assertThat(named(risen, "Side galley")).isEqualTo(named(LIFTED, "Side galley"));
        assertThat(named(risen, "Cold box")).isEqualTo(named(LIFTED, "Cold box"));
    }

    @Test
    void whatRoseDoesNotRiseAgain() {
        Design risen = OnTop.risen(LIFTED);

        assertThat(OnTop.left(risen)).isEmpty();
        assertThat(OnTop.risen(risen)).isEqualTo(risen);
    }

    /// What stands through the raised top is said, and one press puts all of it where it is.
    @Test
    void theFindingBringsTheWayOut() {
        Analysis analysis = Analysis.of(LIFTED);
        Finding through = analysis.findings().stream()
                .filter(f -> f.id().equals("layout.outside." + named(LIFTED, "Rack").id())).findFirst().orElseThrow();

        var remedy = Remedies.of(analysis, through).stream()
                .filter(r -> r.says().text(Style.PLAIN).startsWith("What is on the lifting top rises")).findFirst()
                .orElseThrow();
        Analysis after = Analysis.of(remedy.edit().apply(LIFTED));

        assertThat(after.findings()).noneMatch(f -> f.rule().id().equals("layout.outside"));
    }
}
