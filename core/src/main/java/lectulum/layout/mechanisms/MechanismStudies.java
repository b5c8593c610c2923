package lectulum.layout.mechanisms;

import java.util.stream.Stream;
import lectulum.balance.Balance;
import lectulum.design.Design;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.figures.Stage;
import lectulum.space.Bodies;

/// What opens, slides, hangs and carries: struts, lifting beds, runners, legs, slats and fixings.
public final class MechanismStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mechanisms", "Mechanisms", Stage.LAYOUT,
            in -> {
                Design design = in.design(Design.Part.BRIEF, Design.Part.VEHICLE, Design.Part.BASE, Design.Part.THINGS,
                        Design.Part.CASES, Design.Part.SETTINGS);
                return Stream.concat(StrutStudies.of(design, in.of(Bodies.DISCIPLINE).road()).stream(),
                        PartStudies.of(design, in.of(Balance.DISCIPLINE)).stream()).toList();
            })
            .checking(MechanismRules.class, MechanismRemedies::of);

    private MechanismStudies() {
    }
}
