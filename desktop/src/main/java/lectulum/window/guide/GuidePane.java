package lectulum.window.guide;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.analysis.FirstHour;
import lectulum.figures.Stage;
import lectulum.guide.Guidebook;
import lectulum.guide.Reference;
import lectulum.guide.Topic;
import lectulum.parts.Buttons;
import lectulum.workbench.State;

/// The guide, beside the page it is about. It turns with the page until somebody follows a link; what is typed is looked up in the text, among
/// the commands, the figures and the checks.
public final class GuidePane extends VBox {
    private static final int MOST_TOPICS = 8;
    private static final int MOST_OTHERS = 7;

    private final Guidebook book = Guidebook.shipped();
    private final Surroundings window;
    private final TextField search = new TextField();
    private final Button back;
    private final VBox body = new VBox();
    private final ScrollPane scroll = new ScrollPane(body);
    private final Deque<Shown> earlier = new ArrayDeque<>();
    private Shown shown = new Shown.At(Reference.FIRST);
    private List<FirstHour.Step> steps = List.of();
    private Optional<State> state = Optional.empty();
    /// Whether it turns with the page.
    private boolean following;

    /// What the pane asks of the window.
    public interface Surroundings {
        /// Opens a page of a stage.
        void turnTo(Stage stage, String leaf);

        /// What can be done by name.
        List<Entry> commands();

        /// The figures of this camper.
        List<Entry> figures();

        /// What is checked.
        List<Entry> checks();

        /// Puts the pane away.
        void close();
    }

    private sealed interface Shown {
        record At(Reference place) implements Shown {
        }

        record Hour() implements Shown {
        }

        record Found(String typed) implements Shown {
        }
    }

    public GuidePane(Surroundings window) {
        this.window = window;
        setId("guide-pane");
        getStyleClass().add("guide-pane");
        search.setId("guide-search");
        search.getStyleClass().add("boxed");
        search.setPromptText("Look up: tongue, fuse, undo…");
        search.setAccessibleText("Look up in the guide, commands, figures and checks");
        search.textProperty().addListener((o, was, now) -> look(now));
        search.setOnAction(e -> first());
        HBox.setHgrow(search, Priority.ALWAYS);
        back = Buttons.quiet("‹ Back", "guide-back", this::back);
        Button contents = Buttons.quiet("Contents", "guide-contents", () -> open(Reference.FIRST));
        Button hour = Buttons.quiet("First hour", "guide-hour", this::hour);
        Button keys = Buttons.quiet("Keys", "guide-keys", () -> open(new Reference("guide/window", "keys")));
        Button close = Buttons.quiet("Close", "guide-close", window::close);
        close.setTooltip(new Tooltip("Puts the guide away (Esc)"));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox ways = new HBox(2, back, contents, hour, keys, gap, close);
        VBox head = new VBox(4, new HBox(search), ways);
        head.getStyleClass().add("guide-top");
        body.getStyleClass().add("guide-body");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setAccessibleText("Guide");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, scroll);
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                window.close();
                e.consume();
            }
        });
        fill();
    }

    /// Puts the keyboard where something can be looked up.
    public void focus() {
        search.requestFocus();
    }

    /// The topic of a page of the program, and of those that are turned to from now on.
    ///
    /// @param name of the page; empty for a stage without pages
    public void follow(Stage stage, String name) {
        following = true;
        earlier.clear();
        show(new Shown.At(topic(stage, name)));
    }

    /// The page was turned: the guide turns too, if it was about the page.
    public void turned(Stage stage, String name) {
        if (following && shown instanceof Shown.At) {
            show(new Shown.At(topic(stage, name)));
        }
    }

    /// Opens the first hour.
    public void hour() {
        go(new Shown.Hour());
    }

    /// Brings the ticks of the first hour up to a state.
    public void show(State now) {
        state = Optional.of(now);
        if (shown instanceof Shown.Hour && !steps().equals(steps)) {
            fill();
        }
    }

    private List<FirstHour.Step> steps() {
        return state.map(s -> FirstHour.of(s.analysis())).orElse(List.of());
    }

    private Reference topic(Stage stage, String name) {
        Reference own = Guidebook.of(stage, name);
        return book.at(own).isEmpty() ? Guidebook.of(stage) : own;
    }

    /// Whether it is about the page, and turns with it.
    public boolean following() {
        return following;
    }

    /// Opens a place in the guide.
    public void open(Reference place) {
        go(place.equals(Guidebook.FIRST_HOUR) ? new Shown.Hour() : new Shown.At(place));
    }

    private void go(Shown next) {
        following = false;
        if (!(shown instanceof Shown.Found)) {
            earlier.push(shown);
        }
        show(next);
    }

    private void back() {
        if (!earlier.isEmpty()) {
            show(earlier.pop());
        }
    }

    private void show(Shown next) {
        shown = next;
        if (!(next instanceof Shown.Found) && !search.getText().isEmpty()) {
            search.clear();
        }
        fill();
        scroll.setVvalue(0);
    }

    private void look(String typed) {
        if (!typed.isBlank()) {
            if (!(shown instanceof Shown.Found)) {
                earlier.push(shown);
            }
            show(new Shown.Found(typed));
        } else if (shown instanceof Shown.Found) {
            back();
        }
    }

    private void first() {
        body.lookupAll(".guide-found").stream().filter(Button.class::isInstance).map(Button.class::cast).findFirst()
                .ifPresent(Button::fire);
    }

    private void fill() {
        back.setDisable(earlier.isEmpty());
        body.getChildren().setAll(switch (shown) {
            case Shown.At at -> topics(at.place());
            case Shown.Hour _ -> hours();
            case Shown.Found f -> found(f.typed());
        });
    }

    private List<Node> topics(Reference place) {
        List<Topic> topics = book.at(place);
        if (topics.isEmpty()) {
            return List.of(new Label("Nothing is written about this yet."));
        }
        List<Node> all = new ArrayList<>();
        if (!place.anchor().isEmpty()) {
            all.add(Buttons.quiet("All of " + topics.getFirst().page(), "guide-all",
                    () -> open(new Reference(place.page(), ""))));
        }
        topics.forEach(t -> all.add(new TopicView(t, this::open)));
        if (!place.anchor().isEmpty()) {
            worked(topics).forEach(t -> all.add(new TopicView(t, this::open)));
        }
        return all;
    }

    /// How what a page shows is worked out: the topics that its own names, in full.
    private List<Topic> worked(List<Topic> topics) {
        return topics.stream().flatMap(t -> Guidebook.links(t.blocks())).filter(Guidebook::ofMethod)
                .flatMap(r -> book.at(r).stream()).distinct().toList();
    }

    private List<Node> hours() {
        steps = steps();
        List<Node> all = new ArrayList<>();
        book.page(Guidebook.FIRST_HOUR.page()).forEach(t -> all.add(new TopicView(t, this::open)));
        long done = steps.stream().filter(FirstHour.Step::done).count();
        Label count = new Label(done == steps.size()
                ? "All done. Papers holds the build book: write it, and open it."
                : done + " of " + steps.size() + " done");
        count.setId("hour-count");
        count.getStyleClass().add("strong");
        count.setWrapText(true);
        count.setMinHeight(USE_PREF_SIZE);
        all.add(count);
        Optional<FirstHour.Step> next = steps.stream().filter(s -> !s.done()).findFirst();
        for (FirstHour.Step s : steps) {
            all.add(step(s, next.filter(s::equals).isPresent()));
        }
        return all;
    }

    /// @param next the first that is not done, which is told at length
    private Node step(FirstHour.Step s, boolean next) {
        TickRow row = new TickRow(s.done(), s.says());
        row.setId("hour-" + s.id());
        if (next) {
            row.next(s.how());
        }
        if (!s.done()) {
            row.text().getChildren().add(Buttons.quiet("Take me there", "hour-go-" + s.id(),
                    () -> window.turnTo(s.stage(), s.leaf())));
        }
        return row;
    }

    private List<Node> found(String typed) {
        List<Node> all = new ArrayList<>();
        List<Topic> topics = book.find(typed);
        group(all, "Guide", topics.stream().limit(MOST_TOPICS).map(t -> new Entry(t.title(), t.page(),
                () -> open(t.at()))).toList());
        group(all, "Commands", window::commands, typed);
        group(all, "Figures", window::figures, typed);
        group(all, "Checks", window::checks, typed);
        if (all.isEmpty()) {
            Label none = new Label("Nothing is found. Try another word, or fewer of them.");
            none.setWrapText(true);
            none.setId("guide-none");
            all.add(none);
        }
        return all;
    }

    private void group(List<Node> all, String name, Supplier<List<Entry>> entries, String typed) {
        group(all, name, Entry.find(entries.get(), typed, MOST_OTHERS));
    }

    private void group(List<Node> all, String name, List<Entry> entries) {
        if (entries.isEmpty()) {
            return;
        }
        Label head = new Label(name);
        head.getStyleClass().add("heading");
        VBox box = new VBox(1, head);
        for (Entry e : entries) {
            Button open = new Button(e.name());
            open.getStyleClass().addAll("link", "guide-found");
            open.setMaxWidth(Double.MAX_VALUE);
            open.setOnAction(x -> e.open().run());
            box.getChildren().add(open);
            if (!e.detail().isEmpty()) {
                Label detail = new Label(e.detail());
                detail.getStyleClass().addAll("faint", "small", "guide-detail");
                detail.setWrapText(true);
                detail.setMinHeight(USE_PREF_SIZE);
                box.getChildren().add(detail);
            }
        }
        all.add(box);
    }
}
