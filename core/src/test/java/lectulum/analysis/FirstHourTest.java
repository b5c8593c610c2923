package lectulum.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.base.EmptyMass;
import lectulum.design.brief.Person;
import lectulum.design.thing.Cost;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.power.wiring.Raceways;
import lectulum.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/// The steps of the first hour, each ticked off by the edit it asks for and by no other.
class FirstHourTest {
    private static final Design BEGUN = FirstHour.begin(UnitSystem.METRIC).design();

    private static List<String> done(Design d) {
        return FirstHour.of(Analysis.of(d)).stream().filter(FirstHour.Step::done).map(FirstHour.Step::id).toList();
    }

    static Stream<Arguments> edits() {
        Thing first = BEGUN.things().getFirst();
        return Stream.of(
                Arguments.of("people", BEGUN.with(BEGUN.brief().withPeople(List.of(new Person("one", "Ada", 1.7, 60),
                        new Person("two", "Ben", 1.8, 80))))),
                Arguments.of("budget", BEGUN.with(BEGUN.brief().withBudget(OptionalDouble.of(6000)))),
                Arguments.of("vehicle", BEGUN.with(BEGUN.vehicle().withRatings(java.util.Map.of(
                        Rating.TOW_UNBRAKED, 700.0, Rating.TONGUE_VEHICLE, 60.0, Rating.PAYLOAD, 450.0)))),
                Arguments.of("empty", BEGUN.with(BEGUN.base().with(
                        new EmptyMass.Entered(180, 1.9, 0, 0.4, MassSource.WEIGHED)))),
                Arguments.of("move", BEGUN.mapping("battery", t -> t.with(t.place().moved(0.1, 0, 0)))),
                Arguments.of("sun", BEGUN.mapping("light", t -> t.withSolar(100))),
                Arguments.of("waste", BEGUN.mapping("water-can-2", t -> t.with(
                        new Tank(Tank.Use.GREY, t.tank().orElseThrow().capacity())))),
                Arguments.of("wires", BEGUN.with(Raceways.laid(BEGUN))),
                Arguments.of("paid", BEGUN.mapping(first.id(), t -> t.with(new Cost(10, OptionalDouble.of(12))))));
    }

    @ParameterizedTest
    @MethodSource("edits")
    void aStepIsDoneOnceItIsDone(String step, Design edited) {
        assertThat(done(BEGUN)).doesNotContain(step);
        assertThat(done(edited)).contains(step);
    }

    @Test
    void almostNothingIsDoneAtTheBeginning() {
        assertThat(FirstHour.of(Analysis.of(BEGUN))).hasSize(14);
        assertThat(done(BEGUN)).isSubsetOf("stops", "wires", "framing");
    }

    /// Half of what is asked is not enough.
    @Test
    void oneNameOrOneLimitDoesNotDo() {
        Design one = BEGUN.with(BEGUN.brief().withPeople(List.of(new Person("one", "Ada", 1.7, 60),
                BEGUN.brief().people().getLast())));
        Design limit = BEGUN.with(BEGUN.vehicle().withRatings(java.util.Map.of(Rating.TOW_UNBRAKED, 700.0)));

        assertThat(done(one)).doesNotContain("people");
        assertThat(done(limit)).doesNotContain("vehicle");
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void itBeginsInTheUnitsChosenLast(UnitSystem units) {
        assertThat(FirstHour.begin(units).design().brief().units()).isEqualTo(units);
    }

    @Test
    void stepsAreToldInFull() {
        assertThat(FirstHour.of(Analysis.of(BEGUN))).allSatisfy(s -> {
            assertThat(s.says()).isNotBlank();
            assertThat(s.how()).isNotBlank();
            assertThat(s.leaf()).isNotBlank();
        }).extracting(FirstHour.Step::id).doesNotHaveDuplicates();
    }
}
