package lectulum.app;

import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import lectulum.analysis.FirstHour;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.files.Home;
import lectulum.files.Journal;
import lectulum.files.ProjectFile;
import lectulum.files.ProjectJson;
import lectulum.parts.Trouble;
import lectulum.theme.Theme;
import lectulum.units.UnitSystem;
import lectulum.window.Kept;
import lectulum.window.MainWindow;
import lectulum.window.Question;
import lectulum.window.StartPage;
import lectulum.workbench.Session;
import lectulum.workbench.Workbench;

/// What stands on the screen: the start page or one project, and the way from one to the other.
public final class Desk implements StartPage.Choices {
    /// Works out what the hand does not wait for; one edit after the other.
    private static final Executor ANALYST = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "analysis");
        thread.setDaemon(true);
        return thread;
    });

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

        default Optional<Path> table() {
            return Optional.empty();
        }

        Optional<Path> save(String name, String ending);
    }

    public Desk(Stage stage, Home home, Optional<Chooser> chooser) {
        this.stage = stage;
        this.home = home;
        this.chooser = chooser.orElseGet(Dialogs::new);
        stage.getIcons().setAll(Theme.icon());
        stage.setScene(scene);
        stage.setMinWidth(1000);
        stage.setMinHeight(640);
        stage.setOnCloseRequest(this::closing);
        Trouble.watch(sentence -> Platform.runLater(() -> say(sentence)));
    }

    /// Shows a file, a demonstration (`demo:nightjar`), or the start page for an empty name.
    public void start(String name) {
        if (name.isEmpty()) {
            startPage(Optional.empty());
        } else if (name.startsWith(DEMO)) {
            Campers.demo(name.substring(DEMO.length())).ifPresentOrElse(p -> begin(p, false),
                    () -> startPage(Optional.of("There is no demonstration called " + name + ".")));
        } else {
            openNamed(name);
        }
        stage.show();
    }

    private void openNamed(String name) {
        try {
            open(Path.of(name));
        } catch (InvalidPathException e) {
            startPage(Optional.of("“" + name + "” cannot be the name of a file."));
        }
    }

    public Optional<MainWindow> window() {
        return window;
    }

    @Override
    public void begin(Project project, boolean worthSaving) {
        leaving(() -> {
            Session session = new Session(home);
            session.begin(project, worthSaving);
            show(session, project, List.of());
        });
    }

    @Override
    public void firstHour() {
        Project project = FirstHour.begin(home.units().orElse(UnitSystem.METRIC));
        leaving(() -> {
            Session session = new Session(home);
            session.begin(project, true);
            show(session, project, List.of());
            window.ifPresent(MainWindow::firstHour);
        });
    }

    /// Opens a file in the place of what is shown. One that cannot be read leaves everything as it was.
    @Override
    public void open(Path file) {
        attempt(() -> {
            ProjectFile.Opened opened = ProjectFile.opened(file);
            boolean again = window.flatMap(MainWindow::file).filter(file.toAbsolutePath().normalize()::equals)
                    .isPresent();
            leaving(() -> {
                Session session = new Session(home);
                ProjectJson.Read read = session.open(file, again ? ProjectFile.opened(file) : opened);
                List<String> notes = new ArrayList<>(read.notes());
                notes.addAll(session.notes());
                show(session, read.project(), notes);
                offerKept(session, notes);
            });
        });
    }

    /// Work on this very file that was kept earlier is offered at once.
    private void offerKept(Session session, List<String> notes) {
        Optional<Journal.Left> kept = Journal.leftBehind(home.journals()).stream().filter(l -> !l.givenUp())
                .filter(l -> l.from().map(Journal.Origin::file).equals(session.file())).findFirst();
        kept.ifPresent(l -> window.ifPresent(w -> w.say(
                String.join(" ", notes) + (notes.isEmpty() ? "" : " ")
                        + new Kept(l).sentence(),
                "Go on with that", () -> recover(l))));
    }

    @Override
    public void browse() {
        chooser.open().ifPresent(this::open);
    }

    @Override
    public void recover(Journal.Left left) {
        leaving(() -> {
            Session session = new Session(home);
            if (!session.recover(left)) {
                say("Another window has that work open.");
                return;
            }
            List<String> notes = new ArrayList<>(
                    List.of("Recovered. Nothing is written to a file until you save."));
            notes.addAll(session.notes());
            show(session, left.read().project(), notes);
        });
    }

    @Override
    public void decline(Journal.Left left) {
        attempt(() -> {
            left.giveUp();
            startPage(Optional.empty());
        });
    }

    /// Closes what is shown in good order; what is not saved is kept and offered again.
    public void leave() {
        attempt(this::keepAndLeave);
    }

    private void keepAndLeave() throws IOException {
        if (window.isPresent()) {
            window.get().leave();
            window = Optional.empty();
        }
    }

    /// A second request to close, while the question is open, keeps what is not saved.
    private void closing(WindowEvent e) {
        boolean asked = window.map(MainWindow::asking).orElse(false);
        if (!asked && window.map(MainWindow::unsaved).orElse(false)) {
            e.consume();
            leaving(stage::close);
            return;
        }
        try {
            keepAndLeave();
        } catch (IOException notKept) {
            e.consume();
            say("The work could not be kept: " + notKept.getMessage() + ". Save it under another name, or discard it.");
        }
    }

    private interface Step {
        void run() throws IOException;
    }

    /// Goes on to something else once it is said what becomes of unsaved work.
    private void leaving(Step next) {
        Step kept = () -> {
            keepAndLeave();
            next.run();
        };
        if (!window.map(MainWindow::unsaved).orElse(false)) {
            attempt(kept);
            return;
        }
        MainWindow w = window.orElseThrow();
        Question question = new Question("leave", "“" + w.bench().state().project().name() + "” is not saved.",
                "Kept work is offered on the start page and when its file is opened. What you discard can be had back"
                        + " from the start page until you discard something else.");
        question.answer("save", "Save", () -> w.save(() -> attempt(kept)))
                .answer("keep", "Leave and keep it", () -> attempt(kept))
                .answer("discard", "Discard", () -> attempt(() -> {
                    w.giveUp();
                    window = Optional.empty();
                    next.run();
                })).answer("stay", "Stay here", () -> {
                });
        w.ask(question);
    }

    /// What fails is said where the user is.
    private void attempt(Step step) {
        try {
            step.run();
        } catch (IOException e) {
            say(e.getMessage());
        }
    }

    private void say(String sentence) {
        window.ifPresentOrElse(w -> w.say(sentence), () -> startPage(Optional.of(sentence)));
    }

    private void startPage(Optional<String> said) {
        Journal.clean(home.journals());
        stage.setTitle("Lectulum");
        scene.setRoot(new StartPage(
                new StartPage.Contents(home.recent(), Journal.leftBehind(home.journals()), said,
                        home.units().orElse(UnitSystem.METRIC)),
                this, ANALYST, Platform::runLater).root());
    }

    /// What is chosen on one camper is chosen for the next that is begun.
    private void keep(UnitSystem units) {
        try {
            home.keepUnits(units);
        } catch (IOException e) {
            window.ifPresent(w -> w.say("The units are not kept for new campers: " + e.getMessage()));
        }
    }

    /// Lets the interface have the processors until what it is at is done: a window stands sooner so.
    private static void afterThis(Runnable work) {
        Platform.runLater(() -> ANALYST.execute(work));
    }

    private void show(Session session, Project project, List<String> notes) {
        MainWindow next = new MainWindow(new Workbench(project, Desk::afterThis, Platform::runLater), session,
                new WindowFiles());
        window = Optional.of(next);
        next.bench().stateProperty().addListener((o, was, now) -> {
            if (was.units() != now.units()) {
                keep(now.units());
            }
        });
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
        public Optional<Path> table() {
            return chooser.table();
        }

        @Override
        public Optional<Path> save(String name, String ending) {
            return chooser.save(name, ending);
        }

        @Override
        public void show(Optional<Path> file) {
            file.ifPresentOrElse(Desk.this::open, () -> leaving(() -> startPage(Optional.empty())));
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
        public Optional<Path> table() {
            FileChooser dialog = new FileChooser();
            dialog.setTitle("A table");
            dialog.getExtensionFilters().add(new FileChooser.ExtensionFilter("Tables", "*.csv", "*.tsv", "*.txt"));
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
