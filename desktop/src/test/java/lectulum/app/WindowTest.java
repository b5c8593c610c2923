package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lectulum.Hand;
import lectulum.design.Project;
import lectulum.design.thing.Thing;
import lectulum.files.Home;
import lectulum.sheet.Projection;
import lectulum.sheet.SheetView;
import lectulum.space.Solid;
import lectulum.units.UnitSystem;
import lectulum.window.MainWindow;
import lectulum.workbench.State;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;

/// A real window, driven by mouse and keys, without a display.
abstract class WindowTest {
    @TempDir
    static Path folder;

    Desk desk;
    private Stage stage;
    Home home;
    Optional<Path> answer = Optional.empty();
    final Hand robot = new Hand(this::still, this::quiet);

    /// What the window starts on.
    String start() {
        return "demo:nightjar";
    }

    @BeforeEach
    void open() throws TimeoutException {
        FxToolkit.registerPrimaryStage();
        stage = FxToolkit.registerStage(Stage::new);
        robot.interact(this::show);
        robot.rest();
    }

    private void show() {
        home = new Home(folder.resolve("home-" + System.nanoTime()));
        desk = new Desk(stage, home, Optional.of(new Desk.Chooser() {
            @Override
            public Optional<Path> open() {
                return answer;
            }

            @Override
            public Optional<Path> picture() {
                return answer;
            }

            @Override
            public Optional<Path> table() {
                return answer;
            }

            @Override
            public Optional<Path> save(String name, String ending) {
                return answer;
            }
        }));
        desk.start(start());
    }

    @AfterEach
    void leave() {
        robot.interact(() -> {
            desk.leave();
            stage.close();
        });
        robot.release(new KeyCode[]{});
        robot.release(new javafx.scene.input.MouseButton[]{});
    }

    /// Whether all that follows from what was done is shown.
    private boolean still() {
        return desk == null || desk.window().map(w -> w.bench().settled()).orElse(true);
    }

    /// Whether pages work nothing out for themselves either.
    private boolean quiet() {
        return desk == null || desk.window().map(MainWindow::caughtUp).orElse(true);
    }

    Stage stage() {
        return stage;
    }

    MainWindow window() {
        return desk.window().orElseThrow();
    }

    State state() {
        return window().bench().state();
    }

    Thing thing(String id) {
        return state().project().design().thing(id).orElseThrow();
    }

    String text(String query) {
        Node node = robot.lookup(query).query();
        return (node instanceof TextField field ? field.getText() : ((Labeled) node).getText()).replace('\u00a0', ' ');
    }

    /// Clicks a control where it is, scrolling the card to it first.
    void click(String query) {
        Node node = robot.lookup(query).query();
        robot.interact(() -> reveal(node));
        robot.rest();
        robot.clickOn(node);
        robot.rest();
    }

    /// Scrolls the page until a node stands in its middle.
    static void reveal(Node node) {
        for (Node up = node.getParent(); up != null; up = up.getParent()) {
            if (up instanceof javafx.scene.control.ScrollPane pane && pane.getContent() != null) {
                Bounds in = pane.getContent().sceneToLocal(node.localToScene(node.getBoundsInLocal()));
                double free = pane.getContent().getBoundsInLocal().getHeight() - pane.getViewportBounds().getHeight();
                pane.setVvalue(free <= 0
                        ? 0
                        : Math.clamp((in.getCenterY() - pane.getViewportBounds().getHeight() / 2) / free, 0, 1));
                pane.layout();
                return;
            }
        }
    }

    /// Types into a field and presses Enter.
    void enter(String query, String typed) {
        click(query);
        TextInputControl field = robot.lookup(query).query();
        robot.interact(field::selectAll);
        robot.write(typed);
        robot.type(KeyCode.ENTER);
        robot.rest();
    }

    /// Chooses a value of a list.
    <T> void choose(String query, T value) {
        ComboBox<T> box = robot.lookup(query).query();
        robot.interact(() -> box.setValue(value));
        robot.rest();
    }

    /// Pages of the stage that is shown, the sheet alone where it has no others.
    List<String> leaves() {
        return robot.ask(() -> {
            List<String> ids = window().root().lookupAll(".leaf-strip .toggle-button").stream()
                    .map(n -> n.getId().substring("leaf-".length())).toList();
            return ids.isEmpty() ? List.of("sheet") : ids;
        });
    }

    /// Every text that stands on the window, without protected spaces.
    List<String> texts() {
        return robot.ask(() -> window().root().lookupAll(".label").stream().map(n -> ((Labeled) n).getText())
                .filter(t -> t != null).map(t -> t.replace('\u00a0', ' ')).toList());
    }

    /// Presses a key while others are held.
    void chord(KeyCode key, KeyCode... held) {
        robot.press(held).type(key).release(held);
        robot.rest();
    }

    /// Runs the command that the words find.
    void command(String words) {
        robot.type(KeyCode.F2);
        robot.rest();
        robot.write(words).type(KeyCode.ENTER);
        robot.rest();
    }

    /// Undoes until the project is as it was.
    void undoTo(Project before) {
        while (!state().project().equals(before) && state().history().undoName().isPresent()) {
            chord(KeyCode.Z, KeyCode.CONTROL);
        }
        assertThat(state().project()).isEqualTo(before);
    }

    /// Takes everything out of a new body and goes on in feet and pounds.
    void emptied() {
        chord(KeyCode.A, KeyCode.CONTROL);
        robot.type(KeyCode.DELETE);
        robot.rest();
        assertThat(state().design().things()).isEmpty();
        command("feet");
        assertThat(state().units()).isEqualTo(UnitSystem.US);
    }

    /// Where the middle of a thing is on the screen, in the plan.
    Point2D inPlan(String id) {
        SheetView sheet = window().sheet();
        Projection p = sheet.projection();
        Thing t = thing(id);
        Solid s = Solid.of(t.size(), t.at(state().mode()));
        double tongue = state().design().base().tongueLength();
        return sheet.localToScreen(p.sx(tongue + s.x()), p.py(s.y()));
    }

    /// Waits until the remedies of the stage are computed.
    void settle() {
        until(() -> window().settled());
    }

    void until(BooleanSupplier condition) {
        robot.until(condition, 90);
    }

    /// Whether a node and all that holds it are visible.
    static boolean seen(Node node) {
        for (Node up = node; up != null; up = up.getParent()) {
            if (!up.isVisible()) {
                return false;
            }
        }
        return true;
    }

    void assertShown(String query) {
        assertThat(robot.lookup(query).tryQuery()).isPresent();
    }
}
