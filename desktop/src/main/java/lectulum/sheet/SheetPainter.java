package lectulum.sheet;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import lectulum.design.Base;
import lectulum.design.Design;
import lectulum.design.Mount;
import lectulum.design.SystemGroup;
import lectulum.design.Thing;
import lectulum.figures.Stage;
import lectulum.layout.Body;
import lectulum.layout.Clearances;
import lectulum.layout.Fault;
import lectulum.layout.Snapping;
import lectulum.layout.Solid;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;

/// Paints one state of the sheet: scenery, things with their hatches, faults, selection, and the layer of the stage.
/// The same painter serves the window, pictures and the command line.
public final class SheetPainter {
    /// Below this many pixels a thing is an outline without hatch and name.
    private static final double DETAIL = 7;

    private final Theme theme;
    private final Hatches hatches;

    public SheetPainter(Theme theme) {
        this.theme = theme;
        this.hatches = new Hatches(theme);
    }

    /// What the hand is doing on the sheet.
    ///
    /// @param hover   thing under the pointer
    /// @param snap    lines a drag caught
    /// @param band    rubber band in pixels: x, y, width, height
    /// @param measure two points in pixels: x1, y1, x2, y2, with the text of their distance
    public record Hand(Optional<String> hover, Optional<Snapping> snap, Optional<double[]> band,
            Optional<Measure> measure) {
        public static final Hand IDLE = new Hand(Optional.empty(), Optional.empty(), Optional.empty(),
                Optional.empty());
    }

    /// A measured distance.
    public record Measure(double x1, double y1, double x2, double y2, String text) {
    }

    public void paint(GraphicsContext g, double width, double height, State state, Projection p, Hand hand) {
        Pen pen = new Pen(g, theme);
        Design design = state.design();
        Body body = state.analysis().layout().body();
        Scenery scenery = new Scenery(pen, p, design, body, state.units());
        scenery.paint(width, height);
        List<Fault> faults = state.analysis().layout().faults().get(state.mode());
        Set<String> selected = Set.copyOf(state.selection());
        boolean balance = state.stage() == Stage.BALANCE;
        things(pen, p, state, selected, true, false);
        if (p.sideShown()) {
            things(pen, p, state, selected, false, balance);
            scenery.wheelsSide();
        }
        if (balance && p.sideShown()) {
            new BalanceLayer(pen, p, state, hatches).paint();
        }
        ghosts(pen, p, state);
        faults(pen, p, state, faults);
        selection(pen, p, state);
        names(pen, p, state, selected, true);
        if (p.sideShown() && !balance) {
            names(pen, p, state, selected, false);
        }
        hand(pen, p, state, hand, width, height);
    }

    private void things(Pen pen, Projection p, State state, Set<String> selected, boolean plan,
            boolean outlines) {
        Design design = state.design();
        Comparator<Thing> order = plan
                ? Comparator.comparingDouble(t -> t.at(state.mode()).z() + t.size().height())
                : Comparator.comparingDouble(t -> -t.at(state.mode()).y());
        Set<SystemGroup> lit = lit(state.stage());
        List<Thing> sorted = design.things().stream().filter(t -> t.mount() != Mount.SPREAD).sorted(order).toList();
        for (Thing thing : sorted) {
            boolean quiet = outlines || thing.mount() == Mount.STOWED || !lit.contains(thing.system())
                    || plan && overhead(state, thing);
            thing(pen, p, state, thing, plan, quiet, selected.contains(thing.id()));
        }
    }

    private void names(Pen pen, Projection p, State state, Set<String> selected, boolean plan) {
        Set<SystemGroup> lit = lit(state.stage());
        Comparator<Thing> order = plan
                ? Comparator.comparingDouble(t -> -t.at(state.mode()).z() - t.size().height())
                : Comparator.comparingDouble(t -> t.at(state.mode()).y());
        state.design().things().stream().filter(t -> t.mount() != Mount.SPREAD)
                .filter(t -> t.solid() && lit.contains(t.system()) && !(plan && overhead(state, t))
                        || selected.contains(t.id()))
                .sorted(order).forEach(t -> name(pen, p, state, t, plan));
    }

    /// On the roof: in the plan it is an outline, or it would hide what is below.
    private static boolean overhead(State state, Thing thing) {
        return thing.at(state.mode()).z() >= state.analysis().layout().body().roofInside().highest() - 0.12
                && !state.selection().contains(thing.id());
    }

    /// Systems that a stage is about; the others stay as outlines.
    private static Set<SystemGroup> lit(Stage stage) {
        return switch (stage) {
            case POWER -> Set.of(SystemGroup.ELECTRICAL, SystemGroup.COLD);
            case WATER -> Set.of(SystemGroup.WATER);
            default -> Set.of(SystemGroup.values());
        };
    }

    private void thing(Pen pen, Projection p, State state, Thing thing, boolean plan, boolean quiet,
            boolean selected) {
        double[][] outline = outline(p, state, thing, plan);
        GraphicsContext g = pen.g;
        Color colour = theme.colour(thing.system());
        boolean detailed = pixels(outline) > DETAIL;
        if (!quiet && detailed) {
            fill(g, outline, theme.colour("inside").deriveColor(0, 1, 1, plan ? 0.9 : 0.55));
            fill(g, outline, colour.deriveColor(0, 1, 1, 0.10));
            fill(g, outline, hatches.of(thing.system()));
        }
        g.setStroke(selected ? theme.colour("select") : quiet ? colour.deriveColor(0, 1, 1, 0.55) : colour);
        g.setLineWidth(selected ? 2.5 : quiet ? 0.8 : 1.5);
        if (thing.mount() == Mount.STOWED && !selected) {
            g.setLineDashes(3, 3);
        } else {
            g.setLineDashes();
        }
        strokePolygon(g, outline);
    }

    private void name(Pen pen, Projection p, State state, Thing thing, boolean plan) {
        double[][] o = outline(p, state, thing, plan);
        double minX = min(o, 0);
        double maxX = max(o, 0);
        double minY = min(o, 1);
        double maxY = max(o, 1);
        if (maxY - minY > 13) {
            pen.label(thing.name(), (minX + maxX) / 2, (minY + maxY) / 2, maxX - minX, 12, false);
        }
    }

    /// A thing's outline in pixels.
    static double[][] outline(Projection p, State state, Thing thing, boolean plan) {
        Base base = state.design().base();
        Solid solid = Solid.of(thing.size(), thing.at(state.mode()));
        double t = base.tongueLength();
        if (plan) {
            double[][] corners = solid.corners();
            for (double[] c : corners) {
                c[0] = p.sx(t + c[0]);
                c[1] = p.py(c[1]);
            }
            return corners;
        }
        double left = p.sx(t + solid.minX());
        double right = p.sx(t + solid.maxX());
        double top = p.sz(base.floorHeight() + solid.z2());
        double bottom = p.sz(base.floorHeight() + solid.z1());
        return new double[][]{{left, bottom}, {right, bottom}, {right, top}, {left, top}};
    }

    /// Where things stand without the remedy that is being tried.
    private void ghosts(Pen pen, Projection p, State state) {
        if (state.trial().isEmpty()) {
            return;
        }
        Design before = state.baseline().design();
        Map<String, Thing> now = new HashMap<>();
        state.design().things().forEach(t -> now.put(t.id(), t));
        pen.dashed("accent", 1.5);
        for (Thing thing : before.things()) {
            if (thing.mount() != Mount.SPREAD && !thing.equals(now.get(thing.id()))) {
                strokePolygon(pen.g, outline(p, state, thing, true));
                if (p.sideShown()) {
                    strokePolygon(pen.g, outline(p, state, thing, false));
                }
            }
        }
        if (!before.base().equals(state.design().base())) {
            for (double x : Scenery.axleLines(before.base())) {
                double half = before.base().axle().track() / 2;
                pen.line(p.sx(x), p.py(-half), p.sx(x), p.py(half));
                if (p.sideShown()) {
                    double r = before.base().axle().wheelDiameter() / 2 * p.scale();
                    pen.g.strokeOval(p.sx(x) - r, p.sz(0) - 2 * r, 2 * r, 2 * r);
                }
            }
        }
    }

    private void faults(Pen pen, Projection p, State state, List<Fault> faults) {
        if (state.stage() != Stage.LAYOUT && state.stage() != Stage.BASE) {
            return;
        }
        Map<String, Thing> things = new HashMap<>();
        state.design().things().forEach(t -> things.put(t.id(), t));
        int named = 0;
        for (Fault fault : faults) {
            Thing thing = things.get(fault.thing());
            boolean name = named++ < 12;
            for (boolean plan : p.sideShown() ? new boolean[]{true, false} : new boolean[]{true}) {
                double[] box = switch (fault) {
                    case Fault.Overlap o -> common(outline(p, state, thing, plan),
                            outline(p, state, things.get(o.other()), plan));
                    case Fault.Outside o -> bounds(outline(p, state, thing, plan));
                };
                pen.g.setFill(hatches.fault());
                pen.g.fillRect(box[0], box[1], box[2], box[3]);
                pen.stroke("accent", 1.5);
                pen.g.strokeRect(box[0], box[1], box[2], box[3]);
                if (name && plan) {
                    pen.label(Units.text(fault.amount(), Quantity.LENGTH, state.style()), box[0] + box[2] / 2,
                            box[1] + box[3] / 2, 0, 11, true);
                }
            }
        }
    }

    private void selection(Pen pen, Projection p, State state) {
        List<Thing> selected = state.selected();
        for (Thing thing : selected) {
            if (thing.mount() == Mount.SPREAD) {
                continue;
            }
            pen.stroke("select", 2.5);
            strokePolygon(pen.g, outline(p, state, thing, true));
            if (p.sideShown()) {
                strokePolygon(pen.g, outline(p, state, thing, false));
            }
        }
        if (selected.size() == 1 && selected.getFirst().mount() != Mount.SPREAD
                && (state.stage() == Stage.LAYOUT || state.stage() == Stage.BASE)) {
            distances(pen, p, state, selected.getFirst());
        }
    }

    /// How far the selected thing is from the walls, the floor and the roof, or from the ball.
    private void distances(Pen pen, Projection p, State state, Thing thing) {
        Base base = state.design().base();
        Clearances c = Clearances.of(base, state.analysis().layout().body(), thing, state.mode());
        Solid s = Solid.of(thing.size(), thing.at(state.mode()));
        double t = base.tongueLength();
        double y = p.py(s.y());
        double x = p.sx(t + s.x());
        double left = p.sx(t + s.minX());
        double right = p.sx(t + s.maxX());
        dimension(pen, state, left - c.front() * p.scale(), y, left, y, c.front());
        dimension(pen, state, right, y, right + c.rear() * p.scale(), y, c.rear());
        dimension(pen, state, x, p.py(s.minY()) - c.left() * p.scale(), x, p.py(s.minY()), c.left());
        dimension(pen, state, x, p.py(s.maxY()), x, p.py(s.maxY()) + c.right() * p.scale(), c.right());
        if (p.sideShown()) {
            double bottom = p.sz(base.floorHeight() + s.z1());
            double top = p.sz(base.floorHeight() + s.z2());
            dimension(pen, state, x, bottom + c.below() * p.scale(), x, bottom, c.below());
            dimension(pen, state, x, top, x, top - c.above() * p.scale(), c.above());
        }
    }

    private void dimension(Pen pen, State state, double x1, double y1, double x2, double y2, double length) {
        if (length > 0.004) {
            pen.dimension(x1, y1, x2, y2, Units.text(length, Quantity.LENGTH, state.style()));
        }
    }

    private void hand(Pen pen, Projection p, State state, Hand hand, double width, double height) {
        Base base = state.design().base();
        hand.snap().ifPresent(snap -> {
            pen.stroke("select", 1);
            snap.lineX().ifPresent(x -> pen.line(p.sx(base.tongueLength() + x), 26, p.sx(base.tongueLength() + x),
                    height));
            snap.lineY().ifPresent(y -> pen.line(0, p.py(y), width, p.py(y)));
            if (p.sideShown()) {
                snap.lineZ().ifPresent(z -> pen.line(0, p.sz(base.floorHeight() + z), width,
                        p.sz(base.floorHeight() + z)));
            }
        });
        hand.band().ifPresent(b -> {
            pen.dashed("select", 1);
            pen.g.strokeRect(b[0], b[1], b[2], b[3]);
        });
        hand.measure().ifPresent(m -> {
            pen.stroke("accent", 1.5);
            pen.line(m.x1, m.y1, m.x2, m.y2);
            pen.g.setFill(theme.colour("accent"));
            pen.g.fillOval(m.x1 - 3, m.y1 - 3, 6, 6);
            pen.g.fillOval(m.x2 - 3, m.y2 - 3, 6, 6);
            pen.label(m.text, (m.x1 + m.x2) / 2, (m.y1 + m.y2) / 2 - 12, 0, 13, true);
        });
        hand.hover().flatMap(id -> state.design().thing(id)).ifPresent(thing -> {
            double[][] o = outline(p, state, thing, true);
            pen.stroke("select", 1);
            strokePolygon(pen.g, o);
            if (p.sideShown()) {
                strokePolygon(pen.g, outline(p, state, thing, false));
            }
        });
    }

    private static void fill(GraphicsContext g, double[][] o, javafx.scene.paint.Paint paint) {
        g.setFill(paint);
        g.fillPolygon(axis(o, 0), axis(o, 1), o.length);
    }

    private static void strokePolygon(GraphicsContext g, double[][] o) {
        g.strokePolygon(axis(o, 0), axis(o, 1), o.length);
    }

    private static double[] axis(double[][] o, int axis) {
        double[] values = new double[o.length];
        for (int i = 0; i < o.length; i++) {
            values[i] = o[i][axis];
        }
        return values;
    }

    private static double pixels(double[][] o) {
        return Math.min(max(o, 0) - min(o, 0), max(o, 1) - min(o, 1));
    }

    private static double[] bounds(double[][] o) {
        return new double[]{min(o, 0), min(o, 1), max(o, 0) - min(o, 0), max(o, 1) - min(o, 1)};
    }

    private static double[] common(double[][] a, double[][] b) {
        double x1 = Math.max(min(a, 0), min(b, 0));
        double y1 = Math.max(min(a, 1), min(b, 1));
        double x2 = Math.min(max(a, 0), max(b, 0));
        double y2 = Math.min(max(a, 1), max(b, 1));
        return new double[]{x1, y1, Math.max(2, x2 - x1), Math.max(2, y2 - y1)};
    }

    private static double min(double[][] o, int axis) {
        double low = o[0][axis];
        for (double[] q : o) {
            low = Math.min(low, q[axis]);
        }
        return low;
    }

    private static double max(double[][] o, int axis) {
        double high = o[0][axis];
        for (double[] q : o) {
            high = Math.max(high, q[axis]);
        }
        return high;
    }
}
