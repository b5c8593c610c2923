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
import lectulum.design.Range;
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
import lectulum.parts.PartRows;
import lectulum.stage.StageView;
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
        form.quantity("Planned for the base", Range.of(Cost.class, "planned"), d -> d.base().cost().planned(),
                (d, v) -> d.with(d.base().with(new Cost(v, d.base().cost().paid()))));
        form.optional("Paid for the base", Range.of(Cost.class, "paid"), d -> d.base().cost().paid().orElse(Double.NaN),
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
        sized("Outer length", Range.of(Shell.Box.class, "length"), Shell::length,
                (s, v) -> s.resized(v, s.width(), s.height()));
        sized("Outer width", Range.of(Shell.Box.class, "width"), Shell::width,
                (s, v) -> s.resized(s.length(), v, s.height()));
        sized("Roof above the floor", Range.of(Shell.Box.class, "height"), Shell::height,
                (s, v) -> s.resized(s.length(), s.width(), v));
        if (base.shell() instanceof Shell.Nosed nosed) {
            form.choice("Nose", List.of(Nose.Form.values()), BaseStage::nose,
                    d -> d.base().shell() instanceof Shell.Nosed n ? n.form() : Nose.Form.VEE,
                    (d, v) -> d.with(d.base().with(d.base().shell() instanceof Shell.Nosed n
                            ? new Shell.Nosed(n.length(), n.width(), n.height(), n.noseDepth(), n.noseFlat(), v)
                            : d.base().shell())));
            sized("Depth of the nose", Range.of(Shell.Nosed.class, "noseDepth"),
                    s -> s instanceof Shell.Nosed n ? n.noseDepth() : Double.NaN,
                    (s, v) -> s instanceof Shell.Nosed n
                            ? new Shell.Nosed(n.length(), n.width(), n.height(), Math.min(v, 0.9 * n.length()),
                                    n.noseFlat(), n.form())
                            : s);
            if (nosed.form() == Nose.Form.VEE) {
                sized("Flat at its tip", Range.of(Shell.Nosed.class, "noseFlat"),
                        s -> s instanceof Shell.Nosed n ? n.noseFlat() : Double.NaN,
                        (s, v) -> s instanceof Shell.Nosed n
                                ? new Shell.Nosed(n.length(), n.width(), n.height(), n.noseDepth(),
                                        Math.min(v, n.width()), n.form())
                                : s);
            }
        }
        if (base.shell() instanceof Shell.Profile) {
            form.note("Its points are on the Profile page above the sheet.");
        }
        whole().row("wall").row("floor").row("roof").row("floorHeight");
        new PartRows<>(form, WheelArches.class, d -> Optional.of(d.base().arches()),
                (d, w) -> d.with(d.base().with(w))).row("length").row("width").row("height");
    }

    /// Rows of the base itself.
    private PartRows<Base> whole() {
        return new PartRows<>(form, Base.class, d -> Optional.of(d.base()), Design::with);
    }

    private void sized(String label, Range range, java.util.function.ToDoubleFunction<Shell> read,
            java.util.function.BiFunction<Shell, Double, Shell> write) {
        form.quantity(label, range, d -> read.applyAsDouble(d.base().shell()),
                (d, v) -> d.with(d.base().with(write.apply(d.base().shell(), v))));
    }

    private static String nose(Nose.Form form) {
        return switch (form) {
            case VEE -> "V";
            case ARC -> "round";
            case ELLIPSE -> "half ellipse";
        };
    }

    private void gear(Base base) {
        form.heading("Tongue and axle");
        whole().row("tongueLength");
        form.quantity("Ball to axle", Range.of(Axle.class, "x").after(Range.of(Base.class, "tongueLength")),
                d -> d.base().ballToMiddle(),
                (d, v) -> axle(d, d.base().axle().at(v - d.base().tongueLength())));
        form.choice("Axles", List.of(1, 2), n -> n == 1 ? "single" : "tandem", d -> d.base().axle().count(),
                (d, v) -> axle(d, d.base().axle().with(v,
                        v == 2 && d.base().axle().spacing() < 0.6 ? 0.84 : d.base().axle().spacing())));
        if (base.axle().count() == 2) {
            axles().row("spacing").row("rockerFront", "Rocker arm to the front, 0 for equal").row("rockerRear",
                    "Rocker arm to the rear, 0 for equal");
        }
        axles().row("track");
        form.take("Tyre, as written", "205/75R14C 109Q", this::fit);
        axles().row("wheelDiameter").row("tyreWidth");
        form.tick("Brakes", d -> d.base().axle().braked(), (d, v) -> axle(d, d.base().axle().withBrakes(v)));
        axles().row("mass");
    }

    private PartRows<Axle> axles() {
        return new PartRows<>(form, Axle.class, d -> Optional.of(d.base().axle()), BaseStage::axle);
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
                form.quantity("Empty mass", Range.of(EmptyMass.Entered.class, "mass"), d -> d.base().empty().mass(),
                        (d, v) -> d.with(d.base().with(new EmptyMass.Entered(v, entered(d.base()).x(),
                                d.base().empty().z(), d.base().axle().x(), MassSource.CATALOGUE))));
                form.quantity("Centre behind ball",
                        Range.of(EmptyMass.Entered.class, "x").after(Range.of(Base.class, "tongueLength")),
                        d -> d.base().emptyCentre(),
                        (d, v) -> d.with(d.base().with(entered(d.base()).at(v - d.base().tongueLength(),
                                d.base().empty().z(), d.base().axle().x()))));
            }
            case EmptyMass.Weighed w -> {
                form.quantity("Under the coupler", Range.of(EmptyMass.Weighed.class, "tongue"),
                        d -> weighed(d.base()).tongue(),
                        (d, v) -> d.with(d.base().with(new EmptyMass.Weighed(v, weighed(d.base()).axle(),
                                d.base().empty().z(), d.base().axle().x()))));
                form.quantity("Under the wheels", Range.of(EmptyMass.Weighed.class, "axle"),
                        d -> weighed(d.base()).axle(),
                        (d, v) -> d.with(d.base().with(new EmptyMass.Weighed(weighed(d.base()).tongue(), v,
                                d.base().empty().z(), d.base().axle().x()))));
            }
        }
        form.quantity("Centre above floor", Range.of(EmptyMass.Entered.class, "z"), d -> d.base().empty().z(),
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
                form.optional(label, Range.of(Base.class, "ratings"), d -> d.base().rating(rating).orElse(Double.NaN),
                        (d, v) -> d.with(d.base().with(rating,
                                Double.isNaN(v) ? OptionalDouble.empty() : OptionalDouble.of(v))));
            }
        }
    }
}
