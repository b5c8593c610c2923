package lectulum.stage.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.collections.FXCollections;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.Limit;
import lectulum.balance.vehicles.Garage;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.figures.Verdict;
import lectulum.parts.Background;
import lectulum.parts.Bar;
import lectulum.parts.QuantityField;
import lectulum.parts.Words;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// All tow vehicles of a project side by side: what each is, and how it bears this camper.
public final class VehiclesLeaf implements Leaf.Page {
    private static final double NAMES = 150;
    private static final double COLUMN = 196;
    private static final Map<String, String> FIGURES = Map.of("outside.turn", "Turns until they touch",
            "outside.tailgate", "Gap to its tailgate", "hitch.nose", "Nose up behind it", "sway.damping",
            "Damping of the swing", "chain.front", "On its front axle");
    private static final List<String> ORDER = List.of("chain.front", "outside.turn", "outside.tailgate", "hitch.nose",
            "sway.damping");

    private final Workbench bench;
    private final Background worker = new Background("vehicles");
    private volatile Analysis looked;
    private Optional<Garage> last = Optional.empty();
    private final GridPane judged = grid();
    private final GridPane typed = grid();
    private final List<Runnable> refreshers = new ArrayList<>();
    private final Node page;
    private State state;
    private int built = -1;

    private VehiclesLeaf(Workbench bench) {
        this.bench = bench;
        this.state = bench.state();
        Button add = new Button("Add a vehicle");
        add.setId("vehicle-add");
        add.setOnAction(e -> bench.edit("Add a vehicle", VehiclesLeaf::added));
        Label caution = new Label("Plates and manuals rule. An absent rating is unknown, never fine.");
        caution.getStyleClass().add("caution");
        VBox list = new VBox(10, panel("Behind which vehicle", judged), panel("What each vehicle is", typed),
                new HBox(14, add, caution));
        page = new VBox(Pages.content(list));
        VBox.setVgrow(((VBox) page).getChildren().getFirst(), Priority.ALWAYS);
        page.getStyleClass().add("leaf");
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("vehicles", "Vehicles", "Several tow vehicles compared for this camper",
                () -> new VehiclesLeaf(bench.work()));
    }

    @Override
    public boolean stays() {
        return true;
    }

    @Override
    public Node node() {
        return page;
    }

    private static Design added(Design d) {
        List<Vehicle> others = new ArrayList<>(d.garage());
        Vehicle like = d.vehicle();
        others.add(new Vehicle("Vehicle " + (others.size() + 2), like.kerbMass(), like.kerbRear(), like.wheelbase(),
                like.overhang(), like.ballHeight(), like.luggage(), Map.of()));
        return d.withGarage(others);
    }

    private static VBox panel(String title, Node content) {
        Label head = new Label(title);
        head.getStyleClass().add("heading");
        VBox box = new VBox(6, head, content);
        box.getStyleClass().add("panel");
        return box;
    }

    private static GridPane grid() {
        GridPane grid = new GridPane();
        grid.setHgap(16);
        grid.setVgap(4);
        return grid;
    }

    @Override
    public void show(State next) {
        state = next;
        int vehicles = 1 + next.design().garage().size();
        if (built != vehicles) {
            built = vehicles;
            columns(typed, built);
            build();
        }
        refreshers.forEach(Runnable::run);
        Analysis now = next.analysis();
        if (now != looked) {
            looked = now;
            worker.run(() -> now == looked ? Optional.of(Garage.of(now.design(), now::peek)) : Optional.<Garage>empty(),
                    found -> found.filter(g -> now == looked).ifPresent(this::judged),
                    trouble -> judged.getChildren().setAll(new Label(trouble)));
        } else {
            last.ifPresent(this::judged);
        }
    }

    private void judged(Garage garage) {
        last = Optional.of(garage);
        columns(judged, garage.matches().size());
        judge(garage);
    }

    @Override
    public boolean settled() {
        return worker.settled();
    }

    private static void columns(GridPane grid, int vehicles) {
        grid.getColumnConstraints().setAll(new ColumnConstraints(NAMES));
        for (int i = 0; i < vehicles; i++) {
            ColumnConstraints column = new ColumnConstraints(COLUMN, COLUMN, 260);
            column.setHgrow(Priority.SOMETIMES);
            grid.getColumnConstraints().add(column);
        }
    }

    private void judge(Garage garage) {
        judged.getChildren().clear();
        for (Garage.Match m : garage.matches()) {
            int column = m.index() + 2;
            judged.add(head(m), column, 0);
            judged.add(verdict(m), column, 1);
        }
        judged.add(name("Verdict"), 0, 1);
        int row = 2;
        for (Rating rating : known(garage)) {
            judged.add(name(capital(rating.label())), 0, row);
            for (Garage.Match m : garage.matches()) {
                judged.add(m.limit(rating).map(this::limit).orElseGet(() -> faint("not known")), m.index() + 2,
                        row);
            }
            row++;
        }
        for (String id : ORDER) {
            judged.add(name(FIGURES.get(id)), 0, row);
            for (Garage.Match m : garage.matches()) {
                Label value = new Label(m.figures().find(id).map(f -> f.text(state.style())).orElse("–"));
                value.getStyleClass().add("strong");
                judged.add(value, m.index() + 2, row);
            }
            row++;
        }
        Label against = name("Against it");
        GridPane.setValignment(against, VPos.TOP);
        judged.add(against, 0, row);
        for (Garage.Match m : garage.matches()) {
            VBox list = against(m);
            GridPane.setValignment(list, VPos.TOP);
            judged.add(list, m.index() + 2, row);
        }
    }

    /// Ratings that at least one of the vehicles has.
    private static Set<Rating> known(Garage garage) {
        Set<Rating> known = EnumSet.noneOf(Rating.class);
        garage.matches().forEach(m -> m.limits().forEach(w -> known.add(w.limit().rating())));
        return known;
    }

    private Node head(Garage.Match m) {
        Label name = new Label(m.vehicle().name());
        name.getStyleClass().add("title");
        name.setWrapText(true);
        if (m.index() == Design.TOWING) {
            return new VBox(2, name, faint("tows it now"));
        }
        Button tow = new Button("Tow with it");
        tow.setId("vehicle-tow-" + m.index());
        tow.setOnAction(e -> bench.edit("Tow with " + m.vehicle().name(), d -> d.towedBy(m.index())));
        Button out = new Button("Take out");
        out.setId("vehicle-out-" + m.index());
        out.getStyleClass().addAll("link", "quiet");
        out.setOnAction(e -> bench.edit("Take out " + m.vehicle().name(), d -> {
            List<Vehicle> others = new ArrayList<>(d.garage());
            others.remove(m.index());
            return d.withGarage(others);
        }));
        return new VBox(2, name, new HBox(6, tow, out));
    }

    private static Label verdict(Garage.Match m) {
        long warnings = m.findings().stream().filter(f -> f.severity() == Severity.WARN).count();
        Verdict verdict = m.verdict();
        Label label = new Label(switch (verdict) {
            case NONE -> "nothing known yet";
            case GOOD -> "may tow it";
            case WARN -> "with care: " + warnings + (warnings == 1 ? " warning" : " warnings");
            case STOP -> "must not tow it";
        });
        label.setId("vehicle-verdict-" + (m.index() + 1));
        label.getStyleClass().add(verdict == Verdict.STOP || verdict == Verdict.WARN ? "hint" : "strong");
        return label;
    }

    private Node limit(Garage.Worst worst) {
        Limit l = worst.limit();
        Bar bar = new Bar(l.load() / l.rated(), l.margin() < 0.1, 7);
        Label words = new Label(Units.show(l.load(), Quantity.MASS, state.style()).number() + " of "
                + Units.text(l.rated(), Quantity.MASS, state.style()) + (l.margin() < 0
                        ? ", " + Units.text(-l.left(), Quantity.MASS, state.style()) + " over"
                        : ", " + Units.text(l.margin(), Quantity.SHARE, state.style()) + " left"));
        words.getStyleClass().add(l.margin() < 0.1 ? "hint" : "label");
        words.setTooltip(new Tooltip("Tightest in " + worst.loadCase()));
        return new VBox(1, words, bar);
    }

    private VBox against(Garage.Match m) {
        VBox list = new VBox(3);
        for (Finding f : m.findings()) {
            if (f.severity() != Severity.NOTE) {
                list.getChildren().add(StudyPane.words((f.severity() == Severity.STOP ? "■ " : "▲ ")
                        + f.title().text(state.style()), "hint"));
            }
        }
        if (list.getChildren().isEmpty()) {
            list.getChildren().add(faint("nothing"));
        }
        return list;
    }

    private void build() {
        typed.getChildren().clear();
        refreshers.clear();
        int row = 0;
        typed.add(name("Name"), 0, row);
        for (int v = Design.TOWING; v < built - 1; v++) {
            typed.add(called(v), v + 2, row);
        }
        row++;
        for (VehicleField f : VehicleField.ALL) {
            if (f.label().equals("On its rear axle")) {
                row = choice(row, "Kerb mass counts", List.of(Vehicle.Kerb.values()), Vehicle.Kerb::label,
                        v -> v.papers().kerb(), (v, kerb) -> v.with(v.papers().meaning(kerb)));
            }
            if (f.label().equals("Kerb mass")) {
                row = choice(row, "Looks like", List.of(Vehicle.Looks.values()), Vehicle.Looks::label, Vehicle::looks,
                        Vehicle::withLooks);
            }
            if (f.label().equals("Fuel tank")) {
                row = choice(row, "Fuel", List.of(false, true), diesel -> diesel ? "diesel" : "petrol",
                        v -> v.papers().diesel(),
                        (v, diesel) -> v.with(v.papers().fuelled(v.papers().tank(), diesel, v.papers().fill())));
            }
            String label = f.group().equals(VehicleField.SEATS) && f.range().quantity() == Quantity.LENGTH
                    ? f.label() + ", ahead of the rear axle"
                    : f.label();
            row = cells(row, label, f.range(), v -> f.read().apply(given(v)),
                    (d, v, x) -> d.mappingVehicle(v, y -> f.write().apply(y, x)), f.clears());
        }
        for (Rating rating : Rating.values()) {
            if (!rating.trailer()) {
                row = optional(row, capital(rating.label()),
                        Range.of(Vehicle.class, "ratings"), v -> v.rating(rating), (v, x) -> v.with(rating, x));
            }
        }
        for (Assumed.Entry entry : Assumed.entries()) {
            if (entry.owner() == Assumed.Owner.VEHICLE && entry.what() != Assumption.VEHICLE_SURE) {
                row = own(row, entry);
            }
        }
    }

    private TextField called(int vehicle) {
        TextField field = new TextField();
        field.setId("vehicle-" + (vehicle + 1) + "-name");
        field.setAccessibleText("Name of vehicle " + (vehicle + 2));
        Runnable commit = () -> {
            String name = field.getText().strip();
            if (present(vehicle) && !name.isEmpty() && !name.equals(given(vehicle).name())) {
                bench.edit("Name of the vehicle", d -> d.mappingVehicle(vehicle, v -> v.named(name)));
            }
        };
        field.setOnAction(e -> commit.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                commit.run();
            }
        });
        refreshers.add(() -> {
            if (!field.isFocused()) {
                field.setText(given(vehicle).name());
            }
        });
        return field;
    }

    private boolean present(int vehicle) {
        return vehicle < state.analysis().given().garage().size();
    }

    private Vehicle given(int vehicle) {
        return state.analysis().given().vehicle(vehicle);
    }

    /// A row of choices, one for each vehicle.
    private <T> int choice(int row, String label, List<T> options, Function<T, String> name, Function<Vehicle, T> read,
            BiFunction<Vehicle, T, Vehicle> write) {
        typed.add(name(label), 0, row);
        for (int v = Design.TOWING; v < built - 1; v++) {
            int vehicle = v;
            ComboBox<T> box = new ComboBox<>(FXCollections.observableList(options));
            box.setId("vehicle-" + (v + 1) + "-" + label.toLowerCase().replaceAll("[^a-z0-9]+", "-"));
            box.setAccessibleText(label + ", vehicle " + (v + 2));
            box.setMaxWidth(Double.MAX_VALUE);
            box.setConverter(Words.by(name::apply));
            box.setOnAction(e -> {
                if (present(vehicle) && box.getValue() != null && !box.getValue().equals(read.apply(given(vehicle)))) {
                    T chosen = box.getValue();
                    bench.edit(label, d -> d.mappingVehicle(vehicle, y -> write.apply(y, chosen)));
                }
            });
            refreshers.add(() -> box.setValue(present(vehicle) ? read.apply(given(vehicle)) : null));
            typed.add(box, v + 2, row);
        }
        return row + 1;
    }

    private int optional(int row, String label, Range range, Function<Vehicle, OptionalDouble> read,
            BiFunction<Vehicle, OptionalDouble, Vehicle> write) {
        return cells(row, label, range, v -> read.apply(given(v)),
                (d, v, x) -> d.mappingVehicle(v, y -> write.apply(y, x)), true);
    }

    /// A value that is assumed until it is measured: that of the towing vehicle stands in the settings.
    private int own(int row, Assumed.Entry entry) {
        return cells(row, capital(entry.label().replace("Tow vehicle: ", "").replace("Vehicle: ", "")),
                entry.range(),
                v -> OptionalDouble.of(v == Design.TOWING
                        ? Assumed.value(state.analysis().given(), entry.what())
                        : given(v).own().getOrDefault(entry.id(), entry.value())),
                (d, v, x) -> d.measured(v, entry.id(), x.orElse(Double.NaN)), true);
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase() + words.substring(1);
    }

    /// What a typed value does to the design.
    private interface Write {
        Design apply(Design design, int vehicle, OptionalDouble value);
    }

    /// Reads a value of one vehicle.
    private interface Read {
        OptionalDouble of(int vehicle);
    }

    private int cells(int row, String label, Range range, Read read, Write write,
            boolean clears) {
        typed.add(name(label), 0, row);
        for (int v = Design.TOWING; v < built - 1; v++) {
            int vehicle = v;
            QuantityField field = new QuantityField(label + ", vehicle " + (v + 2), range,
                    x -> bench.edit(label, d -> write.apply(d, vehicle, OptionalDouble.of(x))));
            if (clears) {
                field.clearable("not known",
                        () -> bench.edit(label + " not known", d -> write.apply(d, vehicle, OptionalDouble.empty())));
            }
            field.field().setId("vehicle-" + (v + 1) + "-" + label.toLowerCase().replaceAll("[^a-z0-9]+", "-"));
            refreshers.add(() -> field.show(present(vehicle)
                    ? read.of(vehicle).orElse(Double.NaN)
                    : Double.NaN, state.style()));
            typed.add(field, v + 2, row);
        }
        return row + 1;
    }

    private static Label name(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private static Label faint(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("faint");
        return label;
    }
}
