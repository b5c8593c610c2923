package lectulum.sheet;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.input.MouseEvent;
import lectulum.design.base.Carcass;
import lectulum.design.wiring.Spot;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Labels;
import lectulum.layout.Layout;
import lectulum.layout.cutaway.CutAway;
import lectulum.layout.cutaway.View;
import lectulum.layout.people.People;
import lectulum.layout.people.Pose;
import lectulum.figures.drawing.Paint;
import lectulum.materials.framing.Members;
import lectulum.theme.Theme;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The inside from a corner on a plain canvas; dragging walks round it, a click selects.
public final class CutAwayView extends Drawing {
    private static final double EDGE = 30;
    /// A narrower upper face is not named \[px\], and of more things only the nearest.
    private static final double NAMED = 34;
    private static final int MOST_NAMED = 120;
    /// Straight from above or below \[rad\].
    private static final double STEEP = Math.PI / 2;
    private final Workbench bench;
    private State state;
    private double azimuth = Math.toRadians(60);
    private double elevation = View.ISOMETRIC;
    private double cutAt = Double.POSITIVE_INFINITY;
    private boolean withPeople = true;
    private boolean withFrame;
    private double scale = 1;
    private double fromX;
    private double fromY;
    private double moved;
    private CutAway shown;
    private double left;
    private double top;

    public CutAwayView(Workbench bench, Supplier<Theme> theme) {
        super(theme, 2 * EDGE, "sketch");
        this.bench = bench;
        this.state = bench.state();
        setId("cut-away");
        setMinSize(200, 160);
        setOnMousePressed(e -> {
            fromX = e.getX();
            fromY = e.getY();
            moved = 0;
        });
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(e -> {
            if (moved < 4 && shown != null) {
                shown.at(e.getX() - left, e.getY() - top).ifPresentOrElse(id -> bench.select(List.of(id)),
                        () -> bench.select(List.of()));
            }
        });
    }

    public void show(State next) {
        state = next;
        setAccessibleText("Cut-away of the inside, " + next.mode().label());
        requestLayout();
    }

    /// From one of the four corners.
    public void lookFrom(double degrees) {
        azimuth = Math.toRadians(degrees);
        elevation = View.ISOMETRIC;
        requestLayout();
    }

    public void cutAt(double height) {
        cutAt = height;
        requestLayout();
    }

    public void showPeople(boolean shown) {
        withPeople = shown;
        requestLayout();
    }

    public void showFrame(boolean shown) {
        withFrame = shown;
        requestLayout();
    }

    public double elevation() {
        return elevation;
    }

    /// How many faces are drawn; for tests.
    public int facets() {
        return shown == null ? 0 : shown.facets().size();
    }

    public double azimuth() {
        return azimuth;
    }

    private void dragged(MouseEvent e) {
        moved += Math.hypot(e.getX() - fromX, e.getY() - fromY);
        azimuth -= (e.getX() - fromX) / 150;
        elevation = Math.clamp(elevation + (e.getY() - fromY) / 200, -STEEP, STEEP);
        fromX = e.getX();
        fromY = e.getY();
        requestLayout();
    }

    private List<Pose> people() {
        return withPeople
                ? state.analysis().of(People.DISCIPLINE).poses().getOrDefault(state.mode(), List.of())
                : List.of();
    }

    private CutAway picture(double scale) {
        return CutAway.of(state.design(), state.analysis().of(Layout.DISCIPLINE).bodies(),
                state.analysis().of(Layout.DISCIPLINE).faults(),
                people(), state.mode(),
                new View(azimuth, elevation, scale), cutAt);
    }

    @Override
    void paint(Pen pen, double w, double h) {
        double[] box = CutAway.extent(state.design(),
                state.analysis().of(Layout.DISCIPLINE).bodies().get(state.mode()), people(), state.mode(),
                new View(azimuth, elevation, 1));
        scale = Math.min((w - 2 * EDGE) / Math.max(0.1, box[1] - box[0]),
                (h - 2 * EDGE) / Math.max(0.1, box[3] - box[2]));
        shown = picture(scale);
        left = w / 2 - (box[0] + box[1]) / 2 * scale;
        top = h / 2 - (box[2] + box[3]) / 2 * scale;
        pen.fill(0, 0, w, h, pen.ink("paper"));
        Hatches hatches = new Hatches(theme.get());
        for (CutAway.Facet f : shown.facets()) {
            facet(pen, hatches, f);
        }
        pen.dashed("faint", 1);
        for (double[][] o : shown.outlines()) {
            pen.path(shifted(o), false);
        }
        if (withFrame) {
            frame(pen);
        }
        names(pen);
    }

    /// Studs, bows and cross-members, seen through whatever stands before them.
    private void frame(Pen pen) {
        View view = new View(azimuth, elevation, scale);
        for (Members.Member m : Members.of(state.design())) {
            double half = state.design().base().carcass().framing().get(m.face()).width() / 2;
            boolean end = m.face() == Carcass.Face.FRONT || m.face() == Carcass.Face.REAR;
            double dx = end ? 0 : half;
            double dy = end ? half : 0;
            if (Math.min(m.from().z(), m.to().z()) >= cutAt) {
                continue;
            }
            double top = Math.min(m.to().z(), cutAt);
            pen.stroke(pen.ink("select").faded(0.6), 1);
            pen.path(shifted(new double[][]{at(view, m.from(), -dx, -dy, m.from().z()),
                    at(view, m.from(), dx, dy, m.from().z()), at(view, m.to(), dx, dy, top),
                    at(view, m.to(), -dx, -dy, top)}), true);
        }
    }

    private static double[] at(View view, Spot s, double dx, double dy, double z) {
        return new double[]{view.x(s.x() + dx, s.y() + dy, z), view.y(s.x() + dx, s.y() + dy, z)};
    }

    private double[][] shifted(double[][] o) {
        double[][] out = new double[o.length][];
        for (int i = 0; i < o.length; i++) {
            out[i] = new double[]{o[i][0] + left, o[i][1] + top};
        }
        return out;
    }

    private void facet(Pen pen, Hatches hatches, CutAway.Facet f) {
        boolean selected = !f.id().isEmpty() && state.selection().contains(f.id());
        double[][] o = shifted(f.points());
        Ink surface = surface(pen, f);
        if (!f.filled()) {
            pen.stroke(surface, f.paint() == Paint.FAINT ? 0.7 : 1.2);
            pen.path(o, false);
            return;
        }
        Ink colour = surface.toward(new Ink(0, 0, 0, surface.alpha()), 0.42 * (1 - Math.rint(f.shade() * 16) / 16));
        pen.fill(o, colour);
        if (f.cut()) {
            pen.hatch(o, hatches.fault());
        }
        if (selected) {
            pen.stroke("select", 2);
        } else if (f.smooth()) {
            return;
        } else {
            pen.stroke(pen.ink("ink").faded(f.kind() == CutAway.Kind.WALL ? 0.9 : 0.65), 0.8);
        }
        pen.path(o, true);
    }

    private Ink surface(Pen pen, CutAway.Facet f) {
        Ink ground = pen.ink("inside");
        return switch (f.kind()) {
            case FLOOR -> pen.ink("grid");
            case WALL -> pen.ink("edge").toward(ground, 0.55);
            case EDGE -> pen.ink("edge");
            case FAULT -> pen.theme().ink(f.paint(), f.system()).toward(pen.ink("accent"), 0.35);
            case GEAR, PERSON, THING, STOWED -> pen.theme().ink(f.paint(), f.system());
        };
    }

    /// Names stand on the upper faces that are seen.
    private void names(Pen pen) {
        java.util.Set<String> done = new java.util.HashSet<>();
        for (int i = shown.facets().size() - 1; i >= 0; i--) {
            CutAway.Facet f = shown.facets().get(i);
            if (!f.filled() || f.shade() < 0.9 || f.id().isEmpty() || !done.add(f.id())) {
                continue;
            }
            double[][] o = shifted(f.points());
            double x = (Pen.min(o, 0) + Pen.max(o, 0)) / 2;
            double y = (Pen.min(o, 1) + Pen.max(o, 1)) / 2;
            boolean chosen = state.selection().contains(f.id());
            if (!chosen && (Pen.max(o, 0) - Pen.min(o, 0) < NAMED || done.size() > MOST_NAMED)) {
                continue;
            }
            if (chosen || shown.at(x - left, y - top).filter(f.id()::equals).isPresent()) {
                state.design().thing(f.id()).ifPresent(t -> pen.name(t.name(), o, 11,
                        chosen ? Labels.Rank.CHOSEN : Labels.Rank.NAME, Labels.Roam.LEAD));
            }
        }
        for (Pose pose : people()) {
            View v = new View(azimuth, elevation, scale);
            pen.point(pose.name(), left + v.x(pose.x(), pose.y(), pose.z() + 0.15),
                    top + v.y(pose.x(), pose.y(), pose.z() + 0.15), 6, 11, Labels.Rank.PERSON);
        }
    }

    @Override
    protected double computePrefWidth(double height) {
        return 640;
    }

    @Override
    protected double computePrefHeight(double width) {
        return 460;
    }
}
