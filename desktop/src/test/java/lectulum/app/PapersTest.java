package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javax.imageio.ImageIO;
import lectulum.papers.Paper;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;

/// Everything that can be written, by one press each.
class PapersTest extends WindowTest {
    @Override
    String start() {
        return "demo:dunlin";
    }

    private Path written(String button, String ending) throws IOException {
        Path path = folder.resolve("paper-" + System.nanoTime() + ending);
        answer = Optional.of(path);
        click("#write-" + button);
        settle();
        return path;
    }

    @Test
    void everyButtonWritesItsFile() throws IOException {
        robot.clickOn("#stage-papers");
        settle();
        assertThat(state().stage().label()).isEqualTo("Papers");
        int pressed = 0;
        for (Button button : robot.lookup("#documents .button").queryAllAs(Button.class)) {
            String ending = button.getId().substring(button.getId().lastIndexOf('-')).replace('-', '.');
            Path path = written(button.getId().substring("write-".length()), ending);
            assertThat(Files.size(path)).as(button.getId()).isGreaterThan(100);
            pressed++;
        }
        assertThat(pressed).isGreaterThan(20);
    }

    @Test
    void thePaperThatIsChosenIsPrintedOn() throws IOException {
        click("#stage-papers");
        ComboBox<Paper> paper = robot.lookup("#papers-paper").query();
        robot.interact(() -> paper.setValue(Paper.A3));

        try (var pdf = Loader.loadPDF(written("panel-profile-pdf", ".pdf").toFile())) {
            // An A3 page is 420 mm long: 1190.6 points.
            var box = pdf.getPage(0).getMediaBox();
            assertThat(Math.max(box.getWidth(), box.getHeight())).isBetween(1190f, 1191.5f);
        }
        assertThat(ImageIO.read(written("sheet-png", ".png").toFile()).getWidth()).isEqualTo(1600);
    }

    @Test
    void whatCannotBeWrittenIsSaid() throws IOException {
        click("#stage-papers");
        Path noFolder = Files.writeString(folder.resolve("no-folder"), "a file");
        answer = Optional.of(noFolder.resolve("things.csv"));

        click("#write-things-csv");
        settle();

        assertThat(robot
                .lookup((javafx.scene.Node n) -> n instanceof javafx.scene.control.Label l
                        && l.getText().startsWith("Not written"))
                .tryQuery()).isPresent();
    }
}
