package lectulum.stage;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lectulum.balance.Balance;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.Range;
import lectulum.design.base.Base;
import lectulum.design.base.Shell;
import lectulum.design.feature.FeatureKind;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Load;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.layout.Layout;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
import lectulum.stage.layout.PlaceFinder;
import lectulum.symbols.Symbol;
import lectulum.symbols.Symbols;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The selected thing, editable; several selected things as a sum.
public final class ThingCard extends VBox {
    private final Workbench bench;
    private final Consumer<Thing> keepOwn;
    private List<String> built = List.of();
    private String parts = "";
    private Form form;
    private Label summary;
    private Label name;

    /// @param keepOwn puts a thing into the user's own catalogue
    public ThingCard(Workbench bench, Consumer<Thing> keepOwn) {
        this.bench = bench;
        this.keepOwn = keepOwn;
        setSpacing(4);
    }

    public void show(State state) {
        List<Thing> things = state.selected();
        setVisible(!things.isEmpty());
        setManaged(!things.isEmpty());
        if (things.isEmpty()) {
            built = List.of();
            return;
        }
        String shape = things.size() == 1 ? shape(things.getFirst()) + state.mode() : "";
        if (!built.equals(state.selection()) || !parts.equals(shape)) {
            built = state.selection();
            parts = shape;
            getChildren().clear();
            form = null;
            summary = null;
            if (things.size() == 1) {
                one(things.getFirst(), state.mode());
            } else {
                several();
            }
        }
        if (form != null) {
            form.show(state);
            name.setText(things.getFirst().name());
        }
        if (summary != null) {
            double mass = things.stream().mapToDouble(t -> t.mass().value()).sum();
            double price = things.stream().mapToDouble(t -> t.cost().forecast()).sum();
            summary.setText(things.size() + " things, " + Units.text(mass, Quantity.MASS, state.style()) + ", "
                    + Units.text(price, Quantity.MONEY, state.style()));
        }
    }

    /// Which optional parts a thing has; the card is built anew when that changes.
    private static String shape(Thing t) {
        return t.load().isPresent() + " " + t.battery().isPresent() + " " + t.tank().isPresent() + " "
                + (t.solar() > 0) + " " + t.elsewhere().keySet() + t.elsewhere().values().stream()
                        .map(p -> p.shape().isPresent() + " " + p.away()).toList()
                + t.features().stream().map(f -> FeatureKind.of(f).word()).toList();
    }

    private void several() {
        Label title = new Label("Selected");
        title.getStyleClass().add("title");
        summary = new Label();
        getChildren().addAll(title, summary, actions());
    }

    private void one(Thing thing, Mode mode) {
        String id = thing.id();
        form = new Form(bench);
        form.text("Name", d -> of(d, id, Thing::name),
                (d, v) -> d.mapping(id, t -> t.named(v.isEmpty() ? t.name() : v)));
        place(id, mode);
        if (mode != Mode.ROAD && thing.mount() != Mount.SPREAD) {
            inMode(thing, mode);
        }
        if (thing.mount() != Mount.SPREAD) {
            size(id);
        }
        form.quantity("Mass", Range.of(Mass.class, "value"), d -> number(d, id, t -> t.mass().value()),
                (d, v) -> d.mapping(id, t -> t.with(new Mass(v, t.mass().source(), OptionalDouble.empty()))));
        form.choice("Mass is", List.of(MassSource.values()), MassSource::label, d -> of(d, id, t -> t.mass().source()),
                (d, v) -> d.mapping(id, t -> t.with(new Mass(t.mass().value(), v, OptionalDouble.empty()))));
        new PartRows<>(form, Cost.class, d -> d.thing(id).map(Thing::cost), (d, c) -> d.mapping(id, t -> t.with(c)))
                .row("planned").unknownRow("paid", "Paid");
        supplies(thing);
        form.choice("System", List.of(SystemGroup.values()), SystemGroup::label, d -> of(d, id, Thing::system),
                (d, v) -> d.mapping(id, t -> t.with(v)));
        form.choice("Aboard as", List.of(Role.values()), Role::label, d -> of(d, id, Thing::role),
                (d, v) -> d.mapping(id, t -> t.with(v)));
        form.choice("Where", List.of(Mount.values()), Mount::label, d -> of(d, id, Thing::mount),
                (d, v) -> d.mapping(id, t -> t.with(v)));
        form.choice("Held", List.of(Fix.values()), Fix::label, d -> of(d, id, Thing::fix),
                (d, v) -> d.mapping(id, t -> t.with(v)));
        looks(id);
        form.text("Note", d -> of(d, id, Thing::note), (d, v) -> d.mapping(id, t -> t.noted(v)));
        form.shown("On the tongue", s -> tongue(s, id));
        if (thing.mount() == Mount.INSIDE && bench.state().design().base().shell() instanceof Shell.Nosed) {
            form.shown("Would go into the nose", s -> nose(s, id, mode));
        }
        FeatureForm.add(form, bench, thing);
        name = new Label();
        name.getStyleClass().add("title");
        name.setWrapText(true);
        getChildren().addAll(name, actions());
        if (thing.mount() == Mount.INSIDE) {
            getChildren().add(new PlaceFinder(bench));
        }
        getChildren().add(form);
    }

    /// What this thing does to the tongue in the chosen load case.
    private static String tongue(State s, String id) {
        return s.analysis().of(Balance.DISCIPLINE).state(s.chosenCase().id())
                .map(loaded -> Units.text(loaded.tongueBy(id), Quantity.MASS, s.style())).orElse("–");
    }

    private void place(String id, Mode mode) {
        form.quantity("Behind the ball", Range.of(Placement.class, "x").after(Range.of(Base.class, "tongueLength")),
                d -> d.base().tongueLength() + number(d, id, t -> t.at(mode).x()), (d, v) -> move(d, id, mode,
                        p -> p.at(v - d.base().tongueLength(), p.y(), p.z(), p.yaw())));
        new PartRows<>(form, Placement.class, d -> d.thing(id).map(t -> t.at(mode)),
                (d, p) -> move(d, id, mode, old -> p)).row("y", "Right of middle").row("z", "Above the floor")
                .row("yaw");
    }

    /// How far it goes into the nose where it stands.
    private static String nose(State s, String id, Mode mode) {
        OptionalDouble in = s.design().thing(id).map(t -> s.analysis().of(Layout.DISCIPLINE).intoNose(t, mode))
                .orElse(OptionalDouble.empty());
        return in.isEmpty() ? "–" : Units.text(in.getAsDouble(), Quantity.LENGTH, s.style());
    }

    /// Where it is in camp or at night, and in which shape.
    private enum Stay {
        AS_BEFORE("as before"), HERE("in a place of its own"), OUTSIDE("outside");

        private final String label;

        Stay(String label) {
            this.label = label;
        }

        static Stay of(Thing t, Mode mode) {
            Placement own = t.elsewhere().get(mode);
            return own == null ? AS_BEFORE : own.away() ? OUTSIDE : HERE;
        }

        Thing put(Thing t, Mode mode) {
            return switch (this) {
                case AS_BEFORE -> t.placedAsBefore(mode);
                case HERE -> t.placed(mode, t.at(mode).away(false));
                case OUTSIDE -> t.placed(mode, t.at(mode).away(true));
            };
        }
    }

    private void inMode(Thing thing, Mode mode) {
        String id = thing.id();
        form.choice("In " + mode.label(), List.of(Stay.values()), s -> s.label, d -> of(d, id, t -> Stay.of(t, mode)),
                (d, v) -> d.mapping(id, t -> v.put(t, mode)));
        boolean own = thing.elsewhere().containsKey(mode);
        if (own) {
            form.tick("Other size in " + mode.label(), d -> of(d, id, t -> t.at(mode).shape().isPresent()),
                    (d, v) -> d.mapping(id, t -> t.placed(mode, t.at(mode).shaped(v
                            ? Optional.of(t.sizeIn(mode))
                            : Optional.empty()))));
        }
        if (own && thing.at(mode).shape().isPresent()) {
            String in = " in " + mode.label();
            new PartRows<>(form, Size.class, d -> d.thing(id).map(t -> t.sizeIn(mode)),
                    (d, s) -> d.mapping(id, t -> t.placed(mode, t.at(mode).shaped(Optional.of(s)))))
                    .row("length", "Length" + in).row("width", "Width" + in).row("height", "Height" + in);
        }
    }

    private static Design move(Design d, String id, Mode mode, UnaryOperator<Placement> where) {
        return d.mapping(id, t -> t.placed(mode, where.apply(t.at(mode))));
    }

    private void size(String id) {
        new PartRows<>(form, Size.class, d -> d.thing(id).map(Thing::size), (d, s) -> d.mapping(id, t -> t.with(s)))
                .row("length").row("width").row("height");
    }

    /// What it is drawn as.
    private void looks(String id) {
        List<String> names = Stream.concat(Stream.of(""), Symbols.all().stream().map(Symbol::name)).toList();
        form.choice("Looks like", names,
                n -> Symbols.named(n).map(Symbol::label).orElse("what it is"),
                d -> of(d, id, t -> Symbols.named(t.symbol()).map(Symbol::name).orElse("")),
                (d, v) -> d.mapping(id, t -> t.withSymbol(v)));
    }

    private void supplies(Thing thing) {
        String id = thing.id();
        if (thing.load().isPresent()) {
            new PartRows<>(form, Load.class, d -> d.thing(id).flatMap(Thing::load),
                    (d, l) -> d.mapping(id, t -> t.with(l))).row("power").row("dailyRunning");
            form.choice("Fed from", List.of(Load.Feed.values()), Load.Feed::label, d -> of(d, id, t -> load(t).feed()),
                    (d, v) -> d.mapping(id, t -> t.with(load(t).with(v))));
        }
        if (thing.battery().isPresent()) {
            new PartRows<>(form, Battery.class, d -> d.thing(id).flatMap(Thing::battery),
                    (d, b) -> d.mapping(id, t -> t.with(b))).row("energy");
            form.choice("Chemistry", List.of(Battery.Chemistry.values()), Battery.Chemistry::label,
                    d -> of(d, id, t -> battery(t).chemistry()),
                    (d, v) -> d.mapping(id, t -> t.with(new Battery(battery(t).energy(), v))));
        }
        if (thing.tank().isPresent()) {
            form.choice("Holds", List.of(Tank.Use.values()), Tank.Use::label, d -> of(d, id, t -> tank(t).use()),
                    (d, v) -> d.mapping(id, t -> t.with(new Tank(v, tank(t).capacity()))));
            new PartRows<>(form, Tank.class, d -> d.thing(id).flatMap(Thing::tank),
                    (d, k) -> d.mapping(id, t -> t.with(k))).row("capacity");
        }
        if (thing.solar() > 0) {
            new PartRows<>(form, Thing.class, d -> d.thing(id), (d, t) -> d.mapping(id, old -> t)).row("solar");
        }
    }

    private static Load load(Thing t) {
        return t.load().orElse(new Load(0, 0, Load.Feed.BATTERY));
    }

    private static Battery battery(Thing t) {
        return t.battery().orElse(new Battery(0, Battery.Chemistry.LITHIUM_IRON));
    }

    private static Tank tank(Thing t) {
        return t.tank().orElse(new Tank(Tank.Use.FRESH, 0));
    }

    private static OptionalDouble known(double value) {
        return Double.isNaN(value) ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static double number(Design d, String id, Function<Thing, Double> read) {
        return d.thing(id).map(read).orElse(Double.NaN);
    }

    private static <T> T of(Design d, String id, Function<Thing, T> read) {
        return d.thing(id).map(read).orElse(null);
    }

    private FlowPane actions() {
        FlowPane box = new FlowPane(6, 6);
        box.getStyleClass().add("section");
        box.getChildren().addAll(button("Turn", () -> bench.turnSelected(Math.PI / 2)),
                button("Duplicate", bench::duplicateSelected), button("Delete", bench::removeSelected));
        if (form != null) {
            box.getChildren().addAll(button("Keep as own", () -> bench.state().selected().forEach(keepOwn)), give());
            Optional<Thing> thing = bench.state().selected().stream().findFirst();
            if (thing.isPresent() && !thing.get().elsewhere().isEmpty()) {
                box.getChildren().add(button("Same place always",
                        () -> bench.edit("Same place always",
                                d -> d.mapping(thing.get().id(), Thing::samePlaceAlways))));
            }
        }
        return box;
    }

    private MenuButton give() {
        MenuButton give = new MenuButton("Give it…");
        give.getItems().addAll(
                item("power use", t -> t.load().isPresent() ? t : t.with(new Load(10, Units.HOUR, Load.Feed.BATTERY))),
                item("a battery",
                        t -> t.battery().isPresent()
                                ? t
                                : t.with(new Battery(1280 * Units.WATT_HOUR, Battery.Chemistry.LITHIUM_IRON))),
                item("a tank", t -> t.tank().isPresent() ? t : t.with(new Tank(Tank.Use.FRESH, 20 * Units.LITRE))),
                item("solar cells", t -> t.solar() > 0 ? t : t.withSolar(100)));
        give.getItems().add(new javafx.scene.control.SeparatorMenuItem());
        give.getItems().addAll(FeatureForm.give(bench));
        give.setId("give-it");
        return give;
    }

    private MenuItem item(String what, UnaryOperator<Thing> change) {
        MenuItem item = new MenuItem(what);
        item.setOnAction(e -> bench.edit("Give " + bench.names() + " " + what,
                d -> d.mapping(bench.state().selection(), change)));
        return item;
    }

    private static Button button(String text, Runnable action) {
        Button button = new Button(text);
        button.setOnAction(e -> action.run());
        return button;
    }
}
