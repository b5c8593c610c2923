package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import lectulum.balance.Balance;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.figures.Severity;
import lectulum.files.ProjectFile;
import lectulum.layout.Layout;
import org.junit.jupiter.api.Test;

/// A newcomer without a mouse lays out an empty box in feet and inches, from the first key to the file on disk.
class NewcomerTest extends WindowTest {
    private static final double INCH = 0.0254;

    @Override
    String start() {
        return "";
    }

    private Node focus() {
        return robot.window(0).getScene().getFocusOwner();
    }

    /// Goes on with the Tab key until a control has the focus.
    private void tabTo(String id) {
        for (int i = 0; i < 80 && !(focus() != null && id.equals(focus().getId())); i++) {
            robot.type(KeyCode.TAB);
            robot.rest();
        }
        assertThat(focus().getId()).isEqualTo(id);
    }

    /// Adds the first thing of the catalogue that the words find, and goes back to the sheet.
    private String add(String words) {
        robot.type(KeyCode.A);
        robot.rest();
        robot.write(words).type(KeyCode.ENTER);
        robot.rest();
        robot.type(KeyCode.ESCAPE);
        robot.rest();
        return state().selection().getFirst();
    }

    /// Types into a field of the card of the selected thing and goes back to the sheet.
    private void card(String field, String typed) {
        robot.type(KeyCode.E);
        robot.rest();
        tabTo(field);
        robot.write(typed).type(KeyCode.ENTER);
        robot.rest();
        robot.type(KeyCode.ESCAPE);
        robot.rest();
        assertThat(focus()).isSameAs(window().sheet());
    }

    private void emptyBox() {
        tabTo("new-cargo");
        robot.type(KeyCode.SPACE);
        robot.rest();
        emptied();
    }

    @Test
    void anEmptyBoxIsLaidOutInFeetByKeysAlone() throws IOException {
        emptyBox();
        Project empty = state().project();

        String bed = add("bed");
        String box = add("cool");
        String window = add("escape");
        robot.press(KeyCode.SHIFT).type(KeyCode.RIGHT).release(KeyCode.SHIFT);
        robot.type(KeyCode.RIGHT);
        robot.rest();
        assertThat(thing(window).place().x()).as("2 1/2\" and 1/4\" from the middle")
                .isCloseTo(3.1 / 2 + 2.75 * INCH, within(1e-9));
        robot.type(KeyCode.TAB);
        robot.press(KeyCode.SHIFT).type(KeyCode.TAB).release(KeyCode.SHIFT);
        robot.rest();
        card("field-above-the-floor", "3' 1/2\"");
        assertThat(state().design().thing(state().selection().getFirst()).orElseThrow().place().z())
                .isCloseTo(36.5 * INCH, within(1e-9));
        assertThat(Layout.of(state().design()).faults().get(Mode.ROAD)).as("nothing was put on another thing")
                .isEmpty();
        assertThat(thing(bed).place()).isNotEqualTo(thing(box).place());
        assertThat(state().analysis().of(Balance.DISCIPLINE).state("departure").orElseThrow().mass())
                .isGreaterThan(430);

        Path file = folder.resolve("keys" + System.nanoTime() + ProjectFile.ENDING);
        answer = Optional.of(file);
        chord(KeyCode.S, KeyCode.CONTROL);
        assertThat(ProjectFile.open(file).project()).isEqualTo(state().project());
        assertThat(((javafx.stage.Stage) robot.window(0)).getTitle()).startsWith("New cargo conversion");

        while (state().history().undoName().filter(n -> n.startsWith("Add") || n.startsWith("Move")
                || n.equals("Above the floor")).isPresent()) {
            chord(KeyCode.Z, KeyCode.CONTROL);
        }
        assertThat(state().project()).isEqualTo(empty);
    }

    @Test
    void nonsenseInTheCardChangesNothingAndEscapeGivesTheOldValueBack() {
        emptyBox();
        String bed = add("bed");
        Project before = state().project();
        for (String nonsense : new String[]{"long", "-4'", "99999", "1//2", "NaN", "1e9", "'", "3 4 5"}) {
            robot.type(KeyCode.E);
            robot.rest();
            tabTo("field-length");
            robot.write(nonsense).type(KeyCode.ENTER);
            robot.rest();
            assertThat(state().project()).as(nonsense).matches(before::equals);
            assertThat(focus().getStyleClass()).as(nonsense).contains("refused");
            robot.type(KeyCode.ESCAPE);
            assertThat(((TextField) focus()).getText()).isEqualTo(length(bed));
            robot.type(KeyCode.ESCAPE);
            robot.rest();
            assertThat(focus()).isSameAs(window().sheet());
        }
    }

    private String length(String id) {
        return lectulum.units.Units.entry(thing(id).size().length(), lectulum.units.Quantity.LENGTH, state().style());
    }

    @Test
    void whereNothingIsFreeTheTraySaysWhatCanGoAndAFindingOffersIt() {
        emptyBox();
        robot.type(KeyCode.A).write("bed");
        for (int i = 0; i < 12 && !text("#tray-hint").startsWith("Nothing"); i++) {
            robot.type(KeyCode.ENTER);
            robot.rest();
        }
        assertThat(text("#tray-hint")).startsWith("Nothing is free for").contains("Leaving out");
        settle();

        assertThat(state().analysis().findings())
                .anyMatch(f -> f.id().startsWith("layout.overlap.") && f.severity() == Severity.STOP);
        assertThat(robot.lookup(".link").queryAllAs(javafx.scene.control.Button.class))
                .anyMatch(b -> b.getText().contains("Leave ") && b.getText().contains(" out "));
    }

    @Test
    void theNextStepsTickThemselvesOffAndCanBeHidden() {
        robot.clickOn("#new-teardrop");
        robot.rest();
        robot.clickOn("#stage-brief");
        robot.rest();
        assertThat(robot.lookup("#guide-people").query().getAccessibleText()).startsWith("To do");
        enter("#field-name-1", "Ada");
        for (int i = 2; i <= state().design().brief().people().size(); i++) {
            enter("#field-name-" + i, "Grace " + i);
        }

        assertThat(robot.lookup("#guide-people").query().getAccessibleText()).startsWith("Done");

        click("#guide-hide");
        assertThat(robot.lookup("#guide").query().isVisible()).isFalse();
        assertThat(home.guided()).isFalse();
        robot.clickOn("#stage-balance");
        robot.rest();
        assertThat(robot.lookup("#guide").query().isVisible()).isFalse();
        command("next steps show");
        assertThat(robot.lookup("#guide").query().isVisible()).isTrue();
    }
}
