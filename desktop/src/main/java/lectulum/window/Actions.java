package lectulum.window;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.figures.Stage;
import lectulum.files.AtomicFile;
import lectulum.files.ChangedMeanwhile;
import lectulum.files.ProjectFile;
import lectulum.files.ThingsCsv;
import lectulum.guide.Guidebook;
import lectulum.guide.Reference;
import lectulum.layout.Mirror;
import lectulum.papers.Report;
import lectulum.parts.Picture;
import lectulum.sheet.SheetPicture;
import lectulum.stage.Leaf;
import lectulum.stage.StageUnit;
import lectulum.stage.Stages;
import lectulum.theme.Theme;
import lectulum.units.UnitSystem;
import lectulum.workbench.Session;
import lectulum.workbench.Workbench;

/// Everything the window can be told to do, by name, in one list.
final class Actions {
    static final List<String> FILE_MENU = List.of("Start page", "Open…", "Save", "Save as…", "Merge with another copy…",
            "",
            "Export things as CSV…",
            "Export figures as CSV…", "Export sheet as PNG…", "Export sheet as SVG…", "Full-size template…", "",
            "Rename project…",
            "Light or dim theme");

    private final MainWindow window;
    private final Workbench bench;
    private final Session session;
    private final MainWindow.Files files;
    private final List<Command> commands = new ArrayList<>();

    Actions(MainWindow window, Workbench bench, Session session, MainWindow.Files files) {
        this.window = window;
        this.bench = bench;
        this.session = session;
        this.files = files;
        fileCommands();
        editCommands();
        viewCommands();
    }

    List<Command> commands() {
        return commands;
    }

    Command command(String name) {
        return commands.stream().filter(c -> c.name().equals(name)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no command " + name));
    }

    private void add(String name, String keys, Runnable action) {
        commands.add(Command.of(name, keys, action));
    }

    private void fileCommands() {
        add("Start page", "Shortcut+Shift+N", () -> files.show(Optional.empty()));
        add("Open…", "Shortcut+O", () -> files.open().ifPresent(f -> files.show(Optional.of(f))));
        add("Save", "Shortcut+S", () -> save(() -> {
        }));
        add("Save as…", "Shortcut+Shift+S", () -> saveAs(() -> {
        }));
        add("Merge with another copy…", "", () -> files.open().ifPresent(window::merge));
        add("Export things as CSV…", "", () -> export("things.csv", ".csv", this::thingsCsv));
        add("Export figures as CSV…", "", () -> export("figures.csv", ".csv", this::figuresCsv));
        add("Export sheet as PNG…", "", () -> export("sheet.png", ".png", this::picture));
        add("Export sheet as SVG…", "", () -> export("sheet.svg", ".svg", this::drawing));
        add("Full-size template…", "", () -> window
                .open(new TemplateDialog(bench.state(), files, window::say, window::closeOverlay)));
        add("Rename project…", "", () -> ask("Name of the project", bench.state().project().name(),
                bench::renameProject));
    }

    private void editCommands() {
        commands.add(Command.of("Undo", "Shortcut+Z", bench::undo)
                .when(() -> bench.state().history().undoName().isPresent()));
        commands.add(Command.of("Redo", "Shortcut+Shift+Z", bench::redo)
                .when(() -> bench.state().history().redoName().isPresent()));
        commands.add(Command.of("Duplicate", "Shortcut+D", bench::duplicateSelected).when(this::selected));
        commands.add(Command.of("Delete", "Shortcut+Delete", bench::removeSelected).when(this::selected));
        commands.add(Command.of("Turn a quarter", "", () -> bench.turnSelected(Math.PI / 2)).when(this::selected));
        add("Select everything", "Shortcut+A", () -> {
            bench.select(bench.state().design().things().stream().map(t -> t.id()).toList());
            window.sheet().requestFocus();
        });
        commands.add(Command.of("Keep the remedy", "", bench::keepTrial)
                .when(() -> bench.state().trial().isPresent()));
        commands.add(Command.of("Drop the remedy", "", bench::dropTrial)
                .when(() -> bench.state().trial().isPresent()));
        add("Mirror left and right", "", this::mirror);
        add("Pin: measure changes from here", "Shortcut+P", bench::pin);
        add("Copy variant", "Shortcut+Shift+D",
                () -> ask("Name of the new variant", "variant " + (bench.state().project().variants().size() + 1),
                        bench::copyVariant));
        commands.add(Command.of("Compare variants", "Shortcut+Shift+C", this::compare)
                .when(() -> bench.state().project().variants().size() > 1));
        commands.add(Command.of("Delete variant", "", bench::deleteVariant)
                .when(() -> bench.state().project().variants().size() > 1));
    }

    private void viewCommands() {
        add("Add things", "A", window::toggleTray);
        commands.add(Command.of("Edit the selected thing", "E", window::editSelected).when(this::selected));
        add("Measure", "M", () -> window.sheet().setMeasuring(!window.sheet().measuring()));
        add("Section across the camper", "X", window::toggleSection);
        add("The camper from ahead", "", window::toggleFront);
        add("Where is…", "W", window::whereIs);
        add("Fit the sheet", "F", () -> window.sheet().fit());
        add("Zoom in", "Shortcut+Plus", () -> window.sheet().zoom(1.25));
        add("Zoom in more", "Shortcut+Equals", () -> window.sheet().zoom(1.25));
        add("Zoom out", "Shortcut+Minus", () -> window.sheet().zoom(0.8));
        add("Metric units", "Shortcut+Shift+M", () -> bench.setUnits(UnitSystem.METRIC));
        add("Feet and pounds", "Shortcut+Shift+F", () -> bench.setUnits(UnitSystem.US));
        add("Light or dim theme", "", window::toggleTheme);
        add("Show the next steps", "", () -> window.nextSteps(true));
        add("Hide the next steps", "", () -> window.nextSteps(false));
        List<Stage> stages = Stages.ALL.stream().map(StageUnit::stage).toList();
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            add("Go to " + stage.label(), i < 9 ? "Shortcut+" + (i + 1) : "", () -> bench.setStage(stage));
        }
        for (Stage stage : stages) {
            for (Leaf leaf : window.leavesOf(stage)) {
                add(stage.label() + ": " + leaf.name(), "", () -> window.turnTo(stage, leaf.id()));
            }
        }
        add("Guide to this page", "F1", window::guide);
        add("Guide: contents", "", () -> window.guide(Reference.FIRST));
        add("Guide: the first hour", "", window::firstHour);
        add("Guide: keys", "", () -> window.guide(new Reference("guide/window", "keys")));
        add("Licences of all parts", "", () -> window.guide(Guidebook.LICENCES));
        add("Do anything", "F2", () -> window.openPalette(commands));
    }

    private void mirror() {
        bench.edit(Mirror.edit());
        List<String> other = Mirror.handed(bench.state().design()).stream().map(t -> t.name()).toList();
        if (!other.isEmpty()) {
            window.say("Made for one side, to be bought in the other hand: " + String.join(", ", other) + ".");
        }
    }

    /// A picture for the profile, copied beside the project's file where it has one.
    Optional<String> pickPhoto() {
        return files.picture().flatMap(path -> {
            if (Picture.read(path, 64).isEmpty()) {
                window.say(path.getFileName() + " is no picture that can be read.");
                return Optional.empty();
            }
            try {
                return Optional.of(session.attach(path));
            } catch (IOException e) {
                window.say("The picture could not be taken over: " + e.getMessage());
                return Optional.empty();
            }
        });
    }

    private boolean selected() {
        return !bench.state().selection().isEmpty();
    }

    /// Saves, asking for a name where there is none.
    ///
    /// @param then is run once it is saved
    void save(Runnable then) {
        if (session.file().isEmpty() || session.readOnly()) {
            saveAs(then);
            return;
        }
        try {
            session.save(bench.state().project());
            saved(then);
        } catch (ChangedMeanwhile e) {
            window.ask(new Question("changed-meanwhile", e.getMessage(),
                    "Saving over it keeps what it holds now beside it, as its previous version.")
                    .answer("over", "Save over it", () -> saveOver(then))
                    .answer("as", "Save as…", () -> saveAs(then)).answer("stay", "Not now", () -> {
                    }));
        } catch (IOException e) {
            notSaved(e);
        }
    }

    private void saveOver(Runnable then) {
        try {
            session.saveOver(bench.state().project());
            saved(then);
        } catch (IOException e) {
            notSaved(e);
        }
    }

    private void saveAs(Runnable then) {
        files.save(ProjectFile.nameFor(bench.state().project().name()), ProjectFile.ENDING).ifPresent(path -> {
            try {
                session.saveAs(path, bench.state().project());
                saved(then);
            } catch (IOException e) {
                notSaved(e);
            }
        });
    }

    private void saved(Runnable then) {
        window.hush();
        if (!session.notes().isEmpty()) {
            window.say(String.join(" ", session.notes()));
        }
        window.saved();
        then.run();
    }

    private void notSaved(IOException e) {
        window.say("Not saved: " + e.getMessage());
        window.saved();
    }

    private interface Export {
        void to(Path path) throws IOException;
    }

    private void export(String name, String ending, Export export) {
        files.save(name, ending).ifPresent(path -> {
            try {
                export.to(path);
                window.say("Written: " + path);
            } catch (IOException e) {
                window.say("Not written: " + e.getMessage());
            }
        });
    }

    private void thingsCsv(Path path) throws IOException {
        var text = new StringWriter();
        ThingsCsv.things(bench.state().design(), text);
        AtomicFile.write(path, text.toString());
    }

    private void figuresCsv(Path path) throws IOException {
        var text = new StringWriter();
        Report.figuresCsv(bench.state().analysis().whole(), text);
        AtomicFile.write(path, text.toString());
    }

    private void picture(Path path) throws IOException {
        AtomicFile.write(path, SheetPicture.png(bench.state(), Theme.PAPER,
                Stages.look(bench.state().stage()), 1600, 1000));
    }

    private void drawing(Path path) throws IOException {
        AtomicFile.write(path, SheetPicture.svg(bench.state(), Theme.PAPER, Stages.look(bench.state().stage()), 1600,
                1000));
    }

    private void compare() {
        window.open(new Comparison(bench.state(), window.theme(), window::closeOverlay));
    }

    private void ask(String question, String proposal, java.util.function.Consumer<String> answer) {
        TextField field = new TextField(proposal);
        field.setId("ask");
        field.getStyleClass().add("boxed");
        Button ok = new Button("OK");
        ok.getStyleClass().add("primary");
        Runnable done = () -> {
            if (!field.getText().isBlank()) {
                window.closeOverlay();
                answer.accept(field.getText().strip());
            }
        };
        ok.setOnAction(e -> done.run());
        field.setOnAction(e -> done.run());
        Label label = new Label(question);
        label.getStyleClass().add("heading");
        VBox box = new VBox(8, label, new HBox(6, field, ok));
        box.getStyleClass().add("popover");
        box.setLayoutX(360);
        box.setLayoutY(90);
        window.open(box);
        field.requestFocus();
        field.selectAll();
    }
}
