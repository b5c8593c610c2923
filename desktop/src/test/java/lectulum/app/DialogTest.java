package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import lectulum.design.Project;
import lectulum.design.Variant;
import lectulum.figures.Stage;
import lectulum.papers.Panels;
import lectulum.papers.Paper;
import lectulum.units.Units;
import org.junit.jupiter.api.Test;

/// What opens over the window: commands, comparison of variants, full-size templates, questions, and the working of a
/// figure.
class DialogTest extends WindowTest {
    private static final Pattern ROW = Pattern.compile("Row\\[label=(.*), left=(.*), right=(.*), change=.*]");

    @Override
    String start() {
        return "demo:chamois";
    }

    @Test
    void twoVariantsAreComparedFigureByFigureAndThoseThatDifferComeFirst() {
        chord(KeyCode.C, KeyCode.CONTROL, KeyCode.SHIFT);
        assertShown("#comparison");
        List<List<String>> rows = rows();

        assertThat(rows.getFirst().get(1)).isNotEqualTo(rows.getFirst().get(2));
        assertThat(rows.getLast().get(1)).isEqualTo(rows.getLast().get(2));
        List<String> loaded = rows.stream().filter(r -> r.getFirst().startsWith("Loaded")
                && r.getFirst().contains("departure")).findFirst().orElseThrow();
        Project project = state().project();
        for (int side = 0; side < 2; side++) {
            double mass = lectulum.analysis.Analysis.of(project.variants().get(side).design()).figures()
                    .value("balance.departure.mass");
            assertThat(loaded.get(1 + side)).isEqualTo(
                    Units.text(mass, lectulum.units.Quantity.MASS, state().style()));
        }

        ComboBox<Variant> right = robot.lookup("#comparison .combo-box").nth(1).queryComboBox();
        robot.interact(() -> right.setValue(project.variants().getFirst()));
        robot.rest();
        assertThat(rows()).allSatisfy(r -> assertThat(r.get(1)).isEqualTo(r.get(2)));
        robot.type(KeyCode.ESCAPE);
        robot.rest();
        assertThat(robot.lookup("#comparison").tryQuery()).isEmpty();
        assertThat(state().project()).isEqualTo(project);
    }

    private List<List<String>> rows() {
        TableView<?> table = robot.lookup("#comparison .table-view").queryAs(TableView.class);
        return table.getItems().stream().map(row -> ROW.matcher(row.toString())).filter(Matcher::matches)
                .map(m -> List.of(m.group(1), m.group(2), m.group(3))).toList();
    }

    @Test
    void aTemplateCountsItsPagesForEveryPanelAndPaperAndRefusesAnImpossibleBar() {
        robot.interact(() -> window().turnTo(Stage.BASE, "profile"));
        robot.rest();
        click("#print-template");
        ComboBox<Panels.Panel> panels = robot.lookup("#template-panel").queryComboBox();
        ComboBox<Paper> papers = robot.lookup("#template-paper").queryComboBox();
        assertThat(panels.getItems()).hasSizeGreaterThan(3);
        for (Panels.Panel panel : panels.getItems()) {
            robot.interact(() -> panels.setValue(panel));
            int before = Integer.MAX_VALUE;
            for (Paper paper : List.of(Paper.A4, Paper.A3)) {
                robot.interact(() -> papers.setValue(paper));
                int pages = Integer.parseInt(text("#template-pages").split(" ")[0]);
                assertThat(pages).as(panel.name() + " on " + paper).isPositive().isLessThanOrEqualTo(before);
                before = pages;
            }
        }

        String good = text("#template-pages");
        for (String nonsense : new String[]{"200", "0", "ten", "-100", "12\""}) {
            enter("#template-across", nonsense);
            assertThat(text("#template-pages")).as(nonsense).isEqualTo(good);
            assertThat(robot.lookup("#template-across").queryAs(TextField.class).getStyleClass()).contains("refused");
        }
        enter("#template-across", "98.8");
        assertThat(text("#template-pages")).contains("more than 0.3 %").endsWith("make up for it.");
    }

    @Test
    void aTemplateThatCannotBeWrittenIsSaidSoAndLeavesNothing() throws Exception {
        robot.interact(() -> window().turnTo(Stage.BASE, "profile"));
        robot.rest();
        click("#print-template");
        Path file = folder.resolve("a file");
        Files.writeString(file, "kept");
        Path nowhere = file.resolve("side.pdf");
        answer = Optional.of(nowhere);
        click("#template-pdf");

        assertThat(file).hasContent("kept");
        assertThat(robot.lookup(".banner .label").queryAs(javafx.scene.control.Labeled.class).getText())
                .startsWith("Not written: ");
    }

    @Test
    void everyCommandOfTheListRunsAndUndoBringsTheProjectBack() {
        Project before = state().project();
        command("mirror");
        assertThat(state().project()).isNotEqualTo(before);
        chord(KeyCode.Z, KeyCode.CONTROL);
        assertThat(state().project()).isEqualTo(before);

        command("rename");
        robot.write("Old roads").type(KeyCode.ENTER);
        robot.rest();
        assertThat(state().project().name()).isEqualTo("Old roads");
        chord(KeyCode.D, KeyCode.CONTROL, KeyCode.SHIFT);
        robot.write("light").type(KeyCode.ENTER);
        robot.rest();
        assertThat(state().project().variant().name()).isEqualTo("light");
        command("delete variant");
        assertThat(state().project().variants()).hasSize(before.variants().size());
        for (int i = 0; i < 3; i++) {
            chord(KeyCode.Z, KeyCode.CONTROL);
        }
        assertThat(state().project()).isEqualTo(before);
        chord(KeyCode.Z, KeyCode.CONTROL, KeyCode.SHIFT);
        assertThat(state().project().name()).isEqualTo("Old roads");
    }

    @Test
    void anEmptyNameIsNotTakenAndEscapeClosesTheQuestion() {
        Project before = state().project();
        command("rename");
        robot.interact(() -> robot.lookup("#ask").queryAs(TextField.class).clear());
        robot.type(KeyCode.ENTER);
        robot.rest();
        assertShown("#ask");
        robot.type(KeyCode.ESCAPE);
        robot.rest();
        assertThat(robot.lookup("#ask").tryQuery()).isEmpty();
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void figuresAndThingsAreWrittenAsTables() throws Exception {
        Path things = folder.resolve("things.csv");
        answer = Optional.of(things);
        command("export things");
        Path figures = folder.resolve("figures.csv");
        answer = Optional.of(figures);
        command("export figures");
        Path sheet = folder.resolve("sheet.png");
        answer = Optional.of(sheet);
        command("export sheet");

        assertThat(Files.readAllLines(things)).hasSize(state().project().design().things().size() + 1);
        assertThat(Files.readString(figures)).contains("balance.departure.tongue").contains("shell.maxHeight");
        assertThat(javax.imageio.ImageIO.read(sheet.toFile()).getWidth()).isEqualTo(1600);
    }
}
