package lectulum.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.files.Home;
import lectulum.files.Journal;
import lectulum.files.ProjectFile;
import lectulum.files.ProjectJson;
import lectulum.window.MainWindow;
import lectulum.window.StartPage;
import lectulum.workbench.Session;
import lectulum.workbench.Workbench;

/// What stands on the screen: the start page or one project, and the way from one to the other.
public final class Desk implements StartPage.Choices {
    /// What names a demonstration instead of a file.
    static final String DEMO = "demo:";

    private final Stage stage;
    private final Home home;
    private final Chooser chooser;
    private final Scene scene = new Scene(new Region(), 1280, 800);
    private Optional<MainWindow> window = Optional.empty();

    /// Asks the user for files.
    public interface Chooser {
        Optional<Path> open();

        Optional<Path> picture();

        Optional<Path> save(String name, String ending);
    }

    public Desk(Stage stage, Home home, Optional<Chooser> chooser) {
        this.stage = stage;
        this.home = home;
        this.chooser = chooser.orElseGet(Dialogs::new);
        stage.setScene(scene);
        stage.setMinWidth(1000);
        stage.setMinHeight(640);
        stage.setOnCloseRequest(e -> leave());
    }

    /// Shows a file, a demonstration (`demo:nightjar`), or the start page for an empty name.
    public void start(String name) {
        if (name.isEmpty()) {
            startPage(Optional.empty());
        } else if (name.startsWith(DEMO)) {
            Campers.demo(name.substring(DEMO.length())).ifPresentOrElse(p -> begin(p, false),
                    () -> startPage(Optional.of("There is no demonstration called " + name + ".")));
        } else {
            open(Path.of(name));
        }
        stage.show();
    }

    public Optional<MainWindow> window() {
        return window;
    }

    @Override
    public void begin(Project project, boolean worthSaving) {
        attempt(() -> {
            Session session = new Session(home);
            session.begin(project, worthSaving);
            show(session, project, List.of());
        });
    }

    @Override
    public void open(Path file) {
        attempt(() -> {
            Session session = new Session(home);
            ProjectJson.Read read = session.open(file);
            show(session, read.project(), read.notes());
            if (session.readOnly()) {
                window.ifPresent(w -> w.say("Another window has this file open: here it can be read and saved under"
                        + " another name."));
            }
        });
    }

    @Override
    public void browse() {
        chooser.open().ifPresent(this::open);
    }

    @Override
    public void recover(Journal.Left left) {
        attempt(() -> {
            Session session = new Session(home);
            session.recover(left);
            show(session, left.read().project(), List.of());
            window.ifPresent(w -> w.say("Recovered. Nothing is written to a file until you save."));
            left.discard();
        });
    }

    @Override
    public void decline(Journal.Left left) {
        attempt(() -> {
            left.discard();
            startPage(Optional.empty());
        });
    }

    /// Closes what is shown in good order.
    public void leave() {
        window.ifPresent(MainWindow::close);
        window = Optional.empty();
    }

    private interface Step {
        void run() throws IOException;
    }

    private void attempt(Step step) {
        try {
            step.run();
        } catch (IOException e) {
            startPage(Optional.of(e.getMessage()));
        }
    }

    private void startPage(Optional<String> said) {
        leave();
        List<Path> recent = List.of();
        List<Journal.Left> left = List.of();
        try {
            recent = home.recent();
            left = Journal.leftBehind(home.journals());
        } catch (IOException e) {
            said = Optional.of("The list of your files could not be read: " + e.getMessage());
        }
        stage.setTitle("Lectulum");
        scene.setRoot(new StartPage(recent, left, said, this).root());
    }

    private void show(Session session, Project project, List<String> notes) {
        leave();
        MainWindow next = new MainWindow(new Workbench(project), session, new WindowFiles());
        window = Optional.of(next);
        next.onTitleChanged(() -> stage.setTitle(next.title()));
        scene.setRoot(next.root());
        stage.setTitle(next.title());
        if (!notes.isEmpty()) {
            next.say(String.join(" ", notes));
        }
        next.sheet().requestFocus();
    }

    private final class WindowFiles implements MainWindow.Files {
        @Override
        public Optional<Path> open() {
            return chooser.open();
        }

        @Override
        public Optional<Path> picture() {
            return chooser.picture();
        }

        @Override
        public Optional<Path> save(String name, String ending) {
            return chooser.save(name, ending);
        }

        @Override
        public void show(Optional<Path> file) {
            file.ifPresentOrElse(Desk.this::open, () -> startPage(Optional.empty()));
        }
    }

    /// The system's file dialogs.
    private final class Dialogs implements Chooser {
        @Override
        public Optional<Path> open() {
            FileChooser dialog = new FileChooser();
            dialog.setTitle("Open a camper");
            dialog.getExtensionFilters().add(new FileChooser.ExtensionFilter("Lectulum project",
                    "*" + ProjectFile.ENDING, "*.json"));
            return Optional.ofNullable(dialog.showOpenDialog(stage)).map(java.io.File::toPath);
        }

        @Override
        public Optional<Path> picture() {
            FileChooser dialog = new FileChooser();
            dialog.setTitle("A photograph of the side");
            dialog.getExtensionFilters()
                    .add(new FileChooser.ExtensionFilter("Pictures", "*.png", "*.jpg", "*.jpeg", "*.gif", "*.bmp"));
            return Optional.ofNullable(dialog.showOpenDialog(stage)).map(java.io.File::toPath);
        }

        @Override
        public Optional<Path> save(String name, String ending) {
            FileChooser dialog = new FileChooser();
            dialog.setInitialFileName(name);
            return Optional.ofNullable(dialog.showSaveDialog(stage)).map(java.io.File::toPath).map(
                    p -> p.toString().endsWith(ending) ? p : p.resolveSibling(p.getFileName() + ending));
        }
    }
}
