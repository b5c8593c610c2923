package lectulum.stage.base;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lectulum.balance.ratings.FittedTyres;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Shell;
import lectulum.design.base.WheelArches;
import lectulum.design.thing.Cost;
import lectulum.design.thing.MassSource;
import lectulum.design.vehicle.Rating;
import lectulum.figures.Sentence;
import lectulum.kernel.profile.Nose;
import lectulum.parts.Form;
import lectulum.stage.StageView;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Base: the trailer that is built on, its shell, running gear, empty mass and ratings.
public final class BaseStage implements StageView {
    private final Workbench bench;
    private final VBox card = new VBox();
    private Form form;
    private String built = "";

    public BaseStage(Workbench bench) {
        this.bench = bench;
    }

    @Override
    public Node card() {
        return card;
    }

    @Override
    public void show(State state) {
        Base base = state.analysis().given().base();
        String shape = base.shell().getClass().getSimpleName() + base.empty().getClass().getSimpleName()
                + base.axle().count() + (base.shell() instanceof Shell.Nosed n ? n.form() : "");
        if (!shape.equals(built)) {
            built = shape;
            build(base);
        }
        form.show(state);
    }

    private void build(Base base) {
        form = new Form(bench);
        Label title = new Label("Base");
        title.getStyleClass().add("title");
        form.node(title);
        shell(base);
        gear(base);
        empty(base);
        ratings();
        form.heading("Price");
        form.quantity("Planned for the base", Quantity.MONEY, 0, 1e6, d -> d.base().cost().planned(),
                (d, v) -> d.with(d.base().with(new Cost(v, d.base().cost().paid()))));
        form.optional("Paid for the base", Quantity.MONEY, 0, 1e6, d -> d.base().cost().paid().orElse(Double.NaN),
                (d, v) -> d.with(d.base().with(new Cost(d.base().cost().planned(),
                        Double.isNaN(v) ? OptionalDouble.empty() : OptionalDouble.of(v)))));
        card.getChildren().setAll(form);
    }

    private enum Kind {
        BOX("box"), NOSED("box with a nose"), PROFILE("curved profile"), TRAY("open tray");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        static Kind of(Shell shell) {
            return switch (shell) {
                case Shell.Box b -> BOX;
                case Shell.Nosed n -> NOSED;
                case Shell.Profile p -> PROFILE;
                case Shell.Tray t -> TRAY;
            };
        }

        Shell make(Shell from) {
            double l = from.length();
            double w = from.width();
            double h = from.height();
            return switch (this) {
                case BOX -> new Shell.Box(l, w, h);
                case NOSED -> new Shell.Nosed(l, w, h, Math.min(0.6, l / 3), 0.1, Nose.Form.VEE);
                case TRAY -> new Shell.Tray(l, w, Math.min(h, 0.45));
                case PROFILE -> new Shell.Profile(w,
                        List.of(new Shell.Profile.Point(0, 0.28 * h), new Shell.Profile.Point(0.14 * l, 0.88 * h),
                                new Shell.Profile.Point(0.36 * l, h), new Shell.Profile.Point(0.6 * l, 0.97 * h),
                                new Shell.Profile.Point(0.92 * l, 0.7 * h), new Shell.Profile.Point(l, 0.17 * h)));
            };
        }
    }

    private void shell(Base base) {
        form.heading("Shell");
        form.choice("Shape", List.of(Kind.values()), k -> k.label, d -> Kind.of(d.base().shell()),
                (d, v) -> d.with(d.base().with(v.make(d.base().shell()))));
        sized("Outer length", 0.8, 11, Shell::length, (s, v) -> s.resized(v, s.width(), s.height()));
        sized("Outer width", 0.5, 2.9, Shell::width, (s, v) -> s.resized(s.length(), v, s.height()));
        sized("Roof above the floor", 0.3, 3.5, Shell::height, (s, v) -> s.resized(s.length(), s.width(), v));
        if (base.shell() instanceof Shell.Nosed nosed) {
            form.choice("Nose", List.of(Nose.Form.values()), BaseStage::nose,
                    d -> d.base().shell() instanceof Shell.Nosed n ? n.form() : Nose.Form.VEE,
                    (d, v) -> d.with(d.base().with(d.base().shell() instanceof Shell.Nosed n
                            ? new Shell.Nosed(n.length(), n.width(), n.height(), n.noseDepth(), n.noseFlat(), v)
                            : d.base().shell())));
            sized("Depth of the nose", 0, 3, s -> s instanceof Shell.Nosed n ? n.noseDepth() : Double.NaN,
                    (s, v) -> s instanceof Shell.Nosed n
                            ? new Shell.Nosed(n.length(), n.width(), n.height(), Math.min(v, 0.9 * n.length()),
                                    n.noseFlat(), n.form())
                            : s);
            if (nosed.form() == Nose.Form.VEE) {
                sized("Flat at its tip", 0, 2, s -> s instanceof Shell.Nosed n ? n.noseFlat() : Double.NaN,
                        (s, v) -> s instanceof Shell.Nosed n
                                ? new Shell.Nosed(n.length(), n.width(), n.height(), n.noseDepth(),
                                        Math.min(v, n.width()), n.form())
                                : s);
            }
        }
        if (base.shell() instanceof Shell.Profile) {
            form.note("Its points are on the Profile page above the sheet.");
        }
        form.quantity("Walls", Quantity.LENGTH, 0, 0.2, d -> d.base().wall(),
                (d, v) -> d.with(d.base().withBuildUp(v, d.base().floor(), d.base().roof())));
        form.quantity("Floor thickness", Quantity.LENGTH, 0, 0.3, d -> d.base().floor(),
                (d, v) -> d.with(d.base().withBuildUp(d.base().wall(), v, d.base().roof())));
        form.quantity("Roof thickness", Quantity.LENGTH, 0, 0.2, d -> d.base().roof(),
                (d, v) -> d.with(d.base().withBuildUp(d.base().wall(), d.base().floor(), v)));
        form.quantity("Floor above ground", Quantity.LENGTH, 0.1, 1.8, d -> d.base().floorHeight(),
                (d, v) -> d.with(d.base().withFloorHeight(v)));
        arch("Arch length", WheelArches::length, (a, v) -> new WheelArches(v, a.width(), a.height()));
        arch("Arch width", WheelArches::width, (a, v) -> new WheelArches(a.length(), v, a.height()));
        arch("Arch height", WheelArches::height, (a, v) -> new WheelArches(a.length(), a.width(), v));
    }

    private void sized(String label, double low, double high, java.util.function.ToDoubleFunction<Shell> read,
            java.util.function.BiFunction<Shell, Double, Shell> write) {
        form.quantity(label, Quantity.LENGTH, low, high, d -> read.applyAsDouble(d.base().shell()),
                (d, v) -> d.with(d.base().with(write.apply(d.base().shell(), v))));
    }

    private static String nose(Nose.Form form) {
        return switch (form) {
            case VEE -> "V";
            case ARC -> "round";
            case ELLIPSE -> "half ellipse";
        };
    }

    private void arch(String label, java.util.function.ToDoubleFunction<WheelArches> read,
            java.util.function.BiFunction<WheelArches, Double, WheelArches> write) {
        form.quantity(label, Quantity.LENGTH, 0, 2, d -> read.applyAsDouble(d.base().arches()),
                (d, v) -> d.with(d.base().with(write.apply(d.base().arches(), v))));
    }

    private void gear(Base base) {
        form.heading("Tongue and axle");
        form.quantity("Ball to body", Quantity.LENGTH, 0.2, 4, d -> d.base().tongueLength(),
                (d, v) -> d.with(d.base().withTongue(v)));
        form.quantity("Ball to axle", Quantity.LENGTH, 0.5, 12, d -> d.base().ballToMiddle(),
                (d, v) -> axle(d, d.base().axle().at(v - d.base().tongueLength())));
        form.choice("Axles", List.of(1, 2), n -> n == 1 ? "single" : "tandem", d -> d.base().axle().count(),
                (d, v) -> axle(d, d.base().axle().with(v,
                        v == 2 && d.base().axle().spacing() < 0.6 ? 0.84 : d.base().axle().spacing())));
        if (base.axle().count() == 2) {
            form.quantity("Axle spacing", Quantity.LENGTH, 0.5, 1.6, d -> d.base().axle().spacing(),
                    (d, v) -> axle(d, d.base().axle().with(d.base().axle().count(), v)));
            form.quantity("Rocker arm to the front, 0 for equal", Quantity.LENGTH, 0, 2,
                    d -> d.base().axle().rockerFront(),
                    (d, v) -> axle(d, d.base().axle().withRockers(v, d.base().axle().rockerRear())));
            form.quantity("Rocker arm to the rear, 0 for equal", Quantity.LENGTH, 0, 2,
                    d -> d.base().axle().rockerRear(),
                    (d, v) -> axle(d, d.base().axle().withRockers(d.base().axle().rockerFront(), v)));
        }
        form.quantity("Track", Quantity.LENGTH, 0.6, 2.6, d -> d.base().axle().track(),
                (d, v) -> axle(d, d.base().axle().withWheels(v, d.base().axle().wheelDiameter(),
                        d.base().axle().tyreWidth())));
        form.take("Tyre, as written", "205/75R14C 109Q", this::fit);
        form.quantity("Tyre diameter", Quantity.LENGTH, 0.3, 1.2, d -> d.base().axle().wheelDiameter(),
                (d, v) -> axle(d,
                        d.base().axle().withWheels(d.base().axle().track(), v, d.base().axle().tyreWidth())));
        form.quantity("Tyre width", Quantity.LENGTH, 0.08, 0.5, d -> d.base().axle().tyreWidth(),
                (d, v) -> axle(d,
                        d.base().axle().withWheels(d.base().axle().track(), d.base().axle().wheelDiameter(), v)));
        form.tick("Brakes", d -> d.base().axle().braked(), (d, v) -> axle(d, d.base().axle().withBrakes(v)));
        form.quantity("Axle with wheels", Quantity.MASS, 0, 800, d -> d.base().axle().mass(),
                (d, v) -> axle(d, d.base().axle().withMass(v)));
    }

    private Sentence fit(String written) {
        Optional<FittedTyres> fitted = FittedTyres.of(bench.state().analysis().given(), written);
        if (fitted.isEmpty()) {
            return Sentence.of("That is no tyre size. Type what stands on its side, such as 205/75R14C 109Q.");
        }
        bench.edit(new Edit("Tyres", d -> FittedTyres.of(d, written).map(FittedTyres::design).orElse(d)));
        return fitted.get().says();
    }

    private static Design axle(Design d, Axle axle) {
        return d.with(d.base().with(axle));
    }

    private void empty(Base base) {
        form.heading("Empty, as it stands");
        form.choice("Known from", List.of("a plate or guess", "scale: tongue and wheels"), s -> s,
                d -> d.base().empty() instanceof EmptyMass.Weighed ? "scale: tongue and wheels" : "a plate or guess",
                (d, v) -> d.with(d.base().with(v.startsWith("scale") ? weighed(d.base()) : entered(d.base()))));
        switch (base.empty()) {
            case EmptyMass.Entered e -> {
                form.quantity("Empty mass", Quantity.MASS, 1, 5000, d -> d.base().empty().mass(),
                        (d, v) -> d.with(d.base().with(new EmptyMass.Entered(v, entered(d.base()).x(),
                                d.base().empty().z(), d.base().axle().x(), MassSource.CATALOGUE))));
                form.quantity("Centre behind ball", Quantity.LENGTH, -2, 12, d -> d.base().emptyCentre(),
                        (d, v) -> d.with(d.base().with(entered(d.base()).at(v - d.base().tongueLength(),
                                d.base().empty().z(), d.base().axle().x()))));
            }
            case EmptyMass.Weighed w -> {
                form.quantity("Under the coupler", Quantity.MASS, -500, 2000, d -> weighed(d.base()).tongue(),
                        (d, v) -> d.with(d.base().with(new EmptyMass.Weighed(v, weighed(d.base()).axle(),
                                d.base().empty().z(), d.base().axle().x()))));
                form.quantity("Under the wheels", Quantity.MASS, 1, 5000, d -> weighed(d.base()).axle(),
                        (d, v) -> d.with(d.base().with(new EmptyMass.Weighed(weighed(d.base()).tongue(), v,
                                d.base().empty().z(), d.base().axle().x()))));
            }
        }
        form.quantity("Centre above floor", Quantity.LENGTH, -1, 2.5, d -> d.base().empty().z(),
                (d, v) -> d.with(d.base().with(switch (d.base().empty()) {
                    case EmptyMass.Entered e -> e.at(e.x(), v, e.axleAt());
                    case EmptyMass.Weighed w -> new EmptyMass.Weighed(w.tongue(), w.axle(), v, w.axleAt());
                })));
    }

    private static EmptyMass.Entered entered(Base b) {
        double x = b.emptyCentre() - b.tongueLength();
        return b.empty() instanceof EmptyMass.Entered e
                ? e.at(x, e.z(), b.axle().x())
                : new EmptyMass.Entered(b.empty().mass(), x, b.empty().z(), b.axle().x(), MassSource.CATALOGUE);
    }

    private static EmptyMass.Weighed weighed(Base b) {
        double axle = b.empty().mass() * b.emptyCentre() / b.ballToAxle();
        return new EmptyMass.Weighed(b.empty().mass() - axle, axle, b.empty().z(), b.axle().x());
    }

    private void ratings() {
        form.heading("Ratings of the trailer");
        form.note("From plates and labels. Empty means not known, and then it is not checked.");
        for (Rating rating : Rating.values()) {
            if (rating.trailer()) {
                String label = Character.toUpperCase(rating.label().charAt(0)) + rating.label().substring(1);
                form.optional(label, Quantity.MASS, 1, 20_000, d -> d.base().rating(rating).orElse(Double.NaN),
                        (d, v) -> d.with(d.base().with(rating,
                                Double.isNaN(v) ? OptionalDouble.empty() : OptionalDouble.of(v))));
            }
        }
    }
}
