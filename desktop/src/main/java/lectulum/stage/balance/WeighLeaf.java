package lectulum.stage.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.balance.weigh.Method;
import lectulum.balance.weigh.WeighDay;
import lectulum.balance.weigh.WeighPictures;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Range;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;
import lectulum.kernel.maths.Normal;
import lectulum.parts.Form;
import lectulum.parts.Photo;
import lectulum.parts.QuantityField;
import lectulum.parts.Words;
import lectulum.sheet.ChartView;
import lectulum.sheet.SketchView;
import lectulum.stage.Bench;
import lectulum.stage.Host;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.standin.TrueMasses;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Weigh day: what stands on which deck, readings typed or taken from a scale, what they say together, and which masses of
/// the plan they change.
public final class WeighLeaf implements Leaf.Page {
    private static final int MOST_CHANGES = 12;

    private final Workbench bench;
    private final Supplier<Theme> theme;
    private final Host desk;
    private final VBox form = new VBox(6);
    private final VBox results = new VBox(10);
    private final HBox page;
    private final Label feed = new Label();
    private final SketchView picture;
    private State state;
    private String shown = "";
    private String built = "";
    private final ScaleFeed scale;
    private final Photo photo = new Photo(840, 420, 300);
    private Optional<WeighPoint> looked = Optional.empty();
    private Form readings;
    private final List<Runnable> refreshers = new ArrayList<>();
    private final List<Runnable> scaleRefreshers = new ArrayList<>();
    private final VBox scaleSlot = new VBox();

    private WeighLeaf(Workbench bench, Supplier<Theme> theme, Host desk) {
        this.bench = bench;
        this.desk = desk;
        this.theme = theme;
        this.state = bench.state();
        this.picture = new SketchView(theme);
        photo.view().setId("weigh-ticket");
        picture.setId("weigh-picture");
        picture.setPrefHeight(210);
        scale = new ScaleFeed(feed::setText, this::kg, () -> show(state));
        feed.setId("weigh-feed");
        feed.getStyleClass().addAll("faint", "wrap");
        feed.setWrapText(true);
        form.getStyleClass().add("entry-form");
        page = Pages.beside(form, results);
        page.getChildren().getFirst().getStyleClass().add("wide");
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("weigh", "Weigh day", "Readings of a scale, what they say, and what they change",
                () -> new WeighLeaf(bench.work(), bench.theme(), bench.host()));
    }

    @Override
    public boolean stays() {
        return true;
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State next) {
        state = next;
        Design given = state.analysis().given();
        Optional<Weighing> now = current(given);
        String shape = given.weighings().stream().map(w -> w.id() + w.entries().size()).toList() + shown
                + scale.connected() + now.map(w -> w.photo() + w.entries().stream().map(Weighing.Entry::point).toList())
                        .orElse("")
                + state.units();
        if (!shape.equals(built)) {
            built = shape;
            build(given, now);
        }
        if (readings != null) {
            readings.show(state);
        }
        refreshers.forEach(Runnable::run);
        scaleRefreshers.forEach(Runnable::run);
        results(given, now);
    }

    private Optional<Weighing> current(Design d) {
        return d.weighing(shown).or(() -> d.weighings().isEmpty()
                ? Optional.empty()
                : Optional.of(d.weighings().getLast()));
    }

    private void build(Design given, Optional<Weighing> now) {
        form.getChildren().clear();
        refreshers.clear();
        readings = null;
        Label head = new Label("Weigh day");
        head.getStyleClass().add("heading");
        form.getChildren().add(head);
        if (!given.weighings().isEmpty()) {
            form.getChildren().add(box("weigh-which", "Weighing", given.weighings(),
                    w -> w.date() + (w.state().isEmpty() ? "" : ", " + w.state()), now.orElseThrow(), w -> {
                        shown = w.id();
                        built = "";
                        show(state);
                    }));
        }
        ComboBox<Method> how = box("weigh-method", "Way of weighing", List.of(Method.values()), Method::label,
                Method.SEGMENTED, m -> {
                });
        Button begin = new Button("New weigh day");
        begin.setId("weigh-new");
        begin.setOnAction(e -> begin(how.getValue()));
        form.getChildren().addAll(how, begin);
        if (now.isEmpty()) {
            form.getChildren().add(StudyPane.words("Choose how you weigh and begin: every reading is kept with its date"
                    + " and what was aboard, and compared with that.", "faint"));
            return;
        }
        readings(now.get());
        feedRow();
    }

    private static <T> ComboBox<T> box(String id, String spoken, List<T> options,
            java.util.function.Function<T, String> name, T value,
            java.util.function.Consumer<T> chosen) {
        ComboBox<T> box = new ComboBox<>(FXCollections.observableList(new ArrayList<>(options)));
        box.setId(id);
        box.setAccessibleText(spoken);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setConverter(Words.by(option -> name.apply(option)));
        box.setValue(value);
        box.valueProperty().addListener((o, was, is) -> chosen.accept(is));
        return box;
    }

    private void begin(Method method) {
        Design d = state.project().design();
        int n = d.weighings().size() + 1;
        String id = "w" + n;
        while (d.weighing(id).isPresent()) {
            n++;
            id = "w" + n;
        }
        Weighing fresh = WeighDay.begin(state.design(), id, java.time.LocalDate.now().toString(), state.chosenCase(),
                method);
        shown = id;
        bench.edit(new Edit("New weigh day", x -> {
            List<Weighing> all = new ArrayList<>(x.weighings());
            all.add(fresh);
            return x.withWeighings(all);
        }));
    }

    private void readings(Weighing w) {
        readings = new Form(bench);
        String id = w.id();
        readings.text("Date", d -> weighing(d, id).date(),
                (d, v) -> d.mappingWeighing(id, x -> x.named(v, x.state())));
        readings.text("State of the build", d -> weighing(d, id).state(),
                (d, v) -> d.mappingWeighing(id, x -> x.named(x.date(), v)));
        readings.heading("Readings, with " + w.aboard().name().toLowerCase(java.util.Locale.ROOT) + " aboard");
        form.getChildren().add(readings);
        GridPane grid = new GridPane();
        grid.setHgap(4);
        grid.setVgap(5);
        for (int i = 0; i < w.entries().size(); i++) {
            row(grid, id, i, w.entries().get(i));
        }
        scaleSlot.getChildren().setAll(scaleOf(w));
        form.getChildren().addAll(grid, more(w), scaleSlot);
        join(w).ifPresent(form.getChildren()::add);
        Button ticket = new Button(w.photo().isEmpty() ? "Photograph of the ticket…" : "Other photograph…");
        ticket.setId("weigh-photo");
        ticket.setOnAction(e -> desk.pickPhoto().ifPresent(
                file -> bench.edit("Ticket", d -> d.mappingWeighing(id, x -> x.withPhoto(file)))));
        form.getChildren().add(ticket);
        Button off = new Button("Remove this weigh day");
        off.getStyleClass().addAll("link", "quiet");
        off.setId("weigh-remove");
        off.setOnAction(e -> bench.edit("Remove weigh day",
                d -> d.withWeighings(d.weighings().stream().filter(x -> !x.id().equals(id)).toList())));
        form.getChildren().add(off);
    }

    /// Any further reading, put under the others.
    private Node more(Weighing w) {
        ComboBox<WeighPoint> which = box("weigh-more", "Another reading", List.of(WeighPoint.values()),
                WeighPoint::label,
                WeighPoint.COUPLER, p -> {
                });
        which.setAccessibleText("A further reading");
        Button add = new Button("Add");
        add.setId("weigh-add");
        add.setMinWidth(Button.USE_PREF_SIZE);
        add.setOnAction(e -> bench.edit("Add a reading", d -> d.mappingWeighing(w.id(),
                x -> x.plus(List.of(Method.entry(which.getValue()))))));
        HBox row = new HBox(4, which, add);
        HBox.setHgrow(which, javafx.scene.layout.Priority.ALWAYS);
        which.setMinWidth(0);
        return row;
    }

    /// What is known of the scale behind one reading, and of what is taken off it.
    private Node scaleOf(Weighing w) {
        scaleRefreshers.clear();
        String id = w.id();
        int i = looked.map(p -> w.entries().stream().map(Weighing.Entry::point).toList().indexOf(p))
                .filter(n -> n >= 0).orElse(0);
        if (w.entries().isEmpty()) {
            return new VBox();
        }
        GridPane grid = new GridPane();
        grid.setHgap(4);
        grid.setVgap(4);
        grid.addRow(0, faint("scale of"), wrapped(w.entries().get(i).point().label()));
        known(grid, 1, "weigh-step", "its step", "step", id, i,
                e -> java.util.OptionalDouble.of(e.step()), (e, v) -> Double.isNaN(v) ? e : e.stepped(v), "");
        known(grid, 2, "weigh-accuracy", "accurate to", "accuracy", id, i, Weighing.Entry::accuracy,
                Weighing.Entry::accurateTo, "as usual");
        known(grid, 3, "weigh-less-u", "take-off ± (1σ)", "correctionU", id, i, Weighing.Entry::correctionU,
                Weighing.Entry::correctedWithin, "a tenth");
        Button gone = new Button("Remove this reading");
        gone.setId("weigh-remove-reading");
        gone.getStyleClass().addAll("link", "quiet");
        gone.setOnAction(e -> bench.edit("Remove a reading", d -> d.mappingWeighing(id, x -> x.without(i))));
        return new VBox(2, grid, gone);
    }

    private void known(GridPane grid, int row, String name, String label, String part, String id, int i,
            java.util.function.Function<Weighing.Entry, java.util.OptionalDouble> read,
            java.util.function.BiFunction<Weighing.Entry, Double, Weighing.Entry> write, String none) {
        QuantityField field = new QuantityField(label, Range.of(Weighing.Entry.class, part),
                v -> bench.edit(label, d -> entry(d, id, i, x -> write.apply(x, v))));
        if (!none.isEmpty()) {
            field.clearable(none, () -> bench.edit(label, d -> entry(d, id, i, x -> write.apply(x, Double.NaN))));
        }
        field.field().setId(name);
        field.field().setPrefColumnCount(6);
        scaleRefreshers
                .add(() -> now(id, i).ifPresent(e -> field.show(read.apply(e).orElse(Double.NaN), state.style())));
        grid.addRow(row, faint(label), field);
    }

    /// Takes the readings of another day over, where nothing changed between.
    private Optional<Node> join(Weighing w) {
        return state.analysis().given().weighings().stream().filter(o -> o.read() && WeighDay.joins(o, w)).findFirst()
                .map(o -> {
                    Button join = new Button("Take over the readings of " + o.date());
                    join.setId("weigh-join");
                    join.getStyleClass().add("link");
                    join.setOnAction(e -> bench.edit("Join weigh days", d -> d.mappingWeighing(w.id(),
                            x -> d.weighing(o.id()).map(y -> x.plus(
                                    y.entries().stream().filter(r -> r.value().isPresent()).toList())).orElse(x))));
                    return join;
                });
    }

    private static Weighing weighing(Design d, String id) {
        return d.weighing(id).orElse(new Weighing(id, "", "", null, 0, 0, List.of(), List.of(), ""));
    }

    private void row(GridPane grid, String id, int i, Weighing.Entry entry) {
        Label name = new Label(entry.point().label());
        name.setWrapText(true);
        name.setPrefWidth(scale.connected() ? 74 : 128);
        name.setMinWidth(74);
        name.setMinHeight(Label.USE_PREF_SIZE);
        CheckBox used = new CheckBox();
        used.setId("weigh-use-" + i);
        used.setAccessibleText(entry.point().label() + " counts");
        used.setSelected(entry.used());
        used.setOnAction(e -> bench.edit("Reading counts", d -> entry(d, id, i, x -> x.used(used.isSelected()))));
        QuantityField value = new QuantityField(entry.point().label(), Range.of(Weighing.Entry.class, "value"),
                v -> bench.edit(entry.point().label(), d -> entry(d, id, i, x -> x.reading(v)))).clearable("not read",
                        () -> bench.edit(entry.point().label(), d -> entry(d, id, i, x -> x.reading(Double.NaN))));
        value.field().setId("weigh-" + i);
        value.field().setPrefColumnCount(6);
        value.setMinWidth(scale.connected() ? 80 : 86);
        refreshers.add(() -> now(id, i).ifPresent(x -> value.show(x.value().orElse(Double.NaN), state.style())));
        value.field().focusedProperty().addListener((o, was, is) -> {
            if (is) {
                look(entry.point());
            }
        });
        QuantityField correction = new QuantityField("Take off " + entry.point().label(),
                Range.of(Weighing.Entry.class, "correction"),
                v -> bench.edit("Correction", d -> entry(d, id, i, x -> x.corrected(v))));
        correction.field().setId("weigh-less-" + i);
        correction.field().setPrefColumnCount(4);
        correction.setMinWidth(46);
        refreshers.add(() -> now(id, i).ifPresent(x -> correction.show(x.correction(), state.style())));
        refreshers.add(() -> now(id, i).ifPresent(x -> used.setSelected(x.used())));
        Button read = new Button("Read");
        read.setId("weigh-read-" + i);
        read.setVisible(scale.connected());
        read.setManaged(scale.connected());
        read.setMinWidth(Button.USE_PREF_SIZE);
        read.getStyleClass().add("slim");
        read.setOnAction(e -> read(id, i, entry.point()));
        if (i == 0) {
            grid.addRow(0, new Label(), faint("what"), faint("reads"), faint("take off"));
        }
        grid.addRow(i + 1, used, name, value, correction, read);
    }

    private Optional<Weighing.Entry> now(String id, int i) {
        List<Weighing.Entry> entries = weighing(state.analysis().given(), id).entries();
        return i < entries.size() ? Optional.of(entries.get(i)) : Optional.empty();
    }

    /// A label that is never shortened.
    private static Label whole(String text) {
        Label label = new Label(text);
        label.setMinWidth(Label.USE_PREF_SIZE);
        return label;
    }

    /// A label that takes more lines where there is little room.
    private static Label wrapped(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinWidth(84);
        label.setMinHeight(Label.USE_PREF_SIZE);
        return label;
    }

    private static Label faint(String text) {
        Label label = whole(text);
        label.getStyleClass().add("grid-head");
        return label;
    }

    private Design entry(Design d, String id, int i, java.util.function.UnaryOperator<Weighing.Entry> change) {
        return WeighDay.reading(d, state.design(), id, i, change);
    }

    private void feedRow() {
        TextField address = new TextField("localhost:7070");
        address.setId("weigh-address");
        address.setPrefColumnCount(12);
        address.setAccessibleText("Scale on the network");
        Button connect = new Button(scale.connected() ? "Disconnect" : "Connect");
        connect.setId("weigh-connect");
        connect.setOnAction(e -> {
            if (scale.connected()) {
                scale.disconnect();
            } else {
                scale.connect(address.getText());
            }
        });
        Button rehearse = new Button("Rehearse with a stand-in");
        rehearse.setId("weigh-rehearse");
        rehearse.setDisable(scale.connected());
        rehearse.setOnAction(e -> rehearse());
        Button all = new Button("Read all");
        all.setId("weigh-read-all");
        all.setDisable(!scale.connected());
        all.setOnAction(e -> current(state.project().design()).ifPresent(w -> readAll(w.id(), 0)));
        Label head = new Label("Scale");
        head.getStyleClass().addAll("heading", "section");
        form.getChildren().addAll(head, new FlowPane(6, 6, rehearse, address, connect, all), feed);
    }

    /// A hidden truth of this project on a scale of its own, for this day's load case.
    private void rehearse() {
        Weighing w = current(state.project().design()).orElseThrow();
        double step = w.entries().isEmpty() ? 10 : w.entries().getFirst().step();
        scale.rehearse(TrueMasses.of(state.design(), w.aboard(), w.id().hashCode()), step, w.id().hashCode());
    }

    /// Whether nothing is being read.
    @Override
    public boolean settled() {
        return scale.settled();
    }

    private void readAll(String id, int i) {
        Weighing w = weighing(state.project().design(), id);
        if (i < w.entries().size()) {
            read(id, i, w.entries().get(i).point(), () -> readAll(id, i + 1));
        }
    }

    private void read(String id, int i, WeighPoint point) {
        read(id, i, point, () -> {
        });
    }

    private void read(String id, int i, WeighPoint point, Runnable then) {
        look(point);
        scale.read(point, kg -> {
            bench.edit(point.label(), d -> entry(d, id, i, x -> x.reading(kg)));
            then.run();
        });
    }

    private void look(WeighPoint point) {
        boolean other = !looked.equals(Optional.of(point));
        looked = Optional.of(point);
        current(state.analysis().given()).ifPresent(w -> {
            draw(w);
            if (other) {
                scaleShown(w);
            }
        });
    }

    private void scaleShown(Weighing w) {
        scaleSlot.getChildren().setAll(scaleOf(w));
        scaleRefreshers.forEach(Runnable::run);
    }

    private void draw(Weighing w) {
        picture.show(WeighPictures.decks(state.design(), drawn(w)), state.style());
    }

    /// The reading that is looked at, the first else.
    private WeighPoint drawn(Weighing w) {
        return looked.filter(p -> w.entries().stream().anyMatch(e -> e.point() == p))
                .orElse(w.entries().isEmpty() ? WeighPoint.COUPLER : w.entries().getFirst().point());
    }

    private void results(Design given, Optional<Weighing> now) {
        results.getChildren().clear();
        if (now.isEmpty()) {
            results.getChildren()
                    .add(StudyPane.words("Nothing was weighed yet. The plan is only as good as its guesses:"
                            + " weigh the bare base, the dry build, and the packed camper.", "faint"));
            return;
        }
        Weighing w = now.get();
        draw(w);
        WeighDay day = WeighDay.of(state.design(), w);
        Label how = StudyPane.words(drawn(w).how() + ". Pick a reading to see what stands where.", "faint");
        VBox box = panel("What stands on which deck", picture, how);
        results.getChildren().addAll(box, said(day), catches(day), changes(given, day));
        desk.photo(w.photo()).filter(p -> !w.photo().isEmpty()).ifPresent(file -> {
            photo.show(file);
            Node shown = panel("The ticket", photo.view());
            shown.visibleProperty().bind(photo.view().imageProperty().isNotNull());
            shown.managedProperty().bind(shown.visibleProperty());
            results.getChildren().add(shown);
        });
        if (given.weighings().size() > 1) {
            ChartView history = new ChartView(theme, WeighPictures.history(state.design(), given.weighings()),
                    state.style());
            history.setPrefHeight(200);
            results.getChildren().add(panel("Weights over the build", history));
        }
    }

    private static VBox panel(String title, Node... content) {
        Label head = new Label(title);
        head.getStyleClass().add("heading");
        VBox box = new VBox(4, head);
        box.getChildren().addAll(content);
        box.getStyleClass().add("panel");
        return box;
    }

    private String number(double mass) {
        return Units.show(mass, Quantity.MASS, state.style()).number();
    }

    private String kg(double value) {
        return Units.text(value, Quantity.MASS, state.style());
    }

    private Node said(WeighDay day) {
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(2);
        grid.addRow(0, faint(""), faint("scale"), faint("± 95 %"), faint("plan"), faint("lacks"));
        row(grid, 1, "Loaded", "weigh-mass", day.result().mass(), day.result().massU(), day.planned().mass());
        row(grid, 2, "Tongue", "weigh-tongue", day.result().tongue(), day.result().tongueU(), day.planned().tongue());
        row(grid, 3, "Axle", "weigh-axle", day.result().axle(), Double.NaN,
                day.planned().axle());
        Label share = new Label(Double.isNaN(day.result().share())
                ? "The tongue share is not known yet."
                : "Tongue share " + Units.text(day.result().share(), Quantity.SHARE, state.style()) + " ± "
                        + Units.text(Normal.HALF_95 * day.result().shareU(), Quantity.SHARE, state.style()) + ".");
        share.setId("weigh-share");
        share.getStyleClass().add("strong");
        VBox box = panel("What the readings say together", grid, share);
        for (lectulum.figures.Sentence also : day.also(state.design())) {
            box.getChildren().add(StudyPane.words(also.text(state.style()), "wrap"));
        }
        day.missing().ifPresent(m -> box.getChildren().add(StudyPane.words((day.planLacksSomething()
                ? "The plan lacks something: "
                : "Plan and scale differ by no more than chance: ") + kg(m.mass())
                + (m.placed()
                        ? ", acting " + Units.text(m.place(), Quantity.LENGTH, state.style()) + " behind the ball ± "
                                + Units.text(Normal.HALF_95 * m.u(), Quantity.LENGTH, state.style()) + "."
                        : "; its place cannot be told."),
                day.planLacksSomething() ? "hint" : "faint")));
        return box;
    }

    private void row(GridPane grid, int row, String name, String id, double value, double u, double plan) {
        Label read = new Label(kg(value));
        read.setId(id);
        read.getStyleClass().add("strong");
        grid.addRow(row, whole(name), read, whole(Double.isNaN(u) ? "" : kg(Normal.HALF_95 * u)),
                whole(kg(plan)), whole(Double.isNaN(value)
                        ? ""
                        : Units.change(value - plan, Quantity.MASS, state.style())));
    }

    private Optional<String> leaves(String what, double u) {
        return Double.isNaN(u) ? Optional.empty() : Optional.of(what + " ± " + kg(Normal.HALF_95 * u));
    }

    private Node catches(WeighDay day) {
        VBox box = panel("Looked at closely");
        box.setId("weigh-catches");
        for (WeighDay.Catch c : day.catches()) {
            box.getChildren().add(StudyPane.words(c.says().text(state.style()), "wrap"));
            if (c.fix().isPresent() && c.index() >= 0) {
                Button fix = new Button(c.fix().get().used() ? "Take it as meant" : "Leave it out");
                fix.setId("weigh-fix-" + c.rule().id().substring(c.rule().id().indexOf('.') + 1));
                fix.getStyleClass().add("link");
                fix.setOnAction(e -> {
                    bench.edit("Mend a reading", d -> entry(d, day.weighing().id(), c.index(), x -> c.fix().get()));
                });
                box.getChildren().add(fix);
            }
        }
        if (day.catches().isEmpty()) {
            box.getChildren().add(StudyPane.words("Nothing strange about the readings.", "faint"));
        }
        if (!day.next().isEmpty()) {
            List<String> next = day.next().stream()
                    .map(n -> n.point().label() + " (" + String.join(", ", java.util.stream.Stream.of(
                            leaves("tongue", n.u()), leaves("loaded", n.uMass())).flatMap(Optional::stream).toList())
                            + ")")
                    .toList();
            Label words = StudyPane.words("Read next: " + String.join("; ", next) + ".", "faint");
            words.setId("weigh-next");
            box.getChildren().add(words);
        }
        return box;
    }

    private Node changes(Design given, WeighDay day) {
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(3);
        grid.addRow(0, faint("thing and plan"), faint("by scale"), faint("by"));
        int row = 1;
        for (WeighDay.Change c : day.changes().stream().limit(MOST_CHANGES).toList()) {
            String name = c.thing().isEmpty() ? "Base" : given.thing(c.thing()).map(t -> t.name()).orElse(c.thing());
            Button accept = new Button("Accept");
            accept.setId("weigh-accept-" + (c.thing().isEmpty() ? "base" : c.thing().replace(' ', '-')));
            accept.setOnAction(e -> bench.edit("Accept the mass of " + name, d -> day.accept(d, c)));
            Optional<Weighing.Accepted> taken = day.weighing().accepted(c.thing());
            accept.getStyleClass().add("slim");
            accept.setMinWidth(Button.USE_PREF_SIZE);
            Label source = whole(c.before().source().label() + ", " + kg(c.before().value()));
            source.getStyleClass().addAll("faint", "small");
            grid.addRow(row++, new VBox(wrapped(name), source),
                    whole(number(c.after()) + " ± " + kg(Normal.HALF_95 * c.u())),
                    whole(Units.change(c.by(), Quantity.MASS, state.style())),
                    taken.isPresent() ? whole("taken over") : accept);
        }
        VBox box = panel("Where did the weight go", grid);
        if (day.changes().isEmpty()) {
            box.getChildren().setAll(box.getChildren().getFirst(),
                    StudyPane.words("No mass of the plan is changed yet: mass or tongue must be read.", "faint"));
        } else {
            Button all = new Button("Accept all");
            all.setId("weigh-accept-all");
            all.setOnAction(e -> bench.edit("Accept the weighed masses", day::acceptAll));
            box.getChildren().add(all);
            if (day.changes().size() > MOST_CHANGES) {
                box.getChildren().add(StudyPane.words("and " + (day.changes().size() - MOST_CHANGES)
                        + " smaller changes", "faint"));
            }
        }
        for (Weighing.Accepted a : day.weighing().accepted()) {
            String name = a.thing().isEmpty() ? "Base" : given.thing(a.thing()).map(t -> t.name()).orElse(a.thing());
            box.getChildren().add(StudyPane.words(name + " was " + kg(a.before().value()) + " ("
                    + a.before().source().label() + ") before.", "faint"));
        }
        return box;
    }
}
