package lectulum.space;

import java.util.List;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;

/// What stands on a lifting top or is set into it, and rises with it in camp and at night.
public final class OnTop {
    /// A foot or a flange reaches so far down \[m\].
    private static final double FLANGE = 0.06;

    private OnTop() {
    }

    /// Things that rise with the top but are not put higher yet; none where no top lifts.
    public static List<Thing> left(Design design) {
        return design.things().stream().filter(t -> !risen(design, t).equals(t)).toList();
    }

    /// The design with everything on the top where it is when the top is up.
    public static Design risen(Design design) {
        List<String> ids = left(design).stream().map(Thing::id).toList();
        return design.mapping(ids, t -> risen(design, t));
    }

    private static Thing risen(Design design, Thing thing) {
        double rise = design.base().carcass().lift().map(Carcass.Lift::rise).orElse(0.0);
        double roof = Body.of(design.base(), Mode.ROAD).roofInside().highest() - FLANGE;
        boolean on = (thing.mount() == Mount.OUTSIDE || thing.mount() == Mount.SET_IN) && !thing.place().away()
                && thing.place().z() >= roof;
        if (rise <= 0 || !on) {
            return thing;
        }
        Placement camp = up(thing.at(Mode.CAMP), roof, rise);
        Placement night = up(thing.at(Mode.NIGHT), roof, rise);
        Thing raised = camp.equals(thing.at(Mode.CAMP)) ? thing : thing.placed(Mode.CAMP, camp);
        return night.equals(raised.at(Mode.NIGHT)) ? raised : raised.placed(Mode.NIGHT, night);
    }

    private static Placement up(Placement at, double roof, double rise) {
        return at.away() || at.z() >= roof + rise - FLANGE || at.z() < roof ? at : at.moved(0, 0, rise);
    }
}
