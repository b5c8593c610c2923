package lectulum;

import java.util.Arrays;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventTarget;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.testfx.service.query.NodeQuery;

/// A hand at mouse and keyboard: after each gesture it waits until what came of it is shown and laid out and nothing is being
/// worked out for it any more, and not a moment longer.
public final class Hand {
    private static final long LONGEST_SECONDS = 30;
    private static final long WAIT_NANOS = 2_000_000;
    private static final Queue<Throwable> THROWN = new ConcurrentLinkedQueue<>();
    private final FxRobot finder = new FxRobot();
    private static final long GRACE_SECONDS = 1;
    private final BooleanSupplier still;
    private final BooleanSupplier quiet;
    private Robot robot;

    /// @param still whether nothing that was asked for is under way; asked on the interface thread
    /// @param quiet whether nothing else is worked out for what is shown either: that is waited for, but not for long, as some of it
    ///              goes on until somebody stops it
    public Hand(BooleanSupplier still, BooleanSupplier quiet) {
        this.still = still;
        this.quiet = quiet;
    }

    public Hand() {
        this(() -> true, () -> true);
    }

    public Found lookup(Predicate<Node> which) {
        return new Found(() -> finder.lookup(which));
    }

    public Found lookup(String query) {
        return new Found(() -> finder.lookup(query));
    }

    /// What is found below a node.
    public Found under(Node node, Predicate<Node> which) {
        return new Found(() -> finder.from(node).lookup(which));
    }

    /// Nodes of a query, sought on the interface thread, so that nothing moves meanwhile.
    public record Found(Supplier<NodeQuery> sought) {
        /// The one at a place in the order of the page, from 0.
        public Found nth(int index) {
            return new Found(() -> sought.get().nth(index));
        }

        public <T extends Node> T query() {
            return run(() -> sought.get().<T>query());
        }

        public <T extends Node> Optional<T> tryQuery() {
            return run(() -> sought.get().<T>tryQuery());
        }

        public <T extends Node> Set<T> queryAll() {
            return run(() -> sought.get().<T>queryAll());
        }

        public <T extends Node> T queryAs(Class<T> kind) {
            return run(() -> sought.get().queryAs(kind));
        }

        public <T extends Node> Optional<T> tryQueryAs(Class<T> kind) {
            return run(() -> sought.get().tryQueryAs(kind));
        }

        public <T extends Node> Set<T> queryAllAs(Class<T> kind) {
            return run(() -> sought.get().queryAllAs(kind));
        }

        public <T> ComboBox<T> queryComboBox() {
            return run(() -> sought.get().<T>queryComboBox());
        }
    }

    public Window window(int index) {
        return finder.window(index);
    }

    /// What the interface thread says, while nothing moves.
    public <T> T ask(Callable<T> question) {
        return run(question);
    }

    public Hand interact(Runnable gesture) {
        return gesture(gesture);
    }

    public Hand clickOn(String query, MouseButton... buttons) {
        return click(run(() -> finder.point(query).query()), buttons);
    }

    public Hand clickOn(Node node, MouseButton... buttons) {
        return click(run(() -> finder.point(node).query()), buttons);
    }

    public Hand clickOn(Point2D at, MouseButton... buttons) {
        return click(at, buttons);
    }

    public Hand clickOn(double x, double y, MouseButton... buttons) {
        return click(new Point2D(x, y), buttons);
    }

    public Hand doubleClickOn(Point2D at) {
        moveTo(at);
        return gesture(() -> robot().mouseClick(MouseButton.PRIMARY))
                .gesture(() -> robot().mouseClick(MouseButton.PRIMARY));
    }

    private Hand click(Point2D at, MouseButton... buttons) {
        MouseButton[] which = buttons.length == 0 ? new MouseButton[]{MouseButton.PRIMARY} : buttons;
        return moveTo(at).press(which).release(which);
    }

    public Hand moveTo(String query) {
        return moveTo(run(() -> finder.point(query).query()));
    }

    public Hand moveTo(Node node) {
        return moveTo(run(() -> finder.point(node).query()));
    }

    public Hand moveTo(Point2D at) {
        return gesture(() -> robot().mouseMove(at));
    }

    public Hand moveBy(double dx, double dy) {
        return gesture(() -> robot().mouseMove(robot().getMousePosition().add(dx, dy)));
    }

    public Hand press(MouseButton... buttons) {
        return gesture(() -> robot().mousePress(buttons));
    }

    /// Lets go; of all buttons where none is named.
    public Hand release(MouseButton... buttons) {
        MouseButton[] which = buttons.length == 0
                ? new MouseButton[]{MouseButton.PRIMARY, MouseButton.SECONDARY}
                : buttons;
        return gesture(() -> robot().mouseRelease(which));
    }

    public Hand press(KeyCode... keys) {
        return gesture(() -> Arrays.stream(keys).forEach(robot()::keyPress));
    }

    /// Lets go; of all modifiers where no key is named.
    public Hand release(KeyCode... keys) {
        KeyCode[] which = keys.length == 0 ? new KeyCode[]{KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.ALT} : keys;
        return gesture(() -> Arrays.stream(which).forEach(robot()::keyRelease));
    }

    public Hand type(KeyCode... keys) {
        for (KeyCode key : keys) {
            gesture(() -> robot().keyPress(key)).gesture(() -> robot().keyRelease(key));
        }
        return this;
    }

    /// Types a text into whatever has the focus.
    public Hand write(String text) {
        text.chars().forEach(c -> run(() -> {
            typed((char) c);
            return null;
        }));
        return rest();
    }

    private static void typed(char c) {
        Scene scene = Window.getWindows().stream().filter(Window::isFocused).findFirst()
                .orElseGet(() -> Window.getWindows().getLast()).getScene();
        EventTarget target = scene.getFocusOwner() == null ? scene : scene.getFocusOwner();
        String text = String.valueOf(c);
        Event.fireEvent(target, key(KeyEvent.KEY_PRESSED, KeyEvent.CHAR_UNDEFINED, text));
        Event.fireEvent(target, key(KeyEvent.KEY_TYPED, text, ""));
        Event.fireEvent(target, key(KeyEvent.KEY_RELEASED, KeyEvent.CHAR_UNDEFINED, text));
    }

    private static KeyEvent key(javafx.event.EventType<KeyEvent> type, String character, String text) {
        return new KeyEvent(type, character, text, KeyCode.UNDEFINED, false, false, false, false);
    }

    /// Waits until something has come about.
    public Hand until(BooleanSupplier condition, long seconds) {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        while (!condition.getAsBoolean()) {
            if (System.nanoTime() > until) {
                throw new AssertionError("it did not come to that");
            }
            LockSupport.parkNanos(WAIT_NANOS);
            run(Hand::layOut);
        }
        return rest();
    }

    /// Waits until everything that was begun is done and drawn.
    public Hand rest() {
        run(Hand::layOut);
        await(still, LONGEST_SECONDS);
        await(quiet, GRACE_SECONDS);
        run(Hand::layOut);
        Throwable thrown = THROWN.poll();
        if (thrown != null) {
            THROWN.clear();
            throw new AssertionError("the window threw", thrown);
        }
        return this;
    }

    private static void await(BooleanSupplier done, long seconds) {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        while (!run(done::getAsBoolean) && System.nanoTime() < until) {
            // What is worked out beside the window needs the processor more than the window does.
            LockSupport.parkNanos(WAIT_NANOS);
            run(Hand::layOut);
        }
    }

    private Hand gesture(Runnable gesture) {
        run(() -> {
            gesture.run();
            return null;
        });
        return rest();
    }

    private Robot robot() {
        if (robot == null) {
            robot = new Robot();
        }
        return robot;
    }

    /// Styles and lays out what changed, as the toolkit does before it draws a frame. The frame itself is not drawn: without a
    /// display that takes longer than most gestures. What does it is not open to other modules; tests are in none.
    private static Object layOut() throws ReflectiveOperationException {
        Thread.currentThread().setUncaughtExceptionHandler(Hand::threw);
        Class<?> toolkit = Class.forName("com.sun.javafx.tk.Toolkit");
        return toolkit.getMethod("firePulse").invoke(toolkit.getMethod("getToolkit").invoke(null));
    }

    private static void threw(Thread thread, Throwable fault) {
        THROWN.add(fault);
        Optional.ofNullable(Thread.getDefaultUncaughtExceptionHandler())
                .ifPresent(handler -> handler.uncaughtException(thread, fault));
    }

    private static <T> T run(Callable<T> work) {
        if (Platform.isFxApplicationThread()) {
            try {
                return work.call();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        }
        FutureTask<T> task = new FutureTask<>(work);
        Platform.runLater(task);
        try {
            return task.get(LONGEST_SECONDS, TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof RuntimeException r ? r : new IllegalStateException(e.getCause());
        } catch (InterruptedException | java.util.concurrent.TimeoutException e) {
            throw new AssertionError("the window stands still", e);
        }
    }
}
