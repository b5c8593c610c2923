package lectulum.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Vehicle;
import lectulum.design.wiring.Spot;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Labels;
import lectulum.layout.FreePlace;
import lectulum.layout.Layout;
import lectulum.layout.Pick;
import lectulum.layout.Snapping;
import lectulum.layout.people.People;
import lectulum.parts.Spoken;
import lectulum.symbols.Chassis;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The sheet: shows the camper to scale and lets the hand drag, turn, measure, zoom and pan. Painting happens once for
/// each frame at most.
public final class SheetView extends Region {
    private static final double SNAP_PIXELS = 9;
    private final Workbench bench;
    private final Function<Stage, SheetLook> looks;
    private final Canvas still = new Canvas();
    private final Canvas moving = new Canvas();
    private Backdrop painted;
    private List<Labels.Box> stillLabels = List.of();
    private final Tooltip tip = new Tooltip();
    private SheetPainter painter;
    private Projection projection;
    private boolean fitted = true;
    private boolean measuring;
    private Gesture gesture = new Gesture.None();
    private Optional<String> hover = Optional.empty();
    private Optional<Snapping> snap = Optional.empty();
    private double[] measure;

    public SheetView(Workbench bench, Theme theme, Function<Stage, SheetLook> looks) {
        this.bench = bench;
        this.looks = looks;
        this.painter = new SheetPainter(theme, looks);
        getStyleClass().add("sheet");
        setId("sheet");
        getChildren().addAll(still, moving, new FocusRing(this));
        Spoken.picture(this, "Sheet");
        setMinSize(200, 150);
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(this::released);
        setOnMouseMoved(this::moved);
        setOnMouseExited(e -> hover(Optional.empty()));
        setOnScroll(this::scrolled);
        setOnKeyPressed(this::key);
        bench.stateProperty().addListener((o, was, now) -> {
            describe(now);
            requestLayout();
        });
        describe(bench.state());
    }

    /// What the hand is doing.
    private sealed interface Gesture {
        record None() implements Gesture {
        }

        record Move(boolean plan, double fromX, double fromY) implements Gesture {
        }

        record HandleMove(SheetHandle handle, boolean plan, double fromX, double fromY) implements Gesture {
        }

        record AxleMove(double fromX) implements Gesture {
        }

        record Pan(double lastX, double lastY) implements Gesture {
        }

        record Band(boolean plan, double fromX, double fromY, double toX, double toY) implements Gesture {
        }

        record Measure(double fromX, double fromY) implements Gesture {
        }
    }

    public void setTheme(Theme theme) {
        painter = new SheetPainter(theme, looks);
        requestLayout();
    }

    /// Shows the whole camper and keeps it fitted until it is zoomed or panned.
    public void fit() {
        fitted = true;
        requestLayout();
    }

    public void zoom(double factor) {
        fitted = false;
        projection = projection.zoomed(factor, getWidth() / 2, getHeight() / 2);
        requestLayout();
    }

    public void setMeasuring(boolean on) {
        measuring = on;
        measure = null;
        setCursor(on ? Cursor.CROSSHAIR : Cursor.DEFAULT);
        requestLayout();
    }

    public boolean measuring() {
        return measuring;
    }

    /// Where things are on the screen now; for tests and for popups that point at things.
    public Projection projection() {
        return projection;
    }

    @Override
    protected void layoutChildren() {
        double w = getWidth();
        double h = getHeight();
        if (w < 1 || h < 1) {
            return;
        }
        State s = bench.state();
        boolean busy = !(gesture instanceof Gesture.None);
        if (projection == null || fitted && !busy) {
            SheetLook look = looks.apply(s.stage());
            projection = Projection.fit(s.design(), s.mode(), w, h, look.side(), look.beside(), look.below());
        }
        SheetPainter.Hand hand = hand(s);
        List<Labels.Box> kept = (busy || previewed(s)) && painted != null
                ? painted.kept
                : painter.dry(w, h, s, projection, hand);
        Backdrop backdrop = new Backdrop(painter, projection, w, h, s, kept);
        if (painted == null || !painted.same(backdrop)) {
            still.setWidth(w);
            still.setHeight(h);
            stillLabels = painter.paintStill(new CanvasSurface(still.getGraphicsContext2D()), w, h, s, projection,
                    kept);
            painted = backdrop;
        }
        moving.setWidth(w);
        moving.setHeight(h);
        moving.getGraphicsContext2D().clearRect(0, 0, w, h);
        painter.paintHand(new CanvasSurface(moving.getGraphicsContext2D()), w, h, s, projection, hand, stillLabels);
    }

    /// Whether what is shown is a drag in progress.
    private static boolean previewed(State s) {
        return s.trial().isEmpty() && s.analysis().given() != s.project().design();
    }

    /// All that the still part of the drawing depends on, so that a drag does not paint it again.
    private record Backdrop(SheetPainter painter, Projection projection, double width, double height, Stage stage,
            Mode mode, UnitSystem units, Base base, Vehicle vehicle, List<String> selection, List<Thing> things,
            People living, List<Labels.Box> kept) {

        Backdrop(SheetPainter painter, Projection projection, double width, double height, State s,
                List<Labels.Box> kept) {
            this(painter, projection, width, height, s.stage(), s.mode(), s.units(), s.design().base(),
                    s.design().vehicle(), s.selection(), SheetPainter.still(s), s.analysis().of(People.DISCIPLINE),
                    kept);
        }

        boolean same(Backdrop o) {
            return painter == o.painter && projection.equals(o.projection) && width == o.width && height == o.height
                    && stage == o.stage && mode == o.mode && units == o.units && base == o.base && vehicle == o.vehicle
                    && selection.equals(o.selection) && living == o.living && kept.equals(o.kept)
                    && sameThings(o.things);
        }

        /// Things that did not change are the same objects.
        private boolean sameThings(List<Thing> others) {
            if (things.size() != others.size()) {
                return false;
            }
            for (int i = 0; i < things.size(); i++) {
                if (things.get(i) != others.get(i)) {
                    return false;
                }
            }
            return true;
        }
    }

    private SheetPainter.Hand hand(State s) {
        Optional<double[]> band = gesture instanceof Gesture.Band b
                ? Optional.of(new double[]{Math.min(b.fromX, b.toX), Math.min(b.fromY, b.toY),
                        Math.abs(b.toX - b.fromX), Math.abs(b.toY - b.fromY)})
                : Optional.empty();
        Optional<SheetPainter.Measure> measured = measure == null
                ? Optional.empty()
                : Optional.of(new SheetPainter.Measure(measure[0], measure[1], measure[2], measure[3], measured(s)));
        return new SheetPainter.Hand(hover, snap, band, measured);
    }

    private String measured(State s) {
        double length = Math.hypot(measure[2] - measure[0], measure[3] - measure[1]) / projection.scale();
        return Units.text(length, Quantity.LENGTH, s.style());
    }

    private void describe(State s) {
        List<Thing> selected = s.selected();
        Spoken.say(this, selected.isEmpty()
                ? "Sheet, " + s.design().things().size() + " things. Tab inside goes from thing to thing."
                : String.join("; ", selected.stream().map(t -> spoken(s, t)).toList()));
    }

    /// What a thing is, where it stands, and what is wrong with it.
    private static String spoken(State s, Thing t) {
        Style style = s.style();
        Placement at = t.at(s.mode());
        String said = t.name() + ", " + t.system().label() + ", " + Units.text(t.mass().value(), Quantity.MASS, style)
                + ", " + Units.text(t.size().length(), Quantity.LENGTH, style) + " long, "
                + Units.text(s.design().base().tongueLength() + at.x(), Quantity.LENGTH, style) + " behind the ball, "
                + Units.text(Math.abs(at.y()), Quantity.LENGTH, style) + (at.y() < 0 ? " left" : " right") + ", "
                + Units.text(at.z(), Quantity.LENGTH, style) + " up";
        List<String> found = s.analysis().findings().stream().filter(f -> f.open() && f.things().contains(t.id()))
                .map(f -> f.title().text(style)).toList();
        return found.isEmpty() ? said : said + "; found: " + String.join("; ", found);
    }

    private boolean inPlan(double py) {
        double half = bench.state().analysis().of(Layout.DISCIPLINE).body().halfWidth();
        return !projection.sideShown() || py < projection.py(half + 0.2);
    }

    private double localX(double px) {
        return projection.x(px) - bench.state().design().base().tongueLength();
    }

    private double localZ(double py) {
        return projection.z(py) - bench.state().design().base().floorHeight();
    }

    private Optional<String> at(double px, double py) {
        State s = bench.state();
        double slack = 2 / projection.scale();
        return inPlan(py)
                ? Pick.inPlan(s.design(), s.mode(), localX(px), projection.y(py), slack)
                : Pick.inSide(s.design(), s.mode(), localX(px), localZ(py), slack);
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        if (measuring && e.getButton() == MouseButton.PRIMARY) {
            gesture = new Gesture.Measure(e.getX(), e.getY());
            measure = new double[]{e.getX(), e.getY(), e.getX(), e.getY()};
        } else if (e.getButton() != MouseButton.PRIMARY) {
            gesture = new Gesture.Pan(e.getX(), e.getY());
        } else if (handle(e.getX(), e.getY()).isPresent()) {
            gesture = new Gesture.HandleMove(handle(e.getX(), e.getY()).get(), inPlan(e.getY()), e.getX(), e.getY());
        } else if (onWheel(e.getX(), e.getY())) {
            gesture = new Gesture.AxleMove(e.getX());
        } else {
            Optional<String> hit = selectedAt(e.getX(), e.getY()).or(() -> at(e.getX(), e.getY()));
            hit.ifPresentOrElse(id -> grab(id, e), () -> gesture = new Gesture.Band(inPlan(e.getY()), e.getX(),
                    e.getY(), e.getX(), e.getY()));
        }
    }

    /// Where the stage is about the axle, the wheels of the side view are its handle.
    private boolean onWheel(double px, double py) {
        State s = bench.state();
        if (!looks.apply(s.stage()).axle() || projection == null || inPlan(py)) {
            return false;
        }
        double r = s.design().base().axle().wheelDiameter() / 2;
        return java.util.Arrays.stream(Chassis.axles(s.design().base()))
                .anyMatch(x -> Math.hypot(projection.x(px) - x, projection.z(py) - r) < r);
    }

    /// What can be dragged here besides things.
    private Optional<SheetHandle> handle(double px, double py) {
        if (projection == null) {
            return Optional.empty();
        }
        State s = bench.state();
        double tongue = s.design().base().tongueLength();
        double floor = s.design().base().floorHeight();
        boolean plan = inPlan(py);
        return looks.apply(s.stage()).handles().apply(s).stream()
                .filter(h -> Math.hypot(projection.sx(tongue + h.at().x()) - px,
                        (plan ? projection.py(h.at().y()) : projection.sz(floor + h.at().z())) - py) < SNAP_PIXELS)
                .findFirst();
    }

    /// Where a handle is dragged to: to half a centimetre, finer with Alt, onto another handle that is near.
    private Spot dragged(Gesture.HandleMove m, MouseEvent e) {
        double step = axleStep(e.isAltDown());
        double dx = Math.rint((e.getX() - m.fromX) / projection.scale() / step) * step;
        double dv = Math.rint((e.getY() - m.fromY) / projection.scale() / step) * step;
        Spot from = m.handle.at();
        Spot to = new Spot(from.x() + dx, from.y() + (m.plan ? dv : 0), from.z() - (m.plan ? 0 : dv));
        double reach = e.isAltDown() ? 0 : SNAP_PIXELS / projection.scale();
        return looks.apply(bench.state().stage()).handles().apply(bench.state()).stream().map(SheetHandle::at)
                .filter(o -> o.to(from) > 0.002
                        && Math.hypot(o.x() - to.x(), m.plan ? o.y() - to.y() : o.z() - to.z()) < reach)
                .findFirst().orElse(to);
    }

    private static double axleStep(boolean fine) {
        return fine ? 0.001 : 0.005;
    }

    /// What is selected stays in hand even where something else covers it.
    private Optional<String> selectedAt(double px, double py) {
        State s = bench.state();
        double x = localX(px);
        boolean plan = inPlan(py);
        var only = s.design().withThings(s.selected());
        return plan
                ? Pick.inPlan(only, s.mode(), x, projection.y(py), 0)
                : Pick.inSide(only, s.mode(), x, localZ(py), 0);
    }

    private void grab(String id, MouseEvent e) {
        if (e.isShiftDown()) {
            bench.toggleSelected(id);
        } else if (!bench.state().selection().contains(id)) {
            bench.select(List.of(id));
        }
        gesture = new Gesture.Move(inPlan(e.getY()), e.getX(), e.getY());
    }

    private void dragged(MouseEvent e) {
        switch (gesture) {
            case Gesture.Move m -> {
                double[] shift = shift(m, e);
                if (Math.hypot(e.getX() - m.fromX, e.getY() - m.fromY) > 3) {
                    bench.preview(bench.moving(shift[0], shift[1], shift[2]));
                }
            }
            case Gesture.AxleMove a -> bench
                    .preview(bench.movingAxle((e.getX() - a.fromX) / projection.scale(), axleStep(e.isAltDown())));
            case Gesture.HandleMove m -> bench.preview(m.handle.moved().apply(dragged(m, e)));
            case Gesture.Pan pan -> {
                fitted = false;
                projection = projection.panned(e.getX() - pan.lastX, e.getY() - pan.lastY);
                gesture = new Gesture.Pan(e.getX(), e.getY());
                requestLayout();
            }
            case Gesture.Band b -> {
                gesture = new Gesture.Band(b.plan, b.fromX, b.fromY, e.getX(), e.getY());
                requestLayout();
            }
            case Gesture.Measure m -> {
                measure = new double[]{m.fromX, m.fromY, e.getX(), e.getY()};
                requestLayout();
            }
            case Gesture.None n -> {
            }
        }
    }

    /// How far the hand has dragged in metres, snapped unless Alt is held.
    private double[] shift(Gesture.Move m, MouseEvent e) {
        double dx = (e.getX() - m.fromX) / projection.scale();
        double dv = (e.getY() - m.fromY) / projection.scale();
        State s = bench.state();
        double reach = e.isAltDown() ? 0 : SNAP_PIXELS / projection.scale();
        Snapping caught = Snapping.of(s.project().design(), s.mode(), s.selection(), dx, m.plan ? dv : 0,
                m.plan ? 0 : -dv, reach);
        snap = Optional.of(new Snapping(caught.dx(), caught.dy(), caught.dz(), caught.lineX(),
                m.plan ? caught.lineY() : OptionalDouble.empty(),
                m.plan ? OptionalDouble.empty() : caught.lineZ()));
        return new double[]{caught.dx(), m.plan ? caught.dy() : 0, m.plan ? 0 : caught.dz()};
    }

    private void released(MouseEvent e) {
        Gesture done = gesture;
        gesture = new Gesture.None();
        switch (done) {
            case Gesture.Move m when Math.hypot(e.getX() - m.fromX, e.getY() - m.fromY) > 3 -> {
                double[] shift = shift(m, e);
                bench.moveSelected(shift[0], shift[1], shift[2]);
            }
            case Gesture.AxleMove a when Math.abs(e.getX() - a.fromX) > 3 -> bench
                    .edit(bench.movingAxle((e.getX() - a.fromX) / projection.scale(), axleStep(e.isAltDown())));
            case Gesture.AxleMove a -> bench.endPreview();
            case Gesture.HandleMove m when Math.hypot(e.getX() - m.fromX, e.getY() - m.fromY) > 3 -> {
                bench.endPreview();
                bench.edit(m.handle.moved().apply(dragged(m, e)));
            }
            case Gesture.HandleMove m -> bench.endPreview();
            case Gesture.Band b -> band(b, e.isShiftDown());
            case Gesture.Move m -> {
            }
            case Gesture.Pan p -> {
            }
            case Gesture.Measure m -> {
            }
            case Gesture.None n -> {
            }
        }
        snap = Optional.empty();
        requestLayout();
    }

    private void band(Gesture.Band b, boolean add) {
        State s = bench.state();
        double x1 = localX(Math.min(b.fromX, b.toX));
        double x2 = localX(Math.max(b.fromX, b.toX));
        double top = Math.min(b.fromY, b.toY);
        double bottom = Math.max(b.fromY, b.toY);
        List<String> inside = b.plan
                ? Pick.inside(s.design(), s.mode(), true, x1, x2, projection.y(top), projection.y(bottom))
                : Pick.inside(s.design(), s.mode(), false, x1, x2, localZ(bottom), localZ(top));
        List<String> ids = new ArrayList<>(add ? s.selection() : List.of());
        ids.addAll(inside);
        bench.select(ids);
    }

    private void moved(MouseEvent e) {
        if (projection != null) {
            boolean wheel = !measuring && onWheel(e.getX(), e.getY());
            boolean grip = !measuring && handle(e.getX(), e.getY()).isPresent();
            setCursor(measuring ? Cursor.CROSSHAIR : grip ? Cursor.MOVE : wheel ? Cursor.H_RESIZE : Cursor.DEFAULT);
            hover(measuring || wheel ? Optional.empty() : at(e.getX(), e.getY()));
        }
    }

    private void hover(Optional<String> id) {
        if (!id.equals(hover)) {
            hover = id;
            Tooltip.uninstall(this, tip);
            id.flatMap(bench.state().design()::thing).ifPresent(t -> {
                tip.setText(t.name() + "  ·  " + Units.text(t.mass().value(), Quantity.MASS, bench.state().style()));
                Tooltip.install(this, tip);
            });
            requestLayout();
        }
    }

    private void scrolled(ScrollEvent e) {
        if (projection == null || e.getDeltaX() == 0 && e.getDeltaY() == 0) {
            return;
        }
        fitted = false;
        projection = e.isShiftDown()
                ? projection.panned(e.getDeltaX() + e.getDeltaY(), 0)
                : projection.zoomed(Math.exp(e.getDeltaY() / 400), e.getX(), e.getY());
        requestLayout();
        e.consume();
    }

    private void key(KeyEvent e) {
        double step = step(e);
        boolean used = true;
        boolean chosen = !bench.state().selection().isEmpty();
        switch (e.getCode()) {
            case LEFT -> nudge(-step, 0, e);
            case RIGHT -> nudge(step, 0, e);
            case UP -> nudge(0, -step, e);
            case DOWN -> nudge(0, step, e);
            case TAB -> used = next(e.isShiftDown() ? -1 : 1, e);
            case ESCAPE -> escape();
            case R -> used = chosen && turn(e.isShiftDown() ? -1 : 1, e);
            case DELETE, BACK_SPACE -> bench.removeSelected();
            default -> used = false;
        }
        if (used) {
            e.consume();
        }
    }

    /// 10 mm or a quarter inch; with Shift ten times, with Alt a tenth of it.
    private double step(KeyEvent e) {
        double step = bench.state().units() == UnitSystem.US ? Units.INCH / 4 : 0.01;
        return e.isShiftDown() ? 10 * step : e.isAltDown() ? step / 10 : step;
    }

    /// Arrow keys move in the plan; with Ctrl, up and down lift and lower. Where the wheels are a handle they move the
    /// axle while nothing is selected.
    private void nudge(double dx, double dv, KeyEvent e) {
        if (bench.state().selection().isEmpty() && looks.apply(bench.state().stage()).axle() && dx != 0) {
            bench.edit(bench.movingAxle(dx, Math.abs(dx)));
            return;
        }
        bench.moveSelected(dx, e.isShortcutDown() ? 0 : dv, e.isShortcutDown() ? -dv : 0);
    }

    private boolean turn(int way, KeyEvent e) {
        if (e.isShortcutDown()) {
            return false;
        }
        bench.turnSelected(way * (e.isAltDown() ? Math.PI / 36 : Math.PI / 2));
        return true;
    }

    /// Goes from thing to thing; past the last one the focus leaves the sheet.
    private boolean next(int way, KeyEvent e) {
        if (e.isShortcutDown()) {
            return false;
        }
        State s = bench.state();
        List<String> ids = s.design().things().stream().filter(t -> t.mount() != Mount.SPREAD).map(Thing::id).toList();
        int now = s.selection().isEmpty() ? way > 0 ? -1 : ids.size() : ids.indexOf(s.selection().getLast());
        int to = now + way;
        if (to < 0 || to >= ids.size()) {
            return false;
        }
        bench.select(List.of(ids.get(to)));
        return true;
    }

    private void escape() {
        if (!(gesture instanceof Gesture.None)) {
            gesture = new Gesture.None();
            snap = Optional.empty();
            bench.endPreview();
        } else if (bench.state().trial().isPresent()) {
            bench.dropTrial();
        } else if (measuring) {
            setMeasuring(false);
        } else {
            bench.select(List.of());
        }
    }

    /// Puts a catalogue thing where it was dropped, in pixels of the window; nothing where that is beside the sheet. The
    /// coordinate that the view does not show is the usual one.
    public void drop(Thing template, double sceneX, double sceneY) {
        Point2D at = sceneToLocal(sceneX, sceneY);
        if (projection == null || !getLayoutBounds().contains(at)) {
            return;
        }
        Placement usual = FreePlace.of(bench.state().design(), template);
        bench.add(template, inPlan(at.getY())
                ? new Placement(localX(at.getX()), projection.y(at.getY()), usual.z(), usual.yaw())
                : new Placement(localX(at.getX()), usual.y(), localZ(at.getY()), usual.yaw()));
        requestFocus();
    }

    @Override
    protected double computePrefWidth(double height) {
        return 640;
    }

    @Override
    protected double computePrefHeight(double width) {
        return 480;
    }
}
