package lectulum.base.walls;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.HeaderSection;
import lectulum.assumed.Strength;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Carcass.Face;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.beams.WallCut;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.space.Faces;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// Holes in framed faces: which members they cut, the header they need, what is near and what is behind. Whether
/// what hangs on a wall finds a stud is in [Mounts].
///
/// Holes are cut once. A face without framing gives only its drawing.
public final class WallStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("walls", "Walls", Stage.BASE,
            in -> of(in.design(Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(Bodies.DISCIPLINE).road()))
            .checking(WallRules.class, WallRemedies::of);

    /// A smaller hole is drilled between members, not framed \[m\].
    private static final double FRAMED = 0.10;
    static final double AT_WALL = 0.06;

    private WallStudies() {
    }

    /// A hole in a face.
    ///
    /// @param from along the face \[m\]
    /// @param low  up the face, or across for roof and floor \[m\]
    public record Hole(Thing thing, Face face, double from, double to, double low, double high) {
        private boolean framed() {
            return to - from >= FRAMED && high - low >= FRAMED;
        }
    }

    public static List<Study> of(Design design, Body body) {
        Map<Face, List<Hole>> holes = holes(design, body);
        List<Study> studies = new ArrayList<>();
        for (Face face : Face.values()) {
            List<Hole> here = holes.getOrDefault(face, List.of());
            Optional<Carcass.Framing> framing = Optional.ofNullable(design.base().carcass().framing().get(face));
            if (!here.isEmpty() || framing.isPresent()) {
                studies.add(face(design, body, face, framing, here));
            }
        }
        return studies;
    }

    public static Map<Face, List<Hole>> holes(Design design, Body body) {
        Map<Face, List<Hole>> holes = new EnumMap<>(Face.class);
        for (Thing t : design.things()) {
            if (t.mount() == Mount.SET_IN && !t.place().away()) {
                Face face = Faces.of(body, t, Mode.ROAD);
                Solid s = Solid.of(t.size(), t.place());
                boolean level = face == Face.ROOF || face == Face.FLOOR;
                boolean across = face == Face.FRONT || face == Face.REAR;
                holes.computeIfAbsent(face, k -> new ArrayList<>())
                        .add(new Hole(t, face, across ? s.minY() : s.minX(), across ? s.maxY() : s.maxX(),
                                level ? s.minY() : s.z1(), level ? s.maxY() : s.z2()));
            }
        }
        return holes;
    }

    private static Study face(Design design, Body body, Face face, Optional<Carcass.Framing> framing,
            List<Hole> holes) {
        String key = face.name().toLowerCase(java.util.Locale.ROOT);
        Study.Notebook book = new Study.Notebook("wall." + key, Stage.BASE,
                Character.toUpperCase(face.label().charAt(0)) + face.label().substring(1), "");
        double[] extent = extent(design.base(), body, face);
        double gross = (extent[1] - extent[0]) * (extent[3] - extent[2]);
        double open = holes.stream().mapToDouble(h -> (h.to - h.from) * (h.high - h.low)).sum();
        book.figure("wall." + key + ".lost", "Area lost to holes", open, Quantity.AREA, "Σ length × height",
                Sentence.of("{0} of {1}", holes.size(), new Amount(gross, Quantity.AREA)), "plane geometry");
        double leak = holes.stream().filter(Hole::framed)
                .mapToDouble(h -> 2 * (h.to - h.from + h.high - h.low) * weight(face)).sum();
        book.figure("wall." + key + ".leak", "Leak score", leak, Quantity.COUNT, "Σ perimeter × weight of the face",
                Sentence.of("roof 3, front 2, sides and rear 1; in metres"), "assumed weights");
        framing.ifPresent(f -> holes.stream().filter(Hole::framed)
                .forEach(h -> hole(design, body, f, h, holes, extent, book)));
        holes.stream().filter(Hole::framed).forEach(h -> near(design, body, h, holes, extent, book));
        if (framing.isPresent() && (face == Face.LEFT || face == Face.RIGHT)) {
            Mounts.hung(design, body, face, framing.get(), book);
        }
        framing.ifPresent(f -> Mounts.screwed(design, face, f, book));
        if (framing.isEmpty()) {
            book.note("The members of this face are not known yet: give their places, or an even pitch.");
        }
        return book.sketch(elevation(design, body, face, framing, holes, extent))
                .note("Before the cut: measure from two existing edges, pilot holes from inside at the corners, look what"
                        + " is behind, then cut from outside. There is one chance.")
                .caution("Structural openings need a competent person.").done();
    }

    private static double weight(Face face) {
        return switch (face) {
            case ROOF -> 3;
            case FRONT -> 2;
            case LEFT, RIGHT, REAR -> 1;
            case FLOOR -> 0.5;
        };
    }

    /// From, to, low and high of a face \[m\].
    private static double[] extent(Base base, Body body, Face face) {
        double half = body.halfWidth() - base.wall();
        double high = body.open() ? base.shell().height() : body.roofInside().highest();
        return switch (face) {
            case LEFT, RIGHT -> new double[]{body.shoulder(), body.insideRear(), 0, high};
            case ROOF, FLOOR -> new double[]{body.insideFront(), body.insideRear(), -half, half};
            case FRONT, REAR -> new double[]{-half, half, 0, high};
        };
    }

    static WallCut cut(Carcass.Framing f) {
        return new WallCut(f.studs().stream().mapToDouble(d -> d).toArray(), f.width(), WallCut.GAP);
    }

    /// What closes the other edge of a framed hole: it carries no roof, so the members' own section does.
    private static String below(Hole h) {
        boolean level = h.face == Face.ROOF || h.face == Face.FLOOR;
        if (level) {
            return " The same across its other edge.";
        }
        return h.low > FRAMED ? " Under it a sill of the members' own section, as long." : "";
    }

    private static void hole(Design design, Body body, Carcass.Framing f, Hole h, List<Hole> holes, double[] extent,
            Study.Notebook book) {
        WallCut cut = cut(f);
        String id = "cut." + h.thing.id();
        List<Integer> studs = cut.cut(h.from, h.to);
        String source = "beam on two supports; least section of the table of headers";
        book.figure(id + ".studs", "Members cut by " + h.thing.name(), studs.size(), Quantity.COUNT,
                "members that meet the hole and its clearance",
                Sentence.of("{0} to {1}", Amount.m(h.from), Amount.m(h.to)), "plane geometry");
        if (studs.isEmpty()) {
            return;
        }
        double line = Assumed.value(design, Assumption.HEADER_LINE);
        double point = Assumed.value(design, Assumption.HEADER_POINT);
        Optional<WallCut.Header> header = cut.header(h.from, h.to, line, point, 1);
        WallCut.Shift shift = cut.best(h.from, h.to, extent[0] + Assumed.value(design, Assumption.CUT_CORNER),
                extent[1] - Assumed.value(design, Assumption.CUT_CORNER));
        String better = shift.cut() < studs.size() ? "Moved {3} {4} it cuts {5}. " : "No place near cuts fewer. ";
        if (header.isEmpty()) {
            book.say(WallRules.CUT_HEADER, Subject.thing(h.thing.id()), Severity.WARN,
                    Sentence.of("{0} leaves no member beside it", h.thing.name()),
                    Sentence.of("A header has nothing to stand on at one end: frame it to the corner post."),
                    List.of(h.thing.id()));
            return;
        }
        WallCut.Header over = header.get();
        Optional<HeaderSection> section = HeaderSection.all().stream()
                .filter(s -> carries(design, s, over, line, point))
                .findFirst();
        book.figure(id + ".span", "Header over " + h.thing.name() + ", span", over.span(), Quantity.LENGTH,
                "between the faces of the whole members beside it", Sentence.of("{0} cut", studs.size()), source);
        book.figure(id + ".moment", "Header over " + h.thing.name() + ", moment", over.moment(), Quantity.MOMENT,
                "q S²/8 + P S/4", Sentence.of("{0} a metre and {1} in the middle", new Amount(line, Quantity.FORCE),
                        new Amount(point, Quantity.FORCE)),
                source);
        book.say(WallRules.CUT_STUD, Subject.thing(h.thing.id()), Severity.NOTE,
                Sentence.of("{0} cuts {1}", h.thing.name(), members(studs.size())),
                Sentence.of(better + "The header over {0} carries {1}: {2}." + below(h), Amount.m(over.span()),
                        Amount.moment(over.moment()),
                        section.map(HeaderSection::label).orElse("none of the table will do"),
                        Amount.m(Math.abs(shift.by())), way(h.face, shift.by()), members(shift.cut())),
                List.of(h.thing.id()));
        if (section.isEmpty()) {
            book.say(WallRules.CUT_HEADER, Subject.thing(h.thing.id()), Severity.WARN,
                    Sentence.of("No header of the table spans {0}", Amount.m(over.span())),
                    Sentence.of("Make {0} narrower, or move it so that fewer members are cut.", h.thing.name()),
                    List.of(h.thing.id()));
        }
    }

    /// Which way a hole is shifted, as somebody inside the camper says it.
    static String way(Face face, double by) {
        return face == Face.FRONT || face == Face.REAR
                ? by > 0 ? "to the right" : "to the left"
                : by > 0 ? "towards the rear" : "towards the front";
    }

    static String members(int count) {
        return count == 0 ? "no member" : count == 1 ? "1 member" : count + " members";
    }

    private static boolean carries(Design design, HeaderSection s, WallCut.Header over, double line, double point) {
        Strength stuff = Strength.of(s.stuff());
        double span = over.span();
        double sag = 5 * line * Math.pow(span, 4) / (384 * stuff.elasticity() * s.inertia())
                + point * span * span * span / (48 * stuff.elasticity() * s.inertia());
        return over.moment() / s.modulus() <= stuff.limit() / Assumed.value(design, Assumption.FRAME_RESERVE)
                && sag <= span / Assumed.value(design, Assumption.HEADER_SAG);
    }

    /// Distances to corners, other holes, arches and flames, and what stands behind.
    private static void near(Design design, Body body, Hole h, List<Hole> holes, double[] extent,
            Study.Notebook book) {
        List<String> close = new ArrayList<>();
        boolean level = h.face == Face.ROOF || h.face == Face.FLOOR;
        boolean door = h.thing.has(Feature.Opening.class) && h.low < 0.3 && !level;
        if (Math.min(h.from - extent[0], extent[1] - h.to) < Assumed.value(design, Assumption.CUT_CORNER) - 1e-6
                && !door) {
            close.add("the corner post");
        }
        for (Hole o : holes) {
            double gap = Math.max(Math.max(o.from - h.to, h.from - o.to), Math.max(o.low - h.high, h.low - o.high));
            if (o != h && o.framed() && gap < Assumed.value(design, Assumption.CUT_APART) - 1e-6) {
                close.add(o.thing.name());
            }
        }
        var arch = design.base().arches();
        if (arch.present() && (h.face == Face.LEFT || h.face == Face.RIGHT)
                && h.low - arch.height() < Assumed.value(design, Assumption.CUT_ARCH) - 1e-6
                && Math.abs((h.from + h.to) / 2 - design.base().axle().x()) < (h.to - h.from + arch.length()) / 2) {
            close.add("the wheel arch");
        }
        if (!close.isEmpty()) {
            book.say(WallRules.CUT_NEAR, Subject.thing(h.thing.id()), Severity.NOTE,
                    Sentence.of("{0} is close to {1}", h.thing.name(), String.join(" and ", close)),
                    Sentence.of("Leave {0} to a corner post, {1} to another hole and {2} above an arch.",
                            Amount.m(Assumed.value(design, Assumption.CUT_CORNER)),
                            Amount.m(Assumed.value(design, Assumption.CUT_APART)),
                            Amount.m(Assumed.value(design, Assumption.CUT_ARCH))),
                    List.of(h.thing.id()));
        }
        flame(design, h, book);
        behind(design, body, h)
                .ifPresent(t -> book.say(WallRules.CUT_BEHIND, Subject.thing(h.thing.id()), Severity.STOP,
                        Sentence.of("{0} is behind {1}", t.name(), h.thing.name()),
                        Sentence.of("Cutting there would meet it, and it would close the hole. Move one of them."),
                        List.of(h.thing.id(), t.id())));
    }

    /// The nearest flame to the edge of a hole, in any mode in which it burns inside.
    private static void flame(Design design, Hole h, Study.Notebook book) {
        double wanted = Assumed.value(design, Assumption.CUT_FLAME);
        Solid hole = Solid.of(h.thing.size(), h.thing.place());
        double least = Double.POSITIVE_INFINITY;
        Thing nearest = null;
        for (Thing t : design.things()) {
            for (Mode mode : t.has(Feature.Flame.class) && t.mount() != Mount.SPREAD ? Mode.values() : new Mode[0]) {
                if (mode != Mode.ROAD && !t.at(mode).away()) {
                    double apart = hole.distanceTo(Solid.of(t.size(), t.at(mode)));
                    if (apart < least) {
                        least = apart;
                        nearest = t;
                    }
                }
            }
        }
        if (nearest == null || least > 1) {
            return;
        }
        book.figure("cut." + h.thing.id() + ".flame", h.thing.name() + " to the flame of " + nearest.name(), least,
                Quantity.LENGTH, "least distance of two boxes", Sentence.of("in camp and at night"), "plane geometry");
        if (least < wanted - 1e-6) {
            book.say(WallRules.CUT_FLAME, Subject.thing(h.thing.id()), Severity.WARN,
                    Sentence.of("{0} is close to a flame", h.thing.name()),
                    Sentence.of("Its edge is {0} from {1}; {2} is wanted. Curtains, seals and panes do not stand the"
                            + " heat, and draught blows a flame out.", Amount.m(least), nearest.name(),
                            Amount.m(wanted)),
                    List.of(h.thing.id(), nearest.id()));
        }
    }

    /// A fixed thing that stands at the wall behind a window or vent; doors and hatches are made to be got through to what
    /// is behind them.
    private static Optional<Thing> behind(Design design, Body body, Hole h) {
        boolean way = h.thing.feature(Feature.Opening.class)
                .filter(o -> h.low < 0.3 || !o.inside() && o.leaf() != Feature.Opening.Leaf.FIXED).isPresent();
        if (way || h.face == Face.ROOF || h.face == Face.FLOOR) {
            return Optional.empty();
        }
        double wall = design.base().wall();
        return design.things().stream()
                .filter(t -> t.mount() == Mount.INSIDE && t.fix() == lectulum.design.thing.Fix.FIXED).filter(t -> {
                    Solid s = Solid.of(t.size(), t.place());
                    double along1 = h.face == Face.FRONT || h.face == Face.REAR ? s.minY() : s.minX();
                    double along2 = h.face == Face.FRONT || h.face == Face.REAR ? s.maxY() : s.maxX();
                    double off = switch (h.face) {
                        case LEFT -> s.minY() + body.halfWidth() - wall;
                        case RIGHT -> body.halfWidth() - wall - s.maxY();
                        case FRONT -> s.minX() - body.insideFront();
                        default -> body.insideRear() - s.maxX();
                    };
                    return off < AT_WALL && along1 < h.to - 0.02 && along2 > h.from + 0.02 && s.z1() < h.high - 0.02
                            && s.z2() > h.low + 0.02;
                }).findFirst();
    }

    private static Sketch elevation(Design design, Body body, Face face, Optional<Carcass.Framing> framing,
            List<Hole> holes, double[] extent) {
        Sketch.Board board = new Sketch.Board(switch (face) {
            case LEFT, RIGHT -> "Seen from the left, front at the left";
            case ROOF, FLOOR -> "Seen from above, front at the left, right side below";
            case FRONT, REAR -> "Seen from behind";
        });
        boolean flip = face == Face.ROOF || face == Face.FLOOR;
        double low = flip ? -extent[3] : extent[2];
        double high = flip ? -extent[2] : extent[3];
        if (face == Face.LEFT || face == Face.RIGHT) {
            List<double[]> outline = new ArrayList<>();
            outline.add(new double[]{extent[0], 0});
            int n = 60;
            for (int i = 0; i <= n; i++) {
                double x = extent[0] + (extent[1] - extent[0]) * i / n;
                outline.add(new double[]{x, body.open() ? high : Math.max(0, body.roofInside().at(x))});
            }
            outline.add(new double[]{extent[1], 0});
            board.path(Sketch.Pen.SOLID, outline.toArray(double[][]::new), true, Sentence.of(""));
        } else {
            board.box(Sketch.Pen.SOLID, extent[0], low, extent[1], high);
        }
        framing.ifPresent(f -> {
            for (double x : f.studs()) {
                if (x >= extent[0] - 0.05 && x <= extent[1] + 0.05) {
                    double top = face == Face.LEFT || face == Face.RIGHT
                            ? Math.max(0, Math.min(high, body.roofInside().at(x)))
                            : high;
                    board.box(Sketch.Pen.AREA, x - f.width() / 2, low, x + f.width() / 2, top);
                }
            }
        });
        if (design.base().arches().present() && (face == Face.LEFT || face == Face.RIGHT)) {
            var a = design.base().arches();
            double x = design.base().axle().x();
            board.box(Sketch.Pen.AREA, x - a.length() / 2, 0, x + a.length() / 2, a.height());
        }
        for (Hole h : holes) {
            double y1 = flip ? -h.high : h.low;
            double y2 = flip ? -h.low : h.high;
            boolean cuts = framing.isPresent() && h.framed() && !cut(framing.get()).cut(h.from, h.to).isEmpty();
            board.path(cuts ? Sketch.Pen.FAULT : Sketch.Pen.MAIN,
                    new double[][]{{h.from, y1}, {h.to, y1}, {h.to, y2}, {h.from, y2}}, true,
                    Sentence.of(h.framed() ? h.thing.name() : ""));
            if (framing.isPresent() && h.framed()) {
                cut(framing.get()).header(h.from, h.to, 1, 1, 1).filter(x -> cuts).ifPresent(o -> {
                    double middle = (h.from + h.to) / 2;
                    double left = framing.get().studs().stream().filter(s -> s < middle)
                            .filter(s -> !cut(framing.get()).cut(h.from, h.to)
                                    .contains(framing.get().studs().indexOf(s)))
                            .max(Double::compare).orElse(h.from);
                    board.box(Sketch.Pen.SWEEP, left + framing.get().width() / 2, y2,
                            left + framing.get().width() / 2 + o.span(), y2 + framing.get().depth());
                });
            }
        }
        return board.done();
    }
}
