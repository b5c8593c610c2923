package lectulum.kernel.packing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;

/// Looks for the best places of a box in a room: the cost of every candidate first, collisions last.
///
/// Candidates put the box against walls, floor, tops and faces of what stands there, in both quarter turns. The cost weighs
/// the tongue share, the sideways balance, the height and what the caller adds. Ties: lower, further forward, nearer the
/// middle line.
///
/// @param room       low and high corner of the free space, x from the ball \[m\]
/// @param obstacles  what stands there, keep-clear spaces included
/// @param base       everything else aboard
/// @param axle       ball to axle \[m\], > 0
/// @param target     share of the loaded mass wanted on the ball
/// @param weights    of share, sideways balance and height
public record PlaceSearch(Box room, List<Obstacle> obstacles, Lump base, double axle, double target,
        double[] weights) {
    public static final double[] USUAL_WEIGHTS = {1, 1, 6};
    private static final double EPS = 1e-6;
    private static final double CONTACT = 0.001;
    private static final double SUPPORT = 0.70;
    private static final int MOST_LEVELS = 16;
    private static final int MOST_PLACES = 150;
    private static final int KEPT = 20_000;

    /// An upright box: low and high corner \[m\].
    public record Box(double x1, double y1, double z1, double x2, double y2, double z2) {
        boolean meets(Box o) {
            return x1 < o.x2 - CONTACT && o.x1 < x2 - CONTACT && y1 < o.y2 - CONTACT && o.y1 < y2 - CONTACT
                    && z1 < o.z2 - CONTACT && o.z1 < z2 - CONTACT;
        }
    }

    /// Something that stands in the room.
    ///
    /// @param mass 0 for a space that must stay clear \[kg\]
    public record Obstacle(Box box, double mass) {
    }

    /// A mass with its centre, x from the ball \[m\].
    public record Lump(double mass, double x, double y) {
    }

    /// What is to be placed.
    ///
    /// @param highest top of its underside range \[m\]; infinite where height does not matter
    public record Item(double length, double width, double height, double mass, double highest) {
    }

    /// A place for it.
    ///
    /// @param x    low corner \[m\]
    /// @param turned a quarter
    /// @param share of the loaded mass on the ball then
    /// @param sideways centre of gravity to the right of the middle then \[m\]
    public record Place(double x, double y, double z, boolean turned, double cost, double share, double sideways) {
    }

    /// A check that only the caller can make, such as curved roofs.
    public interface Allowed {
        boolean at(Box box, boolean turned);
    }

    /// The best few places.
    ///
    /// @param count   how many
    /// @param allowed asked last, for the cheapest candidates only
    /// @param stop    ends the search early with what was found
    public List<Place> best(Item item, int count, Allowed allowed, BooleanSupplier stop) {
        Lump all = together();
        PriorityQueue<Place> cheap = new PriorityQueue<>(ORDER.reversed());
        for (int turn = 0; turn < 2; turn++) {
            double l = turn == 0 ? item.length : item.width;
            double w = turn == 0 ? item.width : item.length;
            double[] alongAll = along(l).stream().mapToDouble(d -> d).toArray();
            double[] acrossAll = across(w).stream().mapToDouble(d -> d).toArray();
            for (double z : levels(item.highest)) {
                for (double x : alongAll) {
                    if (stop.getAsBoolean()) {
                        return List.of();
                    }
                    for (double y : acrossAll) {
                        double cost = cost(all, item, x, y, z, l, w);
                        if (cheap.size() < KEPT || cost <= cheap.peek().cost) {
                            keep(cheap, place(all, item, x, y, z, l, w, turn == 1));
                        }
                    }
                }
            }
        }
        List<Place> order = new ArrayList<>(cheap);
        order.sort(ORDER);
        List<Place> found = new ArrayList<>();
        for (Place p : order) {
            Box box = box(item, p);
            if (found.size() == count || stop.getAsBoolean()) {
                break;
            }
            if (obstacles.stream().noneMatch(o -> o.box.meets(box)) && carried(box) && allowed.at(box, p.turned)) {
                found.add(p);
            }
        }
        return found;
    }

    private static final Comparator<Place> ORDER = Comparator.comparingDouble(Place::cost)
            .thenComparingDouble(Place::z).thenComparingDouble(Place::x).thenComparingDouble(p -> Math.abs(p.y));

    private static void keep(PriorityQueue<Place> cheap, Place p) {
        if (cheap.size() < KEPT) {
            cheap.add(p);
        } else if (ORDER.compare(p, cheap.peek()) < 0) {
            cheap.poll();
            cheap.add(p);
        }
    }

    private static Box box(Item item, Place p) {
        double l = p.turned ? item.width : item.length;
        double w = p.turned ? item.length : item.width;
        return new Box(p.x, p.y, p.z, p.x + l, p.y + w, p.z + item.height);
    }

    private double cost(Lump all, Item item, double x, double y, double z, double l, double w) {
        double mass = all.mass + item.mass;
        double cx = (all.mass * all.x + item.mass * (x + l / 2)) / mass;
        double cy = (all.mass * all.y + item.mass * (y + w / 2)) / mass;
        return weights[0] * 100 * Math.abs((axle - cx) / axle - target) + weights[1] * Math.abs(cy) / 0.01
                + weights[2] * z;
    }

    private Place place(Lump all, Item item, double x, double y, double z, double l, double w, boolean turned) {
        double mass = all.mass + item.mass;
        double cx = (all.mass * all.x + item.mass * (x + l / 2)) / mass;
        double cy = (all.mass * all.y + item.mass * (y + w / 2)) / mass;
        double share = (axle - cx) / axle;
        return new Place(x, y, z, turned, cost(all, item, x, y, z, l, w), share, cy);
    }

    private Lump together() {
        double mass = base.mass;
        double x = base.mass * base.x;
        double y = base.mass * base.y;
        for (Obstacle o : obstacles) {
            mass += o.mass;
            x += o.mass * (o.box.x1 + o.box.x2) / 2;
            y += o.mass * (o.box.y1 + o.box.y2) / 2;
        }
        return mass > 0 ? new Lump(mass, x / mass, y / mass) : new Lump(0, 0, 0);
    }

    private List<Double> along(double l) {
        TreeSet<Double> at = new TreeSet<>(List.of(room.x1, room.x2 - l));
        obstacles.forEach(o -> at.addAll(List.of(o.box.x1, o.box.x2, o.box.x1 - l, o.box.x2 - l)));
        return sparse(at, room.x1, room.x2 - l);
    }

    private List<Double> across(double w) {
        TreeSet<Double> at = new TreeSet<>(List.of(room.y1, room.y2 - w));
        obstacles.forEach(o -> at.addAll(List.of(o.box.y1, o.box.y2, o.box.y1 - w, o.box.y2 - w)));
        return sparse(at, room.y1, room.y2 - w);
    }

    /// Places inside the room; too many are rounded to 10 mm.
    private static List<Double> sparse(TreeSet<Double> at, double low, double high) {
        List<Double> inside = at.stream().filter(v -> v >= low - EPS && v <= high + EPS).toList();
        if (inside.size() <= MOST_PLACES) {
            return inside;
        }
        return inside.stream().map(v -> Math.clamp(Math.round(v * 100) / 100.0, low, high)).distinct().toList();
    }

    private List<Double> levels(double highest) {
        TreeSet<Double> at = new TreeSet<>(List.of(room.z1));
        obstacles.stream().filter(o -> o.mass > 0).forEach(o -> at.add(o.box.z2));
        return at.stream().filter(z -> z <= highest + EPS).limit(MOST_LEVELS).toList();
    }

    private boolean carried(Box box) {
        if (box.x2 > room.x2 + EPS || box.y2 > room.y2 + EPS || box.z2 > room.z2 + EPS) {
            return false;
        }
        if (box.z1 <= room.z1 + EPS) {
            return true;
        }
        double area = 0;
        for (Obstacle o : obstacles) {
            if (o.mass > 0 && Math.abs(o.box.z2 - box.z1) < CONTACT) {
                area += Math.max(0, Math.min(box.x2, o.box.x2) - Math.max(box.x1, o.box.x1))
                        * Math.max(0, Math.min(box.y2, o.box.y2) - Math.max(box.y1, o.box.y1));
            }
        }
        return area >= SUPPORT * (box.x2 - box.x1) * (box.y2 - box.y1);
    }
}
