package lectulum.stage.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.assumed.Sheet;
import lectulum.base.profile.ProfileEdit;
import lectulum.base.profile.ProfileStudies;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.base.Shell.Profile.Point;
import lectulum.design.base.Survey;
import lectulum.discipline.Study;
import javafx.scene.Node;
import lectulum.parts.Form;
import lectulum.parts.Photo;
import lectulum.sheet.ProfileEditor;
import lectulum.stage.Bench;
import lectulum.stage.Entry;
import lectulum.stage.Host;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Profile: the side of the camper under the hand, its points typed beside it, skin, hatch, photograph and template.
public final class ProfileLeaf implements Leaf.Page {
    private static final int LARGEST = 2400;

    private final ProfileEditor editor;
    private final PointEntry entry;
    private final Host host;
    private final Label hint = new Label();
    private final VBox studies = new VBox(10);
    private final HBox page;
    private final Supplier<Theme> theme;
    private String loaded = "";

    private ProfileLeaf(Workbench bench, Supplier<Theme> theme, Host host) {
        this.theme = theme;
        this.host = host;
        hint.getStyleClass().addAll("hint", "wrap");
        hint.setId("profile-hint");
        editor = new ProfileEditor(bench, theme, hint::setText);
        entry = new PointEntry(bench);
        editor.onSelected(() -> entry.show(bench.state()));
        VBox.setVgrow(editor, Priority.ALWAYS);
        editor.setMinHeight(300);
        editor.setPrefHeight(430);
        Label how = StudyPane
                .words("Drag a point. Double-click the line for a new one, with Shift for a corner. C turns a"
                        + " point from corner to curve, Delete removes it, the diamond of a corner rounds it. Alt moves by the"
                        + " millimetre.", "faint");
        VBox list = new VBox(8, editor, hint, how, studies);
        page = Pages.beside(entry, list);
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("profile", "Profile", "The side of the camper, its skin and its hatch",
                () -> new ProfileLeaf(bench.work(), bench.theme(), bench.host()));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State s) {
        String file = s.design().base().survey().trace().map(Survey.Trace::file).orElse("");
        if (!file.equals(loaded)) {
            loaded = file;
            editor.setPhoto(Optional.empty());
            if (!file.isEmpty()) {
                host.photo(file).ifPresent(p -> Photo.read(p, LARGEST, image -> {
                    if (file.equals(loaded)) {
                        editor.setPhoto(image);
                    }
                }));
            }
        }
        editor.show(s);
        entry.show(s);
        studies.getChildren().clear();
        for (Study study : s.analysis().of(ProfileStudies.DISCIPLINE).all()) {
            Study shown = study.id().equals("shell")
                    ? study.withoutSketches()
                    : study;
            studies.getChildren().add(new StudyPane(theme, shown, s.style()));
        }
    }

    private final class PointEntry extends Entry {
        PointEntry(Workbench bench) {
            super(bench);
        }

        @Override
        protected String shape(Design d) {
            Carcass c = d.base().carcass();
            return d.base().shell().getClass().getSimpleName() + editor.selected() + corner(d.base())
                    + c.hatch().isPresent() + c.skin().isPresent() + c.lift().isPresent()
                    + d.base().survey().trace().isPresent()
                    + (d.base().shell() instanceof Shell.Profile p ? p.points().size() : 0);
        }

        private boolean corner(Base b) {
            return point(b).map(Point::corner).orElse(false);
        }

        private Optional<Point> point(Base b) {
            int i = editor.selected();
            return b.shell() instanceof Shell.Profile p && i >= 0 && i < p.points().size()
                    ? Optional.of(p.points().get(i))
                    : Optional.empty();
        }

        @Override
        protected void build(Form f, Design design) {
            if (design.base().shell() instanceof Shell.Profile) {
                points(f, design.base());
            } else {
                f.heading("Profile");
                f.note("This body is a box. Draw its side as a profile to curve it.");
                button(f, "profile-from-box", "Draw it as a profile", ProfileLeaf::fromBox);
            }
            skin(f, design.base());
            hatch(f, design.base());
            lift(f, design.base());
            photo(f, design.base());
            f.heading("On paper");
            Button print = new Button("Full-size template…");
            print.setId("print-template");
            print.setOnAction(e -> host.command("Full-size template…"));
            f.node(print);
        }

        private void points(Form f, Base base) {
            Shell.Profile p = (Shell.Profile) base.shell();
            f.heading(editor.selected() < 0
                    ? "Points, " + p.points().size()
                    : "Point " + (editor.selected() + 1) + " of " + p.points().size());
            if (point(base).isEmpty()) {
                f.note("Pick a point in the drawing, or go to it with Tab.");
            } else {
                int i = editor.selected();
                point(f, "Back from the front", -1, 12, Point::x,
                        (q, v) -> ProfileEdit.moved(q, i, v, q.points().get(i).z()));
                point(f, "Up from the floor", 0, 4, Point::z,
                        (q, v) -> ProfileEdit.moved(q, i, q.points().get(i).x(), v));
                f.tick("Corner", d -> corner(d.base()), (d, v) -> d.base().shell() instanceof Shell.Profile q
                        && corner(d.base()) != v
                                ? ProfileEdit.turned(q, i).map(n -> d.with(d.base().with(n))).orElse(d)
                                : d);
                if (corner(base)) {
                    point(f, "Rounded by", 0, 20, Point::radius, (q, v) -> ProfileEdit.rounded(q, i, v));
                }
                button(f, "profile-remove", "Remove this point", b -> b.shell() instanceof Shell.Profile q
                        ? ProfileEdit.without(q, i).map(b::with).orElse(b)
                        : b);
            }
            length(f, "Width over all", 0.5, 2.9, b -> b.shell().width(),
                    (b, v) -> b.with(b.shell().resized(b.shell().length(), v, b.shell().height())));
            length(f, "Length over all", 0.8, 11, b -> b.shell().length(),
                    (b, v) -> b.with(b.shell().resized(v, b.shell().width(), b.shell().height())));
            length(f, "Height over all", 0.3, 3.5, b -> b.shell().height(),
                    (b, v) -> b.with(b.shell().resized(b.shell().length(), b.shell().width(), v)));
        }

        private void point(Form f, String label, double low, double high, Function<Point, Double> read,
                java.util.function.BiFunction<Shell.Profile, Double, Optional<Shell.Profile>> write) {
            length(f, label, low, high, b -> point(b).map(read).orElse(Double.NaN),
                    (b, v) -> b.shell() instanceof Shell.Profile q ? write.apply(q, v).map(b::with).orElse(b) : b);
        }

        private void skin(Form f, Base base) {
            f.heading("Skin");
            if (base.carcass().skin().isEmpty()) {
                f.note("Say what the curved skin is made of, and places that bend too far turn red.");
                button(f, "skin-on", "Choose a sheet", b -> b.with(b.carcass().withSkin(Optional.of(
                        new Carcass.Skin(Sheet.all().getFirst().id(), true, 1)))));
                return;
            }
            f.choice("Sheet", Sheet.all().stream().map(Sheet::id).toList(),
                    id -> Sheet.find(id).map(Sheet::label).orElse(id), d -> skin(d.base()).sheet(),
                    (d, v) -> d.with(skin(d.base(), new Carcass.Skin(v, skin(d.base()).across(),
                            skin(d.base()).layers()))))
                    .stacked();
            f.tick("Bent across the grain", d -> skin(d.base()).across(),
                    (d, v) -> d.with(skin(d.base(), new Carcass.Skin(skin(d.base()).sheet(), v,
                            skin(d.base()).layers()))));
            value(f, "Layers", Quantity.COUNT, 1, 8, b -> (double) skin(b).layers(),
                    (b, v) -> skin(b, new Carcass.Skin(skin(b).sheet(), skin(b).across(), (int) Math.round(v))));
        }

        private Carcass.Skin skin(Base b) {
            return b.carcass().skin().orElse(new Carcass.Skin(Sheet.all().getFirst().id(), true, 1));
        }

        private Base skin(Base b, Carcass.Skin s) {
            return b.with(b.carcass().withSkin(Optional.of(s)));
        }

        private void hatch(Form f, Base base) {
            f.heading("Rear hatch");
            if (base.carcass().hatch().isEmpty()) {
                f.note("A hatch carries all of the profile behind its hinge.");
                button(f, "hatch-on", "Add a hatch", b -> b.with(b.carcass().withHatch(Optional.of(
                        new Carcass.Hatch(0.7 * b.shell().length(), Math.toRadians(75))))));
                return;
            }
            length(f, "Hinge behind the front", 0.1, 12, b -> b.carcass().hatch().map(Carcass.Hatch::hinge)
                    .orElse(Double.NaN),
                    (b, v) -> b.with(b.carcass().withHatch(b.carcass().hatch()
                            .map(h -> h.hingedAt(v)))));
            value(f, "Opens to", Quantity.ANGLE, 0.1, 2.6, b -> b.carcass().hatch().map(Carcass.Hatch::open)
                    .orElse(Double.NaN),
                    (b, v) -> b.with(b.carcass().withHatch(b.carcass().hatch()
                            .map(h -> h.opening(v)))));
            length(f, "Its lip above the floor", 0, 3, b -> b.carcass().hatch().map(Carcass.Hatch::sill)
                    .orElse(Double.NaN),
                    (b, v) -> b.with(b.carcass().withHatch(b.carcass().hatch().map(h -> h.downTo(v)))));
            button(f, "hatch-off", "No hatch", b -> b.with(b.carcass().withHatch(Optional.empty())));
        }

        private void lift(Form f, Base base) {
            f.heading("Lifting top");
            if (base.carcass().lift().isEmpty()) {
                button(f, "lift-on", "Add a lifting top", b -> b.with(b.carcass().withLift(Optional.of(
                        new Carcass.Lift(0.5, 0.02, 60, 60, 4)))));
                return;
            }
            lift(f, "Rises by", Quantity.LENGTH, 0, 1.5, Carcass.Lift::rise, (l, v) -> new Carcass.Lift(v, l.panel(),
                    l.mass(), l.drag(), l.lifters(), l.side()));
            lift(f, "Folding panels", Quantity.LENGTH, 0, 0.1, Carcass.Lift::panel, (l, v) -> new Carcass.Lift(l.rise(),
                    v, l.mass(), l.drag(), l.lifters(), l.side()));
            lift(f, "Panels are high, 0 as it rises", Quantity.LENGTH, 0, 1.5, Carcass.Lift::side,
                    (l, v) -> new Carcass.Lift(l.rise(), l.panel(), l.mass(), l.drag(), l.lifters(), v));
            lift(f, "Top weighs", Quantity.MASS, 0, 400, Carcass.Lift::mass, (l, v) -> new Carcass.Lift(l.rise(),
                    l.panel(), v, l.drag(), l.lifters(), l.side()));
            lift(f, "Seals drag", Quantity.FORCE, 0, 2000, Carcass.Lift::drag, (l, v) -> new Carcass.Lift(l.rise(),
                    l.panel(), l.mass(), v, l.lifters(), l.side()));
            lift(f, "Lifters", Quantity.COUNT, 1, 8, l -> (double) l.lifters(), (l, v) -> new Carcass.Lift(l.rise(),
                    l.panel(), l.mass(), l.drag(), (int) Math.round(v), l.side()));
            button(f, "lift-off", "Fixed roof", b -> b.with(b.carcass().withLift(Optional.empty())));
        }

        private void lift(Form f, String label, Quantity q, double low, double high,
                Function<Carcass.Lift, Double> read,
                java.util.function.BiFunction<Carcass.Lift, Double, Carcass.Lift> write) {
            value(f, label, q, low, high, b -> b.carcass().lift().map(read).orElse(Double.NaN),
                    (b, v) -> b.with(b.carcass().withLift(b.carcass().lift().map(l -> write.apply(l, v)))));
        }

        private void photo(Form f, Base base) {
            f.heading("Photograph to trace");
            Button pick = new Button(
                    base.survey().trace().isEmpty() ? "Lay a photograph under it…" : "Other photograph…");
            pick.setId("photo-pick");
            pick.setOnAction(e -> host.pickPhoto().ifPresent(file -> bench.edit("Photograph",
                    d -> d.with(d.base().with(d.base().survey().withTrace(Optional.of(traced(d.base(), file))))))));
            f.node(pick);
            if (base.survey().trace().isEmpty()) {
                f.note("A picture of the real trailer from the side. Two points whose places you know scale it.");
                return;
            }
            CheckBox fit = new CheckBox("Drag its pins A and B");
            fit.setId("photo-fit");
            fit.selectedProperty().addListener((o, was, now) -> editor.setFitting(now));
            f.node(fit);
            f.note("Put each pin on a point of the picture whose place you measured, and type that place.");
            trace(f, "A back from the front", Survey.Trace::x1, (t, v) -> new Survey.Trace(t.file(), t.u1(), t.v1(), v,
                    t.z1(), t.u2(), t.v2(), t.x2(), t.z2()));
            trace(f, "A up from the floor", Survey.Trace::z1, (t, v) -> new Survey.Trace(t.file(), t.u1(), t.v1(),
                    t.x1(), v, t.u2(), t.v2(), t.x2(), t.z2()));
            trace(f, "B back from the front", Survey.Trace::x2, (t, v) -> new Survey.Trace(t.file(), t.u1(), t.v1(),
                    t.x1(), t.z1(), t.u2(), t.v2(), v, t.z2()));
            trace(f, "B up from the floor", Survey.Trace::z2, (t, v) -> new Survey.Trace(t.file(), t.u1(), t.v1(),
                    t.x1(), t.z1(), t.u2(), t.v2(), t.x2(), v));
            button(f, "photo-off", "Remove the photograph", b -> b.with(b.survey().withTrace(Optional.empty())));
        }

        private void trace(Form f, String label, Function<Survey.Trace, Double> read,
                java.util.function.BiFunction<Survey.Trace, Double, Survey.Trace> write) {
            length(f, label, -5, 15, b -> b.survey().trace().map(read).orElse(Double.NaN),
                    (b, v) -> b.with(b.survey().withTrace(b.survey().trace().map(t -> write.apply(t, v)))));
        }
    }

    /// Its feet taken for the lower corners of the picture until the pins are set.
    private static Survey.Trace traced(Base b, String file) {
        return b.survey().trace()
                .map(t -> new Survey.Trace(file, t.u1(), t.v1(), t.x1(), t.z1(), t.u2(), t.v2(), t.x2(),
                        t.z2()))
                .orElse(new Survey.Trace(file, 0.1, 0.5, 0, 0, 0.9, 0.5, b.shell().length(), 0));
    }

    private static Base fromBox(Base b) {
        double l = b.shell().length();
        double h = b.shell().height();
        double r = Math.min(0.15, h / 4);
        List<Point> points = new ArrayList<>(List.of(new Point(0, h, true, r), new Point(l, h, true, r)));
        return b.with(new Shell.Profile(b.shell().width(), points));
    }
}
