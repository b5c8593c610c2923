package lectulum.sheet;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.Stage;
import lectulum.layout.Clearances;
import lectulum.layout.Fault;
import lectulum.layout.Layout;
import lectulum.layout.Snapping;
import lectulum.space.Solid;
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

    private final Function<Stage, SheetLook> looks;

    /// @param looks how each stage wants the sheet
    public SheetPainter(Theme theme, Function<Stage, SheetLook> looks) {
        this.theme = theme;
        this.looks = looks;
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

    /// Everything on one canvas, for pictures.
    public void paint(GraphicsContext g, double width, double height, State state, Projection p) {
        paintStill(g, width, height, state, p);
        paintHand(g, width, height, state, p, Hand.IDLE);
    }

    /// What stays while something is dragged: scenery and the things that are not selected.
    void paintStill(GraphicsContext g, double width, double height, State state, Projection p) {
        Pen pen = new Pen(g, theme);
        Scenery scenery = scenery(pen, state, p);
        scenery.paint(width, height);
        List<Thing> still = still(state);
        things(pen, p, state, still, true);
        if (p.sideShown()) {
            things(pen, p, state, still, false);
            scenery.wheelsSide();
        }
        look(state).still().paint(pen, p, state, hatches);
        names(pen, p, state, still, true);
        if (p.sideShown() && !look(state).outlined()) {
            names(pen, p, state, still, false);
        }
    }

    /// What a drag changes: the selected things, faults, the layer of the stage, and what the hand is doing. On a clear
    /// canvas above the still one.
    void paintHand(GraphicsContext g, double width, double height, State state, Projection p, Hand hand) {
        Pen pen = new Pen(g, theme);
        List<Thing> selected = state.selected();
        things(pen, p, state, selected, true);
        if (p.sideShown()) {
            things(pen, p, state, selected, false);
            look(state).moving().paint(pen, p, state, hatches);
        }
        ghosts(pen, p, state);
        offered(pen, p, state);
        faults(pen, p, state, state.analysis().of(Layout.DISCIPLINE).faults().get(state.mode()));
        selection(pen, p, state);
        names(pen, p, state, selected, true);
        if (p.sideShown() && !look(state).outlined()) {
            names(pen, p, state, selected, false);
        }
        hand(pen, p, state, hand, width, height);
    }

    /// The things that are not selected, in the order of the design.
    static List<Thing> still(State state) {
        Set<String> selected = Set.copyOf(state.selection());
        return state.design().things().stream().filter(t -> !selected.contains(t.id())).toList();
    }

    private static Scenery scenery(Pen pen, State state, Projection p) {
        return new Scenery(pen, p, state.design(), state.analysis().of(Layout.DISCIPLINE).bodies().get(state.mode()),
                state.units());
    }

    private void things(Pen pen, Projection p, State state, List<Thing> things, boolean plan) {
        boolean outlines = !plan && look(state).outlined();
        Comparator<Thing> order = plan
                ? Comparator.comparingDouble(t -> t.at(state.mode()).z() + t.sizeIn(state.mode()).height())
                : Comparator.comparingDouble(t -> -t.at(state.mode()).y());
        Set<SystemGroup> lit = look(state).lit();
        Set<String> selected = Set.copyOf(state.selection());
        things.stream().filter(t -> t.mount() != Mount.SPREAD && !t.at(state.mode()).away()).sorted(order)
                .forEach(thing -> {
                    boolean quiet = outlines || thing.mount() == Mount.STOWED || !lit.contains(thing.system())
                            || plan && overhead(state, thing);
                    thing(pen, p, state, thing, plan, quiet, selected.contains(thing.id()));
                });
    }

    private void names(Pen pen, Projection p, State state, List<Thing> things, boolean plan) {
        Set<SystemGroup> lit = look(state).lit();
        Set<String> selected = Set.copyOf(state.selection());
        Comparator<Thing> order = plan
                ? Comparator.comparingDouble(t -> -t.at(state.mode()).z() - t.size().height())
                : Comparator.comparingDouble(t -> t.at(state.mode()).y());
        things.stream().filter(t -> t.mount() != Mount.SPREAD && !t.at(state.mode()).away())
                .filter(t -> t.solid() && lit.contains(t.system()) && !(plan && overhead(state, t))
                        || selected.contains(t.id()))
                .sorted(order).forEach(t -> name(pen, p, state, t, plan));
    }

    /// On the roof: in the plan it is an outline, or it would hide what is below.
    private static boolean overhead(State state, Thing thing) {
        return thing.at(state.mode()).z() >= state.analysis().of(Layout.DISCIPLINE).body().roofInside().highest() - 0.12
                && !state.selection().contains(thing.id());
    }

    private SheetLook look(State state) {
        return looks.apply(state.stage());
    }

    private void thing(Pen pen, Projection p, State state, Thing thing, boolean plan, boolean quiet,
            boolean selected) {
        double[][] outline = outline(p, state, thing, plan);
        GraphicsContext g = pen.g;
        Color colour = theme.colour(thing.system());
        boolean detailed = pixels(outline) > DETAIL;
        if (!quiet && detailed) {
            pen.fill(outline, theme.colour("inside").deriveColor(0, 1, 1, plan ? 0.9 : 0.55));
            pen.fill(outline, colour.deriveColor(0, 1, 1, 0.10));
            pen.hatch(outline, hatches.of(thing.system()));
        }
        g.setStroke(selected ? theme.colour("select") : quiet ? colour.deriveColor(0, 1, 1, 0.55) : colour);
        g.setLineWidth(selected ? 2.5 : quiet ? 0.8 : 1.5);
        pen.outline(outline, thing.mount() == Mount.STOWED && !selected);
    }

    private void name(Pen pen, Projection p, State state, Thing thing, boolean plan) {
        double[][] o = outline(p, state, thing, plan);
        double minX = Pen.min(o, 0);
        double maxX = Pen.max(o, 0);
        double minY = Pen.min(o, 1);
        double maxY = Pen.max(o, 1);
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
                pen.outline(outline(p, state, thing, true), true);
                if (p.sideShown()) {
                    pen.outline(outline(p, state, thing, false), true);
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

    /// Places a thing could have, numbered.
    private void offered(Pen pen, Projection p, State state) {
        for (int i = 0; i < state.ghosts().size(); i++) {
            State.Ghost ghost = state.ghosts().get(i);
            String number = String.valueOf(i + 1);
            state.design().thing(ghost.thing()).map(t -> t.with(ghost.place())).ifPresent(t -> {
                for (boolean plan : p.sideShown() ? new boolean[]{true, false} : new boolean[]{true}) {
                    double[][] o = outline(p, state, t, plan);
                    pen.fill(o, theme.colour("select").deriveColor(0, 1, 1, 0.10));
                    pen.dashed("select", 1.6);
                    pen.outline(o, true);
                    pen.label(number, (Pen.min(o, 0) + Pen.max(o, 0)) / 2, (Pen.min(o, 1) + Pen.max(o, 1)) / 2, 0, 13,
                            true);
                }
            });
        }
        pen.g.setLineDashes();
    }

    private void faults(Pen pen, Projection p, State state, List<Fault> faults) {
        if (!look(state).clashes()) {
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
                double[][] place = {{box[0], box[1]}, {box[0] + box[2], box[1]},
                        {box[0] + box[2], box[1] + box[3]}, {box[0], box[1] + box[3]}};
                pen.hatch(place, hatches.fault());
                pen.stroke("accent", 1.5);
                pen.outline(place, false);
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
            pen.outline(outline(p, state, thing, true), false);
            if (p.sideShown()) {
                pen.outline(outline(p, state, thing, false), false);
            }
        }
        if (selected.size() == 1 && look(state).elsewhere()) {
            otherModes(pen, p, state, selected.getFirst());
        }
        if (selected.size() == 1 && selected.getFirst().mount() != Mount.SPREAD && look(state).distances()) {
            distances(pen, p, state, selected.getFirst());
        }
    }

    /// Where the selected thing is in the other modes.
    private void otherModes(Pen pen, Projection p, State state, Thing thing) {
        for (Mode mode : Mode.values()) {
            if (mode == state.mode() || thing.at(mode).away() || thing.mount() == Mount.SPREAD
                    || thing.at(mode).equals(thing.at(state.mode()))) {
                continue;
            }
            Thing there = thing.placed(state.mode(), thing.at(mode));
            for (boolean plan : p.sideShown() ? new boolean[]{true, false} : new boolean[]{true}) {
                double[][] o = outline(p, state, there, plan);
                pen.dashed("select", 1.2);
                pen.outline(o, true);
                pen.label(mode.label(), (Pen.min(o, 0) + Pen.max(o, 0)) / 2, Pen.min(o, 1) + 8, 0, 11, true);
            }
        }
        pen.g.setLineDashes();
    }

    /// How far the selected thing is from the walls, the floor and the roof, or from the ball.
    private void distances(Pen pen, Projection p, State state, Thing thing) {
        Base base = state.design().base();
        Clearances c = Clearances.of(base, state.analysis().of(Layout.DISCIPLINE).body(), thing, state.mode());
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
            pen.outline(o, false);
            if (p.sideShown()) {
                pen.outline(outline(p, state, thing, false), false);
            }
        });
    }

    private static double pixels(double[][] o) {
        return Math.min(Pen.max(o, 0) - Pen.min(o, 0), Pen.max(o, 1) - Pen.min(o, 1));
    }

    private static double[] bounds(double[][] o) {
        return new double[]{Pen.min(o, 0), Pen.min(o, 1), Pen.max(o, 0) - Pen.min(o, 0), Pen.max(o, 1) - Pen.min(o, 1)};
    }

    private static double[] common(double[][] a, double[][] b) {
        double x1 = Math.max(Pen.min(a, 0), Pen.min(b, 0));
        double y1 = Math.max(Pen.min(a, 1), Pen.min(b, 1));
        double x2 = Math.min(Pen.max(a, 0), Pen.max(b, 0));
        double y2 = Math.min(Pen.max(a, 1), Pen.max(b, 1));
        return new double[]{x1, y1, Math.max(2, x2 - x1), Math.max(2, y2 - y1)};
    }
}
