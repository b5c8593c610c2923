package lectulum.log;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of trips.
public enum JourneyRules implements Rule {
    WATER("log.water", "is as much water used as planned"), ENERGY("log.energy", "is as much energy used as planned",
            "which of the hours was typed wrong cannot be told from a total: Power has them one by one.");

    private final Card card;

    JourneyRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LOG, false);
    }

    JourneyRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.LOG, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
