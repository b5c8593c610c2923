package lectulum.layout;

import java.util.Optional;
import lectulum.design.Mode;
import lectulum.discipline.ByMode;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.figures.Stage;
import lectulum.kernel.plane.Passage;

/// The floor in one mode with what stands on it.
///
/// @param passage empty where nobody can stand straight enough to walk
public record Floor(Optional<Passage> passage) implements Result {
    private static final ByMode<Floor> BY_MODE = ByMode.of(mode -> new Discipline<>("floor." + ByMode.key(mode),
            "The floor in " + mode.label(), Stage.LAYOUT, Discipline.Pace.REST, in -> of(in, mode),
            () -> new Floor(Optional.empty())));

    public static Discipline<Floor> in(Mode mode) {
        return BY_MODE.in(mode);
    }

    private static Floor of(Reads in, Mode mode) {
        Room room = in.of(Room.in(mode));
        if (!room.walkable()) {
            return new Floor(Optional.empty());
        }
        for (Mode earlier : Mode.values()) {
            if (earlier == mode) {
                break;
            }
            Room other = in.of(Room.in(earlier));
            if (other.body() == room.body() && other.inside().equals(room.inside())) {
                return in.of(in(earlier));
            }
        }
        return new Floor(Optional.of(room.floor()));
    }
}
