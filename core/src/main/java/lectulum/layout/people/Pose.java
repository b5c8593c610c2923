package lectulum.layout.people;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.brief.Dog;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.SystemGroup;
import lectulum.kernel.bodies.Needs;
import lectulum.layout.FreeFloor;
import lectulum.layout.Room;
import lectulum.space.Solid;
import lectulum.symbols.Figure;
import lectulum.symbols.Posed;
import lectulum.symbols.Unfolded;

/// Somebody of the brief where a bed, a seat or the floor is, to be drawn to scale.
///
/// @param kind    lying, sitting or standing
/// @param x       middle of the body, behind the foremost point \[m\]
/// @param y       \[m\]
/// @param z       what the body rests on, above the floor \[m\]
/// @param along   direction from head to feet, or the way the face looks \[rad\]
/// @param stature \[m\]; of a dog from the nose to the root of the tail
/// @param tall    of a dog at the shoulder \[m\]; 0 for people
public record Pose(String person, String name, Kind kind, double x, double y, double z, double along,
        double stature, double tall) {

    /// Somebody.
    public Pose(String person, String name, Kind kind, double x, double y, double z, double along, double stature) {
        this(person, name, kind, x, y, z, along, stature, 0);
    }

    /// How somebody is there.
    public enum Kind {
        LYING, SITTING, STANDING, DOG
    }

    /// Everybody in a mode: at night on their beds, by day on seats, and the tallest without a seat before the galley.
    public static List<Pose> in(Design design, Room room, Sleeping sleeping) {
        List<Pose> poses = switch (room.mode()) {
            case NIGHT -> lying(design, room, sleeping);
            case CAMP -> byDay(design, room);
            case ROAD -> new ArrayList<>();
        };
        if (room.mode() != Mode.ROAD) {
            dogs(design, room, poses);
        }
        return List.copyOf(poses);
    }

    /// Each dog where floor is free for it and no other lies.
    private static void dogs(Design design, Room room, List<Pose> poses) {
        for (Dog dog : design.brief().dogs()) {
            FreeFloor.find(room, dog.lies(), dog.lair(), Dog.OVER)
                    .filter(f -> poses.stream().noneMatch(p -> p.kind == Kind.DOG && p.x == f.x() && p.y == f.y()))
                    .ifPresent(f -> poses.add(new Pose(dog.id(), dog.name(), Kind.DOG, f.x(), f.y(), 0, f.turn(),
                            dog.length(), dog.height())));
        }
    }

    private static List<Pose> lying(Design design, Room night, Sleeping sleeping) {
        List<Pose> poses = new ArrayList<>();
        List<Person> people = design.brief().people();
        for (int nest = 0; nest < sleeping.nests().size(); nest++) {
            String id = sleeping.nests().get(nest).thing();
            Solid bed = Unfolded.bed(design.thing(id).orElseThrow(), Mode.NIGHT);
            List<Person> here = new ArrayList<>();
            for (int i = 0; i < people.size(); i++) {
                if (sleeping.where().get(i).equals(OptionalInt.of(nest))) {
                    here.add(people.get(i));
                }
            }
            boolean crosswise = bed.hw() > bed.hl();
            double half = crosswise ? bed.hl() : bed.hw();
            for (int k = 0; k < here.size(); k++) {
                double off = half * ((2.0 * k + 1) / here.size() - 1);
                double dx = crosswise ? bed.c() * off : -bed.s() * off;
                double dy = crosswise ? bed.s() * off : bed.c() * off;
                poses.add(new Pose(here.get(k).id(), here.get(k).name(), Kind.LYING, bed.x() + dx, bed.y() + dy,
                        bed.z2(), along(bed), here.get(k).height()));
            }
        }
        return poses;
    }

    /// The way from head to feet on a bed: along its longer side \[rad\].
    static double along(Solid bed) {
        return bed.hw() > bed.hl() ? Math.atan2(bed.c(), -bed.s()) : Math.atan2(bed.s(), bed.c());
    }

    private static List<Pose> byDay(Design design, Room room) {
        List<Pose> poses = new ArrayList<>();
        List<Person> waiting = new ArrayList<>(design.brief().people());
        waiting.sort(Comparator.comparingDouble(Person::height));
        Optional<Room.Standing> galley = room.inside().stream()
                .filter(s -> s.thing().system() == SystemGroup.GALLEY && s.solid().z1() < 0.3 && room.walkable())
                .max(Comparator.comparingDouble(s -> s.solid().hl() * s.solid().hw()));
        if (galley.isPresent() && !waiting.isEmpty()) {
            poses.add(standing(room, galley.get(), waiting.removeLast()));
        }
        for (Room.Standing s : room.inside()) {
            int places = s.thing().feature(Feature.Seat.class).map(Feature.Seat::places).orElse(0);
            for (int k = 0; k < places && !waiting.isEmpty(); k++) {
                Person p = waiting.removeLast();
                double off = s.solid().hl() * ((2.0 * k + 1) / places - 1);
                double side = s.solid().y() > 0 ? -Math.PI / 2 : Math.PI / 2;
                poses.add(new Pose(p.id(), p.name(), Kind.SITTING, s.solid().x() + s.solid().c() * off,
                        s.solid().y() + s.solid().s() * off, s.solid().z2(), side, p.height()));
            }
        }
        return poses;
    }

    /// In front of the galley, on the side of the middle.
    private static Pose standing(Room room, Room.Standing galley, Person p) {
        Solid s = galley.solid();
        double way = s.y() > 0 ? -1 : 1;
        double y = s.y() + way * (s.reachY() + 0.25);
        return new Pose(p.id(), p.name(), Kind.STANDING, s.x(), y, 0, way > 0 ? -Math.PI / 2 : Math.PI / 2,
                p.height());
    }

    /// What somebody looks like there.
    public Posed posed() {
        return new Posed(switch (kind) {
            case LYING -> Figure.lying(stature);
            case SITTING -> Figure.sitting(stature, z);
            case STANDING -> Figure.standing(stature);
            case DOG -> Figure.dog(stature, tall);
        }, x, y, z, along);
    }

    /// What the body needs above what it rests on \[m\].
    public double needs() {
        Needs needs = new Needs(stature);
        return switch (kind) {
            case LYING -> needs.sitUp();
            case SITTING -> needs.headAboveSeat();
            case STANDING -> needs.standing();
            case DOG -> tall;
        };
    }
}
