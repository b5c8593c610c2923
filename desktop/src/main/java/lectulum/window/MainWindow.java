package lectulum.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Bounds;
import javafx.geometry.HPos;
import javafx.geometry.Insets;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import lectulum.catalogue.Catalogue;
import lectulum.design.Project;
import lectulum.design.logbook.Logbook;
import lectulum.design.thing.Thing;
import lectulum.figures.Figure;
import lectulum.figures.Stage;
import lectulum.files.AtomicFile;
import lectulum.files.Attachments;
import lectulum.files.Lessons;
import lectulum.files.OwnThings;
import lectulum.files.ProjectFile;
import lectulum.files.merge.Merge;
import lectulum.guide.Reference;
import lectulum.parts.Background;
import lectulum.parts.Photo;
import lectulum.parts.LineBreaks;
import lectulum.sheet.FrontView;
import lectulum.sheet.SectionView;
import lectulum.sheet.SheetView;
import lectulum.stage.Bench;
import lectulum.stage.Host;
import lectulum.stage.Leaf;
import lectulum.stage.StageView;
import lectulum.stage.Stages;
import lectulum.theme.Theme;
import lectulum.window.guide.GuidePane;
import lectulum.workbench.Session;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The window of one project: rail, sheet, card, tally, and the bar on top.
public final class MainWindow implements AutoCloseable {
    private static final Duration JOURNAL_EVERY = Duration.seconds(3);

    private final Workbench bench;
    private final Session session;
    /// Texts come while it is laid out too, and between two frames: all three places see to their lines.
    private final StackPane root = new StackPane() {
        @Override
        protected void layoutChildren() {
            LineBreaks.guard(this);
            super.layoutChildren();
        }
    };
    private final BorderPane frame = new BorderPane();
    private final Pane overlay = new Pane();
    private final VBox top = new VBox();
    private final BorderPane centre = new BorderPane();
    private final SheetView sheet;
    private final StackPane sheetStack;
    private final Tray tray;
    private final Rail rail;
    private final Tally tally;
    private final TopBar bar;
    private final VBox cardBody = new VBox();
    private final FindingsPanel findings;
    private final LessonsPanel lessons = new LessonsPanel();
    private final NextPanel next;
    private final Node cardSide;
    /// The guide, once it was opened.
    private Optional<GuidePane> guide = Optional.empty();
    private boolean guided;
    private final Map<Stage, StageView> stages = new EnumMap<>(Stage.class);
    private final Map<Stage, List<Leaf>> leaves = new EnumMap<>(Stage.class);
    private final Bench units;
    private final Actions actions;
    private final HBox trial = new HBox();
    private final Label trialText = new Label();
    private final HBox banner = new HBox();
    private final Label bannerText = new Label();
    private final HBox bannerActions = new HBox(6);
    private static final int MOST_PAGES = 16;
    private final Deque<Leaf> recent = new ArrayDeque<>();
    private final Timeline journal = new Timeline(new KeyFrame(JOURNAL_EVERY, e -> keep()));
    private final Background journalist = new Background("journal");
    /// Reads and writes what else lies in files.
    private final Background filing = new Background("files");
    private boolean keeping;
    private String keepTrouble = "";
    private Catalogue catalogue;
    private Stage shownStage;
    private boolean trayOpen;
    private boolean dim;
    /// Whether the key that is down ran a command: what it types is then not for the field that has the focus now.
    private boolean usedKey;
    private Theme theme = Theme.PAPER;
    private final FlowPane leafStrip = new FlowPane(2, 0);
    private final Map<Stage, Integer> leafOf = new EnumMap<>(Stage.class);
    /// The front view stands beside the section \[px\].
    private static final double BESIDE_SECTION = 290;

    private final SectionView section;
    private final FrontView front;
    private Runnable titleChanged = () -> {
    };

    /// @param files what opens and saves; the window asks it where to
    public MainWindow(Workbench bench, Session session, Files files) {
        this(bench, session, files, true);
    }

    /// @param remedied whether remedies of the findings are looked for; a picture need not wait for them
    public MainWindow(Workbench bench, Session session, Files files, boolean remedied) {
        this.bench = bench;
        this.session = session;
        this.catalogue = Catalogue.shipped();
        this.units = new Bench(bench, () -> theme, host(files));
        this.actions = new Actions(this, bench, session, files);
        this.sheet = new SheetView(bench, Theme.PAPER, Stages::look);
        this.section = new SectionView(bench, () -> theme, Stages::look);
        section.setVisible(false);
        this.front = new FrontView(() -> theme, bench.state());
        front.setVisible(false);
        this.sheetStack = sheetStack();
        this.tray = new Tray(bench, catalogue, sheet, this::leaveTray);
        this.rail = new Rail(bench);
        this.tally = new Tally(this::openWorking);
        this.findings = new FindingsPanel(bench, remedied);
        this.guided = session.home().guided();
        this.next = new NextPanel(() -> nextSteps(false));
        this.bar = new TopBar(bench, actions::command, Actions.FILE_MENU);
        trialBanner();
        frame.setTop(top);
        top.getChildren().addAll(bar, banner, trial);
        frame.setLeft(rail);
        frame.setCenter(centre);
        this.cardSide = card();
        frame.setRight(cardSide);
        frame.setBottom(tally);
        overlay.setPickOnBounds(false);
        overlay.setVisible(false);
        overlay.setOnMousePressed(e -> closeOverlay());
        root.getChildren().addAll(frame, overlay);
        root.addEventFilter(InputEvent.ANY, e -> {
            if (e.getEventType() != MouseEvent.MOUSE_MOVED && !(e instanceof MouseEvent m && atRest(m))) {
                findings.touched();
            }
        });
        root.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            usedKey = false;
            key(e);
        });
        root.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            if (usedKey) {
                e.consume();
            }
        });
        cardBody.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                sheet.requestFocus();
                e.consume();
            }
        });
        Theme.PAPER.dress(root);
        LineBreaks.watch(root);
        loadOwnThings();
        bench.stateProperty().addListener((o, was, now) -> show(now));
        frame.setMinWidth(0);
        show(bench.state());
        journal.setCycleCount(Timeline.INDEFINITE);
        journal.play();
    }

    /// A pointer that only comes and goes does no work.
    private static boolean atRest(MouseEvent e) {
        return e.getEventType() == MouseEvent.MOUSE_ENTERED_TARGET
                || e.getEventType() == MouseEvent.MOUSE_EXITED_TARGET;
    }

    public Region root() {
        return root;
    }

    public SheetView sheet() {
        return sheet;
    }

    public Workbench bench() {
        return bench;
    }

    /// What the title bar of the window says.
    public String title() {
        String name = bench.state().project().name();
        String file = session.file().map(f -> " · " + f.getFileName()).orElse(" · not saved yet");
        return (session.dirty(bench.state().project()) ? "• " : "") + name + file
                + (session.readOnly() ? " · read only" : "") + " — Lectulum";
    }

    public void onTitleChanged(Runnable action) {
        titleChanged = action;
    }

    /// Whether something would be lost with this window.
    public boolean unsaved() {
        return session.unsaved(bench.state().project());
    }

    /// Leaves the window: what is not saved is kept and offered again.
    ///
    /// @throws IOException where it cannot be kept; the window then goes on
    public void leave() throws IOException {
        session.leave(bench.state().project());
        stop();
    }

    /// Leaves the window without what is not saved. It can be had back until something else is given up.
    public void giveUp() throws IOException {
        session.giveUp(bench.state().project());
        stop();
    }

    /// Stops what runs in the background; the session is left by [#leave] or [#giveUp].
    @Override
    public void close() {
        stop();
    }

    private void stop() {
        journal.stop();
        journalist.close();
        filing.close();
        findings.close();
    }

    /// Saves, asking for a name where there is none.
    ///
    /// @param then is run once it is saved
    public void save(Runnable then) {
        actions.save(then);
    }

    /// The file this window works on.
    public Optional<Path> file() {
        return session.file();
    }

    /// A line across the window that stays until it is closed.
    public void say(String text) {
        bannerText.setText(text);
        bannerActions.getChildren().clear();
        banner.setVisible(true);
        banner.setManaged(true);
    }

    /// A line across the window with something to do about it.
    public void say(String text, String name, Runnable action) {
        say(text);
        Button button = new Button(name);
        button.setId("banner-action");
        button.setOnAction(e -> {
            hush();
            action.run();
        });
        bannerActions.getChildren().setAll(button);
    }

    /// Asks before going on; Esc stays.
    public void ask(Question question) {
        open(question);
        question.centre(root.getWidth());
        question.onAnswered(this::closeOverlay);
        question.focus();
    }

    /// Whether a question is open.
    public boolean asking() {
        return overlay.getChildren().stream().anyMatch(Question.class::isInstance);
    }

    /// What the title says has changed although the project has not.
    void saved() {
        titleChanged.run();
    }

    void hush() {
        banner.setVisible(false);
        banner.setManaged(false);
    }

    List<Command> commands() {
        return actions.commands();
    }

    void toggleTray() {
        trayOpen = !trayOpen;
        bench.setStage(trayOpen ? Stage.LAYOUT : bench.state().stage());
        arrange(bench.state());
        if (trayOpen) {
            tray.focusSearch();
        }
    }

    private void leaveTray() {
        toggleTray();
        sheet.requestFocus();
    }

    /// Puts the keyboard into the first field of the card; Esc brings it back.
    void editSelected() {
        Node first = cardBody.lookup(".text-field");
        if (first != null) {
            first.requestFocus();
        }
    }

    void toggleTheme() {
        dim = !dim;
        theme = dim ? Theme.SHED : Theme.PAPER;
        theme.dress(root);
        sheet.setTheme(theme);
        shownStage = null;
        show(bench.state());
    }

    void openPalette(List<Command> commands) {
        CommandPalette palette = new CommandPalette(commands, this::closeOverlay);
        open(palette);
        palette.setLayoutX((root.getWidth() - 520) / 2);
        palette.setLayoutY(60);
    }

    void open(Region popover) {
        overlay.getChildren().setAll(popover);
        overlay.setPickOnBounds(true);
        overlay.setVisible(true);
        popover.setOnMousePressed(javafx.event.Event::consume);
        popover.setFocusTraversable(true);
    }

    void closeOverlay() {
        overlay.getChildren().clear();
        overlay.setVisible(false);
        overlay.setPickOnBounds(false);
    }

    void keepAsOwn(Thing thing) {
        try {
            new OwnThings(session.home().ownThings()).keep(thing);
            loadOwnThings();
            say(thing.name() + " is now among your own things in the tray.");
        } catch (IOException e) {
            say("It could not be kept: " + e.getMessage());
        }
    }

    private void loadOwnThings() {
        try {
            catalogue = Catalogue.shipped().with(new OwnThings(session.home().ownThings()).all());
            tray.setCatalogue(catalogue);
        } catch (IOException e) {
            say("Your own things could not be read: " + e.getMessage());
        }
    }

    /// The view of a stage, made when it is first opened.
    private StageView stage(Stage stage) {
        return stages.computeIfAbsent(stage, s -> Stages.of(s).open(units));
    }

    private StackPane sheetStack() {
        Button add = tool("Add things", "A", this::toggleTray);
        add.setId("add-things");
        ToggleButton measure = new ToggleButton("Measure");
        measure.setId("measure");
        measure.setTooltip(new Tooltip("Measure between two points (M); Esc ends"));
        measure.setOnAction(e -> sheet.setMeasuring(measure.isSelected()));
        measure.setFocusTraversable(false);
        FlowPane tools = new FlowPane(add, measure, tool("Fit", "F", sheet::fit),
                tool("+", "Ctrl and +", () -> sheet.zoom(1.25)),
                tool("−", "Ctrl and −", () -> sheet.zoom(0.8)));
        tools.getStyleClass().add("sheet-tools");
        tools.setPickOnBounds(false);
        tools.setPrefWrapLength(1000);
        tools.setHgap(4);
        tools.setVgap(4);
        tools.setAlignment(Pos.TOP_RIGHT);
        tools.setColumnHalignment(HPos.RIGHT);
        tools.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        tools.setId("sheet-tools");
        ToggleButton cut = new ToggleButton("Section");
        cut.setId("show-section");
        cut.setTooltip(new Tooltip("The camper cut across at the selected thing, seen from behind (X)"));
        cut.setFocusTraversable(false);
        cut.selectedProperty().bindBidirectional(section.visibleProperty());
        ToggleButton ahead = new ToggleButton("Front");
        ahead.setId("show-front");
        ahead.setTooltip(new Tooltip("The camper from ahead, with its width and height over all"));
        ahead.setFocusTraversable(false);
        ahead.selectedProperty().bindBidirectional(front.visibleProperty());
        tools.getChildren().add(2, cut);
        tools.getChildren().add(3, ahead);
        StackPane stack = new StackPane(sheet, section, front, tools);
        StackPane.setAlignment(front, Pos.BOTTOM_LEFT);
        StackPane.setMargin(front, new Insets(0, 0, 10, BESIDE_SECTION));
        StackPane.setAlignment(section, Pos.BOTTOM_LEFT);
        StackPane.setMargin(section, new Insets(0, 0, 10, 10));
        StackPane.setMargin(tools, new Insets(24, 0, 0, 0));
        return stack;
    }

    private static Button tool(String text, String keys, Runnable action) {
        Button button = new Button(text);
        button.setTooltip(new Tooltip(text + " (" + keys + ")"));
        button.setFocusTraversable(false);
        button.setOnAction(e -> action.run());
        return button;
    }

    private Node card() {
        cardBody.getStyleClass().add("card-body");
        ScrollPane scroll = new ScrollPane(cardBody);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("card");
        return scroll;
    }

    private void trialBanner() {
        trial.getStyleClass().add("trial");
        Button keep = new Button("Keep");
        keep.setId("trial-keep");
        keep.setOnAction(e -> bench.keepTrial());
        Button drop = new Button("Drop");
        drop.setId("trial-drop");
        drop.setOnAction(e -> bench.dropTrial());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        trial.getChildren().addAll(trialText, gap, keep, drop);
        banner.getStyleClass().add("banner");
        Button close = new Button("Close");
        close.setOnAction(e -> hush());
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        bannerText.setWrapText(true);
        bannerText.setMinHeight(Region.USE_PREF_SIZE);
        HBox.setHgrow(bannerText, Priority.SOMETIMES);
        close.setMinWidth(Region.USE_PREF_SIZE);
        bannerActions.setMinWidth(Region.USE_PREF_SIZE);
        banner.getChildren().addAll(bannerText, space, bannerActions, close);
        hush();
    }

    private void show(State state) {
        boolean trying = state.trial().isPresent();
        trial.setVisible(trying);
        trial.setManaged(trying);
        state.trial().ifPresent(r -> trialText.setText("Trying: " + r.says().text(state.style())
                + ". The tally shows what it changes."));
        if (state.stage() != shownStage) {
            arrange(state);
        }
        rail.show(state);
        tally.show(state);
        bar.show(state);
        tray.show(state);
        stage(state.stage()).show(state);
        leaf().flatMap(Leaf::page).ifPresent(p -> p.show(state));
        fillCard(state);
        section.show(state);
        front.show(state);
        findings.show(state);
        guide.filter(g -> guideOpen()).ifPresent(g -> g.show(state));
        LineBreaks.guard(root);
        titleChanged.run();
    }

    private void arrange(State state) {
        shownStage = state.stage();
        StageView view = stage(shownStage);
        view.show(state);
        sheet.fit();
        centre.setCenter(null);
        centre.setBottom(null);
        centre.setLeft(null);
        strip();
        Node tools = sheetStack.getChildren().getLast();
        boolean beside = Stages.look(shownStage).beside() > 0;
        if (tools instanceof FlowPane flow) {
            flow.setOrientation(beside ? Orientation.VERTICAL : Orientation.HORIZONTAL);
        }
        StackPane.setAlignment(tools, beside ? Pos.TOP_RIGHT : Pos.BOTTOM_RIGHT);
        Optional<Node> page = view.page().or(() -> leaf().flatMap(Leaf::page).map(Leaf.Page::node));
        leaf().flatMap(Leaf::page).ifPresent(p -> p.show(state));
        fillCard(state);
        guide.ifPresent(g -> g.turned(shownStage, leaf().map(Leaf::name).orElse("")));
        leaf().ifPresent(this::remember);
        page.ifPresentOrElse(centre::setCenter, () -> {
            centre.setCenter(sheetStack);
            view.below().ifPresent(centre::setBottom);
            if (trayOpen && shownStage == Stage.LAYOUT) {
                centre.setLeft(tray);
            }
        });
    }

    /// Pages that were open long ago are given up: all of them together are more than the memory of the program.
    private void remember(Leaf leaf) {
        recent.remove(leaf);
        recent.addFirst(leaf);
        while (recent.size() > MOST_PAGES) {
            recent.removeLast().forget();
        }
    }

    /// Shows or hides the next steps on every stage, from now on.
    void nextSteps(boolean shown) {
        guided = shown;
        try {
            session.home().guide(shown);
        } catch (IOException e) {
            say("It is not kept: " + e.getMessage());
        }
        fillCard(bench.state());
    }

    /// Beside another picture than the sheet, or than the first one of a stage without it, the card is for what is selected and for
    /// the findings.
    private void fillCard(State state) {
        List<Leaf> all = leavesOf(shownStage);
        boolean sheetShown = leaf().map(l -> l.isSheet() || all.stream().noneMatch(Leaf::isSheet)
                && l.id().equals(all.getFirst().id())).orElse(true);
        boolean withCard = sheetShown || shownStage == Stage.LAYOUT && !state.selected().isEmpty();
        next.show(state, guided);
        lessons.show(state);
        List<Node> wanted = withCard
                ? List.of(stage(shownStage).card(), next, lessons, findings)
                : List.of(next, lessons, findings);
        if (!cardBody.getChildren().equals(wanted)) {
            cardBody.getChildren().setAll(wanted);
        }
    }

    /// The strip over the sheet that turns to the other pictures of the stage.
    private void strip() {
        leafStrip.getChildren().clear();
        leafStrip.getStyleClass().setAll("leaf-strip");
        ToggleGroup group = new ToggleGroup();
        List<Leaf> all = leavesOf(shownStage);
        for (int i = 0; i < all.size(); i++) {
            Leaf leaf = all.get(i);
            ToggleButton button = new ToggleButton(leaf.name());
            button.setId("leaf-" + leaf.id());
            button.setTooltip(new Tooltip(leaf.tip()));
            button.setToggleGroup(group);
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setSelected(i == leafOf.getOrDefault(shownStage, 0));
            button.setOnAction(e -> {
                button.setSelected(true);
                turnTo(bench.state().stage(), leaf.id());
            });
            leafStrip.getChildren().add(button);
        }
        centre.setTop(all.isEmpty() ? null : leafStrip);
    }

    private Optional<Leaf> leaf() {
        if (shownStage == null) {
            return Optional.empty();
        }
        List<Leaf> all = leavesOf(shownStage);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(leafOf.getOrDefault(shownStage, 0)));
    }

    private boolean guideOpen() {
        return guide.filter(g -> frame.getRight() == g).isPresent();
    }

    private GuidePane openGuide() {
        GuidePane pane = guide.orElseGet(() -> new GuidePane(new LookedUp(this, bench)));
        guide = Optional.of(pane);
        frame.setRight(pane);
        pane.show(bench.state());
        return pane;
    }

    /// The guide to the page that is open, beside it; away with it where that is what is read.
    public void guide() {
        if (guideOpen() && guide.orElseThrow().following()) {
            closeGuide();
            return;
        }
        GuidePane pane = openGuide();
        pane.follow(shownStage, leaf().map(Leaf::name).orElse(""));
        pane.focus();
    }

    /// The guide at some place.
    void guide(Reference place) {
        openGuide().open(place);
    }

    /// The steps of a first hour, which tick themselves off.
    public void firstHour() {
        openGuide().hour();
    }

    void closeGuide() {
        frame.setRight(cardSide);
        sheet.requestFocus();
    }

    /// Opens one picture of a stage; an unknown one opens the sheet.
    public void turnTo(Stage stage, String id) {
        List<Leaf> all = leavesOf(stage);
        leafOf.put(stage, Math.max(0, all.stream().map(Leaf::id).toList().indexOf(id)));
        bench.setStage(stage);
        arrange(bench.state());
    }

    /// Pictures of a stage; each is made when it is first opened.
    public List<Leaf> leavesOf(Stage stage) {
        return leaves.computeIfAbsent(stage, s -> Stages.of(s).leaves(units));
    }

    /// Opens the page that answers where a thing is.
    void whereIs() {
        turnTo(Stage.LAYOUT, "storage");
        leaf().flatMap(Leaf::page).ifPresent(Leaf.Page::focus);
    }

    Theme theme() {
        return theme;
    }

    void toggleSection() {
        section.setVisible(!section.isVisible());
    }

    void toggleFront() {
        front.setVisible(!front.isVisible());
    }

    private Host host(Files files) {
        return new Host() {
            @Override
            public Optional<String> pickPhoto() {
                return actions.pickPhoto();
            }

            @Override
            public Optional<Path> photo(String file) {
                return session.attachment(file);
            }

            @Override
            public void command(String name) {
                actions.command(name).run();
            }

            @Override
            public Optional<Path> save(String name, String ending) {
                return files.save(name, ending);
            }

            @Override
            public void write(String name, String ending, Callable<String> text) {
                files.save(name, ending).ifPresent(path -> filing.run(() -> {
                    AtomicFile.write(path, text.call());
                    return path;
                }, done -> say("Written: " + done), failed -> say("Not written: " + failed)));
            }

            @Override
            public Optional<Path> table() {
                return files.table();
            }

            @Override
            public void say(String sentence) {
                MainWindow.this.say(sentence);
            }

            @Override
            public void keepLessons() {
                Logbook log = bench.state().design().logbook();
                filing.run(() -> new Lessons(session.home().lessons()).keep(log),
                        more -> say(more + (more == 1 ? " lesson is" : " lessons are") + " kept for the next camper."),
                        failed -> say("They could not be kept: " + failed));
            }

            @Override
            public void bringLessons() {
                filing.run(() -> new Lessons(session.home().lessons()).all(), earlier -> {
                    if (earlier.isEmpty()) {
                        say("No camper has left lessons yet.");
                    } else {
                        bench.edit("Lessons of other campers", d -> d.withLogbook(
                                Lessons.with(d.logbook(), earlier, d.purse().today())));
                    }
                }, failed -> say("They could not be read: " + failed));
            }

            @Override
            public void keepAsOwn(Thing thing) {
                MainWindow.this.keepAsOwn(thing);
            }
        };
    }

    /// The working of a figure over the middle of the window.
    void openWorking(Figure figure) {
        openWorking(figure, tally);
    }

    private void openWorking(Figure figure, Node cell) {
        WorkingCard card = new WorkingCard(figure, bench.state().style());
        open(card);
        root.applyCss();
        root.layout();
        Bounds at = root.sceneToLocal(cell.localToScene(cell.getBoundsInLocal()));
        card.resize(card.prefWidth(-1), card.prefHeight(card.prefWidth(-1)));
        card.setLayoutX(Math.clamp(at.getMinX(), 8, Math.max(8, root.getWidth() - card.getWidth() - 8)));
        card.setLayoutY(at.getMinY() - card.getHeight() - 8);
    }

    private void key(KeyEvent e) {
        if (overlay.isVisible()) {
            if (e.getCode() == KeyCode.ESCAPE) {
                closeOverlay();
                e.consume();
            }
            return;
        }
        boolean typing = e.getTarget() instanceof TextInputControl;
        if (bench.state().trial().isPresent() && !typing) {
            if (e.getCode() == KeyCode.ENTER && !(e.getTarget() instanceof Button)) {
                bench.keepTrial();
                e.consume();
                return;
            }
            if (e.getCode() == KeyCode.ESCAPE) {
                bench.dropTrial();
                e.consume();
                return;
            }
        }
        boolean plain = !e.isShortcutDown() && !e.isAltDown() && !e.getCode().isFunctionKey();
        if (typing && (plain || textEdit(e))) {
            return;
        }
        actions.commands().stream().filter(c -> c.keys().filter(k -> k.match(e)).isPresent()).findFirst()
                .ifPresent(c -> {
                    c.run();
                    usedKey = true;
                    e.consume();
                });
    }

    /// Keys that a text field needs for itself.
    private static boolean textEdit(KeyEvent e) {
        return e.isShortcutDown() && switch (e.getCode()) {
            case A, C, V, X, LEFT, RIGHT, BACK_SPACE, DELETE -> true;
            default -> false;
        };
    }

    /// Keeps unsaved work against a crash, beside the interface thread.
    private void keep() {
        if (keeping) {
            return;
        }
        session.keeping(bench.state().project()).ifPresent(write -> {
            keeping = true;
            journalist.run(() -> {
                try {
                    write.run();
                    return Optional.<String>empty();
                } catch (IOException e) {
                    return Optional.of("Unsaved work cannot be kept against a crash: " + e.getMessage() + ".");
                }
            }, trouble -> {
                keeping = false;
                trouble.filter(t -> !t.equals(keepTrouble)).ifPresent(this::say);
                keepTrouble = trouble.orElse("");
            }, sentence -> {
                keeping = false;
                say(sentence);
            });
        });
    }

    /// Brings the project and another copy of it together; what both changed is asked.
    void merge(Path other) {
        if (session.readOnly()) {
            say("This window only reads the file: save it under another name first.");
            return;
        }
        Project mine = bench.state().project();
        filing.run(() -> Merge.of(session.tree(mine), ProjectFile.open(other).tree()),
                merge -> open(new MergeDialog(bench, other.getFileName().toString(), merge, project -> {
                    closeOverlay();
                    if (bench.state().project().equals(mine)) {
                        take(other, merge, project);
                    } else {
                        say("Something was changed meanwhile: look at the two copies again.");
                        merge(other);
                    }
                }, this::closeOverlay)), failed -> say("Not merged: " + failed));
    }

    private void take(Path other, Merge merge, Project project) {
        bench.replace("Merge with " + other.getFileName(), project);
        session.joined(merge.joined());
        Attachments own = session.attachments();
        filing.run(() -> {
            Attachments.of(other).copyTo(own, project);
            return project;
        }, done -> {
        }, failed -> say("Merged, but its photographs could not be taken over: " + failed));
    }

    /// Whether nothing is being computed beside the interface thread.
    public boolean settled() {
        return caughtUp() && findings.settled();
    }

    /// Whether all that is shown is up to date; remedies may still be sought.
    public boolean caughtUp() {
        return bench.settled() && filing.settled()
                && leaves.values().stream().flatMap(List::stream).allMatch(Leaf::settled)
                && stages.values().stream().allMatch(StageView::settled) && Photo.settled();
    }

    /// Where the window asks for files, and who shows another project in its place.
    public interface Files {
        /// A file to open.
        Optional<Path> open();

        /// A picture to lay under the profile.
        Optional<Path> picture();

        /// A table to read.
        default Optional<Path> table() {
            return Optional.empty();
        }

        /// A file to write.
        ///
        /// @param name   what is proposed
        /// @param ending what it should end with
        Optional<Path> save(String name, String ending);

        /// Opens another project in this window's place, or the start page for none.
        void show(Optional<Path> file);
    }
}
