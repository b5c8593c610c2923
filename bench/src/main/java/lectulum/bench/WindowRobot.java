package lectulum.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import lectulum.app.Desk;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.files.Home;
import lectulum.window.MainWindow;

/// A hand that edits in the real window, as fast as the window lets it: random edits, undone now and then, on one page after
/// the other of all stages, saved at times. The number of each edit is the name of the vehicle.
///
/// `WindowRobot FILE HOME SEED FIRST` prints a line for every edit that the window has and for every one that it has saved, until
/// it is killed. It ends with 3 and says where, once anything in the window fails.
public final class WindowRobot {
    private static final int PAUSE = 20;
    /// One edit of so many is saved, undone, or followed by another page.
    private static final int SAVED = 9;
    private static final int TURNED = 5;
    private static final int UNDONE = 7;
    private static final int FAILED = 3;

    private final SplittableRandom dice;
    private final RandomEdits random;
    private final Desk desk;

    private WindowRobot(Desk desk, long seed) {
        this.desk = desk;
        this.dice = new SplittableRandom(seed);
        this.random = new RandomEdits(seed);
    }

    public static void main(String[] args) throws Exception {
        WindowRobot robot = in(Path.of(args[0]), Path.of(args[1]), Long.parseLong(args[2]));
        for (int i = Integer.parseInt(args[3]);; i++) {
            int edit = i;
            robot.edit(edit);
            System.out.println("edit " + edit + " " + System.currentTimeMillis());
            if (robot.dice.nextInt(SAVED) == 0) {
                on(() -> {
                    robot.window().save(() -> System.out.println("saved " + edit));
                    return null;
                });
            }
            Thread.sleep(PAUSE);
        }
    }

    /// The program with a file open, on the platform that needs no display.
    static WindowRobot in(Path file, Path home, long seed) throws InterruptedException {
        Platform.startup(() -> {
        });
        Platform.setImplicitExit(false);
        Desk desk = on(() -> {
            Desk started = new Desk(new Stage(), new Home(home), Optional.empty());
            started.start(file.toString());
            return started;
        });
        while (on(() -> desk.window().isEmpty())) {
            Thread.sleep(PAUSE);
        }
        Thread.setDefaultUncaughtExceptionHandler((thread, fault) -> failed(fault));
        return new WindowRobot(desk, seed);
    }

    /// One more edit, and whatever a hand does between edits.
    void edit(int number) throws InterruptedException {
        on(() -> {
            MainWindow w = window();
            if (dice.nextInt(UNDONE) == 0) {
                w.bench().undo();
            }
            w.bench().edit(new Edit("edit " + number, d -> numbered(random.next(d), number)));
            if (dice.nextInt(TURNED) == 0) {
                turn(w);
            }
            return null;
        });
    }

    private void turn(MainWindow w) {
        List<ToggleButton> ways = new ArrayList<>();
        w.root().lookupAll(dice.nextBoolean() ? ".rail .toggle-button" : ".leaf-strip .toggle-button").forEach(n -> {
            if (n instanceof ToggleButton b) {
                ways.add(b);
            }
        });
        if (!ways.isEmpty()) {
            ways.get(dice.nextInt(ways.size())).fire();
        }
    }

    private MainWindow window() {
        return desk.window().orElseThrow();
    }

    /// The design with a number that says how far it is, as the name of the vehicle.
    static Design numbered(Design d, int number) {
        return d.with(d.vehicle().withName(String.valueOf(number)));
    }

    /// @return 0 for a design that was never numbered
    static int number(Design d) {
        String name = d.vehicle().name();
        return name.matches("\\d+") ? Integer.parseInt(name) : 0;
    }

    static <T> T on(Callable<T> step) throws InterruptedException {
        FutureTask<T> task = new FutureTask<>(step);
        Platform.runLater(task);
        try {
            return task.get();
        } catch (ExecutionException e) {
            failed(e.getCause());
            throw new IllegalStateException(e);
        }
    }

    /// The window goes on after a fault; a robot that is there to find faults does not.
    private static void failed(Throwable fault) {
        fault.printStackTrace();
        Runtime.getRuntime().halt(FAILED);
    }
}
