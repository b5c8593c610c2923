package lectulum.stage.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
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
import lectulum.design.Range;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.base.Shell.Profile.Point;
import lectulum.design.base.Survey;
import lectulum.discipline.Study;
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
                point(f, "Back from the front", "x", Point::x,
                        (q, v) -> ProfileEdit.moved(q, i, v, q.points().get(i).z()));
                point(f, "Up from the floor", "z", Point::z,
                        (q, v) -> ProfileEdit.moved(q, i, q.points().get(i).x(), v));
                f.tick("Corner", d -> corner(d.base()), (d, v) -> d.base().shell() instanceof Shell.Profile q
                        && corner(d.base()) != v
                                ? ProfileEdit.turned(q, i).map(n -> d.with(d.base().with(n))).orElse(d)
                                : d);
                if (corner(base)) {
                    point(f, "Rounded by", "radius", Point::radius, (q, v) -> ProfileEdit.rounded(q, i, v));
                }
                button(f, "profile-remove", "Remove this point", b -> b.shell() instanceof Shell.Profile q
                        ? ProfileEdit.without(q, i).map(b::with).orElse(b)
                        : b);
            }
            value(f, "Width over all", Range.of(Shell.Box.class, "width"), b -> b.shell().width(),
                    (b, v) -> b.with(b.shell().resized(b.shell().length(), v, b.shell().height())));
            value(f, "Length over all", Range.of(Shell.Box.class, "length"), b -> b.shell().length(),
                    (b, v) -> b.with(b.shell().resized(v, b.shell().width(), b.shell().height())));
            value(f, "Height over all", Range.of(Shell.Box.class, "height"), b -> b.shell().height(),
                    (b, v) -> b.with(b.shell().resized(b.shell().length(), b.shell().width(), v)));
        }

        private void point(Form f, String label, String name, Function<Point, Double> read,
                java.util.function.BiFunction<Shell.Profile, Double, Optional<Shell.Profile>> write) {
            value(f, label, Range.of(Point.class, name), b -> point(b).map(read).orElse(Double.NaN),
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
            rows(f, Carcass.Skin.class, b -> Optional.of(skin(b)), this::skin).row("layers");
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
            rows(f, Carcass.Hatch.class, b -> b.carcass().hatch(),
                    (b, h) -> b.with(b.carcass().withHatch(Optional.of(h)))).row("hinge").row("open").row("sill");
            button(f, "hatch-off", "No hatch", b -> b.with(b.carcass().withHatch(Optional.empty())));
        }

        private void lift(Form f, Base base) {
            f.heading("Lifting top");
            if (base.carcass().lift().isEmpty()) {
                button(f, "lift-on", "Add a lifting top", b -> b.with(b.carcass().withLift(Optional.of(
                        new Carcass.Lift(0.5, 0.02, 60, 60, 4)))));
                return;
            }
            rows(f, Carcass.Lift.class, b -> b.carcass().lift(),
                    (b, l) -> b.with(b.carcass().withLift(Optional.of(l)))).row("rise").row("panel")
                    .unknownRow("side", "Panels are high")
                    .row("mass").row("drag").row("lifters");
            button(f, "lift-off", "Fixed roof", b -> b.with(b.carcass().withLift(Optional.empty())));
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
            rows(f, Survey.Trace.class, b -> b.survey().trace(),
                    (b, t) -> b.with(b.survey().withTrace(Optional.of(t)))).row("x1", "A back from the front")
                    .row("z1", "A up from the floor").row("x2", "B back from the front")
                    .row("z2", "B up from the floor");
            button(f, "photo-off", "Remove the photograph", b -> b.with(b.survey().withTrace(Optional.empty())));
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
