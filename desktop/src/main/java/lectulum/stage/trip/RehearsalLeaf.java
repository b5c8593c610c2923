package lectulum.stage.trip;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.Variant;
import lectulum.design.outing.Outing;
import lectulum.design.outing.OutingDay;
import lectulum.design.thing.SystemGroup;
import lectulum.parts.Background;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
import lectulum.parts.Words;
import lectulum.sheet.SheetGlance;
import lectulum.sheet.SheetLook;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.theme.Theme;
import lectulum.trip.Outings;
import lectulum.trip.Rehearsal;
import lectulum.trip.RehearsalStudies;
import lectulum.trip.Rehearsals;
import lectulum.units.Style;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// One trip on one timeline: its days, its curves, and what is so at any hour of it.
final class RehearsalLeaf implements Leaf.Page {
    private static final double FORM = 300;
    private static final double LEAST_FORM = 230;
    private static final double THEN = 210;
    private static final double HIGH = 420;
    /// What the hours empty and fill; everything else stands as outlines.
    private static final Set<SystemGroup> USED_UP = EnumSet.of(SystemGroup.WATER, SystemGroup.HEAT,
            SystemGroup.ELECTRICAL, SystemGroup.COLD);
    private final Bench bench;
    private final Workbench work;
    private final ComboBox<String> trips = new ComboBox<>();
    private final ComboBox<Integer> days = new ComboBox<>();
    private final Button own = new Button("My own from this");
    private final Button more = new Button("A day more");
    private final Button fewer = new Button("A day less");
    private final Button remove = new Button("Without this trip");
    private final FlowPane buttons = new FlowPane(6, 6, own, more, fewer, remove);
    private final Slider slider = new Slider(0, 1, 0);
    private final VBox then = new VBox();
    private final SheetGlance picture;
    private final VBox curves = new VBox();
    private final VBox beside = new VBox(6);
    private final ComboBox<String> other = new ComboBox<>();
    private final HBox against = new HBox(8, new Label("Against the variant"), other);
    private final Background worker = new Background("rehearsal of another variant");
    private Optional<Rehearsals> theirs = Optional.empty();
    private String asked = "";
    private Analysis askedOf;
    private final VBox each = new VBox();
    private final VBox day = new VBox();
    private final Node page;
    private String trip = "";
    private int at;
    private State state;
    private boolean showing;
    private Rehearsal shown;
    private Style style;
    private Theme look;
    private String formOf = "";
    private Optional<Form> form = Optional.empty();

    private RehearsalLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        this.state = work.state();
        trips.setId("trips");
        trips.setAccessibleText("Trip");
        trips.setConverter(Words.by(id -> outing(state.project().design(), id).map(Outing::name)
                .or(() -> rehearsals().of(id).map(r -> r.outing().name())).orElse("–")));
        trips.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                trip = now;
                at = 0;
                show(state);
            }
        });
        days.setId("trip-day");
        days.setAccessibleText("Day of the trip");
        days.setConverter(Words.by(i -> "Day " + (i + 1)));
        days.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                at = now;
                showDay();
            }
        });
        own.setId("trip-own");
        own.setOnAction(e -> copied());
        more.setId("trip-more");
        more.setOnAction(e -> changed("A day more", o -> {
            List<OutingDay> next = new ArrayList<>(o.days());
            next.add(Math.max(0, next.size() - 1), OutingDay.USUAL);
            return o.withDays(next);
        }));
        fewer.setId("trip-fewer");
        fewer.setOnAction(e -> changed("A day less", o -> o.days().isEmpty()
                ? o
                : o.withDays(o.days().subList(0, o.days().size() - 1))));
        remove.setId("trip-remove");
        remove.getStyleClass().addAll("link", "quiet");
        remove.setOnAction(e -> {
            String gone = trip;
            work.edit("Without a trip", d -> d.withOutings(
                    d.outings().stream().filter(o -> !o.id().equals(gone)).toList()));
        });
        picture = new SheetGlance(bench.theme(), HIGH);
        picture.setId("trip-picture");
        other.setId("trip-other");
        other.setAccessibleText("Another variant beside it");
        other.setConverter(Words.by(id -> variant(id).map(Variant::name).orElse("none")));
        other.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                show(state);
            }
        });
        against.getStyleClass().add("row");
        slider.setId("trip-hour");
        slider.setAccessibleText("Hour of the trip");
        slider.valueProperty().addListener((o, was, now) -> showHour());
        Label title = new Label("Side by side");
        title.getStyleClass().add("heading");
        VBox table = panel(title, beside, against);
        Label name = new Label("Trip");
        name.setMinWidth(Region.USE_PREF_SIZE);
        trips.setMinWidth(Region.USE_PREF_SIZE);
        HBox choice = new HBox(8, name, trips, buttons);
        HBox.setHgrow(buttons, Priority.ALWAYS);
        Label hourly = new Label("Hour by hour");
        hourly.getStyleClass().add("heading");
        HBox.setHgrow(picture, Priority.ALWAYS);
        then.setMinWidth(THEN);
        VBox hour = panel(choice, hourly, slider, new HBox(12, picture, then));
        Label daily = new Label("Day by day");
        daily.getStyleClass().add("heading");
        VBox single = new VBox(8, days, day);
        single.setMinWidth(LEAST_FORM);
        single.setMaxWidth(FORM);
        HBox.setHgrow(each, Priority.ALWAYS);
        HBox.setHgrow(single, Priority.SOMETIMES);
        VBox planned = panel(daily, new HBox(16, each, single));
        this.page = Pages.content(new VBox(10, hour, table, planned, curves));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("trip", "Rehearsal", "The trip hour by hour, and what fails first",
                () -> new RehearsalLeaf(bench));
    }

    private static VBox panel(Node... nodes) {
        VBox box = new VBox(8, nodes);
        box.getStyleClass().add("panel");
        return box;
    }

    private Rehearsals rehearsals() {
        return state.analysis().of(Rehearsals.DISCIPLINE);
    }

    private Optional<Outing> mine(Design d) {
        return d.outings().stream().filter(o -> o.id().equals(trip)).findFirst();
    }

    private void copied() {
        rehearsals().of(trip).ifPresent(r -> {
            String id = Rehearsals.free(state.project().design());
            work.edit("A trip of my own", d -> Rehearsals.with(d, new Outing(id, "My trip", r.outing().days())));
            trip = id;
            show(work.state());
        });
    }

    private void changed(String name, java.util.function.UnaryOperator<Outing> change) {
        work.edit(name, d -> mine(d).map(o -> Rehearsals.with(d, change.apply(o))).orElse(d));
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
    public void show(State s) {
        state = s;
        Rehearsals all = rehearsals();
        showing = true;
        // A trip that was planned a moment ago may not be rehearsed yet.
        List<String> ids = java.util.stream.Stream.concat(
                s.project().design().outings().stream().map(Outing::id),
                all.all().stream().map(r -> r.outing().id())
                        .filter(id -> List.of(Outings.USUAL, Outings.HARD, Outings.HOT).contains(id)))
                .toList();
        if (!ids.equals(trips.getItems())) {
            trips.getItems().setAll(ids);
        }
        if (!ids.contains(trip)) {
            trip = ids.isEmpty() ? "" : ids.getFirst();
        }
        trips.setValue(trip.isEmpty() ? null : trip);
        boolean own = mine(s.project().design()).isPresent();
        for (Node n : List.of(more, fewer, remove)) {
            n.setVisible(own);
            n.setManaged(own);
        }
        Optional<Rehearsal> r = all.of(trip);
        int count = r.map(x -> x.outing().days().size()).orElse(0);
        at = Math.clamp(at, 0, Math.max(0, count - 1));
        List<Integer> numbers = java.util.stream.IntStream.range(0, count).boxed().toList();
        if (!numbers.equals(days.getItems())) {
            days.getItems().setAll(numbers);
        }
        days.setValue(count > 0 ? at : null);
        showing = false;
        boolean same = r.isPresent() && r.get().equals(shown) && s.style().equals(style) && look == bench.theme().get();
        if (!same) {
            shown = r.orElse(null);
            style = s.style();
            look = bench.theme().get();
            curves.getChildren().clear();
            r.ifPresent(x -> curves.getChildren().add(new StudyPane(bench.theme(), RehearsalStudies.of(x), s.style())));
            slider.setMax(Math.max(1, r.map(x -> x.hours().size() - 1).orElse(1)));
            slider.setMajorTickUnit(24);
            slider.setBlockIncrement(1);
        }
        each.getChildren().clear();
        r.ifPresent(x -> each.getChildren().add(StudyPane.table(RehearsalStudies.days(x), s.style())));
        variants(all);
        showDay();
        showHour();
    }

    private Optional<Variant> variant(String id) {
        return state.project().variants().stream().filter(v -> v.id().equals(id)).findFirst();
    }

    /// The trips of this variant, beside those of the one it is run against.
    private void variants(Rehearsals mine) {
        List<String> ids = new ArrayList<>(List.of(""));
        String current = state.project().variant().id();
        state.project().variants().stream().map(Variant::id).filter(id -> !id.equals(current)).forEach(ids::add);
        against.setVisible(ids.size() > 1);
        against.setManaged(ids.size() > 1);
        showing = true;
        if (!ids.equals(other.getItems())) {
            other.getItems().setAll(ids);
        }
        if (other.getValue() == null || !ids.contains(other.getValue())) {
            other.setValue("");
        }
        showing = false;
        Optional<Variant> chosen = variant(other.getValue());
        chosen.filter(v -> !state.analysis().sketched()).ifPresent(v -> {
            if (!v.id().equals(asked) || state.analysis() != askedOf) {
                asked = v.id();
                askedOf = state.analysis();
                run(v, askedOf);
            }
        });
        boolean known = chosen.isPresent() && theirs.isPresent() && chosen.get().id().equals(asked);
        beside.getChildren().setAll(StudyPane.table(known
                ? RehearsalStudies.against(state.project().variant().name(), mine, chosen.get().name(), theirs.get())
                : RehearsalStudies.beside(mine), state.style()));
    }

    private void run(Variant v, Analysis mine) {
        theirs = Optional.empty();
        worker.run(() -> mine.next(v.design()).of(Rehearsals.DISCIPLINE), done -> {
            if (v.id().equals(asked) && mine == askedOf) {
                theirs = Optional.of(done);
                show(state);
            }
        }, sentence -> beside.getChildren().setAll(StudyPane.words(sentence, "hint")));
    }

    @Override
    public boolean settled() {
        return worker.settled();
    }

    private void showHour() {
        then.getChildren().clear();
        rehearsals().of(trip).filter(r -> !r.hours().isEmpty()).ifPresent(r -> {
            int hour = Math.clamp((int) Math.round(slider.getValue()), 0, r.hours().size() - 1);
            then.getChildren().add(StudyPane.table(RehearsalStudies.at(r, hour), state.style()));
            picture.show(state.in(r.mode(hour)), SheetLook.PLAIN.withBelow(6).withLit(USED_UP).withStill(
                    (pen, projection, s, hatches) -> new HourLayer(pen, projection, s, r, hour).paint()),
                    "The camper at this hour, as full as it is then");
        });
    }

    private void showDay() {
        boolean own = mine(state.project().design()).isPresent();
        String now = trip + " " + at + " " + own;
        if (!now.equals(formOf)) {
            formOf = now;
            day.getChildren().clear();
            form = own ? Optional.of(form(trip, at)) : Optional.empty();
            form.ifPresent(day.getChildren()::add);
            if (!own) {
                day.getChildren().add(StudyPane.words(Outings.USUAL.equals(trip)
                        ? "Mean days of the month of the brief, three hours on the road out and back. Plan one of your own to"
                                + " change its days."
                        : "It ships with every project. Plan one of your own from it to change its days.", "faint"));
            }
        }
        form.ifPresent(f -> f.show(state));
    }

    private Form form(String id, int index) {
        Form f = new Form(work, "-trip");
        f.text("Trip name", d -> outing(d, id).map(Outing::name).orElse(""),
                (d, v) -> outing(d, id).map(o -> Rehearsals.with(d, o.withName(v))).orElse(d));
        PartRows<OutingDay> rows = new PartRows<>(f, OutingDay.class,
                d -> outing(d, id).filter(o -> index < o.days().size()).map(o -> o.days().get(index)),
                (d, x) -> changed(d, id, index, x));
        rows.row("driving").row("warmer").row("sun").row("use");
        f.choice("The night at", List.of(OutingDay.Site.values()), OutingDay.Site::label,
                d -> of(d, id, index).site(), (d, v) -> changed(d, id, index, of(d, id, index).withSite(v)));
        f.tick("Filled up in the morning", d -> of(d, id, index).fills(),
                (d, v) -> changed(d, id, index, of(d, id, index).withFills(v)));
        f.tick("Emptied in the morning", d -> of(d, id, index).empties(),
                (d, v) -> changed(d, id, index, of(d, id, index).withEmpties(v)));
        return f;
    }

    private static Optional<Outing> outing(Design d, String id) {
        return d.outings().stream().filter(o -> o.id().equals(id)).findFirst();
    }

    private static OutingDay of(Design d, String id, int index) {
        return outing(d, id).filter(o -> index < o.days().size()).map(o -> o.days().get(index))
                .orElse(OutingDay.USUAL);
    }

    private static Design changed(Design d, String id, int index, OutingDay day) {
        return outing(d, id).map(o -> Rehearsals.with(d, o.mapping(index, x -> day))).orElse(d);
    }
}
