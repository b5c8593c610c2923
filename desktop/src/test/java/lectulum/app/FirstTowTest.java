package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import lectulum.balance.weigh.Method;
import lectulum.design.Project;
import lectulum.design.thing.MassSource;
import lectulum.design.weighing.Weighing;
import lectulum.figures.Stage;
import lectulum.files.ProjectFile;
import org.junit.jupiter.api.Test;

/// A newcomer from an empty body to the first weigh day, in feet and pounds.
class FirstTowTest extends WindowTest {
    private static final double POUND = 0.45359237;

    @Override
    String start() {
        return "";
    }

    private void emptyBody() {
        click("#new-overland");
        emptied();
    }

    private void page(String leaf) {
        robot.interact(() -> window().turnTo(Stage.BALANCE, leaf));
        robot.rest();
    }

    private List<String> words() {
        return robot.lookup(".label").queryAllAs(Label.class).stream().filter(WindowTest::seen).map(Label::getText)
                .filter(t -> t != null).toList();
    }

    private Weighing weighing() {
        return state().project().design().weighings().getLast();
    }

    @Test
    void everyPageOfAnEmptyBodySaysSomethingTrue() {
        emptyBody();
        for (String leaf : new String[]{"sheet", "weigh", "solve", "trip", "ratings", "vehicles", "hitch", "turning",
                "road", "camp"}) {
            page(leaf);

            assertThat(robot.lookup("#leaf-" + leaf).queryAs(ToggleButton.class).isSelected()).as(leaf).isTrue();
            assertThat(words()).as(leaf).noneMatch(t -> t.contains("NaN") || t.contains("Infinity")
                    || t.contains("null") || t.contains("∞"));
        }
    }

    @Test
    void aSolverWithNothingAboardFindsTheAxleAlone() {
        emptyBody();
        page("solve");
        settle();

        assertThat(words()).anyMatch(t -> t.startsWith("Axle:") || t.startsWith("Nothing to solve"));
    }

    @Test
    void theFirstWeighDayIsTypedInPoundsTakenOverSavedAndUndone() throws IOException {
        emptyBody();
        Project before = state().project();
        page("weigh");
        robot.interact(() -> robot.lookup("#weigh-method").<Method>queryComboBox().setValue(Method.SINGLE));
        click("#weigh-new");
        int last = weighing().entries().size() - 1;
        Project begun = state().project();
        for (String nonsense : new String[]{"a lot", "12 ft", "1//2", "1e12"}) {
            enter("#weigh-0", nonsense);
            assertThat(state().project()).as(nonsense).matches(begun::equals);
        }
        robot.type(KeyCode.ESCAPE);
        for (int i = 0; i <= last; i++) {
            double plan = lectulum.standin.TrueMasses.of(state().design(), weighing().aboard(), 5)
                    .at(weighing().entries().get(i).point());
            enter("#weigh-" + i, Math.round(plan / POUND) + "");
            assertThat(weighing().entries().get(i).value().orElseThrow())
                    .isCloseTo(Math.round(plan / POUND) * POUND, within(1e-6));
        }
        assertThat(text("#weigh-mass")).endsWith("lb");

        click("#weigh-accept-all");
        assertThat(state().project().design().base().empty().source()).isEqualTo(MassSource.RECONCILED);
        assertThat(state().project().design().base().empty().uncertainty()).isPresent();

        Path file = folder.resolve("first" + System.nanoTime() + ProjectFile.ENDING);
        answer = Optional.of(file);
        chord(KeyCode.S, KeyCode.CONTROL);
        Project saved = state().project();
        assertThat(ProjectFile.open(file).project()).isEqualTo(saved);

        undoTo(before);
        robot.interact(() -> desk.start(file.toString()));
        robot.clickOn("#leave-discard");
        robot.rest();
        assertThat(state().project().design().weighings()).isEqualTo(saved.design().weighings());
    }

    @Test
    void thePagesAreReachedByWordsAlone() {
        emptyBody();
        for (String words : new String[]{"vehicles", "weigh day", "turning"}) {
            command(words);
            assertThat(robot.lookup("#leaf-" + words.split(" ")[0]).queryAs(ToggleButton.class).isSelected())
                    .as(words).isTrue();
        }
    }

    @Test
    void aPageIsWalkedWithTheTabKeyAndFocusIsAlwaysSomewhereVisible() {
        emptyBody();
        page("camp");
        robot.interact(() -> robot.lookup("#leaf-camp").query().requestFocus());
        int typed = 0;
        for (int i = 0; i < 40; i++) {
            robot.type(KeyCode.TAB);
            robot.rest();
            Node focus = robot.window(0).getScene().getFocusOwner();
            assertThat(focus).isNotNull();
            assertThat(seen(focus)).as(String.valueOf(focus)).isTrue();
            typed += focus.getId() != null && focus.getId().startsWith("field-") ? 1 : 0;
        }
        assertThat(typed).as("fields of the page are reached").isGreaterThan(5);
    }
}
