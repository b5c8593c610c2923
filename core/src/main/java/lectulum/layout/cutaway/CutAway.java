package lectulum.layout.cutaway;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.kernel.plane.Hull;
import lectulum.layout.Fault;
import lectulum.layout.people.Pose;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.symbols.Chassis;
import lectulum.symbols.Company;
import lectulum.symbols.Form;
import lectulum.figures.drawing.Paint;
import lectulum.symbols.Posed;
import lectulum.symbols.Symbols;

/// The camper seen from anywhere, walls towards the eye taken away: faces in the order in which they are painted.
///
/// Only faces towards the eye are kept. Things, walls and running gear are put into the order of [DrawOrder] by boxes about
/// them, and the parts of each thing among themselves, which is exact for things that do not overlap. Walls towards the
/// eye, the roof and what is on it are taken away and stay as outlines; from below the floor is. Everything is in pixels of
/// the view, the origin at the foremost point of the body on the floor.
///
/// @param facets   far to near
/// @param outlines of what was taken away, each a polyline \[x, y\]
public record CutAway(List<Facet> facets, List<double[][]> outlines) {
    /// A thing this small is a plain box, a larger one up to the next has nothing drawn on its faces \[px\].
    private static final double PLAIN = 20;
    private static final double BARE = 40;
    /// A round solid this small is its outline, without shading round it \[px\].
    private static final double FLAT = 60;
    /// So many things are drawn with all that is on them; of more, the small ones are drawn more simply, so that a picture
    /// takes no longer than it may while it is turned.
    private static final double FEW = 150;
    private static final int ROUND = 20;
    private static final String GEAR = "gear:";
    private static final String PERSON = "person:";

    /// What a face belongs to.
    public enum Kind {
        FLOOR, WALL, EDGE, GEAR, THING, STOWED, PERSON, FAULT
    }

    /// A face towards the eye, or a line on one.
    ///
    /// @param id     of the thing; empty for floor, walls and running gear
    /// @param system the thing belongs to
    /// @param shade  0 dark to 1 light, by how the face lies
    /// @param cut    whether it is where a level cut went through
    /// @param filled whether it is an area; else a line
    /// @param smooth whether its edges are not drawn, since it is a part of something round
    public record Facet(String id, Kind kind, Paint paint, SystemGroup system, double[][] points, double shade,
            boolean cut, boolean filled, boolean smooth) {
        /// Without lines about it.
        private Facet plain() {
            return new Facet(id, kind, paint, system, points, shade, cut, filled, true);
        }
    }

    /// @param cutAt height above the floor over which nothing is drawn \[m\]; infinite for all
    public static CutAway of(Design design, Map<Mode, Body> bodies, Map<Mode, List<Fault>> faults, List<Pose> people,
            Mode mode, View view, double cutAt) {
        Scene scene = new Scene(design, bodies.get(mode), mode, view, cutAt);
        scene.shell();
        scene.gear();
        scene.things(faults.get(mode));
        for (int i = 0; i < people.size(); i++) {
            scene.person(people.get(i), PERSON + i);
        }
        return scene.painted();
    }

    /// What a picture covers: least and greatest x, then y, in pixels of the view.
    ///
    /// @param people who is in it
    public static double[] extent(Design design, Body body, List<Pose> people, Mode mode, View view) {
        Base base = design.base();
        double half = Math.max(body.halfWidth(), base.axle().track() / 2 + base.axle().tyreWidth() / 2);
        double[] box = {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY,
                Double.NEGATIVE_INFINITY};
        widen(box, view, -base.tongueLength() - 0.05, body.length(), -0.1, 0.1, -base.floorHeight(),
                design.vehicle().ballHeight() + 0.4 - base.floorHeight());
        widen(box, view, 0, body.length() + 0.03, -half, half, -base.floorHeight(),
                body.open() ? body.roofOutside().highest() : body.roofInside().highest());
        for (Thing t : design.things()) {
            if (t.solid() && !t.at(mode).away()) {
                Solid s = Solid.of(t.size(), t.at(mode));
                widen(box, view, s.minX(), s.maxX(), s.minY(), s.maxY(), s.z1(),
                        t.mount() == Mount.OUTSIDE ? s.z1() : s.z2());
            }
        }
        people.forEach(p -> widen(box, view, p.x() - 0.3, p.x() + 0.3, p.y() - 0.3, p.y() + 0.3, p.z(),
                p.z() + p.needs()));
        return box;
    }

    private static void widen(double[] box, View view, double x1, double x2, double y1, double y2, double z1,
            double z2) {
        for (double x : new double[]{x1, x2}) {
            for (double y : new double[]{y1, y2}) {
                for (double z : new double[]{z1, z2}) {
                    double px = view.x(x, y, z);
                    double py = view.y(x, y, z);
                    box[0] = Math.min(box[0], px);
                    box[1] = Math.max(box[1], px);
                    box[2] = Math.min(box[2], py);
                    box[3] = Math.max(box[3], py);
                }
            }
        }
    }

    /// The thing whose face is uppermost at a point.
    public Optional<String> at(double x, double y) {
        for (int i = facets.size() - 1; i >= 0; i--) {
            Facet f = facets.get(i);
            if (f.filled && inside(f.points, x, y)) {
                return f.id.isEmpty() ? Optional.empty() : Optional.of(f.id);
            }
        }
        return Optional.empty();
    }

    private static boolean inside(double[][] o, double x, double y) {
        boolean in = false;
        for (int i = 0, j = o.length - 1; i < o.length; j = i++) {
            if (o[i][1] > y != o[j][1] > y
                    && x < (o[j][0] - o[i][0]) * (y - o[i][1]) / (o[j][1] - o[i][1]) + o[i][0]) {
                in = !in;
            }
        }
        return in;
    }

    /// Something that is put in order as a whole.
    private record Item(String id, Kind kind, SystemGroup system, List<Posed> forms, List<Facet> made) {
    }

    /// What is collected before it is put in order.
    private static final class Scene {
        private final Design design;
        private final Base base;
        private final Body body;
        private final Mode mode;
        private final View view;
        private final double cutAt;
        private final double[] eye;
        /// By how much what is small is larger here.
        private final double grain;
        private final List<Block> blocks = new ArrayList<>();
        private final Map<String, Item> items = new HashMap<>();
        private final List<double[][]> outlines = new ArrayList<>();

        Scene(Design design, Body body, Mode mode, View view, double cutAt) {
            this.design = design;
            this.base = design.base();
            this.body = body;
            this.mode = mode;
            this.view = view;
            this.cutAt = cutAt;
            this.eye = view.toEye();
            this.grain = Math.max(1, Math.sqrt(design.things().size() / FEW));
        }

        private void add(Block block, Item item) {
            if (block.plan().length > 2 && block.z2() > block.z1()) {
                blocks.add(block);
                items.put(block.id(), item);
            }
        }

        void shell() {
            ShellFaces shell = new ShellFaces(base, body, view, cutAt);
            shell.parts().forEach(p -> add(p.block(), new Item(p.block().id(), Kind.WALL, SystemGroup.STRUCTURE,
                    wallThings(p), p.facets())));
            outlines.addAll(shell.outlines());
        }

        /// What is set into a wall is painted on it.
        private List<Posed> wallThings(ShellFaces.Part part) {
            List<Posed> set = new ArrayList<>();
            for (Thing t : design.things()) {
                if (t.mount() == Mount.SET_IN && !t.at(mode).away() && part.holds(Solid.of(t.size(), t.at(mode)))) {
                    Symbols.posed(t, mode, Set.of()).ifPresent(set::add);
                }
            }
            return set;
        }

        void gear() {
            double z = -base.floorHeight();
            double x = -base.tongueLength();
            Form frame = Chassis.of(design, body, mode != Mode.ROAD);
            int n = 0;
            for (Face.Solid solid : Face.of(Posed.at(frame, x, 0, z), "")) {
                String id = GEAR + n++;
                add(new Block(id, solid.block().plan(), solid.block().z1(), solid.block().z2()),
                        new Item(id, Kind.GEAR, SystemGroup.STRUCTURE, List.of(), facets(solid, "", Kind.GEAR,
                                SystemGroup.STRUCTURE)));
            }
            for (double axle : Chassis.axles(base)) {
                for (int side = -1; side <= 1; side += 2) {
                    gear(GEAR + n++, Posed.at(Chassis.wheel(base, axle, side), x, 0, z));
                }
            }
            for (Face.Solid solid : Face.of(Posed.at(Chassis.guards(base), x, 0, z), "")) {
                String id = GEAR + n++;
                add(new Block(id, solid.block().plan(), solid.block().z1(), solid.block().z2()),
                        new Item(id, Kind.GEAR, SystemGroup.STRUCTURE, List.of(),
                                facets(solid, "", Kind.GEAR, SystemGroup.STRUCTURE)));
            }
        }

        private void gear(String id, Posed posed) {
            add(about(id, Face.of(posed, id)),
                    new Item("", Kind.GEAR, SystemGroup.STRUCTURE, List.of(posed), List.of()));
        }

        /// An upright box, straight along the camper, about solids.
        private static Block about(String id, List<Face.Solid> solids) {
            double[] b = {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY,
                    Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
            for (Face.Solid s : solids) {
                for (double[] p : s.block().plan()) {
                    b[0] = Math.min(b[0], p[0]);
                    b[1] = Math.max(b[1], p[0]);
                    b[2] = Math.min(b[2], p[1]);
                    b[3] = Math.max(b[3], p[1]);
                }
                b[4] = Math.min(b[4], s.block().z1());
                b[5] = Math.max(b[5], s.block().z2());
            }
            return Block.box(id, b[0], b[2], b[4], b[1], b[3], b[5]);
        }

        void things(List<Fault> faults) {
            Set<String> wrong = new HashSet<>();
            faults.forEach(f -> {
                wrong.add(f.thing());
                if (f instanceof Fault.Overlap o) {
                    wrong.add(o.other());
                }
            });
            Company company = Company.of(design.things(), mode);
            double overhead = body.open() ? Double.POSITIVE_INFINITY : body.roofInside().highest() - 0.15;
            for (Thing t : design.things()) {
                Solid s = Solid.of(t.size(), t.at(mode));
                if (!t.solid() || t.at(mode).away() || s.z1() >= cutAt || !(s.hl() > 0 && s.hw() > 0)
                        || !(s.z2() > s.z1()) || company.guests().contains(t.id())) {
                    continue;
                }
                if (t.mount() == Mount.OUTSIDE && s.z1() >= overhead) {
                    double[][] lid = s.corners();
                    double[][] edge = new double[5][];
                    for (int i = 0; i < 5; i++) {
                        edge[i] = flat(lid[i % 4][0], lid[i % 4][1], s.z1());
                    }
                    outlines.add(edge);
                    continue;
                }
                List<Posed> forms = new ArrayList<>();
                boolean small = Math.max(Math.max(s.hl(), s.hw()) * 2, s.z2() - s.z1()) * view.scale() < PLAIN * grain;
                if (small) {
                    forms.add(Posed.at(Symbols.plain(2 * s.reachX(), 2 * s.reachY(), s.z2() - s.z1()), s.x(), s.y(),
                            s.z1()));
                } else {
                    Symbols.posed(t, mode, company.of(t)).ifPresent(forms::add);
                    guests(t, company).forEach(forms::add);
                }
                Kind kind = wrong.contains(t.id())
                        ? Kind.FAULT
                        : t.mount() == Mount.STOWED ? Kind.STOWED : Kind.THING;
                add(new Block(t.id(), s.corners(), s.z1(), Math.min(s.z2(), cutAt)),
                        new Item(t.id(), kind, t.system(), forms, List.of()));
            }
        }

        private List<Posed> guests(Thing host, Company company) {
            if (company.of(host).isEmpty()) {
                return List.of();
            }
            Solid h = Solid.of(host.size(), host.at(mode));
            List<Posed> guests = new ArrayList<>();
            for (Thing t : design.things()) {
                if (company.guests().contains(t.id()) && h.covers(t.at(mode).x(), t.at(mode).y())) {
                    Symbols.posed(t, mode, Set.of()).ifPresent(guests::add);
                }
            }
            return guests;
        }

        void person(Pose pose, String id) {
            if (pose.z() < cutAt) {
                Posed posed = pose.posed();
                add(about(id, Face.of(posed, id)),
                        new Item("", Kind.PERSON, SystemGroup.CARGO, List.of(posed), List.of()));
            }
        }

        private double[] flat(double x, double y, double z) {
            return new double[]{view.x(x, y, z), view.y(x, y, z)};
        }

        CutAway painted() {
            List<Block> order = DrawOrder.of(blocks, view);
            Map<String, Integer> parts = new HashMap<>();
            order.forEach(b -> parts.merge(b.id(), 1, Integer::sum));
            List<Facet> facets = new ArrayList<>();
            Set<String> begun = new HashSet<>();
            for (Block b : order) {
                Item item = items.get(b.id());
                boolean first = begun.add(b.id());
                if (first) {
                    facets.addAll(item.made());
                }
                if (item.kind() == Kind.WALL && !first) {
                    continue;
                }
                boolean clip = parts.get(b.id()) > 1 && item.kind() != Kind.WALL;
                boolean whole = !clip && !Double.isFinite(cutAt);
                for (Posed posed : item.forms()) {
                    solids(Face.of(posed, b.id(), n -> !whole || Face.dot(n, eye) > 1e-9), item,
                            clip ? Optional.of(b) : Optional.empty(), facets);
                }
            }
            return new CutAway(facets, outlines);
        }

        private void solids(List<Face.Solid> solids, Item item, Optional<Block> within, List<Facet> facets) {
            String id = item.kind() == Kind.WALL ? "" : item.id();
            boolean bare = solids.stream().mapToDouble(this::pixels).max().orElse(0) < BARE * grain;
            List<Face.Solid> drawn = bare ? solids.stream().filter(solid -> !solid.decal()).toList() : solids;
            List<Facet> found = new ArrayList<>();
            for (int i : DrawOrder.uncut(drawn.stream().map(Face.Solid::block).toList(), view)) {
                Face.Solid part = within.isPresent() ? clipped(drawn.get(i), within.get()) : drawn.get(i);
                found.addAll(facets(part, id, item.kind(), item.system()));
            }
            found.forEach(f -> facets.add(bare ? f.plain() : f));
        }

        /// The part of a solid within an upright block.
        private static Face.Solid clipped(Face.Solid solid, Block block) {
            List<Face> faces = solid.faces();
            double[][] plan = block.plan();
            double turn = Block.turn(plan);
            for (int i = 0; i < plan.length; i++) {
                double[] p = plan[i];
                double[] q = plan[(i + 1) % plan.length];
                double l = Math.hypot(q[0] - p[0], q[1] - p[1]);
                double[] n = {turn * (q[1] - p[1]) / l, -turn * (q[0] - p[0]) / l, 0};
                double d = n[0] * p[0] + n[1] * p[1];
                faces = faces.stream().map(f -> f.within(n, d)).toList();
            }
            faces = faces.stream().map(f -> f.within(new double[]{0, 0, 1}, block.z2()))
                    .map(f -> f.within(new double[]{0, 0, -1}, -block.z1())).toList();
            return new Face.Solid(faces, solid.block(), solid.balls(), solid.paint(), solid.decal());
        }

        /// The longest side of the box about a solid on the canvas, unforeshortened.
        private double pixels(Face.Solid solid) {
            double[][] plan = solid.block().plan();
            return view.scale() * Math.max(Math.max(Math.hypot(plan[1][0] - plan[0][0], plan[1][1] - plan[0][1]),
                    Math.hypot(plan[2][0] - plan[1][0], plan[2][1] - plan[1][1])),
                    solid.block().z2() - solid.block().z1());
        }

        /// What is seen of a solid below the cut.
        private List<Facet> facets(Face.Solid solid, String id, Kind kind, SystemGroup system) {
            List<Facet> facets = new ArrayList<>();
            if (solid.balls().length > 0) {
                round(solid, id, kind, system, facets);
                return facets;
            }
            double[] up = {0, 0, 1};
            List<double[]> rim = new ArrayList<>();
            boolean round = !Double.isFinite(cutAt) && !solid.decal()
                    && solid.faces().stream().anyMatch(Face::smooth);
            boolean outlined = round && pixels(solid) < FLAT * grain;
            if (round) {
                facets.add(outline(solid, id, kind, system));
            }
            for (Face whole : solid.faces()) {
                if (outlined && whole.smooth()) {
                    continue;
                }
                Face f = Double.isFinite(cutAt) ? whole.within(up, cutAt) : whole;
                if (f != whole) {
                    for (double[] p : f.points()) {
                        if (Math.abs(p[2] - cutAt) < 1e-9) {
                            rim.add(new double[]{p[0], p[1]});
                        }
                    }
                }
                if (f.points().length >= (f.filled() ? 3 : 2) && Face.dot(f.normal(), eye) > 1e-9) {
                    facets.add(new Facet(id, kind, f.paint(), system, flat(f.points()), shade(f.normal()), false,
                            f.filled(), f.smooth()));
                }
            }
            List<double[]> cap = Hull.of(rim);
            if (cap.size() > 2 && eye[2] > 1e-9 && !solid.decal()) {
                facets.add(new Facet(id, kind, solid.paint(), system,
                        cap.stream().map(p -> flat(p[0], p[1], cutAt)).toArray(double[][]::new), 1, true, true,
                        false));
            }
            return facets;
        }

        private Facet outline(Face.Solid solid, String id, Kind kind, SystemGroup system) {
            List<double[]> around = new ArrayList<>();
            for (Face f : solid.faces()) {
                for (double[] p : f.points()) {
                    around.add(flat(p[0], p[1], p[2]));
                }
            }
            return new Facet(id, kind, solid.paint(), system, Hull.of(around).toArray(double[][]::new), 0.75, false,
                    true, false);
        }

        private double[][] flat(double[][] points) {
            double[][] out = new double[points.length][];
            for (int i = 0; i < points.length; i++) {
                out[i] = flat(points[i][0], points[i][1], points[i][2]);
            }
            return out;
        }

        /// The outline of balls and what is stretched between them.
        private void round(Face.Solid solid, String id, Kind kind, SystemGroup system, List<Facet> facets) {
            List<double[]> around = new ArrayList<>();
            for (double[] ball : solid.balls()) {
                if (ball[2] > cutAt) {
                    continue;
                }
                double[] at = flat(ball[0], ball[1], ball[2]);
                for (int i = 0; i < ROUND; i++) {
                    double a = 2 * Math.PI * i / ROUND;
                    around.add(new double[]{at[0] + ball[3] * view.scale() * Math.cos(a),
                            at[1] + ball[3] * view.scale() * Math.sin(a)});
                }
            }
            List<double[]> outline = Hull.of(around);
            if (outline.size() > 2) {
                facets.add(new Facet(id, kind, solid.paint(), system, outline.toArray(double[][]::new), 0.85, false,
                        true, false));
            }
        }
    }

    /// How light a face is whose outward direction is n: the light comes from above, a little from the front left.
    static double shade(double[] n) {
        return Math.clamp(0.58 + 0.42 * (-0.30 * n[0] - 0.42 * n[1] + 0.86 * n[2]), 0, 1);
    }
}
