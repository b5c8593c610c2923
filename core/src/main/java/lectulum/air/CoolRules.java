package lectulum.air;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of cooling.
public enum CoolRules implements Rule {
    COOLER("air.cooler", "does the air conditioner fit the hottest afternoon"),
    ICE("air.ice", "does the ice last until the way home");

    private final Card card;

    CoolRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.AIR, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
