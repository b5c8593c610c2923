package lectulum.water;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum WaterRules implements Rule {
    WATER_FRESH("water.fresh", "does the fresh water last the trip"),
    WATER_GREY("water.grey", "has the grey tank room for the trip"),
    WATER_WASTE("water.waste", "has the toilet room for the trip");

    private final Card card;

    WaterRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.WATER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
