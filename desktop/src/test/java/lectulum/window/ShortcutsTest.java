package lectulum.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination.ModifierValue;
import javafx.stage.Stage;
import lectulum.Hand;
import lectulum.demo.Campers;
import lectulum.files.Home;
import lectulum.workbench.Session;
import lectulum.workbench.Workbench;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;

/// Every key that the palette promises does what stands beside it.
class ShortcutsTest {
    @TempDir
    private Path folder;
    private final Hand robot = new Hand();
    private final List<String> ran = new ArrayList<>();

    private MainWindow window() throws TimeoutException {
        FxToolkit.registerPrimaryStage();
        Stage stage = FxToolkit.registerStage(Stage::new);
        List<MainWindow> made = new ArrayList<>();
        robot.interact(() -> {
            Session session = new Session(new Home(folder));
            MainWindow window = new MainWindow(new Workbench(Campers.demo("dunlin").orElseThrow()), session,
                    new NoFiles());
            window.commands().replaceAll(
                    c -> new Command(c.name(), c.keys(), () -> true, () -> ran.add(c.name())));
            stage.setScene(new Scene(window.root(), 1280, 800));
            stage.show();
            window.sheet().requestFocus();
            made.add(window);
        });
        robot.rest();
        return made.getFirst();
    }

    @Test
    void everyShortcutOfThePaletteRunsItsCommand() throws TimeoutException {
        MainWindow window = window();
        Map<String, String> wrong = new HashMap<>();
        int pressed = 0;
        for (Command command : List.copyOf(window.commands())) {
            if (command.keys().isEmpty()) {
                continue;
            }
            assertThat(command.keys().get()).as(command.name()).isInstanceOf(KeyCodeCombination.class);
            KeyCodeCombination keys = (KeyCodeCombination) command.keys().get();
            assertThat(keys.getCode()).as(command.name()).isNotNull();
            ran.clear();
            press(keys);
            pressed++;
            if (!ran.equals(List.of(command.name()))) {
                wrong.put(command.name() + " " + command.keysText(), ran.toString());
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(pressed).isGreaterThan(25);
        robot.interact(window::close);
    }

    private void press(KeyCodeCombination keys) {
        List<KeyCode> held = new ArrayList<>();
        if (keys.getShortcut() == ModifierValue.DOWN) {
            held.add(KeyCode.CONTROL);
        }
        if (keys.getShift() == ModifierValue.DOWN) {
            held.add(KeyCode.SHIFT);
        }
        robot.press(held.toArray(KeyCode[]::new)).type(keys.getCode()).release(held.toArray(KeyCode[]::new));
        robot.rest();
    }

    private static final class NoFiles implements MainWindow.Files {
        @Override
        public Optional<Path> open() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> picture() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> save(String name, String ending) {
            return Optional.empty();
        }

        @Override
        public void show(Optional<Path> file) {
            throw new AssertionError("no command ran in earnest");
        }
    }
}
