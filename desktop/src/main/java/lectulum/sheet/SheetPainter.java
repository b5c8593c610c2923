package lectulum.sheet;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Labels;
import lectulum.figures.drawing.Surface;
import lectulum.layout.Clearances;
import lectulum.layout.Fault;
import lectulum.layout.Layout;
import lectulum.layout.Snapping;
import lectulum.space.Solid;
import lectulum.symbols.Chassis;
import lectulum.symbols.Company;
import lectulum.symbols.Facing;
import lectulum.symbols.Posed;
import lectulum.symbols.Symbols;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;

/// Paints one state of the sheet: scenery, things with their hatches, faults, selection, and the layer of the stage.
/// The same painter serves the window, pictures and the command line.
public final class SheetPainter {
    /// Below this many pixels a thing is an outline without hatch and name.
    private static final double DETAIL = 7;
    /// Longer side below which a thing is not named, and below which its name is the first to go \[px\].
    private static final double LEAST_NAMED = 16;
    private static final double NAMED = 34;
    /// Of more things it is not asked which lie over which.
    private static final int MOST_COVERING = 600;

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

    /// Everything on one surface, for pictures.
    public void paint(Surface surface, double width, double height, State state, Projection p) {
        List<Labels.Box> kept = dry(width, height, state, p, Hand.IDLE);
        List<Labels.Box> still = paintStill(surface, width, height, state, p, kept);
        paintHand(surface, width, height, state, p, Hand.IDLE, still);
    }

    /// The labels of what a drag changes, as they stand when nothing is dragged: names of what stays keep off them.
    List<Labels.Box> dry(double width, double height, State state, Projection p, Hand hand) {
        return paintHand(new Blank(), width, height, state, p, hand, List.of());
    }

    /// What stays while something is dragged: scenery and the things that are not selected.
    ///
    /// @param taken where labels of what moves stand
    /// @return where its labels are
    List<Labels.Box> paintStill(Surface surface, double width, double height, State state, Projection p,
            List<Labels.Box> taken) {
        Pen pen = new Pen(surface, theme, width, height);
        pen.reserve(taken);
        Scenery scenery = scenery(pen, state, p);
        scenery.paint(width, height);
        Picture picture = new Picture(pen, p, state, still(state));
        picture.things(true);
        if (p.sideShown()) {
            picture.things(false);
            scenery.wheelsSide();
        }
        look(state).still().paint(pen, p, state, hatches);
        picture.names();
        return pen.labels();
    }

    /// What a drag changes: the selected things, faults, the layer of the stage, and what the hand is doing. On a clear
    /// surface above the still one.
    ///
    /// @param taken where labels of what stays stand
    /// @return where its labels are, and the lines and faults that no other label shall cover
    List<Labels.Box> paintHand(Surface surface, double width, double height, State state, Projection p, Hand hand,
            List<Labels.Box> taken) {
        Pen pen = new Pen(surface, theme, width, height);
        pen.reserve(taken);
        pen.reserve(0, 0, width, Scenery.RULER);
        Picture picture = new Picture(pen, p, state, state.selected());
        picture.things(true);
        if (p.sideShown()) {
            picture.things(false);
            look(state).moving().paint(pen, p, state, hatches);
        }
        ghosts(pen, p, state);
        offered(pen, p, state);
        faults(pen, p, state, state.analysis().of(Layout.DISCIPLINE).faults().get(state.mode()));
        selection(pen, p, state);
        picture.names();
        hand(pen, p, state, hand, width, height);
        return pen.labels();
    }

    /// The things that are not selected, in the order of the design.
    static List<Thing> still(State state) {
        Set<String> selected = Set.copyOf(state.selection());
        return state.design().things().stream().filter(t -> !selected.contains(t.id())).toList();
    }

    private static Scenery scenery(Pen pen, State state, Projection p) {
        return new Scenery(pen, p, state.design(), state.mode(),
                state.analysis().of(Layout.DISCIPLINE).bodies().get(state.mode()), state.units());
    }

    /// Some of the things in both views.
    private final class Picture {
        private final Pen pen;
        private final Projection p;
        private final State state;
        private final List<Thing> things;
        private final Company company;
        private final Set<SystemGroup> lit;
        private final Set<String> selected;
        private final FormPainter forms;
        private final double overhead;

        Picture(Pen pen, Projection p, State state, List<Thing> things) {
            this.pen = pen;
            this.p = p;
            this.state = state;
            this.things = things.stream().filter(t -> t.mount() != Mount.SPREAD && !t.at(state.mode()).away())
                    .filter(t -> selected(state, t) || !unfoldedTent(state, t)).toList();
            this.company = look(state).symbols() && things.stream().anyMatch(Company::concerns)
                    ? Company.of(state.design().things(), state.mode())
                    : Company.NONE;
            this.lit = look(state).lit();
            this.selected = Set.copyOf(state.selection());
            this.forms = new FormPainter(pen);
            this.overhead = state.analysis().of(Layout.DISCIPLINE).body().overhead();
        }

        private static boolean selected(State state, Thing thing) {
            return state.selection().contains(thing.id());
        }

        /// A tent that stands open is drawn by the layer of the stage.
        private static boolean unfoldedTent(State state, Thing thing) {
            return state.mode() != Mode.ROAD && state.stage() == Stage.LAYOUT && thing.has(Feature.Bed.class)
                    && thing.has(Feature.FoldOut.class);
        }

        /// On the roof: in the plan it is an outline, or it would hide what is below.
        private boolean overhead(Thing thing) {
            return thing.at(state.mode()).z() >= overhead && !selected.contains(thing.id());
        }

        void things(boolean plan) {
            boolean outlines = !plan && look(state).outlined();
            Comparator<Thing> order = plan
                    ? Comparator.comparingDouble(t -> t.at(state.mode()).z() + t.sizeIn(state.mode()).height())
                    : Comparator.comparingDouble(t -> -t.at(state.mode()).y());
            things.stream().sorted(order).forEach(t -> {
                boolean stowed = t.mount() == Mount.STOWED && !company.guests().contains(t.id());
                boolean quiet = outlines || stowed || !lit.contains(t.system()) || plan && overhead(t);
                thing(t, plan, quiet, stowed);
            });
        }

        private void thing(Thing thing, boolean plan, boolean quiet, boolean stowed) {
            double[][] outline = outline(p, state, thing, plan);
            boolean chosen = selected.contains(thing.id());
            boolean detailed = pixels(outline) > DETAIL;
            Ink colour = theme.ink(thing.system());
            Optional<Posed> posed = look(state).symbols() && detailed
                    ? Symbols.posed(thing, state.mode(), company.of(thing))
                    : Optional.empty();
            boolean cutOff = !plan && nearWall(thing);
            if (posed.isPresent() && !(stowed && !chosen) && !(plan && overhead(thing))) {
                symbol(posed.get(), plan, (quiet || cutOff) && !chosen, thing, pixels(outline));
                if (chosen) {
                    pen.stroke("select", 2.5);
                    pen.outline(outline, false);
                }
                return;
            }
            if (!quiet && detailed) {
                pen.fill(outline, theme.ink("inside").faded(plan ? 0.9 : 0.55));
                pen.fill(outline, colour.faded(0.10));
                pen.hatch(outline, hatches.of(thing.system()));
            }
            if (chosen) {
                pen.stroke("select", 2.5);
            } else {
                pen.stroke(quiet ? colour.faded(0.55) : colour, quiet ? 0.8 : 1.5);
            }
            pen.outline(outline, (thing.mount() == Mount.STOWED || plan && overhead(thing)) && !chosen);
        }

        /// In the wall towards the reader, which the side view takes away.
        private boolean nearWall(Thing thing) {
            Solid s = Solid.of(thing.size(), thing.at(state.mode()));
            return thing.mount() == Mount.SET_IN && s.reachX() > s.reachY()
                    && s.y() < -0.8 * state.analysis().of(Layout.DISCIPLINE).body().halfWidth();
        }

        private void symbol(Posed posed, boolean plan, boolean quiet, Thing thing, double pixels) {
            double tongue = state.design().base().tongueLength();
            double x0 = p.sx(tongue);
            double y0 = plan ? p.py(0) : p.sz(state.design().base().floorHeight());
            double sy = plan ? p.scale() : -p.scale();
            Facing facing = plan ? Facing.PLAN : Facing.SIDE;
            if (quiet) {
                forms.outline(posed, facing, x0, y0, p.scale(), sy, thing.system());
            } else {
                forms.paint(posed, facing, x0, y0, p.scale(), sy, thing.system(), pixels);
            }
        }

        /// Each thing is named once: in the plan where it can be seen from above, else in the side view.
        void names() {
            Comparator<Thing> large = Comparator.comparingDouble(
                    (Thing t) -> -t.sizeIn(state.mode()).length() * t.sizeIn(state.mode()).width());
            boolean side = p.sideShown() && !look(state).outlined();
            boolean hidden = things.stream().anyMatch(t -> !selected.contains(t.id()));
            List<Drawn> above = hidden ? drawn(true) : List.of();
            List<Drawn> before = hidden && side ? drawn(false) : List.of();
            things.stream().filter(t -> t.solid() && lit.contains(t.system()) || selected.contains(t.id()))
                    .sorted(large).forEach(t -> {
                        boolean chosen = selected.contains(t.id());
                        boolean plan = chosen || !overhead(t) && !covered(t, true, above);
                        if (plan || !side) {
                            name(t, true, true);
                        }
                        if (side && (chosen || !plan)) {
                            name(t, false, !covered(t, false, before));
                        }
                    });
        }

        /// A thing as it lies on paper.
        ///
        /// @param order how near to the reader
        private record Drawn(Thing thing, double[][] outline, double order) {
        }

        /// What may lie over something else, in one of the views.
        private List<Drawn> drawn(boolean plan) {
            List<Thing> all = state.design().things();
            if (all.size() > MOST_COVERING) {
                return List.of();
            }
            return all.stream().filter(t -> t.solid() && !t.at(state.mode()).away() && !(plan && overhead(t)))
                    .map(t -> new Drawn(t, outline(p, state, t, plan), order(t, plan))).toList();
        }

        private double order(Thing t, boolean plan) {
            return plan
                    ? t.at(state.mode()).z() + t.sizeIn(state.mode()).height()
                    : -t.at(state.mode()).y();
        }

        private boolean covered(Thing t, boolean plan, List<Drawn> others) {
            double[][] o = outline(p, state, t, plan);
            double x = (Pen.min(o, 0) + Pen.max(o, 0)) / 2;
            double y = (Pen.min(o, 1) + Pen.max(o, 1)) / 2;
            double order = order(t, plan);
            return others.stream().anyMatch(d -> d.order > order && d.thing != t && Pen.min(d.outline, 0) < x
                    && Pen.max(d.outline, 0) > x && Pen.min(d.outline, 1) < y && Pen.max(d.outline, 1) > y);
        }

        private void name(Thing thing, boolean plan, boolean seen) {
            double[][] o = outline(p, state, thing, plan);
            boolean chosen = selected.contains(thing.id());
            double side = Math.max(Pen.max(o, 0) - Pen.min(o, 0), Pen.max(o, 1) - Pen.min(o, 1));
            if (side < LEAST_NAMED && !chosen) {
                return;
            }
            Labels.Rank rank = chosen
                    ? Labels.Rank.CHOSEN
                    : seen && side > NAMED ? Labels.Rank.NAME : Labels.Rank.MINOR;
            boolean leads = rank != Labels.Rank.MINOR && (chosen || look(state).symbols());
            pen.name(thing.name(), o, 12, rank, leads ? Labels.Roam.LEAD : Labels.Roam.STAY);
        }
    }

    private SheetLook look(State state) {
        return looks.apply(state.stage());
    }

    /// A thing's outline in pixels.
    public static double[][] outline(Projection p, State state, Thing thing, boolean plan) {
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
            for (double x : Chassis.axles(before.base())) {
                double half = before.base().axle().track() / 2;
                pen.line(p.sx(x), p.py(-half), p.sx(x), p.py(half));
                if (p.sideShown()) {
                    double r = before.base().axle().wheelDiameter() / 2 * p.scale();
                    pen.ring(p.sx(x), p.sz(0) - r, r, r);
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
                    pen.fill(o, theme.ink("select").faded(0.10));
                    pen.dashed("select", 1.6);
                    pen.outline(o, true);
                    pen.must(number, (Pen.min(o, 0) + Pen.max(o, 0)) / 2, (Pen.min(o, 1) + Pen.max(o, 1)) / 2, 13,
                            Labels.Rank.FIGURE);
                }
            });
        }
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
                pen.mark(box[0], box[1], box[2], box[3]);
                if (name && plan) {
                    pen.must(Units.text(fault.amount(), Quantity.LENGTH, state.style()), box[0] + box[2] / 2,
                            box[1] + box[3] / 2, 11, Labels.Rank.FAULT);
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
                pen.must(mode.label(), (Pen.min(o, 0) + Pen.max(o, 0)) / 2, Pen.min(o, 1) + 8, 11,
                        Labels.Rank.CHOSEN);
            }
        }
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
            pen.frame(b[0], b[1], b[2], b[3]);
        });
        hand.measure().ifPresent(m -> {
            pen.stroke("accent", 1.5);
            pen.line(m.x1, m.y1, m.x2, m.y2);
            pen.disc(m.x1, m.y1, 3, theme.ink("accent"));
            pen.disc(m.x2, m.y2, 3, theme.ink("accent"));
            pen.must(m.text, (m.x1 + m.x2) / 2, (m.y1 + m.y2) / 2 - 12, 13, Labels.Rank.DIMENSION);
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
