package lectulum.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import lectulum.design.thing.Thing;
import lectulum.layout.Layout;
import lectulum.layout.cutaway.CutAway;
import lectulum.layout.cutaway.View;
import lectulum.layout.people.People;
import lectulum.theme.Theme;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The inside from a corner on a plain canvas; dragging walks round it, a click selects.
public final class CutAwayView extends Drawing {
    private static final double EDGE = 30;
    private final Workbench bench;
    private State state;
    private double azimuth = Math.toRadians(60);
    private double elevation = View.ISOMETRIC;
    private double cutAt = Double.POSITIVE_INFINITY;
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

    public double azimuth() {
        return azimuth;
    }

    private void dragged(MouseEvent e) {
        moved += Math.hypot(e.getX() - fromX, e.getY() - fromY);
        azimuth -= (e.getX() - fromX) / 150;
        elevation = Math.clamp(elevation + (e.getY() - fromY) / 200, 0.12, 1.5);
        fromX = e.getX();
        fromY = e.getY();
        requestLayout();
    }

    private CutAway picture(double scale) {
        return CutAway.of(state.design(), state.analysis().of(Layout.DISCIPLINE).bodies(),
                state.analysis().of(Layout.DISCIPLINE).faults(),
                state.analysis().of(People.DISCIPLINE).poses().getOrDefault(state.mode(), List.of()), state.mode(),
                new View(azimuth, elevation, scale), cutAt);
    }

    @Override
    void paint(GraphicsContext g, double w, double h) {
        CutAway unit = picture(1);
        double[] box = bounds(unit);
        double scale = Math.min((w - 2 * EDGE) / Math.max(0.1, box[2] - box[0]),
                (h - 2 * EDGE) / Math.max(0.1, box[3] - box[1]));
        shown = picture(scale);
        left = w / 2 - (box[0] + box[2]) / 2 * scale;
        top = h / 2 - (box[1] + box[3]) / 2 * scale;
        Theme look = theme.get();
        g.setFill(look.colour("paper"));
        g.fillRect(0, 0, w, h);
        Pen pen = new Pen(g, look);
        for (CutAway.Facet f : shown.facets()) {
            facet(pen, f);
        }
        pen.dashed("faint", 1);
        for (double[][] o : shown.outlines()) {
            double[][] at = shifted(o);
            g.beginPath();
            g.moveTo(at[0][0], at[0][1]);
            for (double[] p : at) {
                g.lineTo(p[0], p[1]);
            }
            g.stroke();
        }
        g.setLineDashes();
        names(pen);
    }

    private double[][] shifted(double[][] o) {
        double[][] out = new double[o.length][];
        for (int i = 0; i < o.length; i++) {
            out[i] = new double[]{o[i][0] + left, o[i][1] + top};
        }
        return out;
    }

    private void facet(Pen pen, CutAway.Facet f) {
        Theme look = theme.get();
        Optional<Thing> thing = state.design().thing(f.id());
        Color ground = look.colour("inside");
        boolean selected = state.selection().contains(f.id()) && !f.id().isEmpty();
        Color colour = switch (f.kind()) {
            case FLOOR -> look.colour("grid");
            case WALL -> look.colour("edge").interpolate(ground, 0.35);
            case PERSON -> look.colour("faint").interpolate(ground, 0.25);
            case FAULT -> look.colour("accent").interpolate(ground, 0.35);
            case THING, STOWED -> thing.map(t -> look.colour(t.system())).orElse(ground).interpolate(ground, 0.45);
        };
        double[][] o = shifted(f.points());
        pen.g.setFill(colour.interpolate(Color.BLACK, 0.28 * (1 - f.shade())).interpolate(ground, 0.25 * f.shade()));
        pen.stroke(selected ? "select" : "ink", selected ? 2.4 : 0.8);
        pen.polygon(o, true);
        if (f.cut()) {
            pen.hatch(o, new Hatches(look).fault());
        }
    }

    private void names(Pen pen) {
        java.util.Set<String> done = new java.util.HashSet<>();
        for (int i = shown.facets().size() - 1; i >= 0; i--) {
            CutAway.Facet f = shown.facets().get(i);
            if (f.shade() < 1 || f.id().isEmpty() || !done.add(f.id())) {
                continue;
            }
            double[][] o = shifted(f.points());
            double x = (Pen.min(o, 0) + Pen.max(o, 0)) / 2;
            double y = (Pen.min(o, 1) + Pen.max(o, 1)) / 2;
            if (shown.at(x - left, y - top).filter(f.id()::equals).isPresent()) {
                state.design().thing(f.id()).ifPresent(
                        t -> pen.label(t.name(), x, y, Pen.max(o, 0) - Pen.min(o, 0), 11, false));
            }
        }
    }

    private static double[] bounds(CutAway c) {
        double[] box = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY,
                Double.NEGATIVE_INFINITY};
        java.util.stream.Stream.concat(c.facets().stream().map(CutAway.Facet::points), c.outlines().stream())
                .forEach(o -> {
                    for (double[] p : o) {
                        box[0] = Math.min(box[0], p[0]);
                        box[1] = Math.min(box[1], p[1]);
                        box[2] = Math.max(box[2], p[0]);
                        box[3] = Math.max(box[3], p[1]);
                    }
                });
        return box;
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
