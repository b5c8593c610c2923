package lectulum.layout;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.kernel.bodies.WaysOut;
import lectulum.kernel.plane.Passage;
import lectulum.layout.change.Setup;
import lectulum.layout.doors.Escape;
import lectulum.layout.doors.Motion;
import lectulum.layout.keeping.Access;
import lectulum.layout.keeping.Keeping;
import lectulum.layout.people.Comfort;
import lectulum.layout.people.Pose;
import lectulum.layout.people.Sleeping;
import lectulum.space.Body;

/// How people live in a layout: sleep, ways out, doors and drawers, the way through, storage, reach, and the change from
/// mode to mode.
///
/// A camper in which nobody can stand has no way through; one without beds gives nobody a place to sleep.
///
/// @param passages the narrowest way from the door to what is used, by mode; absent where nobody walks in it
/// @param standing floor on which somebody can stand, by mode \[m²\]
/// @param motions  doors and drawers, by mode
/// @param comfort  heights and room about people
/// @param poses    where people lie, sit and stand, by mode
public record Living(Sleeping sleeping, WaysOut exits, List<WaysOut.Way> openings, Map<Mode, List<Motion>> motions,
        Map<Mode, Way> passages, Map<Mode, Double> standing, Keeping keeping, Access access, List<Setup> setups,
        Map<Mode, List<Pose>> poses, Comfort comfort, Figures figures, List<Finding> findings) {

    /// The narrowest of the ways that are walked.
    ///
    /// @param width \[m\]
    /// @param to    id of the thing it leads to
    public record Way(double width, String to) {
    }

    public static Living of(Design design, Map<Mode, Body> bodies) {
        Map<Mode, Room> rooms = new EnumMap<>(Mode.class);
        Map<Mode, List<Motion>> motions = new EnumMap<>(Mode.class);
        Map<Mode, Way> passages = new EnumMap<>(Mode.class);
        Map<Mode, Double> standing = new EnumMap<>(Mode.class);
        Map<Mode, Passage> floors = new EnumMap<>(Mode.class);
        for (Mode mode : Mode.values()) {
            Room room = Room.of(design, bodies.get(mode), mode);
            rooms.put(mode, room);
            motions.put(mode, Motion.of(room));
            if (room.walkable()) {
                Passage floor = same(rooms, floors, room).orElseGet(room::floor);
                floors.put(mode, floor);
                standing.put(mode, floor.standing());
                narrowest(room, floor).ifPresent(w -> passages.put(mode, w));
            }
        }
        Room night = rooms.get(Mode.NIGHT);
        Sleeping sleeping = Sleeping.of(night);
        WaysOut.Rule rule = new WaysOut.Rule(Assumed.value(design, "exit.large"),
                Assumed.value(design, "exit.small"), Assumed.value(design, "exit.apart"));
        List<WaysOut.Way> openings = Escape.of(night, Optional.ofNullable(floors.get(Mode.NIGHT)),
                motions.get(Mode.NIGHT), rule);
        WaysOut exits = WaysOut.of(openings, rule);
        Keeping keeping = Keeping.of(design);
        Access access = Access.of(design, rooms.get(Mode.ROAD), keeping, Optional.ofNullable(floors.get(Mode.ROAD)));
        Living bare = new Living(sleeping, exits, openings, motions, passages, standing, keeping, access,
                Setup.all(design), poses(design, rooms, sleeping), Comfort.of(design, rooms, sleeping),
                Figures.of(List.of()), List.of());
        return new Living(sleeping, exits, openings, motions, passages, standing, keeping, access, bare.setups,
                bare.poses, bare.comfort, LivingFigures.of(design, bare), LivingFindings.of(design, bare));
    }

    /// The narrowest of the ways that are walked in one mode alone; empty where nobody walks in it, or where there is no
    /// door.
    public static Optional<Way> passage(Design design, Body body, Mode mode) {
        Room room = Room.of(design, body, mode);
        return room.walkable() ? narrowest(room, room.floor()) : Optional.empty();
    }

    /// Doors and drawers in one mode alone.
    public static List<Motion> motions(Design design, Body body, Mode mode) {
        return Motion.of(Room.of(design, body, mode));
    }

    private static Map<Mode, List<Pose>> poses(Design design, Map<Mode, Room> rooms, Sleeping sleeping) {
        Map<Mode, List<Pose>> poses = new EnumMap<>(Mode.class);
        rooms.forEach((mode, room) -> poses.put(mode, Pose.in(design, room, sleeping)));
        return poses;
    }

    /// Whether the person of that index has a bed that is long enough and high enough above.
    public boolean sleepsWell(Design design, int person) {
        return sleeping.well(design.brief().people().get(person), person);
    }

    /// The floor of an earlier mode in which everything stands as in this one.
    private static Optional<Passage> same(Map<Mode, Room> rooms, Map<Mode, Passage> floors, Room room) {
        return floors.entrySet().stream().filter(e -> rooms.get(e.getKey()).inside().equals(room.inside()))
                .map(Map.Entry::getValue).findFirst();
    }

    /// Ways from the door to every bed at night, to seats and galleys by day.
    private static Optional<Way> narrowest(Room room, Passage floor) {
        Optional<Room.Gate> door = room.door();
        if (door.isEmpty()) {
            return Optional.empty();
        }
        double[] j = door.get().jambs();
        double[] start = step((j[0] + j[2]) / 2, (j[1] + j[3]) / 2, door.get().wall());
        List<Room.Standing> wanted = room.inside().stream().filter(s -> goal(room.mode(), s.thing())).toList();
        List<Passage.Face> faces = new ArrayList<>();
        for (Room.Standing s : wanted) {
            for (Feature.Face face : SIDES) {
                double[][] edge = Motion.edge(s.solid(), face);
                faces.add(new Passage.Face(edge[0], edge[1], s.solid().outward(face)));
            }
        }
        double[] widths = floor.upTo(start, faces);
        Way narrowest = null;
        for (int i = 0; i < wanted.size(); i++) {
            double widest = 0;
            for (int k = 0; k < SIDES.size(); k++) {
                widest = Math.max(widest, widths[i * SIDES.size() + k]);
            }
            if (narrowest == null || widest < narrowest.width) {
                narrowest = new Way(widest, wanted.get(i).thing().id());
            }
        }
        return Optional.ofNullable(narrowest);
    }

    public static final List<Feature.Face> SIDES = List.of(Feature.Face.FRONT, Feature.Face.REAR, Feature.Face.LEFT,
            Feature.Face.RIGHT);
    private static boolean goal(Mode mode, Thing t) {
        boolean bed = t.has(Feature.Bed.class);
        return mode == Mode.NIGHT
                ? bed
                : !bed && (t.has(Feature.Seat.class) || t.system() == SystemGroup.GALLEY && t.at(mode).z() < 0.3);
    }

    public static double[] step(double x, double y, Carcass.Face wall) {
        double in = 0.25;
        return switch (wall) {
            case LEFT -> new double[]{x, y + in};
            case RIGHT -> new double[]{x, y - in};
            case FRONT -> new double[]{x + in, y};
            default -> new double[]{x - in, y};
        };
    }
}
