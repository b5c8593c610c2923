package lectulum.space;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Stage;

/// The body in each mode; one and the same where no top rises.
public record Bodies(Map<Mode, Body> byMode) implements Result {

    public static final Discipline<Bodies> DISCIPLINE = new Discipline<>("bodies", "The body", Stage.BASE,
            Discipline.Pace.HAND, in -> of(in.part(Design::base)), () -> new Bodies(Map.of()));

    public static Bodies of(Base base) {
        Map<Mode, Body> bodies = new EnumMap<>(Mode.class);
        Body road = Body.of(base);
        boolean rises = base.carcass().lift().isPresent();
        for (Mode mode : Mode.values()) {
            bodies.put(mode, mode == Mode.ROAD || !rises ? road : Body.of(base, mode));
        }
        return new Bodies(Collections.unmodifiableMap(bodies));
    }

    /// The body as it rides.
    public Body road() {
        return byMode.get(Mode.ROAD);
    }

    public Body in(Mode mode) {
        return byMode.get(mode);
    }
}
