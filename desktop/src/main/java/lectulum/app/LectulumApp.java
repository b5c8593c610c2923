package lectulum.app;

import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import lectulum.files.Home;

/// The JavaFX application: one window on one project or on the start page.
public final class LectulumApp extends Application {
    @Override
    public void start(Stage stage) {
        List<String> named = getParameters().getUnnamed();
        new Desk(stage, Home.ofUser(), Optional.empty()).start(named.isEmpty() ? "" : named.getFirst());
        if (Boolean.getBoolean("lectulum.timeStart")) {
            Platform.runLater(() -> Platform.runLater(LectulumApp::reportStart));
        }
    }

    /// Prints how long it took from the start of the process to a window that answers, and ends.
    private static void reportStart() {
        ProcessHandle.current().info().startInstant().ifPresent(began -> System.out
                .println("usable after " + java.time.Duration.between(began, java.time.Instant.now()).toMillis()
                        + " ms"));
        Platform.exit();
    }
}
