package lectulum.layout.storage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.kernel.bodies.Reach;
import lectulum.kernel.plane.Passage;
import lectulum.layout.Room;
import lectulum.layout.doors.Motion;
import lectulum.space.Solid;

/// What can be got at on the road: what stands before each packed thing and each part that needs service.
///
/// @param byThing for packed and serviced things; absent where nothing is asked
public record Access(Map<String, Way> byThing) {

    /// The way to a thing.
    ///
    /// @param open   whether there is any
    /// @param door   id of the nearest opening it is got at through; empty where it stands outside
    /// @param behind ids of what has to be taken out first, in order
    /// @param ring   ids of things that wait for each other, so that none comes out first; empty where that is not the reason
    public record Way(boolean open, List<String> behind, String door, List<String> ring) {
        public Way(boolean open, List<String> behind, String door) {
            this(open, behind, door, List.of());
        }

        /// At once, with nothing unpacked.
        public boolean free() {
            return open && behind.isEmpty();
        }
    }

    public static Access of(Design design, Room road, Keeping keeping, Optional<Passage> floor) {
        List<Reach.Item> items = new ArrayList<>();
        Map<String, Room.Standing> inside = new HashMap<>();
        double hand = Assumed.value(design, Assumption.REACH_ROOM);
        for (Room.Standing s : road.inside()) {
            inside.put(s.thing().id(), s);
            items.add(new Reach.Item(s.thing().id(), box(s.solid()), !movable(s.thing()),
                    ways(design, road, s, hand, floor)));
        }
        Reach reach = new Reach(items);
        Map<String, Way> found = new LinkedHashMap<>();
        for (Thing t : design.things()) {
            if (!t.has(Feature.Packed.class) && !t.has(Feature.Service.class)) {
                continue;
            }
            String holder = keeping.home().getOrDefault(t.id(), t.id());
            if (inside.containsKey(holder)) {
                String door = nearest(road, inside.get(holder).solid());
                found.put(t.id(), reach.unpack(holder).map(l -> new Way(true, l, door))
                        .orElseGet(() -> new Way(false, List.of(), door, reach.ring(holder))));
            } else if (road.outside().stream().anyMatch(s -> s.thing().id().equals(holder))) {
                found.put(t.id(), new Way(true, List.of(), ""));
            }
        }
        return new Access(found);
    }

    private static String nearest(Room road, Solid s) {
        return road.gates().stream().filter(Room.Gate::opens)
                .min(java.util.Comparator.comparingDouble(g -> Math.hypot(g.x() - s.x(), g.y() - s.y())))
                .map(g -> g.thing().id()).orElse("");
    }

    private static boolean movable(Thing t) {
        return t.fix() == Fix.LOOSE || t.role() != Role.BUILT_IN;
    }

    private static Reach.Box box(Solid s) {
        return new Reach.Box(s.minX(), s.minY(), s.z1(), s.maxX(), s.maxY(), s.z2());
    }

    /// Free spaces of which one is enough: in front of its door or drawer, else before its cover, else before any face. Each must
    /// end where somebody can stand, or at an opening.
    private static List<Reach.Box> ways(Design design, Room road, Room.Standing s, double hand,
            Optional<Passage> floor) {
        List<Feature.Face> faces = new ArrayList<>();
        double deep = hand;
        Optional<Feature.Door> door = s.thing().feature(Feature.Door.class);
        Optional<Feature.Drawer> drawer = s.thing().feature(Feature.Drawer.class);
        door.ifPresent(d -> faces.add(d.face()));
        if (drawer.isPresent()) {
            faces.add(drawer.get().face());
            deep = Math.max(hand, drawer.get().travel());
        }
        if (faces.isEmpty()) {
            s.thing().feature(Feature.Service.class).ifPresent(cover -> faces.add(cover.face()));
        }
        if (faces.isEmpty()) {
            faces.addAll(List.of(Feature.Face.values()));
        }
        List<Reach.Box> ways = new ArrayList<>();
        for (Feature.Face face : faces) {
            Solid before = face == Feature.Face.TOP
                    ? new Solid(s.solid().x(), s.solid().y(), s.solid().z2(), s.solid().z2() + hand, s.solid().hl(),
                            s.solid().hw(), s.solid().c(), s.solid().s())
                    : Motion.pulled(s.solid(), face, deep);
            if (ends(design, road, before, floor)) {
                ways.add(box(before));
            }
        }
        return ways;
    }

    private static boolean ends(Design design, Room road, Solid before, Optional<Passage> floor) {
        double reach = Assumed.value(design, Assumption.REACH_HAND) + Math.min(before.hl(), before.hw());
        for (Room.Gate g : road.gates()) {
            if (g.opens() && Math.hypot(g.x() - before.x(), g.y() - before.y()) <= reach
                    + g.opening().width() / 2) {
                return true;
            }
        }
        boolean within = Math.abs(before.y()) < road.body().halfWidthInside(before.x())
                && before.x() > road.body().insideFront() && before.x() < road.body().insideRear();
        return within && floor.isPresent() && floor.get().toStanding(before.x(), before.y()) <= reach;
    }
}
