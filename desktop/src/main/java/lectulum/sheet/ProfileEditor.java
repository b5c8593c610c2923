package lectulum.sheet;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.image.Image;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import lectulum.base.profile.ProfileEdit;
import lectulum.base.profile.ProfileStudies;
import lectulum.base.survey.PhotoFit;
import lectulum.design.Edit;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.base.Survey;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Labels;
import lectulum.figures.drawing.Surface.Anchor;
import lectulum.kernel.mechanisms.HatchSwing;
import lectulum.kernel.profile.Piece;
import lectulum.layout.Layout;
import lectulum.parts.Spoken;
import lectulum.space.Body;
import lectulum.space.ProfileLine;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.UnitSystem;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The side profile under the hand: points are dragged, corners rounded by their own handle, points added by a double
/// click, the hinge of the hatch slid along the roof, and a photograph laid under it by two points.
public final class ProfileEditor extends Drawing {
    private static final double REACH = 11;
    /// Lines of the paper and which of them are named, finest first \[m\].
    private static final double[][] METRES = {{0.1, 0.5}, {0.2, 1}, {0.5, 1}, {1, 5}};
    private static final double[][] FEET = {{Units.FOOT / 6, Units.FOOT}, {Units.FOOT / 2, 2 * Units.FOOT},
            {Units.FOOT, 4 * Units.FOOT}, {2 * Units.FOOT, 8 * Units.FOOT}};
    private static final double STEP = 0.01;
    private static final double EDGE = 46;

    private final Workbench bench;
    private final Consumer<String> hint;
    private State state;
    private Optional<Image> photo = Optional.empty();
    private boolean fitting;
    private double pinX;
    private double pinY;
    private int selected = -1;
    private Grip grip = Grip.NONE;
    private double pointerX = Double.NaN;
    private double scale = 100;
    private double left;
    private double ground;
    private Runnable selectionChanged = () -> {
    };

    private enum Grip {
        NONE, POINT, RADIUS, HINGE, PIN_A, PIN_B
    }

    public ProfileEditor(Workbench bench, Supplier<Theme> theme, Consumer<String> hint) {
        super(theme, 2 * EDGE, "sketch");
        this.bench = bench;
        this.hint = hint;
        this.state = bench.state();
        setId("profile-editor");
        Spoken.picture(this, "Side of the camper");
        setMinSize(200, 160);
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(e -> released());
        setOnMouseMoved(e -> {
            pointerX = x(e.getX());
            requestLayout();
        });
        setOnMouseExited(e -> {
            pointerX = Double.NaN;
            requestLayout();
        });
        setOnKeyPressed(this::key);
        focusedProperty().addListener((o, was, now) -> requestLayout());
    }

    public void show(State next) {
        state = next;
        int count = profile().map(p -> p.points().size()).orElse(0);
        if (selected >= count) {
            select(-1);
        }
        describe();
        requestLayout();
    }

    public void setPhoto(Optional<Image> image) {
        photo = image;
        requestLayout();
    }

    /// Whether the pins of the photograph are dragged instead of the points.
    public void setFitting(boolean on) {
        fitting = on;
        requestLayout();
    }

    public int selected() {
        return selected;
    }

    public void select(int point) {
        selected = point;
        describe();
        selectionChanged.run();
        requestLayout();
    }

    public void onSelected(Runnable action) {
        selectionChanged = action;
    }

    private void describe() {
        Spoken.say(this, profile().filter(p -> selected >= 0 && selected < p.points().size())
                .map(p -> "Point " + (selected + 1) + " of " + p.points().size() + ", "
                        + text(p.points().get(selected).x()) + " back, " + text(p.points().get(selected).z()) + " up")
                .orElse("Side profile. Tab goes from point to point."));
    }

    private Optional<Shell.Profile> profile() {
        return state.analysis().given().base().shell() instanceof Shell.Profile p ? Optional.of(p) : Optional.empty();
    }

    private String text(double metres) {
        return Units.text(metres, Quantity.LENGTH, state.style());
    }

    private String tick(double metres) {
        return Units.tick(metres, Quantity.LENGTH, state.style());
    }

    private double px(double x) {
        return left + x * scale;
    }

    private double pz(double z) {
        return ground - z * scale;
    }

    private double x(double px) {
        return (px - left) / scale;
    }

    private double z(double pz) {
        return (ground - pz) / scale;
    }

    /// Pixel of a pin of the photograph, 0 for A and 1 for B; there must be one.
    public double[] pin(int i) {
        Survey.Trace t = state.design().base().survey().trace().orElseThrow();
        return i == 0 ? new double[]{px(t.x1()), pz(t.z1())} : new double[]{px(t.x2()), pz(t.z2())};
    }

    /// Pixel of a point; for tests.
    public double[] pixel(int point) {
        Shell.Profile.Point p = profile().orElseThrow().points().get(point);
        return new double[]{px(p.x()), pz(p.z())};
    }

    private void fit(double w, double h) {
        Base base = state.design().base();
        double length = base.shell().length();
        double high = base.shell().height();
        double behind = base.carcass().hatch().isPresent() ? 0.6 : 0.05;
        double above = base.carcass().hatch().isPresent() ? 0.75 : 0.08;
        scale = Math.min((w - 2 * EDGE) / (length + behind),
                (h - 2 * EDGE) / (high + above + base.floorHeight() * 0.35));
        left = EDGE + Math.max(0, (w - 2 * EDGE - (length + behind) * scale) / 2);
        ground = h - EDGE - base.floorHeight() * 0.35 * scale;
    }

    @Override
    void paint(Pen pen, double w, double h) {
        if (grip == Grip.NONE) {
            fit(w, h);
        }
        pen.fill(0, 0, w, h, pen.ink("inside"));
        grid(pen, w, h);
        underlay(pen);
        Body body = state.analysis().of(Layout.DISCIPLINE).body();
        inside(pen, body);
        body.profile().ifPresentOrElse(line -> outline(pen, line), () -> box(pen, body));
        hatch(pen, body);
        readout(pen, body, h);
        profile().ifPresent(p -> handles(pen, p));
        pins(pen);
        if (isFocused()) {
            pen.stroke("select", 2);
            pen.frame(1, 1, w - 2, h - 2);
        }
    }

    private void grid(Pen pen, double w, double h) {
        double[][] rulings = state.units() == UnitSystem.US ? FEET : METRES;
        double[] ruling = Arrays.stream(rulings).filter(r -> r[0] * scale >= 12).findFirst()
                .orElse(rulings[rulings.length - 1]);
        double step = ruling[0];
        double named = ruling[1];
        for (double x = Math.ceil(x(0) / step) * step; px(x) < w; x += step) {
            boolean label = Math.abs(x / named - Math.rint(x / named)) < 1e-6;
            pen.stroke("grid", label ? 1.4 : 0.7);
            pen.line(px(x), 0, px(x), h);
            if (label) {
                pen.text(tick(x), px(x), h - 10, Anchor.MIDDLE, 11, "faint");
            }
        }
        for (double z = Math.ceil(z(h) / step) * step; pz(z) > 0; z += step) {
            boolean label = Math.abs(z / named - Math.rint(z / named)) < 1e-6;
            pen.stroke("grid", label ? 1.4 : 0.7);
            pen.line(0, pz(z), w, pz(z));
            if (label && pz(z) < h - 26) {
                pen.text(tick(z), 24, pz(z), Anchor.MIDDLE, 11, "faint");
            }
        }
        pen.stroke("faint", 1.2);
        pen.line(0, pz(0), w, pz(0));
    }

    private void underlay(Pen pen) {
        if (photo.isEmpty() || !(pen.surface() instanceof CanvasSurface canvas)) {
            return;
        }
        state.design().base().survey().trace().flatMap(PhotoFit::of).ifPresent(fit -> {
            double[] origin = fit.toBody(0, 0);
            canvas.picture(photo.get(), px(origin[0]), pz(origin[1]), fit.scale() * scale, -fit.turn(), 0.55);
        });
    }

    private void inside(Pen pen, Body body) {
        pen.dashed("faint", 1);
        path(pen, body.sideInside());
    }

    private void outline(Pen pen, ProfileLine line) {
        double least = state.design().base().carcass().skin().flatMap(
                s -> lectulum.assumed.Sheet.find(s.sheet()).map(sheet -> sheet.least(s.across()))).orElse(0.0);
        for (Piece piece : line.outline().pieces()) {
            List<double[]> points = piece.samples();
            for (int i = 1; i < points.size(); i++) {
                double t = (i - 0.5) / (points.size() - 1);
                pen.stroke(piece.radius(t) < least - 1e-9 ? "accent" : "ink", 2.4);
                pen.line(px(points.get(i - 1)[0]), pz(points.get(i - 1)[1]), px(points.get(i)[0]),
                        pz(points.get(i)[1]));
            }
        }
    }

    private void box(Pen pen, Body body) {
        double[] xs = body.roofOutside().xs();
        double[] zs = body.roofOutside().zs();
        pen.stroke("ink", 2.4);
        pen.line(px(xs[0]), pz(0), px(xs[0]), pz(zs[0]));
        for (int i = 1; i < xs.length; i++) {
            pen.line(px(xs[i - 1]), pz(zs[i - 1]), px(xs[i]), pz(zs[i]));
        }
        pen.line(px(xs[xs.length - 1]), pz(zs[zs.length - 1]), px(xs[xs.length - 1]), pz(0));
        pen.line(px(xs[0]), pz(0), px(xs[xs.length - 1]), pz(0));
    }

    private void hatch(Pen pen, Body body) {
        Optional<Carcass.Hatch> hatch = state.design().base().carcass().hatch();
        hatch.flatMap(h -> ProfileStudies.swing(body, h)).ifPresent((HatchSwing s) -> {
            pen.stroke("select", 2);
            path(pen, s.at(s.open()));
            pen.dashed("select", 1);
            path(pen, s.at(s.open() / 2));
            pen.fill(px(s.hinge()[0]) - 5, pz(s.hinge()[1]) - 5, 10, 10, pen.ink("select"));
            pen.point("hinge", px(s.hinge()[0]), pz(s.hinge()[1]), 6, 11, Labels.Rank.NAME);
        });
    }

    private void path(Pen pen, List<double[]> line) {
        pen.path(line.stream().map(p -> new double[]{px(p[0]), pz(p[1])}).toList(), false);
    }

    /// Usable height where the pointer is.
    private void readout(Pen pen, Body body, double h) {
        if (Double.isNaN(pointerX) || body.open() || grip != Grip.NONE || pointerX < body.insideFront()
                || pointerX > body.insideRear()) {
            return;
        }
        double high = body.clearHeight(pointerX, pointerX);
        pen.stroke("select", 1);
        pen.line(px(pointerX), pz(0), px(pointerX), pz(high));
        pen.must("clear " + text(high), px(pointerX), pz(high / 2), 12, Labels.Rank.DIMENSION);
    }

    private void handles(Pen pen, Shell.Profile p) {
        for (int i = 0; i < p.points().size(); i++) {
            Shell.Profile.Point q = p.points().get(i);
            double r = i == selected ? 7 : 5;
            Ink fill = pen.ink(i == selected ? "select" : "inside");
            pen.stroke("select", 1.8);
            if (q.corner()) {
                pen.polygon(Pen.box(px(q.x()) - r, pz(q.z()) - r, 2 * r, 2 * r), fill);
            } else {
                pen.disc(px(q.x()), pz(q.z()), r, fill);
                pen.ring(px(q.x()), pz(q.z()), r, r);
            }
            ProfileEdit.handle(p, i).ifPresent(h -> {
                double x = px(h[0]);
                double y = pz(h[1]);
                pen.stroke("accent", 1.6);
                pen.polygon(new double[][]{{x - 5, y}, {x, y - 5}, {x + 5, y}, {x, y + 5}}, pen.ink("inside"));
            });
        }
        if (selected >= 0) {
            Shell.Profile.Point q = p.points().get(selected);
            pen.must(text(q.x()) + " back, " + text(q.z()) + " up"
                    + (q.corner() && q.radius() > 0 ? ", radius " + text(q.radius()) : ""), px(q.x()), pz(q.z()) + 22,
                    12, Labels.Rank.CHOSEN);
        }
    }

    private void pins(Pen pen) {
        Optional<Survey.Trace> trace = state.design().base().survey().trace();
        if (!fitting || trace.isEmpty()) {
            return;
        }
        for (int i = 0; i < 2; i++) {
            boolean held = grip == (i == 0 ? Grip.PIN_A : Grip.PIN_B);
            double x = held ? pinX : pin(i)[0];
            double y = held ? pinY : pin(i)[1];
            pen.stroke("accent", 2);
            pen.line(x - 12, y, x + 12, y);
            pen.line(x, y - 12, x, y + 12);
            pen.must(i == 0 ? "A" : "B", x + 14, y - 12, 13, Labels.Rank.CHOSEN);
        }
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        e.consume();
        if (e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        grip = gripAt(e.getX(), e.getY());
        if (grip == Grip.NONE && e.getClickCount() == 2) {
            insert(e);
        } else if (grip == Grip.NONE) {
            select(-1);
        }
        pinX = e.getX();
        pinY = e.getY();
        requestLayout();
    }

    private Grip gripAt(double mx, double my) {
        Optional<Survey.Trace> trace = state.design().base().survey().trace();
        if (fitting && trace.isPresent()) {
            Survey.Trace t = trace.get();
            if (Math.hypot(px(t.x1()) - mx, pz(t.z1()) - my) < 2 * REACH) {
                return Grip.PIN_A;
            }
            return Math.hypot(px(t.x2()) - mx, pz(t.z2()) - my) < 2 * REACH ? Grip.PIN_B : Grip.NONE;
        }
        Optional<Shell.Profile> p = profile();
        if (p.isEmpty()) {
            return Grip.NONE;
        }
        for (int i = 0; i < p.get().points().size(); i++) {
            Shell.Profile.Point q = p.get().points().get(i);
            if (Math.hypot(px(q.x()) - mx, pz(q.z()) - my) < REACH) {
                select(i);
                return Grip.POINT;
            }
        }
        for (int i = 0; i < p.get().points().size(); i++) {
            Optional<double[]> h = ProfileEdit.handle(p.get(), i);
            if (h.isPresent() && Math.hypot(px(h.get()[0]) - mx, pz(h.get()[1]) - my) < REACH) {
                select(i);
                return Grip.RADIUS;
            }
        }
        Body body = state.analysis().of(Layout.DISCIPLINE).body();
        return state.design().base().carcass().hatch().filter(h -> Math.hypot(px(h.hinge()) - mx,
                pz(body.roofOutside().at(h.hinge())) - my) < REACH).map(h -> Grip.HINGE).orElse(Grip.NONE);
    }

    private void insert(MouseEvent e) {
        profile().flatMap(p -> ProfileEdit.inserted(p, snapped(x(e.getX()), e), snapped(z(e.getY()), e),
                e.isShiftDown())).ifPresent(i -> {
                    edit("Add a point", i.profile());
                    select(i.at());
                });
    }

    private static double snapped(double value, MouseEvent e) {
        return e.isAltDown() ? value : Math.round(value / STEP) * STEP;
    }

    private void dragged(MouseEvent e) {
        switch (grip) {
            case POINT -> profile().ifPresent(p -> preview("Move a point of the profile",
                    ProfileEdit.moved(given(), selected, snapped(x(e.getX()), e), snapped(z(e.getY()), e))));
            case RADIUS -> profile().ifPresent(p -> preview("Round a corner", ProfileEdit.rounded(given(), selected,
                    snapped(ProfileEdit.radius(given(), selected, x(e.getX()), z(e.getY())), e))));
            case HINGE -> {
                double at = Math.clamp(snapped(x(e.getX()), e), 0.1, state.design().base().shell().length() - 0.1);
                pending = new Edit("Move the hinge", d -> d.with(d.base().with(d.base().carcass().withHatch(
                        d.base().carcass().hatch().map(h -> h.hingedAt(at))))));
                bench.preview(pending);
            }
            case PIN_A, PIN_B -> {
                pinX = e.getX();
                pinY = e.getY();
                requestLayout();
            }
            case NONE -> {
            }
        }
    }

    private Edit pending;

    /// The profile before the drag.
    private Shell.Profile given() {
        return bench.state().project().design().base().shell() instanceof Shell.Profile p
                ? p
                : profile().orElseThrow();
    }

    private void preview(String name, Optional<Shell.Profile> next) {
        next.ifPresentOrElse(p -> {
            hint.accept("");
            pending = new Edit(name, d -> d.with(d.base().with(p)));
            bench.preview(pending);
        }, () -> hint.accept("That would make the profile cross itself, or too short; it stays as it was."));
    }

    private void edit(String name, Shell.Profile p) {
        bench.edit(name, d -> d.with(d.base().with(p)));
    }

    private void released() {
        Grip done = grip;
        grip = Grip.NONE;
        if (done == Grip.PIN_A || done == Grip.PIN_B) {
            pin(done == Grip.PIN_A);
        } else if (pending != null) {
            Edit edit = pending;
            pending = null;
            bench.edit(edit);
        }
        requestLayout();
    }

    /// The point of the photograph under a dropped pin is the one whose place on the body is known.
    private void pin(boolean first) {
        bench.state().design().base().survey().trace().flatMap(t -> PhotoFit.of(t).map(fit -> {
            double[] uv = fit.toPhoto(x(pinX), z(pinY));
            return first
                    ? new Survey.Trace(t.file(), uv[0], uv[1], t.x1(), t.z1(), t.u2(), t.v2(), t.x2(), t.z2())
                    : new Survey.Trace(t.file(), t.u1(), t.v1(), t.x1(), t.z1(), uv[0], uv[1], t.x2(), t.z2());
        })).filter(t -> PhotoFit.of(t).isPresent()).ifPresent(t -> bench.edit("Fit the photograph",
                d -> d.with(d.base().with(d.base().survey().withTrace(Optional.of(t))))));
    }

    private void key(KeyEvent e) {
        Optional<Shell.Profile> p = profile();
        if (p.isEmpty()) {
            return;
        }
        double step = e.isShiftDown() ? 10 * STEP : e.isAltDown() ? STEP / 10 : STEP;
        boolean used = true;
        switch (e.getCode()) {
            case LEFT -> nudge(p.get(), -step, 0);
            case RIGHT -> nudge(p.get(), step, 0);
            case UP -> nudge(p.get(), 0, step);
            case DOWN -> nudge(p.get(), 0, -step);
            case C -> used = selected >= 0 && apply("Corner or curve", ProfileEdit.turned(p.get(), selected));
            case DELETE, BACK_SPACE -> used = selected >= 0
                    && apply("Remove a point", ProfileEdit.without(p.get(), selected));
            case TAB -> used = next(p.get(), e.isShiftDown() ? -1 : 1);
            case ESCAPE -> escape();
            default -> used = false;
        }
        if (used) {
            e.consume();
        }
    }

    private void escape() {
        if (grip != Grip.NONE) {
            grip = Grip.NONE;
            pending = null;
            bench.endPreview();
        } else {
            select(-1);
        }
    }

    private boolean next(Shell.Profile p, int way) {
        int to = (selected < 0 ? way > 0 ? -1 : p.points().size() : selected) + way;
        if (to < 0 || to >= p.points().size()) {
            return false;
        }
        select(to);
        return true;
    }

    private void nudge(Shell.Profile p, double dx, double dz) {
        if (selected >= 0) {
            Shell.Profile.Point q = p.points().get(selected);
            apply("Move a point of the profile", ProfileEdit.moved(p, selected, q.x() + dx, q.z() + dz));
        }
    }

    private boolean apply(String name, Optional<Shell.Profile> next) {
        next.ifPresentOrElse(p -> {
            hint.accept("");
            edit(name, p);
        }, () -> hint.accept("That would be no body; the profile stays as it was."));
        return true;
    }

    @Override
    protected double computePrefWidth(double height) {
        return 620;
    }

    @Override
    protected double computePrefHeight(double width) {
        return 420;
    }
}
