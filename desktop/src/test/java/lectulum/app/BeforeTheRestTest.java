package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lectulum.OddCampers;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.figures.Stage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Every page of a camper that was opened a moment ago, when only what the hand waits for is worked out: the same page is what a discipline that
/// failed leaves behind.
class BeforeTheRestTest extends WindowTest {
    static Stream<Project> campers() {
        return Stream.of(Campers.demo("nightjar").orElseThrow(), Campers.demo("dunlin").orElseThrow(),
                OddCampers.crowded());
    }

    @ParameterizedTest
    @MethodSource("campers")
    void everyPageOpensBeforeSlowThingsAreKnown(Project project) {
        List<String> failed = new ArrayList<>();
        List<String> shown = new ArrayList<>();
        robot.interact(() -> {
            desk.begin(project, false);
            for (Stage stage : Stage.values()) {
                attempt(stage.name(), failed, () -> window().bench().setStage(stage));
                for (String leaf : leaves()) {
                    attempt(stage + " " + leaf, failed, () -> window().turnTo(stage, leaf));
                    shown.add(leaf);
                }
            }
            assertThat(state().analysis().sketched()).as("nothing came in between").isTrue();
        });
        robot.rest();

        assertThat(failed).isEmpty();
        assertThat(shown).hasSizeGreaterThan(40);
        assertThat(state().analysis().sketched()).isFalse();
    }

    private static void attempt(String what, List<String> failed, Runnable turn) {
        try {
            turn.run();
        } catch (RuntimeException e) {
            failed.add(what + ": " + e + " at " + e.getStackTrace()[0] + Stream.of(e.getStackTrace())
                    .filter(f -> f.getClassName().startsWith("lectulum.stage")).findFirst());
        }
    }
}
