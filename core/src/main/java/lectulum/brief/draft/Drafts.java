package lectulum.brief.draft;

import java.util.List;
import lectulum.air.Provision;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.logbook.Logbook;
import lectulum.units.Units;

/// Draws a camper of a concept for the brief of a design. The same brief, concept and plan give the same camper.
public final class Drafts {
    /// The longest body that is drawn \[m\].
    public static final double LONGEST = 9;

    private Drafts() {
    }

    /// The camper, with the brief, the vehicles, the load cases and the settings of the design it is drawn for. What the brief
    /// asks beyond any camper is left unmet: the checks say it.
    public static Design draw(Design brief, Concept concept, Plan plan) {
        Wanted wanted = Wanted.of(brief, plan);
        Design empty = brief.withThings(List.of()).withWeighings(List.of()).withAccepted(List.of())
                .withWorks(brief.works().withJobs(List.of())).withLogbook(Logbook.NONE)
                .with(brief.brief().withType(concept.type()));
        Design drawn = switch (concept) {
            case TEARDROP -> new TeardropDraft(empty, wanted, plan).draw();
            case TENT_BOX, LOW_TRAY -> new TentDraft(empty, concept, wanted, plan).draw();
            case CARGO_BOX, LIFTING_ROOF, FULL_HEIGHT, BOUGHT_USED -> new BoxDraft(empty, concept, wanted, plan).draw();
        };
        Design settled = Rolling.settled(Provision.of(drawn), concept);
        return settled.with(settled.settings()
                .with(Assumption.HOURS_BASE.id(),
                        Math.round(Rolling.hours(concept, settled.base().shell()) / Units.HOUR) * Units.HOUR)
                .with(Assumption.CAMP_REAR_JACKS.id(), 2));
    }
}
