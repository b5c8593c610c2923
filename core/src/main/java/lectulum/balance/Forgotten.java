package lectulum.balance;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Role;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.kernel.statics.Part;

/// What nobody lists and every finished camper carries: glue, screws, sealant, wire, paint. A share of what is built by
/// hand, in the middle of the body, with a line of its own wherever masses are named.
public final class Forgotten {
    /// Stands for it where the id of a thing is expected; no thing can have it.
    public static final String ID = "forgotten things";
    /// Standard uncertainty, part of it (assumed).
    private static final double UNSURE = 0.6;
    /// Standard uncertainty of its place, part of the length of the body (assumed).
    private static final double SOMEWHERE = 0.25;
    private static final Set<SystemGroup> MADE = EnumSet.of(SystemGroup.STRUCTURE, SystemGroup.OPENINGS,
            SystemGroup.SLEEPING, SystemGroup.SEATING, SystemGroup.GALLEY);

    private Forgotten() {
    }

    /// Mass of what is built by hand, of which a share is forgotten \[kg\].
    public static double made(Design design) {
        double made = 0;
        for (Thing t : design.things()) {
            made += made(t);
        }
        return made;
    }

    /// Mass of a thing, where it is built by hand \[kg\].
    public static double made(Thing t) {
        return t.role() == Role.BUILT_IN && MADE.contains(t.system()) && !t.at(Mode.ROAD).away()
                ? t.mass().value()
                : 0;
    }

    /// Part of what is built by hand that is forgotten.
    public static double share(Design design) {
        return Math.max(0, Assumed.value(design, Assumption.MASS_FORGOTTEN));
    }

    /// Empty where nothing is built yet, or nothing is assumed to be forgotten.
    static Optional<Part> of(Design design) {
        double mass = Assumed.value(design, Assumption.MASS_FORGOTTEN) * made(design);
        if (!(mass > 0)) {
            return Optional.empty();
        }
        Base base = design.base();
        double length = base.shell().length();
        return Optional.of(new Part(ID, mass, base.tongueLength() + length / 2, 0,
                base.floorHeight() + base.shell().height() / 2, length, base.shell().width(), base.shell().height(),
                UNSURE * mass, SOMEWHERE * length, false, 1));
    }
}
