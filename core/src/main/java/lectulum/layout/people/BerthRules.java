package lectulum.layout.people;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked at each bed.
public enum BerthRules implements Rule {
    BERTH_FITTINGS("berth.fittings", "has every sleeper light, a socket, a pocket and a hook within reach");

    private final Card card;

    BerthRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LAYOUT, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
