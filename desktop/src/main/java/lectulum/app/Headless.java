package lectulum.app;

import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import lectulum.design.Project;
import lectulum.files.Home;
import lectulum.sheet.SheetPicture;
import lectulum.window.MainWindow;
import lectulum.workbench.Session;
import lectulum.workbench.Workbench;

/// Runs the interface without a monitor, to make pictures of it.
final class Headless {
    private Headless() {
    }

    /// Starts the toolkit on its built-in platform that needs no display.
    static void start() {
        System.setProperty("glass.platform", System.getProperty("glass.platform", "Headless"));
        System.setProperty("prism.order", System.getProperty("prism.order", "sw"));
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        Platform.setImplicitExit(false);
        try {
            started.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /// Runs a step on the interface thread and waits for it.
    static <T> T on(Callable<T> step) {
        FutureTask<T> task = new FutureTask<>(step);
        Platform.runLater(task);
        try {
            return task.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        }
    }

    /// A window on a project that no file belongs to.
    ///
    /// @param remedied whether its findings bring their remedies
    static MainWindow window(Project project, Home home, boolean remedied) {
        return on(() -> {
            Session session = new Session(home);
            session.begin(project, false);
            return new MainWindow(new Workbench(project), session, new NoFiles(), remedied);
        });
    }

    /// A scene as a PNG, once its layout has come to rest and `settled` says so.
    static byte[] picture(Scene scene, java.util.function.BooleanSupplier settled) {
        CountDownLatch ready = new CountDownLatch(1);
        Platform.runLater(() -> new AnimationTimer() {
            private int quiet;

            @Override
            public void handle(long now) {
                // A page may lay its columns out by the width it was given.
                scene.getRoot().applyCss();
                scene.getRoot().layout();
                quiet = settled.getAsBoolean() ? quiet + 1 : 0;
                if (quiet > 3) {
                    stop();
                    ready.countDown();
                }
            }
        }.start());
        try {
            ready.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return on(() -> {
            WritableImage image = new WritableImage((int) scene.getWidth(), (int) scene.getHeight());
            return SheetPicture.encode(scene.snapshot(image));
        });
    }

    private static final class NoFiles implements MainWindow.Files {
        @Override
        public java.util.Optional<java.nio.file.Path> open() {
            return java.util.Optional.empty();
        }

        @Override
        public java.util.Optional<java.nio.file.Path> picture() {
            return java.util.Optional.empty();
        }

        @Override
        public java.util.Optional<java.nio.file.Path> save(String name, String ending) {
            return java.util.Optional.empty();
        }

        @Override
        public void show(java.util.Optional<java.nio.file.Path> file) {
            throw new IllegalStateException("a picture opens no files");
        }
    }
}
