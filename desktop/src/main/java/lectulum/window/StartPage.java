package lectulum.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.brief.CamperType;
import lectulum.files.Journal;
import lectulum.files.ProjectFile;
import lectulum.parts.LineBreaks;
import lectulum.sheet.CanvasSurface;
import lectulum.sheet.Pen;
import lectulum.sheet.Portrait;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import lectulum.units.Units;

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

        /// Begins the camper of the first hour, with its steps beside it.
        void firstHour();

        void recover(Journal.Left left);

        void decline(Journal.Left left);
    }

    /// What the page shows.
    ///
    /// @param recent files opened last
    /// @param left   what a crash left behind
    /// @param said   a sentence to show on top, such as why a file could not be opened
    /// @param units  chosen last; new campers begin with them
    public record Contents(List<Path> recent, List<Journal.Left> left, Optional<String> said, UnitSystem units) {
    }

    /// @param beside where campers are worked out
    /// @param front  the interface thread, which shows them
    public StartPage(Contents shown, Choices choices, Executor beside, Executor front) {
        this.beside = beside;
        this.front = front;
        VBox page = new VBox();
        page.getStyleClass().add("start");
        Label title = new Label("Lectulum");
        title.getStyleClass().add("huge");
        Label about = new Label("Plan, weigh and price a small camper while you draw it.");
        about.getStyleClass().add("faint");
        Button open = new Button("Open a file…");
        open.setId("open-file");
        open.setOnAction(e -> choices.browse());
        Button hour = new Button("Take the first hour");
        hour.setId("first-hour");
        hour.setTooltip(new Tooltip("A small teardrop, step by step; the steps tick themselves off"));
        hour.setOnAction(e -> choices.firstHour());
        HBox head = new HBox(24, new VBox(2, title, about), open, hour);
        head.setAlignment(Pos.CENTER_LEFT);
        page.getChildren().add(head);
        shown.said.ifPresent(sentence -> {
            Label label = new Label(sentence);
            label.setId("said");
            label.setWrapText(true);
            label.getStyleClass().addAll("finding", "finding-stop");
            page.getChildren().add(label);
        });
        shown.left.forEach(l -> page.getChildren().add(recovery(l, choices)));
        FlowPane types = new FlowPane(14, 14);
        for (CamperType type : CamperType.values()) {
            Project project = Campers.start(type, "New " + type.label().toLowerCase(Locale.ROOT), shown.units);
            Tile tile = new Tile("new-" + type.name().toLowerCase(Locale.ROOT), type.label(), type.whom(),
                    () -> choices.begin(project, true));
            tile.draw(project.design());
            work(() -> Facts.of(project.design()), f -> tile.say(f.says(shown.units) + ", " + type.hours()));
            types.getChildren().add(tile.button);
        }
        FlowPane demos = new FlowPane(14, 14);
        for (Campers.Demo demo : Campers.demos()) {
            Campers.demo(demo.key()).ifPresent(project -> {
                Tile tile = new Tile("demo-" + demo.key(), demo.name(), demo.about(),
                        () -> choices.begin(project, false));
                tile.draw(project.design());
                work(() -> Facts.of(project.design()), f -> tile.say(f.says(shown.units)));
                demos.getChildren().add(tile.button);
            });
        }
        if (!shown.recent.isEmpty()) {
            page.getChildren().add(section("Your files", files(shown, choices)));
        }
        page.getChildren().addAll(section("New camper", types), section("Demonstrations", demos));
        ScrollPane scroll = new ScrollPane(page);
        scroll.setFitToWidth(true);
        root.getChildren().add(scroll);
        Theme.PAPER.dress(root);
        LineBreaks.watch(root);
    }

    public Region root() {
        return root;
    }

    private static VBox section(String title, Node content) {
        Label head = new Label(title);
        head.getStyleClass().add("heading");
        return new VBox(8, head, content);
    }

    private FlowPane files(Contents shown, Choices choices) {
        FlowPane tiles = new FlowPane(14, 14);
        for (int i = 0; i < shown.recent.size(); i++) {
            Path file = shown.recent.get(i);
            Tile tile = new Tile("recent-" + (i + 1), file.getFileName().toString(), String.valueOf(file.getParent()),
                    () -> choices.open(file));
            work(() -> Found.read(file), kept -> {
                kept.design.ifPresent(tile::draw);
                tile.say(kept.facts.map(f -> f.says(shown.units) + ", " + kept.date).orElse(kept.trouble));
            });
            tiles.getChildren().add(tile.button);
        }
        return tiles;
    }

    private <T> void work(Supplier<T> what, Consumer<T> then) {
        beside.execute(() -> {
            T done = what.get();
            front.execute(() -> then.accept(done));
        });
    }

    /// What tells one camper from another in a line.
    private record Facts(double loaded, double cost, String currency) {
        static Facts of(Design design) {
            Analysis a = Analysis.of(design);
            return new Facts(a.figures().value("balance.departure.mass"), a.figures().value("money.forecast"),
                    design.brief().currency());
        }

        String says(UnitSystem units) {
            Style style = new Style(units, currency);
            double step = units == UnitSystem.US ? 20 * Units.POUND : 10;
            return "about " + Units.text(round(loaded, step), Quantity.MASS, style) + " loaded, "
                    + Units.text(round(cost, 100), Quantity.MONEY, style);
        }

        private static double round(double value, double step) {
            return Math.rint(value / step) * step;
        }
    }

    /// A file of the user's as far as it can be read.
    private record Found(Optional<Design> design, Optional<Facts> facts, String date, String trouble) {
        static Found read(Path file) {
            try {
                Design design = ProjectFile.open(file).project().design();
                String date = Files.getLastModifiedTime(file).toInstant().atZone(ZoneId.systemDefault()).toLocalDate()
                        .toString();
                return new Found(Optional.of(design), Optional.of(Facts.of(design)), date, "");
            } catch (IOException e) {
                return new Found(Optional.empty(), Optional.empty(), "", "It cannot be read: " + e.getMessage());
            }
        }
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

    /// A camper to begin with: its picture, its name, whom it is for, and a line of facts.
    private static final class Tile {
        private static final double WIDE = 350;
        private static final double HIGH = 196;
        private static final double TEXTS = 120;
        private final Canvas picture = new Canvas(WIDE, HIGH);
        private final Label facts = new Label(" ");
        private final Button button = new Button();
        private final String name;
        private final String about;

        Tile(String id, String name, String about, Runnable chosen) {
            this.name = name;
            this.about = about;
            Label title = new Label(name);
            title.getStyleClass().add("heading");
            title.setMaxWidth(WIDE);
            Label text = new Label(about);
            text.setWrapText(true);
            text.setPrefSize(WIDE, 36);
            text.setMinHeight(36);
            facts.getStyleClass().add("faint");
            facts.setPrefWidth(WIDE);
            facts.setId(id + "-facts");
            button.setId(id);
            button.setAccessibleText(name + ". " + about);
            button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            button.getStyleClass().add("tile");
            button.setGraphic(new VBox(6, picture, title, text, facts));
            button.setPrefSize(WIDE + 28, HIGH + TEXTS);
            button.setMaxSize(WIDE + 28, HIGH + TEXTS);
            button.setOnAction(e -> chosen.run());
        }

        void draw(Design design) {
            Pen pen = new Pen(new CanvasSurface(picture.getGraphicsContext2D()), Theme.PAPER, WIDE, HIGH);
            Portrait.paint(pen, design, WIDE, HIGH);
        }

        void say(String line) {
            facts.setText(line);
            button.setAccessibleText(name + ". " + about + " " + line);
        }
    }
}
