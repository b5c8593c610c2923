package lectulum.materials.framing;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of a frame.
public enum StickRules implements Rule {
    NEAR("stud.near", "is an opening too near the end of a wall to be framed"),
    BAY("stud.bay", "is a bay wider than its neighbours");

    private final Card card;

    StickRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MATERIALS, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
