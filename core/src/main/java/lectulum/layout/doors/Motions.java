package lectulum.layout.doors;

import java.util.List;
import lectulum.design.Mode;
import lectulum.discipline.ByMode;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.figures.Stage;
import lectulum.layout.Room;

/// The doors and drawers of one mode.
public record Motions(List<Motion> all) implements Result {
    private static final ByMode<Motions> BY_MODE = ByMode.of(mode -> new Discipline<>("motions." + ByMode.key(mode),
            "Doors and drawers in " + mode.label(), Stage.LAYOUT, Discipline.Pace.REST,
            in -> of(in, mode), () -> new Motions(List.of())));

    public static Discipline<Motions> in(Mode mode) {
        return BY_MODE.in(mode);
    }

    /// Where everything stands as in an earlier mode, everything moves as there.
    private static Motions of(Reads in, Mode mode) {
        Room room = in.of(Room.in(mode));
        for (Mode earlier : Mode.values()) {
            if (earlier == mode) {
                break;
            }
            if (in.of(Room.in(earlier)).same(room)) {
                return new Motions(in.of(in(earlier)).all().stream().map(m -> m.in(mode)).toList());
            }
        }
        return new Motions(List.copyOf(Motion.of(room)));
    }
}
