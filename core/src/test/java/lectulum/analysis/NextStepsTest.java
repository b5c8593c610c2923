package lectulum.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.Samples;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.base.EmptyMass;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Person;
import lectulum.design.brief.Toilet;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Load;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.figures.Stage;
import lectulum.layout.doors.DoorRules;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/// The next steps of somebody who begins.
class NextStepsTest {
    private static final Design NEW = Campers.start(CamperType.TEARDROP, "New").design();

    private static boolean done(Design d, Stage stage, String step) {
        return NextSteps.of(Analysis.of(d), stage).stream().filter(s -> s.id().equals(step)).findFirst().orElseThrow()
                .done();
    }

    @ParameterizedTest
    @EnumSource(Stage.class)
    void aStageHasTwoOrThreeStepsAndPapersNone(Stage stage) {
        assertThat(NextSteps.of(Analysis.of(NEW), stage)).hasSizeBetween(stage == Stage.PAPERS ? 0 : 2,
                stage == Stage.PAPERS ? 0 : 3);
    }

    @ParameterizedTest
    @EnumSource(Stage.class)
    void withNothingAtAllItStillAnswers(Stage stage) {
        Design empty = NEW.withThings(List.of()).with(NEW.brief().withPeople(List.of()));

        assertThat(NextSteps.of(Analysis.of(empty), stage)).allMatch(s -> !s.says().isBlank());
    }

    @Test
    void whatIsDoneTicksItselfOff() {
        Design unnamed = NEW.with(NEW.brief().withPeople(List.of(new Person("a", "Person 1", 1.7, 70))));
        Design named = NEW.with(NEW.brief().withPeople(List.of(new Person("a", "Ada", 1.7, 70))));
        Design plain = NEW.with(NEW.vehicle().withRatings(java.util.Map.of()));

        assertThat(done(unnamed, Stage.BRIEF, "people")).isFalse();
        assertThat(done(named, Stage.BRIEF, "people")).isTrue();
        assertThat(done(plain, Stage.BRIEF, "vehicle")).isFalse();
        assertThat(done(plain.with(plain.vehicle().with(Rating.TOW_BRAKED, OptionalDouble.of(1500))
                .with(Rating.TONGUE_VEHICLE, OptionalDouble.of(75)).with(Rating.PAYLOAD, OptionalDouble.of(450))),
                Stage.BRIEF, "vehicle")).isTrue();
        assertThat(done(NEW.withThings(List.of()), Stage.LAYOUT, "beds")).isFalse();
        assertThat(done(NEW, Stage.LAYOUT, "beds")).isTrue();
        assertThat(done(NEW, Stage.BALANCE, "day")).isFalse();
    }

    @Test
    void theFullestDemonstrationHasLittleLeftToDo() {
        Analysis a = Analysis.of(Campers.demo("nightjar").orElseThrow().design());

        assertThat(NextSteps.of(a, Stage.BRIEF)).allMatch(NextSteps.Step::done);
        assertThat(NextSteps.of(a, Stage.BALANCE)).filteredOn(s -> s.id().equals("day")).allMatch(NextSteps.Step::done);
    }

    /// The step and the finding give one answer: a bed inside with one way out leaves it open, a tent has no need of two.
    @Test
    void twoWaysOutAreThoseOfTheFinding() {
        for (Campers.Demo demo : Campers.demos()) {
            Design d = Campers.demo(demo.key()).orElseThrow().design();
            boolean told = Analysis.of(d).findings(Stage.LAYOUT).stream()
                    .anyMatch(f -> f.rule() == DoorRules.EXIT_COUNT);

            assertThat(done(d, Stage.LAYOUT, "out")).as(demo.key()).isEqualTo(!told);
        }
        assertThat(done(NEW.withThings(List.of()), Stage.LAYOUT, "out")).as("nobody sleeps yet").isFalse();
    }

    private static Design with(Thing... things) {
        return Samples.box(things);
    }

    private static Thing plain() {
        return Samples.thing("a", 4, 1, 0);
    }

    /// Each step of a stage that is thin yet is open for a box with one plain thing, and ticked by what it asks for.
    static Stream<Arguments> asked() {
        Design bare = with(plain());
        return Stream.of(
                Arguments.of(Stage.POWER, "loads",
                        with(plain().with(new Load(40, 6 * 3600, Load.Feed.BATTERY)))),
                Arguments.of(Stage.POWER, "battery",
                        with(plain().with(new Battery(4.6e6, Battery.Chemistry.LITHIUM_IRON)))),
                Arguments.of(Stage.POWER, "charge", with(plain().withSolar(100))),
                Arguments.of(Stage.POWER, "charge", with(plain().withSymbol("charger"))),
                Arguments.of(Stage.WATER, "fresh", with(Samples.tank("f", Tank.Use.FRESH, 40, 1))),
                Arguments.of(Stage.WATER, "grey", with(Samples.tank("g", Tank.Use.GREY, 20, 1))),
                Arguments.of(Stage.MATERIALS, "spread",
                        with(plain().with(Mount.SPREAD), Samples.thing("b", 4, 1, 0).with(Mount.SPREAD),
                                Samples.thing("c", 4, 1, 0).with(Mount.SPREAD))),
                Arguments.of(Stage.MONEY, "paid", with(plain().with(new Cost(100, OptionalDouble.of(90))))),
                Arguments.of(Stage.BASE, "empty",
                        bare.with(bare.base().with(new EmptyMass.Entered(400, 1.4, 0.3, 1.8, MassSource.WEIGHED)))),
                Arguments.of(Stage.BASE, "survey", Campers.demo("nightjar").orElseThrow().design()));
    }

    @ParameterizedTest
    @MethodSource("asked")
    void aStepIsTickedByWhatItAsksFor(Stage stage, String step, Design after) {
        Design before = with(plain().with(Cost.planned(0)));

        assertThat(done(before, stage, step)).as("before").isFalse();
        assertThat(done(after, stage, step)).as("after").isTrue();
    }

    /// What is drawn as a charger charges, also one of the builder's own; a choice on its card outweighs its name.
    @Test
    void whatLooksLikeAChargerCharges() {
        assertThat(done(with(plain().named("Shore charger")), Stage.POWER, "charge")).isTrue();
        assertThat(done(with(plain().named("Charger of the camera").withSymbol("box")), Stage.POWER, "charge"))
                .isFalse();
    }

    @Test
    void aToiletIsAskedForOnlyWhereTheBriefHasOne() {
        Design none = with(plain());
        Design wanted = none.with(none.brief().withToilet(Toilet.CASSETTE));

        assertThat(done(none, Stage.WATER, "toilet")).isTrue();
        assertThat(done(wanted, Stage.WATER, "toilet")).isFalse();
        assertThat(done(wanted.withThings(List.of(Samples.tank("t", Tank.Use.BLACK, 18, 1))), Stage.WATER, "toilet"))
                .isTrue();
    }

    @Test
    void everyThingWantsAPrice() {
        Design priced = with(plain(), Samples.thing("b", 2, 2, 0));

        assertThat(done(priced, Stage.MONEY, "prices")).isTrue();
        assertThat(done(with(plain(), Samples.thing("b", 2, 2, 0).with(Cost.planned(0))), Stage.MONEY, "prices"))
                .isFalse();
    }
}
