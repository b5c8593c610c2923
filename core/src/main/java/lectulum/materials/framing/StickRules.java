package lectulum.materials.framing;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of a frame.
public enum StickRules implements Rule {
    NEAR("stud.near", "is an opening too near the end of a wall to be framed",
            "the opening is moved, or made smaller, on the sheet; which of the two is for you to say."),
    BAY("stud.bay", "is a bay wider than its neighbours");

    private final Card card;

    StickRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MATERIALS, false);
    }

    StickRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.MATERIALS, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
