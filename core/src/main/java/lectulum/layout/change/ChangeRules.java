package lectulum.layout.change;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum ChangeRules implements Rule {
    CHANGE_TIME("change.time", "is camp made in the minutes wanted",
            "a thing that has to be moved gets a place where it may stay, on the sheet."),
    CHANGE_RING("change.ring", "must a thing be set outside to change over",
            "one of them waits outside for a moment, or gets another place on the sheet."),
    CHANGE_HEAVY("change.heavy", "can one person move it",
            "a second pair of hands, or wheels under it.");

    private final Card card;

    ChangeRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LAYOUT, false);
    }

    ChangeRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.LAYOUT, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
