package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import lectulum.design.Project;
import lectulum.design.logbook.CheckItem.Occasion;
import lectulum.design.logbook.Journey;
import lectulum.design.logbook.LogEntry;
import lectulum.design.logbook.Logbook;
import lectulum.design.logbook.Trial;
import lectulum.figures.Stage;
import lectulum.files.ProjectFile;
import lectulum.files.ProjectJson;
import lectulum.log.Packing;
import lectulum.log.Trials;
import lectulum.log.Upkeeps;
import org.junit.jupiter.api.Test;

/// The log in the real window: entries, tests, checklists, packing, trips and upkeep.
class LogStageTest extends WindowTest {

    private void turn(String page) {
        robot.interact(() -> window().turnTo(Stage.LOG, page));
        robot.rest();
    }

    private double value(String figure) {
        return state().analysis().figures().value(figure);
    }

    private void write(LogEntry.Kind kind) {
        MenuButton menu = robot.lookup("#entry-write").queryAs(MenuButton.class);
        robot.interact(() -> menu.getItems().get(kind.ordinal()).fire());
        robot.rest();
    }

    @SuppressWarnings("unchecked")
    private <T> TableView<T> table(String query) {
        return robot.lookup(query).queryAs(TableView.class);
    }

    @Test
    void anEntryIsTypedFoundAndBecomesATask() {
        turn("log-diary");
        Project before = state().project();
        write(LogEntry.Kind.SNAG);
        enter("#field-what-entry", "Rattle behind the galley");
        enter("#field-hours-to-mend-it-entry", "1.5 h");
        enter("#field-mended-by-entry", "2026-10-01");

        LogEntry entry = state().design().logbook().entries().getLast();
        assertThat(entry.text()).isEqualTo("Rattle behind the galley");
        assertThat(entry.date()).isEqualTo("2026-09-20");
        assertThat(entry.hours()).hasValue(5400);
        assertThat(texts()).contains("Open snags and fixes");

        click("#log-search");
        robot.write("galley rattle");
        robot.rest();
        assertThat(this.<LogEntry>table("#entries").getItems()).containsExactly(entry);

        double hours = value("build.hours");
        click("#entry-task");
        assertThat(value("build.hours") - hours).isCloseTo(5400, within(1e-6));
        click("#entry-mended");
        assertThat(state().design().logbook().entry(entry.id()).orElseThrow().done()).isTrue();
        undoTo(before);
    }

    @Test
    void aLessonIsShownAtItsStageAndInTheNextCamper() throws IOException {
        robot.clickOn("#stage-layout");
        assertThat(texts()).contains("Learnt before",
                "A step between bench and bunk: nobody climbs well in the dark");
        robot.clickOn("#stage-power");
        assertThat(robot.lookup("#lessons").query().isVisible()).isFalse();

        turn("log-diary");
        click("#lessons-keep");
        assertThat(Files.readString(home.lessons())).contains("A step between bench and bunk");
        Project before = state().project();
        robot.interact(() -> window().bench().edit("Without a log",
                d -> d.withLogbook(Logbook.NONE)));
        click("#lessons-bring");
        assertThat(state().design().logbook().entries()).extracting(LogEntry::kind)
                .containsExactly(LogEntry.Kind.NEXT_TIME);
        undoTo(before);
    }

    @Test
    void aTestIsPassedAndMeasured() {
        turn("log-tests");
        Project before = state().project();
        TableView<Trials.Wanted> tests = table("#tests");
        int at = tests.getItems().indexOf(tests.getItems().stream().filter(w -> w.kind() == Trial.Kind.PRESSURE)
                .findFirst().orElseThrow());
        double passed = value("log.passed");
        robot.interact(() -> tests.getSelectionModel().select(at));
        assertThat(texts()).anyMatch(t -> t.startsWith("Not tested yet"));
        click("#test-passed");

        assertThat(value("log.passed")).isEqualTo(passed + 1);
        enter("#field-held-for-test", "30 min");
        enter("#field-tested-by-test", "Bram");
        Trial made = state().design().logbook().trials().getLast();
        assertThat(made.lasted()).hasValue(1800);
        assertThat(made.by()).isEqualTo("Bram");
        click("#test-failed");
        assertThat(state().analysis().findings(Stage.LOG)).anyMatch(f -> f.title().text(state().style())
                .startsWith("Failed: pipes"));
        undoTo(before);
    }

    @Test
    @SuppressWarnings("unchecked")
    void aChecklistIsTickedWithASecondLook() {
        turn("log-lists");
        Project before = state().project();
        String open = text("#list-left");
        click("#tick-leaving-coupler");
        assertThat(text("#list-left")).as("the second look is missing").isEqualTo(open);
        click("#second-leaving-coupler");
        assertThat(text("#list-left")).isNotEqualTo(open);
        assertThat(robot.lookup("#tick-leaving-coupler").queryAs(CheckBox.class).isSelected()).isTrue();

        click("#list-text");
        robot.write("Bring in the washing line").type(KeyCode.ENTER);
        robot.rest();
        assertThat(texts()).contains("Your own");
        assertThat(robot.lookup("#tick-item-1").queryAs(CheckBox.class).getText())
                .isEqualTo("Bring in the washing line");

        ComboBox<Occasion> which = robot.lookup("#list-occasion").queryAs(ComboBox.class);
        robot.interact(() -> which.setValue(Occasion.STORING));
        robot.rest();
        assertThat(robot.lookup("#tick-storing-food").tryQuery()).isPresent();
        assertThat(robot.lookup("#tick-leaving-coupler").tryQuery()).isEmpty();
        undoTo(before);
    }

    @Test
    void packingIsTickedThingByThing() {
        turn("log-pack");
        Project before = state().project();
        TableView<Packing.Line> lines = table("#packing");
        robot.interact(() -> lines.getSelectionModel().select(0));
        String first = lines.getItems().getFirst().thing().id();
        double left = value("log.pack.left");

        click("#pack-packed");
        assertThat(value("log.pack.left")).isEqualTo(left - 1);
        enter("#field-packed-by-pack", "Ione");
        assertThat(state().design().logbook().carrying(first).who()).isEqualTo("Ione");
        click("#pack-anew");
        assertThat(state().design().logbook().carrying(first).packed()).isFalse();
        undoTo(before);
    }

    @Test
    void aTripIsWrittenDownAndTeachesThePlan() {
        turn("log-trips");
        Project before = state().project();
        click("#journey-add");
        enter("#field-called-journey", "Rain on the ridge");
        enter("#field-nights-journey", "3");
        enter("#field-water-used-journey", "130 L");
        Journey made = state().design().logbook().journeys().getLast();
        assertThat(made.name()).isEqualTo("Rain on the ridge");
        assertThat(made.water().orElseThrow()).isCloseTo(0.130, within(1e-9));
        click("#used-tool-box");
        assertThat(state().design().logbook().journey(made.id()).orElseThrow().used()).containsExactly("tool-box");

        double rate = value("log.water");
        click("#journey-water");
        assertThat(value("water.day.use") / state().design().brief().people().size()).isCloseTo(rate, within(1e-9));
        undoTo(before);
    }

    @Test
    void upkeepIsDoneAndOneOfYourOwnIsAdded() {
        turn("log-upkeep");
        Project before = state().project();
        double overdue = value("log.overdue");
        TableView<Upkeeps.Item> items = table("#upkeep");
        robot.interact(() -> items.getSelectionModel().select(0));
        click("#upkeep-done");
        assertThat(value("log.overdue")).isEqualTo(overdue - 1);

        click("#upkeep-own");
        enter("#field-called-upkeep", "Oil the ramp hinges");
        enter("#field-done-last-on-upkeep", "2025-01-31");
        assertThat(state().analysis().findings(Stage.LOG)).anyMatch(f -> f.title().text(state().style())
                .equals("Overdue: oil the ramp hinges"));
        enter("#field-code-of-the-tyres-as-3821-meter", "9999");
        assertThat(state().analysis().findings(Stage.LOG)).anyMatch(f -> f.id().equals("log.tyrecode"));
        undoTo(before);
    }

    @Test
    void whatIsTypedWrongIsSaid() {
        turn("log-diary");
        write(LogEntry.Kind.WORK);
        enter("#field-day-as-2026-05-31-entry", "yesterday");
        assertThat(state().analysis().findings(Stage.LOG)).anyMatch(f -> f.title().text(state().style())
                .equals("“yesterday” is no day"));
        robot.interact(() -> robot.lookup("#log-search").queryAs(TextField.class).setText("no such words"));
        robot.rest();
        assertThat(this.<LogEntry>table("#entries").getItems()).isEmpty();
    }

    @Test
    void anotherCopyIsMergedAndWhatBothChangedIsAsked() throws Exception {
        Path here = folder.resolve("here.lectulum.json");
        answer = Optional.of(here);
        command("save as");
        Path there = folder.resolve("there.lectulum.json");
        Files.copy(here, there);
        ProjectJson.Read read = ProjectFile.open(there);
        Project other = read.project();
        other = other.with(other.design().mapping("telescope", t -> t.withName("Light bucket"))
                .mapping("cells", t -> t.withName("Old cells")).without(List.of("laptop")));
        ProjectFile.save(there, other, read.tree());
        robot.interact(() -> window().bench().edit("Renamed",
                d -> d.mapping("cells", t -> t.withName("New cells")).mapping("hob", t -> t.withName("Stove"))));
        Project before = state().project();

        answer = Optional.of(there);
        command("merge with");
        assertShown("#merge");
        assertThat(texts()).contains("Both changed: plan, New cells, name");
        until(() -> !text("#merge-effect-0").equals("…"));
        assertThat(text("#merge-effect-0")).isEqualTo("It changes none of the main figures.");
        click("#merge-theirs");
        click("#merge-do");

        assertThat(thing("cells").name()).isEqualTo("Old cells");
        assertThat(thing("telescope").name()).isEqualTo("Light bucket");
        assertThat(thing("hob").name()).isEqualTo("Stove");
        assertThat(state().design().thing("laptop")).isEmpty();
        chord(KeyCode.Z, KeyCode.CONTROL);
        assertThat(state().project()).isEqualTo(before);
    }
}
