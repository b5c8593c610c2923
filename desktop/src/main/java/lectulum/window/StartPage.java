package lectulum.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.design.brief.CamperType;
import lectulum.files.Journal;
import lectulum.sheet.CanvasSurface;
import lectulum.sheet.Projection;
import lectulum.sheet.SheetPainter;
import lectulum.stage.Stages;
import lectulum.theme.Theme;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Where a session begins: a new camper of each type, a file, something recovered, or a demonstration.
public final class StartPage {
    private final StackPane root = new StackPane();
    private final Executor beside;
    private final Executor front;

    /// What the page can ask for.
    public interface Choices {
        void begin(Project project, boolean worthSaving);

        void open(Path file);

        void browse();

        void recover(Journal.Left left);

        void decline(Journal.Left left);
    }

    /// @param recent files opened last
    /// @param left   what a crash left behind
    /// @param said   a sentence to show on top, such as why a file could not be opened
    /// @param beside where pictures are worked out
    /// @param front  the interface thread, which shows them
    public StartPage(List<Path> recent, List<Journal.Left> left, Optional<String> said, Choices choices,
            Executor beside, Executor front) {
        this.beside = beside;
        this.front = front;
        VBox page = new VBox();
        page.getStyleClass().add("start");
        Label title = new Label("Lectulum");
        title.getStyleClass().add("huge");
        Label about = new Label("Plan, weigh and price a small camper while you draw it.");
        about.getStyleClass().add("faint");
        VBox head = new VBox(2, title, about);
        page.getChildren().add(head);
        said.ifPresent(sentence -> {
            Label label = new Label(sentence);
            label.setId("said");
            label.setWrapText(true);
            label.getStyleClass().addAll("finding", "finding-stop");
            page.getChildren().add(label);
        });
        left.forEach(l -> page.getChildren().add(recovery(l, choices)));
        FlowPane types = new FlowPane(14, 14);
        for (CamperType type : CamperType.values()) {
            Project project = Campers.start(type, "New " + type.label().toLowerCase(java.util.Locale.ROOT));
            types.getChildren().add(tile("new-" + type.name().toLowerCase(java.util.Locale.ROOT), type.label(),
                    "Starts as a camper that is already drawn.", project, p -> choices.begin(p, true)));
        }
        FlowPane demos = new FlowPane(14, 14);
        for (Campers.Demo demo : Campers.demos()) {
            Campers.demo(demo.key()).ifPresent(project -> demos.getChildren()
                    .add(tile("demo-" + demo.key(), demo.name(), demo.about(), project, p -> choices.begin(p, false))));
        }
        page.getChildren().addAll(section("New camper", types), section("Demonstrations", demos),
                files(recent, choices));
        ScrollPane scroll = new ScrollPane(page);
        scroll.setFitToWidth(true);
        root.getChildren().add(scroll);
        Theme.PAPER.dress(root);
    }

    public Region root() {
        return root;
    }

    private static VBox section(String title, Node content) {
        Label head = new Label(title);
        head.getStyleClass().add("heading");
        return new VBox(8, head, content);
    }

    private static VBox files(List<Path> recent, Choices choices) {
        Button open = new Button("Open a file…");
        open.setId("open-file");
        open.setOnAction(e -> choices.browse());
        VBox box = new VBox(4, open);
        if (recent.isEmpty()) {
            Label none = new Label("Files you save appear here.");
            none.getStyleClass().add("faint");
            box.getChildren().add(none);
        }
        for (Path file : recent) {
            Hyperlink link = new Hyperlink(file.getFileName() + "  ·  " + file.getParent());
            link.setOnAction(e -> choices.open(file));
            box.getChildren().add(link);
        }
        return section("Your files", box);
    }

    private static VBox recovery(Journal.Left left, Choices choices) {
        String name = left.read().project().name();
        Label what = new Label(new Kept(left).sentence());
        what.setWrapText(true);
        Button back = new Button((left.givenUp() ? "Bring back " : "Go on with ") + name);
        back.setId(left.givenUp() ? "bring-back" : "recover");
        back.getStyleClass().add("primary");
        back.setOnAction(e -> choices.recover(left));
        Button no = new Button(left.givenUp() ? "Throw away for good" : "Throw away");
        no.setId(left.givenUp() ? "throw-away-for-good" : "throw-away");
        no.setOnAction(e -> choices.decline(left));
        FlowPane buttons = new FlowPane(8, 4, back, no);
        VBox box = new VBox(6, what, buttons);
        box.getStyleClass().addAll("finding", left.givenUp() ? "finding-note" : "finding-warn");
        return box;
    }

    private Button tile(String id, String name, String about, Project project, Consumer<Project> choose) {
        Canvas picture = new Canvas(350, 132);
        Label title = new Label(name);
        title.getStyleClass().add("heading");
        Label text = new Label(about);
        text.setWrapText(true);
        text.getStyleClass().add("faint");
        text.setMinHeight(36);
        text.setPrefWidth(350);
        Button tile = new Button();
        tile.setId(id);
        tile.setAccessibleText(name + ". " + about);
        tile.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        tile.getStyleClass().add("tile");
        tile.setGraphic(new VBox(6, picture, title, text));
        tile.setPrefSize(378, 236);
        tile.setMaxSize(378, 236);
        tile.setOnAction(e -> choose.accept(project));
        draw(picture, project);
        return tile;
    }

    /// Drawn at once as far as that is known, and again when the rest has been worked out.
    private void draw(Canvas picture, Project project) {
        Workbench bench = new Workbench(project, beside, front);
        paint(picture, bench.state());
        bench.stateProperty().addListener((o, was, now) -> paint(picture, now));
    }

    private static void paint(Canvas picture, State state) {
        Projection fit = Projection.fit(state.design(), state.mode(), 350, 132, false, 0, 4);
        new SheetPainter(Theme.PAPER, Stages::look).paint(new CanvasSurface(picture.getGraphicsContext2D()), 350, 132,
                state, fit);
    }
}
