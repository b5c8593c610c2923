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
import lectulum.design.thing.Thing;
import lectulum.layout.Fault;
import lectulum.layout.people.Pose;
import lectulum.space.Body;
import lectulum.space.Solid;

/// The inside seen from a corner, walls towards the eye taken away: faces in the order in which they are painted.
///
/// Only faces towards the eye are kept; the order is that of [DrawOrder]. Walls, the roof and what is on it are taken away and
/// stay as outlines. Everything is in pixels of the view, the origin at the foremost point of the body on the floor.
///
/// @param facets   far to near
/// @param outlines of what was taken away, each a polyline \[x, y\]
public record CutAway(List<Facet> facets, List<double[][]> outlines) {
    private static final String WALL = "wall:";
    private static final String FLOOR = "floor:";
    private static final double PERSON_WIDE = 0.42;
    private static final double PERSON_DEEP = 0.22;

    /// What a face belongs to.
    public enum Kind {
        FLOOR, WALL, THING, STOWED, PERSON, FAULT
    }

    /// A face towards the eye.
    ///
    /// @param id    of the thing; empty for floor and walls
    /// @param shade 0 dark to 1 light, by how the face lies
    /// @param cut   whether it is where a level cut went through
    public record Facet(String id, Kind kind, double[][] points, double shade, boolean cut) {
    }

    /// @param cutAt height above the floor over which nothing is drawn \[m\]; infinite for all
    public static CutAway of(Design design, Map<Mode, Body> bodies, Map<Mode, List<Fault>> faults, List<Pose> people,
            Mode mode, View view, double cutAt) {
        Body body = bodies.get(mode);
        Set<String> wrong = new HashSet<>();
        faults.get(mode).forEach(f -> {
            wrong.add(f.thing());
            if (f instanceof Fault.Overlap o) {
                wrong.add(o.other());
            }
        });
        List<Block> blocks = new ArrayList<>();
        Map<String, double[][]> inner = new HashMap<>();
        List<double[][]> outlines = new ArrayList<>();
        shell(design.base(), body, view, cutAt, blocks, inner, outlines);
        Map<String, Thing> things = new HashMap<>();
        double overhead = body.open() ? Double.POSITIVE_INFINITY : body.roofInside().highest() - 0.15;
        for (Thing t : design.things()) {
            Solid s = Solid.of(t.size(), t.at(mode));
            if (t.solid() && !t.at(mode).away() && s.z1() < cutAt && s.hl() > 0 && s.hw() > 0 && s.z2() > s.z1()) {
                if (t.mount() == Mount.OUTSIDE && s.z1() >= overhead) {
                    double[][] lid = s.corners();
                    double[][] edge = new double[5][];
                    for (int i = 0; i < 5; i++) {
                        edge[i] = flat(view, lid[i % 4][0], lid[i % 4][1], s.z1());
                    }
                    outlines.add(edge);
                    continue;
                }
                things.put(t.id(), t);
                blocks.add(new Block(t.id(), s.corners(), s.z1(), Math.min(s.z2(), cutAt)));
            }
        }
        for (int i = 0; i < people.size(); i++) {
            person(people.get(i), "person:" + i, cutAt, blocks);
        }
        List<Facet> facets = new ArrayList<>();
        for (Block b : DrawOrder.of(blocks, view)) {
            if (inner.containsKey(b.id())) {
                boolean floor = b.id().startsWith(FLOOR);
                facets.add(new Facet("", floor ? Kind.FLOOR : Kind.WALL, inner.get(b.id()), floor ? 0.9 : 0.75, false));
            } else {
                Thing t = things.get(b.id());
                Kind kind = t == null
                        ? Kind.PERSON
                        : wrong.contains(t.id()) ? Kind.FAULT : t.mount() == Mount.STOWED ? Kind.STOWED : Kind.THING;
                faces(b, t == null ? "" : b.id(), kind, view, cutAt, facets);
            }
        }
        return new CutAway(facets, outlines);
    }

    /// The thing whose face is uppermost at a point.
    public Optional<String> at(double x, double y) {
        for (int i = facets.size() - 1; i >= 0; i--) {
            Facet f = facets.get(i);
            if (inside(f.points, x, y)) {
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

    private static double[] flat(View v, double x, double y, double z) {
        return new double[]{v.x(x, y, z), v.y(x, y, z)};
    }

    /// The floor and the walls away from the eye as thin blocks, each with the face that is painted; the others as
    /// outlines.
    private static void shell(Base base, Body body, View view, double cutAt, List<Block> blocks,
            Map<String, double[][]> inner, List<double[][]> outlines) {
        List<double[]> plan = body.planInside();
        double[] eye = view.toEye();
        blocks.add(new Block(FLOOR, plan.toArray(double[][]::new), -base.floor() - 0.01, 0));
        inner.put(FLOOR, plan.stream().map(p -> flat(view, p[0], p[1], 0)).toArray(double[][]::new));
        int n = plan.size();
        for (int i = 0; i < n; i++) {
            double[] a = plan.get(i);
            double[] b = plan.get((i + 1) % n);
            double l = Math.hypot(b[0] - a[0], b[1] - a[1]);
            if (l < 1e-6) {
                continue;
            }
            double nx = (b[1] - a[1]) / l;
            double ny = -(b[0] - a[0]) / l;
            double out = nx * ((a[0] + b[0]) / 2 - body.length() / 2) + ny * (a[1] + b[1]) / 2 < 0 ? -1 : 1;
            double[][] face = face(body, a, b, view, cutAt);
            if (out * (nx * eye[0] + ny * eye[1]) > 1e-9) {
                outlines.add(face);
            } else {
                String id = WALL + i;
                double t = Math.max(0.004, base.wall());
                double high = Math.min(cutAt, top(body, a, b));
                blocks.add(new Block(id, new double[][]{a, b, {b[0] + out * nx * t, b[1] + out * ny * t},
                        {a[0] + out * nx * t, a[1] + out * ny * t}}, 0, Math.max(0.01, high)));
                inner.put(id, face);
            }
        }
    }

    private static double top(Body body, double[] a, double[] b) {
        double high = 0;
        for (int i = 0; i <= 8; i++) {
            high = Math.max(high, high(body, a[0] + (b[0] - a[0]) * i / 8));
        }
        return high;
    }

    private static double high(Body body, double x) {
        return body.open() ? body.roofOutside().highest() : Math.max(0, body.roofInside().at(x));
    }

    /// A wall face up to the roof, or to the cut.
    private static double[][] face(Body body, double[] a, double[] b, View view, double cutAt) {
        int steps = Math.abs(b[0] - a[0]) > 0.3 && !body.open() ? 40 : 1;
        List<double[]> points = new ArrayList<>();
        points.add(flat(view, a[0], a[1], 0));
        for (int i = 0; i <= steps; i++) {
            double t = (double) i / steps;
            double x = a[0] + t * (b[0] - a[0]);
            points.add(flat(view, x, a[1] + t * (b[1] - a[1]), Math.min(cutAt, high(body, x))));
        }
        points.add(flat(view, b[0], b[1], 0));
        return points.toArray(double[][]::new);
    }

    private static void person(Pose p, String id, double cutAt, List<Block> blocks) {
        double c = Math.cos(p.along());
        double s = Math.sin(p.along());
        boolean lying = p.kind() == Pose.Kind.LYING;
        double along = lying ? p.stature() / 2 : PERSON_DEEP / 2;
        double across = PERSON_WIDE / 2;
        double z1 = p.z() + 0.001;
        double z2 = z1 + switch (p.kind()) {
            case LYING -> PERSON_DEEP;
            case SITTING -> 0.525 * p.stature();
            case STANDING -> p.stature();
        };
        if (z1 < cutAt) {
            blocks.add(new Block(id,
                    new Solid(p.x(), p.y(), z1, z2, along, across, c, s).corners(), z1, Math.min(z2, cutAt)));
        }
    }

    /// Top and sides of a block that look towards the eye.
    private static void faces(Block b, String id, Kind kind, View view, double cutAt, List<Facet> facets) {
        double[] eye = view.toEye();
        double[][] plan = b.plan();
        double turn = turn(plan);
        for (int i = 0; i < plan.length; i++) {
            double[] p = plan[i];
            double[] q = plan[(i + 1) % plan.length];
            double l = Math.hypot(q[0] - p[0], q[1] - p[1]);
            double nx = turn * (q[1] - p[1]) / l;
            double ny = -turn * (q[0] - p[0]) / l;
            if (nx * eye[0] + ny * eye[1] > 1e-9) {
                double shade = 0.35 + 0.3 * Math.abs(nx);
                facets.add(new Facet(id, kind,
                        new double[][]{flat(view, p[0], p[1], b.z1()), flat(view, q[0], q[1], b.z1()),
                                flat(view, q[0], q[1], b.z2()), flat(view, p[0], p[1], b.z2())},
                        shade, false));
            }
        }
        if (eye[2] > 1e-9) {
            double[][] top = new double[plan.length][];
            for (int i = 0; i < plan.length; i++) {
                top[i] = flat(view, plan[i][0], plan[i][1], b.z2());
            }
            facets.add(new Facet(id, kind, top, 1, b.z2() >= cutAt - 1e-9));
        }
    }

    /// +1 where the corners run so that the outside lies to the right of each edge.
    private static double turn(double[][] plan) {
        double twice = 0;
        for (int i = 0; i < plan.length; i++) {
            double[] p = plan[i];
            double[] q = plan[(i + 1) % plan.length];
            twice += p[0] * q[1] - q[0] * p[1];
        }
        return twice > 0 ? 1 : -1;
    }
}
