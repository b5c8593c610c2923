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
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.brief.Demand;
import lectulum.brief.Demands;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Travel;
import lectulum.design.brief.Terrain;
import lectulum.design.brief.Season;
import lectulum.design.brief.Skill;
import lectulum.design.brief.SecondUse;
import lectulum.design.brief.Kept;
import lectulum.design.brief.Headroom;
import lectulum.design.brief.Effort;
import lectulum.design.brief.Dog;
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
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StudyPane;
import lectulum.stage.balance.VehicleField;
import lectulum.symbols.Facing;
import lectulum.symbols.Figure;
import lectulum.symbols.TowVehicle;
import lectulum.theme.Theme;
import lectulum.units.UnitSystem;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Who travels, for how long, where, behind what, and whether the camper does it. Every later check cites it.
final class NeedsLeaf implements Leaf.Page {
    private static final double COLUMN = 236;
    private static final double GAP = 14;
    private static final double EDGE = 24;
    private static final double FIGURE = 42;
    private static final double FIGURE_HIGH = 118;
    /// Fills the height of a figure's picture \[m\].
    private static final double TALLEST = 2.1;

    private static final int MOST_COLUMNS = 4;

    private final Workbench bench;
    private final VBox people = new VBox(4);
    private final VBox dogs = new VBox(4);
    private final VBox uses = new VBox(4);
    private final List<Form> forms = new ArrayList<>();
    private final VBox demands = new VBox(2);
    private final List<VBox> panels;
    private final HBox columns = new HBox(GAP);
    private final ScrollPane page;
    private final List<Button> leave = new ArrayList<>();
    private final List<Form> travellers = new ArrayList<>();
    private final List<Form> others = new ArrayList<>();
    private final List<Likeness> figures = new ArrayList<>();
    private final Supplier<Theme> theme;
    private final Likeness likeness;
    private int builtFor = -1;
    private String builtOthers = "";
    private int arranged;

    private NeedsLeaf(Bench in) {
        this.bench = in.work();
        this.theme = in.theme();
        this.likeness = new Likeness(theme, Facing.SIDE, COLUMN - 32, 74, 0);
        VBox who = column("Who travels", new VBox(4, people, dogs));
        VBox trip = column("The trip, off grid", kept(trip()));
        VBox vehicle = column("Tow vehicle", new VBox(4, likeness, kept(vehicle())));
        VBox year = column("A year with it", kept(year()));
        VBox place = column("Where it is kept", kept(place()));
        VBox build = column("Building it", kept(build()));
        VBox use = column("What else it is for", uses);
        panels = List.of(who, trip, vehicle, place, year, build, use);
        Label why = new Label("What the camper has to do. Berths, tank days, battery nights and tow limits are all"
                + " checked against this page.");
        why.setWrapText(true);
        why.getStyleClass().addAll("faint", "wrap");
        Label caution = new Label("Plates, manuals and local law rule over every figure here.");
        caution.setWrapText(true);
        caution.getStyleClass().add("caution");
        VBox held = column("The brief held against the camper", demands);
        VBox all = new VBox(GAP, why, columns, held, caution);
        all.getStyleClass().add("page");
        page = new ScrollPane(all);
        page.setFitToWidth(true);
        page.viewportBoundsProperty().addListener((o, was, now) -> arrange(now.getWidth()));
        arrange(COLUMN * 3 + EDGE * 4);
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("needs", "Needs", "Who travels, where, how long, behind what", () -> new NeedsLeaf(bench));
    }

    @Override
    public Node node() {
        return page;
    }

    private Form kept(Form form) {
        forms.add(form);
        return form;
    }

    /// As many columns as fit; a panel goes below the others of its column.
    private void arrange(double width) {
        double room = width - 2 * EDGE;
        int n = Math.clamp((int) ((room + GAP) / (COLUMN + GAP)), 2, MOST_COLUMNS);
        if (n == arranged) {
            return;
        }
        arranged = n;
        columns.getChildren().clear();
        List<VBox> stacks = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            VBox stack = new VBox(GAP);
            HBox.setHgrow(stack, Priority.ALWAYS);
            stack.setPrefWidth(COLUMN);
            stack.setMaxWidth(Double.MAX_VALUE);
            stacks.add(stack);
        }
        int[][] where = n == 2
                ? new int[][]{{0, 3, 5, 6}, {1, 4, 2}}
                : n == 3 ? new int[][]{{0, 3, 6}, {1, 5}, {4, 2}} : new int[][]{{0, 6}, {1, 5}, {4, 3}, {2}};
        for (int i = 0; i < n; i++) {
            for (int panel : where[i]) {
                stacks.get(i).getChildren().add(panels.get(panel));
            }
        }
        columns.getChildren().setAll(stacks);
    }

    @Override
    public void show(State state) {
        Brief brief = state.analysis().given().brief();
        int count = brief.people().size();
        if (count != builtFor) {
            builtFor = count;
            people(brief);
        }
        String shape = brief.dogs().size() + brief.uses().stream().map(u -> u.kind().name()).toList().toString();
        if (!shape.equals(builtOthers)) {
            builtOthers = shape;
            others(brief);
        }
        travellers.forEach(f -> f.show(state));
        others.forEach(f -> f.show(state));
        for (int i = 0; i < count; i++) {
            Person p = brief.people().get(i);
            figures.get(i).show(Figure.standing(Math.clamp(p.height(), 0.4, TALLEST)), p.name() + " to scale");
            leave.get(i).setText("Take out " + p.name());
        }
        forms.forEach(f -> f.show(state));
        likeness.show(TowVehicle.of(state.design()), state.design().vehicle().looks().label());
        held(state);
    }

    /// Every demand with what there is of it.
    private void held(State state) {
        List<Demand> all = state.analysis().of(Demands.DISCIPLINE).all();
        demands.getChildren().clear();
        if (all.isEmpty()) {
            demands.getChildren().add(StudyPane.words("Nothing is asked yet: say who travels.", "faint"));
        }
        GridPane grid = new GridPane();
        grid.setHgap(14);
        grid.setVgap(3);
        ColumnConstraints mark = new ColumnConstraints(18);
        ColumnConstraints grow = new ColumnConstraints(120, 200, Double.MAX_VALUE);
        grow.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().setAll(mark, new ColumnConstraints(110), grow, grow);
        for (Demand d : all) {
            int row = grid.getRowCount();
            Label sign = new Label(d.met() ? "●" : "▲");
            sign.getStyleClass().add(d.met() ? "met" : "unmet");
            sign.setAccessibleText(d.met() ? "met" : "not met");
            Label line = cell(d.line(), "faint");
            Label asks = cell(d.asks().text(state.style()), "label");
            Label has = cell(d.says().text(state.style()), d.met() ? "label" : "hint");
            has.setId("demand-" + d.id());
            grid.addRow(row, sign, line, asks, has);
        }
        demands.getChildren().add(grid);
    }

    private static Label cell(String text, String style) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
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
                (d, v) -> with(d, n, p -> new Person(p.id(), v, p.height(), p.mass(), p.age(), p.later())));
        new PartRows<>(f, Person.class, d -> d.brief().people().stream().skip(n).findFirst(),
                (d, p) -> with(d, n, old -> p)).row("height", "Height").row("mass", "Weight").unknownRow("age", "Age")
                .unknownRow("later", "Grown to", "by the table");
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
                + " Australian 8 to 15 %. Pick by where the tow vehicle's plate comes from; Both schools shows what"
                + " follows for this camper.");
        return f;
    }

    private Form year() {
        Form f = new Form(bench);
        new PartRows<>(f, Travel.class, d -> Optional.of(d.brief().travel()),
                (d, t) -> d.with(d.brief().withTravel(t))).row("weekends").row("trips").row("tripNights")
                .row("distance").unknownRow("coldest", "Coldest night", "any")
                .unknownRow("hottest", "Hottest night", "any")
                .row("years");
        for (Season season : Season.values()) {
            f.tick(Character.toUpperCase(season.label().charAt(0)) + season.label().substring(1),
                    d -> d.brief().travel().in(season),
                    (d, on) -> d.with(d.brief().withTravel(d.brief().travel().with(season, on))));
        }
        f.choice("Worst ground", List.of(Terrain.values()), Terrain::label, d -> d.brief().travel().terrain(),
                (d, v) -> d.with(d.brief().withTravel(d.brief().travel().withTerrain(v))));
        f.choice("Headroom", List.of(Headroom.values()), Headroom::label, d -> d.brief().headroom(),
                (d, v) -> d.with(d.brief().withHeadroom(v)));
        f.note("Stand up and dress inside, or stay low for tracks, drag and branches: both are good practice. A roof that"
                + " lifts is the third way, paid for in seals and minutes. Both schools shows what each costs this camper.");
        return f;
    }

    private Form place() {
        Form f = new Form(bench);
        new PartRows<>(f, Kept.class, d -> Optional.of(d.brief().kept()), (d, k) -> d.with(d.brief().withKept(k)))
                .unknownRow("height", "Door height", "no limit").unknownRow("width", "Door width", "no limit")
                .unknownRow("length", "Place length", "no limit").unknownRow("branch", "Lowest branch", "no limit");
        f.note("Empty for no limit. A branch or an arch is what it passes on the usual way.");
        return f;
    }

    private Form build() {
        Form f = new Form(bench);
        PartRows<Effort> rows = new PartRows<>(f, Effort.class, d -> Optional.of(d.brief().effort()),
                (d, e) -> d.with(d.brief().withEffort(e)));
        rows.unknownRow("monthly", "Money a month", "not set").row("hours");
        for (Skill skill : Skill.values()) {
            f.tick(Character.toUpperCase(skill.label().charAt(0)) + skill.label().substring(1),
                    d -> d.brief().effort().has(skill),
                    (d, on) -> d.with(d.brief().withEffort(d.brief().effort().with(skill, on))));
        }
        f.note("A trade that is ticked takes the usual hours; another takes 1.6 times as long. Welding of frames, mains and"
                + " gas belong to those who are licensed for it where the law says so.");
        f.shown("Months, at least", "brief.months");
        return f;
    }

    /// Dogs and second uses: each with its fields, and what adds one.
    private void others(Brief brief) {
        others.clear();
        dogs.getChildren().clear();
        uses.getChildren().clear();
        for (int i = 0; i < brief.dogs().size(); i++) {
            dogs.getChildren().add(dog(i));
        }
        Button add = new Button("Add a dog");
        add.setId("add-dog");
        add.setOnAction(e -> bench.edit("Add a dog", d -> {
            List<Dog> more = new ArrayList<>(d.brief().dogs());
            String id = "dog-" + (more.size() + 1);
            while (hasDog(more, id)) {
                id += "b";
            }
            more.add(new Dog(id, "Dog " + (more.size() + 1), 0.70, 0.55, 25));
            return d.with(d.brief().withDogs(more));
        }));
        dogs.getChildren().add(add);
        for (int i = 0; i < brief.uses().size(); i++) {
            uses.getChildren().add(use(brief.uses().get(i).kind(), i));
        }
        for (SecondUse.Kind kind : SecondUse.Kind.values()) {
            if (brief.uses().stream().noneMatch(u -> u.kind() == kind)) {
                Button more = new Button("Also for " + kind.label());
                more.setId("add-use-" + kind.name().toLowerCase(Locale.ROOT));
                more.setWrapText(true);
                more.getStyleClass().add("link");
                more.setOnAction(e -> bench.edit("Also for " + kind.label(), d -> {
                    List<SecondUse> all = new ArrayList<>(d.brief().uses());
                    all.add(kind.usual());
                    return d.with(d.brief().withUses(all));
                }));
                uses.getChildren().add(more);
            }
        }
    }

    private static boolean hasDog(List<Dog> dogs, String id) {
        return dogs.stream().anyMatch(d -> d.id().equals(id));
    }

    private VBox dog(int n) {
        Form f = new Form(bench, "-dog-" + (n + 1));
        f.text("Name", d -> n < d.brief().dogs().size() ? d.brief().dogs().get(n).name() : "",
                (d, v) -> withDog(d, n, x -> new Dog(x.id(), v, x.length(), x.height(), x.mass())));
        new PartRows<>(f, Dog.class, d -> d.brief().dogs().stream().skip(n).findFirst(),
                (d, x) -> withDog(d, n, old -> x)).row("length").row("height").row("mass");
        f.node(out("Take out the dog", "dog-out-" + (n + 1), d -> {
            List<Dog> rest = new ArrayList<>(d.brief().dogs());
            rest.remove(n);
            return d.with(d.brief().withDogs(rest));
        }));
        others.add(f);
        return framed(f);
    }

    private static Design withDog(Design d, int n, UnaryOperator<Dog> change) {
        List<Dog> all = new ArrayList<>(d.brief().dogs());
        if (n < all.size()) {
            all.set(n, change.apply(all.get(n)));
        }
        return d.with(d.brief().withDogs(all));
    }

    private VBox use(SecondUse.Kind kind, int n) {
        Form f = new Form(bench, "-use-" + (n + 1));
        f.note("For " + kind.label());
        new PartRows<>(f, SecondUse.class, d -> d.brief().uses().stream().skip(n).findFirst(), (d, u) -> {
            List<SecondUse> all = new ArrayList<>(d.brief().uses());
            all.set(n, u);
            return d.with(d.brief().withUses(all));
        }).row("length").row("width").row("payload").row("anchors");
        f.node(out("Not for " + kind.label(), "use-out-" + (n + 1), d -> {
            List<SecondUse> rest = new ArrayList<>(d.brief().uses());
            rest.remove(n);
            return d.with(d.brief().withUses(rest));
        }));
        others.add(f);
        return framed(f);
    }

    private Button out(String text, String id, UnaryOperator<Design> change) {
        Button out = new Button(text);
        out.setId(id);
        out.getStyleClass().addAll("link", "quiet");
        out.setOnAction(e -> bench.edit(text, change));
        return out;
    }

    private static VBox framed(Form form) {
        VBox box = new VBox(form);
        box.getStyleClass().add("traveller");
        return box;
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
