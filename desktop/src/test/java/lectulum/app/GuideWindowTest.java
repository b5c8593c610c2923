package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import lectulum.figures.Stage;
import lectulum.guide.Guidebook;
import lectulum.guide.Topic;
import org.junit.jupiter.api.Test;

/// The guide beside the page: F1, looking up, following links and coming back.
class GuideWindowTest extends WindowTest {

    private String title() {
        return robot.lookup("#guide-pane .topic .label").queryAllAs(Label.class).stream().findFirst()
                .map(Label::getText).orElse("");
    }

    private List<String> found() {
        return robot.lookup(".guide-found").queryAllAs(Button.class).stream().map(Button::getText).toList();
    }

    private boolean guided() {
        return robot.lookup("#guide-pane").tryQuery().isPresent();
    }

    private void press(String found) {
        robot.clickOn(robot.lookup(".guide-found").queryAllAs(Button.class).stream()
                .filter(b -> b.getText().equals(found)).findFirst().orElseThrow());
    }

    private void type(String text) {
        robot.interact(() -> robot.lookup("#guide-search").queryAs(TextField.class).setText(text));
    }

    @Test
    void f1OpensThePagesOwnTopicAndTurnsWithThePage() {
        robot.interact(() -> window().turnTo(Stage.POWER, "power-fuses"));
        robot.press(KeyCode.F1);
        assertThat(title()).isEqualTo("Power: Fuses");
        assertThat(robot.lookup("#guide-pane .topic .label").queryAllAs(Label.class)).extracting(Label::getText)
                .as("how it is worked out stands below").anyMatch(t -> t.endsWith(": Shorts"));

        robot.interact(() -> window().turnTo(Stage.BALANCE, "turning"));
        assertThat(title()).isEqualTo("Balance: Turning");

        robot.press(KeyCode.F1);
        assertThat(guided()).isFalse();
        assertThat(robot.lookup("#findings").tryQuery()).isPresent();
    }

    /// Each page of each stage has its words, found by what is written on the strip.
    @Test
    void everyPageHasATopic() {
        for (Stage stage : Stage.values()) {
            robot.interact(() -> window().bench().setStage(stage));
            List<String> names = robot.lookup(".leaf-strip .toggle-button")
                    .queryAllAs(ToggleButton.class).stream().map(b -> b.getText()).toList();
            assertThat(names.isEmpty()).isEqualTo(stage == Stage.PAPERS);
            List<Topic> page = Guidebook.shipped().at(Guidebook.of(stage));
            assertThat(page.stream().map(Topic::title).skip(1)).as(stage.label()).containsExactlyElementsOf(names);
        }
    }

    @Test
    void whatIsTypedIsLookedUpEverywhere() {
        robot.press(KeyCode.F1);
        robot.write("tongue");
        assertThat(robot.lookup("#guide-pane .heading").queryAllAs(Label.class)).extracting(Label::getText)
                .contains("Guide", "Figures", "Checks");
        assertThat(found()).contains("Tongue share");

        type("");
        robot.write("undo");
        assertThat(robot.lookup("#guide-pane .heading").queryAllAs(Label.class)).extracting(Label::getText)
                .contains("Guide");

        type("zzzz nothing");
        assertThat(robot.lookup("#guide-none").tryQuery()).isPresent();
        type("");
        assertThat(title()).as("back where it was").startsWith("Layout");
    }

    @Test
    void aFigureIsExplainedACheckOpensItsStageACommandIsRun() {
        robot.press(KeyCode.F1);
        robot.write("balance.departure.tongueShare");
        press("Tongue share, departure");
        assertThat(robot.lookup("#working").tryQuery()).isPresent();
        robot.press(KeyCode.ESCAPE);

        type("go to water");
        press("Go to Water");
        assertThat(window().bench().state().stage()).isEqualTo(Stage.WATER);
    }

    @Test
    void linksAreFollowedAndTheWayBackIsKept() {
        robot.interact(() -> window().turnTo(Stage.POWER, "power-wire"));
        robot.press(KeyCode.F1);
        Hyperlink link = robot.lookup("#guide-pane .guide-link").queryAllAs(Hyperlink.class).stream()
                .filter(l -> l.getText().equals("sizes")).findFirst().orElseThrow();
        robot.interact(link::fire);
        assertThat(title()).endsWith(": Sizes");

        robot.interact(() -> window().bench().setStage(Stage.WATER));
        assertThat(title()).as("somebody reads: it does not turn").endsWith(": Sizes");

        robot.clickOn("#guide-back");
        assertThat(title()).isEqualTo("Power: Wires");
        robot.clickOn("#guide-contents");
        assertThat(title()).isEqualTo("Guide");
        robot.clickOn("#guide-search");
        robot.press(KeyCode.ESCAPE);
        assertThat(guided()).isFalse();
    }

    /// The table of keys in the guide is that of the program.
    @Test
    void theKeysInTheGuideAreTheKeys() throws Exception {
        String table = Files.readString(Path.of("../docs/guide/window.md"));
        robot.press(KeyCode.F2);
        List<String> keyed = robot.lookup("#palette .list-cell .faint").queryAllAs(Label.class).stream()
                .map(Label::getText).filter(t -> !t.isEmpty()).distinct().toList();

        assertThat(keyed).isNotEmpty().allSatisfy(k -> assertThat(
                k.matches("Ctrl\\+[1-9]") ? table.contains("| Ctrl+1 to Ctrl+9 |") : table.contains("| " + k + " |"))
                .as(k).isTrue());
    }

    @Test
    void whereNothingIsCalledThatItSaysWhereThingsAre() {
        robot.press(KeyCode.F2);
        robot.write("charge relay");
        robot.rest();

        assertThat(robot.lookup("#palette-nothing").queryAs(Label.class).getText()).endsWith("under Add things.");
        robot.press(KeyCode.ENTER);
        assertThat(robot.lookup("#palette").tryQuery()).as("it stays open").isPresent();
        robot.press(KeyCode.ESCAPE);
    }

    @Test
    void theLicencesOfAllPartsAreShown() {
        robot.press(KeyCode.F2);
        robot.write("licences");
        robot.press(KeyCode.ENTER);
        String shown = robot.lookup("#guide-pane .guide-text").queryAllAs(Text.class).stream()
                .map(Text::getText).collect(Collectors.joining(" "));
        assertThat(shown).contains("OpenJFX", "Hipparchus", "Lato", "commonmark");
    }
}
