package lectulum.layout.change;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum ChangeRules implements Rule {
    CHANGE_TIME("change.time", "is camp made in the minutes wanted"),
    CHANGE_RING("change.ring", "must a thing be set outside to change over"),
    CHANGE_HEAVY("change.heavy", "can one person move it");

    private final Card card;

    ChangeRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LAYOUT, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
