package lectulum.stage.trip;

import javafx.scene.Node;
import lectulum.parts.Form;
import lectulum.stage.StageCard;
import lectulum.stage.StageView;
import lectulum.stage.ThingCard;
import lectulum.trip.Outings;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Trip: what fails first, on the usual trip, in a hard week and in a hot one.
public final class TripStage implements StageView {
    private final StageCard card;

    public TripStage(Workbench bench, ThingCard thing) {
        Form sums = new Form(bench);
        sums.shown("The trip of the brief first fails", s -> first(s, Outings.USUAL));
        sums.shown("A hard week", s -> first(s, Outings.HARD));
        sums.shown("A hot week", s -> first(s, Outings.HOT));
        sums.shown("Lowest inside, hard week", "rehearsal.hard.inside");
        card = new StageCard("Trip", sums, "", thing);
    }

    private static String first(State s, String id) {
        return s.analysis().figures().find("rehearsal." + id + ".first").filter(f -> f.value().isPresent()).isPresent()
                ? "after " + s.shown("rehearsal." + id + ".first")
                : "nothing";
    }

    @Override
    public Node card() {
        return card.card();
    }

    @Override
    public void show(State state) {
        card.show(state);
    }
}
