package lectulum.power;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum PowerRules implements Rule {
    POWER_NIGHTS("power.nights", "does the battery last the nights wanted");

    private final Card card;

    PowerRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
