package lectulum.layout.people;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.kernel.bodies.Needs;
import lectulum.kernel.bodies.Sleepers;
import lectulum.layout.Room;
import lectulum.space.Solid;

/// Who sleeps where at night, and how: length, width and height to sit up.
///
/// @param nests places to sleep, in the order of the design
/// @param where index of the nest of each person of the brief
public record Sleeping(List<Nest> nests, List<OptionalInt> where, int honest, int comfort) {
    /// Nobody, nowhere.
    static final Sleeping NOBODY = new Sleeping(List.of(), List.of(), 0, 0);
    /// From this height of its underside on a bed is an upper one \[m\].
    private static final double UPPER = 0.60;
    /// Side of the place in which somebody sits up \[m\].
    private static final double SITTING = 0.45;

    /// A place to sleep.
    ///
    /// @param thing its id
    /// @param sit   clear height above the mattress at the best place to sit up \[m\]; infinite in a tent
    public record Nest(String thing, String name, Feature.Bed bed, boolean upper, double sit, boolean outside) {
        Sleepers.Berth berth() {
            return new Sleepers.Berth(bed.length(), bed.width(), upper, bed.carries());
        }
    }

    public static Sleeping of(Room night, List<Person> brief) {
        List<Nest> nests = new ArrayList<>();
        for (var standing : java.util.stream.Stream.concat(night.inside().stream(), night.outside().stream())
                .toList()) {
            standing.thing().feature(Feature.Bed.class).ifPresent(bed -> {
                boolean outside = standing.thing().mount() == Mount.OUTSIDE;
                nests.add(new Nest(standing.thing().id(), standing.thing().name(), bed,
                        !outside && standing.solid().z1() >= UPPER,
                        outside ? Double.POSITIVE_INFINITY : sit(night, standing), outside));
            });
        }
        List<Sleepers.Berth> berths = nests.stream().map(Nest::berth).toList();
        List<Sleepers.Sleeper> people = brief.stream()
                .map(p -> new Sleepers.Sleeper(p.height(), p.mass(), p.age().orElse(Double.NaN))).toList();
        Sleepers assigned = Sleepers.assign(people, berths);
        return new Sleeping(nests, assigned.bed(), Sleepers.capacity(berths, 0.60), Sleepers.capacity(berths, 0.70));
    }

    /// The greatest clear height over a square in which somebody can sit, along the bed.
    private static double sit(Room night, Room.Standing bed) {
        Solid s = bed.solid();
        double best = 0;
        double way = Pose.along(s);
        double along = Math.max(0, Math.max(s.hl(), s.hw()) - SITTING / 2);
        for (int i = -10; i <= 10; i++) {
            double d = along * i / 10;
            Solid place = new Solid(s.x() + Math.cos(way) * d, s.y() + Math.sin(way) * d, s.z2(), s.z2() + 1,
                    Math.min(SITTING / 2, s.hl()), Math.min(SITTING / 2, s.hw()), s.c(), s.s());
            best = Math.max(best, night.ceiling(place, s.z2(), bed.thing().id()) - s.z2());
        }
        return best;
    }

    /// The nest of the person of that index.
    public Optional<Nest> of(int person) {
        OptionalInt at = where.get(person);
        return at.isPresent() ? Optional.of(nests.get(at.getAsInt())) : Optional.empty();
    }

    /// Whether somebody has a bed that is long enough and high enough above.
    public boolean well(Person person, int index) {
        Needs needs = new Needs(person.height());
        return of(index).filter(n -> n.bed.length() >= needs.lyingLeast() - 1e-9 && n.sit >= needs.sitUp() - 1e-9)
                .isPresent();
    }
}
