package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import lectulum.analysis.Analysis;
import lectulum.brief.Demands;
import lectulum.design.Project;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Wish;
import lectulum.figures.Severity;
import lectulum.files.ProjectFile;
import org.junit.jupiter.api.Test;

/// From the first window to a camper proposed for one's own brief, kept, saved and read again.
class FirstBriefTest extends WindowTest {
    @Override
    String start() {
        return "";
    }

    private void press(String id) {
        Button button = robot.lookup(id).queryAs(Button.class);
        robot.interact(button::fire);
        robot.rest();
    }

    @Test
    void aBriefFromNothingEndsInAKeptProposal() throws IOException {
        click("#new-teardrop");
        command("Brief: Needs");
        enter("#field-nights-per-trip", "3");
        enter("#field-budget", "9000");
        enter("#field-door-height", "2.30 m");
        enter("#field-kerb-mass", "1500");
        command("Brief: Wishes");
        ToggleButton toilet = robot.lookup("#wish-toilet-must").queryAs(ToggleButton.class);
        robot.interact(toilet::fire);
        robot.rest();
        command("Brief: Proposal");
        press("#propose");
        until(() -> robot.lookup("#proposal-keep-light").tryQuery().isPresent());
        press("#propose-stop");
        until(() -> !robot.lookup("#propose").queryAs(Button.class).isDisabled());
        press("#proposal-keep-light");

        Project kept = state().project();
        assertThat(kept.variants()).hasSize(2);
        assertThat(kept.variant().name()).isEqualTo("The light one");
        assertThat(kept.design().brief().nights()).isEqualTo(3);
        assertThat(kept.design().brief().wish(Ability.TOILET)).isEqualTo(Wish.MUST);
        Analysis a = Analysis.of(kept.design());
        assertThat(a.findings()).noneMatch(f -> f.severity() == Severity.STOP);
        assertThat(a.of(Demands.DISCIPLINE).unmet()).as("what is asked can be had").isEmpty();

        Path file = folder.resolve("mine.lectulum.json");
        answer = Optional.of(file);
        command("Save as");
        until(() -> java.nio.file.Files.exists(file));
        Project read = ProjectFile.open(file).project();
        assertThat(read.variants()).isEqualTo(kept.variants());
        assertThat(List.of(read.design())).isEqualTo(List.of(kept.design()));
    }
}
