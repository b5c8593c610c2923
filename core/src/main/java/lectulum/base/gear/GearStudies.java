package lectulum.base.gear;

import java.util.ArrayList;
import java.util.List;
import lectulum.design.Design;
import lectulum.design.base.Gear;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Stage;

/// The running gear before it is welded, and after: whether the axle stands square, where the hangers go, what guides it
/// sideways, and which tyre its guards leave room for.
///
/// What is not known gives no study. Linkages are rigid and plane; the maker's hanger table wins.
public final class GearStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("gear", "Running gear", Stage.BASE,
            in -> of(in.design(Design.Part.BASE, Design.Part.VEHICLE, Design.Part.SETTINGS)))
            .checking(GearRules.class, GearRemedies::of);

    private GearStudies() {
    }

    public static List<Study> of(Design design) {
        List<Study> studies = new ArrayList<>();
        Gear gear = design.base().carcass().gear();
        if (!gear.tapes().isEmpty()) {
            studies.add(AxleSquare.square(design, gear));
        }
        gear.springs().ifPresent(s -> studies.add(LeafSprings.springs(s)));
        gear.guide().ifPresent(g -> studies.add(Guides.guide(design, g)));
        Guards.guard(design).ifPresent(studies::add);
        return studies;
    }
}
