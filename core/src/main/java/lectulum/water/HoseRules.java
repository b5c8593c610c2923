package lectulum.water;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of hoses.
public enum HoseRules implements Rule {
    BAY("water.hoseBay", "is there room for a hose when it is stowed"),
    REACH("water.hoseReach", "does the waste hose reach a drain downhill");

    private final Card card;

    HoseRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.WATER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
