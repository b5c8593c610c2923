package lectulum.layout.doors;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.kernel.bodies.WaysOut;
import lectulum.kernel.plane.Passage;
import lectulum.kernel.plane.Stretch;
import lectulum.layout.Room;
import lectulum.space.Solid;

/// Openings as ways out at night: how much of each is clear, whether it opens far enough, and whether a body gets to it
/// from a bed.
///
/// What stands within a hand's breadth of the wall before an opening covers its part of it; the largest rectangle that is
/// left counts. A hinged leaf leaves its width less what it stands in the way, a hung one the gap at its lower edge.
public final class Escape {
    /// What stands this near before an opening is in its way \[m\] (assumed).
    private static final double DEEP = 0.35;
    /// From a bed this near somebody gets at an opening without a way on the floor \[m\] (assumed).
    private static final double FROM_BED = 0.40;
    private static final double ALIKE = 1e-6;

    private final Room night;
    private final Optional<Passage> floor;
    private final List<Motion> motions;
    private final List<Room.Standing> beds;

    private Escape(Room night, Optional<Passage> floor, List<Motion> motions) {
        this.night = night;
        this.floor = floor;
        this.motions = motions;
        this.beds = night.inside().stream().filter(s -> s.thing().has(Feature.Bed.class)).toList();
    }

    public static List<WaysOut.Way> of(Room night, Optional<Passage> floor, List<Motion> motions, WaysOut.Rule rule) {
        Escape escape = new Escape(night, floor, motions);
        return night.gates().stream().map(g -> escape.way(g, rule)).toList();
    }

    private WaysOut.Way way(Room.Gate g, WaysOut.Rule rule) {
        var o = g.opening();
        Rect hole = hole(g);
        List<Cover> covers = covers(g, hole);
        Rect clear = largest(hole, covers.stream().map(Cover::rect).toList(), rule);
        double width = leafWidth(g, clear.width());
        double height = leafHeight(g, clear.height());
        boolean was = fits(o.width(), o.height(), rule);
        String before = was && !fits(clear.width(), clear.height(), rule)
                ? covers.stream().map(c -> c.thing).findFirst().orElse("")
                : "";
        boolean stuck = was && before.isEmpty() && !fits(width, height, rule);
        boolean reached = beds.isEmpty() || beside(g) || byFloor(g);
        return new WaysOut.Way(g.thing().id(), g.wall().name(), g.x(), g.y(), width, height, g.opens() && o.inside(),
                o.barred(), pastFlame(g), before, stuck, reached);
    }

    private static boolean fits(double width, double height, WaysOut.Rule rule) {
        return Math.max(width, height) >= rule.large() - ALIKE && Math.min(width, height) >= rule.small() - ALIKE;
    }

    /// A rectangle in the plane of a wall: along it and up; in a roof along and across.
    private record Rect(double a1, double b1, double a2, double b2) {
        double width() {
            return Math.max(0, a2 - a1);
        }

        double height() {
            return Math.max(0, b2 - b1);
        }
    }

    private record Cover(String thing, Rect rect) {
    }

    private static boolean level(Room.Gate g) {
        return g.wall() == Carcass.Face.ROOF || g.wall() == Carcass.Face.FLOOR;
    }

    private static boolean across(Room.Gate g) {
        return g.wall() == Carcass.Face.FRONT || g.wall() == Carcass.Face.REAR;
    }

    private static Rect hole(Room.Gate g) {
        double w = g.opening().width();
        double h = g.opening().height();
        if (level(g)) {
            return new Rect(g.x() - w / 2, g.y() - h / 2, g.x() + w / 2, g.y() + h / 2);
        }
        double middle = across(g) ? g.y() : g.x();
        return new Rect(middle - w / 2, g.z(), middle + w / 2, g.z() + h);
    }

    private List<Cover> covers(Room.Gate g, Rect hole) {
        List<Cover> all = new ArrayList<>();
        for (Room.Standing s : night.inside()) {
            Solid b = s.solid();
            double off = switch (g.wall()) {
                case LEFT -> b.minY() - g.y();
                case RIGHT -> g.y() - b.maxY();
                case FRONT -> b.minX() - g.x();
                case ROOF -> night.body().roofInside().at(g.x()) - b.z2();
                case FLOOR -> b.z1();
                default -> g.x() - b.maxX();
            };
            Rect r = level(g)
                    ? new Rect(b.minX(), b.minY(), b.maxX(), b.maxY())
                    : across(g)
                            ? new Rect(b.minY(), b.z1(), b.maxY(), b.z2())
                            : new Rect(b.minX(), b.z1(), b.maxX(), b.z2());
            boolean meets = r.a1 < hole.a2 - ALIKE && r.a2 > hole.a1 + ALIKE && r.b1 < hole.b2 - ALIKE
                    && r.b2 > hole.b1 + ALIKE;
            if (off < DEEP && meets) {
                all.add(new Cover(s.thing().id(), r));
            }
        }
        return all;
    }

    /// The clear rectangle that comes nearest to letting somebody out, between the edges of hole and covers.
    private static Rect largest(Rect hole, List<Rect> covers, WaysOut.Rule rule) {
        if (covers.isEmpty()) {
            return hole;
        }
        double[] as = edges(hole.a1, hole.a2,
                covers.stream().flatMapToDouble(c -> java.util.stream.DoubleStream.of(c.a1,
                        c.a2)).toArray());
        double[] bs = edges(hole.b1, hole.b2,
                covers.stream().flatMapToDouble(c -> java.util.stream.DoubleStream.of(c.b1,
                        c.b2)).toArray());
        Rect best = new Rect(hole.a1, hole.b1, hole.a1, hole.b1);
        double score = 0;
        for (int i = 0; i < as.length; i++) {
            for (int j = i + 1; j < as.length; j++) {
                for (int k = 0; k < bs.length; k++) {
                    for (int l = k + 1; l < bs.length; l++) {
                        Rect r = new Rect(as[i], bs[k], as[j], bs[l]);
                        double now = score(r, rule);
                        if (now > score && covers.stream().noneMatch(c -> c.a1 < r.a2 - ALIKE && c.a2 > r.a1 + ALIKE
                                && c.b1 < r.b2 - ALIKE && c.b2 > r.b1 + ALIKE)) {
                            best = r;
                            score = now;
                        }
                    }
                }
            }
        }
        return best;
    }

    private static double score(Rect r, WaysOut.Rule rule) {
        double large = Math.max(r.width(), r.height()) / rule.large();
        double small = Math.min(r.width(), r.height()) / rule.small();
        return Math.min(large, small) + 1e-3 * r.width() * r.height();
    }

    private static double[] edges(double from, double to, double[] between) {
        return java.util.stream.DoubleStream.concat(java.util.stream.DoubleStream.of(from, to),
                java.util.Arrays.stream(between).filter(v -> v > from && v < to)).sorted().distinct().toArray();
    }

    /// Past a hinged leaf.
    private double leafWidth(Room.Gate g, double clear) {
        return switch (g.opening().leaf()) {
            case HINGED_FRONT, HINGED_REAR -> Math.min(clear, motions.stream()
                    .filter(m -> m.exit() && m.thing().equals(g.thing().id())).mapToDouble(Motion::passage).min()
                    .orElse(clear));
            default -> clear;
        };
    }

    /// Under a leaf that hangs at its top edge.
    private static double leafHeight(Room.Gate g, double clear) {
        double angle = g.opening().angle();
        return g.opening().leaf() == Feature.Opening.Leaf.TOP_HUNG && angle > 0 && angle < Math.PI / 3
                ? Math.min(clear, 2 * g.opening().height() * Math.sin(angle / 2))
                : clear;
    }

    /// Whether somebody on a bed is near enough.
    private boolean beside(Room.Gate g) {
        return beds.stream().anyMatch(b -> {
            double dx = Math.max(0, Math.max(b.solid().minX() - g.x(), g.x() - b.solid().maxX()) - along(g, false));
            double dy = Math.max(0, Math.max(b.solid().minY() - g.y(), g.y() - b.solid().maxY()) - along(g, true));
            return Math.hypot(dx, dy) <= FROM_BED;
        });
    }

    private static double along(Room.Gate g, boolean y) {
        return across(g) == y ? g.opening().width() / 2 : 0;
    }

    /// Whether a body gets from a bed to before the opening on the floor.
    private boolean byFloor(Room.Gate g) {
        if (floor.isEmpty()) {
            return !night.walkable();
        }
        double[] start = WayThrough.step(g.x(), g.y(), g.wall());
        List<Passage.Face> faces = new ArrayList<>();
        for (Room.Standing b : beds) {
            for (Feature.Face face : WayThrough.SIDES) {
                double[][] edge = Motion.edge(b.solid(), face);
                faces.add(new Passage.Face(edge[0], edge[1], b.solid().outward(face)));
            }
        }
        double least = Math.min(Passage.SQUEEZE, Assumed.value(night.design(), Assumption.PASSAGE_STOP));
        for (double width : floor.get().upTo(start, faces)) {
            if (width >= least - ALIKE) {
                return true;
            }
        }
        return false;
    }

    /// Past the flame where the straight line from every bed leads close by one.
    private boolean pastFlame(Room.Gate g) {
        Design design = night.design();
        List<double[]> flames = design.things().stream().filter(t -> t.has(Feature.Flame.class))
                .map(t -> new double[]{t.at(night.mode()).x(), t.at(night.mode()).y()}).toList();
        return !beds.isEmpty() && beds.stream().allMatch(b -> flames.stream()
                .anyMatch(f -> Stretch.distance(b.solid().x(), b.solid().y(), g.x(), g.y(), f[0], f[1]) < 0.35));
    }

}
