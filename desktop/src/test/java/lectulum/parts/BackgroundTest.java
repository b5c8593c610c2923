package lectulum.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeoutException;
import lectulum.Hand;
import lectulum.files.Home;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;

/// Work beside the interface thread ends, whatever becomes of it.
class BackgroundTest {
    private final Hand robot = new Hand();
    private final List<String> said = new ArrayList<>();
    @TempDir
    private Path folder;

    private void run(Background background, java.util.concurrent.Callable<String> work) throws TimeoutException {
        FxToolkit.registerPrimaryStage();
        robot.interact(() -> background.run(work, said::add, sentence -> said.add("failed: " + sentence)));
        robot.until(background::settled, 10);
    }

    @Test
    void aResultIsShown() throws TimeoutException {
        run(new Background("good"), () -> "done");
        assertThat(said).containsExactly("done");
    }

    @Test
    void afaultIsASentenceAndATraceInTheLogAndTheNextWorkRuns() throws Exception {
        Trouble.logTo(new Home(folder), false);
        Background background = new Background("bad");
        run(background, () -> {
            throw new IllegalStateException("two figures named x");
        });
        run(background, () -> "next");

        assertThat(said).hasSize(2);
        assertThat(said.getFirst()).startsWith("failed: Something in the program failed")
                .contains("IllegalStateException");
        assertThat(said.getLast()).isEqualTo("next");
        assertThat(Files.readString(folder.resolve("lectulum.log"))).contains("two figures named x")
                .contains("BackgroundTest");
    }

    @Test
    void workOfAClosedWindowIsLeft() throws TimeoutException {
        Background background = new Background("closed");
        background.close();
        run(background, () -> "late");
        assertThat(said).isEmpty();
    }
}
