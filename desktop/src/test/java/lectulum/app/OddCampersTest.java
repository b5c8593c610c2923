package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javafx.scene.control.Labeled;
import lectulum.OddCampers;
import lectulum.design.Project;
import lectulum.figures.Stage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Every page of campers that nobody builds: nothing fails, and nothing is cut off but names that are too long for any table.
class OddCampersTest extends WindowTest {
    /// Worked out beside the window for seconds, of the brief alone, and tested where they belong.
    private static final Set<String> LONG = Set.of("concepts", "schools", "power-breaks", "power-map");

    static Stream<Arguments> campers() {
        return Stream.of(Arguments.of("odd names", OddCampers.named("nightjar")),
                Arguments.of("forty people", OddCampers.crowded()), Arguments.of("0.8 m", OddCampers.longAs(0.8)),
                Arguments.of("11 m", OddCampers.longAs(11)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("campers")
    void everyPageOfItOpens(String what, Project project) {
        robot.interact(() -> desk.begin(project, false));
        robot.rest();
        Set<String> cut = new TreeSet<>();
        for (Stage stage : Stage.values()) {
            robot.interact(() -> window().bench().setStage(stage));
            for (String leaf : leaves().stream().filter(id -> !LONG.contains(id)).toList()) {
                robot.interact(() -> window().turnTo(stage, leaf));
                robot.rest();
                robot.interact(() -> TextFitsTest.all(window().root(), new ArrayList<>()).stream()
                        .filter(Labeled.class::isInstance).map(Labeled.class::cast).filter(TextFitsTest::shortened)
                        .map(Labeled::getText).filter(t -> OddCampers.NAMES.stream().noneMatch(t::contains))
                        .forEach(t -> cut.add(stage + " " + leaf + ": " + t)));
            }
        }

        assertThat(state().analysis().findings())
                .noneMatch(f -> f.title().text(state().style()).endsWith("could not be worked out"));
        assertThat(cut).isEmpty();
    }
}
