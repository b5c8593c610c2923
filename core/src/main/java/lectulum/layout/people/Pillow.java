package lectulum.layout.people;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.brief.Person;
import lectulum.space.Solid;
import lectulum.symbols.Unfolded;

/// Where a head lies at night: of everybody who has a bed; in a camper of nobody, of each bed.
///
/// @param person id of who lies there; empty for nobody
/// @param name   of who lies there, or of the bed
/// @param bed    id of the thing
/// @param x      of the head, behind the foremost point of the body \[m\]
/// @param y      \[m\]
/// @param z      of the head, above the floor \[m\]
/// @param along  direction from head to feet \[rad\]
/// @param tent   whether the bed is in a tent that is folded out
public record Pillow(String person, String name, String bed, double x, double y, double z, double along,
        boolean tent) {
    /// From the end of a bed to the middle of a head on it, and from the mattress up to the eyes \[m\] (assumed).
    public static final double FROM_END = 0.25;
    private static final double EYES = 0.15;

    /// In the order of the brief.
    public static List<Pillow> of(Design design, People people) {
        Sleeping sleeping = people.sleeping();
        List<Person> brief = design.brief().people();
        List<Pillow> all = new ArrayList<>();
        if (brief.isEmpty()) {
            for (Sleeping.Nest n : sleeping.nests()) {
                Solid bed = bed(design, n);
                all.add(pillow("", n.name(), n, bed, bed.x(), bed.y(), Pose.along(bed)));
            }
            return all;
        }
        for (Pose p : people.poses().getOrDefault(Mode.NIGHT, List.of())) {
            OptionalInt who = IntStream.range(0, brief.size())
                    .filter(i -> brief.get(i).id().equals(p.person())).findFirst();
            Optional<Sleeping.Nest> nest = who.isPresent() && p.kind() == Pose.Kind.LYING
                    ? sleeping.of(who.getAsInt())
                    : Optional.empty();
            nest.ifPresent(n -> all.add(pillow(p.person(), p.name(), n, bed(design, n), p.x(), p.y(), p.along())));
        }
        return all;
    }

    private static Solid bed(Design design, Sleeping.Nest nest) {
        return Unfolded.bed(design.thing(nest.thing()).orElseThrow(), Mode.NIGHT);
    }

    /// @param x of the middle of who lies there
    private static Pillow pillow(String person, String name, Sleeping.Nest nest, Solid bed, double x, double y,
            double along) {
        double up = Math.max(0, Math.max(bed.hl(), bed.hw()) - FROM_END);
        return new Pillow(person, name, nest.thing(), x - Math.cos(along) * up, y - Math.sin(along) * up,
                bed.z2() + EYES, along, nest.outside());
    }

    /// Upper side of what the head lies on \[m\].
    double mattress() {
        return z - EYES;
    }

    /// A point as something that has a place.
    Solid point() {
        return new Solid(x, y, z, z, 0, 0, 1, 0);
    }
}
