package lectulum.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Person;
import lectulum.design.vehicle.Rating;
import lectulum.figures.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// The next steps of somebody who begins.
class GuideTest {
    private static final Design NEW = Campers.start(CamperType.TEARDROP, "New").design();

    private static boolean done(Design d, Stage stage, String step) {
        return Guide.of(Analysis.of(d), stage).stream().filter(s -> s.id().equals(step)).findFirst().orElseThrow()
                .done();
    }

    @ParameterizedTest
    @EnumSource(Stage.class)
    void aStageHasTwoOrThreeStepsAndPapersNone(Stage stage) {
        assertThat(Guide.of(Analysis.of(NEW), stage)).hasSizeBetween(stage == Stage.PAPERS ? 0 : 2,
                stage == Stage.PAPERS ? 0 : 3);
    }

    @ParameterizedTest
    @EnumSource(Stage.class)
    void withNothingAtAllItStillAnswers(Stage stage) {
        Design empty = NEW.withThings(List.of()).with(NEW.brief().withPeople(List.of()));

        assertThat(Guide.of(Analysis.of(empty), stage)).allMatch(s -> !s.says().isBlank());
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

        assertThat(Guide.of(a, Stage.BRIEF)).allMatch(Guide.Step::done);
        assertThat(Guide.of(a, Stage.BALANCE)).filteredOn(s -> s.id().equals("day")).allMatch(Guide.Step::done);
    }
}
