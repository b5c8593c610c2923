package lectulum.stage.brief;

import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Climate;
import lectulum.design.brief.Person;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.TongueSchool;
import lectulum.design.brief.WaterStyle;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
import lectulum.sheet.Likeness;
import lectulum.stage.StageView;
import lectulum.stage.balance.VehicleField;
import lectulum.symbols.Facing;
import lectulum.symbols.Figure;
import lectulum.symbols.TowVehicle;
import lectulum.theme.Theme;
import lectulum.units.UnitSystem;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Brief: who travels, for how long, where, behind what. Every later check cites it.
public final class BriefStage implements StageView {
    private static final double COLUMN = 236;
    private static final double GAP = 14;
    private static final double EDGE = 24;
    private static final double FIGURE = 42;
    private static final double FIGURE_HIGH = 118;
    /// Fills the height of a figure's picture \[m\].
    private static final double TALLEST = 2.1;

    private final Workbench bench;
    private final VBox people = new VBox(4);
    private final Form trip;
    private final Form vehicle;
    private final ScrollPane page;
    private final VBox card = new VBox(4);
    private final List<Button> leave = new ArrayList<>();
    private final List<Form> travellers = new ArrayList<>();
    private final List<Likeness> figures = new ArrayList<>();
    private final Supplier<Theme> theme;
    private final Likeness likeness;
    private int builtFor = -1;

    public BriefStage(Workbench bench, Supplier<Theme> theme) {
        this.bench = bench;
        this.theme = theme;
        this.likeness = new Likeness(theme, Facing.SIDE, COLUMN - 32, 74, 0);
        this.trip = trip();
        this.vehicle = vehicle();
        VBox first = column("Who travels", people);
        VBox second = column("The trip, off grid", trip);
        VBox third = column("Tow vehicle", new VBox(4, likeness, vehicle));
        FlowPane columns = new FlowPane(GAP, GAP, first, second, third);
        columns.getStyleClass().add("page");
        for (VBox column : List.of(first, second, third)) {
            column.prefWidthProperty().bind(Bindings.createDoubleBinding(() -> share(columns.getWidth()),
                    columns.widthProperty()));
        }
        page = new ScrollPane(columns);
        page.setFitToWidth(true);
        Label title = new Label("Brief");
        title.getStyleClass().add("title");
        Label why = new Label("What the camper has to do. Berths, tank days, battery nights and tow limits are all"
                + " checked against this page.");
        why.setWrapText(true);
        why.getStyleClass().addAll("faint", "wrap");
        Label caution = new Label("Plates, manuals and local law rule over every figure here.");
        caution.setWrapText(true);
        caution.getStyleClass().add("caution");
        card.getChildren().addAll(title, why, caution);
    }

    @Override
    public Optional<Node> page() {
        return Optional.of(page);
    }

    @Override
    public Node card() {
        return card;
    }

    @Override
    public void show(State state) {
        int count = state.analysis().given().brief().people().size();
        if (count != builtFor) {
            builtFor = count;
            people(state.analysis().given().brief());
        }
        travellers.forEach(f -> f.show(state));
        for (int i = 0; i < count; i++) {
            Person p = state.analysis().given().brief().people().get(i);
            figures.get(i).show(Figure.standing(Math.clamp(p.height(), 0.4, TALLEST)), p.name() + " to scale");
            leave.get(i).setText("Take out " + state.analysis().given().brief().people().get(i).name());
        }
        trip.show(state);
        vehicle.show(state);
        likeness.show(TowVehicle.of(state.design()), state.design().vehicle().looks().label());
    }

    /// Width of a column: three where they fit, else two.
    private static double share(double width) {
        double room = width - 2 * EDGE;
        int columns = room >= 3 * COLUMN + 2 * GAP ? 3 : 2;
        return Math.max(COLUMN, Math.floor((room - (columns - 1) * GAP) / columns));
    }

    private static VBox column(String title, Node content) {
        Label head = new Label(title);
        head.getStyleClass().add("heading");
        VBox box = new VBox(6, head, content);
        box.getStyleClass().add("panel");
        box.setMinWidth(COLUMN);
        return box;
    }

    /// Somebody: figure, name and measures.
    private void people(Brief brief) {
        travellers.clear();
        figures.clear();
        leave.clear();
        people.getChildren().clear();
        for (int i = 0; i < brief.people().size(); i++) {
            people.getChildren().add(traveller(i));
        }
        Button add = new Button("Add a traveller");
        add.setId("add-person");
        add.setOnAction(e -> bench.edit("Add a traveller", d -> {
            List<Person> more = new ArrayList<>(d.brief().people());
            int number = more.size() + 1;
            String id = "person-" + number;
            while (has(more, id)) {
                id = "person-" + ++number;
            }
            more.add(new Person(id, "Person " + number, 1.75, 75));
            return d.with(d.brief().withPeople(more));
        }));
        people.getChildren().add(add);
    }

    private HBox traveller(int n) {
        Form f = new Form(bench, "-" + (n + 1));
        f.text("Name", d -> person(d, n).name(),
                (d, v) -> with(d, n, p -> new Person(p.id(), v, p.height(), p.mass(), p.age())));
        new PartRows<>(f, Person.class, d -> d.brief().people().stream().skip(n).findFirst(),
                (d, p) -> with(d, n, old -> p)).row("height", "Height").row("mass", "Weight").unknownRow("age", "Age");
        Button out = new Button();
        out.getStyleClass().addAll("link", "quiet");
        out.setOnAction(e -> bench.edit("Take out a traveller", d -> {
            List<Person> rest = new ArrayList<>(d.brief().people());
            rest.remove(n);
            return d.with(d.brief().withPeople(rest));
        }));
        f.node(out);
        travellers.add(f);
        leave.add(out);
        Likeness figure = new Likeness(theme, Facing.BEHIND, FIGURE, FIGURE_HIGH, TALLEST);
        figures.add(figure);
        HBox.setHgrow(f, Priority.ALWAYS);
        HBox box = new HBox(8, figure, f);
        box.getStyleClass().add("traveller");
        return box;
    }

    private static boolean has(List<Person> people, String id) {
        return people.stream().anyMatch(p -> p.id().equals(id));
    }

    private static Person person(Design d, int n) {
        List<Person> all = d.brief().people();
        return n < all.size() ? all.get(n) : new Person("", "", Double.NaN, Double.NaN);
    }

    private static Design with(Design d, int n, UnaryOperator<Person> change) {
        List<Person> all = new ArrayList<>(d.brief().people());
        if (n < all.size()) {
            all.set(n, change.apply(all.get(n)));
        }
        return d.with(d.brief().withPeople(all));
    }

    private Form trip() {
        Form f = new Form(bench);
        PartRows<Brief> brief = new PartRows<>(f, Brief.class, d -> Optional.of(d.brief()), Design::with);
        brief.row("nights").unknownRow("budget", "Budget");
        f.choice("Currency", List.of("€", "$", "£", "kr", "CHF"), s -> s, d -> d.brief().currency(),
                (d, v) -> d.with(d.brief().withCurrency(v)));
        f.choice("Country's units", List.of(UnitSystem.values()), u -> u == UnitSystem.US ? "feet, pounds" : "metric",
                d -> d.brief().units(), (d, v) -> d.with(d.brief().with(v)));
        f.choice("Traffic drives", List.of(true, false), left -> left ? "on the right" : "on the left",
                d -> d.brief().leftHandDrive(), (d, v) -> d.with(d.brief().withLeftHandDrive(v)));
        brief.row("latitude");
        f.choice("Month", IntStream.rangeClosed(1, 12).boxed().toList(),
                m -> Month.of(m).getDisplayName(TextStyle.FULL, Locale.ENGLISH),
                d -> Math.clamp(d.brief().month(), 1, 12), (d, v) -> d.with(d.brief().withMonth(v)));
        f.choice("Climate", List.of(Climate.values()), Climate::label, d -> d.brief().climate(),
                (d, v) -> d.with(d.brief().with(v)));
        f.choice("Water use", List.of(WaterStyle.values()), WaterStyle::label, d -> d.brief().water(),
                (d, v) -> d.with(d.brief().with(v)));
        f.choice("Toilet", List.of(Toilet.values()), Toilet::label, d -> d.brief().toilet(),
                (d, v) -> d.with(d.brief().with(v)));
        f.choice("Tongue school", List.of(TongueSchool.values()), TongueSchool::label,
                d -> d.brief().school(),
                (d, v) -> d.with(v == TongueSchool.OWN
                        ? d.brief().withOwnBand(d.brief().tongueLow(), d.brief().tongueHigh())
                        : d.brief().with(v)));
        f.quantity("Band from", Range.of(Brief.class, "ownLow"), d -> d.brief().tongueLow(),
                (d, v) -> d.with(d.brief().withOwnBand(v, Math.max(v + 0.005, d.brief().tongueHigh()))));
        f.quantity("Band to", Range.of(Brief.class, "ownHigh"), d -> d.brief().tongueHigh(),
                (d, v) -> d.with(d.brief().withOwnBand(Math.min(v - 0.005, d.brief().tongueLow()), v)));
        f.note("North American practice is 10 to 15 % of the loaded mass, European 4 to 7 % with a plate limit,"
                + " Australian 8 to 15 %. Pick by where the tow vehicle's plate comes from.");
        return f;
    }

    private Form vehicle() {
        Form f = new Form(bench);
        f.longText("Vehicle", d -> d.vehicle().name(), (d, v) -> d.with(d.vehicle().named(v)));
        f.choice("Looks like", List.of(Vehicle.Looks.values()), Vehicle.Looks::label, d -> d.vehicle().looks(),
                (d, v) -> d.with(d.vehicle().withLooks(v)));
        fields(f, VehicleField.ITSELF);
        f.heading(VehicleField.PAPERS);
        f.choice("It counts", List.of(Vehicle.Kerb.values()), Vehicle.Kerb::label, d -> d.vehicle().papers().kerb(),
                (d, v) -> d.with(d.vehicle().with(d.vehicle().papers().meaning(v)))).stacked();
        f.choice("Fuel", List.of(false, true), diesel -> diesel ? "diesel" : "petrol",
                d -> d.vehicle().papers().diesel(), (d, v) -> {
                    Vehicle.Papers p = d.vehicle().papers();
                    return d.with(d.vehicle().with(p.fuelled(p.tank(), v, p.fill())));
                });
        fields(f, VehicleField.PAPERS);
        f.heading(VehicleField.SEATS);
        f.note("How far ahead of the rear axle; behind it negative. Empty: half of people and luggage on each axle.");
        fields(f, VehicleField.SEATS);
        f.note("Other vehicles that might tow it are compared on Balance, Vehicles.");
        f.heading("Its ratings");
        for (Rating rating : Rating.values()) {
            if (!rating.trailer()) {
                String label = Character.toUpperCase(rating.label().charAt(0)) + rating.label().substring(1);
                f.optional(label, Range.of(Vehicle.class, "ratings"),
                        d -> d.vehicle().rating(rating).orElse(Double.NaN),
                        (d, v) -> d.with(d.vehicle().with(rating,
                                Double.isNaN(v) ? OptionalDouble.empty() : OptionalDouble.of(v))));
            }
        }
        return f;
    }

    private static void fields(Form f, String group) {
        for (VehicleField field : VehicleField.ALL) {
            if (field.group().equals(group) && field.clears()) {
                f.optional(field.label(), field.range(),
                        d -> field.read().apply(d.vehicle()).orElse(Double.NaN),
                        (d, v) -> d.with(field.write().apply(d.vehicle(),
                                Double.isNaN(v) ? OptionalDouble.empty() : OptionalDouble.of(v))));
            } else if (field.group().equals(group)) {
                f.quantity(field.label(), field.range(),
                        d -> field.read().apply(d.vehicle()).orElse(Double.NaN),
                        (d, v) -> d.with(field.write().apply(d.vehicle(), OptionalDouble.of(v))));
            }
        }
    }
}
