package lectulum.layout.doors;

import java.util.ArrayList;
import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.kernel.mechanisms.DoorSwing;
import lectulum.layout.Room;
import lectulum.space.Solid;

/// How far a door or drawer moves before it meets something.
///
/// @param thing   whose it is
/// @param wanted  angle \[rad\] or travel \[m\] it should have
/// @param free    what it has of that
/// @param passage clear way past a door's leaf \[m\]; the travel for a drawer
/// @param hinged  whether `wanted` and `free` are angles
/// @param exit    whether people go through it
/// @param sweep   plan outline of what it sweeps when free \[x, y\]
/// @param z1      lowest of what moves, above the floor \[m\]
/// @param z2      highest \[m\]
/// @param blocker id of the nearest thing in its way, empty for a wall or none
public record Motion(Mode mode, String thing, double wanted, double free, double passage, boolean hinged, boolean exit,
        double[][] sweep, String blocker, double z1, double z2) {
    private static final double TOLERANCE = 1e-6;
    private static final double BEHIND = 0.05;

    /// The same in another mode.
    Motion in(Mode other) {
        return new Motion(other, thing, wanted, free, passage, hinged, exit, sweep, blocker, z1, z2);
    }

    /// Whether it is blocked where that matters: on the road only where people go through it.
    public boolean hinders() {
        return blocked() && (mode != Mode.ROAD || exit);
    }

    /// Whether the other cannot be open at the same time.
    public boolean meets(Motion o) {
        return z1 < o.z2 - 0.001 && o.z1 < z2 - 0.001 && overlap(sweep, o.sweep) && overlap(o.sweep, sweep);
    }

    /// Whether no edge of a convex outline parts it from the other.
    private static boolean overlap(double[][] a, double[][] b) {
        for (int i = 0; i < a.length; i++) {
            double[] p = a[i];
            double[] q = a[(i + 1) % a.length];
            double nx = q[1] - p[1];
            double ny = p[0] - q[0];
            double length = Math.hypot(nx, ny);
            double[] mine = range(a, nx, ny);
            double[] theirs = range(b, nx, ny);
            if (mine[1] <= theirs[0] + 0.002 * length || theirs[1] <= mine[0] + 0.002 * length) {
                return false;
            }
        }
        return true;
    }

    private static double[] range(double[][] points, double nx, double ny) {
        double[] range = {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (double[] p : points) {
            double v = p[0] * nx + p[1] * ny;
            range[0] = Math.min(range[0], v);
            range[1] = Math.max(range[1], v);
        }
        return range;
    }

    public boolean blocked() {
        return free < wanted - (hinged ? Math.toRadians(1) : 0.002);
    }

    public static List<Motion> of(Room room) {
        List<Motion> motions = new ArrayList<>();
        List<double[][]> walls = walls(room);
        for (Room.Standing s : room.inside()) {
            s.thing().feature(Feature.Door.class).ifPresent(d -> motions.add(door(room, s, d, walls)));
            s.thing().feature(Feature.Drawer.class).ifPresent(d -> motions.add(drawer(room, s, d)));
        }
        for (Room.Gate g : room.gates()) {
            boolean hinged = g.opening().leaf() == Feature.Opening.Leaf.HINGED_FRONT
                    || g.opening().leaf() == Feature.Opening.Leaf.HINGED_REAR;
            if (hinged && g.wall() != Carcass.Face.ROOF) {
                motions.add(gate(room, g));
            }
        }
        return motions;
    }

    /// The leaf of a door that opens least.
    private static Motion door(Room room, Room.Standing s, Feature.Door d, List<double[][]> walls) {
        double[][] edge = edge(s.solid(), d.face());
        double[] out = s.solid().outward(d.face());
        double leaf = 2 * Math.max(s.solid().hl(), s.solid().hw());
        List<Room.Standing> others = others(room, s.thing(), s.solid()).stream()
                .filter(o -> o.solid().near(s.solid(), leaf + 0.1)).toList();
        List<double[][]> obstacles = new ArrayList<>(walls);
        obstacles.addAll(room.body().leaning(s.solid().z1(), s.solid().z2()));
        others.forEach(o -> obstacles.add(o.solid().corners()));
        Motion worst = null;
        for (int i = 0; i < d.leaves(); i++) {
            double[] a = between(edge, (double) i / d.leaves());
            double[] b = between(edge, (i + 1.0) / d.leaves());
            double[] hinge = d.first() ? a : b;
            double[] tip = d.first() ? b : a;
            double closed = Math.atan2(tip[1] - hinge[1], tip[0] - hinge[0]);
            double turn = Math.cos(closed) * out[1] - Math.sin(closed) * out[0];
            DoorSwing swing = new DoorSwing(hinge[0], hinge[1], closed, turn > 0 ? 1 : -1,
                    Math.hypot(tip[0] - hinge[0], tip[1] - hinge[1]),
                    Assumed.value(room.design(), Assumption.DOOR_THICK));
            double free = swing.freeAngle(obstacles, d.angle());
            if (worst == null || free < worst.free) {
                worst = new Motion(room.mode(), s.thing().id(), d.angle(), free, swing.passage(free), true, false,
                        swing.sector(free), free < d.angle() ? blocker(others, swing, free) : "",
                        s.solid().z1(), s.solid().z2());
            }
        }
        return worst;
    }

    private static double[] between(double[][] edge, double t) {
        return new double[]{edge[0][0] + t * (edge[1][0] - edge[0][0]), edge[0][1] + t * (edge[1][1] - edge[0][1])};
    }

    private static String blocker(List<Room.Standing> others, DoorSwing swing, double free) {
        return others.stream().filter(o -> swing.freeAngle(List.<double[][]>of(o.solid().corners()), Math.PI) <= free
                + TOLERANCE).map(o -> o.thing().id()).findFirst().orElse("");
    }

    private static Motion gate(Room room, Room.Gate g) {
        double[] j = g.jambs();
        boolean first = g.opening().leaf() == Feature.Opening.Leaf.HINGED_FRONT;
        double wall = room.design().base().wall();
        double[] out = switch (g.wall()) {
            case LEFT -> new double[]{0, -1};
            case RIGHT -> new double[]{0, 1};
            case FRONT -> new double[]{-1, 0};
            default -> new double[]{1, 0};
        };
        double hx = (first ? j[0] : j[2]) + out[0] * wall;
        double hy = (first ? j[1] : j[3]) + out[1] * wall;
        double tx = (first ? j[2] : j[0]) + out[0] * wall;
        double ty = (first ? j[3] : j[1]) + out[1] * wall;
        double closed = Math.atan2(ty - hy, tx - hx);
        double turn = Math.cos(closed) * out[1] - Math.sin(closed) * out[0];
        DoorSwing swing = new DoorSwing(hx, hy, closed, turn > 0 ? 1 : -1, g.opening().width(), 0.03);
        List<Room.Standing> others = room.outside().stream()
                .filter(o -> o.solid().z1() < g.z() + g.opening().height() && o.solid().z2() > g.z()).toList();
        double free = swing.freeAngle(others.stream().map(o -> o.solid().corners()).toList(), g.opening().angle());
        return new Motion(room.mode(), g.thing().id(), g.opening().angle(), free, swing.passage(free), true, true,
                swing.sector(free), free < g.opening().angle() ? blocker(others, swing, free) : "",
                g.z(), g.z() + g.opening().height());
    }

    private static Motion drawer(Room room, Room.Standing s, Feature.Drawer d) {
        Solid whole = pulled(s.solid(), d.face(), d.travel() + 0.002);
        List<Room.Standing> others = others(room, s.thing(), s.solid()).stream()
                .filter(o -> o.solid().near(whole, 0)).toList();
        double low = 0;
        double high = d.travel();
        double free = d.travel();
        if (stopper(room, s.solid(), d.face(), d.travel(), others) != null) {
            for (int i = 0; i < 30; i++) {
                double m = (low + high) / 2;
                if (stopper(room, s.solid(), d.face(), m, others) == null) {
                    low = m;
                } else {
                    high = m;
                }
            }
            free = low;
        }
        String blocker = free < d.travel() ? stopper(room, s.solid(), d.face(), high + 0.002, others) : "";
        return new Motion(room.mode(), s.thing().id(), d.travel(), free, free, false, false,
                pulled(s.solid(), d.face(), Math.max(free, 0.001)).corners(), blocker == null ? "" : blocker,
                s.solid().z1(),
                s.solid().z2());
    }

    /// Id of what stops a drawer, empty for a wall; null where nothing does.
    private static String stopper(Room room, Solid solid, Feature.Face face, double travel,
            List<Room.Standing> others) {
        if (travel < 1e-4) {
            return null;
        }
        Solid swept = pulled(solid, face, travel);
        for (Room.Standing o : others) {
            if (swept.apartFrom(o.solid()).depth() > 0.001) {
                return o.thing().id();
            }
        }
        boolean door = room.gates().stream().anyMatch(g -> g.opens() && g.z() <= solid.z1() + 0.05
                && near(g, swept.x(), swept.y()));
        if (!door && !outsideBody(face)) {
            for (double[] c : swept.corners()) {
                for (double z : new double[]{swept.z1(), swept.z2()}) {
                    if (c[0] < room.body().clearFront(c[1], z) - 0.002 || c[0] > room.body().clearRear(c[1], z) + 0.002
                            || -c[1] > room.body().clearLeft(c[0], z) + 0.002
                            || c[1] > room.body().clearRight(c[0], z) + 0.002) {
                        return "";
                    }
                }
            }
        }
        return null;
    }

    private static boolean outsideBody(Feature.Face face) {
        return face == Feature.Face.TOP;
    }

    private static boolean near(Room.Gate g, double x, double y) {
        double[] j = g.jambs();
        return x >= Math.min(j[0], j[2]) - 0.4 && x <= Math.max(j[0], j[2]) + 0.4
                && y >= Math.min(j[1], j[3]) - 0.6 && y <= Math.max(j[1], j[3]) + 0.6;
    }

    public static Solid pulled(Solid s, Feature.Face face, double travel) {
        double[] out = s.outward(face);
        boolean along = face == Feature.Face.FRONT || face == Feature.Face.REAR;
        double half = along ? s.hl() : s.hw();
        double d = half + travel / 2;
        return new Solid(s.x() + out[0] * d, s.y() + out[1] * d, s.z1(), s.z2(), along ? travel / 2 : s.hl(),
                along ? s.hw() : travel / 2, s.c(), s.s());
    }

    /// Other things at its height that it does not hold or stand on.
    private static List<Room.Standing> others(Room room, Thing thing, Solid solid) {
        return room.between(solid.z1(), solid.z2()).stream().filter(o -> !o.thing().id().equals(thing.id())).toList();
    }

    /// The two ends of a face in plan, the further forward (or further left) one first.
    public static double[][] edge(Solid s, Feature.Face face) {
        double l = s.hl();
        double w = s.hw();
        return switch (face) {
            case LEFT -> new double[][]{at(s, -l, -w), at(s, l, -w)};
            case RIGHT, TOP -> new double[][]{at(s, -l, w), at(s, l, w)};
            case FRONT -> new double[][]{at(s, -l, -w), at(s, -l, w)};
            case REAR -> new double[][]{at(s, l, -w), at(s, l, w)};
        };
    }

    private static double[] at(Solid s, double l, double w) {
        return new double[]{s.x() + s.c() * l - s.s() * w, s.y() + s.s() * l + s.c() * w};
    }

    /// The walls as thin blocks beyond the clear outline.
    private static List<double[][]> walls(Room room) {
        List<double[]> outline = room.body().planInside();
        List<double[][]> walls = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            double[] a = outline.get(i);
            double[] b = outline.get((i + 1) % outline.size());
            double l = Math.hypot(b[0] - a[0], b[1] - a[1]);
            if (l < 1e-9) {
                continue;
            }
            double nx = (b[1] - a[1]) / l;
            double ny = -(b[0] - a[0]) / l;
            double side = nx * ((a[0] + b[0]) / 2 - room.body().length() / 2) + ny * (a[1] + b[1]) / 2 < 0 ? -1 : 1;
            walls.add(new double[][]{{a[0] + side * nx * 0.001, a[1] + side * ny * 0.001},
                    {b[0] + side * nx * 0.001, b[1] + side * ny * 0.001},
                    {b[0] + side * nx * BEHIND, b[1] + side * ny * BEHIND},
                    {a[0] + side * nx * BEHIND, a[1] + side * ny * BEHIND}});
        }
        return walls;
    }
}
